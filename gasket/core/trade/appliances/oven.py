"""The oven in still air, and its broiler."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="oven",
    rank=10,
    air="conventional",
    of_kinds=("preheat", "bake", "broil"),
    knob="oven",
    heat_min=12,
    ways=(
        Way(
            "in still air",
            "20 °C (25 °F) higher for the same time. The top browns later.",
            (Fits(kinds=("bake",), tools=("oven",), air="fan", heated=True),),
            Turns(air="conventional"),
            "oven",
        ),
        Way(
            "in the oven",
            "15 °C (25 °F) higher and a third longer, on a rack. Less crisp. (From memory.)",
            (Fits(tools=("air fryer",)),),
            Turns(
                times=(1.25, 1.4),
                hotter_c=15.0,
                sets={"kind": "bake", "tool": "oven", "hands_on": False},
            ),
            "oven",
            heats=True,
        ),
        Way(
            "under the broiler",
            "A minute on the top shelf, with the door open and your eyes on it.",
            (Fits(tools=("blowtorch",)),),
            Turns(line="Broil the top 1 min"),
            "oven",
        ),
    ),
)
