"""The checks, each a small function: a new one is a function, its test and a line in `CHECKS`."""

from collections.abc import Callable, Iterator
from typing import Final

from gasket.core.build_checks.checked_build import BuildCheck, CheckedBuild, Verdict
from gasket.core.rebuild.trial import Dismissed
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.trade.caution import POLYOLS_MOST
from gasket.core.trade.families import Span
from gasket.core.trade.kinds import ACIDS, POWDERS, FoodKind

SODA_IN_POWDER: Final = 3.5
"""A gram of baking soda lifts like 3.5 g of baking powder (common practice)."""
LIFTS: Final[frozenset[FoodKind]] = frozenset({"baking_powder", "baking_soda"})
SPOON_OF_POWDER_G: Final = 5.0
"""A teaspoon of baking powder a batch is never too much: nobody measures less."""
PUREE_MOST: Final = 0.4
"""Above this share of purée or fruit a mixture is wet and yet binds."""
GUM_MOST: Final = 0.005
MOSTLY_WHEY: Final = 0.8
"""Powder of which so much is whey is judged as whey."""
_SLACK: Final = 1e-9

Says = dict[Verdict, str]


def _check(
    checked: CheckedBuild,
    code: str,
    name: str,
    value: float,
    unit: str,
    span: Span,
    says: Says,
    notice: bool = False,
    **more: str,
) -> BuildCheck:
    """One check; a `notice` is for the eater and no fault of the build."""
    span, widened = _with_keepers(checked, code, span)
    verdict: Verdict = "within"
    if span.least is not None and value < span.least - _SLACK:
        verdict = "below"
    elif span.most is not None and value > span.most + _SLACK:
        verdict = "above"
    dismissed = _dismissed(checked, code, value, span, verdict)
    return BuildCheck(
        code=code,
        name=name,
        component=more.get("component", checked.component),
        value=value,
        unit=unit,
        least=span.least,
        most=span.most,
        verdict=verdict,
        speaks=verdict != "within" and dismissed is None and not notice,
        says=says.get(verdict, ""),
        source="own-keepers" if widened else more.get("source", "build-checks"),
        note=dismissed.note if dismissed else "",
    )


def _with_keepers(checked: CheckedBuild, code: str, span: Span) -> tuple[Span, bool]:
    """The band widened to where the cook's own keepers lie, and whether that made it wider."""
    values = checked.keepers.get(code, ())
    least = span.least if span.least is None else min((span.least, *values))
    most = span.most if span.most is None else max((span.most, *values))
    return Span(least, most), Span(least, most) != span


def _dismissed(
    checked: CheckedBuild, code: str, value: float, span: Span, verdict: Verdict
) -> Dismissed | None:
    """The cook's own word on it, as long as it is not further out than it was then."""
    for waiver in checked.terms.dismissed:
        if waiver.code != code or verdict == "within":
            continue
        if waiver.value is None:
            return waiver
        edge = span.least if verdict == "below" else span.most
        assert edge is not None
        if abs(value - edge) <= abs(waiver.value - edge) * 1.05 + _SLACK:
            return waiver
    return None


def hydration(checked: CheckedBuild) -> Iterator[BuildCheck]:
    family, span = checked.family, checked.bands.water
    if family is None or span is None or not checked.is_batter:
        return
    if checked.grams_of({"puree", "fruit", "potato"}) > PUREE_MOST * checked.base_g:
        span = Span(span.least, None)  # wet, and it binds
    yield _check(
        checked,
        "hydration",
        "Water to dry base",
        checked.sum_of("water_g") / checked.dry_base_g,
        "g per g",
        span,
        {
            "below": f"Drier than a {family.name} usually is: expect a stiff mixture and a dense, "
            "dry crumb. Yogurt, purée or milk bring water.",
            "above": f"Wetter than a {family.name} usually is: it may not set, or need a lower, "
            "longer bake. Drain or thicken what is wet.",
        },
    )


def leavening(checked: CheckedBuild) -> Iterator[BuildCheck]:
    span = checked.bands.lift
    if span is None or not checked.is_batter:
        return
    powder, soda = checked.grams_of({"baking_powder"}), checked.grams_of({"baking_soda"})
    value = (powder + SODA_IN_POWDER * soda) / checked.dry_base_g * 100
    least = None if checked.rises_by_itself else span.least
    most = None if powder <= SPOON_OF_POWDER_G and soda <= 0 else span.most
    if least is not None or most is not None:
        yield _check(
            checked,
            "leavening",
            "Raising agent",
            value,
            "g per 100 g dry base",
            Span(least, most),
            {
                "below": "Little to rise on: it may come out flat.",
                "above": "More than usual: soapy or bitter, coarse holes, and it may sink.",
            },
        )
    if soda > 0 and checked.grams_of(ACIDS) <= 0:
        yield _check(
            checked,
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


def powder_share(checked: CheckedBuild) -> Iterator[BuildCheck]:
    powder = checked.grams_of(POWDERS)
    if checked.bands.powder_most is None or powder <= 0 or not checked.has_flour:
        return
    blend, plain_whey = checked.bands.powder_most
    whey = checked.grams_of({"whey_powder"})
    most = plain_whey if whey > MOSTLY_WHEY * powder else blend
    yield _check(
        checked,
        "powder_share",
        "Protein powder in the dry base",
        powder / checked.plain_base_g * 100,
        "%",
        Span(None, most * 100),
        {
            "above": "A lot of powder: dry and rubbery sooner, whey most of all. Blends with "
            "casein stand more."
        },
    )


def fat_floor(checked: CheckedBuild) -> Iterator[BuildCheck]:
    if checked.bands.fat is None or not checked.is_batter:
        return
    keep, none = checked.bands.fat
    rich: frozenset[FoodKind] = frozenset({"cocoa", "puree"})
    fudgy = checked.grams_of(rich) >= 0.05 * checked.base_g
    least = none if checked.terms.fat_school == "none" or fudgy else keep
    if least is None:
        return
    yield _check(
        checked,
        "fat_floor",
        "Fat in the mixture",
        checked.sum_of("fat_g") / checked.base_g * 100,
        "%",
        Span(least * 100, None),
        {
            "below": "Leaner than what keeps a crumb tender: 2 % yogurt instead of 0 % costs "
            "a few kcal a piece and helps. Fudgy cocoa or purée bakes stand less fat."
        },
    )


def ratios(checked: CheckedBuild) -> Iterator[BuildCheck]:
    """The ratios that decide in this very family."""
    for ratio in checked.family.ratios if checked.family else ():
        lines = [*checked.piece.lines()] if ratio.to else checked.base
        held, of = (
            sum(placed.grams for placed in lines if not kinds or placed.kind in kinds)
            for kinds in (ratio.of, ratio.to)
        )
        if held > 0 and of > 0:
            yield _check(
                checked,
                ratio.code,
                ratio.name,
                held / of,
                "g per g",
                ratio.span,
                {"below": ratio.below, "above": ratio.above},
                component="" if ratio.to else checked.component,
            )


def salt(checked: CheckedBuild) -> Iterator[BuildCheck]:
    """The sodium of a raising agent is not salty, and does not count."""
    if checked.bands.salt is None or checked.base_g <= 0:
        return
    tasted = [placed for placed in checked.base if placed.kind not in LIFTS]
    if any(placed.ingredient.per_g("sodium_mg") is None for placed in tasted):
        return  # nobody can tell how salty it is
    grams = sum(placed.ingredient.salt * placed.amount for placed in tasted)
    yield _check(
        checked,
        "salt",
        "Salt",
        grams / checked.base_g * 100,
        "%",
        checked.bands.salt,
        {
            "below": "Little salt: it will taste flat.",
            "above": "Saltier than usual, the salt in cheese and powder counted.",
        },
    )


def sweetness(checked: CheckedBuild) -> Iterator[BuildCheck]:
    family = checked.family
    if family is None or not family.sweet or checked.original is None:
        return
    theirs, ours = (
        _per_100(piece, grams)
        for piece, grams in (
            (checked.original, checked.original_serving_g),
            (checked.piece, checked.serving_g),
        )
    )
    if not theirs or ours is None:
        return
    yield _check(
        checked,
        "sweetness",
        "Sweetness against the original",
        ours / theirs * 100,
        "%",
        Span(checked.terms.sweetness_least * 100, None),
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


def polyols(checked: CheckedBuild) -> Iterator[BuildCheck]:
    whole, grams = checked.held("grams"), checked.held("polyols_g")
    if whole <= 0 or grams <= 0:
        return
    batch = grams * checked.piece.build.portions
    yield _check(
        checked,
        "polyols",
        "Polyols",
        grams / whole * 100,
        "%",
        Span(None, POLYOLS_MOST * 100),
        {
            "above": f"{grams:.0f} g in a serving, {batch:.0f} g in the whole batch. Excessive "
            "consumption may produce laxative effects."
        },
        notice=True,
        source="polyols",
        component="",
    )


def gum(checked: CheckedBuild) -> Iterator[BuildCheck]:
    grams = checked.grams_of({"gum"})
    if grams <= 0 or checked.base_g <= 0:
        return
    yield _check(
        checked,
        "gum",
        "Gum",
        grams / checked.base_g * 100,
        "%",
        Span(None, GUM_MOST * 100),
        {"above": "More than half a percent of gum turns slimy."},
    )


CHECKS: Final[tuple[Callable[[CheckedBuild], Iterator[BuildCheck]], ...]] = (
    hydration,
    leavening,
    powder_share,
    fat_floor,
    ratios,
    salt,
    sweetness,
    polyols,
    gum,
)


def check_build(checked: CheckedBuild) -> tuple[BuildCheck, ...]:
    """Every check that applies, those that speak first."""
    found = [verdict for check in CHECKS for verdict in check(checked)]
    return tuple(sorted(found, key=lambda verdict: not verdict.speaks))


def alarms(checked: CheckedBuild) -> frozenset[tuple[str, str]]:
    """Checks that speak, by code and component."""
    return frozenset(
        (verdict.code, verdict.component) for verdict in check_build(checked) if verdict.speaks
    )
