"""Amounts into grams: check values of the trade (common practice), and what is asked."""

import pytest

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import FoodBackground
from gasket.core.entry.work_out import work_out
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.trade.quantities import MILLILITRES_PER, HouseholdSystem


def label(**figures):
    return Label.model_validate({"style": "us", "basis_g": 31, "protein_g": 23, **figures})


def known(cup_g=None, measures=(), system=HouseholdSystem.US, of=None, pourable=False, **more):
    package = Package(**more.pop("package", {}))
    density = None if cup_g is None else cup_g / MILLILITRES_PER[HouseholdSystem.US]["cup"]
    facts = FoodFacts(
        density_g_per_ml=density,
        density_origin=more.pop("origin", "typical"),
        measures=tuple(Measure(name=name, grams=grams) for name, grams in measures),
        **more,
    )
    return FoodBackground(facts, of, package, system, pourable)


EGG = [("large (US)", 50), ("medium (US)", 44), ("large (UK)", 58)]
ONION = [("medium", 110), ("small", 70), ("large", 150)]
CAN = {"pack_g": 400.0, "drained_g": 240.0, "state": "drained"}

# Domain check values: 1/2 cup cocoa = 40 g, 3/4 cup Greek yogurt = 170 g, … (common practice).
BOTTLE = Label.model_validate({"style": "eu", "basis_ml": 100, "density_g_per_ml": 1.03})
CASES = [
    ("1 bottle kefir", {"of": BOTTLE, "package": {"pack_ml": 250.0}}, 257.5, ""),
    ("180 g carrot", {}, 180, ""),
    ("4 oz cheddar", {}, 113.4, ""),
    ("1 lb 4 oz mince", {}, 567, ""),
    ("1 oz cheese", {}, 28.35, ""),
    ("1/2 cup cocoa", {"cup_g": 80}, 40, ""),
    ("3/4 cup Greek yogurt", {"cup_g": 227}, 170.25, ""),
    ("1 1/2 cups cottage cheese", {"cup_g": 227}, 340, ""),
    ("1 1/2 cups shredded mozzarella", {"cup_g": 112}, 168, ""),
    ("1/2 cup granulated erythritol", {"cup_g": 192}, 96, ""),
    ("1 tsp vanilla extract", {"cup_g": 202}, 4.2, ""),
    ("2 tbsp plant milk", {"cup_g": 240}, 30, ""),
    ("1/4 cup rolled oats", {"cup_g": 80}, 20, ""),
    ("1 tbsp cornstarch", {"cup_g": 128}, 8, ""),
    ("1 cup flour", {"cup_g": 120, "system": HouseholdSystem.METRIC}, 126.8, ""),
    ("1 tbsp oil", {"cup_g": 218, "system": HouseholdSystem.AU}, 18.4, ""),
    ("1 cup flour", {"cup_g": 120, "system": HouseholdSystem.UK}, 126.8, "Whose cup?"),
    ("1 heaped tbsp cocoa", {"cup_g": 82}, 7.7, ""),
    ("1 cup plus 2 tbsp flour", {"cup_g": 120}, 135, ""),
    ("2-3 tbsp milk", {"cup_g": 244}, 38.1, ""),
    ("250 ml milk", {"cup_g": 244}, 257.8, ""),
    ("8 oz milk", {"cup_g": 244, "pourable": True}, 226.8, "Ounces by weight, or fluid ounces?"),
    ("2 large eggs", {"measures": EGG}, 100, ""),
    ("2 large eggs", {"measures": EGG, "system": HouseholdSystem.UK}, 116, ""),
    ("2 eggs", {"measures": EGG}, 100, "Which size?"),
    ("half an onion", {"measures": ONION}, 55, "Which size?"),
    ("180 onion", {"measures": ONION}, 180, ""),
    ("3 scoops protein", {"of": label(basis_pieces=1, piece="scoop")}, 93, ""),
    ("2 scoops protein", {"measures": [("scoop", 30)]}, 60, ""),
    ("1 scoop (23 g protein) whey", {"of": label()}, 31, ""),
    (
        "1 scoop (23 g) whey",
        {"of": label()},
        23,
        "Is that the weight of the scoop, or its protein?",
    ),
    ("10 servings egg white", {"of": label(basis_g=46)}, 460, ""),
    ("2 x 4.5 oz packs ham", {}, 255.1, ""),
    ("1 pack quark", {"package": {"pack_g": 500.0}, "of": label()}, 500, ""),
    ("1 can chickpeas, drained", {"package": CAN}, 240, ""),
    ("1 can chickpeas", {"package": CAN}, 240, "With its liquid, or drained?"),
    ("1 (400 g) can beans, drained", {"drained_share": 0.6}, 240, ""),
    ("1 (400 g) can beans", {"drained_share": 0.6}, 400, "With its liquid, or drained?"),
    ("150 g banana with peel", {"refuse_share": 0.36}, 96, ""),
    ("150 g banana", {"refuse_share": 0.36}, 150, ""),
    ("juice of 2 lemons", {"measures": [("juice", 40), ("zest", 4)]}, 80, ""),
    ("zest and juice of 1 lemon", {"measures": [("juice", 40), ("zest", 4)]}, 44, ""),
    ("a pinch of salt", {}, 0.3, ""),
    ("1 dash vanilla", {}, 0.6, ""),
    ("cooking spray, 2 s", {}, 1.6, ""),
    ("1 cup (240 g) yogurt", {"cup_g": 227}, 240, ""),
    (
        "1 cup (180 g) yogurt",
        {"cup_g": 227},
        180,
        "The two amounts on this line differ: which one?",
    ),
    ("salt, to taste", {}, 0, ""),
]


@pytest.mark.parametrize(("line", "of", "grams", "question"), CASES)
def test_a_line_comes_to_these_grams(line, of, grams, question):
    worked = work_out(parse_entry(line), known(**of))
    first = worked.readings[0]
    assert first.grams == pytest.approx(grams, rel=0.005)
    assert worked.question == question
    assert first.how, "every figure says where it is from"
    if first.low_g is not None:
        assert first.low_g <= first.grams <= first.high_g
    if question:
        assert len(worked.readings) > 1, "a question offers a choice"


@pytest.mark.parametrize(
    ("line", "of", "kind", "measure"),
    [
        ("1/2 cup wattleseed", {}, "volume", "cup"),
        ("2 tbsp wattleseed", {}, "volume", "tbsp"),
        ("3 scoops whey", {}, "measure", "scoop"),
        ("2 large turnips", {}, "measure", "large"),
        ("1 handful spinach", {}, "measure", "handful"),
        ("500 g mango, as bought", {}, "refuse", "refuse share"),
        ("1 (400 g) can lychees, drained", {}, "drained", "drained share"),
        ("juice of 1 yuzu", {}, "measure", "juice"),
        ("1 scoop (23 g protein) powder", {"of": label(protein_g=None)}, "measure", "scoop"),
    ],
)
def test_a_missing_weight_is_asked_for_and_never_guessed(line, of, kind, measure):
    first = work_out(parse_entry(line), known(**of)).readings[0]
    assert first.grams is None
    assert (first.needs.kind, first.needs.measure) == (kind, measure)


def test_what_the_cook_weighed_wins_over_the_label_and_the_typical_value_and_all_are_shown():
    on_label = label(basis_g=113, basis_ml=118.3)
    typical = work_out(parse_entry("1 cup curd"), known(cup_g=180, of=on_label))
    assert [round(reading.grams) for reading in typical.readings[:2]] == [226, 180]
    assert "from its label" in typical.readings[0].how
    weighed = work_out(parse_entry("1 cup curd"), known(cup_g=180, of=on_label, origin="weighed"))
    assert "weighed by you" in weighed.readings[0].how


def test_other_peoples_cups_are_offered_beside_the_houses_own():
    readings = work_out(parse_entry("1 cup flour"), known(cup_g=120)).readings
    assert any("metric, 250 ml" in reading.how for reading in readings[1:])


def test_pieces_without_grams_stay_counted():
    slices = label(basis_g=None, basis_pieces=1, piece="slice")
    first = work_out(parse_entry("2 slices bread"), known(of=slices)).readings[0]
    assert (first.grams, first.count, first.needs) == (None, 2, None)


@pytest.mark.parametrize(
    ("line", "state", "warned"),
    [
        ("100 g cooked rice", "dry", True),
        ("100 g cooked rice", "cooked", False),
        ("100 g rice", "dry", False),
        ("200 g raw chicken breast", "cooked", True),
        ("100 g frozen spinach", "raw", False),
    ],
)
def test_a_cooked_weight_on_a_raw_label_is_cautioned(line, state, warned):
    worked = work_out(parse_entry(line), known(package={"state": state}))
    assert bool(worked.caution) is warned
