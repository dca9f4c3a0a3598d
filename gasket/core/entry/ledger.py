"""Which word of a line went where, so that none is passed over unseen."""

import re
from typing import Literal

from gasket.core.entry.model import Entry
from gasket.core.entry.words import STATES
from gasket.core.numbers import Answer

WordUse = Literal["amount", "food", "state", "part", "preparation", "not used"]


class UsedWord(Answer):
    """A word of the line as it was typed, and what it was taken for."""

    word: str
    went_to: WordUse


def ledger(text: str, entry: Entry, unread: str) -> tuple[UsedWord, ...]:
    """Every word of `text`; what is neither of the food nor said of it is of the amount, with the
    small words that go with one. `unread` is what belongs to no name of a food."""
    named = entry.food if unread else f"{entry.food} {entry.unread}"
    food, not_used, note = map(_words, (named, unread, entry.note))
    uses: list[UsedWord] = []
    for word in text.split():
        plain = _words(word)
        went_to: WordUse = "amount"
        if plain and plain <= not_used:
            went_to = "not used"
        elif plain and plain <= food:
            went_to = "food"
        elif plain & STATES.keys():
            went_to = "state"
        elif plain & {"juice", "juiced", "zest", "zested"}:
            went_to = "part"
        elif plain and plain <= note:
            went_to = "preparation"
        uses.append(UsedWord(word=word, went_to=went_to))
    return tuple(uses)


def _words(text: str) -> set[str]:
    return set(re.findall(r"[\w%/]+", text.casefold()))
