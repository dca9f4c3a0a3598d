"""Waffles."""

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
    key="waffle",
    name="waffle",
    says=("waffle", "chaffle"),
    bands=Bands(
        water=Span(1.5, 3.7),
        lift=Span(1.0, 8.0),
        powder_most=(0.75, 0.60),
        fat=(0.01, None),
        salt=Span(0.1, 1.4),
    ),
    loss=(0.10, 0.20),
    steps=(
        Row("heat", "Heat the waffle iron 5 min", on="", kind="prep"),
        Row("mix", "Mix {main} smooth with a spoon 4 min"),
        Row("spray", "Spray both plates each time 1 min", on="", must="spray"),
        Row(
            "cook",
            "Cook each in the iron 2-3 min until the light turns and the steam stops",
            after=("mix", "heat", "spray"),
            kind="machine",
            ladle_g=100,
            at_a_time=1,
        ),
        Row("rack", "Set {main} on a rack, not in a stack, to stay crisp 2 min"),
    ),
    usually=JoinsAt(after=("rack",)),
    musts=(SPRAY_AGAIN,),
    keeps=(
        Habit("2 to 3 days", days=Span(2, 3)),
        Habit("up to 3 months", months=Span(3, 3)),
    ),
    reheat=(Reheat("toaster", 2, 4), Reheat("oven", 6, 6, "at 350 °F (177 °C)")),
    sweet=True,
    baked=True,
    shell=True,
)
