"""A label: one package's printed panel, and what its figures mean.

The US panel's total carbohydrate holds fibre, polyols and allulose; the EU panel's carbohydrate is
available carbohydrate and leaves fibre out. Both are stored as printed, with the style that says
which is meant.

Figures stand for a basis: so many grams, so many millilitres (grams only with a density), or so
many pieces, slices or packets (grams only once one has been weighed). A basis may be printed two
ways at once, "1 slice (28 g)", and then says what a slice weighs.
"""

import re
from functools import lru_cache
from typing import Annotated, Final, Literal, NamedTuple, Self

from pydantic import Field, ValidationInfo, field_validator, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.label.rounding import Interval, PanelStyle, interval_behind
from gasket.core.numbers import Number, Positive, Sparse
from gasket.core.trade.nutrients import ABSENT_MEANS_NONE, BY_KEY
from gasket.core.trade.nutrients.figure_types import FIGURES, PrintedFigures

Polyol = Literal[
    "erythritol", "xylitol", "maltitol", "sorbitol", "mannitol", "isomalt", "lactitol", "hsh"
]

TYPICAL_SPREAD: Final = 0.10

_SWEETENER_NAME = re.compile(
    r"sweetener|erythritol|xylitol|maltitol|sorbitol|mannitol|isomalt|lactitol|allulose|polyol"
    r"|stevia|monk[- ]?fruit|sucralose|sugar[- ]?(free|alternative|substitute)|zero[- ]sugar"
    r"|(no|without) (added )?sugar",
    re.IGNORECASE,
)


@lru_cache(maxsize=8192)
def _names_a_sweetener(name: str) -> bool:
    return bool(_SWEETENER_NAME.search(name))


Density = Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0.02, le=10)]
"""Grams per millilitre: from puffed cereal to well above any syrup."""


class Label(PrintedFigures):
    """Figures as printed, for a basis. None is unknown, but for those that absent mean none.

    `basis_g`, `basis_ml` and `basis_pieces` are three ways of saying the same basis; at least one
    is given. `below` names figures printed as "less than" ("<1 g"): the figure is then the bound.
    """

    name: Annotated[str, Field(max_length=200)] = ""
    style: PanelStyle
    basis_ml: Sparse[Positive] = None
    density_g_per_ml: Sparse[Density] = None
    basis_pieces: Sparse[Positive] = None
    piece: Annotated[str, Field(max_length=40)] = ""
    basis_g: Sparse[Positive] = Field(default=None, validate_default=True)
    spread: Sparse[Annotated[Number, Field(ge=0, le=1)]] = None
    polyol: Sparse[Polyol] = None
    below: tuple[str, ...] = ()

    @field_validator("basis_g")
    @classmethod
    def _for_something(cls, basis_g: float | None, info: ValidationInfo) -> float | None:
        said = (basis_g, info.data.get("basis_ml"), info.data.get("basis_pieces"))
        if all(basis is None for basis in said):
            raise PydanticCustomError(
                "basis", "Say what the figures are for: grams, millilitres or pieces."
            )
        return basis_g

    @field_validator("below")
    @classmethod
    def _in_order(cls, below: tuple[str, ...]) -> tuple[str, ...]:
        return tuple(sorted(set(below)))

    @model_validator(mode="after")
    def _below_something(self) -> Self:
        for name in self.below:
            if name not in FIGURES or getattr(self, name) is None:
                raise PydanticCustomError("below", "“Less than” needs a figure to be less than.")
        return self

    @property
    def weight_g(self) -> float | None:
        """What the basis weighs; None until a density or a weighing tells."""
        if self.basis_g is not None:
            return self.basis_g
        if self.basis_ml is not None and self.density_g_per_ml is not None:
            return self.basis_ml * self.density_g_per_ml
        return None

    @property
    def by_piece(self) -> bool:
        """Whether it can only be counted: figures per piece, and no piece weighed yet."""
        return self.weight_g is None and self.basis_pieces is not None

    @property
    def piece_g(self) -> float | None:
        """What one piece weighs, where the basis says so."""
        if self.basis_pieces is None or self.weight_g is None:
            return None
        return self.weight_g / self.basis_pieces

    @property
    def density(self) -> float | None:
        """g/ml: as given, or as the basis says it ("1/2 cup (113 g)")."""
        if self.basis_ml is not None and self.basis_g is not None:
            return self.basis_g / self.basis_ml
        return self.density_g_per_ml

    @property
    def fibre_inside(self) -> bool:
        """Whether the printed carbohydrate holds the fibre (US and tables) or not (EU)."""
        return self.style != "eu"

    @property
    def sounds_like_sweetener(self) -> bool:
        """Whether its name says a sweetener, whose polyols a label may leave out."""
        return _names_a_sweetener(self.name)


class PrintedFigure(NamedTuple):
    """One printed figure with the interval of true figures behind it."""

    value: float
    lo: float
    hi: float

    @property
    def mid(self) -> float:
        """The middle of what it may be."""
        return (self.lo + self.hi) / 2

    @property
    def half(self) -> float:
        """Half the width of what it may be."""
        return (self.hi - self.lo) / 2


NONE: Final = PrintedFigure(0.0, 0.0, 0.0)


def printed(label: Label, field: str) -> PrintedFigure | None:
    """The figure of `field` (`kcal`, `fat_g`, …, `basis_g`) with its interval; None is unknown.

    What a panel says in another unit stands for it: kcal = kJ / 4.184, sodium = salt / 2.5.
    """
    if field == "basis_g":
        return _basis(label)
    figure: float | None = getattr(label, field)
    if figure is not None and field in label.below:
        return PrintedFigure(figure / 2, 0.0, figure)
    if figure is not None:
        spread = TYPICAL_SPREAD if label.spread is None else label.spread
        interval = interval_behind(label.style, field, figure, spread)
        return _printed(figure, interval)
    if field in ABSENT_MEANS_NONE:
        return NONE
    same_as = BY_KEY[field].same_as
    if same_as is None or getattr(label, same_as[0]) is None:
        return None
    other, factor = same_as
    stands_for = printed(label, other)
    assert stands_for is not None
    return _printed(
        stands_for.value * factor, Interval(stands_for.lo * factor, stands_for.hi * factor)
    )


def basis(label: Label) -> PrintedFigure:
    """What printed figures are divided by: grams, or pieces where nothing has been weighed."""
    weight = _basis(label)
    if weight is not None:
        return weight
    count = label.basis_pieces or 1.0
    return PrintedFigure(count, count, count)


def _basis(label: Label) -> PrintedFigure | None:
    if label.basis_g is not None:
        return _printed(label.basis_g, interval_behind(label.style, "basis_g", label.basis_g, 0.0))
    if label.basis_ml is None or label.density_g_per_ml is None:
        return None
    lo, hi = interval_behind(label.style, "basis_g", label.basis_ml, 0.0)
    per_ml = label.density_g_per_ml
    return _printed(label.basis_ml * per_ml, Interval(lo * per_ml, hi * per_ml))


def _printed(figure: float, interval: Interval) -> PrintedFigure:
    return PrintedFigure(
        value=figure, lo=max(0.0, min(interval.lo, figure)), hi=max(interval.hi, figure)
    )
