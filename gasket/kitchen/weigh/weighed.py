"""A weighed batch read from its rows: lines, records and panels as values."""

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property, partial
from typing import cast

from sqlmodel import Session, col, select

from gasket.core.errors import FaultyInput
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.family_signs import by_name
from gasket.core.reckoning.arms import mixture_of
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.batch import Weighed as Part
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.eaten import Eaten
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.trade.families import Family
from gasket.core.trade.kinds import FoodKind
from gasket.core.weighing.captures import Capture
from gasket.core.weighing.records import Record
from gasket.core.weighing.taking import recorded
from gasket.core.weighing.weigh_in import WeighIn, replay
from gasket.kitchen import settings
from gasket.kitchen.rebuild import drafts, originals
from gasket.store import rows
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    DishRow,
    FoodRow,
    LabelRevisionRow,
    LabelRow,
    TrialRow,
)


@dataclass(frozen=True)
class Shelved:
    """What the shelf says of a label revision that a batch uses."""

    panel: Label
    package: Package
    label_id: int
    food_id: int
    kind: FoodKind


@dataclass(frozen=True, kw_only=True)
class Weighed(WeighedBatch):
    """A weighed batch with the rows that it was read from. `number` says which state of it is
    stored, `shelved` is by label revision; `outdated` are revisions of made things that were
    corrected since this weigh-in was closed. `arms` are what it is divided into; an arm has the
    `whole` that it is of, whose foods are on its `shelved` as well."""

    number: int
    row: BatchRow
    trial: TrialRow
    dish: DishRow
    shelved: dict[int, Shelved]
    house: settings.HouseSettings
    taken_for: Callable[[], Family | None]
    outdated: frozenset[int] = frozenset()
    arms: tuple[BatchRow, ...] = ()
    whole: "Weighed | None" = None

    @cached_property
    def family(self) -> Family | None:
        """As the cook said, or what the dish is taken for: read when it is asked for, since the
        scale has no use for it."""
        return rows.terms_of(self.trial).family or self.taken_for()

    @property
    def letter(self) -> str:
        """What it is called: the trial's letter, with the arm."""
        return rows.called(self.trial.letter, self.row.arm)

    def all_lines(self) -> Iterator[tuple["Weighed", WrittenLine]]:
        """Every line of what is in it, with the batch that it was weighed for."""
        if self.whole is not None:
            yield from self.whole.all_lines()
        yield from ((self, line) for line in self.lines)

    def after(self, captures: Sequence[Capture]) -> "Weighed":
        """The batch as it would be if these were recorded too."""
        made = self
        for capture in captures:
            made = made.followed_by(recorded(capture, made.state, self.row.started_at))
        return made


def lines_of(found: Sequence[BatchLineRow]) -> tuple[WrittenLine, ...]:
    """The lines of a batch as values."""
    return tuple(
        WrittenLine(
            id=rows.key_of(row),
            component=row.component,
            target_g=row.target_g,
            revision_id=row.revision_id,
            of_component=row.of_component,
            count=row.count,
            key=row.key,
            planned=row.planned,
            bowl=row.bowl,
            way="out_of" if row.way == "out_of" else "into",
            scale=row.scale,
            poured_with=row.poured_with,
            until=row.until,
        )
        for row in found
    )


def read(session: Session, batch_id: int) -> Weighed:
    """The batch as it is stored now. Raises `Unknown`."""
    row = rows.fetch(session, BatchRow, batch_id)
    return _read(session, row) if row.arm_of is None else _read_arm(session, row)


def _read_arm(session: Session, row: BatchRow) -> Weighed:
    own, whole = _read(session, row), read(session, row.arm_of or 0)
    parts = [part for arm in whole.arms if (part := part_of(session, arm)) is not None]
    return replace(
        own,
        mixture=mixture_of(whole.batch, parts, float(len(parts))),
        whole=whole,
        shelved={**whole.shelved, **own.shelved},
        original=own.original if row.original else whole.original,
    )


def part_of(session: Session, arm: BatchRow) -> Part | None:
    """What an arm has of the mixture: as it was weighed, or else as it is to be."""
    key = rows.key_of(arm)
    made = WeighedBatch(
        written=lines_of(rows.batch_lines(session, key)),
        records=tuple(rows.records_of(session, key)),
    )
    return made.part_of_mixture


def _read(session: Session, row: BatchRow) -> Weighed:
    batch_id = rows.key_of(row)
    trial = rows.fetch(session, TrialRow, row.trial_id)
    dish = rows.fetch(session, DishRow, trial.dish_id)
    lines = lines_of(rows.batch_lines(session, batch_id))
    records = tuple(rows.records_of(session, batch_id))
    house = settings.read(session)
    state = replay(records, to_weigh(lines))
    there = shelved(session, _revisions(lines, state))
    return Weighed(
        written=lines,
        records=records,
        replayed=state,
        panels={key: food.panel for key, food in there.items()},
        settings=house.reckoning,
        portions=row.portions,
        divided=Dividing.model_validate(row.dividing) if row.dividing else None,
        original=originals.kept(row.original, session, dish),
        eaten={name: Eaten.model_validate(share) for name, share in row.eaten.items()},
        as_it_came=Batch.model_validate(row.imported) if row.imported else None,
        number=rows.batch_number(session, batch_id),
        row=row,
        trial=trial,
        dish=dish,
        shelved=there,
        house=house,
        taken_for=partial(_taken_for, session, trial, dish),
        outdated=frozenset(_outdated(session, there)) if row.closed_at else frozenset(),
        arms=tuple(rows.arms_of(session, batch_id)),
    )


def _outdated(session: Session, there: Mapping[int, Shelved]) -> Iterator[int]:
    made_here = {key: food for key, food in there.items() if food.package.made_from is not None}
    newest = rows.newest_revisions(session, {food.label_id for food in made_here.values()})
    for key, food in made_here.items():
        if rows.key_of(newest[food.label_id]) != key:
            yield key


def _taken_for(session: Session, trial: TrialRow, dish: DishRow) -> Family | None:
    """The family that the dish's name says, or else its trial's lines."""
    if (key := by_name(dish.name)) is not None:
        return key
    try:
        return drafts.draft(session, rows.key_of(trial)).piece.build.terms.family
    except FaultyInput:
        return None


def read_on(session: Session, made: Weighed, record: Record) -> Weighed:
    """The batch once `record`, which is stored now, followed what was read before."""
    alone = made.whole is None and not made.arms
    if alone and (record.line is None or record.line in made.state.lines):
        later = made.followed_by(record)
        if _revisions(later.written, later.state) <= later.shelved.keys():
            number = rows.batch_number(session, rows.key_of(made.row))
            return replace(later, number=number, replayed=later.state)
    return read(session, rows.key_of(made.row))


def pieces_of(session: Session, batch_id: int) -> list[float]:
    """What the pieces of a batch weighed, without reckoning it; empty unless all of them did."""
    row = rows.fetch(session, BatchRow, batch_id)
    lines = lines_of(rows.batch_lines(session, batch_id))
    state = replay(rows.records_of(session, batch_id), to_weigh(lines))
    grams = [piece.grams for _, piece in sorted(state.portions.items())]
    return grams if len(grams) == row.portions else []


def _revisions(lines: Sequence[WrittenLine], state: WeighIn) -> set[int]:
    """Those that the batch began with, whatever became of the labels, and those that went in."""
    planned = {line.revision_id for line in lines if line.revision_id}
    return planned | {line.revision_id for line in state.lines.values() if line.revision_id}


def shelved(session: Session, ids: set[int]) -> dict[int, Shelved]:
    """What the shelf says of label revisions."""
    query = (
        select(LabelRevisionRow, FoodRow)
        .join(LabelRow, col(LabelRow.id) == col(LabelRevisionRow.label_id))
        .join(FoodRow, col(FoodRow.id) == col(LabelRow.food_id))
        .where(col(LabelRevisionRow.id).in_(ids))
    )
    return {
        rows.key_of(row): Shelved(
            panel=rows.label_of(row),
            package=rows.package_of(row),
            label_id=row.label_id,
            food_id=rows.key_of(food),
            kind=cast("FoodKind", food.kind),
        )
        for row, food in session.exec(query)
    }
