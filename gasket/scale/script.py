"""Scripted runs: a recipe poured like a person would, as a stream of readings. Pure but for the
seed; the person starts the next line when the one before has lain still long enough."""

import random
from collections.abc import Iterator, Sequence
from typing import Final

from gasket.core.weighing.records import Reading
from gasket.scale.line_format import print_line
from gasket.scale.pan import Act, BowlOnScale

STEP_S: Final = 0.1
REST_S: Final = 4.0

ScriptStep = tuple[Act, float]


def stream(
    pan: BowlOnScale, steps: Sequence[ScriptStep], rest_s: float = REST_S
) -> Iterator[tuple[float, Reading]]:
    """(seconds, reading) while each step is done and then lies still for `rest_s`."""
    ticks = 0
    for act, amount in steps:
        pan.act(act, amount)
        still = 0.0
        while still < rest_s:
            ticks += 1
            reading = pan.advance(STEP_S)
            still = 0.0 if pan.is_busy else still + STEP_S
            if reading is not None:
                yield round(ticks * STEP_S, 3), reading


def pour_recipe(grams: Sequence[float], seed: int, division_g: float) -> Iterator[str]:
    """The lines that a scale would send while a person pours `grams` one after another."""
    pan = BowlOnScale(random.Random(seed), division_g=division_g)
    steps: list[ScriptStep] = [("put", 0.0), *(("person", gram) for gram in grams)]
    for _, reading in stream(pan, steps):
        yield print_line(reading)
