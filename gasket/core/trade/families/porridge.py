"""Oatmeal, overnight and baked oats, rice pudding."""

from typing import Final

from gasket.core.trade.families.model import (
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="porridge",
    name="porridge or oats",
    says=(
        "oatmeal",
        "porridge",
        "overnight oats",
        "baked oats",
        "baked oatmeal",
        "oat cup",
        "oats",
        "proats",
        "rice pudding",
        "semolina pudding",
        "grits",
        "oatmeal bowl",
        "oat bowl",
        "oatmeal cup",
    ),
    bands=Bands(
        water=Span(1.2, 6.5), lift=Span(0.0, 7.0), powder_most=(0.65, 0.65), salt=Span(0.0, 1.0)
    ),
    loss=(0.02, 0.15),
    steps=(
        Row("stir", "Stir the oats, the milk and the salt for {main} in a tall bowl 2 min"),
        Row(
            "cook",
            "Microwave {main} 2-3 min, stirring every 45 s until fluffy and the liquid is gone",
        ),
        Row("powder", "Move it to a cold bowl and stir the powder in off the heat 1 min"),
    ),
    usually=JoinsAt(after=("powder",)),
    keeps=(Habit("overnight oats 3 to 4 days", days=Span(3, 4)),),
    reheat=(Reheat("microwave", 1.5, 2, "with a splash of milk"),),
    sweet=True,
    warm_sauce=True,
)
