"""Bases of vegetable and egg: cauliflower crust, chicken crust."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE_IT,
    PREHEAT,
    SOFT_CHEESE,
    STIR_AGAIN,
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
    key="set_base",
    name="base set with egg",
    says=(
        *(
            f"{what} {base}"
            for what in (
                "cauliflower",
                "broccoli",
                "chicken",
                "egg white",
                "zucchini",
                "courgette",
                "tuna",
                "cottage cheese",
                "turkey",
            )
            for base in ("crust", "base", "crust pizza", "pizza crust", "base pizza")
        ),
        "cauliflower pizza",
        "broccoli pizza",
        "egg white pizza",
        "cottage cheese flatbread",
    ),
    bands=Bands(salt=Span(0.4, 1.8)),
    ratios=(
        Ratio(
            "egg_to_vegetable",
            "Egg and soft cheese to vegetable",
            of=(*WHOLE_EGG, *SOFT_CHEESE),
            to=("vegetable",),
            span=Span(0.2, 1.3),
            below="Little egg to hold so much vegetable: the base may not lift in one piece.",
            above="More egg than vegetable: it bakes up like an egg cup, not like a base.",
        ),
    ),
    loss=(0.15, 0.35),
    steps=(
        PREHEAT,
        Row(
            "steam",
            "Steam the florets in a covered pan, then dry them with the lid off 5-8 min",
            when=("vegetable",),
            must="dry",
        ),
        Row("mix", "Whisk {main} until no flour shows 3 min"),
        Row("line", "Spray the pan 1 min", on="", must="line"),
        Row("again", "Stir {main} again and pour it in 1 min", after=("mix", "line"), must="again"),
        Row(
            "first",
            "Bake {main} in the pan without the topping 425 F 18-22 min until the top is solid",
            after=("again", "preheat"),
            must="par",
        ),
        Row("top", "Top {main} thinly 3 min", unless=("parts",)),
        Row("bake", "Bake 425 F 5-7 min until the cheese melts", on="all", after=("top", "first")),
        Row("cut", "Cut it in slices 2 min", on="all"),
    ),
    usually=JoinsAt(after=("first",), before="bake"),
    musts=(
        LINE_IT,
        STIR_AGAIN,
        Must(
            "par",
            r"without the topping|par-?bake|pre-?bake|first",
            "Bake the base first, or it stays wet.",
            "Bake the base without the topping 425 F 18-22 min",
        ),
    ),
    keeps=(
        Habit("3 to 4 days, in tubs for the week", days=Span(3, 4)),
        Habit("up to 2 months", months=Span(1, 2)),
    ),
    reheat=(Reheat("oven", 6, 8, "at 375 °F (190 °C)"), Reheat("air fryer", 3, 6)),
    set_by_egg=True,
    shell=True,
)
