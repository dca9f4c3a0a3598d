"""Pasta, macaroni and cheese, noodles."""

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
    key="pasta",
    name="pasta or noodles",
    says=(
        "pasta",
        "mac and cheese",
        "mac n cheese",
        "macaroni",
        "macaroni cheese",
        "macaroni and cheese",
        "alfredo",
        "noodle",
        "spaghetti",
        "carbonara",
        "bolognese",
        "ravioli",
        "tortellini",
        "gnocchi",
        "fettuccine",
        "penne",
        "linguine",
        "rigatoni",
        "pad thai",
        "stroganoff",
        "lo mein",
        "chow mein",
        "orzo",
        "chili mac",
        "cacio e pepe",
    ),
    bands=Bands(salt=Span(0.5, 1.8)),
    loss=(0.05, 0.12),
    steps=(
        Row("boil", "Boil the pasta 9 min until just short of done", when=("dry_pasta",)),
        Row("sauce", "Stir everything else for {main} smooth 4 min"),
        Row(
            "join",
            "Stir it all together, the pan off the heat 3 min",
            on="all",
            after=("sauce", "boil"),
        ),
    ),
    usually=JoinsAt(into="join"),
    places={"topping": JoinsAt(after=("join",))},
    keeps=(Habit("3 to 4 days; it thickens on standing", days=Span(3, 4)),),
    reheat=(Reheat("microwave", 2, 3, "with 30 to 60 ml of milk, at half power"),),
    warm_sauce=True,
)
