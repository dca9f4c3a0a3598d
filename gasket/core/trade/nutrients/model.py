"""What is known of a nutrient: how panels print it, what law tolerates, what energy it has."""

from dataclasses import dataclass
from typing import Literal, NamedTuple

Unit = Literal["kcal", "kJ", "g", "mg"]


class Tier(NamedTuple):
    """From `start` up to `end` (to the next tier's start where None), figures are printed to the
    nearest `step`; step 0 prints them as 0."""

    start: float
    step: float
    end: float | None = None


Ladder = tuple[Tier, ...]


class ToleranceStep(NamedTuple):
    """What a law tolerates below `under` (per 100 g, in the figure's unit): so many units either
    way, or shares of the figure below and above it."""

    under: float
    units: float = 0.0
    share_below: float = 0.0
    share_above: float = 0.0


@dataclass(frozen=True)
class PrintedRow:
    """How one school's panel prints a figure: its words, and `at` which place from the top; None
    where it has no row, though its rule would round it."""

    name: str
    at: int | None
    ladder: Ladder = ()
    inside: bool = False
    """Printed as part of the row above it."""


@dataclass(frozen=True)
class NutrientRow:
    """All that is known of one figure; `key` ends in its unit.

    `name` stands in a sentence ("saturated fat"), `heading` at the head of a table's row.
    """

    key: str
    name: str
    heading: str
    unit: Unit
    short: str = ""
    """Where there is no room for `name`."""
    part_of: str | None = None
    """The figure that holds this one; parts of one whole lie side by side in it."""
    most_per_g: float = 1.0
    """What a gram of anything can hold."""
    us: PrintedRow | None = None
    eu: PrintedRow | None = None
    us_tolerance: Literal["at most", "at least"] | None = None
    eu_tolerance: tuple[ToleranceStep, ...] = ()
    kcal_per_g: float | None = None
    """Energy by the US rules, where one factor does for all of it."""
    annex_xiv: tuple[float, float] | None = None
    """Energy by Annex XIV, in kcal and kJ per gram."""
    same_as: tuple[str, float] | None = None
    """Another figure that says the same, and what that one is multiplied by."""
    absent_means_none: bool = False
    """Panels print it only where there is any: a missing figure is 0, otherwise unknown."""
    calculated: bool = True
    headline: bool = False
    """One of the few that title blocks, margins and comparisons are about."""
    macro: bool = False
    """Energy, or one of the three nutrients that carry most of it."""
    goal: bool = False
    """A goal for a serving may limit it."""
    inside: bool = False
    """Read as a part of the row above it."""
    on_card: Literal["always", "if known"] = "if known"
    typed: str = ""
    """What it is called where a label is typed in one line, as a regular expression."""
