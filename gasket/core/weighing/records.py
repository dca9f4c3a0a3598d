"""What a scale shows, and what is kept of a weigh-in for good."""

from datetime import datetime
from enum import StrEnum
from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.numbers import MOST_G, Amount, Number, SentId, Value, YesNo

Mode = Literal["gross", "net"]
PourDirection = Literal["into", "out_of"]
"""Poured into the bowl on the scale, or taken out of the pack that stands on it."""
Scope = Literal["open", "all"]
SignedGrams = Annotated[Number, Field(ge=-MOST_G, le=MOST_G)]
ScaleName = Annotated[str, Field(max_length=40)]
BowlName = Annotated[str, Field(max_length=120)]
RecordId = Annotated[str, Field(max_length=64)]
PieceNumber = Annotated[int, Field(ge=1, le=10_000)]
Count = Annotated[Amount, Field(le=10_000)]
Note = Annotated[str, Field(max_length=300)]
ONE_SCALE: Final = "kitchen scale"
OPEN: Final = "open"
"""What a page saw of a line of which nothing is recorded."""


SPILL_SPREAD: Final = 0.5
"""A spill is guessed, give or take half of it (common practice)."""
LEAST_RATIO: Final = 0.01
MOST_RATIO: Final = 100.0
"""So far may what is carried on change a target: beyond it something else went wrong."""
TakeFactor = Annotated[Number, Field(ge=LEAST_RATIO, le=MOST_RATIO)]


class Reading(Value):
    """One line from the scale. `division_g` is the unit of the last digit shown."""

    grams: float
    stable: bool
    overload: bool = False
    mode: Mode = "gross"
    division_g: float
    sent_ms: float | None = None
    scale: str = ONE_SCALE


class RecordKind(StrEnum):
    """What a record says. LINE completes a line, ADD pours on it and leaves it open.

    PORTION fills a piece, TOP_UP adds to it, ODD keeps it as it is; LEFTOVER is what of a component
    (`bowl`) was weighed back, FAT what was poured off it. LATER puts a line at the
    end. AMEND corrects a line of a weigh-in that is closed: what was recorded before stays, and is
    shown.
    """

    TARE = "tare"
    TURN = "turn"
    LINE = "line"
    ADD = "add"
    RIGHT = "right"
    LATER = "later"
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
    AMEND = "amend"
    UNDO = "undo"


class ReadingOrigin(StrEnum):
    """Where a figure comes from. VESSEL: the known empty weight of a bowl, not a reading."""

    SCALE = "scale"
    AUTOMATIC = "automatic"
    HAND = "hand"
    MEASURE = "measure"
    ESTIMATE = "estimate"
    VESSEL = "vessel"
    FILE = "file"


OF_A_LINE: Final = frozenset(
    {
        RecordKind.LINE,
        RecordKind.ADD,
        RecordKind.RIGHT,
        RecordKind.SKIP,
        RecordKind.TURN,
        RecordKind.FOOD,
        RecordKind.CARRY,
        RecordKind.LATER,
    }
    | {RecordKind.AMEND}
)
POURS: Final = frozenset({RecordKind.LINE, RecordKind.ADD})
OF_THE_WEIGH_IN: Final = POURS | {
    RecordKind.SKIP,
    RecordKind.RIGHT,
    RecordKind.CARRY,
    RecordKind.FOOD,
    RecordKind.LATER,
}
"""What can be recorded, or undone, only while the weigh-in is open."""
OF_A_PIECE: Final = frozenset({RecordKind.PORTION, RecordKind.TOP_UP, RecordKind.ODD})
OF_A_COMPONENT: Final = frozenset({RecordKind.LEFTOVER, RecordKind.FAT})
WITH_A_NET: Final = (
    POURS
    | OF_A_COMPONENT
    | {RecordKind.MIXTURE, RecordKind.COOKED, RecordKind.PORTION, RecordKind.TOP_UP}
)
READ: Final = frozenset({ReadingOrigin.SCALE, ReadingOrigin.AUTOMATIC})
"""Read off the scale: their net is measured from a tare."""


class Record(Value):
    """A capture (see `captures`) as it was stored, for good: whatever its kind, one width, as the
    table has it. `tare_g` is what its net was measured from."""

    id: SentId
    kind: RecordKind
    line: int | None = None
    piece: PieceNumber | None = None
    gross_g: SignedGrams | None = None
    tare_record: RecordId | None = None
    mode: Mode = "gross"
    scale: ScaleName = ONE_SCALE
    way: PourDirection = "into"
    bowl: BowlName = ""
    net_g: Amount | None = None
    low_g: Amount | None = None
    high_g: Amount | None = None
    count: Count | None = None
    division_g: float = 1.0
    stable: YesNo = True
    origin: ReadingOrigin = ReadingOrigin.SCALE
    undoes: RecordId | None = None
    seen: RecordId | None = None
    label_id: int | None = None
    revision_id: int | None = None
    factor: TakeFactor | None = None
    scope: Scope | None = None
    note: Note = ""
    tare_g: float = 0.0
    at: datetime

    @property
    def is_new_line(self) -> bool:
        """Something poured that nobody planned."""
        return self.kind in POURS and self.line is None
