"""What is remembered of a scale from one reading to the next."""

from dataclasses import dataclass, replace
from typing import Final

from gasket.core.weighing.records import Reading
from gasket.core.weighing.taking import tare_for
from gasket.core.weighing.task import Task

FLICKER_S: Final = 1.2
MOVED_DIVISIONS: Final = 1.5
OFF_DIVISIONS: Final = 3.0
SILENCE_S: Final = 2.0
"""A scale that has said nothing for so long may have gone off and begun again from zero."""


@dataclass(frozen=True, slots=True)
class Watching:
    """What is remembered of one scale between two readings. Times are in seconds."""

    steady_g: float | None = None
    steady_since_s: float | None = None
    calm_from_g: float = 0.0
    calm_to_g: float = 0.0
    calm_since_s: float | None = None
    rested_g: float | None = None
    rested_at_s: float = 0.0
    moved: bool = True
    lifted: bool = False
    restarted: bool = False
    heard_at_s: float | None = None
    largest_step_g: float = 0.0

    def held_s(self, reading: Reading, at_s: float) -> float:
        """For how long the reading has been steady. A display that flickers between two
        neighbouring figures never says so itself: it counts when it has done nothing else for
        `FLICKER_S`."""
        held = 0.0
        if reading.stable and self.steady_since_s is not None:
            held = at_s - self.steady_since_s
        if self.calm_since_s is not None:
            held = max(held, at_s - self.calm_since_s - FLICKER_S)
        return held

    def at_rest(
        self, reading: Reading | None, at_s: float, known_g: float | None = None
    ) -> "Watching":
        """Something was recorded: what lies on the scale now is not taken again by itself, unless
        only the vessel's known weight (`known_g`) was."""
        shown = None if reading is None else reading.grams
        return Watching(
            steady_g=shown,
            rested_g=shown if known_g is None else known_g,
            rested_at_s=at_s,
            moved=False,
            heard_at_s=self.heard_at_s,
            lifted=self.lifted and reading is not None and is_empty(reading),
        )


def is_empty(reading: Reading) -> bool:
    """Nothing lies on the scale."""
    return reading.grams <= OFF_DIVISIONS * reading.division_g


def follow(watching: Watching, task: Task, reading: Reading, at_s: float) -> Watching:
    """Since when the scale has been steady, whether it moved and whether the vessel was lifted."""
    division = reading.division_g
    before = watching.steady_g
    same = before is not None and abs(reading.grams - before) < division / 2
    since = watching.steady_since_s if same else None
    if not reading.stable or reading.overload:
        since = None
    elif since is None:
        since = at_s
    calm_from = min(watching.calm_from_g, reading.grams)
    calm_to = max(watching.calm_to_g, reading.grams)
    calm_since = watching.calm_since_s
    if calm_since is None or reading.overload or calm_to - calm_from > division * 1.01:
        calm_from, calm_to, calm_since = reading.grams, reading.grams, at_s
    rested = watching.rested_g
    moved = watching.moved or rested is None or _differ(reading, rested, MOVED_DIVISIONS)
    tare = tare_for(task.tare, reading.mode)
    lifted = watching.lifted or (reading.grams < tare - 2 * division and is_empty(reading))
    step = 0.0 if before is None else abs(reading.grams - before)
    silent = watching.heard_at_s is not None and at_s - watching.heard_at_s > SILENCE_S
    was_on = (
        before is not None and before >= tare - 2 * division and tare > OFF_DIVISIONS * division
    )
    restarted = (watching.restarted or (silent and was_on)) and is_empty(reading)
    return replace(
        watching,
        steady_g=reading.grams,
        steady_since_s=since,
        calm_from_g=calm_from,
        calm_to_g=calm_to,
        calm_since_s=calm_since,
        moved=moved,
        lifted=lifted and not restarted,
        restarted=restarted,
        heard_at_s=at_s,
        largest_step_g=max(watching.largest_step_g, step),
    )


def _differ(reading: Reading, grams: float, divisions: float) -> bool:
    return abs(reading.grams - grams) > divisions * reading.division_g
