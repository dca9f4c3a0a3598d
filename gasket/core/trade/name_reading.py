"""What a name of a dish or a food says: the head noun stands last, and only whole words count.

A lexicon holds words and phrases of several words, each with what it means. Of those that a name
holds the one that ends last wins, and of those that end together the longest (common practice).
"""

import re
import unicodedata
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import dataclass
from functools import lru_cache
from typing import Final, Generic, TypeVar

Word = str
Words = tuple[Word, ...]
T = TypeVar("T")

_APOSTROPHES: Final = re.compile(r"['’`´]")
_APART: Final = re.compile(r"[-–—/_]+")
_TOKEN: Final = re.compile(r"[a-z0-9%]+|[,:;()\[\]]")
_KEEP_IE: Final = frozenset(
    {"brownie", "cookie", "smoothie", "pie", "blondie", "toastie", "veggie", "goodie", "potpie"}
)
_AS_THEY_ARE: Final = frozenset(
    {
        *("fries", "chips", "crisps", "oats", "molasses", "swiss", "nachos", "has", "was", "gas"),
        *("its", "yes", "lens"),
    }
)
"""Words whose plural means something else than their singular, or that only look like plurals."""


def singular(word: Word) -> Word:
    """A word without its plural ending: peaches → peach, cookies → cookie, berries → berry."""
    if len(word) < 3 or word in _AS_THEY_ARE or not word.endswith("s"):
        return word
    if word.endswith("ies"):
        return word[:-1] if word[:-1] in _KEEP_IE else f"{word[:-3]}y"
    if word.endswith(("ches", "shes", "sses", "xes", "tzes", "zzes", "toes", "goes")):
        return word[:-2]
    if word.endswith(("ss", "us", "is")):
        return word
    if word.endswith("ves") and word[:-3] in ("loa", "lea", "hal"):
        return f"{word[:-3]}f"
    return word[:-1]


@lru_cache(maxsize=65536)
def tokens_of(name: str) -> Words:
    """Lower-case words in the singular without accents, and the marks that cut a name apart."""
    plain = unicodedata.normalize("NFKD", name.lower())
    plain = "".join(mark for mark in plain if not unicodedata.combining(mark))
    plain = _APART.sub(" ", _APOSTROPHES.sub("", plain)).replace("&", " and ").replace("+", " and ")
    return tuple(singular(token) for token in _TOKEN.findall(plain))


@dataclass(frozen=True, slots=True)
class Hit(Generic[T]):
    """What a phrase means, and from where to where it stands."""

    start: int
    end: int
    means: T
    says: str


class Lexicon(Generic[T]):
    """Phrases and what they mean."""

    def __init__(self, phrases: Mapping[T, Iterable[str]]) -> None:
        self._means: dict[Words, T] = {}
        for means, said in phrases.items():
            for phrase in said:
                self._means[tokens_of(phrase)] = means
        self._longest = max((len(words) for words in self._means), default=0)
        self._lasts = frozenset(words[-1] for words in self._means)

    def hits(self, words: Words) -> Iterator[Hit[T]]:
        """Every phrase in the words, from the one that ends last, the longest of each end first."""
        for end in range(len(words), 0, -1):
            if words[end - 1] not in self._lasts:
                continue
            for start in range(max(0, end - self._longest), end):
                means = self._means.get(words[start:end])
                if means is not None:
                    yield Hit(start, end, means, " ".join(words[start:end]))

    def last(self, words: Words) -> Hit[T] | None:
        """What the name is by its last words; None where no word is known."""
        return next(self.hits(words), None)


def without(words: Words, phrases: "Lexicon[bool]") -> Words:
    """The words without the phrases that are in them; all of them where nothing else is left."""
    hidden: set[int] = set()
    for hit in phrases.hits(words):
        hidden.update(range(hit.start, hit.end))
    left = tuple(word for i, word in enumerate(words) if i not in hidden)
    return left or words


def parts_of(words: Words, cuts: frozenset[Word]) -> Iterator[Words]:
    """The stretches between commas, brackets and the words that cut."""
    part: list[Word] = []
    for word in words:
        if word in cuts or not word[0].isalnum():
            if part:
                yield tuple(part)
            part = []
        else:
            part.append(word)
    if part:
        yield tuple(part)
