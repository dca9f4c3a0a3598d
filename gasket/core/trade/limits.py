"""At least and at most."""

from typing import Final, Self

from pydantic import model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Amount, Value


class Limits(Value):
    """At least and at most; None is no limit."""

    least: Amount | None = None
    most: Amount | None = None

    @model_validator(mode="after")
    def _in_order(self) -> Self:
        if self.least is not None and self.most is not None and self.least > self.most:
            raise PydanticCustomError("limits", "“At least” is more than “at most”.")
        return self

    @property
    def given(self) -> bool:
        """Whether anything was asked."""
        return self.least is not None or self.most is not None


NO_LIMITS: Final = Limits()
