"""Photos as they are kept: in the kitchen itself, so that every copy of it has them."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime
from typing import Final

from sqlmodel import Session, col, select

from gasket.store.books.book import Book
from gasket.store.taste_tables import PhotoRow


@dataclass(frozen=True, kw_only=True)
class PhotoHead:
    """A photo without its picture."""

    id: int
    sent_id: str
    batch_id: int
    stage: str
    width: int
    height: int
    on_card: bool
    at: datetime
    removed_at: datetime | None


PHOTOS: Final = Book(PhotoRow, PhotoHead, "photo")


def photos_of(session: Session, batch_ids: Iterable[int]) -> list[PhotoHead]:
    """The photos of these batches that are not removed, oldest first."""
    there = col(PhotoRow.removed_at).is_(None)
    return PHOTOS.all(session, col(PhotoRow.batch_id).in_(list(batch_ids)), there)


def sent_as(session: Session, sent_id: str) -> PhotoHead | None:
    """The photo that was sent with this key, of whatever batch."""
    return next(iter(PHOTOS.all(session, col(PhotoRow.sent_id) == sent_id)), None)


def jpeg_of(session: Session, photo: PhotoHead) -> bytes:
    """The picture itself."""
    return session.exec(select(PhotoRow.jpeg).where(PhotoRow.id == photo.id)).one()
