"""A package beside its panel: what else is printed on it, and what the cook found out about it."""

from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.label.label import Label
from gasket.core.numbers import Amount, Number, Positive, Sparse, Value
from gasket.core.trade.states import FoodState

Allergen = Literal[
    "milk",
    "egg",
    "fish",
    "crustaceans",
    "tree_nuts",
    "peanut",
    "wheat",
    "soy",
    "sesame",
    "gluten",
    "celery",
    "mustard",
    "sulphites",
    "lupin",
    "molluscs",
]
AllergenSchool = Literal["us", "eu"]

ALLERGENS: Final[dict[AllergenSchool, tuple[Allergen, ...]]] = {
    # FALCPA and the FASTER Act: the nine major food allergens.
    "us": ("milk", "egg", "fish", "crustaceans", "tree_nuts", "peanut", "wheat", "soy", "sesame"),
    # Regulation (EU) 1169/2011, Annex II: fourteen. Wheat is one of the cereals containing gluten.
    "eu": (
        "gluten",
        "crustaceans",
        "egg",
        "fish",
        "peanut",
        "soy",
        "milk",
        "tree_nuts",
        "celery",
        "mustard",
        "sesame",
        "sulphites",
        "lupin",
        "molluscs",
    ),
}

Does = Literal["thickens", "dries", "sweetens", "flavours"]
"""What the food does to a build, known only by trying: the cook's own finding."""


def allergens_offered(school: AllergenSchool) -> tuple[Allergen, ...]:
    """What a cook may tick: the school's list, and wheat beside the cereals with gluten."""
    named = ALLERGENS[school]
    return named if "wheat" in named else (named[0], "wheat", *named[1:])


Flag = Literal[
    "raw_egg",
    "raw_flour",
    "raw_poultry",
    "raw_ground_meat",
    "raw_fish",
    "aspartame",
    "xylitol",
]
"""What drives the cautions of a dish that holds it."""


class Package(Value):
    """Everything about one package but its panel. None and empty are unknown, not none."""

    pack_g: Sparse[Positive] = None
    pack_ml: Sparse[Positive] = None
    pack_pieces: Sparse[Positive] = None
    drained_g: Sparse[Positive] = None
    price: Sparse[Amount] = None
    state: Sparse[FoodState] = None
    allergens: tuple[Allergen, ...] = ()
    may_contain: tuple[Allergen, ...] = ()
    does: tuple[Does, ...] = ()
    sweetness: Sparse[Annotated[Number, Field(ge=0, le=5000)]] = None
    flags: tuple[Flag, ...] = ()
    note: Annotated[str, Field(max_length=2000)] = ""
    made_from: Sparse[Annotated[int, Field(ge=1, le=2**63 - 1)]] = None
    """The batch of the kitchen's own that this is made of; `made_part` is which component."""
    made_part: Annotated[str, Field(max_length=200)] = ""

    @model_validator(mode="after")
    def _drained_is_a_part(self) -> Self:
        if self.drained_g and self.pack_g and self.drained_g > self.pack_g:
            raise PydanticCustomError(
                "drained", "The drained weight cannot be more than the pack weighs."
            )
        return self


def pack_weight_g(package: Package, label: Label) -> float | None:
    """Grams that the pack holds, as used: drained where the panel speaks of drained food."""
    if package.drained_g is not None and package.state == "drained":
        return package.drained_g
    if package.pack_g is not None:
        return package.pack_g
    if package.pack_ml is not None and label.density is not None:
        return package.pack_ml * label.density
    if package.pack_pieces is not None and label.piece_g is not None:
        return package.pack_pieces * label.piece_g
    return None


def price_per_g(package: Package, label: Label) -> float | None:
    """Price of a gram as used; None while the price or the pack's weight is unknown."""
    weight = pack_weight_g(package, label)
    return None if package.price is None or not weight else package.price / weight


def allergens_named(allergens: tuple[Allergen, ...], school: AllergenSchool) -> list[Allergen]:
    """The allergens that `school` names, in its order; the EU names wheat among gluten cereals."""
    named = set(allergens)
    if school == "eu" and "wheat" in named:
        named.add("gluten")
    return [allergen for allergen in ALLERGENS[school] if allergen in named]
