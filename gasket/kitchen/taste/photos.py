"""Photos of a batch by stage: kept in the kitchen itself, so that they are in every copy of it."""

from collections.abc import Sequence
from datetime import datetime
from typing import Final, Literal, get_args

from gasket.core.errors import FaultyInput, Refused
from gasket.core.numbers import Answer, Value, YesNo
from gasket.formats.pictures import Picture
from gasket.store.books import Session
from gasket.store.books import photos as photo_book
from gasket.store.books.batches import BATCHES
from gasket.store.books.photos import PHOTOS, photos_of
from gasket.store.books.trials import TRIALS

PhotoStage = Literal["mixture", "top", "cut", "plate"]
PHOTO_STAGES: Final[tuple[PhotoStage, ...]] = get_args(PhotoStage)
MOST_A_BATCH: Final = 40


class Photo(Answer):
    """A photo without its picture. `on_card` when it is shown on the card."""

    id: int
    batch_id: int
    stage: PhotoStage
    width: int
    height: int
    at: datetime
    on_card: bool


class PhotoEdit(Value):
    """Whether the photo is deleted, whether it is on the card."""

    removed: YesNo | None = None
    on_card: YesNo | None = None


def add(
    session: Session, batch_id: int, stage: PhotoStage, key: str, taken: Picture, now: datetime
) -> tuple[Photo, ...]:
    """Keep a photo; the same `key` again changes nothing. The batch's photos."""
    BATCHES.fetch(session, batch_id)
    stored = photo_book.sent_as(session, key)
    if stored is not None and stored.batch_id != batch_id:
        raise Refused("This photo belongs to another batch.")
    if stored is None:
        if len(of_batch(session, batch_id)) >= MOST_A_BATCH:
            raise FaultyInput.at("photo", f"{MOST_A_BATCH} photos of one batch are the most.")
        size = {"width": taken.width, "height": taken.height, "jpeg": taken.jpeg}
        PHOTOS.add(session, sent_id=key, batch_id=batch_id, stage=stage, at=now, **size)
    return of_batch(session, batch_id)


def of_batch(session: Session, batch_id: int) -> tuple[Photo, ...]:
    """The photos of a batch, in the order of the stages, the newest of a stage first."""
    BATCHES.fetch(session, batch_id)
    return _photos(session, [batch_id])


def of_trial(session: Session, trial_id: int) -> tuple[Photo, ...]:
    """The photos of all batches of a trial."""
    TRIALS.fetch(session, trial_id)
    made = BATCHES.of_trials(session, [trial_id])[trial_id]
    return _photos(session, [batch.id for batch in made if batch.is_here])


def _photos(session: Session, batch_ids: Sequence[int]) -> tuple[Photo, ...]:
    photos = [
        Photo.model_validate({name: getattr(head, name) for name in Photo.model_fields})
        for head in photos_of(session, batch_ids)
    ]
    photos.sort(key=lambda photo: (PHOTO_STAGES.index(photo.stage), -photo.id))
    return tuple(photos)


def jpeg_of(session: Session, photo_id: int) -> bytes:
    """The picture itself, of a deleted one too: it may be brought back. Raises `Unknown`."""
    return photo_book.jpeg_of(session, PHOTOS.fetch(session, photo_id))


def put(session: Session, photo_id: int, edit: PhotoEdit, now: datetime) -> tuple[Photo, ...]:
    """Delete a photo or bring it back, put it on the card or take it off."""
    photo = PHOTOS.fetch(session, photo_id)
    if edit.removed is not None:
        photo = PHOTOS.change(session, photo, removed_at=now if edit.removed else None)
    if edit.on_card is not None:
        PHOTOS.change(session, photo, on_card=edit.on_card)
    return of_batch(session, photo.batch_id)
