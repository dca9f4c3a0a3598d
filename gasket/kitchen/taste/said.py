"""All that was said of a dish and counts, by the trial that it was said of."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.tasting.marks import QUALITIES, Quality, TastingSheet, Weights, most_said, overall
from gasket.core.tasting.scores import Panel, Tasted
from gasket.kitchen import settings
from gasket.store.books import Session
from gasket.store.books.tastings import Sampled, samples_of

ORIGINAL: Final = 0
"""The original's place among the trials."""
MOST_WORDS: Final = 4


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
    sips = [_sip(sampled) for sampled in samples_of(session, dish_id)]
    return Tastings(sips, settings.read(session).weights)


def _sip(sampled: Sampled) -> Sip:
    sheet = sampled.sheet
    if sheet.of_original or sampled.trial_id is None:
        return Sip(ORIGINAL, None, sheet, sheet.counts)
    arm = sampled.batch_id if sampled.arm_of is not None else None
    trial = -arm if arm and sampled.arm_differs else sampled.trial_id
    return Sip(trial, arm, sheet, sheet.counts)
