"""Which food a word means: called so, a kind of it, or only a shared word. And what is prose."""

import pytest

from gasket.core.entry.prose import read_lines
from gasket.core.label.naming import Fit, FoodTitles, fit, nearest, singulars, sure_one

FITS = [
    ("milk", (), FoodTitles("Whole milk", ("milk",)), Fit.CALLED_SO),
    ("milk", (), FoodTitles("Milk-protein blend, vanilla"), Fit.SHARES_WORDS),
    ("milk", (), FoodTitles("Oat milk"), Fit.ENDS_SO),
    ("rice", (), FoodTitles("Rice, white, cooked"), Fit.A_KIND_UNSAID),
    ("rice", ("cooked",), FoodTitles("Rice, white, cooked"), Fit.A_KIND),
    ("cooked rice", (), FoodTitles("Rice, cooked"), Fit.CALLED_SO),
    ("cottage cheese", (), FoodTitles("Cottage cheese, low-fat"), Fit.A_KIND),
    ("eggs", (), FoodTitles("Egg, whole, raw"), Fit.A_KIND),
    ("egg", (), FoodTitles("Egg white, raw"), Fit.SHARES_WORDS),
    ("cloves", (), FoodTitles("Garlic", ("garlic cloves",)), Fit.ENDS_SO),
    ("peas", (), FoodTitles("Pea protein"), Fit.SHARES_WORDS),
    ("raspberries", (), FoodTitles("Raspberry"), Fit.CALLED_SO),
    ("boneless skinless chicken breast", (), FoodTitles("Chicken breast"), Fit.CALLED_SO),
    ("chicken breast", ("cooked",), FoodTitles("Chicken breast, raw"), Fit.A_KIND_UNSAID),
    (
        "chicken breast",
        ("cooked",),
        FoodTitles("Breast, raw", ("chicken breast",)),
        Fit.A_KIND_UNSAID,
    ),
    ("minced beef", (), FoodTitles("Beef"), Fit.SHARES_WORDS),
    ("fat-free yogurt", (), FoodTitles("Yogurt"), Fit.SHARES_WORDS),
    ("skim quark", (), FoodTitles("Quark", (), ("Mill skim quark",)), Fit.CALLED_SO),
    (
        "chocolate whey",
        (),
        FoodTitles("Whey powder", (), ("Bay whey, chocolate",)),
        Fit.SHARES_WORDS,
    ),
    ("", (), FoodTitles("Salt"), Fit.SHARES_WORDS),
]


@pytest.mark.parametrize(("typed", "states", "food", "expected"), FITS)
def test_a_word_fits_a_food(typed, states, food, expected):
    assert fit(typed, states, food) is expected


@pytest.mark.parametrize(
    ("fits", "sure"),
    [
        ([], False),
        ([Fit.CALLED_SO, Fit.A_KIND], True),
        ([Fit.A_KIND, Fit.ENDS_SO], True),
        ([Fit.A_KIND, Fit.A_KIND], False),
        ([Fit.A_KIND, Fit.A_KIND_UNSAID], False),
        ([Fit.A_KIND_UNSAID], False),
        ([Fit.ENDS_SO], False),
    ],
)
def test_only_what_can_be_nothing_else_is_sure(fits, sure):
    assert sure_one(fits) is sure


@pytest.mark.parametrize(
    ("line", "kind"),
    [
        ("Bake at 350 F for 40 minutes", "step"),
        ("1. Preheat the oven to 180 °C.", "step"),
        ("Step 2: Whisk the eggs with the sugar", "step"),
        ("Add 200 g of the sugar and stir", "step"),
        ("Cream the butter and the sugar together until pale", "step"),
        ("In a large bowl, combine everything", "step"),
        ("Top with the frosting and serve cold.", "step"),
        ("Cool for 20 minutes", "step"),
        ("For the frosting:", "heading"),
        ("Loaf:", "heading"),
        ("Serves 4", "servings"),
        ("Prep time: 10 min", "words"),
        ("Nutrition per serving: 250 kcal", "words"),
        ("https://example.org/loaf", "words"),
        ("My grandmother made this every single Sunday of the year", "words"),
        ("200 g cream cheese", "ingredient"),
        ("cream cheese, 200 g", "ingredient"),
        ("cooked chicken", "ingredient"),
        ("roast chicken 300 g", "ingredient"),
        ("salt, to taste", "ingredient"),
        ("1 can chickpeas, drained and rinsed well", "ingredient"),
        ("2 eggs, beaten until pale, for 3 minutes", "ingredient"),
        ("mixed berries", "ingredient"),
        ("top sirloin 400 g", "ingredient"),
        ("Makes sense flour", "ingredient"),
    ],
)
def test_prose_is_no_ingredient(line, kind):
    assert read_lines([line])[0].kind == kind


def test_after_the_method_come_steps_and_after_ingredients_foods():
    lines = ["Ingredients", "200 g oats", "Method:", "oats into the bowl", "2 min more"]
    lines += ["For the glaze:", "50 g quark"]
    kinds = [read.kind for read in read_lines(lines)]
    assert kinds == ["words", "ingredient", "words", "step", "step", "heading", "ingredient"]


@pytest.mark.parametrize(
    ("word", "of"),
    [
        ("eggs", ["egg"]),
        ("beans", ["bean"]),
        ("loaves", ["loaf", "loav", "loave"]),
        ("berries", ["berry", "berri", "berrie"]),
        ("ties", ["ti", "tie"]),
        ("gas", ["ga"]),
        ("rice", []),
    ],
)
def test_what_a_word_may_be_the_plural_of(word, of):
    assert singulars(word) == of


EGGS = [FoodTitles("Egg"), FoodTitles("Egg white"), FoodTitles("Milk")]


@pytest.mark.parametrize(
    ("package", "foods", "which"),
    [
        *(("Hen eggs", EGGS, 0), ("Henhouse egg white", EGGS, 1), ("Good quality milk", EGGS, 2)),
        *(("Bread", EGGS, None), ("Bread", EGGS[:1], 0)),
        ("Organic", [FoodTitles("Organic oats"), FoodTitles("Oats")], None),
    ],
)
def test_the_food_that_a_package_is_most_likely_one_of(package, foods, which):
    assert nearest(package, foods) == which
