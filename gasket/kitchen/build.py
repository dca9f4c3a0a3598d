"""The build of a trial: its components and lines, what it plans, saving it."""

from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlmodel import Session

from gasket.core.batch import Batch
from gasket.core.errors import Conflict, Fault, FaultyInput
from gasket.core.numbers import Answer, Value
from gasket.core.reckon import Result, reckon
from gasket.core.trial import Build, plan
from gasket.kitchen import settings, shelf
from gasket.kitchen.shelf import ShelfLabel
from gasket.store import rows
from gasket.store.tables import DishRow, TrialRow


class TrialSheet(Answer):
    """A trial as stored: its build, the shelf labels it uses, what it plans and its reckoning."""

    id: int
    dish_id: int
    letter: str
    intent: str
    version: int
    build: Build
    labels: dict[int, ShelfLabel]
    planned: Batch
    result: Result


class BuildEdit(Value):
    """The whole build, with the trial version that it was read at."""

    version: Annotated[int, Field(ge=1)]
    build: Build


def sheet(session: Session, trial_id: int) -> TrialSheet:
    trial = rows.fetch(session, TrialRow, trial_id)
    build = rows.build_of(session, trial)
    labels = _labels(session, build)
    planned = _plan(session, trial, build, labels)
    return TrialSheet(
        id=trial_id,
        dish_id=trial.dish_id,
        letter=trial.letter,
        intent=trial.intent,
        version=trial.version,
        build=build,
        labels=labels,
        planned=planned,
        result=reckon(planned),
    )


def _labels(session: Session, build: Build) -> dict[int, ShelfLabel]:
    return shelf.shelf_labels(session, _label_ids(build))


def _label_ids(build: Build) -> set[int]:
    lines = (line for part in build.components for line in part.lines)
    return {line.label_id for line in lines if line.label_id}


def _plan(session: Session, trial: TrialRow, build: Build, labels: dict[int, ShelfLabel]) -> Batch:
    dish = rows.fetch(session, DishRow, trial.dish_id)
    panels = {key: one.label for key, one in labels.items()}
    reckoning = settings.read(session).reckoning
    return plan(build, panels, reckoning, rows.original_of(dish))


def reckon_edit(session: Session, trial_id: int, edited: Build) -> Result:
    """What an unsaved build comes to. Raises `FaultyInput` for what cannot be reckoned."""
    trial = rows.fetch(session, TrialRow, trial_id)
    labels = _labels(session, edited)
    _refuse_faulty(edited, labels)
    return reckon(_plan(session, trial, edited, labels))


def planned(session: Session, trial: TrialRow) -> tuple[Result, tuple[str, ...]]:
    """What the trial plans, and the names of its lines in the order of `Result.lines`."""
    build = rows.build_of(session, trial)
    batch = _plan(session, trial, build, _labels(session, build))
    return reckon(batch), line_names(batch)


def line_names(batch: Batch) -> tuple[str, ...]:
    """Names of the lines that `Result.lines` speaks of, in its order."""
    keys = [line.label for part in batch.components for line in part.lines if line.label]
    keys += [line.label for line in batch.finish]
    return tuple(batch.labels[key].name for key in keys)


def save(session: Session, trial_id: int, edit: BuildEdit, now: datetime) -> TrialSheet:
    """Replace the build. Raises `Conflict`, and `FaultyInput` for what cannot be reckoned."""
    trial = rows.fetch(session, TrialRow, trial_id)
    if trial.version != edit.version:
        raise Conflict("build", sheet(session, trial_id))
    labels = _labels(session, edit.build)
    _refuse_faulty(edit.build, labels)
    reckon(_plan(session, trial, edit.build, labels))
    before = rows.build_of(session, trial)
    shelf.touch(session, _label_ids(edit.build) - _label_ids(before), now)
    rows.write_build(session, trial, edit.build)
    trial.version += 1
    session.add(trial)
    session.commit()
    return sheet(session, trial_id)


def _refuse_faulty(build: Build, labels: dict[int, ShelfLabel]) -> None:
    faults = [
        Fault(
            path=f"components[{i}].lines[{j}].label_id",
            message="That label is not on the shelf.",
        )
        for i, part in enumerate(build.components)
        for j, line in enumerate(part.lines)
        if line.label_id is not None and line.label_id not in labels
    ]
    keys = [line.id for part in build.components for line in part.lines]
    if len(set(keys)) < len(keys):
        faults.append(Fault(path="components", message="Two lines carry the same id."))
    if faults:
        raise FaultyInput(*faults)
