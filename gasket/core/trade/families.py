"""Families of dishes: what kind of thing it is decides which habits of the trade apply to it."""

import re
from typing import Final, Literal, NamedTuple, get_args

Family = Literal[
    "dough",
    "cake",
    "brownie",
    "batter",
    "crepe",
    "custard",
    "tray",
    "burger",
    "drink",
    "frozen",
    "no_bake",
]
FAMILIES: Final[tuple[Family, ...]] = get_args(Family)


class Span(NamedTuple):
    """From the least to the most that is usual; None is no bound."""

    least: float | None
    most: float | None


class Habits(NamedTuple):
    """What is usual in a family (common practice); None is not looked at."""

    name: str
    hydration: Span | None = None
    leavening_per_100: Span | None = None
    powder_share_most: float | None = None
    fat_share: tuple[float, float] | None = None
    """Least fat of the baked part: of the school that keeps some, and of the one that needs
    none."""
    salt_share: Span | None = None
    sweet: bool = False


_BAKED_LEAVENING: Final = Span(2.5, 7.0)
_SWEET_SALT: Final = Span(0.3, 1.0)
_SAVOURY_SALT: Final = Span(0.6, 1.6)

HABITS: Final[dict[Family, Habits]] = {
    "dough": Habits(
        "roll, bun or pizza dough",
        hydration=Span(0.9, 1.4),
        leavening_per_100=_BAKED_LEAVENING,
        powder_share_most=0.55,
        salt_share=Span(0.3, 1.6),
    ),
    "cake": Habits(
        "cake, loaf or muffin",
        hydration=Span(1.6, 2.7),
        leavening_per_100=_BAKED_LEAVENING,
        powder_share_most=0.55,
        fat_share=(0.02, 0.01),
        salt_share=_SWEET_SALT,
        sweet=True,
    ),
    "brownie": Habits(
        "brownie or small moist bite",
        hydration=Span(2.3, 5.5),
        leavening_per_100=Span(0.0, 7.0),
        powder_share_most=0.75,
        fat_share=(0.02, 0.01),
        salt_share=_SWEET_SALT,
        sweet=True,
    ),
    "batter": Habits(
        "pancake or waffle",
        hydration=Span(1.8, 3.3),
        leavening_per_100=_BAKED_LEAVENING,
        powder_share_most=0.55,
        fat_share=(0.015, 0.01),
        salt_share=_SWEET_SALT,
        sweet=True,
    ),
    "crepe": Habits(
        "crepe",
        hydration=Span(3.5, 8.0),
        powder_share_most=0.55,
        salt_share=Span(0.2, 1.0),
    ),
    "custard": Habits("set custard, pudding or pot", salt_share=Span(0.0, 1.0), sweet=True),
    "tray": Habits("savoury bake or tray", salt_share=_SAVOURY_SALT),
    "burger": Habits("burger, sandwich or wrap", salt_share=_SAVOURY_SALT),
    "drink": Habits("drink or shake", sweet=True),
    "frozen": Habits("frozen dessert", sweet=True),
    "no_bake": Habits("no-bake bar or bite", powder_share_most=0.75, sweet=True),
}

_WORDS: Final[tuple[tuple[Family, str], ...]] = (
    (
        "tray",
        r"\begg (cups?|muffins?|bites?|bake)|frittata|quiche|pot pie|\w+herd'?s pie"
        r"|cottage pie|fish pie|meat ?loaf|strata",
    ),
    ("brownie", r"brownie|blondie|bites?\b"),
    ("crepe", r"cr[eê]pes?"),
    ("batter", r"pancake|waffle"),
    ("frozen", r"ice cream|frozen|sorbet|gelato|popsicle"),
    ("drink", r"shake|smoothie|latte|drink"),
    ("no_bake", r"no-bake|\bbars?\b|protein balls?|granola"),
    ("burger", r"burger|sandwich|wrap|burrito|taco|kebab"),
    ("tray", r"lasagn|mac and cheese|casserole|tray|gratin|pasta"),
    ("cake", r"cake|loaf|muffin|sponge|toffee pudding|cookie|scone"),
    ("custard", r"custard|pots?\b|pudding|mousse|tiramisu|cheesecake|flan|jelly"),
    ("dough", r"rolls?\b|pizza|bread|bun|bagel|dough|pretzel|donut|doughnut|pie"),
)
_PATTERNS: Final = tuple((family, re.compile(words, re.IGNORECASE)) for family, words in _WORDS)


def guess_family(name: str) -> Family | None:
    """The family that a dish's name suggests."""
    return next((family for family, pattern in _PATTERNS if pattern.search(name)), None)
