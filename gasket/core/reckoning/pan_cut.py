"""Cutting a pan: rows × columns or wedges, the size of a piece, corners, edges and middles."""

from typing import Annotated, Final, Literal, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Answer, Number, Value

CM_PER_INCH: Final = 2.54
Cm = Annotated[Number, Field(gt=0, le=200)]
Cuts = Annotated[int, Field(strict=True, ge=1, le=50)]
PlaceInPan = Literal["corner", "edge", "middle", "wedge"]


class PanCut(Value):
    """A pan and how it is cut: a rectangle in rows and columns, or a round one in wedges."""

    length_cm: Cm | None = None
    width_cm: Cm | None = None
    diameter_cm: Cm | None = None
    rows: Cuts = 1
    columns: Cuts = 1
    wedges: Cuts | None = None

    @model_validator(mode="after")
    def _one_shape(self) -> Self:
        if self.diameter_cm is not None and (self.length_cm or self.width_cm):
            raise PydanticCustomError("pan", "A pan is round or rectangular.")
        return self

    @property
    def pieces(self) -> int:
        """How many pieces the cuts make."""
        return self.wedges if self.wedges is not None else self.rows * self.columns


class CutPieces(Answer):
    """What the cut gives. Sizes are centimetres, across and along; None while the pan is not
    measured. `places` counts pieces by where they lie: corners crisp, middles stay soft."""

    pieces: int
    across_cm: float | None
    along_cm: float | None
    across_in: float | None
    along_in: float | None
    area_cm2: float | None
    places: dict[PlaceInPan, int]


def cut(pan: PanCut) -> CutPieces:
    """30 × 20 cm, 2 rows × 5 columns → 10 pieces of 6 × 10 cm: 4 corners, 6 edges, no middle."""
    if pan.diameter_cm is not None and pan.wedges is None:
        across = along = area = None  # the rim makes no two of them alike
        places: dict[PlaceInPan, int] = _places_in_a_round(pan.rows, pan.columns)
    elif pan.wedges is not None:
        across = None if pan.diameter_cm is None else 3.14159265 * pan.diameter_cm / pan.wedges
        along = None if pan.diameter_cm is None else pan.diameter_cm / 2
        area = None if across is None or along is None else across * along / 2
        places = {"wedge": pan.wedges}
    else:
        across = None if pan.width_cm is None else pan.width_cm / pan.columns
        along = None if pan.length_cm is None else pan.length_cm / pan.rows
        area = None if across is None or along is None else across * along
        places = _places(pan.rows, pan.columns)
    return CutPieces(
        pieces=pan.pieces,
        across_cm=across,
        along_cm=along,
        across_in=None if across is None else across / CM_PER_INCH,
        along_in=None if along is None else along / CM_PER_INCH,
        area_cm2=area,
        places=places,
    )


def _places(rows: int, columns: int) -> dict[PlaceInPan, int]:
    if min(rows, columns) == 1:
        ends = 1 if max(rows, columns) == 1 else 2
        edge = rows * columns - ends
        return {"corner": ends, "edge": edge, "middle": 0}
    edge = 2 * (rows - 2) + 2 * (columns - 2)
    return {"corner": 4, "edge": edge, "middle": (rows - 2) * (columns - 2)}


def _places_in_a_round(rows: int, columns: int) -> dict[PlaceInPan, int]:
    """Rows and columns across a round pan: a piece is a middle one when no rim runs through it,
    and there are no corners."""
    middle = sum(
        max(abs(2 * row / rows - 1), abs(2 * (row + 1) / rows - 1)) ** 2
        + max(abs(2 * column / columns - 1), abs(2 * (column + 1) / columns - 1)) ** 2
        <= 1
        for row in range(rows)
        for column in range(columns)
    )
    return {"corner": 0, "edge": rows * columns - middle, "middle": middle}


def factors(pieces: int) -> tuple[int, int]:
    """Rows and columns for so many pieces, as square as they come: 12 → 3 × 4."""
    rows = next(r for r in range(int(pieces**0.5), 0, -1) if pieces % r == 0)
    return rows, pieces // rows
