"""Finding foods by their names, aliases and packages: SQLite's full-text index, and spelling.

Words are matched by their beginnings first ("cott ch" finds cottage cheese), plurals as well as
singulars. When that finds nothing, each word may be misspelt: it is replaced by the words of the
shelf that are one or two letters away. When that finds nothing either, some of the words will do
("fresh baby spinach" finds spinach), and the answer says how loosely it was found.
"""

import re
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final, Literal, NamedTuple

from rapidfuzz import process
from rapidfuzz.distance import OSA
from sqlalchemy import text
from sqlmodel import Session

from gasket.core.label.naming import FoodTitles, singulars
from gasket.core.trade.preparations import MANNERS

MatchedBy = Literal["words", "spelling", "some words"]

_INDEX: Final = "food_search"
_VOCABULARY: Final = text(
    "SELECT term FROM food_search_words WHERE length(term) BETWEEN :shortest AND :longest"
)
_SHORTEST_MISSPELT: Final = 4
_MOST_SPELLINGS: Final = 8
_MOST_WORDS: Final = 12


@dataclass(frozen=True)
class FoodHits:
    """Ids of foods, best first, how many there are in all, and how loosely they were found."""

    ids: list[int]
    total: int
    how: MatchedBy


@dataclass(frozen=True)
class FoodNames:
    """What a food can be found by."""

    food_id: int
    name: str
    aliases: Iterable[str]
    packages: Iterable[str]


def index(session: Session, foods: list[FoodNames]) -> None:
    """Put foods' words in the index."""
    if foods:
        session.execute(
            text(f"INSERT INTO {_INDEX} (rowid, name, aliases, packages) VALUES (:id, :n, :a, :p)"),
            [
                {
                    "id": food.food_id,
                    "n": food.name,
                    "a": " ; ".join(food.aliases),
                    "p": " ; ".join(food.packages),
                }
                for food in foods
            ],
        )


def unindex(session: Session, food_ids: list[int]) -> None:
    if food_ids:
        session.execute(
            text(f"DELETE FROM {_INDEX} WHERE rowid = :id"), [{"id": key} for key in food_ids]
        )


class FoodTexts(NamedTuple):
    """What a food can be found by, as it is stored: names joined by `;`."""

    food_id: int
    name: str
    aliases: str
    packages: str

    def titles(self) -> FoodTitles:
        """Each name by itself."""
        return FoodTitles(self.name, _apart(self.aliases), _apart(self.packages))


def every_name(session: Session) -> tuple[FoodTexts, ...]:
    """What every food of the shelf can be found by."""
    query = text(f"SELECT rowid, name, aliases, packages FROM {_INDEX}")
    return tuple(FoodTexts(*row) for row in session.execute(query))


def _apart(joined: str) -> tuple[str, ...]:
    return tuple(joined.split(" ; ")) if joined else ()


def find(
    session: Session, words: str, limit: int, offset: int = 0, *, own_only: bool = False
) -> FoodHits:
    """Foods for what was typed: what is called so first, then kinds of it, names that end so, names
    that begin so; among equals the lately used. `own_only` without those of typical values."""
    tokens = re.findall(r"\w+", words.casefold())[:_MOST_WORDS]
    if not tokens:
        return FoodHits([], 0, "words")
    forms = [_forms(token) for token in tokens]
    page = _Page(words, limit, offset, own_only)
    hits = _matching(session, page, _all_of(forms), "words")
    if hits.total:
        return hits
    spelt = [[*own, *_spellings(session, token)] for token, own in zip(tokens, forms, strict=True)]
    hits = _matching(session, page, _all_of(spelt), "spelling")
    if hits.total or len(tokens) == 1:
        return hits
    telling = [
        spelling for spelling, token in zip(spelt, tokens, strict=True) if token not in MANNERS
    ]
    return _matching(session, page, _any_of(telling or spelt), "some words")


def _forms(token: str) -> list[str]:
    """The word as a beginning, and its singular whole."""
    return [f'"{token}"*', *(f'"{singular}"' for singular in singulars(token))]


def _spellings(session: Session, token: str) -> list[str]:
    """Words of the shelf that are one or two letters away."""
    if len(token) < _SHORTEST_MISSPELT:
        return []
    wrong = 1 if len(token) < 8 else 2
    lengths = {"shortest": len(token) - wrong, "longest": len(token) + wrong}
    terms = list(session.execute(_VOCABULARY, lengths).scalars())
    near = process.extract(
        token, terms, scorer=OSA.distance, score_cutoff=wrong, limit=_MOST_SPELLINGS
    )
    return [f'"{term}"' for term, _, _ in near]


def _all_of(forms: list[list[str]]) -> str:
    return " AND ".join(f"({' OR '.join(form)})" for form in forms)


def _any_of(forms: list[list[str]]) -> str:
    return " OR ".join(form for spellings in forms for form in spellings)


_SPELLED: Final = ("plain", "one", "other")


def _by_any(condition: str) -> str:
    return " OR ".join(condition.format(column) for column in _SPELLED)


_CALLED_SO: Final = _by_any(
    "lower(food.name) = :{0}"
    " OR instr('; ' || lower(food_search.aliases) || ' ;', '; ' || :{0} || ' ;')"
    " OR instr('; ' || lower(food_search.packages) || ' ;', '; ' || :{0} || ' ;')"
)
_A_KIND: Final = _by_any("food.name LIKE :like_{0} || ',%' ESCAPE '\\'")
_ENDS_SO: Final = _by_any(
    "food.name LIKE '% ' || :like_{0} ESCAPE '\\'"
    " OR food.name LIKE '% ' || :like_{0} || ',%' ESCAPE '\\'"
)
_RANK: Final = (
    f"CASE WHEN {_CALLED_SO} THEN 0 WHEN {_A_KIND} THEN 1 WHEN {_ENDS_SO} THEN 2 ELSE 3 END"
)
"""`gasket.core.label.naming` as far as SQL can tell: what fits best is on the first page."""


def _escaped(text: str) -> str:
    return re.sub(r"([%_\\])", r"\\\1", text)


class _Page(NamedTuple):
    """What was typed, and which of the foods for it are wanted."""

    words: str
    limit: int
    offset: int
    own_only: bool


def _matching(session: Session, page: _Page, query: str, how: MatchedBy) -> FoodHits:
    own = " AND NOT food.typical" if page.own_only else ""
    found = f"{_INDEX} JOIN food ON food.id = {_INDEX}.rowid WHERE {_INDEX} MATCH :query{own}"
    total = session.execute(text(f"SELECT count(*) FROM {found}"), {"query": query}).scalar_one()
    if not total:
        return FoodHits([], 0, how)
    loosely = how == "some words"
    plain = " ".join(page.words.casefold().split())
    singular = singulars(plain) or [plain]
    spelled = {"plain": plain, "one": singular[0], "other": singular[-1]}
    rows = session.execute(
        text(
            f"SELECT food.id FROM {found}"
            f" ORDER BY {_RANK},"
            f" {'bm25(food_search, 6, 4, 1),' if loosely else ''}"
            " (food.name LIKE :begins ESCAPE '\\') DESC, food.used_at IS NULL, food.used_at DESC,"
            " food.typical, bm25(food_search, 6, 4, 1), length(food.name), food.name"
            " LIMIT :limit OFFSET :offset"
        ),
        {
            "query": query,
            **spelled,
            **{f"like_{key}": _escaped(word) for key, word in spelled.items()},
            "begins": _escaped(plain) + "%",
            "limit": page.limit,
            "offset": page.offset,
        },
    )
    return FoodHits(list(rows.scalars()), total, how)
