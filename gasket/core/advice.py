"""All that the trade has to say of a batch file: what kind of dish it is, its checks, its safety,
its steps, how it keeps."""

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import BuildCheck, check_build
from gasket.core.cooking.keeping import Keeps, keeping
from gasket.core.cooking.safety import Reason, meat_reason, rule, set_by_egg
from gasket.core.cooking.steps import Step
from gasket.core.cooking.usual_steps import as_food, foods_of, usual_steps
from gasket.core.label.package import Package
from gasket.core.law.claim_rules import NutritionClaim
from gasket.core.law.claims import claims
from gasket.core.numbers import Answer
from gasket.core.rebuild.family_signs import FamilyGuess, family_of
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, Terms
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.reckon import reckon
from gasket.core.trade.families import Family
from gasket.core.trade.kind_reading import kind_read
from gasket.core.trade.kinds import EGGS, FoodKind


class CoreTemperature(Answer):
    """A core temperature that is asked for, held so long, and the labels that ask for it."""

    core_c: float
    hold_s: float
    rule: Reason
    because: tuple[str, ...]


class Advice(Answer):
    """What is said of a batch file; `family` is None where nobody can tell what dish it is."""

    family: FamilyGuess | None
    kinds: dict[str, FoodKind]
    checks: tuple[BuildCheck, ...]
    safety: tuple[CoreTemperature, ...]
    claims: tuple[NutritionClaim, ...]
    steps: tuple[Step, ...]
    storage: tuple[Keeps, ...]


def advise(batch: Batch) -> Advice:
    """Raises `FaultyInput` for a batch that cannot be reckoned."""
    result = reckon(batch)
    keys = {name: i for i, name in enumerate(batch.labels, start=1)}
    piece = _workpiece(batch, keys)
    dish = batch.name or (batch.original.name if batch.original else "")
    guess = family_of(dish, piece)
    family = guess.key if guess else None
    build = piece.build.model_copy(update={"terms": Terms(family=family)})
    piece = Workpiece(build, piece.ingredients, piece.per_serving)
    kinds = {name: piece.ingredients[key].kind for name, key in keys.items()}
    return Advice(
        family=guess,
        kinds=kinds,
        checks=check_build(CheckedBuild(piece=piece)),
        safety=_safety(piece, {key: name for name, key in keys.items()}, family),
        claims=claims(
            result.serving, batch.original, None, piece.protein_by_kind(), drink=family == "drink"
        ),
        steps=usual_steps(piece, family, dish) if family else (),
        storage=keeping(family, kinds.values()),
    )


def _workpiece(batch: Batch, keys: dict[str, int]) -> Workpiece:
    build = Build(
        portions=batch.portions.count or len(batch.portions.weights_g or ()) or 1,
        components=tuple(
            BuildComponent(
                name=part.name,
                lines=tuple(
                    BuildLine(
                        id=f"{i}-{j}",
                        label_id=keys[line.label] if line.label else None,
                        component=line.component,
                        target_g=line.grams or 0.0,
                        count=line.count,
                    )
                    for j, line in enumerate(part.lines)
                ),
            )
            for i, part in enumerate(batch.components)
        ),
    )
    ingredients = {
        keys[name]: Ingredient(
            label_id=keys[name],
            food_id=keys[name],
            food=label.name or name,
            label=label,
            package=Package(),
            kind=read.kind,
            kind_sure=read.sure,
        )
        for name, label in batch.labels.items()
        for read in [kind_read(None, label.name or name, (), "")]
    }
    return Workpiece.of(build, ingredients, batch)


def _safety(
    piece: Workpiece, names: dict[int, str], family: Family | None
) -> tuple[CoreTemperature, ...]:
    because: dict[Reason, dict[str, None]] = {}
    set_parts = set_by_egg(foods_of(piece), family)
    for placed in piece.lines():
        reasons = [meat_reason(as_food(placed))]
        if placed.part in set_parts and placed.kind in EGGS:
            reasons.append("set_egg")
        for reason in reasons:
            if reason is not None:
                because.setdefault(reason, {})[names[placed.ingredient.label_id]] = None
    return tuple(
        CoreTemperature(
            core_c=asked.temperature_c,
            hold_s=asked.seconds,
            rule=reason,
            because=tuple(labels),
        )
        for reason, labels in because.items()
        for asked in rule(reason, "us").enough[:1]
    )
