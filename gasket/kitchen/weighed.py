"""A batch as it was weighed: from stored lines and records to the core's `Batch`."""

from dataclasses import dataclass
from functools import cached_property

from sqlmodel import Session, col, select

from gasket.core.batch import Batch, Component, Line, Portions
from gasket.core.findings import Finding
from gasket.core.formula import flatten
from gasket.core.labels import Label
from gasket.core.reckon import Result, reckon
from gasket.core.weighing import LineState, LineStatus, Record, WeighIn, replay
from gasket.kitchen import originals, settings
from gasket.store import rows
from gasket.store.tables import BatchLineRow, BatchRow, DishRow, LabelRevisionRow, TrialRow


@dataclass(frozen=True)
class Weighed:
    """Everything about one batch, read once."""

    row: BatchRow
    trial: TrialRow
    dish: DishRow
    lines: list[BatchLineRow]
    state: WeighIn
    panels: dict[int, Label]
    batch: Batch
    result: Result

    @cached_property
    def lines_g(self) -> float:
        """The sum of what was used, whatever the mixture weighed; 0 when only counted."""
        return flatten(self.batch).used_g or 0.0

    def name_of(self, line: BatchLineRow) -> str:
        if line.revision_id is None:
            return line.of_component or ""
        return self.panels[line.revision_id].name


def read(session: Session, batch_id: int) -> Weighed:
    row = rows.fetch(session, BatchRow, batch_id)
    trial = rows.fetch(session, TrialRow, row.trial_id)
    dish = rows.fetch(session, DishRow, trial.dish_id)
    lines = rows.batch_lines(session, batch_id)
    state = replay(rows.records_of(session, batch_id), [rows.key_of(line) for line in lines])
    panels = _panels(session, lines)
    base = _from_file(row) if row.imported else _from_lines(session, row, state, lines, panels)
    batch = _divided(base, state, row).model_copy(update={"original": originals.of(session, dish)})
    result = _with_open_lines(reckon(batch), state)
    return Weighed(row, trial, dish, lines, state, panels, batch, result)


def _panels(session: Session, lines: list[BatchLineRow]) -> dict[int, Label]:
    """Panels by revision: those that the batch began with, whatever became of the labels."""
    ids = {line.revision_id for line in lines if line.revision_id}
    query = select(LabelRevisionRow).where(col(LabelRevisionRow.id).in_(ids))
    return {rows.key_of(row): rows.label_of(row) for row in session.exec(query)}


def _from_file(row: BatchRow) -> Batch:
    return Batch.model_validate(row.imported)


def _from_lines(
    session: Session,
    row: BatchRow,
    state: WeighIn,
    lines: list[BatchLineRow],
    panels: dict[int, Label],
) -> Batch:
    components: dict[str, list[Line]] = {}
    for line in lines:
        components.setdefault(line.component, []).append(
            _line(line, state.lines[rows.key_of(line)])
        )
    return Batch(
        format="gasket-batch",
        version=1,
        settings=settings.read(session).reckoning,
        labels={f"label-{key}": panel for key, panel in panels.items()},
        components=tuple(
            Component(name=name, lines=tuple(parts)) for name, parts in components.items()
        ),
        portions=Portions(count=row.portions),
    )


def _line(line: BatchLineRow, state: LineState) -> Line:
    label = None if line.revision_id is None else f"label-{line.revision_id}"
    record = state.record
    if state.status is LineStatus.SKIPPED:  # left out on purpose: none, and certainly none
        nothing = 0.0 if line.count else None
        return Line(label=label, component=line.of_component, grams=0, division_g=0, count=nothing)
    if state.status is LineStatus.OPEN or record is None or record.net_g is None:
        return Line(label=label, component=line.of_component, grams=line.target_g, count=line.count)
    return Line(
        label=label,
        component=line.of_component,
        count=line.count,
        grams=record.net_g,
        division_g=record.division_g,
        estimate=_estimate(record),
    )


def _estimate(record: Record) -> tuple[float, float] | None:
    if record.low_g is None or record.high_g is None:
        return None
    return record.low_g, record.high_g


def _divided(base: Batch, state: WeighIn, row: BatchRow) -> Batch:
    """The batch with the mixture, cooked and portion weights that were recorded."""
    changed: dict[str, object] = {}
    if state.mixture and state.mixture.net_g:
        changed["mixture_g"] = state.mixture.net_g
    if state.cooked and state.cooked.net_g:
        changed["cooked_g"] = state.cooked.net_g
    pieces = [record.net_g or 0.0 for _, record in sorted(state.portions.items())]
    if len(pieces) == row.portions and any(pieces):
        filled_last = max(record.at for record in state.portions.values())
        after = state.cooked is not None and filled_last > state.cooked.at
        changed["portions"] = Portions(
            weights_g=tuple(pieces), weights_state="cooked" if after else "raw"
        )
    return base.model_copy(update=changed)


def count_open(state: WeighIn) -> str:
    """ "1 line is", "3 lines are"."""
    left = len(state.open_lines)
    return "1 line is" if left == 1 else f"{left} lines are"


def _with_open_lines(result: Result, state: WeighIn) -> Result:
    if not state.open_lines:
        return result
    finding = Finding(
        code="open_lines",
        severity="warning",
        message=f"{count_open(state)} not weighed yet and counted as planned.",
        where="components",
    )
    return result.model_copy(update={"findings": (finding, *result.findings)})
