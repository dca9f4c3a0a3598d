"""Wraps, burritos, tacos, quesadillas and rolls of pastry."""

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
    key="wrap",
    name="wrap, burrito or taco",
    says=(
        "wrap",
        "burrito",
        "taco",
        "quesadilla",
        "roll up",
        "pinwheel",
        "spring roll",
        "summer roll",
        "egg roll",
        "pizza wrap",
        "fajita",
        "tostada",
        "chimichanga",
        "gyro",
        "shawarma",
        "dumpling",
        "wonton",
        "potsticker",
        "gyoza",
        "taquito",
        "flauta",
        "rice paper roll",
        "lettuce wrap",
    ),
    bands=Bands(salt=Span(0.6, 2.4)),
    loss=(0.04, 0.10),
    steps=(
        PREHEAT,
        Row("fill", "Mix {main} and weigh it: that, divided, is one filling 8 min", kind="mix"),
        Row(
            "roll",
            "Lay the filling on, fold the ends in and roll, seam down 6 min",
            on="all",
            after=("fill",),
            must="seam",
            kind="prep",
        ),
        Row(
            "bake",
            "Bake 450 F 12-15 min, sprayed until golden",
            on="all",
            after=("roll", "preheat"),
            piece_g=150,
        ),
    ),
    usually=JoinsAt(into="roll"),
    places={"sauce": JoinsAt(after=("bake",))},
    musts=(
        Must("seam", r"seam|fold", "Set it seam down, or it opens.", "Set each seam down 1 min"),
    ),
    keeps=(Habit("wrapped one by one, up to 3 months", months=Span(3, 3)),),
    reheat=(
        Reheat("microwave", 2, 3, "from frozen 4 to 5"),
        Reheat("pan", 1, 2, "a side"),
    ),
    late="Salad goes in just before serving.",
)
