"""Appliances: what each does to heat, time and texture, and what else does its work.

Each appliance is one file with one value, `APPLIANCE`: all that the trade knows of it. Step text,
other ways, preheating, looks, knobs, the memory of ovens, cautions, settings and pages read them. A
new appliance is a new file here, and its tests.

model     what an appliance is made of
moulds    other tins and moulds: no appliance, but ways to do a step all the same
"""

from importlib import import_module
from pkgutil import iter_modules
from typing import Final

from gasket.core.trade.appliances.model import Appliance, Way
from gasket.core.trade.step_kinds import StepKind
from gasket.core.trade.temperatures import Air


def _found() -> tuple[Appliance, ...]:
    names = (module.name for module in iter_modules(__path__) if module.name != "model")
    found = (import_module(f"{__name__}.{name}").APPLIANCE for name in names)
    return tuple(sorted(found, key=lambda appliance: appliance.rank))


APPLIANCES: Final = _found()
TOOLS: Final = tuple(appliance.key for appliance in APPLIANCES if appliance.offered)
"""What a kitchen may lack."""
WAYS: Final[tuple[Way, ...]] = tuple(way for appliance in APPLIANCES for way in appliance.ways)
"""Every other way to do a step."""
_OF_KIND: Final[dict[StepKind, Appliance]] = {
    kind: appliance for appliance in APPLIANCES for kind in appliance.of_kinds
}


def appliance_for(tool: str, air: Air) -> Appliance | None:
    """The appliance that a step names as its tool; None where nobody knows it."""
    named = (appliance for appliance in APPLIANCES if appliance.name == tool)
    return next((one for one in named if one.air in (None, air)), None)


def usual_for(kind: StepKind) -> Appliance | None:
    """What a step of this kind is done in where it names nothing."""
    return _OF_KIND.get(kind)
