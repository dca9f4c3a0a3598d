"""Fibre that a panel does not print: voluntary in the EU, missing on short US panels.

It stays unknown, but not without bounds. A basis weighs no more than it weighs, and a US panel's
total carbohydrate holds the fibre: that is the *room* there is for it. An EU panel's energy says
more: what the other figures leave of it is fibre, at 2 kcal/g (Regulation (EU) 1169/2011 Annex
XIV). Sums that need the fibre take it as a linear form of the printed figures, so that the rounding
of each counts once: total carbohydrate C + (E - 4 C - …) / 2 moves by -1 with C.
"""

from typing import Final

from gasket.core.label.energy import (
    EnergyUnit,
    Factor,
    Sum,
    Term,
    add_up,
    annex_xiv_factors,
    exactly,
    middle,
    raw_sum,
)
from gasket.core.label.label import NONE, Label, PrintedFigure, printed
from gasket.core.trade.nutrients import BESIDE_FIBRE, WEIGH_BY_THEMSELVES
from gasket.core.trade.nutrients.table import SALT_PER_SODIUM

_SLACK: Final = 1e-9


def needs_unsaid(label: Label, terms: list[Term]) -> bool:
    """Whether the sum needs fibre that the label does not print."""
    return label.fibre_g is None and any(field == "fibre_g" for field, _ in terms)


def sum_of(label: Label, terms: list[Term]) -> Sum | None:
    """The sum per label basis, with unsaid fibre as its room and energy allow; None is unknown."""
    if not needs_unsaid(label, terms):
        return add_up(label, terms)
    form = _energy_form(label)
    by_energy = None if form is None else raw_sum(label, form)
    room = room_for_fibre(label)
    if by_energy is None or form is None:
        return None if room is None else add_up(label, terms, room)
    if room is None:
        least = _soluble(label)
        room = PrintedFigure(least.value, least.lo, max(least.lo, by_energy.hi))
    by_room = add_up(label, terms, room)
    if by_room is None or by_energy.lo > room.hi or by_energy.hi < room.lo:
        return by_room
    clipped = min(max(by_energy.value, room.value), room.hi)
    stated = add_up(label, terms, PrintedFigure(clipped, clipped, clipped))
    assert stated is not None
    return _within(by_room, _by_energy(label, terms, form, by_energy), stated.value)


def sum_within_room(label: Label, terms: list[Term]) -> Sum | None:
    """The same without asking the energy: what it is to be checked against."""
    return add_up(label, terms, room_for_fibre(label))


def room_for_fibre(label: Label) -> PrintedFigure | None:
    """Grams of unsaid fibre in the basis; the value is the least. None: nothing bounds it."""
    least = _soluble(label)
    if label.fibre_inside:
        whole = printed(label, "carbohydrate_g")
        taken = _least(label, BESIDE_FIBRE)
    else:
        whole = printed(label, "basis_g") or _as_water(label)
        salt = _least(label, ("sodium_mg",)) * SALT_PER_SODIUM / 1000
        taken = _least(label, WEIGH_BY_THEMSELVES) + salt
    if whole is None:
        return None
    return PrintedFigure(least.value, least.lo, max(whole.hi - taken, least.hi))


def _least(label: Label, fields: tuple[str, ...]) -> float:
    return sum((printed(label, field) or NONE).lo for field in fields)


def _as_water(label: Label) -> PrintedFigure | None:
    """Millilitres that nobody has weighed weigh about a gram each."""
    return None if label.basis_ml is None else PrintedFigure(*(label.basis_ml,) * 3)


def _soluble(label: Label) -> PrintedFigure:
    return printed(label, "soluble_fibre_g") or NONE


def _energy_form(label: Label) -> list[Term] | None:
    """What an EU panel's energy leaves for fibre: (E - the other figures' energy) / fibre's factor.

    In kJ and its factors where only kJ is printed; erythritol counts 0 there, whatever is chosen
    for the reckoning.
    """
    if label.style != "eu" or (label.kcal is None and label.kj is None):
        return None
    unit: EnergyUnit = "kcal" if label.kcal is not None else "kj"
    per_g = annex_xiv_factors(label, unit)
    fibre = per_g.pop("fibre_g")
    others = [Term(field, exactly(-factor / fibre)) for field, factor in per_g.items()]
    return [Term(unit, exactly(1 / fibre)), *others]


def _by_energy(label: Label, terms: list[Term], form: list[Term], fibre: Sum) -> Sum:
    """The sum with the form in the place of fibre; its factor may itself be an interval, whose
    ends make the bounds since the sum is linear in it."""
    factor = next(term.factor for term in terms if term.field == "fibre_g")
    ends = (factor.lo, middle(factor), factor.hi)
    sums = [raw_sum(label, _put_in(terms, form, worth)) for worth in ends]
    least, centre, most = (energy for energy in sums if energy is not None)
    spread = (factor.hi - factor.lo) ** 2 / 12 * (fibre.mid**2 + fibre.variance)
    return Sum(
        centre.value,
        min(least.lo, most.lo),
        max(least.hi, most.hi),
        centre.mid,
        centre.variance + spread,
    )


def _put_in(terms: list[Term], form: list[Term], worth: float) -> list[Term]:
    merged = {field: factor for field, factor in terms if field != "fibre_g"}
    for field, factor in form:
        before = merged.get(field, exactly(0.0))
        merged[field] = Factor(*(old + worth * factor.value for old in before))
    return [Term(field, factor) for field, factor in merged.items()]


def _within(room: Sum, energy: Sum, value: float) -> Sum:
    """What both allow; uniform over what is left where the room cuts the energy's interval."""
    lo, hi = max(room.lo, energy.lo), min(room.hi, energy.hi)
    if lo > energy.lo + _SLACK or hi < energy.hi - _SLACK:
        return Sum(value, lo, hi, (lo + hi) / 2, (hi - lo) ** 2 / 12)
    return Sum(value, lo, hi, energy.mid, energy.variance)
