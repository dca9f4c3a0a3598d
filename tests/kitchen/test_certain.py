"""What quick entry takes without asking on the reference shelf, and what it asks about."""

from datetime import UTC, datetime, timedelta
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.kitchen import settings as house_settings
from gasket.kitchen.shelf import chosen, food_search, quick_entry, reference, shelf
from gasket.kitchen.shelf.chosen import FoodChoice, FoodChoices
from gasket.kitchen.shelf.shelf import NewFood
from gasket.store.books.shelf import FOODS
from gasket.store.opening import open_database
from tests.core.test_quick_entry import LINES as RECIPE_LINES

NOW = datetime(2026, 5, 1, tzinfo=UTC)

SURE = {
    "1 cup whole milk": "Whole milk",
    "100 g sugar": "Sugar, white",
    "200 g flour": "Plain flour",
    "2 large eggs": "Egg, whole, raw",
    "1 can tomatoes": "Tomatoes, canned",
    "1 can chickpeas, drained": "Chickpeas, canned, drained",
    "100 g cooked rice": "Rice, white, cooked",
    "100 g dry pasta": "Pasta, dry",
    "1 tsp vanilla": "Vanilla extract",
    "2 garlic cloves": "Garlic",
    "juice of 1 lemon": "Lemon juice",
    "1 large ripe banana": "Banana",
    "100 g cream cheese": "Cream cheese",
}
ASKS = [
    *("100 g rice", "100 g pasta", "100 g coconut", "100 g corn", "1 cup cream", "1 pepper"),
    *("1 tsp thyme", "50 g chocolate", "100 g pork", "100 g black beans", "100 g lentils"),
    *("100 g cottage cheese", "1 tbsp vinegar", "100 g cotage cheese", "100 g sweetener"),
    *("1 170 g chicken breast", "6 walnuts", "1 scoop protein powder", "100% butter", "butter"),
    *("1.500 g potatoes", "1 cup crushed cornflakes", "100 g frozen rice", "100 g rice, soaked"),
]


@pytest.fixture(scope="module")
def generic(tmp_path_factory):
    """A new kitchen with the reference shelf."""
    database = open_database(tmp_path_factory.mktemp("generic") / "kitchen.sqlite3")
    reference.stock(database, NOW)
    yield database
    database.close()


@pytest.fixture
def stocked(generic):
    """What a test writes is gone with it."""
    with generic.writing() as session:
        yield session
        session.rollback()


@pytest.mark.parametrize("line", SURE)
def test_the_plain_word_finds_the_plain_food(stocked, line):
    found = quick_entry.quick(stocked, line)
    assert (found.options[0].food, found.sure, found.asks) == (SURE[line], True, "")


@pytest.mark.parametrize("line", ASKS)
def test_what_only_shares_a_word_or_leaves_its_state_unsaid_is_asked(stocked, line):
    found = quick_entry.quick(stocked, line)
    assert not found.sure
    assert found.asks


def test_a_choice_for_the_same_words_is_offered_first_and_taken_after_two(
    stocked,
):
    line = "100 g lentils"

    def said(text=line):
        answer = quick_entry.quick(stocked, text)
        return answer.options[0].label.id, answer.sure, answer.chosen

    def choose(label, hours):
        chosen.remember(
            stocked,
            FoodChoices(choices=(FoodChoice(text=line, label_id=label),)),
            NOW + timedelta(hours=hours),
        )

    options = quick_entry.quick(stocked, line).options
    first, second = (option.label.id for option in options[:2])
    assert said() == (first, False, 0)
    choose(second, 1)
    choose(second, 1)  # sent again
    assert said() == (second, False, 1)
    assert "chose the first one for these words" in quick_entry.quick(stocked, line).asks
    choose(second, 2)
    assert said() == said("250 g lentils, chopped") == (second, True, 2)
    assert said("100 g lentils, xyzzy")[1:] == (False, 0)
    read = quick_entry.read_list(stocked, f"40 g sugar\n{line}")[1].answer
    assert (read.options[0].label.id, read.sure) == (second, True)
    choose(first, 3)
    assert said() == (first, False, 1)
    chosen.forget(stocked, line)
    assert said() == (first, False, 0)
    for sign in ("☘", "🍚"):
        sent = FoodChoice(text=f"20 g {sign}", label_id=second)
        chosen.remember(stocked, FoodChoices(choices=(sent,)), NOW)
    assert quick_entry.quick(stocked, "20 g 🍚").chosen == 0, "no letter tells them apart"
    choose(second, 4)
    shelf.remove_food(stocked, options[1].food_id, True, NOW)
    assert said()[2] == 0


def test_two_dozen_are_pieces_and_not_grams(stocked):
    found = quick_entry.quick(stocked, "two dozen strawberries").options[0].worked.readings[0]
    assert (found.count, found.grams) == (24, 24 * 12)


@pytest.mark.parametrize(
    ("words", "sure"), [("quark", True), ("milk", False), ("rice", False), ("wheyy", False)]
)
def test_a_list_of_foods_says_whether_the_first_was_meant(stocked, words, sure):
    assert food_search.page(stocked, words).sure is sure


def test_a_pasted_recipe_keeps_its_prose_out_of_the_build(stocked):
    text = "For the loaf:\n200 g flour\n397 g coconut milk\nBake at 350 F for 40 minutes\nServes 8"
    found = quick_entry.read_list(stocked, text)
    assert [line.status for line in found] == ["heading", "clear", "question", "step", "servings"]
    assert not found[2].answer.sure


def lines_of(name):
    text = (Path(__file__).parents[1] / "core" / name).read_text(encoding="utf-8")
    return [line.split(" | ") for line in text.splitlines() if line and line[0] != "#"]


LINES = {name: lines_of(name) for name in ("kitchen_lines.txt", "held_out_lines.txt")}


@pytest.mark.parametrize("name", LINES)
def test_a_line_is_right_or_asked_with_the_right_food_first_and_never_silently_wrong(stocked, name):
    good = 0
    for line, meant, *grams in LINES[name]:
        (read,) = quick_entry.read_list(stocked, line)
        first = read.answer.options[0] if read.answer and read.answer.options else None
        food = meant.removeprefix("?").strip()
        if read.status == "clear":
            assert not meant.startswith("?"), line
            assert first.food == food, line
            weighs = first.worked.readings[0].grams
            assert weighs == pytest.approx(float(grams[0]), rel=0.15, abs=0.6), line
        good += not food or (first is not None and first.food == food)
    assert good >= 0.92 * len(LINES[name])


def test_there_are_six_hundred_lines_in_the_tables():
    written = [line for lines in LINES.values() for line, *_ in lines]
    assert len(set(written)) == len(written)
    assert len(written) + len(RECIPE_LINES) >= 600


@pytest.mark.parametrize(
    ("line", "went"),
    [
        ("3 large eggs, whites only", "amount amount food food food"),
        ("50 g butter, cold, cubed, browned", "amount amount food preparation preparation state"),
        ("200 g rice, toasted", "amount amount food not_used"),
        ("200 g cooked rice", "amount amount state food"),
    ],
)
def test_it_is_said_which_word_went_where(stocked, line, went):
    (read,) = quick_entry.read_list(stocked, line)
    assert [use.word for use in read.words] == line.split()
    assert [use.went_to.replace(" ", "_") for use in read.words] == went.split()


def test_of_several_kinds_the_cooks_own_and_the_lately_used_come_first(stocked):
    def first():
        read = quick_entry.quick(stocked, "100 g greek yogurt")
        assert not read.sure
        return read.options[0]

    full = food_search.foods(stocked, "greek yogurt, full fat", 1)[0][0]
    assert first().food != full.name
    FOODS.use(stocked, [full.labels[0].id], NOW)
    assert first().food == full.name
    mine = own(stocked, "Greek yogurt, Larkfield")
    assert first().food == mine.name


CLEAR = [line for line, meant, *_ in LINES["kitchen_lines.txt"] if not meant.startswith("?")]


@settings(max_examples=120)
@given(st.sampled_from(CLEAR), st.data())
def test_a_word_that_nobody_knows_is_never_passed_over(generic, line, data):
    words = line.split()
    at = data.draw(st.integers(0, len(words)))
    unknown = data.draw(
        st.sampled_from(["zorvex", ", zorvex", "(zorvex)", "or zorvex", "plus zorvex"])
    )
    text = " ".join([*words[:at], unknown, *words[at:]])
    with generic.reading() as session:
        assert quick_entry.read_list(session, text)[0].status != "clear", text


def own(session, name, **facts):
    label = Label(name=name, style="eu", basis_g=100.0, kcal=90.0, protein_g=6.0)
    new = NewFood(name=name, label=label, facts=FoodFacts(**facts))
    return shelf.add_food(session, new, datetime(2026, 5, 2, tzinfo=UTC))


@pytest.mark.parametrize(
    ("name", "line", "grams", "of"),
    [
        ("Larkfield skim milk", "1 cup larkfield skim milk", 245, "Skimmed milk"),
        ("Larkfield burger buns", "2 larkfield burger buns", 104, "Burger bun"),
        ("Larkfield carrots", "100 g larkfield carrots, as bought", 89, "Carrot"),
        ("Larkfield rice", "1 cup larkfield rice", None, ""),
        ("Larkfield whey", "1 scoop larkfield whey", None, ""),
        ("Larkfield wonder", "1 cup larkfield wonder", None, ""),
    ],
)
def test_a_package_borrows_cups_and_pieces_from_its_generic_food(stocked, name, line, grams, of):
    own(stocked, name)
    first = quick_entry.quick(stocked, line).options[0]
    reading = first.worked.readings[0]
    assert first.food == name
    assert reading.grams == (None if grams is None else pytest.approx(grams, abs=1))
    assert (f"as of “{of}" in reading.how) == bool(of)


def test_what_the_cook_has_weighed_is_never_borrowed(stocked):
    own(stocked, "Larkfield skim milk", density_g_per_ml=1.2, density_origin="weighed")
    reading = quick_entry.quick(stocked, "1 cup larkfield skim milk").options[0].worked.readings[0]
    assert reading.grams == pytest.approx(1.2 * 236.6, abs=1)
    assert "as of" not in reading.how


def test_the_kitchens_place_calls_its_foods(stocked):
    own(stocked, "Aubergine of the garden")
    house = house_settings.read(stocked)
    before = {food.name for food in FOODS.there(stocked)}
    assert {"Courgette", "Beef mince, 5 % fat, raw", "Plain flour"} <= before
    at_home = reference.write_settings(stocked, house.model_copy(update={"label_style": "us"}), NOW)
    named = {food.name for food in FOODS.there(stocked)}
    assert {"Zucchini", "Ground beef, 5 % fat, raw", "All-purpose flour"} <= named
    assert not {"Courgette", "Plain flour"} & named
    assert "Aubergine of the garden" in named
    for line, label in [
        ("100 g courgette", "Zucchini"),
        ("1 lb 95% lean ground beef", "Ground beef"),
    ]:
        read = quick_entry.quick(stocked, line)
        assert read.sure
        assert read.options[0].label.label.name.startswith(label)
        assert read.options[0].label.label.name.count("generic") == 1
    reference.write_settings(stocked, at_home.model_copy(update={"label_style": "eu"}), NOW)
    assert {food.name for food in FOODS.there(stocked)} == before


def test_a_name_that_the_cook_has_given_is_left_alone(stocked):
    own(stocked, "Zucchini")
    house = house_settings.read(stocked)
    reference.write_settings(stocked, house.model_copy(update={"label_style": "us"}), NOW)
    names = [food.name for food in FOODS.there(stocked)]
    assert names.count("Zucchini") == 1
    assert "Courgette" in names
