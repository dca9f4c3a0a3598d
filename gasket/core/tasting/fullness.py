"""How full a serving leaves: marked at once, and asked again after one and three hours.

Asked once an hour mark has passed, the later one alone when both have; half a day on nobody
remembers, and it is asked no more. Append-only: the last answer to each counts.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Final, Literal, Self

from pydantic import model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import SentId, Value
from gasket.core.tasting.marks import Mark

ASKED_AFTER_H: Final = (1, 3)
FORGOTTEN_AFTER: Final = timedelta(hours=12)
LATER: Final = timedelta(minutes=30)


class FullnessAnswer(Value):
    """What is sent: how full it still is, or that it is asked later, or never again."""

    id: SentId
    after_h: Literal[1, 3]
    answer: Literal["mark", "later", "never"]
    mark: Mark | None = None

    @model_validator(mode="after")
    def _has_its_mark(self) -> Self:
        if (self.answer == "mark") != (self.mark is not None):
            raise PydanticCustomError("fullness", "Give a mark from 0 to 10.")
        return self


class FullnessRecord(FullnessAnswer):
    """An answer as it was stored."""

    at: datetime


@dataclass(frozen=True, slots=True)
class Due:
    """A question that waits, since when."""

    after_h: int
    since: datetime


def due(tasted_at: datetime, answers: Sequence[FullnessRecord], now: datetime) -> Due | None:
    """What is to be asked now of a tasting that was marked for fullness."""
    if now - tasted_at >= FORGOTTEN_AFTER or any(given.answer == "never" for given in answers):
        return None
    passed = [hours for hours in ASKED_AFTER_H if now >= tasted_at + timedelta(hours=hours)]
    if not passed:
        return None
    own = [given for given in answers if given.after_h == passed[-1]]
    if any(given.answer == "mark" for given in own):
        return None
    since = max(
        (given.at + LATER for given in own if given.answer == "later"),
        default=tasted_at + timedelta(hours=passed[-1]),
    )
    return Due(passed[-1], since) if now >= since else None


def later_marks(answers: Sequence[FullnessRecord]) -> dict[int, str]:
    """How full it still was, by the hours after."""
    return {given.after_h: given.mark for given in answers if given.mark is not None}
