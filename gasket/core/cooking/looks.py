"""When to look: the first time well before the estimate, then more and more often.

Common practice: a first look at 60 to 80 % of the estimate, then every five minutes down to one as
the end nears (sixty seconds can dry a muffin); tens of seconds under a broiler or in a microwave.
"""

from typing import Final

from gasket.core.cooking.steps import HOT, StepKind

FIRST_SHARE: Final = 0.7
LATEST_SHARE: Final = 0.8
EVERY_MOST_MIN: Final = 5.0
EVERY_LEAST_MIN: Final = 1.0
_QUICK_LEAST_MIN: Final = 10 / 60
_QUICK_MOST_MIN: Final = 45 / 60
_QUICK: Final[frozenset[StepKind]] = frozenset({"broil", "microwave"})
BEYOND: Final = 1.5
"""Looks are planned until so far beyond the estimate."""
MOST_LOOKS: Final = 40


def first_look_min(kind: StepKind, estimate_min: float, own_min: float | None = None) -> float:
    """Minutes from the start to the first look; the cook's own wins where it is before the
    latest that is wise."""
    if own_min is not None:
        return min(own_min, estimate_min)
    share = LATEST_SHARE if kind in _QUICK else FIRST_SHARE
    return share * estimate_min


def looks(kind: StepKind, estimate_min: float, own_min: float | None = None) -> tuple[float, ...]:
    """Minutes from the start at which to look; none for steps that do not cook.

    The gap is a third of what is left, between one minute and five (10 and 45 seconds for the
    quick ones).
    """
    if kind not in HOT or estimate_min <= 0:
        return ()
    least, most = (
        (_QUICK_LEAST_MIN, _QUICK_MOST_MIN) if kind in _QUICK else (EVERY_LEAST_MIN, EVERY_MOST_MIN)
    )
    at = first_look_min(kind, estimate_min, own_min)
    found = [at]
    while at < BEYOND * estimate_min and len(found) < MOST_LOOKS:
        left = estimate_min - at
        at += min(most, max(least, left / 3))
        found.append(at)
    return tuple(round(minute, 4) for minute in found)


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
