"""Pieces, scoops, servings, juice and zest into grams: through what one of them weighs."""

from typing import Final

from gasket.core.entry.model import Entry, Quantity
from gasket.core.entry.readings import (
    CONFLICT,
    FILL_FACTOR,
    HEAPED_SPREAD,
    ORIGIN_SAYS,
    AmountReading,
    FoodBackground,
    MissingFact,
    QuantityReadings,
)
from gasket.core.entry.words import PACKS, SAME_PIECE, SIZES
from gasket.core.label.food import SPREAD_OF, Measure, MeasureOrigin
from gasket.core.trade.quantities import HouseholdSystem

_OF_A_BRAND: Final = ("scoop", "serving", *PACKS)
"""Every brand has its own: no generic food lends them."""


def measures_of(unit: str, known: FoodBackground) -> list[Measure]:
    """What is known of one such piece, in the order of trust; the house's own sizes first."""
    own = known.facts.measures
    measures = [measure for measure in own if unit in (measure.base, measure.name)]
    if not measures and unit in SAME_PIECE:
        return measures_of(SAME_PIECE[unit], known)
    label = known.label
    if label is not None and label.piece_g is not None and _same_piece(unit, label.piece):
        measures.append(Measure(name=label.piece or "piece", grams=label.piece_g, origin="label"))
    return sorted(measures, key=lambda measure: _trust(measure, known))


def _trust(one: Measure, known: FoodBackground) -> tuple[int, bool]:
    ours = "US" if known.system in (HouseholdSystem.US, HouseholdSystem.US_LABEL) else "UK"
    foreign = bool(one.qualifier) and ours not in one.qualifier.upper()
    return {"weighed": 0, "label": 1, "typical": 2}[one.origin], foreign


def _same_piece(unit: str, piece: str) -> bool:
    return unit in ("piece", piece.lower()) or piece == ""


def counted(entry: Entry, one: Quantity, known: FoodBackground) -> QuantityReadings:
    """Pieces, slices, cans: by the food's own measure, or a question what one weighs."""
    if known.label is not None and known.label.by_piece:
        word = known.label.piece or "piece"
        how = f"{one.middle:.4g} × {word}, counted: its label has no weight"
        per_basis = AmountReading(grams=None, count=one.middle, how=how)
        return QuantityReadings((per_basis,))
    if entry.part:
        return QuantityReadings((_of_part(entry, one, known),))
    if one.unit == "serving" and known.label is not None and known.label.style == "us":
        weight = known.label.weight_g
        if weight is not None:
            how = f"{one.middle:.4g} × {weight:g} g, the serving on its label"
            return QuantityReadings((times(one, weight, "label", how),))
    named = measures_of(one.unit, known)
    if named:
        return QuantityReadings(
            tuple(_pieces(one, measure) for measure in named), _which(named, known)
        )
    if one.unit == "piece" and (sizes := _sizes(known)):
        question = "Which size?" if len(sizes) > 1 else ""
        return QuantityReadings(tuple(_pieces(one, measure) for measure in sizes), question)
    if one.unit not in _OF_A_BRAND and (
        lent := known.borrowed(lambda generic: counted(entry, one, generic))
    ):
        return lent
    if one.unit == "scoop":
        return QuantityReadings(
            (needs("scoop", "what does one level scoop weigh? Brands run from 25 to 40 g"),)
        )
    return QuantityReadings((needs(one.unit, f"what does one {_piece_word(one.unit)} weigh?"),))


def _piece_word(unit: str) -> str:
    return f"{unit} one" if unit in SIZES else unit


def _sizes(known: FoodBackground) -> list[Measure]:
    """Small, medium, large: weighed ones first, the house's own, then as they are listed."""
    listed = [measure.base for measure in known.facts.measures if measure.base in SIZES]
    measures = [measure for size in dict.fromkeys(listed) for measure in measures_of(size, known)]
    return sorted(measures, key=lambda measure: _trust(measure, known))


def _which(named: list[Measure], known: FoodBackground) -> str:
    """A question where measures of this house, or of no house in particular, disagree."""
    ours = [measure for measure in named if not _trust(measure, known)[1]] or named
    weights = [measure.grams for measure in ours]
    if max(weights) / min(weights) - 1 <= CONFLICT or named[0].origin == "weighed":
        return ""
    return "Which one?"


def needs(measure: str, says: str) -> AmountReading:
    """The question what one of a measure weighs."""
    return AmountReading(grams=None, how=says, needs=MissingFact(kind="measure", measure=measure))


def _pieces(one: Quantity, measure: Measure) -> AmountReading:
    name = "" if measure.name == "piece" else f" {measure.name}"
    how = f"{one.middle:.4g} ×{name} {measure.grams:.4g} g, {ORIGIN_SAYS[measure.origin]}"
    return times(one, measure.grams, measure.origin, how)


def times(one: Quantity, grams: float, origin: MeasureOrigin, how: str) -> AmountReading:
    """So many of a measure, with the spread that its origin has."""
    spread = HEAPED_SPREAD if one.fill == "heaped" else SPREAD_OF[origin]
    factor = FILL_FACTOR[one.fill]
    middle = one.middle * grams * factor
    low, high = one.low * grams * factor * (1 - spread), one.high * grams * factor * (1 + spread)
    return AmountReading(grams=middle, low_g=low, high_g=high, count=one.middle, how=how)


def _of_part(entry: Entry, one: Quantity, known: FoodBackground) -> AmountReading:
    """Juice and zest of so many fruits."""
    names = ("juice", "zest") if entry.part == "juice and zest" else (entry.part,)
    choices = [
        [*measures_of(name, known), *(measures_of("piece", known) if len(names) == 1 else [])]
        for name in names
    ]
    missing = next(
        (name for name, measures in zip(names, choices, strict=True) if not measures), None
    )
    if missing is not None:
        return needs(missing, f"how much {missing} does one give?")
    parts = [times(one, measures[0].grams, measures[0].origin, "") for measures in choices]
    how = " and ".join(
        f"{name} of {one.middle:.4g} at {measures[0].grams:.3g} g"
        for name, measures in zip(names, choices, strict=True)
    )
    return AmountReading(
        grams=sum(part.grams or 0 for part in parts),
        low_g=sum(part.low_g or 0 for part in parts),
        high_g=sum(part.high_g or 0 for part in parts),
        how=how,
    )
