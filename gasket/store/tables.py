"""The tables. A row is the only second form of a core value."""

from datetime import UTC, datetime
from typing import Any

from sqlalchemy import JSON, Column, DateTime, Index, LargeBinary, TypeDecorator, UniqueConstraint
from sqlalchemy.engine import Dialect
from sqlmodel import Field, SQLModel

from gasket.core.weighing.records import ONE_SCALE


class UtcTime(TypeDecorator[datetime]):
    """Aware UTC in Python, naive UTC in SQLite."""

    impl = DateTime
    cache_ok = True

    def process_bind_param(self, value: datetime | None, _dialect: Dialect) -> datetime | None:
        return value.astimezone(UTC).replace(tzinfo=None) if value else None

    def process_result_value(self, value: datetime | None, _dialect: Dialect) -> datetime | None:
        return value.replace(tzinfo=UTC) if value else None


def time_field(nullable: bool = False, index: bool = False) -> Any:
    return Field(default=None, sa_column=Column(UtcTime, nullable=nullable, index=index))


def json_field(name: str, empty: type[dict[str, Any]] | type[list[Any]] = dict) -> Any:
    """A column of JSON: its attribute is called `stored_…`, so that nobody takes it for the value
    that is read from it."""
    column = Column(name, JSON, nullable=False, server_default=str(empty()))
    return Field(default_factory=empty, sa_column=column)


class DishRow(SQLModel, table=True):
    """A dish with one serving of its original.

    `original_from` says whether its figures were typed or come from its ingredients, the trial
    that `is_original`; `reference` names the reference amount that it is eaten as. What is set
    aside, a dish, a trial or a batch, is out of the way and found by a
    filter; what is removed is found nowhere, but can be brought back, and what uses it can read it.
    """

    __tablename__ = "dish"

    id: int | None = Field(default=None, primary_key=True)
    name: str
    original_name: str = ""
    source_note: str = ""
    serving_g: float | None = None
    kcal: float | None = None
    protein_g: float | None = None
    carbohydrate_g: float | None = None
    fat_g: float | None = None
    original_from: str = "figures"
    reference: str | None = None
    tags: list[str] = json_field("tags", list)
    version: int = 1
    set_aside_at: datetime | None = time_field(nullable=True)
    removed_at: datetime | None = time_field(nullable=True)
    created_at: datetime = time_field()


class FoodRow(SQLModel, table=True):
    """A named ingredient on the shelf. `facts` is a `gasket.core.label.food.FoodFacts`.

    `kind` is what it is in a build, stated or guessed, kept for finding foods of a kind.
    """

    __tablename__ = "food"

    id: int | None = Field(default=None, primary_key=True)
    name: str = Field(index=True)
    stored_facts: dict[str, Any] = json_field("facts")
    typical: bool = False
    kind: str = Field(default="other", index=True)
    version: int = 1
    used_at: datetime | None = time_field(nullable=True)
    removed_at: datetime | None = time_field(nullable=True)
    created_at: datetime = time_field()


class LabelRow(SQLModel, table=True):
    """One package of a food. Its panel is in its newest revision."""

    __tablename__ = "label"

    id: int | None = Field(default=None, primary_key=True)
    food_id: int = Field(foreign_key="food.id", index=True)
    version: int = 1
    removed_at: datetime | None = time_field(nullable=True)
    created_at: datetime = time_field()


class LabelRevisionRow(SQLModel, table=True):
    """A panel as it was printed from a day on: never changed, so that batches keep theirs.

    `package` is the rest of the package as it was then, a `gasket.core.label.package.Package`.
    """

    __tablename__ = "label_revision"
    __table_args__ = (UniqueConstraint("label_id", "number"),)

    id: int | None = Field(default=None, primary_key=True)
    label_id: int = Field(foreign_key="label.id", index=True)
    number: int
    stored_panel: dict[str, Any] = json_field("panel")
    stored_package: dict[str, Any] = json_field("package")
    created_at: datetime = time_field()


class TrialRow(SQLModel, table=True):
    """One attempt at a dish: A, B, C …, or the original entered as ingredients.

    `terms` is a `gasket.core.rebuild.trial.Terms`; `copied_from` is the trial that it began as;
    `steps` are `gasket.core.cooking.steps.Step`, `verdict` is a
    `gasket.core.tasting.verdict.Verdict`, each with a version of its own.
    """

    __tablename__ = "trial"
    __table_args__ = (UniqueConstraint("dish_id", "letter"),)

    id: int | None = Field(default=None, primary_key=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    letter: str
    intent: str = ""
    portions: int = 1
    stored_terms: dict[str, Any] = json_field("terms")
    is_original: bool = False
    copied_from: int | None = Field(default=None, foreign_key="trial.id")
    stored_steps: list[dict[str, Any]] = json_field("steps", list)
    steps_version: int = 1
    stored_verdict: dict[str, Any] = json_field("verdict")
    verdict_version: int = 1
    version: int = 1
    set_aside_at: datetime | None = time_field(nullable=True)
    removed_at: datetime | None = time_field(nullable=True)
    created_at: datetime = time_field()


class ComponentRow(SQLModel, table=True):
    __tablename__ = "component"
    __table_args__ = (
        UniqueConstraint("trial_id", "position"),
        UniqueConstraint("trial_id", "name"),
    )

    id: int | None = Field(default=None, primary_key=True)
    trial_id: int = Field(foreign_key="trial.id", index=True)
    position: int
    name: str


class LineRow(SQLModel, table=True):
    """Target grams of a label, or of another component of the trial.

    `key` is its id in the build, `terms` what the cook says of it: off, locked, bounds, why, what
    it stands for.
    """

    __tablename__ = "line"
    __table_args__ = (
        UniqueConstraint("component_id", "position"),
        UniqueConstraint("trial_id", "key"),
    )

    id: int | None = Field(default=None, primary_key=True)
    trial_id: int = Field(foreign_key="trial.id")
    component_id: int = Field(foreign_key="component.id")
    position: int
    key: str
    label_id: int | None = Field(default=None, foreign_key="label.id", index=True)
    of_component: str | None = None
    target_g: float
    count: float | None = None
    how: str = ""
    stored_terms: dict[str, Any] = json_field("terms")


class RejectedSwapRow(SQLModel, table=True):
    """A swap that the cook does not want in a dish, and why."""

    __tablename__ = "rejected_swap"
    __table_args__ = (UniqueConstraint("dish_id", "swap"),)

    id: int | None = Field(default=None, primary_key=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    swap: str
    reason: str = ""
    created_at: datetime = time_field()


class OwnSwapRow(SQLModel, table=True):
    """A swap of the cook's own. `swap` is a `gasket.core.swaps.model.Swap` without its key."""

    __tablename__ = "own_swap"

    id: int | None = Field(default=None, primary_key=True)
    stored_swap: dict[str, Any] = json_field("swap")
    created_at: datetime = time_field()


class ChosenFoodRow(SQLModel, table=True):
    """Which package of which food the cook chose for words that may mean several, how often in a
    row, and when last. `words` are a line's without its amount, in one spelling and order."""

    __tablename__ = "chosen_food"

    id: int | None = Field(default=None, primary_key=True)
    words: str = Field(index=True, unique=True)
    food_id: int = Field(foreign_key="food.id", index=True)
    label_id: int = Field(foreign_key="label.id", index=True)
    times: int = 1
    chosen_at: datetime = time_field()


class PendingLineRow(SQLModel, table=True):
    """A line of a pasted list that no food on the shelf matched: kept for later."""

    __tablename__ = "pending_line"

    id: int | None = Field(default=None, primary_key=True)
    trial_id: int = Field(foreign_key="trial.id", index=True)
    text: str
    created_at: datetime = time_field()


class BatchRow(SQLModel, table=True):
    """One time that a trial is made.

    `free` when nothing was planned; `nudge` is by how many divisions the tolerance was moved;
    `original` is a `gasket.core.reckoning.batch.Original` as it was when the batch began, `steps`
    the trial's as they were when cooking began; `dividing` is a
    `gasket.core.reckoning.dividing.Dividing`, `finishes` are
    `gasket.kitchen.weigh.finishes.Finish`, `eaten` the trial's `gasket.core.reckoning.eaten.Eaten`
    by component, as they were when the batch began. An arm is a part of the batch `arm_of`, called
    `arm`; `arm_differs` by something that no weight tells (a liner, another oven).
    """

    __tablename__ = "batch"

    id: int | None = Field(default=None, primary_key=True)
    trial_id: int = Field(foreign_key="trial.id", index=True)
    portions: int = 1
    hands_free: bool = True
    free: bool = False
    nudge: int = 0
    stored_original: dict[str, Any] | None = Field(default=None, sa_column=Column("original", JSON))
    stored_imported: dict[str, Any] | None = Field(default=None, sa_column=Column("imported", JSON))
    stored_steps: list[dict[str, Any]] | None = Field(default=None, sa_column=Column("steps", JSON))
    stored_dividing: dict[str, Any] = json_field("dividing")
    stored_finishes: list[dict[str, Any]] = json_field("finishes", list)
    stored_eaten: dict[str, Any] = json_field("eaten")
    arm_of: int | None = Field(default=None, foreign_key="batch.id", index=True)
    arm: str = ""
    arm_differs: bool = False
    version: int = 1
    set_aside_at: datetime | None = time_field(nullable=True)
    removed_at: datetime | None = time_field(nullable=True)
    started_at: datetime = time_field()
    closed_at: datetime | None = time_field(nullable=True)


class BatchLineRow(SQLModel, table=True):
    """A line as it was planned when the batch began, with the panel that it is weighed with.

    `key` is the build line that it came from; without `planned` it came in on the way. `bowl`,
    `way` and `scale` say how it is weighed, `poured_with` in one pour with which other line,
    `until` the cue that tells when it is right.
    """

    __tablename__ = "batch_line"
    __table_args__ = (UniqueConstraint("batch_id", "key"),)

    id: int | None = Field(default=None, primary_key=True)
    batch_id: int = Field(foreign_key="batch.id")
    position: int
    component: str
    revision_id: int | None = Field(default=None, foreign_key="label_revision.id", index=True)
    of_component: str | None = None
    target_g: float
    count: float | None = None
    key: str | None = None
    planned: bool = True
    bowl: str = ""
    way: str = "into"
    scale: str | None = None
    poured_with: int | None = Field(default=None, foreign_key="batch_line.id")
    until: str = ""


class WeighingRow(SQLModel, table=True):
    """Append-only: what the scale showed or the cook said, in the order in which it was stored."""

    __tablename__ = "weighing"

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    batch_id: int = Field(foreign_key="batch.id", index=True)
    kind: str
    line: int | None = Field(default=None, foreign_key="batch_line.id")
    piece: int | None = None
    gross_g: float | None = None
    tare_g: float = 0.0
    tare_record: str | None = None
    net_g: float | None = None
    low_g: float | None = None
    high_g: float | None = None
    mode: str = "gross"
    division_g: float = 1.0
    stable: bool = True
    origin: str = "scale"
    undoes: str | None = None
    scale: str = ONE_SCALE
    way: str = "into"
    bowl: str = ""
    count: float | None = None
    seen: str | None = None
    label_id: int | None = None
    revision_id: int | None = Field(default=None, foreign_key="label_revision.id", index=True)
    factor: float | None = None
    scope: str | None = None
    note: str = ""
    at: datetime = time_field()


class CookRow(SQLModel, table=True):
    """Append-only: what was done at the stove and seen in the oven; without a batch a timer."""

    __tablename__ = "cook_record"
    __table_args__ = (Index("ix_cook_record_at", "at", "batch_id"),)

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    batch_id: int | None = Field(default=None, foreign_key="batch.id", index=True)
    deed: str
    step: str | None = None
    minutes: float | None = None
    temperature_c: float | None = None
    held_s: float = 0.0
    oven_c: float | None = None
    note: str = ""
    undoes: str | None = None
    at: datetime = time_field()


class StockRow(SQLModel, table=True):
    """Append-only: servings of a batch put away, eaten, given, binned, moved, drawn."""

    __tablename__ = "stock_record"

    sequence: int | None = Field(default=None, primary_key=True)
    id: str = Field(unique=True)
    batch_id: int = Field(foreign_key="batch.id", index=True)
    move: str
    amount: float | None = None
    part: str = ""
    place: str | None = None
    to: str | None = None
    note: str = ""
    undoes: str | None = None
    at: datetime = time_field()


class SettingRow(SQLModel, table=True):
    __tablename__ = "setting"

    key: str = Field(primary_key=True)
    value: Any = Field(sa_column=Column(JSON))


class MendedRow(SQLModel, table=True):
    """A dish whose rows could not be read any more, as it was before it was mended."""

    __tablename__ = "mended"

    id: int | None = Field(default=None, primary_key=True)
    dish_id: int = Field(foreign_key="dish.id", index=True)
    stored_before: dict[str, Any] = json_field("before")
    at: datetime = time_field()


class SentRow(SQLModel, table=True):
    """A request to write that carried a key of its sender, and what was answered: sent again it is
    answered the same and writes nothing. `answer` is compressed JSON."""

    __tablename__ = "sent"

    key: str = Field(primary_key=True)
    request: str
    status: int
    answer: bytes = Field(sa_column=Column(LargeBinary, nullable=False))
    at: datetime = time_field(index=True)
