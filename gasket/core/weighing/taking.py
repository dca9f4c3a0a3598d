"""Taking a reading: its net from the tare, the record that is kept, and why it may be refused."""

from datetime import datetime

from gasket.core.weighing.records import (
    OF_A_LINE,
    POURS,
    WITH_A_NET,
    Capture,
    Kind,
    Mode,
    Origin,
    Record,
    Way,
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


def net_of(gross_g: float, tare_g: float, way: Way) -> float:
    """Into the bowl it grows, out of the pack it shrinks."""
    return round(gross_g - tare_g if way == "into" else tare_g - gross_g, 6)


def recorded(capture: Capture, state: WeighIn, at: datetime) -> Record:
    """The record of `capture`: its net reckoned from the tare. Raises nothing; see `refusal`."""
    tare = tare_for(state.tare_of(capture.scale), capture.mode)
    net = capture.net_g
    if capture.kind in WITH_A_NET and capture.gross_g is not None:
        net = max(0.0, net_of(capture.gross_g, tare, capture.way))
    return Record(**{**capture.model_dump(), "net_g": net}, tare_g=tare, at=at)


def refusal(capture: Capture, state: WeighIn) -> str | None:
    """Why this cannot be taken, in a sentence; None when it can."""
    speaks_of_a_line = capture.line is not None or capture.kind in OF_A_LINE - POURS
    if speaks_of_a_line and capture.line not in state.lines:
        return "That line is not part of this batch."
    if capture.kind in (Kind.TOP_UP, Kind.ODD) and capture.piece not in state.portions:
        return "Fill that piece first."
    if capture.seen is not None and capture.line is not None:
        line = state.lines.get(capture.line)
        if line is not None and line.seen != capture.seen:
            return "This line was just weighed from another page: look again."
    if capture.gross_g is None or capture.origin is Origin.VESSEL:
        return None
    if not capture.stable:
        return "The scale has not settled: wait for a steady reading."
    return None if capture.kind is Kind.TARE else _reading_refused(capture, state)


def _reading_refused(capture: Capture, state: WeighIn) -> str | None:
    tare = state.tare_of(capture.scale)
    if capture.tare_record != (tare.record if tare else None):
        return "This was just weighed from another page: look again."
    net = net_of(capture.gross_g or 0.0, tare_for(tare, capture.mode), capture.way)
    if capture.is_new_line and net < capture.division_g / 2:
        return "Nothing has been poured yet."
    if net >= -capture.division_g:
        return None
    if capture.way == "out_of":
        return "The pack weighs more than before: tare it as it is now."
    if tare is not None and tare.tipped_g:
        return "The bowl weighs less than it should: put in what was weighed beside it, or tare."
    return "The scale shows less than the empty bowl: is the bowl off the scale?"
