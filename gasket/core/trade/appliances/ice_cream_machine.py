"""The ice cream machine, and the freezer in its place."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="ice cream machine",
    rank=100,
    words=r"\bice cream machine|\bchurn",
    kind="machine",
    ways=(
        Way(
            "in the freezer, stirred",
            "Stir hard every 30 min for 3 h. Icier than from the machine. (From memory.)",
            (Fits(tools=("ice cream machine",)),),
            Turns(line="Freeze 3 h, stirring hard every 30 min"),
        ),
    ),
)
