"""Taking a reading: its net from the tare, the record that is kept, and why it may be refused."""

from datetime import datetime

from gasket.core.weighing.captures import Capture
from gasket.core.weighing.records import (
    OF_A_LINE,
    POURS,
    WITH_A_NET,
    Mode,
    PourDirection,
    ReadingOrigin,
    Record,
    RecordKind,
)
from gasket.core.weighing.weigh_in import Tare, WeighIn


def tare_for(tare: Tare | None, mode: Mode) -> float:
    """The grams that a reading of `mode` is measured from.

    When the cook pressed the scale's own tare meanwhile, its zero moved: then the figure shown is
    the net by itself.
    """
    if tare is None or tare.mode != mode:
        return 0.0
    return tare.gross_g + tare.tipped_g


def net_of(gross_g: float, tare_g: float, way: PourDirection) -> float:
    """Into the bowl it grows, out of the pack it shrinks."""
    return round(gross_g - tare_g if way == "into" else tare_g - gross_g, 6)


def recorded(capture: Capture, state: WeighIn, at: datetime) -> Record:
    """The record of `capture`: its net calculated from the tare. Raises nothing; see `refusal`."""
    record = Record(**capture.model_dump(), at=at)
    tare = tare_for(state.tare_of(record.scale), record.mode)
    net = record.net_g
    if record.kind in WITH_A_NET and record.gross_g is not None:
        net = max(0.0, net_of(record.gross_g, tare, record.way))
    return record.model_copy(update={"net_g": net, "tare_g": tare})


def refusal(record: Record, state: WeighIn) -> str | None:
    """Why this cannot be taken, in a sentence; None when it can."""
    speaks_of_a_line = record.line is not None or record.kind in OF_A_LINE - POURS
    if speaks_of_a_line and record.line not in state.lines:
        return "That line is not part of this batch."
    if record.kind in (RecordKind.TOP_UP, RecordKind.ODD) and record.piece not in state.portions:
        return "Fill that piece first."
    if record.seen is not None and record.line is not None:
        line = state.lines.get(record.line)
        if line is not None and line.seen != record.seen:
            return "This line was just weighed from another page: look again."
    if record.gross_g is None or record.origin is ReadingOrigin.VESSEL:
        return None
    if not record.stable:
        return "The scale has not settled: wait for a steady reading."
    return None if record.kind is RecordKind.TARE else _reading_refused(record, state)


def _reading_refused(record: Record, state: WeighIn) -> str | None:
    tare = state.tare_of(record.scale)
    if record.tare_record != (tare.record if tare else None):
        return "This was just weighed from another page: look again."
    net = net_of(record.gross_g or 0.0, tare_for(tare, record.mode), record.way)
    if record.is_new_line and net < record.division_g / 2:
        return "Nothing has been poured yet."
    if net >= -record.division_g:
        return None
    if record.way == "out_of":
        return "The pack weighs more than before: tare it as it is now."
    if tare is not None and tare.tipped_g:
        return "The bowl weighs less than it should: put in what was weighed beside it, or tare."
    return "The scale shows less than the empty bowl: is the bowl off the scale?"
