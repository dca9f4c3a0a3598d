"""What a food is called in the United States and in the United Kingdom, where it is the same food.

Words that mean two foods by place (pepper, jelly, double cream, tomato puree) are not in it: they
are asked about. Common practice.
"""

import re
from typing import Final

_MINCED: Final = ("beef", "turkey", "chicken", "pork", "lamb", "veal", "venison")

NAMES: Final[tuple[tuple[str, str], ...]] = (
    *((f"ground {meat}", f"{meat} mince") for meat in _MINCED),
    ("zucchini", "courgette"),
    ("zucchinis", "courgettes"),
    ("eggplant", "aubergine"),
    ("eggplants", "aubergines"),
    ("cilantro", "fresh coriander"),
    ("arugula", "rocket"),
    ("scallion", "spring onion"),
    ("scallions", "spring onions"),
    ("green onion", "spring onion"),
    ("green onions", "spring onions"),
    ("rutabaga", "swede"),
    ("bok choy", "pak choi"),
    ("snow peas", "mangetout"),
    ("shrimp", "prawns"),
    ("all-purpose flour", "plain flour"),
    ("whole-wheat flour", "wholemeal flour"),
    ("whole-wheat bread", "wholemeal bread"),
    ("self-rising flour", "self-raising flour"),
    ("cornstarch", "cornflour"),
    ("powdered sugar", "icing sugar"),
    ("confectioners sugar", "icing sugar"),
    ("superfine sugar", "caster sugar"),
    ("baking soda", "bicarbonate of soda"),
    ("molasses", "treacle"),
    ("canola oil", "rapeseed oil"),
    ("skim milk", "skimmed milk"),
    ("2% milk", "semi-skimmed milk"),
    ("heavy cream", "whipping cream"),
    ("garbanzo beans", "chickpeas"),
    ("lima beans", "butter beans"),
    ("navy beans", "haricot beans"),
    ("golden raisins", "sultanas"),
    ("ladyfingers", "sponge fingers"),
    ("phyllo", "filo"),
    ("potato chips", "crisps"),
    ("chili", "chilli"),
    ("yogurt", "yoghurt"),
    ("fiber", "fibre"),
    ("unflavored", "unflavoured"),
    ("food coloring", "food colouring"),
    ("caramelized", "caramelised"),
    ("beet", "beetroot"),
    ("beets", "beetroots"),
    ("mixed greens", "mixed salad leaves"),
)
"""Each food as (US, UK)."""

_SPELLED: Final = dict(NAMES)
_AMERICAN: Final = re.compile(
    r"\b(?:" + "|".join(sorted(map(re.escape, _SPELLED), key=len, reverse=True)) + r")\b"
)
_MINCED_FIRST: Final = re.compile(rf"\bminced ({'|'.join(_MINCED)})\b")


def in_one_spelling(text: str) -> str:
    """A name in lower case with its American words as British ones, for comparing."""
    return _MINCED_FIRST.sub(r"\1 mince", _AMERICAN.sub(lambda m: _SPELLED[m[0]], text))
