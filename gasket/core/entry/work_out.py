"""What a line's amounts come to in grams, worked out from what is known of that very food.

Each way of reading the line is an `AmountReading` with the words of how it came about; the
likeliest stands first. Where more than one makes sense the answer carries a `question`; where a
weight is missing (the density of a volume, the weight of a scoop) the reading `needs` it: asked
once, kept.
"""

from collections.abc import Iterator
from typing import Final

from gasket.core.entry.amounts import exactly
from gasket.core.entry.counts import counted, measures_of
from gasket.core.entry.model import Entry, Quantity
from gasket.core.entry.packs import by_protein, packs, packs_of_a_size, protein_per_g
from gasket.core.entry.readings import (
    AmountReading,
    FoodBackground,
    MissingFact,
    QuantityReadings,
    WeightShare,
    estimated,
    or_else,
    scaled,
    spelled,
)
from gasket.core.entry.volumes import measured
from gasket.core.entry.words import PACKS
from gasket.core.numbers import Answer
from gasket.core.trade.quantities import edible_g
from gasket.core.trade.states import Weighed, grams_in
from gasket.core.trade.units import kind_of

UNMEASURED_G: Final[dict[str, tuple[float, float, float]]] = {
    "pinch": (0.3, 0.2, 0.5),
    "dash": (0.6, 0.4, 0.9),
    "drop": (0.05, 0.03, 0.07),
    "second": (0.8, 0.5, 1.1),
    "spray": (0.25, 0.15, 0.4),
}
BARE_GRAMS_FROM: Final = 15
"""A bare number from here on is grams; below, of a thing that is counted, pieces."""
TAKEN_AS_GRAMS: Final = "taken as grams"
SAID_TWICE: Final = 0.15
"""Relative difference from which two amounts on one line contradict each other."""
PROTEIN_FOOD: Final = 0.4
"""Grams of protein per gram from which "a 23 g scoop" could mean its protein."""


class AmountAnswer(Answer):
    """The readings, likeliest first; a question when the choice is the cook's; a caution."""

    readings: tuple[AmountReading, ...]
    question: str = ""
    caution: str = ""


def work_out(entry: Entry, known: FoodBackground) -> AmountAnswer:
    """Every sensible reading of `entry`."""
    if not entry.quantities:
        says = "to taste: weigh the jar before and after" if entry.to_taste else "no amount given"
        question = "" if entry.to_taste else "How much?"
        return AmountAnswer(readings=(AmountReading(grams=0.0, how=says),), question=question)
    each = [_quantity(entry, quantity, known) for quantity in entry.quantities]
    readings, question = _summed(each)
    readings, question = _said_twice(entry, known, readings, question)
    if not question and _crushed_by_volume(entry):
        question = "Crushed, a cup holds more: what does it weigh?"
    if entry.otherwise is not None:
        readings = (*readings, *_quantity(_plain(entry), entry.otherwise, known).readings)
        question = f"{_first(entry)}, or {entry.otherwise.low:,.6g} {entry.otherwise.unit}?"
    readings = tuple(_edible(entry, known, readings))
    readings, caution = _in_its_state(entry, known, readings)
    return AmountAnswer(readings=tuple(_distinct(readings)), question=question, caution=caution)


def _crushed_by_volume(entry: Entry) -> bool:
    words = entry.food.casefold().split()
    return "crushed" in words and any(kind_of(one.unit) == "volume" for one in entry.quantities)


def _plain(entry: Entry) -> Entry:
    """The entry without a size of one."""
    return entry.model_copy(update={"each": None, "also": None})


def _first(entry: Entry) -> str:
    first = entry.quantities[0]
    if entry.each is not None:
        return f"{first.low:g} × {spelled(entry.each)}"
    return spelled(first)


def _distinct(readings: tuple[AmountReading, ...]) -> Iterator[AmountReading]:
    """Without those that say the same to a hundredth."""
    kept: list[AmountReading] = []
    for reading in readings:
        same = [
            other
            for other in kept
            if other.grams is not None
            and reading.grams is not None
            and abs(other.grams - reading.grams) <= 0.01 * max(other.grams, reading.grams)
        ]
        if not same:
            kept.append(reading)
            yield reading


def _summed(each: list[QuantityReadings]) -> tuple[tuple[AmountReading, ...], str]:
    """ "1 cup plus 2 tbsp": the likeliest of each; one quantity keeps all its readings."""
    if len(each) == 1:
        return each[0].readings, each[0].question
    firsts = [amount.readings[0] for amount in each]
    missing = next((first for first in firsts if first.grams is None), None)
    if missing is not None:
        return (missing,), ""
    low = sum(or_else(first.low_g, first.grams) for first in firsts)
    high = sum(or_else(first.high_g, first.grams) for first in firsts)
    grams = sum(first.grams or 0.0 for first in firsts)
    how = " plus ".join(first.how for first in firsts)
    return (estimated(grams, low, high, how),), next(
        (amount.question for amount in each if amount.question), ""
    )


def _quantity(entry: Entry, one: Quantity, known: FoodBackground) -> QuantityReadings:
    if entry.each is not None:
        return packs_of_a_size(entry, one, entry.each, known)
    if one.unit == "":
        return _bare(entry, one, known)
    if kind_of(one.unit) is not None:
        return measured(one, known)
    if one.unit in UNMEASURED_G and not measures_of(one.unit, known):
        typical, low, high = UNMEASURED_G[one.unit]
        how = f"{spelled(one)} of about {typical:g} g, common practice"
        reading = estimated(one.middle * typical, one.low * low, one.high * high, how)
        return QuantityReadings((reading,))
    if one.unit in PACKS:
        return packs(entry, one, known)
    return counted(entry, one, known)


def _bare(entry: Entry, one: Quantity, known: FoodBackground) -> QuantityReadings:
    """ "180 carrot" is grams, "2 eggs" are pieces; between them both are offered."""
    as_grams = estimated(one.middle, one.low, one.high, TAKEN_AS_GRAMS)
    pieces = counted(entry, one.model_copy(update={"unit": "piece"}), known)
    countable = pieces.readings[0].needs is None
    if not countable and entry.part == "":
        if one.high >= BARE_GRAMS_FROM:
            return QuantityReadings((as_grams,))
        return QuantityReadings((as_grams, pieces.readings[0]), "Grams, or pieces?")
    if one.low >= BARE_GRAMS_FROM and entry.part == "":
        return QuantityReadings((as_grams, *pieces.readings))
    return pieces


# What the line says beside the amount


def _said_twice(
    entry: Entry, known: FoodBackground, readings: tuple[AmountReading, ...], question: str
) -> tuple[tuple[AmountReading, ...], str]:
    """An amount said again in brackets: a weight there wins over a measure."""
    if entry.also is None or kind_of(entry.also.unit) is None:
        return readings, question
    said = measured(entry.also, known).readings[0]
    if said.grams is None:
        return readings, question
    again = said.model_copy(update={"how": f"{spelled(entry.also)}, as said in brackets"})
    if entry.quantities[0].unit in PACKS:
        return _of_packs(entry, known, again, readings)
    first = readings[0]
    if entry.quantities[0].unit == "scoop" and (protein_per_g(known) or 0) >= PROTEIN_FOOD:
        held = by_protein(entry.quantities[0], entry.also.middle, known)
        return (again, held, *readings), "Is that the weight of the scoop, or its protein?"
    if kind_of(entry.quantities[0].unit) == "mass":
        ordered = (*readings, again)
    elif kind_of(entry.also.unit) == "mass":
        ordered, question = (again, *readings), ""
    else:
        ordered = (*readings, again)
    if first.grams is None:
        return (again, *readings), ""
    apart = abs(said.grams - first.grams) > SAID_TWICE * max(said.grams, first.grams)
    return ordered, "The two amounts on this line differ: which one?" if apart else question


def _of_packs(
    entry: Entry, known: FoodBackground, said: AmountReading, readings: tuple[AmountReading, ...]
) -> tuple[tuple[AmountReading, ...], str]:
    """ "3 packets (21 g)": in all, unless that is what one pack holds; part of one is in all."""
    count = entry.quantities[0].middle
    each = scaled(said, count, f"{count:.4g} × {said.grams or 0:.4g} g")
    if count < 1:
        return (said, *readings), ""
    pack = packs(_plain(entry), exactly(1, entry.quantities[0].unit), known).readings[0].grams
    if pack is not None and said.grams is not None:
        if abs(said.grams - count * pack) <= SAID_TWICE * count * pack:
            return (said,), ""
        if abs(said.grams - pack) <= SAID_TWICE * pack:
            return (each,), ""
    return (said, each), "Is that all of them together, or each?"


def _edible(
    entry: Entry, known: FoodBackground, readings: tuple[AmountReading, ...]
) -> Iterator[AmountReading]:
    """As bought → edible: a weight may include what is thrown away."""
    refuse = known.refuse
    if kind_of(entry.quantities[0].unit) != "mass" and entry.each is None:
        yield from readings
        return
    if entry.bought == "as bought" and refuse is None:
        need = MissingFact(kind="refuse", measure="refuse share")
        yield AmountReading(grams=None, how="how much of it is thrown away?", needs=need)
    if entry.bought == "as bought" and refuse is not None:
        yield from (_trimmed(reading, refuse) for reading in readings)
        return
    yield from readings
    if refuse and refuse.value and not entry.bought and readings[0].grams:
        yield _trimmed(readings[0], refuse)


def _trimmed(reading: AmountReading, refuse: WeightShare) -> AmountReading:
    how = f"{reading.grams or 0:.4g} g as bought, {refuse.value:.0%} of it thrown away"
    return scaled(reading, edible_g(1, refuse.value), how + refuse.says, 0.95, 1.05)


_WEIGHED: Final[dict[str, Weighed]] = {
    "raw": "raw",
    "cooked": "cooked",
    "dry": "dry",
    "as_prepared": "cooked",
}


def _states(entry: Entry, known: FoodBackground) -> tuple[Weighed, Weighed] | None:
    """In which state the line says the weight is, and in which the label's is; None where they are
    the same, or one of them is not known."""
    said = next((_WEIGHED[state] for state in entry.states if state in _WEIGHED), None)
    of_label = known.weighed or _WEIGHED.get(known.package.state or "")
    if said is None or of_label in (None, "unknown", said):
        return None
    return said, of_label


def _in_its_state(
    entry: Entry, known: FoodBackground, readings: tuple[AmountReading, ...]
) -> tuple[tuple[AmountReading, ...], str]:
    """ "200 g cooked chicken" of a label of raw weight: by the usual yield, else as it stands; and
    what is to be said of it."""
    states = _states(entry, known)
    if states is None:
        return readings, ""
    said, of_label = states
    crossed, first = grams_in(known.kind, said, of_label), readings[0]
    usually = ""
    if crossed is not None and first.grams:
        usual, least, most = crossed
        how = f"{first.grams:.4g} g {said}; {of_label} usually {usual:.2f} times that"
        readings = (scaled(first, usual, how, least / usual, most / usual), *readings)
        usually = "The first figure is what that usually comes to. "
    return readings, (
        f"The line says {said}, the label is for {of_label} weight: these are different "
        f"quantities. {usually}Weigh it as the label says, or take a label for that state."
    )
