"""What a food is in a build, guessed from its names; what a label says of water and sweetness."""

from pathlib import Path

import pytest

from gasket.core.trade.kind_reading import KindReading, guess_kind, kind_read, read_kind
from tests.core.builds import ingredient


@pytest.mark.parametrize(
    ("name", "kind"),
    [
        ("Butter", "butter"),
        ("Peanut butter", "nut_butter"),
        ("Buttermilk, low-fat", "milk"),
        ("Peanut powder, defatted", "peanut_powder"),
        ("Rapeseed oil", "oil"),
        ("Coconut oil", "oil"),
        ("Coconut flour", "coconut_flour"),
        ("Cooking spray, oil", "oil_spray"),
        ("Oat milk", "plant_milk"),
        ("Milk chocolate", "chocolate"),
        ("Chocolate whey", "whey_powder"),
        ("Whey-casein blend, vanilla", "protein_blend"),
        ("Pea protein", "plant_protein"),
        ("Egg white, carton", "egg_white"),
        ("Cream cheese, fat-free", "cream_cheese"),
        ("Cottage cheese", "cottage_cheese"),
        ("Whipping cream", "cream"),
        ("Sugar, powdered", "powdered_sugar"),
        ("Erythritol blend, powdered", "powdered_sweetener"),
        ("Turkey bacon", "cured_meat"),
        ("Turkey mince, lean, raw", "poultry_mince"),
        ("Bell pepper", "vegetable"),
        ("Black pepper", "spice"),
        ("Burger bun", "bread"),
        ("Wattleseed", None),
    ],
)
def test_a_kind_is_read_off_the_name(name, kind):
    assert guess_kind([name]) == kind


KINDS_SAID = [
    (name.strip(), kind)
    for line in (Path(__file__).parent / "kind_names.txt").read_text().splitlines()
    if not line.startswith("#")
    for kind, name in [line.split(":", 1)]
]


@pytest.mark.parametrize(("name", "kind"), KINDS_SAID)
def test_the_last_noun_of_a_name_says_the_kind(name, kind):
    assert read_kind(name) == kind
    assert read_kind(name.upper()) == kind


@pytest.mark.parametrize(
    "name", ["Soy-glazed chicken", "Almond-crusted cod", "Oat-coated turkey", "Coconut shrimp"]
)
def test_a_plant_beside_a_meat_makes_no_plant_of_it(name):
    assert read_kind(name) in ("poultry", "fish")


def test_the_cook_knows_better_and_silence_is_other():
    assert kind_read("flour", "Butter", (), "") == KindReading("flour", "said")
    assert kind_read(None, "Wattleseed", ("roasted seed",), "") == KindReading(
        "seeds", "other names"
    )
    assert kind_read(None, "Wattleseed", (), "Bush") == KindReading("other", "nothing")


@pytest.mark.parametrize(
    ("food", "water", "sweetness"),
    [
        ("water", 1.0, 0.0),
        ("quark", 0.828, 0.008),  # 100 - 12 - 4 - 0.2 - 1 of ash; lactose counts a fifth
        ("butter", 0.153, 0.0012),
        ("salt", 0.0, 0.0),
        ("sugar", 0.0, 1.0),
        ("sweetener", 0.0, 1.0),
        ("banana", 0.747, 0.12),
        ("blend", 0.07, 0.4),  # as the package says
    ],
)
def test_water_and_sweetness_come_straight_from_the_label(food, water, sweetness):
    found = ingredient(food)
    assert found.water == pytest.approx(water, abs=1e-9)
    assert found.sweetness == pytest.approx(sweetness, abs=1e-9)
