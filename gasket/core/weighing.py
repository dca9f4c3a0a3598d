"""The weigh-in: readings and append-only records in, the state of every line out.

A record is never changed. Undo is a record that names another; a correction is a new capture of the
same line. `replay` folds the records into the state, so that a reload, a second tab and a
restarted server all see the same weigh-in.

    tare 412 → capture flour (gross 532, net 120) → the next line starts from 532 by itself
"""

from dataclasses import dataclass, field
from datetime import datetime
from enum import StrEnum
from typing import Annotated, Final, Literal, Protocol, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import MOST_G, Amount, Number, Value

Mode = Literal["gross", "net"]
SignedGrams = Annotated[Number, Field(ge=-MOST_G, le=MOST_G)]


class Reading(Value):
    """One line from the scale. `division_g` is the unit of the last digit shown."""

    grams: float
    stable: bool
    overload: bool = False
    mode: Mode = "gross"
    division_g: float
    sent_ms: float | None = None


class Kind(StrEnum):
    TARE = "tare"
    TURN = "turn"
    LINE = "line"
    SKIP = "skip"
    MIXTURE = "mixture"
    COOKED = "cooked"
    PORTION = "portion"
    UNDO = "undo"


class Origin(StrEnum):
    SCALE = "scale"
    AUTOMATIC = "automatic"
    HAND = "hand"
    ESTIMATE = "estimate"
    FILE = "file"


_OF_A_LINE: Final = frozenset({Kind.LINE, Kind.SKIP, Kind.TURN})
_WITH_A_NET: Final = frozenset({Kind.LINE, Kind.MIXTURE, Kind.COOKED, Kind.PORTION})


class Capture(Value):
    """What is sent to be recorded. `id` is made by the sender, so that a retry is not a second one.

    From the scale: `gross_g` is the figure it showed, `tare_record` the record whose gross the
    net is measured from. By hand or as an estimate: `net_g` (and `low_g`, `high_g`).
    """

    id: Annotated[str, Field(min_length=8, max_length=64)]
    kind: Kind
    line: int | None = None
    piece: Annotated[int, Field(ge=1, le=10_000)] | None = None
    gross_g: SignedGrams | None = None
    tare_record: Annotated[str, Field(max_length=64)] | None = None
    mode: Mode = "gross"
    net_g: Amount | None = None
    low_g: Amount | None = None
    high_g: Amount | None = None
    division_g: Annotated[Number, Field(ge=0, le=100)] = 1.0
    stable: bool = True
    origin: Origin = Origin.SCALE
    undoes: str | None = None

    @model_validator(mode="after")
    def _says_what_it_needs(self) -> Self:
        if self.kind in _OF_A_LINE and self.line is None:
            raise PydanticCustomError("capture", "Say which line this is.")
        if self.kind is Kind.PORTION and self.piece is None:
            raise PydanticCustomError("capture", "Say which portion this is.")
        if self.kind is Kind.UNDO and self.undoes is None:
            raise PydanticCustomError("capture", "Say which record to undo.")
        needs_gross = self.kind is Kind.TARE or (
            self.kind in _WITH_A_NET and self.origin in (Origin.SCALE, Origin.AUTOMATIC)
        )
        if needs_gross and self.gross_g is None:
            raise PydanticCustomError("capture", "There is no reading to take.")
        if self.kind in _WITH_A_NET and not needs_gross and self.net_g is None:
            raise PydanticCustomError("capture", "Type how many grams it was.")
        if self.origin is Origin.ESTIMATE and self.kind is Kind.LINE:
            low, high = self.low_g, self.high_g
            if low is None or high is None or not low <= (self.net_g or 0.0) <= high:
                raise PydanticCustomError(
                    "estimate",
                    "An estimate runs from a low to a high figure with the grams in between.",
                )
        return self


class Record(Capture):
    """A capture as it was stored, for good."""

    tare_g: float = 0.0
    at: datetime


class LineStatus(StrEnum):
    OPEN = "open"
    WEIGHED = "weighed"
    SKIPPED = "skipped"


@dataclass(frozen=True, slots=True)
class LineState:
    """One line: open, weighed (with the record that says so) or skipped on purpose."""

    status: LineStatus = LineStatus.OPEN
    record: Record | None = None


@dataclass(slots=True)
class WeighIn:
    """The state after all records."""

    tare_g: float = 0.0
    tare_mode: Mode | None = None
    tare_record: str | None = None
    lines: dict[int, LineState] = field(default_factory=dict)
    current: int | None = None
    mixture: Record | None = None
    cooked: Record | None = None
    portions: dict[int, Record] = field(default_factory=dict)
    last: Record | None = None

    @property
    def open_lines(self) -> list[int]:
        return [key for key, line in self.lines.items() if line.status is LineStatus.OPEN]


def replay(records: list[Record], lines: list[int]) -> WeighIn:
    """Fold `records` (oldest first) over the batch's line ids in working order."""
    undone = {record.undoes for record in records if record.kind is Kind.UNDO}
    state = WeighIn(lines={line: LineState() for line in lines})
    turned: int | None = None
    for record in records:
        if record.id in undone or record.kind is Kind.UNDO:
            continue
        if record.kind is Kind.TURN:
            turned = record.line
            continue
        _apply(state, record)
        turned = None if record.kind in (Kind.LINE, Kind.SKIP) else turned
        state.last = record
    state.current = turned if turned in state.lines else next(iter(state.open_lines), None)
    return state


def _apply(state: WeighIn, record: Record) -> None:
    match record.kind:
        case Kind.LINE if record.line in state.lines:
            state.lines[record.line] = LineState(LineStatus.WEIGHED, record)
        case Kind.SKIP if record.line in state.lines:
            state.lines[record.line] = LineState(LineStatus.SKIPPED, record)
        case Kind.MIXTURE:
            state.mixture = record
        case Kind.COOKED:
            state.cooked = record
        case Kind.PORTION if record.piece is not None:
            state.portions[record.piece] = record
        case _:
            pass
    if record.gross_g is not None:  # whatever is on the scale now is what the next one starts from
        state.tare_g, state.tare_mode = record.gross_g, record.mode
        state.tare_record = record.id


class Tared(Protocol):
    """What knows its tare: the state of a weigh-in, or a sheet that shows it."""

    @property
    def tare_g(self) -> float: ...

    @property
    def tare_mode(self) -> Mode | None: ...


def tare_for(state: Tared, mode: Mode) -> float:
    """The tare that a reading of `mode` is measured from.

    When the cook pressed the scale's own tare meanwhile, its zero moved: then the figure shown is
    the net by itself.
    """
    return state.tare_g if state.tare_mode == mode else 0.0


def recorded(capture: Capture, state: WeighIn, at: datetime) -> Record:
    """The record of `capture`: its net reckoned from the tare. Raises nothing; see `refusal`."""
    tare = tare_for(state, capture.mode)
    net = capture.net_g
    if capture.kind in _WITH_A_NET and capture.gross_g is not None:
        net = max(0.0, round(capture.gross_g - tare, 6))
    return Record(**{**capture.model_dump(), "net_g": net}, tare_g=tare, at=at)


def refusal(capture: Capture, state: WeighIn) -> str | None:
    """Why this cannot be taken, in a sentence; None when it can."""
    if capture.kind in _OF_A_LINE and capture.line not in state.lines:
        return "That line is not part of this batch."
    if capture.gross_g is None or capture.kind is Kind.TARE:
        return None if capture.stable else "The scale has not settled: wait for a steady reading."
    if not capture.stable:
        return "The scale has not settled: wait for a steady reading."
    if capture.tare_record != state.tare_record:
        return "This was just weighed from another page: look again."
    net = capture.gross_g - tare_for(state, capture.mode)
    if net < -capture.division_g:
        return "The scale shows less than the empty bowl: is the bowl off the scale?"
    return None


class PourState(StrEnum):
    """Where a pour stands against its target."""

    WAITING = "waiting"
    POURING = "pouring"
    WITHIN = "within"
    OVER = "over"
    BOWL_OFF = "bowl_off"
    OVERLOAD = "overload"


@dataclass(frozen=True, slots=True)
class Pour:
    """The pour as it is now: net and what is left to pour (negative when over)."""

    state: PourState
    net_g: float
    left_g: float


RELATIVE_TOLERANCE: Final = 0.015
SMALL_IN_DIVISIONS: Final = 20.0
HOLD_S: Final = 0.8
"""A pour that is within tolerance captures itself after it has been steady for so long."""


def tolerance_g(target_g: float, division_g: float) -> float:
    """How far from the target is near enough: 1.5 %, in whole divisions, one at least."""
    divisions = max(1.0, float(int(RELATIVE_TOLERANCE * target_g / division_g)))
    return round(divisions * division_g, 6)


def wants_finer_scale(target_g: float, division_g: float) -> bool:
    """Below 20 divisions a reading is good to 5 % at best."""
    return 0 < target_g < SMALL_IN_DIVISIONS * division_g


def judge(reading: Reading, target_g: float, tare_g: float) -> Pour:
    """Where the pour of `reading` stands."""
    net = round(reading.grams - tare_g, 6)
    left = round(target_g - net, 6)
    slack = tolerance_g(target_g, reading.division_g)
    if reading.overload:
        state = PourState.OVERLOAD
    elif net < -2 * reading.division_g:
        state = PourState.BOWL_OFF
    elif net < reading.division_g / 2:
        state = PourState.WAITING
    elif left > slack + reading.division_g * 1e-6:
        state = PourState.POURING
    elif left >= -slack - reading.division_g * 1e-6:
        state = PourState.WITHIN
    else:
        state = PourState.OVER
    return Pour(state, net, left)


def captures_itself(pour: Pour, reading: Reading, steady_for_s: float) -> bool:
    """Whether a hands-free weigh-in takes this reading without being asked."""
    return pour.state is PourState.WITHIN and reading.stable and steady_for_s >= HOLD_S
