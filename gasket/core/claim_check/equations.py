"""The equations that claimed figures must keep, each as two intervals that meet or do not."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass

from gasket.core.claim_check.figures import (
    FIGURES,
    ClaimPart,
    ClaimSheet,
    EquationKind,
    FigurePlace,
    Figures,
)
from gasket.core.label.rounding import Interval
from gasket.core.numbers import half_last_digit
from gasket.core.trade.nutrients import MACRO_KCAL

Values = dict[FigurePlace, float]


@dataclass(frozen=True)
class Equation:
    """left(values) − right(values) = 0, both linear in each single value."""

    kind: EquationKind
    claims: tuple[int, ...]
    part: ClaimPart
    figure: str
    places: tuple[FigurePlace, ...]
    left: Callable[[dict[FigurePlace, Interval]], Interval]
    right: Callable[[dict[FigurePlace, Interval]], Interval]

    def holds(self, at: dict[FigurePlace, Interval]) -> bool:
        """Whether both sides can be the same number within the rounding of what was stated."""
        left, right = self.left(at), self.right(at)
        slack = 1e-9 * max(1.0, abs(left.hi), abs(right.hi))
        return left.lo <= right.hi + slack and right.lo <= left.hi + slack


def stated(sheet: ClaimSheet) -> Iterator[tuple[FigurePlace, float]]:
    """Every number of a sheet with its place."""
    for i, claim in enumerate(sheet.claims):
        if claim.servings is not None:
            yield FigurePlace(i, "serving", "servings"), claim.servings
        parts: tuple[tuple[ClaimPart, Figures], ...] = (
            ("serving", claim.serving),
            ("batch", claim.batch),
        )
        for part, figures in parts:
            for figure in FIGURES:
                value = getattr(figures, figure)
                if value is not None:
                    yield FigurePlace(i, part, figure), value


def interval(place: FigurePlace, value: float) -> Interval:
    """What a stated number stands for: half its last digit either way; a count is exact."""
    half = 0.0 if place.figure == "servings" else half_last_digit(value)
    return Interval(max(0.0, value - half), value + half)


def equations_of(sheet: ClaimSheet, values: Values) -> Iterator[Equation]:
    """What must agree within each claim, and between claims of one pan or one base."""
    for i in range(len(sheet.claims)):
        for part in ("serving", "batch"):
            yield from _energy(i, part, values)
        yield from _servings(i, values)
    if sheet.relation == "same_pan":
        yield from _same_pan(len(sheet.claims), values)
    if sheet.relation == "same_base":
        yield from _finishes(len(sheet.claims), values)


def _energy(i: int, part: ClaimPart, values: Values) -> Iterator[Equation]:
    kcal = FigurePlace(i, part, "kcal")
    macros = [FigurePlace(i, part, figure) for figure in MACRO_KCAL]
    if kcal not in values or any(place not in values for place in macros):
        return
    extra = [
        place
        for figure in ("fibre_g", "polyols_g")
        if (place := FigurePlace(i, part, figure)) in values
    ]

    def reckoned(at: dict[FigurePlace, Interval]) -> Interval:
        whole = _sum_of(at, macros)
        # Fibre is worth 0 to 4 kcal/g, polyols too: every lawful way of counting lies between.
        taken = sum(at[place].hi for place in extra) * 4
        return Interval(max(0.0, whole.lo - taken), whole.hi)

    yield Equation("energy", (i,), part, "kcal", (kcal, *macros), lambda at: at[kcal], reckoned)


def _sum_of(at: dict[FigurePlace, Interval], macros: list[FigurePlace]) -> Interval:
    lo = sum(MACRO_KCAL[place.figure] * at[place].lo for place in macros)
    hi = sum(MACRO_KCAL[place.figure] * at[place].hi for place in macros)
    return Interval(lo, hi)


def _servings(i: int, values: Values) -> Iterator[Equation]:
    count = FigurePlace(i, "serving", "servings")
    if count not in values:
        return
    for figure in FIGURES:
        one, whole = FigurePlace(i, "serving", figure), FigurePlace(i, "batch", figure)
        if one in values and whole in values:
            yield Equation(
                *("servings", (i,), "batch", figure, (whole, one, count)),
                lambda at, whole=whole: at[whole],  # type: ignore[misc]
                lambda at, one=one: _times(at[one], at[count]),  # type: ignore[misc]
            )


def _times(one: Interval, count: Interval) -> Interval:
    return Interval(one.lo * count.lo, one.hi * count.hi)


def _same_pan(claims: int, values: Values) -> Iterator[Equation]:
    for i in range(claims):
        for j in range(i + 1, claims):
            counts = FigurePlace(i, "serving", "servings"), FigurePlace(j, "serving", "servings")
            if any(count not in values for count in counts):
                continue
            for figure in FIGURES:
                ours, other = FigurePlace(i, "serving", figure), FigurePlace(j, "serving", figure)
                if ours in values and other in values:
                    yield Equation(
                        *("same_pan", (i, j), "serving", figure, (ours, other, *counts)),
                        lambda at, one=ours, n=counts[0]: _times(at[one], at[n]),  # type: ignore[misc]
                        lambda at, one=other, n=counts[1]: _times(at[one], at[n]),  # type: ignore[misc]
                    )


def _finishes(claims: int, values: Values) -> Iterator[Equation]:
    """What two claims on one base differ by is a finish: its kcal must agree with its macros."""
    for j in range(1, claims):
        base = [FigurePlace(0, "serving", figure) for figure in ("kcal", *MACRO_KCAL)]
        dressed = [FigurePlace(j, "serving", place.figure) for place in base]
        if any(place not in values for place in (*base, *dressed)):
            continue

        def added(at: dict[FigurePlace, Interval], base=base, dressed=dressed) -> Interval:  # type: ignore[no-untyped-def]
            return _less(at[dressed[0]], at[base[0]])

        def reckoned(at: dict[FigurePlace, Interval], base=base, dressed=dressed) -> Interval:  # type: ignore[no-untyped-def]
            return _less(_sum_of(at, dressed[1:]), _sum_of(at, base[1:]))

        yield Equation("finish", (0, j), "serving", "kcal", (*dressed, *base), added, reckoned)


def _less(one: Interval, other: Interval) -> Interval:
    return Interval(one.lo - other.hi, one.hi - other.lo)
