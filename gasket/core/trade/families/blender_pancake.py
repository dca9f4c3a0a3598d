"""Pancakes of egg with banana, oats or cottage cheese, from the blender."""

from typing import Final

from gasket.core.trade.families.model import (
    SPRAY_AGAIN,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="blender_pancake",
    name="blender pancake",
    says=("blender pancake",),
    bands=Bands(water=Span(2.5, 7.5), lift=Span(0.0, 8.0), salt=Span(0.0, 1.4)),
    loss=(0.10, 0.16),
    steps=(
        Row("blend", "Blend {main} smooth 1 min"),
        Row("heat", "Heat the pan on medium and spray it 3 min", on=""),
        Row(
            "cook",
            "Cook each in the pan, 50 to 60 ml at a time 4 min until the edge is firm, then flip",
            after=("blend", "heat"),
            ladle_g=55,
            at_a_time=3,
        ),
    ),
    usually=JoinsAt(after=("cook",)),
    musts=(SPRAY_AGAIN,),
    keeps=(Habit("2 to 3 days", days=Span(2, 3)),),
    reheat=(Reheat("toaster", 2, 2), Reheat("microwave", 1 / 3, 0.5)),
    sweet=True,
    baked=True,
    shell=True,
)
