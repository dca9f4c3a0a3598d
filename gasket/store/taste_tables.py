"""The tables of tasting: who tastes, what was said, blind tests, proposals that were rejected."""

from datetime import datetime
from typing import Any

from sqlalchemy import Column, LargeBinary, UniqueConstraint
from sqlmodel import Field, SQLModel

from gasket.store.tables import json_field, time_field


class TasterRow(SQLModel, table=True):
    """Somebody who tastes in this house. One who is removed keeps what was said."""

    __tablename__ = "taster"

    id: int | None = Field(default=None, primary_key=True)
    name: str
    removed_at: datetime | None = time_field(nullable=True)
    created_at: datetime = time_field()


class TastingRow(SQLModel, table=True):
    """Append-only: one tasting of a batch, or of the dish's original. `sheet` is a
    `gasket.core.tasting.marks.TastingSheet`; one that is archived counts no more."""

    __tablename__ = "tasting"

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    batch_id: int | None = Field(default=None, foreign_key="batch.id", index=True)
    taster_id: int = Field(foreign_key="taster.id", index=True)
    stored_sheet: dict[str, Any] = json_field("sheet")
    at: datetime = time_field(index=True)
    archived_at: datetime | None = time_field(nullable=True)


class PhotoRow(SQLModel, table=True):
    """A photo of a batch: `jpeg` is scaled and carries nothing beside the picture. Kept in the
    database, so that every copy and backup has it, and none is left behind."""

    __tablename__ = "photo"

    id: int | None = Field(default=None, primary_key=True)
    sent_id: str = Field(unique=True)
    batch_id: int = Field(foreign_key="batch.id", index=True)
    stage: str
    width: int
    height: int
    jpeg: bytes = Field(sa_column=Column(LargeBinary, nullable=False))
    on_card: bool = False
    at: datetime = time_field()
    removed_at: datetime | None = time_field(nullable=True)


class FullnessRow(SQLModel, table=True):
    """Append-only: how full it still was, hours after a tasting."""

    __tablename__ = "fullness_record"

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    tasting: str = Field(foreign_key="tasting.id", index=True)
    after_h: int
    answer: str
    mark: str | None = None
    at: datetime = time_field()


class RejectedProposalRow(SQLModel, table=True):
    """A proposal for the next trial that the cook does not want in this dish."""

    __tablename__ = "rejected_proposal"
    __table_args__ = (UniqueConstraint("dish_id", "proposal"),)

    id: int | None = Field(default=None, primary_key=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    proposal: str
    title: str = ""
    created_at: datetime = time_field()


class BlindTestRow(SQLModel, table=True):
    """A blind test of two samples. `plan` are `gasket.core.tasting.blind.Seat`; what the samples
    are is not told before it has ended."""

    __tablename__ = "blind_test"

    id: int | None = Field(default=None, primary_key=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    kind: str
    name_a: str
    name_b: str
    stored_plan: list[dict[str, Any]] = json_field("plan", list)
    created_at: datetime = time_field()
    ended_at: datetime | None = time_field(nullable=True)
    removed_at: datetime | None = time_field(nullable=True)


class BlindAnswerRow(SQLModel, table=True):
    """Append-only: the code that was chosen at a seat, or taken back; the last one counts."""

    __tablename__ = "blind_answer"

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    test_id: int = Field(foreign_key="blind_test.id", index=True)
    seat: int
    code: int
    taster_id: int | None = Field(default=None, foreign_key="taster.id")
    taken_back: bool = Field(default=False, sa_column_kwargs={"server_default": "0"})
    at: datetime = time_field()
