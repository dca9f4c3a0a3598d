"""Energy calculated from a panel against the energy printed on it, as intervals."""

from typing import Final

from gasket.core.label.energy import EnergyMethod, Sum, add_up, energy_terms
from gasket.core.label.label import NONE, Label, PrintedFigure
from gasket.core.label.unsaid_fibre import needs_unsaid, sum_within_room
from gasket.core.numbers import Answer

LAWFUL: Final[dict[str, tuple[EnergyMethod, ...]]] = {
    "us": ("us", "us_449"),
    "eu": ("eu",),
    "table": ("us", "us_449", "eu"),
}
METHOD_NAME: Final[dict[EnergyMethod, str]] = {
    "labelled": "as printed",
    "us": "US, digestible carbohydrate",
    "us_449": "US, 4-4-9 on total carbohydrate",
    "eu": "EU, Annex XIV",
}


class EnergyByMethod(Answer):
    """kcal per label basis by one method, with the interval that rounding leaves open, and unsaid
    fibre."""

    method: EnergyMethod
    name: str
    lawful: bool
    kcal: float | None
    lo: float | None
    hi: float | None
    agrees: bool | None


def reckoned_by(
    label: Label, method: EnergyMethod, kcal: PrintedFigure | None, erythritol: float
) -> EnergyByMethod:
    """A label's kcal by one method, beside what is printed."""
    total = sum_within_room(label, energy_terms(label, method, erythritol))
    return EnergyByMethod(
        method=method,
        name=METHOD_NAME[method],
        lawful=method in LAWFUL[label.style],
        kcal=total.value if total else None,
        lo=total.lo if total else None,
        hi=total.hi if total else None,
        agrees=meet(total, kcal) if total and kcal else None,
    )


def meet(one: Sum, other: PrintedFigure) -> bool:
    """Whether a sum and a printed figure can be the same number."""
    slack = 1e-9 * other.hi
    return one.lo <= other.hi + slack and other.lo <= one.hi + slack


def unsaid_fibre_g(label: Label, method: EnergyMethod, kcal: PrintedFigure) -> str | None:
    """How much unsaid fibre the printed energy takes by this method, in words ("4 to 8 g"); None
    where fibre is printed, not asked for, or would move the energy the wrong way."""
    terms = energy_terms(label, method, 0.0)
    if not needs_unsaid(label, terms):
        return None
    worth = next(term.factor for term in terms if term.field == "fibre_g")
    without = add_up(label, terms, NONE)
    if without is None or meet(without, kcal):
        return None
    ends = {round((kcal.value - without.value) / per_g) for per_g in (worth.lo, worth.hi) if per_g}
    if min(ends) < 0:
        return None
    return " to ".join(f"{end}" for end in sorted(ends)) + " g"
