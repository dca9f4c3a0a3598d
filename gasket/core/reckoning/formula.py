"""From nested components to grams per label: a flat formula with the error of every weight.

Components form a graph without cycles: a line may be of another component. Each component ends up
in the batch by a factor: a component that no line uses belongs to the batch itself, less what
was left over; one that lines use comes in through them, by weight.

    loaf: 300 g flour, 150 g frosting        frosting (200 g made): 120 g quark, 80 g butter
    → factor of loaf 1, of frosting 150/200; 90 g of quark and 60 g of butter are in the batch.

A line's own error is scaled by its component's factor. The error of a line *of a component* moves
all of that component's labels together, so it is kept as a source of its own (`LabelDraw`); so is a
guess of how much is left. What a component weighed (`made_g`) and what was left and weighed count
as read.
"""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field

import numpy as np

from gasket.core.errors import Fault, FaultyInput
from gasket.core.label.panel import PerNutrient
from gasket.core.reckoning.batch import Batch, Component, Line, WeighedGrams

_ROUNDING_SLACK = 1e-9


@dataclass(frozen=True, slots=True)
class ComponentShare:
    """How much of a component's whole ends up in the batch: as read, and with the draws' errors."""

    value: float = 0.0
    lo: float = 0.0
    hi: float = 0.0
    mid: float = 0.0


@dataclass(frozen=True, slots=True)
class GramsByLabel:
    """Grams per label (arrays by `Formula.position`)."""

    value: PerNutrient
    mid: PerNutrient
    lo: PerNutrient
    hi: PerNutrient
    variance: PerNutrient

    @classmethod
    def of(
        cls, lines: Sequence[tuple[int, WeighedGrams, ComponentShare]], labels: int
    ) -> "GramsByLabel":
        """Add up lines (position of the label, weight, share of its component) by label."""
        at = np.array([position for position, _, _ in lines], dtype=np.intp)
        table = [
            (
                share.value * line.grams,
                share.mid * line.mid_g,
                share.lo * line.low_g,
                share.hi * line.high_g,
                share.mid**2 * line.variance_g2,
            )
            for _, line, share in lines
        ]
        columns = np.array(table).T if table else np.zeros((5, 0))
        sums = (np.bincount(at, column, minlength=labels) for column in columns)
        return cls(*(column.astype(np.float64) for column in sums))

    def scaled(self, factor: float) -> "GramsByLabel":
        """Times an exact factor."""
        return GramsByLabel(
            self.value * factor,
            self.mid * factor,
            self.lo * factor,
            self.hi * factor,
            self.variance * factor**2,
        )

    def plus(self, other: "GramsByLabel") -> "GramsByLabel":
        """With another's grams; their errors have nothing to do with each other."""
        return GramsByLabel(
            self.value + other.value,
            self.mid + other.mid,
            self.lo + other.lo,
            self.hi + other.hi,
            self.variance + other.variance,
        )


@dataclass(frozen=True, slots=True)
class LabelDraw:
    """One line of a component: the labels that one standard deviation of it brings along."""

    grams_by_label: PerNutrient


@dataclass(frozen=True, slots=True)
class Formula:
    """The batch, flat."""

    position: dict[str, int]
    grams: GramsByLabel
    """By label; pieces for a label that can only be counted."""
    draws: tuple[LabelDraw, ...]
    shares: dict[str, ComponentShare]
    parts_first: tuple[str, ...]
    used_g: float | None
    """Sum of what was used; None when something was only counted and never weighed."""
    uncounted: frozenset[int]
    """Positions of labels that can only be counted and were not: all unknown."""

    @property
    def labels(self) -> tuple[str, ...]:
        """The labels' keys by their position."""
        return tuple(self.position)


@dataclass(slots=True)
class _Graph:
    """Components by name, who uses whom, and an order in which users come before the used."""

    by_name: dict[str, Component]
    uses: dict[str, list[tuple[str, Line]]] = field(default_factory=dict)
    order: list[str] = field(default_factory=list)


def flatten(batch: Batch) -> Formula:
    """Flatten `batch`. Raises `FaultyInput` with every fault of its structure."""
    faults = [*_name_faults(batch)]
    if faults:
        raise FaultyInput(*faults)
    graph = _graph(batch)
    faults = [*_amount_faults(batch, graph)]
    if faults:
        raise FaultyInput(*faults)

    position = {label: i for i, label in enumerate(batch.labels)}
    shares = _shares(graph)
    lines = [
        (position[line.label], quantity(batch, line), shares[name])
        for name, component in graph.by_name.items()
        for line in component.lines
        if line.label is not None
    ]
    roots = [component for component in batch.components if component.name not in graph.uses]
    unweighed = any(component.unweighed for component in batch.components)
    return Formula(
        position=position,
        grams=GramsByLabel.of(lines, len(position)),
        draws=tuple(_draws(batch, graph, shares, position)),
        shares=shares,
        parts_first=tuple(reversed(graph.order)),
        used_g=None
        if unweighed
        else sum(component.whole_g - component.leftover_g for component in roots),
        uncounted=frozenset(
            position[line.label]
            for component in batch.components
            for line in component.lines
            if line.label and batch.labels[line.label].by_piece and line.count is None
        ),
    )


def quantity(batch: Batch, line: Line) -> WeighedGrams:
    """What a line's figures are multiplied by: its grams, or its count of unweighed pieces."""
    if line.label is not None and line.count is not None and batch.labels[line.label].by_piece:
        return WeighedGrams(grams=line.count, division_g=0.0)
    return line


def _name_faults(batch: Batch) -> Iterator[Fault]:
    names = [component.name for component in batch.components]
    for i, component in enumerate(batch.components):
        if component.name in names[:i]:
            yield Fault(
                path=f"components[{i}].name",
                message=f"Two components are called “{component.name}”.",
            )
        for j, line in enumerate(component.lines):
            at = f"components[{i}].lines[{j}]"
            if line.label is not None and line.label not in batch.labels:
                yield Fault(path=f"{at}.label", message=f"There is no label “{line.label}”.")
            if line.component is not None and line.component not in names:
                yield Fault(
                    path=f"{at}.component", message=f"There is no component “{line.component}”."
                )
    for i, finish in enumerate(batch.finish):
        if finish.label not in batch.labels:
            yield Fault(path=f"finish[{i}].label", message=f"There is no label “{finish.label}”.")


def _graph(batch: Batch) -> _Graph:
    graph = _Graph({component.name: component for component in batch.components})
    for component in batch.components:
        for line in component.lines:
            if line.component is not None:
                graph.uses.setdefault(line.component, []).append((component.name, line))
    users_left = {
        name: len({user for user, _ in graph.uses.get(name, [])}) for name in graph.by_name
    }
    ready = [name for name, users in users_left.items() if users == 0]
    while ready:
        name = ready.pop()
        graph.order.append(name)
        parts = {line.component for line in graph.by_name[name].lines if line.component}
        for part in parts:
            users_left[part] -= 1
            if users_left[part] == 0:
                ready.append(part)
    if len(graph.order) < len(graph.by_name):
        raise FaultyInput(*_cycle_faults(batch))
    return graph


def _cycle_faults(batch: Batch) -> Iterator[Fault]:
    """The lines that close a circle; what only goes into one is no fault."""
    made_of = {
        component.name: {line.component for line in component.lines if line.component}
        for component in batch.components
    }
    for i, component in enumerate(batch.components):
        for j, line in enumerate(component.lines):
            if line.component and component.name in _all_of(line.component, made_of):
                yield Fault(
                    path=f"components[{i}].lines[{j}].component",
                    message=f"“{component.name}” would be made of itself.",
                )


def _all_of(name: str, made_of: dict[str, set[str]]) -> set[str]:
    """A component and all that goes into it."""
    found, unseen = {name}, [name]
    while unseen:
        more = made_of[unseen.pop()] - found
        found |= more
        unseen += more
    return found


def _amount_faults(batch: Batch, graph: _Graph) -> Iterator[Fault]:
    for i, component in enumerate(batch.components):
        taken = sum(line.grams for _, line in graph.uses.get(component.name, []))
        if component.unweighed and (taken > 0 or component.leftover_g > 0):
            yield Fault(
                path=f"components[{i}].made_g",
                message=f"Weigh “{component.name}” first: something in it was only counted.",
            )
            continue
        left_g = component.whole_g - taken
        if component.leftover_g > max(left_g, 0.0) + _ROUNDING_SLACK * component.whole_g:
            yield Fault(
                path=f"components[{i}].leftover_g",
                message=f"More is left over than there is ({max(left_g, 0.0):g} g).",
            )
        for j, line in enumerate(component.lines):
            used = graph.by_name[line.component] if line.component else None
            if used is not None and line.grams > 0 and used.whole_g == 0:
                yield Fault(
                    path=f"components[{i}].lines[{j}].grams",
                    message=f"Nothing of “{used.name}” has been made yet.",
                )


def _shares(graph: _Graph) -> dict[str, ComponentShare]:
    shares: dict[str, ComponentShare] = {}
    for name in graph.order:
        component = graph.by_name[name]
        whole = component.whole_g
        if name not in graph.uses:
            shares[name] = _share_used(component)
            continue
        if whole == 0:
            shares[name] = ComponentShare()
            continue
        uses = [(shares[user], line) for user, line in graph.uses[name]]
        least, most = _whole_between(component)
        shares[name] = ComponentShare(
            value=sum(share.value * line.grams for share, line in uses) / whole,
            lo=sum(share.lo * line.low_g for share, line in uses) / most,
            hi=sum(share.hi * _part_at_most(line.high_g, least, whole) for share, line in uses),
            mid=sum(share.mid * line.mid_g for share, line in uses) / whole,
        )
    return shares


def _share_used(component: Component) -> ComponentShare:
    """Of a component that belongs to the batch itself, less what is left of it."""
    whole = component.whole_g
    used = 1 - component.leftover_g / whole if whole else 1.0
    if component.leftover_estimate is None or not whole:
        return ComponentShare(used, used, used, used)
    least, most = component.leftover_estimate
    low, high = max(0.0, 1 - most / whole), 1 - least / whole
    return ComponentShare(used, low, high, (low + high) / 2)


def _whole_between(component: Component) -> tuple[float, float]:
    """What a component weighs at least and at most: known once it was weighed whole, else as well
    as its lines are."""
    whole = component.whole_g
    if component.made_g is not None:
        return whole, whole
    lines = component.lines
    less = sum(line.grams - line.low_g for line in lines)
    more = sum(line.high_g - line.grams for line in lines)
    return max(0.0, whole - less), whole + more


def _part_at_most(used_g: float, whole_at_least_g: float, whole_g: float) -> float:
    """The part of a component that so much of it is at most: all of it, unless more was used than
    there is by what was read."""
    if used_g < whole_at_least_g:
        return used_g / whole_at_least_g
    return max(1.0, used_g / whole_g)


def _draws(
    batch: Batch, graph: _Graph, shares: dict[str, ComponentShare], position: dict[str, int]
) -> Iterator[LabelDraw]:
    guessed = [part for part in graph.by_name.values() if part.leftover_estimate is not None]
    if not graph.uses and not guessed:
        return
    contents: dict[str, PerNutrient] = {}
    for name in reversed(graph.order):
        content = np.zeros(len(position))
        for line in graph.by_name[name].lines:
            if line.label is not None:
                content[position[line.label]] += quantity(batch, line).mid_g
            elif line.component is not None and graph.by_name[line.component].whole_g:
                part = graph.by_name[line.component]
                content += contents[part.name] * (line.mid_g / part.whole_g)
        contents[name] = content
    for name, uses in graph.uses.items():
        whole = graph.by_name[name].whole_g
        for user, line in uses:
            if whole:
                per_gram = contents[name] / whole
                yield LabelDraw(per_gram * shares[user].mid * line.variance_g2**0.5)
    for part in guessed:
        share = shares[part.name]
        # Uniform between the least and the most, like any estimate.
        yield LabelDraw(contents[part.name] * ((share.hi - share.lo) / 12**0.5))
