"""The weigh-in of a batch: begin, record, add lines on the way, close."""

import uuid
from collections.abc import Sequence
from datetime import datetime
from typing import Annotated, Any, Final

from pydantic import Field

from gasket.core.errors import FaultyInput, Refused
from gasket.core.numbers import Amount, SentId, Value, YesNo
from gasket.core.rebuild.trial import Build, BuildLine, ShortName, planned_line
from gasket.core.reckoning.batch import MIXTURE
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.filling import above_what_is_left
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.weighing.captures import Capture, capture_of
from gasket.core.weighing.order import BowlLine, suggested
from gasket.core.weighing.overshoot import ratio_of
from gasket.core.weighing.pour import MOST_NUDGE
from gasket.core.weighing.records import OF_THE_WEIGH_IN, Record, RecordKind
from gasket.core.weighing.taking import recorded, refusal
from gasket.core.weighing.weigh_in import WeighIn, replay
from gasket.kitchen.rebuild import originals, trials
from gasket.kitchen.shelf import shelf
from gasket.kitchen.weigh import finishes, stock_draws, weighed, writing_back
from gasket.kitchen.weigh.weigh_sheet import FREE_BOWL, BatchSheet, show
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session, builds
from gasket.store.books.batches import (
    BATCHES,
    NOT_STORED,
    WEIGHINGS,
    BatchHead,
    add_lines,
    drop_lines,
    lines_of,
    put_lines,
)
from gasket.store.books.book import plain
from gasket.store.books.dishes import DISHES
from gasket.store.books.shelf import newest, newest_of, shelved
from gasket.store.books.trials import TRIALS

MOST_BATCH_LINES: Final = 1000
CLOSED: Final = "This weigh-in is closed: correct the line instead."
FREELY: Final = "Poured freely, written down afterwards."


class BeginWeighIn(Value):
    """How to begin. `free`: nothing planned, pour anything and name it before or after; a trial
    that has a plan is left alone and the next one is begun."""

    free: YesNo = False


AS_PLANNED: Final = BeginWeighIn()


class HandsFree(Value):
    on: YesNo


class Nudge(Value):
    """By how many divisions of the scale the tolerance is wider (or narrower)."""

    divisions: Annotated[int, Field(strict=True, ge=-MOST_NUDGE, le=MOST_NUDGE)]


class NewBatchLine(Value):
    """A line that comes in on the way, named before it is poured. `key` is made by the sender."""

    key: SentId
    label_id: int
    component: ShortName = FREE_BOWL
    target_g: Amount = 0.0


def begin(
    session: Session, trial_id: int, now: datetime, how: BeginWeighIn = AS_PLANNED
) -> BatchSheet:
    """Begin a weigh-in of the trial: its lines, their labels and the original are kept as they
    are now. Raises `Refused` when there is nothing to weigh."""
    trial = TRIALS.fetch(session, trial_id)
    planned = builds.build_of(session, trial)
    lines = [
        (part.name, line) for part in planned.components for line in part.lines if not line.off
    ]
    if trial.is_original:
        raise Refused("The original is what is compared with: weigh a trial.")
    if not lines and not how.free:
        raise Refused("There is nothing to weigh yet: add a line to the build.")
    if lines and how.free:
        trial, planned, lines = trials.blank(session, trial.dish_id, FREELY, now), Build(), []
    original = originals.keep(session, DISHES.fetch(session, trial.dish_id))
    begun = {
        "portions": planned.portions,
        "stored_finishes": plain(finishes.carried_over(session, trial.dish_id)),
        "free": how.free,
        "hands_free": not how.free,
        "stored_eaten": plain(trial.terms.eaten),
        "stored_original": original.stored,
        "started_at": now,
    }
    untouched = BATCHES.untouched(session, trial.id)
    batch = (
        BATCHES.add(session, trial_id=trial.id, **begun)
        if untouched is None
        else _begun_anew(session, untouched, begun)
    )
    _write_lines(session, batch.id, lines)
    shelf.touch(session, {line.label_id for _, line in lines if line.label_id}, now)
    return sheet(session, batch.id)


def _begun_anew(session: Session, batch: BatchHead, begun: dict[str, Any]) -> BatchHead:
    """A weigh-in that was begun and of which nothing is recorded is begun anew, without its lines:
    pressed twice it is one, and one begun by accident leaves nothing behind."""
    drop_lines(session, batch.id)
    return BATCHES.change(session, batch, removed_at=None, set_aside_at=None, **begun)


def _write_lines(session: Session, batch_id: int, lines: list[tuple[str, BuildLine]]) -> None:
    """The lines as they are planned, in the order that a careful cook would weigh them."""
    current = newest(session, {line.label_id for _, line in lines if line.label_id})
    panels = {key: printed.label for key, printed in current.items()}
    written = add_lines(
        session,
        batch_id,
        [
            WrittenLine(
                id=NOT_STORED,
                key=line.id,
                component=component,
                bowl=component,
                revision_id=current[line.label_id].id if line.label_id else None,
                of_component=line.component,
                target_g=planned_line(line, panels).grams,
                count=line.count,
                until=line.until,
            )
            for component, line in lines
        ],
    )
    order = _suggested(session, written)
    put_lines(session, batch_id, sorted(written, key=lambda line: order.index(line.id)))


def suggested_order(session: Session, batch_id: int) -> list[int]:
    """Line ids as a careful cook would weigh them: bowl by bowl, dry before wet."""
    BATCHES.fetch(session, batch_id)
    return _suggested(session, lines_of(session, batch_id))


def _suggested(session: Session, lines: Sequence[WrittenLine]) -> list[int]:
    known = shelved(session, {line.revision_id for line in lines if line.revision_id})
    return suggested(
        [
            BowlLine(
                id=line.id,
                bowl=line.bowl or line.component,
                kind=known[line.revision_id].kind if line.revision_id else "other",
                of_component=line.of_component,
            )
            for line in lines
        ]
    )


def _state_of(session: Session, batch_id: int) -> WeighIn:
    return replay(WEIGHINGS.of(session, batch_id), to_weigh(lines_of(session, batch_id)))


def record(session: Session, batch_id: int, capture: Capture, now: datetime) -> BatchSheet:
    """Append what was weighed. The same capture sent again changes nothing.

    Raises `Refused` when it cannot be taken (unsettled scale, bowl off, closed weigh-in).
    """
    batch = weighed.read(session, batch_id)
    if WEIGHINGS.holds(session, capture.id, batch_id):
        return show(batch)
    record = recorded(capture, batch.state, now)
    _refuse(batch, record)
    _refuse_above_what_is_left(batch, record)
    record = _completed(session, batch, record)
    WEIGHINGS.append(session, batch_id, record)
    return show(weighed.read_on(session, batch, record))


def _refuse(batch: StoredBatch, record: Record) -> None:
    closed, state = batch.head.closed_at is not None, batch.state
    if closed and record.kind in OF_THE_WEIGH_IN:
        raise Refused(CLOSED)
    if why := refusal(record, state):
        raise Refused(why)
    if record.is_new_line and len(state.lines) >= MOST_BATCH_LINES:
        raise Refused(f"A weigh-in has at most {MOST_BATCH_LINES} lines.")
    if record.undoes is not None:
        undone = next((known for known in batch.records if known.id == record.undoes), None)
        if undone is None:
            raise Refused("There is no such record to undo.")
        if closed and undone.kind in OF_THE_WEIGH_IN:
            raise Refused(CLOSED)


def _refuse_above_what_is_left(batch: StoredBatch, record: Record) -> None:
    if record.kind not in (RecordKind.PORTION, RecordKind.TOP_UP) or record.piece is None:
        return
    whole = batch.batch.cooked_g if batch.dividing.weighed_cooked else batch.to_fill_g
    on_top, net = record.kind is RecordKind.TOP_UP, record.net_g or 0.0
    if whole and (why := above_what_is_left(whole, batch.filled, record.piece, net, on_top=on_top)):
        raise Refused(why)


def _completed(session: Session, batch: StoredBatch, record: Record) -> Record:
    """The record with what only the kitchen knows: a new line's row, its bowl, the revision, the
    ratio that is carried on."""
    revision_id = newest_of(session, record.label_id).id if record.label_id else None
    fields: dict[str, object] = {"revision_id": revision_id}
    if record.is_new_line:
        line = _new_line(session, batch.head, record.bowl or FREE_BOWL, revision_id)
        fields |= {"line": line.id, "bowl": line.bowl, "revision_id": None}
    elif not record.bowl and (record.line is not None or record.kind is RecordKind.TARE):
        known = batch.line(record.line or batch.state.current or NOT_STORED)
        fields["bowl"] = (known.bowl or known.component) if known else ""
    if record.kind is RecordKind.CARRY and record.line is not None and record.factor is None:
        fields["factor"] = _ratio(batch, record.line)
    return record.model_copy(update=fields)


def _ratio(batch: StoredBatch, key: int) -> float:
    """What a line was weighed at, relative to its target."""
    line = batch.line(key)
    ratio = ratio_of(batch.state_of(line).net_g, batch.pour_target_of(line)) if line else None
    if ratio is None:
        raise Refused("There is no ratio to carry on: the line has no weight or no target.")
    return ratio


def _new_line(
    session: Session, batch: BatchHead, component: str, revision_id: int | None, **more: Any
) -> WrittenLine:
    if batch.arm_of is not None:
        if component == MIXTURE:
            raise FaultyInput.at("component", f"“{MIXTURE}” is what the arms share.")
        BATCHES.change(session, batch, arm_differs=True)
    new = WrittenLine(
        id=NOT_STORED,
        component=component,
        bowl=component,
        revision_id=revision_id,
        planned=False,
        **{"target_g": 0.0, **more},
    )
    (line,) = add_lines(session, batch.id, [new], after=len(lines_of(session, batch.id)))
    return line


def add_line(session: Session, batch_id: int, new: NewBatchLine, now: datetime) -> BatchSheet:
    """A line that nobody planned, named before it is poured; the weigh-in turns to it. Sent again
    with the same key it changes nothing."""
    batch, lines = BATCHES.fetch(session, batch_id), lines_of(session, batch_id)
    if all(line.key != new.key for line in lines):
        if batch.closed_at is not None:
            raise Refused(CLOSED)
        if len(lines) >= MOST_BATCH_LINES:
            raise Refused(f"A weigh-in has at most {MOST_BATCH_LINES} lines.")
        revision_id = newest_of(session, new.label_id).id
        line = _new_line(
            session, batch, new.component.strip(), revision_id, key=new.key, target_g=new.target_g
        )
        turn = capture_of(id=_turn_of(batch_id, new.key), kind=RecordKind.TURN, line=line.id)
        WEIGHINGS.append(session, batch_id, recorded(turn, _state_of(session, batch_id), now))
        shelf.touch(session, {new.label_id}, now)
    return sheet(session, batch_id)


def _turn_of(batch_id: int, key: str) -> str:
    """The id of the record that turns to a new line: one for each line of each batch."""
    return str(uuid.uuid5(uuid.NAMESPACE_OID, f"turn to {key} of batch {batch_id}"))


def divide(session: Session, batch_id: int, dividing: Dividing) -> BatchSheet:
    """Choose how the batch is divided. Raises `FaultyInput` for a way that does not work out, and
    `Refused` for one that makes another number of servings once some are put away or eaten."""
    known = weighed.read(session, batch_id)
    if known.arms:
        raise Refused("It is divided into arms: each has pieces of its own.")
    batch = BATCHES.change(session, known.head, stored_dividing=plain(dividing))
    stored = weighed.read(session, batch_id)
    if dividing.serving_pieces > stored.pieces:
        says = f"A serving holds no more pieces than there are ({stored.pieces})."
        raise FaultyInput.at("serving_pieces", says)
    if stored.servings != known.servings:
        stock_draws.refuse_booked(session, batch_id)
    return _saved(session, batch, portions=stored.pieces)


def set_hands_free(session: Session, batch_id: int, hands_free: HandsFree) -> BatchSheet:
    return _saved(session, BATCHES.fetch(session, batch_id), hands_free=hands_free.on)


def set_nudge(session: Session, batch_id: int, nudge: Nudge) -> BatchSheet:
    return _saved(session, BATCHES.fetch(session, batch_id), nudge=nudge.divisions)


def _saved(session: Session, batch: BatchHead, **changed: Any) -> BatchSheet:
    BATCHES.change(session, batch, version=batch.version + 1, **changed)
    return sheet(session, batch.id)


def close(session: Session, batch_id: int, now: datetime) -> BatchSheet:
    """Close the weigh-in; what was weighed freely or until it was right becomes the plan.

    Raises `Refused` while lines are open (each is weighed or skipped) or have no name.
    """
    batch = weighed.read(session, batch_id)
    if batch.state.open_lines:
        raise Refused(f"{batch.says_open} still open: weigh it, or skip it on purpose.")
    if any(batch.wants_name(line) for line in batch.lines):
        raise Refused("Something has no name yet: say what it was, or undo it.")
    if not batch.lines:
        raise Refused("Nothing has been weighed yet.")
    if batch.head.closed_at is not None:
        return show(batch)
    writing_back.on_closing(session, batch)
    stock_draws.draw(session, batch, now)
    return _saved(session, batch.head, closed_at=now)


def sheet(session: Session, batch_id: int) -> BatchSheet:
    return show(weighed.read(session, batch_id))
