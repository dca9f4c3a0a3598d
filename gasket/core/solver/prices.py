"""What a limit costs: the price of one more unit, with the lines that the proposal moves."""

from typing import Final

from gasket.core.numbers import Answer
from gasket.core.solver.formulation import SolverTask
from gasket.core.solver.programme import Programme, Solution, row_prices
from gasket.core.trade.nutrients import BY_KEY
from gasket.core.trade.nutrients.figure_types import GOAL_NUTRIENTS

_SLACK: Final = 1e-6


class Price(Answer):
    """What one more unit of a binding limit costs, in kcal (in protein for the energy limit)."""

    key: str
    name: str
    says: str
    per_unit: float


_PRICED: Final[dict[str, str]] = {
    **{key: BY_KEY[key].name for key in GOAL_NUTRIENTS if key != "kcal"},
    "serving_g": "serving weight",
    "pan_fill": "serving weight",
}


def prices_of(task: SolverTask, whole: Programme, at: Solution) -> tuple[Price, ...]:
    """Prices with the gentlest proposal's choice of lines: kcal per unit, protein per 10 kcal."""
    fixed = whole.fixed(at.x)
    variables = task.variables
    prices: list[Price] = []
    lean = row_prices(fixed.with_cost(variables.effect("kcal")))
    rich = row_prices(fixed.with_cost(-variables.effect("protein_g")))
    for k, limit in enumerate(task.limits):
        if limit.key in _PRICED and lean is not None and abs(lean[k]) > _SLACK:
            kcal = float(abs(lean[k]))
            gram = "One more gram" if lean[k] > 0 else "One gram less"
            prices.append(
                Price(
                    key=limit.key,
                    name=limit.name,
                    says=f"{gram} of {_PRICED[limit.key]} costs {kcal:.1f} kcal here.",
                    per_unit=kcal,
                )
            )
        if limit.key == "kcal" and rich is not None and abs(rich[k]) > _SLACK:
            protein = float(abs(rich[k]))
            prices.append(
                Price(
                    key=limit.key,
                    name=limit.name,
                    says=f"10 kcal less cost {10 * protein:.1f} g of protein here.",
                    per_unit=protein,
                )
            )
    return tuple(prices)
