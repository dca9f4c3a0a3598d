"""Which sources stand behind each reckoned figure."""

from typing import Final

from gasket.core.reckoning.batch import Batch
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, Nutrient

_ROUNDING: Final = {
    "us": ("us-rounding", "us-serving-rounding"),
    "eu": ("eu-rounding",),
    "table": ("typical",),
}
_ENERGY: Final = {
    "labelled": (),
    "us": ("us-energy",),
    "us_449": ("us-energy",),
    "eu": ("eu-energy",),
}


def says_who(batch: Batch) -> dict[Nutrient, tuple[str, ...]]:
    """Keys of `gasket.core.trade.sources.SOURCES` behind each figure, in reading order."""
    labels = batch.labels.values()
    styles = sorted({label.style for label in labels})
    rounding = [key for style in styles for key in _ROUNDING[style]]
    behind: dict[Nutrient, list[str]] = {nutrient: [] for nutrient in NUTRIENTS}
    behind["kcal"] = [*_ENERGY[batch.settings.energy]]
    if batch.settings.energy == "us":
        if any(label.allulose_g for label in labels):
            behind["kcal"].append("us-allulose")
        if any(label.alcohol_g for label in labels):
            behind["kcal"].append("alcohol")
    behind["net_carbohydrate_g"] = ["net-carbohydrate"]
    if any(label.style == "eu" and label.fibre_g is None for label in labels):
        behind["carbohydrate_g"] = ["unsaid-fibre"]
    if "eu" in styles:
        behind["sodium_mg"] = ["eu-salt"]
    return {
        nutrient: (*dict.fromkeys([*keys, *rounding]), "weighed")
        for nutrient, keys in behind.items()
    }
