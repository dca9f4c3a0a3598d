"""Figures and times in words, as the pages write them too (tests/cases/words.json holds both)."""

from typing import Final

_WHOLE_FROM: Final = 9.95
_SECONDS_BELOW_MIN: Final = 1.5


def figure_words(value: float, unit: str) -> str:
    """kcal and mg whole, grams with one decimal below 10; thousands set apart."""
    if value == 0:
        return "0"
    decimals = 1 if unit == "g" and abs(value) < _WHOLE_FROM else 0
    return f"{value:,.{decimals}f}".replace(",", "\u202f").replace("-", "\u2212")


def minutes_words(minutes: float) -> str:
    """ "45 s", "17 min", "1 h 30 min"."""
    seconds = int(minutes * 60 + 0.5)
    if 0 < minutes < _SECONDS_BELOW_MIN and seconds != 60:
        return f"{seconds} s"
    hours, rest = divmod(int(minutes + 0.5), 60)
    if not hours:
        return f"{rest} min"
    return f"{hours} h {rest} min" if rest else f"{hours} h"


_ARTICLES: Final = ("the ", "a ", "an ", "my ", "our ")


def with_article(name: str) -> str:
    """A component in a sentence: "Loaf" → "the loaf", "BBQ sauce" → "the BBQ sauce"."""
    first = name.split(" ", 1)[0]
    lowered = name[:1].lower() + name[1:] if first[1:].islower() else name
    return lowered if lowered.startswith(_ARTICLES) else f"the {lowered}"
