"""What one serving should come to, and how far a trial is from it."""

from collections.abc import Iterator, Mapping
from typing import Annotated, Final, Literal, get_args

from pydantic import Field

from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.limits import NO_LIMITS, Limits
from gasket.core.trade.nutrients import BY_KEY, MACRO_KCAL
from gasket.core.trade.nutrients.figure_types import GOAL_NUTRIENTS, GoalNutrient, NutrientLimits

GoalKey = Literal[
    GoalNutrient,
    "serving_g",
    "carbohydrate_per_protein",
    "fat_energy",
    "protein_energy",
    "cost",
    "hands_on_min",
    "bowls",
]
GOAL_KEYS: Final[tuple[GoalKey, ...]] = get_args(GoalKey)
SOFT: Final[frozenset[GoalKey]] = frozenset({"hands_on_min", "bowls", "cost"})
"""Wished for, not counted on by the solver."""

GOAL_NAMES: Final[dict[GoalKey, tuple[str, str]]] = {
    **{key: (BY_KEY[key].name, BY_KEY[key].unit) for key in GOAL_NUTRIENTS},
    "serving_g": ("serving weight", "g"),
    "carbohydrate_per_protein": ("carbohydrate per gram of protein", "g"),
    "fat_energy": ("energy from fat", "%"),
    "protein_energy": ("energy from protein", "%"),
    "cost": ("cost", ""),
    "hands_on_min": ("hands-on time", "min"),
    "bowls": ("bowls", ""),
}


class Goal(NutrientLimits):
    """Limits for one serving. Shares of energy are in percent.

    `ratio_means` says which carbohydrate the ratio to protein is about.
    """

    serving_g: Limits = NO_LIMITS
    carbohydrate_per_protein: Limits = NO_LIMITS
    ratio_means: Literal["total", "net"] = "total"
    fat_energy: Annotated[Limits, Field(description="percent")] = NO_LIMITS
    protein_energy: Annotated[Limits, Field(description="percent")] = NO_LIMITS
    cost: Limits = NO_LIMITS
    hands_on_min: Limits = NO_LIMITS
    bowls: Limits = NO_LIMITS

    def limits(self, key: GoalKey) -> Limits:
        """What was asked of one figure; empty limits where nothing was."""
        limits = getattr(self, key)
        assert isinstance(limits, Limits)
        return limits

    def given(self) -> Iterator[tuple[GoalKey, Limits]]:
        """Everything that was asked, in the order of the goal's keys."""
        for key in GOAL_KEYS:
            if self.limits(key).given:
                yield key, self.limits(key)


GoalVerdict = Literal["met", "within_margin", "missed", "unknown"]


class GoalState(Answer):
    """One goal beside what the trial comes to.

    `within_margin` is met by the value while the likely margin crosses the limit. `by` is how far
    the value is outside, 0 when it is inside.
    """

    key: GoalKey
    name: str
    unit: str
    least: float | None
    most: float | None
    value: float | None
    verdict: GoalVerdict
    by: float
    soft: bool


ValueWithBand = tuple[float, float, float]
"""Value, likely low, likely high."""


def goal_states(
    goal: Goal, serving: Portion, others: Mapping[GoalKey, float | None]
) -> tuple[GoalState, ...]:
    """Every goal that is given. `others` holds what a serving does not: cost, bowls, minutes."""
    return tuple(
        _state(key, limits, _found(goal, key, serving, others)) for key, limits in goal.given()
    )


def _found(
    goal: Goal, key: GoalKey, serving: Portion, others: Mapping[GoalKey, float | None]
) -> ValueWithBand | None:
    if key == "carbohydrate_per_protein":
        carbohydrate = (
            serving.net_carbohydrate_g if goal.ratio_means == "net" else serving.carbohydrate_g
        )
        return _quotient(carbohydrate, serving.protein_g, 1.0)
    if key == "fat_energy":
        return _quotient(serving.fat_g, serving.kcal, 100 * MACRO_KCAL["fat_g"])
    if key == "protein_energy":
        return _quotient(serving.protein_g, serving.kcal, 100 * MACRO_KCAL["protein_g"])
    plain = serving.grams if key == "serving_g" else others.get(key)
    if key in SOFT or key == "serving_g":
        return None if plain is None else (plain, plain, plain)
    figure = getattr(serving, key)
    return (figure.value, *figure.likely) if isinstance(figure, Figure) else None


def _quotient(above: object, below: object, factor: float) -> ValueWithBand | None:
    if not isinstance(above, Figure) or not isinstance(below, Figure) or below.value <= 0:
        return None
    value = factor * above.value / below.value
    return value, value, value


def _state(key: GoalKey, limits: Limits, reached: ValueWithBand | None) -> GoalState:
    name, unit = GOAL_NAMES[key]
    least, most = limits.least, limits.most
    verdict: GoalVerdict = "unknown"
    by = 0.0
    if reached is not None:
        by = _outside(reached[0], least, most)
        low, high = (_outside(edge, least, most) for edge in reached[1:])
        verdict = "missed" if by > 0 else "within_margin" if low or high else "met"
    value = None if reached is None else reached[0]
    return GoalState(
        key=key,
        name=name,
        unit=unit,
        least=least,
        most=most,
        value=value,
        verdict=verdict,
        by=by,
        soft=key in SOFT,
    )


_SLACK: Final = 1e-6


def _outside(value: float, least: float | None, most: float | None) -> float:
    if least is not None and value < least - _SLACK * max(1.0, least):
        return least - value
    if most is not None and value > most + _SLACK * max(1.0, most):
        return value - most
    return 0.0


class Preset(Answer):
    """A starting point of one school; it fills what the cook has not given."""

    key: str
    name: str
    says: str
    goal: Goal


def presets(original: Original | None) -> tuple[Preset, ...]:
    """Starting points, three of them relative to the original's energy (common practice)."""
    kcal = original.kcal if original else None
    half = Limits(most=None if kcal is None else round(kcal * 0.55, -1))
    return (
        Preset(
            key="lean",
            name="Half the energy",
            says="Little more than half of the original's kcal, 30 % of it from protein.",
            goal=Goal(kcal=half, protein_energy=Limits(least=30.0)),
        ),
        Preset(
            key="two_to_one",
            name="2 : 1 carbs to protein",
            says="At most 2 g of carbohydrate for each gram of protein, fat kept low.",
            goal=Goal(
                kcal=half,
                carbohydrate_per_protein=Limits(most=2.0),
                fat_energy=Limits(most=25.0),
            ),
        ),
        Preset(
            key="low_carbohydrate",
            name="Low carbohydrate",
            says="At most 15 g of net carbohydrate; fat may carry the energy.",
            goal=Goal(kcal=half, net_carbohydrate_g=Limits(most=15.0)),
        ),
        Preset(
            key="satiety",
            name="Keeps me full",
            says="At least 30 g of protein and 5 g of fibre, and fat is welcome up to 40 %.",
            goal=Goal(
                protein_g=Limits(least=30.0),
                fibre_g=Limits(least=5.0),
                fat_energy=Limits(most=40.0),
            ),
        ),
        Preset(
            key="more",
            name="More energy",
            says="For days with a lot of training: at least the original's kcal, 30 g of protein.",
            goal=Goal(kcal=Limits(least=kcal), protein_g=Limits(least=30.0)),
        ),
    )
