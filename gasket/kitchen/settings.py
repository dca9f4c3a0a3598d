"""The house's settings: how to reckon, which carbohydrate leads, where the scale is."""

import re
from typing import Annotated, Final, Literal

from pydantic import Field, field_validator
from pydantic_core import PydanticCustomError
from sqlmodel import Session

from gasket.core.batch import Settings
from gasket.core.energy import EnergyMethod
from gasket.core.numbers import Number, Value
from gasket.core.packages import AllergenSchool
from gasket.core.quantities import HouseholdSystem
from gasket.store import rows

SIMULATED: Final = "simulated"
_KEY: Final = "house"
_SCALE_URL: Final = re.compile(r"^(socket://[\w.\-]+:\d{1,5}|/dev/[\w./\-]+|COM\d{1,3})$")


class HouseSettings(Value):
    """One set for the whole house."""

    energy: EnergyMethod = "labelled"
    erythritol_kcal_per_g: Annotated[Number, Field(ge=0, le=4)] = 0.0
    residue: Literal["counted", "left"] = "counted"
    carbohydrate: Literal["total", "net"] = "total"
    household: HouseholdSystem = HouseholdSystem.US
    allergens: AllergenSchool = "eu"
    currency: Annotated[str, Field(min_length=1, max_length=4)] = "€"
    scale: Annotated[str, Field(max_length=200)] = SIMULATED

    @field_validator("scale")
    @classmethod
    def _is_a_scale(cls, scale: str) -> str:
        if scale != SIMULATED and not _SCALE_URL.match(scale):
            raise PydanticCustomError(
                "scale",
                "Type “simulated”, a serial device like /dev/ttyUSB0 or COM3, or "
                "socket://host:port.",
            )
        return scale

    @property
    def reckoning(self) -> Settings:
        return Settings(
            energy=self.energy,
            erythritol_kcal_per_g=self.erythritol_kcal_per_g,
            residue=self.residue,
        )


def read(session: Session) -> HouseSettings:
    stored = rows.read_setting(session, _KEY)
    return HouseSettings.model_validate(stored) if stored is not None else HouseSettings()


def write(session: Session, settings: HouseSettings) -> HouseSettings:
    rows.write_setting(session, _KEY, settings.model_dump(mode="json"))
    session.commit()
    return settings
