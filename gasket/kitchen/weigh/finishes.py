"""The finishes that a batch begins with, each label pinned as it was then."""

from collections.abc import Iterable, Mapping

from gasket.core.rebuild.finishes import Finish, PinnedFinish
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES
from gasket.store.books.shelf import newest


def pinned(
    session: Session, finishes: Iterable[Finish], kept: Mapping[int, int]
) -> tuple[PinnedFinish, ...]:
    """Finishes with each label at its version in `kept`, else at the newest."""
    finishes = list(finishes)
    wanted = {line.label_id for finish in finishes for line in finish.lines} - kept.keys()
    versions = {key: printed.id for key, printed in newest(session, wanted).items()} | dict(kept)
    return tuple(finish.pinned(versions) for finish in finishes)


def carried_over(session: Session, dish_id: int) -> tuple[PinnedFinish, ...]:
    """The finishes of the dish's latest batch, with the labels as they are now."""
    latest = BATCHES.last_of_dish(session, dish_id)
    return () if latest is None else pinned(session, (one.finish for one in latest.finishes), {})
