"""How thick a dip, a frosting or a shake gets: what is added for a gram of what it is made of.

A powder takes liquid, a soft cheese takes powder, a shake takes gum. By weight: a level spoon of
powder is less than half of what a spoon of water weighs. Powders differ by a fifth either way, so
the cook's own ratio is kept (common practice; from memory of cocoa, sugar and protein powder, and
how thick a share of powder or gum makes a frosting or a shake).
"""

from dataclasses import dataclass, field
from typing import Final, Literal, get_args

from gasket.core.trade.families import Family
from gasket.core.trade.kinds import FoodKind

Thickness = Literal["fill", "spread", "dip", "drizzle", "spoon", "milkshake", "body"]
Added = Literal["liquid", "powder", "gum"]
THICKNESSES: Final[tuple[Thickness, ...]] = get_args(Thickness)
"""From the stiffest to the thinnest: four of what is eaten with a dish, three of what is drunk."""
DIFFER: Final = 0.20
"""Powders differ by so much."""
HOLD_BACK: Final = 0.12
"""So much of what is added is held back, and goes in as it is needed."""
THIN: Final = 2.0
"""With more than so many times the liquid of the thinnest it is a drink or a soup."""
SMALL_G: Final = 60.0
"""Of less than this the last of it goes in by 2 or 3 g."""


@dataclass(frozen=True, slots=True)
class MixtureKind:
    """What is stirred together, and how much of the `added` kinds it takes.

    `base` is counted together, `beside` is counted with it but names no mixture, `idle` is in it
    and not counted; with `of_all` everything that is not added is counted. `ratios` are grams added
    for a gram of what is counted, from least to most; `sort` says what is added.

    The `base` is at least `mostly` of what is counted. `takes` is what a kind of it takes beside
    the others, `helps` what a gram of another kind does in place of what is added. `needs` where
    only what is added tells the mixture from another; `called` are words that the component's name
    has, `family` the dish that it is the body of, where that tells it. `standing` is what becomes
    of it, `standing_with` where a kind is in it. `by_tenths` goes in as a whole, to a tenth of a
    gram.
    """

    key: str
    name: str
    sort: Added
    added: tuple[FoodKind, ...]
    ratios: dict[Thickness, tuple[float, float]]
    base: tuple[FoodKind, ...] = ()
    beside: tuple[FoodKind, ...] = ()
    idle: tuple[FoodKind, ...] = ()
    of_all: bool = False
    mostly: float = 0.0
    takes: dict[FoodKind, float] = field(default_factory=dict)
    helps: dict[FoodKind, float] = field(default_factory=dict)
    needs: bool = False
    called: str = ""
    family: Family | None = None
    standing: str = ""
    standing_with: dict[FoodKind, str] = field(default_factory=dict)
    by_tenths: bool = False


_THICKENS: Final = "It thickens by 10 to 30 % in 10 min, and again overnight: start thinner."
_WATERY: Final[tuple[FoodKind, ...]] = ("water", "milk", "plant_milk", "coffee")
_PROTEIN: Final[tuple[FoodKind, ...]] = ("whey_powder", "protein_blend", "plant_protein")
_IN_A_FROSTING: Final[tuple[FoodKind, ...]] = (
    *("powdered_sweetener", "powdered_sugar", "sweetener", "sugar", "intense_sweetener"),
    *("pudding_mix", "flavouring", "cocoa", "salt"),
)
_FROSTING: Final = r"frosting|icing|glaze|cream|filling|topping|\bdip\b|spread"
_RUNNY: Final[dict[FoodKind, str]] = {
    "whey_powder": "Plain whey thickens less than a blend and may take more."
}
MIXTURES: Final[tuple[MixtureKind, ...]] = (
    # The first that it can be wins.
    MixtureKind(
        "syrup",
        "cocoa with syrup",
        sort="liquid",
        base=("cocoa",),
        beside=("peanut_powder",),
        added=("syrup",),
        ratios={"fill": (0.8, 0.8), "spread": (1.0, 1.2), "dip": (1.5, 1.5), "drizzle": (2.0, 2.0)},
        needs=True,
        standing=_THICKENS,
    ),
    MixtureKind(
        "peanut",
        "peanut powder with water",
        sort="liquid",
        base=("peanut_powder",),
        beside=("cocoa", "powdered_sweetener"),
        added=_WATERY,
        ratios={"fill": (1.0, 1.2), "spread": (1.3, 1.5), "dip": (1.6, 2.0), "drizzle": (2.0, 2.5)},
        standing=_THICKENS,
    ),
    MixtureKind(
        "protein",
        "protein powder with water",
        sort="liquid",
        base=_PROTEIN,
        beside=("cocoa", "powdered_sweetener"),
        added=_WATERY,
        ratios={"fill": (0.7, 0.9), "spread": (1.0, 1.3), "dip": (1.4, 1.8), "drizzle": (2.0, 2.6)},
        mostly=0.5,
        takes={"whey_powder": 2 / 3},
        standing=_THICKENS,
    ),
    MixtureKind(
        "cocoa",
        "cocoa and powdered sweetener with milk",
        sort="liquid",
        base=("cocoa",),
        beside=("powdered_sweetener", "powdered_sugar"),
        added=_WATERY,
        ratios={
            "fill": (0.25, 0.25),
            "spread": (0.35, 0.45),
            "dip": (0.5, 0.6),
            "drizzle": (0.7, 0.9),
        },
        standing=_THICKENS,
    ),
    MixtureKind(
        "icing",
        "powdered sugar with juice or milk",
        sort="liquid",
        base=("powdered_sugar", "powdered_sweetener"),
        added=(*_WATERY, "juice", "acid"),
        ratios={
            "fill": (0.15, 0.15),
            "spread": (0.2, 0.2),
            "dip": (0.25, 0.25),
            "drizzle": (0.3, 0.35),
        },
        takes={"powdered_sweetener": 0.8},
        standing_with={"powdered_sweetener": "Of erythritol it turns grainy as it dries."},
    ),
    MixtureKind(
        "cheese_frosting",
        "cream cheese with protein powder",
        sort="powder",
        base=("cream_cheese",),
        beside=("thick_yogurt", "plant_yogurt"),
        idle=_IN_A_FROSTING,
        added=_PROTEIN,
        ratios={"fill": (0.14, 0.16), "spread": (0.12, 0.14), "dip": (0.10, 0.11)},
        mostly=0.4,
        needs=True,
        called=_FROSTING,
        standing="It firms in 30 to 60 min in the fridge.",
        standing_with=_RUNNY,
    ),
    MixtureKind(
        "yogurt_frosting",
        "thick yogurt with protein powder",
        sort="powder",
        base=("thick_yogurt", "plant_yogurt"),
        idle=_IN_A_FROSTING,
        added=_PROTEIN,
        ratios={"fill": (0.13, 0.15), "spread": (0.10, 0.13), "dip": (0.08, 0.10)},
        needs=True,
        called=_FROSTING,
        standing="It thickens as it stands, and weeps 2 to 5 % by the next day: stir it again.",
        standing_with=_RUNNY,
    ),
    MixtureKind(
        "shake",
        "shake with gum",
        sort="gum",
        of_all=True,
        added=("gum",),
        ratios={"spoon": (0.003, 0.0035), "milkshake": (0.0015, 0.0025), "body": (0.001, 0.001)},
        helps={"pudding_mix": 0.1},
        needs=True,
        family="drink",
        standing="Sprinkle it in while it blends: it thickens for a few minutes more. "
        "Above half a percent it turns slimy.",
        by_tenths=True,
    ),
    MixtureKind(
        "pudding_shake",
        "shake with pudding powder",
        sort="powder",
        of_all=True,
        added=("pudding_mix",),
        ratios={"milkshake": (0.015, 0.02), "body": (0.01, 0.01)},
        needs=True,
        family="drink",
        standing="It keeps thickening for 5 min.",
        by_tenths=True,
    ),
)
MOSTLY: Final = 0.85
"""What belongs to a mixture makes up at least so much of what is called one."""
