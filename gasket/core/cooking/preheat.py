"""What an oven is preheated to: the temperature that the next step in it names."""

from collections.abc import Sequence

from gasket.core.cooking.steps import Step
from gasket.core.trade.appliances import appliance_for


def heated_for(preheat: Step, steps: Sequence[Step]) -> Step | None:
    """The first step with a temperature that is done in the oven after `preheat`: one that waits
    for it where there is one, else the next of the list."""
    waiting = {preheat.id}
    for _ in steps:  # once for each link of the longest chain
        waiting |= {step.id for step in steps if waiting.intersection(step.after)}
    at = next((i for i, step in enumerate(steps) if step.id == preheat.id), 0)
    own = (step for step in steps if step.id in waiting)
    for step in (*own, *steps[at + 1 :]):
        if step.kind in ("bake", "broil") and step.tool == preheat.tool and step.temperature_c:
            return step
    return None


def has_knob(step: Step) -> bool:
    """Whether what it is done in is set to degrees like an oven."""
    appliance = appliance_for(step.tool, step.air)
    return appliance is not None and appliance.knob == "oven"


def with_preheats(steps: Sequence[Step]) -> list[Step]:
    """The steps, each preheat that names no temperature at that of the step that it is for."""
    return [_heated_to(step, steps) for step in steps]


def _heated_to(step: Step, steps: Sequence[Step]) -> Step:
    if step.kind != "preheat" or step.temperature_c is not None:
        return step
    baked = heated_for(step, steps)
    if baked is None:
        return step
    same = ("temperature_c", "air", "written")
    return step.model_copy(update={name: getattr(baked, name) for name in same})
