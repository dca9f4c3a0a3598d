"""The slow cooker: hours of low heat under its lid (times from memory)."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Hazard, Turns, Way

APPLIANCE: Final = Appliance(
    key="slow cooker",
    rank=150,
    words=r"\bslow[- ]cook",
    kind="boil",
    hands_on=False,
    looks=(20, 60),
    ways=(
        Way(
            "in the slow cooker",
            "4 to 6 h on low, with half of the liquid: nothing boils away. No browning, so brown "
            "meat in a pan before. (From memory.)",
            (Fits(kinds=("boil",), tools=("stove", "pressure cooker"), least_min=20),),
            Turns(
                sets={
                    "tool": "slow cooker",
                    "vessel": "",
                    "temperature_c": None,
                    "least_min": 240.0,
                    "most_min": 360.0,
                    "first_look_min": None,
                    "hands_on": False,
                }
            ),
            "slow cooker",
        ),
        Way(
            "in a pot on the stove",
            "A quarter of the time under a lid, over low heat; shreds of chicken take 12 to 15 "
            "min. (From memory.)",
            (Fits(tools=("slow cooker",)),),
            Turns(
                times=(0.2, 0.25),
                sets={"kind": "boil", "tool": "stove", "vessel": "pot", "first_look_min": None},
            ),
        ),
    ),
    hazards=(
        Hazard(
            "slow_cooked_beans",
            "Dry beans are never cooked raw in a slow cooker: it does not get hot enough to "
            "destroy what is poisonous in them. Soak them, then boil them hard first: 30 min by "
            "US advice, 10 by UK advice.",
            "dry-beans",
            kinds=("legumes",),
            words=r"\b(?:dry|dried|kidney|beans?|haricot|cannellini|borlotti|pinto)\b",
            safe=("cooked", "drained", "as_prepared"),
        ),
        Hazard(
            "slow_cooked_frozen",
            "Meat goes in thawed: frozen, it stays at a dangerous warmth for too long.",
            "slow-cooker",
            kinds=("meat", "mince", "poultry", "poultry_mince"),
        ),
        Hazard(
            "slow_cooker_fill",
            "Fill it between half and two thirds, and leave the lid on: each look costs about "
            "20 min.",
            "slow-cooker",
        ),
    ),
)
