"""A dish as it is in its rows, whatever they say: to be mended, and kept as it was before."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Any

from sqlmodel import Session, col, select

from gasket.store.books.builds import stored_line
from gasket.store.tables import BatchRow, ComponentRow, DishRow, LineRow, MendedRow, TrialRow


@dataclass(frozen=True)
class StoredComponent:
    """A component as it is stored; its lines need not make sense."""

    name: str
    position: int
    lines: tuple[dict[str, Any], ...]


def stored_build(session: Session, trial_id: int) -> list[StoredComponent]:
    """The components of a trial with their lines as they are stored."""
    parts = select(ComponentRow).where(ComponentRow.trial_id == trial_id)
    components = []
    for part in session.exec(parts.order_by(col(ComponentRow.position))):
        lines = select(LineRow).where(LineRow.component_id == part.id)
        stored = session.exec(lines.order_by(col(LineRow.position)))
        components.append(
            StoredComponent(part.name, part.position, tuple(map(stored_line, stored)))
        )
    return components


def as_stored(session: Session, dish_id: int) -> dict[str, Any]:
    """Everything of a dish that mending may change, as it is in its rows. Raises `ValueError` for
    what is not even JSON."""
    trials = session.exec(select(TrialRow).where(TrialRow.dish_id == dish_id)).all()
    keys = [trial.id for trial in trials]
    parts = session.exec(select(ComponentRow).where(col(ComponentRow.trial_id).in_(keys))).all()
    lines = session.exec(select(LineRow).where(col(LineRow.trial_id).in_(keys))).all()
    batches = session.exec(select(BatchRow).where(col(BatchRow.trial_id).in_(keys))).all()
    return {
        "dish": session.get_one(DishRow, dish_id).model_dump(mode="json"),
        "trials": _dumped(trials),
        "components": _dumped(parts),
        "lines": _dumped(lines),
        "batches": _dumped(batches),
    }


def _dumped(rows: Sequence[TrialRow | ComponentRow | LineRow | BatchRow]) -> list[dict[str, Any]]:
    return [row.model_dump(mode="json") for row in rows]


def keep_before(session: Session, dish_id: int, before: dict[str, Any], now: datetime) -> None:
    """Keep what a dish was before it was mended."""
    session.add(MendedRow(dish_id=dish_id, stored_before=before, at=now))
    session.flush()
