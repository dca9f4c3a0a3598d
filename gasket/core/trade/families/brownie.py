"""Brownies and blondies in a pan."""

from typing import Final

from gasket.core.trade.families.model import (
    AGAIN,
    LINE,
    LINE_IT,
    MICROWAVE_BAKE,
    ONCE_COOL,
    OVEN_BAKE,
    PREHEAT,
    STIR_AGAIN,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="brownie",
    name="brownie or blondie",
    says=("brownie", "blondie"),
    bands=Bands(
        water=Span(0.9, 6.0),
        lift=Span(0.0, 8.0),
        powder_most=(0.75, 0.60),
        fat=(0.01, None),
        salt=Span(0.1, 1.2),
    ),
    loss=(0.06, 0.14),
    steps=(
        PREHEAT,
        LINE,
        Row("grind", "Grind the oats and the sweetener to dust 2 min", when=("oats",), kind="mix"),
        Row("stir", "Stir {main} for longer than seems right 5 min", must="stir"),
        Row("foam", "Whip the whites and fold them in by thirds 6 min", when=("egg_white",)),
        AGAIN,
        Row(
            "pan",
            "Spread {main} in the pan, edge to edge 2 min",
            after=("again", "line"),
            kind="prep",
        ),
        Row(
            "bake",
            "Bake {main} in the pan 350 F 20-28 min until the top has a thin skin",
            after=("pan", "preheat"),
            whole_g=500,
        ),
        Row("cool", "Cool {main} 45 min, it goes on setting"),
        Row("cut", "Cut {main} once it is cold 3 min"),
    ),
    usually=ONCE_COOL,
    places={
        "base": JoinsAt(after=("line",), before="pan"),
        "topping": JoinsAt(after=("pan",), before="bake"),
        "filling": JoinsAt(after=("pan",), before="bake"),
    },
    musts=(LINE_IT, STIR_AGAIN),
    keeps=(
        Habit("4 to 5 days, cold", days=Span(4, 5)),
        Habit("in squares, up to 3 months", months=Span(3, 3)),
    ),
    reheat=(MICROWAVE_BAKE, OVEN_BAKE),
    sweet=True,
    baked=True,
    eaten_cold=True,
)
