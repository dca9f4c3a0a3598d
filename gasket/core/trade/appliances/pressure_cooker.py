"""The pressure cooker (times from memory)."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Hazard, Turns, Way

APPLIANCE: Final = Appliance(
    key="pressure cooker",
    rank=160,
    words=r"\bpressure[- ]cook",
    kind="boil",
    hands_on=False,
    heat_min=10,
    looks=(5, 30),
    ways=(
        Way(
            "in the pressure cooker",
            "A third of the time from when it is up to pressure, which takes about 10 min. "
            "(From memory.)",
            (Fits(kinds=("boil",), tools=("stove",), least_min=30),),
            Turns(
                times=(0.3, 0.4),
                sets={"tool": "pressure cooker", "vessel": "", "hands_on": False},
            ),
            "pressure cooker",
        ),
        Way(
            "in a pot, without pressure",
            "Two and a half to three times as long, with more liquid; pieces of chicken take as "
            "long. (From memory.)",
            (Fits(tools=("pressure cooker",)),),
            Turns(
                times=(2.5, 3.0),
                sets={"kind": "boil", "tool": "stove", "vessel": "pot", "first_look_min": None},
            ),
        ),
    ),
    hazards=(
        Hazard(
            "pressure_fill",
            "Fill it to two thirds at most, to half with beans, grain and all that foams, and with "
            "as much liquid as its maker asks for (about 250 ml).",
            "kitchen-care",
        ),
        Hazard(
            "pressure_opening",
            "Open it only when the pressure is gone: the steam scalds.",
            "kitchen-care",
        ),
        Hazard(
            "dry_beans",
            "Soak dry beans and boil them hard: 30 min by US advice, 10 by UK advice.",
            "dry-beans",
            kinds=("legumes",),
            words=r"\b(?:dry|dried|kidney)\b",
            safe=("cooked", "drained", "as_prepared"),
        ),
    ),
)
