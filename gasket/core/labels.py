"""A label: one package's printed panel, and what its figures mean.

The US panel's total carbohydrate holds fibre, polyols and allulose; the EU panel's carbohydrate is
available carbohydrate and leaves fibre out. Both are stored as printed, with the style that says
which is meant.
"""

import re
from functools import lru_cache
from typing import Annotated, Final, Literal, NamedTuple

from pydantic import Field

from gasket.core.numbers import Amount, Number, Positive, Value
from gasket.core.rounding import Interval, PanelStyle, interval_behind

Polyol = Literal[
    "erythritol", "xylitol", "maltitol", "sorbitol", "mannitol", "isomalt", "lactitol", "hsh"
]

KJ_PER_KCAL: Final = 4.184
SALT_PER_SODIUM: Final = 2.5  # Regulation (EU) 1169/2011, Annex I
TYPICAL_SPREAD: Final = 0.10

ABSENT_MEANS_NONE: Final = frozenset({"polyols_g", "allulose_g", "alcohol_g", "organic_acids_g"})
"""Panels print these only where there are any: a missing figure is 0 here, unknown elsewhere."""

_SWEETENER_NAME = re.compile(
    r"sweetener|erythritol|xylitol|maltitol|sorbitol|mannitol|isomalt|lactitol|allulose|polyol"
    r"|stevia|monk[- ]?fruit|sucralose|sugar[- ]?(free|alternative|substitute)|zero[- ]sugar"
    r"|(no|without) (added )?sugar",
    re.IGNORECASE,
)


@lru_cache(maxsize=8192)
def _names_a_sweetener(name: str) -> bool:
    return bool(_SWEETENER_NAME.search(name))


class Label(Value):
    """Figures as printed, for `basis_g` grams. None is unknown (see `ABSENT_MEANS_NONE`)."""

    name: Annotated[str, Field(max_length=200)] = ""
    style: PanelStyle
    basis_g: Positive
    spread: Annotated[Number, Field(ge=0, le=1)] | None = None
    kcal: Amount | None = None
    kj: Amount | None = None
    protein_g: Amount | None = None
    carbohydrate_g: Amount | None = None
    fat_g: Amount | None = None
    fibre_g: Amount | None = None
    soluble_fibre_g: Amount | None = None
    sugars_g: Amount | None = None
    added_sugars_g: Amount | None = None
    saturated_g: Amount | None = None
    sodium_mg: Amount | None = None
    salt_g: Amount | None = None
    polyols_g: Amount | None = None
    polyol: Polyol | None = None
    allulose_g: Amount | None = None
    alcohol_g: Amount | None = None
    organic_acids_g: Amount | None = None

    @property
    def fibre_inside(self) -> bool:
        """Whether the printed carbohydrate holds the fibre (US and tables) or not (EU)."""
        return self.style != "eu"

    @property
    def sounds_like_sweetener(self) -> bool:
        return _names_a_sweetener(self.name)


FIGURES: Final = tuple(
    name for name in Label.model_fields if name.endswith(("_g", "_mg")) or name in ("kcal", "kj")
)


class Printed(NamedTuple):
    """One printed figure with the interval of true figures behind it."""

    value: float
    lo: float
    hi: float

    @property
    def mid(self) -> float:
        return (self.lo + self.hi) / 2

    @property
    def half(self) -> float:
        return (self.hi - self.lo) / 2


NONE: Final = Printed(0.0, 0.0, 0.0)


def printed(label: Label, field: str) -> Printed | None:
    """The figure of `field` (`kcal`, `fat_g`, …, `basis_g`) with its interval; None is unknown.

    kcal falls back on kJ / 4.184, sodium on salt / 2.5 and the other way round.
    """
    figure: float | None = getattr(label, field)
    if figure is not None:
        spread = TYPICAL_SPREAD if label.spread is None else label.spread
        interval = interval_behind(label.style, field, figure, spread)
        return _printed(figure, interval)
    if field in ABSENT_MEANS_NONE:
        return NONE
    other, factor = _OTHER_UNIT.get(field, (None, 1.0))
    if other is None or getattr(label, other) is None:
        return None
    stands_for = printed(label, other)
    assert stands_for is not None
    return _printed(
        stands_for.value * factor, Interval(stands_for.lo * factor, stands_for.hi * factor)
    )


_OTHER_UNIT: Final = {
    "kcal": ("kj", 1 / KJ_PER_KCAL),
    "sodium_mg": ("salt_g", 1000 / SALT_PER_SODIUM),
}


def _printed(figure: float, interval: Interval) -> Printed:
    return Printed(value=figure, lo=max(0.0, min(interval.lo, figure)), hi=max(interval.hi, figure))
