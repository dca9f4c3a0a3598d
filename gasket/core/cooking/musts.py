"""Steps that are easy to forget, by family of dish (common practice)."""

import re
from collections.abc import Collection, Sequence

from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.trade.families import BY_KEY, Call, Family


class ForgottenStep(Answer):
    """A step of the family that is easy to forget and is not there; `text` is what to add."""

    must: str
    says: str
    text: str


def forgotten(
    steps: Sequence[Step], family: Family | None, calls: Collection[Call] = ()
) -> tuple[ForgottenStep, ...]:
    """Must-steps of the family that are not among the steps, of those that the build calls for;
    none before there are any."""
    if family not in BY_KEY or not steps:
        return ()
    text = " ".join(f"{step.says} {step.vessel}" for step in steps)
    there = {step.must for step in steps}
    missing = [
        ForgottenStep(must=must.key, says=must.says, text=must.text)
        for must in BY_KEY[family].musts
        if (not must.when or not set(must.when).isdisjoint(calls))
        and must.key not in there
        and not re.search(must.words, text, re.IGNORECASE)
    ]
    baked = any(step.kind == "bake" and step.tool == "oven" for step in steps)
    if baked and not any(step.kind == "preheat" for step in steps):
        degrees = next(
            (s.temperature_c for s in steps if s.kind == "bake" and s.temperature_c), 175
        )
        line = f"Preheat the oven {degrees:.0f} C 12 min"
        missing.insert(0, ForgottenStep(must="preheat", says="Preheat the oven.", text=line))
    cups = any(re.search(r"egg (?:cup|muffin|bite)s?", step.says, re.IGNORECASE) for step in steps)
    if cups and not re.search(r"water (pan|bath)", text, re.IGNORECASE):
        says = "A pan of water under egg cups keeps them tender."
        missing.append(
            ForgottenStep(must="water", says=says, text="Put a water pan under the rack 2 min")
        )
    return tuple(missing)
