"""The types of nutrients, written from their table: `python -m gasket.api.figure_types`.

It imports nothing that needs those types, so that a new row can be carried over.
"""

from collections.abc import Iterable
from pathlib import Path
from typing import Final

from gasket.core.trade.nutrients import CALCULATED, GOALS, PRINTED

ROOT: Final = Path(__file__).resolve().parents[2]
PATH: Final = "gasket/core/trade/nutrients/figure_types.py"

_HEAD: Final = '''\
"""Generated from the table of nutrients by ./run types: never edited."""

from dataclasses import dataclass
from typing import Final, Generic, Literal, TypeVar, get_args

from gasket.core.numbers import Amount, Answer, Sparse, Value
from gasket.core.trade.limits import NO_LIMITS, Limits

T = TypeVar("T")
'''


def as_python() -> str:
    """The file as it stands in the core."""
    head = "\n".join(
        [
            _HEAD,
            _literal("Nutrient", CALCULATED, "What is calculated."),
            _literal("Printed", PRINTED, "What panels print."),
            _literal("GoalNutrient", GOALS, "What a goal may limit."),
            "NUTRIENTS: Final[tuple[Nutrient, ...]] = get_args(Nutrient)",
            "FIGURES: Final[tuple[Printed, ...]] = get_args(Printed)",
            "GOAL_NUTRIENTS: Final[tuple[GoalNutrient, ...]] = get_args(GoalNutrient)\n",
        ]
    )
    return head + "".join(
        [
            _class(
                "class PrintedFigures(Value):",
                "Figures as a panel prints them; None is unknown.",
                (f"{key}: Sparse[Amount] = None" for key in PRINTED),
            ),
            _class(
                "class OfEach(Answer, Generic[T]):",
                "Something of each nutrient; None is unknown.",
                (f"{key}: T | None = None" for key in CALCULATED),
            ),
            _class(
                "@dataclass(frozen=True, slots=True, kw_only=True)\nclass PlainFigures:",
                "Each nutrient as a plain number, without a margin; None is unknown.",
                (f"{key}: float | None = None" for key in CALCULATED),
            ),
            _class(
                "class NutrientLimits(Value):",
                "Limits of the nutrients that a goal may limit.",
                (f"{key}: Limits = NO_LIMITS" for key in GOALS),
            ),
        ]
    )


def _literal(name: str, keys: Iterable[str], says: str) -> str:
    lines = "".join(f'    "{key}",\n' for key in keys)
    return f'{name} = Literal[\n{lines}]\n"""{says}"""\n'


def _class(head: str, says: str, fields: Iterable[str]) -> str:
    body = "".join(f"    {field}\n" for field in fields)
    return f'\n\n{head}\n    """{says}"""\n\n{body}'.rstrip("\n") + "\n"


if __name__ == "__main__":
    (ROOT / PATH).write_text(as_python(), encoding="utf-8")
