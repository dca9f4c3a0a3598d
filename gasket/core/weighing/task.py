"""What is being weighed now, and on which scale."""

from collections.abc import Sequence
from dataclasses import dataclass, replace

from gasket.core.weighing.line_state import LineStatus
from gasket.core.weighing.pour import wants_finer_scale
from gasket.core.weighing.records import PourDirection
from gasket.core.weighing.weigh_in import (
    CUPS,
    NOTHING,
    Container,
    Tare,
    ToWeigh,
    WeighIn,
    vessel_for,
)


@dataclass(frozen=True, slots=True)
class Task:
    """What is being weighed. `left_g` is what is still to pour; None when there is no target.

    `auto` lets the machine act; `vessel` is what should stand on the scale, `empty_g` its known
    empty weight. With a `piece` it is a portion that is filled, or topped up.
    """

    line: int | None = None
    left_g: float | None = None
    way: PourDirection = "into"
    vessel: Container = NOTHING
    bowl: str = ""
    empty_g: float | None = None
    tare: Tare | None = None
    nudge: int = 0
    auto: bool = False
    free: bool = False
    needs_vessel: bool = False
    piece: int | None = None
    topping_up: bool = False

    def on(self, tare: Tare | None) -> "Task":
        """The task on the scale that has this tare."""
        return replace(self, tare=tare)


def task_of(
    state: WeighIn,
    line: ToWeigh | None,
    *,
    bowl: str = "",
    empty_g: float | None = None,
    nudge: int = 0,
    hands_free: bool = False,
    by_hand: bool = False,
    free: bool = False,
) -> Task:
    """What is to be done for the current line, on whatever scale: its `tare` is still to be set.

    `by_hand` lines wait for the cook; in a `free` weigh-in what is poured next goes into `bowl`.
    """
    if line is None:
        return Task(
            vessel=Container("bowl", bowl),
            bowl=bowl,
            empty_g=empty_g,
            auto=hands_free,
            free=free,
            needs_vessel=free,
        )
    so_far = state.lines[line.id]
    is_open = so_far.status is LineStatus.OPEN
    has_target = line.target_g > 0
    left = round(line.target_g * so_far.factor - so_far.poured_g, 6)
    return Task(
        line=line.id,
        left_g=left if has_target and is_open else line.target_g if has_target else None,
        way=line.way,
        vessel=vessel_for(line),
        bowl=line.bowl,
        empty_g=empty_g,
        nudge=nudge,
        auto=hands_free and is_open and not by_hand,
        free=free and not has_target,
        needs_vessel=True,
    )


def filling(piece: int, target_g: float | None, *, auto: bool, topping_up: bool) -> Task:
    """A piece to fill (or to top up) to its target, hands-free like a line."""
    cup = f"cup {piece}" if topping_up else CUPS
    return Task(
        left_g=target_g,
        vessel=Container("cups", cup),
        bowl=cup,
        auto=auto and bool(target_g),
        needs_vessel=True,
        piece=piece,
        topping_up=topping_up,
    )


@dataclass(frozen=True, slots=True)
class ScaleAtHand:
    """A scale that answers."""

    name: str
    division_g: float
    capacity_g: float


def scale_for(
    target_g: float, chosen: str | None, scales: Sequence[ScaleAtHand]
) -> ScaleAtHand | None:
    """The scale to weigh a line on, of those that answer: the one chosen for it, else the coarsest
    that reads its target finely enough and can carry it, the finest otherwise."""
    for scale in scales:
        if scale.name == chosen:
            return scale
    if not scales:
        return None
    coarse_first = sorted(scales, key=lambda scale: -scale.division_g)
    able = [scale for scale in coarse_first if target_g < scale.capacity_g] or coarse_first
    fine = (scale for scale in able if not wants_finer_scale(target_g, scale.division_g))
    return next(fine, able[-1] if target_g > 0 else able[0])
