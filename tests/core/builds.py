"""Small builds for tests: foods by kind with figures per 100 g, lines by food and grams."""

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, Terms
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.swaps.options import Shelf
from gasket.core.trade.kinds import FoodKind

# kcal, protein, carbohydrate, fat, fibre, sugars, sodium mg; from memory, rounded.
FIGURES: dict[str, tuple[FoodKind, tuple[float, ...]]] = {
    "flour": ("flour", (350, 10, 73, 1, 3, 1, 2)),
    "whey": ("whey_powder", (400, 80, 8, 5, 0, 6, 300)),
    "blend": ("protein_blend", (390, 76, 11, 5, 2, 6, 300)),
    "cocoa": ("cocoa", (300, 20, 55, 12, 33, 2, 20)),
    "sugar": ("sugar", (400, 0, 100, 0, 0, 100, 0)),
    "sweetener": ("sweetener", (0, 0, 99, 0, 0, 0, 0)),
    "butter": ("butter", (745, 0.6, 0.6, 82, 0, 0.6, 600)),
    "oil": ("oil", (900, 0, 0, 100, 0, 0, 0)),
    "quark": ("thick_yogurt", (66, 12, 4, 0.2, 0, 4, 40)),
    "egg": ("egg", (140, 12, 1, 10, 0, 1, 140)),
    "egg white": ("egg_white", (50, 11, 1, 0.2, 0, 1, 165)),
    "milk": ("milk", (47, 3.4, 5, 1.6, 0, 5, 44)),
    "banana": ("fruit", (90, 1, 23, 0.3, 2.6, 12, 1)),
    "carrot": ("vegetable", (40, 0.9, 9.6, 0.2, 2.8, 5, 69)),
    "cream cheese": ("cream_cheese", (250, 5, 4, 24, 0, 4, 300)),
    "light cream cheese": ("cream_cheese", (120, 8, 6, 7, 0, 5, 300)),
    "baking powder": ("baking_powder", (100, 0, 25, 0, 0, 0, 10000)),
    "baking soda": ("baking_soda", (0, 0, 0, 0, 0, 0, 27000)),
    "salt": ("salt", (0, 0, 0, 0, 0, 0, 39000)),
    "gum": ("gum", (200, 0, 80, 0, 80, 0, 100)),
    "peanut butter": ("nut_butter", (600, 25, 20, 50, 6, 9, 10)),
    "peanut powder": ("peanut_powder", (450, 46, 35, 12, 8, 9, 690)),
    "water": ("water", (0, 0, 0, 0, 0, 0, 0)),
    "mince": ("mince", (250, 18, 0, 20, 0, 0, 70)),
    "tofu": ("tofu", (140, 15, 3, 8, 1, 1, 10)),
    "chicken breast": ("poultry", (110, 23, 0, 2, 0, 0, 60)),
    "panko breadcrumbs": ("crumbs", (350, 11, 74, 2, 4, 3, 400)),
    "burger bun": ("bread", (270, 9, 48, 4, 3, 6, 450)),
    "cheese": ("cheese", (400, 25, 1, 33, 0, 0, 650)),
    "starch": ("starch", (350, 0.3, 86, 0, 1, 0, 10)),
    "yellow mustard": ("sauce", (65, 4, 5, 4, 3, 2, 1100)),
    "tomato sauce": ("sauce", (40, 1.5, 7, 0.5, 1.5, 5, 350)),
}
ATLAS: dict[str, tuple[FoodKind, tuple[float, ...]]] = {
    # More foods, for the builds of the atlas of families.
    "brownie mix": ("mix", (350, 5, 83, 4, 2, 0, 400)),
    "pancake mix": ("mix", (350, 9, 73, 3, 3, 3, 1000)),
    "skyr": ("thick_yogurt", (62, 11, 4, 0.2, 0, 4, 40)),
    "rolled oats": ("oats", (370, 13, 60, 7, 10, 1, 5)),
    "cinnamon": ("spice", (250, 4, 81, 1.2, 53, 2, 10)),
    "pumpkin purée": ("puree", (35, 1.1, 8, 0.3, 2.9, 3.3, 5)),
    "soy milk": ("plant_milk", (33, 3.3, 0.6, 1.8, 0.5, 0.5, 40)),
    "pea protein": ("plant_protein", (380, 80, 4, 6, 3, 0, 1000)),
    "coconut flour": ("coconut_flour", (360, 19, 21, 13, 39, 9, 30)),
    "skim milk": ("milk", (35, 3.4, 5, 0.1, 0, 5, 44)),
    "oat flour": ("oat_flour", (380, 14, 66, 7.5, 10, 1, 5)),
    "light spread": ("spread", (350, 0.5, 1, 38, 0, 1, 400)),
    "yolk": ("egg_yolk", (322, 16, 1, 28, 0, 0.5, 50)),
    "allulose": ("sweetener", (20, 0, 100, 0, 0, 0, 0)),
    "dark chips": ("chocolate", (500, 5, 55, 30, 8, 50, 10)),
    "self-raising flour": ("self_raising_flour", (345, 10, 74, 1, 3, 1, 700)),
    "cauliflower": ("vegetable", (25, 1.9, 5, 0.3, 2, 1.9, 30)),
    "cottage cheese": ("cottage_cheese", (80, 12, 3, 2, 0, 3, 350)),
    "parmesan": ("cheese", (400, 36, 0.5, 28, 0, 0.5, 1300)),
    "ice": ("water", (0, 0, 0, 0, 0, 0, 0)),
    "lemonade drink": ("soft_drink", (2, 0, 0.4, 0, 0, 0.3, 5)),
    "pudding powder": ("pudding_mix", (330, 1, 82, 0.5, 0, 0, 3500)),
    "strawberries": ("fruit", (32, 0.7, 7.7, 0.3, 2, 4.9, 1)),
    "sparkling water": ("water", (0, 0, 0, 0, 0, 0, 10)),
    "pasta": ("pasta", (360, 13, 72, 1.5, 3, 3, 5)),
}
PACKAGES = {
    "sweetener": Package(price=9.0, pack_g=450, sweetness=1.0),
    "whey": Package(allergens=("milk",)),
    "blend": Package(allergens=("milk",), sweetness=0.4, price=27.0, pack_g=900),
    "quark": Package(allergens=("milk",), price=1.8, pack_g=500),
    "butter": Package(allergens=("milk",), price=2.5, pack_g=250),
    "egg": Package(allergens=("egg",)),
    "flour": Package(allergens=("wheat", "gluten"), price=1.35, pack_g=1500),
    "peanut powder": Package(allergens=("peanut",), may_contain=("tree_nuts",)),
}
ALL = FIGURES | ATLAS
IDS = {name: key for key, name in enumerate(ALL, start=1)}


def ingredient(name: str) -> Ingredient:
    kind, figures = ALL[name]
    kcal, protein, carbohydrate, fat, fibre, sugars, sodium = (float(figure) for figure in figures)
    sweet = {"polyols_g": carbohydrate, "polyol": "erythritol"} if name == "sweetener" else {}
    label = Label(
        name=name.capitalize(),
        style="table",
        spread=0.0,
        basis_g=100.0,
        kcal=kcal,
        protein_g=protein,
        carbohydrate_g=carbohydrate,
        fat_g=fat,
        fibre_g=fibre,
        sugars_g=sugars,
        saturated_g=0.0,
        sodium_mg=sodium,
        **sweet,
    )
    return Ingredient(IDS[name], IDS[name], name, label, PACKAGES.get(name, Package()), kind)


def full_shelf() -> Shelf:
    """Every food of `FIGURES`."""
    foods = [ingredient(name) for name in FIGURES]
    by_kind: dict[FoodKind, list[Ingredient]] = {}
    for food in foods:
        by_kind.setdefault(food.kind, []).append(food)
    return Shelf(by_kind, {food.food_id: [food] for food in foods})


def line(name: str, grams: float, **more: object) -> BuildLine:
    key = str(more.pop("id", name))
    given = {"id": key, "label_id": IDS[name], "target_g": float(grams), **more}
    return BuildLine.model_validate(given)


def workpiece(
    parts: dict[str, dict[str, float]] | dict[str, float], portions: int = 1, **terms: object
) -> Workpiece:
    """A build of one bowl ({food: grams}) or of several ({bowl: {food: grams}})."""
    bowls = parts if all(isinstance(part, dict) for part in parts.values()) else {"all": parts}
    build = Build(
        portions=portions,
        terms=Terms.model_validate(terms),
        components=tuple(
            BuildComponent(
                name=name,
                lines=tuple(
                    line(food, grams, id=f"{name}/{food}") for food, grams in foods.items()
                ),
            )
            for name, foods in bowls.items()
        ),
    )
    return piece_of(build)


def piece_of(build: Build) -> Workpiece:
    foods = {one.label_id: one for one in map(ingredient, ALL)}
    shares = {part.name: 1 / build.portions for part in build.components}
    return Workpiece(build, foods, shares)


def checked(parts: dict[str, object], portions: int = 1, **terms: object) -> CheckedBuild:
    return CheckedBuild(workpiece(parts, portions, **terms))
