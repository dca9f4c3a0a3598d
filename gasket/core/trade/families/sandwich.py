"""Sandwiches, subs, melts, toasts and hot dogs."""

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
    key="sandwich",
    name="sandwich",
    says=(
        "sandwich",
        "sub",
        "melt",
        "toast",
        "toastie",
        "hot dog",
        "hotdog",
        "panini",
        "hoagie",
        "BLT",
        "grilled cheese",
        "sloppy joe",
        "club",
        "croque monsieur",
        "reuben",
        "cheesesteak",
        "lobster roll",
        "burger sandwich",
        "stack",
    ),
    bands=Bands(salt=Span(0.6, 2.2)),
    loss=(0.03, 0.10),
    steps=(
        Row("prep", "Get {main} ready 6 min"),
        Row("toast", "Toast the bun 1-2 min", on="", must="toast", when=("bun",), kind="prep"),
        Row(
            "toast",
            "Toast the bread 1-2 min",
            on="",
            must="toast",
            when=("bread",),
            unless=("bun",),
            kind="prep",
        ),
        Row("build", "Spread to the edge, fill and close 3 min", on="all", after=("prep", "toast")),
    ),
    usually=JoinsAt(into="build"),
    keeps=(Habit("its parts 3 to 4 days", days=Span(3, 4)),),
    reheat=(Reheat("pan", 3, 4, "a side, pressed"), Reheat("air fryer", 3, 5)),
    holds_a_dish=True,
    late="Fill it just before serving, or it goes soft.",
)
