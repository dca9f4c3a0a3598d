"""Arms: one batch divided by weight, each part with lines, weights, pieces and a finish of its own.

An arm is calculated as a batch: what was mixed is one component of it, used by weight.

    loaf 900 g, glaze 100 g  →  the mixture 1,000 g  →  arm "with nuts": 400 g of it, 30 g nuts
                                                     →  arm "plain": 600 g of it

Nothing is put aside as a table of figures on the way, so the error of a printed label is the same
one in the mixture and in what is added to an arm, and each arm is as exact as a batch.
"""

import re
from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from typing import Final

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.batch import MIXTURE, Arm, Batch, Component, Line, WeighedGrams
from gasket.core.reckoning.findings import Finding
from gasket.core.reckoning.formula import flatten
from gasket.core.reckoning.portions import weight_g

STICKS_AT_MOST: Final = 0.05
"""So much of a batch may stick to the bowl (common practice); what is missing beyond that went into
no arm."""
_COMPONENT: Final = re.compile(r"components\[(\d+)\](.*)")


@dataclass(frozen=True, slots=True)
class DividedMixture:
    """What an arm has a part of: the undivided batch as one component, shared out by `among_g`. All
    arms weigh `together_g`, read to `slack_g`; `of_g` is what there was to divide, None where
    something was only counted."""

    batch: Batch
    among_g: float
    together_g: float
    slack_g: float
    of_g: float | None

    def findings(self) -> Iterator[Finding]:
        """That the arms weigh more than there was, or far less."""
        if self.of_g is None:
            return
        if self.together_g > self.of_g + self.slack_g:
            yield exceeding(self.together_g, self.of_g)
        elif self.together_g < self.of_g * (1 - STICKS_AT_MOST):
            yield Finding(
                code="arms_short",
                severity="note",
                message=f"The arms weigh {self.together_g:g} g together, of {self.of_g:g} g: the "
                "rest counts for none of them.",
                where="arms",
            )


def mixture_of(batch: Batch, arms: Sequence[WeighedGrams], slack_g: float) -> DividedMixture:
    """The mixture that these parts of `batch` are of."""
    together_g = sum(arm.grams for arm in arms)
    of_g = weight_g(batch, flatten(batch).used_g)
    among_g = _shared_among(together_g, of_g or 0.0, batch.settings.residue == "counted")
    return DividedMixture(gathered(batch, among_g or 1.0), among_g, together_g, slack_g, of_g)


def _shared_among(together_g: float, whole_g: float, residue_counts: bool) -> float:
    """The grams that the batch is shared out by: what it weighed last, unless the arms weigh more;
    those of the arms, where what sticks to the bowl counts among them."""
    sticks = together_g >= whole_g * (1 - STICKS_AT_MOST)
    return together_g if sticks and residue_counts else max(together_g, whole_g)


@dataclass(frozen=True, slots=True)
class ArmBatch:
    """An arm as a batch of its own. Its `own` first components are the arm's; the next one is its
    part of the mixture; then come the batch's."""

    at: int
    name: str
    own: int
    batch: Batch

    def where(self, path: str) -> str:
        """A path in this batch as one in the file that the arm stands in."""
        if path.startswith("labels"):
            return path
        here = f"arms[{self.at}]"
        if match := _COMPONENT.match(path):
            place = int(match[1])
            if place >= self.own:
                shared = place - self.own - 2
                return here if shared < 0 else f"components[{shared}]{match[2]}"
        return f"{here}.{path}"


def arms_of(batch: Batch, mixture: DividedMixture) -> Iterator[ArmBatch]:
    """Each arm of `batch` as a batch. Raises `FaultyInput` where none of them weighs anything."""
    if mixture.among_g <= 0:
        raise FaultyInput.at("arms", "At least one arm must weigh something.")
    for at, arm in enumerate(batch.arms):
        part = Line(component=MIXTURE, **_weight(arm))
        names = {own.name for own in arm.components}
        holder = Component(name=_unlike(arm.name, {*names, MIXTURE}), lines=(part,))
        own = batch.model_copy(
            update={
                "version": 1,
                "arms": (),
                "components": (*arm.components, holder),
                "mixture_g": arm.mixture_g,
                "cooked_g": arm.cooked_g,
                "portions": arm.portions,
                "finish": arm.finish,
            }
        )
        yield ArmBatch(at, arm.name, len(arm.components), of_mixture(own, mixture.batch))


def _weight(arm: WeighedGrams) -> dict[str, object]:
    return {"grams": arm.grams, "division_g": arm.division_g, "estimate": arm.estimate}


def with_arms(batch: Batch, arms: Sequence[tuple[str, Batch]]) -> Batch:
    """`batch` as a file carries it with its arms, by name: each a batch that has a line of the
    mixture."""
    labels, made = dict(batch.labels), []
    for name, given in arms:
        own = _labels_apart(batch, given)
        labels |= own.labels
        parts = [line for part in own.components for line in part.lines]
        weight = next(
            (line for line in parts if line.component == MIXTURE), WeighedGrams(grams=0.0)
        )
        made.append(
            Arm(
                name=name,
                **_weight(weight),
                components=tuple(_without_mixture(own.components)),
                mixture_g=own.mixture_g,
                cooked_g=own.cooked_g,
                portions=own.portions,
                finish=own.finish,
            )
        )
    return batch.model_copy(update={"version": 2, "labels": labels, "arms": tuple(made)})


def _without_mixture(parts: Sequence[Component]) -> Iterator[Component]:
    for part in parts:
        lines = tuple(line for line in part.lines if line.component != MIXTURE)
        if lines:
            yield part.model_copy(update={"lines": lines})


def gathered(batch: Batch, among_g: float) -> Batch:
    """The batch as one component, the mixture, of which `among_g` are shared out."""
    taken = {part.name for part in batch.components}
    there = _renamed(batch.components, {MIXTURE: _unlike(MIXTURE, taken)})
    used = {line.component for part in there for line in part.lines}
    parts, lines = [], []
    for part in there:
        if part.name in used:
            parts.append(part)
            continue
        whole = part.whole_g or float(part.unweighed)
        if whole > 0:
            lines.append(_all_of(part, whole))
        whole_fields = {"made_g": whole or None, "leftover_g": 0.0, "leftover_estimate": None}
        parts.append(part.model_copy(update=whole_fields))
    mixture = Component(name=MIXTURE, made_g=among_g, lines=tuple(lines))
    return batch.model_copy(update={"components": (mixture, *parts)})


def _all_of(part: Component, whole: float) -> Line:
    """All that was used of a component: its weight is known, but for what a guess says is left."""
    between = part.leftover_estimate
    estimate = (max(0.0, whole - between[1]), whole - between[0]) if between else None
    grams = max(0.0, whole - part.leftover_g)
    return Line(component=part.name, grams=grams, division_g=0.0, estimate=estimate)


def of_mixture(own: Batch, mixture: Batch) -> Batch:
    """`own`, some line of which is of the mixture, with the components that the mixture is made of.
    Once the mixture was weighed cooked, so is what an arm has of it. Where no line is of it, since
    something else went in, there is nothing of it."""
    if all(line.component != MIXTURE for part in own.components for line in part.lines):
        return own
    mixture = _labels_apart(own, mixture)
    taken = {part.name for part in own.components}
    there = {*taken, *(part.name for part in mixture.components)}
    shared = _renamed(mixture.components, {name: _unlike(name, there) for name in taken})
    joined = own.model_copy(
        update={
            "labels": {**mixture.labels, **own.labels},
            "components": (*own.components, *shared),
        }
    )
    if mixture.cooked_g and joined.cooked_g is None:
        joined = joined.model_copy(update={"cooked_g": flatten(joined).used_g or None})
    return joined


def _labels_apart(own: Batch, mixture: Batch) -> Batch:
    """The mixture, a label that the arm has as well under the arm's key, so that its error is one;
    another one under another key."""
    taken = {*own.labels, *mixture.labels}
    keys: dict[str, str] = {}
    for key, label in mixture.labels.items():
        if own.labels.get(key) == label:
            continue
        twin = next((other for other, panel in own.labels.items() if panel == label), None)
        if twin is not None or key in own.labels:
            keys[key] = twin or _unlike(key, taken)
    if not keys:
        return mixture

    def line(given: Line) -> Line:
        label = keys.get(given.label or "", given.label)
        return given.model_copy(update={"label": label})

    parts = tuple(
        part.model_copy(update={"lines": tuple(line(given) for given in part.lines)})
        for part in mixture.components
    )
    finish = tuple(
        added.model_copy(update={"label": keys.get(added.label, added.label)})
        for added in mixture.finish
    )
    labels = {keys.get(key, key): label for key, label in mixture.labels.items()}
    changed = {"labels": labels, "components": parts, "finish": finish}
    return mixture.model_copy(update=changed)


def _renamed(parts: Sequence[Component], names: dict[str, str]) -> list[Component]:
    """The components by other names, also where their lines name each other."""

    def line(given: Line) -> Line:
        if given.component not in names:
            return given
        return given.model_copy(update={"component": names[given.component]})

    return [
        part.model_copy(
            update={
                "name": names.get(part.name, part.name),
                "lines": tuple(line(given) for given in part.lines),
            }
        )
        for part in parts
    ]


def _unlike(name: str, taken: set[str]) -> str:
    while name in taken:
        name = f"{name}, shared"
    return name


def exceeding(together: float, whole: float) -> Finding:
    """That the arms weigh more than what was divided."""
    return Finding(
        code="arms_exceed",
        severity="warning",
        message=f"The arms weigh {together:g} g together, but there were {whole:g} g to divide.",
        where="arms",
    )
