"""Steps that are easy to forget, by family of dish (common practice)."""

import re
from collections.abc import Sequence
from typing import Final

from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer
from gasket.core.trade.families import Family


class Must(Answer):
    """A step of the family that is easy to forget and is not there; `text` is what to add."""

    must: str
    says: str
    text: str


_MUSTS: Final[tuple[tuple[str, frozenset[Family], str, str, str], ...]] = (
    # key, families, what tells that it is there, the sentence, the line to add
    (
        "line",
        frozenset({"cake", "brownie", "no_bake"}),
        r"greas|\bline\b|liner|parchment|paper|silicone",
        "Grease or line the tin.",
        "Grease or line the tin 3 min",
    ),
    (
        "again",
        frozenset({"brownie", "batter", "crepe"}),
        r"again",
        "Stir again before pouring: powder settles.",
        "Stir again before pouring 1 min",
    ),
    (
        "fill",
        frozenset({"cake"}),
        r"3/4|three quarters|two thirds|2/3",
        "Fill to 3/4: it rises.",
        "Fill to 3/4 2 min",
    ),
    (
        "par",
        frozenset({"dough"}),
        r"par-?bake|pre-?bake|toast",
        "Par-bake the base, or it goes soggy.",
        "Par-bake the base 200 C 8 min",
    ),
)


def forgotten(steps: Sequence[Step], family: Family | None) -> tuple[Must, ...]:
    """Must-steps of the family that are not among the steps; none before there are any."""
    if family is None or not steps:
        return ()
    text = " ".join(f"{step.says} {step.vessel}" for step in steps)
    there = {step.must for step in steps}
    found = [
        Must(must=key, says=says, text=line)
        for key, families, words, says, line in _MUSTS
        if family in families and key not in there and not re.search(words, text, re.IGNORECASE)
    ]
    baked = any(step.kind == "bake" and step.tool == "oven" for step in steps)
    if baked and not any(step.kind == "preheat" for step in steps):
        degrees = next(
            (s.temperature_c for s in steps if s.kind == "bake" and s.temperature_c), 175
        )
        line = f"Preheat the oven {degrees:.0f} C 12 min"
        found.insert(0, Must(must="preheat", says="Preheat the oven.", text=line))
    cups = any(re.search(r"egg cups?", step.says, re.IGNORECASE) for step in steps)
    if cups and not re.search(r"water (pan|bath)", text, re.IGNORECASE):
        says = "A pan of water under egg cups keeps them tender."
        found.append(Must(must="water", says=says, text="Put a water pan under the rack 2 min"))
    return tuple(found)
