"""The blowtorch."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way
from gasket.core.trade.step_kinds import QUICK

APPLIANCE: Final = Appliance(
    key="blowtorch",
    rank=130,
    words=r"\bblow ?torch",
    kind="broil",
    looks=QUICK,
    ways=(
        Way(
            "with a blowtorch",
            "A minute, held a hand away and kept moving.",
            (Fits(kinds=("broil",), tools=("oven",)),),
            Turns(line="Brown the top with a blowtorch 1 min"),
            "blowtorch",
        ),
    ),
)
