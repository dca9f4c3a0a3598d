"""Packages side by side, and what each would make of a trial."""

from collections.abc import Iterator

from gasket.core.errors import FaultyInput, Unknown
from gasket.core.label.package import price_per_g
from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.reckoning.reckon import Result, reckon
from gasket.core.reckoning.side_by_side import LabelComparison, compare
from gasket.core.trade.nutrients.figure_types import NUTRIENTS
from gasket.core.trade.states import InState, not_alike
from gasket.kitchen import settings
from gasket.kitchen.rebuild import drafts
from gasket.kitchen.rebuild.ingredients import ingredients
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfLabel
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS

LEAST, MOST = 2, 5


class InTrial(Answer):
    """One serving of a trial with this package in its lines, less the trial as it stands."""

    uses_it: bool
    difference: dict[str, float | None]
    cost_difference: float | None


class ComparedLabel(Answer):
    food: str
    shelf_label: ShelfLabel
    compared: LabelComparison
    in_trial: InTrial | None


class Comparison(Answer):
    """Two to five packages. `trial_says` tells why a trial shows no differences, `states_say` that
    they are not weighed alike: raw beside cooked."""

    labels: tuple[ComparedLabel, ...]
    currency: str
    trial_says: str = ""
    states_say: str = ""


def comparison(session: Session, label_ids: list[int], trial_id: int | None) -> Comparison:
    """Compare packages. Raises `FaultyInput` unless two to five different ones are named."""
    ids = list(dict.fromkeys(label_ids))
    if not LEAST <= len(ids) <= MOST:
        raise FaultyInput.at("labels", f"Choose {LEAST} to {MOST} packages to compare.")
    labels = shelf.shelf_labels(session, ids)
    for key in ids:
        if key not in labels:
            raise Unknown("label", key)
    house = settings.read(session)
    foods = ingredients(session, labels, house.reckoning)
    in_trial, says = _in_trial(session, trial_id, labels, foods) if trial_id else ({}, "")
    return Comparison(
        labels=tuple(
            ComparedLabel(
                food=FOODS.fetch(session, labels[key].food_id).name,
                shelf_label=labels[key],
                compared=compare(
                    labels[key].label,
                    labels[key].package,
                    house.energy,
                    house.reckoning.erythritol_kcal_per_g,
                ),
                in_trial=in_trial.get(key),
            )
            for key in ids
        ),
        currency=house.currency,
        trial_says=says,
        states_say=not_alike([InState(one.name, one.kind, one.weighed) for one in foods.values()]),
    )


def _in_trial(
    session: Session,
    trial_id: int,
    labels: dict[int, ShelfLabel],
    foods: dict[int, Ingredient],
) -> tuple[dict[int, InTrial], str]:
    """Every line that uses one of the packages, with each of them in turn."""
    planned = drafts.draft(session, trial_id).planned
    used = [key for key in labels if str(key) in planned.labels]
    if not used:
        return {}, "This trial uses none of these packages, so nothing would change."
    now = reckon(planned)
    weights = [*_grams(planned, now, used)]
    states = {foods[key].weighed for key in used}
    by_label: dict[int, InTrial] = {}
    for key, label in labels.items():
        if {foods[key].weighed} != states:  # its grams are not the grams that are in there
            nothing = dict.fromkeys(NUTRIENTS)
            by_label[key] = InTrial(uses_it=key in used, difference=nothing, cost_difference=None)
            continue
        other = reckon(planned.with_panel({str(old) for old in used}, label.label)).serving
        by_label[key] = InTrial(
            uses_it=key in used,
            difference={name: _difference(now.serving, other, name) for name in NUTRIENTS},
            cost_difference=_cost(weights, label, labels),
        )
    return by_label, ""


def _difference(now: Portion, other: Portion, name: str) -> float | None:
    one, changed = getattr(now, name), getattr(other, name)
    if isinstance(one, Figure) and isinstance(changed, Figure):
        return changed.value - one.value
    return None


def _cost(
    weights: list[tuple[float, int]], one: ShelfLabel, labels: dict[int, ShelfLabel]
) -> float | None:
    """Cost of a serving with `one` less the cost as it stands; None while a price is unknown."""
    price = price_per_g(one.package, one.label)
    if price is None:
        return None
    total = 0.0
    for grams, old in weights:
        before = price_per_g(labels[old].package, labels[old].label)
        if before is None:
            return None
        total += grams * (price - before)
    return total


def _grams(planned: Batch, now: Result, used: list[int]) -> Iterator[tuple[float, int]]:
    """Grams per serving of each line that uses one of the packages."""
    by_key = {str(key): key for key in used}
    for line in now.lines:
        part, _, at = line.where.partition(".lines[")
        component = planned.components[int(part.removeprefix("components[").rstrip("]"))]
        label = component.lines[int(at.rstrip("]"))].label
        if label in by_key:
            yield line.grams, by_key[label]
