"""An entry in its canonical spelling, which reads back as the same entry."""

from fractions import Fraction

from gasket.core.entry.model import Entry, Quantity


def written(entry: Entry) -> str:
    """The entry in its canonical spelling, which says one thing only: nothing is `otherwise`."""
    amount = " plus ".join(_spelled(quantity) for quantity in entry.quantities)
    if entry.each is not None and entry.quantities:
        first = entry.quantities[0]
        size = _spelled(entry.each)
        size = f"({size} protein)" if entry.protein_said else f"({size})"
        amount = f"{_digits(first.low)} {size} {first.unit}"
    elif entry.also is not None:
        amount += f" ({_spelled(entry.also)})"
    words = [f"{entry.part} of" if entry.part else "", amount, entry.food]
    text = " ".join(word for word in words if word)
    behind = [*(state.replace("_", " ") for state in entry.states), entry.note]
    behind += [
        entry.bought,
        "to taste" if entry.to_taste else "",
        "optional" if entry.optional else "",
    ]
    return ", ".join([text, *(word for word in behind if word)])


def _digits(value: float) -> str:
    """As few digits as say exactly this number; thirds and sixths as fractions."""
    fraction = Fraction(value).limit_denominator(9)
    if fraction.denominator in (3, 6, 7, 9) and float(fraction) == value:
        whole, part = divmod(fraction, 1)
        return f"{whole} {part}" if whole else str(part)
    return repr(value).removesuffix(".0") if 1e-4 <= value < 1e16 or value == 0 else f"{value:f}"


def _spelled(quantity: Quantity) -> str:
    number = _digits(quantity.low)
    if quantity.high > quantity.low:
        number += f"-{_digits(quantity.high)}"
    return " ".join(word for word in (number, quantity.fill, quantity.unit) if word)
