"""The bench that proposals are worked out on: how far one line may move with every limit of the
goal and every check kept, and what gives way where it goes further."""

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from math import ceil, floor
from typing import Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import alarms, check_build
from gasket.core.cooking.steps import Step
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import BuildChange
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.solver.limits import Limit, Spot, limits_of
from gasket.core.swaps.options import SwapOption

FELT: Final = 0.4
"""Less than this part of a planned change would hardly be tasted."""
SPECK: Final = 0.005
"""Of a limit that is broken already: so much further is no news."""
_SLACK: Final = 1e-6


@dataclass(frozen=True)
class Bench:
    """What a proposal is worked out on: the build as it is checked, its steps, how many tasters
    said which word (most said first), swaps with the foods that they bring in (`news`), what is
    barred.

    `tried` are (line, more or less) that trials copied from this one changed, `known_labels` what
    the dish has ever been made with, `helped` lines of which more is known to help,
    `slipped` those that came out otherwise than planned when it was tasted; `hot_rule` when a core
    temperature is asked for.
    """

    checked: CheckedBuild
    steps: Sequence[Step] = ()
    said: Mapping[str, int] | None = None
    swaps: Sequence[tuple[PlacedLine, SwapOption]] = ()
    news: Mapping[int, Ingredient] = field(default_factory=dict)
    rejected: frozenset[str] = frozenset()
    tried: frozenset[tuple[str, bool]] = frozenset()
    known_labels: frozenset[int] = frozenset()
    helped: frozenset[str] = frozenset()
    slipped: frozenset[str] = frozenset()
    hot_rule: bool = False

    @property
    def piece(self) -> Workpiece:
        return self.checked.piece


def may_move(placed: PlacedLine) -> bool:
    """Whether a proposal may change a line."""
    line = placed.line
    return not (line.locked or line.off) and placed.grams > 0


def serving_kcal(placed: PlacedLine) -> float:
    """kcal that a line brings to one serving; unknown counts as none."""
    return (placed.brings("kcal") or 0.0) * placed.per_serving


def nearest(
    bench: Bench, placed: PlacedLine, wanted: float
) -> tuple[float, tuple[str, ...]] | None:
    """So many grams of the line as come nearest to what is wanted with nothing giving way; else
    what is wanted, and what gives way. None where its own bounds leave no change."""
    now = placed.amount
    least = 0.0 if placed.line.least_g is None else placed.line.least_g
    most = float("inf") if placed.line.most_g is None else placed.line.most_g
    wanted = min(max(wanted, least), most)
    low, high = _room(bench, placed)
    kept = _rounded(placed, min(max(wanted, low), high))
    is_felt = kept != now and abs(kept - now) >= FELT * abs(wanted - now) - _SLACK
    if is_felt and least <= kept <= most and not gives_way_to(bench, change_of(placed, kept)):
        return kept, ()
    after = _rounded(placed, wanted)
    if after == now or not least <= after <= most:
        return None
    return after, gives_way_to(bench, change_of(placed, after))


def _rounded(placed: PlacedLine, grams: float) -> float:
    """As a scale shows it, no further from what it was; by the half piece where it is counted."""
    now, count = placed.amount, placed.line.count
    step = now / count / 2 if count else 0.1 if grams < 20 else 1.0
    parts = grams / step
    # Towards what it was, so that no limit is crossed by rounding.
    whole = floor(parts + _SLACK) if grams > now else ceil(parts - _SLACK)
    return round(whole * step, 1)


def _limits(bench: Bench) -> Iterator[tuple[Limit, float, float, float]]:
    """Every limit of the goal and of the checks, where it stands, and from where to where it may
    go: within its bounds, or where it is broken already, no further by more than a speck."""
    lines = [*bench.piece.lines()]
    for limit in limits_of(bench.checked):
        parts = [limit.weigh(_spot(placed)) * placed.amount for placed in lines]
        now, speck = sum(parts), SPECK * sum(map(abs, parts))
        low = limit.low if now >= limit.low else now - speck
        high = limit.high if now <= limit.high else now + speck
        yield limit, now, low, high


def _spot(placed: PlacedLine) -> Spot:
    return Spot(placed.ingredient, placed.part, placed.per_serving)


def _room(bench: Bench, placed: PlacedLine) -> tuple[float, float]:
    """Between how many grams of the line every limit holds, or gets no worse than it is."""
    low, high = 0.0, float("inf")
    for limit, now, least, most in _limits(bench):
        per_g = limit.weigh(_spot(placed))
        if abs(per_g) < 1e-12:
            continue
        reach = sorted((end - now) / per_g + placed.amount for end in (least, most))
        low, high = max(low, reach[0]), min(high, reach[1])
    return low, high


def gives_way_to(bench: Bench, change: BuildChange) -> tuple[str, ...]:
    """Goals and checks that hold now and would not any more."""
    piece = bench.piece
    ingredients = {**piece.ingredients, **bench.news}
    moved = Workpiece(change.applied(piece.build), ingredients, piece.per_serving)
    lines = [*moved.lines()]
    names = [
        limit.name
        for limit, _, least, most in _limits(bench)
        if not least - _SLACK
        <= sum(limit.weigh(_spot(placed)) * placed.amount for placed in lines)
        <= most + _SLACK
    ]
    after = replace(bench.checked, piece=moved)
    news = alarms(after) - alarms(bench.checked)
    names += [
        check.name.lower() for check in check_build(after) if (check.code, check.component) in news
    ]
    return tuple(dict.fromkeys(names))


def change_of(placed: PlacedLine, grams: float) -> BuildChange:
    """A line at another weight, its count with it."""
    line, before = placed.line, placed.amount
    count = None if not line.count else round(line.count * grams / before, 2)
    moved = line.model_copy(update={"target_g": grams, "count": count, "how": ""})
    return BuildChange(lines={line.id: (moved,)})
