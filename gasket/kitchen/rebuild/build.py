"""The build of a trial: its components and lines, all that can be said of it, saving it."""

from collections.abc import Iterator
from dataclasses import dataclass, replace
from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlmodel import Session

from gasket.core.build_checks.checked_build import BuildCheck, CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.cooking.parts import body_of
from gasket.core.cooking.steps import hands_on_min
from gasket.core.errors import Conflict, Fault, FaultyInput
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.consistency import Consistency, consistencies
from gasket.core.rebuild.family_signs import FamilyGuess, family_of, likeliest
from gasket.core.rebuild.goals import GoalKey, GoalState, goal_states
from gasket.core.rebuild.needs import InTheWay, in_the_build, in_the_way
from gasket.core.rebuild.nutrition_claims.claims import claims
from gasket.core.rebuild.nutrition_claims.deciding import NutritionClaim
from gasket.core.rebuild.resizing import OutOfStep, out_of_step
from gasket.core.rebuild.section import Column, Section, column, column_of_figures, links, scaled
from gasket.core.rebuild.trial import Build, plan
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Batch, Original
from gasket.core.reckoning.contents import Contains
from gasket.core.reckoning.reckon import Reckoning, Result, reckon
from gasket.core.trade.families import Family
from gasket.core.trade.reference_amounts import REFERENCE_AMOUNTS, ReferenceAmount, ReferenceKey
from gasket.core.trade.uptake import uptake_of
from gasket.kitchen import settings
from gasket.kitchen.rebuild import ingredients, originals
from gasket.kitchen.rebuild.originals import OriginalBuild
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfLabel
from gasket.store import rows
from gasket.store.tables import DishRow, TrialRow


class UsuallyEaten(Answer):
    """How much of a component usually is, and of what that is so."""

    least: float
    most: float
    says: str


class BuildReport(Answer):
    """All that can be said of a build: its figures, section, goals, checks, claims, contents.

    `family` is the dish's family, chosen or guessed, and `family_reason` why it is taken for one;
    `family_else` what else its lines look like;
    `uptakes` is how much of a component is usually eaten, where that is not all of it; `thick` are
    the components that are a powder with a liquid; `cost` is of one serving.
    """

    result: Reckoning
    section: Section
    goals: tuple[GoalState, ...]
    checks: tuple[BuildCheck, ...]
    claims: tuple[NutritionClaim, ...]
    contains: Contains
    in_the_way: tuple[InTheWay, ...]
    out_of_step: tuple[OutOfStep, ...]
    family: Family | None
    family_reason: str
    family_else: tuple[Family, ...]
    thick: tuple[Consistency, ...]
    uptakes: dict[str, UsuallyEaten]
    cost: float | None


class TrialSheet(Answer):
    """A trial as stored: its build, the shelf labels it uses, and its report."""

    id: int
    dish_id: int
    dish: str
    letter: str
    intent: str
    is_original: bool
    copied_from: int | None
    version: int
    build: Build
    labels: dict[int, ShelfLabel]
    report: BuildReport


class BuildEdit(Value):
    """The whole build, with the trial version that it was read at."""

    version: Annotated[int, Field(ge=1)]
    build: Build


@dataclass(frozen=True)
class Draft:
    """An edited build of a trial, with the original that it is measured against."""

    trial: TrialRow
    dish: DishRow
    build: Build
    labels: dict[int, ShelfLabel]
    planned: Batch
    piece: Workpiece
    original: Original | None
    original_build: OriginalBuild | None
    house: settings.HouseSettings
    guess: FamilyGuess | None = None
    """What the dish is taken for where the cook has not said it."""

    def checked(self, result: Result) -> CheckedBuild:
        """What the checks and the solver look at."""
        return CheckedBuild(
            piece=self.piece,
            original=self.original_build.piece if self.original_build else None,
            original_serving_g=self.original.serving_g if self.original else None,
            serving_g=result.serving.grams,
        )

    @property
    def reference(self) -> ReferenceAmount | None:
        key = reference_of(self.dish)
        return None if key is None else REFERENCE_AMOUNTS[key]


def reference_of(dish: DishRow) -> ReferenceKey | None:
    return next((key for key in REFERENCE_AMOUNTS if key == dish.reference), None)


def draft(session: Session, trial_id: int, edited: Build | None = None) -> Draft:
    """A trial's build, or the edited one in its place. Raises `FaultyInput` for a faulty one."""
    trial = rows.fetch(session, TrialRow, trial_id)
    dish = rows.fetch(session, DishRow, trial.dish_id)
    build = rows.build_of(session, trial) if edited is None else edited
    labels = shelf.shelf_labels(session, ingredients.label_ids(build))
    if edited is not None:
        _refuse_faulty(edited, labels)
    made = None if trial.is_original else originals.build_of(session, dish)
    original = None if trial.is_original else originals.of(session, dish, made)
    house = settings.read(session)
    reckoning = house.reckoning
    planned = plan(build, {key: label.label for key, label in labels.items()}, reckoning, original)
    piece = Workpiece.of(build, ingredients.ingredients(session, labels, reckoning), planned)
    guess = None if build.terms.family else family_of(dish.name, piece)
    if guess is not None:
        terms = build.terms.model_copy(update={"family": guess.key})
        piece = replace(piece, build=build.model_copy(update={"terms": terms}))
    return Draft(trial, dish, build, labels, planned, piece, original, made, house, guess)


def sheet(session: Session, trial_id: int) -> TrialSheet:
    found = draft(session, trial_id)
    trial = found.trial
    return TrialSheet(
        id=trial_id,
        dish_id=trial.dish_id,
        dish=found.dish.name,
        letter=trial.letter,
        intent=trial.intent,
        is_original=trial.is_original,
        copied_from=trial.copied_from,
        version=trial.version,
        build=found.build,
        labels=found.labels,
        report=_report(session, found),
    )


def report_edit(session: Session, trial_id: int, edited: Build) -> BuildReport:
    """All that can be said of an unsaved build. Raises `FaultyInput` for a faulty one."""
    return _report(session, draft(session, trial_id, edited))


def _report(session: Session, found: Draft) -> BuildReport:
    result = reckon(found.planned)
    cost = found.piece.serving("cost")
    parent = found.trial.copied_from
    before = (
        None if parent is None else rows.build_of(session, rows.fetch(session, TrialRow, parent))
    )
    others: dict[GoalKey, float | None] = {
        "cost": cost,
        "hands_on_min": hands_on_min(rows.steps_of(found.trial.steps)),
        "bowls": float(sum(1 for part in found.build.components if part.lines)),
    }
    is_original = found.trial.is_original
    family = found.piece.build.terms.family
    return BuildReport(
        result=result,
        section=_section(found, result),
        goals=goal_states(found.build.terms.goal, result.serving, others),
        checks=() if is_original else check_build(found.checked(result)),
        claims=()
        if is_original
        else claims(
            result.serving,
            found.original,
            found.reference,
            found.piece,
            drink=family == "drink",
        ),
        contains=in_the_build(found.piece),
        in_the_way=tuple(in_the_way(found.piece)),
        out_of_step=() if before is None else out_of_step(found.build, before),
        family=family,
        family_reason=found.guess.reason if found.guess else "",
        family_else=tuple(key for key in likeliest(found.piece) if key != family),
        thick=tuple(consistencies(found.piece, found.house.own_ratios)),
        uptakes=dict(_uptakes(found.build, family)),
        cost=cost,
    )


def _uptakes(build: Build, family: Family | None) -> Iterator[tuple[str, UsuallyEaten]]:
    names = [part.name for part in build.components]
    body = body_of(names, family or "")
    for name in names:
        usual = None if name == body else uptake_of(name, family)
        if usual is not None:
            yield name, UsuallyEaten(least=usual.least, most=usual.most, says=usual.says)


def _section(found: Draft, result: Result) -> Section:
    ours = column(f"Trial {found.trial.letter}", found.piece, result)
    original = found.original
    grams = original.serving_g if original else None
    return Section(
        original=original_column(original, found.original_build, result),
        rebuild=ours,
        rebuild_at_equal_weight=scaled(ours, grams) if grams else None,
        links=links(found.original_build.build, found.build) if found.original_build else (),
    )


def original_column(
    original: Original | None, made: OriginalBuild | None, compared: Result
) -> Column | None:
    """The original as a column: its ingredients where they are known, else its macronutrients."""
    if original is None:
        return None
    if made is not None:
        found = column(original.name, made.piece, made.result)
        return found.model_copy(update={"grams": original.serving_g})
    energy = compared.original.energy_from if compared.original else None
    return column_of_figures(original, energy)


def original_of(session: Session, dish: DishRow, compared: Result) -> Column | None:
    """The dish's original as a column, beside a result that was compared with it."""
    made = originals.build_of(session, dish)
    return original_column(originals.of(session, dish, made), made, compared)


def line_names(batch: Batch) -> tuple[str, ...]:
    """Names of the lines that `Result.lines` speaks of, in its order."""
    keys = [line.label for part in batch.components for line in part.lines if line.label]
    keys += [line.label for line in batch.finish]
    return tuple(batch.labels[key].name for key in keys)


def save(session: Session, trial_id: int, edit: BuildEdit, now: datetime) -> TrialSheet:
    """Replace the build. Raises `Conflict`, and `FaultyInput` for what cannot be reckoned."""
    trial = rows.fetch(session, TrialRow, trial_id)
    if trial.version != edit.version:
        raise Conflict("build", sheet(session, trial_id))
    reckon(draft(session, trial_id, edit.build).planned)
    before = rows.build_of(session, trial)
    shelf.touch(session, ingredients.label_ids(edit.build) - ingredients.label_ids(before), now)
    rows.write_build(session, trial, edit.build)
    trial.version += 1
    session.add(trial)
    return sheet(session, trial_id)


def _refuse_faulty(build: Build, labels: dict[int, ShelfLabel]) -> None:
    faults = [
        Fault(
            path=f"components[{i}].lines[{j}].label_id",
            message="That label is not on the shelf.",
        )
        for i, j, line in build.placed()
        if line.label_id is not None and line.label_id not in labels
    ]
    keys = [line.id for line in build.lines()]
    if len(set(keys)) < len(keys):
        faults.append(Fault(path="components", message="Two lines carry the same id."))
    if faults:
        raise FaultyInput(*faults)
