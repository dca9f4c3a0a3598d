"""One door for numbers: strict floats with bounds, and the last digit of a printed figure."""

from decimal import Decimal
from typing import Annotated, Final

from pydantic import BaseModel, ConfigDict, Field

MOST_G: Final = 1_000_000.0
"""No kitchen weighs a tonne: above this, the unit or the decimal point is wrong."""

Number = Annotated[float, Field(strict=True, allow_inf_nan=False)]
Amount = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=MOST_G)]
"""Grams, kcal or milligrams: zero or more, never NaN, infinite, text or a boolean."""
Positive = Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=MOST_G)]


class Value(BaseModel):
    """A frozen core value that knows all its keys."""

    model_config = ConfigDict(frozen=True, extra="forbid")


def half_last_digit(figure: float) -> float:
    """Half a unit of the last digit that a figure was written with: 12.5 → 0.05, 123 → 0.5."""
    exponent = Decimal(repr(figure)).normalize().as_tuple().exponent
    assert isinstance(exponent, int)
    return 0.5 * 10.0 ** min(exponent, 0)
