"""One line is one food, and an amount that is added up: what is neither is asked about."""

import re
from typing import Final

from gasket.core.entry.words import UNIT_OF
from gasket.core.errors import FaultyInput

_MINUS: Final = re.compile(r"\d.*\b(?:minus|less)\s+\d", re.IGNORECASE)
_SALT_AND_PEPPER: Final = re.compile(
    r"^salt\s*(?:and|&|\+)\s*(?:black\s+)?pepper\b(?!.*to taste)", re.IGNORECASE
)
_MORE: Final = re.compile(r"\d.*?\s\+\s*[\d./\s]+([a-z]+)", re.IGNORECASE)
"""Something added: more of the same where a unit follows the number, else another food."""


def refuse_what_is_not_one(text: str) -> None:
    """Raises `FaultyInput` at `text` for what would be read wrong: an amount that is taken off, two
    foods on one line."""
    if _MINUS.search(text):
        raise FaultyInput.at("text", "Work out what is left, and type that amount.")
    more = _MORE.search(text)
    if _SALT_AND_PEPPER.search(text) or (more and more[1].lower() not in UNIT_OF):
        raise FaultyInput.at("text", "These are two foods: type each on a line of its own.")
