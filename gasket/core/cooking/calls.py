"""What a build calls for: a bun is toasted, crumbs coat, dry pasta is boiled only where there is
one."""

import re
from collections.abc import Collection, Sequence
from typing import Final

from gasket.core.cooking.parts import role_of
from gasket.core.cooking.safety import InTheBuild, is_raw
from gasket.core.trade.families import Call
from gasket.core.trade.kinds import FLOURS, FoodKind
from gasket.core.trade.name_reading import tokens_of

_BY_KIND: Final[dict[FoodKind, tuple[Call, ...]]] = {
    "bread": ("bread",),
    "pie_crust": ("crust",),
    "crumbs": ("crumbs",),
    "cereal": ("crumbs",),
    "wafer": ("crumbs",),
    "snack": ("crumbs",),
    "egg_white": ("egg_white",),
    "oats": ("oats",),
    "potato": ("potato",),
    "rice": ("rice",),
    "vegetable": ("vegetable",),
    "cream_cheese": ("soft_cheese",),
    "yeast": ("yeast",),
    "mince": ("mince", "meat"),
    "poultry_mince": ("mince", "meat"),
}
_BUN: Final = re.compile(r"\b(?:buns?|rolls?|baps?|brioche|muffins?)\b", re.IGNORECASE)
_NOT_BOILED: Final = re.compile(r"\b(?:oven[- ]ready|no[- ]boil|fresh)\b", re.IGNORECASE)
_ICE: Final = re.compile(r"\bice\b(?! cream)", re.IGNORECASE)
_DOUGH_FLOUR: Final = 0.20


_VESSELS: Final[dict[str, Call]] = {
    **dict.fromkeys(("loaf", "bread", "cornbread"), "loaf"),
    **dict.fromkeys(("muffin", "cupcake", "cup", "donut", "doughnut", "bite", "bun"), "cups"),
}


def calls_of(
    foods: Sequence[InTheBuild], components: Collection[str], dish: str = ""
) -> frozenset[Call]:
    """What the foods, the components and the name of a build call for."""
    calls: set[Call] = {_VESSELS[word] for word in tokens_of(dish) if word in _VESSELS}
    for food in foods:
        calls.update(_BY_KIND.get(food.kind, ()))
        calls.update(_by_name(food))
    if _is_dough(foods):
        calls.add("dough")
    if any(role_of(name) == "base" for name in components):
        calls.add("crust")
    return frozenset(calls)


def _by_name(food: InTheBuild) -> set[Call]:
    calls: set[Call] = set()
    if food.kind == "bread" and _BUN.search(food.name):
        calls.add("bun")
    if food.kind == "pasta" and food.state != "cooked":
        calls.add("oven_ready" if _NOT_BOILED.search(food.name) else "dry_pasta")
    if food.kind == "water" and _ICE.search(food.name):
        calls.add("ice")
    if is_raw(food):
        calls.add("meat")
    return calls


def _is_dough(foods: Sequence[InTheBuild]) -> bool:
    """Flour enough for a dough; of unknown grams any flour is."""
    flour = [food for food in foods if food.kind in FLOURS]
    if any(food.grams is None for food in flour):
        return True
    whole = sum(food.grams or 0.0 for food in foods)
    return bool(flour) and sum(food.grams or 0.0 for food in flour) >= _DOUGH_FLOUR * whole
