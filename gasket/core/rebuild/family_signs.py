"""Which family a build is: the cook's word, else what the dish's name says, else what is in it.

The signs are asked in order, and the first that holds is taken (common practice for the signs, from
memory for their figures). Shares are of the whole build.
"""

import re
from collections.abc import Callable, Iterator
from functools import cached_property
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece, dry_base_g
from gasket.core.trade.families import Family
from gasket.core.trade.families.reading import read_family
from gasket.core.trade.kinds import EGGS, POWDERS, FoodKind

_FINE: Final = re.compile(r"\b(?:flour|ground|blended|fine)\b", re.IGNORECASE)
_SHEETS: Final = re.compile(r"\blasagn[ea]|\bcannelloni", re.IGNORECASE)
_FLORETS: Final = re.compile(r"\b(?:cauliflower|broccoli)", re.IGNORECASE)
_LIQUID: Final[frozenset[FoodKind]] = frozenset({"milk", "plant_milk", "water"})
_SOFT: Final[frozenset[FoodKind]] = frozenset(
    {"cream_cheese", "thick_yogurt", "plant_yogurt", "cottage_cheese", "milk", "cream"}
)
_SWEET: Final[frozenset[FoodKind]] = frozenset(
    {
        *("sugar", "brown_sugar", "powdered_sugar", "syrup", "jam", "sweetener", "chocolate"),
        *("brown_sweetener", "powdered_sweetener", "intense_sweetener", "cocoa", "fruit"),
    }
)


class FamilyGuess(Answer):
    """A family and why it is thought to be that one."""

    key: Family
    reason: str


class _Signs:
    """What of a build its family is told by."""

    def __init__(self, piece: Workpiece, part: str | None = None) -> None:
        self.lines = [
            placed for placed in piece.lines() if placed.amount > 0 and part in (None, placed.part)
        ]
        self.total = sum(placed.grams for placed in self.lines)

    def share(self, holds: Callable[[PlacedLine], bool]) -> float:
        """The share of some lines in the whole."""
        if self.total <= 0:
            return 0.0
        return sum(placed.grams for placed in self.lines if holds(placed)) / self.total

    def of(self, *kinds: FoodKind) -> float:
        """The share of some kinds in the whole."""
        return self.share(lambda placed: placed.kind in kinds)

    def has(self, *kinds: FoodKind) -> bool:
        return any(placed.kind in kinds for placed in self.lines)

    @cached_property
    def egg(self) -> float:
        return self.of(*EGGS)

    @cached_property
    def base(self) -> float:
        """The dry base as a share of the whole."""
        return self.share(lambda placed: placed.ingredient.dry_base > 0)

    @cached_property
    def water(self) -> float:
        """Water to dry base; without any base more than any."""
        base = sum(map(dry_base_g, self.lines))
        water = sum(placed.grams * placed.ingredient.water for placed in self.lines)
        return water / base if base > 0 else float("inf")

    @cached_property
    def lifted(self) -> bool:
        return self.has("baking_powder", "baking_soda", "self_raising_flour", "mix", "yeast")

    @cached_property
    def whole_oats(self) -> float:
        return self.share(
            lambda placed: placed.kind == "oats" and not _FINE.search(placed.ingredient.name)
        )

    @cached_property
    def cocoa_in_base(self) -> float:
        return self.of("cocoa") / self.base if self.base > 0 else 0.0


def _breaded(signs: _Signs) -> bool:
    whole = signs.has("poultry", "fish", "meat") and not signs.has("mince", "poultry_mince")
    return whole and signs.has("crumbs", "cereal", "wafer")


def _soaked(signs: _Signs) -> bool:
    soak = signs.egg + signs.of(*_LIQUID)
    return signs.has("bread") and signs.egg > 0 and soak >= 0.6 * signs.of("bread")


def _vegetable_base(signs: _Signs) -> bool:
    florets = signs.share(lambda placed: _FLORETS.search(placed.ingredient.name) is not None)
    return florets >= 0.30 and signs.egg >= 0.15


_FLOURS: Final[tuple[FoodKind, ...]] = ("flour", "self_raising_flour", "mix", "oat_flour")
_SIGNS: Final[tuple[tuple[Family, Callable[[_Signs], bool], str], ...]] = (
    ("wrap", lambda s: s.has("wrap"), "it holds tortillas or wrappers"),
    (
        "tray",
        lambda s: any(_SHEETS.search(placed.ingredient.name) for placed in s.lines),
        "it holds sheets of pasta",
    ),
    ("pasta", lambda s: s.has("pasta", "noodle"), "it holds pasta"),
    (
        "soaked_bread",
        lambda s: _soaked(s) and not s.has(*_FLOURS),
        "it holds bread with an egg soak",
    ),
    (
        "sandwich",
        lambda s: (
            s.has("bread")
            and s.has(
                "mince", "poultry_mince", "poultry", "meat", "cured_meat", "deli_meat", "cheese"
            )
        ),
        "it holds bread with meat or cheese",
    ),
    ("patty", lambda s: s.of("mince", "poultry_mince") >= 0.5, "half of it is mince"),
    ("coated", _breaded, "it holds meat or fish beside crumbs"),
    ("fries", lambda s: s.of("potato") >= 0.8, "it is potato"),
    ("set_base", _vegetable_base, "it is cauliflower or broccoli set with egg"),
    (
        "drink",
        lambda s: (
            any("ice" in placed.ingredient.name.lower().split() for placed in s.lines)
            or (s.of(*_LIQUID, "soft_drink") >= 0.6 and s.has(*POWDERS) and not s.lifted)
        ),
        "it holds ice, or is mostly liquid with powder",
    ),
    (
        "porridge",
        lambda s: s.whole_oats > 0 and not s.lifted and 2 <= s.of(*_LIQUID) / s.whole_oats <= 4,
        "it is whole oats in two to four times the liquid",
    ),
    (
        "baked_cup",
        lambda s: s.whole_oats >= 0.2 and s.water < 0.9 and s.has("egg_white", "syrup", "nuts"),
        "it is whole oats with a binder and little water",
    ),
    (
        "blender_pancake",
        lambda s: (
            s.egg >= 0.35
            and 0.08 <= s.base <= 0.25
            and s.has("fruit", "oats", "oat_flour", "cottage_cheese")
        ),
        "egg is a third of it, with banana, oats or cottage cheese",
    ),
    (
        "crepe",
        lambda s: s.egg >= 0.35 and 0.08 <= s.base <= 0.35 and not s.lifted,
        "egg is a third of it, with powder or flour and nothing that lifts",
    ),
    (
        "crepe",
        lambda s: (
            s.egg >= 0.15 and not s.lifted and 2.2 <= s.water <= 8 and s.has(*_FLOURS, "oats")
        ),
        "it is a thin batter with egg and nothing that lifts",
    ),
    ("egg", lambda s: s.egg >= 0.30 and s.base < 0.08, "it is mostly egg"),
    (
        "roll",
        lambda s: (
            s.egg < 0.10
            and s.lifted
            and s.of(*_FLOURS) > 0
            and 0.9 <= s.of("thick_yogurt") / s.of(*_FLOURS) <= 1.4
        ),
        "it is flour and about as much thick yogurt, with a lift",
    ),
    (
        "brownie",
        lambda s: s.cocoa_in_base >= 0.05 and s.base >= 0.1 and (s.egg > 0 or s.has("puree")),
        "it holds cocoa with egg or purée",
    ),
    (
        "no_bake",
        lambda s: s.base >= 0.2 and s.egg == 0 and not s.lifted and s.has("nut_butter", "syrup"),
        "it holds powder or oats with nut butter or syrup, and nothing sets or lifts it",
    ),
    (
        "cookie",
        lambda s: (
            s.base >= 0.2
            and 0.3 <= s.water <= 1.1
            and s.has("butter", "spread", "oil", "egg_yolk", "nut_butter")
        ),
        "it is a stiff dough with fat",
    ),
    (
        "cake",
        lambda s: s.base >= 0.2 and 1.1 <= s.water <= 3.7 and s.lifted,
        "it is a batter with a lift",
    ),
    (
        "custard",
        lambda s: s.of(*_SOFT) >= 0.5 and s.has(*_SWEET) and 0.06 <= s.egg <= 0.35,
        "it is sweet soft cheese or milk with egg",
    ),
    (
        "pot",
        lambda s: s.of(*_SOFT) >= 0.5 and s.has("pudding_mix", "gelatine", "seeds"),
        "it is soft cheese, yogurt or milk that sets cold",
    ),
    ("dip", lambda s: s.of(*_SOFT) >= 0.5 and s.egg == 0, "it is soft cheese or yogurt, not set"),
)
_FINER: Final[dict[str, frozenset[str]]] = {
    "pancake": frozenset({"blender_pancake", "crepe"}),
    "patty": frozenset({"sandwich", "coated"}),
}
"""What a name says less exactly than the ingredients do."""


def _is_finer(said: Family, family: Family, piece: Workpiece) -> bool:
    """Whether what is in it tells more than its name: a burger without mince is no patty."""
    if family not in _FINER.get(said, ()):
        return False
    return said != "patty" or _breaded(_Signs(piece))


def by_name(name: str) -> Family | None:
    """What the name says by itself, whatever is in the dish."""
    said = read_family(name)
    return None if said is None or said.key in _FINER else said.key


def family_of(name: str, piece: Workpiece) -> FamilyGuess | None:
    """What the dish most likely is; None where neither its name nor its lines say."""
    said = read_family(name)
    if said is None:
        return by_contents(piece)
    shown = by_contents(piece) if said.key in _FINER else None
    if shown is not None and _is_finer(said.key, shown.key, piece):
        return shown
    return FamilyGuess(key=said.key, reason=f"its name says “{said.words}”")


def of_components(piece: Workpiece) -> dict[str, Family]:
    """What each component is by itself, where its name or its lines say: crispy chicken in a
    sandwich is breaded and baked."""
    names = [part.name for part in piece.build.components]
    families = {
        name: read_family(name) or next(_shown(_Signs(piece, name)), None) for name in names
    }
    return {name: guess.key for name, guess in families.items() if guess is not None}


def by_contents(piece: Workpiece) -> FamilyGuess | None:
    """The family whose signs a build shows first; where it shows none, the bowl that holds the
    flour is asked: a frosting hides a cake."""
    shown = next(_shown(_Signs(piece)), None)
    base = next((placed for placed in piece.base() if placed.ingredient.dry_base > 0), None)
    if shown is not None or base is None:
        return shown
    return next(_shown(_Signs(piece, base.part)), None)


def likeliest(piece: Workpiece) -> tuple[Family, ...]:
    """The families whose signs the build shows, to choose from, the likeliest first."""
    shown = [guess.key for guess in _shown(_Signs(piece))]
    guess = None if shown else by_contents(piece)
    return tuple(dict.fromkeys(shown)) or ((guess.key,) if guess else ())


def _shown(signs: _Signs) -> Iterator[FamilyGuess]:
    if signs.total > 0:
        for key, holds, reason in _SIGNS:
            if holds(signs):
                yield FamilyGuess(key=key, reason=reason)
