"""EU definitions: Regulation (EC) 1924/2006, Annex; per 100 g, of drinks per 100 ml."""

from collections.abc import Iterator
from typing import Final, NamedTuple

from gasket.core.rebuild.nutrition_claims.deciding import (
    Deciding,
    NutritionClaim,
    claim,
    either,
    less_of,
    scaled,
    share,
)
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion


class Most(NamedTuple):
    """A limit per 100 g of what is eaten, and per 100 ml of what is drunk."""

    key: str
    name: str
    figure: str
    unit: str
    of: str
    solid: float
    liquid: float


_AT_MOST: Final = (
    Most("eu-low-energy", "low energy", "kcal", "kcal", "kcal", 40, 20),
    Most("eu-low-fat", "low fat", "fat_g", "g", "g of fat", 3, 1.5),
    Most("eu-low-sugars", "low sugars", "sugars_g", "g", "g of sugars", 5, 2.5),
)
_FIBRE: Final = (
    ("eu-fibre-source", "source of fibre", 3.0, 1.5),
    ("eu-fibre-high", "high fibre", 6.0, 3.0),
)
"""Grams per 100 g, or per 100 kcal: one of them is enough."""


def eu_claims(
    serving: Portion, original: Original | None, *, drink: bool
) -> Iterator[NutritionClaim]:
    """A drink is judged by the limits of drinks, its 100 g taken for 100 ml: within a few
    percent, on the strict side for what is heavier than water."""
    per_100 = 100 / serving.grams if serving.grams else None
    protein = share(serving.protein_g, serving.kcal, 4)
    for key, name, least in (
        ("eu-protein-source", "source of protein", 12),
        ("eu-protein-high", "high protein", 20),
    ):
        says = f"{least} % of the energy from protein"
        yield claim(key, name, "eu", protein, "% of energy", says, least=least)
    amount = "100 ml of a drink" if drink else "100 g"
    for one in _AT_MOST:
        most = one.liquid if drink else one.solid
        yield claim(
            one.key,
            one.name,
            "eu",
            scaled(getattr(serving, one.figure), per_100),
            f"{one.unit} per 100 {'ml' if drink else 'g'}",
            f"at most {most:g} {one.of} per {amount}",
            most=most,
        )
    yield claim(
        "eu-reduced",
        "reduced energy, light",
        "eu",
        less_of(serving.kcal, original.kcal if original else None, serving, original),
        "% less at equal weight",
        "at least 30 % less than the original",
        least=30,
    )
    for key, name, by_weight, by_energy in _FIBRE:
        says = f"{by_weight:g} g of fibre per 100 g, or {by_energy:g} g per 100 kcal"
        weight = claim(
            key, name, "eu", scaled(serving.fibre_g, per_100), "g per 100 g", says, least=by_weight
        )
        energy = claim(
            key, name, "eu", _per_100_kcal(serving), "g per 100 kcal", says, least=by_energy
        )
        yield either(weight, energy)


def _per_100_kcal(serving: Portion) -> Deciding:
    kcal = serving.kcal
    if not isinstance(kcal, Figure) or kcal.value <= 0:
        return None
    return scaled(serving.fibre_g, 100 / kcal.value)
