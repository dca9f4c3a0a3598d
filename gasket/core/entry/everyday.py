"""Amounts as they are spoken, spelled for the grammar: "one and a half cups" → "1 1/2 cups"."""

import re
from typing import Final

from gasket.core.entry.words import UNIT_OF
from gasket.core.errors import FaultyInput

_NUMBERS: Final = {
    **{"a": "1", "an": "1", "one": "1", "two": "2", "three": "3", "four": "4", "five": "5"},
    **{"six": "6", "seven": "7", "eight": "8", "nine": "9", "ten": "10"},
}
_PARTS: Final = {
    **{"half": "1/2", "a half": "1/2", "one half": "1/2", "a third": "1/3", "one third": "1/3"},
    **{"two thirds": "2/3", "a quarter": "1/4", "one quarter": "1/4", "a fourth": "1/4"},
    **{"three quarters": "3/4", "three fourths": "3/4", "an eighth": "1/8"},
}
_NUMBER: Final = rf"(\d+|{'|'.join(_NUMBERS)})"
_PART: Final = rf"({'|'.join(sorted(_PARTS, key=len, reverse=True))}|\d/\d)"
_AND: Final = re.compile(rf"^{_NUMBER}\s+and\s+{_PART}\b", re.IGNORECASE)
_OF_A: Final = re.compile(rf"^{_PART}(?:\s+of)?\s+(?:an?\s+)(?=\w)", re.IGNORECASE)
_DOZEN: Final = re.compile(rf"^(?:{_NUMBER}\s+)?dozen\s+(?:of\s+)?", re.IGNORECASE)
_HALF_DOZEN: Final = re.compile(r"^(?:an?\s+)?half[\s-]+(?:a\s+)?dozen\s+(?:of\s+)?", re.IGNORECASE)
_FL_OZ: Final = re.compile(r"\bfl\.?\s*oz\b\.?", re.IGNORECASE)
_MINUS: Final = re.compile(r"\d.*\b(?:minus|less)\s+\d", re.IGNORECASE)
_SALT_AND_PEPPER: Final = re.compile(
    r"^salt\s*(?:and|&|\+)\s*(?:black\s+)?pepper\b(?!.*to taste)", re.IGNORECASE
)
_MORE: Final = re.compile(r"\d.*?\s\+\s*[\d./\s]+([a-z]+)", re.IGNORECASE)
"""Something added: more of the same where a unit follows the number, else another food."""


def spelled(text: str) -> str:
    """The line in the grammar's spelling. Raises `FaultyInput` at `text` for what would be read
    wrong: an amount that is taken off, two foods on one line."""
    if _MINUS.search(text):
        raise FaultyInput.at("text", "Work out what is left, and type that amount.")
    more = _MORE.search(text)
    if _SALT_AND_PEPPER.search(text) or (more and more[1].lower() not in UNIT_OF):
        raise FaultyInput.at("text", "These are two foods: type each on a line of its own.")
    text = _FL_OZ.sub("fl oz", text)
    text = _HALF_DOZEN.sub("6 pieces ", text)
    text = _DOZEN.sub(lambda found: f"{12 * int(_figure(found[1] or '1'))} pieces ", text)
    text = _AND.sub(lambda found: f"{_figure(found[1])} {_part(found[2])}", text)
    return _OF_A.sub(lambda found: f"{_part(found[1])} ", text)


def _figure(word: str) -> str:
    return _NUMBERS.get(word.lower(), word)


def _part(words: str) -> str:
    return _PARTS.get(" ".join(words.lower().split()), words)
