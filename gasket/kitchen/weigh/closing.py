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
    made = weighed.read(session, batch_id)
    mixture = made.batch.mixture_g
    return ClosingReport(
        open_lines=tuple(
            made.name_of(line)
            for line in made.lines
            if made.state_of(line).status is LineStatus.OPEN
        ),
        unnamed=sum(made.wants_name(line) for line in made.lines),
        far=far_of(made),
        skipped=tuple(
            SkippedLine(name=made.name_of(line), target_g=line.target_g, reason=_reason(made, line))
            for line in made.lines
            if made.state_of(line).status is LineStatus.SKIPPED
        ),
        unweighed=tuple(sorted(_unweighed(made), key=lambda guess: -guess.margin_kcal)),
        gap=None if mixture is None else _gap(made, mixture),
        fills=tuple(_fills(made)),
    )


def far_of(made: StoredBatch) -> tuple[FarLine, ...]:
    """What came out more than a tenth off its plan."""
    return tuple(far_lines([_weight(made, line) for line in made.lines]))


def _weight(made: StoredBatch, line: WrittenLine) -> LineWeight:
    state = made.state_of(line)
    skipped = state.status is LineStatus.SKIPPED
    net = None if skipped else state.net_g
    return LineWeight(
        name=made.name_of(line),
        target_g=made.target_of(line),
        net_g=None if net is None else net * made.share_of(line),
        key=line.key,
    )


def _reason(made: StoredBatch, line: WrittenLine) -> str:
    record = made.state_of(line).record
    return record.note if record else ""


def _unweighed(made: StoredBatch) -> Iterator[UnweighedLine]:
    whole = _half_width(made.result)
    for line in made.lines:
        state = made.state_of(line)
        if state.estimate is None or state.status is not LineStatus.WEIGHED:
            continue
        without = _half_width(reckon(made.as_if_weighed(line)))
        share = made.share_of(line)
        yield UnweighedLine(
            name=made.name_of(line),
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


def _gap(made: StoredBatch, mixture_g: float) -> MixtureGap:
    variances = (line.variance_g2 for part in made.batch.components for line in part.lines)
    bowls = [(vessel.name, vessel.empty_g) for vessel in made.house.vessels if vessel.empty_g]
    known = {name for name, _ in bowls}
    bowls += [
        (f"the bowl of {bowl}", grams)
        for bowl, grams in made.state.empty_bowls.items()
        if bowl not in known
    ]
    return mixture_gap(
        mixture_g,
        [_weight(made, line) for line in made.lines],
        made.lines_g,
        slack_of_sum(variances, 1.0),
        [bowl for bowl in bowls if bowl[1] > 0],
    )


def _fills(made: StoredBatch) -> list[VesselFill]:
    """The mixture (or the sum of its lines) in each vessel whose volume is known."""
    grams = made.batch.mixture_g or made.lines_g
    vessels = [(vessel.name, vessel.whole_ml) for vessel in made.house.vessels]
    return [fill_of(grams, name, whole) for name, whole in vessels if whole and grams > 0]
