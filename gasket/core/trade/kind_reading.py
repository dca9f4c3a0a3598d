"""Which kind of food a name says (common practice).

Claims such as "sugar-free" are laid aside, what follows a comma is put before the head ("sugar,
brown"), and of the words that name a kind the one that ends last wins: pizza sauce is a sauce,
coconut sugar is a sugar. A plant word turns milk, yogurt, cheese, powders and meats into those of
plants.
"""

import re
from collections.abc import Iterable
from functools import lru_cache
from typing import Final, Literal, NamedTuple

from gasket.core.trade.kind_words import SAYS, KindOrMeat
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.meats import Form, Meat, meat_in
from gasket.core.trade.name_reading import Hit, Lexicon, Words, tokens_of, without

KindBy = Literal["said", "name", "other names", "nothing"]
"""Who says of what kind a food is: the cook, its own name, its aliases or its package; nobody."""
_MEAT_KINDS: Final[dict[Form, FoodKind]] = {
    "ground": "mince",
    "sausage": "cured_meat",
    "bacon": "cured_meat",
    "ready": "cured_meat",
    "whole": "meat",
}
_STRONG: Final = Lexicon(SAYS)
_CLAIMS: Final = Lexicon(
    {
        True: (
            *("sugar free", "fat free", "gluten free", "dairy free", "lactose free", "salt free"),
            *("no added sugar", "no sugar added", "reduced fat", "low fat", "low sugar"),
            *(
                "reduced sugar",
                "low carb",
                "low calorie",
                "zero sugar",
                "zero calorie",
                "low sodium",
            ),
            *("light", "lite", "diet", "zero", "low", "reduced", "high protein", "unsweetened"),
            *("natural", "complete", "instant", "mini", "organic", "keto", "fat", "lean", "free"),
            *("reduced fat", "nonfat", "non fat", "skimmed", "part skim", "semi skimmed", "thin"),
            *(
                "large",
                "small",
                "medium",
                "plain",
                "classic",
                "original",
                "extra",
                "pure",
                "calorie",
            ),
        )
    }
)
_PLANTS: Final = frozenset({"soy", "soya", "coconut", "oat", "oats", "almond", "cashew", "pea"})
"""They mean a food of plants where they stand right before it: else they may be a flavour."""
_PLANT_SAID: Final = Lexicon({True: ("vegan", "plant based", "plant", "dairy free", "meat free")})
_OF_PLANTS: Final[dict[str, FoodKind]] = {
    "thick_yogurt": "plant_yogurt",
    "cheese": "plant_cheese",
    "cream_cheese": "plant_cheese",
    "cottage_cheese": "plant_cheese",
    "milk": "plant_milk",
    "cream": "plant_milk",
    "protein_blend": "plant_protein",
    "deli_meat": "plant_meat",
    "jerky": "plant_meat",
}
_SUGAR_FREE: Final[dict[str, FoodKind]] = {
    "powdered_sugar": "powdered_sweetener",
    "brown_sugar": "brown_sweetener",
    "sugar": "sweetener",
}
_NO_SUGAR: Final = re.compile(r"\b(?:sugar[- ]free|zero|no sugar)\b", re.IGNORECASE)
_BRACKET: Final = re.compile(r"[(\[].*$")
_IN: Final = re.compile(r"\s(?:in|for|with)\s.*$", re.IGNORECASE)
_BESIDE: Final = re.compile(r"\b\d+(?:[.,]\d+)?\s*%")


@lru_cache(maxsize=65536)
def read_kind(name: str) -> FoodKind | None:
    """The kind that a name says; None where it says none."""
    text = _BESIDE.sub(" ", _BRACKET.sub("", name))
    for part in (_IN.sub("", text), text):
        head, *before = [piece for piece in part.split(",") if piece.strip()] or [""]
        for words in (tokens_of(" ".join([*reversed(before), head])), tokens_of(head)):
            plain = without(words, _CLAIMS)
            for read in (plain, words):
                hit = _STRONG.last(read)
                if hit is not None and (kind := _meant(hit, read, name)) is not None:
                    return kind
    return _meat_kind(name)


def _meant(hit: Hit[KindOrMeat], words: Words, name: str) -> FoodKind | None:
    said = hit.means
    if said in _SUGAR_FREE and _NO_SUGAR.search(name):
        return _SUGAR_FREE[said]
    if said == "a meat":
        meat = _meat_kind(name)
        return "plant_meat" if meat is None and _of_plants(hit, words, name) else meat
    if said in _OF_PLANTS and _of_plants(hit, words, name):
        return _OF_PLANTS[said]
    return said


def _of_plants(hit: Hit[KindOrMeat], words: Words, name: str) -> bool:
    before = words[hit.start - 1] if hit.start else ""
    return before in _PLANTS or _PLANT_SAID.last(tokens_of(name)) is not None


def _meat_kind(name: str) -> FoodKind | None:
    meat = meat_in(name)
    return None if meat is None else _kind_of(meat)


def _kind_of(meat: Meat) -> FoodKind:
    if meat.animal == "fish":
        return "fish"
    if meat.animal == "poultry" and meat.form in ("ground", "whole"):
        return "poultry_mince" if meat.form == "ground" else "poultry"
    return _MEAT_KINDS[meat.form]


def guess_kind(names: Iterable[str]) -> FoodKind | None:
    """The kind that the first telling name says, in the order of `names`; None tells nothing."""
    return next((kind for name in names if (kind := read_kind(name)) is not None), None)


class KindReading(NamedTuple):
    """A kind and who says so. Only what the cook or the food's own name says is sure."""

    kind: FoodKind
    by: KindBy

    @property
    def sure(self) -> bool:
        """Whether the cook or the food's own name says it."""
        return self.by in ("said", "name")


def kind_read(
    stated: FoodKind | None, food: str, aliases: tuple[str, ...], label: str
) -> KindReading:
    """What the cook says it is, or else what its names suggest."""
    if stated is not None:
        return KindReading(stated, "said")
    if named := guess_kind((food,)):
        return KindReading(named, "name")
    if guessed := guess_kind((*aliases, label)):
        return KindReading(guessed, "other names")
    return KindReading("other", "nothing")
