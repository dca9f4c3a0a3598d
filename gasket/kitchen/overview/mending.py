"""Mending a dish whose rows make no sense any more: what can be read is kept, what cannot is left
out, and what was there before is kept beside it."""

import uuid
from collections.abc import Callable, Iterator
from datetime import datetime
from typing import Any, Final

from pydantic import ValidationError
from sqlmodel import Session, col, select

from gasket.core.cooking.steps import Step, faults
from gasket.core.errors import FaultyInput, GasketError
from gasket.core.numbers import Answer
from gasket.core.rebuild.trial import MOST_COMPONENTS, Build, BuildComponent, BuildLine, Terms
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.cook import batch_figures
from gasket.kitchen.overview import dish_cards
from gasket.kitchen.rebuild import drafts
from gasket.kitchen.weigh.finishes import stored_finishes
from gasket.store import rows
from gasket.store.tables import BatchRow, ComponentRow, DishRow, LineRow, MendedRow, TrialRow

_FIGURES: Final = ("serving_g", "kcal", "protein_g", "carbohydrate_g", "fat_g")
_UNREADABLE: Final = (ValidationError, GasketError, ValueError, TypeError, KeyError)


class Mended(Answer):
    """What was done, in sentences for a cook, and whether the dish can be read now."""

    says: tuple[str, ...]
    whole: bool


def mend(session: Session, dish_id: int, now: datetime) -> Mended:
    """Mend what is stored of a dish, as far as it goes. Raises `Unknown`."""
    dish = rows.fetch(session, DishRow, dish_id)
    try:
        before = _as_stored(session, dish)
    except ValueError:  # not even SQLite's own JSON
        return Mended(says=("It can’t be read at all. Set it aside.",), whole=False)
    says = list(_mend(session, dish))
    if says:
        session.add(MendedRow(dish_id=dish_id, before=before, at=now))
    session.flush()
    still = _unreadable(session, dish_id)
    if still:
        says.append(f"{still} Set the dish aside: nothing of it is lost.")
    return Mended(says=tuple(says or ["Nothing was wrong with it."]), whole=not still)


def _mend(session: Session, dish: DishRow) -> Iterator[str]:
    yield from _mend_original(dish)
    query = select(TrialRow).where(TrialRow.dish_id == dish.id).order_by(col(TrialRow.id))
    for trial in session.exec(query).all():
        where = "the original" if trial.is_original else f"trial {trial.letter}"
        yield from _mend_trial(session, trial, where)
        for batch in rows.batches_of(session, [rows.key_of(trial)])[rows.key_of(trial)]:
            yield from _mend_batch(batch, f"a batch of {where}")


def _unreadable(session: Session, dish_id: int) -> str:
    """What still cannot be read of a dish; empty when all of it can."""
    try:
        dish_cards.calculate(session, dish_id)
    except _UNREADABLE:
        return "Its newest trial still can’t be read."
    query = select(BatchRow.id).join(TrialRow).where(TrialRow.dish_id == dish_id)
    for batch_id in session.exec(query):
        try:
            batch_figures.calculate(session, batch_id or 0)
        except _UNREADABLE:
            return "One of its batches still can’t be read."
    return ""


def _readable(read: Callable[..., object], *given: object) -> bool:
    try:
        read(*given)
    except _UNREADABLE:
        return False
    return True


def _mend_original(dish: DishRow) -> Iterator[str]:
    for field in _FIGURES:
        given = {field: getattr(dish, field)}
        if not _readable(Original.model_validate, given):
            setattr(dish, field, None)
            yield f"The original’s {field.partition('_')[0]} could not be read and is unknown now."
    if dish.original_from not in ("figures", "lines"):
        dish.original_from = "figures"
        yield "The original goes by its typed figures now."


def _mend_trial(session: Session, trial: TrialRow, where: str) -> Iterator[str]:
    if not _readable(rows.terms_of, trial):
        trial.terms = _readable_terms(trial.terms)
        yield f"Family, goal or needs of {where} could not be read and are left out."
    if not _readable(_whole_steps, trial.steps):
        trial.steps = _readable_steps(trial.steps)
        yield f"Steps of {where} could not be read and are left out."
    if not _readable(_reckon, session, trial):
        yield from _mend_build(session, trial, where)


def _reckon(session: Session, trial: TrialRow, instead: Build | None = None) -> None:
    reckon(drafts.draft(session, rows.key_of(trial), instead).planned)


def _readable_terms(stored: Any) -> dict[str, Any]:
    given = stored if isinstance(stored, dict) else {}
    return {
        key: value for key, value in given.items() if _readable(Terms.model_validate, {key: value})
    }


def _whole_steps(stored: list[dict[str, Any]]) -> None:
    if found := faults(rows.steps_of(stored)):
        raise FaultyInput.at("steps", found[0][1])


def _readable_steps(stored: Any) -> list[dict[str, Any]]:
    given = stored if isinstance(stored, list) else []
    kept = [step for step in given if _readable(Step.model_validate, step)]
    if _readable(_whole_steps, kept):
        return kept
    return [{**step, "after": []} for step in kept]


def _mend_build(session: Session, trial: TrialRow, where: str) -> Iterator[str]:
    """Keep the lines that can be read; then leave out those of components until it adds up."""
    trial.portions = max(1, trial.portions)
    components: list[BuildComponent] = []
    taken: set[str] = set()
    left_out = 0
    for part in rows.components_of(session, rows.key_of(trial))[:MOST_COMPONENTS]:
        stored = rows.lines_of(session, part)
        lines = [line for row in stored if (line := _line(row, taken)) is not None]
        left_out += len(stored) - len(lines)
        components.append(BuildComponent(name=_free_name(part, components), lines=tuple(lines)))
    found = Build(portions=trial.portions, terms=rows.terms_of(trial), components=tuple(components))
    whole = _without_circles(session, trial, found)
    left_out += sum(1 for _ in found.lines()) - sum(1 for _ in whole.lines())
    rows.write_build(session, trial, whole)
    trial.version += 1
    session.add(trial)
    lost = "nothing had to be left out" if not left_out else f"{left_out} left out"
    yield f"The build of {where} is put in order: {lost}."


def _line(row: LineRow, taken: set[str]) -> BuildLine | None:
    """The line, without what cannot be read of it; None when nothing of it can."""
    key = row.key if row.key and row.key not in taken else str(uuid.uuid4())
    figures = {"target_g": row.target_g, "count": row.count, "how": row.how}
    of = {"label_id": row.label_id, "component": row.of_component}
    if (row.label_id is None) == (row.of_component is None):
        return None
    for terms in (row.terms, {}):
        for said in (figures, {"target_g": 0.0}):
            try:
                line = BuildLine.model_validate({"id": key, **of, **said, **terms})
            except _UNREADABLE:
                continue
            taken.add(key)
            return line
    return None


def _free_name(part: ComponentRow, there: list[BuildComponent]) -> str:
    name = part.name.strip()[:110] or f"Component {part.position + 1}"
    taken = {other.name for other in there}
    return name if name not in taken else f"{name} {part.position + 1}"


def _without_circles(session: Session, trial: TrialRow, found: Build) -> Build:
    """The build, less the lines of components that keep it from being reckoned."""

    while not _readable(_reckon, session, trial, found):
        last = next((line for line in reversed([*found.lines()]) if line.component), None)
        if last is None:
            break
        found = _without(found, last)
    return found


def _without(found: Build, line: BuildLine) -> Build:
    return found.model_copy(
        update={
            "components": tuple(
                part.model_copy(
                    update={"lines": tuple(other for other in part.lines if other != line)}
                )
                for part in found.components
            )
        }
    )


def _mend_batch(batch: BatchRow, where: str) -> Iterator[str]:
    batch.portions = max(1, batch.portions)
    if batch.dividing and not _readable(Dividing.model_validate, batch.dividing):
        batch.dividing = {}
        yield f"How {where} is divided could not be read: it is in {batch.portions} equal pieces."
    if not _readable(stored_finishes, batch):
        batch.finishes = []
        yield f"The finishes of {where} could not be read and are left out."
    if batch.steps is not None and not _readable(rows.steps_of, batch.steps):
        batch.steps = _readable_steps(batch.steps)
        yield f"Steps of {where} could not be read and are left out."
    if batch.original is not None and not _readable(_kept_original, batch.original):
        batch.original = None
        yield f"The original that {where} kept could not be read: the dish’s own is used."


def _kept_original(stored: Any) -> Original:
    return Original.model_validate({key: value for key, value in stored.items() if key != "stamp"})


def _as_stored(session: Session, dish: DishRow) -> dict[str, Any]:
    """Everything of a dish that mending may change, as it is in its rows."""
    trials = session.exec(select(TrialRow).where(TrialRow.dish_id == dish.id)).all()
    keys = [rows.key_of(trial) for trial in trials]
    parts = session.exec(select(ComponentRow).where(col(ComponentRow.trial_id).in_(keys))).all()
    lines = session.exec(select(LineRow).where(col(LineRow.trial_id).in_(keys))).all()
    batches = [row for made in rows.batches_of(session, keys).values() for row in made]
    return {
        "dish": dish.model_dump(mode="json"),
        "trials": [row.model_dump(mode="json") for row in trials],
        "components": [row.model_dump(mode="json") for row in parts],
        "lines": [row.model_dump(mode="json") for row in lines],
        "batches": [row.model_dump(mode="json") for row in batches],
    }
