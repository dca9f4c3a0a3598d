"""The card of a batch: what was weighed, what one serving holds, who says so."""

from datetime import datetime

from sqlmodel import Session

from gasket.core.batch import Batch
from gasket.core.goals import GoalState, goal_states
from gasket.core.margin import value_of
from gasket.core.numbers import Answer
from gasket.core.reckon import Result, reckon
from gasket.core.section import Column
from gasket.core.sources import SOURCES, Source
from gasket.core.weighing.weigh_in import LineStatus
from gasket.kitchen import build, weighed
from gasket.store import rows
from gasket.store.tables import BatchLineRow


class CardLine(Answer):
    """A line of the card: what went in, and what was planned.

    `planned_name` is the food that was planned where another went in, `kcal_more` what that
    adds to a serving; `reason` why a line was skipped.
    """

    component: str
    name: str
    grams: float | None
    target_g: float
    estimated: bool
    skipped: bool
    planned: bool
    planned_name: str | None
    kcal_more: float | None
    reason: str
    cue: str


class Card(Answer):
    """Figures with margins, the build in grams, the sources behind it."""

    batch_id: int
    dish_id: int
    dish: str
    letter: str
    made_at: datetime
    closed: bool
    portions: int
    batch: Batch
    result: Result
    names: tuple[str, ...]
    label_names: dict[str, str]
    original_column: Column | None
    goals: tuple[GoalState, ...]
    lines: tuple[CardLine, ...]
    sources: dict[str, Source]


def card(session: Session, batch_id: int) -> Card:
    made = weighed.read(session, batch_id)
    cited = {key for keys in made.result.says_who.values() for key in keys}
    return Card(
        batch_id=batch_id,
        dish_id=made.trial.dish_id,
        dish=made.dish.name,
        letter=made.trial.letter,
        made_at=made.row.closed_at or made.row.started_at,
        closed=made.row.closed_at is not None,
        portions=made.row.portions,
        batch=made.batch,
        result=made.result,
        names=build.line_names(made.batch),
        label_names={key: label.name or key for key, label in made.batch.labels.items()},
        original_column=build.original_of(session, made.dish, made.result),
        goals=goal_states(rows.terms_of(made.trial).goal, made.result.serving, {}),
        lines=tuple(_lines(made)),
        sources={key: source for key, source in SOURCES.items() if key in cited},
    )


def _lines(made: weighed.Weighed) -> list[CardLine]:
    return [_line(made, line) for line in made.lines]


def _line(made: weighed.Weighed, line: BatchLineRow) -> CardLine:
    state = made.state_of(line)
    skipped = state.status is LineStatus.SKIPPED
    stand_in = made.is_stand_in(line) and not skipped
    return CardLine(
        component=line.component,
        name=made.name_of(line),
        grams=None if state.net_g is None else state.net_g * made.share_of(line),
        target_g=line.target_g,
        estimated=state.estimate is not None,
        skipped=skipped,
        planned=line.planned,
        planned_name=made.planned_name(line) if stand_in else None,
        kcal_more=_kcal_more(made, line) if stand_in else None,
        reason=state.record.note if skipped and state.record else "",
        cue=state.cue,
    )


def _kcal_more(made: weighed.Weighed, line: BatchLineRow) -> float | None:
    """What a serving has more because another food than planned went in."""
    used = value_of(made.result.serving.kcal)
    planned = value_of(reckon(made.as_planned(line)).serving.kcal)
    return None if used is None or planned is None else used - planned
