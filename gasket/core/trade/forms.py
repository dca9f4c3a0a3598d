"""States and forms of a food in one spelling each: cooked, dry, canned, fat-free, 5 % fat.

Two foods that differ in one of them are two foods, however alike their names are; two words for the
same form ("tinned", "canned"; "93/7", "7 % fat") are one.
"""

import re
import unicodedata
from functools import lru_cache
from typing import Final

from gasket.core.trade.name_reading import singular
from gasket.core.trade.place_names import in_one_spelling

_SPELLINGS: Final = (
    (r"semi[- ]skim(?:med)?", "fat=2"),
    (r"part[- ]skim(?:med)?", "fat=part"),
    (r"fat[- ]free|non[- ]?fat|skim(?:med)?|zero[- ]fat", "fat=0"),
    (r"(?:low|lower|reduced|half)[- ]fat|fat[- ]reduced|light|lite", "fat=light"),
    (r"full[- ]fat", "fat=full"),
    (r"sugar[- ]free|zero[- ]sugar|sugarless", "sugar=0"),
    (r"no[- ]added[- ]sugar|no[- ]sugar[- ]added", "sugar=natural"),
    (r"uncooked", "raw"),
    (r"boiled|steamed", "cooked"),
    (r"dried", "dry"),
    (r"tinned", "canned"),
    (r"powdered", "powder"),
)
_FORMS: Final = tuple((re.compile(rf"\b(?:{said})\b"), form) for said, form in _SPELLINGS)
_LEAN: Final = re.compile(r"\b(\d{2}(?:\.\d)?)\s*%\s*lean\b")
_FAT: Final = re.compile(r"\b(\d{1,2}(?:[.,]\d)?)\s*%\s*fat\b")
_LEAN_TO_FAT: Final = re.compile(r"\b(\d{2})\s*/\s*(\d{1,2})\b")
_PERCENT: Final = re.compile(r"\b(\d{1,3}(?:[.,]\d)?)\s*%")
_APOSTROPHE: Final = re.compile(r"['’`´]")
_WORD: Final = re.compile(r"[\w=.]*\w%?")

CHANGES_FIGURES: Final = frozenset(
    {
        *("dry", "cooked", "canned", "frozen", "drained", "prepared", "powder", "instant"),
        *("defatted", "desiccated", "condensed", "evaporated", "toasted", "smoked", "pickled"),
        *("candied", "sweetened", "concentrated", "soaked", "roasted", "brewed"),
    }
)
"""States and forms of which grams differ (common practice)."""
LESS_USUAL: Final = frozenset({"cooked", "canned", "drained", "prepared", "smoked", "pickled"})
"""A recipe that does not say so rarely means these (common practice)."""


@lru_cache(maxsize=65536)
def words_of(text: str) -> tuple[str, ...]:
    """The words of a name in lower case, singular, with forms and place names in one spelling."""
    plain = unicodedata.normalize("NFKD", text.casefold())
    plain = "".join(mark for mark in plain if not unicodedata.combining(mark))
    plain = in_one_spelling(_APOSTROPHE.sub("", plain))
    plain = _LEAN_TO_FAT.sub(_ratio, plain)
    plain = _LEAN.sub(lambda match: f" fat={100 - float(match[1]):g} ", plain)
    plain = _FAT.sub(lambda match: f" fat={float(match[1].replace(',', '.')):g} ", plain)
    plain = _PERCENT.sub(_percent, plain)
    for spelling, form in _FORMS:
        plain = spelling.sub(form, plain)
    return tuple(singular(word) for word in _WORD.findall(plain))


def _ratio(match: re.Match[str]) -> str:
    lean, fat = int(match[1]), int(match[2])
    return f" fat={fat} " if lean + fat == 100 and lean > fat else match[0]


def _percent(match: re.Match[str]) -> str:
    share = float(match[1].replace(",", "."))
    return " fat=0 " if share == 0 else f" {share:g}% "
