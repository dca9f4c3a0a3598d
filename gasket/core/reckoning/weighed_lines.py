"""Lines as they were written down, with what was recorded of each: what a line is and counts for.

An open line counts as planned, a skipped one for none; of what is poured together each line has its
part; what went in wants a name.
"""

from collections.abc import Mapping
from dataclasses import dataclass, field
from functools import cached_property
from typing import Final

from gasket.core.label.label import Label
from gasket.core.reckoning.batch import Line
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.weighing.line_state import LineState, LineStatus
from gasket.core.weighing.records import Record
from gasket.core.weighing.weigh_in import WeighIn, replay

UNNAMED: Final = "no name yet"
MOST_DIVISION_G: Final = 100.0
"""The coarsest division that a line of a batch may carry (batch format)."""


@dataclass(frozen=True, kw_only=True)
class WeighedLines:
    """The lines with their records. `panels` are by label revision; `replayed` is the state of
    these records, where it is known.
    """

    written: tuple[WrittenLine, ...] = ()
    records: tuple[Record, ...] = ()
    panels: Mapping[int, Label] = field(default_factory=dict)
    replayed: WeighIn | None = None

    @cached_property
    def state(self) -> WeighIn:
        """What the records say of the weigh-in as it stands."""
        return self.replayed or replay(self.records, to_weigh(self.written))

    @cached_property
    def lines(self) -> list[WrittenLine]:
        """The lines that are still there, in working order."""
        there = self.state.lines
        return [line for line in self.written if (line.poured_with or line.id) in there]

    @property
    def says_open(self) -> str:
        """ "1 line is", "3 lines are"."""
        left = len(self.state.open_lines)
        return "1 line is" if left == 1 else f"{left} lines are"

    def line(self, key: int) -> WrittenLine | None:
        """The line with this id, while it is there."""
        return next((line for line in self.lines if line.id == key), None)

    def state_of(self, line: WrittenLine) -> LineState:
        """A line that is poured together with another shares its state."""
        return self.state.lines[line.poured_with or line.id]

    def together(self, line: WrittenLine) -> list[WrittenLine]:
        """The lines of one pour, the one that is weighed first."""
        return self._pours[line.poured_with or line.id]

    @cached_property
    def _pours(self) -> dict[int, list[WrittenLine]]:
        pours: dict[int, list[WrittenLine]] = {}
        for line in self.written:
            pours.setdefault(line.poured_with or line.id, []).append(line)
        return pours

    def share_of(self, line: WrittenLine) -> float:
        """The part of a common pour that is this line's: by target, else in equal parts."""
        together = self.together(line)
        whole = sum(other.target_g for other in together)
        return line.target_g / whole if whole > 0 else 1 / len(together)

    def revision_of(self, line: WrittenLine) -> int | None:
        """The label revision of what went in."""
        return self.state_of(line).revision_id or line.revision_id

    def is_stand_in(self, line: WrittenLine) -> bool:
        """Whether another food than the planned one went in."""
        used = self.state_of(line).revision_id
        return used is not None and line.revision_id is not None and used != line.revision_id

    def is_unnamed(self, line: WrittenLine) -> bool:
        """Whether something was weighed that nobody has named yet."""
        return self.revision_of(line) is None and line.of_component is None

    def wants_name(self, line: WrittenLine) -> bool:
        """Whether there is something in the bowl that nobody has named; what was left out or wholly
        spilled needs no name."""
        return self.is_unnamed(line) and bool(self.state_of(line).net_g)

    def is_only_counted(self, line: WrittenLine) -> bool:
        """Pieces of which nobody knows the weight: there is no target to pour to."""
        return bool(line.count) and line.target_g == 0

    def name_of(self, line: WrittenLine) -> str:
        """The name of what went in."""
        revision = self.revision_of(line)
        return self.panels[revision].name if revision else line.of_component or UNNAMED

    def planned_name(self, line: WrittenLine) -> str:
        """The name of what was planned; empty for what was not."""
        if line.revision_id is None:
            return line.of_component or ""
        return self.panels[line.revision_id].name

    def target_of(self, line: WrittenLine) -> float:
        """Grams aimed at by now: as planned, times what was carried on."""
        return line.target_g * self.state_of(line).factor

    def pour_target_of(self, line: WrittenLine) -> float:
        """Grams aimed at by now for all that is poured together with a line."""
        return sum(self.target_of(other) for other in self.together(line))

    def grams_of(self, line: WrittenLine) -> float | None:
        """Grams that went in, or are to; None where pieces of no known weight are counted."""
        revision = self.revision_of(line)
        if revision is not None and self.panels[revision].by_piece:
            return None
        return self.counted_line(line).grams

    def poured_of(self, line: WrittenLine) -> float:
        """Grams of it that are in the bowl by now."""
        return (self.state_of(line).net_g or 0.0) * self.share_of(line)

    def counted_line(self, line: WrittenLine) -> Line:
        """The line of the batch that it counts as."""
        revision = self.revision_of(line)
        label = None if revision is None else label_key(revision)
        state, share = self.state_of(line), self.share_of(line)
        # Told that a food went in where a component was planned, the food is what counts.
        part = None if label else line.of_component
        if state.status is LineStatus.SKIPPED:  # left out on purpose: none, and certainly none
            nothing = 0.0 if line.count else None
            return Line(label=label, component=part, grams=0, division_g=0, count=nothing)
        net = state.net_g
        if state.status is LineStatus.OPEN or net is None:
            target = max(self.target_of(line), (net or 0.0) * share)
            return Line(label=label, component=part, grams=target, count=line.count)
        estimate = state.estimate
        return Line(
            label=label,
            component=part,
            count=line.count if state.count is None else state.count,
            grams=net * share,
            division_g=min(MOST_DIVISION_G, state.division_g * share),
            estimate=None if estimate is None else (estimate[0] * share, estimate[1] * share),
        )


def label_key(revision: int) -> str:
    """What a batch calls a label revision."""
    return f"label-{revision}"
