"""Every name of a shelf by its words, so that what is called just so is found whatever else shares
a word with it."""

from collections import defaultdict
from collections.abc import Iterable, Sequence
from typing import Final

from gasket.core.label.naming import FoodTitles
from gasket.core.trade.forms import words_of
from gasket.core.trade.preparations import MANNERS, without_phrases

_MOST: Final = 24
Words = tuple[str, ...]


class NameIndex:
    """Foods by all words of a name, and by the words before its comma."""

    def __init__(self, foods: Iterable[tuple[int, FoodTitles]]) -> None:
        self._whole: dict[Words, list[int]] = defaultdict(list)
        self._heads: dict[str, dict[Words, list[int]]] = defaultdict(dict)
        for key, titles in foods:
            for name in {titles.name, *titles.aliases, *titles.packages}:
                words = _sorted(words_of(name))
                if words and key not in self._whole[words]:
                    self._whole[words].append(key)
            words = _sorted(words_of(titles.name.partition(",")[0]))
            if words:
                self._heads[words[0]].setdefault(words, []).append(key)

    def called(self, typed: str) -> list[int]:
        """Foods that are called just so, how they are prepared included."""
        return self._whole.get(_sorted(words_of(typed)), [])

    def nearest(self, typed: str, states: Sequence[str] = ()) -> list[int]:
        """Foods that are called so, and foods of which it is the name before the comma."""
        said = words_of(without_phrases(typed))
        plain = [word for word in said if word not in MANNERS]
        found = dict.fromkeys(
            key
            for words in (said, plain, [*plain, *states])
            for key in self._whole.get(_sorted(words), ())
        )
        known = {*said}
        for word in sorted(known):
            for head, keys in self._heads.get(word, {}).items():
                if known.issuperset(head):
                    found.update(dict.fromkeys(keys))
        return list(found)[:_MOST]


def _sorted(words: Iterable[str]) -> Words:
    return tuple(sorted(words))
