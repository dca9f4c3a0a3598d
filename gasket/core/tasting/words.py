"""What people say of a dish: words with the way that they point (common practice)."""

from typing import Annotated, Final

from pydantic import Field

from gasket.core.numbers import Answer

MOST_WORDS: Final = 24
SaidWord = Annotated[str, Field(min_length=1, max_length=40)]


class TasteWord(Answer):
    """A word, and what usually helps; a good one says what to keep."""

    key: str
    says: str
    good: bool
    helps: str = ""


def _wrong(key: str, helps: str, says: str = "") -> TasteWord:
    return TasteWord(key=key, says=says or key.replace("_", " "), good=False, helps=helps)


TASTE_WORDS: Final[dict[str, TasteWord]] = {
    word.key: word
    for word in (
        _wrong("dry", "more fat or water, a shorter bake, less whey"),
        _wrong("crumbly", "more egg or purée to bind"),
        _wrong("rubbery", "less protein powder or egg white, a yolk back"),
        _wrong("tough", "less protein powder or egg white, a shorter bake"),
        _wrong("gummy", "less gum or water, a longer bake"),
        _wrong("dense", "more raising agent"),
        _wrong("flat", "more raising agent, some acid"),
        _wrong("spongy", "less egg white"),
        _wrong("eggy", "less egg, more flavouring"),
        _wrong("chalky", "less protein powder, more liquid"),
        _wrong("powdery", "less protein powder, more liquid"),
        _wrong("gritty", "less sweetener or protein powder"),
        _wrong("wet", "less liquid, a longer bake"),
        _wrong("soggy", "less liquid, a longer bake"),
        _wrong("runny", "less liquid, more to thicken"),
        _wrong("greasy", "less fat"),
        _wrong("not_set", "a longer bake, more egg, less liquid"),
        _wrong("too_sweet", "less sweetener"),
        _wrong("not_sweet", "more sweetener", "not sweet enough"),
        _wrong("aftertaste", "less sweetener, sugar for a part of it"),
        _wrong("cooling", "less sweetener, sugar for a part of it"),
        _wrong("bitter", "less cocoa or raising agent"),
        _wrong("salty", "less salt or stock"),
        _wrong("bland", "salt, acid, vanilla, coffee"),
        _wrong("artificial", "less flavouring"),
        _wrong("pale", "a little sugar or milk powder, a hotter top"),
        _wrong("burnt", "a shorter bake"),
        _wrong("too_thick", "more liquid, less gum"),
        _wrong("too_thin", "less liquid, more to thicken"),
        *(
            TasteWord(key=key, says=key, good=True)
            for key in (
                *("moist", "gooey", "fudgy", "chewy", "tender", "crisp", "fluffy", "creamy"),
                "rich",
            )
        ),
    )
}
"""Every known word by its key, those for what was wrong first."""


def says(word: str) -> str:
    """The word as it is read; a word of the cook's own as it was typed."""
    known = TASTE_WORDS.get(word)
    return known.says if known else word
