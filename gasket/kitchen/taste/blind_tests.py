"""Blind tests of a dish: served by code, answered on the phone, told at the end."""

from collections.abc import Iterator
from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.errors import FaultyInput, Refused, Unknown
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.rebuild.trial import ShortName
from gasket.core.tasting.blind import (
    MOST_SEATS,
    BlindAnswer,
    BlindKind,
    BlindResult,
    Draw,
    Prospect,
    Seat,
    prospect,
    result,
    serving_plan,
)
from gasket.store import rows
from gasket.store.tables import DishRow
from gasket.store.taste_tables import BlindAnswerRow, BlindTestRow

Seats = Annotated[int, Field(strict=True, ge=1, le=MOST_SEATS)]


class NewBlindTest(Value):
    """Two samples, and how many are to taste."""

    kind: BlindKind
    name_a: ShortName
    name_b: ShortName
    seats: Seats


class CodedSeat(Answer):
    """What stands before a taster, from left to right; `chosen` is what was answered there."""

    number: int
    codes: tuple[int, ...]
    chosen: int | None


class KeySeat(Answer):
    """What it was, once the test has ended."""

    number: int
    samples: tuple[str, ...]


class CupsOf(Answer):
    """The codes of the cups that one sample goes into."""

    sample: str
    codes: tuple[int, ...]


class BlindCups(Answer):
    """The key, for whoever fills the cups: codes by sample, and what stands at each seat."""

    fills: tuple[CupsOf, ...]
    seats: tuple[KeySeat, ...]


class BlindSheet(Answer):
    """A blind test. The samples behind the codes (`key`) and the result are told once it has
    ended."""

    id: int
    dish_id: int
    dish: str
    kind: BlindKind
    name_a: str
    name_b: str
    seats: tuple[CodedSeat, ...]
    answered: int
    prospect: Prospect
    created_at: datetime
    ended_at: datetime | None
    removed: bool
    key: tuple[KeySeat, ...]
    result: BlindResult | None


class BlindSummary(Answer):
    """A blind test in a list."""

    id: int
    kind: BlindKind
    name_a: str
    name_b: str
    seats: int
    answered: int
    created_at: datetime
    ended: bool
    says: str


class BlindWhether(Value):
    """Whether the test is put away."""

    removed: YesNo


def begin(
    session: Session, dish_id: int, new: NewBlindTest, draw: Draw, now: datetime
) -> BlindSheet:
    """Draw codes and orders. Raises `FaultyInput` for two samples of one name."""
    rows.fetch(session, DishRow, dish_id)
    a, b = new.name_a.strip(), new.name_b.strip()
    if not a or not b:
        raise FaultyInput.at("name_a" if not a else "name_b", "Say what this sample is.")
    if a.casefold() == b.casefold():
        raise FaultyInput.at("name_b", "Both samples have the same name.")
    plan = serving_plan(new.kind, new.seats, draw)
    row = BlindTestRow(
        dish_id=dish_id,
        kind=new.kind,
        name_a=a,
        name_b=b,
        plan=[seat.model_dump() for seat in plan],
        created_at=now,
    )
    session.add(row)
    session.flush()
    return read(session, row.id or 0)


def read(session: Session, test_id: int) -> BlindSheet:
    """Raises `Unknown`."""
    row = _fetch(session, test_id)
    dish = rows.fetch(session, DishRow, row.dish_id)
    plan, chosen = _plan(row), _chosen(session, [test_id]).get(test_id, {})
    kind = _kind(row)
    names = (row.name_a, row.name_b)
    ended = row.ended_at is not None
    return BlindSheet(
        id=test_id,
        dish_id=row.dish_id,
        dish=dish.name,
        kind=kind,
        name_a=row.name_a,
        name_b=row.name_b,
        seats=tuple(
            CodedSeat(
                number=seat.number,
                codes=tuple(cup.code for cup in seat.cups),
                chosen=chosen.get(seat.number),
            )
            for seat in plan
        ),
        answered=len(chosen),
        prospect=prospect(kind, len(plan)),
        created_at=row.created_at,
        ended_at=row.ended_at,
        removed=row.removed_at is not None,
        key=tuple(_key(plan, names)) if ended else (),
        result=result(kind, plan, chosen, names) if ended else None,
    )


def of_dish(session: Session, dish_id: int) -> tuple[BlindSummary, ...]:
    """The dish's tests, newest first."""
    query = select(BlindTestRow).where(BlindTestRow.dish_id == dish_id)
    query = query.where(col(BlindTestRow.removed_at).is_(None))
    found = list(session.exec(query.order_by(col(BlindTestRow.id).desc())))
    answers = _chosen(session, [row.id or 0 for row in found])
    return tuple(_summary(row, answers.get(row.id or 0, {})) for row in found)


def _summary(row: BlindTestRow, chosen: dict[int, int]) -> BlindSummary:
    plan, ended = _plan(row), row.ended_at is not None
    says = result(_kind(row), plan, chosen, (row.name_a, row.name_b)).says if ended else ""
    return BlindSummary(
        id=row.id or 0,
        kind=_kind(row),
        name_a=row.name_a,
        name_b=row.name_b,
        seats=len(plan),
        answered=len(chosen),
        created_at=row.created_at,
        ended=ended,
        says=says,
    )


def answer(session: Session, test_id: int, given: BlindAnswer, now: datetime) -> BlindSheet:
    """Keep what was chosen at a seat; the last answer of a seat counts. Raises `FaultyInput` for a
    code that does not stand there, `Refused` once the test has ended."""
    row = _fetch(session, test_id)
    if rows.appended(session, BlindAnswerRow, given.id) is not None:
        return read(session, test_id)
    if row.ended_at is not None:
        raise Refused("This test has ended: the key has been shown.")
    seat = next((seat for seat in _plan(row) if seat.number == given.seat), None)
    if seat is None:
        raise FaultyInput.at("seat", f"There are {len(row.plan)} seats.")
    codes = [cup.code for cup in seat.cups]
    if given.code not in codes:
        there = ", ".join(map(str, codes[:-1])) + f" and {codes[-1]}"
        raise FaultyInput.at("code", f"Seat {seat.number} has {there}. Check the code.")
    session.add(BlindAnswerRow(test_id=test_id, at=now, **given.model_dump()))
    session.flush()
    return read(session, test_id)


def end(session: Session, test_id: int, now: datetime) -> BlindSheet:
    """Show the key and the result. Raises `Refused` before anybody has answered."""
    row = _fetch(session, test_id)
    if not _chosen(session, [test_id]).get(test_id):
        raise Refused("Nobody has answered yet.")
    row.ended_at = row.ended_at or now
    session.add(row)
    session.flush()
    return read(session, test_id)


def cups(session: Session, test_id: int) -> BlindCups:
    """What goes into which cup, for whoever fills them and does not taste."""
    row = _fetch(session, test_id)
    plan, names = _plan(row), (row.name_a, row.name_b)
    of = {"A": row.name_a, "B": row.name_b}
    fills: dict[str, list[int]] = {row.name_a: [], row.name_b: []}
    for seat in plan:
        for cup in seat.cups:
            fills[of[cup.sample]].append(cup.code)
    return BlindCups(
        fills=tuple(CupsOf(sample=name, codes=tuple(codes)) for name, codes in fills.items()),
        seats=tuple(_key(plan, names)),
    )


def odd_codes(session: Session, test_id: int) -> dict[int, int]:
    """The odd one of each seat of a triangle: for whoever plays all the tasters."""
    return {seat.number: seat.odd for seat in _plan(_fetch(session, test_id))}


def put(session: Session, test_id: int, whether: BlindWhether, now: datetime) -> BlindSheet:
    """Put a test away, or bring it back."""
    row = _fetch(session, test_id)
    row.removed_at = now if whether.removed else None
    session.add(row)
    session.flush()
    return read(session, test_id)


def _fetch(session: Session, test_id: int) -> BlindTestRow:
    row = session.get(BlindTestRow, test_id) if 0 < test_id <= rows.MOST_ID else None
    if row is None:
        raise Unknown("blind test", test_id)
    return row


def _kind(row: BlindTestRow) -> BlindKind:
    return "triangle" if row.kind == "triangle" else "preference"


def _plan(row: BlindTestRow) -> tuple[Seat, ...]:
    return tuple(Seat.model_validate(seat) for seat in row.plan)


def _chosen(session: Session, test_ids: list[int]) -> dict[int, dict[int, int]]:
    """The last code of each seat, by test."""
    found: dict[int, dict[int, int]] = {}
    query = select(BlindAnswerRow).where(col(BlindAnswerRow.test_id).in_(test_ids))
    for given in session.exec(query.order_by(col(BlindAnswerRow.sequence))):
        seats = found.setdefault(given.test_id, {})
        if given.taken_back:
            seats.pop(given.seat, None)
        else:
            seats[given.seat] = given.code
    return found


def _key(plan: tuple[Seat, ...], names: tuple[str, str]) -> Iterator[KeySeat]:
    for seat in plan:
        samples = tuple(names[0] if cup.sample == "A" else names[1] for cup in seat.cups)
        yield KeySeat(number=seat.number, samples=samples)
