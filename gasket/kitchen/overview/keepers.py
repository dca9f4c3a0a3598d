"""The keepers of all dishes in one order, by what the cook weighs."""

from collections.abc import Iterable
from typing import Final

from sqlmodel import Session, col, select

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
from gasket.store import rows
from gasket.store.tables import DishRow, TrialRow

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
    query = (
        select(TrialRow, DishRow)
        .join(DishRow, col(DishRow.id) == col(TrialRow.dish_id))
        .where(col(TrialRow.verdict)["stamp"].as_string() == "keep")
        .where(*rows.here(DishRow, TrialRow))
        .order_by(col(TrialRow.id).desc())
    )
    found = list(session.exec(query))
    shown = found[:MOST_KEEPERS]
    entries = _entries(session, [(rows.key_of(trial), trial.dish_id) for trial, _ in shown])
    figures = {key: history.figures_of(entry) for key, entry in entries.items()}
    best = unbeaten_each(figures)
    dishes = {rows.key_of(trial): dish for trial, dish in shown}
    return KeeperRanking(
        keepers=tuple(
            Keeper(
                dish_id=rows.key_of(dishes[rank.key]),
                dish=dishes[rank.key].name,
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
        total=len(found),
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
