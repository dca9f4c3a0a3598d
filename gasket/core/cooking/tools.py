"""Tools that a kitchen may lack, and what to do without them (common practice)."""

from typing import Final

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from gasket.core.cooking.temperatures import knob

WITHOUT: Final[dict[str, tuple[str, ...]]] = {
    "stand mixer": ("Beat by hand with a whisk 10 min",),
    "blender": ("Mash and push through a sieve 8 min",),
    "microwave": ("Warm in a pan over low heat, stirring 5 min",),
    "ice cream machine": ("Freeze 3 h, stirring hard every 30 min",),
    "piping bag": ("Pipe from a freezer bag with a corner cut off 4 min",),
    "waffle iron": ("Fry as pancakes in the pan 15 min",),
    "air fryer": (),
}
"""Lines that stand in the place of a step that needs the tool. An air fryer's step goes into the
oven: a little hotter, a quarter longer, and the oven is heated first."""
TOOLS: Final[tuple[str, ...]] = tuple(WITHOUT)
_HOTTER_C: Final = 10.0
_LONGER: Final = 1.25


def by_hand(step: Step, tool: str) -> tuple[Step, ...]:
    """What stands in the place of `step` in a kitchen without `tool`: the step itself where it
    does not need it."""
    if step.tool != tool or tool not in WITHOUT:
        return (step,)
    if tool == "air fryer":
        return _in_the_oven(step)
    keep = {"uses": step.uses, "after": step.after, "cue": step.cue, "must": step.must}
    found = (read_step(line, step.id) for line in WITHOUT[tool])
    return tuple(
        new.model_copy(update={**keep, "tool": "" if new.tool == tool else new.tool})
        for new in found
    )


def _in_the_oven(step: Step) -> tuple[Step, ...]:
    hotter = None if step.temperature_c is None else step.temperature_c + _HOTTER_C
    degrees = f"{knob(hotter).conventional_c:.0f} C " if hotter is not None else ""
    heat_key = f"heat-{step.id}"[:64]
    heat = read_step(f"Preheat the oven {degrees}12 min", heat_key)
    longer = {
        name: None if value is None else round(value * _LONGER, 2)
        for name, value in (
            ("least_min", step.least_min),
            ("most_min", step.most_min),
            ("first_look_min", step.first_look_min),
        )
    }
    baked = {"kind": "bake", "tool": "oven", "temperature_c": hotter, "hands_on": False}
    update = {**baked, **longer, "after": (*step.after, heat_key)}
    return heat, step.model_copy(update=update)
