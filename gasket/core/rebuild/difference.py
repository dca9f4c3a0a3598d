"""What one trial changed against another: lines by their id, figures of one serving.

A trial that was made counts as it was weighed: what was planned is not what was eaten.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime
from typing import Final, Literal

from gasket.core.numbers import Answer
from gasket.core.rebuild.trial import Build, BuildChange, BuildLine
from gasket.core.reckoning.margin import Portion, value_of
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, Nutrient
from gasket.core.weighing.pour import tolerance_g

NO_CHANGE: Final = 0.005
"""Of a line's grams: less than half a percent is not told as one."""
ChangeKind = Literal["added", "removed", "changed"]


class LineDifference(Answer):
    """One line, before and after. Grams are None where the line is not there."""

    line_id: str
    component: str
    kind: ChangeKind
    name: str
    before_name: str
    before_g: float | None
    after_g: float | None
    says: str


class FigureDifference(Answer):
    """One figure of a serving, before and after; None is unknown."""

    nutrient: Nutrient
    before: float | None
    after: float | None


class TrialDifference(Answer):
    """Lines that differ, in working order, and all figures."""

    lines: tuple[LineDifference, ...]
    figures: tuple[FigureDifference, ...]
    grams_before: float | None
    grams_after: float | None
    portions_before: float | None
    portions_after: float | None
    weighed_before: datetime | None
    weighed_after: datetime | None


@dataclass(frozen=True)
class TrialSide:
    """One of the two as planned, one serving of it, how many there are. Of one that was made, these
    are as weighed, and so are the lines of `made`."""

    planned: Build
    serving: Portion
    portions: float | None
    made: Build | None = None
    weighed_at: datetime | None = None

    def lines(self, beside: "TrialSide") -> Build:
        """As weighed; beside one that was only planned, what was weighed as planned is the plan."""
        if self.made is None or beside.made is not None:
            return self.made or self.planned
        plan = {line.id: line for line in self.planned.lines()}
        return BuildChange(
            lines={
                line.id: (line.model_copy(update={"target_g": plan[line.id].target_g}),)
                for line in self.made.lines()
                if line.id in plan and _as_planned(line.target_g, plan[line.id].target_g)
            }
        ).applied(self.made)


def _as_planned(weighed_g: float, planned_g: float) -> bool:
    return abs(weighed_g - planned_g) <= tolerance_g(planned_g, 1.0)


def difference(before: TrialSide, after: TrialSide, names: Mapping[int, str]) -> TrialDifference:
    """`after` against `before`; `names` are those of packages, by label id."""
    return TrialDifference(
        lines=line_differences(before.lines(after), after.lines(before), names),
        figures=tuple(
            FigureDifference(
                nutrient=nutrient,
                before=_value(before.serving, nutrient),
                after=_value(after.serving, nutrient),
            )
            for nutrient in NUTRIENTS
        ),
        grams_before=before.serving.grams,
        grams_after=after.serving.grams,
        portions_before=before.portions,
        portions_after=after.portions,
        weighed_before=before.weighed_at,
        weighed_after=after.weighed_at,
    )


def line_differences(
    before: Build, after: Build, names: Mapping[int, str]
) -> tuple[LineDifference, ...]:
    """The lines that differ, in working order."""
    old, new = _by_id(before), _by_id(after)
    return tuple(
        line
        for key in dict.fromkeys([*new, *old])
        if (line := _line(key, old.get(key), new.get(key), names)) is not None
    )


LineOfComponent = tuple[str, BuildLine]


def _by_id(build: Build) -> dict[str, LineOfComponent]:
    return {line.id: (build.components[i].name, line) for i, _, line in build.placed()}


def _line(
    key: str, old: LineOfComponent | None, new: LineOfComponent | None, names: Mapping[int, str]
) -> LineDifference | None:
    before = None if old is None or old[1].off else old[1]
    after = None if new is None or new[1].off else new[1]
    if before is None and after is None:
        return None
    name, before_name = _name(after, names), _name(before, names)
    before_g = None if before is None else before.target_g
    after_g = None if after is None else after.target_g
    same_food = before is not None and after is not None and name == before_name
    same_count = before is not None and after is not None and before.count == after.count
    if same_food and before_g == after_g and same_count:
        return None
    kind: ChangeKind = "added" if before is None else "removed" if after is None else "changed"
    return LineDifference(
        line_id=key,
        component=(new or old or ("", None))[0],
        kind=kind,
        name=name or before_name,
        before_name=before_name,
        before_g=before_g,
        after_g=after_g,
        says=_says(before, after),
    )


def _says(before: BuildLine | None, after: BuildLine | None) -> str:
    if before is None or after is None or before.label_id != after.label_id:
        return ""
    if not before.target_g:
        return ""
    share = after.target_g / before.target_g
    if abs(share - 1) < NO_CHANGE:
        return "as good as the same"
    words = {0.5: "half of it", 2.0: "twice as much", 0.75: "a quarter less", 1.5: "half more"}
    percent = f"{(share - 1) * 100:+.0f} %".replace("-", "\u2212")
    return words.get(round(share, 2), percent)


def _name(line: BuildLine | None, names: Mapping[int, str]) -> str:
    if line is None:
        return ""
    if line.component is not None:
        return f"{line.component} (made here)"
    return names.get(line.label_id or 0, "")


def _value(serving: Portion, nutrient: Nutrient) -> float | None:
    return value_of(getattr(serving, nutrient))
