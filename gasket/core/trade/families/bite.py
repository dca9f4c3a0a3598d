"""Small moist bites baked in a mould: brownie bites, donut holes."""

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
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="bite",
    name="small moist bite",
    says=(
        "brownie bite",
        "blondie bite",
        "donut hole",
        "doughnut hole",
        "baked protein ball",
        "baked ball",
        "baked bite",
    ),
    bands=Bands(
        water=Span(1.5, 6.0), lift=Span(0.0, 9.0), powder_most=(0.90, 0.75), salt=Span(0.1, 1.2)
    ),
    loss=(0.08, 0.18),
    steps=(
        PREHEAT,
        Row("blend", "Blend the wet ingredients for {main} 1 min"),
        Row("dry", "Stir in the dry ingredients 2 min"),
        Row("line", "Spray the mould 1 min", on="", must="line"),
        Row("fill", "Scoop {main} into the mould 4 min", after=("dry", "line")),
        Row(
            "bake",
            "Bake {main} in the mould 350 F 10-14 min until the top is dry to the touch",
            after=("fill", "preheat"),
            piece_g=30,
        ),
        Row("cool", "Cool {main} 15 min"),
    ),
    usually=ONCE_COOL,
    places={"topping": JoinsAt(after=("fill",), before="bake")},
    musts=(LINE_IT,),
    keeps=(
        Habit("4 to 5 days, cold", days=Span(4, 5)),
        Habit("up to 3 months", months=Span(3, 3)),
    ),
    reheat=(MICROWAVE_BAKE, OVEN_BAKE),
    sweet=True,
    baked=True,
    eaten_cold=True,
)
