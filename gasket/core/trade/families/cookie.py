"""Cookies, shortbread, cookie bars and cookie cakes."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE_IT,
    MICROWAVE_BAKE,
    ONCE_COOL,
    OVEN_BAKE,
    PREHEAT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Must,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="cookie",
    name="cookie",
    says=(
        "cookie",
        "biscotti",
        "shortbread",
        "cookie bar",
        "cookie cake",
        "cookie cup",
        "skillet cookie",
        "snickerdoodle",
        "ginger snap",
        "gingersnap",
        "macaroon",
        "gingerbread",
        "biscuit",
        "oatcake",
        "thumbprint",
        "oatmeal cookie",
        "amaretti",
        "cracker",
    ),
    bands=Bands(
        water=Span(0.3, 1.5), lift=Span(0.0, 7.0), powder_most=(0.65, 0.45), salt=Span(0.2, 1.3)
    ),
    loss=(0.08, 0.18),
    steps=(
        Row("cream", "Beat the fat, the sweetener and the egg or yogurt together 3 min"),
        Row("dry", "Stir in the dry ingredients 2 min"),
        Row("rest", "Chill {main} 30-60 min so that it does not spread", must="chill"),
        PREHEAT,
        Row("line", "Line the baking sheet 2 min", on="", must="line"),
        Row(
            "shape",
            "Scoop {main} 4 cm apart and flatten each 5 min",
            after=("rest", "line"),
            must="flatten",
        ),
        Row(
            "bake",
            "Bake {main} on the sheet 350 F 9-11 min until the edge is set and the middle is soft",
            after=("shape", "preheat"),
            piece_g=32,
        ),
        Row("cool", "Cool {main} on the hot sheet 5-10 min, it goes on baking"),
    ),
    usually=ONCE_COOL,
    places={
        "base": JoinsAt(after=("line",), before="shape"),
        "topping": JoinsAt(after=("shape",), before="bake"),
        "filling": JoinsAt(after=("rest",), before="shape"),
    },
    musts=(
        LINE_IT,
        Must(
            "chill",
            r"chill|fridge|freez",
            "Chill the dough, or it spreads.",
            "Chill the dough 30-60 min",
        ),
        Must(
            "flatten",
            r"flatten|press|roll",
            "Flatten each: with little sugar it does not run.",
            "Flatten each 2 min",
        ),
    ),
    keeps=(
        Habit("3 to 5 days in a closed box", days=Span(3, 5)),
        Habit("balls of dough up to 3 months: bake them frozen", months=Span(3, 3)),
    ),
    reheat=(MICROWAVE_BAKE, OVEN_BAKE),
    sweet=True,
    baked=True,
    eaten_cold=True,
)
