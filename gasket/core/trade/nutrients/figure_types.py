"""Generated from the table of nutrients by ./run types: never edited."""

from dataclasses import dataclass
from typing import Final, Generic, Literal, TypeVar, get_args

from gasket.core.numbers import Amount, Answer, Sparse, Value
from gasket.core.trade.limits import NO_LIMITS, Limits

T = TypeVar("T")

Nutrient = Literal[
    "kcal",
    "protein_g",
    "carbohydrate_g",
    "net_carbohydrate_g",
    "sugars_g",
    "polyols_g",
    "fat_g",
    "saturated_g",
    "fibre_g",
    "sodium_mg",
    "cholesterol_mg",
    "calcium_mg",
    "iron_mg",
    "potassium_mg",
]
"""What is calculated."""

Printed = Literal[
    "kcal",
    "kj",
    "protein_g",
    "carbohydrate_g",
    "sugars_g",
    "added_sugars_g",
    "polyols_g",
    "allulose_g",
    "fat_g",
    "saturated_g",
    "fibre_g",
    "soluble_fibre_g",
    "sodium_mg",
    "salt_g",
    "cholesterol_mg",
    "calcium_mg",
    "iron_mg",
    "potassium_mg",
    "alcohol_g",
    "organic_acids_g",
]
"""What panels print."""

GoalNutrient = Literal[
    "kcal",
    "protein_g",
    "carbohydrate_g",
    "net_carbohydrate_g",
    "fat_g",
    "fibre_g",
]
"""What a goal may limit."""

NUTRIENTS: Final[tuple[Nutrient, ...]] = get_args(Nutrient)
FIGURES: Final[tuple[Printed, ...]] = get_args(Printed)
GOAL_NUTRIENTS: Final[tuple[GoalNutrient, ...]] = get_args(GoalNutrient)


class PrintedFigures(Value):
    """Figures as a panel prints them; None is unknown."""

    kcal: Sparse[Amount] = None
    kj: Sparse[Amount] = None
    protein_g: Sparse[Amount] = None
    carbohydrate_g: Sparse[Amount] = None
    sugars_g: Sparse[Amount] = None
    added_sugars_g: Sparse[Amount] = None
    polyols_g: Sparse[Amount] = None
    allulose_g: Sparse[Amount] = None
    fat_g: Sparse[Amount] = None
    saturated_g: Sparse[Amount] = None
    fibre_g: Sparse[Amount] = None
    soluble_fibre_g: Sparse[Amount] = None
    sodium_mg: Sparse[Amount] = None
    salt_g: Sparse[Amount] = None
    cholesterol_mg: Sparse[Amount] = None
    calcium_mg: Sparse[Amount] = None
    iron_mg: Sparse[Amount] = None
    potassium_mg: Sparse[Amount] = None
    alcohol_g: Sparse[Amount] = None
    organic_acids_g: Sparse[Amount] = None


class OfEach(Answer, Generic[T]):
    """Something of each nutrient; None is unknown."""

    kcal: T | None = None
    protein_g: T | None = None
    carbohydrate_g: T | None = None
    net_carbohydrate_g: T | None = None
    sugars_g: T | None = None
    polyols_g: T | None = None
    fat_g: T | None = None
    saturated_g: T | None = None
    fibre_g: T | None = None
    sodium_mg: T | None = None
    cholesterol_mg: T | None = None
    calcium_mg: T | None = None
    iron_mg: T | None = None
    potassium_mg: T | None = None


@dataclass(frozen=True, slots=True, kw_only=True)
class PlainFigures:
    """Each nutrient as a plain number, without a margin; None is unknown."""

    kcal: float | None = None
    protein_g: float | None = None
    carbohydrate_g: float | None = None
    net_carbohydrate_g: float | None = None
    sugars_g: float | None = None
    polyols_g: float | None = None
    fat_g: float | None = None
    saturated_g: float | None = None
    fibre_g: float | None = None
    sodium_mg: float | None = None
    cholesterol_mg: float | None = None
    calcium_mg: float | None = None
    iron_mg: float | None = None
    potassium_mg: float | None = None


class NutrientLimits(Value):
    """Limits of the nutrients that a goal may limit."""

    kcal: Limits = NO_LIMITS
    protein_g: Limits = NO_LIMITS
    carbohydrate_g: Limits = NO_LIMITS
    net_carbohydrate_g: Limits = NO_LIMITS
    fat_g: Limits = NO_LIMITS
    fibre_g: Limits = NO_LIMITS
