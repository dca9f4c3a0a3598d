"""Crumbles, cobblers, crisps and fruit pies."""

from typing import Final

from gasket.core.trade.families.model import (
    OVEN_BAKE,
    PREHEAT,
    Bands,
    DishFamily,
    JoinsAt,
    Reheat,
    Row,
)

FAMILY: Final = DishFamily(
    key="fruit_bake",
    name="crumble, cobbler or fruit pie",
    says=(
        "crumble",
        "cobbler",
        "crisp",
        "strudel",
        "buckle",
        "baked apple",
        "pie",
        "apple pie",
        "berry pie",
        "cherry pie",
        "peach pie",
        "blueberry pie",
        "apple crisp",
    ),
    bands=Bands(),
    loss=(0.08, 0.15),
    steps=(
        PREHEAT,
        Row("fruit", "Mix the fruit with the starch 5 min"),
        Row("fill", "Fill {main} into the dish 3 min"),
        Row(
            "bake",
            "Bake {main} in the dish 375 F 30-40 min until the middle bubbles and the top is brown",
            after=("fill", "preheat"),
        ),
        Row("rest", "Rest {main} 15 min"),
    ),
    usually=JoinsAt(after=("fill",), before="bake"),
    places={
        "base": JoinsAt(before="fill"),
        "frosting": JoinsAt(after=("rest",)),
        "sauce": JoinsAt(after=("rest",)),
    },
    reheat=(Reheat("microwave", 1, 2), OVEN_BAKE),
    sweet=True,
)
