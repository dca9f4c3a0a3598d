"""What a serving may be called: the US and EU definitions, the number that decides, how far off.

For the cook's own orientation, not labelling advice.
"""

from gasket.core.batch import Original
from gasket.core.margin import Portion
from gasket.core.nutrition_claims.deciding import NutritionClaim
from gasket.core.nutrition_claims.eu import eu_claims
from gasket.core.nutrition_claims.us import us_claims
from gasket.core.reference_amounts import ReferenceAmount
from gasket.core.workpiece import Workpiece


def claims(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    bench: Workpiece,
    *,
    drink: bool = False,
) -> tuple[NutritionClaim, ...]:
    """Every claim that can be looked at, the EU's first. A `drink` has limits of its own there."""
    return (
        *eu_claims(serving, original, drink=drink),
        *us_claims(serving, original, reference, bench),
    )
