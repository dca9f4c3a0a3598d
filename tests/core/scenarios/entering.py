"""Lines and claims as they are typed."""

from pathlib import Path
from typing import Any

from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import ClaimSheet
from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import FoodBackground
from gasket.core.entry.spelling import written
from gasket.core.entry.work_out import work_out
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.trade.quantities import HouseholdSystem
from gasket.formats.claim_text import parse_claims
from tests.core.scenarios.model import Answers, answered, scenario


@scenario
def typed_lines() -> Answers:
    facts = FoodFacts(
        density_g_per_ml=0.6,
        measures=(
            Measure(name="medium", grams=110),
            Measure(name="large", grams=150),
            Measure(name="small", grams=70, origin="weighed"),
            Measure(name="clove", grams=5),
        ),
        refuse_share=0.2,
        drained_share=0.6,
    )
    label = Label(style="us", basis_g=31, protein_g=23, kcal=120)
    package = Package(price=3, pack_g=400, drained_g=240)
    lines = [
        line.split("=>")[0].strip()
        for line in (Path(__file__).parents[1] / "recipe_lines.txt").read_text().splitlines()
        if line and line[0] != "#"
    ]
    for i, line in enumerate(lines):
        system = list(HouseholdSystem)[i % len(HouseholdSystem)]
        known = FoodBackground(facts, label, package, system, i % 3 == 0)

        def read(text: str = line, known: FoodBackground = known) -> Any:
            entry = parse_entry(text)
            worked = work_out(entry, known)
            readings = [
                (
                    reading.grams,
                    reading.low_g,
                    reading.high_g,
                    reading.how,
                    reading.needs is not None,
                )
                for reading in worked.readings
            ]
            return written(entry), worked.question, readings

        yield line, answered(read)


@scenario
def claim_texts() -> Answers:
    for text in (
        "410 kcal, 40 P / 30 C / 12 F, makes 6, whole pan 2,460",
        "410 kcal, 40 P / 30 C / 22 F",
        "300 kcal, protein 30, carbs 40, fat 10, fibre 12",
        "Plain: 240 kcal, 20 P, 20 C, 9 F\nTopped: 310 kcal, 21 P, 30 C, 12 F",
        "8 servings, 200 kcal, whole batch 1700 kcal",
        "whole batch 330 kcal, 15 pieces",
        "150 kcal 20/10/3 makes 12, batch 1800 kcal 240 P 120 C 36 F",
        "95 kcal, 4 P, 20 C, 0 F, 12 g erythritol",
    ):
        parsed = parse_claims(text)
        for relation in ("apart", "same_pan", "same_base"):
            sheet = ClaimSheet(claims=parsed, relation=relation)
            yield f"{relation}: {text}", answered(lambda of=sheet: check_claims(of))
