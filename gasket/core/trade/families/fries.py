"""Fries, wedges, chips and tots."""

from typing import Final

from gasket.core.trade.families.model import (
    PREHEAT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="fries",
    name="fries or chips",
    says=(
        "fries",
        "wedge",
        "chips",
        "crisps",
        "tot",
        "hash brown",
        "nachos",
        "nacho",
        "potato wedge",
        "waffle fries",
        "roast potato",
        "potato skin",
        "poutine",
        "tortilla chips",
    ),
    bands=Bands(salt=Span(0.3, 1.5)),
    loss=(0.35, 0.55),
    steps=(
        PREHEAT,
        Row("cut", "Cut {main} 8 to 10 mm thick 6 min"),
        Row("soak", "Soak {main} in cold water 20-30 min", when=("potato",)),
        Row("dry", "Pat {main} dry and turn it in the oil 3 min", must="dry"),
        Row("lay", "Lay {main} on the sheet in one layer 2 min"),
        Row(
            "bake",
            "Bake {main} on the sheet 425 F 25-35 min until golden, not brown",
            after=("lay", "preheat"),
        ),
        Row("salt", "Season {main} 1 min"),
    ),
    usually=JoinsAt(after=("salt",)),
    keeps=(Habit("best at once; 3 to 4 days", days=Span(3, 4)),),
    reheat=(Reheat("air fryer", 3, 5, "at 400 °F (205 °C)"),),
    late="Sauce goes on just before serving, or they go soft.",
)
