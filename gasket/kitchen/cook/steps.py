"""The steps of a trial: typed, taken from a template, laid out in time, checked."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Annotated

from pydantic import AwareDatetime, BeforeValidator, Field
from pydantic_core import PydanticCustomError

from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.musts import ForgottenStep, forgotten
from gasket.core.cooking.oven_memory import Estimate, estimates
from gasket.core.cooking.paths import goes_here, moved, needs, ways
from gasket.core.cooking.placing import following, mentions
from gasket.core.cooking.preheat import has_knob, with_preheats
from gasket.core.cooking.safety import (
    InTheBuild,
    SafeRule,
    asked_of,
)
from gasket.core.cooking.sizing import BatchSize, sized, sizes
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step, Steps, faults
from gasket.core.cooking.usual_steps import foods_of, usual_steps
from gasket.core.cooking.ways import Surroundings
from gasket.core.errors import Conflict, Fault, FaultyInput, Refused
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import LineId
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.trade.caution import Caution
from gasket.core.trade.families import Call, Family
from gasket.core.trade.temperatures import Knob, knob
from gasket.kitchen import settings
from gasket.kitchen.cook import oven
from gasket.kitchen.cook.laying_out import CookSchedule, lay_out
from gasket.kitchen.rebuild import drafts
from gasket.store.books import Session
from gasket.store.books.book import plain
from gasket.store.books.builds import build_of
from gasket.store.books.trials import TRIALS


class OtherWay(Answer):
    """Another way to do a step: what it needs, whether that is there, what becomes of the dish."""

    key: str
    says: str
    tool: str
    there: bool


class StepsReport(Answer):
    """All that can be said of steps: by step its estimate, its knob settings and the rule that it
    must satisfy, the other ways to do it; what is forgotten, what to be careful with, the tool that
    a step needs and that is missing here."""

    laid: CookSchedule | None
    estimates: dict[str, Estimate]
    knobs: dict[str, Knob]
    rules: dict[str, SafeRule]
    cautions: tuple[Caution, ...]
    forgotten: tuple[ForgottenStep, ...]
    ways: dict[str, tuple[OtherWay, ...]]
    lacking: dict[str, str]


class StepsSheet(Answer):
    """The stored steps of a trial, with what they are about."""

    trial_id: int
    version: int
    steps: tuple[Step, ...]
    components: tuple[str, ...]
    family: Family | None
    report: StepsReport


class StepsEdit(Value):
    """All steps, with the version that they were read at."""

    version: Annotated[int, Field(ge=1)]
    steps: Steps


def _no_number(given: object) -> object:
    """A bare number would be taken for seconds since 1970."""
    if isinstance(given, (int, float)):
        raise PydanticCustomError("moment", "Say when as a date and a time.")
    return given


Moment = Annotated[AwareDatetime, BeforeValidator(_no_number)]


class StepsWanted(Value):
    """Unsaved steps, and when to eat; from now on where nobody says."""

    steps: Steps
    eat_at: Moment | None = None


class StepText(Value):
    """A typed line and the steps that it comes after; `key` is made by the sender."""

    text: Annotated[str, Field(max_length=400)]
    key: LineId
    steps: Steps = ()


class AnotherWay(Value):
    """Steps of which one is to be done another way."""

    steps: Steps
    step: LineId
    way: Annotated[str, Field(max_length=60)]


@dataclass(frozen=True)
class Galley:
    """What steps are judged against: the foods of the build, the family, the house."""

    components: tuple[str, ...]
    foods: tuple[InTheBuild, ...]
    family: Family | None
    house: settings.HouseSettings
    piece: Workpiece
    dish: str

    @property
    def there(self) -> BatchSize:
        """What the build plans, by component."""
        grams: dict[str, float] = {}
        for placed in self.piece.lines():
            grams[placed.part] = grams.get(placed.part, 0.0) + placed.grams
        return BatchSize(grams, self.piece.build.portions)

    def kitchen(self, step: Step | None) -> Surroundings:
        """What decides how else a step can be done here."""
        piece_g = sized(step, self.there).piece_g if step else None
        return Surroundings(self.family, piece_g, frozenset(self.house.tools_missing))

    @property
    def calls(self) -> frozenset[Call]:
        return calls_of(self.foods, self.components, self.dish)


def galley_of(session: Session, trial_id: int) -> Galley:
    draft = drafts.draft(session, trial_id)
    return Galley(
        components=tuple(part.name for part in draft.build.components),
        foods=foods_of(draft.piece),
        family=draft.piece.build.terms.family,
        house=settings.read(session),
        piece=draft.piece,
        dish=draft.dish.name,
    )


def sheet(session: Session, trial_id: int, now: datetime) -> StepsSheet:
    trial = TRIALS.fetch(session, trial_id)
    steps, galley = trial.steps, galley_of(session, trial_id)
    return StepsSheet(
        trial_id=trial_id,
        version=trial.steps_version,
        steps=steps,
        components=galley.components,
        family=galley.family,
        report=_report(session, steps, galley, now, None),
    )


def report(session: Session, trial_id: int, wanted: StepsWanted, now: datetime) -> StepsReport:
    """All that can be said of unsaved steps. Raises `FaultyInput` for steps in a circle."""
    refuse_faulty(wanted.steps)
    galley = galley_of(session, trial_id)
    return _report(session, wanted.steps, galley, now, wanted.eat_at)


def _report(
    session: Session,
    steps: Sequence[Step],
    galley: Galley,
    now: datetime,
    eat_at: datetime | None,
) -> StepsReport:
    rules = asked_of(steps, galley.foods, galley.family, galley.house.safety)
    bakes = oven.baked(oven.memory(session))
    times = estimates(steps, bakes, rules, sizes(steps, galley.there, galley.house.microwave_w))
    return StepsReport(
        laid=lay_out(steps, times, now, eat_at),
        estimates=times,
        knobs=knobs(steps),
        rules=rules,
        cautions=cautions(steps, galley.foods, galley.family, galley.house.safety),
        forgotten=forgotten(steps, galley.family, galley.calls),
        ways=ways_of(steps, galley),
        lacking={
            step.id: needs(step) for step in steps if needs(step) in galley.house.tools_missing
        },
    )


def knobs(steps: Sequence[Step]) -> dict[str, Knob]:
    return {
        step.id: knob(step.temperature_c, step.air)
        for step in with_preheats(steps)
        if step.temperature_c is not None and has_knob(step)
    }


def ways_of(steps: Sequence[Step], galley: Galley) -> dict[str, tuple[OtherWay, ...]]:
    """The other ways that each step can be done, those that this kitchen can go first."""
    by_step = {}
    for step in steps:
        kitchen = galley.kitchen(step)
        by_step[step.id] = tuple(
            OtherWay(key=way.key, says=way.says, tool=way.tool, there=goes_here(way, step, kitchen))
            for way in ways(step, kitchen)
        )
    return {key: there for key, there in by_step.items() if there}


def refuse_faulty(steps: tuple[Step, ...]) -> None:
    wrong = faults(steps)
    if wrong:
        raise FaultyInput(*(Fault(path=f"steps[{i}]", message=says) for i, says in wrong))


def save(session: Session, trial_id: int, edit: StepsEdit, now: datetime) -> StepsSheet:
    """Replace the steps. Raises `Conflict`, and `FaultyInput` for steps in a circle."""
    trial = TRIALS.fetch(session, trial_id)
    if trial.is_original:
        raise Refused("The original is what is compared with: plan the steps of a trial.")
    if trial.steps_version != edit.version:
        raise Conflict("list of steps", sheet(session, trial_id, now))
    refuse_faulty(edit.steps)
    TRIALS.change(
        session, trial, stored_steps=plain(edit.steps), steps_version=trial.steps_version + 1
    )
    return sheet(session, trial_id, now)


def read(session: Session, trial_id: int, typed: StepText) -> Step:
    """A typed line as a step, set after what it most likely follows."""
    components = [
        part.name for part in build_of(session, TRIALS.fetch(session, trial_id)).components
    ]
    step = read_step(typed.text, typed.key, settings.read(session).degrees)
    step = step.model_copy(update={"uses": mentions(step.says, components)})
    return following(typed.steps, step)


def template(session: Session, trial_id: int, family: Family | None) -> tuple[Step, ...]:
    """Steps to begin with, for the family that is given or the dish's own. Raises `Refused` where
    no family is known."""
    galley = galley_of(session, trial_id)
    chosen = family or galley.family
    if chosen is None:
        raise Refused("Say what kind of dish it is first: choose a family.")
    return usual_steps(galley.piece, chosen, galley.dish, galley.house.tools_missing)


def another_way(session: Session, trial_id: int, wanted: AnotherWay) -> tuple[Step, ...]:
    """The steps with one of them done another way. Stores nothing. Raises `Refused` for a way that
    this step cannot go."""
    galley = galley_of(session, trial_id)
    step = next((step for step in wanted.steps if step.id == wanted.step), None)
    kitchen = galley.kitchen(step)
    if step is None or wanted.way not in {way.key for way in ways(step, kitchen)}:
        raise Refused("This step cannot be done that way.")
    rewritten = moved(wanted.steps, step.id, wanted.way, kitchen)
    refuse_faulty(rewritten)
    return rewritten
