"""A shelf label as a build sees it: what kind of thing it is, its water, sweetness and price."""

from dataclasses import dataclass
from functools import cached_property
from typing import Final

import numpy as np

from gasket.core.label.energy import EnergyMethod
from gasket.core.label.label import Label
from gasket.core.label.package import Package, price_per_g
from gasket.core.label.panel import INDEX, Panel, panel_of
from gasket.core.trade.kinds import BASES, DRY_FACTOR, NEVER_BASE, FoodKind
from gasket.core.trade.nutrients.figure_types import Nutrient
from gasket.core.trade.nutrients.table import SALT_PER_SODIUM
from gasket.core.trade.states import Weighed, state_of

ASH: Final = 0.01
"""Minerals of an ordinary food, g per g (common practice)."""
ASH_PER_SODIUM: Final = 2.5
"""A salty food holds so many grams of minerals a gram of sodium (from memory)."""
DRY_BELOW: Final = 0.15
"""With less water than this a food is dry (common practice)."""
_SUGARY: Final = 0.25
"""Of a dry food with more sugars and polyols than this only the rest takes up water (from
memory)."""
_FATTY: Final = 0.35
"""A dry food of no known kind that is so fat is nut, chocolate or fat, and no base."""
_FACTORS_BY_WORD: Final = (("psyllium", 8.0), ("inulin", 0.0), ("chicory", 0.0))

SWEETNESS_OF: Final[dict[FoodKind, float]] = {
    # Sucrose = 1, by weight (from memory: common food-science tables).
    "sugar": 1.0,
    "brown_sugar": 1.0,
    "powdered_sugar": 1.0,
    "syrup": 0.8,
    "sweetener": 1.0,
    "brown_sweetener": 1.0,
    "powdered_sweetener": 1.0,
    "intense_sweetener": 30.0,
}
_BY_WORD: Final = (
    ("honey", 1.0),
    ("maple", 0.6),
    ("xylitol", 1.0),
    ("maltitol", 0.9),
    ("sorbitol", 0.6),
    ("mannitol", 0.6),
    ("isomalt", 0.5),
    ("allulose", 0.7),
    ("blend", 1.0),
    ("1:1", 1.0),
    ("2x", 2.0),
    ("erythritol", 0.65),
)
_SOLIDS: Final[tuple[Nutrient, ...]] = ("protein_g", "carbohydrate_g", "fat_g")
_LACTOSE: Final = 0.2
_MILKY: Final[frozenset[FoodKind]] = frozenset(
    {
        *("thick_yogurt", "cottage_cheese", "cream_cheese", "cream", "milk", "cheese", "butter"),
        *("whey_powder", "protein_blend"),
    }
)


@dataclass(frozen=True)
class Ingredient:
    """One package of a food with what the build needs to know of it. Figures are per gram."""

    label_id: int
    food_id: int
    food: str
    label: Label
    package: Package
    kind: FoodKind
    kind_sure: bool = True
    method: EnergyMethod = "labelled"
    erythritol_kcal_per_g: float = 0.0

    @cached_property
    def panel(self) -> Panel:
        """What a gram of it holds by its own energy method; a piece where it is only counted."""
        return panel_of(self.label, self.method, self.erythritol_kcal_per_g)

    @property
    def by_piece(self) -> bool:
        return self.label.by_piece

    @property
    def name(self) -> str:
        """Its package's name, else the food's."""
        return self.label.name or self.food

    def per_g(self, nutrient: Nutrient) -> float | None:
        """Of a nutrient, in its unit per gram (per piece when it can only be counted)."""
        at = INDEX[nutrient]
        return float(self.panel.rows[0][at]) if self.panel.known[at] else None

    def amount(self, nutrient: Nutrient) -> float:
        """The same, unknown counted as none: for advice, never for a figure that is shown."""
        return self.per_g(nutrient) or 0.0

    @cached_property
    def water(self) -> float:
        """Water per gram, straight from the label: what is neither macronutrient nor ash."""
        if self.kind == "water":
            return 1.0
        weight = self.label.weight_g
        if self.by_piece or not weight:
            return 0.0
        alcohol = (self.label.alcohol_g or 0.0) / weight
        carbohydrate = self.per_g("carbohydrate_g")
        if carbohydrate is None:
            carbohydrate = self.amount("net_carbohydrate_g")
        solids = self.amount("protein_g") + carbohydrate + self.amount("fat_g") + alcohol
        dry = self.kind in ("salt", "baking_powder", "baking_soda", "gum", "oil", "oil_spray")
        return 0.0 if dry else float(np.clip(1 - solids - self._ash, 0.0, 1.0))

    @property
    def _solids_known(self) -> bool:
        return all(self.per_g(name) is not None for name in _SOLIDS)

    @property
    def _ash(self) -> float:
        return max(ASH, ASH_PER_SODIUM * self.amount("sodium_mg") / 1000)

    @cached_property
    def weighed(self) -> Weighed | None:
        """In which state its grams are: raw, cooked, dry; None where that makes no difference."""
        water = self.water if self._solids_known and not self.by_piece else None
        return state_of(f"{self.food} {self.label.name}", self.kind, self.package.state, water)

    @property
    def is_dry(self) -> bool:
        """Whether it holds less water than a dry food does, its label read as it may be meant: a
        small serving's figures are rounded far."""
        if self.package.state in ("cooked", "as_prepared", "drained") or self.by_piece:
            return False
        if not self._solids_known:
            return False
        most = sum(float(self.panel.rows[2][INDEX[name]]) for name in _SOLIDS)
        return bool(1 - most - self._ash < DRY_BELOW)

    @cached_property
    def dry_base(self) -> float:
        """How many grams of dry base a gram of it counts for: what flour, powder and starch take up
        of water. Sugars, fat, salt and bits are none."""
        text = f"{self.food} {self.label.name}".lower()
        if self.kind in NEVER_BASE or self.by_piece:
            return 0.0
        if self.kind not in BASES and not self.is_dry:
            return 0.0
        if self.kind == "other" and self.amount("fat_g") > _FATTY:
            return 0.0
        usual = DRY_FACTOR.get(self.kind, 1.0)
        factor = next((given for word, given in _FACTORS_BY_WORD if word in text), usual)
        sweet = self.amount("sugars_g") + self.amount("polyols_g")
        return factor * (1 - sweet if sweet > _SUGARY else 1.0)

    @cached_property
    def sweetness(self) -> float:
        """Sucrose equivalents per gram: as the package says, by kind, or by its sugars."""
        if self.package.sweetness is not None:
            return self.package.sweetness
        if self.kind in SWEETNESS_OF:
            return self._sweetener_strength(SWEETNESS_OF[self.kind])
        sugars = self.amount("sugars_g")
        return sugars * (_LACTOSE if self.kind in _MILKY else 1.0)

    def _sweetener_strength(self, usual: float) -> float:
        text = f"{self.food} {self.label.name}".lower()
        return next((strength for word, strength in _BY_WORD if word in text), usual)

    @property
    def price(self) -> float | None:
        """Money for a gram; None where the price or what it is for is unknown."""
        return price_per_g(self.package, self.label)

    @property
    def salt(self) -> float:
        """Grams of salt per gram."""
        return self.amount("sodium_mg") / 1000 * SALT_PER_SODIUM
