"""What is sent to be recorded: each kind of capture says what it needs, and nothing else."""

from typing import Annotated, Any, Final, Literal, Self, get_args

from pydantic import Field, TypeAdapter, model_validator
from pydantic_core import PydanticCustomError
from typing_extensions import TypeAliasType

from gasket.core.numbers import Amount, Number, SentId, Value, YesNo
from gasket.core.weighing.records import (
    ONE_SCALE,
    READ,
    SPILL_SPREAD,
    BowlName,
    Count,
    Mode,
    Note,
    PieceNumber,
    PourDirection,
    ReadingOrigin,
    RecordId,
    RecordKind,
    ScaleName,
    Scope,
    SignedGrams,
    TakeFactor,
)

_RANGED: Final = frozenset({ReadingOrigin.ESTIMATE, ReadingOrigin.MEASURE})


class _Capture(Value):
    """`id` is made by the sender, so that a retry is not a second one. What only another kind of
    capture has a use for is left aside: a page of an older Gasket may send it."""

    id: SentId
    origin: ReadingOrigin = ReadingOrigin.SCALE
    note: Note = ""

    @model_validator(mode="before")
    @classmethod
    def _what_is_its_own(cls, sent: Any) -> Any:
        if not isinstance(sent, dict):
            return sent
        return {
            name: value
            for name, value in sent.items()
            if name in cls.model_fields or name not in _OF_ANY_KIND
        }


class _OfALine(_Capture):
    """`seen` is the record of the line that the sender looked at (`open` for none): another one
    means that somebody else was quicker."""

    line: int
    seen: RecordId | None = None


class _Reading(_Capture):
    """From the scale: `gross_g` is the figure it showed, `tare_record` the record whose gross the
    net is measured from."""

    gross_g: SignedGrams | None = None
    tare_record: RecordId | None = None
    mode: Mode = "gross"
    scale: ScaleName = ONE_SCALE
    way: PourDirection = "into"
    bowl: BowlName = ""
    division_g: Annotated[Number, Field(ge=0, le=100)] = 1.0
    stable: YesNo = True


class TareTaken(_Reading):
    """What stands on the scale is the vessel."""

    kind: Literal[RecordKind.TARE]
    gross_g: SignedGrams
    line: int | None = None
    seen: RecordId | None = None
    piece: PieceNumber | None = None


class _Weight(_Reading):
    """From the scale, or told: by hand, by measure or as an estimate `net_g` says it."""

    net_g: Amount | None = None

    @model_validator(mode="after")
    def _weighs_something(self) -> Self:
        if self.origin in READ and self.gross_g is None:
            raise PydanticCustomError("capture", "There is no reading to take.")
        if self.origin not in READ and self.net_g is None:
            raise PydanticCustomError("capture", "Type how many grams it was.")
        return self


class Pour(_Weight):
    """Without a `line` it is a new line of the weigh-in, to be named before or after: `label_id`
    says what it was. An estimate runs from `low_g` to `high_g`."""

    kind: Literal[RecordKind.LINE, RecordKind.ADD]
    line: int | None = None
    seen: RecordId | None = None
    low_g: Amount | None = None
    high_g: Amount | None = None
    count: Count | None = None
    label_id: int | None = None

    @model_validator(mode="after")
    def _runs_from_low_to_high(self) -> Self:
        if self.origin in _RANGED:
            _refuse_unless_ordered(self.low_g, self.net_g, self.high_g)
        return self


class Whole(_Weight):
    """The whole mixture, or the whole batch as it came out of the heat."""

    kind: Literal[RecordKind.MIXTURE, RecordKind.COOKED]


class PieceFilled(_Weight):
    """A piece was filled, or topped up, by weight."""

    kind: Literal[RecordKind.PORTION, RecordKind.TOP_UP]
    piece: PieceNumber


class WeighedBack(_Weight):
    """What of a component was not used, or ran off it."""

    kind: Literal[RecordKind.LEFTOVER, RecordKind.FAT]
    bowl: Annotated[BowlName, Field(min_length=1)]


class OddPiece(_Capture):
    """The piece stays as it is."""

    kind: Literal[RecordKind.ODD]
    piece: PieceNumber


class Turn(_OfALine):
    """The weigh-in goes to this line."""

    kind: Literal[RecordKind.TURN]


class LineEnded(_OfALine):
    """It is right as it is, or is left out; `note` says how one knows, or why."""

    kind: Literal[RecordKind.RIGHT, RecordKind.SKIP]


class PutOff(_OfALine):
    """The line comes again when the others are done."""

    kind: Literal[RecordKind.LATER]


class FoodUsed(_OfALine):
    """What went in is this food. The revision of it that was current is kept in `revision_id`."""

    kind: Literal[RecordKind.FOOD]
    label_id: int
    revision_id: int | None = None


class Carry(_OfALine):
    """Without a `factor`, what the line was weighed at to its target is carried on."""

    kind: Literal[RecordKind.CARRY]
    scope: Scope
    factor: TakeFactor | None = None


class Spill(_Capture):
    """Guessed from `low_g` to `high_g`, by the usual spread of such a guess where they are not
    said, of a line or of the component `bowl`."""

    kind: Literal[RecordKind.SPILL]
    net_g: Amount
    low_g: Amount | None = None
    high_g: Amount | None = None
    line: int | None = None
    bowl: BowlName = ""

    @model_validator(mode="before")
    @classmethod
    def _usual_spread(cls, sent: Any) -> Any:
        net = sent.get("net_g") if isinstance(sent, dict) else None
        if not isinstance(net, int | float) or {"low_g", "high_g"} & sent.keys():
            return sent
        return {**sent, "low_g": net * (1 - SPILL_SPREAD), "high_g": net * (1 + SPILL_SPREAD)}

    @model_validator(mode="after")
    def _is_of_something(self) -> Self:
        if self.line is None and not self.bowl:
            raise PydanticCustomError("capture", "Say of what it was spilled.")
        _refuse_unless_ordered(self.low_g, self.net_g, self.high_g)
        return self


class Undo(_Capture):
    """An earlier record is taken back; it stays in the book."""

    kind: Literal[RecordKind.UNDO]
    undoes: RecordId


def _refuse_unless_ordered(low: float | None, grams: float | None, high: float | None) -> None:
    if low is None or grams is None or high is None or not low <= grams <= high:
        says = "An estimate runs from a low to a high figure with the grams in between."
        raise PydanticCustomError("estimate", says)


_AnyKind = (
    TareTaken
    | Pour
    | Whole
    | PieceFilled
    | WeighedBack
    | OddPiece
    | Turn
    | LineEnded
    | PutOff
    | FoodUsed
    | Carry
    | Spill
    | Undo
)
Capture = TypeAliasType("Capture", Annotated[_AnyKind, Field(discriminator="kind")])
_OF_ANY_KIND: Final = frozenset(
    name for one_kind in get_args(_AnyKind) for name in one_kind.model_fields
)
_READER: Final[TypeAdapter[Capture]] = TypeAdapter(Capture)


def capture_of(**fields: Any) -> Capture:
    """The capture that the fields make. Raises pydantic's `ValidationError`."""
    return _READER.validate_python(fields)
