"""The original beside ours: what a serving saves on it, and both at equal weight."""

from dataclasses import dataclass

from gasket.core.label.panel import Material
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, LowHigh, Portion
from gasket.core.trade.nutrients import MACRO_KCAL
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, PlainFigures


@dataclass(frozen=True, slots=True, kw_only=True)
class AtEqualWeight(PlainFigures):
    """Our figures for as many grams as one serving of the original weighs."""

    grams: float


class ComparedOriginal(Original):
    """The original, what one of ours saves on it, and where its own energy sits."""

    saved_kcal: float | None
    saved_kcal_likely: LowHigh | None
    saved_kcal_worst: LowHigh | None
    at_equal_weight: AtEqualWeight | None
    energy_from: dict[Material, float] | None


def _values_of(portion: Portion, factor: float = 1.0) -> dict[str, float | None]:
    return {
        nutrient: figure.value * factor if isinstance(figure, Figure) else None
        for nutrient in NUTRIENTS
        for figure in (getattr(portion, nutrient),)
    }


def compare(
    original: Original | None, serving: Portion, has_something: bool
) -> ComparedOriginal | None:
    """A serving with nothing in it saves nothing: nobody eats it instead."""
    if original is None:
        return None
    kcal = serving.kcal if has_something and isinstance(serving.kcal, Figure) else None
    saved = None if kcal is None or original.kcal is None else original.kcal - kcal.value
    equal = None
    if original.serving_g and serving.grams:
        factor = original.serving_g / serving.grams
        equal = AtEqualWeight(grams=original.serving_g, **_values_of(serving, factor))
    return ComparedOriginal(
        **original.model_dump(),
        saved_kcal=saved,
        saved_kcal_likely=_saved(original, kcal.likely) if kcal else None,
        saved_kcal_worst=_saved(original, kcal.worst) if kcal else None,
        at_equal_weight=equal,
        energy_from=_energy_from(original),
    )


def _saved(original: Original, ours: LowHigh) -> LowHigh | None:
    if original.kcal is None:
        return None
    return original.kcal - ours[1], original.kcal - ours[0]


def _energy_from(original: Original) -> dict[Material, float] | None:
    """The original's kcal by macronutrient: 4-4-9, scaled to the stated kcal if there is one."""
    grams: dict[Material, float | None] = {
        "carbohydrate": original.carbohydrate_g,
        "fat": original.fat_g,
        "protein": original.protein_g,
    }
    energy = {
        material: MACRO_KCAL[f"{material}_g"] * held
        for material, held in grams.items()
        if held is not None
    }
    if len(energy) < len(grams):
        return None
    total = sum(energy.values())
    scale = original.kcal / total if original.kcal is not None and total else 1.0
    return {material: kcal * scale for material, kcal in energy.items()}
