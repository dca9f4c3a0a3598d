"""Mousse, pudding, tiramisu and jars: set cold."""

from typing import Final

from gasket.core.trade.families.model import (
    Bands,
    DishFamily,
    JoinsAt,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="pot",
    name="pudding or pot that sets cold",
    says=(
        "mousse",
        "pudding",
        "panna cotta",
        "tiramisu",
        "parfait",
        "chia pudding",
        "fluff",
        "cream pie",
        "pudding pie",
        "mud pie",
        "no bake cheesecake",
        "trifle",
        "jelly",
        "gelatin",
        "fool",
        "syllabub",
        "blancmange",
        "posset",
        "yogurt bowl",
        "yogurt pot",
        "yogurt cup",
        "yogurt",
        "injar",
        "inglass",
        "banana split",
    ),
    bands=Bands(salt=Span(0.0, 1.0)),
    loss=(0.0, 0.02),
    steps=(
        Row("mix", "Whisk {main} smooth 5 min"),
        Row("fill", "Fill the cups 4 min", on="all", after=("mix",), must="portion"),
        Row("chill", "Chill 2-4 h until set", on="all", after=("fill",), must="chill"),
    ),
    usually=JoinsAt(into="fill"),
    places={
        "base": JoinsAt(before="fill"),
        "topping": JoinsAt(after=("chill",)),
        "frosting": JoinsAt(after=("chill",)),
        "sauce": JoinsAt(after=("chill",)),
    },
    late="just before serving, or it goes soft.",
    sweet=True,
    eaten_cold=True,
    heated=False,
    set_by_egg=True,
)
