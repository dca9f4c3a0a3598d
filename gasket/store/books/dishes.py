"""Dishes as they are kept, and finding them."""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Final, Literal

from sqlalchemy import ColumnElement, true
from sqlmodel import Session, col, func, select

from gasket.core.reckoning.batch import Original
from gasket.store.books.book import Book
from gasket.store.kept_tables import DishStampRow
from gasket.store.tables import DishRow

MOST_WORDS: Final = 8
DishOrder = Literal["touched", "name", "newest"]


@dataclass(frozen=True, kw_only=True)
class Dish:
    """A dish with one serving of its original as it was typed; `original_from` says whether that
    is compared with, or what the original's ingredients come to."""

    id: int
    name: str
    original_name: str
    source_note: str
    serving_g: float | None
    kcal: float | None
    protein_g: float | None
    carbohydrate_g: float | None
    fat_g: float | None
    original_from: str
    reference: str | None
    tags: Sequence[str]
    version: int
    set_aside_at: datetime | None
    removed_at: datetime | None
    created_at: datetime

    @property
    def typed(self) -> Original:
        """The original's figures as they were typed."""
        return Original(
            name=self.original_name or self.name,
            serving_g=self.serving_g,
            kcal=self.kcal,
            protein_g=self.protein_g,
            carbohydrate_g=self.carbohydrate_g,
            fat_g=self.fat_g,
        )


@dataclass(frozen=True)
class DishesWanted:
    """With these words in their names, with this tag, archived or not, in this order."""

    search: str = ""
    tag: str = ""
    sort: DishOrder = "touched"
    archived: bool = False


class Dishes(Book[Dish]):
    """All dishes of a kitchen."""

    def any_there(self, session: Session, *, with_removed: bool = True) -> bool:
        """Whether there is a dish at all."""
        query = select(DishRow.id)
        if not with_removed:
            query = query.where(col(DishRow.removed_at).is_(None))
        return session.exec(query.limit(1)).first() is not None

    def page(
        self, session: Session, wanted: DishesWanted, limit: int, offset: int
    ) -> tuple[list[int], int]:
        """The ids of a page of the dishes that are wanted, and how many there are in all."""
        order = {
            "touched": col(DishStampRow.touched).desc(),
            "name": func.lower(DishRow.name),
            "newest": col(DishRow.id).desc(),
        }[wanted.sort]
        shown = list(_shown(wanted))
        query = (
            select(col(DishRow.id))
            .join(DishStampRow, col(DishStampRow.dish_id) == col(DishRow.id))
            .where(*shown)
            .order_by(order, col(DishRow.id))
        )
        total = session.exec(select(func.count()).select_from(DishRow).where(*shown)).one()
        page = session.exec(query.limit(limit).offset(offset))
        return [key for key in page if key is not None], total

    def archived(self, session: Session) -> int:
        """How many are out of the way."""
        aside, there = col(DishRow.set_aside_at).is_not(None), col(DishRow.removed_at).is_(None)
        return session.exec(select(func.count()).where(aside, there)).one()

    def tags(self, session: Session) -> list[str]:
        """The tags of all dishes that are not out of the way, by name."""
        each = func.json_each(DishRow.tags).table_valued("value")
        query = select(each.c.value).select_from(DishRow).join(each, true()).where(*HERE)
        return sorted(session.exec(query.distinct()), key=str.casefold)

    def named(self, session: Session, words: str, limit: int) -> dict[int, str]:
        """Dishes whose name has all of these words in it, lately touched ones first."""
        query = (
            select(col(DishRow.id), DishRow.name)
            .join(DishStampRow, col(DishStampRow.dish_id) == col(DishRow.id))
            .where(*HERE, *_named_like(words))
            .order_by(col(DishStampRow.touched).desc())
        )
        return {key: name for key, name in session.exec(query.limit(limit)) if key is not None}


HERE: Final = (col(DishRow.set_aside_at).is_(None), col(DishRow.removed_at).is_(None))
"""Neither archived nor removed."""
DISHES: Final = Dishes(DishRow, Dish, "dish")


def _shown(wanted: DishesWanted) -> Iterator[ColumnElement[bool]]:
    aside = col(DishRow.set_aside_at).is_not(None)
    yield col(DishRow.removed_at).is_(None)
    yield aside if wanted.archived else ~aside
    yield from _named_like(wanted.search)
    if wanted.tag:
        tagged = func.json_each(DishRow.tags).table_valued("value")
        yield select(1).select_from(tagged).where(tagged.c.value == wanted.tag).exists()


def _named_like(search: str) -> Iterator[ColumnElement[bool]]:
    for word in search.split()[:MOST_WORDS]:
        yield col(DishRow.name).icontains(word, autoescape=True)
