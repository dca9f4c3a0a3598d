"""The piping bag."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Fits, Turns, Way

APPLIANCE: Final = Appliance(
    key="piping bag",
    rank=110,
    words=r"\bpip(?:e|ing)\b",
    kind="top",
    ways=(
        Way(
            "with a freezer bag",
            "Cut a corner off. Less even.",
            (Fits(tools=("piping bag",)),),
            Turns(line="Pipe from a freezer bag with a corner cut off 4 min"),
        ),
    ),
)
