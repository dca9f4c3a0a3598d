"""A swap as the trade knows it, and as the cook adds it."""

from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.numbers import Number, Value, YesNo
from gasket.core.trade.families import Family
from gasket.core.trade.kinds import FoodKind

SwapShare = Annotated[Number, Field(gt=0, le=1)]
SwapRatio = Annotated[Number, Field(gt=0, le=100)]
Sentence = Annotated[str, Field(max_length=500)]
By = Literal["weight", "sweetness"]


class SwapPart(Value):
    """What goes in: a food of one of these kinds (or one food), so many grams per gram taken out.

    By sweetness, `ratio` is of sucrose equivalents. `lighter` asks for at most four fifths of the
    energy of what it replaces, `fat_most` for no more fat than this per gram.
    """

    kinds: tuple[FoodKind, ...] = ()
    food_id: int | None = None
    ratio: SwapRatio = 1.0
    by: By = "weight"
    lighter: bool = False
    fat_most: SwapShare | None = None
    words: Annotated[str, Field(max_length=200)] = ""


class Also(Value):
    """What else moves in a compound swap: lines of a kind, by a factor."""

    kinds: tuple[FoodKind, ...] = ()
    food_id: int | None = None
    factor: Annotated[Number, Field(ge=0, le=20)]


class Swap(Value):
    """What for what. `most` is the share of a line that may go; `likeness` is out of 10. `crumb`:
    only where flour or crumbs bake it into a crumb, not in a sauce or a cream. `takes_dry`: its
    ratio is of the dry weight. `heats`: its step cooks what comes in."""

    key: Annotated[str, Field(min_length=1, max_length=60)]
    name: Annotated[str, Field(min_length=1, max_length=120)]
    takes: tuple[FoodKind, ...] = ()
    takes_food_id: int | None = None
    gives: Annotated[tuple[SwapPart, ...], Field(min_length=1, max_length=10)]
    also: Annotated[tuple[Also, ...], Field(max_length=20)] = ()
    most: SwapShare = 1.0
    families: tuple[Family, ...] = ()
    crumb: YesNo = False
    takes_dry: YesNo = False
    heats: YesNo = False
    rule: Sentence = ""
    watch: Sentence = ""
    step: Sentence = ""
    likeness: Annotated[Number, Field(ge=0, le=10)] | None = None
    source: Annotated[str, Field(max_length=40)] = "swaps"


OWN: Final = "own-"
"""Keys of the cook's own swaps begin with this."""
