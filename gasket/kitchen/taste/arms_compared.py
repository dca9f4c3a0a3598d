"""The arms of a batch side by side: what each did otherwise, and what that did to its mark."""

from collections.abc import Sequence

from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import AnyFigure
from gasket.core.tasting.credit import Credit, credit
from gasket.core.tasting.scores import Score
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES
from gasket.kitchen.portion import arms
from gasket.kitchen.taste.said import OfArm, Tastings, WordCount
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES


class ArmEntry(Answer):
    """An arm of a batch of a trial. `batch_of` is the batch that was divided; `changes` what it did
    otherwise, in words; `credit` what that did against the first arm, None for the first."""

    batch_id: int
    batch_of: int
    name: str
    changes: tuple[str, ...]
    kcal: AnyFigure
    protein_g: AnyFigure
    grams: float | None
    score: Score | None
    words: tuple[WordCount, ...]
    credit: Credit | None


def compared(
    session: Session, trial_ids: Sequence[int], said: Tastings
) -> dict[int, tuple[ArmEntry, ...]]:
    """The arms of the batches of these trials, those of a batch beside each other."""
    batches = BATCHES.arms_here(session, trial_ids)
    figures = BATCH_FIGURES.of(session, [arm.id for arm in batches])
    wholes = BATCHES.each(session, {arm.arm_of for arm in batches if arm.arm_of is not None})
    first: dict[int, int] = {}
    beside: dict[int, list[ArmEntry]] = {}
    for arm in batches:
        key, whole = arm.id, wholes[arm.arm_of or 0]
        against = first.setdefault(whole.id, key)
        changes = arms.changes_of(session, whole, arm)
        serving = figures[key].serving
        entry = ArmEntry(
            batch_id=key,
            batch_of=whole.id,
            name=arm.arm,
            changes=changes,
            kcal=serving.kcal if serving else None,
            protein_g=serving.protein_g if serving else None,
            grams=serving.grams if serving else None,
            score=said.apart.overall.score(OfArm(key)),
            words=said.apart.words(OfArm(key)),
            credit=None if against == key else _arm_credit(key, against, changes, said.apart),
        )
        beside.setdefault(arm.trial_id, []).append(entry)
    return {trial: tuple(entries) for trial, entries in beside.items()}


def _arm_credit(arm: int, first: int, changes: Sequence[str], said: Tastings) -> Credit:
    return credit(
        OfArm(arm),
        OfArm(first),
        said.overall,
        said.by_quality,
        max(1, len(changes)),
        said.states,
        other="the first arm",
    )
