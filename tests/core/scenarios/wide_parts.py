"""Batches in arms, foods that are counted, bowls near the signs of a family, steps under way."""

import itertools
import random
from functools import partial
from typing import Any, Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.cooking.preheat import with_preheats
from gasket.core.cooking.schedule import HANDS, Task, schedule
from gasket.core.cooking.step_text import read_step
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.consistency import consistencies
from gasket.core.rebuild.family_signs import by_contents, likeliest
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.resizing import out_of_step
from gasket.core.rebuild.trial import Build
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.solver.limits import Spot, limits_of
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.words import minutes_words, with_article
from gasket.core.weighing.records import Kind, Origin, Record
from gasket.formats.batch_json import to_batch
from tests.core.builds import ALL, ingredient, workpiece
from tests.core.scenarios.model import START, Answers, answered, digest, scenario
from tests.core.scenarios.weighing import PANELS, WRITTEN

_LABELS: Final = {
    "oats": {"style": "eu", "basis_g": 100, "kcal": 371, "protein_g": 12.5, "fat_g": 7}
    | {"carbohydrate_g": 60, "fibre_g": 9},
    "oil": {"style": "us", "basis_g": 14, "kcal": 120, "fat_g": 14, "protein_g": 0}
    | {"carbohydrate_g": 0, "fibre_g": 0},
    "bar": {"style": "us", "basis_pieces": 1, "piece": "bar", "kcal": 190, "protein_g": 20},
}
_GRAMS: Final = (1, 10, 25, 40, 80, 100, 150, 160)


def _lines(rng: random.Random, most: int) -> list[dict[str, Any]]:
    found: list[dict[str, Any]] = [
        {"label": rng.choice(["oats", "oil"]), "grams": rng.choice(_GRAMS)}
        for _ in range(rng.randint(0, most))
    ]
    return found + [{"label": "bar", "count": 1.5}] * (rng.random() < 0.1)


@scenario
def wide_arms() -> Answers:
    for seed in range(120):
        rng = random.Random(seed)
        parts = [
            {"name": name, "lines": _lines(rng, 3), "leftover_g": rng.choice([0, 0, 5])}
            for name in ("base", "mixture", "glaze")[: rng.randint(1, 3)]
        ]
        if len(parts) > 1 and rng.random() < 0.5:
            parts[0]["lines"].append({"component": parts[1]["name"], "grams": rng.choice(_GRAMS)})
        arms = [
            {
                "name": rng.choice([f"arm {i}", "base"]),
                "grams": rng.choice(_GRAMS),
                "components": [{"name": rng.choice(["arm", "base"]), "lines": _lines(rng, 2)}],
                "portions": rng.choice([{"count": 2}, {"serving_g": 20}]),
                **({"cooked_g": 50} if rng.random() < 0.2 else {}),
            }
            for i in range(rng.randint(1, 3))
        ]
        document = {
            **{"format": "gasket-batch", "version": 2, "labels": _LABELS, "components": parts},
            **{"settings": {"residue": rng.choice(["counted", "left"])}, "arms": arms},
            **{"portions": {"count": 4}},
            **({"mixture_g": rng.choice(_GRAMS)} if rng.random() < 0.4 else {}),
        }
        yield f"{seed}", digest(answered(partial(_reckoned, document)))


def _reckoned(document: dict[str, Any]) -> Any:
    return reckon(to_batch(document))


_COUNTED: Final[tuple[tuple[str, FoodKind], ...]] = (
    *(("protein bar", "bar"), ("egg", "egg"), ("wrap", "bread"), ("slice of cheese", "cheese")),
)


def _by_piece(key: int, name: str, kind: FoodKind) -> Ingredient:
    label = Label(
        name=name,
        style="us",
        basis_pieces=1,
        piece="piece",
        kcal=90,
        protein_g=8,
        fat_g=4,
        carbohydrate_g=5,
        fibre_g=1,
        sugars_g=2,
        sodium_mg=90,
    )
    return Ingredient(key, key, name, label, Package(price=2, pack_pieces=6), kind)


@scenario
def wide_pieces() -> Answers:
    """Bowls with foods that are only counted."""
    families = ("cake", "sandwich", "no_bake", "pancake", "tray")
    for n in range(60):
        rng = random.Random(n)
        bowl = {food: rng.choice(_GRAMS) for food in rng.sample(sorted(ALL), 3)}
        plain = workpiece(bowl, rng.randint(1, 6), family=families[n % 5])
        extra = {900 + i: _by_piece(900 + i, *of) for i, of in enumerate(_COUNTED)}
        (part,) = plain.build.components
        lines = [
            {"id": f"piece {key}", "label_id": key, "target_g": 0.0, "count": rng.choice([1, 2.5])}
            for key in rng.sample(sorted(extra), rng.randint(1, 3))
        ]
        whole = [*(line.model_dump() for line in part.lines), *lines]
        build = Build.model_validate(
            plain.build.model_dump() | {"components": [{"name": part.name, "lines": whole}]}
        )
        piece = Workpiece(build, {**plain.ingredients, **extra}, plain.per_serving)
        checked = CheckedBuild(piece)
        spots = [Spot(line.ingredient, line.part, line.per_serving) for line in piece.lines()]
        limits = [(of.key, of.low, of.high, [*map(of.weigh, spots)]) for of in limits_of(checked)]
        said = [list(check_build(checked)), limits, by_contents(piece), likeliest(piece)]
        said += [list(consistencies(piece, {})), [piece.serving(name) for name in _SERVING]]
        said.append([(line.ingredient.water, line.ingredient.is_dry) for line in piece.lines()])
        yield f"{n}", digest(said)


_SERVING: Final = ("grams", "kcal", "protein_g", "fat_g", "fibre_g", "cost", "sugars_g")


@scenario
def wide_states() -> Answers:
    """Foods as their packages call them: raw, dry, cooked, drained; and one without a weight."""
    poured = Label(style="eu", basis_ml=100, kcal=40, protein_g=3, fat_g=1, carbohydrate_g=5)
    by_volume = Ingredient(800, 800, "milk", poured, Package(), "milk")
    yield "by volume", digest([by_volume.is_dry, by_volume.water, by_volume.dry_base])
    for name, state in itertools.product(ALL, ("raw", "cooked", "dry", "drained", "as_prepared")):
        of = ingredient(name)
        food = Ingredient(of.label_id, of.food_id, of.name, of.label, Package(state=state), of.kind)
        yield f"{name} {state}", digest([food.is_dry, food.water, food.dry_base])


@scenario
def wide_signs() -> Answers:
    """What a bowl looks like, with its foods in every proportion."""
    foods = sorted(ALL)
    for n in range(50):
        rng = random.Random(n)
        few = rng.sample(foods, rng.randint(2, 5))
        said: list[Any] = []
        for _ in range(8):
            bowl = {food: float(rng.choice((2, 5, 10, 20, 30, 50, 90, 100, 180))) for food in few}
            piece = workpiece(bowl, 1)
            said.append([by_contents(piece), likeliest(piece)])
        yield ", ".join(few), digest(said)


@scenario
def wide_shares() -> Answers:
    """A food beside another, by tenths: most signs begin at one."""
    for name in sorted(ALL):
        said: list[Any] = []
        for other, tenths in itertools.product(("flour", "quark", "egg"), range(1, 10)):
            bowl = {other: 100.0 - 10 * tenths} | {name: 10.0 * tenths}
            said.append([found.key for found in [by_contents(workpiece(bowl, 1))] if found])
        yield name, said


@scenario
def wide_running() -> Answers:
    """Steps of which some have begun, and some are put off."""
    for seed in range(60):
        rng = random.Random(seed)
        begun = rng.randint(0, 3)
        tasks = [
            Task(
                f"s{i}",
                float(rng.choice([0, 1, 3, 8, 20, 45])),
                frozenset(rng.sample([HANDS, "oven", "stove"], rng.randint(0, 2))),
                frozenset({f"s{rng.randrange(i)}"} if i > begun and rng.random() < 0.6 else ()),
                late=rng.random() < 0.3,
                running=i < begun,
            )
            for i in range(rng.randint(2, 9))
        ]
        yield f"{seed}", digest(schedule(tasks))


@scenario
def wide_preheats() -> Answers:
    """A preheat is for the first step behind it that is hot in the same tool, if there is one."""
    texts = ("preheat the oven", "bake 180 C 20 min", "chill 1 h", "broil 5 min", "mix it")
    for some in itertools.permutations(texts, 3):
        steps = [read_step(text, f"s{i}") for i, text in enumerate(some)]
        yield ", ".join(some), digest(with_preheats(steps))


@scenario
def wide_steps_apart() -> Answers:
    """Lines that did not go along when the rest was scaled, by little or much."""
    for grams, factor in itertools.product((1.0, 2.0, 5.0, 40.0), (1.5, 2.0, 2.25, 2.5, 3.0)):
        before = workpiece({"flour": 100, "sugar": 50, "egg": 60, "milk": 80, "salt": grams}, 4)
        after = {"flour": 200, "sugar": 100, "egg": 120, "milk": 160, "salt": grams * factor}
        found = out_of_step(workpiece(after, 4).build, before.build)
        yield f"{grams} × {factor}", [(line.line_id, line.factor) for line in found]


@scenario
def wide_cooked() -> Answers:
    """Pieces weighed after cooking, one of them nothing."""
    for weights in itertools.product((0.0, 90.0, 100.0), repeat=3):
        typed = {"origin": Origin.HAND, "at": START}
        lines = [
            Record(id=f"record-{of.id}", kind=Kind.LINE, line=of.id, net_g=100, **typed)
            for of in WRITTEN
        ]
        pieces = [
            Record(id=f"record-piece-{i}", kind=Kind.PORTION, piece=i, net_g=grams, **typed)
            for i, grams in enumerate(weights, start=1)
        ]
        made = WeighedBatch(
            written=WRITTEN,
            records=(*lines, *pieces),
            panels=PANELS,
            portions=3,
            divided=Dividing(pieces=3, weighed_cooked=True),
        )
        yield f"{weights}", answered(partial(_divided, made))


def _divided(made: WeighedBatch) -> Any:
    return made.batch.model_dump(mode="json", include={"cooked_g", "portions"})


@scenario
def wide_words() -> Answers:
    for minutes in (
        0,
        0.001,
        0.2,
        0.5,
        0.99,
        1,
        1.5,
        2.4,
        59.4,
        59.6,
        60,
        61,
        90,
        119.7,
        1440,
        1500,
    ):
        yield f"{minutes} min", minutes_words(minutes)
    for name in (
        "Loaf",
        "BBQ sauce",
        "the glaze",
        "A",
        "",
        "Our own batter",
        "an icing",
        "iced top",
    ):
        yield f"named {name}", with_article(name)
