"""Health, settings and the scale."""

from typing import Annotated

from fastapi import APIRouter
from pydantic import BaseModel, Field

from gasket import __version__
from gasket.api.doors import HouseDoor, SessionDoor
from gasket.core.numbers import Number, Value
from gasket.core.weighing import Reading
from gasket.kitchen import settings
from gasket.kitchen.settings import HouseSettings
from gasket.scale.pan import Act

router = APIRouter(tags=["house"])


class Health(BaseModel):
    status: str
    version: str
    demo: bool


class ScaleState(BaseModel):
    connected: bool
    simulated: bool
    reading: Reading | None


class SimulatorAct(Value):
    """Something a cook does at the simulated scale; `amount` in grams or seconds."""

    act: Act | Annotated[str, Field(pattern="^cut$")]
    amount: Annotated[Number, Field(ge=0, le=20_000)] = 0.0


@router.get("/health")
def health(house: HouseDoor) -> Health:
    return Health(status="ok", version=__version__, demo=house.demo)


@router.get("/settings")
def read_settings(session: SessionDoor) -> HouseSettings:
    return settings.read(session)


@router.put("/settings")
def write_settings(new: HouseSettings, session: SessionDoor, house: HouseDoor) -> HouseSettings:
    before = settings.read(session)
    stored = settings.write(session, new)
    if before.scale != stored.scale:
        house.connect_scale()
    return stored


@router.get("/scale")
def scale(house: HouseDoor) -> ScaleState:
    """Whether a scale answers, and what it shows now."""
    live = house.live
    return ScaleState(
        connected=live.connected,
        simulated=house.simulated,
        reading=live.last if live.connected else None,
    )


@router.post("/scale/simulator", status_code=204)
async def simulate(act: SimulatorAct, house: HouseDoor) -> None:
    """Do something at the simulated scale."""
    await house.simulate(act.act, act.amount)
