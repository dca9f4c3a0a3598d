"""Trials compared within tasters.

Tasters use the scale differently, so a mark is taken as trial + taster + scatter, and trials are
compared by least squares with a constant for each taster. For two trials that everybody tasted this
is the paired t test. A model with random tasters would need far more of them than a kitchen has to
learn how they vary; constants need no such guess. A taster who tastes a trial again is averaged
first: the same tongue twice is no second witness. The interval is Student's, on the scatter of all
trials of the dish, and never surer than marks in halves can be.
"""

from collections import Counter
from collections.abc import Hashable, Sequence
from dataclasses import dataclass
from functools import cached_property
from math import sqrt
from typing import Any, Final

import numpy as np
from scipy.special import stdtrit

from gasket.core.numbers import Answer
from gasket.core.tasting.marks import HALF

Sample = Hashable
"""What names a trial, or an arm of one, among all that was tasted of a dish."""

SURE: Final = 0.95
RULER_SD: Final = HALF / sqrt(12)
"""Of a mark that is rounded to halves."""


@dataclass(frozen=True, slots=True)
class TasterMark:
    """One mark, or overall mark, that a taster gave a sample."""

    sample: Sample
    taster: int
    mark: float


class Score(Answer):
    """The mark that a trial has with all of the dish's tasters. The interval (95 %) is None where
    there is no scatter to tell it from: one taster, one trial."""

    value: float
    low: float | None
    high: float | None
    tasters: int
    tastings: int


class Difference(Answer):
    """By how much one trial is marked above another, within tasters; `shared` tasted both."""

    value: float
    low: float | None
    high: float | None
    shared: int

    @property
    def is_told(self) -> bool:
        """Whether the interval leaves 0 out."""
        return self.low is not None and self.high is not None and not self.low <= 0 <= self.high


class TasteMarks:
    """Everything that was marked of one dish, fitted once."""

    def __init__(self, tasted: Sequence[TasterMark]) -> None:
        cells: dict[tuple[Sample, int], list[float]] = {}
        for given in tasted:
            cells.setdefault((given.sample, given.taster), []).append(given.mark)
        self._cells = {key: sum(marks) / len(marks) for key, marks in cells.items()}
        self._tastings = Counter(given.sample for given in tasted)
        self._samples = {key: i for i, key in enumerate(dict.fromkeys(key for key, _ in cells))}
        self._tasters = {taster: j for j, taster in enumerate(dict.fromkeys(j for _, j in cells))}

    @property
    def samples(self) -> tuple[Sample, ...]:
        return tuple(self._samples)

    @cached_property
    def _there(self) -> Any:
        """1 where a taster (column) tasted a sample (row)."""
        tasted = np.zeros((len(self._samples), len(self._tasters)))
        for sample, taster in self._cells:
            tasted[self._samples[sample], self._tasters[taster]] = 1.0
        return tasted

    @cached_property
    def _marks(self) -> Any:
        marks = np.zeros_like(self._there)
        for (sample, taster), mark in self._cells.items():
            marks[self._samples[sample], self._tasters[taster]] = mark
        return marks

    @cached_property
    def _shares(self) -> Any:
        """Of each trial's mean, what part each taster has."""
        return self._there / self._there.sum(axis=1, keepdims=True)

    @cached_property
    def _means(self) -> Any:
        return self._marks.sum(axis=1) / self._there.sum(axis=1)

    @cached_property
    def _spread(self) -> Any:
        """The inverse of the tasters' normal matrix, once the trials are taken out."""
        per_taster = np.diag(self._there.sum(axis=0))
        return np.linalg.pinv(per_taster - self._there.T @ self._shares, hermitian=True)

    @cached_property
    def _habits(self) -> Any:
        """How high each taster marks."""
        return self._spread @ (self._marks.sum(axis=0) - self._there.T @ self._means)

    @cached_property
    def _groups(self) -> Any:
        """Trials and tasters that hang together, by a number for each trial."""
        linked = (self._there @ self._there.T) > 0
        group = np.arange(len(self._samples))
        for i in range(len(group)):
            for other in set(group[linked[i]]):
                group[group == other] = group[i]
        return group

    @cached_property
    def free(self) -> int:
        """Degrees of freedom of the scatter."""
        fitted = len(self._samples) + len(self._tasters) - len(set(self._groups))
        return len(self._cells) - fitted

    @cached_property
    def scatter(self) -> float | None:
        """Standard deviation of one taster's mark around trial and habit; None where every mark is
        taken up by them."""
        if self.free <= 0:
            return None
        fitted = self._habits[None, :] + (self._means - self._shares @ self._habits)[:, None]
        left = (self._marks - fitted) * self._there
        return max(RULER_SD, float(sqrt((left**2).sum() / self.free)))

    def score(self, sample: Sample) -> Score | None:
        """The sample's mark as if all tasters that it can be compared through had tasted it."""
        if sample not in self._samples:
            return None
        at = self._samples[sample]
        everybody = self._there[self._groups == self._groups[at]].max(axis=0)
        missing = everybody / everybody.sum() - self._shares[at]
        value = float(self._means[at] + missing @ self._habits)
        low, high = self._interval(value, 1 / self._there[at].sum(), missing)
        return Score(
            value=value,
            low=None if low is None else max(0.0, low),
            high=None if high is None else min(10.0, high),
            tasters=int(self._there[at].sum()),
            tastings=self._tastings[sample],
        )

    def difference(self, sample: Sample, against: Sample) -> Difference | None:
        """The sample less another; None where nothing links their tasters."""
        if sample not in self._samples or against not in self._samples:
            return None
        one, other = self._samples[sample], self._samples[against]
        if self._groups[one] != self._groups[other]:
            return None
        apart = self._shares[other] - self._shares[one]
        value = float(self._means[one] - self._means[other] + apart @ self._habits)
        alone = 1 / self._there[one].sum() + 1 / self._there[other].sum()
        low, high = self._interval(value, alone, apart)
        shared = int((self._there[one] * self._there[other]).sum())
        return Difference(value=value, low=low, high=high, shared=shared)

    def _interval(
        self, value: float, alone: float, through: Any
    ) -> tuple[float | None, float | None]:
        if self.scatter is None:
            return None, None
        error = self.scatter * sqrt(alone + float(through @ self._spread @ through))
        reach = float(stdtrit(self.free, 0.5 + SURE / 2)) * error
        return value - reach, value + reach
