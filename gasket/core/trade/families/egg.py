"""Egg cups, quiches, frittatas and omelettes."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE_IT,
    LIQUID_MILK,
    PREHEAT,
    SOFT_CHEESE,
    WHOLE_EGG,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Must,
    Ratio,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="egg",
    name="egg cup, quiche or omelette",
    says=(
        "egg cup",
        "egg muffin",
        "egg bite",
        "egg white bite",
        "egg bake",
        "egg casserole",
        "breakfast casserole",
        "quiche",
        "frittata",
        "omelette",
        "omelet",
        "shakshuka",
        "scrambled egg",
        "strata",
        "tortilla espanola",
        "egg",
        "souffle",
    ),
    bands=Bands(salt=Span(0.4, 1.8)),
    ratios=(
        Ratio(
            "milk_to_egg",
            "Milk and soft cheese to egg",
            of=(*LIQUID_MILK, *SOFT_CHEESE),
            to=WHOLE_EGG,
            span=Span(None, 1.3),
            above="More milk and soft cheese than the egg can hold: it weeps.",
        ),
        Ratio(
            "filling_to_egg",
            "Filling to egg mixture",
            of=(
                *("vegetable", "potato", "legumes", "cheese", "plant_cheese", "tofu", "rice"),
                *("mince", "poultry_mince", "poultry", "cured_meat", "deli_meat", "meat", "fish"),
            ),
            to=(*WHOLE_EGG, *LIQUID_MILK, *SOFT_CHEESE),
            span=Span(None, 1.0),
            above="More filling than egg: the pieces fall apart when they come out.",
        ),
    ),
    loss=(0.06, 0.15),
    steps=(
        PREHEAT,
        Row("line", "Spray the cups well 2 min", on="", must="line"),
        Row("mix", "Whisk the egg and the soft cheese for {main} smooth 2 min"),
        Row("fill", "Fill the cups with {main} to 3/4 4 min", after=("mix", "line"), must="fill"),
        Row("water", "Put a pan of hot water under the rack 1 min", on="", must="water"),
        Row(
            "bake",
            "Bake {main} in the cups 350 F 20-30 min until a toothpick comes out clean",
            after=("fill", "preheat", "water"),
            piece_g=80,
        ),
        Row("cool", "Cool {main} 5 min, then run a spoon round the edge"),
    ),
    usually=JoinsAt(after=("line",), before="fill"),
    places={"sauce": JoinsAt(after=("cool",)), "topping": JoinsAt(after=("fill",), before="bake")},
    musts=(
        LINE_IT,
        Must(
            "fill",
            r"3/4|three quarters|two thirds|2/3|fill",
            "Fill to 3/4, all of them low first, then top up.",
            "Fill to 3/4 2 min",
        ),
    ),
    keeps=(Habit("up to 2 months", months=Span(1, 2)),),
    reheat=(
        Reheat("microwave", 0.5, 1, "at 60 % power"),
        Reheat("oven", 8, 15, "at 350 °F (177 °C)"),
    ),
    set_by_egg=True,
)
