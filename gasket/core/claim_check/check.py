"""Do somebody's claimed figures agree with each other, and if not, which one is wrong?

Every stated figure stands for the interval that its last digit leaves open. Claims hang together
by equations: kcal and macros of one serving; servings × serving = batch, figure by figure; two
ways of cutting one pan; two finishes on one base. Each equation holds or not as intervals.

To name the faulty figure, each single figure is solved for in turn: the repair that settles the
most failing equations, breaks none and changes its figure least is the likeliest.

    410 kcal with P 40, C 30, F 12 makes 388: kcal 388, or protein 45.5, or carbohydrate 35.5, or
    fat 14.4 would reconcile the rest.

The case it does not solve: two faulty figures at once. Then no single repair settles everything,
and the answer says so.
"""

from collections.abc import Iterator
from typing import Final

from gasket.core.claim_check.equations import Equation, Values, equations_of, interval, stated
from gasket.core.claim_check.figures import (
    NAME,
    ClaimFigure,
    ClaimReport,
    ClaimSheet,
    EquationCheck,
    EquationVerdict,
    FigurePlace,
    HowManyOfTheirs,
    Repair,
    name_of,
    shown,
)
from gasket.core.claim_check.repairs import repairs_of
from gasket.core.label.rounding import Interval

MOST_LIKELY_FIBRE: Final = 0.25
"""Fibre that would explain a gap is believed up to this part of the carbohydrate (practice)."""


def check_claims(sheet: ClaimSheet) -> ClaimReport:
    """Check every equation that the stated figures allow."""
    values = dict(stated(sheet))
    intervals = {place: interval(place, value) for place, value in values.items()}
    equations = [*equations_of(sheet, values)]
    checks = tuple(_check(equation, values, intervals, sheet) for equation in equations)
    failing = [
        equation for equation, check in zip(equations, checks, strict=True) if not check.agrees
    ]
    repairs = tuple(repairs_of(equations, failing, values, intervals, sheet))
    fibre = [*_fibre_would_do(failing, values, intervals)]
    return ClaimReport(
        verdict=_verdict(checks, failing, fibre),
        says=_summary(failing, repairs, fibre) if checks else _worked_out(sheet),
        checks=checks,
        suspect=repairs[0] if repairs and len(fibre) < len(failing) else None,
        repairs=repairs,
        questions=tuple(_questions(failing)),
        ratios=tuple(_ratios(sheet)),
    )


def _check(
    one: Equation, values: Values, at: dict[FigurePlace, Interval], sheet: ClaimSheet
) -> EquationCheck:
    exact = {place: Interval(value, value) for place, value in values.items()}
    stated, reckoned = one.left(exact), one.right(exact)
    band, agrees = one.right(at), one.holds(at)
    value = reckoned.hi  # 4-4-9, where fibre leaves room
    return EquationCheck(
        kind=one.kind,
        claims=one.claims,
        part=one.part,
        figure=one.figure,
        stated=stated.lo,
        reckoned=value,
        reckoned_lo=band.lo,
        reckoned_hi=band.hi,
        agrees=agrees,
        says=_says(one, stated.lo, value, agrees, values, sheet),
    )


def _says(
    one: Equation, stated: float, reckoned: float, agrees: bool, values: Values, sheet: ClaimSheet
) -> str:
    name, unit = NAME[one.figure], "" if one.figure == "kcal" else " g"
    off = stated - reckoned
    apart = "" if agrees else f", off by {shown(abs(off))}{unit} ({abs(off) / max(stated, 1):.0%})"
    claimed, made = shown(stated), shown(reckoned)
    match one.kind:
        case "energy":
            of = "the batch's macros" if one.part == "batch" else "its macros"
            return f"{claimed} kcal is claimed, {of} make {made}{apart}."
        case "servings":
            each, count = values[one.places[1]], values[one.places[2]]
            return (
                f"{count:g} × {shown(each)}{unit} {name} = {made}{unit}, the batch is said "
                f"to hold {claimed}{unit}{apart}."
            )
        case "same_pan":
            ours, other, n, m = (values[place] for place in one.places)
            return (
                f"{name}: {n:g} × {shown(ours)} = {claimed}, {m:g} × {shown(other)} = {made}"
                f"{apart or ', the same pan'}."
            )
        case "finish":
            what = name_of(sheet, one.claims[1])
            return f"What {what} adds: {claimed} kcal claimed, {made} by macros{apart}."


def _fibre_would_do(
    failing: list[Equation], values: Values, at: dict[FigurePlace, Interval]
) -> Iterator[tuple[float, float]]:
    """Grams of fibre, from and to, that would explain claims below their 4-4-9."""
    for broken in failing:
        if (
            broken.kind != "energy"
            or FigurePlace(broken.claims[0], broken.part, "fibre_g") in values
        ):
            continue
        gap = broken.right(at).lo - at[broken.places[0]].hi
        stated = values[broken.places[0]]
        exact = broken.right({place: Interval(value, value) for place, value in values.items()}).hi
        carbohydrate = values[FigurePlace(broken.claims[0], broken.part, "carbohydrate_g")]
        if gap > 0 and (exact - stated) / 4 <= MOST_LIKELY_FIBRE * carbohydrate:
            yield (exact - stated) / 4, (exact - stated) / 2


def _verdict(
    checks: tuple[EquationCheck, ...], failing: list[Equation], fibre: list[tuple[float, float]]
) -> EquationVerdict:
    if not checks:
        return "too little"
    if not failing:
        return "agrees"
    return "agrees with fibre" if len(fibre) == len(failing) else "disagrees"


def _worked_out(sheet: ClaimSheet) -> str:
    """What follows from figures that nothing can be checked with."""
    for claim in sheet.claims:
        whole, count = claim.batch.kcal, claim.servings
        if whole is not None and count:
            return (
                f"Nothing to check it with: {shown(whole)} kcal over {count:g} servings are "
                f"{shown(whole / count)} kcal each."
            )
    return (
        "Too little to check: give kcal with protein, carbohydrate and fat, or the servings "
        "and the whole batch."
    )


def _summary(
    failing: list[Equation],
    repairs: tuple[Repair, ...],
    fibre: list[tuple[float, float]],
) -> str:
    if not failing:
        return "The figures agree with each other, within their rounding."
    if len(fibre) == len(failing):
        low, high = fibre[0]
        return f"Agrees only if {low:.2g} to {high:.2g} g of the carbohydrate are fibre or polyols."
    if not repairs or repairs[0].leaves:
        return "More than one figure must be wrong: no single change reconciles them."
    close = [repair for repair in repairs if abs(repair.change) <= 1.25 * abs(repairs[0].change)]
    if len(close) > 1:
        return f"They do not agree. Likeliest: {close[0].says}; or {close[1].says}."
    return f"They do not agree. Likeliest: {repairs[0].says}."


def _questions(failing: list[Equation]) -> Iterator[str]:
    if not failing:
        return
    kinds = {broken.kind for broken in failing}
    yield "What is included: toppings, all of the frosting, the dip, the side?"
    if "energy" in kinds:
        yield "Is the carbohydrate total, or net of fibre and sweetener?"
    if kinds & {"servings", "same_pan"}:
        yield "Is it one piece or the pan, and was the pan cut the same way for every figure?"
    if "finish" in kinds:
        yield "Is the base the same in both, and is the finish one serving's worth?"


def _ratios(sheet: ClaimSheet) -> Iterator[HowManyOfTheirs]:
    theirs = sheet.claims[0]
    others = sheet.claims[1:] if sheet.relation == "apart" else ()
    for j, mine in enumerate(others, start=1):
        figures: tuple[ClaimFigure, ...] = ("kcal", "grams", "protein_g")
        for figure in figures:
            one, other = getattr(theirs.serving, figure), getattr(mine.serving, figure)
            if one and other:
                yield HowManyOfTheirs(claim=j, figure=figure, times=one / other)
