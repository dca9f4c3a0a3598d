"""The log of a cook: what was begun, looked at, measured and finished, and when.

Like the weigh-in it is append-only: undo is a record that names another. Timers are what the log
says is running, so a reload, a second page and a restarted server all see the same ones.
"""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime, timedelta
from enum import StrEnum
from typing import Annotated, Final, Literal, Self, cast, get_args

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.cooking.looks import next_look_min
from gasket.core.cooking.steps import Step, among_themselves
from gasket.core.numbers import Number, SentId, Value
from gasket.core.rebuild.trial import LineId, Remark

MOST_TIMER_MIN: Final = 7 * 24 * 60.0


class StepAct(StrEnum):
    """What a record says."""

    BEGIN = "begin"
    DONE = "done"
    SKIP = "skip"
    EXTEND = "extend"
    LOOK = "look"
    TEMPERATURE = "temperature"
    PASS = "pass"
    OUTCOME = "outcome"
    GUESS = "guess"
    TIMER = "timer"
    UNDO = "undo"


Outcome = Literal["under", "right", "over"]
"""How it came out: it needed longer, it was right, it had too long."""
_OF_A_STEP: Final = frozenset(
    {
        *(
            StepAct.BEGIN,
            StepAct.DONE,
            StepAct.SKIP,
            StepAct.EXTEND,
            StepAct.LOOK,
            StepAct.TEMPERATURE,
        ),
        *(StepAct.PASS, StepAct.OUTCOME, StepAct.GUESS),
    }
)


class CookDeed(Value):
    """What is sent to be logged; `id` is made by the sender, so that a retry is not a second one.

    `step` is a step's id, or that of the record that set a timer. `minutes` is how long a timer
    runs, by how much it is extended, or a guess of how long it takes in all; `temperature_c` a
    core temperature held for `held_s`, `oven_c` what the oven really showed, `note` what was seen,
    why, or how it came out (an `Outcome`).
    """

    id: SentId
    deed: StepAct
    step: LineId | None = None
    minutes: Annotated[Number, Field(gt=0, le=MOST_TIMER_MIN)] | None = None
    temperature_c: Annotated[Number, Field(ge=-40, le=250)] | None = None
    held_s: Annotated[Number, Field(ge=0, le=7200)] = 0.0
    oven_c: Annotated[Number, Field(ge=-40, le=400)] | None = None
    note: Remark = ""
    undoes: Annotated[str, Field(max_length=64)] | None = None

    @model_validator(mode="after")
    def _says_what_it_needs(self) -> Self:
        if why := self._missing():
            raise PydanticCustomError("deed", "{why}", {"why": why})
        return self

    def _missing(self) -> str | None:
        if self.deed in _OF_A_STEP and self.step is None:
            return "Say which step this is."
        if self.deed in (StepAct.TIMER, StepAct.EXTEND, StepAct.GUESS) and self.minutes is None:
            return "Say for how many minutes."
        if self.deed is StepAct.TEMPERATURE and self.temperature_c is None:
            return "Type the temperature that the thermometer shows."
        if self.deed is StepAct.OUTCOME and self.note not in get_args(Outcome):
            return "Say how it came out: under, right or over."
        if self.deed in (StepAct.SKIP, StepAct.PASS) and not self.note.strip():
            return "Say why: it stays with the batch."
        if self.deed is StepAct.UNDO and self.undoes is None:
            return "Say which record to undo."
        return None


class CookRecord(CookDeed):
    """A deed as it was stored, for good."""

    at: datetime


class StepStatus(StrEnum):
    """Where a step of a cook stands."""

    WAITING = "waiting"
    GOING = "going"
    DONE = "done"
    SKIPPED = "skipped"


@dataclass(frozen=True, slots=True)
class StepState:
    """One step of a cook."""

    status: StepStatus = StepStatus.WAITING
    begun_at: datetime | None = None
    done_at: datetime | None = None
    extra_min: float = 0.0
    looks: tuple[CookRecord, ...] = ()
    temperatures: tuple[CookRecord, ...] = ()
    passed: CookRecord | None = None
    reason: str = ""
    outcome: Outcome | None = None
    guess_min: float | None = None

    @property
    def is_over(self) -> bool:
        """Done, or left out on purpose."""
        return self.status in (StepStatus.DONE, StepStatus.SKIPPED)

    @property
    def actual_min(self) -> float | None:
        """How long it really took."""
        if self.begun_at is None or self.done_at is None or self.status is not StepStatus.DONE:
            return None
        return (self.done_at - self.begun_at).total_seconds() / 60

    def elapsed_min(self, now: datetime) -> float:
        """Minutes since it was begun; 0 before."""
        return 0.0 if self.begun_at is None else (now - self.begun_at).total_seconds() / 60

    def due_at(self, minutes: float) -> datetime | None:
        """When a step of so many minutes is up."""
        if self.begun_at is None:
            return None
        return self.begun_at + timedelta(minutes=minutes + self.extra_min)

    def next_look(self, plan: tuple[float, ...], now: datetime) -> datetime | None:
        """When the next look is due (past when it is overdue); none once the step is over."""
        if self.status is not StepStatus.GOING or self.begun_at is None:
            return None
        last = None
        if self.looks:
            last = (self.looks[-1].at - self.begun_at).total_seconds() / 60
        at = next_look_min(plan, self.elapsed_min(now), last)
        return None if at is None else self.begun_at + timedelta(minutes=at)


@dataclass(slots=True)
class CookLog:
    """The state after all records: steps by id, timers by the record that set them."""

    steps: dict[str, StepState] = field(default_factory=dict)
    timers: dict[str, tuple[CookRecord, StepState]] = field(default_factory=dict)
    last: CookRecord | None = None

    def of(self, key: str) -> StepState:
        """How a step stands; untouched where nothing was said of it."""
        return self.steps.get(key, StepState())

    @property
    def begun(self) -> bool:
        return bool(self.steps)

    @property
    def runs(self) -> bool:
        """Whether a step or a timer is going."""
        states = [*self.steps.values(), *(state for _, state in self.timers.values())]
        return any(state.status is StepStatus.GOING for state in states)

    @property
    def done_at(self) -> datetime | None:
        """When the last step was done or left out."""
        return max((step.done_at for step in self.steps.values() if step.done_at), default=None)


def replay(records: Sequence[CookRecord]) -> CookLog:
    """Fold `records` (oldest first) into the state."""
    undone = {record.undoes for record in records if record.deed is StepAct.UNDO}
    log = CookLog()
    for record in records:
        if record.id in undone or record.deed is StepAct.UNDO:
            continue
        if record.deed is StepAct.TIMER:
            state = StepState(StepStatus.GOING, record.at)
            log.timers[record.id] = (record, state)
        elif record.step in log.timers:
            asked, state = log.timers[record.step]
            log.timers[record.step] = (asked, _after(state, record))
        elif record.step is not None:
            log.steps[record.step] = _after(log.of(record.step), record)
        log.last = record
    return log


def _after(state: StepState, record: CookRecord) -> StepState:
    match record.deed:
        case StepAct.BEGIN:
            return StepState(StepStatus.GOING, record.at)
        case StepAct.DONE:
            begun = state.begun_at or record.at
            return replace(state, status=StepStatus.DONE, begun_at=begun, done_at=record.at)
        case StepAct.SKIP:
            return replace(state, status=StepStatus.SKIPPED, done_at=record.at, reason=record.note)
        case StepAct.EXTEND:
            return replace(state, extra_min=state.extra_min + (record.minutes or 0.0))
        case StepAct.LOOK:
            return replace(state, looks=(*state.looks, record))
        case StepAct.TEMPERATURE:
            return replace(state, temperatures=(*state.temperatures, record))
        case StepAct.OUTCOME:
            return replace(state, outcome=cast("Outcome", record.note))
        case StepAct.PASS:
            return replace(state, passed=record)
        case StepAct.GUESS:
            return replace(state, guess_min=record.minutes)
        case _:
            return state


def refusal(deed: CookDeed, log: CookLog, names: Mapping[str, str]) -> str | None:
    """Why this cannot be logged, in a sentence; `names` are the steps of the cook."""
    if deed.step is None or deed.deed is StepAct.UNDO:
        return None
    if deed.step in log.timers:
        _, state = log.timers[deed.step]
        return "This timer is over." if state.status is not StepStatus.GOING else None
    if deed.step not in names:
        return "That step is not part of this cook."
    state = log.of(deed.step)
    status = state.status
    if deed.deed is StepAct.BEGIN and status is StepStatus.GOING:
        return "It has been begun already."
    if deed.deed is StepAct.OUTCOME and status is not StepStatus.DONE:
        return "Say how it came out once it is done."
    if deed.deed is StepAct.GUESS and state.looks:
        return "It has been looked at: a guess counts before that."
    if (
        deed.deed in (StepAct.EXTEND, StepAct.LOOK, StepAct.GUESS)
        and status is not StepStatus.GOING
    ):
        return "Begin it first."
    return None


def planned_anew(kept: Sequence[Step], planned: Sequence[Step], log: CookLog) -> tuple[Step, ...]:
    """The steps of a cook that takes a changed plan: what was begun or left out stays as it was,
    the rest is as planned now."""
    touched = {step.id: step for step in kept if step.id in log.steps}
    gone = [step for key, step in touched.items() if all(key != other.id for other in planned)]
    return among_themselves((*gone, *(touched.get(step.id, step) for step in planned)))


def left_out(steps: Iterable[str], log: CookLog) -> list[str]:
    """Steps that are neither done nor skipped."""
    return [key for key in steps if not log.of(key).is_over]
