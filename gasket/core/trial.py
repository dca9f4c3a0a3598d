"""A trial's build: components and lines with target grams, and the batch that it plans."""

from typing import Annotated, Final

from pydantic import Field

from gasket.core.batch import Batch, Component, Line, Name, Original, Portions, Settings
from gasket.core.labels import Label
from gasket.core.numbers import Amount, Value

MOST_LINES: Final = 500
ShortName = Annotated[str, Field(min_length=1, max_length=120)]


class BuildLine(Value):
    """Target grams of a label from the shelf, or of another component by its name.

    `id` is made by whoever adds the line and stays with it when it moves. `count` pieces stand
    beside the grams, and alone where no piece has been weighed; `how` tells where the grams are
    from.
    """

    id: Annotated[str, Field(min_length=1, max_length=64)]
    label_id: int | None = None
    component: Name | None = None
    target_g: Amount
    count: Amount | None = None
    how: Annotated[str, Field(max_length=300)] = ""


class BuildComponent(Value):
    """One bowl of the build."""

    name: ShortName
    lines: Annotated[tuple[BuildLine, ...], Field(max_length=MOST_LINES)] = ()


class Build(Value):
    """The whole build, in working order."""

    components: Annotated[tuple[BuildComponent, ...], Field(max_length=50)] = ()
    portions: Annotated[int, Field(ge=1, le=10_000)] = 1


def plan(
    build: Build, labels: dict[int, Label], settings: Settings, original: Original | None
) -> Batch:
    """The batch that `build` plans. Targets count as read on a 1 g scale."""
    used = {line.label_id for part in build.components for line in part.lines}
    return Batch(
        format="gasket-batch",
        version=1,
        settings=settings,
        labels={str(key): label for key, label in labels.items() if key in used},
        components=tuple(
            Component(
                name=part.name, lines=tuple(planned_line(line, labels) for line in part.lines)
            )
            for part in build.components
        ),
        portions=Portions(count=build.portions),
        original=original,
    )


def planned_line(line: BuildLine, labels: dict[int, Label]) -> Line:
    """The line as it would be weighed: pieces as grams as soon as one of them has been weighed."""
    panel = None if line.label_id is None else labels.get(line.label_id)
    grams = line.target_g
    if grams == 0 and line.count and panel is not None and panel.piece_g is not None:
        grams = line.count * panel.piece_g
    counted = line.count if panel is not None and panel.by_piece else None
    key = None if line.label_id is None else str(line.label_id)
    return Line(label=key, component=line.component, grams=grams, count=counted)
