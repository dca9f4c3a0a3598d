"""Guess first: how far guesses lie from what it was, and which way."""

from collections.abc import Sequence
from statistics import median
from typing import Final, Literal

from gasket.core.numbers import Answer

GuessOf = Literal["kcal", "grams", "minutes"]
_THINGS: Final[dict[GuessOf, str]] = {"kcal": "calories", "grams": "weight", "minutes": "time"}
LEAST_GUESSES: Final = 3
"""Fewer tell nothing of a habit."""


class Guess(Answer):
    """A guess and what it turned out to be, in kcal or grams of a serving, or minutes of a step."""

    of: GuessOf
    guess: float
    truth: float

    @property
    def off(self) -> float:
        """By what part of the truth it was too high; negative is too low."""
        return self.guess / self.truth - 1


class GuessHabit(Answer):
    """`leans` is the middle guess's error, `within` the size that half of them stay within."""

    of: GuessOf
    guesses: int
    leans: float
    within: float
    says: str


def habit(of: GuessOf, guesses: Sequence[Guess]) -> GuessHabit | None:
    """Over all guesses of one thing; None where there are too few."""
    errors = [guess.off for guess in guesses if guess.of == of and guess.truth > 0]
    if len(errors) < LEAST_GUESSES:
        return None
    leans, within = median(errors), median(abs(error) for error in errors)
    thing = _THINGS[of]
    if abs(leans) < 0.03:
        way = f"Guesses of {thing} lean neither way"
    else:
        way = (
            f"Guesses of {thing} are usually {abs(leans):.0%} too {'high' if leans > 0 else 'low'}"
        )
    says = f"{way}; half of {len(errors)} are within {within:.0%}."
    return GuessHabit(of=of, guesses=len(errors), leans=leans, within=within, says=says)
