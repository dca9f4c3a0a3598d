"""Energy methods and carbohydrate schools, each a sum of printed figures times factors.

A factor may itself be an interval (fibre of unknown solubility is worth 0 to 2 kcal/g). Sources:
US 21 CFR 101.9(c)(1)(i) and the FDA's allulose guidance of 2020; Regulation (EU) 1169/2011 Annex
XIV; alcohol 7 kcal/g in US reckoning is common practice.
"""

from typing import Final, Literal, NamedTuple

from gasket.core.label.label import Label, PrintedFigure, printed
from gasket.core.trade.nutrients import KCAL_PER_G, MACRO_KCAL
from gasket.core.trade.nutrients.table import TABLE

EnergyMethod = Literal["labelled", "us", "us_449", "eu"]

US_POLYOL_KCAL: Final = {
    "isomalt": 2.0,
    "lactitol": 2.0,
    "xylitol": 2.4,
    "maltitol": 2.1,
    "sorbitol": 2.6,
    "hsh": 3.0,
    "mannitol": 1.6,
    "erythritol": 0.0,
}
EnergyUnit = Literal["kcal", "kj"]
ANNEX_XIV: Final[dict[EnergyUnit, dict[str, float]]] = {
    "kcal": {row.key: row.annex_xiv[0] for row in TABLE if row.annex_xiv},
    "kj": {row.key: row.annex_xiv[1] for row in TABLE if row.annex_xiv},
}
"""Energy per gram; carbohydrate without fibre and polyols there. Erythritol has 0."""
EU_POLYOL_KCAL: Final = ANNEX_XIV["kcal"]["polyols_g"]


class Factor(NamedTuple):
    """kcal (or grams) per gram of a printed figure: the value and its interval."""

    value: float
    lo: float
    hi: float


class Term(NamedTuple):
    """A printed figure with what a gram of it gives."""

    field: str
    factor: Factor


def exactly(factor: float) -> Factor:
    """A factor without room."""
    return Factor(factor, factor, factor)


def _between(lo: float, hi: float, value: float) -> Factor:
    return Factor(value, lo, hi)


def _minus(factor: Factor, grams: float) -> Factor:
    return Factor(factor.value - grams, factor.lo - grams, factor.hi - grams)


def carbohydrate_terms(label: Label) -> list[Term]:
    """Total carbohydrate: fibre, polyols and allulose inside."""
    terms = [Term("carbohydrate_g", exactly(1))]
    return terms if label.fibre_inside else [*terms, Term("fibre_g", exactly(1))]


def net_carbohydrate_terms(label: Label) -> list[Term]:
    """Total carbohydrate less fibre, polyols and allulose; an EU panel has no fibre to take off."""
    terms = [
        Term("carbohydrate_g", exactly(1)),
        Term("polyols_g", exactly(-1)),
        Term("allulose_g", exactly(-1)),
    ]
    return [*terms, Term("fibre_g", exactly(-1))] if label.fibre_inside else terms


def _us_polyol(label: Label, erythritol_kcal_per_g: float) -> Factor:
    if label.polyol is None:  # the one generic factor in print is Annex XIV's 2.4
        return _between(0.0, 3.0, EU_POLYOL_KCAL)
    if label.polyol == "erythritol":
        return exactly(erythritol_kcal_per_g)
    return exactly(US_POLYOL_KCAL[label.polyol])


def us_terms(label: Label, erythritol_kcal_per_g: float = 0.0) -> list[Term]:
    """4 P + 9 F + 4 × digestible carbohydrate + 2 × soluble fibre + polyols by kind + …"""
    carbohydrate = KCAL_PER_G["carbohydrate_g"]
    inside = carbohydrate if label.fibre_inside else 0.0
    if label.soluble_fibre_g is None:
        fibre = [Term("fibre_g", _minus(_between(0.0, 2.0, 2.0), inside))]
    else:
        fibre = [Term("fibre_g", exactly(-inside))] if inside else []
        fibre.append(Term("soluble_fibre_g", exactly(KCAL_PER_G["soluble_fibre_g"])))
    return [
        *(Term(field, exactly(kcal)) for field, kcal in MACRO_KCAL.items()),
        *fibre,
        Term("polyols_g", _minus(_us_polyol(label, erythritol_kcal_per_g), carbohydrate)),
        Term("allulose_g", exactly(KCAL_PER_G["allulose_g"] - carbohydrate)),
        Term("alcohol_g", exactly(KCAL_PER_G["alcohol_g"])),
    ]


def us_449_terms(label: Label) -> list[Term]:
    """4 P + 4 × total carbohydrate + 9 F: as lawful as `us_terms`."""
    kcal = {**MACRO_KCAL}
    per_g = kcal.pop("carbohydrate_g")
    carbohydrate = [Term(field, exactly(per_g)) for field, _ in carbohydrate_terms(label)]
    return [*(Term(field, exactly(each)) for field, each in kcal.items()), *carbohydrate]


def annex_xiv_factors(
    label: Label, unit: EnergyUnit = "kcal", erythritol: float = 0.0
) -> dict[str, float]:
    """What a gram of each printed figure adds. Polyols, and fibre where the panel has it inside,
    are in the carbohydrate already. Allulose has no factor of its own there: that of carbohydrate,
    by the letter."""
    factors = dict(ANNEX_XIV[unit])
    if label.polyol == "erythritol":
        factors["polyols_g"] = erythritol
    for field in ("polyols_g", "fibre_g") if label.fibre_inside else ("polyols_g",):
        factors[field] -= factors["carbohydrate_g"]
    return factors


def eu_terms(label: Label, erythritol_kcal_per_g: float = 0.0) -> list[Term]:
    """Annex XIV."""
    factors = annex_xiv_factors(label, erythritol=erythritol_kcal_per_g)
    return [Term(field, exactly(factor)) for field, factor in factors.items()]


def energy_terms(label: Label, method: EnergyMethod, erythritol_kcal_per_g: float) -> list[Term]:
    """The sum that `method` makes of this label's printed figures."""
    match method:
        case "labelled":
            return [Term("kcal", exactly(1))]
        case "us":
            return us_terms(label, erythritol_kcal_per_g)
        case "us_449":
            return us_449_terms(label)
        case "eu":
            return eu_terms(label, erythritol_kcal_per_g)


class Sum(NamedTuple):
    """A sum of terms per label basis: value, bounds, centre and variance."""

    value: float
    lo: float
    hi: float
    mid: float
    variance: float


def add_up(label: Label, terms: list[Term], fibre: PrintedFigure | None = None) -> Sum | None:
    """Sum the terms over the label's figures; None when one of them is unknown.

    Bounds by interval arithmetic, variance from independent uniform errors (h²/3 each); a sum
    of things that are eaten is never below 0. `fibre` is what to take where none is printed.
    """
    total = raw_sum(label, terms, fibre)
    if total is None:
        return None
    value, lo, hi, mid, variance = total
    return Sum(max(value, 0.0), max(lo, 0.0), max(hi, 0.0), max(mid, 0.0), variance)


def raw_sum(label: Label, terms: list[Term], fibre: PrintedFigure | None = None) -> Sum | None:
    """The same, below 0 where the printed figures make it so."""
    value = lo = hi = mid = variance = 0.0
    for field, factor in terms:
        figure = printed(label, field)
        if figure is None and field == "fibre_g":
            figure = fibre
        if figure is None:
            return None
        value += factor.value * figure.value
        lo += min(factor.lo * figure.lo, factor.lo * figure.hi)
        hi += max(factor.hi * figure.lo, factor.hi * figure.hi)
        mid += middle(factor) * figure.mid
        variance += _product_variance(factor, figure)
    return Sum(value, lo, hi, mid, variance)


def middle(factor: Factor) -> float:
    """Halfway between the least and the most that a gram gives, in kcal."""
    return (factor.lo + factor.hi) / 2


def _product_variance(factor: Factor, figure: PrintedFigure) -> float:
    from_figure = (middle(factor) * figure.half) ** 2 / 3
    half_factor = (factor.hi - factor.lo) / 2
    return from_figure + (half_factor**2 / 3) * (figure.mid**2 + figure.half**2 / 3)
