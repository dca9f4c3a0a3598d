"""Pizza, flatbread, naan and calzone on a dough or a ready base."""

from typing import Final

from gasket.core.trade.families.model import (
    PREHEAT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Must,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="pizza",
    name="pizza or flatbread",
    says=(
        "pizza",
        "flatbread",
        "flat bread",
        "naan",
        "pita",
        "calzone",
        "stromboli",
        "pizza bite",
        "dough",
        "pizza dough",
        "pizza base",
        "pizza crust",
        "crust",
        "focaccia",
        "pizza pocket",
    ),
    bands=Bands(
        water=Span(0.6, 1.5), lift=Span(0.0, 7.0), powder_most=(0.50, 0.30), salt=Span(0.6, 2.0)
    ),
    loss=(0.08, 0.18),
    steps=(
        PREHEAT,
        Row("knead", "Stir the flour and the yogurt into a dough 5 min", when=("dough",)),
        Row("prove", "Let {main} rise 60-90 min", when=("yeast",)),
        Row("rest", "Rest {main} in the fridge 20 min", when=("dough",), unless=("yeast",)),
        Row("shape", "Roll {main} out to 5 mm and prick it 6 min", when=("dough",)),
        Row(
            "par",
            "Par-bake the base 450 F 6-8 min",
            after=("shape", "preheat"),
            must="par",
            when=("dough",),
        ),
        Row(
            "crisp",
            "Bake the base alone 400 F 2-3 min until crisp",
            after=("preheat",),
            must="par",
            unless=("dough",),
        ),
        Row(
            "top",
            "Spread the sauce thinly, then the cheese and the topping 4 min",
            unless=("parts",),
        ),
        Row(
            "bake",
            "Bake 450 F 6-10 min until the underside is brown and stiff",
            on="all",
            after=("top", "par", "crisp"),
        ),
        Row("stand", "Let it stand 2 min, then cut", on="all"),
    ),
    usually=JoinsAt(after=("par", "crisp"), before="bake"),
    places={"frosting": JoinsAt(after=("bake",))},
    musts=(
        Must(
            "par",
            r"par-?bake|pre-?bake|alone|crisp",
            "Bake the base first, or it goes soggy.",
            "Par-bake the base 450 F 6-8 min",
            when=("dough",),
        ),
    ),
    keeps=(Habit("up to 2 months", months=Span(1, 2)),),
    reheat=(
        Reheat("air fryer", 4, 4, "at 375 °F (190 °C)"),
        Reheat("oven", 8, 15, "at 350 °F (177 °C)"),
    ),
    baked=True,
    shell=True,
)
