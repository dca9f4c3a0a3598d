"""The build of a trial: its components and lines, all that can be said of it, saving it."""

from collections.abc import Iterator
from datetime import datetime
from typing import Annotated

from pydantic import Field

from gasket.core.build_checks.checks import BuildCheck, check_build
from gasket.core.cooking.parts import body_of
from gasket.core.cooking.steps import hands_on_min
from gasket.core.errors import Conflict
from gasket.core.law.claim_rules import NutritionClaim
from gasket.core.law.claims import claims
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.family_signs import likeliest
from gasket.core.rebuild.goals import GoalKey, GoalState, goal_states
from gasket.core.rebuild.needs import InTheWay, in_the_build, in_the_way
from gasket.core.rebuild.resizing import OutOfStep, out_of_step
from gasket.core.rebuild.section import Column, Section, column, column_of_figures, links, scaled
from gasket.core.rebuild.thickness import MixtureThickness, thicknesses
from gasket.core.rebuild.trial import Build
from gasket.core.reckoning.batch import Batch, Original
from gasket.core.reckoning.contents import Contains
from gasket.core.reckoning.reckon import Reckoning, Result, reckon
from gasket.core.trade.families import BY_KEY, Family
from gasket.core.trade.uptake import uptake_of
from gasket.kitchen.rebuild import drafts, ingredients, keepers, originals
from gasket.kitchen.rebuild.drafts import Draft
from gasket.kitchen.rebuild.originals import OriginalBuild
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfLabel
from gasket.store.books import Session, builds
from gasket.store.books.dishes import Dish
from gasket.store.books.trials import TRIALS


class UsuallyEaten(Answer):
    """How much of a component usually is, and of what that is so."""

    least: float
    most: float
    says: str


class BuildReport(Answer):
    """All that can be said of a build: its figures, section, goals, checks, claims, contents.

    `family` is the dish's family, chosen or guessed, and `family_reason` why it is taken for one;
    `family_else` what else its lines look like;
    `fat_keeps` is the least share of fat of those who keep some in a batter, None where fat is not
    judged; `uptakes` is how much of a component is usually eaten, where that is not all of it;
    `thick` are the components that are a powder with a liquid; `cost` is of one serving.
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
    fat_keeps: float | None
    thick: tuple[MixtureThickness, ...]
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


def sheet(session: Session, trial_id: int) -> TrialSheet:
    draft = drafts.draft(session, trial_id)
    trial = draft.trial
    return TrialSheet(
        id=trial_id,
        dish_id=trial.dish_id,
        dish=draft.dish.name,
        letter=trial.letter,
        intent=trial.intent,
        is_original=trial.is_original,
        copied_from=trial.copied_from,
        version=trial.version,
        build=draft.build,
        labels=draft.labels,
        report=_report(session, draft),
    )


def report_edit(session: Session, trial_id: int, edited: Build) -> BuildReport:
    """All that can be said of an unsaved build. Raises `FaultyInput` for a faulty one."""
    return _report(session, drafts.draft(session, trial_id, edited))


def _report(session: Session, draft: Draft) -> BuildReport:
    result = reckon(draft.planned)
    cost = draft.piece.serving("cost")
    parent = draft.trial.copied_from
    before = None if parent is None else builds.build_of(session, TRIALS.fetch(session, parent))
    others: dict[GoalKey, float | None] = {
        "cost": cost,
        "hands_on_min": hands_on_min(draft.trial.steps),
        "bowls": float(sum(1 for part in draft.build.components if part.lines)),
    }
    is_original = draft.trial.is_original
    family = draft.piece.build.terms.family
    return BuildReport(
        result=result,
        section=_section(draft, result),
        goals=goal_states(draft.build.terms.goal, result.serving, others),
        checks=() if is_original else check_build(keepers.checked(session, draft)),
        claims=()
        if is_original
        else claims(
            result.serving,
            draft.original,
            draft.reference,
            draft.piece.protein_by_kind(),
            drink=family == "drink",
        ),
        contains=in_the_build(draft.piece),
        in_the_way=tuple(in_the_way(draft.piece)),
        out_of_step=() if before is None else out_of_step(draft.build, before),
        family=family,
        family_reason=draft.guess.reason if draft.guess else "",
        family_else=tuple(key for key in likeliest(draft.piece) if key != family),
        fat_keeps=_fat_keeps(family),
        thick=tuple(thicknesses(draft.piece, draft.house.own_ratios)),
        uptakes=dict(_uptakes(draft.build, family)),
        cost=cost,
    )


def _fat_keeps(family: Family | None) -> float | None:
    fat = BY_KEY[family].bands.fat if family else None
    return fat[0] if fat else None


def _uptakes(build: Build, family: Family | None) -> Iterator[tuple[str, UsuallyEaten]]:
    names = [part.name for part in build.components]
    body = body_of(names, family or "")
    for name in names:
        usual = None if name == body else uptake_of(name, family)
        if usual is not None:
            yield name, UsuallyEaten(least=usual.least, most=usual.most, says=usual.says)


def _section(draft: Draft, result: Result) -> Section:
    ours = column(f"Trial {draft.trial.letter}", draft.piece, result)
    original = draft.original
    grams = original.serving_g if original else None
    return Section(
        original=original_column(original, draft.original_build, result),
        rebuild=ours,
        rebuild_at_equal_weight=scaled(ours, grams) if grams else None,
        links=links(draft.original_build.build, draft.build) if draft.original_build else (),
    )


def original_column(
    original: Original | None, made: OriginalBuild | None, compared: Result
) -> Column | None:
    """The original as a column: its ingredients where they are known, else its macronutrients."""
    if original is None:
        return None
    if made is not None:
        drawn = column(original.name, made.piece, made.result)
        return drawn.model_copy(update={"grams": original.serving_g})
    energy = compared.original.energy_from if compared.original else None
    return column_of_figures(original, energy)


def original_of(session: Session, dish: Dish, compared: Result) -> Column | None:
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
    trial = TRIALS.fetch(session, trial_id)
    if trial.version != edit.version:
        raise Conflict("build", sheet(session, trial_id))
    reckon(drafts.draft(session, trial_id, edit.build).planned)
    before = builds.build_of(session, trial)
    shelf.touch(session, ingredients.label_ids(edit.build) - ingredients.label_ids(before), now)
    builds.write_build(session, trial, edit.build, version=trial.version + 1)
    return sheet(session, trial_id)
