"""The swaps that apply to a line of this build, computed with the foods that are on the shelf."""

import re
from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass
from itertools import islice, product
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.needs import keeps_out
from gasket.core.rebuild.trial import BuildChange, BuildLine, DietNeed
from gasket.core.rebuild.workpiece import Measurable, PlacedLine, Workpiece, quality
from gasket.core.swaps.model import Swap, SwapPart
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.states import SAME, Yield, grams_in

LIGHTER: Final = 0.8
"""A lighter package has at most this share of the energy of what it replaces."""
CRUMB: Final = 0.15
"""A bowl with so much flour, powder and crumbs makes a crumb (common practice)."""
MOST_CANDIDATES: Final = 3
MOST_A_SWAP: Final = 3
LEAST_G: Final = 0.1
MOVED: Final[tuple[Measurable, ...]] = (
    *("kcal", "protein_g", "fat_g", "carbohydrate_g", "fibre_g", "sweetness_g", "water_g", "cost"),
)


class SwapIn(Answer):
    """So many grams of a package that go in."""

    label_id: int
    name: str
    grams: float


class Effect(Answer):
    """What a change does to one serving; None is unknown."""

    kcal: float | None
    protein_g: float | None
    fat_g: float | None
    carbohydrate_g: float | None
    fibre_g: float | None
    sweetness_g: float | None
    water_g: float | None
    cost: float | None


class SwapOption(Answer):
    """One swap on one line, ready to be tried: what goes in, what it does, what to watch.

    `rejected` is the cook's reason for not wanting it; `breaks` names needs that it would break.
    """

    key: str
    swap: str
    name: str
    rule: str
    watch: str
    step: str
    source: str
    likeness: float | None
    share: float
    most: float
    goes_in: tuple[SwapIn, ...]
    moved: Effect
    change: BuildChange
    breaks: tuple[DietNeed, ...]
    rejected: str | None = None


@dataclass(frozen=True)
class Shelf:
    """What could go in: packages by kind, and by food, the likeliest first."""

    by_kind: Mapping[FoodKind, Sequence[Ingredient]]
    by_food: Mapping[int, Sequence[Ingredient]]


@dataclass(frozen=True)
class Ready:
    """A swap with foods chosen for it: grams of each that go in per gram that goes out, and what
    is to be said where they are weighed in another state."""

    swap: Swap
    foods: tuple[tuple[Ingredient, float], ...]
    says: tuple[str, ...] = ()


def options(
    piece: Workpiece, one: PlacedLine, shelf: Shelf, swaps: Sequence[Swap], share: float | None
) -> Iterator[SwapOption]:
    """Options for a line, `share` of it going (as much as each swap allows when None)."""
    for ready in ready_swaps(piece, one, shelf, swaps):
        wanted = min(share or ready.swap.most, ready.swap.most)
        amounts = [(food, round_g(wanted * one.amount * ratio)) for food, ratio in ready.foods]
        if all(grams >= LEAST_G for _, grams in amounts):
            yield _option(piece, one, ready, wanted, amounts)


def ready_swaps(
    piece: Workpiece, one: PlacedLine, shelf: Shelf, swaps: Sequence[Swap]
) -> Iterator[Ready]:
    """Every swap that applies to a line, with each of the likeliest foods for it."""
    if one.ingredient.by_piece or one.amount <= 0:
        return
    for swap in swaps:
        if applies(swap, one, piece):
            candidates = [_candidates(part, one.ingredient, shelf) for part in swap.gives]
            for chosen in islice(product(*candidates), MOST_A_SWAP):
                ready = _ready(swap, one.ingredient, chosen)
                if ready is not None:
                    yield ready


def _ready(swap: Swap, old: Ingredient, chosen: Sequence[Ingredient]) -> Ready | None:
    """None where a food is weighed in a state that no yield leads to, or has no sweetness."""
    foods, says = [], []
    for part, food in zip(swap.gives, chosen, strict=True):
        ratio, crossed = _ratio(part, old, food), _crossed(swap, old, food)
        if ratio is None or crossed is None:
            return None
        foods.append((food, ratio * crossed.usual))
        if None not in (old.weighed, food.weighed) and old.weighed != food.weighed:
            says.append(_says_state(food, old, crossed))
    return Ready(swap, tuple(foods), tuple(says))


def _crossed(swap: Swap, old: Ingredient, new: Ingredient) -> Yield | None:
    """What a gram of the old food is in the state in which the new one is weighed. What is raw
    comes in for what is raw, or where the swap's own step cooks it."""
    if new.weighed == "raw" and old.weighed != "raw":
        return SAME if old.weighed is None and swap.heats else None
    to_dry = new.weighed is None and swap.takes_dry
    return grams_in(old.kind, old.weighed, "dry" if to_dry else new.weighed)


def _says_state(new: Ingredient, old: Ingredient, crossed: Yield) -> str:
    """How much of the new food is what 100 g of the old one are."""
    usual, least, most = (figure * 100 for figure in crossed)
    first = ". Cook it first" if new.weighed == "dry" else ""
    return (
        f"{new.food} is weighed {new.weighed}: {usual:.0f} g for 100 g {old.weighed}, "
        f"usually {least:.0f} to {most:.0f} g{first}"
    )


def applies(swap: Swap, one: PlacedLine, piece: Workpiece) -> bool:
    """Whether the swap takes this food, and is one for this family of dish and this bowl."""
    family = piece.build.terms.family
    if swap.families and family is not None and family not in swap.families:
        return False
    if swap.crumb and piece.dry_share(one.component) < CRUMB:
        return False
    if swap.takes_food_id is not None:
        return swap.takes_food_id == one.ingredient.food_id
    return one.kind in swap.takes


def _candidates(part: SwapPart, old: Ingredient, shelf: Shelf) -> list[Ingredient]:
    if part.food_id is not None:
        candidates = list(shelf.by_food.get(part.food_id, ()))[:1]
    else:
        candidates = [food for kind in part.kinds for food in shelf.by_kind.get(kind, ())]
    fitting = (food for food in candidates if _fits(part, old, food))
    return list(islice(fitting, MOST_CANDIDATES))


def _fits(part: SwapPart, old: Ingredient, new: Ingredient) -> bool:
    if new.label_id == old.label_id or new.by_piece or new.label.weight_g is None:
        return False
    if part.words and not re.search(part.words, f"{new.food} {new.label.name}", re.IGNORECASE):
        return False
    if part.fat_most is not None and new.amount("fat_g") > part.fat_most:
        return False
    return not part.lighter or new.amount("kcal") <= LIGHTER * old.amount("kcal")


def _ratio(part: SwapPart, old: Ingredient, new: Ingredient) -> float | None:
    if part.by == "weight":
        return part.ratio
    return part.ratio * old.sweetness / new.sweetness if new.sweetness > 0 else None


def _option(
    piece: Workpiece,
    one: PlacedLine,
    ready: Ready,
    share: float,
    chosen: list[tuple[Ingredient, float]],
) -> SwapOption:
    swap = ready.swap
    key = f"{swap.key}:{'+'.join(str(food.label_id) for food, _ in chosen)}"
    change = _change(piece, one, swap, share, chosen)
    return SwapOption(
        key=key,
        swap=swap.key,
        name=swap.name,
        rule=swap.rule,
        watch=". ".join(filter(None, (swap.watch, *ready.says))),
        step=swap.step,
        source=swap.source,
        likeness=swap.likeness,
        share=share,
        most=swap.most,
        goes_in=tuple(
            SwapIn(label_id=food.label_id, name=food.name, grams=grams) for food, grams in chosen
        ),
        moved=moved_by(piece, change, {food.label_id: food for food, _ in chosen}),
        change=change,
        breaks=tuple(
            dict.fromkeys(
                need
                for food, _ in chosen
                for need in piece.build.terms.needs
                if keeps_out(need, food)
            )
        ),
    )


def round_g(grams: float) -> float:
    """As a kitchen scale shows it: whole grams from 20 on, tenths below."""
    return round(grams, 1 if grams < 20 else 0)


def with_less(line: BuildLine, grams: float) -> tuple[BuildLine, ...]:
    """What is left of a line; nothing when that is nothing."""
    if grams <= 0:
        return ()
    return (line.model_copy(update={"target_g": grams, "count": None, "how": ""}),)


def stand_in(one: PlacedLine, food: Ingredient, grams: float, taken_g: float) -> BuildLine:
    """The line that comes in for `taken_g` of another; it stands for the same of the original."""
    return BuildLine(
        id=f"{one.line.id[:44]}>{food.label_id}",
        label_id=food.label_id,
        target_g=grams,
        how=f"instead of {round_g(taken_g):g} g {one.ingredient.name}"[:300],
        stands_for=one.line.stands_for,
    )


def _change(
    piece: Workpiece,
    one: PlacedLine,
    swap: Swap,
    share: float,
    chosen: list[tuple[Ingredient, float]],
) -> BuildChange:
    """The line less what goes, followed by what comes; other lines as the swap says."""
    taken = one.amount * share
    rest = with_less(one.line, round_g(one.amount - taken))
    lines = {one.line.id: rest + tuple(stand_in(one, food, g, taken) for food, g in chosen)}
    for also in swap.also:
        for other in piece.lines():
            named = other.kind in also.kinds or other.ingredient.food_id == also.food_id
            if named and other.line.id not in lines:
                lines[other.line.id] = with_less(other.line, round_g(other.amount * also.factor))
    return BuildChange(lines=lines)


def moved_by(piece: Workpiece, change: BuildChange, news: Mapping[int, Ingredient]) -> Effect:
    """What a change of grams and foods does to one serving, divided as before."""
    after = Workpiece(change.applied(piece.build), {**piece.ingredients, **news}, piece.per_serving)
    touched = set(change.lines)
    before = {placed.line.id for placed in piece.lines() if placed.line.id not in touched}
    figures: dict[str, float | None] = {}
    for name in MOVED:
        out = _sum(piece, name, lambda key: key in touched)
        into = _sum(after, name, lambda key: key not in before)
        figures[name] = None if out is None or into is None else into - out
    return Effect(**figures)


def _sum(piece: Workpiece, name: Measurable, counts: Callable[[str], bool]) -> float | None:
    total = 0.0
    for placed in piece.lines():
        if counts(placed.line.id) and placed.amount:
            each = quality(placed.ingredient, name)
            if each is None:
                return None
            total += each * placed.amount * placed.per_serving
    return total
