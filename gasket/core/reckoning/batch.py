"""A batch as it travels: labels, components and their lines, portions, finish, original."""

from typing import Annotated, Any, Final, Literal, Self

from pydantic import (
    AfterValidator,
    BeforeValidator,
    Field,
    ValidationInfo,
    field_validator,
    model_validator,
)
from pydantic_core import PydanticCustomError

from gasket.core.label.energy import EnergyMethod
from gasket.core.label.label import Label
from gasket.core.numbers import Amount, Number, Positive, Value, more_than_a_speck

Name = Annotated[str, Field(max_length=200)]
MOST_PIECES: Final = 10_000
MOST_ARMS: Final = 20
MIXTURE: Final = "The mixture"
"""What arms share, as a component of each."""
DEFAULT_DIVISION_G: Final = 1.0


def _absent_as(default: Any) -> BeforeValidator:
    return BeforeValidator(lambda given: default if given is None else given)


def _whole(given: Any) -> Any:
    """8.0 is a whole number in JSON; 8.5, true and "8" are left for the strict check to refuse."""
    return int(given) if isinstance(given, float) and given.is_integer() else given


def _version(given: Any) -> Any:
    """1 or 2, and not true, which Python takes for 1."""
    return None if isinstance(given, bool) else _whole(given)


class Settings(Value):
    """How to reckon: the energy method, what erythritol is worth, who eats the residue."""

    energy: EnergyMethod = "labelled"
    erythritol_kcal_per_g: Annotated[Number, Field(ge=0, le=4)] = 0.0
    residue: Literal["counted", "left"] = "counted"


class WeighedGrams(Value):
    """Grams with their error: a net of two readings on a scale, or an estimate from low to high."""

    grams: Amount
    division_g: Annotated[Amount, _absent_as(DEFAULT_DIVISION_G)] = DEFAULT_DIVISION_G
    estimate: tuple[Amount, Amount] | None = None

    @field_validator("estimate")
    @classmethod
    def _around_the_grams(
        cls, estimate: tuple[float, float] | None, info: ValidationInfo
    ) -> tuple[float, float] | None:
        grams = info.data.get("grams")
        if estimate and grams is not None and not estimate[0] <= grams <= estimate[1]:
            raise PydanticCustomError(
                "estimate",
                "An estimate runs from a low to a high figure with the grams in between.",
            )
        return estimate

    @property
    def low_g(self) -> float:
        """The least that it can be: a division less than read, or the estimate's."""
        return self.estimate[0] if self.estimate else max(0.0, self.grams - self.division_g)

    @property
    def high_g(self) -> float:
        """The most that it can be."""
        return self.estimate[1] if self.estimate else self.grams + self.division_g

    @property
    def mid_g(self) -> float:
        """The middle of an estimate; as read on a scale."""
        return sum(self.estimate) / 2 if self.estimate else self.grams

    @property
    def variance_g2(self) -> float:
        """Triangular for a net of two readings, uniform for an estimate."""
        if self.estimate:
            return (self.estimate[1] - self.estimate[0]) ** 2 / 12
        return self.division_g**2 / 6


class Line(WeighedGrams):
    """So many grams of a label's food, or of another component.

    `count` pieces stand beside the grams. A label whose pieces nobody has weighed is reckoned by
    its count; the grams of such a line may be missing: its weight is then unknown.
    """

    label: Name | None = None
    component: Name | None = None
    count: Amount | None = None

    @model_validator(mode="before")
    @classmethod
    def _only_counted(cls, given: Any) -> Any:
        if isinstance(given, dict) and given.get("count") and given.get("grams") is None:
            return {**given, "grams": 0.0}
        return given

    @property
    def unweighed(self) -> bool:
        """Counted, and not on the scale yet."""
        return bool(self.count) and self.grams == 0

    @model_validator(mode="after")
    def _of_one_thing(self) -> Self:
        if (self.label is None) == (self.component is None):
            raise PydanticCustomError("line_of", "A line is of one label or of one component.")
        return self


class FinishLine(WeighedGrams):
    """What is added to one serving at the plate."""

    label: Name


class FatPouredOff(Value):
    """Fat poured off: `fat_g` of fat, `grams` off the weight (the rest of it is water)."""

    fat_g: Amount
    grams: Amount | None = None

    @property
    def weight_g(self) -> float:
        """What it took off the weight; the fat alone where no weight was said."""
        return self.fat_g if self.grams is None else self.grams


class Component(Value):
    """A bowl of its own: dough, frosting, topping. `made_g` is its weight when it was weighed;
    `leftover_estimate` the least and the most that is left of it, where nobody has weighed that."""

    name: Name
    made_g: Positive | None = None
    leftover_g: Annotated[Amount, _absent_as(0.0)] = 0.0
    leftover_estimate: tuple[Amount, Amount] | None = None
    removed: Annotated[tuple[FatPouredOff, ...], _absent_as(())] = ()
    lines: tuple[Line, ...] = ()

    @model_validator(mode="after")
    def _around_what_is_left(self) -> Self:
        between = self.leftover_estimate
        if between and not between[0] <= self.leftover_g <= between[1]:
            raise PydanticCustomError(
                "estimate", "What is left lies between the least and the most that is."
            )
        return self

    @property
    def whole_g(self) -> float:
        """What there is of it: weighed, or else the sum of its lines less what was poured off."""
        if self.made_g is not None:
            return self.made_g
        poured = sum(removed.weight_g for removed in self.removed)
        return max(0.0, sum(line.grams for line in self.lines) - poured)

    @property
    def unweighed(self) -> bool:
        """Whether `whole_g` leaves something out that was only counted."""
        return self.made_g is None and any(line.unweighed for line in self.lines)


Pieces = Annotated[Number, Field(gt=0, le=MOST_PIECES), AfterValidator(more_than_a_speck)]
_Count = Annotated[int, Field(strict=True, ge=1, le=MOST_PIECES), BeforeValidator(_whole)]
_Pieces = Annotated[tuple[Amount, ...], Field(min_length=1, max_length=MOST_PIECES)]


class Portions(Value):
    """One way of dividing: by count, by serving weight, or each piece weighed.

    A serving is `serving_pieces` mean pieces: 3 of 6 rolls make 2 servings.
    """

    count: _Count | None = None
    serving_g: Positive | None = None
    weights_g: _Pieces | None = None
    weights_state: Literal["raw", "cooked"] | None = None
    serving_pieces: Annotated[Pieces, _absent_as(1.0)] = 1.0

    @model_validator(mode="after")
    def _one_way(self) -> Self:
        ways = (self.count, self.serving_g, self.weights_g)
        if sum(way is not None for way in ways) != 1:
            raise PydanticCustomError(
                "portions", "Divide one way: by count, by serving_g or by weights_g."
            )
        pieces = self.count or len(self.weights_g or ())
        if self.serving_pieces > (pieces or 1):
            raise PydanticCustomError("portions", "A serving holds no more pieces than there are.")
        if self.weights_g is not None and not any(self.weights_g):
            raise PydanticCustomError("portions", "At least one piece must weigh something.")
        return self


class Arm(WeighedGrams):
    """A part of the batch, by weight, that goes its own way: what only it has in it, its weights,
    its pieces, its finish. `components` are its own ones; those that no line of them uses belong
    to it."""

    name: Name
    components: Annotated[tuple[Component, ...], _absent_as(())] = ()
    mixture_g: Positive | None = None
    cooked_g: Positive | None = None
    portions: Portions
    finish: Annotated[tuple[FinishLine, ...], _absent_as(())] = ()

    @field_validator("components")
    @classmethod
    def _beside_the_mixture(cls, components: tuple[Component, ...]) -> tuple[Component, ...]:
        if any(part.name == MIXTURE for part in components):
            says = f"“{MIXTURE}” is what the arms share: give this component another name."
            raise PydanticCustomError("mixture", "{says}", {"says": says})
        return components


class Original(Value):
    """One serving of the ordinary version; None is unknown."""

    name: Name = ""
    serving_g: Positive | None = None
    kcal: Amount | None = None
    protein_g: Amount | None = None
    carbohydrate_g: Amount | None = None
    fat_g: Amount | None = None


class Batch(Value):
    """Everything that the reckoning needs, and nothing else. See docs/formats/batch.md."""

    format: Literal["gasket-batch"]
    version: Annotated[Literal[1, 2], BeforeValidator(_version)]
    name: Name | None = None
    """The dish."""
    settings: Annotated[Settings, _absent_as(Settings())] = Settings()
    labels: dict[str, Label]
    components: tuple[Component, ...]
    mixture_g: Positive | None = None
    cooked_g: Positive | None = None
    portions: Portions
    finish: Annotated[tuple[FinishLine, ...], _absent_as(())] = ()
    original: Original | None = None
    arms: Annotated[tuple[Arm, ...], Field(max_length=MOST_ARMS), _absent_as(())] = ()
    """What it was divided into by weight, from version 2 on. `portions` then say how the undivided
    batch would be."""

    @model_validator(mode="before")
    @classmethod
    def _without_its_schema(cls, given: Any) -> Any:
        """A file may say which schema it keeps to."""
        if isinstance(given, dict) and isinstance(given.get("$schema"), str):
            return {key: value for key, value in given.items() if key != "$schema"}
        return given

    @field_validator("arms")
    @classmethod
    def _of_version_2(cls, arms: tuple[Arm, ...], info: ValidationInfo) -> tuple[Arm, ...]:
        if arms and info.data.get("version") == 1:
            raise PydanticCustomError("arms", "Arms need version 2 of the format.")
        return arms

    def with_panel(self, keys: set[str], panel: Label) -> "Batch":
        """The same batch with `panel` in the place of the labels named by `keys`."""
        labels = {key: panel if key in keys else label for key, label in self.labels.items()}
        return self.model_copy(update={"labels": labels})
