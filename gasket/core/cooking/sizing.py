"""How a stated time moves with what is cooked: the piece, the depth in one vessel, the rounds.

A step may say for how much its time is stated. Then this batch's own pieces decide:

    stated 17 min for pieces of 60 g; these weigh 120 g       → 17 × 2^0.55 = 24.9 min
    stated 45 min for 700 g in one tin; there is 1,050 g      → 45 × 1.5^0.8 = 62.2 min
    stated 3 min a round, 4 at a time; there are 10 pieces    → 3 rounds, 9 min
    stated 2 min in a microwave of 900 W; this one has 700 W  → 2 × 900 / 700 = 2.6 min

The powers 0.55 and 0.8 are from memory; that number matters in a pan only is common practice.
"""

import math
from collections.abc import Iterable, Mapping
from typing import Final, NamedTuple

from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer

PIECE_POWER: Final = 0.55
DEPTH_POWER: Final = 0.8
MEANT_FOR_W: Final = 900.0
"""Recipes are written for a microwave of this power (common practice)."""
LEAST_FACTOR: Final = 0.25
MOST_FACTOR: Final = 4.0
MOST_ROUNDS: Final = 100
SAME: Final = 0.05
"""A piece that differs by less than this bakes as stated."""


class BatchSize(NamedTuple):
    """What there is of it: grams of each component before cooking, and pieces that are made."""

    grams: Mapping[str, float]
    pieces: float

    def of(self, components: Iterable[str]) -> float:
        """Grams of these components; of all where none is named."""
        wanted = [*components] or [*self.grams]
        return sum(self.grams.get(name, 0.0) for name in wanted)


class TimeScaling(Answer):
    """How many times the stated minutes it takes, and what they were scaled from.

    `piece_g` is what one piece weighs here, `whole_g` all that the step works on.
    """

    factor: float
    says: str
    piece_g: float | None
    whole_g: float | None


NOTHING_KNOWN: Final = BatchSize({}, 1.0)


def sizes(steps: Iterable[Step], there: BatchSize, microwave_w: float) -> dict[str, "TimeScaling"]:
    """What each step's time is scaled by, by step."""
    return {step.id: sized(step, there, microwave_w) for step in steps}


def sized(
    step: Step, there: BatchSize = NOTHING_KNOWN, microwave_w: float = MEANT_FOR_W
) -> TimeScaling:
    """What a step's time is scaled by for what is there. Times for which nobody said how much
    they are meant for stand as they are."""
    whole = there.of(step.uses)
    piece = whole / there.pieces if there.pieces > 0 else 0.0
    factor, says = 1.0, []
    for stated, now, power, words in (
        (step.for_piece_g, piece, PIECE_POWER, "pieces of {0:.0f} g: these weigh {1:.0f} g"),
        (step.for_whole_g, whole, DEPTH_POWER, "{0:.0f} g in one tin: there is {1:.0f} g"),
    ):
        if stated and now > 0 and abs(now / stated - 1) > SAME:
            factor *= (now / stated) ** power
            says.append("stated for " + words.format(stated, now))
    factor = min(MOST_FACTOR, max(LEAST_FACTOR, factor))
    if step.at_a_time:
        pieces = whole / step.ladle_g if step.ladle_g and whole else there.pieces
        rounds = min(MOST_ROUNDS, max(1, math.ceil(pieces / step.at_a_time - 0.05)))
        factor *= rounds
        if rounds > 1:
            of = f" of {step.ladle_g:g} g" if step.ladle_g else ""
            says.append(f"{rounds} rounds, {step.at_a_time}{of} at a time")
    if step.kind == "microwave" and microwave_w != MEANT_FOR_W:
        factor *= MEANT_FOR_W / microwave_w
        says.append(f"stated for {MEANT_FOR_W:.0f} W: yours has {microwave_w:.0f} W")
    return TimeScaling(
        factor=factor, says="; ".join(says), piece_g=piece or None, whole_g=whole or None
    )
