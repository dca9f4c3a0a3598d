"""The card of a batch: what was weighed, what one serving holds, who says so."""

from datetime import datetime

from sqlmodel import Session

from gasket.core.batch import Batch
from gasket.core.goals import GoalState, goal_states
from gasket.core.numbers import Answer
from gasket.core.reckon import Result
from gasket.core.section import Column
from gasket.core.sources import SOURCES, Source
from gasket.core.weighing import LineStatus
from gasket.kitchen import build, weighed
from gasket.store import rows


class CardLine(Answer):
    """A line of the card: what went in, and what was planned."""

    component: str
    name: str
    grams: float | None
    target_g: float
    estimated: bool
    skipped: bool


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
    found = []
    for line in made.lines:
        state = made.state.lines[rows.key_of(line)]
        found.append(
            CardLine(
                component=line.component,
                name=made.name_of(line),
                grams=state.record.net_g if state.record else None,
                target_g=line.target_g,
                estimated=bool(state.record and state.record.low_g is not None),
                skipped=state.status is LineStatus.SKIPPED,
            )
        )
    return found
