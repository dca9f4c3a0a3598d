"""The state of one line of a weigh-in: poured, spilled, corrected, and how it stands."""

from dataclasses import dataclass, replace
from enum import StrEnum

from gasket.core.weighing.records import OPEN, Record, RecordKind


class LineStatus(StrEnum):
    """Where a line stands in the weigh-in."""

    OPEN = "open"
    WEIGHED = "weighed"
    SKIPPED = "skipped"


@dataclass(frozen=True, slots=True)
class SpillSpan:
    """What did not stay where it was poured, from low to high."""

    net_g: float = 0.0
    low_g: float = 0.0
    high_g: float = 0.0

    def more(self, record: Record) -> "SpillSpan":
        """With another spill."""
        return SpillSpan(
            self.net_g + (record.net_g or 0.0),
            self.low_g + (record.low_g or 0.0),
            self.high_g + (record.high_g or 0.0),
        )


@dataclass(frozen=True, slots=True)
class LineCorrection:
    """What a line was before `record` corrected it: its grams, the food where that was another."""

    was_g: float | None
    was_revision: int | None
    record: Record


@dataclass(frozen=True, slots=True)
class LineState:
    """One line: open, weighed (in one or several pours) or skipped on purpose.

    `factor` is what was carried on to its target; `revision_id` the food that went in where that
    is not the planned one; `record` the last one that says something of the line; `amended` are the
    corrections since the weigh-in was closed.
    """

    status: LineStatus = LineStatus.OPEN
    record: Record | None = None
    pours: tuple[Record, ...] = ()
    factor: float = 1.0
    revision_id: int | None = None
    spilled: SpillSpan = SpillSpan()
    cue: str = ""
    amended: tuple[LineCorrection, ...] = ()

    @property
    def poured_g(self) -> float:
        """What has been poured so far, spilled or not."""
        return round(sum(pour.net_g or 0.0 for pour in self.pours), 6)

    @property
    def net_g(self) -> float | None:
        """What of it is in the bowl; None where nothing has been poured."""
        return max(0.0, round(self.poured_g - self.spilled.net_g, 6)) if self.pours else None

    @property
    def estimate(self) -> tuple[float, float] | None:
        """From low to high, where a pour or a spill was estimated."""
        if not any(pour.low_g is not None for pour in self.pours) and not self.spilled.high_g:
            return None
        low = sum(low_of(pour) for pour in self.pours) - self.spilled.high_g
        high = sum(high_of(pour) for pour in self.pours) - self.spilled.low_g
        net = self.net_g or 0.0
        return min(max(0.0, low), net), max(high, net)

    @property
    def division_g(self) -> float:
        """Of all pours: what was poured on in one go is one net, with the error of one."""
        total, before = 0.0, None
        for pour in self.pours:
            if before is None or pour.tare_record != before.id:
                total += pour.division_g
            before = pour
        return total

    @property
    def count(self) -> float | None:
        """Pieces that were counted in; None where nobody counted."""
        counted = [pour.count for pour in self.pours if pour.count is not None]
        return sum(counted) if counted else None

    @property
    def seen(self) -> str:
        """What a page has seen of the line: the record that it looked at."""
        return self.record.id if self.record else OPEN


def low_of(pour: Record) -> float:
    """The least grams that a pour can have been."""
    if pour.low_g is not None:
        return pour.low_g
    return max(0.0, (pour.net_g or 0.0) - pour.division_g)


def high_of(pour: Record) -> float:
    """The most grams that a pour can have been."""
    return pour.high_g if pour.high_g is not None else (pour.net_g or 0.0) + pour.division_g


def line_after(line: LineState, record: Record) -> LineState:
    """A line as it stands after a record of it."""
    line = replace(line, record=record)
    match record.kind:
        case RecordKind.LINE:
            completes = line.status is LineStatus.OPEN
            pours = (*line.pours, record) if completes else (record,)
            spilled = line.spilled if completes else SpillSpan()
            return replace(line, status=LineStatus.WEIGHED, pours=pours, spilled=spilled)
        case RecordKind.ADD:
            status = LineStatus.OPEN if line.status is LineStatus.SKIPPED else line.status
            return replace(line, status=status, pours=(*line.pours, record))
        case RecordKind.RIGHT:
            return replace(line, status=LineStatus.WEIGHED, cue=record.note)
        case RecordKind.SKIP:
            return replace(line, status=LineStatus.SKIPPED, pours=(), spilled=SpillSpan())
        case RecordKind.FOOD:
            return replace(line, revision_id=record.revision_id)
        case RecordKind.SPILL:
            return replace(line, spilled=line.spilled.more(record))
        case RecordKind.AMEND:
            return _amended(line, record)
        case _:
            return line


def _amended(line: LineState, record: Record) -> LineState:
    """Its grams are what they are told to have been, its food another, or both."""
    before = LineCorrection(line.net_g, line.revision_id, record)
    line = replace(line, amended=(*line.amended, before))
    if record.revision_id is not None:
        line = replace(line, revision_id=record.revision_id)
    if record.net_g is None:
        return line
    return replace(line, status=LineStatus.WEIGHED, pours=(record,), spilled=SpillSpan())
