"""Too much or too little is on the scale: what each way on makes of a serving."""

from typing import Annotated

from pydantic import Field

from gasket.core.errors import Refused
from gasket.core.numbers import Amount, Answer, Value
from gasket.core.rebuild.goals import GoalState, goal_states
from gasket.core.reckoning.margin import AnyFigure, value_of
from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.overshoot import Choice, choices
from gasket.core.weighing.records import ReadingOrigin, RecordKind
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session


class OnTheScale(Value):
    """What lies on the scale for a line, with what it had already."""

    line: Annotated[int, Field(ge=1)]
    net_g: Amount


class ChoiceEffect(Answer):
    """A choice and one serving after it. `short` lines must be topped up again for it; `misses` are
    the goals that it does not meet."""

    choice: Choice
    serving_g: float | None
    kcal: AnyFigure
    protein_g: AnyFigure
    kcal_change: float | None
    short: tuple[str, ...]
    misses: tuple[GoalState, ...]


class Choices(Answer):
    """`off_g` > 0: too much; < 0: too little."""

    line: int
    off_g: float
    target_g: float
    ways: tuple[ChoiceEffect, ...]


def effects(session: Session, batch_id: int, on: OnTheScale) -> Choices:
    """What can be done about `on`, each with what one serving becomes: open lines as planned."""
    batch = weighed.read(session, batch_id)
    line = batch.line(on.line)
    if line is None or not line.target_g:
        raise Refused("That line has no target.")
    target = batch.pour_target_of(line)
    planned = batch.result.serving.kcal
    return Choices(
        line=on.line,
        off_g=round(on.net_g - target, 6),
        target_g=target,
        ways=tuple(
            _effect(batch, choice, on, target, planned) for choice in choices(on.net_g, target)
        ),
    )


def _effect(
    batch: StoredBatch, choice: Choice, on: OnTheScale, target: float, planned: AnyFigure
) -> ChoiceEffect:
    net = target if choice.name == "to_target" else on.net_g
    already = batch.state.lines[on.line].poured_g
    captures = [
        capture_of(
            id="what-if-line",
            kind=RecordKind.LINE,
            line=on.line,
            net_g=max(0.0, net - already),
            origin=ReadingOrigin.HAND,
        )
    ]
    if choice.factor is not None:
        carry = {"factor": choice.factor, "scope": choice.scope, "line": on.line}
        captures.append(capture_of(id="what-if-carry", kind=RecordKind.CARRY, **carry))
    after = batch.after(captures)
    serving = after.result.serving
    before, now = value_of(planned), value_of(serving.kcal)
    goals = goal_states(batch.trial.terms.goal, serving, {})
    return ChoiceEffect(
        choice=choice,
        serving_g=serving.grams,
        kcal=serving.kcal,
        protein_g=serving.protein_g,
        kcal_change=None if before is None or now is None else now - before,
        short=tuple(
            batch.name_of(line)
            for line in batch.lines
            if after.state_of(line).pours
            and line.id in after.state.open_lines
            and line.id not in batch.state.open_lines
        ),
        misses=tuple(goal for goal in goals if goal.verdict == "missed"),
    )
