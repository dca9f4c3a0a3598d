"""The figures of the trade as they stand in its tables: none of them moves by accident."""

import itertools

from gasket.core.rebuild.ingredients import SWEETNESS_OF
from gasket.core.reckoning.dividing import USUAL_WAYS
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.trade.consistency import MIXTURES
from gasket.core.trade.families import BY_KEY
from gasket.core.trade.kinds import DRY_FACTOR
from gasket.core.trade.quantities import MILLILITRES_PER
from gasket.core.trade.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.trade.uptake import uptake_of
from tests.core.scenarios.model import Answers, plain, scenario

_OF_FAMILY = ("bands", "ratios", "loss", "keeps", "reheat", "late")
_OF_ROW = ("key", "piece_g", "whole_g", "ladle_g", "at_a_time")
_NAMES = (
    *("Marinade", "Cocoa dusting", "Drizzle", "Glaze", "Icing", "Coat", "Filling", "Frosting"),
    *("Soak", "Egg wash", "Crumbs", "Flour", "Dip", "Syrup", "Sauce", "Batter", "Body"),
)


@scenario
def tables() -> Answers:
    for key, family in BY_KEY.items():
        yield f"family {key}", {name: plain(getattr(family, name)) for name in _OF_FAMILY}
        rows = [{name: getattr(row, name) for name in _OF_ROW} for row in family.steps]
        yield f"sizes {key}", [row for row in rows if any(list(row.values())[1:])]
    for swap in CATALOGUE:
        yield f"swap {swap.key}", plain(swap)
    for name, amount in REFERENCE_AMOUNTS.items():
        yield f"reference {name}", plain(amount)
    for mixture in MIXTURES:
        yield f"mixture {mixture.key}", plain(mixture.ratios)
    for family, name in itertools.product((None, "coated", "frozen", "soaked_bread"), _NAMES):
        yield f"uptake {family} {name}", plain(uptake_of(name, family))
    yield "dry base", plain(DRY_FACTOR)
    yield "sweetness", plain(SWEETNESS_OF)
    yield "volumes", plain(MILLILITRES_PER)
    yield "usual ways", plain(USUAL_WAYS)
