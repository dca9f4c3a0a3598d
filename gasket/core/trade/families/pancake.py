"""Pancakes and pancake bites."""

from typing import Final

from gasket.core.trade.families.model import (
    AGAIN,
    SPRAY_AGAIN,
    STIR_AGAIN,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="pancake",
    name="pancake",
    says=(
        "pancake",
        "hotcake",
        "hot cake",
        "griddle cake",
        "drop scone",
        "pikelet",
        "blini",
        "Dutch baby",
        "popover",
        "Yorkshire pudding",
    ),
    bands=Bands(
        water=Span(1.2, 3.7),
        lift=Span(1.0, 8.0),
        powder_most=(0.75, 0.60),
        fat=(0.01, None),
        salt=Span(0.1, 1.4),
    ),
    loss=(0.08, 0.14),
    steps=(
        Row("dry", "Whisk the dry ingredients for {main} together 2 min"),
        Row("stir", "Stir in the wet ingredients, only just combined 2 min", must="fold"),
        Row("rest", "Rest {main} 5-10 min"),
        Row("heat", "Heat the pan or griddle and spray it 5 min", on="", kind="prep"),
        AGAIN,
        Row(
            "cook",
            "Cook each in the pan, 60 ml at a time 3 min until bubbles and a firm edge, then flip",
            after=("again", "heat"),
            ladle_g=60,
            at_a_time=3,
        ),
    ),
    usually=JoinsAt(after=("cook",)),
    places={"filling": JoinsAt(after=("again",), before="cook")},
    musts=(STIR_AGAIN, SPRAY_AGAIN),
    keeps=(
        Habit("3 days", days=Span(3, 3)),
        Habit("between sheets of paper, up to 3 months", months=Span(3, 3)),
    ),
    reheat=(Reheat("toaster", 2, 2), Reheat("microwave", 1 / 3, 0.5)),
    sweet=True,
    baked=True,
    shell=True,
)
