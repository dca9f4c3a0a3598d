"""What was weighed becomes what is planned: a free weigh-in writes its trial, a line that was
poured until it was right its next target."""

from gasket.core.errors import Refused
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.line_state import LineStatus
from gasket.kitchen.rebuild import build
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session, builds


def on_closing(session: Session, batch: StoredBatch) -> None:
    """Write what the trial learns from a weigh-in that closes."""
    if batch.head.free:
        _write(session, batch, as_weighed(batch, builds.build_of(session, batch.trial)))
    elif any(line.until for line in batch.lines):
        planned = builds.build_of(session, batch.trial)
        lines = _until_right(batch, planned)
        if lines != planned:
            _write(session, batch, lines)


def as_plan(session: Session, batch_id: int) -> TrialSheet:
    """Make the weights of a closed batch the plan of its trial. Raises `Refused` while open."""
    batch = weighed.read(session, batch_id)
    if batch.head.closed_at is None:
        raise Refused("Close the weigh-in first.")
    if batch.whole is not None:
        raise Refused("This is an arm, a part of a batch: its weights are no plan.")
    _write(session, batch, as_weighed(batch, builds.build_of(session, batch.trial)))
    return build.sheet(session, batch.trial.id)


def _write(session: Session, batch: StoredBatch, planned: Build) -> None:
    builds.write_build(session, batch.trial, planned, version=batch.trial.version + 1)


def as_weighed(batch: StoredBatch, planned: Build) -> Build:
    """The build that this batch was: planned lines keep what the cook says of them, skipped ones
    are off, what came in on the way is added at the end of its bowl."""
    by_key = {line.key: line for line in batch.lines if line.key}
    parts: dict[str, list[BuildLine]] = {}
    for part in planned.components:
        parts[part.name] = [
            _line(batch, by_key[line.id], line) if line.id in by_key else line
            for line in part.lines
        ]
    planned_ids = {line.id for line in planned.lines()}
    for row in batch.lines:
        if row.key not in planned_ids and batch.state_of(row).status is LineStatus.WEIGHED:
            key = row.key or f"batch-{batch.head.id}-{row.id}"
            parts.setdefault(row.component, []).append(
                _line(batch, row, _new_line(batch, row, key))
            )
    return planned.model_copy(
        update={
            "components": tuple(
                BuildComponent(name=name, lines=tuple(lines)) for name, lines in parts.items()
            ),
            "portions": batch.head.portions,
        }
    )


def _line(batch: StoredBatch, row: WrittenLine, line: BuildLine) -> BuildLine:
    state = batch.state_of(row)
    if state.status is LineStatus.SKIPPED:
        return line.model_copy(update={"off": True})
    revision = batch.revision_of(row)
    return line.model_copy(
        update={
            "label_id": batch.shelved[revision].label_id if revision else None,
            "component": row.of_component,
            "target_g": round(batch.poured_of(row), 3),
            "count": state.count if state.count is not None else line.count,
            "how": "as weighed",
            "until": state.cue or line.until,
        }
    )


def _new_line(batch: StoredBatch, row: WrittenLine, key: str) -> BuildLine:
    revision = batch.revision_of(row)
    label_id = batch.shelved[revision].label_id if revision else None
    return BuildLine(id=key, label_id=label_id, component=row.of_component, target_g=0.0)


def _until_right(batch: StoredBatch, planned: Build) -> Build:
    """Lines that were poured until they were right: their grams and their cue for next time."""
    right = {
        line.key: line
        for line in batch.lines
        if line.key and line.until and batch.state_of(line).status is LineStatus.WEIGHED
    }
    return planned.model_copy(
        update={
            "components": tuple(
                part.model_copy(
                    update={
                        "lines": tuple(
                            _line(batch, right[line.id], line) if line.id in right else line
                            for line in part.lines
                        )
                    }
                )
                for part in planned.components
            )
        }
    )
