"""A batch as it was weighed: from stored lines and records to the core's `Batch`."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Literal, cast

from sqlmodel import Session, col, select

from gasket.core.batch import Batch, Component, Line, Original, Portions
from gasket.core.dividing import Dividing, portions_of
from gasket.core.families import Family, guess_family
from gasket.core.formula import flatten
from gasket.core.kinds import FoodKind
from gasket.core.labels import Label
from gasket.core.losses import less_lost
from gasket.core.packages import Package
from gasket.core.reckon import Result, reckon
from gasket.core.weighing.records import Capture, Record
from gasket.core.weighing.taking import recorded
from gasket.core.weighing.weigh_in import LineState, LineStatus, ToWeigh, WeighIn, replay
from gasket.kitchen import originals, settings
from gasket.kitchen.noticed import noticed
from gasket.store import rows
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    DishRow,
    FoodRow,
    LabelRevisionRow,
    LabelRow,
    TrialRow,
)

UNNAMED = "no name yet"


@dataclass(frozen=True)
class Shelved:
    """What the shelf says of a label revision that a batch uses."""

    panel: Label
    package: Package
    label_id: int
    food_id: int
    kind: FoodKind


@dataclass(frozen=True)
class Weighed:
    """Everything about one batch, read once. `number` says which state of it is stored, `shelved`
    is by label revision."""

    number: int
    row: BatchRow
    trial: TrialRow
    dish: DishRow
    rows: list[BatchLineRow]
    records: list[Record]
    state: WeighIn
    shelved: dict[int, Shelved]
    house: settings.HouseSettings
    original: Original

    @cached_property
    def lines(self) -> list[BatchLineRow]:
        """The lines that are still there, in working order."""
        there = self.state.lines
        return [line for line in self.rows if (line.poured_with or line.id) in there]

    @cached_property
    def batch(self) -> Batch:
        base = _from_file(self.row) if self.row.imported else self._from_lines()
        return self._divided(base).model_copy(update={"original": self.original})

    @cached_property
    def result(self) -> Result:
        result = reckon(self.batch)
        return result.model_copy(update={"findings": (*noticed(self), *result.findings)})

    @cached_property
    def lines_g(self) -> float:
        """The sum of what was used, whatever the mixture weighed; 0 when only counted."""
        return flatten(self.batch).used_g or 0.0

    @property
    def whole_g(self) -> float | None:
        """What there is to divide before it is cooked: the mixture, else the sum of its lines."""
        return self.batch.mixture_g or self.lines_g or None

    @cached_property
    def dividing(self) -> Dividing:
        stored = self.row.dividing
        return Dividing.model_validate(stored or {"pieces": self.row.portions})

    @property
    def pieces(self) -> int:
        """How many pieces there are, as it is divided."""
        return self.dividing.made(self.batch.cooked_g or self.whole_g)

    @property
    def servings(self) -> float | None:
        """How many servings the batch makes; None while that hangs on a weight."""
        if self.dividing.way == "grams" and self.dividing.serving_g:
            whole = self.batch.cooked_g or self.whole_g
            return None if whole is None else whole / self.dividing.serving_g
        return self.pieces / self.dividing.each_of(self.pieces)

    @cached_property
    def family(self) -> Family | None:
        return rows.terms_of(self.trial).family or guess_family(self.dish.name)

    def line(self, key: int) -> BatchLineRow | None:
        """The line with this id, while it is there."""
        return next((line for line in self.lines if line.id == key), None)

    def state_of(self, line: BatchLineRow) -> LineState:
        """A line that is poured together with another shares its state."""
        return self.state.lines[line.poured_with or rows.key_of(line)]

    def share_of(self, line: BatchLineRow) -> float:
        """The part of a common pour that is this line's: by target."""
        together = self.together(line)
        if len(together) == 1:
            return 1.0
        whole = sum(one.target_g for one in together)
        return line.target_g / whole if whole > 0 else 1 / len(together)

    def together(self, line: BatchLineRow) -> list[BatchLineRow]:
        """The lines of one pour, the one that is weighed first."""
        return self._pours[line.poured_with or line.id]

    @cached_property
    def _pours(self) -> dict[int | None, list[BatchLineRow]]:
        pours: dict[int | None, list[BatchLineRow]] = {}
        for line in self.rows:
            pours.setdefault(line.poured_with or line.id, []).append(line)
        return pours

    def revision_of(self, line: BatchLineRow) -> int | None:
        """The label revision of what went in."""
        return self.state_of(line).revision_id or line.revision_id

    def is_stand_in(self, line: BatchLineRow) -> bool:
        used = self.state_of(line).revision_id
        return used is not None and line.revision_id is not None and used != line.revision_id

    def name_of(self, line: BatchLineRow) -> str:
        revision = self.revision_of(line)
        if revision is not None:
            return self.shelved[revision].panel.name
        return line.of_component or UNNAMED

    def planned_name(self, line: BatchLineRow) -> str:
        if line.revision_id is None:
            return line.of_component or ""
        return self.shelved[line.revision_id].panel.name

    def target_of(self, line: BatchLineRow) -> float:
        """Grams aimed at by now: as planned, times what was carried on."""
        return line.target_g * self.state_of(line).factor

    def grams_of(self, line: BatchLineRow) -> float | None:
        """Grams that went in, or are to; None where pieces of no known weight are counted."""
        revision = self.revision_of(line)
        if revision is not None and self.shelved[revision].panel.by_piece:
            return None
        return self._line(line, revision).grams

    def is_unnamed(self, line: BatchLineRow) -> bool:
        return self.revision_of(line) is None and line.of_component is None

    def wants_name(self, line: BatchLineRow) -> bool:
        """Whether something was poured that nobody has named; what was left out needs no name."""
        return self.is_unnamed(line) and bool(self.state_of(line).net_g)

    def after(self, captures: Sequence[Capture]) -> "Weighed":
        """The batch as it would be if these were recorded too."""
        made = self
        for capture in captures:
            made = made.followed_by(recorded(capture, made.state, self.row.started_at))
        return made

    def followed_by(self, record: Record) -> "Weighed":
        """The batch with one more record, of the lines and foods that are there."""
        records = [*self.records, record]
        return replace(self, records=records, state=replay(records, plan_of(self.rows)))

    def as_planned(self, line: BatchLineRow) -> Batch:
        """The batch as it would be if the planned food had gone in."""
        return self._divided(self._from_lines(as_planned=line))

    def as_if_weighed(self, line: BatchLineRow) -> Batch:
        """The batch as it would be if an estimated line had been weighed."""
        return self._divided(self._from_lines(as_if_weighed=line))

    def _from_lines(
        self, as_planned: BatchLineRow | None = None, as_if_weighed: BatchLineRow | None = None
    ) -> Batch:
        components: dict[str, list[Line]] = {}
        for line in self.lines:
            parts = components.setdefault(line.component, [])
            if self.is_unnamed(line):
                continue
            revision = line.revision_id if line is as_planned else self.revision_of(line)
            made_line = self._line(line, revision)
            if line is as_if_weighed:
                made_line = made_line.model_copy(update={"estimate": None, "division_g": 1.0})
            parts.append(made_line)
        made = {
            name: Component(name=name, lines=tuple(parts)) for name, parts in components.items()
        }
        used = {line.label for part in made.values() for line in part.lines}
        return Batch(
            format="gasket-batch",
            version=1,
            settings=self.house.reckoning,
            labels={
                f"label-{key}": one.panel
                for key, one in self.shelved.items()
                if f"label-{key}" in used
            },
            components=tuple(made.values()),
            portions=Portions(count=self.row.portions),
            original=self.original,
        )

    def _divided(self, base: Batch) -> Batch:
        """The batch with what was recorded after its lines: what was lost or left of its
        components, the mixture, its cooked weight, its pieces."""
        state = self.state
        pieces = [piece.grams for _, piece in sorted(state.portions.items())]
        changed: dict[str, object] = {
            "components": tuple(self._less_lost(part, base) for part in base.components)
        }
        if state.mixture and state.mixture.net_g:
            changed["mixture_g"] = state.mixture.net_g
        if state.cooked and state.cooked.net_g:
            changed["cooked_g"] = state.cooked.net_g
        elif self.dividing.weighed_cooked and len(pieces) == self.row.portions and any(pieces):
            changed["cooked_g"] = sum(pieces)
        as_it_came = self.row.imported and not self.row.dividing
        if not as_it_came or len(pieces) == self.row.portions:
            changed["portions"] = self._portions(base.model_copy(update=changed), pieces)
        return base.model_copy(update=changed)

    def _portions(self, base: Batch, pieces_g: list[float]) -> Portions:
        state, weight = self.state, base.cooked_g or base.mixture_g
        after_cooking = state.cooked is not None and any(
            piece.record.at > state.cooked.at for piece in state.portions.values()
        )
        if weight is None and self.dividing.way == "scoop":
            weight = flatten(base).used_g
        cooked = after_cooking or self.dividing.weighed_cooked
        state_of_pieces: Literal["raw", "cooked"] = "cooked" if cooked else "raw"
        return portions_of(self.dividing, weight, pieces_g, state_of_pieces)

    def _less_lost(self, part: Component, base: Batch) -> Component:
        spilled, back = self.state.spilled.get(part.name), self.state.leftover.get(part.name)
        lost = (spilled.net_g if spilled else 0.0) + ((back.net_g or 0.0) if back else 0.0)
        fat = [one.net_g or 0.0 for one in self.state.fat_off.get(part.name, [])]
        return less_lost(part, base.components, lost, fat) if lost or fat else part

    def _line(self, line: BatchLineRow, revision: int | None) -> Line:
        label = None if revision is None else f"label-{revision}"
        state, share = self.state_of(line), self.share_of(line)
        if state.status is LineStatus.SKIPPED:  # left out on purpose: none, and certainly none
            nothing = 0.0 if line.count else None
            return Line(
                label=label, component=line.of_component, grams=0, division_g=0, count=nothing
            )
        net = state.net_g
        if state.status is LineStatus.OPEN or net is None:
            target = max(self.target_of(line), (net or 0.0) * share)
            return Line(label=label, component=line.of_component, grams=target, count=line.count)
        estimate = state.estimate
        return Line(
            label=label,
            component=line.of_component,
            count=line.count if state.count is None else state.count,
            grams=net * share,
            division_g=min(100.0, state.division_g * share),
            estimate=None if estimate is None else (estimate[0] * share, estimate[1] * share),
        )


def plan_of(lines: Sequence[BatchLineRow]) -> list[ToWeigh]:
    """The lines as the weigh-in has them: those poured together are one."""
    together: dict[int, float] = {}
    for line in lines:
        main = line.poured_with or rows.key_of(line)
        together[main] = together.get(main, 0.0) + line.target_g
    return [
        ToWeigh(
            id=rows.key_of(line),
            target_g=together[rows.key_of(line)],
            bowl=line.bowl or line.component,
            way="out_of" if line.way == "out_of" else "into",
            planned=line.planned,
            named=line.revision_id is not None or line.of_component is not None,
        )
        for line in lines
        if line.poured_with is None
    ]


def read(session: Session, batch_id: int) -> Weighed:
    row = rows.fetch(session, BatchRow, batch_id)
    trial = rows.fetch(session, TrialRow, row.trial_id)
    dish = rows.fetch(session, DishRow, trial.dish_id)
    lines = rows.batch_lines(session, batch_id)
    records = rows.records_of(session, batch_id)
    state = replay(records, plan_of(lines))
    return Weighed(
        number=rows.batch_number(session, batch_id),
        row=row,
        trial=trial,
        dish=dish,
        rows=lines,
        records=records,
        state=state,
        shelved=shelved(session, _revisions(lines, state)),
        house=settings.read(session),
        original=originals.kept(row.original, session, dish),
    )


def read_on(session: Session, made: Weighed, record: Record) -> Weighed:
    """The batch once `record`, which is stored now, followed what was read before."""
    if record.line is None or record.line in made.state.lines:
        later = made.followed_by(record)
        if _revisions(later.rows, later.state) <= later.shelved.keys():
            return replace(later, number=rows.batch_number(session, rows.key_of(made.row)))
    return read(session, rows.key_of(made.row))


def pieces_of(session: Session, batch_id: int) -> list[float]:
    """What the pieces of a batch weighed, without reckoning it; empty unless all of them did."""
    row = rows.fetch(session, BatchRow, batch_id)
    state = replay(rows.records_of(session, batch_id), plan_of(rows.batch_lines(session, batch_id)))
    grams = [piece.grams for _, piece in sorted(state.portions.items())]
    return grams if len(grams) == row.portions else []


def _revisions(lines: list[BatchLineRow], state: WeighIn) -> set[int]:
    """Those that the batch began with, whatever became of the labels, and those that went in."""
    planned = {line.revision_id for line in lines if line.revision_id}
    return planned | {line.revision_id for line in state.lines.values() if line.revision_id}


def shelved(session: Session, ids: set[int]) -> dict[int, Shelved]:
    """What the shelf says of label revisions."""
    query = (
        select(LabelRevisionRow, FoodRow)
        .join(LabelRow, col(LabelRow.id) == col(LabelRevisionRow.label_id))
        .join(FoodRow, col(FoodRow.id) == col(LabelRow.food_id))
        .where(col(LabelRevisionRow.id).in_(ids))
    )
    return {
        rows.key_of(row): Shelved(
            panel=rows.label_of(row),
            package=rows.package_of(row),
            label_id=row.label_id,
            food_id=rows.key_of(food),
            kind=cast("FoodKind", food.kind),
        )
        for row, food in session.exec(query)
    }


def _from_file(row: BatchRow) -> Batch:
    return Batch.model_validate(row.imported)
