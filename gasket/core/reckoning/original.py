"""The original beside ours: what a serving saves on it, and both at equal weight."""

from gasket.core.label.panel import KCAL_PER_G_FAT, NUTRIENTS, Material
from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Band, Figure, Portion


class AtEqualWeight(Answer):
    """Our figures for as many grams as one serving of the original weighs."""

    # Plain values without margins; None is unknown.
    kcal: float | None = None
    protein_g: float | None = None
    carbohydrate_g: float | None = None
    net_carbohydrate_g: float | None = None
    fat_g: float | None = None
    fibre_g: float | None = None
    sugars_g: float | None = None
    polyols_g: float | None = None
    saturated_g: float | None = None
    sodium_mg: float | None = None
    grams: float


class ComparedOriginal(Original):
    """The original, what one of ours saves on it, and where its own energy sits."""

    saved_kcal: float | None
    saved_kcal_likely: Band | None
    saved_kcal_worst: Band | None
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


def _saved(original: Original, ours: Band) -> Band | None:
    if original.kcal is None:
        return None
    return original.kcal - ours[1], original.kcal - ours[0]


def _energy_from(original: Original) -> dict[Material, float] | None:
    """The original's kcal by macronutrient: 4-4-9, scaled to the stated kcal if there is one."""
    parts = (original.protein_g, original.carbohydrate_g, original.fat_g)
    if any(part is None for part in parts):
        return None
    protein, carbohydrate, fat = (part or 0.0 for part in parts)
    energy: dict[Material, float] = {
        "carbohydrate": 4 * carbohydrate,
        "fat": KCAL_PER_G_FAT * fat,
        "protein": 4 * protein,
    }
    total = sum(energy.values())
    scale = original.kcal / total if original.kcal is not None and total else 1.0
    return {material: kcal * scale for material, kcal in energy.items()}
