"""French toast and bread puddings: bread that drinks an egg mixture."""

from typing import Final

from gasket.core.trade.families.model import (
    SPRAY_AGAIN,
    Bands,
    DishFamily,
    Habit,
    Place,
    Reheat,
    Row,
    Span,
)

FAMILY: Final = DishFamily(
    key="soaked_bread",
    name="French toast or bread pudding",
    says=(
        "French toast",
        "French toast stick",
        "French toast roll up",
        "French toast bake",
        "French toast casserole",
        "eggy bread",
        "bread pudding",
        "bread and butter pudding",
    ),
    bands=Bands(salt=Span(0.2, 1.5)),
    loss=(0.08, 0.15),
    steps=(
        Row("soak", "Shake the egg, the milk and then the powder together 2 min", kind="mix"),
        Row("heat", "Spray the pan and heat it on medium 3 min", on=""),
        Row("dip", "Dip the bread in the mixture, one slice at a time 4 min", kind="prep"),
        Row(
            "cook",
            "Fry each in the pan, turned once 10 min until golden and no egg is raw",
            on="all",
            after=("dip", "heat"),
        ),
    ),
    usually=Place(after=("cook",)),
    places={
        "other": Place(before="dip"),
        "base": Place(before="dip"),
        "filling": Place(before="dip"),
    },
    musts=(SPRAY_AGAIN,),
    keeps=(Habit("3 to 4 days, good cold too", days=Span(3, 4)),),
    reheat=(
        Reheat("toaster", 2, 3),
        Reheat("air fryer", 3, 6, "at 350 °F (177 °C), crisp again"),
    ),
    sweet=True,
    set_by_egg=True,
)
