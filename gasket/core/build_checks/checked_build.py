"""What the checks look at: the batter or mixture with its water, dry base, fat, salt and sweetness.

A build with a frosting is judged by the bowl that holds the flour; one without any dry base is
judged whole.
"""

import re
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from functools import cached_property
from typing import Final

from gasket.core.rebuild.trial import Terms
from gasket.core.rebuild.workpiece import Measurable, PlacedLine, Workpiece, dry_base_g
from gasket.core.trade.families import BY_KEY, Bands, DishFamily
from gasket.core.trade.kinds import FLOURS, FoodKind

LEAST_DRY_SHARE: Final = 0.08
"""Below this share of flour and powders a mixture is no batter."""
EGG_LIFTS: Final = 0.30
"""So much egg or white of a mixture lifts it (common practice)."""
_BUBBLES: Final = re.compile(r"\b(?:sparkling|seltzer|soda water|club soda)\b", re.IGNORECASE)


@dataclass(frozen=True)
class CheckedBuild:
    """A workpiece as the checks see it."""

    piece: Workpiece
    original: Workpiece | None = None
    original_serving_g: float | None = None
    keepers: Mapping[str, tuple[float, ...]] = field(default_factory=dict)
    """What the cook's own keepers of this family came to, by the code of a band."""

    @property
    def terms(self) -> Terms:
        return self.piece.build.terms

    @property
    def family(self) -> DishFamily | None:
        """None where nobody has said, and nothing in it tells."""
        return BY_KEY.get(self.terms.family or "")

    @property
    def bands(self) -> Bands:
        """What is usual in the family; nothing where none is known."""
        return self.family.bands if self.family else Bands()

    @cached_property
    def lines(self) -> list[PlacedLine]:
        return [*self.piece.lines()]

    @cached_property
    def base(self) -> list[PlacedLine]:
        """The lines of the base that have an amount."""
        return [placed for placed in self.piece.base() if placed.amount > 0]

    @property
    def component(self) -> str:
        """The name of the component that is checked; empty where nothing dry is in any."""
        return self.base[0].part if self.base and self.dry_base_g > 0 else ""

    @cached_property
    def dry_base_g(self) -> float:
        """Grams of flour, powder and the like in the base, in the whole batch."""
        return sum(dry_base_g(placed) for placed in self.base)

    @cached_property
    def base_g(self) -> float:
        """Grams of the whole base, in the whole batch."""
        return sum(placed.grams for placed in self.base)

    @property
    def has_flour(self) -> bool:
        return self.grams_of(FLOURS) > 0

    @property
    def is_batter(self) -> bool:
        """Whether enough of the base is dry to be judged as a batter or a dough."""
        return self.base_g > 0 and self.dry_base_g >= LEAST_DRY_SHARE * self.base_g

    @property
    def rises_by_itself(self) -> bool:
        """Whether yeast, a mix, egg or bubbles lift it without a raising agent."""
        if self.grams_of({"self_raising_flour", "mix", "yeast"}) > 0:
            return True
        eggs = self.grams_of({"egg", "egg_white"})
        return eggs >= EGG_LIFTS * self.base_g or any(
            placed.amount > 0 and _BUBBLES.search(placed.ingredient.name) for placed in self.base
        )

    def held(self, name: Measurable) -> float:
        """What one serving holds of a quality, unknown counted as none: for advice."""
        return sum((placed.brings(name) or 0.0) * placed.per_serving for placed in self.lines)

    def grams_of(self, kinds: Iterable[FoodKind]) -> float:
        """Grams of these kinds of food in the base."""
        wanted = frozenset(kinds)
        return sum(placed.grams for placed in self.base if placed.kind in wanted)
