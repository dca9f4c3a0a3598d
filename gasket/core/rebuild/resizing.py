"""A trial made larger or smaller: one factor for all lines, counted things to halves.

Also finds the line that did not go along: where most lines share a factor and one does not.
"""

import math
from collections.abc import Iterator
from statistics import median
from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.errors import FaultyInput
from gasket.core.numbers import Answer, Positive, Value
from gasket.core.rebuild.trial import Build, BuildChange, BuildLine, LineId
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.trade.kinds import FoodKind

LINEAR_UP_TO: Final = 4.0
"""Raising agents and salt scale in line with the rest up to about here (common practice)."""
_SPICES: Final[frozenset[FoodKind]] = frozenset({"spice", "flavouring", "salt"})


class Pan(Value):
    """A pan by its sides, or a round one by its diameter, in centimetres."""

    length_cm: Positive | None = None
    width_cm: Positive | None = None
    diameter_cm: Positive | None = None

    @property
    def area_cm2(self) -> float | None:
        """Square centimetres of its floor; None where a side is unknown."""
        if self.diameter_cm is not None:
            return math.pi * (self.diameter_cm / 2) ** 2
        if self.length_cm is not None and self.width_cm is not None:
            return self.length_cm * self.width_cm
        return None


class Scaling(Value):
    """How to scale: by a factor, to portions, from one pan to another, or to use up a pack."""

    by: Literal["factor", "portions", "pan", "pack"]
    factor: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=1000)] | None = None
    portions: Annotated[int, Field(ge=1, le=10_000)] | None = None
    pan_from: Pan | None = None
    pan_to: Pan | None = None
    line_id: LineId | None = None
    pack_g: Positive | None = None


class ScalingAnswer(Answer):
    """The factor, the change that makes it, and what to know about it."""

    factor: float
    change: BuildChange
    notes: tuple[str, ...]


def scale(piece: Workpiece, wanted: Scaling) -> ScalingAnswer:
    """The build scaled as `wanted`. Raises `FaultyInput` for what is missing."""
    factor = _factor(piece, wanted)
    notes: list[str] = []
    lines: dict[str, tuple[BuildLine, ...]] = {}
    placed = {placed.line.id: placed for placed in piece.lines()}
    for line in piece.build.lines():
        scaled, note = _line(line, placed.get(line.id), factor)
        lines[line.id] = (scaled,)
        if note:
            notes.append(note)
    notes += _notes(piece, wanted, factor)
    portions = _portions(piece.build, wanted, factor)
    return ScalingAnswer(
        factor=factor, change=BuildChange(lines=lines, portions=portions), notes=tuple(notes)
    )


def _factor(piece: Workpiece, wanted: Scaling) -> float:
    match wanted.by:
        case "factor":
            return _given(wanted.factor, "factor", "Give a factor, like 2 or 1/2.")
        case "portions":
            count = _given(wanted.portions, "portions", "Give the number of portions.")
            return count / piece.build.portions
        case "pan":
            areas = [
                _given(pan.area_cm2 if pan else None, field, "Give both sides, or the diameter.")
                for pan, field in ((wanted.pan_from, "pan_from"), (wanted.pan_to, "pan_to"))
            ]
            return areas[1] / areas[0]
        case "pack":
            pack = _given(wanted.pack_g, "pack_g", "Give what the pack holds.")
            one = piece.line(wanted.line_id or "")
            if one is None or one.grams <= 0:
                raise FaultyInput.at("line_id", "Choose a line that has grams.")
            return pack / one.grams


def _given(value: float | None, field: str, says: str) -> float:
    if value is None:
        raise FaultyInput.at(field, says)
    return value


def _line(line: BuildLine, one: PlacedLine | None, factor: float) -> tuple[BuildLine, str]:
    """The line and its own bounds by one factor."""
    grams = line.target_g * factor
    bounds = {
        name: _round_g(bound * factor)
        for name in ("least_g", "most_g")
        if (bound := getattr(line, name)) is not None
    }
    line = line.model_copy(update=bounds)
    if line.count is None:
        return line.model_copy(update={"target_g": _round_g(grams)}), ""
    exact = line.count * factor
    count = max(0.5, math.floor(exact * 2 + 0.5) / 2)
    scaled = line.model_copy(
        update={"count": count, "target_g": _round_g(grams * count / exact if exact else grams)}
    )
    if abs(count - exact) < 0.01:
        return scaled, ""
    name = one.ingredient.name if one else "a line"
    more = (count / exact - 1) * 100
    return scaled, f"{name}: {exact:.2g} pieces are rounded to {count:g} ({more:+.0f} %)."


def _round_g(grams: float) -> float:
    return round(grams, 2 if grams < 5 else 1 if grams < 50 else 0)


def _portions(build: Build, wanted: Scaling, factor: float) -> int:
    if wanted.by == "portions":
        return wanted.portions or build.portions
    return max(1, round(build.portions * factor))


def _notes(piece: Workpiece, wanted: Scaling, factor: float) -> Iterator[str]:
    portions = piece.build.portions * factor
    if wanted.by != "portions" and abs(portions - round(portions)) > 0.02 and portions > 0.5:
        before, after = piece.build.portions, max(1, round(portions))
        yield (
            f"{before} portions become {portions:.2f}: divided by {after}, a portion is "
            f"{(portions / after - 1) * 100:+.0f} % of what it was."
        )
    if factor > LINEAR_UP_TO and any(placed.kind in _SPICES for placed in piece.lines()):
        yield "More than four times as much: begin with less of the spices and taste."
    if wanted.by == "pan":
        yield "Same depth, so the time stays about the same; a deeper filling takes longer."
    small = [
        placed.ingredient.name
        for placed in piece.lines()
        if 0 < placed.grams * factor < 1 and placed.grams >= 1
    ]
    if small:
        yield f"Under 1 g now, so use a 0.1 g scale: {', '.join(small)}."


class OutOfStep(Answer):
    """A line that left the common factor, with its own."""

    line_id: str
    factor: float
    common: float


_SAME: Final = 0.02
_MOST_OF_THEM: Final = 0.6


def out_of_step(build: Build, before: Build) -> tuple[OutOfStep, ...]:
    """Lines whose grams moved by another factor than most lines did since `before`.

    Says nothing while most lines stand as they were: a changed line is then simply a change.
    """
    was = {line.id: line.target_g for line in before.lines() if line.target_g > 0}
    factors = {
        line.id: line.target_g / was[line.id]
        for line in build.lines()
        if line.id in was and not line.off
    }
    if len(factors) < 3:
        return ()
    common = median(factors.values())
    along = [factor for factor in factors.values() if abs(factor / common - 1) <= _SAME]
    if abs(common - 1) <= _SAME or len(along) < _MOST_OF_THEM * len(factors):
        return ()
    return tuple(
        OutOfStep(line_id=key, factor=factor, common=common)
        for key, factor in factors.items()
        if abs(factor / common - 1) > _SAME and abs(factor * was[key] - common * was[key]) >= 0.5
    )
