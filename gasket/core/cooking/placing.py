"""Where a typed step belongs: what it works on, and what it comes after."""

import re
from collections.abc import Sequence

from gasket.core.cooking.steps import Step
from gasket.core.trade.step_kinds import HOT, StepKind


def following(steps: Sequence[Step], new: Step) -> Step:
    """A step typed at the end of the list, set after what it most likely follows: the last one
    on its components, or the last one; a preheating oven waits for nothing, and the first baking
    step after it waits for it."""
    if new.kind == "preheat" or not steps:
        return new
    same = [step for step in steps if step.kind != "preheat" and _share(step, new)]
    last = (same or [step for step in steps if step.kind != "preheat"])[-1:]
    heats = [step.id for step in steps if step.kind == "preheat"] if _bakes(new) else []
    return new.model_copy(update={"after": tuple([step.id for step in last] + heats[-1:])})


def _share(one: Step, other: Step) -> bool:
    return bool(set(one.uses) & set(other.uses))


def _bakes(step: Step) -> bool:
    kinds: frozenset[StepKind] = HOT
    return step.kind in kinds and step.tool == "oven"


def mentions(text: str, components: Sequence[str]) -> tuple[str, ...]:
    """The components that a typed step names."""
    return tuple(
        name
        for name in components
        if re.search(rf"(?<!\w){re.escape(name)}(?!\w)", text, re.IGNORECASE)
    )
