"""Health, settings and the scale."""

from typing import Annotated

from fastapi import APIRouter
from pydantic import BaseModel, Field

from gasket import __version__
from gasket.api.doors import HouseDoor, SessionDoor, WriteDoor
from gasket.core.numbers import Number, Value
from gasket.core.weighing.records import Reading
from gasket.kitchen import settings
from gasket.kitchen.settings import HouseSettings
from gasket.kitchen.shelf import reference
from gasket.scale.pan import Act
from gasket.store.places import log_path
from gasket.store.upgrade import newest_revision

router = APIRouter(tags=["house"])


class Health(BaseModel):
    status: str
    version: str
    demo: bool


class About(BaseModel):
    """Which Gasket this is, and where what it keeps lies."""

    version: str
    kitchen: str
    log: str
    schema_revision: str


class OneScale(BaseModel):
    """A scale of the house, whether it answers and what it shows now."""

    name: str
    connected: bool
    simulated: bool
    capacity_g: float
    reading: Reading | None


class ScaleState(BaseModel):
    connected: bool
    simulated: bool
    scales: list[OneScale]


class SimulatorAct(Value):
    """Something a cook does at a simulated scale (the first unless one is named); `amount` in
    grams, seconds, or grams a minute of drift."""

    act: Act | Annotated[str, Field(pattern="^(cut|stop)$")]
    amount: Annotated[Number, Field(ge=-20_000, le=20_000)] = 0.0
    scale: Annotated[str, Field(max_length=40)] | None = None


@router.get("/health")
def health(house: HouseDoor) -> Health:
    return Health(status="ok", version=__version__, demo=house.demo)


@router.get("/about")
def about(house: HouseDoor) -> About:
    """Which Gasket this is, and where what it keeps lies."""
    path = house.database.path
    return About(
        version=__version__,
        kitchen="" if path is None else str(path.resolve()),
        log="" if path is None else str(log_path(path).resolve()),
        schema_revision=newest_revision(),
    )


@router.get("/settings")
def read_settings(session: SessionDoor) -> HouseSettings:
    return settings.read(session)


@router.put("/settings")
def write_settings(new: HouseSettings, write: WriteDoor, house: HouseDoor) -> HouseSettings:
    before = house.read(settings.read)
    stored = write(lambda session: reference.write_settings(session, new, house.now()))
    if before.scales != stored.scales:
        house.connect_scales()
    return stored


@router.get("/scale")
def scale(house: HouseDoor) -> ScaleState:
    """Which scales answer, and what they show now."""
    live, simulated = house.live, house.simulated
    scales = [
        OneScale(
            name=name,
            connected=live.links.get(name, False),
            simulated=name in simulated,
            capacity_g=capacity,
            reading=live.last.get(name),
        )
        for name, capacity in live.capacity_g.items()
    ]
    return ScaleState(connected=live.connected, simulated=bool(simulated), scales=scales)


@router.post("/scale/simulator", status_code=204)
async def simulate(act: SimulatorAct, house: HouseDoor) -> None:
    """Do something at a simulated scale."""
    await house.simulate(act.act, act.amount, act.scale)
