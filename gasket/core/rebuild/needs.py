"""Variants for a need: what a build must do without, and which of its lines stand in the way."""

import re
from collections.abc import Iterable, Iterator
from typing import Final

from gasket.core.label.package import Allergen
from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import DietNeed
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.reckoning.contents import Contains, PackageUsed, contains
from gasket.core.trade.kinds import MEATS, POWDERS, FoodKind

NEED_NAMES: Final[dict[DietNeed, str]] = {
    "vegan": "vegan",
    "no_protein_powder": "without protein powder",
    "gluten_free": "gluten-free",
    "nut_free": "nut-free",
}

_BARRED: Final[dict[DietNeed, frozenset[Allergen]]] = {
    "vegan": frozenset({"milk", "egg", "fish", "crustaceans", "molluscs"}),
    "no_protein_powder": frozenset(),
    "gluten_free": frozenset({"gluten", "wheat"}),
    "nut_free": frozenset({"tree_nuts", "peanut"}),
}
_ANIMAL: Final[frozenset[FoodKind]] = MEATS | {
    *("egg", "egg_white", "egg_yolk", "butter", "cream_cheese", "cream", "thick_yogurt"),
    *("cottage_cheese", "cheese", "milk", "whey_powder", "protein_blend", "mayonnaise"),
    *("milk_powder", "creamer", "ice_cream", "savoury_dust"),
}
_OF_WHEAT: Final[frozenset[FoodKind]] = frozenset(
    {
        *("flour", "self_raising_flour", "bread", "wrap", "pasta", "crumbs", "mix", "cookie"),
        *("wafer", "cereal", "pie_crust"),
    }
)
_BARRED_KINDS: Final[dict[DietNeed, frozenset[FoodKind]]] = {
    "vegan": _ANIMAL,
    "no_protein_powder": POWDERS,
    "gluten_free": _OF_WHEAT,
    "nut_free": frozenset({"nuts", "nut_butter", "peanut_powder", "nut_flour"}),
}
_SAYS_IT_IS_FREE: Final[dict[DietNeed, re.Pattern[str]]] = {
    "vegan": re.compile(r"\b(?:vegan|plant)\b", re.IGNORECASE),
    "gluten_free": re.compile(r"\b(?:gluten[- ]free|rice|corn|maize)\b", re.IGNORECASE),
}


class InTheWay(Answer):
    """A line that a need rules out, or one whose package does not say enough."""

    need: DietNeed
    line_id: str
    name: str
    says: str
    certain: bool


def breaks(need: DietNeed, food: Ingredient) -> bool:
    """Whether this package rules the need out, by its allergens or by what kind of thing it is. A
    kind that is only guessed does not."""
    return _reason(need, food) is not None


def keeps_out(need: DietNeed, food: Ingredient) -> bool:
    """Whether this package is not to come in for the need: it rules it out, or nobody says."""
    return breaks(need, food) or _unsaid(need, food)


def _reason(need: DietNeed, food: Ingredient) -> str | None:
    barred = [allergen for allergen in food.package.allergens if allergen in _BARRED[need]]
    if barred:
        return f"its label names {_named(barred)}"
    if food.kind_sure and food.kind in _BARRED_KINDS[need] and not _says_it_is_free(need, food):
        return "of its kind"
    return None


def _doubt(need: DietNeed, food: Ingredient) -> str | None:
    """What may rule the need out: traces, or that nobody says what it is made of."""
    traces = [trace for trace in food.package.may_contain if trace in _BARRED[need]]
    if traces:
        return f"may contain {_named(traces)}"
    return "does not say what it is made of" if _unsaid(need, food) else None


def _unsaid(need: DietNeed, food: Ingredient) -> bool:
    told = food.kind_sure or food.package.allergens or food.package.may_contain
    return not told and bool(_BARRED[need]) and not _says_it_is_free(need, food)


def _named(allergens: Iterable[Allergen]) -> str:
    return ", ".join(allergen.replace("_", " ") for allergen in allergens)


def _says_it_is_free(need: DietNeed, food: Ingredient) -> bool:
    says = _SAYS_IT_IS_FREE.get(need)
    return says is not None and says.search(f"{food.food} {food.label.name}") is not None


def in_the_way(piece: Workpiece) -> Iterator[InTheWay]:
    """Every line that stands in the way of a need, or may."""
    for need in piece.build.terms.needs:
        for placed in piece.lines():
            if placed.line.off:
                continue
            food = placed.ingredient
            if reason := _reason(need, food):
                yield _found(need, placed, reason, certain=True)
            elif doubt := _doubt(need, food):
                yield _found(need, placed, doubt, certain=False)


def _found(need: DietNeed, one: PlacedLine, reason: str, *, certain: bool) -> InTheWay:
    name = one.ingredient.name
    return InTheWay(
        need=need,
        line_id=one.line.id,
        name=name,
        says=f"{name} is not {NEED_NAMES[need]}: {reason}."
        if certain
        else f"{name} {reason}: read its label.",
        certain=certain,
    )


def in_the_build(piece: Workpiece) -> Contains:
    """What the build holds: everything that counts in it."""
    used = (placed.ingredient for placed in piece.lines() if placed.amount > 0)
    return contains(PackageUsed(food.name, food.kind, food.package) for food in used)
