"""The microwave."""

from typing import Final

from gasket.core.trade.appliances.model import Appliance, Hazard
from gasket.core.trade.step_kinds import QUICK

APPLIANCE: Final = Appliance(
    key="microwave",
    rank=90,
    words=r"\bmicrowave",
    of_kinds=("microwave",),
    kind="microwave",
    looks=QUICK,
    hazards=(
        Hazard(
            "microwaved_egg",
            "Egg in a microwave can burst, also after it: let it stand.",
            "kitchen-care",
            kinds=("egg",),
        ),
    ),
)
