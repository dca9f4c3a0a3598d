"""Dividing a batch into arms by weight: a planned comparison, or one part that gets something more.

An arm is a batch of its own that has a part of the mixture for its first line: it is weighed,
cooked, portioned, tasted and put away like any other.
"""

from collections.abc import Iterator, Sequence
from dataclasses import replace
from datetime import datetime
from typing import Annotated, Final

from pydantic import Field

from gasket.core.cooking.cook_log import left_out
from gasket.core.cooking.steps import Minutes, Step, StepWord, changed, from_the_heat_on, without
from gasket.core.errors import Fault, FaultyInput, Refused
from gasket.core.numbers import Answer, Number, Positive, Value, YesNo
from gasket.core.rebuild.finishes import Finish
from gasket.core.rebuild.trial import LineId, ShortName
from gasket.core.reckoning.arms import exceeding
from gasket.core.reckoning.batch import MIXTURE
from gasket.core.reckoning.dividing import Dividing, PieceCount
from gasket.core.reckoning.margin import Portion
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.tasting.lineage import step_changes
from gasket.core.trade.step_kinds import HOT
from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.records import ReadingOrigin, RecordKind
from gasket.kitchen.cook import cooked
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, BatchFigures, Cooking
from gasket.kitchen.weigh import stock_draws, weigh, weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, NOT_STORED, BatchHead, add_lines, lines_of
from gasket.store.books.book import plain
from gasket.store.books.shelf import newest_of, shelved
from gasket.store.books.trials import TRIALS

MOST_ARMS: Final = 6
MOST_OWN_LINES: Final = 20


class ArmStep(Value):
    """What an arm does otherwise in one step; None is as planned."""

    step: LineId
    minutes: Minutes | None = None
    temperature_c: Annotated[Number, Field(ge=-40, le=400)] | None = None
    tool: StepWord | None = None
    vessel: StepWord | None = None


class ArmLine(Value):
    """What only one arm gets, weighed like any line."""

    label_id: int
    grams: Positive


class NewArm(Value):
    """One arm. Without `grams` it gets an equal share of what the others leave; `weighed` says that
    they are on a scale already. `finishes` are those of the batch that it takes, None for all."""

    name: ShortName
    grams: Positive | None = None
    weighed: YesNo = False
    pieces: PieceCount | None = None
    lines: Annotated[tuple[ArmLine, ...], Field(max_length=MOST_OWN_LINES)] = ()
    steps: Annotated[tuple[ArmStep, ...], Field(max_length=20)] = ()
    finishes: tuple[LineId, ...] | None = None

    @property
    def differs(self) -> bool:
        """Whether anything is another than in the batch as planned."""
        return bool(self.lines or self.steps or self.finishes is not None)


class NewArms(Value):
    arms: Annotated[tuple[NewArm, ...], Field(min_length=2, max_length=MOST_ARMS)]


class ArmState(Answer):
    """An arm as it stands. `part_g` is what it has of the mixture, or is to have; `changes` what it
    does otherwise, in words."""

    batch_id: int
    name: str
    part_g: float | None
    closed: bool
    pieces: int
    changes: tuple[str, ...]
    cooking: Cooking
    servings: float | None
    serving: Portion | None
    broken: str


class ArmsSheet(Answer):
    """Into what a batch is divided, or could be. `not_yet` says why it cannot be now; `steps` are
    those that an arm would do itself, `whole_g` what there is to divide."""

    batch_id: int
    whole_g: float | None
    not_yet: str
    steps: tuple[Step, ...]
    finishes: tuple[Finish, ...]
    arms: tuple[ArmState, ...]


def sheet(session: Session, batch_id: int) -> ArmsSheet:
    """Raises `Unknown`."""
    batch = weighed.read(session, batch_id)
    figures = BATCH_FIGURES.of(session, [arm.id for arm in batch.arms])
    return ArmsSheet(
        batch_id=batch_id,
        whole_g=batch.last_weight_g,
        not_yet=_not_yet(session, batch),
        steps=_own_steps(session, batch),
        finishes=tuple(kept.finish for kept in batch.head.finishes),
        arms=tuple(_state(session, batch, arm, figures[arm.id]) for arm in batch.arms),
    )


def _state(session: Session, batch: StoredBatch, arm: BatchHead, figures: BatchFigures) -> ArmState:
    part = weighed.part_of(session, arm)
    return ArmState(
        batch_id=arm.id,
        name=arm.arm,
        part_g=part.grams if part else None,
        closed=arm.closed_at is not None,
        pieces=arm.portions,
        changes=changes_of(session, batch.head, arm),
        cooking=figures.cooking,
        servings=figures.servings,
        serving=figures.serving,
        broken=figures.broken,
    )


def changes_of(session: Session, whole: BatchHead, arm: BatchHead) -> tuple[str, ...]:
    """What an arm does otherwise than its batch would, in words."""
    own = _own_lines(session, arm)
    trial = TRIALS.fetch(session, whole.trial_id)
    planned = cooked.kept_steps(trial, whole)
    steps = arm.steps or ()
    there = {step.id for step in steps}
    before = without(planned, {step.id for step in planned} - there)
    return (*own, *step_changes(before, steps), *_finish_changes(whole, arm))


def _finish_changes(whole: BatchHead, arm: BatchHead) -> Iterator[str]:
    before, after = ([finish.name for finish in head.finishes] for head in (whole, arm))
    if before != after:
        yield f"with {' or '.join(after)}" if after else "no finish"


def _own_lines(session: Session, arm: BatchHead) -> Iterator[str]:
    lines = lines_of(session, arm.id)
    foods = shelved(session, {line.revision_id for line in lines if line.revision_id})
    for line in lines:
        if line.revision_id is not None:
            yield f"+ {line.target_g:g} g {foods[line.revision_id].panel.name}"


def _not_yet(session: Session, batch: StoredBatch) -> str:
    """Why a batch cannot be divided into arms now; empty where it can."""
    if batch.whole is not None:
        return "This is an arm: it isn’t divided again."
    if batch.arms:
        return "It’s divided into arms already. Delete those to divide it otherwise."
    if batch.head.closed_at is None:
        return "Close the weigh-in first."
    if batch.last_weight_g is None:
        return "Weigh the mixture first: something in it was only counted."
    if batch.state.portions:
        return "Its pieces are filled already. Undo those to divide it into arms."
    try:
        stock_draws.refuse_booked(session, batch.head.id)
    except Refused as why:
        return str(why)
    return ""


def _own_steps(session: Session, batch: StoredBatch) -> tuple[Step, ...]:
    """The steps that arms do for themselves: from the heat on, as far as they are still to do."""
    planned = cooked.all_steps(batch)
    log = cooked.log_of(session, batch.head.id)
    own = from_the_heat_on(planned)
    still = set(left_out([step.id for step in own], log))
    begun = {step.id for step in own if log.of(step.id).begun_at is not None}
    return without(own, {step.id for step in own} - (still - begun))


def divide(session: Session, batch_id: int, new: NewArms, now: datetime) -> ArmsSheet:
    """Divide a batch into arms. Raises `Refused` where it cannot be, `FaultyInput` for arms of the
    same name, or that weigh more than there is."""
    batch = weighed.read(session, batch_id)
    if why := _not_yet(session, batch):
        raise Refused(why)
    steps = _own_steps(session, batch)
    _refuse_faulty(batch, new.arms, {step.id for step in steps})
    grams = _grams_each(new.arms, batch.last_weight_g or 0.0)
    planned = True
    for arm, part_g in zip(new.arms, grams, strict=True):
        differs = arm.differs or not planned
        planned = planned and differs
        _write(session, batch, arm, part_g, steps, differs, now)
    return sheet(session, batch_id)


def _refuse_faulty(batch: StoredBatch, arms: Sequence[NewArm], steps: set[str]) -> None:
    faults = []
    finishes = {finish.id for finish in batch.head.finishes}
    names = [arm.name.strip().casefold() for arm in arms]
    for i, (arm, name) in enumerate(zip(arms, names, strict=True)):
        if not name:
            faults.append(Fault(path=f"arms[{i}].name", message="Give it a name."))
        elif name in names[:i] or name == MIXTURE.casefold():
            says = f"“{arm.name.strip()}” is taken: give it another name."
            faults.append(Fault(path=f"arms[{i}].name", message=says))
        if arm.weighed and arm.grams is None:
            says = "Type how many grams it weighs."
            faults.append(Fault(path=f"arms[{i}].grams", message=says))
        for j, step in enumerate(arm.steps):
            if step.step not in steps:
                says = "That isn’t a step that arms do for themselves."
                faults.append(Fault(path=f"arms[{i}].steps[{j}].step", message=says))
        if not finishes.issuperset(arm.finishes or ()):
            says = "There is no such finish of this batch."
            faults.append(Fault(path=f"arms[{i}].finishes", message=says))
    if faults:
        raise FaultyInput(*faults)


def _grams_each(arms: Sequence[NewArm], whole_g: float) -> list[float]:
    """What each arm gets: an equal share of what is left where none is said."""
    said = sum(arm.grams or 0.0 for arm in arms)
    unsaid = sum(arm.grams is None for arm in arms)
    slack = float(len(arms))
    if said > whole_g + slack or (unsaid and said >= whole_g):
        raise FaultyInput.at("arms", exceeding(said, whole_g).message)
    each = round((whole_g - said) / unsaid, 1) if unsaid else 0.0
    return [each if arm.grams is None else arm.grams for arm in arms]


def _write(
    session: Session,
    batch: StoredBatch,
    arm: NewArm,
    part_g: float,
    steps: tuple[Step, ...],
    differs: bool,
    now: datetime,
) -> None:
    whole, name = batch.head, arm.name.strip()
    share = part_g / (batch.last_weight_g or part_g)
    pieces = arm.pieces or max(1, round(batch.pieces * share))
    head = BATCHES.add(
        session,
        trial_id=whole.trial_id,
        arm_of=whole.id,
        arm=name,
        arm_differs=differs,
        portions=pieces,
        stored_dividing=plain(Dividing(pieces=pieces)),
        stored_original=whole.stored_original,
        stored_finishes=[
            plain(finish)
            for finish in whole.finishes
            if arm.finishes is None or finish.id in arm.finishes
        ],
        stored_steps=plain(_otherwise(steps, arm)),
        started_at=now,
    )
    blank = WrittenLine(id=NOT_STORED, component=name, bowl=name, target_g=0.0)
    part = replace(blank, key="mixture", of_component=MIXTURE, target_g=part_g)
    own = [
        replace(
            blank,
            key=f"own-{i}",
            revision_id=newest_of(session, line.label_id).id,
            target_g=line.grams,
        )
        for i, line in enumerate(arm.lines)
    ]
    written = add_lines(session, head.id, [part, *own])
    if arm.weighed:
        _take(session, head.id, written[0], now)


def _take(session: Session, batch_id: int, part: WrittenLine, now: datetime) -> None:
    """What is on the scale already is weighed; an arm that gets nothing more is closed."""
    taken = capture_of(
        id=f"arm-{batch_id}-weighed",
        kind=RecordKind.LINE,
        line=part.id,
        net_g=part.target_g,
        origin=ReadingOrigin.HAND,
    )
    weigh.record(session, batch_id, taken, now)
    if not weighed.read(session, batch_id).state.open_lines:
        weigh.close(session, batch_id, now)


def _otherwise(steps: tuple[Step, ...], arm: NewArm) -> tuple[Step, ...]:
    """The steps as this arm does them. Minutes that are said count as they are, whatever a piece
    weighs; what only the arm has in it is cooked with the rest."""
    said = {given.step: given for given in arm.steps}
    name = arm.name.strip()

    def own(step: Step) -> Step:
        if step.kind in HOT and step.uses:
            step = changed(step, uses=(*step.uses, name))
        given = said.get(step.id)
        if given is None:
            return step
        if given.minutes is not None:
            sizes = {"for_piece_g": None, "for_whole_g": None, "ladle_g": None, "at_a_time": None}
            step = changed(step, least_min=given.minutes, most_min=given.minutes, **sizes)
        names = ("temperature_c", "tool", "vessel")
        other = {name: value for name in names if (value := getattr(given, name)) is not None}
        return changed(step, **other)

    return tuple(own(step) for step in steps)
