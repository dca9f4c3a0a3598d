"""The shelf as it is kept: foods, their packages, and every version of a package's label."""

import json
from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import UTC, datetime
from functools import cached_property
from typing import Any, Final, cast

from sqlalchemy import ColumnElement
from sqlmodel import Session, col, func, select

from gasket.core.errors import Unknown
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.trade.kinds import FoodKind
from gasket.store import changes, search
from gasket.store.books.book import MOST_ID, Book, FromRow, plain
from gasket.store.tables import FoodRow, LabelRevisionRow, LabelRow

MatchedBy = search.MatchedBy
find_foods = search.find
every_name = search.every_name
FoodTexts = search.FoodTexts
MOST_GENERIC: Final = 60


@dataclass(frozen=True, kw_only=True)
class Food(FromRow):
    """A named ingredient. `kind` is what it is in a build, stated or guessed; it is `typical` when
    none of its packages is the cook's own."""

    id: int
    name: str
    stored_facts: dict[str, Any]
    typical: bool
    kind: str
    version: int
    used_at: datetime | None
    removed_at: datetime | None
    created_at: datetime

    @cached_property
    def facts(self) -> FoodFacts:
        return FoodFacts.model_validate(self.stored_facts)


@dataclass(frozen=True, kw_only=True)
class LabelVersion(FromRow):
    """A package's label as it was printed from a day on: never changed, so that batches keep
    theirs. `package` is the rest of the package as it was then."""

    id: int
    label_id: int
    number: int
    stored_panel: dict[str, Any]
    stored_package: dict[str, Any]
    created_at: datetime

    @cached_property
    def label(self) -> Label:
        return Label.model_validate(self.stored_panel)

    @cached_property
    def package(self) -> Package:
        return Package.model_validate(self.stored_package)


@dataclass(frozen=True, kw_only=True)
class PackageHead:
    """One package of a food, without its label."""

    id: int
    food_id: int
    version: int
    removed_at: datetime | None


@dataclass(frozen=True)
class PackageOnShelf:
    """One package of a food with its label as it stands now."""

    head: PackageHead
    printed: LabelVersion


@dataclass(frozen=True)
class LabelOnShelf:
    """What the shelf says of a version of a label that a batch uses."""

    panel: Label
    package: Package
    label_id: int
    food_id: int
    kind: FoodKind


_THERE: Final = col(FoodRow.removed_at).is_(None)


def _there(*, own_only: bool) -> tuple[ColumnElement[bool], ...]:
    """Foods that are not removed; `own_only` without those that have typical values alone."""
    return (_THERE, col(FoodRow.typical).is_(False)) if own_only else (_THERE,)


class Foods(Book[Food]):
    """All foods of the shelf."""

    def there(self, session: Session) -> list[Food]:
        """Every food that is not removed, oldest first."""
        return self.all(session, _THERE)

    def ids_by_name(self, session: Session, *, own_only: bool) -> list[int]:
        """The ids of all foods by name; `own_only` without those that have typical values alone."""
        query = select(col(FoodRow.id)).where(*_there(own_only=own_only))
        rows = session.exec(query.order_by(col(FoodRow.name), col(FoodRow.id)))
        return [key for key in rows if key is not None]

    def in_order(self, session: Session, keys: Sequence[int]) -> list[Food]:
        """The foods of these ids, in their order."""
        by_id = self.each(session, keys)
        return [by_id[key] for key in keys if key in by_id]

    def lately_used(
        self, session: Session, limit: int, offset: int, *, own_only: bool = False
    ) -> tuple[list[Food], int]:
        """A page of all foods, lately used ones first, then by name; and how many there are."""
        wanted = _there(own_only=own_only)
        total = session.exec(select(func.count()).select_from(FoodRow).where(*wanted)).one()
        order = (
            *(col(FoodRow.used_at).is_(None), col(FoodRow.used_at).desc()),
            *(func.lower(FoodRow.name), col(FoodRow.id)),
        )
        query = self.columns.where(*wanted).order_by(*order).limit(limit).offset(offset)
        return self.read(session, query), total

    def used(self, session: Session, keys: Iterable[int]) -> dict[int, datetime]:
        """When each of these foods was last used; without those that never were."""
        query = select(col(FoodRow.id), col(FoodRow.used_at)).where(
            col(FoodRow.id).in_(list(keys)), col(FoodRow.used_at).is_not(None)
        )
        return {key: at for key, at in session.exec(query) if key is not None and at is not None}

    def of_kinds(
        self, session: Session, kinds: Iterable[FoodKind], keys: Iterable[int], most: int
    ) -> list[Food]:
        """Foods of these kinds or ids: the cook's own first, lately used ones before the rest."""
        wanted = col(FoodRow.kind).in_(list(kinds)) | col(FoodRow.id).in_(list(keys))
        order = (
            *(col(FoodRow.typical), col(FoodRow.used_at).desc().nulls_last()),
            *(col(FoodRow.name),),
        )
        query = self.columns.where(_THERE, wanted).order_by(*order)
        return self.read(session, query.limit(most))

    def generic(self, session: Session, kind: FoodKind) -> list[Food]:
        """Foods of a kind that stand on the shelf with typical values alone."""
        query = self.columns.where(_THERE, col(FoodRow.typical), col(FoodRow.kind) == kind)
        return self.read(session, query.order_by(col(FoodRow.id)).limit(MOST_GENERIC))

    def called(self, session: Session, names: Iterable[str]) -> list[Food]:
        """The foods of these very names."""
        return self.all(session, col(FoodRow.name).in_(list(names)))

    def use(self, session: Session, label_ids: Iterable[int], now: datetime) -> None:
        """Note that these labels' foods were used now."""
        of_labels = select(LabelRow.food_id).where(col(LabelRow.id).in_(list(label_ids)))
        for food in self.all(session, col(FoodRow.id).in_(of_labels)):
            self.change(session, food, used_at=now)

    def list_as(
        self,
        session: Session,
        food: Food,
        *,
        typical: bool,
        kind: FoodKind,
        packages: Sequence[str],
    ) -> Food:
        """Keep how a food is listed, and by what it is found: not at all once it is removed."""
        search.unindex(session, [food.id])
        if food.removed_at is None:
            words = search.FoodNames(food.id, food.name, food.facts.aliases, packages)
            search.index(session, [words])
        return self.change(session, food, typical=typical, kind=kind)


FOODS: Final = Foods(FoodRow, Food, "food")
PACKAGES: Final = Book(LabelRow, PackageHead, "label")
PRINTED: Final = Book(LabelRevisionRow, LabelVersion, "version of a label")
_IS_NEWEST: Final = col(LabelRevisionRow.number) == (
    select(func.max(LabelRevisionRow.number))
    .where(col(LabelRevisionRow.label_id) == col(LabelRow.id))
    .correlate(LabelRow)
    .scalar_subquery()
)


def packages(session: Session, label_ids: Iterable[int]) -> list[PackageOnShelf]:
    """These packages with their labels as they stand now, removed ones too, oldest first."""
    wanted = [key for key in label_ids if 0 < key <= MOST_ID]
    return _packages(session, col(LabelRow.id).in_(wanted))


def packages_of(session: Session, food_ids: Iterable[int]) -> list[PackageOnShelf]:
    """The packages of these foods, removed ones too, oldest first."""
    return _packages(session, col(LabelRow.food_id).in_(list(food_ids)))


def packages_there(session: Session) -> list[PackageOnShelf]:
    """Every package of the shelf that is not removed, oldest first."""
    return _packages(session, col(LabelRow.removed_at).is_(None))


def _packages(session: Session, where: ColumnElement[bool]) -> list[PackageOnShelf]:
    query = (
        PACKAGES.columns.add_columns(*PRINTED.selected)
        .join(LabelRevisionRow, col(LabelRevisionRow.label_id) == col(LabelRow.id))
        .where(where, _IS_NEWEST)
        .order_by(col(LabelRow.id))
    )
    of_head = len(PACKAGES.names)
    return [
        PackageOnShelf(PACKAGES.of(row[:of_head]), PRINTED.of(row[of_head:]))
        for row in session.execute(query)
    ]


def newest(session: Session, label_ids: Iterable[int]) -> dict[int, LabelVersion]:
    """The label of each of these packages as it stands now, by package."""
    return {each.head.id: each.printed for each in packages(session, label_ids)}


def newest_of(session: Session, label_id: int) -> LabelVersion:
    """The label of a package as it stands now. Raises `Unknown`."""
    version = newest(session, [label_id]).get(label_id)
    if version is None:
        raise Unknown("label", label_id)
    return version


def versions(session: Session, label_id: int) -> list[LabelVersion]:
    """Every version of a package's label, oldest first. Raises `Unknown`."""
    PACKAGES.fetch(session, label_id)
    query = PRINTED.columns.where(col(LabelRevisionRow.label_id) == label_id)
    return PRINTED.read(session, query.order_by(col(LabelRevisionRow.number)))


def printed_as(session: Session, names: Iterable[str]) -> list[LabelVersion]:
    """Every version whose package has one of these names."""
    name = col(LabelRevisionRow.stored_panel)["name"].as_string()
    return PRINTED.all(session, name.in_(list(names)))


def kept_from(session: Session, batch_id: int) -> list[PackageOnShelf]:
    """The packages that a batch, or a part of one, was kept as."""
    made_from = func.json_extract(LabelRevisionRow.stored_package, "$.made_from")
    ever = select(LabelRevisionRow.label_id).where(made_from == batch_id).distinct()
    on_shelf = _packages(session, col(LabelRow.id).in_(ever))
    return [each for each in on_shelf if each.printed.package.made_from == batch_id]


def shelved(session: Session, version_ids: Iterable[int]) -> dict[int, LabelOnShelf]:
    """What the shelf says of versions of labels, by version."""
    query = (
        PRINTED.columns.add_columns(col(FoodRow.id), col(FoodRow.kind))
        .join(LabelRow, col(LabelRow.id) == col(LabelRevisionRow.label_id))
        .join(FoodRow, col(FoodRow.id) == col(LabelRow.food_id))
        .where(col(LabelRevisionRow.id).in_(list(version_ids)))
    )
    by_version = {}
    for *row, food_id, kind in session.execute(query):
        printed = PRINTED.of(row)
        by_version[printed.id] = LabelOnShelf(
            panel=printed.label,
            package=printed.package,
            label_id=printed.label_id,
            food_id=food_id,
            kind=cast("FoodKind", kind),
        )
    return by_version


def fingerprint(session: Session) -> tuple[int, ...]:
    """Changes whenever anything on the shelf does."""
    figures = (
        func.count(col(FoodRow.id)),
        func.coalesce(func.sum(FoodRow.version), 0),
        func.count(col(FoodRow.removed_at)),
    )
    of_foods = [session.exec(select(figure)).one() for figure in figures]
    last = session.exec(select(func.max(LabelRevisionRow.id))).one() or 0
    gone = session.exec(select(func.count(col(LabelRow.removed_at)))).one()
    return (*of_foods, last, gone)


# Writing


@dataclass(frozen=True)
class Version:
    """A version of a package's label that is to be written: what is printed, as JSON."""

    label_id: int
    number: int
    panel: str
    package: str

    @classmethod
    def of(cls, label_id: int, number: int, label: Label, package: Package) -> "Version":
        return cls(label_id, number, json.dumps(plain(label)), json.dumps(plain(package)))


def write_versions(session: Session, given: Iterable[Version], now: datetime) -> None:
    """Write versions of labels down: the only place where it is done. A package of which this is
    not the first one is changed by it."""
    session.flush()
    at = now.astimezone(UTC).strftime("%Y-%m-%d %H:%M:%S.%f")
    connection, later = session.connection(), []
    rows = []
    for each in given:
        rows.append((each.label_id, each.number, each.panel, each.package, at))
        if each.number > 1:
            later.append((each.label_id,))
    if rows:
        connection.exec_driver_sql(
            "INSERT INTO label_revision (label_id, number, panel, package, created_at)"
            " VALUES (?, ?, ?, ?, ?)",
            rows,
        )
    if later:
        connection.exec_driver_sql("UPDATE label SET version = version + 1 WHERE id = ?", later)
    changes.declare(session, "shelf", *(("uses of label", label_id) for (label_id,) in later))


def add_package(
    session: Session, food_id: int, label: Label, package: Package, now: datetime
) -> int:
    """A package of a food with the first version of its label: its id."""
    (key,) = add_packages(session, [(food_id, label, package)], now)
    return key


def add_packages(
    session: Session, given: Sequence[tuple[int, Label, Package]], now: datetime
) -> list[int]:
    """Packages of foods, each with the first version of its label: their ids, in order."""
    heads = [LabelRow(food_id=food_id, created_at=now) for food_id, _, _ in given]
    session.add_all(heads)
    session.flush()
    keys = [head.id or 0 for head in heads]
    first = [
        Version.of(key, 1, label, package)
        for key, (_, label, package) in zip(keys, given, strict=True)
    ]
    write_versions(session, first, now)
    return keys


def add_version(
    session: Session, label_id: int, label: Label, package: Package, now: datetime
) -> bool:
    """Whether this differs from the label as it stands; it is then its newest version."""
    stands = newest_of(session, label_id)
    if stands.label == label and stands.package == package:
        return False
    write_versions(session, [Version.of(label_id, stands.number + 1, label, package)], now)
    return True
