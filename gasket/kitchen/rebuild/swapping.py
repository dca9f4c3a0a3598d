"""Swaps for a line of a build; swaps that the cook rejects, and swaps of their own."""

from datetime import datetime
from typing import Annotated

from pydantic import Field

from gasket.core.errors import FaultyInput, Refused, Unknown
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import Build, LineId, Remark
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.model import OWN, Swap, SwapShare
from gasket.core.swaps.options import Shelf, SwapOption, applies, options
from gasket.kitchen.rebuild import drafts, ingredients
from gasket.kitchen.shelf.shelf import ShelfLabel, shelf_labels
from gasket.store.books import Session
from gasket.store.books.book import plain
from gasket.store.books.dishes import DISHES
from gasket.store.books.shelf import FOODS
from gasket.store.books.swaps import OWN_SWAPS, REJECTED_SWAPS, swaps_rejected_in

MOST_OPTIONS = 24


class SwapsWanted(Value):
    """A line of an unsaved build, and how much of it may go; None is as much as each allows."""

    build: Build
    line_id: LineId
    share: SwapShare | None = None


class LineSwaps(Answer):
    """What may stand in for a line, rejected swaps last, with the labels that would come in."""

    line_id: str
    options: tuple[SwapOption, ...]
    labels: dict[int, ShelfLabel]
    says: str


class Rejection(Value):
    reason: Remark = ""


class RejectedSwap(Answer):
    swap: str
    name: str
    reason: str


def known_swaps(session: Session) -> tuple[Swap, ...]:
    """The cook's own swaps before those of the trade."""
    return (*own_swaps(session), *CATALOGUE)


def own_swaps(session: Session) -> tuple[Swap, ...]:
    return tuple(
        Swap.model_validate({**own.stored_swap, "key": f"{OWN}{own.id}", "source": "own"})
        for own in reversed(OWN_SWAPS.all(session))
    )


def for_line(session: Session, trial_id: int, wanted: SwapsWanted) -> LineSwaps:
    """The swaps that apply to a line, computed for this build with the shelf's foods."""
    draft = drafts.draft(session, trial_id, wanted.build)
    one = draft.piece.line(wanted.line_id)
    if one is None:
        raise FaultyInput.at("line_id", "That line is not in the build.")
    swaps = [swap for swap in known_swaps(session) if applies(swap, one, draft.piece)]
    rejected = swaps_rejected_in(session, draft.dish.id)
    no = {one.swap: one.reason or "no reason given" for one in rejected}
    shelf = shelf_for(session, swaps)
    offered = [
        option.model_copy(update={"rejected": no.get(option.swap)})
        for option in options(draft.piece, one, shelf, swaps, wanted.share)
    ][:MOST_OPTIONS]
    offered.sort(key=lambda option: (option.rejected is not None, bool(option.breaks)))
    coming = {part.label_id for option in offered for part in option.goes_in}
    return LineSwaps(
        line_id=wanted.line_id,
        options=tuple(offered),
        labels=shelf_labels(session, coming),
        says="" if offered else _why_none(one.ingredient.by_piece, one.ingredient.name, swaps),
    )


def _why_none(by_piece: bool, name: str, swaps: list[Swap]) -> str:
    if by_piece:
        return f"Weigh one piece of {name} first: swaps go by weight."
    if swaps:
        return f"The shelf holds nothing that could stand in for {name}."
    return f"No swap is known for {name}. Add one of your own."


def shelf_for(session: Session, swaps: list[Swap]) -> Shelf:
    """What these swaps could put in."""
    parts = [part for swap in swaps for part in swap.gives]
    return ingredients.shelf_of(
        session,
        {kind for part in parts for kind in part.kinds},
        {part.food_id for part in parts if part.food_id is not None},
    )


# Rejected swaps


def rejected(session: Session, dish_id: int) -> tuple[RejectedSwap, ...]:
    """The swaps that the cook does not want in this dish."""
    DISHES.fetch(session, dish_id)
    names = {swap.key: swap.name for swap in known_swaps(session)}
    return tuple(
        RejectedSwap(swap=one.swap, name=names.get(one.swap, one.swap), reason=one.reason)
        for one in swaps_rejected_in(session, dish_id)
    )


def reject(
    session: Session, dish_id: int, key: str, rejection: Rejection, now: datetime
) -> tuple[RejectedSwap, ...]:
    """Keep a swap from being proposed in this dish, with the reason."""
    DISHES.fetch(session, dish_id)
    if key not in {swap.key for swap in known_swaps(session)}:
        raise FaultyInput.at("swap", "There is no such swap.")
    reason = rejection.reason.strip()
    known = next((one for one in swaps_rejected_in(session, dish_id) if one.swap == key), None)
    if known is None:
        REJECTED_SWAPS.add(session, dish_id=dish_id, swap=key, reason=reason, created_at=now)
    else:
        REJECTED_SWAPS.change(session, known, reason=reason)
    return rejected(session, dish_id)


def allow(session: Session, dish_id: int, key: str) -> tuple[RejectedSwap, ...]:
    """Propose a rejected swap again."""
    DISHES.fetch(session, dish_id)
    known = swaps_rejected_in(session, dish_id)
    REJECTED_SWAPS.drop(session, *(one.id for one in known if one.swap == key))
    return rejected(session, dish_id)


# The cook's own


class OwnSwapPart(Value):
    """Grams of a food that go in for every 100 g taken out."""

    food_id: int
    per_100_g: Annotated[float, Field(strict=True, allow_inf_nan=False, gt=0, le=10_000)]


class OwnSwapAlso(Value):
    """Another food of the build that moves by a factor: twice the spice."""

    food_id: int
    factor: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=20)]


class NewSwap(Value):
    """A swap as the cook writes it down."""

    name: Annotated[str, Field(min_length=1, max_length=120)]
    takes_food_id: int
    gives: Annotated[tuple[OwnSwapPart, ...], Field(min_length=1, max_length=10)]
    also: Annotated[tuple[OwnSwapAlso, ...], Field(max_length=20)] = ()
    most: SwapShare = 1.0
    watch: Annotated[str, Field(max_length=500)] = ""
    step: Annotated[str, Field(max_length=500)] = ""
    likeness: Annotated[float, Field(strict=True, ge=0, le=10)] | None = None


def add_own(session: Session, new: NewSwap, now: datetime) -> Swap:
    """Keep a swap of the cook's own. Raises `FaultyInput` for foods that are not there."""
    named = [new.takes_food_id, *(part.food_id for part in new.gives)]
    named += [also.food_id for also in new.also]
    for food_id in named:
        try:
            FOODS.fetch(session, food_id)
        except Unknown:
            raise FaultyInput.at("gives", "That food is not on the shelf.") from None
    if new.takes_food_id in [part.food_id for part in new.gives]:
        raise FaultyInput.at("gives", "A food cannot stand in for itself.")
    swap = Swap.model_validate(
        {
            "key": "own",
            "name": new.name.strip() or "My swap",
            "takes_food_id": new.takes_food_id,
            "gives": [
                {"food_id": part.food_id, "ratio": part.per_100_g / 100} for part in new.gives
            ],
            "also": [also.model_dump() for also in new.also],
            "most": new.most,
            "rule": "your own",
            "watch": new.watch,
            "step": new.step,
            "likeness": new.likeness,
        }
    )
    own = OWN_SWAPS.add(session, stored_swap=plain(swap), created_at=now)
    return swap.model_copy(update={"key": f"{OWN}{own.id}", "source": "own"})


def remove_own(session: Session, key: str) -> None:
    """Forget a swap of the cook's own; those of the trade stay."""
    number = key.removeprefix(OWN)
    if not key.startswith(OWN) or not number.isdecimal() or len(number) > 18:
        raise Refused("Only swaps of your own can be removed; reject the others.")
    OWN_SWAPS.drop(session, OWN_SWAPS.fetch(session, int(number)).id)


def takes_of(piece: Workpiece, swaps: tuple[Swap, ...]) -> list[Swap]:
    """The swaps that take anything that is in this build."""
    lines = [*piece.lines()]
    return [swap for swap in swaps if any(applies(swap, line, piece) for line in lines)]
