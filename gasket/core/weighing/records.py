"""What a scale shows, what is sent to be recorded, and what is kept of it for good."""

from datetime import datetime
from enum import StrEnum
from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import MOST_G, Amount, Number, SentId, Value, YesNo

Mode = Literal["gross", "net"]
Way = Literal["into", "out_of"]
"""Poured into the bowl on the scale, or taken out of the pack that stands on it."""
Scope = Literal["open", "all"]
SignedGrams = Annotated[Number, Field(ge=-MOST_G, le=MOST_G)]
ScaleName = Annotated[str, Field(max_length=40)]
BowlName = Annotated[str, Field(max_length=120)]
RecordId = Annotated[str, Field(max_length=64)]
ONE_SCALE: Final = "kitchen scale"
OPEN: Final = "open"
"""What a page saw of a line of which nothing is recorded."""


SPILL_SPREAD: Final = 0.5
"""A spill is guessed, give or take half of it (common practice)."""
LEAST_RATIO: Final = 0.01
MOST_RATIO: Final = 100.0
"""So far may what is carried on change a target: beyond it something else went wrong."""


class Reading(Value):
    """One line from the scale. `division_g` is the unit of the last digit shown."""

    grams: float
    stable: bool
    overload: bool = False
    mode: Mode = "gross"
    division_g: float
    sent_ms: float | None = None
    scale: str = ONE_SCALE


class Kind(StrEnum):
    """What a record says. LINE completes a line, ADD pours on it and leaves it open.

    PORTION fills a piece, TOP_UP adds to it, ODD keeps it as it is; LEFTOVER is what of a component
    (`bowl`) was weighed back, FAT what was poured off it.
    """

    TARE = "tare"
    TURN = "turn"
    LINE = "line"
    ADD = "add"
    RIGHT = "right"
    SKIP = "skip"
    FOOD = "food"
    CARRY = "carry"
    SPILL = "spill"
    MIXTURE = "mixture"
    COOKED = "cooked"
    PORTION = "portion"
    TOP_UP = "top_up"
    ODD = "odd"
    LEFTOVER = "leftover"
    FAT = "fat"
    UNDO = "undo"


class Origin(StrEnum):
    """Where a figure comes from. VESSEL: the known empty weight of a bowl, not a reading."""

    SCALE = "scale"
    AUTOMATIC = "automatic"
    HAND = "hand"
    MEASURE = "measure"
    ESTIMATE = "estimate"
    VESSEL = "vessel"
    FILE = "file"


OF_A_LINE: Final = frozenset(
    {Kind.LINE, Kind.ADD, Kind.RIGHT, Kind.SKIP, Kind.TURN, Kind.FOOD, Kind.CARRY}
)
POURS: Final = frozenset({Kind.LINE, Kind.ADD})
OF_A_PIECE: Final = frozenset({Kind.PORTION, Kind.TOP_UP, Kind.ODD})
OF_A_COMPONENT: Final = frozenset({Kind.LEFTOVER, Kind.FAT})
WITH_A_NET: Final = POURS | OF_A_COMPONENT | {Kind.MIXTURE, Kind.COOKED, Kind.PORTION, Kind.TOP_UP}
_RANGED: Final = frozenset({Origin.ESTIMATE, Origin.MEASURE})


class Capture(Value):
    """What is sent to be recorded. `id` is made by the sender, so that a retry is not a second one.

    From the scale: `gross_g` is the figure it showed, `tare_record` the record whose gross the
    net is measured from. By hand, by measure or as an estimate: `net_g` (and `low_g`, `high_g`).
    A pour without a `line` is a new line of the weigh-in, to be named before or after.
    `seen` is the record of the line that the sender looked at (`open` for none): another one
    means that somebody else was quicker. `label_id` says what went in; the revision of it that
    was current is kept in `revision_id`. A carry without a `factor` carries what the line
    was weighed at to its target.
    """

    id: SentId
    kind: Kind
    line: int | None = None
    piece: Annotated[int, Field(ge=1, le=10_000)] | None = None
    gross_g: SignedGrams | None = None
    tare_record: RecordId | None = None
    mode: Mode = "gross"
    scale: ScaleName = ONE_SCALE
    way: Way = "into"
    bowl: BowlName = ""
    net_g: Amount | None = None
    low_g: Amount | None = None
    high_g: Amount | None = None
    count: Annotated[Amount, Field(le=10_000)] | None = None
    division_g: Annotated[Number, Field(ge=0, le=100)] = 1.0
    stable: YesNo = True
    origin: Origin = Origin.SCALE
    undoes: RecordId | None = None
    seen: RecordId | None = None
    label_id: int | None = None
    revision_id: int | None = None
    factor: Annotated[Number, Field(ge=LEAST_RATIO, le=MOST_RATIO)] | None = None
    scope: Scope | None = None
    note: Annotated[str, Field(max_length=300)] = ""

    @property
    def is_new_line(self) -> bool:
        """Something poured that nobody planned."""
        return self.kind in POURS and self.line is None

    @property
    def needs_gross(self) -> bool:
        read = (Origin.SCALE, Origin.AUTOMATIC)
        return self.kind is Kind.TARE or (self.kind in WITH_A_NET and self.origin in read)

    @model_validator(mode="after")
    def _says_what_it_needs(self) -> Self:
        if why := self._missing():
            raise PydanticCustomError("capture", "{why}", {"why": why})
        ranged = self.kind in POURS and self.origin in _RANGED
        if ranged or self.kind is Kind.SPILL:
            low, high = self.low_g, self.high_g
            if low is None or high is None or not low <= (self.net_g or 0.0) <= high:
                raise PydanticCustomError(
                    "estimate",
                    "An estimate runs from a low to a high figure with the grams in between.",
                )
        return self

    def _missing(self) -> str | None:
        kind = self.kind
        if kind in OF_A_LINE and self.line is None and kind not in POURS:
            return "Say which line this is."
        if kind in OF_A_PIECE and self.piece is None:
            return "Say which portion this is."
        if kind is Kind.UNDO and self.undoes is None:
            return "Say which record to undo."
        if kind is Kind.FOOD and self.label_id is None:
            return "Say what went in."
        if kind is Kind.CARRY and self.scope is None:
            return "Say whether it is carried to the open lines or to all."
        if kind is Kind.SPILL and self.line is None and not self.bowl:
            return "Say of what it was spilled."
        if kind in OF_A_COMPONENT and not self.bowl:
            return "Say of which component it is."
        if self.needs_gross:
            return "There is no reading to take." if self.gross_g is None else None
        if (kind in WITH_A_NET or kind is Kind.SPILL) and self.net_g is None:
            return "Type how many grams it was."
        return None


class Record(Capture):
    """A capture as it was stored, for good."""

    tare_g: float = 0.0
    at: datetime
