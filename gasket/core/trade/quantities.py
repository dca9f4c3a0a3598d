"""Mass, volume and temperature: exact factors, and "4 oz" to grams.

Volumes become grams only through the density of that very food; there is no default density.
"""

import re
from enum import StrEnum
from typing import Final

from gasket.core.errors import FaultyInput
from gasket.core.numbers import MOST_G
from gasket.core.trade.written_numbers import both_ways, read_number

# NIST SP 811, Appendix B (exact by definition for the pound and the ounce).
GRAMS_PER: Final[dict[str, float]] = {
    "g": 1.0,
    "kg": 1000.0,
    "mg": 0.001,
    "oz": 28.349523125,
    "lb": 453.59237,
}

US_FL_OZ_ML: Final = 29.5735295625  # NIST SP 811
UK_FL_OZ_ML: Final = 28.4130625  # NIST SP 811


class HouseholdSystem(StrEnum):
    """Whose cups and spoons a recipe means."""

    US = "us"
    US_LABEL = "us_label"
    METRIC = "metric"
    UK = "uk"
    AU = "au"


# ml. US: NIST SP 811. US label: 21 CFR 101.9(b)(5)(viii). Metric, UK, AU: common practice.
MILLILITRES_PER: Final[dict[HouseholdSystem, dict[str, float]]] = {
    HouseholdSystem.US: {
        "cup": 8 * US_FL_OZ_ML,
        "tbsp": US_FL_OZ_ML / 2,
        "tsp": US_FL_OZ_ML / 6,
        "fl oz": US_FL_OZ_ML,
        "pint": 16 * US_FL_OZ_ML,
    },
    HouseholdSystem.US_LABEL: {"cup": 240.0, "tbsp": 15.0, "tsp": 5.0, "fl oz": 30.0},
    HouseholdSystem.METRIC: {"cup": 250.0, "tbsp": 15.0, "tsp": 5.0},
    HouseholdSystem.UK: {
        "tbsp": 15.0,
        "tsp": 5.0,
        "fl oz": UK_FL_OZ_ML,
        "pint": 20 * UK_FL_OZ_ML,
    },
    HouseholdSystem.AU: {"cup": 250.0, "tbsp": 20.0, "tsp": 5.0},
}

_AMOUNT = re.compile(r"^\s*(?P<number>[\d.,/ \u00a0\u202f]*\d[.,]?)\s*(?P<unit>[a-zA-Z]*)\s*$")


def parse_grams(text: str, path: str = "grams") -> float:
    """Grams meant by what a cook types: `"120"`, `"0,5"`, `"4 oz"`, `"1/2 lb"`.

    A bare number is grams. Raises `FaultyInput` at `path` for anything else, for less than
    nothing, for more than a tonne and for what can be read both ways ("1,200").
    """
    match = _AMOUNT.match(text[:80])
    if not match:
        raise FaultyInput.at(path, "Type a weight, like 120 or 4 oz.")
    unit = match["unit"].lower() or "g"
    if unit not in GRAMS_PER:
        raise FaultyInput.at(path, f"“{match['unit']}” is not a weight: use g, kg, oz or lb.")
    try:
        number = read_number(match["number"])
    except ZeroDivisionError:
        raise FaultyInput.at(path, "A fraction cannot have 0 below the line.") from None
    except ValueError:
        raise FaultyInput.at(path, "Type a weight, like 120 or 4 oz.") from None
    if number.otherwise is not None:
        raise FaultyInput.at(path, both_ways(match["number"].strip(), number))
    grams = number.value * GRAMS_PER[unit]
    if grams > MOST_G:
        raise FaultyInput.at(path, "That is more than a tonne: check the number and the unit.")
    return grams


def celsius(fahrenheit: float) -> float:
    """°F → °C."""
    return (fahrenheit - 32) / 1.8


# Shelled grams. From memory (USDA); UK and EU sizes differ.
def edible_g(as_bought_g: float, refuse_share: float) -> float:
    """Grams left to eat. `refuse_share` is 0 ≤ share < 1."""
    if not 0 <= refuse_share < 1:
        raise FaultyInput.at("refuse_share", "The part thrown away is a share from 0 to below 1.")
    return as_bought_g * (1 - refuse_share)
