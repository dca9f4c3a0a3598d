"""Swaps of the cook's own; swaps and proposals that a dish does not want."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Any, Final

from sqlmodel import Session, col

from gasket.store.books.book import Book
from gasket.store.tables import OwnSwapRow, RejectedSwapRow
from gasket.store.taste_tables import RejectedProposalRow


@dataclass(frozen=True, kw_only=True)
class OwnSwap:
    """A swap of the cook's own, without its key."""

    id: int
    stored_swap: dict[str, Any]


@dataclass(frozen=True, kw_only=True)
class RejectedSwap:
    """A swap that the cook does not want in a dish, and why."""

    id: int
    dish_id: int
    swap: str
    reason: str


@dataclass(frozen=True, kw_only=True)
class RejectedProposal:
    """A proposal for the next trial that the cook does not want in a dish."""

    id: int
    dish_id: int
    proposal: str
    title: str
    created_at: datetime


OWN_SWAPS: Final = Book(OwnSwapRow, OwnSwap, "swap")
REJECTED_SWAPS: Final = Book(RejectedSwapRow, RejectedSwap, "rejected swap")
REJECTED_PROPOSALS: Final = Book(RejectedProposalRow, RejectedProposal, "rejected proposal")


def swaps_rejected_in(session: Session, dish_id: int) -> Sequence[RejectedSwap]:
    """The swaps that a dish does not want, oldest first."""
    return REJECTED_SWAPS.all(session, col(RejectedSwapRow.dish_id) == dish_id)


def proposals_rejected_in(session: Session, dish_id: int) -> Sequence[RejectedProposal]:
    """The proposals that a dish does not want, oldest first."""
    return REJECTED_PROPOSALS.all(session, col(RejectedProposalRow.dish_id) == dish_id)
