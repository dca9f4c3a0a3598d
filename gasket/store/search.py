"""Finding foods by their names, aliases and packages: SQLite's full-text index, and spelling.

Words are matched by their beginnings first ("cott ch" finds cottage cheese), plurals as well as
singulars. When that finds nothing, each word may be misspelt: it is replaced by the words of the
shelf that are one or two letters away. When that finds nothing either, some of the words will do
("fresh baby spinach" finds spinach), and the answer says how loosely it was found.
"""

import re
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final, Literal

from rapidfuzz import process
from rapidfuzz.distance import OSA
from sqlalchemy import text
from sqlmodel import Session

How = Literal["words", "spelling", "some words"]

_INDEX: Final = "food_search"
_VOCABULARY: Final = text(
    "SELECT term FROM food_search_words WHERE length(term) BETWEEN :shortest AND :longest"
)
_SHORTEST_MISSPELT: Final = 4
_MOST_SPELLINGS: Final = 8
_MOST_WORDS: Final = 12


@dataclass(frozen=True)
class Found:
    """Ids of foods, best first, how many there are in all, and how loosely they were found."""

    ids: list[int]
    total: int
    how: How


@dataclass(frozen=True)
class Words:
    """What a food can be found by."""

    food_id: int
    name: str
    aliases: Iterable[str]
    packages: Iterable[str]


def index(session: Session, foods: list[Words]) -> None:
    """Put foods' words in the index."""
    if foods:
        session.execute(
            text(f"INSERT INTO {_INDEX} (rowid, name, aliases, packages) VALUES (:id, :n, :a, :p)"),
            [
                {
                    "id": one.food_id,
                    "n": one.name,
                    "a": " ; ".join(one.aliases),
                    "p": " ; ".join(one.packages),
                }
                for one in foods
            ],
        )


def unindex(session: Session, food_ids: list[int]) -> None:
    if food_ids:
        session.execute(
            text(f"DELETE FROM {_INDEX} WHERE rowid = :id"), [{"id": key} for key in food_ids]
        )


def find(session: Session, words: str, limit: int, offset: int = 0) -> Found:
    """Foods for what was typed; the exact name first, then names that begin so, then recent."""
    tokens = re.findall(r"\w+", words.casefold())[:_MOST_WORDS]
    if not tokens:
        return Found([], 0, "words")
    forms = [_forms(token) for token in tokens]
    found = _matching(session, words, _all_of(forms), limit, offset, "words")
    if found.total:
        return found
    spelt = [[*own, *_spellings(session, one)] for one, own in zip(tokens, forms, strict=True)]
    found = _matching(session, words, _all_of(spelt), limit, offset, "spelling")
    if found.total or len(tokens) == 1:
        return found
    return _matching(session, words, _any_of(spelt), limit, offset, "some words")


def _forms(token: str) -> list[str]:
    """The word as a beginning, and its singular whole."""
    return [f'"{token}"*', *(f'"{one}"' for one in _singulars(token))]


def _singulars(token: str) -> list[str]:
    """What the last word may be the plural of."""
    singulars = []
    if token.endswith("ies") and len(token) > 4:
        singulars.append(token[:-3] + "y")
    if token.endswith("ves") and len(token) > 4:
        singulars.append(token[:-3] + "f")
    if token.endswith("es") and len(token) > 3:
        singulars.append(token[:-2])
    if token.endswith("s") and len(token) > 2:
        singulars.append(token[:-1])
    return singulars


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
    return " AND ".join(f"({' OR '.join(one)})" for one in forms)


def _any_of(forms: list[list[str]]) -> str:
    return " OR ".join(form for one in forms for form in one)


def _matching(session: Session, words: str, query: str, limit: int, offset: int, how: How) -> Found:
    total = session.execute(
        text(f"SELECT count(*) FROM {_INDEX} WHERE {_INDEX} MATCH :query"), {"query": query}
    ).scalar_one()
    if not total:
        return Found([], 0, how)
    loosely = how == "some words"
    plain = " ".join(words.casefold().split())
    singular = _singulars(plain) or [plain]
    rows = session.execute(
        text(
            f"SELECT food.id FROM {_INDEX} JOIN food ON food.id = {_INDEX}.rowid"
            f" WHERE {_INDEX} MATCH :query"
            " ORDER BY lower(food.name) IN (:plain, :one, :other) DESC,"
            f" {'bm25(food_search, 6, 4, 1),' if loosely else ''}"
            " (food.name LIKE :begins ESCAPE '\\') DESC, food.used_at IS NULL, food.used_at DESC,"
            " food.typical, bm25(food_search, 6, 4, 1), length(food.name), food.name"
            " LIMIT :limit OFFSET :offset"
        ),
        {
            "query": query,
            "plain": plain,
            "one": singular[0],
            "other": singular[-1],
            "begins": re.sub(r"([%_\\])", r"\\\1", plain) + "%",
            "limit": limit,
            "offset": offset,
        },
    )
    return Found(list(rows.scalars()), total, how)
