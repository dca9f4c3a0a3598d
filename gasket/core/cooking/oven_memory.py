"""What an oven has taught: how long things took in it, beside what was stated.

The ratio actual / stated is averaged in logarithms and shrunk towards 1 while there are few
observations: a normal prior around 1 with spread `PRIOR`, single bakes scattering with `SCATTER`
(common practice: ratios of 0.83 to 2.0 are seen, most of them near 1). The same oven with another
vessel counts for less.

    stated 17 min; nothing known        → 17 min, between 12 and 25
    after 30 of 17 once (ratio 1.76)    → about 25 min
    after five times around 1.7         → about 28 min, much narrower

Where a core temperature decides, memory never moves the end before the stated time, and the first
look never behind the stated one.
"""

import math
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Final

from gasket.core.cooking.cook_log import CookLog
from gasket.core.cooking.looks import first_look_min, looks
from gasket.core.cooking.steps import HOT, Step
from gasket.core.margin import TWO_SIDED_95
from gasket.core.numbers import Answer

PRIOR: Final = 0.18
SCATTER: Final = 0.12
OTHER_VESSEL: Final = 0.3
LEAST_RATIO: Final = 0.6
MOST_RATIO: Final = 2.0
_LEAST_STATED_MIN: Final = 0.5


class Baked(Answer):
    """One time that a step was timed in an oven (or another tool)."""

    tool: str
    vessel: str
    stated_min: float
    actual_min: float
    dish: str
    at: datetime

    @property
    def ratio(self) -> float:
        return self.actual_min / self.stated_min


def bakes_of(steps: Iterable[Step], log: CookLog, dish: str) -> Iterator[Baked]:
    """The timed cooking steps of one cook."""
    by_id = {step.id: step for step in steps}
    for key, state in log.steps.items():
        step, minutes = by_id.get(key), state.actual_min
        if step is None or minutes is None or minutes <= 0 or state.done_at is None:
            continue
        if step.kind in HOT and step.tool:
            yield Baked(
                tool=step.tool,
                vessel=step.vessel,
                stated_min=step.stated_min,
                actual_min=minutes,
                dish=dish,
                at=state.done_at,
            )


class Estimate(Answer):
    """How long a step will take: most likely, and from least to most in 19 of 20 cases.

    `ratio` is what memory makes of the stated time; `bakes` is the evidence, nearest first;
    `held` says that a rule of safety kept the estimate from moving.
    """

    minutes: float
    least_min: float
    most_min: float
    ratio: float
    first_look_min: float
    looks_min: tuple[float, ...]
    bakes: tuple[Baked, ...]
    held: str


@dataclass(frozen=True, slots=True)
class Belief:
    """Of the logarithm of the ratio: its mean and how far the next one may lie from it."""

    mean: float
    spread: float


def belief(tool: str, vessel: str, bakes: Sequence[Baked]) -> Belief:
    """What is believed of the next ratio, from bakes in this tool."""
    weight = total = 0.0
    for one in bakes:
        if one.tool == tool and one.stated_min >= _LEAST_STATED_MIN and one.actual_min > 0:
            counts = 1.0 if one.vessel == vessel else OTHER_VESSEL
            ratio = min(2 * MOST_RATIO, max(LEAST_RATIO / 2, one.ratio))
            weight += counts
            total += counts * math.log(ratio)
    precision = 1 / PRIOR**2 + weight / SCATTER**2
    mean = total / SCATTER**2 / precision
    return Belief(mean, math.sqrt(1 / precision + SCATTER**2))


def estimate(step: Step, bakes: Sequence[Baked], *, measured: bool = False) -> Estimate:
    """How long `step` will take. `measured`: its end is a core temperature, not a time."""
    stated = step.stated_min
    if step.kind not in HOT or not step.tool:
        return Estimate(
            minutes=stated,
            least_min=step.shortest_min,
            most_min=step.longest_min,
            ratio=1.0,
            first_look_min=first_look_min(step.kind, stated, step.first_look_min),
            looks_min=looks(step.kind, stated, step.first_look_min),
            bakes=(),
            held="",
        )
    told = [one for one in bakes if one.tool == step.tool and one.actual_min > 0]
    known = belief(step.tool, step.vessel, told)
    ratio = min(MOST_RATIO, max(LEAST_RATIO, math.exp(known.mean)))
    held = ""
    if measured and ratio < 1:
        ratio, held = 1.0, "A core temperature decides: not planned shorter than stated."
    reach = math.exp(TWO_SIDED_95 * known.spread)
    minutes = stated * ratio
    own_look = None if step.first_look_min is None else step.first_look_min * ratio
    first = first_look_min(step.kind, minutes, own_look)
    if measured:
        first = min(first, first_look_min(step.kind, stated, step.first_look_min))
    told.sort(key=lambda one: (one.vessel != step.vessel, -one.at.timestamp()))
    return Estimate(
        minutes=minutes,
        least_min=stated if measured else min(step.shortest_min * ratio, minutes / reach),
        most_min=max(step.longest_min * ratio, minutes * reach),
        ratio=ratio,
        first_look_min=first,
        looks_min=looks(step.kind, minutes, first),
        bakes=tuple(told),
        held=held,
    )
