"""Photos of a batch by stage: kept in the kitchen itself, so that they are in every copy of it."""

from collections.abc import Sequence
from datetime import datetime
from typing import Final, Literal, get_args

from sqlmodel import Session, col, select

from gasket.core.errors import FaultyInput, Refused, Unknown
from gasket.core.numbers import Answer, Value, YesNo
from gasket.formats.pictures import Picture
from gasket.store import rows
from gasket.store.tables import BatchRow, TrialRow
from gasket.store.taste_tables import PhotoRow

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
    rows.fetch(session, BatchRow, batch_id)
    stored = session.exec(select(PhotoRow.batch_id).where(PhotoRow.sent_id == key)).first()
    if stored is not None and stored != batch_id:
        raise Refused("This photo belongs to another batch.")
    if stored is None:
        if len(of_batch(session, batch_id)) >= MOST_A_BATCH:
            raise FaultyInput.at("photo", f"{MOST_A_BATCH} photos of one batch are the most.")
        session.add(
            PhotoRow(
                sent_id=key,
                batch_id=batch_id,
                stage=stage,
                width=taken.width,
                height=taken.height,
                jpeg=taken.jpeg,
                at=now,
            )
        )
        session.flush()
    return of_batch(session, batch_id)


def of_batch(session: Session, batch_id: int) -> tuple[Photo, ...]:
    """The photos of a batch, in the order of the stages, the newest of a stage first."""
    rows.fetch(session, BatchRow, batch_id)
    return _photos(session, [batch_id])


def of_trial(session: Session, trial_id: int) -> tuple[Photo, ...]:
    """The photos of all batches of a trial."""
    rows.fetch(session, TrialRow, trial_id)
    query = select(BatchRow.id).where(BatchRow.trial_id == trial_id, *rows.here(BatchRow))
    return _photos(session, [key for key in session.exec(query) if key is not None])


def _photos(session: Session, batch_ids: Sequence[int]) -> tuple[Photo, ...]:
    names = [name for name in Photo.model_fields if name != "id"]
    columns = [col(getattr(PhotoRow, name)) for name in ("id", *names)]
    query = select(*columns).where(
        col(PhotoRow.batch_id).in_(batch_ids), col(PhotoRow.removed_at).is_(None)
    )
    found = [
        Photo.model_validate(dict(row)) for row in session.connection().execute(query).mappings()
    ]
    found.sort(key=lambda photo: (PHOTO_STAGES.index(photo.stage), -photo.id))
    return tuple(found)


def jpeg_of(session: Session, photo_id: int) -> bytes:
    """The picture itself, of a deleted one too: it may be brought back. Raises `Unknown`."""
    return _fetch(session, photo_id).jpeg


def put(session: Session, photo_id: int, edit: PhotoEdit, now: datetime) -> tuple[Photo, ...]:
    """Delete a photo or bring it back, put it on the card or take it off."""
    row = _fetch(session, photo_id)
    if edit.removed is not None:
        row.removed_at = now if edit.removed else None
    if edit.on_card is not None:
        row.on_card = edit.on_card
    session.add(row)
    session.flush()
    return of_batch(session, row.batch_id)


def _fetch(session: Session, photo_id: int) -> PhotoRow:
    row = session.get(PhotoRow, photo_id) if 0 < photo_id <= rows.MOST_ID else None
    if row is None:
        raise Unknown("photo", photo_id)
    return row
