"""Packs and cans into grams: the size on the line, or on the label; with liquid or drained."""

from typing import Final

from gasket.core.entry.counts import counted, needs, times
from gasket.core.entry.model import Entry, Quantity
from gasket.core.entry.readings import (
    AmountReading,
    FoodBackground,
    MissingFact,
    QuantityReadings,
    WeightShare,
    estimated,
    scaled,
)
from gasket.core.entry.volumes import measured
from gasket.core.label.package import pack_weight_g
from gasket.core.trade.units import kind_of

DRAINED_OR_NOT: Final = "With its liquid, or drained?"


def packs_of_a_size(
    entry: Entry, one: Quantity, size: Quantity, known: FoodBackground
) -> QuantityReadings:
    """So many packs of a stated size: "2 cans of 400 g"."""
    if entry.protein_said:
        return QuantityReadings((by_protein(one, size.middle, known),))
    if kind_of(size.unit) is None:
        return QuantityReadings((needs(size.unit or "pack", "what does one of these weigh?"),))
    of_one = measured(size, known)
    readings = [_multiplied(reading, one) for reading in of_one.readings]
    return _drained(entry, known, QuantityReadings(tuple(readings), of_one.question))


def _multiplied(reading: AmountReading, one: Quantity) -> AmountReading:
    how = "" if reading.grams is None else f"{one.middle:.4g} × {reading.grams:.4g} g"
    ends = (one.low / one.middle, one.high / one.middle) if one.middle else (1.0, 1.0)
    return scaled(reading, one.middle, how, *ends)


def packs(entry: Entry, one: Quantity, known: FoodBackground) -> QuantityReadings:
    """So many packs or cans, by the weight on the label; drained where either says so."""
    package = known.package
    net = package.pack_g
    if net is None and known.label is not None:
        net = pack_weight_g(package, known.label)
    by_label = [] if net is None else [_of_weight(one, net, "the pack on its label")]
    if package.drained_g is not None:
        drained = _of_weight(one, package.drained_g, "drained, from its label")
        if "drained" in entry.states:
            return QuantityReadings((drained,))
        if package.state == "drained":
            return QuantityReadings((drained, *by_label), DRAINED_OR_NOT if by_label else "")
        return QuantityReadings((*by_label, drained), DRAINED_OR_NOT if by_label else "")
    readings = QuantityReadings(tuple(by_label)) if by_label else counted(entry, one, known)
    return _drained(entry, known, readings)


def _of_weight(one: Quantity, grams: float, says: str) -> AmountReading:
    how = f"{one.middle:.4g} × {grams:.4g} g, {says}"
    return estimated(one.middle * grams, one.low * grams, one.high * grams, how)


def _drained(entry: Entry, known: FoodBackground, read: QuantityReadings) -> QuantityReadings:
    """A net weight into what is left without the liquid, where that makes a difference."""
    share = known.drained
    if "drained" in entry.states:
        if share is None:
            need = MissingFact(kind="drained", measure="drained share")
            says = "how much of the net weight is left when it is drained?"
            return QuantityReadings(
                (AmountReading(grams=None, how=says, needs=need), *read.readings), read.question
            )
        return QuantityReadings(
            tuple(_shared(reading, share) for reading in read.readings), read.question
        )
    if share is None or read.readings[0].grams is None:
        return read
    first = read.readings[0]
    return QuantityReadings((first, _shared(first, share), *read.readings[1:]), DRAINED_OR_NOT)


def _shared(reading: AmountReading, share: WeightShare) -> AmountReading:
    how = f"{reading.how}; drained, about {share.value:.0%} of it{share.says}"
    return scaled(reading, share.value, how, 0.95, 1.05)


def by_protein(one: Quantity, protein_g: float, known: FoodBackground) -> AmountReading:
    """Powder told by the grams of protein that it brings."""
    per_gram = protein_per_g(known)
    if not per_gram:
        return needs("scoop", "what does one level scoop weigh? Its label names no protein")
    grams = protein_g / per_gram
    how = f"{one.middle:.4g} × {grams:.3g} g, which holds {protein_g:g} g of protein"
    return times(one, grams, "label", how)


def protein_per_g(known: FoodBackground) -> float | None:
    """Grams of protein in a gram; None where the label does not say, or has no weight."""
    label = known.label
    if label is None or label.protein_g is None or not label.weight_g:
        return None
    return label.protein_g / label.weight_g
