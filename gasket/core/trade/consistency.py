"""How much liquid a powder takes for a dip, a spread or a drizzle: grams for a gram of powder.

By weight: a level spoon of powder is less than half of what a spoon of water weighs. Powders differ
by a fifth either way, so the cook's own ratio is kept (common practice; of cocoa, sugar and protein
powder from memory).
"""

from dataclasses import dataclass, field
from typing import Final, Literal, get_args

from gasket.core.trade.kinds import FoodKind

Thickness = Literal["fill", "spread", "dip", "drizzle"]
THICKNESSES: Final[tuple[Thickness, ...]] = get_args(Thickness)
"""From the stiffest to the thinnest."""
DIFFER: Final = 0.20
"""Powders differ by so much."""
HOLD_BACK: Final = 0.12
"""So much of the liquid is held back, and added as it is needed."""


@dataclass(frozen=True, slots=True)
class Mixture:
    """A powder with its liquid. `powders` are counted together, `beside` are counted with them but
    name no mixture; `ratios` are grams of liquid for a gram of both, from least to most.

    The powders are at least `mostly` of both. `takes` is what a kind among them takes beside the
    others; `needs_liquid` where the liquid tells the mixture from another; `standing` is what
    becomes of it, `standing_with` where a kind is in it.
    """

    key: str
    name: str
    powders: tuple[FoodKind, ...]
    beside: tuple[FoodKind, ...]
    liquids: tuple[FoodKind, ...]
    ratios: dict[Thickness, tuple[float, float]]
    mostly: float = 0.0
    takes: dict[FoodKind, float] = field(default_factory=dict)
    needs_liquid: bool = False
    standing: str = ""
    standing_with: dict[FoodKind, str] = field(default_factory=dict)


_THICKENS: Final = "It thickens by 10 to 30 % in 10 min, and again overnight: mix it thinner."
_WATERY: Final[tuple[FoodKind, ...]] = ("water", "milk", "plant_milk", "coffee")
MIXTURES: Final[tuple[Mixture, ...]] = (
    # The first whose powder is most of the powder wins.
    Mixture(
        "syrup",
        "cocoa with syrup",
        powders=("cocoa",),
        beside=("peanut_powder",),
        liquids=("syrup",),
        ratios={"fill": (0.8, 0.8), "spread": (1.0, 1.2), "dip": (1.5, 1.5), "drizzle": (2.0, 2.0)},
        needs_liquid=True,
        standing=_THICKENS,
    ),
    Mixture(
        "peanut",
        "peanut powder with water",
        powders=("peanut_powder",),
        beside=("cocoa", "powdered_sweetener"),
        liquids=_WATERY,
        ratios={"fill": (1.0, 1.2), "spread": (1.3, 1.5), "dip": (1.6, 2.0), "drizzle": (2.0, 2.5)},
        standing=_THICKENS,
    ),
    Mixture(
        "protein",
        "protein powder with water",
        powders=("whey_powder", "protein_blend", "plant_protein"),
        beside=("cocoa", "powdered_sweetener"),
        liquids=_WATERY,
        ratios={"fill": (0.7, 0.9), "spread": (1.0, 1.3), "dip": (1.4, 1.8), "drizzle": (2.0, 2.6)},
        mostly=0.5,
        takes={"whey_powder": 2 / 3},
        standing=_THICKENS,
    ),
    Mixture(
        "cocoa",
        "cocoa and powdered sweetener with milk",
        powders=("cocoa",),
        beside=("powdered_sweetener", "powdered_sugar"),
        liquids=_WATERY,
        ratios={
            "fill": (0.25, 0.25),
            "spread": (0.35, 0.45),
            "dip": (0.5, 0.6),
            "drizzle": (0.7, 0.9),
        },
        standing=_THICKENS,
    ),
    Mixture(
        "icing",
        "powdered sugar with juice or milk",
        powders=("powdered_sugar", "powdered_sweetener"),
        beside=(),
        liquids=(*_WATERY, "juice", "acid"),
        ratios={
            "fill": (0.15, 0.15),
            "spread": (0.2, 0.2),
            "dip": (0.25, 0.25),
            "drizzle": (0.3, 0.35),
        },
        takes={"powdered_sweetener": 0.8},
        standing_with={"powdered_sweetener": "Of erythritol it turns grainy as it dries."},
    ),
)
MOSTLY: Final = 0.85
"""Powder and liquid make up at least so much of what is called such a mixture."""
