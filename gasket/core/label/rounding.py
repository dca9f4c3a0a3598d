"""How panels round, read backwards: the interval of true figures behind a printed one.

A rule is a ladder of tiers. In the tier from `start` up, figures are printed to the nearest
`step`; step 0 means "printed as 0". A printed figure may have come from more than one tier (a US
"50 kcal" from 47.5 to 50 by fives, from 50 to 55 by tens), so its interval is the hull of what each
tier would have printed so. A figure off the ladder was not rounded by the rule: then half a
unit of its last digit either way. Amounts without a rule (alcohol, organic acids) likewise, and
their 0 means none.
"""

from functools import lru_cache
from typing import Final, Literal, NamedTuple

from gasket.core.numbers import half_last_digit

PanelStyle = Literal["us", "eu", "table"]


class Tier(NamedTuple):
    start: float
    step: float


class Interval(NamedTuple):
    """Closed interval [lo, hi]; both ends in the unit of the figure."""

    lo: float
    hi: float


Ladder = tuple[Tier, ...]

# US 21 CFR 101.9(c) and, for the serving, (b)(7).
_US_ENERGY: Final[Ladder] = (Tier(0, 0), Tier(5, 5), Tier(50, 10))
_US_FAT: Final[Ladder] = (Tier(0, 0), Tier(0.5, 0.5), Tier(5, 1))
_US_GRAM: Final[Ladder] = (Tier(0, 0), Tier(0.5, 1))
_US_SODIUM: Final[Ladder] = (Tier(0, 0), Tier(5, 5), Tier(140, 10))
_US_SERVING: Final[Ladder] = (Tier(0, 0.1), Tier(2, 0.5), Tier(5, 1))

# European Commission guidance on tolerances, December 2012; saturates and salt from memory.
_EU_ENERGY: Final[Ladder] = (Tier(0, 1),)
_EU_GRAM: Final[Ladder] = (Tier(0, 0), Tier(0.5, 0.1), Tier(10, 1))
_EU_SATURATED: Final[Ladder] = (Tier(0, 0), Tier(0.1, 0.1), Tier(10, 1))
_EU_SALT: Final[Ladder] = (Tier(0, 0), Tier(0.0125, 0.01), Tier(1, 0.1))

_GRAM_FIELDS: Final = (
    "protein_g",
    "carbohydrate_g",
    "fibre_g",
    "soluble_fibre_g",
    "sugars_g",
    "added_sugars_g",
    "polyols_g",
    "allulose_g",
)

LADDERS: Final[dict[str, dict[str, Ladder]]] = {
    "us": {
        **dict.fromkeys(_GRAM_FIELDS, _US_GRAM),
        "kcal": _US_ENERGY,
        "fat_g": _US_FAT,
        "saturated_g": _US_FAT,
        "sodium_mg": _US_SODIUM,
        "basis_g": _US_SERVING,
    },
    "eu": {
        **dict.fromkeys(_GRAM_FIELDS, _EU_GRAM),
        "kcal": _EU_ENERGY,
        "kj": _EU_ENERGY,
        "fat_g": _EU_GRAM,
        "saturated_g": _EU_SATURATED,
        "salt_g": _EU_SALT,
    },
}

_NO_RULE_ZERO_IS_NONE: Final = frozenset({"alcohol_g", "organic_acids_g"})
_SLACK: Final = 1e-9  # relative slack of binary fractions when asking "is it on the grid?"


def _on_grid(figure: float, step: float) -> bool:
    steps = figure / step
    return abs(steps - round(steps)) <= _SLACK * max(1.0, steps)


def _behind(figure: float, ladder: Ladder) -> Interval | None:
    """Hull of the true figures that the ladder prints as `figure`; None when it prints none so."""
    found: list[Interval] = []
    for tier, following in zip(ladder, (*ladder[1:], None), strict=True):
        end = following.start if following else float("inf")
        if tier.step == 0:
            if figure == 0:
                found.append(Interval(tier.start, end))
        elif _on_grid(figure, tier.step):
            lo = max(figure - tier.step / 2, tier.start)
            hi = min(figure + tier.step / 2, end)
            if lo < hi:
                found.append(Interval(lo, hi))
    if not found:
        return None
    return Interval(min(part.lo for part in found), max(part.hi for part in found))


@lru_cache(maxsize=65536)
def interval_behind(style: PanelStyle, field: str, figure: float, spread: float) -> Interval:
    """Interval of true figures behind a printed one.

    `field` is a panel field of `gasket.core.label.label.Label` (`kcal`, `fat_g`, … or `basis_g`),
    `figure` is in that field's unit. `spread` is the relative half-width of a table value and acts
    in style `table` only, where the basis is exact; it is exact in style `eu` too.
    """
    if field == "basis_g" and style != "us":
        return Interval(figure, figure)
    if style == "table":
        return Interval(figure * (1 - spread), figure * (1 + spread))
    ladder = LADDERS[style].get(field)
    if ladder is not None and (interval := _behind(figure, ladder)) is not None:
        return interval
    if figure == 0 and field in _NO_RULE_ZERO_IS_NONE:
        return Interval(0.0, 0.0)
    half = half_last_digit(figure)
    return Interval(max(figure - half, 0.0), figure + half)
