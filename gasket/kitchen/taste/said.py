"""All that was said of a dish and counts, by what it was said of."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Final, Literal

from gasket.core.numbers import Answer
from gasket.core.tasting.marks import QUALITIES, Quality, TastingSheet, Weights, most_said, overall
from gasket.core.tasting.scores import TasteMarks, TasterMark
from gasket.kitchen import settings
from gasket.store.books import Session
from gasket.store.books.tastings import TastingSubject, samples_of

ORIGINAL: Final = "original"
MOST_WORDS: Final = 4


class WordCount(Answer):
    """A word, and how many tasters said it."""

    word: str
    tasters: int


@dataclass(frozen=True, slots=True)
class OfArm:
    """An arm as something that was tasted by itself, by its batch."""

    batch_id: int


DishSample = int | OfArm | Literal["original"]
"""What was tasted: a trial by its id, an arm, the original."""


@dataclass(frozen=True)
class Sip:
    """One tasting that counts, of what, and its marks as they count. What an arm did otherwise is
    no mark of its trial. `arm` is any arm that it was of."""

    of: DishSample
    arm: OfArm | None
    sheet: TastingSheet
    marks: Mapping[Quality, float]


@dataclass(frozen=True)
class Tastings:
    """All that was said of a dish, ready to be compared."""

    said: Sequence[Sip]
    weights: Weights

    @cached_property
    def overall(self) -> TasteMarks:
        return TasteMarks(
            [
                TasterMark(given.of, given.sheet.taster_id, mark)
                for given in self.said
                if (mark := overall(given.marks, self.weights)) is not None
            ]
        )

    @cached_property
    def by_quality(self) -> dict[Quality, TasteMarks]:
        return {
            quality: TasteMarks(
                [
                    TasterMark(given.of, given.sheet.taster_id, given.marks[quality])
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
            self, said=[replace(sip, of=sip.arm) if sip.arm else sip for sip in self.said]
        )

    @cached_property
    def states(self) -> dict[DishSample, frozenset[str]]:
        by_sample: dict[DishSample, set[str]] = {}
        for given in self.said:
            by_sample.setdefault(given.of, set()).add(given.sheet.state)
        return {sample: frozenset(states) for sample, states in by_sample.items()}

    @cached_property
    def _by_sample(self) -> dict[DishSample, list[TastingSheet]]:
        sheets: dict[DishSample, list[TastingSheet]] = {}
        for given in self.said:
            sheets.setdefault(given.of, []).append(given.sheet)
        return sheets

    def of(self, sample: DishSample) -> list[TastingSheet]:
        return self._by_sample.get(sample, [])

    def words(self, sample: DishSample) -> tuple[WordCount, ...]:
        """What most tasters said of it."""
        said = most_said(self.of(sample)).items()
        return tuple(WordCount(word=word, tasters=count) for word, count in said)[:MOST_WORDS]


def tasting_of(session: Session, dish_id: int) -> Tastings:
    """Every tasting of the dish that counts."""
    sips = [_sip(sampled) for sampled in samples_of(session, dish_id)]
    return Tastings(sips, settings.read(session).weights)


def _sip(sampled: TastingSubject) -> Sip:
    sheet = sampled.sheet
    if sheet.of_original or sampled.trial_id is None:
        return Sip(ORIGINAL, None, sheet, sheet.counts)
    arm = OfArm(sampled.batch_id) if sampled.arm_of and sampled.batch_id else None
    return Sip(arm if arm and sampled.arm_differs else sampled.trial_id, arm, sheet, sheet.counts)
