"""EU definitions: Regulation (EC) 1924/2006, Annex; per 100 g, of drinks per 100 ml."""

from collections.abc import Iterator
from functools import partial
from typing import Final

from gasket.core.law.claim_rules import (
    ClaimLimit,
    ClaimSubject,
    Deciding,
    ReducibleFigure,
    Rule,
    less_than_the_original,
    per_100_g,
    scaled,
    share,
)
from gasket.core.reckoning.margin import Figure


def _protein_share(judged: ClaimSubject) -> Deciding:
    return share(judged.serving.protein_g, judged.serving.kcal, 4)


def _fibre_per_100_kcal(judged: ClaimSubject) -> Deciding:
    kcal = judged.serving.kcal
    if not isinstance(kcal, Figure) or kcal.value <= 0:
        return None
    return scaled(judged.serving.fibre_g, 100 / kcal.value)


def _protein(key: str, name: str, least: float) -> Rule:
    says = f"{least:g} % of the energy from protein"
    return Rule(key, name, "eu", (ClaimLimit(_protein_share, "% of energy", says, least=least),))


def _fibre(key: str, name: str, by_weight: float, by_energy: float) -> Rule:
    """Grams per 100 g, or per 100 kcal: one of them is enough."""
    says = f"{by_weight:g} g of fibre per 100 g, or {by_energy:g} g per 100 kcal"
    weight = ClaimLimit(partial(per_100_g, name="fibre_g"), "g per 100 g", says, least=by_weight)
    energy = ClaimLimit(_fibre_per_100_kcal, "g per 100 kcal", says, least=by_energy)
    return Rule(key, name, "eu", (weight, energy))


def _low(key: str, name: str, figure: ReducibleFigure, of: str, most: float, per: str) -> Rule:
    amount = "100 ml of a drink" if per == "ml" else "100 g"
    unit = f"{of.split()[0]} per 100 {per}"
    says = f"at most {most:g} {of} per {amount}"
    return Rule(
        key, name, "eu", (ClaimLimit(partial(per_100_g, name=figure), unit, says, most=most),)
    )


_PROTEIN: Final = (
    _protein("eu-protein-source", "source of protein", 12),
    _protein("eu-protein-high", "high protein", 20),
)
_SOLID: Final = (
    _low("eu-low-energy", "low energy", "kcal", "kcal", 40, "g"),
    _low("eu-low-fat", "low fat", "fat_g", "g of fat", 3, "g"),
    _low("eu-low-sugars", "low sugars", "sugars_g", "g of sugars", 5, "g"),
)
_LIQUID: Final = (
    _low("eu-low-energy", "low energy", "kcal", "kcal", 20, "ml"),
    _low("eu-low-fat", "low fat", "fat_g", "g of fat", 1.5, "ml"),
    _low("eu-low-sugars", "low sugars", "sugars_g", "g of sugars", 2.5, "ml"),
)
"""A drink's 100 g are taken for 100 ml: on the strict side for what is heavier than water."""
_REDUCED: Final = Rule(
    "eu-reduced",
    "reduced energy, light",
    "eu",
    (less_than_the_original("kcal", 30, "at least 30 % less than the original"),),
)
_FIBRE: Final = (
    _fibre("eu-fibre-source", "source of fibre", 3.0, 1.5),
    _fibre("eu-fibre-high", "high fibre", 6.0, 3.0),
)


def eu_rules(*, drink: bool) -> Iterator[Rule]:
    """Every rule, for what is eaten or for a drink."""
    yield from (*_PROTEIN, *(_LIQUID if drink else _SOLID), _REDUCED, *_FIBRE)
