"""What a limit costs: the price of one more unit, with the lines that the proposal moves."""

from typing import Final

from gasket.core.numbers import Answer
from gasket.core.solver.formulation import Task
from gasket.core.solver.programme import Programme, Solution, row_prices

_SLACK: Final = 1e-6


class Price(Answer):
    """What one more unit of a binding limit costs, in kcal (in protein for the energy limit)."""

    key: str
    name: str
    says: str
    per_unit: float


_PRICED: Final[dict[str, str]] = {
    "protein_g": "One more gram of protein",
    "fibre_g": "One more gram of fibre",
    "fat_g": "One gram of fat",
    "carbohydrate_g": "One gram of carbohydrate",
    "net_carbohydrate_g": "One gram of net carbohydrate",
    "serving_g": "One gram of serving weight",
    "pan_fill": "One gram of serving weight",
}


def prices_of(task: Task, whole: Programme, at: Solution) -> tuple[Price, ...]:
    """Prices with the gentlest proposal's choice of lines: kcal per unit, protein per 10 kcal."""
    fixed = whole.fixed(at.x)
    variables = task.variables
    found: list[Price] = []
    lean = row_prices(fixed.with_cost(variables.effect("kcal")))
    rich = row_prices(fixed.with_cost(-variables.effect("protein_g")))
    for k, limit in enumerate(task.limits):
        if limit.key in _PRICED and lean is not None and abs(lean[k]) > _SLACK:
            kcal = float(abs(lean[k]))
            found.append(
                Price(
                    key=limit.key,
                    name=limit.name,
                    says=f"{_PRICED[limit.key]} costs {kcal:.1f} kcal here.",
                    per_unit=kcal,
                )
            )
        if limit.key == "kcal" and rich is not None and abs(rich[k]) > _SLACK:
            protein = float(abs(rich[k]))
            found.append(
                Price(
                    key=limit.key,
                    name=limit.name,
                    says=f"10 kcal less cost {10 * protein:.1f} g of protein here.",
                    per_unit=protein,
                )
            )
    return tuple(found)
