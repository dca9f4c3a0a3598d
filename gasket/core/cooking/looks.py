"""When to look: the first time well before the estimate, then more and more often.

Common practice: a first look at 60 to 80 % of the estimate, then every five minutes down to one as
the end nears (sixty seconds can dry a muffin); tens of seconds under a broiler or in a microwave.
"""

from typing import Final

from gasket.core.cooking.steps import Step
from gasket.core.trade.appliances import appliance_for
from gasket.core.trade.step_kinds import BY_KIND, HOT, MinutesApart

FIRST_SHARE: Final = 0.7
LATEST_SHARE: Final = 0.8
BEYOND: Final = 1.5
"""Looks are planned until so far beyond the estimate."""
MOST_LOOKS: Final = 40


def gap_of(step: Step) -> MinutesApart:
    """How often one looks: as its appliance asks for, else as its kind does."""
    appliance = appliance_for(step.tool, step.air)
    return (appliance and appliance.looks) or BY_KIND[step.kind].looks


def first_look_min(step: Step, estimate_min: float, own_min: float | None = None) -> float:
    """Minutes from the start to the first look; the cook's own wins where it is before the
    latest that is wise."""
    if own_min is not None:
        return min(own_min, estimate_min)
    share = LATEST_SHARE if gap_of(step)[1] < 1 else FIRST_SHARE
    return share * estimate_min


def looks(step: Step, estimate_min: float, own_min: float | None = None) -> tuple[float, ...]:
    """Minutes from the start at which to look; none for steps that do not cook.

    The gap is a third of what is left, between the least and the most that is usual.
    """
    if step.kind not in HOT or estimate_min <= 0:
        return ()
    least, most = gap_of(step)
    at = first_look_min(step, estimate_min, own_min)
    times = [at]
    while at < BEYOND * estimate_min and len(times) < MOST_LOOKS:
        left = estimate_min - at
        at += min(most, max(least, left / 3))
        times.append(at)
    return tuple(round(minute, 4) for minute in times)


def next_look_min(
    plan: tuple[float, ...], elapsed_min: float, last_look_min: float | None
) -> float | None:
    """The look that is due, or the next one: the first of the plan after the last one taken.

    A look that was missed stays due until it is taken; what it makes superfluous is skipped.
    """
    after = -1.0 if last_look_min is None else last_look_min
    ahead = [at for at in plan if at > after + 1e-9]
    due = [at for at in ahead if at <= elapsed_min]
    return due[-1] if due else ahead[0] if ahead else None
