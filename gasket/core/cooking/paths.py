"""A step done another way, and the steps around it: what heats up for it, what follows it."""

from collections.abc import Sequence

from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step, changed
from gasket.core.cooking.ways import Surroundings, done, fits
from gasket.core.trade.appliances import APPLIANCES, WAYS, appliance_for
from gasket.core.trade.appliances.model import Way


def needs(step: Step) -> str:
    """What a step needs of the kitchen."""
    appliance = appliance_for(step.tool, step.air)
    return step.tool if appliance is None else appliance.key


def ways(step: Step, around: Surroundings) -> tuple[Way, ...]:
    """The other ways that this step can be done, those that this kitchen has the tool for first."""
    fitting = [way for way in WAYS if fits(way, step, around)]
    return tuple(sorted(fitting, key=lambda way: not goes_here(way, step, around)))


def goes_here(way: Way, step: Step, around: Surroundings) -> bool:
    """Whether this kitchen has what the step needs when it is done this way."""
    wanted = {way.tool, needs(done(way, step, around))}
    return wanted.isdisjoint(around.missing)


def moved(steps: Sequence[Step], key: str, way_key: str, around: Surroundings) -> tuple[Step, ...]:
    """The steps with one of them done another way. What heated up only for it heats up for the new
    tool, or not at all; a tool that has to be hot is heated first. A way that does not fit changes
    nothing."""
    step = next((step for step in steps if step.id == key), None)
    way = next((way for way in WAYS if way.key == way_key), None)
    if step is None or way is None or not fits(way, step, around):
        return tuple(steps)
    new = _named(done(way, step, around), step, way)
    own_heat = {one.id for one in steps if _heats_only(one, step, steps)}
    if new.tool == step.tool:
        as_hot = {"temperature_c": new.temperature_c, "air": new.air}
        return tuple(
            new if step.id == key else changed(step, **as_hot) if step.id in own_heat else step
            for step in steps
        )
    heats = _heats(way, new)
    after = tuple(before for before in new.after if before not in own_heat)
    new = changed(new, after=(*after, *(heat.id for heat in heats)))
    kept: list[Step] = []
    for one in steps:
        if one.id == key:
            kept += [*heats, new]
        elif one.id not in own_heat:
            kept.append(one)
    return tuple(kept)


def _heats_only(one: Step, step: Step, steps: Sequence[Step]) -> bool:
    """Whether `one` heats up the tool of `step` for it alone."""
    if one.kind != "preheat" or one.tool != step.tool or one.id not in step.after:
        return False
    return not any(one.id in other.after for other in steps if other.id != step.id)


def _named(new: Step, step: Step, way: Way) -> Step:
    """The step with the way in its words, in the place of an earlier one."""
    if new.says != step.says:
        return new
    plain = step.says
    for other in WAYS:
        plain = plain.removesuffix(f", {other.key}")
    return changed(new, says=f"{plain}, {way.key}"[:200])


def _heats(way: Way, new: Step) -> tuple[Step, ...]:
    if not way.heats:
        return ()
    key = f"heat-{new.id}"[:64]
    minutes = next(tool.heat_min for tool in APPLIANCES if tool.key == way.tool)
    heat = read_step(f"Preheat the {new.tool} {minutes:g} min", key)
    same = {"temperature_c": new.temperature_c, "air": new.air, "written": new.written}
    return (changed(heat, **same, tool=new.tool),)


def without_missing(steps: Sequence[Step], around: Surroundings) -> tuple[Step, ...]:
    """The steps with what needs a missing tool done the first way that this kitchen can go; a step
    that has no such way stays."""
    rewritten = tuple(steps)
    for step in steps:
        if step.kind == "preheat" or needs(step) not in around.missing:
            continue
        possible = [way for way in ways(step, around) if goes_here(way, step, around)]
        if possible:
            rewritten = moved(rewritten, step.id, possible[0].key, around)
    return rewritten
