"""A weighed batch as it is stored: its head, lines, records and panels."""

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property, partial

from gasket.core.errors import FaultyInput
from gasket.core.rebuild.family_signs import by_name
from gasket.core.reckoning.arms import mixture_of
from gasket.core.reckoning.batch import WeighedGrams as Part
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.trade.families import Family
from gasket.core.weighing.captures import Capture
from gasket.core.weighing.records import Record
from gasket.core.weighing.taking import recorded
from gasket.core.weighing.weigh_in import WeighIn, replay
from gasket.kitchen import settings
from gasket.kitchen.rebuild import drafts, originals
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, WEIGHINGS, BatchHead, called, lines_of
from gasket.store.books.dishes import DISHES, Dish
from gasket.store.books.shelf import LabelOnShelf, newest, shelved
from gasket.store.books.trials import TRIALS, Trial


@dataclass(frozen=True, kw_only=True)
class StoredBatch(WeighedBatch):
    """A weighed batch with its head, its trial and its dish. `number` says which state of it is
    stored, `shelved` is by label revision; `outdated` are revisions of made things that were
    corrected since this weigh-in was closed. `arms` are what it is divided into; an arm has the
    `whole` that it is of, whose foods are on its `shelved` as well."""

    number: int
    head: BatchHead
    trial: Trial
    dish: Dish
    shelved: dict[int, LabelOnShelf]
    house: settings.HouseSettings
    taken_for: Callable[[], Family | None]
    outdated: frozenset[int] = frozenset()
    arms: tuple[BatchHead, ...] = ()
    whole: "StoredBatch | None" = None

    @cached_property
    def family(self) -> Family | None:
        """As the cook said, or what the dish is taken for: read when it is asked for, since the
        scale has no use for it."""
        return self.trial.terms.family or self.taken_for()

    @property
    def letter(self) -> str:
        """What it is called: the trial's letter, with the arm."""
        return called(self.trial.letter, self.head.arm)

    def all_lines(self) -> Iterator[tuple["StoredBatch", WrittenLine]]:
        """Every line of what is in it, with the batch that it was weighed for."""
        if self.whole is not None:
            yield from self.whole.all_lines()
        yield from ((self, line) for line in self.lines)

    def after(self, captures: Sequence[Capture]) -> "StoredBatch":
        """The batch as it would be if these were recorded too."""
        made = self
        for capture in captures:
            made = made.followed_by(recorded(capture, made.state, self.head.started_at))
        return made


def read(session: Session, batch_id: int) -> StoredBatch:
    """The batch as it is stored now. Raises `Unknown`."""
    head = BATCHES.fetch(session, batch_id)
    return _read(session, head) if head.arm_of is None else _read_arm(session, head)


def _read_arm(session: Session, head: BatchHead) -> StoredBatch:
    own, whole = _read(session, head), read(session, head.arm_of or 0)
    parts = [part for arm in whole.arms if (part := part_of(session, arm)) is not None]
    return replace(
        own,
        mixture=mixture_of(whole.batch, parts, float(len(parts))),
        whole=whole,
        shelved={**whole.shelved, **own.shelved},
        original=own.original if head.original else whole.original,
    )


def part_of(session: Session, arm: BatchHead) -> Part | None:
    """What an arm has of the mixture: as it was weighed, or else as it is to be."""
    made = WeighedBatch(
        written=lines_of(session, arm.id),
        records=tuple(WEIGHINGS.of(session, arm.id)),
    )
    return made.part_of_mixture


def _read(session: Session, head: BatchHead) -> StoredBatch:
    trial = TRIALS.fetch(session, head.trial_id)
    dish = DISHES.fetch(session, trial.dish_id)
    lines = lines_of(session, head.id)
    records = tuple(WEIGHINGS.of(session, head.id))
    house = settings.read(session)
    state = replay(records, to_weigh(lines))
    on_shelf = shelved(session, _revisions(lines, state))
    return StoredBatch(
        written=lines,
        records=records,
        replayed=state,
        panels={key: food.panel for key, food in on_shelf.items()},
        settings=house.reckoning,
        portions=head.portions,
        divided=head.dividing,
        original=originals.kept(head.original, session, dish),
        eaten=head.eaten,
        as_it_came=head.imported,
        number=BATCHES.number(session, head.id),
        head=head,
        trial=trial,
        dish=dish,
        shelved=on_shelf,
        house=house,
        taken_for=partial(_taken_for, session, trial, dish),
        outdated=frozenset(_outdated(session, on_shelf)) if head.closed_at else frozenset(),
        arms=tuple(BATCHES.arms_of(session, head.id)),
    )


def _outdated(session: Session, there: Mapping[int, LabelOnShelf]) -> Iterator[int]:
    made_here = {key: food for key, food in there.items() if food.package.made_from is not None}
    current = newest(session, {food.label_id for food in made_here.values()})
    for key, food in made_here.items():
        if current[food.label_id].id != key:
            yield key


def _taken_for(session: Session, trial: Trial, dish: Dish) -> Family | None:
    """The family that the dish's name says, or else its trial's lines."""
    if (key := by_name(dish.name)) is not None:
        return key
    try:
        return drafts.draft(session, trial.id).piece.build.terms.family
    except FaultyInput:
        return None


def read_on(session: Session, batch: StoredBatch, record: Record) -> StoredBatch:
    """The batch once `record`, which is stored now, followed what was read before."""
    alone = batch.whole is None and not batch.arms
    if alone and (record.line is None or record.line in batch.state.lines):
        later = batch.followed_by(record)
        if _revisions(later.written, later.state) <= later.shelved.keys():
            number = BATCHES.number(session, batch.head.id)
            return replace(later, number=number, replayed=later.state)
    return read(session, batch.head.id)


def pieces_of(session: Session, batch_id: int) -> list[float]:
    """What the pieces of a batch weighed, without reckoning it; empty unless all of them did."""
    head = BATCHES.fetch(session, batch_id)
    state = replay(WEIGHINGS.of(session, batch_id), to_weigh(lines_of(session, batch_id)))
    grams = [piece.grams for _, piece in sorted(state.portions.items())]
    return grams if len(grams) == head.portions else []


def _revisions(lines: Sequence[WrittenLine], state: WeighIn) -> set[int]:
    """Those that the batch began with, whatever became of the labels, and those that went in."""
    planned = {line.revision_id for line in lines if line.revision_id}
    return planned | {line.revision_id for line in state.lines.values() if line.revision_id}
