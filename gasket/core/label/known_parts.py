"""What a panel holds at least of a figure that it does not print: the parts that it does print."""

from typing import Final

from gasket.core.label.energy import EnergyMethod, Sum, Term, add_up, exactly
from gasket.core.label.label import ABSENT_MEANS_NONE, Label

_PART_OF: Final = {
    "fibre_g": "soluble_fibre_g",
    "sugars_g": "added_sugars_g",
    "fat_g": "saturated_g",
}
_NOTHING: Final = Sum(0.0, 0.0, 0.0, 0.0, 0.0)


def known_part(label: Label, nutrient: str, method: EnergyMethod) -> Sum:
    """The printed parts of `nutrient` per label basis; 0 where none is printed."""
    terms = [
        Term(field, exactly(factor))
        for whole, factor in _parts(label, nutrient, method).items()
        if (field := _printed_field(label, whole)) is not None
    ]
    return add_up(label, terms) or _NOTHING


def _parts(label: Label, nutrient: str, method: EnergyMethod) -> dict[str, float]:
    match nutrient:
        case "carbohydrate_g" if label.carbohydrate_g is not None:
            return {"carbohydrate_g": 1, "fibre_g": 1}
        case "carbohydrate_g":
            return {"fibre_g": 1, "sugars_g": 1, "polyols_g": 1, "allulose_g": 1}
        case "net_carbohydrate_g":
            return {"sugars_g": 1}
        case "kcal" if method == "labelled":
            return {}
        case "kcal":
            return {"protein_g": 4, "fat_g": 9, "sugars_g": 4, "alcohol_g": 7}
        case _:
            return {nutrient: 1}


def _printed_field(label: Label, field: str) -> str | None:
    """`field`, or the part of it that is printed."""
    if field in ABSENT_MEANS_NONE or getattr(label, field) is not None:
        return field
    part = _PART_OF.get(field)
    return part if part is not None and getattr(label, part) is not None else None
