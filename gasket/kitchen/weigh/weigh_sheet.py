"""What a page of the weigh-in shows: every line, the bowls, the portions, and what that makes."""

from collections.abc import Iterator
from datetime import datetime

from gasket.core.numbers import Answer
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.filling import Targets, targets
from gasket.core.reckoning.findings import Finding
from gasket.core.reckoning.margin import Portion
from gasket.core.reckoning.portions import target_each_g
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.weighing.line_state import LineStatus
from gasket.core.weighing.order import Wetness, wetness
from gasket.core.weighing.pour import is_doubtful, likely_g, tolerance_g, wants_finer_scale
from gasket.core.weighing.records import OF_THE_WEIGH_IN, PourDirection, ReadingOrigin, RecordKind
from gasket.core.weighing.task import Task, task_of
from gasket.core.weighing.weigh_in import Tare
from gasket.kitchen.rebuild import build
from gasket.kitchen.weigh.weighed import StoredBatch

FREE_BOWL = "Bowl"


class Correction(Answer):
    """What a line was before it was corrected: grams, and the food where that was another."""

    record_id: str
    was_g: float | None
    was_name: str | None
    at: datetime
    why: str


class BatchLine(Answer):
    """A line of the weigh-in, with what has been recorded for it.

    `target_g` is what is aimed at now: as planned (`planned_g`), times what was carried on; above
    `too_much_g` the cook is asked what to do. `poured_g` is what a line that is still open has
    already; `planned_name` the food that was planned where another went in; `also` the components
    that share its pour. `later` is its place among the lines that were put off. Of an amount
    outside `likely_g` a page asks before it is recorded; one that is recorded is `doubtful`.
    `corrections` were made since the weigh-in was closed; `outdated` is a batch used as an
    ingredient that was itself corrected since.
    """

    id: int
    component: str
    bowl: str
    way: PourDirection
    scale: str | None
    name: str
    planned_name: str | None
    unnamed: bool
    wants_name: bool
    only_counted: bool
    planned: bool
    target_g: float
    too_much_g: float | None
    likely_g: tuple[float, float] | None
    doubtful: bool
    planned_g: float
    count: float | None
    status: LineStatus
    later: int | None
    net_g: float | None
    poured_g: float
    low_g: float | None
    high_g: float | None
    spilled_g: float
    origin: ReadingOrigin | None
    record_id: str | None
    seen: str
    finer_scale: bool
    wetness: Wetness
    until: str
    cue: str
    reason: str
    also: tuple[str, ...]
    poured_with: int | None
    corrections: tuple[Correction, ...]
    outdated: bool
    food_id: int | None
    label_id: int | None


class FilledPiece(Answer):
    """A piece as it was filled; an odd one is kept as it is."""

    piece: int
    net_g: float
    odd: bool
    topped_up: bool
    record_id: str


class PartWeighedBack(Answer):
    """What of a component was not eaten: weighed back, and fat poured off."""

    component: str
    made_g: float
    leftover_g: float | None
    fat_g: float | None


class BatchSheet(Answer):
    """A batch as it stands: lines, tares, mixture, portions, and what that makes so far. `number`
    grows with every change: a sheet with a smaller one is older.

    While lines are open, `serving` counts them as planned and says so in a finding. `task` is what
    is being weighed now, on whatever scale; `tares` is by scale, `empty_g` by bowl. `portions`
    is the number of pieces that `to_divide_g` is divided into, `fill_g` what each of those to fill
    (or to top up) still takes, `fill_each_g` what another one is filled to; a batch that is
    `divided` into arms has none.
    """

    id: int
    number: int
    trial_id: int
    dish_id: int
    dish: str
    letter: str
    version: int
    started_at: datetime
    closed_at: datetime | None
    hands_free: bool
    free: bool
    nudge: int
    lines: tuple[BatchLine, ...]
    current: int | None
    task: Task
    tares: dict[str, Tare]
    empty_g: dict[str, float]
    last_record: str | None
    mixture_g: float | None
    cooked_g: float | None
    lines_g: float
    dividing: Dividing
    portions: int
    pieces: tuple[FilledPiece, ...]
    divided: bool
    to_divide_g: float | None
    target_each_g: float | None
    fill_each_g: float | None
    fill_g: dict[int, float]
    next_piece: int | None
    topping_up: bool
    weighed_back: tuple[PartWeighedBack, ...]
    serving: Portion
    findings: tuple[Finding, ...]
    names: tuple[str, ...]


def show(stored: StoredBatch) -> BatchSheet:
    state, batch, row = stored.state, stored.batch, stored.head
    whole = stored.to_fill_g
    fill = _fill(stored, whole)
    each = target_each_g(whole, stored.pieces) if whole else None
    just_weighed = fill.topping_up or stored.dividing.weighed_cooked
    return BatchSheet(
        id=row.id,
        number=stored.number,
        trial_id=row.trial_id,
        dish_id=stored.dish.id,
        dish=stored.dish.name,
        letter=stored.letter,
        version=row.version,
        started_at=row.started_at,
        closed_at=row.closed_at,
        hands_free=row.hands_free,
        free=row.free,
        nudge=row.nudge,
        lines=tuple(_line(stored, line) for line in stored.lines),
        current=state.current,
        task=_task(stored),
        tares=state.tares,
        empty_g=state.empty_bowls,
        last_record=_to_undo(stored),
        mixture_g=batch.mixture_g,
        cooked_g=batch.cooked_g,
        lines_g=stored.lines_g,
        dividing=stored.dividing,
        portions=stored.pieces,
        pieces=tuple(
            FilledPiece(
                piece=number,
                net_g=piece.grams,
                odd=piece.odd,
                topped_up=piece.topped_up,
                record_id=piece.record.id,
            )
            for number, piece in sorted(state.portions.items())
        ),
        divided=bool(stored.arms),
        to_divide_g=whole,
        target_each_g=each,
        fill_each_g=None if just_weighed else each,
        fill_g=fill.by_piece,
        next_piece=fill.next_piece,
        topping_up=fill.topping_up,
        weighed_back=tuple(_weighed_back(stored)),
        serving=stored.result.serving,
        findings=stored.result.findings,
        names=build.line_names(batch),
    )


def _to_undo(batch: StoredBatch) -> str | None:
    """The last record, while it can be undone."""
    last = batch.state.last
    if last is None or (
        batch.head.closed_at is not None and last.kind in (*OF_THE_WEIGH_IN, RecordKind.AMEND)
    ):
        return None
    return last.id


def _fill(batch: StoredBatch, whole: float | None) -> Targets:
    """What the pieces take."""
    filled = batch.filled
    to_go = [piece for piece in range(1, batch.pieces + 1) if piece not in filled]
    if whole is None or batch.dividing.weighed_cooked:
        return Targets({}, next(iter(to_go), None), False)
    slack = tolerance_g(whole / batch.pieces, 1.0, batch.head.nudge)
    two_pass = batch.dividing.two_pass
    if batch.dividing.way == "scoop" and batch.dividing.fill_g is not None:
        each = dict.fromkeys(to_go, batch.dividing.fill_g)
        return Targets(each, next(iter(to_go), None), False)
    return targets(whole, batch.pieces, filled, two_pass=two_pass, slack_g=slack)


def _weighed_back(batch: StoredBatch) -> Iterator[PartWeighedBack]:
    for part in batch.own_parts:
        back, fat = batch.state.leftover.get(part.name), batch.state.fat_off.get(part.name)
        yield PartWeighedBack(
            component=part.name,
            made_g=part.whole_g,
            leftover_g=back.net_g if back else None,
            fat_g=sum(record.net_g or 0.0 for record in fat) if fat else None,
        )


def _line(batch: StoredBatch, line: WrittenLine) -> BatchLine:
    state, share = batch.state_of(line), batch.share_of(line)
    record, revision = state.record, batch.revision_of(line)
    shelved = batch.shelved.get(revision) if revision else None
    together = batch.together(line) if line.poured_with is None else [line]
    estimate = state.estimate
    target = sum(batch.target_of(poured) for poured in together)
    last_pour = state.pours[-1] if state.pours else None
    weighed = state.status is LineStatus.WEIGHED
    return BatchLine(
        id=line.id,
        component=line.component,
        bowl=line.bowl or line.component,
        way=line.way,
        scale=line.scale,
        name=batch.name_of(line),
        planned_name=batch.planned_name(line) if batch.is_stand_in(line) else None,
        unnamed=batch.is_unnamed(line),
        wants_name=batch.wants_name(line),
        only_counted=batch.is_only_counted(line),
        planned=line.planned,
        target_g=target,
        too_much_g=target + tolerance_g(target, 1.0, batch.head.nudge) if target > 0 else None,
        likely_g=likely_g(target),
        doubtful=weighed and is_doubtful(state.net_g or 0.0, target),
        planned_g=line.target_g,
        count=line.count if state.count is None else state.count,
        status=state.status,
        later=batch.state.later_of(line.poured_with or line.id),
        net_g=_share_of(state.net_g, share) if weighed else None,
        poured_g=0.0 if weighed else state.poured_g,
        low_g=_share_of(estimate[0], share) if estimate and weighed else None,
        high_g=_share_of(estimate[1], share) if estimate and weighed else None,
        spilled_g=state.spilled.net_g,
        origin=last_pour.origin if last_pour else None,
        record_id=record.id if record else None,
        seen=state.seen,
        finer_scale=wants_finer_scale(target, 1.0),
        wetness=wetness(shelved.kind if shelved else "other"),
        until=line.until,
        cue=state.cue,
        reason=record.note if record and state.status is LineStatus.SKIPPED else "",
        also=tuple(other.component for other in together[1:]),
        poured_with=line.poured_with,
        corrections=tuple(_corrections(batch, line)) if line.poured_with is None else (),
        outdated=revision in batch.outdated,
        food_id=shelved.food_id if shelved else None,
        label_id=shelved.label_id if shelved else None,
    )


def _corrections(batch: StoredBatch, line: WrittenLine) -> Iterator[Correction]:
    for amended in batch.state_of(line).amended:
        was = amended.was_revision or line.revision_id
        changed = amended.record.revision_id not in (None, was)
        yield Correction(
            record_id=amended.record.id,
            was_g=amended.was_g,
            was_name=batch.shelved[was].panel.name if changed and was in batch.shelved else None,
            at=amended.record.at,
            why=amended.record.note,
        )


def _share_of(grams: float | None, share: float) -> float | None:
    return None if grams is None else round(grams * share, 6)


def _task(batch: StoredBatch) -> Task:
    """What is being weighed now; pieces and "until it is right" wait for the cook."""
    row = batch.head
    plan = {line.id: line for line in to_weigh(batch.written)}
    current = None if batch.state.current is None else plan.get(batch.state.current)
    if row.closed_at is not None or (current is None and not row.free):
        return Task()
    line = batch.line(current.id) if current else None
    by_hand = line is not None and (bool(line.until) or batch.is_only_counted(line))
    bowl = current.bowl if current else _free_bowl(batch)
    vessel = batch.house.vessel(bowl)
    return task_of(
        batch.state,
        current,
        bowl=bowl,
        empty_g=vessel.empty_g if vessel else None,
        nudge=row.nudge,
        hands_free=row.hands_free,
        by_hand=by_hand,
        free=row.free,
    )


def _free_bowl(batch: StoredBatch) -> str:
    """Where the next thing goes: into the bowl that was poured into last."""
    last = batch.lines[-1] if batch.lines else None
    return (last.bowl or last.component) if last else FREE_BOWL
