"""The steps of a card, told in words: how hot, how long, until when, and what they really took."""

from collections.abc import Iterator, Sequence
from typing import Final

from gasket.core.cooking.cook_log import CookLog, Outcome
from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.trade.temperatures import DegreeScale, fahrenheit, knob, knob_words
from gasket.core.trade.words import minutes_words

OUTCOME_SAYS: Final[dict[Outcome, str]] = {
    "under": "not quite done",
    "right": "just right",
    "over": "too long",
}


class CardStep(Answer):
    """A step as it is told, with what it took and what was measured."""

    number: int
    says: str
    detail: str
    after: tuple[int, ...]
    took: str


def told(steps: Sequence[Step], log: CookLog, degrees: DegreeScale) -> Iterator[CardStep]:
    """Each step in its place, heat in the house's degrees; what was left out says why."""
    numbers = {step.id: i for i, step in enumerate(steps, start=1)}
    for step in steps:
        state = log.of(step.id)
        took = "" if state.actual_min is None else f"took {minutes_words(state.actual_min)}"
        hottest = max(
            (temperature.temperature_c or 0.0 for temperature in state.temperatures), default=None
        )
        if hottest is not None:
            core = f"{hottest:g} °C" if degrees == "C" else f"{round(fahrenheit(hottest), 1):g} °F"
            took = f"{took}, core {core}".lstrip(", ")
        if state.outcome:
            took = f"{took}, {OUTCOME_SAYS[state.outcome]}".lstrip(", ")
        if state.reason:
            took = f"left out: {state.reason}"
        yield CardStep(
            number=numbers[step.id],
            says=step.says,
            detail=_detail(step, degrees),
            after=tuple(numbers[key] for key in step.after if key in numbers),
            took=took,
        )


def _detail(step: Step, degrees: DegreeScale) -> str:
    parts = []
    if step.temperature_c is not None:
        parts.append(knob_words(knob(step.temperature_c, step.air), degrees))
    if step.least_min is not None and step.most_min is not None:
        least, most = minutes_words(step.least_min), minutes_words(step.most_min)
        parts.append(most if least == most else f"{least} to {most}")
    if step.cue:
        parts.append(f"until {step.cue[:1].lower()}{step.cue[1:]}")
    return ", ".join(parts)
