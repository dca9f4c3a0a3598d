"""Dividing a batch: ways side by side, the cut of the pan, how far pieces differ, the yield."""

from typing import Final

from gasket.core.numbers import Answer
from gasket.core.reckoning.dividing import USUAL_WAYS, OneWay, ways
from gasket.core.reckoning.margin import Portion
from gasket.core.reckoning.pan_cut import CutPieces, cut
from gasket.core.reckoning.pieces import Spread, learned, spread_by_eye, spread_weighed
from gasket.core.reckoning.portions import ScoopCount, scoop
from gasket.core.trade.yields import Yield, yield_of
from gasket.kitchen.portion import plates
from gasket.kitchen.portion.plates import Plates
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES

MOST_TO_LEARN_FROM: Final = 40
"""So many batches teach the cook's own spread."""


class PortionSheet(Answer):
    """How a batch is divided, and what that makes. `whole_g` is what there is to divide; `spread`
    is between pieces, `scooped` how far the mixture goes at the fill weight."""

    batch_id: int
    pieces: int
    servings: float | None
    whole_g: float | None
    serving: Portion
    piece: Portion | None
    ways: tuple[OneWay, ...]
    cut: CutPieces | None
    scooped: ScoopCount | None
    spread: Spread
    cooked: Yield | None
    plates: Plates


def sheet(session: Session, batch_id: int) -> PortionSheet:
    batch = weighed.read(session, batch_id)
    dividing, result = batch.dividing, batch.result
    whole = batch.batch.cooked_g or batch.whole_g
    scooped = None
    if dividing.way == "scoop" and dividing.fill_g and whole:
        scooped = scoop(whole, dividing.fill_g)
    return PortionSheet(
        batch_id=batch_id,
        pieces=batch.pieces,
        servings=batch.servings,
        whole_g=whole,
        serving=result.serving,
        piece=result.portions[0] if result.portions else None,
        ways=ways(result.batch, whole, {*USUAL_WAYS, batch.pieces}),
        cut=cut(dividing.cut) if dividing.way == "cut" and dividing.cut else None,
        scooped=scooped,
        spread=spread_of(session, batch),
        cooked=yield_of_batch(batch),
        plates=plates.plates(session, batch_id, batch),
    )


def spread_of(session: Session, batch: StoredBatch) -> Spread:
    """How far the pieces of a batch lie from their mean: as weighed, or as they are by eye."""
    portions = batch.batch.portions
    if portions.weights_g is not None and portions.serving_pieces == 1:
        return spread_weighed(portions.weights_g, batch.result.portions)
    pieces = batch.dividing.serving_pieces
    return spread_by_eye(batch.result.serving, pieces, learned(_weighed_after_the_eye(session)))


def _weighed_after_the_eye(session: Session) -> list[list[float]]:
    """Pieces of the newest batches that were divided by eye and weighed then."""
    by_eye = BATCHES.weighed_after_the_eye(session, MOST_TO_LEARN_FROM)
    return [weighed.pieces_of(session, key) for key in by_eye]


def yield_of_batch(batch: StoredBatch) -> Yield | None:
    """Cooked over raw, once both were weighed."""
    raw, cooked = batch.whole_g, batch.batch.cooked_g
    return None if raw is None or cooked is None else yield_of(raw, cooked, batch.family)
