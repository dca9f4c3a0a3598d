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


def on_closing(session: Session, made: StoredBatch) -> None:
    """Write what the trial learns from a weigh-in that closes."""
    if made.head.free:
        _write(session, made, as_weighed(made, builds.build_of(session, made.trial)))
    elif any(line.until for line in made.lines):
        planned = builds.build_of(session, made.trial)
        found = _until_right(made, planned)
        if found != planned:
            _write(session, made, found)


def as_plan(session: Session, batch_id: int) -> TrialSheet:
    """Make the weights of a closed batch the plan of its trial. Raises `Refused` while open."""
    made = weighed.read(session, batch_id)
    if made.head.closed_at is None:
        raise Refused("Close the weigh-in first.")
    if made.whole is not None:
        raise Refused("This is an arm, a part of a batch: its weights are no plan.")
    _write(session, made, as_weighed(made, builds.build_of(session, made.trial)))
    return build.sheet(session, made.trial.id)


def _write(session: Session, made: StoredBatch, planned: Build) -> None:
    builds.write_build(session, made.trial, planned, version=made.trial.version + 1)


def as_weighed(made: StoredBatch, planned: Build) -> Build:
    """The build that this batch was: planned lines keep what the cook says of them, skipped ones
    are off, what came in on the way is added at the end of its bowl."""
    by_key = {line.key: line for line in made.lines if line.key}
    parts: dict[str, list[BuildLine]] = {}
    for part in planned.components:
        parts[part.name] = [
            _line(made, by_key[line.id], line) if line.id in by_key else line for line in part.lines
        ]
    there = {line.id for line in planned.lines()}
    for row in made.lines:
        if row.key not in there and made.state_of(row).status is LineStatus.WEIGHED:
            key = row.key or f"batch-{made.head.id}-{row.id}"
            parts.setdefault(row.component, []).append(_line(made, row, _new_line(made, row, key)))
    return planned.model_copy(
        update={
            "components": tuple(
                BuildComponent(name=name, lines=tuple(lines)) for name, lines in parts.items()
            ),
            "portions": made.head.portions,
        }
    )


def _line(made: StoredBatch, row: WrittenLine, line: BuildLine) -> BuildLine:
    state = made.state_of(row)
    if state.status is LineStatus.SKIPPED:
        return line.model_copy(update={"off": True})
    revision = made.revision_of(row)
    return line.model_copy(
        update={
            "label_id": made.shelved[revision].label_id if revision else None,
            "component": row.of_component,
            "target_g": round(made.poured_of(row), 3),
            "count": state.count if state.count is not None else line.count,
            "how": "as weighed",
            "until": state.cue or line.until,
        }
    )


def _new_line(made: StoredBatch, row: WrittenLine, key: str) -> BuildLine:
    revision = made.revision_of(row)
    label_id = made.shelved[revision].label_id if revision else None
    return BuildLine(id=key, label_id=label_id, component=row.of_component, target_g=0.0)


def _until_right(made: StoredBatch, planned: Build) -> Build:
    """Lines that were poured until they were right: their grams and their cue for next time."""
    right = {
        line.key: line
        for line in made.lines
        if line.key and line.until and made.state_of(line).status is LineStatus.WEIGHED
    }
    return planned.model_copy(
        update={
            "components": tuple(
                part.model_copy(
                    update={
                        "lines": tuple(
                            _line(made, right[line.id], line) if line.id in right else line
                            for line in part.lines
                        )
                    }
                )
                for part in planned.components
            )
        }
    )
