"""How a batch is divided: equal pieces, by fill weight, in scoops, cut, or by the gram."""

from collections.abc import Iterable, Sequence
from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Answer, Positive, Value, YesNo
from gasket.core.reckoning.batch import Pieces, Portions
from gasket.core.reckoning.margin import Facts, Figure
from gasket.core.reckoning.pan_cut import PanCut
from gasket.core.reckoning.portions import scoop

DividingWay = Literal["count", "scoop", "cut", "grams"]
MOST_OF_A_BATCH: Final = 1000
PieceCount = Annotated[int, Field(strict=True, ge=1, le=MOST_OF_A_BATCH)]


class Dividing(Value):
    """One way to divide. `count` equal pieces (by eye or filled at the scale, in `two_pass`es),
    scoops of `fill_g`, a `cut` pan, or servings of `serving_g` taken by weight at the table.

    A serving is `serving_pieces` pieces. With `weighed_cooked` nothing is filled: each piece is
    weighed as it came out of the oven.
    """

    way: DividingWay = "count"
    pieces: PieceCount = 1
    serving_pieces: Pieces = 1.0
    fill_g: Positive | None = None
    serving_g: Positive | None = None
    cut: PanCut | None = None
    two_pass: YesNo = False
    weighed_cooked: YesNo = False

    @model_validator(mode="after")
    def _says_what_it_needs(self) -> Self:
        why = None
        if self.way == "scoop" and self.fill_g is None:
            why = "Say how many grams a scoop holds."
        elif self.way == "grams" and self.serving_g is None:
            why = "Say how many grams one serving is."
        elif self.way == "cut" and self.cut is None:
            why = "Say how the pan is cut."
        elif self.cut is not None and self.cut.pieces > MOST_OF_A_BATCH:
            why = f"A pan is cut into {MOST_OF_A_BATCH} pieces at most."
        if why:
            raise PydanticCustomError("dividing", "{why}", {"why": why})
        return self

    def made(self, whole_g: float | None) -> int:
        """How many pieces there are."""
        if self.way == "cut" and self.cut is not None:
            return self.cut.pieces
        if self.way == "scoop" and self.fill_g is not None and whole_g:
            return max(1, min(MOST_OF_A_BATCH, scoop(whole_g, self.fill_g).pieces))
        return self.pieces

    def each_of(self, made: int) -> float:
        """How many of `made` pieces a serving is: never more than there are."""
        return min(self.serving_pieces, float(made))


USUAL_DIVIDING: Final = {
    "scoop_g": 60.0,
    "serving_g": 150.0,
    "square": {"rows": 3, "columns": 4, "length_cm": 23.0, "width_cm": 23.0},
    "round": {"wedges": 8, "diameter_cm": 26.0},
}
"""What a way to divide begins with until the cook says more (common practice)."""


def portions_of(
    dividing: Dividing,
    whole_g: float | None,
    weighed_g: Sequence[float],
    state: Literal["raw", "cooked"],
) -> Portions:
    """The division as the reckoning takes it; pieces count by weight once all are weighed."""
    pieces = dividing.made(whole_g)
    each = dividing.each_of(pieces)
    if dividing.way == "grams" and dividing.serving_g is not None:
        return Portions(serving_g=dividing.serving_g)
    if len(weighed_g) == pieces and any(weighed_g):
        return Portions(weights_g=tuple(weighed_g), weights_state=state, serving_pieces=each)
    if dividing.way == "scoop" and dividing.fill_g is not None:
        return Portions(serving_g=dividing.fill_g * each)
    return Portions(count=pieces, serving_pieces=each)


class OneWay(Answer):
    """What a piece holds when the batch is divided into so many."""

    pieces: int
    grams: float | None
    kcal: Figure | None
    protein_g: Figure | None


USUAL_WAYS: Final = (6, 8, 12, 16)


def ways(batch: Facts, whole_g: float | None, pieces: Iterable[int]) -> tuple[OneWay, ...]:
    """Side by side: 240 kcal cut 16 ways is 15 each, 12 ways 20."""
    return tuple(
        OneWay(
            pieces=count,
            grams=None if whole_g is None else whole_g / count,
            kcal=_shared(batch.kcal, count),
            protein_g=_shared(batch.protein_g, count),
        )
        for count in sorted(set(pieces))
    )


def _shared(figure: object, count: int) -> Figure | None:
    if not isinstance(figure, Figure):
        return None
    return Figure(
        value=figure.value / count,
        likely=(figure.likely[0] / count, figure.likely[1] / count),
        worst=(figure.worst[0] / count, figure.worst[1] / count),
    )
