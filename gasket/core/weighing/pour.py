"""One pour against its target: how near is near enough, and where it stands."""

from dataclasses import dataclass
from enum import StrEnum
from typing import Final


class PourState(StrEnum):
    """Where a pour stands against its target, or what keeps it from being judged."""

    WAITING = "waiting"
    POURING = "pouring"
    WITHIN = "within"
    OVER = "over"
    PLACE = "place"
    TIP_IN = "tip_in"
    PLACED_EARLY = "placed_early"
    BOWL_OFF = "bowl_off"
    PACK_OFF = "pack_off"
    LESS = "less"
    DRIFT = "drift"
    RESTARTED = "restarted"
    OVERLOAD = "overload"


RELATIVE_TOLERANCE: Final = 0.015
SMALL_IN_DIVISIONS: Final = 20.0
MOST_NUDGE: Final = 50


def tolerance_g(target_g: float, division_g: float, nudge: int = 0) -> float:
    """How far from the target is near enough: 1.5 %, in whole divisions, one at least.

    `nudge` is by how many divisions the cook made it wider or narrower.
    """
    divisions = max(1, int(RELATIVE_TOLERANCE * target_g / division_g + 1e-9) + nudge)
    return round(divisions * division_g, 6)


def wants_finer_scale(target_g: float, division_g: float) -> bool:
    """Below 20 divisions a reading is good to 5 % at best."""
    return 0 < target_g < SMALL_IN_DIVISIONS * division_g


@dataclass(frozen=True, slots=True)
class PourNow:
    """The pour as it is now: net and what is left to pour (negative when over)."""

    state: PourState
    net_g: float
    left_g: float


FAR_OFF: Final = 10.0
"""So many times off the plan it is rather a slip of the finger (common practice)."""


def likely_g(target_g: float) -> tuple[float, float] | None:
    """Between what grams a typed amount is taken as it is; None where nothing is planned."""
    return (target_g / FAR_OFF, target_g * FAR_OFF) if target_g > 0 else None


def is_doubtful(net_g: float, target_g: float) -> bool:
    """Whether it is worth asking if so much was meant."""
    likely = likely_g(target_g)
    return likely is not None and not likely[0] < net_g < likely[1]


def judge(net_g: float, target_g: float, division_g: float, slack_g: float) -> PourNow:
    """Where a net stands against what is to be poured."""
    left = round(target_g - net_g, 6)
    edge = slack_g + division_g * 1e-6
    if net_g < division_g / 2 and left > edge:
        state = PourState.WAITING
    elif left > edge:
        state = PourState.POURING
    elif left >= -edge:
        state = PourState.WITHIN
    else:
        state = PourState.OVER
    return PourNow(state, net_g, left)
