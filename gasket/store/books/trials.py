"""Trials as they are kept: heads, steps, verdicts. Their builds are in `builds`."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime
from functools import cached_property
from typing import Any, Final

from sqlmodel import Session, col, func, select

from gasket.core.cooking.steps import Step
from gasket.core.rebuild.trial import Terms
from gasket.core.tasting.verdict import TasteVerdict
from gasket.store.books import dishes
from gasket.store.books.book import Book, FromRow
from gasket.store.tables import DishRow, PendingLineRow, TrialRow


def steps_of(stored: Iterable[Mapping[str, Any]]) -> tuple[Step, ...]:
    """Steps as they are kept."""
    return tuple(Step.model_validate(step) for step in stored)


@dataclass(frozen=True, kw_only=True)
class Trial(FromRow):
    """One attempt at a dish: A, B, C …, or the original entered as ingredients. `version` is of its
    build, `steps_version` of its steps, `verdict_version` of its verdict."""

    id: int
    dish_id: int
    letter: str
    intent: str
    portions: int
    stored_terms: dict[str, Any]
    is_original: bool
    copied_from: int | None
    stored_steps: list[dict[str, Any]]
    steps_version: int
    stored_verdict: dict[str, Any]
    verdict_version: int
    version: int
    set_aside_at: datetime | None
    removed_at: datetime | None
    created_at: datetime

    @cached_property
    def terms(self) -> Terms:
        return Terms.model_validate(self.stored_terms)

    @cached_property
    def steps(self) -> tuple[Step, ...]:
        return steps_of(self.stored_steps)

    @cached_property
    def verdict(self) -> TasteVerdict:
        return TasteVerdict.model_validate(self.stored_verdict)


@dataclass(frozen=True, kw_only=True)
class KeptUnmatchedLine:
    """A line of a pasted list that no food on the shelf matched: kept for later."""

    id: int
    trial_id: int
    text: str


HERE: Final = (col(TrialRow.set_aside_at).is_(None), col(TrialRow.removed_at).is_(None))
"""Neither archived nor removed."""
_IS_ORIGINAL: Final = col(TrialRow.is_original).is_(True)
_TRIED: Final = (~_IS_ORIGINAL, col(TrialRow.removed_at).is_(None))
"""Without the original and what is deleted."""
_IS_KEEPER: Final = col(TrialRow.stored_verdict)["stamp"].as_string() == "keep"


class Trials(Book[Trial]):
    """All trials of a kitchen."""

    def of_dish(self, session: Session, dish_id: int) -> list[Trial]:
        """The trials of a dish, oldest first, without its original and what is deleted."""
        return self.all(session, col(TrialRow.dish_id) == dish_id, *_TRIED)

    def of_dishes(self, session: Session, dish_ids: Iterable[int]) -> dict[int, list[Trial]]:
        """The trials of each of these dishes, as `of_dish`."""
        by_dish: dict[int, list[Trial]] = {key: [] for key in dish_ids}
        for trial in self.all(session, col(TrialRow.dish_id).in_(list(by_dish)), *_TRIED):
            by_dish[trial.dish_id].append(trial)
        return by_dish

    def whole_dish(self, session: Session, dish_id: int) -> list[Trial]:
        """Every trial of a dish, with its original and what is deleted."""
        return self.all(session, col(TrialRow.dish_id) == dish_id)

    def original_of(self, session: Session, dish_id: int) -> Trial | None:
        """The trial that holds the ingredients of a dish's original."""
        trials = self.all(session, col(TrialRow.dish_id) == dish_id, _IS_ORIGINAL)
        return next(iter(trials), None)

    def ever_of(self, session: Session, dish_id: int) -> int:
        """How many trials a dish has had, with those that are deleted."""
        query = select(func.count()).where(TrialRow.dish_id == dish_id, ~col(TrialRow.is_original))
        return session.exec(query).one()

    def keepers(self, session: Session, most: int | None = None) -> list[tuple[int, int, str]]:
        """The keepers, the newest first: id, and its dish's id and name."""
        query = (
            select(col(TrialRow.id), col(DishRow.id), DishRow.name)
            .join(DishRow, col(DishRow.id) == col(TrialRow.dish_id))
            .where(_IS_KEEPER, *HERE, *dishes.HERE)
            .order_by(col(TrialRow.id).desc())
            .limit(most)
        )
        return [(trial or 0, dish or 0, name) for trial, dish, name in session.exec(query)]


TRIALS: Final = Trials(TrialRow, Trial, "trial")
PENDING: Final = Book(PendingLineRow, KeptUnmatchedLine, "line")


def pending_of(session: Session, trial_id: int) -> Sequence[KeptUnmatchedLine]:
    """The lines of a trial that wait for a food, oldest first."""
    return PENDING.all(session, col(PendingLineRow.trial_id) == trial_id)
