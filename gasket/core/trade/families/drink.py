"""Shakes, smoothies, lemonades and hot drinks."""

from typing import Final

from gasket.core.trade.families.model import (
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="drink",
    name="drink or shake",
    says=(
        "shake",
        "milkshake",
        "smoothie",
        "latte",
        "lemonade",
        "hot chocolate",
        "cocoa",
        "frappe",
        "mocha",
        "cappuccino",
        "coffee",
        "tea",
        "juice",
        "eggnog",
        "egg nog",
        "float",
        "slush",
        "slushie",
        "punch",
        "refresher",
        "mocktail",
        "cocktail",
        "soda",
        "chai",
        "malt",
        "smoothie bowl",
        "drink",
    ),
    bands=Bands(),
    loss=(0.0, 0.02),
    steps=(
        Row(
            "weigh",
            "Put the liquid in first, then the powder and the ice 3 min",
            when=("ice",),
            kind="mix",
        ),
        Row("blend", "Blend {main} 1 min"),
    ),
    usually=JoinsAt(after=("blend",)),
    keeps=(Habit("24 hours, without ice", days=Span(1, 1)),),
    late="just before serving, or it goes soft.",
    sweet=True,
    eaten_cold=True,
    heated=False,
)
