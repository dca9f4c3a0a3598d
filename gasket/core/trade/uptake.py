"""How much of what is made for a dish is usually eaten (common practice unless marked).

A glaze runs off, a soak stays in the bowl, crumbs are left on the plate. These are ranges to begin
with: what is left is weighed back. What is so in one family alone stands with the family.
"""

import re
from typing import Final

from gasket.core.trade.families import BY_KEY, Family
from gasket.core.trade.families.model import Uptake

_IN_ANY_DISH: Final = (
    Uptake(r"marinade|brine", 0.05, 0.15, "of a marinade (from memory)"),
    Uptake(r"\bdust|dusting", 0.8, 0.95, "of a dusting (from memory)"),
    Uptake(r"drizzle|brushed|egg wash", 0.85, 0.95, "of a drizzle (from memory)"),
    Uptake(r"glaze", 0.30, 0.45, "of a glaze spooned over on a rack"),
    Uptake(r"\bicing", 0.6, 0.8, "of an icing that tops are dipped in (from memory)"),
    Uptake(r"frosting", 0.5, 1.0, "of a frosting, of which much is often left"),
    Uptake(r"\bdip\b", 0.5, 1.0, "of a dip (from memory)"),
    Uptake(r"syrup", 0.8, 1.0, "of a syrup on the plate (from memory)"),
    Uptake(r"sauce|gravy", 0.85, 0.95, "of a sauce made in a pan (from memory)"),
)


def uptake_of(component: str, family: Family | None) -> Uptake | None:
    """How much of a component is usually eaten, by its family before the rest; None where that is
    all of it."""
    own = BY_KEY[family].uptakes if family in BY_KEY else ()
    return next(
        (
            usual
            for usual in (*own, *_IN_ANY_DISH)
            if re.search(usual.words, component, re.IGNORECASE)
        ),
        None,
    )
