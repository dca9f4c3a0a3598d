"""Does a panel agree with itself? Reckoned energy against the printed one, as intervals.

Printed figures stand for intervals, so a label agrees when the two intervals meet. In the US two
methods are lawful (by digestible carbohydrate, and 4-4-9 on total carbohydrate); a label that
agrees with either has a method, not a fault.
"""

from collections.abc import Iterator
from enum import StrEnum
from functools import lru_cache

from gasket.core.errors import Fault
from gasket.core.label.causes import likely_causes
from gasket.core.label.energy import EnergyMethod
from gasket.core.label.energy_check import EnergyByMethod, reckoned_by, unsaid_fibre_g
from gasket.core.label.label import Label, PrintedFigure, printed
from gasket.core.label.tolerance import ToleranceLimits, tolerated
from gasket.core.label.unsaid_fibre import room_for_fibre
from gasket.core.numbers import Answer
from gasket.core.trade.nutrients import BY_KEY, MACROS, WEIGH_BY_THEMSELVES, whole_of
from gasket.core.trade.nutrients.figure_types import FIGURES


class AuditVerdict(StrEnum):
    """Whether a label's energy agrees with its own macros."""

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

    verdict: AuditVerdict
    says: str
    printed_kcal: float | None
    printed_lo: float | None
    printed_hi: float | None
    off_kcal: float | None
    reckoned: tuple[EnergyByMethod, ...]
    hidden: tuple[HiddenByZero, ...]
    impossible: tuple[str, ...]
    causes: tuple[str, ...]
    tolerated: tuple[ToleranceLimits, ...]

    @property
    def hidden_per_100g(self) -> dict[str, float]:
        """Grams per 100 g that a printed 0 may hide, by field."""
        return {part.field: part.per_100g for part in self.hidden}


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
        causes=tuple(likely_causes(label, kcal, verdict is AuditVerdict.OFF, reckoned)),
        tolerated=tolerated(label),
    )


def _judge(
    label: Label, kcal: PrintedFigure | None, reckoned: tuple[EnergyByMethod, ...]
) -> tuple[AuditVerdict, str, float | None]:
    if kcal is None:
        return AuditVerdict.CANNOT_TELL, "The panel has no energy figure to check.", None
    lawful = [energy for energy in reckoned if energy.lawful and energy.agrees is not None]
    agreeing = [
        (energy, unsaid_fibre_g(label, energy.method, kcal)) for energy in lawful if energy.agrees
    ]
    for energy, unsaid in agreeing:
        if unsaid is None:
            return AuditVerdict.AGREES, f"Agrees with its macros ({energy.name}).", None
    if agreeing:
        says = f"Agrees if it holds {agreeing[0][1]} of fibre that the panel leaves out."
        return AuditVerdict.AGREES_WITH_UNSAID, says, None
    if not lawful:
        return AuditVerdict.CANNOT_TELL, "Too few figures to calculate the energy.", None
    nearest = min(
        (energy.kcal for energy in lawful), key=lambda energy: abs((energy or 0.0) - kcal.value)
    )
    off = kcal.value - (nearest or 0.0)
    says = (
        f"Printed {kcal.value:.0f} kcal, its macros make {nearest:.0f}: "
        f"off by {abs(off):.0f} kcal ({abs(off) / max(kcal.value, 1):.0%})."
    )
    return AuditVerdict.OFF, says + _too_much_fibre(label, kcal, lawful), off


def _too_much_fibre(label: Label, kcal: PrintedFigure, lawful: list[EnergyByMethod]) -> str:
    """The fibre that it would take, where there is no room for it."""
    room = room_for_fibre(label)
    needed = (unsaid_fibre_g(label, energy.method, kcal) for energy in lawful)
    says = next((sentence for sentence in needed if sentence), None)
    if says is None or room is None:
        return ""
    return f" It would take {says} of fibre, and there is room for {room.hi:.0f} g."


def hidden_by_zero(label: Label) -> Iterator[HiddenByZero]:
    """For each printed 0: how much of it 100 g could still hold."""
    basis = printed(label, "basis_g")
    if basis is None:  # pieces that nobody has weighed: there are no 100 g to speak of
        return
    for field in MACROS:
        figure = printed(label, field)
        if figure and figure.value == 0 and figure.hi > 0:
            most = 100 * BY_KEY[field].most_per_g
            yield HiddenByZero(field=field, per_100g=min(most, figure.hi / basis.lo * 100))


def impossible(label: Label) -> tuple[str, ...]:
    """What no rounding can explain: more than the basis weighs, a part above its whole."""
    return (*_too_heavy(label), *_parts_above_whole(label))


def above_basis(label: Label) -> Iterator[Fault]:
    """Figures that no rounding brings down to what they are for: 125 g in 100 g."""
    basis = printed(label, "basis_g")
    if basis is None:
        return
    for field in FIGURES:
        figure = printed(label, field) if getattr(label, field) is not None else None
        most = basis.hi * BY_KEY[field].most_per_g
        if figure is not None and figure.lo > most:
            says = f"{figure.value:g} is more than {basis.value:g} g can hold."
            yield Fault(path=field, message=says)


def _too_heavy(label: Label) -> Iterator[str]:
    basis = printed(label, "basis_g")
    parts = WEIGH_BY_THEMSELVES if label.fibre_inside else (*WEIGH_BY_THEMSELVES, "fibre_g")
    figures = [figure for field in parts if (figure := printed(label, field))]
    least = sum(figure.lo for figure in figures)
    if basis and least > basis.hi:
        stated = sum(figure.value for figure in figures)
        yield f"Its figures add up to {stated:g} g in {basis.value:g} g."


def _parts_above_whole(label: Label) -> Iterator[str]:
    for part in FIGURES:
        whole = whole_of(part, FIGURES)
        if whole is None or (part == "fibre_g" and not label.fibre_inside):
            continue
        smaller, larger = printed(label, part), printed(label, whole)
        if smaller and larger and smaller.lo > larger.hi:
            more, than = BY_KEY[part].name, BY_KEY[whole].short or BY_KEY[whole].name
            yield f"More {more} ({smaller.value:g} g) than {than} ({larger.value:g} g)."
