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

    `id` is made by whoever adds the line and stays with it when it moves.
    """

    id: Annotated[str, Field(min_length=1, max_length=64)]
    label_id: int | None = None
    component: Name | None = None
    target_g: Amount


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
            Component(name=part.name, lines=tuple(_line(line) for line in part.lines))
            for part in build.components
        ),
        portions=Portions(count=build.portions),
        original=original,
    )


def _line(line: BuildLine) -> Line:
    label = None if line.label_id is None else str(line.label_id)
    return Line(label=label, component=line.component, grams=line.target_g)
