"""Cooking a batch: its steps as they were begun, the log, the schedule as it stands."""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from datetime import datetime, timedelta

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.cook_log import (
    CookDeed,
    CookLog,
    CookRecord,
    Outcome,
    StepAct,
    StepState,
    StepStatus,
    planned_anew,
    refusal,
)
from gasket.core.cooking.keeping import INTO_THE_FRIDGE_MIN
from gasket.core.cooking.oven_memory import Estimate, estimates, left_min
from gasket.core.cooking.safety import (
    InTheBuild,
    SafeRule,
    asked_of,
    satisfies,
)
from gasket.core.cooking.schedule import schedule
from gasket.core.cooking.steps import Step
from gasket.core.errors import Refused
from gasket.core.numbers import Answer
from gasket.core.tasting.guesses import GuessHabit
from gasket.core.trade.caution import Caution
from gasket.core.trade.step_kinds import HOT
from gasket.core.trade.temperatures import Knob
from gasket.kitchen.cook import guessing, oven
from gasket.kitchen.cook.cooked import all_steps, cooked_at, log_of, sizes_of, steps_of
from gasket.kitchen.cook.laying_out import CookSchedule, laid, task_of
from gasket.kitchen.cook.steps import knobs
from gasket.kitchen.weigh import stock_draws, weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.book import plain
from gasket.store.books.cooks import COOKS


class Look(Answer):
    """What was seen, when, and what the oven showed."""

    at: datetime
    minutes: float
    seen: str
    oven_c: float | None


class CoreReading(Answer):
    temperature_c: float
    held_s: float
    enough: bool
    at: datetime


class CookedStep(Answer):
    """A step of a cook: as planned, as it stands, and what it must satisfy before it is done. `hot`
    steps are remembered, with how they came out."""

    step: Step
    status: StepStatus
    begun_at: datetime | None
    done_at: datetime | None
    due_at: datetime | None
    next_look_at: datetime | None
    extra_min: float
    actual_min: float | None
    looks: tuple[Look, ...]
    measured: tuple[CoreReading, ...]
    passed: str | None
    reason: str
    outcome: Outcome | None
    guess_min: float | None
    estimate: Estimate
    knob: Knob | None
    rule: SafeRule | None
    safe: bool
    hot: bool
    can_begin: bool


class CookSheet(Answer):
    """A cook as it stands. `laid` is the schedule from now on; `begun` freezes the steps, and
    `plan_changed` says that the trial's are others by now. `guesses` is how far minutes that were
    guessed have lain."""

    batch_id: int
    now: datetime
    begun: bool
    plan_changed: bool
    steps: tuple[CookedStep, ...]
    laid: CookSchedule | None
    cautions: tuple[Caution, ...]
    last_record: str | None
    fridge_by: datetime | None
    open_steps: int
    guesses: GuessHabit | None


def foods_of(stored: StoredBatch) -> tuple[InTheBuild, ...]:
    """What is in a batch; in an arm also what is in the whole that it is a part of."""
    foods = []
    for batch, line in stored.all_lines():
        revision = batch.revision_of(line)
        if revision is not None:
            food = batch.shelved[revision]
            foods.append(
                InTheBuild(
                    name=batch.name_of(line),
                    kind=food.kind,
                    component=line.component,
                    state=food.package.state,
                    flags=food.package.flags,
                    grams=batch.grams_of(line),
                )
            )
    return tuple(foods)


def rules_of(batch: StoredBatch, steps: Sequence[Step]) -> dict[str, SafeRule]:
    """What the food of a batch asks of its steps, by step."""
    return asked_of(steps, foods_of(batch), batch.family, batch.house.safety)


def estimates_of(
    batch: StoredBatch, steps: Sequence[Step], rules: Mapping[str, SafeRule], memory: oven.Memory
) -> dict[str, Estimate]:
    """How long each step will take, by what other batches have taught."""
    bakes = oven.baked(memory, without=batch.head.id)
    return estimates(steps, bakes, rules, sizes_of(batch, steps))


def sheet(session: Session, batch_id: int, now: datetime) -> CookSheet:
    batch = weighed.read(session, batch_id)
    log = log_of(session, batch_id)
    return _show(session, batch, log, now)


def _show(session: Session, batch: StoredBatch, log: CookLog, now: datetime) -> CookSheet:
    steps, batch_id = steps_of(batch), batch.head.id
    rules = rules_of(batch, steps)
    estimates = estimates_of(batch, steps, rules, oven.memory(session))
    turned = knobs(steps)
    shown = tuple(
        _step(step, log, estimates[step.id], turned.get(step.id), rules.get(step.id), now)
        for step in steps
    )
    return CookSheet(
        batch_id=batch_id,
        now=now,
        begun=log.begun,
        plan_changed=_planned_now(batch, log) != steps,
        steps=shown,
        laid=_laid(steps, estimates, log, now),
        cautions=cautions(all_steps(batch), foods_of(batch), batch.family, batch.house.safety),
        last_record=log.last.id if log.last else None,
        fridge_by=fridge_by(session, batch_id, steps, log),
        open_steps=sum(not log.of(row.step.id).is_over for row in shown),
        guesses=guessing.habit_of_time(session),
    )


def _step(
    step: Step,
    log: CookLog,
    guess: Estimate,
    turned: Knob | None,
    rule: SafeRule | None,
    now: datetime,
) -> CookedStep:
    state = log.of(step.id)
    return CookedStep(
        step=step,
        status=state.status,
        begun_at=state.begun_at,
        done_at=state.done_at,
        due_at=state.due_at(guess.minutes),
        next_look_at=state.next_look(guess.looks_min, now),
        extra_min=state.extra_min,
        actual_min=state.actual_min,
        looks=tuple(_look(state, record) for record in state.looks),
        measured=tuple(_measured(record, rule) for record in state.temperatures),
        passed=state.passed.note if state.passed else None,
        reason=state.reason,
        outcome=state.outcome,
        guess_min=state.guess_min,
        estimate=guess,
        knob=turned,
        rule=rule,
        safe=is_safe(state, rule),
        hot=step.kind in HOT and bool(step.tool),
        can_begin=state.status is StepStatus.WAITING
        and all(log.of(key).is_over for key in step.after),
    )


def _look(state: StepState, record: CookRecord) -> Look:
    begun = state.begun_at or record.at
    return Look(
        at=record.at,
        minutes=(record.at - begun).total_seconds() / 60,
        seen=record.note,
        oven_c=record.oven_c,
    )


def _measured(record: CookRecord, rule: SafeRule | None) -> CoreReading:
    degrees = record.temperature_c or 0.0
    return CoreReading(
        temperature_c=degrees,
        held_s=record.held_s,
        enough=rule is None or satisfies(rule, degrees, record.held_s),
        at=record.at,
    )


def is_safe(state: StepState, rule: SafeRule | None) -> bool:
    """Whether a step may be done: nothing is asked, enough was measured, or it was passed."""
    if rule is None or state.passed is not None:
        return True
    return any(
        satisfies(rule, record.temperature_c or 0.0, record.held_s) for record in state.temperatures
    )


def _laid(
    steps: Sequence[Step], estimates: dict[str, Estimate], log: CookLog, now: datetime
) -> CookSchedule | None:
    """What is still to come, from now on: what runs has its rest to go."""
    left = [step for step in steps if not log.of(step.id).is_over]
    if not left:
        return None
    left_ids = {step.id for step in left}
    tasks = []
    for step in left:
        state = log.of(step.id)
        going = state.status is StepStatus.GOING
        minutes = estimates[step.id].minutes
        if going:
            minutes = left_min(minutes + state.extra_min, state.elapsed_min(now))
        trimmed = step.model_copy(
            update={"after": tuple(key for key in step.after if key in left_ids and not going)}
        )
        tasks.append(task_of(trimmed, minutes, running=going))
    plan = schedule(tasks)
    return laid(left, plan.placed, now, plan.proven, None, 0.0)


def fridge_by(
    session: Session, batch_id: int, steps: Sequence[Step], log: CookLog
) -> datetime | None:
    """When what was cooked must be in the fridge; None before, and once it was put away."""
    cooked = cooked_at(steps, log)
    if cooked is None or stock_draws.was_put_away(session, batch_id):
        return None
    return cooked + timedelta(minutes=INTO_THE_FRIDGE_MIN)


def log(session: Session, batch_id: int, deed: CookDeed, now: datetime) -> CookSheet:
    """Log a deed. The first one keeps the trial's steps with the batch. Raises `Refused`: a step
    that asks for a core temperature is not done before it was measured, or passed with a
    reason."""
    batch = weighed.read(session, batch_id)
    known = log_of(session, batch_id)
    if not COOKS.holds(session, deed.id, batch_id):
        steps = steps_of(batch)
        _refuse(session, batch, steps, deed, known)
        store(session, batch_id, deed, now)
        known = log_of(session, batch_id)
        batch = replace(batch, head=_holding_its_plan(session, batch, deed, known))
    return _show(session, batch, known, now)


def _holding_its_plan(
    session: Session, batch: StoredBatch, deed: CookDeed, log: CookLog
) -> BatchHead:
    """The first deed keeps the trial's steps with the batch; once the beginning is undone, nothing
    holds the plan any more."""
    head, kept = batch.head, batch.head.stored_steps
    if kept is None and deed.deed is not StepAct.TIMER:
        kept = batch.trial.stored_steps
    if not log.begun and batch.whole is None:
        kept = None
    return head if kept == head.stored_steps else BATCHES.change(session, head, stored_steps=kept)


def _planned_now(batch: StoredBatch, log: CookLog) -> tuple[Step, ...]:
    """The steps as they would be with the trial's plan of today; an arm has a plan of its own, and
    a divided batch only what is left to it."""
    if batch.whole is not None or batch.arms:
        return steps_of(batch)
    return planned_anew(steps_of(batch), batch.trial.steps, log)


def take_plan(session: Session, batch_id: int, now: datetime) -> CookSheet:
    """Take the trial's plan of today for what was not begun yet."""
    made, known = weighed.read(session, batch_id), log_of(session, batch_id)
    if made.head.stored_steps is not None and not made.arms:
        kept = plain(_planned_now(made, known))
        made = replace(made, head=BATCHES.change(session, made.head, stored_steps=kept))
    return _show(session, made, known, now)


def _refuse(
    session: Session, batch: StoredBatch, steps: Sequence[Step], deed: CookDeed, known: CookLog
) -> None:
    if why := refusal(deed, known, {step.id: step.says for step in steps}):
        raise Refused(why)
    if deed.deed is StepAct.UNDO:
        refuse_undo(session, deed, batch.head.id)
    if deed.deed is StepAct.DONE and deed.step is not None:
        rule = rules_of(batch, steps).get(deed.step)
        if not is_safe(known.of(deed.step), rule) and rule is not None:
            first = rule.enough[0]
            held = f", held for {first.seconds:.0f} s" if first.seconds else ""
            raise Refused(
                f"{rule.food}: measure the core first, {first.temperature_c:g} °C{held}, or pass "
                "it with a reason."
            )


def refuse_undo(session: Session, deed: CookDeed, batch_id: int | None) -> None:
    if COOKS.of_batch(session, deed.undoes or "", batch_id) is None:
        raise Refused("There is no such record to undo.")


def store(session: Session, batch_id: int | None, deed: CookDeed, now: datetime) -> None:
    COOKS.append(session, batch_id, CookRecord(**deed.model_dump(), at=now))
