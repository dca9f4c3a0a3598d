"""The oven with its fan on."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="fan oven",
    rank=20,
    tool="oven",
    air="fan",
    knob="oven",
    heat_min=12,
    ways=(
        Way(
            "in the fan oven",
            "20 °C (25 °F) lower for the same time. It browns sooner.",
            (Fits(kinds=("bake",), tools=("oven",), air="conventional", heated=True),),
            Turns(air="fan"),
            "fan oven",
        ),
    ),
)
