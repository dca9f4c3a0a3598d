"""Cheesecake, custard and tarts that egg sets in the oven."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE_IT,
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
    key="custard",
    name="baked custard or cheesecake",
    says=(
        "cheesecake",
        "custard",
        "pumpkin pie",
        "custard pie",
        "lime pie",
        "lemon pie",
        "sweet potato pie",
        "pecan pie",
        "chess pie",
        "tart",
        "flan",
        "creme brulee",
        "brulee",
        "creme caramel",
        "clafoutis",
        "pot de creme",
        "custard pot",
    ),
    bands=Bands(salt=Span(0.0, 1.0)),
    loss=(0.03, 0.10),
    steps=(
        PREHEAT,
        Row(
            "crust",
            "Bake the crust 350 F 8 min",
            on="",
            after=("preheat",),
            must="par",
            when=("crust",),
        ),
        Row("line", "Line the tin or grease the cups 2 min", on="", must="line"),
        Row("mix", "Beat {main} smooth without air, the egg last 5 min"),
        Row("fill", "Pour {main} in 2 min", after=("mix", "line")),
        Row("bath", "Set it in a water bath 2 min", on="", must="bath"),
        Row(
            "bake",
            "Bake {main} in the water bath 325 F 35-55 min until only the middle wobbles",
            after=("fill", "preheat", "bath"),
        ),
        Row("cool", "Cool {main} with the oven door ajar 30-60 min"),
        Row("chill", "Chill {main} overnight"),
    ),
    usually=JoinsAt(after=("chill",)),
    places={
        "base": JoinsAt(after=("line",), before="fill"),
        "filling": JoinsAt(after=("line",), before="fill"),
    },
    musts=(
        LINE_IT,
        Must(
            "bath",
            r"water (pan|bath)|bain",
            "A water bath keeps it from cracking.",
            "Set it in a water bath 2 min",
        ),
    ),
    keeps=(
        Habit("3 to 5 days; a crust softens from the second day", days=Span(3, 5)),
        Habit("1 to 2 months", months=Span(1, 2)),
    ),
    sweet=True,
    eaten_cold=True,
    set_by_egg=True,
)
