"""How much of what is made for a dish is usually eaten (common practice unless marked).

A glaze runs off, a soak stays in the bowl, crumbs are left on the plate. These are ranges to begin
with: what is left is weighed back.
"""

import re
from typing import Final, NamedTuple

from gasket.core.trade.families import Family


class Uptake(NamedTuple):
    """The least and the most that is eaten of it, and of what that is so."""

    least: float
    most: float
    says: str


_BY_NAME: Final[tuple[tuple[str, tuple[Family, ...], Uptake], ...]] = (
    # Words of the component, the families where they mean this (all where none is named). The
    # first that fits counts.
    (r"marinade|brine", (), Uptake(0.05, 0.15, "of a marinade (from memory)")),
    (r"\bdust|dusting", (), Uptake(0.8, 0.95, "of a dusting (from memory)")),
    (r"drizzle|brushed|egg wash", (), Uptake(0.85, 0.95, "of a drizzle (from memory)")),
    (r"glaze", (), Uptake(0.30, 0.45, "of a glaze spooned over on a rack")),
    (r"\bicing", (), Uptake(0.6, 0.8, "of an icing that tops are dipped in (from memory)")),
    (r"coat|dip", ("frozen",), Uptake(0.6, 0.9, "of a coat that is dipped (from memory)")),
    (r"filling", ("frozen",), Uptake(0.95, 0.95, "of a filling between wafers (from memory)")),
    (r"frosting", (), Uptake(0.5, 1.0, "of a frosting, of which much is often left")),
    (r"soak|custard|egg mix|batter|dip", ("soaked_bread",), Uptake(0.7, 0.95, "of an egg soak")),
    (r"egg|wash", ("coated",), Uptake(0.35, 0.6, "of the egg of a coating (from memory)")),
    (r"crumb|panko|cereal|crust|coating|breading", ("coated",), Uptake(0.5, 0.7, "of the crumbs")),
    (r"flour|starch|dredge", ("coated",), Uptake(0.3, 0.5, "of the flour (from memory)")),
    (r"\bdip\b", (), Uptake(0.5, 1.0, "of a dip (from memory)")),
    (r"syrup", (), Uptake(0.8, 1.0, "of a syrup on the plate (from memory)")),
    (r"sauce|gravy", (), Uptake(0.85, 0.95, "of a sauce made in a pan (from memory)")),
)


def uptake_of(component: str, family: Family | None) -> Uptake | None:
    """How much of a component is usually eaten; None where that is all of it."""
    for words, families, usual in _BY_NAME:
        fits = not families or family in families
        if fits and re.search(words, component, re.IGNORECASE):
            return usual
    return None
