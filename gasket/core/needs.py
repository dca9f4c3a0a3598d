"""Variants for a need: what a build must do without, and which of its lines stand in the way."""

from collections.abc import Iterator, Sequence
from typing import Final, TypeVar

from gasket.core.ingredients import Ingredient
from gasket.core.kinds import MEATS, POWDERS, FoodKind
from gasket.core.numbers import Answer
from gasket.core.packages import Allergen
from gasket.core.trial import Need
from gasket.core.workpiece import PlacedLine, Workpiece

T = TypeVar("T")

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
    barred = [one for one in food.package.allergens if one in _BARRED[need]]
    if barred:
        return f"its label names {', '.join(one.replace('_', ' ') for one in barred)}"
    if food.kind in _BARRED_KINDS[need] and not _says_otherwise(need, food):
        return "of its kind"
    return None


def _says_otherwise(need: Need, food: Ingredient) -> bool:
    text = f"{food.food} {food.label.name}".lower()
    words = ("vegan", "plant") if need == "vegan" else _NAMED_PLANT
    return need in ("vegan", "gluten_free") and any(word in text for word in words)


def in_the_way(bench: Workpiece) -> Iterator[InTheWay]:
    """Every line that stands in the way of a need, traces too."""
    for need in bench.build.terms.needs:
        for one in bench.lines():
            if one.line.off:
                continue
            reason = _reason(need, one.ingredient)
            traces = [t for t in one.ingredient.package.may_contain if t in _BARRED[need]]
            if reason is not None:
                yield _found(need, one, reason, certain=True)
            elif traces:
                named = ", ".join(t.replace("_", " ") for t in traces)
                yield _found(need, one, f"may contain {named}", certain=False)


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


class Contains(Answer):
    """What the build holds by its labels. `unsaid` are packages that name no allergens at all."""

    allergens: tuple[Allergen, ...]
    may_contain: tuple[Allergen, ...]
    flags: tuple[str, ...]
    unsaid: tuple[str, ...]


def contains(bench: Workpiece) -> Contains:
    """Allergens and cautions of everything that counts in the build."""
    used = [one.ingredient for one in bench.lines() if one.amount > 0]
    named = _once(a for food in used for a in food.package.allergens)
    return Contains(
        allergens=named,
        may_contain=tuple(
            one
            for one in _once(a for food in used for a in food.package.may_contain)
            if one not in named
        ),
        flags=_once(flag for food in used for flag in food.package.flags),
        unsaid=_once(food.name for food in used if _could_say(food)),
    )


def _could_say(food: Ingredient) -> bool:
    plain: Sequence[FoodKind] = (
        *("salt", "spice", "water", "fruit", "vegetable", "baking_soda", "sugar", "oil"),
    )
    return not food.package.allergens and food.kind not in plain


def _once(found: Iterator[T]) -> tuple[T, ...]:
    return tuple(dict.fromkeys(found))
