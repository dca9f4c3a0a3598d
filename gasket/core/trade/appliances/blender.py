"""The blender, and what does its work."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="blender",
    rank=80,
    words=r"\bblend",
    kind="mix",
    ways=(
        Way(
            "with a fork in a bowl",
            "Oats stay whole: take oat flour, or let it stand 10 min. Cottage cheese stays grainy, "
            "banana is mashed in a minute or two, florets go over a grater.",
            (Fits(tools=("blender",)),),
            Turns(times=(2.0, 3.0), sets={"kind": "mix", "tool": "", "hands_on": True}),
        ),
    ),
)
