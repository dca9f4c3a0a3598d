"""The house's settings: where it is, how figures are calculated, its scales and vessels."""

import re
from collections.abc import Iterable
from typing import Annotated, Final, Literal

from pydantic import Field, field_validator
from pydantic_core import PydanticCustomError

from gasket.core.cooking.safety import SafetySchool
from gasket.core.cooking.sizing import MEANT_FOR_W
from gasket.core.errors import Conflict
from gasket.core.label.energy import EnergyMethod
from gasket.core.label.package import AllergenSchool
from gasket.core.numbers import Amount, Number, Positive, Value
from gasket.core.reckoning.batch import Settings
from gasket.core.tasting.marks import Weights
from gasket.core.trade.appliances import TOOLS
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.temperatures import DegreeScale
from gasket.core.weighing.records import ONE_SCALE
from gasket.store.books import Session
from gasket.store.books import settings as stored_settings

SIMULATED: Final = "simulated"
SIMULATED_FINE: Final = "simulated fine"
SIMULATIONS: Final = (SIMULATED, SIMULATED_FINE)
MOST_SCALES: Final = 4
MOST_VESSELS: Final = 60
_KEY: Final = "house"
_SCALE_URL: Final = re.compile(r"^(socket://[\w.\-]+:\d{1,5}|/dev/[\w./\-]+|COM\d{1,3})$")


OwnRatio = Annotated[Number, Field(gt=0, le=20)]
MOST_RATIOS: Final = 100
ShortText = Annotated[str, Field(min_length=1, max_length=40)]


class ScaleSpec(Value):
    """A scale of the house: where it is connected, what it carries, how finely it reads."""

    name: ShortText
    place: Annotated[str, Field(max_length=200)] = SIMULATED
    capacity_g: Annotated[Number, Field(gt=0, le=200_000)] = 5000.0
    division_g: Annotated[Number, Field(gt=0, le=100)] = 1.0

    @field_validator("place")
    @classmethod
    def _is_a_scale(cls, place: str) -> str:
        if place not in SIMULATIONS and not _SCALE_URL.match(place):
            raise PydanticCustomError(
                "scale",
                "Type “simulated”, a serial device like /dev/ttyUSB0 or COM3, or "
                "socket://host:port.",
            )
        return place


class Vessel(Value):
    """A bowl, pan or set of cups: its empty weight, and what each of `cups` holds."""

    name: ShortText
    empty_g: Amount | None = None
    volume_ml: Positive | None = None
    cups: Annotated[int, Field(strict=True, ge=1, le=200)] = 1

    @property
    def whole_ml(self) -> float | None:
        return None if self.volume_ml is None else self.volume_ml * self.cups


def _twice(names: Iterable[str]) -> str | None:
    seen: set[str] = set()
    for name in names:
        if name.strip().lower() in seen:
            return name
        seen.add(name.strip().lower())
    return None


Home = Literal["us", "uk", "eu"]


class HomeHabits(Value):
    """What goes by where a kitchen is: cups and spoons, the printed panel, the list of allergens,
    whose safety advice, the degrees of a recipe, paper and money."""

    household: HouseholdSystem
    label_style: Literal["us", "eu"]
    allergens: AllergenSchool
    safety: SafetySchool
    degrees: DegreeScale
    paper: Literal["a4", "letter"]
    currency: str


HOMES: Final[dict[Home, HomeHabits]] = {
    "us": HomeHabits(
        household=HouseholdSystem.US,
        label_style="us",
        allergens="us",
        safety="us",
        degrees="F",
        paper="letter",
        currency="$",
    ),
    "uk": HomeHabits(
        household=HouseholdSystem.UK,
        label_style="eu",
        allergens="eu",
        safety="uk",
        degrees="C",
        paper="a4",
        currency="£",
    ),
    # The EU has no one advice on temperatures and days: the stricter of the two stands.
    "eu": HomeHabits(
        household=HouseholdSystem.METRIC,
        label_style="eu",
        allergens="eu",
        safety="uk",
        degrees="C",
        paper="a4",
        currency="€",
    ),
}


class HouseSettings(Value):
    """One set for the whole house, with the version that it was read at. `own_ratios` are grams of
    liquid for a gram of powder, by mixture and thickness ("peanut/dip")."""

    version: Annotated[int, Field(strict=True, ge=1)] = 1
    energy: EnergyMethod = "labelled"
    erythritol_kcal_per_g: Annotated[Number, Field(ge=0, le=4)] = 0.0
    residue: Literal["counted", "left"] = "counted"
    carbohydrate: Literal["total", "net"] = "total"
    household: HouseholdSystem = HouseholdSystem.US
    label_style: Literal["us", "eu"] = "eu"
    allergens: AllergenSchool = "eu"
    safety: SafetySchool = "us"
    degrees: DegreeScale = "C"
    paper: Literal["a4", "letter"] = "a4"
    tools_missing: Annotated[tuple[ShortText, ...], Field(max_length=len(TOOLS))] = ()
    microwave_w: Annotated[Number, Field(ge=200, le=3000)] = MEANT_FOR_W
    own_ratios: Annotated[dict[ShortText, OwnRatio], Field(max_length=MOST_RATIOS)] = Field(
        default_factory=dict
    )
    currency: Annotated[str, Field(min_length=1, max_length=4)] = "€"
    weights: Weights = Weights()
    """What counts how much in the overall mark of a tasting."""
    scales: Annotated[tuple[ScaleSpec, ...], Field(max_length=MOST_SCALES)] = (
        ScaleSpec(name=ONE_SCALE),
    )
    vessels: Annotated[tuple[Vessel, ...], Field(max_length=MOST_VESSELS)] = ()

    @field_validator("scales", "vessels")
    @classmethod
    def _one_of_each_name(
        cls, given: tuple[ScaleSpec | Vessel, ...]
    ) -> tuple[ScaleSpec | Vessel, ...]:
        if name := _twice(named.name for named in given):
            raise PydanticCustomError("names", "“{name}” is there twice.", {"name": name})
        return given

    @field_validator("scales")
    @classmethod
    def _one_at_each_place(cls, given: tuple[ScaleSpec, ...]) -> tuple[ScaleSpec, ...]:
        if place := _twice(scale.place for scale in given):
            raise PydanticCustomError(
                "places", "Two scales cannot both be at “{place}”.", {"place": place}
            )
        return given

    @field_validator("tools_missing")
    @classmethod
    def _known_tools(cls, given: tuple[str, ...]) -> tuple[str, ...]:
        if unknown := next((tool for tool in given if tool not in TOOLS), None):
            raise PydanticCustomError(
                "tool", "Nobody knows what to do without “{tool}”.", {"tool": unknown}
            )
        return tuple(dict.fromkeys(given))

    @property
    def reckoning(self) -> Settings:
        return Settings(
            energy=self.energy,
            erythritol_kcal_per_g=self.erythritol_kcal_per_g,
            residue=self.residue,
        )

    def vessel(self, name: str) -> Vessel | None:
        return next((vessel for vessel in self.vessels if vessel.name == name), None)


def figures_basis(session: Session) -> str:
    """The settings that calculated figures depend on."""
    house = read(session)
    return f"{house.reckoning.model_dump_json()} {house.safety}"


def read(session: Session) -> HouseSettings:
    stored = stored_settings.read(session, _KEY)
    return HouseSettings.model_validate(stored) if stored is not None else HouseSettings()


def write(session: Session, settings: HouseSettings) -> HouseSettings:
    """Store the settings. Raises `Conflict` when they were changed meanwhile."""
    there = read(session)
    if there.version != settings.version:
        raise Conflict("page of settings", there)
    stored = settings.model_copy(update={"version": settings.version + 1})
    stored_settings.write(session, _KEY, stored.model_dump(mode="json"))
    return stored
