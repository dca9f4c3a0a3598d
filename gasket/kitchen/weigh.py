"""The weigh-in of a batch: begin, record, close; and the batch as it was weighed."""

from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlalchemy.exc import IntegrityError
from sqlmodel import Session, select

from gasket.core.errors import Refused
from gasket.core.numbers import Answer, Value
from gasket.core.portions import next_target_g, target_each_g
from gasket.core.reckon import Result
from gasket.core.trial import BuildLine, planned_line
from gasket.core.weighing import (
    Capture,
    Kind,
    LineStatus,
    Mode,
    Origin,
    WeighIn,
    recorded,
    refusal,
    replay,
    wants_finer_scale,
)
from gasket.kitchen import build, shelf, weighed
from gasket.kitchen.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import BatchLineRow, BatchRow, LabelRevisionRow, TrialRow, WeighingRow


class BatchLine(Answer):
    """A line of the weigh-in, with what has been recorded for it."""

    id: int
    component: str
    name: str
    target_g: float
    count: float | None
    status: LineStatus
    net_g: float | None
    low_g: float | None
    high_g: float | None
    origin: Origin | None
    record_id: str | None
    finer_scale: bool

    @property
    def only_counted(self) -> bool:
        """Pieces of which nobody knows the weight: there is no target to pour to."""
        return bool(self.count) and self.target_g == 0


class Piece(Answer):
    piece: int
    net_g: float
    record_id: str


class BatchSheet(Answer):
    """A batch as it stands: lines, tare, mixture, portions, and what that makes so far.

    While lines are open, `result` counts them as planned and says so in a finding.
    """

    id: int
    trial_id: int
    dish_id: int
    dish: str
    letter: str
    version: int
    started_at: datetime
    closed_at: datetime | None
    hands_free: bool
    lines: tuple[BatchLine, ...]
    current: int | None
    tare_g: float
    tare_mode: Mode | None
    tare_record: str | None
    last_record: str | None
    mixture_g: float | None
    cooked_g: float | None
    lines_g: float
    portions: int
    pieces: tuple[Piece, ...]
    target_each_g: float | None
    next_target_g: float | None
    result: Result
    names: tuple[str, ...]


class PortionsEdit(Value):
    count: Annotated[int, Field(strict=True, ge=1, le=1000)]


class HandsFree(Value):
    on: bool


def begin(session: Session, trial_id: int, now: datetime) -> BatchSheet:
    """Begin a weigh-in of the trial: its lines and their labels are kept as they are now."""
    trial = rows.fetch(session, TrialRow, trial_id)
    planned = rows.build_of(session, trial)
    lines = [
        (part.name, line) for part in planned.components for line in part.lines if not line.off
    ]
    if trial.is_original:
        raise Refused("The original is what is compared with: weigh a trial.")
    if not lines:
        raise Refused("There is nothing to weigh yet: add a line to the build.")
    revisions = rows.newest_revisions(
        session, {line.label_id for _, line in lines if line.label_id}
    )
    batch = BatchRow(trial_id=trial_id, portions=planned.portions, started_at=now)
    session.add(batch)
    session.flush()
    for i, (component, line) in enumerate(lines):
        session.add(
            BatchLineRow(
                batch_id=rows.key_of(batch),
                position=i,
                component=component,
                revision_id=rows.key_of(revisions[line.label_id]) if line.label_id else None,
                of_component=line.component,
                target_g=_target_g(line, revisions),
                count=line.count,
            )
        )
    shelf.touch(session, {line.label_id for _, line in lines if line.label_id}, now)
    session.commit()
    return sheet(session, rows.key_of(batch))


def _target_g(line: BuildLine, revisions: dict[int, LabelRevisionRow]) -> float:
    panels = {key: rows.label_of(row) for key, row in revisions.items() if key == line.label_id}
    return planned_line(line, panels).grams


def state_of(session: Session, batch_id: int) -> WeighIn:
    lines = [rows.key_of(line) for line in rows.batch_lines(session, batch_id)]
    return replay(rows.records_of(session, batch_id), lines)


def record(session: Session, batch_id: int, capture: Capture, now: datetime) -> BatchSheet:
    """Append what was weighed. The same capture sent again changes nothing.

    Raises `Refused` when it cannot be taken (unsettled scale, bowl off, closed weigh-in).
    """
    batch = rows.fetch(session, BatchRow, batch_id)
    stored = session.exec(select(WeighingRow).where(WeighingRow.id == capture.id)).first()
    if stored is not None:
        if stored.batch_id != batch_id:
            raise Refused("This record belongs to another batch.")
        return sheet(session, batch_id)
    state = state_of(session, batch_id)
    _refuse(batch, capture, state, session)
    rows.write_record(session, batch_id, recorded(capture, state, now))
    try:
        session.commit()
    except IntegrityError:  # the same capture, sent twice at the same moment
        session.rollback()
    return sheet(session, batch_id)


def _refuse(batch: BatchRow, capture: Capture, state: WeighIn, session: Session) -> None:
    if batch.closed_at is not None and capture.kind in (Kind.LINE, Kind.SKIP):
        raise Refused("This weigh-in is closed.")
    if why := refusal(capture, state):
        raise Refused(why)
    if capture.undoes is not None:
        undone = session.exec(select(WeighingRow).where(WeighingRow.id == capture.undoes)).first()
        if undone is None or undone.batch_id != batch.id:
            raise Refused("There is no such record to undo.")


def set_portions(session: Session, batch_id: int, edit: PortionsEdit) -> BatchSheet:
    batch = rows.fetch(session, BatchRow, batch_id)
    batch.portions = edit.count
    if batch.imported is not None:
        batch.imported = {**batch.imported, "portions": {"count": edit.count}}
    _save(session, batch)
    return sheet(session, batch_id)


def set_hands_free(session: Session, batch_id: int, hands_free: HandsFree) -> BatchSheet:
    batch = rows.fetch(session, BatchRow, batch_id)
    batch.hands_free = hands_free.on
    _save(session, batch)
    return sheet(session, batch_id)


def _save(session: Session, batch: BatchRow) -> None:
    batch.version += 1
    session.add(batch)
    session.commit()


def close(session: Session, batch_id: int, now: datetime) -> BatchSheet:
    """Close the weigh-in. Raises `Refused` while lines are open: each is weighed or skipped."""
    batch = rows.fetch(session, BatchRow, batch_id)
    state = state_of(session, batch_id)
    if state.open_lines:
        open_lines = weighed.count_open(state)
        raise Refused(f"{open_lines} still open: weigh it, or skip it on purpose.")
    if batch.closed_at is None:
        batch.closed_at = now
        _save(session, batch)
    return sheet(session, batch_id)


def sheet(session: Session, batch_id: int) -> BatchSheet:
    return show(weighed.read(session, batch_id))


def show(made: Weighed) -> BatchSheet:
    state, batch, row = made.state, made.batch, made.row
    whole = batch.mixture_g or (made.lines_g or None)
    filled = [record.net_g or 0.0 for record in state.portions.values()]
    return BatchSheet(
        id=rows.key_of(row),
        trial_id=row.trial_id,
        dish_id=rows.key_of(made.dish),
        dish=made.dish.name,
        letter=made.trial.letter,
        version=row.version,
        started_at=row.started_at,
        closed_at=row.closed_at,
        hands_free=row.hands_free,
        lines=tuple(_line(made, line) for line in made.lines),
        current=state.current,
        tare_g=state.tare_g,
        tare_mode=state.tare_mode,
        tare_record=state.tare_record,
        last_record=state.last.id if state.last else None,
        mixture_g=batch.mixture_g,
        cooked_g=batch.cooked_g,
        lines_g=made.lines_g,
        portions=row.portions,
        pieces=tuple(
            Piece(piece=piece, net_g=record.net_g or 0.0, record_id=record.id)
            for piece, record in sorted(state.portions.items())
        ),
        target_each_g=target_each_g(whole, row.portions) if whole else None,
        next_target_g=next_target_g(whole, filled, row.portions) if whole else None,
        result=made.result,
        names=build.line_names(batch),
    )


def _line(made: Weighed, line: BatchLineRow) -> BatchLine:
    state = made.state.lines[rows.key_of(line)]
    record = state.record
    return BatchLine(
        id=rows.key_of(line),
        component=line.component,
        name=made.name_of(line),
        target_g=line.target_g,
        count=line.count,
        status=state.status,
        net_g=record.net_g if record else None,
        low_g=record.low_g if record else None,
        high_g=record.high_g if record else None,
        origin=record.origin if record else None,
        record_id=record.id if record else None,
        finer_scale=wants_finer_scale(line.target_g, 1.0),
    )
