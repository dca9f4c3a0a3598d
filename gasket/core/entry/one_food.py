"""One line is one food, and an amount that is added up: what is neither is asked about."""

import re
from typing import Final

from gasket.core.entry.amounts import NUMBER, AmountReader
from gasket.core.entry.words import UNIT_OF
from gasket.core.errors import FaultyInput

_MINUS: Final = re.compile(r"\d.*\b(?:minus|less)\s+\d", re.IGNORECASE)
_SALT_AND_PEPPER: Final = re.compile(
    r"^salt\s*(?:and|&|\+)\s*(?:black\s+)?pepper\b(?!.*to taste)", re.IGNORECASE
)
_MORE: Final = re.compile(r"\d.*?\s\+\s*[\d./\s]+([a-z]+)", re.IGNORECASE)
"""Something added: more of the same where a unit follows the number, else another food."""
_EACH: Final = re.compile(
    rf"(?P<amount>{NUMBER}\s*[a-z]*\.?)\s+each\s+(?:of\s+)?(?P<foods>.+)$", re.IGNORECASE
)
_LISTED: Final = re.compile(r"\s*(?:,\s*and|,|;|\+|&|\band\b)\s+", re.IGNORECASE)
_NEXT: Final = re.compile(
    rf"\s*(?:,|;|\+|&|\band\b|\bplus\b)+\s+(?=(?:{NUMBER})\s*\w)", re.IGNORECASE
)
_NO_FOOD: Final = re.compile(r"(?:for|more|extra|each|total|in total|of it)\b", re.IGNORECASE)


def refuse_what_is_not_one(text: str) -> None:
    """Raises `FaultyInput` at `text` for what would be read wrong: an amount that is taken off, two
    foods on one line."""
    if _MINUS.search(text):
        raise FaultyInput.at("text", "Work out what is left, and type that amount.")
    more = _MORE.search(text)
    if foods_apart(text) or (more and more[1].lower() not in UNIT_OF):
        raise FaultyInput.at("text", "These are two foods: type each on a line of its own.")


def foods_apart(text: str) -> tuple[str, ...]:
    """The foods of a line as lines of their own; empty where it is one food.

    >>> foods_apart("1/2 tsp each cumin and paprika")
    ('1/2 tsp cumin', '1/2 tsp paprika')
    """
    if _SALT_AND_PEPPER.search(text):
        return ("salt", "pepper")
    if each := _EACH.match(text):
        foods = [food for food in _LISTED.split(each["foods"]) if food]
        return tuple(f"{each['amount']} {food}" for food in foods) if len(foods) > 1 else ()
    parts = [part for part in _NEXT.split(text) if part.strip()]
    in_brackets = any(part.count("(") != part.count(")") for part in parts)
    if len(parts) < 2 or in_brackets or not all(map(_has_a_food, parts)):
        return ()
    return tuple(part.strip() for part in parts)


def _has_a_food(part: str) -> bool:
    """Whether an amount stands there, and a name behind it."""
    line = AmountReader(part.strip())
    try:
        amount = line.amount()
    except FaultyInput:
        return False
    name = re.sub(r"\([^()]*\)", "", line.rest).strip(" ,.-")
    return amount is not None and bool(re.match(r"[^\W\d]{2}", name)) and not _NO_FOOD.match(name)
