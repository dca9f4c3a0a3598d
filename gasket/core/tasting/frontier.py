"""Trials that no other beats on both, and keepers of all dishes in one order."""

from collections.abc import Mapping, Sequence
from typing import Annotated, Final, Literal, get_args

from pydantic import Field

from gasket.core.numbers import Answer, Value

Across = Literal["kcal", "protein_g", "cost", "minutes"]
ACROSS: Final[tuple[Across, ...]] = get_args(Across)
MORE_IS_BETTER: Final[frozenset[str]] = frozenset({"protein_g", "score", "days"})

Criterion = Literal["score", "kcal", "protein_g", "minutes", "cost", "days"]
CRITERIA: Final[tuple[Criterion, ...]] = get_args(Criterion)
RankWeight = Annotated[float, Field(allow_inf_nan=False, ge=0, le=10)]


def unbeaten(points: Mapping[int, tuple[float, float]], across: Across) -> frozenset[int]:
    """Of points (across, score) those that none beats: at least as good on both and better on
    one. Equal points stand together."""
    sign = -1.0 if across in MORE_IS_BETTER else 1.0
    order = sorted(points, key=lambda key: (sign * points[key][0], -points[key][1]))
    ahead: list[int] = []
    best = float("-inf")
    for key in order:
        score = points[key][1]
        same = bool(ahead) and points[ahead[-1]] == points[key]
        if score > best or same:
            ahead.append(key)
            best = max(best, score)
    return frozenset(ahead)


def unbeaten_each(
    held: Mapping[int, Mapping[Criterion, float | None]],
) -> dict[int, tuple[Across, ...]]:
    """On which plots nothing beats each of these; what is unknown stands on none."""
    best = {across: unbeaten(_points(held, across), across) for across in ACROSS}
    return {key: tuple(across for across in ACROSS if key in best[across]) for key in held}


def _points(
    held: Mapping[int, Mapping[Criterion, float | None]], across: Across
) -> dict[int, tuple[float, float]]:
    return {
        key: (place, score)
        for key, figures in held.items()
        if (place := figures.get(across)) is not None
        if (score := figures.get("score")) is not None
    }


class RankWeights(Value):
    """How much each criterion counts in the order of the keepers."""

    score: RankWeight = 5.0
    kcal: RankWeight = 3.0
    protein_g: RankWeight = 3.0
    minutes: RankWeight = 1.0
    cost: RankWeight = 1.0
    days: RankWeight = 0.0

    def of(self, criterion: Criterion) -> float:
        weight = getattr(self, criterion)
        assert isinstance(weight, float)
        return weight


class Rank(Answer):
    """Where a keeper stands: 100 would be the best of all on every criterion. What is unknown may
    be anything from worst to best: `low` to `high`; the order goes by the middle."""

    key: int
    value: float
    low: float
    high: float
    parts: dict[Criterion, float]
    unknown: tuple[Criterion, ...]


def ranking(
    keepers: Mapping[int, Mapping[Criterion, float | None]], weights: RankWeights
) -> tuple[Rank, ...]:
    """The keepers, best first. Each criterion runs from the worst among them (0) to the best (1);
    where all are equal it is 1 for all. `parts` are the points that each brings, of 100."""
    spans = {name: _span([held.get(name) for held in keepers.values()]) for name in CRITERIA}
    total = sum(weights.of(name) for name in CRITERIA if spans[name] is not None)
    ranks = [_rank(key, held, weights, spans, total) for key, held in keepers.items()]
    return tuple(sorted(ranks, key=lambda rank: (-rank.value, rank.key)))


ValueSpan = tuple[float, float] | None


def _span(values: Sequence[float | None]) -> ValueSpan:
    known = [value for value in values if value is not None]
    return (min(known), max(known)) if known else None


def _rank(
    key: int,
    held: Mapping[Criterion, float | None],
    weights: RankWeights,
    spans: Mapping[Criterion, ValueSpan],
    total: float,
) -> Rank:
    parts: dict[Criterion, float] = {}
    unknown: list[Criterion] = []
    open_points = 0.0
    for name in CRITERIA:
        span, value = spans[name], held.get(name)
        points = 100 * weights.of(name) / total if total else 0.0
        if value is None or span is None:
            unknown.append(name)
            open_points += points if span is not None else 0.0
            continue
        least, most = span
        place = 1.0 if most == least else (value - least) / (most - least)
        parts[name] = points * (place if name in MORE_IS_BETTER or most == least else 1 - place)
    known = sum(parts.values())
    return Rank(
        key=key,
        value=known + open_points / 2,
        low=known,
        high=known + open_points,
        parts=parts,
        unknown=tuple(unknown),
    )
