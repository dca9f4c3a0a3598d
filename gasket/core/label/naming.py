"""Is this the food that was meant? How a typed name fits what a food is called.

Only a food that is called so is taken without asking. "Rice" of "Rice, white, dry" is a kind of it:
taken when there is no other, and when nothing that changes the figures (dry or cooked, powder or
whole) was left unsaid. Peas of pea protein and cream of cream cheese only share a word.
"""

import re
from collections.abc import Iterable, Sequence
from enum import IntEnum
from functools import lru_cache
from typing import Final, NamedTuple


class Fit(IntEnum):
    """How well a food's name fits, best first."""

    CALLED_SO = 0
    A_KIND = 1
    A_KIND_UNSAID = 2
    """A kind of it, in a state or form that was not said."""
    ENDS_SO = 3
    """ "cream" in "heavy cream"."""
    SHARES_WORDS = 4


CHANGES_FIGURES: Final = frozenset(
    {
        *("dry", "dried", "cooked", "boiled", "canned", "tinned", "frozen", "drained", "prepared"),
        *("powder", "powdered", "instant", "defatted", "desiccated", "condensed", "evaporated"),
        *("toasted", "smoked", "pickled", "candied", "sweetened", "concentrated"),
    }
)
"""States and forms of which grams differ (common practice)."""

MANNERS: Final = frozenset(
    {
        *("fresh", "freshly", "ripe", "large", "medium", "small", "big", "organic"),
        *("chopped", "finely", "roughly", "coarsely", "thinly", "diced", "sliced", "cubed"),
        *("grated", "crushed", "peeled", "mashed", "softened", "melted", "cold", "warm", "hot"),
        *("room", "temperature", "skinless", "boneless", "washed", "trimmed", "halved", "beaten"),
        *("good", "quality", "your", "favourite", "favorite", "of", "the", "a", "an", "some"),
    }
)
"""What is done to a food, or said of it, that makes it no other one."""


class FoodTitles(NamedTuple):
    """What a food goes by."""

    name: str
    aliases: tuple[str, ...] = ()
    packages: tuple[str, ...] = ()


def singulars(word: str) -> list[str]:
    """What a word may be the plural of, likeliest first; without the word itself."""
    words = []
    if word.endswith("ies") and len(word) > 4:
        words.append(word[:-3] + "y")
    if word.endswith("ves") and len(word) > 4:
        words.append(word[:-3] + "f")
    if word.endswith("es") and len(word) > 3:
        words.append(word[:-2])
    if word.endswith("s") and len(word) > 2:
        words.append(word[:-1])
    return words


@lru_cache(maxsize=65536)
def _words(text: str) -> tuple[str, ...]:
    return tuple(re.findall(r"\w+", text.casefold()))


def _same(one: str, other: str) -> bool:
    return one == other or one in singulars(other) or other in singulars(one)


def _same_words(some: Iterable[str], others: Iterable[str]) -> bool:
    """The same words in any order, one or many of each."""
    left = [*others]
    for word in some:
        match = next((other for other in left if _same(word, other)), None)
        if match is None:
            return False
        left.remove(match)
    return not left


def fit(typed: str, states: Sequence[str], food: FoodTitles) -> Fit:
    """How `typed`, with what was said of its state, fits what the food is called."""
    names = (food.name, *food.aliases, *food.packages)
    best = min(_fit(_words(typed), states, name) for name in names)
    if best > Fit.CALLED_SO and any(
        _told_apart(typed, food.name, package) for package in food.packages
    ):
        best = Fit.CALLED_SO
    if best is Fit.CALLED_SO and _contradicts(states, _words(food.name)):
        return Fit.A_KIND_UNSAID
    return best


def _fit(typed: tuple[str, ...], states: Sequence[str], name: str) -> Fit:
    own = _words(name)
    plain = [word for word in typed if word not in MANNERS or word in own]
    said = [*plain, *(word for word in states if word in own and word not in plain)]
    if not plain:
        return Fit.SHARES_WORDS
    if _same_words(said, own):
        return Fit.CALLED_SO
    head, rest = _words(name.partition(",")[0]), _words(name.partition(",")[2])
    if rest and _same_words((word for word in plain if word not in rest), head):
        unsaid = {word for word in rest if word in CHANGES_FIGURES and word not in said}
        return Fit.A_KIND_UNSAID if unsaid else Fit.A_KIND
    if len(head) > len(plain) and _same_words(plain, head[-len(plain) :]):
        return Fit.ENDS_SO
    return Fit.SHARES_WORDS


def _told_apart(typed: str, name: str, package: str) -> bool:
    """ "Skim quark": the food's own name, and words of its package."""
    words, own, more = _words(typed), _words(name), _words(package)
    named = all(any(_same(word, said) for said in words) for word in own)
    return named and all(any(_same(word, said) for said in (*own, *more)) for word in words)


def _contradicts(states: Sequence[str], own: tuple[str, ...]) -> bool:
    """Cooked was said and the food is the raw one, or the other way round."""
    told = {"as_prepared": "prepared"}
    return any(
        told.get(state, state) not in own and any(other in own for other in _OTHER.get(state, ()))
        for state in states
    )


_OTHER: Final = {
    "raw": ("cooked",),
    "cooked": ("raw", "dry"),
    "dry": ("cooked", "canned", "drained", "fresh"),
    "as_prepared": ("dry", "powder", "powdered"),
}


def sure_one(fits: Sequence[Fit]) -> bool:
    """Whether the first of these foods, best first, may be taken without asking."""
    if not fits:
        return False
    if fits[0] is Fit.CALLED_SO:
        return True
    return fits[0] is Fit.A_KIND and fits.count(Fit.A_KIND) + fits.count(Fit.A_KIND_UNSAID) == 1


def nearest(name: str, candidates: Sequence[FoodTitles]) -> int | None:
    """Which of the foods of one kind a package is most likely one of: the one whose words it says
    most of; the only one there is. None where several are as near."""
    if len(candidates) == 1:
        return 0
    said = [word for word in _words(name) if word not in MANNERS]
    shared = [
        max(_shared_words(said, known) for known in (food.name, *food.aliases))
        for food in candidates
    ]
    best = max(shared, default=(0, 0.0))
    if best[0] == 0 or shared.count(best) > 1:
        return None
    as_much = [
        food for food, (count, _) in zip(candidates, shared, strict=True) if count == best[0]
    ]
    states = {CHANGES_FIGURES.intersection(_words(food.name)).difference(said) for food in as_much}
    return shared.index(best) if len(states) == 1 else None


def _shared_words(said: Sequence[str], name: str) -> tuple[int, float]:
    """How many words of `name` are said, and what share of it that is."""
    own = _words(name)
    count = sum(any(_same(word, other) for other in said) for word in own)
    return count, count / max(1, len(own))
