"""The weigh-in of a batch: begin, record, add lines on the way, close."""

import uuid
from datetime import datetime
from typing import Annotated, Final

from pydantic import Field
from sqlmodel import Session, col, delete, select

from gasket.core.errors import FaultyInput, Refused
from gasket.core.numbers import Amount, SentId, Value, YesNo
from gasket.core.rebuild.trial import Build, BuildLine, ShortName, planned_line
from gasket.core.reckoning.batch import MIXTURE
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.filling import above_what_is_left
from gasket.core.reckoning.written_line import to_weigh
from gasket.core.weighing.captures import Capture, capture_of
from gasket.core.weighing.order import Placed, suggested
from gasket.core.weighing.overshoot import ratio_of
from gasket.core.weighing.pour import MOST_NUDGE
from gasket.core.weighing.records import OF_THE_WEIGH_IN, Kind, Record
from gasket.core.weighing.taking import recorded, refusal
from gasket.core.weighing.weigh_in import WeighIn, replay
from gasket.kitchen.rebuild import originals, trials
from gasket.kitchen.shelf import shelf
from gasket.kitchen.weigh import finishes, stock_draws, weighed, writing_back
from gasket.kitchen.weigh.weigh_sheet import FREE_BOWL, BatchSheet, show
from gasket.kitchen.weigh.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    CookRow,
    DishRow,
    LabelRevisionRow,
    LabelRow,
    StockRow,
    TrialRow,
    WeighingRow,
)

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
    trial = rows.fetch(session, TrialRow, trial_id)
    planned = rows.build_of(session, trial)
    lines = [
        (part.name, line) for part in planned.components for line in part.lines if not line.off
    ]
    if trial.is_original:
        raise Refused("The original is what is compared with: weigh a trial.")
    if not lines and not how.free:
        raise Refused("There is nothing to weigh yet: add a line to the build.")
    if lines and how.free:
        trial, planned, lines = trials.blank(session, trial.dish_id, FREELY, now), Build(), []
    labels = {line.label_id for _, line in lines if line.label_id}
    revisions = rows.newest_revisions(session, labels)
    batch = _untouched(session, rows.key_of(trial)) or BatchRow(trial_id=rows.key_of(trial))
    batch.portions = planned.portions
    batch.finishes = finishes.carried_over(session, trial.dish_id)
    batch.free = how.free
    batch.hands_free = not how.free
    batch.eaten = rows.terms_of(trial).model_dump(mode="json")["eaten"]
    batch.original = originals.keep(session, rows.fetch(session, DishRow, trial.dish_id))
    batch.started_at = now
    session.add(batch)
    session.flush()
    _write_lines(session, batch, lines, revisions)
    shelf.touch(session, labels, now)
    return sheet(session, rows.key_of(batch))


def _untouched(session: Session, trial_id: int) -> BatchRow | None:
    """A weigh-in that was begun and of which nothing is recorded is begun anew, without its lines:
    pressed twice it is one, and one begun by accident leaves nothing behind."""
    query = select(BatchRow).where(BatchRow.trial_id == trial_id, col(BatchRow.closed_at).is_(None))
    query = query.where(col(BatchRow.arm_of).is_(None))
    for batch in session.exec(query.order_by(col(BatchRow.id).desc())).all():
        key = rows.key_of(batch)
        books = (WeighingRow, CookRow, StockRow)
        if not any(
            session.exec(select(book).where(book.batch_id == key)).first() for book in books
        ):
            session.exec(delete(BatchLineRow).where(col(BatchLineRow.batch_id) == key))
            batch.removed_at = batch.set_aside_at = None
            return batch
    return None


def _write_lines(
    session: Session,
    batch: BatchRow,
    lines: list[tuple[str, BuildLine]],
    revisions: dict[int, LabelRevisionRow],
) -> None:
    for i, (component, line) in enumerate(lines):
        revision = revisions[line.label_id] if line.label_id else None
        session.add(
            BatchLineRow(
                batch_id=rows.key_of(batch),
                position=i,
                key=line.id,
                component=component,
                bowl=component,
                revision_id=rows.key_of(revision) if revision else None,
                of_component=line.component,
                target_g=_target_g(line, revisions),
                count=line.count,
                until=line.until,
            )
        )
    session.flush()
    written = rows.batch_lines(session, rows.key_of(batch))
    order = _suggested(session, written)
    for row in written:
        row.position = order.index(rows.key_of(row))


def _target_g(line: BuildLine, revisions: dict[int, LabelRevisionRow]) -> float:
    panels = {key: rows.label_of(row) for key, row in revisions.items() if key == line.label_id}
    return planned_line(line, panels).grams


def suggested_order(session: Session, batch_id: int) -> list[int]:
    """Line ids as a careful cook would weigh them: bowl by bowl, dry before wet."""
    rows.fetch(session, BatchRow, batch_id)
    return _suggested(session, rows.batch_lines(session, batch_id))


def _suggested(session: Session, lines: list[BatchLineRow]) -> list[int]:
    known = weighed.shelved(session, {line.revision_id for line in lines if line.revision_id})
    return suggested(
        [
            Placed(
                id=rows.key_of(line),
                bowl=line.bowl or line.component,
                kind=known[line.revision_id].kind if line.revision_id else "other",
                of_component=line.of_component,
            )
            for line in lines
        ]
    )


def _state_of(session: Session, batch_id: int) -> WeighIn:
    lines = to_weigh(weighed.lines_of(rows.batch_lines(session, batch_id)))
    return replay(rows.records_of(session, batch_id), lines)


def record(session: Session, batch_id: int, capture: Capture, now: datetime) -> BatchSheet:
    """Append what was weighed. The same capture sent again changes nothing.

    Raises `Refused` when it cannot be taken (unsettled scale, bowl off, closed weigh-in).
    """
    batch = rows.fetch(session, BatchRow, batch_id)
    if rows.is_appended(session, WeighingRow, capture.id, batch_id):
        return sheet(session, batch_id)
    made = weighed.read(session, batch_id)
    record = recorded(capture, made.state, now)
    _refuse(batch, record, made.state, session)
    _refuse_above_what_is_left(made, record)
    record = _completed(session, made, record)
    rows.write_record(session, batch_id, record)
    return show(weighed.read_on(session, made, record))


def _refuse(batch: BatchRow, record: Record, state: WeighIn, session: Session) -> None:
    closed = batch.closed_at is not None
    if closed and record.kind in OF_THE_WEIGH_IN:
        raise Refused(CLOSED)
    if why := refusal(record, state):
        raise Refused(why)
    if record.is_new_line and len(state.lines) >= MOST_BATCH_LINES:
        raise Refused(f"A weigh-in has at most {MOST_BATCH_LINES} lines.")
    if record.undoes is not None:
        undone = rows.appended(session, WeighingRow, record.undoes)
        if undone is None or undone.batch_id != batch.id:
            raise Refused("There is no such record to undo.")
        if closed and Kind(undone.kind) in OF_THE_WEIGH_IN:
            raise Refused(CLOSED)


def _refuse_above_what_is_left(made: Weighed, record: Record) -> None:
    if record.kind not in (Kind.PORTION, Kind.TOP_UP) or record.piece is None:
        return
    whole = made.batch.cooked_g if made.dividing.weighed_cooked else made.to_fill_g
    on_top, net = record.kind is Kind.TOP_UP, record.net_g or 0.0
    if whole and (why := above_what_is_left(whole, made.filled, record.piece, net, on_top=on_top)):
        raise Refused(why)


def _completed(session: Session, made: Weighed, record: Record) -> Record:
    """The record with what only the kitchen knows: a new line's row, its bowl, the revision, the
    ratio that is carried on."""
    revision = newest_revision(session, record.label_id) if record.label_id else None
    found: dict[str, object] = {"revision_id": rows.key_of(revision) if revision else None}
    if record.is_new_line:
        line = _new_line(session, made.row, record.bowl or FREE_BOWL, revision)
        found |= {"line": line.id, "bowl": line.bowl, "revision_id": None}
    elif not record.bowl and (record.line is not None or record.kind is Kind.TARE):
        row = session.get(BatchLineRow, record.line or made.state.current or 0)
        found["bowl"] = (row.bowl or row.component) if row else ""
    if record.kind is Kind.CARRY and record.line is not None and record.factor is None:
        found["factor"] = _ratio(made, record.line)
    return record.model_copy(update=found)


def _ratio(made: Weighed, key: int) -> float:
    """What a line was weighed at, relative to its target."""
    line = made.line(key)
    ratio = ratio_of(made.state_of(line).net_g, made.pour_target_of(line)) if line else None
    if ratio is None:
        raise Refused("There is no ratio to carry on: the line has no weight or no target.")
    return ratio


def newest_revision(session: Session, label_id: int) -> LabelRevisionRow:
    """The panel of a label as it is now. Raises `Unknown` for no label."""
    rows.fetch(session, LabelRow, label_id)
    return rows.newest_revisions(session, {label_id})[label_id]


def _new_line(
    session: Session,
    batch: BatchRow,
    component: str,
    revision: LabelRevisionRow | None,
    **more: object,
) -> BatchLineRow:
    if batch.arm_of is not None:
        if component == MIXTURE:
            raise FaultyInput.at("component", f"“{MIXTURE}” is what the arms share.")
        batch.arm_differs = True
        session.add(batch)
    line = BatchLineRow(
        batch_id=rows.key_of(batch),
        position=len(rows.batch_lines(session, rows.key_of(batch))),
        component=component,
        bowl=component,
        revision_id=rows.key_of(revision) if revision else None,
        target_g=0.0,
        planned=False,
    )
    line.sqlmodel_update(more)
    session.add(line)
    session.flush()
    return line


def add_line(session: Session, batch_id: int, new: NewBatchLine, now: datetime) -> BatchSheet:
    """A line that nobody planned, named before it is poured; the weigh-in turns to it. Sent again
    with the same key it changes nothing."""
    batch = rows.fetch(session, BatchRow, batch_id)
    lines = rows.batch_lines(session, batch_id)
    if all(line.key != new.key for line in lines):
        if batch.closed_at is not None:
            raise Refused(CLOSED)
        if len(lines) >= MOST_BATCH_LINES:
            raise Refused(f"A weigh-in has at most {MOST_BATCH_LINES} lines.")
        revision = newest_revision(session, new.label_id)
        line = _new_line(
            session, batch, new.component.strip(), revision, key=new.key, target_g=new.target_g
        )
        turn = capture_of(id=_turn_of(batch_id, new.key), kind=Kind.TURN, line=line.id)
        rows.write_record(session, batch_id, recorded(turn, _state_of(session, batch_id), now))
        shelf.touch(session, {new.label_id}, now)
    return sheet(session, batch_id)


def _turn_of(batch_id: int, key: str) -> str:
    """The id of the record that turns to a new line: one for each line of each batch."""
    return str(uuid.uuid5(uuid.NAMESPACE_OID, f"turn to {key} of batch {batch_id}"))


def divide(session: Session, batch_id: int, dividing: Dividing) -> BatchSheet:
    """Choose how the batch is divided. Raises `FaultyInput` for a way that does not work out, and
    `Refused` for one that makes another number of servings once some are put away or eaten."""
    batch = rows.fetch(session, BatchRow, batch_id)
    known = weighed.read(session, batch_id)
    if known.arms:
        raise Refused("It is divided into arms: each has pieces of its own.")
    before = known.servings
    batch.dividing = rows.plain(dividing)
    made = weighed.read(session, batch_id)
    if dividing.serving_pieces > made.pieces:
        says = f"A serving holds no more pieces than there are ({made.pieces})."
        raise FaultyInput.at("serving_pieces", says)
    if made.servings != before:
        stock_draws.refuse_booked(session, batch_id)
    batch.portions = made.pieces
    return _saved(session, batch)


def set_hands_free(session: Session, batch_id: int, hands_free: HandsFree) -> BatchSheet:
    batch = rows.fetch(session, BatchRow, batch_id)
    batch.hands_free = hands_free.on
    return _saved(session, batch)


def set_nudge(session: Session, batch_id: int, nudge: Nudge) -> BatchSheet:
    batch = rows.fetch(session, BatchRow, batch_id)
    batch.nudge = nudge.divisions
    return _saved(session, batch)


def _saved(session: Session, batch: BatchRow) -> BatchSheet:
    batch.version += 1
    session.add(batch)
    return sheet(session, rows.key_of(batch))


def close(session: Session, batch_id: int, now: datetime) -> BatchSheet:
    """Close the weigh-in; what was weighed freely or until it was right becomes the plan.

    Raises `Refused` while lines are open (each is weighed or skipped) or have no name.
    """
    made = weighed.read(session, batch_id)
    if made.state.open_lines:
        raise Refused(f"{made.says_open} still open: weigh it, or skip it on purpose.")
    if any(made.wants_name(line) for line in made.lines):
        raise Refused("Something has no name yet: say what it was, or undo it.")
    if not made.lines:
        raise Refused("Nothing has been weighed yet.")
    if made.row.closed_at is None:
        made.row.closed_at = now
        writing_back.on_closing(session, made)
        stock_draws.draw(session, made, now)
        return _saved(session, made.row)
    return sheet(session, batch_id)


def sheet(session: Session, batch_id: int) -> BatchSheet:
    return show(weighed.read(session, batch_id))
