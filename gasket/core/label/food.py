"""A food beside its labels: its other names, and what a cup, a piece or a scoop of it weighs.

Volumes and counts become grams only through what is known of that very food. Where the cook has
weighed it once, that figure wins; typical values, from memory, are a start.
"""

from typing import Annotated, Final, Literal, Self

from pydantic import Field, field_validator, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.label.label import Density
from gasket.core.numbers import Number, Positive, Value
from gasket.core.trade.kinds import FoodKind

MeasureOrigin = Literal["weighed", "label", "typical"]
MeasureName = Annotated[str, Field(min_length=1, max_length=40, pattern=r"^[^;=|\[\]]*$")]
Alias = Annotated[str, Field(min_length=1, max_length=120, pattern=r"^[^;|]*$")]
MOST_MEASURES: Final = 40

SPREAD_OF: Final[dict[MeasureOrigin, float]] = {"weighed": 0.05, "label": 0.10, "typical": 0.15}
"""Relative half-width of a measured or counted amount by where its weight comes from (common
practice): pieces and cups differ even when one of them has been weighed."""


class Measure(Value):
    """What one of something weighs, as eaten: a large one, a scoop, a stick, the juice of one.

    A name may carry a qualifier in brackets: "large (UK)", "can (drained)".
    """

    name: MeasureName
    grams: Positive
    origin: MeasureOrigin = "typical"

    @field_validator("name")
    @classmethod
    def _spelled(cls, name: str) -> str:
        base, bracket, qualifier = " ".join(name.split()).partition(" (")
        return base.lower() + bracket + qualifier

    @property
    def base(self) -> str:
        """The measure without what stands in brackets: "cup" of "cup (sifted)"."""
        return self.name.partition(" (")[0]

    @property
    def qualifier(self) -> str:
        """What stands in brackets, or nothing."""
        return self.name.partition(" (")[2].rstrip(")")


class FoodFacts(Value):
    """What is known of a food whatever its package."""

    aliases: Annotated[tuple[Alias, ...], Field(max_length=MOST_MEASURES)] = ()
    density_g_per_ml: Density | None = None
    density_origin: MeasureOrigin = "typical"
    measures: Annotated[tuple[Measure, ...], Field(max_length=MOST_MEASURES)] = ()
    refuse_share: Annotated[Number, Field(ge=0, lt=1)] | None = None
    drained_share: Annotated[Number, Field(gt=0, le=1)] | None = None
    buy_rule: Annotated[str, Field(max_length=300)] = ""
    kind: FoodKind | None = None
    """What it is in a build, where its names do not say."""

    @model_validator(mode="after")
    def _one_weight_each(self) -> Self:
        names = [measure.name for measure in self.measures]
        for name in names:
            if names.count(name) > 1:
                raise PydanticCustomError("measures", "“{name}” is there twice.", {"name": name})
        return self

    def with_measure(self, measure: Measure) -> "FoodFacts":
        """The same with `measure` in the place of what was known under its name."""
        others = tuple(other for other in self.measures if other.name != measure.name)
        return self.model_copy(update={"measures": (measure, *others)})

    def with_density(self, density_g_per_ml: float) -> "FoodFacts":
        """The same with a density that the cook has weighed."""
        return FoodFacts.model_validate(
            {
                **self.model_dump(),
                "density_g_per_ml": density_g_per_ml,
                "density_origin": "weighed",
            }
        )
