"""The reckoning: a batch in, figures with margins out. A pure function.

The contract is docs/formats/batch.md. Beside what it promises, the answer carries what a screen
needs so that no interface ever does this sum again: each line's part of a serving, what the
margin is made of, and who says so.
"""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Final, Literal

import numpy as np

from gasket.core.errors import Fault, FaultyInput
from gasket.core.label.panel import (
    INDEX,
    Material,
    panel_of,
)
from gasket.core.numbers import Answer
from gasket.core.reckoning.arms import ArmBatch, arms_of, mixture_of
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.findings import Context, Finding, find
from gasket.core.reckoning.formula import ComponentShare, Formula, GramsByLabel, flatten, quantity
from gasket.core.reckoning.margin import (
    TWO_SIDED_95,
    Facts,
    NutrientAmounts,
    NutrientsLost,
    Panels,
    Portion,
    amounts,
    facts,
)
from gasket.core.reckoning.original import ComparedOriginal, compare
from gasket.core.reckoning.portions import Division, WeightOf, divide, weight_of
from gasket.core.reckoning.poured_off import poured_off
from gasket.core.reckoning.says_who import says_who
from gasket.core.trade.nutrients import BY_KEY
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, Nutrient, PlainFigures

MarginOrigin = Literal["label", "generic", "weight"]
_WHOLE_PORTION: Final = ComponentShare(1.0, 1.0, 1.0, 1.0)


@dataclass(frozen=True, slots=True, kw_only=True)
class LineShare(PlainFigures):
    """One line's part of one serving, and the macronutrient that most of its energy sits in."""

    where: str
    grams: float
    material: Material | None
    count: float | None = None


@dataclass(frozen=True, slots=True)
class MarginPart:
    """What one label adds to the likely margin of a figure: its panel's rounding, the spread of
    generic values, or its weight.

    `share` is the part of the variance, 0 to 1; `half` is what this part alone would make the
    margin, in the figure's unit per serving.
    """

    label: str
    comes_from: MarginOrigin
    share: float
    half: float


class Reckoning(Answer):
    """What a batch comes to; numbers are unrounded."""

    batch: Facts
    per_100g: Facts | None
    serving: Portion
    original: ComparedOriginal | None
    findings: tuple[Finding, ...]
    weight_g: float | None
    weight_of: WeightOf | None
    lines: tuple[LineShare, ...]
    margin_parts: dict[Nutrient, tuple[MarginPart, ...]]
    says_who: dict[Nutrient, tuple[str, ...]]


class ArmResult(Reckoning):
    """What one arm comes to, each of its pieces with its own figures."""

    name: str
    portions: tuple[Portion, ...]


class Result(Reckoning):
    """The whole answer, each piece with its own figures; `arms` in their order."""

    portions: tuple[Portion, ...]
    arms: tuple[ArmResult, ...] = ()


@dataclass(frozen=True, slots=True)
class _Work:
    """Intermediate state: the flat formula with its panels."""

    batch: Batch
    formula: Formula
    panels: Panels
    lost: NutrientsLost

    def amounts(self, grams: GramsByLabel, share: float) -> NutrientAmounts:
        return amounts(self.panels, grams, self.formula, share).less(self.lost.scaled(share))


def reckon(batch: Batch) -> Result:
    """Reckon `batch`. Raises `FaultyInput` for structural faults (unknown ids, cycles, …)."""
    whole = _undivided(batch)
    if not batch.arms:
        return whole
    mixture = mixture_of(batch, batch.arms, sum(arm.division_g for arm in batch.arms))
    arms = tuple(_arm(part) for part in arms_of(batch, mixture))
    findings = (*whole.findings, *mixture.findings())
    return whole.model_copy(update={"arms": arms, "findings": findings})


def _arm(arm: ArmBatch) -> ArmResult:
    try:
        result = _undivided(arm.batch)
    except FaultyInput as error:
        moved = (Fault(path=arm.where(fault.path), message=fault.message) for fault in error.faults)
        raise FaultyInput(*moved) from None
    figures = {name: getattr(result, name) for name in ArmResult.model_fields if name != "name"}
    figures["findings"] = tuple(
        finding.model_copy(update={"where": arm.where(finding.where)})
        for finding in result.findings
    )
    return ArmResult(name=arm.name, **figures)


def _undivided(batch: Batch) -> Result:
    formula = flatten(batch)
    settings = batch.settings
    panels = Panels.stack(
        [
            panel_of(batch.labels[key], settings.energy, settings.erythritol_kcal_per_g)
            for key in formula.labels
        ]
    ).without(formula.uncounted)
    work = _Work(batch, formula, panels, poured_off(batch, formula, panels))
    division = divide(batch, formula.used_g)
    of, weight = weight_of(batch, formula.used_g)

    whole = work.amounts(formula.grams, 1.0)
    finish = _finish_grams(work)
    mean = division.serving_share or 0.0
    serving_grams = formula.grams.scaled(mean).plus(finish)
    one = work.amounts(serving_grams, mean)
    serving = _serving(batch, division, one)
    return Result(
        batch=Facts(**facts(whole)),
        per_100g=Facts(**facts(whole, 100 / weight)) if weight else None,
        serving=serving,
        portions=tuple(_portions(division, whole)),
        original=compare(batch.original, serving, bool(serving_grams.value.any())),
        findings=find(Context(batch, formula, division, serving_grams)),
        weight_g=weight,
        weight_of=of,
        lines=tuple(_line_shares(work, mean)),
        margin_parts={nutrient: _parts(work, one, nutrient) for nutrient in _EXPLAINED},
        says_who=says_who(batch),
    )


_LEAST_WORTH_NAMING: Final = 0.005
_EXPLAINED: Final = tuple(nutrient for nutrient in NUTRIENTS if BY_KEY[nutrient].headline)


def _finish_grams(work: _Work) -> GramsByLabel:
    position = work.formula.position
    return GramsByLabel.of(
        [(position[line.label], line, _WHOLE_PORTION) for line in work.batch.finish], len(position)
    )


def _serving(batch: Batch, division: Division, one: NutrientAmounts) -> Portion:
    if division.mean_share is None:
        return Portion(grams=None)
    added = sum(line.grams for line in batch.finish)
    grams = None if division.serving_g is None else division.serving_g + added
    return Portion(grams=grams, **facts(one))


def _portions(division: Division, whole: NutrientAmounts) -> Iterator[Portion]:
    portions: dict[float, Portion] = {}
    for share, grams in zip(division.shares, division.grams, strict=True):
        if share is None:
            yield Portion(grams=grams)
            continue
        if share not in portions:
            portions[share] = Portion(grams=grams, **facts(whole, share))
        yield portions[share]


def _line_shares(work: _Work, mean_share: float) -> Iterator[LineShare]:
    """Every line of a label, by its part of one serving; lines of components stand for theirs."""
    shares = [*_labelled_lines(work, mean_share)]
    if not shares:
        return
    at = [work.formula.position[label] for _, label, _, _ in shares]
    amounts_of = np.array([amount for _, _, _, amount in shares])
    values = (work.panels.value[at] * amounts_of[:, None]).tolist()
    known = (work.panels.known[at] | (amounts_of == 0)[:, None]).tolist()
    for (where, label, part_g, amount), row, is_known in zip(shares, values, known, strict=True):
        shown = (
            figure if figure_known else None
            for figure, figure_known in zip(row, is_known, strict=True)
        )
        material = work.panels.materials[work.formula.position[label]]
        count = amount if amount != part_g else None
        figures = dict(zip(NUTRIENTS, shown, strict=True))
        yield LineShare(where=where, grams=part_g, material=material, count=count, **figures)


def _labelled_lines(work: _Work, mean_share: float) -> Iterator[tuple[str, str, float, float]]:
    """Path, label, grams per serving, and what its figures are multiplied by."""
    for i, component in enumerate(work.batch.components):
        share = work.formula.shares[component.name].value * mean_share
        for j, line in enumerate(component.lines):
            if line.label is not None:
                amount = quantity(work.batch, line).grams
                at = f"components[{i}].lines[{j}]"
                yield at, line.label, line.grams * share, amount * share
    for i, finish in enumerate(work.batch.finish):
        yield f"finish[{i}]", finish.label, finish.grams, finish.grams


def _parts(
    work: _Work, one: NutrientAmounts, nutrient: Nutrient, most: int = 6
) -> tuple[MarginPart, ...]:
    at = INDEX[nutrient]
    total = float(one.variance[at])
    if total <= 0:
        return ()
    labels = work.formula.labels
    variances = np.concatenate([one.from_labels[:, at], one.from_weighing[:, at]])
    widest = np.argsort(-variances)[:most].tolist()
    return tuple(
        MarginPart(
            label=labels[i % len(labels)],
            comes_from=_origin(work, labels[i]) if i < len(labels) else "weight",
            share=float(variances[i]) / total,
            half=TWO_SIDED_95 * float(variances[i]) ** 0.5,
        )
        for i in widest
        if variances[i] > _LEAST_WORTH_NAMING * total
    )


def _origin(work: _Work, label: str) -> MarginOrigin:
    """A table of generic values is no label: what it leaves open is a spread, no rounding."""
    return "generic" if work.batch.labels[label].style == "table" else "label"
