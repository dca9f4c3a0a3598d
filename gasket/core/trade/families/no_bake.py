"""No-bake bars, balls, fudge and cookie dough."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE,
    LINE_IT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="no_bake",
    name="no-bake bar or ball",
    says=(
        "truffle",
        "fudge",
        "crisped rice treat",
        "rice treat",
        "crispy treat",
        "cereal treat",
        "cookie dough",
        "nut butter cup",
        "peanut butter cup",
        "almond butter cup",
        "energy ball",
        "energy bite",
        "protein bite",
        "protein ball",
        "protein bar",
        "granola bar",
        "cereal bar",
        "candy bar",
        "bliss ball",
        "chocolate bark",
        "rocky road",
        "tiffin",
        *(
            f"{what} {form}"
            for what in ("cake", "pie", "batter", "cookie dough")
            for form in ("bite", "ball", "bar")
        ),
    ),
    bands=Bands(water=Span(0.2, 1.4), powder_most=(0.90, 0.75), salt=Span(0.0, 1.2)),
    loss=(0.0, 0.03),
    steps=(
        LINE,
        Row("mix", "Mix {main}, the last liquid by the teaspoon 6 min"),
        Row("rest", "Rest {main} 5-10 min"),
        Row("press", "Press {main} into the tin or roll it 5 min", after=("rest", "line")),
        Row("chill", "Chill {main} 45-60 min until it holds a thumb print", must="chill"),
        Row("cut", "Cut {main} 3 min"),
    ),
    usually=JoinsAt(after=("mix",), before="press"),
    places={
        "base": JoinsAt(after=("line",), before="press"),
        "topping": JoinsAt(after=("press",), before="chill"),
        "frosting": JoinsAt(after=("chill",), before="cut"),
        "sauce": JoinsAt(after=("chill",), before="cut"),
    },
    musts=(LINE_IT,),
    keeps=(
        Habit("5 to 7 days, cold", days=Span(5, 7)),
        Habit("up to 3 months", months=Span(3, 3)),
    ),
    sweet=True,
    baked=True,
    eaten_cold=True,
    heated=False,
)
