"""Plates: one base, several named finishes, each eater another."""

from collections.abc import Iterable
from typing import Annotated

from pydantic import Field

from gasket.core.errors import Conflict, Fault, FaultyInput
from gasket.core.label.label import Label
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.finishes import MOST_FINISHES, Finish, PinnedFinish, PlateLine
from gasket.core.reckoning.batch import Batch, FinishLine, WeighedGrams
from gasket.core.reckoning.margin import Portion
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.finishes import pinned
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES
from gasket.store.books.book import plain
from gasket.store.books.shelf import PACKAGES, LabelOnShelf, shelved


class FinishesEdit(Value):
    """All finishes of a batch, with the batch version that they were read at."""

    version: Annotated[int, Field(ge=1)]
    finishes: Annotated[tuple[Finish, ...], Field(max_length=MOST_FINISHES)]


class PlatedLine(Answer):
    name: str
    grams: float
    estimated: bool


class PlateWithFinish(Answer):
    """A finish with what one serving of the base and it hold together."""

    finish: Finish
    lines: tuple[PlatedLine, ...]
    serving: Portion


class Plates(Answer):
    """The finishes of a batch as they stand."""

    batch_id: int
    version: int
    plated: tuple[PlateWithFinish, ...]


def _key(revision: int, batch: Batch, panel: Label) -> str:
    """As in the batch, so that its error counts once; another one where a file's label has it."""
    key = f"label-{revision}"
    return key if batch.labels.get(key, panel) == panel else f"plate-{revision}"


def plates(session: Session, batch_id: int, stored: weighed.StoredBatch | None = None) -> Plates:
    """Every finish, added to the batch's serving."""
    batch = stored or weighed.read(session, batch_id)
    finishes = batch.head.finishes
    on_shelf = _on_shelf(session, finishes)
    return Plates(
        batch_id=batch_id,
        version=batch.head.version,
        plated=tuple(_plated(batch.batch, kept, on_shelf) for kept in finishes),
    )


def _on_shelf(session: Session, finishes: Iterable[PinnedFinish]) -> dict[int, LabelOnShelf]:
    return shelved(session, {line.revision_id for kept in finishes for line in kept.lines})


def _plated(batch: Batch, kept: PinnedFinish, on_shelf: dict[int, LabelOnShelf]) -> PlateWithFinish:
    with_it = _with_finish(batch, kept, on_shelf)
    return PlateWithFinish(
        finish=kept.finish,
        lines=tuple(
            PlatedLine(
                name=with_it.labels[line.label].name,
                grams=line.grams,
                estimated=line.estimate is not None,
            )
            for line in with_it.finish[len(batch.finish) :]
        ),
        serving=reckon(with_it).serving,
    )


def with_finish(session: Session, batch: Batch, kept: PinnedFinish) -> Batch:
    """The batch with a kept finish on each serving."""
    return _with_finish(batch, kept, _on_shelf(session, [kept]))


def _with_finish(batch: Batch, kept: PinnedFinish, on_shelf: dict[int, LabelOnShelf]) -> Batch:
    labels, added = dict(batch.labels), []
    for line in kept.lines:
        panel = on_shelf[line.revision_id].panel
        key = _key(line.revision_id, batch, panel)
        labels[key] = panel
        added.append(FinishLine(label=key, **_weight(line).model_dump()))
    return batch.model_copy(update={"labels": labels, "finish": (*batch.finish, *added)})


def _weight(plate: PlateLine) -> WeighedGrams:
    if plate.low_g is None or plate.high_g is None:
        return WeighedGrams(grams=plate.grams)
    return WeighedGrams(grams=plate.grams, estimate=(plate.low_g, plate.high_g))


def save(session: Session, batch_id: int, edit: FinishesEdit) -> Plates:
    """Replace the finishes. A label that was in them already keeps the panel that it had.

    Raises `Conflict`, and `FaultyInput` for a label that is not there or a range that is none.
    """
    head = BATCHES.fetch(session, batch_id)
    if head.version != edit.version:
        raise Conflict("finishes", plates(session, batch_id))
    _refuse_faulty(session, edit)
    kept = {line.label_id: line.revision_id for finish in head.finishes for line in finish.lines}
    finishes = plain(pinned(session, edit.finishes, kept))
    BATCHES.change(session, head, stored_finishes=finishes, version=head.version + 1)
    return plates(session, batch_id)


def _refuse_faulty(session: Session, edit: FinishesEdit) -> None:
    faults = []
    for i, finish in enumerate(edit.finishes):
        for j, line in enumerate(finish.lines):
            at = f"finishes[{i}].lines[{j}]"
            if PACKAGES.find(session, line.label_id) is None:
                faults.append(Fault(path=f"{at}.label_id", message="That label is not there."))
            low, high = line.low_g, line.high_g
            if (low is None) != (high is None) or (
                low is not None and high is not None and not low <= line.grams <= high
            ):
                says = "An estimate runs from a low to a high figure with the grams in between."
                faults.append(Fault(path=f"{at}.grams", message=says))
    if faults:
        raise FaultyInput(*faults)
