"""What one trial changed against another: lines by their id, figures of one serving."""

from collections.abc import Mapping
from typing import Literal

from gasket.core.ingredients import Ingredient
from gasket.core.margin import Portion, value_of
from gasket.core.numbers import Answer
from gasket.core.panel import NUTRIENTS, Nutrient
from gasket.core.trial import Build, BuildLine

Kind = Literal["added", "removed", "changed"]


class LineDifference(Answer):
    """One line, before and after. Grams are None where the line is not there."""

    line_id: str
    component: str
    kind: Kind
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
    portions_before: int
    portions_after: int


def difference(
    before: Build,
    after: Build,
    ingredients: Mapping[int, Ingredient],
    servings: tuple[Portion, Portion],
) -> TrialDifference:
    """`after` against `before`; `servings` are one serving of each."""
    old, new = _by_id(before), _by_id(after)
    lines = [
        found
        for key in dict.fromkeys([*new, *old])
        if (found := _line(key, old.get(key), new.get(key), ingredients)) is not None
    ]
    return TrialDifference(
        lines=tuple(lines),
        figures=tuple(
            FigureDifference(
                nutrient=nutrient,
                before=_value(servings[0], nutrient),
                after=_value(servings[1], nutrient),
            )
            for nutrient in NUTRIENTS
        ),
        grams_before=servings[0].grams,
        grams_after=servings[1].grams,
        portions_before=before.portions,
        portions_after=after.portions,
    )


Placed = tuple[str, BuildLine]


def _by_id(build: Build) -> dict[str, Placed]:
    return {line.id: (build.components[i].name, line) for i, _, line in build.placed()}


def _line(
    key: str, old: Placed | None, new: Placed | None, ingredients: Mapping[int, Ingredient]
) -> LineDifference | None:
    before = None if old is None or old[1].off else old[1]
    after = None if new is None or new[1].off else new[1]
    if before is None and after is None:
        return None
    name, before_name = _name(after, ingredients), _name(before, ingredients)
    before_g = None if before is None else before.target_g
    after_g = None if after is None else after.target_g
    same_food = before is not None and after is not None and name == before_name
    same_count = before is not None and after is not None and before.count == after.count
    if same_food and before_g == after_g and same_count:
        return None
    kind: Kind = "added" if before is None else "removed" if after is None else "changed"
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
    words = {0.5: "half of it", 2.0: "twice as much", 0.75: "a quarter less", 1.5: "half more"}
    percent = f"{(share - 1) * 100:+.0f} %".replace("-", "\u2212")
    return words.get(round(share, 2), percent)


def _name(line: BuildLine | None, ingredients: Mapping[int, Ingredient]) -> str:
    if line is None:
        return ""
    if line.component is not None:
        return f"{line.component} (made here)"
    found = ingredients.get(line.label_id or 0)
    return found.name if found else ""


def _value(serving: Portion, nutrient: Nutrient) -> float | None:
    return value_of(getattr(serving, nutrient))
