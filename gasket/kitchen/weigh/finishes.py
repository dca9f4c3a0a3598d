"""Finishes as a batch keeps them: what is added to a serving at the plate, and for whom."""

from collections.abc import Iterable
from typing import Annotated, Any, Final

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.numbers import Amount, Value
from gasket.core.rebuild.trial import LineId, ShortName
from gasket.store import rows
from gasket.store.tables import BatchRow, TrialRow

MOST_FINISHES: Final = 20
MOST_LINES: Final = 20


class PlateLine(Value):
    """So many grams of a label added to one serving, weighed or estimated from low to high."""

    label_id: int
    grams: Amount
    low_g: Amount | None = None
    high_g: Amount | None = None


class Finish(Value):
    """What is added to one serving at the plate, for whom (a side dish is one, too)."""

    id: LineId
    name: ShortName
    eater: Annotated[str, Field(max_length=60)] = ""
    lines: Annotated[tuple[PlateLine, ...], Field(max_length=MOST_LINES)] = ()


def stored_finishes(row: BatchRow) -> tuple[Finish, ...]:
    return tuple(Finish.model_validate(plain(finish)) for finish in row.finishes)


def plain(stored: dict[str, Any]) -> dict[str, Any]:
    """A stored finish without the label revisions that it is pinned to."""
    lines = [{k: v for k, v in line.items() if k != "revision_id"} for line in stored["lines"]]
    return {**stored, "lines": lines}


def pinned(
    session: Session, finishes: Iterable[Finish], kept: dict[int, int]
) -> list[dict[str, Any]]:
    """As stored: each line with the label revision in `kept`, else with the newest."""
    finishes = list(finishes)
    wanted = {line.label_id for finish in finishes for line in finish.lines} - kept.keys()
    newest = {key: rows.key_of(row) for key, row in rows.newest_revisions(session, wanted).items()}
    revisions = {**newest, **kept}
    return [
        {
            **finish.model_dump(mode="json"),
            "lines": [
                {**line.model_dump(mode="json"), "revision_id": revisions[line.label_id]}
                for line in finish.lines
            ],
        }
        for finish in finishes
    ]


def carried_over(session: Session, dish_id: int) -> list[dict[str, Any]]:
    """The finishes of the dish's latest batch, with the labels as they are now."""
    query = (
        select(BatchRow)
        .join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
        .where(TrialRow.dish_id == dish_id, col(BatchRow.arm_of).is_(None))
        .order_by(col(BatchRow.started_at).desc(), col(BatchRow.id).desc())
        .limit(1)
    )
    latest = session.exec(query).first()
    return [] if latest is None else pinned(session, stored_finishes(latest), {})
