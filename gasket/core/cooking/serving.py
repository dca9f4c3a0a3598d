"""At the table: what is eaten warm gets hot again, what goes soft is put on last."""

from collections.abc import Iterable
from typing import Final

from gasket.core.cooking.parts import role_of
from gasket.core.cooking.safety import SafetySchool, rule
from gasket.core.trade.families import Family

_EATEN_COLD: Final[frozenset[Family]] = frozenset(
    {"cake", "brownie", "custard", "drink", "frozen", "no_bake"}
)
_FILLED_LAST: Final[frozenset[Family]] = frozenset({"burger", "crepe"})
_TOPPED_LAST: Final[frozenset[Family]] = frozenset({"custard", "drink", "frozen"})
"""Families whose topping is neither baked nor chilled with the rest (all common practice)."""


def reheat_says(family: Family | None, school: SafetySchool) -> str:
    """How hot what is eaten warm must get again; empty for what is eaten cold."""
    if family in _EATEN_COLD:
        return ""
    first = rule("reheated", school).enough[0]
    held = f" for {first.seconds:.0f} s" if first.seconds else ""
    return f"Once only, right through: {first.temperature_c:g} °C in the core{held}."


def late_says(family: Family | None, components: Iterable[str]) -> str:
    """What is left until it is eaten, so that it stays crisp; empty where nothing goes soft."""
    if family in _FILLED_LAST:
        return "Fill it just before serving, or it goes soft."
    toppings = [name for name in components if role_of(name) == "topping"]
    if family in _TOPPED_LAST and toppings:
        return f"{toppings[0]}: just before serving, or it goes soft."
    return ""
