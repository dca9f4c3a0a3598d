"""The state machine of a weigh-in: readings in, judgements and deeds out.

Pure and replayable: `follow` keeps what has to be remembered of a scale from one reading to the
next, `judge_reading` says where the pour stands and what is to be done now, `play` runs a recorded
stream over a plan. The same stream always gives the same records.

    bowl on, steady            → tare
    poured, right and steady   → take it, on to the next line
    bowl lifted, another one   → tare again
    bowl lifted, same one back → go on
    lifted and back lighter    → emptied meanwhile: tare again
"""

from collections.abc import Callable, Iterable, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime, timedelta
from enum import StrEnum
from typing import Final

from gasket.core.weighing.pour import Pour, PourState, judge, tolerance_g, wants_finer_scale
from gasket.core.weighing.records import Capture, Kind, Origin, Reading, Record, Way
from gasket.core.weighing.weigh_in import (
    LineStatus,
    Tare,
    ToWeigh,
    WeighIn,
    net_of,
    recorded,
    refusal,
    replay,
    tare_for,
    vessel_for,
)

HOLD_S: Final = 0.8
"""A pour that is within tolerance captures itself after it has been steady for so long."""
FLICKER_S: Final = 1.2
FREE_HOLD_S: Final = 4.0
"""Without a target only a long rest tells that a pour is over."""
MOVED_DIVISIONS: Final = 1.5
OFF_DIVISIONS: Final = 3.0
LOAD_DIVISIONS: Final = 5.0
"""Less than this on an empty scale is no bowl."""
DRIFT_DIVISIONS: Final = 2.0
DRIFT_S: Final = 6.0
VESSEL_SHARE: Final = 0.01
SILENCE_S: Final = 2.0
"""A scale that has said nothing for so long may have gone off and begun again from zero."""


class Deed(StrEnum):
    """What the machine does by itself."""

    TARE = "tare"
    TARE_KNOWN = "tare_known"
    TAKE = "take"
    TAKE_NEW = "take_new"


@dataclass(frozen=True, slots=True)
class Task:
    """What is being weighed. `left_g` is what is still to pour; None when there is no target.

    `auto` lets the machine act; `vessel` is what should stand on the scale, `empty_g` its known
    empty weight.
    """

    line: int | None = None
    left_g: float | None = None
    way: Way = "into"
    vessel: str = ""
    bowl: str = ""
    empty_g: float | None = None
    tare: Tare | None = None
    nudge: int = 0
    auto: bool = False
    free: bool = False
    needs_vessel: bool = False

    def on(self, tare: Tare | None) -> "Task":
        """The task on the scale that has this tare."""
        return replace(self, tare=tare)


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
            lifted=self.lifted and reading is not None and _is_empty(reading),
        )


@dataclass(frozen=True, slots=True)
class Judgement:
    """Where the pour stands, and what the machine does about it."""

    pour: Pour
    slack_g: float
    deed: Deed | None = None

    @property
    def state(self) -> PourState:
        return self.pour.state


def _is_empty(reading: Reading) -> bool:
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
    lifted = watching.lifted or (reading.grams < tare - 2 * division and _is_empty(reading))
    step = 0.0 if before is None else abs(reading.grams - before)
    silent = watching.heard_at_s is not None and at_s - watching.heard_at_s > SILENCE_S
    was_on = (
        before is not None and before >= tare - 2 * division and tare > OFF_DIVISIONS * division
    )
    restarted = (watching.restarted or (silent and was_on)) and _is_empty(reading)
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


def judge_reading(task: Task, watching: Watching, reading: Reading, at_s: float) -> Judgement:
    """Where the pour of `reading` stands and what to do now; `watching` has followed it."""
    held_s = watching.held_s(reading, at_s)
    net = net_of(reading.grams, tare_for(task.tare, reading.mode), task.way)
    target = task.left_g or 0.0
    slack = tolerance_g(target, reading.division_g, task.nudge)

    def say(state: PourState, deed: Deed | None = None) -> Judgement:
        deed = deed if task.auto else None
        return Judgement(Pour(state, net, round(target - net, 6)), slack, deed)

    if reading.overload:
        return say(PourState.OVERLOAD)
    if _wants_vessel(task, watching):
        return _placing(task, reading, held_s, slack, say)
    if task.way == "out_of" and _is_empty(reading) and watching.lifted:
        return say(PourState.PACK_OFF)
    if trouble := _less_than_tared(task, watching, reading, net, held_s, at_s, say):
        return trouble
    if task.left_g is None:
        ready = task.free and watching.moved and held_s >= FREE_HOLD_S and net > 0
        state = PourState.POURING if net >= reading.division_g / 2 else PourState.WAITING
        deed = Deed.TAKE if task.line is not None else Deed.TAKE_NEW
        return say(state, deed if ready else None)
    pour = judge(net, target, reading.division_g, slack)
    if pour.state is PourState.WITHIN and watching.moved and held_s >= HOLD_S:
        return say(PourState.WITHIN, Deed.TAKE)
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
        return say(PourState.PLACE, Deed.TARE if steady else None)
    near = max(2 * reading.division_g, VESSEL_SHARE * task.empty_g)
    over = reading.grams - task.empty_g
    if abs(over) <= near:
        return say(PourState.PLACE, Deed.TARE if steady else None)
    fits = task.left_g is not None and abs(over - task.left_g) <= slack + near
    return say(PourState.PLACED_EARLY, Deed.TARE_KNOWN if steady and fits else None)


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
            return say(PourState.DRIFT, Deed.TARE)
        return None
    if watching.restarted:
        return say(PourState.RESTARTED)
    if _is_empty(reading) and task.way == "into":
        return say(PourState.BOWL_OFF)
    if tare is not None and tare.tipped_g > 0 and net >= -tare.tipped_g - 2 * division:
        return say(PourState.TIP_IN)
    emptied = watching.lifted and not _is_empty(reading) and held_s >= HOLD_S
    return say(PourState.LESS, Deed.TARE if emptied and task.way == "into" else None)


def _tipping_in(tare: Tare, reading: Reading, held_s: float, say: Say) -> Judgement:
    """What was only estimated goes into the bowl, or lies in it already: then its weight is
    whatever the scale says."""
    grown = reading.grams - tare.gross_g
    least = tare.tipped_g - 1.5 * tare.tipped_about_g
    most = tare.tipped_g + 1.5 * tare.tipped_about_g
    arrived = max(least, reading.division_g) <= grown <= most
    return say(PourState.TIP_IN, Deed.TARE if arrived and held_s >= HOLD_S else None)


def _or_drift(pour: Pour, watching: Watching, reading: Reading, at_s: float) -> Pour:
    """A display that crept by single divisions since it came to rest is no pour."""
    small = 0 < pour.net_g <= DRIFT_DIVISIONS * reading.division_g and pour.left_g > 0
    calm = watching.largest_step_g <= 1.5 * reading.division_g
    long = at_s - watching.rested_at_s >= DRIFT_S and watching.rested_g is not None
    if pour.state is PourState.POURING and small and calm and long:
        return replace(pour, state=PourState.DRIFT)
    return pour


def task_of(
    state: WeighIn,
    line: ToWeigh | None,
    *,
    bowl: str = "",
    empty_g: float | None = None,
    nudge: int = 0,
    hands_free: bool = False,
    by_hand: bool = False,
    free: bool = False,
) -> Task:
    """What is to be done for the current line, on whatever scale: its `tare` is still to be set.

    `by_hand` lines wait for the cook; in a `free` weigh-in what is poured next goes into `bowl`.
    """
    if line is None:
        return Task(
            vessel=bowl, bowl=bowl, empty_g=empty_g, auto=hands_free, free=free, needs_vessel=free
        )
    so_far = state.lines[line.id]
    is_open = so_far.status is LineStatus.OPEN
    has_target = line.target_g > 0
    left = round(line.target_g * so_far.factor - so_far.poured_g, 6)
    return Task(
        line=line.id,
        left_g=left if has_target and is_open else line.target_g if has_target else None,
        way=line.way,
        vessel=vessel_for(line),
        bowl=line.bowl,
        empty_g=empty_g,
        nudge=nudge,
        auto=hands_free and is_open and not by_hand,
        free=free and not has_target,
        needs_vessel=True,
    )


@dataclass(frozen=True, slots=True)
class ScaleAtHand:
    """A scale that answers."""

    name: str
    division_g: float
    capacity_g: float


def scale_for(
    target_g: float, chosen: str | None, scales: Sequence[ScaleAtHand]
) -> ScaleAtHand | None:
    """The scale to weigh a line on, of those that answer: the one chosen for it, else the coarsest
    that reads its target finely enough and can carry it, the finest otherwise."""
    for scale in scales:
        if scale.name == chosen:
            return scale
    if not scales:
        return None
    coarse_first = sorted(scales, key=lambda one: -one.division_g)
    able = [one for one in coarse_first if target_g < one.capacity_g] or coarse_first
    fine = (one for one in able if not wants_finer_scale(target_g, one.division_g))
    return next(fine, able[-1] if target_g > 0 else able[0])


def capture_for(deed: Deed, task: Task, reading: Reading, capture_id: str) -> Capture:
    """What is recorded for a deed."""
    known = deed is Deed.TARE_KNOWN
    kinds = {Deed.TAKE: Kind.LINE, Deed.TAKE_NEW: Kind.LINE}
    return Capture(
        id=capture_id,
        kind=kinds.get(deed, Kind.TARE),
        line=None if deed is Deed.TAKE_NEW else task.line,
        gross_g=task.empty_g if known else reading.grams,
        tare_record=task.tare.record if task.tare else None,
        mode=reading.mode,
        scale=reading.scale,
        way=task.way,
        bowl=task.bowl,
        division_g=reading.division_g,
        origin=Origin.VESSEL if known else Origin.AUTOMATIC,
    )


@dataclass(frozen=True, slots=True)
class Known:
    """What `play` is told besides the plan: known empty weights by bowl, and the tolerance."""

    empty_g: tuple[tuple[str, float], ...] = ()
    nudge: int = 0
    by_hand: frozenset[int] = frozenset()


NOTHING_KNOWN: Final = Known()


@dataclass
class Player:
    """A hands-free weigh-in over one scale, reading by reading. `began` dates its records."""

    lines: Sequence[ToWeigh]
    began: datetime
    known: Known = Known()
    records: list[Record] = field(default_factory=list)
    watching: Watching = field(default_factory=Watching)
    state: WeighIn = field(init=False)

    def __post_init__(self) -> None:
        self.state = replay(self.records, self.lines)

    @property
    def current(self) -> ToWeigh | None:
        return next((line for line in self.lines if line.id == self.state.current), None)

    def task(self, scale: str) -> Task:
        line = self.current
        return task_of(
            self.state,
            line,
            empty_g=dict(self.known.empty_g).get(line.bowl) if line else None,
            nudge=self.known.nudge,
            hands_free=line is not None,
            by_hand=line is not None and line.id in self.known.by_hand,
        ).on(self.state.tare_of(scale))

    def show(self, at_s: float, reading: Reading) -> Judgement:
        """Judge a reading and do what is due; its record is then the last one."""
        task = self.task(reading.scale)
        self.watching = follow(self.watching, task, reading, at_s)
        judgement = judge_reading(task, self.watching, reading, at_s)
        if judgement.deed is not None:
            capture = capture_for(
                judgement.deed, task, reading, f"auto-{len(self.records) + 1:05d}"
            )
            if refusal(capture, self.state) is None:
                at = self.began + timedelta(seconds=at_s)
                self.records.append(recorded(capture, self.state, at))
                self.state = replay(self.records, self.lines)
            known_g = task.empty_g if judgement.deed is Deed.TARE_KNOWN else None
            self.watching = self.watching.at_rest(reading, at_s, known_g)
        return judgement


def play(
    lines: Sequence[ToWeigh],
    stream: Iterable[tuple[float, Reading]],
    began: datetime,
    known: Known = NOTHING_KNOWN,
) -> list[Record]:
    """A whole hands-free weigh-in from a recorded stream of (seconds, reading), one scale.

    Returns the records that it makes, with ids `auto-00001` …
    """
    player = Player(lines, began, known)
    for at_s, reading in stream:
        player.show(at_s, reading)
    return player.records
