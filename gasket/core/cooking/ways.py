"""Which of the other ways a step can go, and the step as it is done then.

The ways themselves stand with their appliances (`gasket.core.trade.appliances`).
"""

import re
from dataclasses import dataclass
from typing import Any, Final

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step, changed
from gasket.core.trade.appliances.model import SMALL_PIECE_G, Fits, Turns, Way
from gasket.core.trade.families import Family
from gasket.core.trade.temperatures import FAN_LESS

_FAN_LESS_C: Final = {"C": FAN_LESS["C"], "F": FAN_LESS["F"] / 1.8}


@dataclass(frozen=True, slots=True)
class Surroundings:
    """What decides whether a way fits: the dish, what one piece weighs, what is missing here."""

    family: Family | None = None
    piece_g: float | None = None
    missing: frozenset[str] = frozenset()

    @property
    def small(self) -> bool:
        """Whether a piece is small enough for what only takes small ones."""
        return self.piece_g is not None and self.piece_g < SMALL_PIECE_G


def fits(way: Way, step: Step, around: Surroundings) -> bool:
    """Whether a step can go this way."""
    return any(_holds(fit, step, around) for fit in way.fits)


def _holds(fit: Fits, step: Step, around: Surroundings) -> bool:
    return (
        (not fit.kinds or step.kind in fit.kinds)
        and step.kind not in fit.not_kinds
        and (not fit.tools or step.tool in fit.tools)
        and (not fit.by_hand or step.tool == "")
        and (fit.air is None or step.air == fit.air)
        and (not fit.heated or bool(step.temperature_c))
        and _says(fit.vessel, step.vessel)
        and not (fit.not_vessel and _says(fit.not_vessel, step.vessel))
        and _says(fit.says, step.says)
        and (not fit.families or around.family in fit.families)
        and not (fit.alone and step.uses)
        and step.stated_min >= fit.least_min
    )


def _says(words: str, text: str) -> bool:
    return not words or re.search(words, text, re.IGNORECASE) is not None


def done(way: Way, step: Step, around: Surroundings) -> Step:
    """The step as it is done this way."""
    turns = way.turns
    if turns.line:
        return _as_the_line_says(turns.line, step)
    turned = changed(_timed(turns, step, around), temperature_c=_heat(turns, step))
    if turns.air is not None:
        turned = changed(turned, air=turns.air)
    if step.at_a_time is not None:
        turned = changed(turned, at_a_time=max(1, int(step.at_a_time * turns.places)))
    if turns.vessel:
        bare = re.sub(r"^(?:silicone|glass|foil|cast-iron)\s+", "", step.vessel)
        turned = changed(turned, vessel=f"{turns.vessel} {bare}".strip())
    sets: dict[str, Any] = {**turns.sets}
    return changed(turned, **sets)


def _timed(turns: Turns, step: Step, around: Surroundings) -> Step:
    """The step with its window from so many times the shortest to so many times the longest."""
    small = turns.small_times if around.small else None
    least, most = small or turns.times_of.get(step.kind, turns.times)
    look = turns.small_look if small else turns.look
    if (least, most, look) == (1.0, 1.0, None):
        return step
    first = None if step.first_look_min is None else round(step.first_look_min * least, 2)
    return changed(
        step,
        least_min=round(step.shortest_min * least, 2),
        most_min=round(step.longest_min * most, 2),
        first_look_min=round(step.stated_min * look, 2) if look else first,
    )


def _heat(turns: Turns, step: Step) -> float | None:
    if step.temperature_c is None:
        return None
    by_c = turns.hotter_c
    if turns.air is not None and turns.air != step.air:
        by_c += _FAN_LESS_C[step.written] * (1 if turns.air == "conventional" else -1)
    return round(step.temperature_c + by_c, 2) if by_c else step.temperature_c


def _as_the_line_says(line: str, step: Step) -> Step:
    """With what the step works on and when; what it needed is not needed any more."""
    kept = {"uses": step.uses, "after": step.after, "cue": step.cue, "must": step.must}
    new = read_step(line, step.id)
    return changed(new, **kept, tool="" if new.tool == step.tool else new.tool)
