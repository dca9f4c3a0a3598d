"""Too much or too little went in: what can be done, and what each choice makes of the rest."""

from typing import Literal

from gasket.core.numbers import Answer
from gasket.core.weighing.records import LEAST_RATIO, MOST_RATIO, Scope

ChoiceName = Literal["accept", "to_target", "carry_open", "carry_all"]


class Choice(Answer):
    """One way on. `to_target` takes the rest back or tops it up; the others accept what is there.

    `factor` is what the other targets are multiplied by; None leaves them as they are.
    """

    name: ChoiceName
    factor: float | None = None
    scope: Scope | None = None


def choices(net_g: float, target_g: float) -> tuple[Choice, ...]:
    """What can be done with `net_g` on a target of `target_g` (> 0): accept it, bring it to the
    target, or carry the ratio to the lines still open or to the whole trial (domain notes, 6)."""
    ways: list[Choice] = [Choice(name="accept"), Choice(name="to_target")]
    factor = ratio_of(net_g, target_g)
    if factor is not None:
        ways.append(Choice(name="carry_open", factor=factor, scope="open"))
        ways.append(Choice(name="carry_all", factor=factor, scope="all"))
    return tuple(ways)


def ratio_of(net_g: float | None, target_g: float) -> float | None:
    """What was weighed relative to its target, within what may be carried on; None without a
    weight or a target."""
    if not net_g or target_g <= 0:
        return None
    return min(MOST_RATIO, max(LEAST_RATIO, net_g / target_g))
