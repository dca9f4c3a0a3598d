"""The air fryer."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="air fryer",
    rank=30,
    words=r"\bair[- ]?fr",
    kind="bake",
    knob="oven",
    heat_min=4,
    ways=(
        Way(
            "in the air fryer",
            "15 °C (25 °F) lower and a quarter shorter, in one layer; look at half time. Crisper, "
            "less even. Batter only in cups, and a rack over what is light: it flies. (From "
            "memory.)",
            (Fits(kinds=("bake",), tools=("oven",)),),
            Turns(
                times=(0.7, 0.8),
                look=0.375,
                small_times=(0.6, 0.6),
                small_look=0.3,
                air="conventional",
                hotter_c=-15.0,
                sets={"tool": "air fryer"},
            ),
            "air fryer",
            heats=True,
        ),
    ),
)
