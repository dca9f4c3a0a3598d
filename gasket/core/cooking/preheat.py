"""What an oven is preheated to: the temperature that the next step in it names."""

from collections.abc import Sequence

from gasket.core.cooking.steps import Step


def heated_for(preheat: Step, steps: Sequence[Step]) -> Step | None:
    """The first step with a temperature that is done in the oven after `preheat`: one that waits
    for it where there is one, else the next of the list."""
    waiting = {preheat.id}
    for _ in steps:  # once for each link of the longest chain
        waiting |= {step.id for step in steps if waiting.intersection(step.after)}
    at = next((i for i, step in enumerate(steps) if step.id == preheat.id), 0)
    baked = [
        step
        for step in steps
        if step.kind in ("bake", "broil") and step.tool == preheat.tool and step.temperature_c
    ]
    own = [step for step in baked if step.id in waiting]
    later = [step for step in steps[at + 1 :] if step in baked]
    return next(iter([*own, *later]), None)


def with_preheats(steps: Sequence[Step]) -> list[Step]:
    """The steps, each preheat that names no temperature at that of the step that it is for."""
    return [
        step.model_copy(
            update={
                "temperature_c": baked.temperature_c,
                "air": baked.air,
                "written": baked.written,
            }
        )
        if step.kind == "preheat"
        and step.temperature_c is None
        and (baked := heated_for(step, steps)) is not None
        else step
        for step in steps
    ]
