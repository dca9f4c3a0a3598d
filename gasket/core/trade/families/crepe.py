"""Crepes, blintzes and egg-white wraps."""

from typing import Final

from gasket.core.trade.families.model import (
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
    key="crepe",
    name="crepe",
    says=(
        "crepe",
        "blintz",
        "egg white wrap",
        "crepe cake",
        "crepe roll up",
        "galette",
        "thin pancake",
        "Swedish pancake",
    ),
    bands=Bands(water=Span(2.2, 8.0), lift=Span(0.0, 4.0), salt=Span(0.0, 1.2)),
    loss=(0.10, 0.25),
    steps=(
        Row("blend", "Blend {main} smooth 2 min"),
        Row("rest", "Rest {main} 15-30 min, it thickens"),
        Row("again", "Stir {main} again, thinned to single cream 1 min", must="again"),
        Row("heat", "Heat the pan and spray it 3 min", on="", kind="prep"),
        Row(
            "cook",
            "Cook each in the pan, 40 to 60 ml at a time 2 min until the edges lift, then flip",
            after=("again", "heat"),
            ladle_g=50,
            at_a_time=1,
        ),
    ),
    usually=JoinsAt(after=("cook",)),
    musts=(STIR_AGAIN, SPRAY_AGAIN),
    keeps=(
        Habit("2 to 3 days between sheets of paper", days=Span(2, 3)),
        Habit("up to 2 months", months=Span(1, 2)),
    ),
    reheat=(Reheat("pan", 1, 2, "30 s a side"),),
    late="Fill it just before serving, or it goes soft.",
    baked=True,
    shell=True,
)
