"""Would a cook put it there? A food's side of the table, and its flavour (common practice).

Sponge fingers are no wrap and breadcrumbs no granola, though each is bread in its way; chocolate
whey makes a vanilla loaf a chocolate one. What is neutral goes anywhere. These are rules for what
is proposed; by hand a cook swaps what a cook likes.
"""

import re
from collections.abc import Iterable
from functools import lru_cache
from typing import Final, Literal

from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.trade.kinds import FoodKind

Savour = Literal["sweet", "savoury", "neutral"]

_SWEET_KINDS: Final[frozenset[FoodKind]] = frozenset(
    {
        *("sugar", "brown_sugar", "powdered_sugar", "syrup", "jam", "sweetener", "brown_sweetener"),
        *("powdered_sweetener", "intense_sweetener", "chocolate", "pudding_mix"),
        *("whipped_topping", "fruit", "dried_fruit"),
    }
)
_SAVOURY_KINDS: Final[frozenset[FoodKind]] = frozenset(
    {
        *("mince", "poultry_mince", "poultry", "cured_meat", "meat", "fish", "mayonnaise", "wrap"),
        *("legumes", "pasta", "vegetable"),
    }
)
_SWEET: Final = re.compile(
    r"\b(?:biscuits?|cookies?|granola|cereal|sponge|lady ?fingers?|brioche|sweet(?:ened)?|vanilla"
    r"|chocolate|caramel|honey|frosted|graham|digestives?|speculoos|wafers?|meringue)\b",
    re.IGNORECASE,
)
_SAVOURY: Final = re.compile(
    r"\b(?:panko|tortilla|garlic|herbs?|onion|chill?i|stock|salted crackers?|tomato|sourdough"
    r"|rye|burger|savoury|parmesan|cheddar|pita|naan)\b",
    re.IGNORECASE,
)
_HOLDERS: Final = re.compile(
    r"\b(?:buns?|rolls?|bagels?|tortillas?|wraps?|pita|naan|flatbreads?|taco shells?)\b", re.I
)
_ROLES: Final = (
    # What stays crisp or soaks, what is a loaf or a wrap: neither does the other's work.
    re.compile(
        r"\b(?:biscuits?|cookies?|sponge|lady ?fingers?|wafers?|graham|digestives?)\b", re.I
    ),
    re.compile(
        r"\b(?:bread|buns?|brioche|rolls?|toast|bagels?|tortillas?|wraps?|pita|naan)\b", re.I
    ),
)
_FLAVOURS: Final = (
    *("chocolate|cocoa", "vanilla", "strawberry", "raspberry", "coffee|espresso|mocha", "peanut"),
    *("coconut", "caramel|toffee", "lemon", "cinnamon", "mint", "maple", "hazelnut", "matcha"),
    *("cookies? and cream|cookies? & cream", "pistachio", "salted caramel", "birthday cake"),
)
_BRING_THEIR_OWN: Final[frozenset[FoodKind]] = frozenset(
    {"fruit", "dried_fruit", "puree", "vegetable"}
)
"""Put in for what they are, and mild in a bake."""


@lru_cache(maxsize=4096)
def _side(name: str, kind: FoodKind) -> Savour:
    sweet, savoury = bool(_SWEET.search(name)), bool(_SAVOURY.search(name))
    if sweet != savoury:
        return "sweet" if sweet else "savoury"
    if kind in _SWEET_KINDS:
        return "sweet"
    return "savoury" if kind in _SAVOURY_KINDS else "neutral"


def side_of(food: Ingredient) -> Savour:
    """Sweet, savoury, or at home on both sides: by its names first, then by its kind."""
    return _side(f"{food.food} {food.label.name}", food.kind)


@lru_cache(maxsize=4096)
def _flavours(name: str) -> frozenset[str]:
    return frozenset(
        flavour for flavour in _FLAVOURS if re.search(rf"\b(?:{flavour})", name, re.IGNORECASE)
    )


def flavours_of(foods: Iterable[Ingredient]) -> frozenset[str]:
    """Flavours that the names of these foods say."""
    return frozenset(
        flavour for food in foods for flavour in _flavours(f"{food.food} {food.label.name}")
    )


def holds_the_dish(food: Ingredient) -> bool:
    """What is filled: there is one for each serving, and half of one holds nothing."""
    return bool(_HOLDERS.search(f"{food.food} {food.label.name}"))


def _other_role(old: Ingredient, new: Ingredient) -> bool:
    roles = [
        {i for i, role in enumerate(_ROLES) if role.search(f"{food.food} {food.label.name}")}
        for food in (old, new)
    ]
    return bool(roles[0] and roles[1]) and not roles[0] & roles[1]


def makes_sense(old: Ingredient, new: Ingredient, dish: Iterable[Ingredient], name: str) -> bool:
    """Whether `new` may stand where `old` was, in a dish of this `name` made of these foods."""
    if {side_of(old), side_of(new)} == {"sweet", "savoury"} or _other_role(old, new):
        return False
    if new.kind in _BRING_THEIR_OWN:
        return True
    return flavours_of([new]) <= flavours_of([*dish, old]) | _flavours(name)
