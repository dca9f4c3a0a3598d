"""A label in one line, as cooks write it: "148 kcal, 12 P, 4 C, 9 F per 100 g" → its figures.

Each number stands before its word ("12 P") or after it ("protein 12"), the same way all along.
"""

import re
from typing import Final

from gasket.core.errors import FaultyInput
from gasket.core.numbers import Amount, Answer

_WORDS: Final = {
    "kcal": r"kcal|kilocalories|cals?|calories",
    "kj": r"kj|kilojoules",
    "saturated_g": r"sat(?:urate[sd]?|\.)?(?:\s+fats?)?|of which saturates",
    "polyols_g": r"polyols?|sugar alcohols?",
    "sugars_g": r"sugars?|of which sugars",
    "fibre_g": r"fib(?:re|er)",
    "sodium_mg": r"sodium",
    "salt_g": r"salt",
    "protein_g": r"p|prot\.?|proteins?",
    "carbohydrate_g": r"(?:total\s+)?c(?:arbs?|arbohydrates?)?",
    "fat_g": r"(?:total\s+)?f(?:at)?",
}
_NAMES: Final = "|".join(f"(?P<{key}>{words})" for key, words in _WORDS.items())
_TOKEN: Final = re.compile(
    rf"(?P<number>\d+(?:[.,]\d+)?)\s*(?:m?g\b)?|(?<![a-z])(?:{_NAMES})(?![a-z])", re.IGNORECASE
)
_BASIS: Final = re.compile(
    r"(?:\bper|/|\bin|\bfor(?:\s+a)?|\ba)\s*(?:serving\s*(?:of)?\s*\(?)?\s*"
    r"(?P<amount>\d+(?:[.,]\d+)?)\s*(?P<unit>g|grams?|ml)\b\)?(?:\s*serving)?",
    re.IGNORECASE,
)


class ShortLabel(Answer):
    """The figures that the line gives, and what they are for; what it does not say is unknown."""

    basis_g: Amount | None = None
    basis_ml: Amount | None = None
    kcal: Amount | None = None
    kj: Amount | None = None
    protein_g: Amount | None = None
    carbohydrate_g: Amount | None = None
    fat_g: Amount | None = None
    saturated_g: Amount | None = None
    sugars_g: Amount | None = None
    fibre_g: Amount | None = None
    polyols_g: Amount | None = None
    sodium_mg: Amount | None = None
    salt_g: Amount | None = None


def read_short(text: str) -> ShortLabel:
    """Raises `FaultyInput` at `text` where a number has no word, or a word stands there twice."""
    found: dict[str, float] = {}
    basis = _BASIS.search(text)
    if basis:
        unit = "basis_ml" if basis["unit"].lower() == "ml" else "basis_g"
        found[unit] = _number(basis["amount"])
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
        if word[0] in found:
            raise FaultyInput.at("text", f"“{word[1]}” is there twice.")
        found[word[0]] = _number(number[2]["number"])
    if len(tokens) % 2:
        raise FaultyInput.at("text", f"What is “{tokens[-1][1]}”?")
    return ShortLabel(**found)


def _number(text: str) -> float:
    return float(text.replace(",", "."))
