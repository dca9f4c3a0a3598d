"""The stove: pans and pots, in the place of what is not there."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="stove",
    rank=140,
    of_kinds=("pan", "boil"),
    offered=False,
    ways=(
        Way(
            "in a pan",
            "It holds less at once, so cook in rounds. Put a lid on for thick pieces.",
            (Fits(tools=("griddle",)),),
            Turns(places=0.5, sets={"tool": "stove", "vessel": "pan", "temperature_c": None}),
        ),
        Way(
            "in a pan, turned once",
            "A little oil, and twice the time: press it down with a second pan. (From memory.)",
            (Fits(tools=("sandwich press",)),),
            Turns(
                times=(2.0, 2.5),
                sets={"kind": "pan", "tool": "stove", "vessel": "pan", "hands_on": True},
            ),
        ),
        Way(
            "as pancakes in a pan",
            "Thin the batter with 30 to 60 ml more liquid for 300 g. Softer, no crisp ridges. "
            "(From memory.)",
            (Fits(tools=("waffle iron",), not_kinds=("preheat",)),),
            Turns(
                sets={
                    "kind": "pan",
                    "tool": "stove",
                    "vessel": "pan",
                    "ladle_g": 60.0,
                    "at_a_time": 3,
                    "least_min": 3.0,
                    "most_min": 4.0,
                    "first_look_min": None,
                    "hands_on": True,
                }
            ),
        ),
        Way(
            "in a pan on the stove",
            "Over low heat, stirring: two to three times as long, and it catches at the bottom.",
            (Fits(tools=("microwave",)),),
            Turns(
                times=(2.0, 3.0),
                sets={"kind": "boil", "tool": "stove", "vessel": "pan", "hands_on": True},
            ),
        ),
        Way(
            "under a lid on the stove",
            "The cheese melts and does not brown.",
            (Fits(kinds=("broil",)),),
            Turns(line="Put a lid on the pan until the cheese melts 3 min"),
        ),
        Way(
            "in a dry pan",
            "1 to 2 min with the cut side down.",
            (
                Fits(
                    kinds=("prep", "bake"),
                    tools=("oven", "toaster"),
                    says=r"\b(?:bun|bread|toast)\b",
                    alone=True,
                ),
            ),
            Turns(line="Toast it in a dry pan, cut side down 1-2 min"),
        ),
    ),
)
