"""Before the weigh-in is closed: what is open, far from plan or not weighed; does the mixture agree
with its lines, and does it fit the pan?"""

from collections.abc import Iterator

from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import Figure, slack_of_sum
from gasket.core.reckoning.reckon import Result, reckon
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.closing import (
    FarLine,
    LineWeight,
    MixtureGap,
    VesselFill,
    far_lines,
    fill_of,
    mixture_gap,
)
from gasket.core.weighing.line_state import LineStatus
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session


class UnweighedLine(Answer):
    """A line that was estimated: its range, what a serving's kcal margin would lose if it had been
    weighed, and its share of that margin's variance."""

    name: str
    net_g: float
    low_g: float
    high_g: float
    margin_share: float
    margin_kcal: float


class SkippedLine(Answer):
    name: str
    target_g: float
    reason: str


class ClosingReport(Answer):
    """Everything worth a look before closing. `gap` waits for the mixture's weight."""

    open_lines: tuple[str, ...]
    unnamed: int
    far: tuple[FarLine, ...]
    skipped: tuple[SkippedLine, ...]
    unweighed: tuple[UnweighedLine, ...]
    gap: MixtureGap | None
    fills: tuple[VesselFill, ...]


def report(session: Session, batch_id: int) -> ClosingReport:
    batch = weighed.read(session, batch_id)
    mixture = batch.batch.mixture_g
    return ClosingReport(
        open_lines=tuple(
            batch.name_of(line)
            for line in batch.lines
            if batch.state_of(line).status is LineStatus.OPEN
        ),
        unnamed=sum(batch.wants_name(line) for line in batch.lines),
        far=far_of(batch),
        skipped=tuple(
            SkippedLine(
                name=batch.name_of(line), target_g=line.target_g, reason=_reason(batch, line)
            )
            for line in batch.lines
            if batch.state_of(line).status is LineStatus.SKIPPED
        ),
        unweighed=tuple(sorted(_unweighed(batch), key=lambda guess: -guess.margin_kcal)),
        gap=None if mixture is None else _gap(batch, mixture),
        fills=tuple(_fills(batch)),
    )


def far_of(batch: StoredBatch) -> tuple[FarLine, ...]:
    """What came out more than a tenth off its plan."""
    return tuple(far_lines([_weight(batch, line) for line in batch.lines]))


def _weight(batch: StoredBatch, line: WrittenLine) -> LineWeight:
    state = batch.state_of(line)
    skipped = state.status is LineStatus.SKIPPED
    net = None if skipped else state.net_g
    return LineWeight(
        name=batch.name_of(line),
        target_g=batch.target_of(line),
        net_g=None if net is None else net * batch.share_of(line),
        key=line.key,
    )


def _reason(batch: StoredBatch, line: WrittenLine) -> str:
    record = batch.state_of(line).record
    return record.note if record else ""


def _unweighed(batch: StoredBatch) -> Iterator[UnweighedLine]:
    whole = _half_width(batch.result)
    for line in batch.lines:
        state = batch.state_of(line)
        if state.estimate is None or state.status is not LineStatus.WEIGHED:
            continue
        without = _half_width(reckon(batch.as_if_weighed(line)))
        share = batch.share_of(line)
        yield UnweighedLine(
            name=batch.name_of(line),
            net_g=(state.net_g or 0.0) * share,
            low_g=state.estimate[0] * share,
            high_g=state.estimate[1] * share,
            margin_share=max(0.0, 1 - (without / whole) ** 2) if whole > 0 else 0.0,
            margin_kcal=max(0.0, whole - without),
        )


def _half_width(result: Result) -> float:
    """Of the likely kcal of one serving."""
    kcal = result.serving.kcal
    return (kcal.likely[1] - kcal.likely[0]) / 2 if isinstance(kcal, Figure) else 0.0


def _gap(batch: StoredBatch, mixture_g: float) -> MixtureGap:
    variances = (line.variance_g2 for part in batch.batch.components for line in part.lines)
    bowls = [(vessel.name, vessel.empty_g) for vessel in batch.house.vessels if vessel.empty_g]
    known = {name for name, _ in bowls}
    bowls += [
        (f"the bowl of {bowl}", grams)
        for bowl, grams in batch.state.empty_bowls.items()
        if bowl not in known
    ]
    return mixture_gap(
        mixture_g,
        [_weight(batch, line) for line in batch.lines],
        batch.lines_g,
        slack_of_sum(variances, 1.0),
        [bowl for bowl in bowls if bowl[1] > 0],
    )


def _fills(batch: StoredBatch) -> list[VesselFill]:
    """The mixture (or the sum of its lines) in each vessel whose volume is known."""
    grams = batch.batch.mixture_g or batch.lines_g
    vessels = [(vessel.name, vessel.whole_ml) for vessel in batch.house.vessels]
    return [fill_of(grams, name, whole) for name, whole in vessels if whole and grams > 0]
