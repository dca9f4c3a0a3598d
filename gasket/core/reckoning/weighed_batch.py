"""The batch as it was weighed: its lines and records → the `Batch` that is reckoned.

    lines as written down  ┐
    records, replayed      ├→ components less what was lost → divided by what was weighed → `Batch`
    panels by revision     ┘

The rules that stand here and nowhere else: what is divided, and whether the pieces are cooked.
What a line is stands in `weighed_lines`.
"""

from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, field, replace
from functools import cached_property
from typing import Final, Literal, Self

from gasket.core.reckoning.arms import DividedMixture, of_mixture
from gasket.core.reckoning.batch import (
    MIXTURE,
    Batch,
    Component,
    Line,
    Original,
    Portions,
    Settings,
)
from gasket.core.reckoning.dividing import Dividing, portions_of
from gasket.core.reckoning.eaten import EatenShare, as_eaten
from gasket.core.reckoning.filling import FillingOfPiece
from gasket.core.reckoning.findings import Finding, Severity
from gasket.core.reckoning.formula import flatten
from gasket.core.reckoning.losses import less_lost
from gasket.core.reckoning.reckon import Result, reckon
from gasket.core.reckoning.weighed_lines import WeighedLines, label_key
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.records import Record

_SPECK_G: Final = 1e-6


@dataclass(frozen=True, kw_only=True)
class WeighedBatch(WeighedLines):
    """Everything that decides what a batch came to. `as_it_came` is a batch from a file, whose
    lines are not weighed again; `divided` is how the cook divides it, None for so many `portions`;
    `eaten` is how much of a component is taken to be, until the rest is weighed back; `mixture` is
    what an arm of another batch has a part of.
    """

    settings: Settings = field(default_factory=Settings)
    portions: int = 1
    divided: Dividing | None = None
    original: Original = field(default_factory=Original)
    as_it_came: Batch | None = None
    eaten: Mapping[str, EatenShare] = field(default_factory=dict)
    mixture: DividedMixture | None = None

    @cached_property
    def batch(self) -> Batch:
        """What is calculated: as it was weighed, or as it came from a file."""
        return self._divided(self.as_it_came or self._of_lines(self.counted_line))

    @cached_property
    def result(self) -> Result:
        """Its figures, with what is to say of the weigh-in first."""
        result = reckon(self.batch)
        return result.model_copy(update={"findings": (*self._findings(), *result.findings)})

    def followed_by(self, record: Record) -> Self:
        """The batch with one more record, of the lines and foods that are there."""
        return self.with_records((*self.records, record))

    def with_records(self, records: tuple[Record, ...]) -> Self:
        """The batch as these records alone make it."""
        return replace(self, records=records, replayed=None)

    # What there is, and how it is divided.

    @cached_property
    def lines_g(self) -> float:
        """The sum of what was used, whatever the mixture weighed; 0 when only counted."""
        return flatten(self.batch).used_g or 0.0

    @property
    def whole_g(self) -> float | None:
        """What there is to divide before it is cooked: the mixture, else the sum of its lines."""
        return self.batch.mixture_g or self.lines_g or None

    @property
    def last_weight_g(self) -> float | None:
        """What it weighed last: cooked once that was weighed."""
        return self.batch.cooked_g or self.whole_g

    @property
    def to_fill_g(self) -> float | None:
        """What the pieces share: the cooked weight where they are filled once it is cooked."""
        return self.batch.cooked_g if self._filled_after_cooking else self.whole_g

    @property
    def filled(self) -> dict[int, FillingOfPiece]:
        """What is in each piece that was filled."""
        pieces = self.state.portions.items()
        return {number: FillingOfPiece(piece.grams, piece.odd) for number, piece in pieces}

    @property
    def dividing(self) -> Dividing:
        """How it is divided; into the planned portions where nobody said."""
        return self.divided or Dividing(pieces=self.portions)

    @property
    def pieces(self) -> int:
        """How many pieces there are, as it is divided."""
        return self.dividing.made(self.last_weight_g)

    @property
    def servings(self) -> float | None:
        """How many servings the batch makes; None while that hangs on a weight."""
        dividing = self.dividing
        if dividing.way == "grams" and dividing.serving_g:
            whole = self.last_weight_g
            return None if whole is None else whole / dividing.serving_g
        return self.pieces / dividing.each_of(self.pieces)

    @property
    def _filled_after_cooking(self) -> bool:
        """Whether the pieces are filled once it is cooked; a tester filled raw makes no difference,
        as long as others are to come."""
        cooked = self.state.cooked
        if cooked is None:
            return False
        pieces = self.state.portions.values()
        all_raw = len(pieces) >= self.portions and all(
            piece.record.at <= cooked.at for piece in pieces
        )
        return not all_raw

    @property
    def pieces_are_cooked(self) -> bool:
        """Whether the pieces were weighed, or are filled, once they are cooked."""
        return self._filled_after_cooking or self.dividing.weighed_cooked

    # The batch as it might have been.

    def as_planned(self, line: WrittenLine) -> Batch:
        """The batch as it would be if the planned food had gone in."""
        label = None if line.revision_id is None else label_key(line.revision_id)

        def planned(other: WrittenLine) -> Line:
            made = self.counted_line(other)
            return made.model_copy(update={"label": label}) if other is line else made

        return self._divided(self._of_lines(planned))

    def as_if_weighed(self, line: WrittenLine) -> Batch:
        """The batch as it would be if an estimated line had been weighed."""

        def weighed(other: WrittenLine) -> Line:
            made = self.counted_line(other)
            exact = {"estimate": None, "division_g": 1.0}
            return made.model_copy(update=exact) if other is line else made

        return self._divided(self._of_lines(weighed))

    def _of_lines(self, line_of: Callable[[WrittenLine], Line]) -> Batch:
        components: dict[str, list[Line]] = {}
        for line in self.lines:
            part = components.setdefault(line.component, [])
            if not self.is_unnamed(line):
                part.append(line_of(line))
        parts = [Component(name=name, lines=tuple(part)) for name, part in components.items()]
        used = {line.label for part in parts for line in part.lines}
        panels = ((label_key(revision), panel) for revision, panel in self.panels.items())
        own = Batch(
            format="gasket-batch",
            version=1,
            settings=self.settings,
            labels={key: panel for key, panel in panels if key in used},
            components=tuple(parts),
            portions=Portions(count=self.portions),
            original=self.original,
        )
        return own if self.mixture is None else of_mixture(own, self.mixture.batch)

    @property
    def own_parts(self) -> tuple[Component, ...]:
        """Its components, without those of the mixture that it has a part of."""
        names = {line.component for line in self.written}
        if self.mixture is None:
            return self.batch.components
        return tuple(part for part in self.batch.components if part.name in names)

    @property
    def part_of_mixture(self) -> Line | None:
        """What an arm has of its mixture."""
        made = (self.counted_line(line) for line in self.lines if line.of_component == MIXTURE)
        return next((line for line in made if line.component == MIXTURE), None)

    @cached_property
    def parts_g(self) -> dict[str, float]:
        """What each component weighs, of a mixture's components this arm's part."""
        grams = {part.name: part.whole_g for part in self.batch.components}
        if self.mixture is None:
            return grams
        part, together = self.part_of_mixture, self.mixture.together_g
        share = part.grams / together if part and together else 0.0
        own_names = {own.name for own in self.own_parts}
        return {
            name: whole if name in own_names else whole * share for name, whole in grams.items()
        }

    def _divided(self, base: Batch) -> Batch:
        """The batch with what was recorded after its lines: what was lost or left of its
        components, the mixture, its cooked weight, its pieces."""
        state = self.state
        pieces = [piece.grams for _, piece in sorted(state.portions.items())]
        changed: dict[str, object] = {
            "components": tuple(self._less_lost(part, base) for part in base.components),
            "original": self.original,
        }
        if state.mixture and state.mixture.net_g:
            changed["mixture_g"] = state.mixture.net_g
        if state.cooked and state.cooked.net_g:
            changed["cooked_g"] = state.cooked.net_g
        elif self.dividing.weighed_cooked and len(pieces) == self.portions and any(pieces):
            changed["cooked_g"] = sum(pieces)
        divided_elsewhere = self.as_it_came is not None and self.divided is None
        if not divided_elsewhere or len(pieces) == self.portions:
            changed["portions"] = self._portions(base.model_copy(update=changed), pieces)
        return base.model_copy(update=changed)

    def _portions(self, base: Batch, pieces_g: list[float]) -> Portions:
        weight = base.cooked_g or base.mixture_g
        if weight is None and self.dividing.way == "scoop":
            weight = flatten(base).used_g
        cooked: Literal["raw", "cooked"] = "cooked" if self.pieces_are_cooked else "raw"
        return portions_of(self.dividing, weight, pieces_g, cooked)

    def _less_lost(self, part: Component, base: Batch) -> Component:
        spilled, back = self.state.spilled.get(part.name), self.state.leftover.get(part.name)
        lost = (spilled.net_g if spilled else 0.0) + ((back.net_g or 0.0) if back else 0.0)
        fat = [poured.net_g or 0.0 for poured in self.state.fat_off.get(part.name, [])]
        less = less_lost(part, base.components, lost, fat) if lost or fat else part
        return as_eaten(less, None if back else self.eaten.get(part.name), base.components)

    # What is to be known of it beside its figures.

    def _findings(self) -> Iterator[Finding]:
        if self.mixture is not None:
            yield from self.mixture.findings()
        if self.state.open_lines:
            says = f"{self.says_open} not weighed yet and counted as planned."
            yield _finding("open_lines", says, "warning")
        for line in self.lines:
            if self.wants_name(line):
                says = f"{self.state_of(line).net_g:g} g have no name yet and count nothing."
                yield _finding("unnamed", says, "warning")
            if self.is_stand_in(line):
                says = f"{self.name_of(line)} went in, {self.planned_name(line)} was planned."
                yield _finding("stand_in", says, "note")
        yield from self._findings_of_parts()

    def _findings_of_parts(self) -> Iterator[Finding]:
        for part in self.batch.components:
            back = self.state.leftover.get(part.name)
            if back is not None and part.leftover_g + _SPECK_G < (back.net_g or 0.0):
                says = f"More of {part.name} came back than there is: {part.leftover_g:g} g count."
                yield _finding("leftover_too_much", says, "warning")
        for part in self.batch.components:
            if part.leftover_estimate is not None:
                says = (
                    f"Of {part.name} about {part.leftover_g:.0f} g are taken not to be eaten, by a "
                    "guess. Weigh back what is left."
                )
                yield _finding("uneaten", says, "note")
        for bowl, spilled in self.state.spilled.items():
            says = (
                f"About {spilled.net_g:g} g of {bowl} were spilled or tasted and are not counted."
            )
            yield _finding("spilled", says, "note")


def _finding(code: str, says: str, severity: Severity) -> Finding:
    return Finding(code=code, severity=severity, message=says, where="components")
