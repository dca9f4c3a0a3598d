"""The average piece and this piece: how far pieces differ, divided by eye or weighed.

Pieces divided by eye differ by 10 to 15 % (common practice, from memory) until weighed ones have
taught the cook's own spread; things shared out by eye on top differ more.
"""

import math
from collections.abc import Sequence
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import TWO_SIDED_95, Figure, LowHigh, Portion

BY_EYE: Final = 0.125
"""Relative standard deviation of a piece divided by eye, from memory."""
BY_EYE_COUNTS: Final = 8.0
"""As if so many pieces had been weighed to find it."""
LEAST_PIECES: Final = 2


class Spread(Answer):
    """How far pieces lie from their mean: relative, in grams and in kcal; `pieces` were weighed
    for it, `known` says that all of this batch were."""

    relative: float
    pieces: int
    known: bool
    grams: float | None
    kcal: float | None
    this_kcal: LowHigh | None
    least_g: float | None = None
    most_g: float | None = None


def relative_spread(pieces_g: Sequence[float]) -> float:
    """Standard deviation over mean of weighed pieces; 0 for fewer than two."""
    if len(pieces_g) < LEAST_PIECES or not any(pieces_g):
        return 0.0
    mean = sum(pieces_g) / len(pieces_g)
    variance = sum((grams - mean) ** 2 for grams in pieces_g) / (len(pieces_g) - 1)
    return math.sqrt(variance) / mean


def learned(batches_g: Sequence[Sequence[float]]) -> tuple[float, int]:
    """The cook's own spread by eye, from pieces weighed in earlier batches, shrunk towards the
    habitual one; and how many pieces taught it."""
    freedom, total, count = BY_EYE_COUNTS, BY_EYE_COUNTS * BY_EYE**2, 0
    for pieces in batches_g:
        if len(pieces) >= LEAST_PIECES and any(pieces):
            freedom += len(pieces) - 1
            total += (len(pieces) - 1) * relative_spread(pieces) ** 2
            count += len(pieces)
    return math.sqrt(total / freedom), count


def spread_by_eye(serving: Portion, servings_pieces: float, own: tuple[float, int]) -> Spread:
    """What a piece that nobody weighed may hold. A serving of several pieces evens out."""
    relative = own[0] / math.sqrt(max(1.0, servings_pieces))
    kcal = serving.kcal if isinstance(serving.kcal, Figure) else None
    half = None if kcal is None else TWO_SIDED_95 * relative * kcal.value
    return Spread(
        relative=relative,
        pieces=own[1],
        known=False,
        grams=None if serving.grams is None else relative * serving.grams,
        kcal=None if kcal is None else relative * kcal.value,
        this_kcal=None if kcal is None or half is None else _around(kcal, half),
    )


def spread_weighed(pieces_g: Sequence[float], portions: Sequence[Portion]) -> Spread:
    """Of pieces that were all weighed: from the least to the most of them."""
    relative = relative_spread(pieces_g)
    kcal = [portion.kcal.value for portion in portions if isinstance(portion.kcal, Figure)]
    mean = sum(kcal) / len(kcal) if kcal else None
    return Spread(
        relative=relative,
        pieces=len(pieces_g),
        known=True,
        grams=relative * sum(pieces_g) / len(pieces_g) if pieces_g else None,
        kcal=None if mean is None else relative * mean,
        this_kcal=(min(kcal), max(kcal)) if kcal else None,
        least_g=min(pieces_g, default=None),
        most_g=max(pieces_g, default=None),
    )


def _around(kcal: Figure, half: float) -> LowHigh:
    """The piece's own spread and the margin of the mean, together."""
    low = math.hypot(half, kcal.value - kcal.likely[0])
    high = math.hypot(half, kcal.likely[1] - kcal.value)
    return max(0.0, kcal.value - low), kcal.value + high
