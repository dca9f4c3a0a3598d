"""What a serving may be called: the US and EU definitions, the number that decides, how far off.

For the cook's own orientation, not labelling advice.
"""

from collections.abc import Iterable

from gasket.core.law.claim_rules import ClaimSubject, NutritionClaim
from gasket.core.law.eu import eu_rules
from gasket.core.law.reference_amounts import ReferenceAmount
from gasket.core.law.us import corrected_protein, us_claims
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Portion
from gasket.core.trade.kinds import FoodKind


def claims(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    protein_g: Iterable[tuple[FoodKind, float]],
    *,
    drink: bool = False,
) -> tuple[NutritionClaim, ...]:
    """Every claim that can be looked at, the EU's first. A `drink` has limits of its own there.
    `protein_g` is what foods of each kind bring into the serving."""
    corrected = corrected_protein(protein_g, serving, reference)
    judged = ClaimSubject(serving, original, reference, drink, corrected)
    eu = (rule.verdict(judged) for rule in eu_rules(drink=drink))
    return (*eu, *us_claims(judged))
