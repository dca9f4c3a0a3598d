"""One door for numbers: strict floats with bounds, and the last digit of a printed figure."""

from decimal import Decimal
from typing import Annotated, Final, TypeVar

from pydantic import (
    AfterValidator,
    BaseModel,
    ConfigDict,
    Field,
)
from pydantic_core import PydanticCustomError

MOST_G: Final = 1_000_000.0
"""No kitchen weighs a tonne: above this, the unit or the decimal point is wrong."""
LEAST_G: Final = 1e-6

Number = Annotated[float, Field(strict=True, allow_inf_nan=False)]
Amount = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=MOST_G)]
"""Grams, kcal or milligrams: zero or more, never NaN, infinite, text or a boolean."""


def more_than_a_speck(value: float) -> float:
    """A millionth of a gram is the least to divide by: below it, quotients run to infinity."""
    if value < LEAST_G:
        raise PydanticCustomError("positive", "This must be more than 0.")
    return value


Positive = Annotated[
    float,
    Field(strict=True, allow_inf_nan=False, gt=0, le=MOST_G),
    AfterValidator(more_than_a_speck),
]
"""What is divided by: a basis, a serving, a whole batch."""


YesNo = Annotated[bool, Field(strict=True)]
"""True or false, and not 1, 0 or "yes"."""

SentId = Annotated[str, Field(min_length=8, max_length=64)]
"""An id made by the sender, so that what is sent again is not there twice."""


class Answer(BaseModel):
    """A frozen value that is given out."""

    model_config = ConfigDict(frozen=True)


class Value(BaseModel):
    """A frozen core value that knows all its keys."""

    model_config = ConfigDict(frozen=True, extra="forbid")


def is_unknown(value: object) -> bool:
    """Whether a figure is unknown, which is not 0."""
    return value is None


T = TypeVar("T")
Sparse = Annotated[T | None, Field(exclude_if=is_unknown)]
"""A field that is unknown most of the time: it is then not written out."""


def half_last_digit(figure: float) -> float:
    """Half a unit of the last digit that a figure was written with: 12.5 → 0.05, 123 → 0.5."""
    exponent = Decimal(repr(figure)).normalize().as_tuple().exponent
    assert isinstance(exponent, int)
    return 0.5 * 10.0 ** min(exponent, 0)
