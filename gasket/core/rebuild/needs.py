"""Variants for a need: what a build must do without, and which of its lines stand in the way."""

from collections.abc import Iterator
from typing import Final

from gasket.core.label.package import Allergen
from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Need
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.reckoning.contents import Contains, Used, contains
from gasket.core.trade.kinds import MEATS, POWDERS, FoodKind

NEED_NAMES: Final[dict[Need, str]] = {
    "vegan": "vegan",
    "no_protein_powder": "without protein powder",
    "gluten_free": "gluten-free",
    "nut_free": "nut-free",
}

_BARRED: Final[dict[Need, frozenset[Allergen]]] = {
    "vegan": frozenset({"milk", "egg", "fish", "crustaceans", "molluscs"}),
    "no_protein_powder": frozenset(),
    "gluten_free": frozenset({"gluten", "wheat"}),
    "nut_free": frozenset({"tree_nuts", "peanut"}),
}
_ANIMAL: Final[frozenset[FoodKind]] = MEATS | {
    *("egg", "egg_white", "egg_yolk", "butter", "cream_cheese", "cream", "thick_yogurt"),
    *("cottage_cheese", "cheese", "milk", "whey_powder", "protein_blend", "mayonnaise"),
}
_BARRED_KINDS: Final[dict[Need, frozenset[FoodKind]]] = {
    "vegan": _ANIMAL,
    "no_protein_powder": POWDERS,
    "gluten_free": frozenset({"flour", "self_raising_flour", "bread", "wrap", "pasta", "crumbs"}),
    "nut_free": frozenset({"nuts", "nut_butter", "peanut_powder", "nut_flour"}),
}
_NAMED_PLANT: Final = ("vegan", "plant", "gluten-free", "gluten free", "rice", "corn")


class InTheWay(Answer):
    """A line that a need rules out, or one whose package does not say enough."""

    need: Need
    line_id: str
    name: str
    says: str
    certain: bool


def breaks(need: Need, food: Ingredient) -> bool:
    """Whether this package rules the need out, by its allergens or by what kind of thing it is."""
    return _reason(need, food) is not None


def _reason(need: Need, food: Ingredient) -> str | None:
    barred = [allergen for allergen in food.package.allergens if allergen in _BARRED[need]]
    if barred:
        return f"its label names {', '.join(allergen.replace('_', ' ') for allergen in barred)}"
    if food.kind in _BARRED_KINDS[need] and not _says_otherwise(need, food):
        return "of its kind"
    return None


def _says_otherwise(need: Need, food: Ingredient) -> bool:
    text = f"{food.food} {food.label.name}".lower()
    words = ("vegan", "plant") if need == "vegan" else _NAMED_PLANT
    return need in ("vegan", "gluten_free") and any(word in text for word in words)


def in_the_way(piece: Workpiece) -> Iterator[InTheWay]:
    """Every line that stands in the way of a need, traces too."""
    for need in piece.build.terms.needs:
        for placed in piece.lines():
            if placed.line.off:
                continue
            reason = _reason(need, placed.ingredient)
            traces = [t for t in placed.ingredient.package.may_contain if t in _BARRED[need]]
            if reason is not None:
                yield _found(need, placed, reason, certain=True)
            elif traces:
                named = ", ".join(t.replace("_", " ") for t in traces)
                yield _found(need, placed, f"may contain {named}", certain=False)


def _found(need: Need, one: PlacedLine, reason: str, *, certain: bool) -> InTheWay:
    name = one.ingredient.name
    return InTheWay(
        need=need,
        line_id=one.line.id,
        name=name,
        says=f"{name} is not {NEED_NAMES[need]}: {reason}."
        if certain
        else f"{name} {reason}: look whether that is good enough.",
        certain=certain,
    )


def in_the_build(piece: Workpiece) -> Contains:
    """What the build holds: everything that counts in it."""
    used = (placed.ingredient for placed in piece.lines() if placed.amount > 0)
    return contains(Used(food.name, food.kind, food.package) for food in used)
