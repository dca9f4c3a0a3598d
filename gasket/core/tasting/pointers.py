"""What a word points to: more or less of what, by how much (common practice)."""

from dataclasses import dataclass
from typing import Final

from gasket.core.trade.kinds import ACIDS, POWDERS, FoodKind
from gasket.core.trade.step_kinds import StepKind


@dataclass(frozen=True)
class Pointer:
    """More or less of a kind of food. The line of these kinds that is most of a serving moves by
    `factor`; `should` is what that does, `learns` what is known afterwards."""

    key: str
    words: frozenset[str]
    what: str
    kinds: frozenset[FoodKind]
    factor: float
    should: str

    @property
    def does(self) -> str:
        """The change in words."""
        return f"{'More' if self.factor > 1 else 'Less'} {self.what}"

    @property
    def learns(self) -> str:
        """What is known after it."""
        return f"whether {'too little' if self.factor > 1 else 'too much'} {self.what} is to blame"


@dataclass(frozen=True)
class HeatPointer:
    """A longer or shorter time in the heat."""

    key: str
    words: frozenset[str]
    kinds: frozenset[StepKind]
    factor: float
    should: str

    @property
    def does(self) -> str:
        return f"{'Longer' if self.factor > 1 else 'Shorter'} in the heat"

    @property
    def learns(self) -> str:
        return "whether it’s the time in the heat"


_FATS: Final[frozenset[FoodKind]] = frozenset(
    {"butter", "spread", "oil", "nut_butter", "egg_yolk", "cream_cheese", "cream", "mayonnaise"}
)
_WET: Final[frozenset[FoodKind]] = frozenset(
    {
        *("milk", "plant_milk", "thick_yogurt", "plant_yogurt", "cottage_cheese", "puree"),
        *("water", "juice", "stock", "soft_drink"),
    }
)
_SWEET: Final[frozenset[FoodKind]] = frozenset(
    {
        *("sugar", "brown_sugar", "powdered_sugar", "syrup", "sweetener", "brown_sweetener"),
        *("powdered_sweetener", "intense_sweetener"),
    }
)
_POLYOLS: Final[frozenset[FoodKind]] = frozenset(
    {"sweetener", "brown_sweetener", "powdered_sweetener", "intense_sweetener"}
)
_LIFT: Final[frozenset[FoodKind]] = frozenset({"baking_powder", "baking_soda", "yeast"})
_THICK: Final[frozenset[FoodKind]] = frozenset({"gum", "starch", "pudding_mix", "gelatine"})
_BAKES: Final[frozenset[StepKind]] = frozenset({"bake", "microwave", "machine", "pan"})


def _to(
    key: str, words: str, what: str, kinds: frozenset[FoodKind], factor: float, should: str
) -> Pointer:
    return Pointer(key, frozenset(words.split()), what, kinds, factor, should)


def _kinds(*kinds: FoodKind) -> frozenset[FoodKind]:
    return frozenset(kinds)


POINTERS: Final[tuple[Pointer, ...]] = (
    _to("more-fat", "dry crumbly", "fat", _FATS, 1.3, "A softer crumb that stays moist."),
    _to("more-liquid", "dry chalky powdery too_thick", "liquid", _WET, 1.12, "Moister, looser."),
    _to(
        *("less-powder", "rubbery tough chalky powdery dry", "protein powder", POWDERS),
        *(0.8, "A more tender bite, less chalk; a little less protein."),
    ),
    _to(
        "less-white", "rubbery tough spongy eggy", "egg white", _kinds("egg_white"), 0.75, "Softer."
    ),
    _to(
        "more-egg",
        "crumbly not_set rubbery",
        "whole egg",
        _kinds("egg", "egg_yolk"),
        1.25,
        "Holds better.",
    ),
    _to("less-egg", "eggy", "egg", _kinds("egg"), 0.8, "Less taste of egg."),
    _to("more-lift", "dense flat", "raising agent", _LIFT, 1.25, "Rises higher, opens the crumb."),
    _to(
        "acid",
        "flat bland",
        "acid",
        frozenset(ACIDS) - _WET,
        1.5,
        "Brighter, and soda works harder.",
    ),
    _to(
        "less-lift",
        "bitter",
        "raising agent",
        _kinds("baking_soda", "baking_powder"),
        0.75,
        "Less bitter.",
    ),
    _to("less-cocoa", "bitter dry", "cocoa", _kinds("cocoa"), 0.85, "Less bitter, less drying."),
    _to("less-gum", "gummy too_thick", "gum", _kinds("gum"), 0.7, "Shorter on the tongue."),
    _to(
        *("less-liquid", "wet soggy runny gummy not_set too_thin", "liquid", _WET),
        *(0.88, "Sets firmer."),
    ),
    _to("thicken", "runny too_thin not_set", "of what thickens", _THICK, 1.25, "Thicker."),
    _to("less-fat", "greasy", "fat", _FATS, 0.75, "Lighter on the tongue."),
    _to("less-sweet", "too_sweet", "sweetener", _SWEET, 0.85, "Less sweet."),
    _to("more-sweet", "not_sweet", "sweetener", _SWEET, 1.15, "Sweeter."),
    _to(
        *("less-polyol", "aftertaste cooling gritty", "sweetener", _POLYOLS),
        *(0.75, "Less cooling and aftertaste, less sweet."),
    ),
    _to("more-salt", "bland", "salt", _kinds("salt"), 1.25, "More taste of everything."),
    _to("less-salt", "salty", "salt", _kinds("salt", "stock"), 0.75, "Less salty."),
    _to(
        "flavour",
        "bland eggy",
        "flavouring",
        _kinds("flavouring", "coffee", "spice"),
        1.4,
        "More taste.",
    ),
    _to(
        "less-flavour",
        "artificial",
        "flavouring",
        _kinds("flavouring", "intense_sweetener"),
        0.7,
        "Rounder.",
    ),
    _to(
        *("brown", "pale", "of what browns"),
        *(_kinds("sugar", "brown_sugar", "milk_powder", "syrup"), 1.2, "Browns sooner."),
    ),
)
HEAT_POINTERS: Final[tuple[HeatPointer, ...]] = (
    HeatPointer("shorter", frozenset({"dry", "tough", "burnt"}), _BAKES, 0.9, "Loses less water."),
    HeatPointer(
        "longer",
        frozenset({"gummy", "wet", "soggy", "not_set", "pale"}),
        _BAKES,
        1.12,
        "Sets through, browns more.",
    ),
)
