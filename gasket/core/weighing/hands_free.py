"""The state machine of a weigh-in: readings in, judgements and deeds out.

Pure and replayable: `watching.follow` keeps what has to be remembered of a scale from one reading
to the next, `judge_reading` says where the pour stands and what is to be done now. The same stream
always gives the same records.

    bowl on, steady            → tare
    poured, right and steady   → take it, on to the next line
    bowl lifted, another one   → tare again
    bowl lifted, same one back → go on
    lifted and back lighter    → emptied meanwhile: tare again
"""

from collections.abc import Callable
from dataclasses import dataclass, replace
from enum import StrEnum
from typing import Final

from gasket.core.weighing.captures import Capture, capture_of
from gasket.core.weighing.pour import PourNow, PourState, judge, tolerance_g
from gasket.core.weighing.records import Reading, ReadingOrigin, RecordKind
from gasket.core.weighing.taking import net_of, tare_for
from gasket.core.weighing.task import Task
from gasket.core.weighing.watching import Watching, is_empty
from gasket.core.weighing.weigh_in import Tare

HOLD_S: Final = 0.8
"""A pour that is within tolerance captures itself after it has been steady for so long."""
FREE_HOLD_S: Final = 4.0
"""Without a target only a long rest tells that a pour is over."""
LOAD_DIVISIONS: Final = 5.0
"""Less than this on an empty scale is no bowl."""
DRIFT_DIVISIONS: Final = 2.0
DRIFT_S: Final = 6.0
VESSEL_SHARE: Final = 0.01


class HandsFreeAct(StrEnum):
    """What the machine does by itself."""

    TARE = "tare"
    TARE_KNOWN = "tare_known"
    TAKE = "take"
    TAKE_NEW = "take_new"


@dataclass(frozen=True, slots=True)
class Judgement:
    """Where the pour stands, and what the machine does about it."""

    pour: PourNow
    slack_g: float
    deed: HandsFreeAct | None = None

    @property
    def state(self) -> PourState:
        return self.pour.state


def judge_reading(task: Task, watching: Watching, reading: Reading, at_s: float) -> Judgement:
    """Where the pour of `reading` stands and what to do now; `watching` has followed it."""
    held_s = watching.held_s(reading, at_s)
    net = net_of(reading.grams, tare_for(task.tare, reading.mode), task.way)
    target = task.left_g or 0.0
    slack = tolerance_g(target, reading.division_g, task.nudge)

    def say(state: PourState, deed: HandsFreeAct | None = None) -> Judgement:
        deed = deed if task.auto else None
        return Judgement(PourNow(state, net, round(target - net, 6)), slack, deed)

    if reading.overload:
        return say(PourState.OVERLOAD)
    if _wants_vessel(task, watching):
        return _placing(task, reading, held_s, slack, say)
    if task.way == "out_of" and is_empty(reading) and watching.lifted:
        return say(PourState.PACK_OFF)
    if trouble := _less_than_tared(task, watching, reading, net, held_s, at_s, say):
        return trouble
    if task.left_g is None:
        ready = task.free and watching.moved and held_s >= FREE_HOLD_S and net > 0
        state = PourState.POURING if net >= reading.division_g / 2 else PourState.WAITING
        deed = HandsFreeAct.TAKE if task.line is not None else HandsFreeAct.TAKE_NEW
        return say(state, deed if ready else None)
    pour = judge(net, target, reading.division_g, slack)
    if pour.state is PourState.WITHIN and watching.moved and held_s >= HOLD_S:
        return say(PourState.WITHIN, HandsFreeAct.TAKE)
    return Judgement(_or_drift(pour, watching, reading, at_s), slack)


Say = Callable[..., Judgement]


def _wants_vessel(task: Task, watching: Watching) -> bool:
    """Whether a tare is due: nothing tared yet, or another vessel than before came on.

    A cook who pours on into the same bowl is not stopped: another one must have been lifted on.
    """
    if not task.needs_vessel:
        return False
    if task.tare is None:
        return True
    return watching.lifted and task.tare.vessel != task.vessel


def _placing(task: Task, reading: Reading, held_s: float, slack: float, say: Say) -> Judgement:
    """The vessel comes on: tared when steady, unless something was in it already."""
    if reading.mode == "gross" and reading.grams < LOAD_DIVISIONS * reading.division_g:
        return say(PourState.PLACE)
    steady = held_s >= HOLD_S
    if task.empty_g is None or task.way == "out_of" or reading.mode == "net":
        return say(PourState.PLACE, HandsFreeAct.TARE if steady else None)
    near = max(2 * reading.division_g, VESSEL_SHARE * task.empty_g)
    over = reading.grams - task.empty_g
    if abs(over) <= near:
        return say(PourState.PLACE, HandsFreeAct.TARE if steady else None)
    fits = task.left_g is not None and abs(over - task.left_g) <= slack + near
    return say(PourState.PLACED_EARLY, HandsFreeAct.TARE_KNOWN if steady and fits else None)


def _less_than_tared(
    task: Task,
    watching: Watching,
    reading: Reading,
    net: float,
    held_s: float,
    at_s: float,
    say: Say,
) -> Judgement | None:
    division, tare = reading.division_g, task.tare
    its_own = tare is not None and tare.vessel == task.vessel
    if tare is not None and its_own and tare.tipped_about_g > division:
        return _tipping_in(tare, reading, held_s, say)
    if net >= -2 * division:
        creeps = -2 * division <= net <= -division and held_s >= HOLD_S
        long = at_s - watching.rested_at_s >= DRIFT_S
        calm = watching.largest_step_g <= 1.5 * division and not watching.lifted
        if creeps and long and calm and tare is not None and not tare.tipped_g:
            return say(PourState.DRIFT, HandsFreeAct.TARE)
        return None
    if watching.restarted:
        return say(PourState.RESTARTED)
    if is_empty(reading) and task.way == "into":
        return say(PourState.BOWL_OFF)
    if tare is not None and tare.tipped_g > 0 and net >= -tare.tipped_g - 2 * division:
        return say(PourState.TIP_IN)
    emptied = watching.lifted and not is_empty(reading) and held_s >= HOLD_S
    return say(PourState.LESS, HandsFreeAct.TARE if emptied and task.way == "into" else None)


def _tipping_in(tare: Tare, reading: Reading, held_s: float, say: Say) -> Judgement:
    """What was only estimated goes into the bowl, or lies in it already: then its weight is
    whatever the scale says."""
    grown = reading.grams - tare.gross_g
    least = tare.tipped_g - 1.5 * tare.tipped_about_g
    most = tare.tipped_g + 1.5 * tare.tipped_about_g
    arrived = max(least, reading.division_g) <= grown <= most
    return say(PourState.TIP_IN, HandsFreeAct.TARE if arrived and held_s >= HOLD_S else None)


def _or_drift(pour: PourNow, watching: Watching, reading: Reading, at_s: float) -> PourNow:
    """A display that crept by single divisions since it came to rest is no pour."""
    small = 0 < pour.net_g <= DRIFT_DIVISIONS * reading.division_g and pour.left_g > 0
    calm = watching.largest_step_g <= 1.5 * reading.division_g
    long = at_s - watching.rested_at_s >= DRIFT_S and watching.rested_g is not None
    if pour.state is PourState.POURING and small and calm and long:
        return replace(pour, state=PourState.DRIFT)
    return pour


def capture_for(deed: HandsFreeAct, task: Task, reading: Reading, capture_id: str) -> Capture:
    """What is recorded for a deed."""
    known = deed is HandsFreeAct.TARE_KNOWN
    shown = {
        "id": capture_id,
        "gross_g": task.empty_g if known else reading.grams,
        "tare_record": task.tare.record if task.tare else None,
        "mode": reading.mode,
        "scale": reading.scale,
        "way": task.way,
        "bowl": task.bowl,
        "division_g": reading.division_g,
        "origin": ReadingOrigin.VESSEL if known else ReadingOrigin.AUTOMATIC,
    }
    if deed not in (HandsFreeAct.TAKE, HandsFreeAct.TAKE_NEW):
        return capture_of(kind=RecordKind.TARE, piece=task.piece, line=task.line, **shown)
    if task.piece is not None:
        kind = RecordKind.TOP_UP if task.topping_up else RecordKind.PORTION
        return capture_of(kind=kind, piece=task.piece, **shown)
    return capture_of(
        kind=RecordKind.LINE, line=None if deed is HandsFreeAct.TAKE_NEW else task.line, **shown
    )
