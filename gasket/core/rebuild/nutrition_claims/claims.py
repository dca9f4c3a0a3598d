"""What a serving may be called: the US and EU definitions, the number that decides, how far off.

For the cook's own orientation, not labelling advice.
"""

from gasket.core.rebuild.nutrition_claims.deciding import Judged, NutritionClaim
from gasket.core.rebuild.nutrition_claims.eu import eu_rules
from gasket.core.rebuild.nutrition_claims.us import corrected_protein, us_claims
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Portion
from gasket.core.trade.reference_amounts import ReferenceAmount


def claims(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    piece: Workpiece,
    *,
    drink: bool = False,
) -> tuple[NutritionClaim, ...]:
    """Every claim that can be looked at, the EU's first. A `drink` has limits of its own there."""
    corrected = corrected_protein(piece, serving, reference)
    judged = Judged(serving, original, reference, drink, corrected)
    eu = (rule.verdict(judged) for rule in eu_rules(drink=drink))
    return (*eu, *us_claims(judged))
