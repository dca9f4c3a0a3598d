"""Finishes: what is added to a serving at the plate, and for whom (a side dish is one, too)."""

from collections.abc import Mapping
from typing import Annotated, Final

from pydantic import Field

from gasket.core.numbers import Amount, Value
from gasket.core.rebuild.trial import LineId, ShortName

MOST_FINISHES: Final = 20
MOST_LINES: Final = 20


class PlateLine(Value):
    """So many grams of a label added to one serving, weighed or estimated from low to high."""

    label_id: int
    grams: Amount
    low_g: Amount | None = None
    high_g: Amount | None = None


class Finish(Value):
    """What is added to one serving at the plate, for whom (a side dish is one, too)."""

    id: LineId
    name: ShortName
    eater: Annotated[str, Field(max_length=60)] = ""
    lines: Annotated[tuple[PlateLine, ...], Field(max_length=MOST_LINES)] = ()

    def pinned(self, revisions: Mapping[int, int]) -> "PinnedFinish":
        """With each line at the label revision that is given for its label."""
        lines = tuple(
            PinnedLine(**line.model_dump(), revision_id=revisions[line.label_id])
            for line in self.lines
        )
        return PinnedFinish(id=self.id, name=self.name, eater=self.eater, lines=lines)


class PinnedLine(PlateLine):
    """A line at the plate with the label revision that it is reckoned by."""

    revision_id: int


class PinnedFinish(Value):
    """A finish as a batch keeps it: labels may change, it stays."""

    id: LineId
    name: ShortName
    eater: Annotated[str, Field(max_length=60)] = ""
    lines: tuple[PinnedLine, ...] = ()

    @property
    def finish(self) -> Finish:
        """As the cook wrote it."""
        names = set(PlateLine.model_fields)
        lines = tuple(PlateLine(**line.model_dump(include=names)) for line in self.lines)
        return Finish(id=self.id, name=self.name, eater=self.eater, lines=lines)
