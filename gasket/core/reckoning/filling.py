"""Filling pieces at the scale: what each one still takes, in one pass or two.

900 g, 6 cups, 2 filled with 160 → the next takes (900 − 320) / 4 = 145
two passes: first 0.88 of the fair share each, then topped up to the level that uses all of it

Simulated, with a few grams of error a pour: of a whole that was weighed one pass comes out as even
as two or more so; of a whole that is off by 5 % two come out more even (tests/core/test_dividing).
"""

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Final

FIRST_PASS: Final = 0.88
"""Of the fair share (common practice: 85 to 90 %)."""


SLACK_SHARE: Final = 0.02
LEAST_SLACK_G: Final = 2.0
"""The whole may be off by so much before a piece of it is refused (common practice)."""


@dataclass(frozen=True, slots=True)
class FillingOfPiece:
    """What is in a piece; an odd one (a leak, a tester) is kept as it is."""

    grams: float
    odd: bool = False


@dataclass(frozen=True, slots=True)
class Targets:
    """Grams to pour now, by piece, and the piece to go on with (None when all are full)."""

    by_piece: dict[int, float]
    next_piece: int | None
    topping_up: bool


def targets(
    whole_g: float,
    pieces: int,
    filled: Mapping[int, FillingOfPiece],
    *,
    two_pass: bool,
    slack_g: float,
) -> Targets:
    """What each piece takes. The targets of pieces to go always add up to what is left, in the
    first of two passes to its share of it."""
    held = sum(portion.grams for portion in filled.values())
    left = max(0.0, whole_g - held)
    to_go = [piece for piece in range(1, pieces + 1) if piece not in filled]
    if to_go:
        odd_g = sum(portion.grams for portion in filled.values() if portion.odd)
        odd = sum(portion.odd for portion in filled.values())
        fair = max(0.0, whole_g - odd_g) / max(1, pieces - odd)
        each = min(FIRST_PASS * fair, left / len(to_go)) if two_pass else left / len(to_go)
        return Targets(dict.fromkeys(to_go, each), to_go[0], False)
    if not two_pass:
        return Targets({}, None, False)
    level = level_g([portion.grams for portion in filled.values() if not portion.odd], left)
    more = {
        piece: level - item.grams
        for piece, item in sorted(filled.items())
        if not item.odd and level - item.grams > slack_g
    }
    return Targets(more, next(iter(more), None), True)


def above_what_is_left(
    whole_g: float, filled: Mapping[int, FillingOfPiece], piece: int, net_g: float, *, on_top: bool
) -> str | None:
    """Why a piece of `net_g` cannot come out of this batch; None when it can. `on_top` of what is
    in it already, otherwise in its place."""
    others = sum(portion.grams for key, portion in filled.items() if key != piece or on_top)
    left = max(0.0, whole_g - others)
    if net_g <= left + max(LEAST_SLACK_G, SLACK_SHARE * whole_g):
        return None
    return (
        f"{net_g:.4g} g is more than the {left:.4g} g that are left of {whole_g:.4g} g. Tare the "
        "empty cup first, or weigh the whole batch anew if there is more of it."
    )


def level_g(filled_g: list[float], left_g: float) -> float:
    """The level to which the lowest are filled up with what is left: water finds it."""
    if not filled_g:
        return 0.0
    low = sorted(filled_g)
    used = 0.0
    for i, grams in enumerate(low[:-1], start=1):
        step = (low[i] - grams) * i
        if used + step >= left_g:
            return grams + (left_g - used) / i
        used += step
    return low[-1] + (left_g - used) / len(low)
