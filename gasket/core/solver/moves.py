"""What may move in a build: grams of the free lines, and swaps on them.

A line is fixed when it is locked or off, when it only seasons, raises or sets, when it holds the
dish (a burger has one bun), and when the dish is named for it: a carrot loaf keeps its carrots.
Free lines move between half and twice their grams unless the cook gave bounds; but no more crumbs
than stick to it, and what starch sets keeps its thickness: its liquid is only swapped. A line that
a need rules out must go.
"""

import re
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final

from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.needs import breaks, keeps_out
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.solver.limits import Spot
from gasket.core.swaps.model import Swap
from gasket.core.swaps.options import CRUMB, Ready, Shelf, ready_swaps
from gasket.core.swaps.sense import holds_the_dish, makes_sense
from gasket.core.trade.kinds import SEASONINGS, FoodKind
from gasket.core.trade.nutrients import MACRO_KCAL

LESS, MORE = 0.5, 2.0
"""A free line stays between half and twice its grams."""
MOST_SWAPS: Final = 60
MOST_SWAPS_A_LINE: Final = 3
SMALL: Final = 0.06
"""Up to this share of their bowl, sauces season it and starch sets it (common practice)."""
_SEASON_IN_SMALL: Final[frozenset[FoodKind]] = frozenset({"sauce", "starch", "jam", "syrup"})
_LIQUIDS: Final[frozenset[FoodKind]] = frozenset({"milk", "cream", "alcohol"})
_SETTERS: Final[frozenset[FoodKind]] = frozenset({"starch", "gum", "gelatine"})
_WHOLE: Final = 0.01


@dataclass(frozen=True)
class SwapMove:
    """A swap that may be used: `most` is the share of the line that may go."""

    swap: Swap
    most: float
    foods: tuple[tuple[Ingredient, float], ...]


@dataclass(frozen=True)
class LineMove:
    """A line that may move: its bounds, its step when it is counted, its swaps. `bounded` when the
    cook gave the least: then no swap goes below it."""

    one: PlacedLine
    least: float
    most: float
    step: float | None
    swaps: tuple[SwapMove, ...]
    bounded: bool = False

    @property
    def now(self) -> float:
        """The line's amount as it is, in grams or pieces."""
        return self.one.amount

    def takes_in(self, swap: SwapMove, replaced: "LineMove") -> bool:
        """Whether what comes in for another line is what this one is, in the same bowl."""
        mine, theirs = self.one, replaced.one
        return mine.part == theirs.part and any(
            food.label_id == mine.ingredient.label_id for food, _ in swap.foods
        )

    @property
    def spot(self) -> Spot:
        return Spot(self.one.ingredient, self.one.part, self.one.per_serving)


def moves_of(
    piece: Workpiece,
    shelf: Shelf,
    swaps: Sequence[Swap],
    rejected: frozenset[str] = frozenset(),
    dish: str = "",
) -> tuple[LineMove, ...]:
    """Every line that may move. `rejected` are keys of swaps that the cook does not want."""
    named = _words(dish)
    wanted = [swap for swap in swaps if swap.key not in rejected and not swap.also]
    moves = []
    left = MOST_SWAPS
    for placed in piece.lines():
        barred = any(breaks(need, placed.ingredient) for need in piece.build.terms.needs)
        if not _is_free(piece, placed, barred, named):
            continue
        ready = _swap_moves(piece, placed, shelf, wanted, barred, dish)[:left]
        left -= len(ready)
        least, most = _bounds(piece, placed, barred)
        bounded = placed.line.least_g is not None and not barred
        if ready or least < placed.amount or most > placed.amount:
            moves.append(LineMove(placed, least, most, _step(placed), ready, bounded))
    return tuple(moves)


def _is_free(piece: Workpiece, one: PlacedLine, barred: bool, named: frozenset[str]) -> bool:
    line = one.line
    if line.locked or line.off or one.amount <= 0:
        return False
    bounded = line.least_g is not None or line.most_g is not None
    if barred or bounded:
        return True
    if one.kind in SEASONINGS or (one.kind in _SEASON_IN_SMALL and _is_small(piece, one)):
        return False
    return not holds_the_dish(one.ingredient) and not named & _words(one.ingredient.food)


def _is_small(piece: Workpiece, one: PlacedLine) -> bool:
    return one.grams < SMALL * sum(other.grams for other in piece.within(one.component))


def _words(name: str) -> frozenset[str]:
    return frozenset(re.findall(r"[a-z]{3,}", name.lower())) - {"and", "the", "with", "for"}


def _bounds(piece: Workpiece, one: PlacedLine, barred: bool) -> tuple[float, float]:
    if barred:
        return 0.0, 0.0
    least, most = one.line.least_g, one.line.most_g
    set_by_starch = one.kind in _LIQUIDS and _sets(piece, one)
    less = 1.0 if set_by_starch else LESS
    more = 1.0 if set_by_starch or one.kind == "crumbs" else MORE
    low = less * one.amount if least is None else least
    high = more * one.amount if most is None else most
    return min(low, high), max(low, high)


def _sets(piece: Workpiece, one: PlacedLine) -> bool:
    return piece.dry_share(one.component) < CRUMB and any(
        other.kind in _SETTERS and other.amount > 0 for other in piece.within(one.component)
    )


def _step(one: PlacedLine) -> float | None:
    """Grams of the whole or half piece that a counted line goes by."""
    count = one.line.count
    if not count:
        return None
    piece = 1.0 if one.ingredient.by_piece else one.amount / count
    return piece if abs(count - round(count)) < _WHOLE else piece / 2


def _swap_moves(
    piece: Workpiece,
    one: PlacedLine,
    shelf: Shelf,
    swaps: Sequence[Swap],
    barred: bool,
    dish: str,
) -> tuple[SwapMove, ...]:
    if one.line.count and not barred:
        return ()  # half an egg less and 17 g of something else is nobody's wish
    likeliest: dict[str, SwapMove] = {}
    others = [placed.ingredient for placed in piece.lines()]
    for ready in ready_swaps(piece, one, shelf, swaps):
        sensible = all(makes_sense(one.ingredient, new, others, dish) for new, _ in ready.foods)
        if sensible and not _breaks_a_need(piece, ready):
            most = 1.0 if barred else ready.swap.most
            likeliest.setdefault(ready.swap.key, SwapMove(ready.swap, most, ready.foods))
    offered = sorted(likeliest.values(), key=lambda move: _energy(move, one))
    return tuple(offered[:MOST_SWAPS_A_LINE])


def _energy(move: SwapMove, one: PlacedLine) -> float:
    """What a gram taken costs in kcal, its protein counted in its favour."""
    return sum(ratio * _cost(food) for food, ratio in move.foods) - _cost(one.ingredient)


def _cost(food: Ingredient) -> float:
    """kcal per gram, less those of its protein."""
    return food.amount("kcal") - MACRO_KCAL["protein_g"] * food.amount("protein_g")


def _breaks_a_need(piece: Workpiece, ready: Ready) -> bool:
    return any(keeps_out(need, food) for need in piece.build.terms.needs for food, _ in ready.foods)
