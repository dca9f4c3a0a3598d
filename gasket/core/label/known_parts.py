"""What a panel holds at least of a figure that it does not print: the parts that it does print."""

from typing import Final

from gasket.core.label.energy import EnergyMethod, Sum, Term, add_up, exactly
from gasket.core.label.label import Label
from gasket.core.trade.nutrients import ABSENT_MEANS_NONE, KCAL_PER_G, parts_of
from gasket.core.trade.nutrients.figure_types import FIGURES

_ENERGY_OF: Final = ("protein_g", "fat_g", "sugars_g", "alcohol_g")
"""What carries energy and lies apart from the others, where the carbohydrate is unknown."""
_NOTHING: Final = Sum(0.0, 0.0, 0.0, 0.0, 0.0)


def known_part(label: Label, nutrient: str, method: EnergyMethod) -> Sum:
    """The printed parts of `nutrient` per label basis; 0 where none is printed."""
    terms = [
        Term(field, exactly(factor))
        for whole, factor in _parts(label, nutrient, method).items()
        for field in _printed_fields(label, whole)
    ]
    return add_up(label, terms) or _NOTHING


def _parts(label: Label, nutrient: str, method: EnergyMethod) -> dict[str, float]:
    match nutrient:
        case "carbohydrate_g" if label.carbohydrate_g is not None:
            return {"carbohydrate_g": 1, "fibre_g": 1}
        case "carbohydrate_g":
            return dict.fromkeys(parts_of("carbohydrate_g", FIGURES), 1)
        case "net_carbohydrate_g":
            return {"sugars_g": 1}
        case "kcal" if method == "labelled":
            return {}
        case "kcal":
            return {field: KCAL_PER_G[field] for field in _ENERGY_OF}
        case _:
            return {nutrient: 1}


def _printed_fields(label: Label, field: str) -> tuple[str, ...]:
    """`field`, or those parts of it that are printed."""
    if field in ABSENT_MEANS_NONE or getattr(label, field) is not None:
        return (field,)
    parts = parts_of(field, FIGURES)
    return tuple(part for part in parts if getattr(label, part) is not None)
