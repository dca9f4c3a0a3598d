"""Numbers as people write them: points and commas, thousands set apart, fractions.

    12.5 · 0,5 · 1/2 · 1 1/2 · 1,234.5 · 1.234,5 · 1 200

"1,200" is the one that can be read both ways. What begins with "0," is decimal; so is a comma
that does not stand before three digits.
"""

import re
from fractions import Fraction
from typing import Final, Literal, NamedTuple

DecimalMark = Literal[".", ","]

_FRACTION: Final = re.compile(r"(?:(\d+) )?(\d+)/(\d+)")
_PLAIN: Final = re.compile(r"\d*\.?\d+|\d+\.")
_COMMA: Final = re.compile(r"\d*,\d+|\d+,")
_BOTH_WAYS: Final = {
    ",": re.compile(r"[1-9]\d{0,2},\d{3}"),
    ".": re.compile(r"[1-9]\d{0,2}\.\d{3}"),
}
_APART: Final = {
    ".": re.compile(r"\d{1,3}(?:,\d{3})+\.\d+|\d{1,3}(?:,\d{3}){2,}"),
    ",": re.compile(r"\d{1,3}(?:\.\d{3})+,\d+|\d{1,3}(?:\.\d{3}){2,}"),
}
"""Thousands set apart, by the decimal mark that goes with them."""
_SPACED: Final = re.compile(r"(\d{1,3}(?: \d{3})+)([.,]\d+)?")


class WrittenNumber(NamedTuple):
    """What a text says; `otherwise` is what it could say as well."""

    value: float
    otherwise: float | None = None


def read_number(text: str, mark: DecimalMark | None = None) -> WrittenNumber:
    """The number that `text` is. With `mark` nothing is read both ways.

    Raises ValueError for what is no number, ZeroDivisionError for a fraction over 0.
    """
    text = " ".join(text.split())
    if fraction := _FRACTION.fullmatch(text):
        whole, over, under = fraction.groups()
        return WrittenNumber(float(int(whole or 0) + Fraction(int(over), int(under))))
    if spaced := _SPACED.fullmatch(text):
        text = spaced[1].replace(" ", "") + (spaced[2] or "").replace(",", ".")
    if mark is None and _BOTH_WAYS[","].fullmatch(text):
        return WrittenNumber(float(text.replace(",", "")), float(text.replace(",", ".")))
    other: DecimalMark = "." if mark == "," else ","
    if mark is not None and _BOTH_WAYS[other].fullmatch(text):
        return WrittenNumber(float(text.replace(other, "")))
    for decimal, apart in _APART.items():
        if apart.fullmatch(text):
            groups = "," if decimal == "." else "."
            return WrittenNumber(float(text.replace(groups, "").replace(decimal, ".")))
    if _COMMA.fullmatch(text):
        return WrittenNumber(float(text.replace(",", ".")))
    if _PLAIN.fullmatch(text):
        return WrittenNumber(float(text))
    raise ValueError(f"no number: {text[:40]!r}")


def mark_of(text: str) -> DecimalMark | None:
    """The mark that stands before this number's decimals; None where it has none, is no number, or
    could be read both ways."""
    if any(both.fullmatch(text) for both in _BOTH_WAYS.values()):
        return None
    try:
        read_number(text)
    except (ValueError, ArithmeticError):
        return None
    last = max(text.rfind("."), text.rfind(","))
    if last < 0:
        return None
    mark, other = (".", ",") if text[last] == "." else (",", ".")
    return mark if text.count(mark) == 1 else other  # type: ignore[return-value]


def both_ways(text: str, number: WrittenNumber) -> str:
    """The sentence for a number that can be read both ways."""
    return f"“{text}” could be {number.value:g} or {number.otherwise:g}: write one of them."
