"""The legal tolerance: how far the food itself may be from its label, and still be lawful.

A wider band than rounding, one-sided in the US, stepped in the EU. It is shown apart and never
mixed into a margin: most labels are far better than the law asks.

Sources: US 21 CFR 101.9(g)(4)-(5); European Commission guidance on tolerances, December 2012
(measurement uncertainty included). The guidance has no row for energy: it is derived here from the
rows of the macronutrients.
"""

from collections.abc import Iterator
from typing import Final, NamedTuple

from gasket.core.label.label import Label, Printed, printed
from gasket.core.numbers import Answer

US_MOST: Final = 1.20
US_LEAST_NATURAL: Final = 0.80
_US_CEILING: Final = ("kcal", "sugars_g", "added_sugars_g", "fat_g", "saturated_g", "sodium_mg")
_US_FLOOR: Final = ("protein_g", "carbohydrate_g", "fibre_g")


class Step(NamedTuple):
    """Below `under` grams per 100 g: ± `grams`, or ± `share` of the figure where given."""

    under: float
    grams: float = 0.0
    share: float = 0.0


_EU_GRAM: Final = (Step(10, grams=2), Step(40, share=0.20), Step(float("inf"), grams=8))
_EU_FAT: Final = (Step(10, grams=1.5), Step(40, share=0.20), Step(float("inf"), grams=8))
_EU_SATURATED: Final = (Step(4, grams=0.8), Step(float("inf"), share=0.20))
_EU_SALT: Final = (Step(1.25, grams=0.375), Step(float("inf"), share=0.20))
_EU_STEPS: Final = {
    "fat_g": _EU_FAT,
    "saturated_g": _EU_SATURATED,
    "carbohydrate_g": _EU_GRAM,
    "sugars_g": _EU_GRAM,
    "fibre_g": _EU_GRAM,
    "protein_g": _EU_GRAM,
    "salt_g": _EU_SALT,
}
_EU_KCAL_PER_G: Final = {"fat_g": 9.0, "carbohydrate_g": 4.0, "fibre_g": 2.0, "protein_g": 4.0}


class Tolerated(Answer):
    """What the law allows a printed figure to stand for; None is without a limit that way."""

    field: str
    printed: float
    least: float | None
    most: float | None


def tolerated(label: Label) -> tuple[Tolerated, ...]:
    """The band of each figure that its law has a row for, per label basis. Tables have none."""
    match label.style:
        case "us":
            return tuple(_us(label))
        case "eu":
            return tuple(_eu(label))
        case _:
            return ()


def _us(label: Label) -> Iterator[Tolerated]:
    for field in (*_US_CEILING, *_US_FLOOR):
        figure = printed(label, field)
        if figure is None:
            continue
        ceiling = field in _US_CEILING
        yield Tolerated(
            field=field,
            printed=figure.value,
            least=None if ceiling else US_LEAST_NATURAL * figure.value,
            most=US_MOST * figure.value if ceiling else None,
        )


def _eu(label: Label) -> Iterator[Tolerated]:
    per = label.basis_ml or label.weight_g
    if per is None:
        return
    halves: dict[str, float] = {}
    for field in _EU_STEPS:
        figure = printed(label, field)
        if figure is not None:
            halves[field] = _eu_half(field, figure, per)
    kcal = printed(label, "kcal")
    if kcal is not None and halves:
        half = sum(_EU_KCAL_PER_G[field] * halves.get(field, 0.0) for field in _EU_KCAL_PER_G)
        yield _around("kcal", kcal, half)
    for field, half in halves.items():
        figure = printed(label, field)
        if figure is not None:
            yield _around(field, figure, half)


def _eu_half(field: str, figure: Printed, per: float) -> float:
    per_100 = figure.value / per * 100
    step = next(step for step in _EU_STEPS[field] if per_100 < step.under)
    return step.share * figure.value if step.share else step.grams * per / 100


def _around(field: str, figure: Printed, half: float) -> Tolerated:
    return Tolerated(
        field=field,
        printed=figure.value,
        least=max(0.0, figure.value - half),
        most=figure.value + half,
    )
