"""In which order a build is weighed: bowl by bowl, dry before wet, small lines on the finer scale.

A suggestion (common practice): flour is forgiving at the bottom of a bowl, and a spoon that has
been in the yogurt does not go back into the flour. The cook may reorder.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Final, Literal

from gasket.core.trade.kinds import BASES, SEASONINGS, FoodKind

Wetness = Literal["dry", "wet"]

_WET_SEASONINGS: Final[frozenset[FoodKind]] = frozenset(
    {"flavouring", "acid", "stock", "water", "oil_spray"}
)
_DRY: Final[frozenset[FoodKind]] = (
    BASES
    | (SEASONINGS - _WET_SEASONINGS)
    | {
        "collagen",
        "sugar",
        "brown_sugar",
        "powdered_sugar",
        "sweetener",
        "brown_sweetener",
        "powdered_sweetener",
        "pudding_mix",
        "nuts",
        "seeds",
        "chocolate",
        "dried_fruit",
        "egg_replacer",
    }
)


@dataclass(frozen=True, slots=True)
class BowlLine:
    """A line with the bowl it goes into. A component used by another comes before its user."""

    id: int
    bowl: str
    kind: FoodKind
    of_component: str | None = None


def wetness(kind: FoodKind) -> Wetness:
    """Whether a kind goes into the bowl with the dry or the wet."""
    return "dry" if kind in _DRY else "wet"


def suggested(lines: Sequence[BowlLine]) -> list[int]:
    """Line ids in working order: the bowls as the build has them, what is made for another bowl
    first, dry before wet; otherwise the cook's own order is kept."""
    bowls = _bowls(lines)
    ordered = sorted(
        lines,
        key=lambda line: (
            bowls.index(line.bowl),
            line.of_component is not None,
            wetness(line.kind) == "wet",
        ),
    )
    return [line.id for line in ordered]


def _bowls(lines: Sequence[BowlLine]) -> list[str]:
    """Each bowl once; one that is used in another before its user, as far as that goes."""
    bowls = list(dict.fromkeys(line.bowl for line in lines))
    for _ in bowls:
        for line in lines:
            used = line.of_component
            if used in bowls and bowls.index(used) > bowls.index(line.bowl):
                bowls.remove(used)
                bowls.insert(bowls.index(line.bowl), used)
    return bowls
