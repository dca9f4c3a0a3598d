"""The sandwich press."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

_HELD_FLAT: Final = ("wrap", "sandwich")

APPLIANCE: Final = Appliance(
    key="sandwich press",
    rank=50,
    words=r"\bsandwich (?:press|maker|toaster)|\bpanini press",
    kind="machine",
    ways=(
        Way(
            "in the sandwich press",
            "Both sides at once, so less than half the time: flat, crisp, no oil. Keep the filling "
            "off the edge. (From memory.)",
            (
                Fits(kinds=("bake",), tools=("oven",), families=_HELD_FLAT),
                Fits(kinds=("pan",), families=_HELD_FLAT),
            ),
            Turns(
                times=(0.4, 0.5),
                times_of={"bake": (0.25, 0.3)},
                sets={
                    "kind": "machine",
                    "tool": "sandwich press",
                    "temperature_c": None,
                    "vessel": "",
                    "hands_on": True,
                },
            ),
            "sandwich press",
        ),
    ),
)
