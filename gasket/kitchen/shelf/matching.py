"""Which food of the shelf a line means, and whether it can mean no other."""

from collections.abc import Iterable
from dataclasses import dataclass
from functools import lru_cache
from typing import Final, NamedTuple

from gasket.core.entry.model import Entry
from gasket.core.entry.words import PIECES
from gasket.core.label.name_index import NameIndex
from gasket.core.label.naming import Fit, Resemblance, fit, resemblance, sure_one
from gasket.core.trade.forms import LESS_USUAL, words_of
from gasket.kitchen.shelf import chosen, food_search
from gasket.kitchen.shelf.shelf import ShelfFood
from gasket.store.books import Session
from gasket.store.books.chosen import ChosenFood
from gasket.store.books.shelf import FOODS, FoodTexts, MatchedBy, every_name

MOST_FOODS: Final = 5


@dataclass(frozen=True)
class Match:
    """Foods that a line may mean, best first. `unread` are words that belong to no name of them;
    `sure` when the first may be taken without asking; `chosen` how often in a row the cook chose it
    for these very words, and which package of it."""

    foods: list[ShelfFood]
    how: MatchedBy
    sure: bool
    unread: str
    chosen: ChosenFood | None = None


class Candidate(NamedTuple):
    """A food that a line may mean. It sorts as it fits."""

    fit: Fit
    other_pack: bool
    """Of no can though a can was said."""
    loosely: int
    """0 where its piece or part is in the name, 1 for the very name, 2 without a word of it."""
    unusual: int
    """How many forms it has that a recipe would have said."""
    another: tuple[bool, float]
    """Of kinds of it: generic ones behind the cook's own, lately used ones first."""
    apart: Resemblance
    generic: bool
    at: int


class Matcher:
    """The names of the shelf, read once for all lines of a list."""

    def __init__(self, session: Session) -> None:
        self.session = session
        self._whole: dict[int, ShelfFood] = {}
        self._used_s: dict[int, float] = {}
        self._chosen: dict[str, ChosenFood] = {}
        self.names = _index_of(every_name(session))

    def look_up(self, entries: Iterable[Entry]) -> None:
        """Fetch at once what the lines of a list will be matched with."""
        entries = list(entries)
        self._chosen = chosen.before(self.session, entries)
        near = dict.fromkeys(key for entry in entries for key in self._near(entry))
        self._of_ids([*near, *(one.food_id for one in self._chosen.values())])

    def _of_ids(self, keys: Iterable[int]) -> list[ShelfFood]:
        missing = [key for key in keys if key not in self._whole]
        self._whole.update((food.id, food) for food in food_search.of_ids(self.session, missing))
        if missing:
            used = FOODS.used(self.session, missing)
            self._used_s.update((key, at.timestamp()) for key, at in used.items())
        return [self._whole[key] for key in keys if key in self._whole]

    def _near(self, entry: Entry) -> list[int]:
        """Foods that are called so, or that are a kind of it."""
        more = [*_more_of_the_name(entry), entry.note, entry.unread, ""]
        wanted = dict.fromkeys(f"{entry.food} {words}".strip() for words in more)
        near = (self.names.nearest(words, entry.states) for words in wanted)
        return list(dict.fromkeys(key for keys in near for key in keys))

    def match(self, entry: Entry) -> Match:
        """The foods that a line may mean; what the cook chose for its words before stands first."""
        found = self._match(entry)
        before = None if found.sure else self._chosen.get(chosen.meant_by(entry))
        if before is None:
            return found
        for mine in self._of_ids([before.food_id]):
            if not mine.removed and any(label.id == before.label_id for label in mine.labels):
                others = [food for food in found.foods if food.id != mine.id]
                sure = before.times >= chosen.TAKEN_AFTER
                return Match([mine, *others], found.how, sure, found.unread, before)
        return found

    def _match(self, entry: Entry) -> Match:
        foods, how = self._foods(entry)
        ranked, unread = self._ranked(entry, foods)
        sure = bool(ranked) and how == "words" and not unread and _sure(ranked)
        if sure and self._other_as_prepared(entry, foods[ranked[0].at]):
            sure = False
        best = [foods[candidate.at] for candidate in ranked[:MOST_FOODS]]
        return Match(best, how, sure, unread)

    def _foods(self, entry: Entry) -> tuple[list[ShelfFood], MatchedBy]:
        """What is called so, or a kind of it; what the words find where nothing is."""
        near = self._near(entry)
        foods = self._of_ids(near)
        candidates = (self._candidate(entry, food, 0, entry.unread) for food in foods)
        if any(candidate.fit is Fit.CALLED_SO for candidate in candidates):
            return foods, "words"
        for words in [*(f"{entry.food} {state}" for state in entry.states), entry.food]:
            others, how = food_search.foods(self.session, words, MOST_FOODS)
            if how == "words":
                break
        others = [food for food in others if food.id not in near]
        return [*foods, *others], "words" if foods else how

    def _ranked(self, entry: Entry, foods: list[ShelfFood]) -> tuple[list[Candidate], str]:
        """The foods as they fit, and what of the line belongs to no name."""

        def ranked(more: str) -> list[Candidate]:
            return sorted(self._candidate(entry, food, at, more) for at, food in enumerate(foods))

        more = entry.unread
        if more and " and " not in more:  # "boiled and mashed" is what is done, and no name
            named = ranked(more)
            if named and named[0].fit <= Fit.A_KIND:
                return named, ""
        return ranked(""), more

    def _candidate(self, entry: Entry, food: ShelfFood, at: int, unread: str) -> Candidate:
        canned = any(quantity.unit == "can" for quantity in entry.quantities)
        of_a_can = "canned" in food.name.casefold()
        states = [*entry.states, *(["canned"] if canned and of_a_can else [])]
        words = f"{entry.food} {unread}"
        named = [f"{words} {more}" for more in _more_of_the_name(entry)]
        said = {*words_of(words), *states}
        best = _best_fit(named, words, states, food, wants_a_part=bool(entry.part))
        is_kind = best <= Fit.A_KIND_UNSAID
        return Candidate(
            best,
            canned and not of_a_can,
            self._loosely(food, named, words),
            len(LESS_USUAL.intersection(words_of(food.name)) - said),
            (food.typical, -self._used_s.get(food.id, 0.0)) if is_kind else (False, 0.0),
            resemblance(entry.food, food.name),
            food.typical,
            at,
        )

    def _loosely(self, food: ShelfFood, named: list[str], words: str) -> int:
        if any(food.id in self.names.called(name) for name in named):
            return 0
        return 1 if food.id in self.names.called(words) else 2

    def _other_as_prepared(self, entry: Entry, food: ShelfFood) -> bool:
        """Whether what is done to the food is another food's name: potatoes, mashed."""
        called = self.names.called(f"{entry.food} {entry.note}") if entry.note else []
        return bool(called) and food.id not in called


@lru_cache(maxsize=2)
def _index_of(foods: tuple[FoodTexts, ...]) -> NameIndex:
    """Made anew when a name of the shelf has changed, not for every line that is typed."""
    return NameIndex((food.food_id, food.titles()) for food in foods)


def _best_fit(
    named: list[str], words: str, states: list[str], food: ShelfFood, *, wants_a_part: bool
) -> Fit:
    titles = food_search.called(food)
    best = min((fit(name, states, titles) for name in named), default=Fit.SHARES_WORDS)
    if best is Fit.CALLED_SO:
        return best
    whole = fit(words, states, titles)
    # The fruit, of which a part is wanted, is a kind of it.
    return Fit.A_KIND if wants_a_part and whole is Fit.CALLED_SO else whole


def _more_of_the_name(entry: Entry) -> list[str]:
    """What may belong to the name: bay leaf, gelatine leaves, lemon juice."""
    pieces = [quantity.unit for quantity in entry.quantities if quantity.unit in PIECES]
    return [*pieces, *([entry.part] if entry.part in ("juice", "zest") else [])]


def _sure(ranked: list[Candidate]) -> bool:
    """Whether the first may be taken. Of two that are called so, the cook's own may."""
    if ranked[0].fit is not Fit.CALLED_SO:
        return sure_one([candidate.fit for candidate in ranked])
    same = [candidate for candidate in ranked if candidate[:3] == ranked[0][:3]]
    own = [candidate for candidate in same if not candidate.generic]
    return len(own or same) == 1
