"""The weigh-in replayed: records in, the state of every line and of every bowl out.

A record is never changed. Undo is a record that names another; a correction is a new capture of the
same line. `replay` folds the records into the state, so that a reload, a second tab and a
restarted server all see the same weigh-in.

    tare 412 → capture flour (gross 532, net 120) → the next line starts from 532 by itself
    → 2 g of cinnamon typed in → the next line starts from 534: they are in the bowl by then
"""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from typing import Final, Literal

from gasket.core.weighing.line_state import (
    LineState,
    LineStatus,
    SpillSpan,
    high_of,
    line_after,
    low_of,
)
from gasket.core.weighing.pour import tolerance_g
from gasket.core.weighing.records import (
    OF_A_LINE,
    OF_A_PIECE,
    POURS,
    Mode,
    PourDirection,
    ReadingOrigin,
    Record,
    RecordKind,
)

_SAYS_OF_A_LINE: Final = OF_A_LINE | {RecordKind.SPILL}


@dataclass(frozen=True, slots=True)
class ToWeigh:
    """A line as the weigh-in has it. Without `planned` it came in on the way."""

    id: int
    target_g: float = 0.0
    bowl: str = ""
    way: PourDirection = "into"
    planned: bool = True
    named: bool = True


ContainerKind = Literal["bowl", "pack", "beside", "cups"]


@dataclass(frozen=True, slots=True)
class Container:
    """What stands on a scale: a `bowl` by its name, the `pack` that a `line` is taken out of, a cup
    `beside` the bowl of that name, or the `cups` that pieces are filled into."""

    kind: ContainerKind = "bowl"
    name: str = ""
    line: int | None = None


NOTHING: Final = Container()
CUPS: Final = "cups"
"""What pieces are filled into: one after the other on the scale, or all of them at once."""


@dataclass(frozen=True, slots=True)
class Tare:
    """What the next net on a scale is measured from: the gross of the record named.

    `vessel` is what stood on the scale; `known` when that is its known empty weight and not what
    lay on the scale. `tipped_g` went into that bowl beside the scale since;
    `tipped_about_g` is half the width of what is not known of it.
    """

    gross_g: float
    mode: Mode = "gross"
    record: str = ""
    vessel: Container = NOTHING
    known: bool = False
    tipped_g: float = 0.0
    tipped_about_g: float = 0.0


@dataclass(frozen=True, slots=True)
class Piece:
    """A piece as it was filled: `record` is the last one that says something of it."""

    grams: float
    record: Record
    odd: bool = False
    topped_up: bool = False


@dataclass(slots=True)
class WeighIn:
    """The state after all records."""

    tares: dict[str, Tare] = field(default_factory=dict)
    empty: dict[Container, float] = field(default_factory=dict)
    """Gross of each vessel when it was first tared."""
    lines: dict[int, LineState] = field(default_factory=dict)
    current: int | None = None
    put_off: list[int] = field(default_factory=list)
    """Lines that come when the others are done, in that order."""
    spilled: dict[str, SpillSpan] = field(default_factory=dict)
    mixture: Record | None = None
    cooked: Record | None = None
    portions: dict[int, Piece] = field(default_factory=dict)
    leftover: dict[str, Record] = field(default_factory=dict)
    """What was weighed back of a component; the last weighing counts."""
    fat_off: dict[str, list[Record]] = field(default_factory=dict)
    last: Record | None = None

    @property
    def empty_bowls(self) -> dict[str, float]:
        """Gross of each bowl when it was first tared, by its name."""
        return {
            container.name: grams
            for container, grams in self.empty.items()
            if container.kind == "bowl"
        }

    @property
    def open_lines(self) -> list[int]:
        """Lines that are still to be weighed, in their order."""
        return [key for key, line in self.lines.items() if line.status is LineStatus.OPEN]

    def later_of(self, line: int) -> int | None:
        """Its place among those that were put off, from 1; None for a line that was not."""
        return self.put_off.index(line) + 1 if line in self.put_off else None

    def tare_of(self, scale: str) -> Tare | None:
        """The tare that counts on a scale; None before the first."""
        return self.tares.get(scale)


def vessel_for(line: ToWeigh) -> Container:
    """What stands on the scale while a line is weighed: its bowl, or its own pack."""
    if line.way == "out_of":
        return Container("pack", line=line.id)
    return Container("bowl", line.bowl)


def _vessel_of(record: Record, plan: Mapping[int, ToWeigh]) -> Container:
    """What stood on the scale. Before pieces were recorded with their tare, "cups" were told by
    their name alone: they are, where no line goes into a bowl of that name."""
    if record.way == "out_of" and record.kind in POURS | {RecordKind.TARE}:
        return Container("pack", line=record.line)
    told = record.bowl == CUPS and all(line.bowl != CUPS for line in plan.values())
    is_cups = record.piece is not None or (record.kind is RecordKind.TARE and told)
    return Container("cups" if is_cups else "bowl", record.bowl)


def replay(records: Sequence[Record], lines: Iterable[ToWeigh]) -> WeighIn:
    """Fold `records` (oldest first) over the batch's lines in working order.

    A line that nobody planned, that has no food and of which nothing is recorded any more is gone.
    """
    undone = {record.undoes for record in records if record.kind is RecordKind.UNDO}
    plan = {line.id: line for line in lines}
    state = WeighIn(lines={line: LineState() for line in plan})
    turned: int | None = None
    for record in records:
        if record.id in undone or record.kind is RecordKind.UNDO:
            continue
        if record.kind is RecordKind.TURN:
            turned = record.line
            continue
        turned = _turned_after(state, record, turned)
        _apply(state, record, plan)
        state.last = record
    for key, line in plan.items():
        if not line.planned and not line.named and state.lines[key].record is None:
            del state.lines[key]
    to_do = sorted(state.open_lines, key=lambda key: state.later_of(key) or 0)
    state.current = turned if turned in state.lines else next(iter(to_do), None)
    return state


def _turned_after(state: WeighIn, record: Record, turned: int | None) -> int | None:
    """A pour that leaves its line open stays there; what completes a line goes on."""
    if record.kind is RecordKind.ADD and record.line in state.lines:
        open_line = state.lines[record.line].status is LineStatus.OPEN
        return record.line if open_line else None
    ends = (RecordKind.LINE, RecordKind.SKIP, RecordKind.RIGHT, RecordKind.LATER)
    return None if record.kind in ends else turned


def _apply(state: WeighIn, record: Record, plan: Mapping[int, ToWeigh]) -> None:
    if record.kind is RecordKind.LATER and record.line in state.lines:
        state.put_off = [*(key for key in state.put_off if key != record.line), record.line]
    match record.kind:
        case RecordKind.MIXTURE:
            state.mixture = record
        case RecordKind.COOKED:
            state.cooked = record
        case kind if kind in OF_A_PIECE and record.piece is not None:
            _piece(state, record.piece, record)
        case RecordKind.LEFTOVER:
            state.leftover[record.bowl] = record
        case RecordKind.FAT:
            state.fat_off.setdefault(record.bowl, []).append(record)
        case RecordKind.CARRY:
            _carry(state, record, plan)
        case RecordKind.SPILL if record.line is None:
            before = state.spilled.get(record.bowl, SpillSpan())
            state.spilled[record.bowl] = before.more(record)
        case kind if kind in _SAYS_OF_A_LINE and record.line in state.lines:
            state.lines[record.line] = line_after(state.lines[record.line], record)
        case _:
            pass
    _retare(state, record, plan)


def _piece(state: WeighIn, number: int, record: Record) -> None:
    before = state.portions.get(number)
    if record.kind is RecordKind.PORTION:
        state.portions[number] = Piece(record.net_g or 0.0, record)
    elif before is not None and record.kind is RecordKind.TOP_UP:
        grams = round(before.grams + (record.net_g or 0.0), 6)
        state.portions[number] = replace(before, grams=grams, record=record, topped_up=True)
    elif before is not None:
        state.portions[number] = replace(before, odd=not before.odd, record=record)


def _carry(state: WeighIn, record: Record, plan: Mapping[int, ToWeigh]) -> None:
    """Scale the targets that are still to come; with scope `all`, weighed lines that are now
    short of theirs open again, with what they have. The line that set the ratio keeps still."""
    factor = record.factor or 1.0
    for key, line in state.lines.items():
        if line.status is LineStatus.SKIPPED:
            continue
        if key == record.line:
            state.lines[key] = replace(line, factor=line.factor * factor, record=record)
            continue
        weighed = line.status is LineStatus.WEIGHED
        if weighed and record.scope != "all":
            continue
        scaled = replace(line, factor=line.factor * factor)
        target = plan[key].target_g * scaled.factor
        if weighed and (line.net_g or 0.0) < target - tolerance_g(target, 1.0):
            scaled = replace(scaled, status=LineStatus.OPEN)
        state.lines[key] = scaled


def _retare(state: WeighIn, record: Record, plan: Mapping[int, ToWeigh]) -> None:
    """Whatever is on a scale now is what the next net on it starts from; what came into a bowl
    beside it is there too."""
    vessel, bowl = _vessel_of(record, plan), Container("bowl", record.bowl)
    if record.gross_g is not None:
        known = record.origin is ReadingOrigin.VESSEL
        tare = Tare(record.gross_g, record.mode, record.id, vessel, known)
        state.tares[record.scale] = tare
        _settle_cups(state, vessel)
        if record.kind is RecordKind.TARE and record.mode == "gross":
            state.empty.setdefault(vessel, record.gross_g)
    if record.kind not in POURS or not record.bowl:
        return
    half = 0.0 if record.low_g is None else (high_of(record) - low_of(record)) / 2
    for scale, tare in state.tares.items():
        if tare.vessel == bowl and tare.record != record.id:
            state.tares[scale] = replace(
                tare,
                tipped_g=round(tare.tipped_g + (record.net_g or 0.0), 6),
                tipped_about_g=tare.tipped_about_g + half,
            )


def _settle_cups(state: WeighIn, bowl: Container) -> None:
    """A bowl stands on one scale, where its load is the heaviest: what is weighed for it on another
    one is in a cup, that comes back empty."""
    if bowl.kind != "bowl":
        return
    cup = Container("beside", bowl.name)
    there = {key: tare for key, tare in state.tares.items() if tare.vessel in (bowl, cup)}
    home = max(there, key=lambda key: there[key].gross_g)
    for scale, tare in there.items():
        vessel = bowl if scale == home else cup
        if tare.vessel != vessel:
            state.tares[scale] = replace(tare, vessel=vessel, tipped_g=0.0, tipped_about_g=0.0)
