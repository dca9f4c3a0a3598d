"""The griddle."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="griddle",
    rank=40,
    words=r"(?<!\bor )\bgriddle\b(?! or\b)",
    kind="pan",
    ways=(
        Way(
            "on the griddle",
            "At 350 to 375 °F (177 to 190 °C): it holds more at once and browns more, with less "
            "steam.",
            (Fits(kinds=("pan",), tools=("stove",)),),
            Turns(places=2, sets={"tool": "griddle", "temperature_c": 182.0, "written": "F"}),
            "griddle",
        ),
    ),
)
