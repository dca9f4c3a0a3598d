"""Batches reckoned and divided, labels audited and compared."""

import itertools
import random
from typing import Any, Final

from gasket.core.label.audit import above_basis, audit
from gasket.core.label.label import Label
from gasket.core.label.naming import FoodTitles, fit
from gasket.core.label.package import Package
from gasket.core.label.tolerance import tolerated
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.dividing import ways
from gasket.core.reckoning.filling import FillingOfPiece, above_what_is_left, level_g, targets
from gasket.core.reckoning.pan_cut import PanCut, cut, factors
from gasket.core.reckoning.pieces import learned, relative_spread
from gasket.core.reckoning.portions import scoop, target_each_g
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.side_by_side import compare
from gasket.formats.batch_json import to_batch
from tests.core.scenarios.model import Answers, answered, plain, scenario
from tests.core.test_margin_simulation import random_batch, random_label

_GIVEN: Final = ("kcal", "protein_g", "carbohydrate_g", "net_carbohydrate_g", "fat_g", "fibre_g")


def _short(result: Any) -> Any:
    """A result without what its serving says already."""
    said = plain(result)
    return {key: said[key] for key in ("serving", "findings", "original") if key in said} | {
        "batch": {name: said["batch"].get(name) for name in _GIVEN}
    }


@scenario
def reckoned() -> Answers:
    for seed in range(12):
        batch = random_batch(seed, unsaid=0.5 if seed % 3 else 0.0, in_parts=seed % 2 == 0)
        original = Original(name="x", serving_g=120, kcal=400, protein_g=9, fat_g=20)
        yield f"random {seed}", _short(reckon(batch.model_copy(update={"original": original})))
    for seed in range(4):
        batch = random_batch(seed)
        for energy in ("us", "us_449", "eu"):
            settings = batch.settings.model_copy(update={"energy": energy})
            found = reckon(batch.model_copy(update={"settings": settings}))
            yield f"energy {energy} {seed}", plain(found.serving)


@scenario
def divided() -> Answers:
    for portions in (
        {"count": 6},
        {"count": 6, "serving_pieces": 1.5},
        {"serving_g": 90},
        {"weights_g": [100, 120, 95, 0], "weights_state": "raw"},
        {"weights_g": [100, 120, 300], "weights_state": "cooked"},
    ):
        for more in ({}, {"mixture_g": 380.0}, {"mixture_g": 391.0, "cooked_g": 340.0}):
            document = {
                **{"format": "gasket-batch", "version": 1, "portions": portions},
                "labels": {"a": dict(_FLAT)},
                "components": [{"name": "all", "lines": [{"label": "a", "grams": 400}]}],
                **more,
            }
            yield f"{portions} {more}", answered(lambda given=document: reckon(to_batch(given)))
    facts = reckon(random_batch(3)).batch
    yield "ways", plain(ways(facts, 800.0, (1, 3, 4, 8, 12)))
    for mixture, fill in ((1000.0, 120.0), (95.0, 100.0), (1000.0, 33.3), (60.0, 0.5)):
        yield f"scoop {mixture} {fill}", plain(scoop(mixture, fill))
        yield f"each {mixture}", target_each_g(mixture, 7)
    pieces = [101.0, 96.5, 110.0, 92.0]
    yield "spread", (relative_spread(pieces), learned([pieces, [50, 55], [70, 71, 69]]))
    for pan in (
        {"rows": 3, "columns": 4, "length_cm": 30, "width_cm": 20},
        {"rows": 1, "columns": 1, "length_cm": 30, "width_cm": 20},
        {"rows": 2, "columns": 5},
        {"wedges": 8, "diameter_cm": 26},
        {"wedges": 6},
        {"rows": 3, "columns": 3, "diameter_cm": 20},
        {"rows": 4, "columns": 2, "length_cm": 33},
    ):
        yield f"cut {pan}", answered(lambda given=pan: cut(PanCut.model_validate(given)))
    yield "factors", [factors(n) for n in (1, 2, 7, 12, 36, 97, 100)]


_FLAT: Final = {
    **{"style": "table", "spread": 0.1, "basis_g": 100, "kcal": 200, "protein_g": 10},
    **{"carbohydrate_g": 30, "fat_g": 4, "fibre_g": 5, "sugars_g": 6, "saturated_g": 1},
    **{"sodium_mg": 50},
}


@scenario
def filled() -> Answers:
    there = {1: FillingOfPiece(201.0), 2: FillingOfPiece(180.0, odd=True), 3: FillingOfPiece(150.0)}
    for whole, pieces, two_pass in itertools.product((900.0, 500.0, 0.0), (4, 6, 3), (True, False)):
        yield (
            f"targets {whole} {pieces} {two_pass}",
            answered(
                lambda w=whole, p=pieces, t=two_pass: targets(w, p, there, two_pass=t, slack_g=2.0)
            ),
        )
    for piece, net, on_top in (
        (4, 380.0, False),
        (1, 20.0, True),
        (2, 700.0, False),
        (9, 1.0, True),
    ):
        says = above_what_is_left(900.0, there, piece, net, on_top=on_top)
        yield f"above {piece} {net} {on_top}", says
    yield "level", [level_g([50, 60, 80], left) for left in (0, 5, 30, 200)]


_PACK: Final = Package(price=3.5, pack_g=250)


@scenario
def labels() -> Answers:
    rng = random.Random(4)
    for n in range(24):
        given = random_label(rng, unsaid=0.4)
        if n % 4 == 0:
            given |= {"polyols_g": 5.0, "polyol": rng.choice(["erythritol", "maltitol", None])}
        if n % 5 == 0:
            given |= {"kcal": round(given.get("kcal", 100) * 1.4)}
        if n % 6 == 0:
            given |= {"kj": round(4.2 * given.get("kcal", 100)), "sugars_g": 0, "fat_g": 0}
        given = {key: value for key, value in given.items() if value is not None}
        label = Label.model_validate(given)
        yield f"audit {n}", answered(lambda of=label: audit(of, 0.2))
        yield f"tolerated {n}", answered(lambda of=label: tolerated(of))
        yield f"above {n}", [str(fault) for fault in above_basis(label)]
        yield f"beside {n}", answered(lambda of=label: compare(of, _PACK, "labelled"))


@scenario
def names() -> Answers:
    foods = [
        FoodTitles("Cream cheese, light", ("light cream cheese",), ("Northlight light",)),
        FoodTitles("Rice, white, dry", ("white rice",), ()),
        FoodTitles("Rice, white, cooked", (), ()),
        FoodTitles("Sugar, brown", ("brown sugar", "muscovado"), ()),
        FoodTitles("Egg, whole, raw", ("eggs",), ()),
    ]
    typed = ("cream cheese", "light cream cheese", "rice", "brown sugar", "egg", "sugar", "eggs")
    for words in typed:
        for states in ((), ("cooked",), ("dry",), ("raw",)):
            yield f"{words} {states}", [int(fit(words, states, food)) for food in foods]
