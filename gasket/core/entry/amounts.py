"""Amounts at the head of a text: numbers, ranges, fractions, and the unit behind them."""

import re
from typing import Final

from gasket.core.entry.model import Quantity
from gasket.core.entry.words import FILLS, NUMBER_WORDS, UNIT_OF, SpoonFill
from gasket.core.errors import FaultyInput
from gasket.core.numbers import MOST_G
from gasket.core.trade.written_numbers import read_number

NUMBER = (
    r"(?:\d+[ ]\d+/\d+|\d+/\d+|\d{1,3}(?:,\d{3})+\.\d+|\d{1,3}(?:\.\d{3})+,\d+"
    r"|\d{1,3}(?:,\d{3})+(?!\d)|\d*[.,]\d+|\d+)"
)
"""A space joins no digits: "1 200 g" may be one of 200 g."""
AMOUNT = re.compile(rf"(?P<low>{NUMBER})(?:\s*(?:-|to|or)\s*(?P<high>{NUMBER}))?")
WORD = re.compile(r"[^\s,;:()]+")


def _longest_first() -> str:
    words = sorted(UNIT_OF, key=len, reverse=True)
    return "|".join(re.escape(word).replace(r"\ ", r"\s+") for word in words)


UNIT = re.compile(
    rf"[-\s]*(?:(?P<fill>{'|'.join(FILLS)})\s+)?(?P<unit>{_longest_first()}|(?-i:[Tt]))\b\.?",
    re.IGNORECASE,
)


_AND = re.compile(r"\s+and\s+(?=\w)", re.IGNORECASE)
_SPACED = re.compile(r"(\d{1,3} \d{3})(?![\d.,/])")
_UNREADABLE = re.compile(r"\d[\d.,]*(?:[.,'’_]\d|e[+-]?\d+\b)", re.IGNORECASE)
_HALF_AND_HALF: Final = re.compile(r"half[\s-]and[\s-]half\b", re.IGNORECASE)
"""A food, and no amount."""
_PERCENT: Final = re.compile(r"\s*%")
_POINT_AND_THREE: Final = re.compile(r"[1-9]\d{0,2}\.\d{3}(?![\d.,])")
_BIG: Final = ("kg", "l", "lb")
"""Units of which nobody takes a thousand: "1,250 kg" is asked about."""


def number_of(text: str) -> float:
    """What digits, a fraction or both say. Raises `FaultyInput` for a fraction over 0."""
    try:
        return read_number(text).value
    except ZeroDivisionError:
        raise FaultyInput.at("text", "A fraction cannot have 0 below the line.") from None


def unit_of(word: str) -> str:
    """A unit's own word for any way to write it; T is a tablespoon, t a teaspoon."""
    if word in ("T", "t"):
        return "tbsp" if word == "T" else "tsp"
    return UNIT_OF[" ".join(word.lower().split())]


class AmountReader:
    """Takes amounts off the head of `rest`."""

    def __init__(self, text: str) -> None:
        self.rest = text
        self.otherwise: Quantity | None = None
        """The last amount read the other way that it can be read."""

    def amount(self) -> Quantity | None:
        """The amount at the head, taken off; None where there is none. Raises `FaultyInput` for one
        that cannot be read."""
        self._refuse_unreadable()
        head, self.otherwise = self.rest, None
        low, high, end = self._numbers()
        if low is None or high is None:
            return None
        if max(low, high) > MOST_G:
            raise FaultyInput.at("text", "That’s a lot: check the amount and the unit.")
        fill: SpoonFill = ""
        unit = ""
        match = UNIT.match(self.rest, end)
        if not match and re.match(r"[a-z]", self.rest[end:], re.IGNORECASE):
            return None  # a name that begins with a number
        if match and stands_alone(self.rest, match, end):
            unit, end = unit_of(match["unit"]), match.end()
            fill = FILLS[match["fill"].lower()] if match["fill"] else ""
        elif "dozen" in head[:end].lower():
            unit = "piece"
        self.rest = self.rest[end:].lstrip()
        if packed := re.match(r",?\s*(firmly |lightly )?packed\b\s*", self.rest, re.I):
            fill, self.rest = "packed", self.rest[packed.end() :]
        quantity = Quantity(low=min(low, high), high=max(low, high), unit=unit, fill=fill)
        if (decimal := _decimal_way(head, unit)) is not None:
            quantity, self.otherwise = decimal, quantity
        elif (thousands := _thousands_way(head, unit)) is not None:
            self.otherwise = thousands
        return quantity

    def joined(self) -> Quantity | None:
        """ "1 200 g", its digits taken together; None where there are no such digits ahead."""
        spaced = _SPACED.match(self.rest)
        if not spaced:
            return None
        return AmountReader(spaced[1].replace(" ", "") + self.rest[spaced.end() :]).amount()

    def _refuse_unreadable(self) -> None:
        if minus := re.match(r"-\s*(?=[\d.])", self.rest):
            raise FaultyInput.at(
                "text",
                "An amount cannot be less than 0."
                + ("" if minus[0] != "-" else " Put a space behind a dash that begins a line."),
            )
        number = AMOUNT.match(self.rest)
        odd = _UNREADABLE.match(self.rest)
        if odd and (number is None or odd.end() > number.end()):
            word = self.rest.split()[0][:40]
            raise FaultyInput.at("text", f"“{word}” cannot be read: write it like 1200 or 0.5.")

    def _numbers(self) -> tuple[float | None, float | None, int]:
        match = AMOUNT.match(self.rest)
        if match and _PERCENT.match(self.rest, match.end()):
            return None, None, 0  # "5% fat mince": of the food, and no amount
        if match:
            low = number_of(match["low"])
            high = number_of(match["high"]) if match["high"] else low
            if high < low and "-" in match[0] and "/" in match[0]:  # "1-1/2" is one and a half
                return low + high, low + high, match.end()
            return self._and_more(low, high, match.end())
        return self._spelled_number()

    def _and_more(self, low: float, high: float, end: int) -> tuple[float, float, int]:
        """ "2 dozen", "1 and 1/2": what is said behind the digits, before any unit."""
        if dozen := re.compile(r"\s+dozen\b", re.IGNORECASE).match(self.rest, end):
            return 12 * low, 12 * high, dozen.end()
        spelled = _AND.match(self.rest, end)
        if low != high or not spelled:
            return low, high, end
        more, _, length = AmountReader(self.rest[spelled.end() :])._numbers()
        if more is None or not 0 < more < 1:
            return low, high, end
        return low + more, low + more, spelled.end() + length

    def _spelled_number(self) -> tuple[float | None, float | None, int]:
        total, end = None, 0
        if _HALF_AND_HALF.match(self.rest):
            return None, None, 0
        for match in WORD.finditer(self.rest):
            word = match[0].lower()
            if word == "couple":
                total = 2.0
            elif word == "few":
                return 2.0, 4.0, match.end()
            elif word in NUMBER_WORDS:
                value = NUMBER_WORDS[word]
                total = value if total is None else total * value
            elif word == "of" and total is not None and total != 1.0:
                continue
            elif word == "and" and total is not None and total >= 1:
                low, _, end = self._and_more(total, total, end)
                return low, low, end
            else:
                break
            end = match.end()
        return total, total, end

    def bare_unit(self) -> str:
        """A unit without a number at the head, taken off; empty where there is none."""
        match = UNIT.match(self.rest)
        if not match or not stands_alone(self.rest, match, 0):
            return ""
        self.rest = self.rest[match.end() :].lstrip()
        return unit_of(match["unit"])


def _decimal_way(text: str, unit: str) -> Quantity | None:
    """ "1,250 kg" with its comma before decimals; None where that is no question."""
    match = AMOUNT.match(text)
    if match is None or match["high"] or unit not in _BIG:
        return None
    decimal = read_number(match["low"]).otherwise
    return None if decimal is None else exactly(decimal, unit)


def _thousands_way(text: str, unit: str) -> Quantity | None:
    """ "1.500 g" with its point between thousands; None where that is no question."""
    match = _POINT_AND_THREE.match(text)
    if match is None or unit not in ("g", "ml"):
        return None
    return exactly(float(match[0].replace(".", "")), unit)


def exactly(amount: float, unit: str) -> Quantity:
    """One amount, from and to the same."""
    return Quantity(low=amount, high=amount, unit=unit)


def stands_alone(text: str, unit: re.Match[str], start: int) -> bool:
    """A letter for a unit must not be the start of the food: "2 c flour", but "2 carrots"."""
    word = unit["unit"]
    between = text[start : unit.start("unit")]
    if start and not between and not text[start - 1].isdigit():
        return False
    return word.lower() != "whole" or bool(text[unit.end("unit") :].strip())


def whole_quantity(text: str) -> Quantity | None:
    """A text that is an amount and nothing else ("120 g", "about 1 1/2 cups", "15-ounce")."""
    line = AmountReader(re.sub(r"^(?:about|approx\.?|ca\.?|~|or)\s*", "", text, flags=re.I))
    if not re.match(r"[\d.]|an?\b|half\b", line.rest):
        return None
    quantity = line.amount()
    rest = re.sub(r"^(?:each|total|in total|spray|per scoop)\b", "", line.rest.strip(), flags=re.I)
    return quantity if quantity is not None and not rest.strip() else None
