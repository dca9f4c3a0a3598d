"""The lines of a batch as they were written down, and as the weigh-in has them."""

from collections.abc import Sequence
from dataclasses import dataclass

from gasket.core.weighing.records import PourDirection
from gasket.core.weighing.weigh_in import ToWeigh


@dataclass(frozen=True, slots=True)
class WrittenLine:
    """A line as it was written down when the weigh-in began, or as it came in on the way.

    `revision_id` is the panel that is planned, `of_component` the component where it is none;
    `poured_with` the line that it is poured together with; `key` the line of the build;
    `until` the cue that tells when it is right.
    """

    id: int
    component: str
    target_g: float
    revision_id: int | None = None
    of_component: str | None = None
    count: float | None = None
    key: str | None = None
    planned: bool = True
    bowl: str = ""
    way: PourDirection = "into"
    scale: str | None = None
    poured_with: int | None = None
    until: str = ""

    @property
    def named(self) -> bool:
        return self.revision_id is not None or self.of_component is not None


def to_weigh(lines: Sequence[WrittenLine]) -> list[ToWeigh]:
    """The lines as the weigh-in has them: those poured together are one."""
    together: dict[int, float] = {}
    for line in lines:
        main = line.poured_with or line.id
        together[main] = together.get(main, 0.0) + line.target_g
    return [
        ToWeigh(
            id=line.id,
            target_g=together[line.id],
            bowl=line.bowl or line.component,
            way=line.way,
            planned=line.planned,
            named=line.named,
        )
        for line in lines
        if line.poured_with is None
    ]
