"""What the cook meant by the same words before: offered first, and taken after two equal choices.

Only words that were asked about are remembered, whole and without their amount: a word more or less
is another question.
"""

from collections.abc import Iterable
from datetime import datetime, timedelta
from typing import Annotated, Final

from pydantic import Field

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.model import MOST_TEXT, Entry
from gasket.core.numbers import Value
from gasket.core.trade.forms import words_of
from gasket.core.trade.preparations import MANNERS, without_phrases
from gasket.store.books import Session
from gasket.store.books.chosen import CHOSEN, ChosenFood, chosen_for
from gasket.store.books.shelf import PACKAGES

TAKEN_AFTER: Final = 2
_SENT_AGAIN: Final = timedelta(seconds=2)
"""The same choice so soon after is one that was sent twice."""
MOST_CHOICES: Final = 300


class FoodChoice(Value):
    """A line as it was typed, and the package that the cook chose for it."""

    text: Annotated[str, Field(min_length=1, max_length=MOST_TEXT)]
    label_id: int


class FoodChoices(Value):
    choices: Annotated[tuple[FoodChoice, ...], Field(max_length=MOST_CHOICES)]


def meant_by(entry: Entry) -> str:
    """The words of a line without its amount and how it is prepared, in one spelling and order."""
    said = (entry.food, entry.part, *entry.states, entry.unread)
    note = set(words_of(without_phrases(entry.note))) - MANNERS
    return " ".join(sorted({word for text in said for word in words_of(text)} | note))[:MOST_TEXT]


def before(session: Session, entries: Iterable[Entry]) -> dict[str, ChosenFood]:
    """What was chosen before for the words of these lines."""
    return chosen_for(session, {meant_by(entry) for entry in entries} - {""})


def remember(session: Session, choices: FoodChoices, now: datetime) -> None:
    """Keep what was chosen. Raises `Unknown` for a package that is not there, `FaultyInput` for
    what is no line of a recipe."""
    for choice in choices.choices:
        package = PACKAGES.fetch(session, choice.label_id)
        of = {"food_id": package.food_id, "label_id": package.id}
        words = meant_by(parse_entry(choice.text))
        if words == "":
            continue  # a name without a letter is like any other such name
        known = chosen_for(session, [words]).get(words)
        if known is None:
            CHOSEN.add(session, words=words, times=1, chosen_at=now, **of)
        elif known.label_id != package.id:
            CHOSEN.change(session, known, **of, times=1, chosen_at=now)
        elif now - known.chosen_at > _SENT_AGAIN:
            CHOSEN.change(session, known, times=known.times + 1, chosen_at=now)


def forget(session: Session, text: str) -> None:
    """Ask about these words again."""
    words = meant_by(parse_entry(text))
    CHOSEN.drop(session, *(one.id for one in chosen_for(session, [words]).values()))
