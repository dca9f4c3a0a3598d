"""What is done to a food, or said of it, that makes it no other one and changes no weight.

A closed list (common practice). A word that is not on it may change what a line means: toasted nuts
have lost water, soaked fruit has taken it up, a sifted cup holds less.
"""

import re
from typing import Final

MANNERS: Final = frozenset(
    {
        *("fresh", "freshly", "ripe", "overripe", "large", "medium", "small", "big", "baby"),
        *("organic", "good", "quality", "favourite", "favorite", "your"),
        *("chopped", "chop", "finely", "fine", "roughly", "coarsely", "coarse", "thinly", "thin"),
        *("thickly", "thick", "lightly", "well", "diced", "dice", "sliced", "slice", "cubed"),
        *("grated", "crushed", "peeled", "mashed", "minced", "shredded", "crumbled", "torn"),
        *("softened", "melted", "beaten", "whisked", "separated", "halved", "quartered", "cut"),
        *("cold", "chilled", "cool", "cooled", "warm", "hot", "lukewarm", "boiling", "thawed"),
        *("defrosted", "washed", "rinsed", "scrubbed", "trimmed", "cored", "hulled"),
        *("deseeded", "seeded", "pitted", "stoned", "stemmed", "deveined", "cleaned", "skinless"),
        *("boneless", "skinned", "filleted", "divided", "packed", "loosely"),
        *("of", "the", "a", "an", "and", "into", "at", "only"),
    }
)
"""Single words, dropped wherever they stand unless the food is called so itself."""

_SHAPES: Final = (
    r"(?:strips?|chunks?|cubes?|pieces?|wedges?|rounds?|rings?|slices?|halves|quarters|florets?"
    r"|matchsticks?|ribbons?|dice|batons?)"
)
_PHRASES: Final = re.compile(
    r"\bat room temperature\b|\broom temperature\b|\bfree[- ]range\b|\bfrom the fridge\b"
    r"|\b(?:to|for) (?:serve|serving|garnish|decorate|decoration|sprinkling|topping it)\b"
    rf"|\b(?:in|into)(?: \w+)? {_SHAPES}\b|\b\d+(?:[.,/]\d+)?\s*-?(?:cm|mm|inch(?:es)?)\b"
    r"|\bpatted dry\b|\bwashed and dried\b|\bif (?:needed|wanted|you like)\b",
    re.IGNORECASE,
)


def without_phrases(text: str) -> str:
    """The text without what several words say together."""
    return _PHRASES.sub(" ", text)


def is_preparation(text: str) -> bool:
    """Whether every word of it is known to change nothing."""
    words = re.findall(r"[^\W_]+", without_phrases(text).casefold())
    return all(word in MANNERS for word in words)
