"""How much of a glaze, a soak or a dip is eaten: a guess until the rest is weighed back."""

from collections.abc import Iterable
from typing import Annotated, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Number, Value
from gasket.core.reckoning.batch import Component
from gasket.core.reckoning.losses import taken_of


class EatenShare(Value):
    """The least and the most of a component that is eaten, as shares of it."""

    least: Annotated[Number, Field(ge=0, le=1)]
    most: Annotated[Number, Field(gt=0, le=1)]

    @model_validator(mode="after")
    def _from_least_to_most(self) -> Self:
        if self.least > self.most:
            raise PydanticCustomError("eaten", "Type the smaller share first, then the larger.")
        return self

    @property
    def middle(self) -> float:
        """Halfway between the least and the most, as a share."""
        return (self.least + self.most) / 2


def less_uneaten(part: Component, eaten: EatenShare, taken_g: float = 0.0) -> Component:
    """`part` less what is not eaten of it, beside what other components took and what was lost."""
    kept = max(0.0, part.whole_g - taken_g - part.leftover_g)
    least, middle, most = (
        part.leftover_g + kept * (1 - share) for share in (eaten.most, eaten.middle, eaten.least)
    )
    return part.model_copy(
        update={"leftover_g": middle, "leftover_estimate": (min(least, middle), max(most, middle))}
    )


def as_eaten(
    part: Component, eaten: EatenShare | None, components: Iterable[Component]
) -> Component:
    """`part` less what is taken not to be eaten of it; all of it where nothing is said, or where
    nobody can tell what it weighs."""
    if eaten is None or part.unweighed:
        return part
    return less_uneaten(part, eaten, taken_of(part, components))
