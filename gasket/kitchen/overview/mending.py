"""Mending a dish whose rows make no sense any more: what can be read is kept, what cannot is left
out, and what was there before is kept beside it."""

import uuid
from collections.abc import Callable, Iterator
from datetime import datetime
from typing import Any, Final

from pydantic import ValidationError

from gasket.core.cooking.steps import Step, faults
from gasket.core.errors import FaultyInput, GasketError
from gasket.core.numbers import Answer
from gasket.core.rebuild.trial import MOST_COMPONENTS, Build, BuildComponent, BuildLine, Terms
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.cook import batch_figures
from gasket.kitchen.overview import dish_cards
from gasket.kitchen.rebuild import drafts
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.builds import write_build
from gasket.store.books.dishes import DISHES, Dish
from gasket.store.books.mended import StoredComponent, as_stored, keep_before, stored_build
from gasket.store.books.trials import TRIALS, Trial, steps_of

_FIGURES: Final = ("serving_g", "kcal", "protein_g", "carbohydrate_g", "fat_g")
_UNREADABLE: Final = (
    *(ValidationError, GasketError),
    *(ValueError, TypeError, KeyError, AttributeError),
)


class MendReport(Answer):
    """What was done, in sentences for a cook, and whether the dish can be read now."""

    says: tuple[str, ...]
    whole: bool


def mend(session: Session, dish_id: int, now: datetime) -> MendReport:
    """Mend what is stored of a dish, as far as it goes. Raises `Unknown`."""
    dish = DISHES.fetch(session, dish_id)
    try:
        before = as_stored(session, dish_id)
    except ValueError:  # not even SQLite's own JSON
        return MendReport(says=("It can’t be read at all. Set it aside.",), whole=False)
    says = list(_mend(session, dish))
    if says:
        keep_before(session, dish_id, before, now)
    still = _unreadable(session, dish_id)
    if still:
        says.append(f"{still} Set the dish aside: nothing of it is lost.")
    return MendReport(says=tuple(says or ["Nothing was wrong with it."]), whole=not still)


def _mend(session: Session, dish: Dish) -> Iterator[str]:
    yield from _mend_original(session, dish)
    for trial in TRIALS.whole_dish(session, dish.id):
        where = "the original" if trial.is_original else f"trial {trial.letter}"
        yield from _mend_trial(session, trial, where)
        for batch in BATCHES.of_trials(session, [trial.id])[trial.id]:
            yield from _mend_batch(session, batch, f"a batch of {where}")


def _unreadable(session: Session, dish_id: int) -> str:
    """What still cannot be read of a dish; empty when all of it can."""
    try:
        dish_cards.calculate(session, dish_id)
    except _UNREADABLE:
        return "Its newest trial still can’t be read."
    trials = [trial.id for trial in TRIALS.whole_dish(session, dish_id)]
    for batches in BATCHES.of_trials(session, trials).values():
        for batch in batches:
            try:
                batch_figures.calculate(session, batch.id)
            except _UNREADABLE:
                return "One of its batches still can’t be read."
    return ""


def _readable(read: Callable[..., object], *given: object) -> bool:
    try:
        read(*given)
    except _UNREADABLE:
        return False
    return True


def _mend_original(session: Session, dish: Dish) -> Iterator[str]:
    changed: dict[str, Any] = {}
    for field in _FIGURES:
        if not _readable(Original.model_validate, {field: getattr(dish, field)}):
            changed[field] = None
            yield f"The original’s {field.partition('_')[0]} could not be read and is unknown now."
    if dish.original_from not in ("figures", "lines"):
        changed["original_from"] = "figures"
        yield "The original goes by its typed figures now."
    DISHES.change(session, dish, **changed)


def _mend_trial(session: Session, trial: Trial, where: str) -> Iterator[str]:
    if not _readable(Terms.model_validate, trial.stored_terms):
        terms = _readable_terms(trial.stored_terms)
        trial = TRIALS.change(session, trial, stored_terms=terms)
        yield f"Family, goal or needs of {where} could not be read and are left out."
    if not _readable(_whole_steps, trial.stored_steps):
        steps = _readable_steps(trial.stored_steps)
        trial = TRIALS.change(session, trial, stored_steps=steps)
        yield f"Steps of {where} could not be read and are left out."
    if not _readable(_reckon, session, trial):
        yield from _mend_build(session, trial, where)


def _reckon(session: Session, trial: Trial, instead: Build | None = None) -> None:
    reckon(drafts.draft(session, trial.id, instead).planned)


def _readable_terms(stored: Any) -> dict[str, Any]:
    given = stored if isinstance(stored, dict) else {}
    return {
        key: value for key, value in given.items() if _readable(Terms.model_validate, {key: value})
    }


def _whole_steps(stored: list[dict[str, Any]]) -> None:
    if wrong := faults(steps_of(stored)):
        raise FaultyInput.at("steps", wrong[0][1])


def _readable_steps(stored: Any) -> list[dict[str, Any]]:
    given = stored if isinstance(stored, list) else []
    kept = [step for step in given if _readable(Step.model_validate, step)]
    if _readable(_whole_steps, kept):
        return kept
    return [{**step, "after": []} for step in kept]


def _mend_build(session: Session, trial: Trial, where: str) -> Iterator[str]:
    """Keep the lines that can be read; then leave out those of components until it adds up."""
    components: list[BuildComponent] = []
    taken: set[str] = set()
    left_out = 0
    for part in stored_build(session, trial.id)[:MOST_COMPONENTS]:
        lines = [line for stored in part.lines if (line := _line(stored, taken)) is not None]
        left_out += len(part.lines) - len(lines)
        components.append(BuildComponent(name=_free_name(part, components), lines=tuple(lines)))
    portions = max(1, trial.portions)
    build = Build(portions=portions, terms=trial.terms, components=tuple(components))
    whole = _without_circles(session, trial, build)
    left_out += sum(1 for _ in build.lines()) - sum(1 for _ in whole.lines())
    write_build(session, trial, whole, version=trial.version + 1)
    lost = "nothing had to be left out" if not left_out else f"{left_out} left out"
    yield f"The build of {where} is put in order: {lost}."


def _line(stored: dict[str, Any], taken: set[str]) -> BuildLine | None:
    """The line, without what cannot be read of it; None when nothing of it can."""
    key = stored["id"] if stored["id"] and stored["id"] not in taken else str(uuid.uuid4())
    named = {name: stored[name] for name in ("label_id", "component")}
    figures = {name: stored[name] for name in ("target_g", "count", "how")}
    terms = {name: said for name, said in stored.items() if name not in {*named, *figures, "id"}}
    if (named["label_id"] is None) == (named["component"] is None):
        return None
    for said in (terms, {}):
        for of in (figures, {"target_g": 0.0}):
            try:
                line = BuildLine.model_validate({"id": key, **named, **of, **said})
            except _UNREADABLE:
                continue
            taken.add(key)
            return line
    return None


def _free_name(part: StoredComponent, there: list[BuildComponent]) -> str:
    name = part.name.strip()[:110] or f"Component {part.position + 1}"
    taken = {other.name for other in there}
    return name if name not in taken else f"{name} {part.position + 1}"


def _without_circles(session: Session, trial: Trial, build: Build) -> Build:
    """The build, less the lines of components that keep it from being reckoned."""

    while not _readable(_reckon, session, trial, build):
        last = next((line for line in reversed([*build.lines()]) if line.component), None)
        if last is None:
            break
        build = _without(build, last)
    return build


def _without(build: Build, line: BuildLine) -> Build:
    return build.model_copy(
        update={
            "components": tuple(
                part.model_copy(
                    update={"lines": tuple(other for other in part.lines if other != line)}
                )
                for part in build.components
            )
        }
    )


def _mend_batch(session: Session, batch: BatchHead, where: str) -> Iterator[str]:
    changed: dict[str, Any] = {"portions": max(1, batch.portions)}
    if not _readable(lambda: batch.dividing):
        changed["stored_dividing"] = {}
        says = f"it is in {changed['portions']} equal pieces"
        yield f"How {where} is divided could not be read: {says}."
    if not _readable(lambda: batch.finishes):
        changed["stored_finishes"] = []
        yield f"The finishes of {where} could not be read and are left out."
    if not _readable(lambda: batch.steps):
        changed["stored_steps"] = _readable_steps(batch.stored_steps)
        yield f"Steps of {where} could not be read and are left out."
    if not _readable(lambda: batch.original):
        changed["stored_original"] = None
        yield f"The original that {where} kept could not be read: the dish’s own is used."
    BATCHES.change(session, batch, **changed)
