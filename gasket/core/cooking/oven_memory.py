"""What a kitchen has taught: how long things took in it, beside what was stated.

A step learns from steps of the same appliance, the same kind of heat and about the same length
(within a factor of `ALIKE`); another vessel counts for less. The ratio actual / stated is averaged
in logarithms. Neither its mean nor its scatter is known beforehand: both start from what is usual
(ratios of 0.83 to 2.0 are seen, most of them near 1; common practice) and are learned together (a
normal-inverse-gamma prior; Gelman et al., Bayesian Data Analysis, 3.3, from memory), so that an
unsteady oven is believed to be one.

    stated 17 min; nothing known        → 17 min, between 9 and 32
    after 30 of 17 once (ratio 1.76)    → about 24 min
    after five times around 1.7         → about 28 min, much narrower

Where a core temperature decides, memory never moves the end before the stated time. The first look
never comes after the stated end.
"""

import math
from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Final

from pydantic import computed_field

from gasket.core.cooking.cook_log import CookLog, Outcome
from gasket.core.cooking.looks import first_look_min, looks
from gasket.core.cooking.sizing import TimeScaling, sized
from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import TWO_SIDED_95
from gasket.core.trade.appliances import APPLIANCES
from gasket.core.trade.step_kinds import HOT, StepKind

PRIOR: Final = 0.18
SCATTER: Final = 0.14
SCATTER_WEIGHT: Final = 4.0
"""What is usual counts like so many observations of the scatter."""
OTHER_VESSEL: Final = 0.3
ALIKE: Final = 2.0
WOULD_HAVE: Final[dict[Outcome | None, float]] = {"under": 1.1, "over": 0.9}
"""What came out under needed about a tenth more, what came out over a tenth less (a guess)."""
LEAST_RATIO: Final = 0.25
MOST_RATIO: Final = 4.0
_LEAST_STATED_MIN: Final = 0.5


class TimedBake(Answer):
    """One time that a step was timed in an oven (or another tool)."""

    tool: str
    kind: StepKind
    vessel: str
    stated_min: float
    actual_min: float
    dish: str
    at: datetime
    outcome: Outcome | None = None

    @computed_field  # type: ignore[prop-decorator]
    @property
    def ratio(self) -> float:
        """What it took for what was stated; what came out over or under would have needed another
        time."""
        return self.actual_min * WOULD_HAVE.get(self.outcome, 1.0) / self.stated_min


def bakes_of(
    steps: Iterable[Step], log: CookLog, dish: str, sizes: Mapping[str, TimeScaling] | None = None
) -> Iterator[TimedBake]:
    """The timed cooking steps of one cook. What was stated is taken for the size that was cooked,
    so that the memory is of the oven and not of the piece."""
    by_id = {step.id: step for step in steps}
    for key, state in log.steps.items():
        step, minutes = by_id.get(key), state.actual_min
        if step is None or minutes is None or minutes <= 0 or state.done_at is None:
            continue
        if step.kind in HOT and step.tool:
            yield TimedBake(
                tool=step.tool,
                kind=step.kind,
                vessel=step.vessel,
                stated_min=step.stated_min * _factor(sizes, key),
                actual_min=minutes,
                dish=dish,
                at=state.done_at,
                outcome=state.outcome,
            )


def _factor(sizes: Mapping[str, TimeScaling] | None, key: str) -> float:
    size = sizes.get(key) if sizes else None
    return size.factor if size else 1.0


class Estimate(Answer):
    """How long a step will take: most likely, and from least to most in 19 of 20 cases.

    `ratio` is what memory makes of the stated time; `bakes` is the evidence, nearest first;
    `held` says that a rule of safety kept the estimate from moving, `size` for how much the time
    was stated and what there is.
    """

    minutes: float
    least_min: float
    most_min: float
    ratio: float
    first_look_min: float
    looks_min: tuple[float, ...]
    bakes: tuple[TimedBake, ...]
    held: str
    size: TimeScaling


@dataclass(frozen=True, slots=True)
class Belief:
    """Of the logarithm of the ratio: its mean, and how far the next one lies from it in 19 of 20
    cases."""

    mean: float
    reach: float


def learns_as(tool: str) -> str:
    """What the memory takes a tool for."""
    known = next((appliance for appliance in APPLIANCES if appliance.name == tool), None)
    return (known and known.learns_as) or tool


def told_by(step: Step, bakes: Iterable[TimedBake], factor: float = 1.0) -> list[TimedBake]:
    """What the step learns from: same appliance, same kind of heat, about the same length."""
    stated = max(step.stated_min * factor, _LEAST_STATED_MIN)
    return [
        bake
        for bake in bakes
        if (learns_as(bake.tool), bake.kind) == (learns_as(step.tool), step.kind)
        and bake.actual_min > 0
        and bake.stated_min >= _LEAST_STATED_MIN
        and 1 / ALIKE <= bake.stated_min / stated <= ALIKE
    ]


def belief(vessel: str, told: Iterable[TimedBake]) -> Belief:
    """What is believed of the next ratio in this vessel."""
    prior = (SCATTER / PRIOR) ** 2
    seen = [
        (
            1.0 if bake.vessel == vessel else OTHER_VESSEL,
            math.log(min(2 * MOST_RATIO, max(LEAST_RATIO / 2, bake.ratio))),
        )
        for bake in told
    ]
    weight = sum(counts for counts, _ in seen)
    middle = sum(counts * ratio for counts, ratio in seen) / weight if weight else 0.0
    apart = sum(counts * (ratio - middle) ** 2 for counts, ratio in seen)
    apart += prior * weight / (prior + weight) * middle**2
    freedom = SCATTER_WEIGHT + weight
    scatter = math.sqrt((SCATTER_WEIGHT * SCATTER**2 + apart) / freedom)
    spread = scatter * math.sqrt(1 + 1 / (prior + weight))
    return Belief(weight * middle / (prior + weight), _student_95(freedom) * spread)


def _student_95(freedom: float) -> float:
    """The two-sided 95 % point of Student's t (Cornish-Fisher; within 2 % from 4 degrees on)."""
    z = TWO_SIDED_95
    first = (z**3 + z) / 4
    second = (5 * z**5 + 16 * z**3 + 3 * z) / 96
    return z + first / freedom + second / freedom**2


def estimate(
    step: Step,
    bakes: Sequence[TimedBake],
    *,
    measured: bool = False,
    size: TimeScaling | None = None,
) -> Estimate:
    """How long `step` will take for what there is of it. `measured`: its end is a core temperature,
    not a time."""
    size = size or sized(step)
    stated = step.stated_min * size.factor
    shortest, longest = step.shortest_min * size.factor, step.longest_min * size.factor
    own_look = None if step.first_look_min is None else step.first_look_min * size.factor
    if step.kind not in HOT or not step.tool:
        return Estimate(
            minutes=stated,
            least_min=shortest,
            most_min=longest,
            ratio=1.0,
            first_look_min=first_look_min(step, stated, own_look),
            looks_min=looks(step, stated, own_look),
            bakes=(),
            held="",
            size=size,
        )
    told = told_by(step, bakes, size.factor)
    known = belief(step.vessel, told)
    ratio = min(MOST_RATIO, max(LEAST_RATIO, math.exp(known.mean)))
    held = ""
    if measured and ratio < 1:
        ratio, held = 1.0, "A core temperature decides: not planned shorter than stated."
    reach = math.exp(known.reach)
    minutes = stated * ratio
    first = first_look_min(step, minutes, None if own_look is None else own_look * ratio)
    if measured:
        first = min(first, first_look_min(step, stated, own_look))
    first = min(first, shortest)
    told.sort(key=lambda bake: (bake.vessel != step.vessel, -bake.at.timestamp()))
    return Estimate(
        minutes=minutes,
        least_min=stated if measured else min(shortest * ratio, minutes / reach),
        most_min=max(longest * ratio, minutes * reach),
        ratio=ratio,
        first_look_min=first,
        looks_min=looks(step, minutes, first),
        bakes=tuple(told),
        held=held,
        size=size,
    )


def estimates(
    steps: Iterable[Step],
    bakes: Sequence[TimedBake],
    measured: Collection[str],
    sizes: Mapping[str, TimeScaling],
) -> dict[str, Estimate]:
    """How long each step will take, by step; `measured` are those that a core temperature ends."""
    return {
        step.id: estimate(step, bakes, measured=step.id in measured, size=sizes[step.id])
        for step in steps
    }


OVERRUN: Final = 0.15
LEAST_OVERRUN_MIN: Final = 1.0
"""What is not done at its end takes about so much of its time again (a guess)."""


def left_min(whole_min: float, elapsed_min: float) -> float:
    """Minutes that a step under way may still take; past its end a guess."""
    left = whole_min - elapsed_min
    return left if left > 0 else max(LEAST_OVERRUN_MIN, OVERRUN * whole_min)
