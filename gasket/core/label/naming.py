"""Is this the food that was meant? How a typed name fits what a food is called.

Only a food that is called so is taken without asking. "Rice" of "Rice, white, dry" is a kind of it:
taken when there is no other, and when nothing that changes the figures (dry or cooked, powder or
whole) was left unsaid. Peas of pea protein and cream of cream cheese only share a word.
"""

from collections.abc import Iterable, Sequence
from enum import IntEnum
from typing import NamedTuple

from gasket.core.trade.forms import CHANGES_FIGURES, words_of
from gasket.core.trade.preparations import MANNERS, without_phrases


class Fit(IntEnum):
    """How well a food's name fits, best first."""

    CALLED_SO = 0
    A_KIND = 1
    A_KIND_UNSAID = 2
    """A kind of it, in a state or form that was not said, or not in the one that was."""
    ENDS_SO = 3
    """ "cream" in "heavy cream"."""
    SHARES_WORDS = 4


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


def _same_words(some: Iterable[str], others: Iterable[str]) -> bool:
    """The same words in any order."""
    return sorted(some) == sorted(others)


def fit(typed: str, states: Sequence[str], food: FoodTitles) -> Fit:
    """How `typed`, with what was said of its state, fits what the food is called."""
    names = (food.name, *food.aliases, *food.packages)
    words = words_of(without_phrases(typed))
    of_food = words_of(food.name)
    best = min(_fit(words, _unmet(states, of_food, name), name, states) for name in names)
    if best > Fit.CALLED_SO and any(
        _told_apart(typed, food.name, package) for package in food.packages
    ):
        best = Fit.CALLED_SO if not _unmet(states, of_food, food.name) else Fit.A_KIND_UNSAID
    return best


def _unmet(states: Sequence[str], of_food: Sequence[str], name: str) -> bool:
    """Whether a state was said that the food is not known to be in. Raw is what says nothing else;
    what is drained is seen to with the weight."""
    own = (*words_of(name), *of_food)
    told = {"as_prepared": "prepared"}
    return any(
        told.get(state, state) not in own
        and not (state == "raw" and not CHANGES_FIGURES.intersection(of_food))
        and state != "drained"
        for state in states
    )


def _fit(typed: tuple[str, ...], unmet: bool, name: str, states: Sequence[str]) -> Fit:
    own = words_of(name)
    plain = [word for word in typed if word not in MANNERS or word in own]
    said = [*plain, *(word for word in states if word in own and word not in plain)]
    if not plain:
        return Fit.SHARES_WORDS
    if _same_words(said, own):
        return Fit.A_KIND_UNSAID if unmet else Fit.CALLED_SO
    head, rest = words_of(name.partition(",")[0]), words_of(name.partition(",")[2])
    if rest and _same_words((word for word in plain if word not in rest), head):
        unsaid = {word for word in rest if word in CHANGES_FIGURES and word not in said}
        return Fit.A_KIND_UNSAID if unsaid or unmet else Fit.A_KIND
    if len(head) > len(plain) and _same_words(plain, head[-len(plain) :]):
        return Fit.ENDS_SO
    return Fit.SHARES_WORDS


def _told_apart(typed: str, name: str, package: str) -> bool:
    """ "Skim quark": the food's own name, and words of its package."""
    words, own, more = words_of(typed), words_of(name), words_of(package)
    return set(own) <= set(words) <= {*own, *more}


class Resemblance(NamedTuple):
    """How far a food's name is from what was typed, nearest first: the head word decides."""

    other_head: bool
    words_apart: int


def resemblance(typed: str, name: str) -> Resemblance:
    """How alike two names are that are not the same: `typed` and a food's own."""
    said = [word for word in words_of(without_phrases(typed)) if word not in MANNERS]
    own, head = words_of(name), words_of(name.partition(",")[0])
    other = not (said and head and head[-1] == said[-1])
    return Resemblance(other, len({*said} ^ {*own}))


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
    said = [word for word in words_of(name) if word not in MANNERS]
    shared = [
        max(_shared_words(said, known) for known in (food.name, *food.aliases))
        for food in candidates
    ]
    best = max(shared, default=(0, 0.0))
    if best[0] == 0 or shared.count(best) > 1:
        return None
    if best[1] == 1.0:
        return shared.index(best)  # its whole name is said
    as_much = [
        food for food, (count, _) in zip(candidates, shared, strict=True) if count == best[0]
    ]
    states = {
        CHANGES_FIGURES.intersection(words_of(food.name)).difference(said) for food in as_much
    }
    return shared.index(best) if len(states) == 1 else None


def _shared_words(said: Sequence[str], name: str) -> tuple[int, float]:
    """How many words of `name` are said, and what share of it that is."""
    own = words_of(name)
    count = sum(word in said for word in own)
    return count, count / max(1, len(own))
