"""Our factors against pint, which carries NIST's and BIPM's."""

from functools import cache

import pint
import pytest

from gasket.core.trade.nutrients.table import KJ_PER_KCAL
from gasket.core.trade.quantities import GRAMS_PER, MILLILITRES_PER, HouseholdSystem, celsius

registry = cache(pint.UnitRegistry)
US = MILLILITRES_PER[HouseholdSystem.US]
UK = MILLILITRES_PER[HouseholdSystem.UK]


@pytest.mark.parametrize(
    ("ours", "amount", "unit", "target"),
    [
        *((factor, 1, unit, "gram") for unit, factor in GRAMS_PER.items()),
        (US["cup"], 1, "cup", "milliliter"),
        (US["tbsp"], 1, "tablespoon", "milliliter"),
        (US["tsp"], 1, "teaspoon", "milliliter"),
        (US["fl oz"], 1, "fluid_ounce", "milliliter"),
        (US["pint"], 1, "pint", "milliliter"),
        (UK["fl oz"], 1, "imperial_fluid_ounce", "milliliter"),
        (UK["pint"], 1, "imperial_pint", "milliliter"),
        (KJ_PER_KCAL, 1, "kilocalorie", "kilojoule"),
    ],
)
def test_a_unit_is_worth_what_the_standard_says(ours, amount, unit, target):
    theirs = registry().Quantity(amount, unit).to(target).magnitude
    assert ours == pytest.approx(theirs, rel=1e-9)


@pytest.mark.parametrize("fahrenheit", [-40, 32, 165, 350, 525])
def test_oven_and_core_temperatures_convert(fahrenheit):
    theirs = registry().Quantity(fahrenheit, "degF").to("degC").magnitude
    assert celsius(fahrenheit) == pytest.approx(theirs, abs=1e-9)
