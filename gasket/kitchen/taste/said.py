"""All that was said of a dish and counts, by the trial that it was said of."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Any, Final

from sqlalchemy.orm import load_only
from sqlmodel import Session, col, select

from gasket.core.numbers import Answer
from gasket.core.tasting.marks import QUALITIES, Quality, TastingSheet, Weights, most_said, overall
from gasket.core.tasting.scores import Panel, Tasted
from gasket.kitchen import settings
from gasket.store import rows
from gasket.store.tables import BatchRow
from gasket.store.taste_tables import TastingRow

ORIGINAL: Final = 0
"""The original's place among the trials."""
MOST_WORDS: Final = 4
_TELLS: Final[tuple[Any, ...]] = (BatchRow.trial_id, BatchRow.arm_of, BatchRow.arm_differs)
"""What a batch tells of its tastings: the rest of it, read a thousand times over, took 30 ms."""


class Said(Answer):
    """A word, and how many tasters said it."""

    word: str
    tasters: int


@dataclass(frozen=True)
class Sip:
    """One tasting that counts: of a trial, or of the original; its marks as they count. What an arm
    did otherwise is no mark of the trial: it is then of `-batch`. `arm` is the batch of any arm."""

    trial: int
    arm: int | None
    sheet: TastingSheet
    marks: Mapping[Quality, float]


@dataclass(frozen=True)
class Tastings:
    """All that was said of a dish, ready to be compared."""

    said: Sequence[Sip]
    weights: Weights

    @cached_property
    def overall(self) -> Panel:
        return Panel(
            [
                Tasted(given.trial, given.sheet.taster_id, mark)
                for given in self.said
                if (mark := overall(given.marks, self.weights)) is not None
            ]
        )

    @cached_property
    def by_quality(self) -> dict[Quality, Panel]:
        return {
            quality: Panel(
                [
                    Tasted(given.trial, given.sheet.taster_id, given.marks[quality])
                    for given in self.said
                    if quality in given.marks
                ]
            )
            for quality in QUALITIES
        }

    @cached_property
    def apart(self) -> "Tastings":
        """The same with every arm for itself."""
        return replace(
            self, said=[replace(sip, trial=-sip.arm) if sip.arm else sip for sip in self.said]
        )

    @cached_property
    def states(self) -> dict[int, frozenset[str]]:
        found: dict[int, set[str]] = {}
        for given in self.said:
            found.setdefault(given.trial, set()).add(given.sheet.state)
        return {trial: frozenset(states) for trial, states in found.items()}

    @cached_property
    def _by_trial(self) -> dict[int, list[TastingSheet]]:
        found: dict[int, list[TastingSheet]] = {}
        for given in self.said:
            found.setdefault(given.trial, []).append(given.sheet)
        return found

    def of(self, trial: int) -> list[TastingSheet]:
        return self._by_trial.get(trial, [])

    def words(self, trial: int) -> tuple[Said, ...]:
        """What most tasters said of it."""
        said = most_said(self.of(trial)).items()
        return tuple(Said(word=word, tasters=count) for word, count in said)[:MOST_WORDS]


def tasting_of(session: Session, dish_id: int) -> Tastings:
    """Every tasting of the dish that counts."""
    query = (
        select(TastingRow.sheet, BatchRow)
        .outerjoin(BatchRow, col(BatchRow.id) == col(TastingRow.batch_id))
        .where(TastingRow.dish_id == dish_id, col(TastingRow.archived_at).is_(None))
        .where(col(BatchRow.removed_at).is_(None))
        .order_by(col(TastingRow.sequence))
        .options(load_only(*_TELLS))
    )
    said = [(TastingSheet.model_validate(stored), batch) for stored, batch in session.exec(query)]
    return Tastings([_sip(sheet, batch) for sheet, batch in said], settings.read(session).weights)


def _sip(sheet: TastingSheet, batch: BatchRow | None) -> Sip:
    if sheet.of_original or batch is None:
        return Sip(ORIGINAL, None, sheet, sheet.counts)
    arm = rows.key_of(batch) if batch.arm_of is not None else None
    trial = -arm if arm and batch.arm_differs else batch.trial_id
    return Sip(trial, arm, sheet, sheet.counts)
