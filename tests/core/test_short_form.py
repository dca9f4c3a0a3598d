"""A label in one line."""

import pytest

from gasket.core.errors import FaultyInput
from gasket.core.label.short_form import read_short


@pytest.mark.parametrize(
    ("text", "figures"),
    [
        ("165 kcal, 31 P, 0 C, 3.6 F per 100 g", (165, 31, 0, 3.6, 100, None)),
        ("165kcal 31p 0c 3,6f /100g", (165, 31, 0, 3.6, 100, None)),
        (
            "Calories 210, fat 8 g, carbs 22 g, protein 12 g per 55 g serving",
            (210, 12, 22, 8, 55, None),
        ),
        ("kcal: 42 protein: 3.4 carbohydrate: 5 fat: 1 per 100 ml", (42, 3.4, 5, 1, None, 100)),
        ("90 cal 10 protein", (90, 10, None, None, None, None)),
    ],
)
def test_one_line_is_read(text, figures):
    found = read_short(text)
    ours = (found.kcal, found.protein_g, found.carbohydrate_g, found.fat_g)
    assert (*ours, found.basis_g, found.basis_ml) == figures


def test_the_smaller_figures_are_read_by_their_own_words():
    found = read_short(
        "200 kcal 10 protein 20 carbs 8 total fat 3 saturates 6 sugars 4 fibre 1.2 salt per 100 g"
    )
    assert (found.fat_g, found.saturated_g, found.sugars_g) == (8, 3, 6)
    assert (found.fibre_g, found.salt_g, found.sodium_mg) == (4, 1.2, None)
    found = read_short("120 kcal 400 mg sodium 5 mg cholesterol 1.8 mg iron")
    assert (found.sodium_mg, found.cholesterol_mg, found.iron_mg) == (400, 5, 1.8)


@pytest.mark.parametrize(
    "text", ["", "lovely stuff", "120 kcal, 10", "12 P, 14 P", "120 30 kcal", "kcal protein 12"]
)
def test_what_cannot_be_read_is_asked(text):
    with pytest.raises(FaultyInput):
        read_short(text)
