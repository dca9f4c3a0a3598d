"""The keepers of all dishes in one order, by what the cook weighs."""

from collections.abc import Iterable
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.tasting.frontier import (
    Across,
    Criterion,
    Rank,
    RankWeights,
    ranking,
    unbeaten_each,
)
from gasket.kitchen.taste import history, said
from gasket.kitchen.taste.history import TrialEntry
from gasket.store.books import Session
from gasket.store.books.trials import TRIALS

MOST_KEEPERS: Final = 300


class Keeper(Answer):
    """A keeper with its place in the order; `unbeaten` on which plots no other keeper beats it."""

    dish_id: int
    dish: str
    trial_id: int
    letter: str
    batch_id: int | None
    figures: dict[Criterion, float | None]
    tasters: int
    rank: Rank
    unbeaten: tuple[Across, ...]


class KeeperRanking(Answer):
    """The keepers, best first; `total` where there are more than are ranked."""

    keepers: tuple[Keeper, ...]
    weights: RankWeights
    total: int


def ranked(session: Session, weights: RankWeights) -> KeeperRanking:
    """The newest keepers in the order that these weights give."""
    keepers = TRIALS.keepers(session)
    shown = keepers[:MOST_KEEPERS]
    entries = _entries(session, [(trial_id, dish_id) for trial_id, dish_id, _ in shown])
    figures = {key: history.figures_of(entry) for key, entry in entries.items()}
    best = unbeaten_each(figures)
    dishes = {trial_id: (dish_id, dish) for trial_id, dish_id, dish in shown}
    return KeeperRanking(
        keepers=tuple(
            Keeper(
                dish_id=dishes[rank.key][0],
                dish=dishes[rank.key][1],
                trial_id=rank.key,
                letter=entries[rank.key].letter,
                batch_id=entries[rank.key].batch_id,
                figures=figures[rank.key],
                tasters=score.tasters if (score := entries[rank.key].score) else 0,
                rank=rank,
                unbeaten=best[rank.key],
            )
            for rank in ranking(figures, weights)
        ),
        weights=weights,
        total=len(keepers),
    )


def _entries(session: Session, keepers: Iterable[tuple[int, int]]) -> dict[int, TrialEntry]:
    wanted: dict[int, list[int]] = {}
    for trial_id, dish_id in keepers:
        wanted.setdefault(dish_id, []).append(trial_id)
    return {
        entry.id: entry
        for dish_id, trial_ids in wanted.items()
        for entry in history.entries_of(
            session, dish_id, trial_ids, said.tasting_of(session, dish_id)
        )
    }
