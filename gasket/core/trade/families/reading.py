"""Which family the name of a dish says (common practice).

The part before a comma, a bracket or a word such as "with" is read first. Of the words that name a
family the one that ends last wins: a brownie waffle is a waffle. Words of form (bar, ball, bite,
cup) say something only where no other word does; words of flavour count only if nothing else is
left.
"""

from collections.abc import Iterator
from functools import lru_cache
from typing import Final, NamedTuple

from gasket.core.trade.families import BY_KEY
from gasket.core.trade.name_reading import Hit, Lexicon, Words, parts_of, tokens_of


class FamilyReading(NamedTuple):
    """A family, and the words of the name that say it."""

    key: str
    words: str


_STRONG: Final = Lexicon({family.key: family.says for family in BY_KEY.values()})
_WEAK: Final = Lexicon(
    {
        "no_bake": ("bar", "ball", "square", "cup"),
        "bite": ("bite",),
        "pot": ("jar", "pot"),
        "frozen": ("pop",),
        "tray": ("tray",),
    }
)
_FLAVOURS: Final = Lexicon(
    {
        True: (
            "chocolate chips",
            "chocolate chip",
            "cookies and cream",
            "birthday cake",
            "cake batter",
            "brownie batter",
            "peanut butter and jelly",
            "peanut butter",
            "almond butter",
            "cookie butter",
            "lettuce wrapped",
            "rice cake",
            "salted caramel",
            "soy sauce",
            "cream cheese",
        )
    }
)
_CUTS: Final = frozenset({"with", "topped", "in", "on", "over", "for", "from", "made"})
_HELD: Final = {"bowl": "bowl", "jar": "jar", "mug": "mug", "glass": "glass", "cup": "mug"}
"""What a dish "in a mug" is served in: that is read as a word, and does not cut."""
_NOT_BAKED: Final = (("no", "bake"), ("nobake",), ("raw",), ("edible",), ("unbaked",))
_UNBAKED: Final = {
    "brownie": "no_bake",
    "bite": "no_bake",
    "cookie": "no_bake",
    "cake": "no_bake",
    "baked_cup": "no_bake",
    "custard": "pot",
    "fruit_bake": "pot",
    "tray": "no_bake",
}


@lru_cache(maxsize=16384)
def read_family(name: str) -> FamilyReading | None:
    """The family that the name of a dish says, and by which words; None where it says nothing."""
    words, unbaked = _without_state(_held(tokens_of(name)))
    hit = next(_hits(words), None)
    if hit is None:
        return FamilyReading("frozen", "frozen") if "frozen" in words else None
    return FamilyReading(_UNBAKED.get(hit.means, hit.means) if unbaked else hit.means, hit.says)


def _hits(words: Words) -> Iterator[Hit[str]]:
    """The best of each part and kind of word, the most telling first."""
    parts = [*parts_of(words, _CUTS)]
    for part in parts:
        hidden = [*_FLAVOURS.hits(part)]
        yield from (hit for hit in _STRONG.hits(part) if not _within(hit, hidden))
    for part in parts:
        yield from _WEAK.hits(part)
    for part in parts:
        yield from _STRONG.hits(part)


def _within(hit: Hit[str], hidden: list[Hit[bool]]) -> bool:
    return any(flavour.start <= hit.start and hit.end <= flavour.end for flavour in hidden)


def _held(words: Words) -> Words:
    """ "in a bowl" as the one word "inbowl", out of the reach of the words that cut."""
    held: list[str] = []
    i = 0
    while i < len(words):
        after = words[i + 1 : i + 3]
        if words[i] == "in" and len(after) == 2 and after[0] in ("a", "the") and after[1] in _HELD:
            held.append(f"in{_HELD[after[1]]}")
            i += 3
        else:
            held.append(words[i])
            i += 1
    return tuple(held)


def _without_state(words: Words) -> tuple[Words, bool]:
    """The words without "no-bake", "raw" or "edible", and whether one of them was there."""
    for state in _NOT_BAKED:
        for i in range(len(words) - len(state) + 1):
            if words[i : i + len(state)] == state and len(words) > len(state):
                left = words[:i] + words[i + len(state) :]
                return left, True
    return words, False
