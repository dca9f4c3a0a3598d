"""A step done another way, and the steps around it: what heats up for it, what follows it."""

from collections.abc import Sequence
from typing import Any

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from gasket.core.cooking.ways import WAYS, Kitchen, Way


def needs(step: Step) -> str:
    """What a step needs of the kitchen."""
    return "fan oven" if step.tool == "oven" and step.air == "fan" else step.tool


def ways(step: Step, kitchen: Kitchen) -> tuple[Way, ...]:
    """The other ways that this step can be done, those that this kitchen has the tool for first."""
    found = [way for way in WAYS if way.fits(step, kitchen)]
    return tuple(sorted(found, key=lambda way: not goes_here(way, step, kitchen)))


def goes_here(way: Way, step: Step, kitchen: Kitchen) -> bool:
    """Whether this kitchen has what the step needs when it is done this way."""
    wanted = {way.tool, needs(way.change(step, kitchen))}
    return wanted.isdisjoint(kitchen.missing)


def moved(steps: Sequence[Step], key: str, way_key: str, kitchen: Kitchen) -> tuple[Step, ...]:
    """The steps with one of them done another way. What heated up only for it heats up for the new
    tool, or not at all; a tool that has to be hot is heated first. A way that does not fit changes
    nothing."""
    step = next((step for step in steps if step.id == key), None)
    way = next((way for way in WAYS if way.key == way_key), None)
    if step is None or way is None or not way.fits(step, kitchen):
        return tuple(steps)
    new = _named(way.change(step, kitchen), step, way)
    if new.tool == step.tool:
        return tuple(new if one.id == key else _as_hot(one, step, new, steps) for one in steps)
    own_heat = {
        one.id
        for one in steps
        if one.kind == "preheat"
        and one.tool == step.tool
        and one.id in step.after
        and not any(one.id in other.after for other in steps if other.id != key)
    }
    heats = _heats(way, new)
    after = tuple(before for before in new.after if before not in own_heat)
    new = _changed(new, after=(*after, *(heat.id for heat in heats)))
    kept: list[Step] = []
    for one in steps:
        if one.id == key:
            kept += [*heats, new]
        elif one.id not in own_heat:
            kept.append(one)
    return tuple(kept)


def _named(new: Step, step: Step, way: Way) -> Step:
    """The step with the way in its words, in the place of an earlier one."""
    if new.says != step.says:
        return new
    plain = step.says
    for other in WAYS:
        plain = plain.removesuffix(f", {other.key}")
    return _changed(new, says=f"{plain}, {way.key}"[:200])


def _heats(way: Way, new: Step) -> tuple[Step, ...]:
    if not way.heat_min:
        return ()
    key = f"heat-{new.id}"[:64]
    heat = read_step(f"Preheat the {new.tool} {way.heat_min:g} min", key)
    same = {"temperature_c": new.temperature_c, "air": new.air, "written": new.written}
    return (_changed(heat, **same, tool=new.tool),)


def _as_hot(one: Step, old: Step, new: Step, steps: Sequence[Step]) -> Step:
    """A preheat of the same oven at the step's new heat, where it is for this step alone."""
    shared = any(one.id in other.after for other in steps if other.id != old.id)
    if one.kind != "preheat" or one.id not in old.after or shared:
        return one
    return _changed(one, temperature_c=new.temperature_c, air=new.air)


def without_missing(steps: Sequence[Step], kitchen: Kitchen) -> tuple[Step, ...]:
    """The steps with what needs a missing tool done the first way that this kitchen can go; a step
    that has no such way stays."""
    found = tuple(steps)
    for step in steps:
        if step.kind == "preheat" or needs(step) not in kitchen.missing:
            continue
        there = [way for way in ways(step, kitchen) if goes_here(way, step, kitchen)]
        if there:
            found = moved(found, step.id, there[0].key, kitchen)
    return found


def _changed(step: Step, **changes: Any) -> Step:
    return step.model_copy(update=changes)
