"""The waffle iron."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="waffle iron",
    rank=60,
    words=r"\bwaffle iron|(?<!cast[- ])\biron\b(?! (?:pan|skillet))",
    kind="machine",
    ways=(
        Way(
            "in the waffle iron",
            "Thicken the batter with 10 to 15 % more of the dry ingredients; it is done when the "
            "steam stops. (From memory.)",
            (Fits(kinds=("pan",), families=("pancake", "blender_pancake")),),
            Turns(
                sets={
                    "kind": "machine",
                    "tool": "waffle iron",
                    "ladle_g": 100.0,
                    "at_a_time": 1,
                    "least_min": 2.0,
                    "most_min": 4.0,
                    "vessel": "",
                    "hands_on": True,
                }
            ),
            "waffle iron",
        ),
    ),
)
