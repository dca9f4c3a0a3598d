"""The section view: original and rebuild as cut columns, layer by layer, and what replaced what."""

from collections.abc import Mapping

from gasket.core.label.panel import Material
from gasket.core.numbers import Answer
from gasket.core.rebuild.trial import Build, where
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.reckon import LineShare, Result


class Layer(Answer):
    """One ingredient of a serving; None is unknown. `balloon` is its number in the list."""

    key: str
    line_id: str
    name: str
    balloon: int | None
    material: Material | None
    grams: float | None
    kcal: float | None
    protein_g: float | None
    carbohydrate_g: float | None
    fat_g: float | None
    cost: float | None


class Column(Answer):
    """One serving cut open. `of_lines` is false where only the macronutrients are known."""

    name: str
    grams: float | None
    of_lines: bool
    layers: tuple[Layer, ...]


class SwapLink(Answer):
    """A layer of the original and the layer of the rebuild that stands for it, by key."""

    original: str
    rebuild: str


class Section(Answer):
    """Both columns, ours also as many grams as the original weighs, and the links between."""

    original: Column | None
    rebuild: Column
    rebuild_at_equal_weight: Column | None
    links: tuple[SwapLink, ...]


def column(name: str, piece: Workpiece, result: Result) -> Column:
    """The lines of a build as layers, lines without an amount left out."""
    placed = {where(placed.component, placed.index): placed for placed in piece.lines()}
    layers: list[Layer] = []
    for share in result.lines:
        one = placed.get(share.where)
        if one is None:
            continue
        price = one.ingredient.price
        cost = None if price is None else price * one.amount * one.per_serving
        layers.append(_layer(share, one.line.id, one.ingredient.food, len(layers) + 1, cost))
    return Column(name=name, grams=result.serving.grams, of_lines=True, layers=tuple(layers))


def _layer(share: LineShare, line_id: str, name: str, balloon: int, cost: float | None) -> Layer:
    return Layer(
        key=share.where,
        line_id=line_id,
        name=name,
        balloon=balloon,
        material=share.material,
        grams=share.grams,
        kcal=share.kcal,
        protein_g=share.protein_g,
        carbohydrate_g=share.carbohydrate_g,
        fat_g=share.fat_g,
        cost=cost,
    )


def column_of_figures(original: Original, energy_from: Mapping[Material, float] | None) -> Column:
    """An original of which only the figures are known: a layer for each macronutrient."""
    grams: dict[Material, float | None] = {
        "carbohydrate": original.carbohydrate_g,
        "protein": original.protein_g,
        "fat": original.fat_g,
    }
    layers = []
    for material, kcal in sorted((energy_from or {}).items(), key=lambda item: item[0]):
        if kcal > 0:
            layers.append(_plain(material.capitalize(), material, kcal, grams.get(material)))
    if not layers and original.kcal:
        layers.append(_plain("Energy", None, original.kcal, None))
    return Column(
        name=original.name, grams=original.serving_g, of_lines=False, layers=tuple(layers)
    )


def _plain(name: str, material: Material | None, kcal: float, grams: float | None) -> Layer:
    return Layer(
        key=name.lower(),
        line_id="",
        name=name,
        balloon=None,
        material=material,
        grams=grams,
        kcal=kcal,
        protein_g=grams if material == "protein" else 0.0,
        carbohydrate_g=grams if material == "carbohydrate" else 0.0,
        fat_g=grams if material == "fat" else 0.0,
        cost=None,
    )


def scaled(one: Column, grams: float) -> Column | None:
    """The same column as `grams` of it; None where it weighs nothing."""
    if not one.grams:
        return None
    factor = grams / one.grams
    figures = ("grams", "kcal", "protein_g", "carbohydrate_g", "fat_g", "cost")
    layers = tuple(
        layer.model_copy(
            update={
                name: value * factor
                for name in figures
                if (value := getattr(layer, name)) is not None
            }
        )
        for layer in one.layers
    )
    return one.model_copy(update={"grams": grams, "layers": layers})


def links(original: Build, rebuild: Build) -> tuple[SwapLink, ...]:
    """Which layers stand for which: by `stands_for`, off lines left out."""
    keys = {line.id: where(i, j) for i, j, line in original.placed()}
    return tuple(
        SwapLink(original=keys[old], rebuild=where(i, j))
        for i, j, line in rebuild.placed()
        if not line.off and line.label_id is not None
        for old in line.stands_for
        if old in keys
    )
