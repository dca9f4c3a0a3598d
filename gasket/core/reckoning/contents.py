"""What is in a dish by its labels: allergens, traces, cautions, and which packages say nothing.

Allergens are carried from labels to the card (FALCPA and FASTER: nine; (EU) 1169/2011 Annex II:
fourteen).
"""

from collections.abc import Iterable
from typing import Final, NamedTuple, TypeVar

from gasket.core.label.package import Allergen, AllergenSchool, Flag, Package, allergens_named
from gasket.core.numbers import Answer
from gasket.core.trade.kinds import FoodKind

T = TypeVar("T")

_NOTHING_TO_SAY: Final[frozenset[FoodKind]] = frozenset(
    {"salt", "spice", "water", "fruit", "vegetable", "baking_soda", "sugar", "oil"}
)


class Contains(Answer):
    """What a dish holds by its labels. `unsaid` are packages that name no allergens at all and are
    of a kind that could hold some."""

    allergens: tuple[Allergen, ...]
    may_contain: tuple[Allergen, ...]
    flags: tuple[Flag, ...]
    unsaid: tuple[str, ...]


class PackageUsed(NamedTuple):
    """A package that went in."""

    name: str
    kind: FoodKind
    package: Package


def contains(used: Iterable[PackageUsed], school: AllergenSchool | None = None) -> Contains:
    """Everything that `used` holds, once; in the names and the order of a `school`, else as the
    labels name it."""
    foods = [*used]
    there = _once(allergen for food in foods for allergen in food.package.allergens)
    traces = _once(allergen for food in foods for allergen in food.package.may_contain)
    if school is not None:
        there, traces = (tuple(allergens_named(named, school)) for named in (there, traces))
    return Contains(
        allergens=there,
        may_contain=tuple(trace for trace in traces if trace not in there),
        flags=_once(flag for food in foods for flag in food.package.flags),
        unsaid=_once(food.name for food in foods if _could_say_more(food)),
    )


def _could_say_more(food: PackageUsed) -> bool:
    says = food.package.allergens or food.package.may_contain
    return not says and food.kind not in _NOTHING_TO_SAY


def _once(items: Iterable[T]) -> tuple[T, ...]:
    return tuple(dict.fromkeys(items))
