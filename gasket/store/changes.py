"""What a transaction changes, collected while it is written.

Each table says once, in `_ENTAILS`, what a changed row of it entails. From that come the numbers of
the states that calculated figures are kept beside, and what the pages have to read again: a use
case remembers none of it. A table that is missing here is a fault when Gasket starts; a statement
that changes many rows at once, past the session, is refused unless it is declared.
"""

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, field
from typing import Any, Final, Literal

from sqlalchemy import event, inspect
from sqlalchemy.orm import ORMExecuteState
from sqlmodel import Session, SQLModel

from gasket.store import kept_tables, stamps, tables, taste_tables
from gasket.store.stamps import Owner, Reach

HousePart = Literal["shelf", "stock", "timers", "photos", "blind", "swaps", "tasters", "settings"]
"""What there is one of in a house, as pages show it."""
Entailed = tuple[Reach, int | str] | HousePart
_SET: Final = "changes"


@dataclass(frozen=True)
class ChangeNote:
    """What is shown otherwise since a transaction: these dishes with their trials, these batches,
    and these things of the house."""

    dishes: frozenset[int] = frozenset()
    batches: frozenset[int] = frozenset()
    things: frozenset[HousePart] = frozenset()


@dataclass(frozen=True)
class _Row:
    """A row that was changed; `columns` which of it, all of them where it is new or gone."""

    of: Any
    columns: frozenset[str] | None

    def has_changed(self, columns: frozenset[str]) -> bool:
        """Whether one of these columns of a row that was there before is another now."""
        return self.columns is not None and bool(self.columns & columns)


_OF_ITS_FIGURES: Final = frozenset(("stored_terms", "stored_steps", "portions", "copied_from"))
_OF_ITS_BATCHES: Final = frozenset(("stored_terms", "stored_steps", "letter", "dish_id"))
_OF_WHAT_USES_IT: Final = frozenset(("name", "stored_facts", "kind"))
_NAME: Final = frozenset(("name",))


def _dish(row: _Row) -> Iterator[Entailed]:
    """Its name and original are part of its batches; its name tells its trials' family."""
    yield "dish", row.of.id
    if row.columns is not None:
        yield "batches of dish", row.of.id
    if row.has_changed(_NAME):
        yield "trials of dish", row.of.id


def _trial(row: _Row) -> Iterator[Entailed]:
    """Its family, goal and steps are part of its batches."""
    yield "dish of trial", row.of.id
    yield "shown of trial", row.of.id
    if row.has_changed(_OF_ITS_FIGURES):
        yield "trial alone", row.of.id
    if row.has_changed(_OF_ITS_BATCHES):
        yield "batches of trial", row.of.id


def _batch(row: _Row) -> Iterator[Entailed]:
    yield "batch", row.of.id
    yield "shown of trial", row.of.trial_id


def _food(row: _Row) -> Iterator[Entailed]:
    """What it is called, its kind and its measures are part of whatever it is in."""
    yield "shelf"
    if row.has_changed(_OF_WHAT_USES_IT):
        yield "uses of food", row.of.id


def _version(row: _Row) -> Iterator[Entailed]:
    yield "shelf"
    yield "uses of label", row.of.label_id


def _cook(row: _Row) -> Iterator[Entailed]:
    """Without a batch it is a timer of the house."""
    yield "timers"
    if row.of.batch_id is not None:
        yield "batch", row.of.batch_id


def _tasting(row: _Row) -> Iterator[Entailed]:
    yield "shown of dish", row.of.dish_id
    if row.of.batch_id is not None:
        yield "shown of batch", row.of.batch_id


def _part(reach: Reach, column: str, *things: HousePart) -> Callable[[_Row], Iterator[Entailed]]:
    def entails(row: _Row) -> Iterator[Entailed]:
        yield reach, getattr(row.of, column)
        yield from things

    return entails


def _of_the_house(*things: HousePart) -> Callable[[_Row], Iterator[Entailed]]:
    return lambda _row: iter(things)


_NO_PAGE: Final = _of_the_house()
"""Kept for Gasket itself."""
_ENTAILS: Final[Mapping[type[SQLModel], Callable[[_Row], Iterator[Entailed]]]] = {
    tables.DishRow: _dish,
    tables.TrialRow: _trial,
    tables.ComponentRow: _part("trial", "trial_id"),
    tables.LineRow: _part("trial", "trial_id"),
    tables.ChosenFoodRow: _NO_PAGE,
    tables.PendingLineRow: _part("shown of trial", "trial_id"),
    tables.BatchRow: _batch,
    tables.BatchLineRow: _part("batch", "batch_id"),
    tables.WeighingRow: _part("batch", "batch_id"),
    tables.CookRow: _cook,
    tables.StockRow: _part("batch", "batch_id"),
    tables.FoodRow: _food,
    tables.LabelRow: _of_the_house("shelf"),
    tables.LabelRevisionRow: _version,
    tables.RejectedSwapRow: _part("shown of dish", "dish_id"),
    tables.OwnSwapRow: _of_the_house("swaps"),
    tables.SettingRow: _of_the_house("settings"),
    tables.MendedRow: _part("shown of dish", "dish_id"),
    tables.SentRow: _NO_PAGE,
    taste_tables.TasterRow: _of_the_house("tasters"),
    taste_tables.TastingRow: _tasting,
    taste_tables.PhotoRow: _part("shown of batch", "batch_id", "photos"),
    taste_tables.FullnessRow: _part("shown of tasting", "tasting"),
    taste_tables.RejectedProposalRow: _part("shown of dish", "dish_id"),
    taste_tables.BlindTestRow: _of_the_house("blind"),
    taste_tables.BlindAnswerRow: _of_the_house("blind"),
    kept_tables.DishStampRow: _NO_PAGE,
    kept_tables.TrialStampRow: _NO_PAGE,
    kept_tables.BatchStampRow: _NO_PAGE,
    kept_tables.KeptDishRow: _NO_PAGE,
    kept_tables.KeptTrialRow: _NO_PAGE,
    kept_tables.KeptBatchRow: _NO_PAGE,
}
_TABLES: Final = {vars(row)["__tablename__"] for row in _ENTAILS}
if _FORGOTTEN := SQLModel.metadata.tables.keys() - _TABLES:
    raise TypeError(f"What does a changed row of {', '.join(sorted(_FORGOTTEN))} entail?")
_OWNERS: Final[Mapping[type[SQLModel], Owner]] = {
    tables.DishRow: "dish",
    tables.TrialRow: "trial",
    tables.BatchRow: "batch",
}


@dataclass
class _ChangeSet:
    """All that one transaction has entailed so far."""

    shown: dict[Owner, set[int]] = field(
        default_factory=lambda: {owner: set() for owner in stamps.OWNERS}
    )
    things: set[HousePart] = field(default_factory=set)


def follow(session: Session) -> None:
    """Collect what is changed in a session, from now on."""
    session.info[_SET] = _ChangeSet()
    event.listen(session, "after_flush", _flushed)
    event.listen(session, "do_orm_execute", _refuse_past_the_session)


def changed_in(session: Session) -> ChangeNote:
    """What is shown otherwise by what was changed in a session so far."""
    changes: _ChangeSet = session.info[_SET]
    shown = {owner: frozenset(keys) for owner, keys in changes.shown.items()}
    return ChangeNote(shown["dish"], shown["batch"], frozenset(changes.things))


def declare(session: Session, *entailed: Entailed) -> None:
    """Say what a statement entails that writes rows past the session."""
    changes: _ChangeSet = session.info.setdefault(_SET, _ChangeSet())
    for each in dict.fromkeys(entailed):
        if isinstance(each, str):
            changes.things.add(each)
            continue
        for owner, keys in stamps.raise_numbers(session.connection(), *each):
            changes.shown[owner] |= keys


def _flushed(session: Session, _context: object) -> None:
    changed = [_Row(row, None) for row in (*session.new, *session.deleted)]
    changed += [_Row(row, columns) for row in session.dirty if (columns := _columns(row))]
    for row in session.new:
        if owner := _OWNERS.get(type(row)):
            stamps.begin(session.connection(), owner, row.id)
    declare(session, *(each for row in changed for each in _ENTAILS[type(row.of)](row)))
    for row in session.deleted:
        if owner := _OWNERS.get(type(row)):
            stamps.end(session.connection(), owner, row.id)


def _columns(row: object) -> frozenset[str]:
    """The columns of a row that another value was put into."""
    return frozenset(each.key for each in inspect(row).attrs if each.history.has_changes())


def _refuse_past_the_session(state: ORMExecuteState) -> None:
    """Rows that are changed by a statement are in no flush."""
    if state.is_select or state.bind_mapper is None:
        return
    if _ENTAILS[state.bind_mapper.class_] is not _NO_PAGE:
        raise TypeError(f"{state.bind_mapper.class_.__name__} is changed past the session.")
