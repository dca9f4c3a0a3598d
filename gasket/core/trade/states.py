"""Raw, cooked or dry: in which state a food is weighed, and what its grams are in another one.

100 g of raw chicken are no 100 g of cooked chicken, nor are those of dry pasta. Grams cross a state
only by a yield; what is ready to eat never gives way to what is raw. In doubt meat is raw, and a
grain of which neither name nor figures tell is of no known state, which nothing crosses.
"""

from collections.abc import Sequence
from typing import Final, Literal, NamedTuple

from gasket.core.trade.forms import words_of
from gasket.core.trade.kinds import EGGS, MEATS, FoodKind
from gasket.core.trade.meats import meat_in

FoodState = Literal["raw", "cooked", "dry", "frozen", "drained", "as_prepared"]
"""What a panel speaks of; a raw label on a cooked weight needs a yield."""
Weighed = Literal["raw", "cooked", "dry", "unknown"]


class Yield(NamedTuple):
    """Grams cooked of a gram raw or dry: usual, least and most."""

    usual: float
    least: float
    most: float


SAME: Final = Yield(1.0, 1.0, 1.0)
COOKED_OVER: Final[dict[FoodKind, Yield]] = {
    # From memory: published tables of cooking yields, drained, without bone.
    "poultry": Yield(0.75, 0.65, 0.82),
    "poultry_mince": Yield(0.76, 0.68, 0.85),
    "mince": Yield(0.74, 0.65, 0.82),
    "meat": Yield(0.73, 0.62, 0.82),
    "fish": Yield(0.80, 0.72, 0.88),
    "pasta": Yield(2.25, 2.0, 2.5),
    "noodle": Yield(2.3, 1.9, 2.8),
    "rice": Yield(2.8, 2.4, 3.1),
    "legumes": Yield(2.4, 2.1, 2.8),
}
_TAKE_UP_WATER: Final[frozenset[FoodKind]] = frozenset({"pasta", "noodle", "rice", "legumes"})
_NEVER_RAW: Final[frozenset[FoodKind]] = frozenset({"deli_meat", "jerky"})
_NO_MEAT_TO_COOK: Final[frozenset[FoodKind]] = frozenset({"gelatine", "collagen"})
_COOKED: Final = frozenset(
    {
        *("cooked", "precooked", "canned", "drained", "prepared", "roasted", "rotisserie"),
        *("leftover", "grilled", "fried", "poached", "scrambled", "baked", "braised", "pulled"),
    }
)
_DRY_BELOW: Final = 0.2
_WET_FROM: Final = 0.45
"""Water in a gram: cooked pasta holds 0.6, fresh one 0.3, which is neither (from memory)."""


def state_of(
    name: str, kind: FoodKind, said: FoodState | None, water: float | None
) -> Weighed | None:
    """In which state a food of this name is weighed; None where it makes no difference to its
    grams. `said` is its package's word, `water` grams in a gram of it by its label."""
    words = _COOKED.intersection(words_of(name))
    if kind in _TAKE_UP_WATER:
        return _of_a_grain(bool(words), said, water)
    if kind not in EGGS and (kind not in MEATS or kind in _NO_MEAT_TO_COOK):
        return None
    if said == "raw":
        return "raw"
    meat = meat_in(name)
    ready = kind in _NEVER_RAW or (meat is not None and meat.form == "ready")
    return "cooked" if ready or words or said in ("cooked", "as_prepared") else "raw"


class InState(NamedTuple):
    """A food by its name and kind, with the state in which it is weighed."""

    name: str
    kind: FoodKind
    weighed: Weighed | None


def not_alike(foods: Sequence[InState]) -> str:
    """What is to be said of foods side by side that are weighed in different states; else ""."""
    there = [food for food in foods if food.weighed is not None]
    if len({food.weighed for food in there}) < 2:
        return ""
    named = "; ".join(
        f"{food.name}: {'state not known' if food.weighed == 'unknown' else food.weighed}"
        for food in there
    )
    says = (
        f"These are weighed in different states ({named}), so 100 g of one is not 100 g of another."
    )
    first = next(food for food in there if food.weighed != "cooked")
    cooked = grams_in(first.kind, first.weighed, "cooked")
    if cooked is None:
        return says
    usual, least, most = (figure * 100 for figure in cooked)
    return (
        f"{says} 100 g {first.weighed} is about {usual:.0f} g cooked, usually {least:.0f} to "
        f"{most:.0f} g."
    )


def _of_a_grain(cooked: bool, said: FoodState | None, water: float | None) -> Weighed:
    if said in ("dry", "raw"):
        return "dry"
    if cooked or said in ("cooked", "drained", "as_prepared"):
        return "cooked"
    if water is None:
        return "unknown"
    return "dry" if water < _DRY_BELOW else "cooked" if water >= _WET_FROM else "unknown"


def grams_in(kind: FoodKind, old: Weighed | None, new: Weighed | None) -> Yield | None:
    """Grams in the new state of a gram of this kind in the old one; None where no yield says it."""
    if old == new:
        return None if old == "unknown" else SAME
    if old is None or new is None:
        return SAME
    cooked_over = COOKED_OVER.get(kind)
    if cooked_over is None or "unknown" in (old, new) or "cooked" not in (old, new):
        return None
    if new == "cooked":
        return cooked_over
    return Yield(1 / cooked_over.usual, 1 / cooked_over.most, 1 / cooked_over.least)
