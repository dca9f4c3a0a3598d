"""One tasting: marks from 0 to 10 in halves, words, a note; the overall mark.

"11 out of 10" is kept as it was said, and counts as 10.
"""

import re
from collections.abc import Iterable, Mapping
from typing import Annotated, Final, Literal, Self, get_args

from pydantic import AfterValidator, Field, field_validator, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Number, SentId, Value, YesNo
from gasket.core.rebuild.trial import Remark
from gasket.core.tasting.words import MOST_WORDS, SaidWord

Quality = Literal["taste", "texture", "look", "likeness"]
QUALITIES: Final[tuple[Quality, ...]] = get_args(Quality)
DishState = Literal["fresh", "next_day", "thawed", "reheated"]
Against = Literal["original", "remembered", "last_trial", "nothing"]
Again = Literal["yes", "with_a_change", "no"]
TOP: Final = 10.0
HALF: Final = 0.5
MOST_NOTE: Final = 4000
_PLAIN: Final = re.compile(r"\d{1,4}(?:[.,]\d{1,3})?")
_OUT_OF: Final = re.compile(
    r"(\d{1,6}(?:[.,]\d{1,3})?)\s*(?:out\s+of|of|/)\s*(\d{1,4})", re.IGNORECASE
)


def counted(said: str) -> float:
    """What a mark counts as: "8.5" → 8.5, "4 out of 5" → 8, "11 out of 10" → 10.

    Raises `PydanticCustomError` with a sentence for what is no mark.
    """
    text = said.strip()
    if _PLAIN.fullmatch(text):
        mark = float(text.replace(",", "."))
        if mark > TOP:
            raise _no_mark(
                "Marks go from 0 to 10. If more was said, write “11 out of 10”: it counts as 10."
            )
        if mark % HALF:
            raise _no_mark("Marks go in halves, like 7 or 7.5.")
        return mark
    if (match := _OUT_OF.fullmatch(text)) and float(match[2]) > 0:
        share = float(match[1].replace(",", ".")) / float(match[2])
        return min(TOP, round(share * TOP / HALF) * HALF)
    raise _no_mark("Type a mark from 0 to 10, like 7.5.")


def _no_mark(says: str) -> PydanticCustomError:
    return PydanticCustomError("mark", "{says}", {"says": says})


def _a_mark(said: str) -> str:
    counted(said)
    return " ".join(said.split())


Mark = Annotated[str, Field(max_length=40), AfterValidator(_a_mark)]
"""A mark as it was said."""


class Weights(Value):
    """How much each quality counts in the overall mark. They need not add up to anything."""

    taste: Annotated[Number, Field(ge=0, le=10)] = 4.0
    texture: Annotated[Number, Field(ge=0, le=10)] = 3.0
    look: Annotated[Number, Field(ge=0, le=10)] = 1.0
    likeness: Annotated[Number, Field(ge=0, le=10)] = 2.0

    @model_validator(mode="after")
    def _one_counts(self) -> Self:
        if not any(self.of(quality) for quality in QUALITIES):
            raise PydanticCustomError("weights", "At least one of the four must count.")
        return self

    def of(self, quality: Quality) -> float:
        weight = getattr(self, quality)
        assert isinstance(weight, float)
        return weight


def overall(marks: Mapping[Quality, float], weights: Weights) -> float | None:
    """The weighted mean of the marks that were given; None when none of them counts."""
    total = sum(weights.of(quality) for quality in marks)
    if total <= 0:
        return None
    return sum(weights.of(quality) * mark for quality, mark in marks.items()) / total


class TastingSheet(Value):
    """What one taster says of a batch, or of the original; `id` is made by the sender.

    `how` is how it was reheated, `finish` what it was eaten with, `fullness` how full it left at
    once (0-10), `eaten_min` minutes to eat it, `volume_ml` how much one serving takes up;
    `guess_kcal` and `guess_g` were guessed of a serving before the answer was shown;
    `replaces` is the tasting that this one corrects.
    """

    id: SentId
    taster_id: int
    of_original: YesNo = False
    state: DishState = "fresh"
    how: Remark = ""
    finish: Annotated[str, Field(max_length=120)] = ""
    against: Against = "nothing"
    marks: dict[Quality, Mark] = Field(default_factory=dict)
    again: Again | None = None
    words: Annotated[tuple[SaidWord, ...], Field(max_length=MOST_WORDS)] = ()
    note: Annotated[str, Field(max_length=MOST_NOTE)] = ""
    fullness: Mark | None = None
    eaten_min: Annotated[Number, Field(gt=0, le=600)] | None = None
    volume_ml: Annotated[Number, Field(gt=0, le=10_000)] | None = None
    guess_kcal: Annotated[Number, Field(gt=0, le=10_000)] | None = None
    guess_g: Annotated[Number, Field(gt=0, le=10_000)] | None = None
    replaces: Annotated[str, Field(max_length=64)] | None = None

    @field_validator("words")
    @classmethod
    def _each_once(cls, words: tuple[str, ...]) -> tuple[str, ...]:
        return tuple(dict.fromkeys(word.strip() for word in words if word.strip()))

    @model_validator(mode="after")
    def _says_something(self) -> Self:
        said = (self.marks, self.again, self.words, self.note.strip(), self.fullness)
        if not any(said):
            raise PydanticCustomError("empty", "Give a mark, a word or a note first.")
        return self

    @property
    def counts(self) -> dict[Quality, float]:
        """The marks as they count, in the usual order."""
        return {
            quality: counted(self.marks[quality]) for quality in QUALITIES if quality in self.marks
        }


def most_said(sheets: Iterable[TastingSheet]) -> dict[str, int]:
    """How many tasters said each word, the most said first."""
    who: dict[str, set[int]] = {}
    for sheet in sheets:
        for word in sheet.words:
            who.setdefault(word, set()).add(sheet.taster_id)
    return dict(
        sorted(((word, len(said)) for word, said in who.items()), key=lambda pair: -pair[1])
    )
