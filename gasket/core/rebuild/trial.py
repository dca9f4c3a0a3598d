"""A trial's build: components and lines with target grams, its terms, and the batch it plans."""

from collections.abc import Iterator, Mapping
from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.label.label import Label
from gasket.core.numbers import Amount, Number, Value, YesNo
from gasket.core.rebuild.goals import Goal
from gasket.core.reckoning.batch import Batch, Component, Line, Name, Original, Portions, Settings
from gasket.core.reckoning.eaten import EatenShare, as_eaten
from gasket.core.trade.families import Family

MOST_LINES: Final = 500
SWEETNESS_LEAST: Final = 0.7
"""Of the original's sweetness, where the cook says nothing else (common practice)."""
"""In one component."""
MOST_COMPONENTS: Final = 50
ShortName = Annotated[str, Field(min_length=1, max_length=120)]
LineId = Annotated[str, Field(min_length=1, max_length=64)]
Remark = Annotated[str, Field(max_length=300)]

DietNeed = Literal["vegan", "no_protein_powder", "gluten_free", "nut_free"]
"""What a variant must do without."""


class BuildLine(Value):
    """Target grams of a label from the shelf, or of another component by its name.

    `id` is made by whoever adds the line and stays with it when it moves and when the trial is
    copied. `count` pieces stand beside the grams, and alone where no piece has been weighed; `how`
    tells where the grams are from. A line that is `off` stays in the list and counts nothing; a
    `locked` one is worth what it costs and is not the solver's to move; `until` is the cue of one
    that is poured until it is right; `stands_for` names lines of the original that it replaces.
    """

    id: LineId
    label_id: int | None = None
    component: Name | None = None
    target_g: Amount
    count: Amount | None = None
    how: Remark = ""
    off: YesNo = False
    locked: YesNo = False
    least_g: Amount | None = None
    most_g: Amount | None = None
    why: Remark = ""
    until: Remark = ""
    stands_for: Annotated[tuple[LineId, ...], Field(max_length=50)] = ()

    @model_validator(mode="after")
    def _of_one_thing(self) -> Self:
        if (self.label_id is None) == (self.component is None):
            raise PydanticCustomError("line_of", "A line is of one food or of one component.")
        return self


class BuildComponent(Value):
    """One bowl of the build."""

    name: ShortName
    lines: Annotated[tuple[BuildLine, ...], Field(max_length=MOST_LINES)] = ()


class Dismissal(Value):
    """A build check that the cook knows better about: quiet until it is further out than this."""

    code: Annotated[str, Field(min_length=1, max_length=40)]
    component: Annotated[str, Field(max_length=120)] = ""
    value: Annotated[Number, Field(ge=0, le=1e9)] | None = None
    note: Remark = ""


class Terms(Value):
    """What the build is meant to be: its goal, its family, what it must do without, and how much of
    a component is `eaten` where not all of it is."""

    goal: Goal = Goal()
    family: Family | None = None
    confirm_family: YesNo = False
    """The family was set in an older Gasket that knew fewer of them: the cook is asked."""
    fat_school: Literal["keep", "none"] = "keep"
    sweetness_least: Annotated[Number, Field(ge=0, le=2)] = SWEETNESS_LEAST
    """Of the original's sweetness: below this it reads as less sweet (common practice)."""
    needs: Annotated[tuple[DietNeed, ...], Field(max_length=10)] = ()
    dismissed: Annotated[tuple[Dismissal, ...], Field(max_length=100)] = ()
    eaten: Annotated[dict[ShortName, EatenShare], Field(max_length=MOST_COMPONENTS)] = Field(
        default_factory=dict
    )


class Build(Value):
    """The whole build, in working order."""

    components: Annotated[tuple[BuildComponent, ...], Field(max_length=MOST_COMPONENTS)] = ()
    portions: Annotated[int, Field(ge=1, le=10_000)] = 1
    terms: Terms = Terms()

    def placed(self) -> Iterator[tuple[int, int, BuildLine]]:
        """Every line with the place of its component and its place in it."""
        for i, part in enumerate(self.components):
            for j, line in enumerate(part.lines):
                yield i, j, line

    def lines(self) -> Iterator[BuildLine]:
        return (line for _, _, line in self.placed())

    def find(self, line_id: str) -> BuildLine | None:
        """The line of this id; None where there is none."""
        return next((line for line in self.lines() if line.id == line_id), None)


def where(component: int, line: int) -> str:
    """The path by which the reckoning names a line."""
    return f"components[{component}].lines[{line}]"


class BuildChange(Value):
    """Lines that stand in the place of a line, by its id: none takes it out.

    A swap, a proposal of the solver and a new size of the trial are all changes of this form.
    """

    lines: dict[LineId, tuple[BuildLine, ...]] = Field(default_factory=dict)
    portions: Annotated[int, Field(ge=1, le=10_000)] | None = None

    def applied(self, build: Build) -> Build:
        """`build` with this change made. A line that comes in under an id that is taken already
        (the same swap a second time) gets one of its own."""
        taken = {line.id for line in build.lines() if line.id not in self.lines}
        parts = []
        for part in build.components:
            lines: list[BuildLine] = []
            for line in part.lines:
                if line.id not in self.lines:
                    lines.append(line)
                    continue
                for new in self.lines[line.id]:
                    key = new.id
                    while key in taken:
                        key = f"+{key[:63]}"
                    taken.add(key)
                    lines.append(new.model_copy(update={"id": key}))
            parts.append(part.model_copy(update={"lines": tuple(lines)}))
        portions = build.portions if self.portions is None else self.portions
        return build.model_copy(update={"components": tuple(parts), "portions": portions})


def plan(
    build: Build, labels: Mapping[int, Label], settings: Settings, original: Original | None
) -> Batch:
    """The batch that `build` plans. Targets count as read on a 1 g scale."""
    used = {line.label_id for line in build.lines()}
    parts = [
        Component(name=part.name, lines=tuple(planned_line(line, labels) for line in part.lines))
        for part in build.components
    ]
    return Batch(
        format="gasket-batch",
        version=1,
        settings=settings,
        labels={str(key): label for key, label in labels.items() if key in used},
        components=tuple(as_eaten(part, build.terms.eaten.get(part.name), parts) for part in parts),
        portions=Portions(count=build.portions),
        original=original,
    )


def planned_line(line: BuildLine, labels: Mapping[int, Label]) -> Line:
    """The line as it would be weighed: pieces as grams as soon as one of them has been weighed."""
    panel = None if line.label_id is None else labels.get(line.label_id)
    key = None if line.label_id is None else str(line.label_id)
    counted = line.count if panel is not None and panel.by_piece else None
    if line.off:
        nothing = 0.0 if counted else None
        return Line(label=key, component=line.component, grams=0, division_g=0, count=nothing)
    return Line(label=key, component=line.component, grams=planned_g(line, panel), count=counted)


def planned_g(line: BuildLine, panel: Label | None) -> float:
    """Target grams, by the count where only that is known and a piece has been weighed."""
    if line.target_g == 0 and line.count and panel is not None and panel.piece_g is not None:
        return line.count * panel.piece_g
    return line.target_g
