"""What a batch comes to, in the few figures that lists show: kept, since lists are long."""

from collections.abc import Sequence
from datetime import datetime
from typing import Any, Final, Literal

from pydantic import ValidationError

from gasket.core.cooking.cook_log import CookLog, left_out
from gasket.core.cooking.keeping import Keeps, keeping
from gasket.core.cooking.oven_memory import TimedBake, bakes_of
from gasket.core.cooking.steps import Step
from gasket.core.cooking.stock import Lot, Move, book_of
from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.families import Family
from gasket.core.weighing.closing import FarLine
from gasket.kitchen import settings
from gasket.kitchen.cook import cooked
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.closing import far_of
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.figures import Basis, FigureBook, KeptRow
from gasket.store.books.stock import STOCK, on_hand

Cooking = Literal["none", "going", "done"]


class KeptLot(Answer):
    """So much in one place: `part` is a component, in grams; servings otherwise."""

    part: str
    lot: Lot


class BatchFigures(Answer):
    """A batch as lists show it. `cooking` is how far its steps are, `runs` whether one of them or a
    timer is going, `done_at` when the last one was done; `unbooked` servings are not accounted
    for; `bakes` is what its cook taught of the oven, `far` came
    out far off its plan."""

    broken: str = ""
    closed: bool
    lines: int
    open_lines: int
    cooking: Cooking
    runs: bool
    done_at: datetime | None
    made_at: datetime
    servings: float | None
    serving: Portion | None
    unbooked: float
    lots: tuple[KeptLot, ...]
    gone: dict[Move, float]
    last_booked: str | None
    family: Family | None
    advice: tuple[Keeps, ...]
    bakes: tuple[TimedBake, ...]
    far: tuple[FarLine, ...] = ()


class Before(Answer):
    """One serving as older rules of Gasket made it of the very same records."""

    kcal: float | None
    protein_g: float | None
    carbohydrate_g: float | None
    fat_g: float | None


def calculate(session: Session, batch_id: int) -> BatchFigures:
    """The figures of a batch as it is stored now."""
    return figures_of(session, weighed.read(session, batch_id))


def figures_of(session: Session, batch: StoredBatch) -> BatchFigures:
    steps, log = cooked.steps_of(batch), cooked.log_of(session, batch.head.id)
    book = STOCK.of(session, batch.head.id)
    made_at = cooked.made_at(session, batch, log)
    parts = dict.fromkeys(["", *(record.part for record in book)])
    books = {part: book_of(book, part, made_at) for part in parts}
    whole = books[""]
    last = max(
        (book.last for book in books.values() if book.last), key=lambda r: r.at, default=None
    )
    return BatchFigures(
        closed=batch.head.closed_at is not None,
        lines=len(batch.state.lines),
        open_lines=len(batch.state.open_lines),
        cooking=_cooking(batch.head, steps, log),
        runs=log.runs,
        done_at=log.done_at,
        made_at=made_at,
        servings=batch.servings,
        serving=batch.result.serving,
        unbooked=0.0 if batch.arms else max(0.0, (batch.servings or 0.0) - whole.accounted),
        lots=tuple(
            KeptLot(part=part, lot=lot) for part, stock in books.items() for lot in stock.lots
        ),
        gone=whole.gone,
        last_booked=last.id if last else None,
        family=batch.family,
        advice=keeping(batch.family, (food.kind for food in batch.shelved.values())),
        bakes=tuple(bakes_of(steps, log, batch.dish.name, cooked.sizes_of(batch, steps))),
        far=far_of(batch),
    )


def _cooking(head: BatchHead, steps: Sequence[Step], log: CookLog) -> Cooking:
    if head.stored_steps is None or not log.begun:
        return "none"
    return "going" if left_out([step.id for step in steps], log) else "done"


def _broken(session: Session, batch_id: int, says: str) -> BatchFigures:
    head = BATCHES.fetch(session, batch_id)
    return BatchFigures(
        broken=says,
        closed=head.closed_at is not None,
        lines=0,
        open_lines=0,
        cooking="none",
        runs=False,
        done_at=None,
        made_at=head.closed_at or head.started_at,
        servings=None,
        serving=None,
        unbooked=0.0,
        lots=(),
        gone={},
        last_booked=None,
        family=None,
        advice=(),
        bakes=(),
    )


def _besides(figures: BatchFigures, basis: Basis, row: KeptRow | None) -> dict[str, Any]:
    """Whether something is put away; and what older rules made of the very same state, where that
    was another figure."""
    before = None
    if row is not None and (row.basis.number, row.basis.house) == (basis.number, basis.house):
        before = row.before
        if row.figures and row.basis.rules != basis.rules:
            was = _serving_kept(row.figures)
            if was is not None and was != _serving(figures):
                before = was.model_dump(mode="json")
    return {"on_hand": bool(figures.lots), "before": before}


def _serving_kept(kept: dict[str, Any]) -> Before | None:
    """A serving as an older Gasket kept it; None where it kept figures of another shape."""
    try:
        return _serving(BatchFigures.model_validate(kept))
    except ValidationError:
        return None


def _serving(figures: BatchFigures) -> Before:
    def shown(name: str) -> float | None:
        figure = getattr(figures.serving, name, None)
        return round(figure.value, 3) if isinstance(figure, Figure) else None

    return Before.model_validate({name: shown(name) for name in Before.model_fields})


BATCH_FIGURES: Final = FigureBook(
    of_what="batch",
    figures=BatchFigures,
    house=settings.figures_basis,
    calculate=calculate,
    broken=_broken,
    besides=_besides,
)


def batches_on_hand(session: Session) -> list[int]:
    """The batches of which something is put away."""
    found, changed = on_hand(session)
    for key, book in STOCK.each(session, changed).items():
        if any(book_of(book, part).lots for part in {record.part for record in book}):
            found.append(key)
        else:
            BATCH_FIGURES.keep_nothing(session, key, changed[key], on_hand=False)
    return found


def by_older_rules(session: Session, batch_id: int) -> Before | None:
    """One serving of a closed batch as older rules made it, where that was another figure."""
    figures = BATCH_FIGURES.of(session, [batch_id])[batch_id]
    before = BATCH_FIGURES.before(session, batch_id)
    return Before.model_validate(before) if before and figures.closed else None
