"""French toast and bread puddings: bread that drinks an egg mixture."""

from typing import Final

from gasket.core.trade.families.model import (
    CRISP_AGAIN,
    LIQUID_MILK,
    POWDER,
    SPRAY_AGAIN,
    WHOLE_EGG,
    Bands,
    DishFamily,
    Habit,
    JoinsAt,
    Ratio,
    Reheat,
    Row,
    Span,
    Uptake,
)

_SOAK: Final = (*WHOLE_EGG, *LIQUID_MILK, *POWDER)
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
    ratios=(
        Ratio(
            "soak_to_bread",
            "Soak to bread",
            of=_SOAK,
            to=("bread",),
            span=Span(0.8, 2.2),
            below="Little soak for the bread: the middle stays dry.",
            above="More than the bread drinks: some of it stays in the bowl, or the middle is wet.",
        ),
        Ratio(
            "powder_in_soak",
            "Powder in the soak",
            of=POWDER,
            to=_SOAK,
            span=Span(None, 0.25),
            above="So much powder makes a paste that coats the bread and does not soak in.",
        ),
    ),
    uptakes=(Uptake("soak|custard|egg mix|batter|dip", 0.7, 0.95, "of an egg soak"),),
    loss=(0.08, 0.15),
    steps=(
        Row("soak", "Shake the egg, the milk and then the powder together 2 min", kind="mix"),
        Row("heat", "Spray the pan and heat it on medium 3 min", on=""),
        Row("dip", "Dip the bread in the mixture, one slice at a time 4 min", kind="prep"),
        Row(
            "cook",
            "Fry each in the pan, turned once 4-6 min until golden and no egg is raw",
            on="all",
            after=("dip", "heat"),
            at_a_time=2,
        ),
    ),
    usually=JoinsAt(after=("cook",)),
    places={
        "other": JoinsAt(before="dip"),
        "base": JoinsAt(before="dip"),
        "filling": JoinsAt(before="dip"),
    },
    musts=(SPRAY_AGAIN,),
    keeps=(Habit("3 to 4 days, good cold too", days=Span(3, 4)),),
    reheat=(
        Reheat("toaster", 2, 3),
        CRISP_AGAIN,
    ),
    sweet=True,
    set_by_egg=True,
)
