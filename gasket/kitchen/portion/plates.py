"""Finishes at the plate: one base, several named ones, each eater another."""

from collections.abc import Iterable
from typing import Annotated, Any

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.batch import Batch, FinishLine, Weighed
from gasket.core.errors import Conflict, Fault, FaultyInput
from gasket.core.margin import Portion
from gasket.core.numbers import Amount, Answer, Value
from gasket.core.reckon import reckon
from gasket.core.trial import LineId, ShortName
from gasket.kitchen import weighed
from gasket.store import rows
from gasket.store.tables import BatchRow, LabelRow, TrialRow

MOST_FINISHES = 20
MOST_LINES = 20


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


class FinishesEdit(Value):
    """All finishes of a batch, with the batch version that they were read at."""

    version: Annotated[int, Field(ge=1)]
    finishes: Annotated[tuple[Finish, ...], Field(max_length=MOST_FINISHES)]


class PlatedLine(Answer):
    name: str
    grams: float
    estimated: bool


class Plated(Answer):
    """A finish with what one serving of the base and it hold together."""

    finish: Finish
    lines: tuple[PlatedLine, ...]
    serving: Portion


class Plates(Answer):
    """The finishes of a batch as they stand."""

    batch_id: int
    version: int
    plated: tuple[Plated, ...]


def _key(revision: int) -> str:
    return f"label-{revision}"


def stored_finishes(row: BatchRow) -> tuple[Finish, ...]:
    return tuple(Finish.model_validate(_plain(one)) for one in row.finishes)


def _plain(stored: dict[str, Any]) -> dict[str, Any]:
    lines = [{k: v for k, v in line.items() if k != "revision_id"} for line in stored["lines"]]
    return {**stored, "lines": lines}


def plates(session: Session, batch_id: int, made: weighed.Weighed | None = None) -> Plates:
    """Every finish, reckoned on the batch's serving."""
    found = made or weighed.read(session, batch_id)
    revisions = {line["revision_id"] for one in found.row.finishes for line in one["lines"]}
    shelved = weighed.shelved(session, revisions)
    return Plates(
        batch_id=batch_id,
        version=found.row.version,
        plated=tuple(_plated(found.batch, stored, shelved) for stored in found.row.finishes),
    )


def _plated(batch: Batch, stored: dict[str, Any], shelved: dict[int, weighed.Shelved]) -> Plated:
    panels = {_key(key): one.panel for key, one in shelved.items()}
    finish = Finish.model_validate(_plain(stored))
    added = tuple(
        FinishLine(label=_key(line["revision_id"]), **_weight(plate).model_dump())
        for line, plate in zip(stored["lines"], finish.lines, strict=True)
    )
    with_it = batch.model_copy(
        update={"labels": {**batch.labels, **panels}, "finish": (*batch.finish, *added)}
    )
    return Plated(
        finish=finish,
        lines=tuple(
            PlatedLine(
                name=panels[line.label].name, grams=line.grams, estimated=line.estimate is not None
            )
            for line in added
        ),
        serving=reckon(with_it).serving,
    )


def _weight(plate: PlateLine) -> Weighed:
    if plate.low_g is None or plate.high_g is None:
        return Weighed(grams=plate.grams)
    return Weighed(grams=plate.grams, estimate=(plate.low_g, plate.high_g))


def save(session: Session, batch_id: int, edit: FinishesEdit) -> Plates:
    """Replace the finishes. A label that was in them already keeps the panel that it had.

    Raises `Conflict`, and `FaultyInput` for a label that is not there or a range that is none.
    """
    row = rows.fetch(session, BatchRow, batch_id)
    if row.version != edit.version:
        raise Conflict("finishes", plates(session, batch_id))
    _refuse_faulty(session, edit)
    kept = {line["label_id"]: line["revision_id"] for one in row.finishes for line in one["lines"]}
    row.finishes = _pinned(session, edit.finishes, kept)
    row.version += 1
    session.add(row)
    return plates(session, batch_id)


def _refuse_faulty(session: Session, edit: FinishesEdit) -> None:
    faults = []
    for i, finish in enumerate(edit.finishes):
        for j, line in enumerate(finish.lines):
            at = f"finishes[{i}].lines[{j}]"
            if (
                not 0 < line.label_id <= rows.MOST_ID
                or session.get(LabelRow, line.label_id) is None
            ):
                faults.append(Fault(path=f"{at}.label_id", message="That label is not there."))
            low, high = line.low_g, line.high_g
            if (low is None) != (high is None) or (
                low is not None and high is not None and not low <= line.grams <= high
            ):
                says = "An estimate runs from a low to a high figure with the grams in between."
                faults.append(Fault(path=f"{at}.grams", message=says))
    if faults:
        raise FaultyInput(*faults)


def _pinned(
    session: Session, finishes: Iterable[Finish], kept: dict[int, int]
) -> list[dict[str, Any]]:
    finishes = list(finishes)
    wanted = {line.label_id for one in finishes for line in one.lines} - kept.keys()
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
        .where(TrialRow.dish_id == dish_id)
        .order_by(col(BatchRow.id).desc())
        .limit(1)
    )
    latest = session.exec(query).first()
    return [] if latest is None else _pinned(session, stored_finishes(latest), {})
