"""A card as plain text, for whatever the eater keeps."""

from collections.abc import Iterator, Sequence
from typing import Final

from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.nutrients.table import TABLE
from gasket.core.trade.words import figure_words

_SHOWN: Final = tuple(row for row in TABLE if row.calculated and row.headline)


def figure_text(name: str, given: object, unit: str) -> str:
    """ "protein 21 g (20 to 22)"; an unknown figure says so."""
    if not isinstance(given, Figure):
        return f"{name} unknown"
    low, high = (figure_words(end, unit) for end in given.likely)
    shown = figure_words(given.value, unit)
    text = f"{shown} {unit}" if name == unit else f"{name} {shown} {unit}"
    return text if low == high else f"{text} ({low} to {high})"


def portion_lines(portion: Portion) -> Iterator[str]:
    for row in _SHOWN:
        name = row.unit if row.unit == "kcal" else row.name
        yield figure_text(name, getattr(portion, row.key), row.unit)


def card_text(
    title: str,
    serving: Portion,
    serving_words: str,
    plated: Sequence[tuple[str, Portion]],
    lines: Sequence[tuple[str, str]],
    notes: Sequence[str],
) -> str:
    """Title, one serving, finishes, the build in grams, notes: line by line."""
    said = [title, f"One serving: {serving_words}", *portion_lines(serving)]
    for name, portion in plated:
        said += ["", f"{name[:1].upper()}{name[1:]}:", *portion_lines(portion)]
    said += ["", "Build", *(f"{grams}  {name}" for grams, name in lines)]
    if notes:
        said += ["", *notes]
    return "\n".join(said) + "\n"
