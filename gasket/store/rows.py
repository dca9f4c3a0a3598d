"""Rows ↔ core values."""

from collections.abc import Collection, Iterable
from datetime import datetime
from typing import Any, TypeVar, cast

from sqlalchemy import ColumnElement, or_
from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import CookRecord
from gasket.core.cooking.steps import Step
from gasket.core.cooking.stock import StockRecord
from gasket.core.errors import Refused, Unknown
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, Terms
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.dividing import Dividing
from gasket.core.swaps.model import Swap
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.trade.kinds import FoodKind
from gasket.core.weighing.records import Record
from gasket.store.kept_tables import BatchStampRow
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    ComponentRow,
    CookRow,
    DishRow,
    FoodRow,
    LabelRevisionRow,
    LabelRow,
    LineRow,
    SettingRow,
    StockRow,
    TrialRow,
    WeighingRow,
)
from gasket.store.taste_tables import BlindAnswerRow, FullnessRow, TastingRow

Row = DishRow | FoodRow | LabelRow | TrialRow | BatchRow
WORD = {
    DishRow: "dish",
    FoodRow: "food",
    LabelRow: "label",
    TrialRow: "trial",
    BatchRow: "batch",
}
MOST_ID = 2**63 - 1
MOST_GENERIC = 60
LINE_TERMS = ("off", "locked", "least_g", "most_g", "why", "until", "stands_for")
A = TypeVar("A", WeighingRow, CookRow, StockRow)
"""Records of a batch."""
Sent = TypeVar("Sent", WeighingRow, CookRow, StockRow, TastingRow, FullnessRow, BlindAnswerRow)
"""Records with an id that their sender made."""
R = TypeVar("R", DishRow, FoodRow, LabelRow, TrialRow, BatchRow)


def fetch(session: Session, table: type[R], key: int) -> R:
    """The row, or `Unknown`."""
    row = session.get(table, key) if 0 < key <= MOST_ID else None
    if row is None:
        raise Unknown(WORD[table], key)
    return row


def key_of(row: Row | BatchLineRow | LabelRevisionRow | ComponentRow) -> int:
    """The id of a row that has been stored."""
    assert row.id is not None
    return row.id


def original_of(dish: DishRow) -> Original:
    return Original(
        name=dish.original_name or dish.name,
        serving_g=dish.serving_g,
        kcal=dish.kcal,
        protein_g=dish.protein_g,
        carbohydrate_g=dish.carbohydrate_g,
        fat_g=dish.fat_g,
    )


def label_of(revision: LabelRevisionRow) -> Label:
    return Label.model_validate(revision.panel)


def panel_of(label: Label) -> dict[str, object]:
    return label.model_dump(mode="json", exclude_none=True, exclude_defaults=True)


def package_of(revision: LabelRevisionRow) -> Package:
    return Package.model_validate(revision.package)


def facts_of(food: FoodRow) -> FoodFacts:
    return FoodFacts.model_validate(food.facts)


def plain(value: Package | FoodFacts | Terms | Swap | Dividing | TasteVerdict) -> dict[str, object]:
    """A value as a row keeps it: without what is at its default."""
    return value.model_dump(mode="json", exclude_none=True, exclude_defaults=True)


def newest_revisions(
    session: Session, labels: Iterable[int] | None = None
) -> dict[int, LabelRevisionRow]:
    """The newest revision of each label (of all labels when none are named), by label id."""
    query = select(LabelRevisionRow).order_by(col(LabelRevisionRow.number))
    if labels is not None:
        query = query.where(col(LabelRevisionRow.label_id).in_(list(labels)))
    return {row.label_id: row for row in session.exec(query)}


def revisions_named(session: Session, names: Iterable[str]) -> list[LabelRevisionRow]:
    """Every revision whose package has one of these names."""
    name = col(LabelRevisionRow.panel)["name"].as_string()
    return list(session.exec(select(LabelRevisionRow).where(name.in_(list(names)))))


def components_of(session: Session, trial_id: int) -> list[ComponentRow]:
    query = select(ComponentRow).where(ComponentRow.trial_id == trial_id)
    return list(session.exec(query.order_by(col(ComponentRow.position))))


def lines_of(session: Session, component: ComponentRow) -> list[LineRow]:
    query = select(LineRow).where(LineRow.component_id == component.id)
    return list(session.exec(query.order_by(col(LineRow.position))))


def terms_of(trial: TrialRow) -> Terms:
    return Terms.model_validate(trial.terms)


def verdict_of(trial: TrialRow) -> TasteVerdict:
    return TasteVerdict.model_validate(trial.verdict)


def build_of(session: Session, trial: TrialRow) -> Build:
    return Build(
        portions=trial.portions,
        terms=terms_of(trial),
        components=tuple(
            BuildComponent(
                name=component.name,
                lines=tuple(
                    BuildLine(
                        id=line.key,
                        label_id=line.label_id,
                        component=line.of_component,
                        target_g=line.target_g,
                        count=line.count,
                        how=line.how,
                        **line.terms,
                    )
                    for line in lines_of(session, component)
                ),
            )
            for component in components_of(session, key_of(trial))
        ),
    )


def write_build(session: Session, trial: TrialRow, build: Build) -> None:
    """Replace the trial's components and lines with `build`."""
    for component in components_of(session, key_of(trial)):
        for line in lines_of(session, component):
            session.delete(line)
        session.flush()
        session.delete(component)
    session.flush()
    trial.portions = build.portions
    trial.terms = plain(build.terms)
    for i, part in enumerate(build.components):
        made = ComponentRow(trial_id=key_of(trial), position=i, name=part.name)
        session.add(made)
        session.flush()
        session.add_all(
            LineRow(
                trial_id=key_of(trial),
                component_id=key_of(made),
                position=j,
                key=planned.id,
                label_id=planned.label_id,
                of_component=planned.component,
                target_g=planned.target_g,
                count=planned.count,
                how=planned.how,
                terms=planned.model_dump(
                    mode="json", include=set(LINE_TERMS), exclude_defaults=True
                ),
            )
            for j, planned in enumerate(part.lines)
        )
    session.flush()


def batches_of(session: Session, trial_ids: Iterable[int]) -> dict[int, list[BatchRow]]:
    """The batches of each of these trials, oldest first."""
    found: dict[int, list[BatchRow]] = {key: [] for key in trial_ids}
    query = select(BatchRow).where(col(BatchRow.trial_id).in_(list(found)))
    for row in session.exec(query.order_by(col(BatchRow.id))):
        found[row.trial_id].append(row)
    return found


def arms_of(session: Session, batch_id: int) -> list[BatchRow]:
    """The arms that a batch is divided into, in their order."""
    query = select(BatchRow).where(BatchRow.arm_of == batch_id, col(BatchRow.removed_at).is_(None))
    return list(session.exec(query.order_by(col(BatchRow.id))))


def divided_with(session: Session, batch_ids: Collection[int]) -> set[int]:
    """Their wholes and arms, and the arms of their wholes: what changes with one of them."""
    of_wholes = select(BatchRow.arm_of).where(col(BatchRow.id).in_(batch_ids))
    query = select(BatchRow.id).where(
        or_(
            col(BatchRow.id).in_(of_wholes),
            col(BatchRow.arm_of).in_(batch_ids),
            col(BatchRow.arm_of).in_(of_wholes),
        )
    )
    return {key for key in session.exec(query) if key is not None}


def called(letter: str, arm: str) -> str:
    """How a batch of a trial is called: "D", or "D, 18 min" for an arm."""
    return f"{letter}, {arm}" if arm else letter


def last_closed_batch(session: Session, trial_id: int) -> int | None:
    """The newest batch of a trial whose weigh-in is closed; its arms stand for themselves."""
    query = (
        select(BatchRow.id)
        .where(BatchRow.trial_id == trial_id, col(BatchRow.closed_at).is_not(None))
        .where(col(BatchRow.arm_of).is_(None))
        .where(*here(BatchRow))
    )
    return session.exec(query.order_by(col(BatchRow.id).desc()).limit(1)).first()


def here(*tables: type[DishRow | TrialRow | BatchRow]) -> list[ColumnElement[bool]]:
    """That a row is neither set aside nor removed."""
    return [
        column.is_(None)
        for table in tables
        for column in (col(table.set_aside_at), col(table.removed_at))
    ]


def batch_number(session: Session, batch_id: int) -> int:
    """Which state of a batch is stored: it grows with every change."""
    query = select(BatchStampRow.number).where(BatchStampRow.batch_id == batch_id)
    return session.exec(query).first() or 0


def batch_lines(session: Session, batch_id: int) -> list[BatchLineRow]:
    query = select(BatchLineRow).where(BatchLineRow.batch_id == batch_id)
    return list(session.exec(query.order_by(col(BatchLineRow.position))))


def records_of(session: Session, batch_id: int) -> list[Record]:
    """All weighing records of a batch, oldest first."""
    query = select(WeighingRow).where(WeighingRow.batch_id == batch_id)
    rows = session.exec(query.order_by(col(WeighingRow.sequence)))
    return [Record.model_validate(row, from_attributes=True) for row in rows]


def write_record(session: Session, batch_id: int, record: Record) -> None:
    """Append one record."""
    session.add(WeighingRow(batch_id=batch_id, **record.model_dump()))


def steps_of(stored: list[dict[str, Any]]) -> tuple[Step, ...]:
    return tuple(Step.model_validate(step) for step in stored)


def stored_steps(steps: Iterable[Step]) -> list[dict[str, Any]]:
    return [step.model_dump(mode="json", exclude_defaults=True) for step in steps]


def cook_records(
    session: Session, batch_id: int | None, since: datetime | None = None
) -> list[CookRecord]:
    """The log of a batch, or of timers that belong to none, oldest first."""
    query = select(CookRow).where(CookRow.batch_id == batch_id)
    if since is not None:
        query = query.where(col(CookRow.at) >= since)
    found = session.exec(query.order_by(col(CookRow.sequence)))
    return [_cook_record(row) for row in found]


def cook_books(session: Session, batch_ids: Iterable[int]) -> dict[int, list[CookRecord]]:
    """The logs of these batches, oldest record first."""
    books: dict[int, list[CookRecord]] = {key: [] for key in batch_ids}
    query = select(CookRow).where(col(CookRow.batch_id).in_(list(books)))
    for row in session.exec(query.order_by(col(CookRow.sequence))):
        books[row.batch_id or 0].append(_cook_record(row))
    return books


def _cook_record(row: CookRow) -> CookRecord:
    return CookRecord.model_validate(row, from_attributes=True)


def generic_foods(session: Session, kind: FoodKind) -> list[FoodRow]:
    """Foods of a kind that stand on the shelf with generic values alone."""
    there = col(FoodRow.removed_at).is_(None)
    query = select(FoodRow).where(there, col(FoodRow.typical), FoodRow.kind == kind)
    return list(session.exec(query.order_by(col(FoodRow.id)).limit(MOST_GENERIC)))


def newest_cooks(session: Session, most: int) -> list[int]:
    """The batches at whose cook something was logged last, the latest first."""
    known = col(CookRow.batch_id).is_not(None)
    query = select(CookRow.batch_id).where(known).order_by(col(CookRow.sequence).desc())
    found: dict[int, None] = {}
    for batch_id in session.exec(query.execution_options(yield_per=100)):
        if batch_id is not None:
            found.setdefault(batch_id)
        if len(found) > most:
            break
    return list(found)[:most]


def stock_records(session: Session, batch_id: int) -> list[StockRecord]:
    query = select(StockRow).where(StockRow.batch_id == batch_id)
    found = session.exec(query.order_by(col(StockRow.sequence)))
    return [_stock_record(row) for row in found]


def _stock_record(row: StockRow) -> StockRecord:
    return StockRecord.model_validate(row, from_attributes=True)


def stock_books(session: Session, batch_ids: Iterable[int]) -> dict[int, list[StockRecord]]:
    """The whole books of these batches, oldest entry first."""
    books: dict[int, list[StockRecord]] = {key: [] for key in batch_ids}
    query = select(StockRow).where(col(StockRow.batch_id).in_(list(books)))
    for row in session.exec(query.order_by(col(StockRow.sequence))):
        books[row.batch_id].append(_stock_record(row))
    return books


def appended(session: Session, table: type[Sent], record_id: str) -> Sent | None:
    """The record with this client-made id, whatever it belongs to."""
    return session.exec(select(table).where(table.id == record_id)).first()


def is_appended(session: Session, table: type[A], record_id: str, batch_id: int | None) -> bool:
    """Whether a record is stored already. Raises `Refused` for one of another batch."""
    stored = appended(session, table, record_id)
    if stored is not None and stored.batch_id != batch_id:
        raise Refused("This record belongs to another batch.")
    return stored is not None


def read_setting(session: Session, key: str) -> object | None:
    row = session.get(SettingRow, key)
    return cast("object", row.value) if row else None


def write_setting(session: Session, key: str, value: object) -> None:
    row = session.get(SettingRow, key) or SettingRow(key=key, value=value)
    row.value = value
    session.add(row)
