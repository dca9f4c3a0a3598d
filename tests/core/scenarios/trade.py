"""The figures of the trade as they stand in its tables: none of them moves by accident."""

import itertools

from gasket.core.cooking.step_text import read_step
from gasket.core.label.energy import ANNEX_XIV
from gasket.core.rebuild.ingredients import SWEETNESS_OF
from gasket.core.reckoning.dividing import USUAL_WAYS
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.trade.kinds import DRY_FACTOR
from gasket.core.trade.thickness import MIXTURES
from gasket.core.trade.uptake import uptake_of
from tests.core.scenarios.model import Answers, plain, scenario

_NAMES = (
    *("Marinade", "Cocoa dusting", "Drizzle", "Glaze", "Icing", "Coat", "Filling", "Frosting"),
    *("Soak", "Egg wash", "Crumbs", "Flour", "Dip", "Syrup", "Sauce", "Batter", "Body"),
)


@scenario
def tables() -> Answers:
    for swap in CATALOGUE:
        yield f"swap {swap.key}", plain(swap)
    for mixture in MIXTURES:
        yield f"mixture {mixture.key}", plain(mixture.ratios)
    for family, name in itertools.product((None, "coated", "frozen", "soaked_bread"), _NAMES):
        yield f"uptake {family} {name}", plain(uptake_of(name, family))
    yield "dry base", plain(DRY_FACTOR)
    yield "energy", plain(ANNEX_XIV)
    for said in ("overnight", "for half a day", "for half an hour", "for an hour"):
        step = read_step(f"Chill it {said}", "step")
        yield f"minutes {said}", [step.least_min, step.most_min]
    yield "sweetness", plain(SWEETNESS_OF)
    yield "usual ways", plain(USUAL_WAYS)
