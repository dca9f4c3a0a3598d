"""Builds of trials: components and lines, whole in and whole out."""

from collections.abc import Iterable
from typing import Any, Final

from sqlmodel import Session, col, select

from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine
from gasket.store.books.book import plain
from gasket.store.books.trials import TRIALS, Trial
from gasket.store.tables import ComponentRow, LineRow

_SAID: Final = ("off", "locked", "least_g", "most_g", "why", "until", "stands_for")
"""What the cook says of a line, kept as JSON beside its figures."""


def build_of(session: Session, trial: Trial) -> Build:
    """The build of a trial."""
    return builds_of(session, [trial])[trial.id]


def builds_of(session: Session, trials: Iterable[Trial]) -> dict[int, Build]:
    """The builds of these trials, by trial."""
    wanted = {trial.id: trial for trial in trials}
    parts: dict[int, dict[int, tuple[str, list[BuildLine]]]] = {key: {} for key in wanted}
    for row in session.exec(_components(wanted)):
        parts[row.trial_id][row.id or 0] = (row.name, [])
    for line in session.exec(_lines(wanted)):
        parts[line.trial_id][line.component_id][1].append(BuildLine(**stored_line(line)))
    return {
        key: Build(
            portions=trial.portions,
            terms=trial.terms,
            components=tuple(
                BuildComponent(name=name, lines=tuple(lines)) for name, lines in parts[key].values()
            ),
        )
        for key, trial in wanted.items()
    }


def _components(trial_ids: Iterable[int]) -> Any:
    query = select(ComponentRow).where(col(ComponentRow.trial_id).in_(list(trial_ids)))
    return query.order_by(col(ComponentRow.position))


def _lines(trial_ids: Iterable[int]) -> Any:
    query = select(LineRow).where(col(LineRow.trial_id).in_(list(trial_ids)))
    return query.order_by(col(LineRow.position))


def stored_line(row: LineRow) -> dict[str, Any]:
    """What is kept of a line, whether or not it can be read as one."""
    return {
        "id": row.key,
        "label_id": row.label_id,
        "component": row.of_component,
        "target_g": row.target_g,
        "count": row.count,
        "how": row.how,
        **row.stored_terms,
    }


def write_build(session: Session, trial: Trial, build: Build, **changed: Any) -> Trial:
    """Replace the trial's build, with `changed` of the trial itself."""
    _drop(session, trial.id)
    for at, part in enumerate(build.components):
        _write_component(session, trial.id, at, part)
    return TRIALS.change(
        session, trial, portions=build.portions, stored_terms=plain(build.terms), **changed
    )


def _drop(session: Session, trial_id: int) -> None:
    for query in (_lines([trial_id]), _components([trial_id])):
        for row in session.exec(query):
            session.delete(row)
        session.flush()


def _write_component(session: Session, trial_id: int, at: int, part: BuildComponent) -> None:
    component = ComponentRow(trial_id=trial_id, position=at, name=part.name)
    session.add(component)
    session.flush()
    session.add_all(
        LineRow(
            trial_id=trial_id,
            component_id=component.id or 0,
            position=place,
            key=line.id,
            label_id=line.label_id,
            of_component=line.component,
            target_g=line.target_g,
            count=line.count,
            how=line.how,
            stored_terms=line.model_dump(mode="json", include=set(_SAID), exclude_defaults=True),
        )
        for place, line in enumerate(part.lines)
    )
    session.flush()


def labels_in(session: Session, trial_ids: Iterable[int]) -> frozenset[int]:
    """The labels that these trials use."""
    query = select(LineRow.label_id).where(col(LineRow.trial_id).in_(list(trial_ids))).distinct()
    return frozenset(key for key in session.exec(query) if key is not None)


def trials_with(session: Session, label_id: int) -> list[Trial]:
    """The trials that use a label, oldest first."""
    using = select(LineRow.trial_id).where(LineRow.label_id == label_id)
    return TRIALS.all(session, TRIALS.column("id").in_(using))
