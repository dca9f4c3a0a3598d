"""Blind tests: which is the odd one, which is preferred.

Triangle test: three coded samples, two alike; by chance one in three finds the odd one (ISO 4120).
Paired preference: two coded samples; without a preference one in two picks either (ISO 5495).
Both by the exact binomial distribution, at a level of 5 %.
"""

from collections.abc import Callable, Iterable, Sequence
from math import comb
from typing import Annotated, Final, Literal, TypeVar

from pydantic import Field

from gasket.core.numbers import Answer, SentId, Value, YesNo

BlindKind = Literal["triangle", "preference"]
Sample = Literal["A", "B"]
LEVEL: Final = 0.05
POWER: Final = 0.8
MOST_SEATS: Final = 60
CODES: Final = range(100, 1000)
ORDERS: Final[dict[BlindKind, tuple[str, ...]]] = {
    "triangle": ("AAB", "ABA", "BAA", "BBA", "BAB", "ABB"),
    "preference": ("AB", "BA"),
}
CHANCE: Final[dict[BlindKind, float]] = {"triangle": 1 / 3, "preference": 0.5}
T = TypeVar("T")
RandomBelow = Callable[[int], int]
"""A whole number from 0 on that is below the given one, at random."""


class Cup(Value):
    """One coded sample."""

    code: int
    sample: Sample


class Seat(Value):
    """What one taster is served, from left to right."""

    number: int
    cups: tuple[Cup, ...]

    @property
    def odd(self) -> int:
        """The code of the sample that is there once (triangle)."""
        samples = [cup.sample for cup in self.cups]
        return next(cup.code for cup in self.cups if samples.count(cup.sample) == 1)


def serving_plan(kind: BlindKind, seats: int, draw: RandomBelow) -> tuple[Seat, ...]:
    """So many seats: each order as often as any other (one more at most), in random turn; every
    cup with a three-digit code of its own."""
    orders: list[str] = []
    while len(orders) < seats:
        orders += _shuffled(ORDERS[kind], draw)
    codes = _shuffled(CODES, draw)
    plan, at = [], 0
    for number, order in enumerate(_shuffled(orders[:seats], draw), start=1):
        cups = tuple(
            Cup(code=code, sample="A" if sample == "A" else "B")
            for sample, code in zip(order, codes[at : at + len(order)], strict=True)
        )
        plan.append(Seat(number=number, cups=cups))
        at += len(order)
    return tuple(plan)


def _shuffled(given: Iterable[T], draw: RandomBelow) -> list[T]:
    """Fisher and Yates."""
    turned = list(given)
    for last in range(len(turned) - 1, 0, -1):
        other = draw(last + 1)
        turned[last], turned[other] = turned[other], turned[last]
    return turned


class BlindAnswer(Value):
    """The code that a taster chose at a seat, or takes back: then the seat is open again. `id` is
    made by the sender."""

    id: SentId
    seat: Annotated[int, Field(strict=True, ge=1, le=MOST_SEATS)]
    code: Annotated[int, Field(strict=True)]
    taster_id: int | None = None
    taken_back: YesNo = False


def at_least(hits: int, of: int, chance: float) -> float:
    """The probability of so many hits or more."""
    return sum(comb(of, k) * chance**k * (1 - chance) ** (of - k) for k in range(hits, of + 1))


def p_value(kind: BlindKind, hits: int, of: int) -> float:
    """Of so many hits (odd ones found; choices of A) where there is nothing to tell: one-sided for
    the triangle, two-sided for the preference."""
    if kind == "triangle":
        return at_least(hits, of, CHANCE[kind])
    return min(1.0, 2 * at_least(max(hits, of - hits), of, CHANCE[kind]))


def needed(kind: BlindKind, of: int) -> int | None:
    """The fewest hits that show something at the level of 5 %; None where not even all would."""
    enough = (k for k in range(of + 1) if 2 * k >= of and p_value(kind, k, of) <= LEVEL)
    return next(enough, None)


def smallest_shown(kind: BlindKind, of: int) -> float | None:
    """The smallest difference that so many tasters would show in 8 of 10 tests: the share of people
    who can really tell (triangle), the share that prefers one (preference)."""
    least = needed(kind, of)
    if least is None:
        return None
    low, high = CHANCE[kind], 1.0
    for _ in range(60):
        middle = (low + high) / 2
        low, high = (low, middle) if _power(kind, least, of, middle) >= POWER else (middle, high)
    return (high - CHANCE[kind]) / (1 - CHANCE[kind]) if kind == "triangle" else high


def _power(kind: BlindKind, least: int, of: int, hit: float) -> float:
    power = at_least(least, of, hit)
    return power if kind == "triangle" else power + at_least(least, of, 1 - hit)


class Prospect(Answer):
    """What so many tasters could show at all, before it starts."""

    seats: int
    needed: int | None
    smallest: float | None
    says: str


def prospect(kind: BlindKind, seats: int) -> Prospect:
    """How many of the seats must agree, and how small a difference so many could show."""
    least, smallest = needed(kind, seats), smallest_shown(kind, seats)
    if least is None or smallest is None:
        word = "find the odd one" if kind == "triangle" else "choose the same one"
        says = f"{_answers(seats)} can show nothing: even if all {word}, it could be chance."
    elif kind == "triangle":
        says = (
            f"{least} of {seats} must find the odd one. A difference that {smallest:.0%} of people "
            "can really taste would show in 8 tests of 10; a smaller one may stay hidden."
        )
    else:
        says = (
            f"{least} of {seats} must choose the same one. If {smallest:.0%} of people prefer it, "
            "that would show in 8 tests of 10; a smaller preference may stay hidden."
        )
    return Prospect(seats=seats, needed=least, smallest=smallest, says=says)


def _answers(count: int) -> str:
    return "1 answer" if count == 1 else f"{count} answers"


class BlindResult(Answer):
    """How it came out. `hits` are odd ones found, or choices of A; `is_shown` at 5 %."""

    answers: int
    hits: int
    p: float
    is_shown: bool
    says: str


def result(
    kind: BlindKind, plan: Sequence[Seat], chosen: dict[int, int], names: tuple[str, str]
) -> BlindResult:
    """`chosen` are codes by seat, `names` those of samples A and B."""
    seats = {seat.number: seat for seat in plan}
    answered = [(seats[number], code) for number, code in chosen.items() if number in seats]
    hits = sum(_is_hit(kind, seat, code) for seat, code in answered)
    of = len(answered)
    p = p_value(kind, hits, of) if of else 1.0
    shown = of > 0 and p <= LEVEL
    return BlindResult(
        answers=of, hits=hits, p=p, is_shown=shown, says=_came_out(kind, hits, of, p, shown, names)
    )


def _is_hit(kind: BlindKind, seat: Seat, code: int) -> bool:
    if kind == "triangle":
        return code == seat.odd
    return any(cup.code == code and cup.sample == "A" for cup in seat.cups)


def _came_out(
    kind: BlindKind, hits: int, of: int, p: float, shown: bool, names: tuple[str, str]
) -> str:
    if of == 0:
        return "Nobody has answered."
    if kind == "triangle":
        says = f"{hits} of {of} found the odd one ({_p(p)})."
        if shown:
            return f"{says} {names[0]} and {names[1]} taste different."
        return f"{says} That could be chance: no difference is shown, which doesn’t mean none."
    first = hits >= of - hits
    most, name = (hits, names[0]) if first else (of - hits, names[1])
    says = f"{most} of {of} prefer {name} ({_p(p)})."
    if shown:
        return f"{says} That’s a real preference."
    return f"{says} That could be chance: no preference is shown."


def _p(p: float) -> str:
    return "p below 0.001" if p < 0.001 else f"p = {p:.3f}" if p < 0.1 else f"p = {p:.2f}"
