"""A label in one line, as cooks write it: "148 kcal, 12 P, 4 C, 9 F per 100 g" → its figures.

Each number stands before its word ("12 P") or after it ("protein 12"), the same way all along.
"""

import re
from typing import Final

from gasket.core.errors import FaultyInput
from gasket.core.numbers import Positive, Sparse
from gasket.core.trade.nutrients.figure_types import PrintedFigures
from gasket.core.trade.nutrients.table import TABLE

# The longest first: "saturated fat" before "fat", "total carbs" before a bare "c".
_NAMES: Final = "|".join(
    f"(?P<{row.key}>{row.typed})"
    for row in sorted(TABLE, key=lambda row: row.part_of is None)
    if row.typed
)
_TOKEN: Final = re.compile(
    rf"(?P<number>\d+(?:[.,]\d+)?)\s*(?:m?g\b)?|(?<![a-z])(?:{_NAMES})(?![a-z])", re.IGNORECASE
)
_BASIS: Final = re.compile(
    r"(?:\bper|/|\bin|\bfor(?:\s+a)?|\ba)\s*(?:serving\s*(?:of)?\s*\(?)?\s*"
    r"(?P<amount>\d+(?:[.,]\d+)?)\s*(?P<unit>g|grams?|ml)\b\)?(?:\s*serving)?",
    re.IGNORECASE,
)


class ShortLabel(PrintedFigures):
    """The figures that the line gives, and what they are for; what it does not say is unknown."""

    basis_g: Sparse[Positive] = None
    basis_ml: Sparse[Positive] = None


def read_short(text: str) -> ShortLabel:
    """Raises `FaultyInput` at `text` where a number has no word, or a word stands there twice."""
    figures: dict[str, float] = {}
    basis = _BASIS.search(text)
    if basis:
        unit = "basis_ml" if basis["unit"].lower() == "ml" else "basis_g"
        figures[unit] = _number(basis["amount"])
        text = text[: basis.start()] + text[basis.end() :]
    tokens = [(match.lastgroup or "", match[0], match) for match in _TOKEN.finditer(text)]
    if not tokens:
        raise FaultyInput.at("text", "Type it like “148 kcal, 12 P, 4 C, 9 F per 100 g”.")
    number_first = tokens[0][0] == "number"
    pairs = list(zip(tokens[::2], tokens[1::2], strict=False))
    for first, second in pairs:
        number, word = (first, second) if number_first else (second, first)
        if number[0] != "number" or word[0] == "number":
            raise FaultyInput.at("text", f"What is “{first[1]} {second[1]}”?")
        if word[0] in figures:
            raise FaultyInput.at("text", f"“{word[1]}” is there twice.")
        figures[word[0]] = _number(number[2]["number"])
    if len(tokens) % 2:
        raise FaultyInput.at("text", f"What is “{tokens[-1][1]}”?")
    return ShortLabel(**figures)


def _number(text: str) -> float:
    return float(text.replace(",", "."))
