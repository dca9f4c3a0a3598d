"""Blind tests of a dish: served by code, answered on the phone, told at the end."""

from collections.abc import Iterator
from datetime import datetime
from typing import Annotated

from pydantic import Field

from gasket.core.errors import FaultyInput, Refused
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.rebuild.trial import ShortName
from gasket.core.tasting.blind import (
    MOST_SEATS,
    BlindAnswer,
    BlindKind,
    BlindResult,
    Prospect,
    RandomBelow,
    Seat,
    prospect,
    result,
    serving_plan,
)
from gasket.store.books import Session
from gasket.store.books.blind_tests import (
    BLIND_TESTS,
    BlindTest,
    add_answer,
    answer_known,
    chosen_in,
    tests_of,
)
from gasket.store.books.book import plain
from gasket.store.books.dishes import DISHES

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


class PutAwayTest(Value):
    """Whether the test is put away."""

    removed: YesNo


def begin(
    session: Session, dish_id: int, new: NewBlindTest, draw: RandomBelow, now: datetime
) -> BlindSheet:
    """Draw codes and orders. Raises `FaultyInput` for two samples of one name."""
    DISHES.fetch(session, dish_id)
    a, b = new.name_a.strip(), new.name_b.strip()
    if not a or not b:
        raise FaultyInput.at("name_a" if not a else "name_b", "Say what this sample is.")
    if a.casefold() == b.casefold():
        raise FaultyInput.at("name_b", "Both samples have the same name.")
    test = BLIND_TESTS.add(
        session,
        dish_id=dish_id,
        kind=new.kind,
        name_a=a,
        name_b=b,
        stored_plan=plain(serving_plan(new.kind, new.seats, draw)),
        created_at=now,
    )
    return read(session, test.id)


def read(session: Session, test_id: int) -> BlindSheet:
    """Raises `Unknown`."""
    test = BLIND_TESTS.fetch(session, test_id)
    plan, chosen = test.plan, chosen_in(session, [test_id]).get(test_id, {})
    names, ended = (test.name_a, test.name_b), test.ended_at is not None
    return BlindSheet(
        id=test_id,
        dish_id=test.dish_id,
        dish=DISHES.fetch(session, test.dish_id).name,
        kind=test.kind,
        name_a=test.name_a,
        name_b=test.name_b,
        seats=tuple(
            CodedSeat(
                number=seat.number,
                codes=tuple(cup.code for cup in seat.cups),
                chosen=chosen.get(seat.number),
            )
            for seat in plan
        ),
        answered=len(chosen),
        prospect=prospect(test.kind, len(plan)),
        created_at=test.created_at,
        ended_at=test.ended_at,
        removed=test.removed_at is not None,
        key=tuple(_key(plan, names)) if ended else (),
        result=result(test.kind, plan, chosen, names) if ended else None,
    )


def of_dish(session: Session, dish_id: int) -> tuple[BlindSummary, ...]:
    """The dish's tests, newest first."""
    tests = tests_of(session, dish_id)
    answers = chosen_in(session, [test.id for test in tests])
    return tuple(_summary(test, answers.get(test.id, {})) for test in tests)


def _summary(test: BlindTest, chosen: dict[int, int]) -> BlindSummary:
    ended, names = test.ended_at is not None, (test.name_a, test.name_b)
    says = result(test.kind, test.plan, chosen, names).says if ended else ""
    return BlindSummary(
        id=test.id,
        kind=test.kind,
        name_a=test.name_a,
        name_b=test.name_b,
        seats=len(test.plan),
        answered=len(chosen),
        created_at=test.created_at,
        ended=ended,
        says=says,
    )


def answer(session: Session, test_id: int, given: BlindAnswer, now: datetime) -> BlindSheet:
    """Keep what was chosen at a seat; the last answer of a seat counts. Raises `FaultyInput` for a
    code that does not stand there, `Refused` once the test has ended."""
    test = BLIND_TESTS.fetch(session, test_id)
    if answer_known(session, given.id):
        return read(session, test_id)
    if test.ended_at is not None:
        raise Refused("This test has ended: the key has been shown.")
    seat = next((seat for seat in test.plan if seat.number == given.seat), None)
    if seat is None:
        raise FaultyInput.at("seat", f"There are {len(test.plan)} seats.")
    codes = [cup.code for cup in seat.cups]
    if given.code not in codes:
        there = ", ".join(map(str, codes[:-1])) + f" and {codes[-1]}"
        raise FaultyInput.at("code", f"Seat {seat.number} has {there}. Check the code.")
    add_answer(session, test_id, given, now)
    return read(session, test_id)


def end(session: Session, test_id: int, now: datetime) -> BlindSheet:
    """Show the key and the result. Raises `Refused` before anybody has answered."""
    test = BLIND_TESTS.fetch(session, test_id)
    if not chosen_in(session, [test_id]).get(test_id):
        raise Refused("Nobody has answered yet.")
    BLIND_TESTS.change(session, test, ended_at=test.ended_at or now)
    return read(session, test_id)


def cups(session: Session, test_id: int) -> BlindCups:
    """What goes into which cup, for whoever fills them and does not taste."""
    test = BLIND_TESTS.fetch(session, test_id)
    of = {"A": test.name_a, "B": test.name_b}
    fills: dict[str, list[int]] = {test.name_a: [], test.name_b: []}
    for seat in test.plan:
        for cup in seat.cups:
            fills[of[cup.sample]].append(cup.code)
    return BlindCups(
        fills=tuple(CupsOf(sample=name, codes=tuple(codes)) for name, codes in fills.items()),
        seats=tuple(_key(test.plan, (test.name_a, test.name_b))),
    )


def odd_codes(session: Session, test_id: int) -> dict[int, int]:
    """The odd one of each seat of a triangle: for whoever plays all the tasters."""
    return {seat.number: seat.odd for seat in BLIND_TESTS.fetch(session, test_id).plan}


def put(session: Session, test_id: int, wanted: PutAwayTest, now: datetime) -> BlindSheet:
    """Put a test away, or bring it back."""
    test = BLIND_TESTS.fetch(session, test_id)
    BLIND_TESTS.change(session, test, removed_at=now if wanted.removed else None)
    return read(session, test_id)


def _key(plan: tuple[Seat, ...], names: tuple[str, str]) -> Iterator[KeySeat]:
    for seat in plan:
        samples = tuple(names[0] if cup.sample == "A" else names[1] for cup in seat.cups)
        yield KeySeat(number=seat.number, samples=samples)
