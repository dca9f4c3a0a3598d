"""The checks, each a small function: a new one is a function, its test and a line in `CHECKS`."""

from collections.abc import Callable, Iterator
from typing import Final

from gasket.core.build_checks.bench import Bench, BuildCheck, Verdict
from gasket.core.rebuild.trial import Dismissed
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.trade.caution import POLYOLS_MOST
from gasket.core.trade.families import Span
from gasket.core.trade.kinds import ACIDS, POWDERS, FoodKind

SODA_IN_POWDER: Final = 3.5
"""A gram of baking soda lifts like 3.5 g of baking powder (common practice)."""
GUM_MOST: Final = 0.005
WHEY_MOST: Final = 0.30
MOSTLY_WHEY: Final = 0.8
"""Powder of which so much is whey is judged as whey."""
_SLACK: Final = 1e-9

Says = dict[Verdict, str]


def _check(
    bench: Bench, code: str, name: str, value: float, unit: str, span: Span, says: Says, **more: str
) -> BuildCheck:
    verdict: Verdict = "within"
    if span.least is not None and value < span.least - _SLACK:
        verdict = "below"
    elif span.most is not None and value > span.most + _SLACK:
        verdict = "above"
    dismissed = _dismissed(bench, code, value, span, verdict)
    return BuildCheck(
        code=code,
        name=name,
        component=more.get("component", bench.component),
        value=value,
        unit=unit,
        least=span.least,
        most=span.most,
        verdict=verdict,
        speaks=verdict != "within" and dismissed is None,
        says=says.get(verdict, ""),
        source=more.get("source", "build-checks"),
        note=dismissed.note if dismissed else "",
    )


def _dismissed(
    bench: Bench, code: str, value: float, span: Span, verdict: Verdict
) -> Dismissed | None:
    """The cook's own word on it, as long as it is not further out than it was then."""
    for one in bench.terms.dismissed:
        if one.code != code or verdict == "within":
            continue
        if one.value is None:
            return one
        edge = span.least if verdict == "below" else span.most
        assert edge is not None
        if abs(value - edge) <= abs(one.value - edge) * 1.05 + _SLACK:
            return one
    return None


def hydration(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    if habits is None or habits.hydration is None or not bench.is_batter:
        return
    value = bench.sum_of("water_g") / bench.dry_base_g
    yield _check(
        bench,
        "hydration",
        "Water to dry base",
        value,
        "g per g",
        habits.hydration,
        {
            "below": f"Drier than a {habits.name} usually is: expect a stiff mixture and a dense, "
            "dry crumb. Yogurt, purée or milk bring water.",
            "above": f"Wetter than a {habits.name} usually is: it may not set, or need a lower, "
            "longer bake. Drain or thicken what is wet.",
        },
    )


def leavening(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    dry = bench.flour_and_powder_g
    if habits is None or habits.leavening_per_100 is None or dry <= 0 or not bench.is_batter:
        return
    if bench.rises_by_itself:
        return
    soda = bench.grams_of({"baking_soda"})
    value = (bench.grams_of({"baking_powder"}) + SODA_IN_POWDER * soda) / dry * 100
    yield _check(
        bench,
        "leavening",
        "Raising agent",
        value,
        "g per 100 g flour and powder",
        habits.leavening_per_100,
        {
            "below": "Little to rise on: it may come out flat.",
            "above": "More than usual: soapy or bitter, coarse holes, and it may sink.",
        },
    )
    if soda > 0 and bench.grams_of(ACIDS) <= 0:
        yield _check(
            bench,
            "soda_without_acid",
            "Acid for the soda",
            0.0,
            "g",
            Span(1.0, None),
            {
                "below": "Baking soda needs an acid (yogurt, juice, natural cocoa, banana); "
                "without one it tastes of soap and lifts little."
            },
        )


def powder_share(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    both = bench.flour_and_powder_g
    powder = bench.grams_of(POWDERS)
    if habits is None or habits.powder_share_most is None or powder <= 0 or both <= powder:
        return
    whey = bench.grams_of({"whey_powder"})
    most = WHEY_MOST if whey > MOSTLY_WHEY * powder else habits.powder_share_most
    yield _check(
        bench,
        "powder_share",
        "Protein powder in flour and powder",
        powder / both * 100,
        "%",
        Span(None, most * 100),
        {
            "above": "A lot of powder: dry and rubbery sooner, whey most of all. Blends with "
            "casein stand more."
        },
    )


def fat_floor(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    if habits is None or habits.fat_share is None or not bench.is_batter:
        return
    keep, none = habits.fat_share
    rich: frozenset[FoodKind] = frozenset({"cocoa", "puree"})
    fudgy = bench.grams_of(rich) >= 0.05 * bench.base_g
    least = none if bench.terms.fat_school == "none" or fudgy else keep
    yield _check(
        bench,
        "fat_floor",
        "Fat in the mixture",
        bench.sum_of("fat_g") / bench.base_g * 100,
        "%",
        Span(least * 100, None),
        {
            "below": "Leaner than what keeps a crumb tender: 2 % yogurt instead of 0 % costs "
            "about 3 kcal a piece and helps. Fudgy cocoa or purée bakes stand less fat."
        },
    )


def salt(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    if habits is None or habits.salt_share is None or bench.base_g <= 0:
        return
    if any(one.ingredient.per_g("sodium_mg") is None for one in bench.base):
        return  # nobody can tell how salty it is
    grams = sum(one.ingredient.salt * one.amount for one in bench.base)
    yield _check(
        bench,
        "salt",
        "Salt",
        grams / bench.base_g * 100,
        "%",
        habits.salt_share,
        {
            "below": "Little salt: it will taste flat.",
            "above": "Saltier than usual, the salt in cheese, powder and raising agent counted.",
        },
    )


def sweetness(bench: Bench) -> Iterator[BuildCheck]:
    habits = bench.habits
    if habits is None or not habits.sweet or bench.original is None:
        return
    theirs, ours = (
        _per_100(piece, grams)
        for piece, grams in (
            (bench.original, bench.original_serving_g),
            (bench.piece, bench.serving_g),
        )
    )
    if not theirs or ours is None:
        return
    yield _check(
        bench,
        "sweetness",
        "Sweetness against the original",
        ours / theirs * 100,
        "%",
        Span(bench.terms.sweetness_least * 100, None),
        {
            "below": "Reads as less sweet than the original. How sweet is right is yours to say: "
            "change the least share, or dismiss this."
        },
        source="sweetness",
        component="",
    )


def _per_100(piece: Workpiece, grams: float | None) -> float | None:
    held = piece.serving("sweetness_g")
    return held / grams * 100 if held is not None and grams else None


def polyols(bench: Bench) -> Iterator[BuildCheck]:
    whole, grams = bench.held("grams"), bench.held("polyols_g")
    if whole <= 0 or grams <= 0:
        return
    batch = grams * bench.piece.build.portions
    yield _check(
        bench,
        "polyols",
        "Polyols",
        grams / whole * 100,
        "%",
        Span(None, POLYOLS_MOST * 100),
        {
            "above": f"{grams:.0f} g in a serving, {batch:.0f} g in the whole batch. Excessive "
            "consumption may produce laxative effects."
        },
        source="polyols",
        component="",
    )


def gum(bench: Bench) -> Iterator[BuildCheck]:
    grams = bench.grams_of({"gum"})
    if grams <= 0 or bench.base_g <= 0:
        return
    yield _check(
        bench,
        "gum",
        "Gum",
        grams / bench.base_g * 100,
        "%",
        Span(None, GUM_MOST * 100),
        {"above": "More than half a percent of gum turns slimy."},
    )


CHECKS: Final[tuple[Callable[[Bench], Iterator[BuildCheck]], ...]] = (
    hydration,
    leavening,
    powder_share,
    fat_floor,
    salt,
    sweetness,
    polyols,
    gum,
)


def check_build(bench: Bench) -> tuple[BuildCheck, ...]:
    """Every check that applies, those that speak first."""
    found = [one for check in CHECKS for one in check(bench)]
    return tuple(sorted(found, key=lambda one: not one.speaks))


def alarms(bench: Bench) -> frozenset[tuple[str, str]]:
    """Checks that speak, by code and component."""
    return frozenset((one.code, one.component) for one in check_build(bench) if one.speaks)
