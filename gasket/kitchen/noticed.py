"""What is to be known of a weighed batch beside its figures: what is open, unnamed, stood in for,
spilled."""

from collections.abc import Iterator
from typing import TYPE_CHECKING

from gasket.core.findings import Finding, Severity
from gasket.core.weighing.weigh_in import WeighIn

if TYPE_CHECKING:
    from gasket.kitchen.weighed import Weighed


def count_open(state: WeighIn) -> str:
    """ "1 line is", "3 lines are"."""
    left = len(state.open_lines)
    return "1 line is" if left == 1 else f"{left} lines are"


def noticed(made: "Weighed") -> Iterator[Finding]:
    if made.state.open_lines:
        says = f"{count_open(made.state)} not weighed yet and counted as planned."
        yield _finding("open_lines", says, "warning")
    for line in made.lines:
        if made.wants_name(line):
            says = f"{made.state_of(line).net_g:g} g have no name yet and count nothing."
            yield _finding("unnamed", says, "warning")
        if made.is_stand_in(line):
            says = f"{made.name_of(line)} went in, {made.planned_name(line)} was planned."
            yield _finding("stand_in", says, "note")
    for part in made.batch.components:
        back = made.state.leftover.get(part.name)
        if back is not None and part.leftover_g + 1e-6 < (back.net_g or 0.0):
            says = f"More of {part.name} came back than there is: {part.leftover_g:g} g count."
            yield _finding("leftover_too_much", says, "warning")
    for bowl, spilled in made.state.spilled.items():
        says = f"About {spilled.net_g:g} g of {bowl} were spilled or tasted and are not counted."
        yield _finding("spilled", says, "note")


def _finding(code: str, says: str, severity: Severity) -> Finding:
    return Finding(code=code, severity=severity, message=says, where="components")
