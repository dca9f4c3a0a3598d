"""Does a panel agree with itself? Reckoned energy against the printed one, as intervals.

Printed figures stand for intervals, so a label agrees when the two intervals meet. In the US two
methods are lawful (by digestible carbohydrate, and 4-4-9 on total carbohydrate); a label that
agrees with either has a method, not a fault.
"""

from collections.abc import Iterator
from enum import StrEnum
from functools import lru_cache
from typing import Final

from gasket.core.causes import likely_causes
from gasket.core.energy import EnergyMethod, add_up, energy_terms
from gasket.core.energy_check import LAWFUL, Reckoned, meet, reckoned_by
from gasket.core.labels import Label, Printed, printed
from gasket.core.numbers import Answer
from gasket.core.tolerance import Tolerated, tolerated

MOST_UNSAID_FIBRE: Final = 0.15
"""An EU panel may leave fibre out; more than 15 g per 100 g unsaid is odd (common practice)."""


class Verdict(StrEnum):
    AGREES = "agrees"
    AGREES_WITH_UNSAID = "agrees only with fibre or polyols counted"
    OFF = "off"
    CANNOT_TELL = "cannot tell"


class HiddenByZero(Answer):
    """What a printed 0 could hide per 100 g."""

    field: str
    per_100g: float


class Audit(Answer):
    """What a careful reader finds on a panel."""

    verdict: Verdict
    says: str
    printed_kcal: float | None
    printed_lo: float | None
    printed_hi: float | None
    off_kcal: float | None
    reckoned: tuple[Reckoned, ...]
    hidden: tuple[HiddenByZero, ...]
    impossible: tuple[str, ...]
    causes: tuple[str, ...]
    tolerated: tuple[Tolerated, ...]

    @property
    def hidden_per_100g(self) -> dict[str, float]:
        return {one.field: one.per_100g for one in self.hidden}


@lru_cache(maxsize=8192)
def audit(label: Label, erythritol_kcal_per_g: float = 0.0) -> Audit:
    """Audit one label."""
    kcal = printed(label, "kcal")
    methods: tuple[EnergyMethod, ...] = ("us", "us_449", "eu")
    reckoned = tuple(reckoned_by(label, method, kcal, erythritol_kcal_per_g) for method in methods)
    verdict, says, off = _judge(label, kcal, reckoned)
    return Audit(
        verdict=verdict,
        says=says,
        printed_kcal=kcal.value if kcal else None,
        printed_lo=kcal.lo if kcal else None,
        printed_hi=kcal.hi if kcal else None,
        off_kcal=off,
        reckoned=reckoned,
        hidden=tuple(hidden_by_zero(label)),
        impossible=impossible(label),
        causes=tuple(likely_causes(label, kcal, verdict is Verdict.OFF, reckoned)),
        tolerated=tolerated(label),
    )


def _judge(
    label: Label, kcal: Printed | None, reckoned: tuple[Reckoned, ...]
) -> tuple[Verdict, str, float | None]:
    if kcal is None:
        return Verdict.CANNOT_TELL, "The panel has no energy figure to check.", None
    lawful = [one for one in reckoned if one.lawful and one.agrees is not None]
    for one in lawful:
        if one.agrees:
            return Verdict.AGREES, f"Agrees with its macros ({one.name}).", None
    unsaid = _unsaid_fibre_g(label, kcal)
    most_unsaid = MOST_UNSAID_FIBRE * (label.weight_g or label.basis_ml or float("inf"))
    if unsaid is not None and label.style == "eu" and unsaid <= most_unsaid:
        return (
            Verdict.AGREES_WITH_UNSAID,
            f"Agrees if it holds about {unsaid:.0f} g of fibre that the panel leaves out.",
            None,
        )
    if not lawful and unsaid is None:
        return Verdict.CANNOT_TELL, "Too few figures to reckon the energy.", None
    nearest = _nearest(label, kcal, lawful)
    off = kcal.value - nearest
    says = (
        f"Printed {kcal.value:.0f} kcal, its macros make {nearest:.0f}: "
        f"off by {abs(off):.0f} kcal ({abs(off) / max(kcal.value, 1):.0%})."
    )
    return Verdict.OFF, says + _repair(label, off), off


def _nearest(label: Label, kcal: Printed, lawful: list[Reckoned]) -> float:
    values = [one.kcal for one in lawful if one.kcal is not None]
    if not values:  # an EU panel without fibre: reckon what is printed
        values = [_without_fibre_kcal(label) or 0.0]
    return min(values, key=lambda value: abs(value - kcal.value))


def _without_fibre_kcal(label: Label) -> float | None:
    method = LAWFUL[label.style][0]
    bare = label.model_copy(update={"fibre_g": 0.0, "soluble_fibre_g": None})
    found = add_up(bare, energy_terms(bare, method, 0.0))
    return found.value if found else None


def _unsaid_fibre_g(label: Label, kcal: Printed) -> float | None:
    """Fibre that an EU panel without a fibre row would need; None when that explains nothing."""
    if label.style != "eu" or label.fibre_g is not None:
        return None
    bare = label.model_copy(update={"fibre_g": 0.0})
    found = add_up(bare, energy_terms(bare, "eu", 0.0))
    if found is None:
        return None
    if meet(found, kcal):
        return 0.0
    missing = (kcal.value - found.value) / 2
    return missing if missing > 0 else float("inf")


def _repair(label: Label, off: float) -> str:
    if label.style == "us" and label.fibre_g is None and off < 0:
        lo, hi = -off / 4, -off / 2
        if label.carbohydrate_g is not None and lo <= label.carbohydrate_g:
            return (
                f" {lo:.0f} to {hi:.0f} g of fibre, which the panel leaves out, would explain it."
            )
    return ""


def hidden_by_zero(label: Label) -> Iterator[HiddenByZero]:
    """For each printed 0: how much of it 100 g could still hold."""
    basis = printed(label, "basis_g")
    if basis is None:  # pieces that nobody has weighed: there are no 100 g to speak of
        return
    for field in ("kcal", "protein_g", "carbohydrate_g", "fat_g"):
        figure = printed(label, field)
        if figure and figure.value == 0 and figure.hi > 0:
            most = 900.0 if field == "kcal" else 100.0
            yield HiddenByZero(field=field, per_100g=min(most, figure.hi / basis.lo * 100))


_PART_OF: Final = (
    ("sugars_g", "carbohydrate_g", "sugars", "carbohydrate"),
    ("added_sugars_g", "sugars_g", "added sugars", "sugars"),
    ("saturated_g", "fat_g", "saturated fat", "fat"),
    ("soluble_fibre_g", "fibre_g", "soluble fibre", "fibre"),
    ("polyols_g", "carbohydrate_g", "polyols", "carbohydrate"),
)


def impossible(label: Label) -> tuple[str, ...]:
    """What no rounding can explain: more than the basis weighs, a part above its whole."""
    return (*_too_heavy(label), *_parts_above_whole(label))


def _too_heavy(label: Label) -> Iterator[str]:
    basis = printed(label, "basis_g")
    parts = ["protein_g", "carbohydrate_g", "fat_g", "alcohol_g", "organic_acids_g"]
    if not label.fibre_inside:
        parts.append("fibre_g")
    figures = [figure for field in parts if (figure := printed(label, field))]
    least = sum(figure.lo for figure in figures)
    if basis and least > basis.hi:
        stated = sum(figure.value for figure in figures)
        yield f"Its figures add up to {stated:g} g in {basis.value:g} g."


def _parts_above_whole(label: Label) -> Iterator[str]:
    pairs = [*_PART_OF]
    if label.fibre_inside:
        pairs.append(("fibre_g", "carbohydrate_g", "fibre", "total carbohydrate"))
    for part, whole, part_name, whole_name in pairs:
        smaller, larger = printed(label, part), printed(label, whole)
        if smaller and larger and smaller.lo > larger.hi:
            yield f"More {part_name} ({smaller.value:g} g) than {whole_name} ({larger.value:g} g)."
