"""Granola, granola cups, wrapper cups, oat bars from the oven."""

from typing import Final

from gasket.core.trade.families.model import (
    LINE_IT,
    ONCE_COOL,
    PREHEAT,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Must,
    Ratio,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="baked_cup",
    name="granola or crisp baked cup",
    says=(
        "granola",
        "granola cup",
        "cereal cup",
        "wonton cup",
        "filo cup",
        "phyllo cup",
        "tortilla cup",
        "flapjack",
        "muesli",
        "oat bar",
        "oatmeal bar",
        "baked oat bar",
    ),
    bands=Bands(
        water=Span(0.1, 0.9), lift=Span(0.0, 3.0), powder_most=(0.50, 0.40), salt=Span(0.0, 1.2)
    ),
    ratios=(
        Ratio(
            "binder",
            "What binds, of the mixture",
            of=("egg", "egg_white", "syrup", "nut_butter"),
            to=(),
            span=Span(0.25, 0.45),
            below="Little to bind it: the cups crumble.",
            above="A lot of binder: it bakes up chewy and sticks to the tin.",
        ),
    ),
    loss=(0.08, 0.15),
    steps=(
        PREHEAT,
        Row("mix", "Mix {main} by hand until a pinch of it sticks 5 min"),
        Row("line", "Grease the tin well 2 min", on="", must="line"),
        Row(
            "press",
            "Press {main} into the tin with the back of a spoon 5 min",
            after=("mix", "line"),
        ),
        Row(
            "bake",
            "Bake {main} in the tin 320 F 15-20 min until the edges are gold",
            after=("press", "preheat"),
            piece_g=50,
        ),
        Row("cool", "Cool {main} whole 20 min, it crisps as it cools", must="cool"),
    ),
    usually=ONCE_COOL,
    places={"topping": JoinsAt(after=("press",), before="bake")},
    musts=(
        LINE_IT,
        Must("cool", r"cool", "Let it cool whole: it crisps as it cools.", "Cool it whole 20 min"),
    ),
    keeps=(Habit("about 7 days empty, in a closed box", days=Span(7, 7)),),
    late="Fill it just before serving, or it goes soft.",
    sweet=True,
    baked=True,
    eaten_cold=True,
    shell=True,
)
