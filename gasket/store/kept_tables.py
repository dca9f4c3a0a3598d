"""Calculated figures as they are kept, and the numbers of the states that they are of."""

from typing import Any

from sqlalchemy import JSON, Column
from sqlmodel import Field, SQLModel

from gasket.store.tables import json_field


class DishStampRow(SQLModel, table=True):
    """Which state of a dish is stored: `number` grows with every change of anything that its
    figures come from, `touched` (over all dishes) with what was done to the dish itself.

    See `gasket.store.stamps`.
    """

    __tablename__ = "dish_stamp"

    dish_id: int | None = Field(default=None, primary_key=True)
    number: int = 1
    touched: int = Field(default=0, index=True)


class BatchStampRow(SQLModel, table=True):
    """Which state of a batch is stored, as `DishStampRow` for a dish."""

    __tablename__ = "batch_stamp"

    batch_id: int | None = Field(default=None, primary_key=True)
    number: int = 1


class KeptDishRow(SQLModel, table=True):
    """What was calculated of a dish, and from what: state, settings, rules."""

    __tablename__ = "kept_dish"

    dish_id: int | None = Field(default=None, primary_key=True)
    number: int
    house: str
    rules: str
    figures: dict[str, Any] = json_field("figures")


class KeptBatchRow(SQLModel, table=True):
    """What was calculated of a batch, as `KeptDishRow` for a dish. `on_hand` when something of it
    is put away; `before` is what older rules made of the very same state, where that differs."""

    __tablename__ = "kept_batch"

    batch_id: int | None = Field(default=None, primary_key=True)
    number: int
    house: str
    rules: str
    on_hand: bool = Field(default=False, index=True)
    figures: dict[str, Any] = json_field("figures")
    before: dict[str, Any] | None = Field(default=None, sa_column=Column(JSON))


class TrialStampRow(SQLModel, table=True):
    """Which state of a trial is stored: it grows with all that its planned figures and what it
    changed come from, as `DishStampRow`."""

    __tablename__ = "trial_stamp"

    trial_id: int | None = Field(default=None, primary_key=True)
    number: int = 1


class KeptTrialRow(SQLModel, table=True):
    """What was calculated of a trial as it is planned, as `KeptDishRow` for a dish."""

    __tablename__ = "kept_trial"

    trial_id: int | None = Field(default=None, primary_key=True)
    number: int
    house: str
    rules: str
    figures: dict[str, Any] = json_field("figures")
