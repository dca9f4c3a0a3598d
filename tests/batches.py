"""Small batch documents to build tests on."""

from typing import Any

from gasket.core.reckoning.reckon import Result, reckon
from gasket.formats.batch_json import to_batch

FLAT = {
    "style": "table",
    "spread": 0,
    "basis_g": 100,
    "kcal": 200,
    "protein_g": 10,
    "carbohydrate_g": 30,
    "fat_g": 4,
    "fibre_g": 5,
    "sugars_g": 6,
    "saturated_g": 1,
    "sodium_mg": 50,
}
"""Exact figures, so that sums can be worked by hand."""


def batch(**changes: Any) -> dict[str, Any]:
    """400 g of one exact food in 4 portions, with `changes` laid over."""
    return {
        "format": "gasket-batch",
        "version": 1,
        "labels": {"a": dict(FLAT)},
        "components": [{"name": "all", "lines": [{"label": "a", "grams": 400, "division_g": 0}]}],
        "portions": {"count": 4},
        **changes,
    }


def lines(*given: dict[str, Any], name: str = "all", **rest: Any) -> dict[str, Any]:
    """A component of exactly weighed lines."""
    return {"name": name, "lines": [{"division_g": 0, **line} for line in given], **rest}


def result(**changes: Any) -> Result:
    return reckon(to_batch(batch(**changes)))


def codes(found: Result) -> list[str]:
    return [finding.code for finding in found.findings]
