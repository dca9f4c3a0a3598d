"""The steps of a trial: what is done, for how long, by whose hands, after what."""

from collections.abc import Iterable
from typing import Annotated, Any, Final, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Number, Value, YesNo
from gasket.core.rebuild.trial import LineId, Remark
from gasket.core.reckoning.batch import Name
from gasket.core.trade.step_kinds import HOT, LEAD, StepKind
from gasket.core.trade.temperatures import Air, DegreeScale

MOST_STEPS: Final = 60
MOST_MIN: Final = 7 * 24 * 60.0
LEAD_MIN: Final = 30.0
"""What stands or chills for at least so long has to be begun ahead."""
UNSAID_MIN: Final = 5.0
"""A step whose time nobody has said is planned with this."""

Minutes = Annotated[Number, Field(ge=0, le=MOST_MIN)]
StepName = Annotated[str, Field(min_length=1, max_length=200)]
StepWord = Annotated[str, Field(max_length=60)]


class Step(Value):
    """One step. Minutes are a window from least to most; None where nobody has said.

    `hands_on` occupies the cook, otherwise it runs by itself; `tool` is what nothing else can use
    meanwhile (an oven); `uses` names components, `after` the steps that must be done before;
    `first_look_min` is the cook's own first look. Minutes are meant for pieces of `for_piece_g`,
    or for `for_whole_g` in one vessel; for one round of `at_a_time` pieces, of a batter those of
    `ladle_g`.
    """

    id: LineId
    kind: StepKind
    says: StepName
    least_min: Minutes | None = None
    most_min: Minutes | None = None
    hands_on: YesNo = True
    temperature_c: Annotated[Number, Field(ge=-40, le=400)] | None = None
    air: Air = "conventional"
    written: DegreeScale = "C"
    tool: StepWord = ""
    vessel: StepWord = ""
    uses: Annotated[tuple[Name, ...], Field(max_length=50)] = ()
    after: Annotated[tuple[LineId, ...], Field(max_length=MOST_STEPS)] = ()
    cue: Remark = ""
    first_look_min: Minutes | None = None
    must: StepWord = ""
    for_piece_g: Annotated[Number, Field(gt=0, le=100_000)] | None = None
    for_whole_g: Annotated[Number, Field(gt=0, le=100_000)] | None = None
    ladle_g: Annotated[Number, Field(gt=0, le=100_000)] | None = None
    at_a_time: Annotated[int, Field(strict=True, ge=1, le=200)] | None = None

    @model_validator(mode="after")
    def _window(self) -> Self:
        least, most = self.least_min, self.most_min
        if least is not None and most is not None and least > most:
            raise PydanticCustomError("window", "The time runs from the shorter to the longer.")
        return self

    @property
    def stated_min(self) -> float:
        """The middle of the window."""
        said = [minutes for minutes in (self.least_min, self.most_min) if minutes is not None]
        return sum(said) / len(said) if said else UNSAID_MIN

    @property
    def longest_min(self) -> float:
        """Minutes at most; those stated where there is no window."""
        return self.most_min if self.most_min is not None else self.stated_min

    @property
    def shortest_min(self) -> float:
        """Minutes at least; those stated where there is no window."""
        return self.least_min if self.least_min is not None else self.stated_min

    @property
    def is_lead(self) -> bool:
        """Whether it has to be begun long before the rest."""
        return self.kind in LEAD and not self.hands_on and self.stated_min >= LEAD_MIN


def changed(step: Step, **changes: Any) -> Step:
    """The step with something else said of it."""
    return step.model_copy(update=changes)


def without(steps: tuple[Step, ...], gone: set[str]) -> tuple[Step, ...]:
    """The steps but for some; the others no longer come after those."""
    return among_themselves(step for step in steps if step.id not in gone)


def among_themselves(steps: Iterable[Step]) -> tuple[Step, ...]:
    """The steps, none of them after one that is not among them."""
    steps = tuple(steps)
    ids = {step.id for step in steps}
    return tuple(
        changed(step, after=tuple(key for key in step.after if key in ids)) for step in steps
    )


def from_the_heat_on(steps: Iterable[Step]) -> tuple[Step, ...]:
    """The preheating, what cooks, and all that comes after: an arm's own steps. What is prepared
    and mixed before is done for the whole."""
    steps = tuple(steps)
    own = {step.id for step in steps if step.kind in HOT}
    while later := {step.id for step in steps if own & set(step.after)} - own:
        own |= later
    own |= {step.id for step in steps if step.kind == "preheat"}
    return without(steps, {step.id for step in steps} - own)


Steps = Annotated[tuple[Step, ...], Field(max_length=MOST_STEPS)]


def faults(steps: tuple[Step, ...]) -> list[tuple[int, str]]:
    """What is wrong with the list as a whole: place and sentence."""
    keys = [step.id for step in steps]
    wrong = [(i, "Two steps carry the same id.") for i, key in enumerate(keys) if key in keys[:i]]
    for i, step in enumerate(steps):
        if any(key not in keys for key in step.after):
            wrong.append((i, "It comes after a step that is not there."))
    if not wrong:
        wrong = [(keys.index(key), "It would come after itself.") for key in _in_a_circle(steps)]
    return wrong


def _in_a_circle(steps: tuple[Step, ...]) -> list[str]:
    left = {step.id: set(step.after) for step in steps}
    while free := [key for key, after in left.items() if not after]:
        for key in free:
            del left[key]
        for after in left.values():
            after.difference_update(free)
    return list(left)


def hands_on_min(steps: Iterable[Step]) -> float | None:
    """Minutes of the cook's hands that steps take; None without steps."""
    told = [*steps]
    return sum(step.stated_min for step in told if step.hands_on) if told else None
