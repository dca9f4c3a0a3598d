"""What a careful cook should know about a reckoning: a list of small checks with one signature."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass
from functools import cached_property
from typing import Final, Literal

import numpy as np

from gasket.core.label.audit import Audit, AuditVerdict, audit
from gasket.core.label.label import Label
from gasket.core.label.panel import opened_by_unsaid_fibre
from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Batch, WeighedGrams
from gasket.core.reckoning.formula import Formula, GramsByLabel
from gasket.core.reckoning.margin import grams_present, slack_of_sum
from gasket.core.reckoning.portions import Division, state_of_pieces
from gasket.core.trade.nutrients import BESIDE_FIBRE, amount_of
from gasket.core.weighing.closing import is_usual_loss, plain_cause

Severity = Literal["note", "warning"]


class Finding(Answer):
    """`where` is a path in the batch file, such as `labels.flour` or `mixture_g`."""

    code: str
    severity: Severity
    message: str
    where: str


@dataclass(frozen=True)
class Context:
    """What the checks may look at."""

    batch: Batch
    formula: Formula
    division: Division
    serving_grams: GramsByLabel

    @cached_property
    def labels_present(self) -> list[tuple[str, Label]]:
        """Labels of which a serving holds anything, by their keys."""
        there = grams_present(self.serving_grams).tolist()
        return [
            (key, self.batch.labels[key])
            for key, present in zip(self.formula.labels, there, strict=True)
            if present
        ]

    @cached_property
    def audits(self) -> dict[str, Audit]:
        """Each of those labels held against itself."""
        return {key: audit(label) for key, label in self.labels_present}

    def weighed(self) -> Iterator[tuple[str, str, WeighedGrams]]:
        """Path, name and weight of every line and finish."""
        for i, component in enumerate(self.batch.components):
            for j, line in enumerate(component.lines):
                name = _name(self.batch, line.label) if line.label else str(line.component)
                yield f"components[{i}].lines[{j}]", name, line
        for i, finish in enumerate(self.batch.finish):
            yield f"finish[{i}]", _name(self.batch, finish.label), finish

    @property
    def division_g(self) -> float:
        """The coarsest scale division that the batch was weighed with."""
        divisions = [line.division_g for _, _, line in self.weighed() if not line.estimate]
        return max(divisions, default=1.0)


FindingCheck = Callable[[Context], Iterator[Finding]]

MUCH_HIDDEN_KCAL: Final = 5.0
LEAST_WORTH_SAYING: Final = 0.5
"""kcal or grams per serving: less than that is rounded away on the card, too."""
LEAST_WIDENING_G: Final = 1.0


def _name(batch: Batch, key: str) -> str:
    return batch.labels[key].name or key


def _note(code: str, message: str, where: str, severity: Severity = "note") -> Finding:
    return Finding(code=code, severity=severity, message=message, where=where)


def kcal_unknown(context: Context) -> Iterator[Finding]:
    """Energy as labelled, where a label prints none."""
    for key, label in context.labels_present:
        if context.batch.settings.energy == "labelled" and label.kcal is None and label.kj is None:
            yield _note(
                "kcal_unknown",
                f"{label.name or key}: the label has no kcal, so the energy is unknown.",
                f"labels.{key}",
                "warning",
            )


def weight_unknown(context: Context) -> Iterator[Finding]:
    """Labels whose figures wait for a density, a count or one weighing."""
    for key, label in context.labels_present:
        name = label.name or key
        if label.by_piece:
            word = label.piece or "piece"
            yield _note(
                "weight_unknown",
                f"{name}: its figures are per {word} and no {word} has been weighed, so only "
                "counted amounts are calculated; weigh one to know the rest.",
                f"labels.{key}",
            )
        elif label.weight_g is None:
            yield _note(
                "weight_unknown",
                f"{name}: its figures are for {label.basis_ml:g} ml and nobody has said what "
                "that weighs, so what it brings is unknown.",
                f"labels.{key}",
                "warning",
            )


def kcal_disagrees(context: Context) -> Iterator[Finding]:
    """A label's kcal that its own macros contradict."""
    for key, label in context.labels_present:
        judged = context.audits[key]
        if judged.verdict is AuditVerdict.OFF:
            says = f"{label.name or key}: {judged.says}"
            yield _note("kcal_disagrees", says, f"labels.{key}", "warning")


def fibre_not_printed(context: Context) -> Iterator[Finding]:
    """One note, where fibre that labels leave out widens a carbohydrate worth seeing."""
    grams = dict(zip(context.formula.labels, context.serving_grams.value.tolist(), strict=True))
    widened: dict[str, list[str]] = {}
    widening = 0.0
    for key, label in context.labels_present:
        if label.fibre_g is None and (opened := opened_by_unsaid_fibre(label)) is not None:
            widening += grams[key] * opened
            school = "net" if label.fibre_inside else "total"
            widened.setdefault(school, []).append(label.name or key)
    if widening >= LEAST_WIDENING_G:
        schools = " and ".join(sorted(widened))
        names = ", ".join(name for names in widened.values() for name in names)
        yield _note(
            "fibre_not_printed",
            f"No fibre is printed on {names}: the margin of {schools} carbohydrate holds what "
            "there could be of it.",
            "labels",
        )


def parts_exceed(context: Context) -> Iterator[Finding]:
    """Sugars, fibre and sweeteners that come to more than their carbohydrate."""
    for key, label in context.labels_present:
        parts = sum(getattr(label, field) or 0.0 for field in BESIDE_FIBRE)
        parts += (label.fibre_g or 0.0) if label.fibre_inside else 0.0
        whole = label.carbohydrate_g
        if whole is not None and parts > whole * (1 + 1e-9):
            yield _note(
                "parts_exceed",
                f"{label.name or key}: sugars, fibre and sweeteners come to {parts:g} g in "
                f"{whole:g} g of carbohydrate. Rounding alone may do that.",
                f"labels.{key}",
            )


def heavier_than_basis(context: Context) -> Iterator[Finding]:
    """A part that is heavier than its whole, such as sugars than carbohydrate."""
    for key, label in context.labels_present:
        for says in context.audits[key].impossible:
            code = "heavier_than_basis" if says.startswith("Its figures") else "part_above_whole"
            yield _note(code, f"{label.name or key}: {says}", f"labels.{key}", "warning")


def mass_balance(context: Context) -> Iterator[Finding]:
    """The mixture against the sum of its lines."""
    mixture = context.batch.mixture_g
    lines = context.formula.used_g
    if mixture is None or lines is None:
        return
    gap = mixture - lines
    variances = (line.variance_g2 for _, _, line in context.weighed())
    if abs(gap) <= slack_of_sum(variances, context.division_g):
        return
    than, word = ("less", "of") if gap < 0 else ("more", "for")
    weighs = f"The mixture weighs {abs(gap):.4g} g {than} than its lines"
    says = f"{weighs} ({mixture:g} {word} {lines:g} g). {plain_cause(gap, lines).says}"
    severity: Severity = "note" if is_usual_loss(gap, lines) else "warning"
    yield _note("mass_balance", says, "mixture_g", severity)


def component_exceeds(context: Context) -> Iterator[Finding]:
    """More taken of a component than it weighs."""
    components = context.batch.components
    for i, component in enumerate(components):
        uses = [
            line
            for user in components
            for line in user.lines
            if line.component == component.name and line.grams > 0
        ]
        taken = sum(line.grams for line in uses)
        if taken > component.whole_g + max((line.division_g for line in uses), default=0.0):
            yield _note(
                "component_exceeds",
                f"{taken:g} g of {component.name} are used, but only {component.whole_g:g} g "
                "were made.",
                f"components[{i}]",
                "warning",
            )


def estimated_lines(context: Context) -> Iterator[Finding]:
    """Amounts that were not weighed."""
    for where, name, line in context.weighed():
        if line.estimate:
            low, high = line.estimate
            yield _note(
                "estimated_lines",
                f"{name} was not weighed: {low:g} to {high:g} g, which widens the margin.",
                where,
            )


def zero_hides(context: Context) -> Iterator[Finding]:
    """A printed 0 that may hide something worth telling in this much of it."""
    grams = dict(zip(context.formula.labels, context.serving_grams.hi.tolist(), strict=True))
    for key, label in context.labels_present:
        hidden = {
            field: grams[key] * per_100g / 100
            for field, per_100g in context.audits[key].hidden_per_100g.items()
        }
        worth_saying = [field for field, most in hidden.items() if most >= LEAST_WORTH_SAYING]
        if worth_saying:
            much = hidden.get("kcal", 0.0) >= MUCH_HIDDEN_KCAL
            most = ", ".join(f"{hidden[field]:.2g} {amount_of(field)}" for field in worth_saying)
            yield _note(
                "zero_hides",
                f"{label.name or key}: printed as 0, but up to {most} per serving round to that.",
                f"labels.{key}",
                "warning" if much else "note",
            )


def weight_is_raw(context: Context) -> Iterator[Finding]:
    """A raw weight that stands beside an original as it is eaten."""
    batch = context.batch
    cooked_pieces = batch.portions.weights_g and state_of_pieces(batch) == "cooked"
    if batch.original and batch.original.serving_g and not batch.cooked_g and not cooked_pieces:
        yield _note(
            "weight_is_raw",
            "Our weight was never taken after cooking, so the comparison at equal weight sets "
            "raw beside cooked.",
            "cooked_g",
        )


def maybe_sweetener(context: Context) -> Iterator[Finding]:
    """What is named like a sweetener and says no polyols."""
    for key, label in context.labels_present:
        unsaid = label.polyols_g is None and label.allulose_g is None
        if unsaid and label.sounds_like_sweetener:
            yield _note(
                "maybe_sweetener",
                f"{label.name or key} sounds like a sweetener, but its label names no polyols and "
                "no allulose: its carbohydrate counts in full.",
                f"labels.{key}",
            )


def portions_exceed(context: Context) -> Iterator[Finding]:
    """Pieces that weigh more together than what was divided."""
    pieces = context.batch.portions.weights_g
    if pieces is None:
        return
    total, whole = sum(pieces), context.division.weight_of_state_g
    if whole is not None and total > whole + context.division_g:
        yield _note(
            "portions_exceed",
            f"The portions add up to {total:g} g, but there are only {whole:g} g.",
            "portions.weights_g",
            "warning",
        )


def table_values(context: Context) -> Iterator[Finding]:
    """Generic values that stand in for a package's label."""
    names = [label.name or key for key, label in context.labels_present if label.style == "table"]
    if names:
        yield _note(
            "table_values",
            f"Generic values, not your package's label: {', '.join(names)}.",
            "labels",
        )


def fat_capped(context: Context) -> Iterator[Finding]:
    """More fat poured off than was in it."""
    for i, component in enumerate(context.batch.components):
        poured = sum(removed.weight_g for removed in component.removed)
        if component.removed and poured > sum(line.grams for line in component.lines):
            yield _note(
                "fat_capped",
                f"More was poured off {component.name} than went in.",
                f"components[{i}].removed",
                "warning",
            )


def nothing_weighed(context: Context) -> Iterator[Finding]:
    """A batch without an ingredient."""
    if not np.any(context.formula.grams.value > 0):
        yield _note("nothing_weighed", "No ingredients yet.", "components")


CHECKS: Final[tuple[FindingCheck, ...]] = (
    nothing_weighed,
    kcal_unknown,
    weight_unknown,
    kcal_disagrees,
    fibre_not_printed,
    parts_exceed,
    heavier_than_basis,
    mass_balance,
    component_exceeds,
    portions_exceed,
    fat_capped,
    estimated_lines,
    zero_hides,
    maybe_sweetener,
    table_values,
    weight_is_raw,
)
"""Every check, in the order in which a cook should read its findings."""


def find(context: Context) -> tuple[Finding, ...]:
    """Everything that there is to say of a batch, in the order of the checks."""
    return tuple(finding for check in CHECKS for finding in check(context))
