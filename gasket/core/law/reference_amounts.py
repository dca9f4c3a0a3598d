"""Reference amounts customarily eaten (US 21 CFR 101.12, figures from memory): a yardstick."""

from typing import Final, Literal

from gasket.core.numbers import Answer

ReferenceKey = Literal[
    "muffin",
    "pancakes",
    "waffle",
    "brownie",
    "cookie",
    "sweet_roll",
    "heavy_cake",
    "medium_cake",
    "pie",
    "sandwich",
    "pudding",
    "ice_cream",
    "mixed_dish",
]


class ReferenceAmount(Answer):
    """What a rule takes one eating of it to weigh; `main_dish` has limits of its own."""

    key: ReferenceKey
    name: str
    grams: float
    main_dish: bool = False


REFERENCE_AMOUNTS: Final[dict[ReferenceKey, ReferenceAmount]] = {
    amount.key: amount
    for amount in (
        ReferenceAmount(key="muffin", name="Muffin, sweet bread", grams=110),
        ReferenceAmount(key="pancakes", name="Pancakes", grams=110),
        ReferenceAmount(key="waffle", name="Waffle", grams=85),
        ReferenceAmount(key="brownie", name="Brownie", grams=40),
        ReferenceAmount(key="cookie", name="Cookie", grams=30),
        ReferenceAmount(key="sweet_roll", name="Sweet roll", grams=55),
        ReferenceAmount(key="heavy_cake", name="Heavy cake, cheesecake", grams=125),
        ReferenceAmount(key="medium_cake", name="Cake with icing or fruit", grams=80),
        ReferenceAmount(key="pie", name="Pie", grams=125),
        ReferenceAmount(key="sandwich", name="Sandwich, burrito, pizza", grams=140),
        ReferenceAmount(key="pudding", name="Pudding, half a cup", grams=130),
        ReferenceAmount(key="ice_cream", name="Ice cream, two thirds of a cup", grams=95),
        ReferenceAmount(
            key="mixed_dish", name="Main dish of several foods", grams=170, main_dish=True
        ),
    )
}
