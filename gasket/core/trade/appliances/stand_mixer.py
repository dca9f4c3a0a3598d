"""The stand mixer, and hands that do its work."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="stand mixer",
    rank=70,
    words=r"\bstand mixer|\bmixer\b",
    kind="mix",
    ways=(
        Way(
            "by hand with a whisk",
            "Whites take 8 to 10 min. A frosting keeps small lumps: 30 to 60 min in the fridge "
            "help. (Minutes from memory.)",
            (Fits(tools=("stand mixer",)),),
            Turns(times=(2.5, 3.0), sets={"tool": "", "hands_on": True}),
        ),
        Way(
            "with the stand mixer",
            "Less than half the time. Never a muffin batter: it turns tough. (Minutes from "
            "memory.)",
            (Fits(kinds=("mix",), by_hand=True, says=r"\b(?:beat|whip|whisk)"),),
            Turns(times=(0.35, 0.45), sets={"tool": "stand mixer"}),
            "stand mixer",
        ),
    ),
)
