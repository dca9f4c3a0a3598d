"""What everybody in the trade knows: words, measures, families, appliances. The cases are data
files that a cook can read as right or wrong."""

from pathlib import Path

import pytest

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.prose import read_lines
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.trade.families.reading import read_family
from gasket.core.trade.kind_reading import read_kind
from gasket.core.trade.nutrients import BY_KEY, CALCULATED, GOALS, PRINTED
from gasket.core.trade.quantities import GRAMS_PER, MILLILITRES_PER, HouseholdSystem
from tests.core.facts import SHEETS

HERE = Path(__file__).parent


def words_of(file):
    """Each row of a file: what is said, and the words that say it."""
    rows = (HERE / file).read_text(encoding="utf-8").splitlines()
    cells = ([cell.strip() for cell in row.split("|")] for row in rows if row[:1] != "#")
    return [pytest.param(key, words, id=key) for key, *words in cells]


@pytest.mark.parametrize(("unit", "words"), words_of("unit_words.txt"))
def test_a_unit_is_read_however_it_is_written(unit, words):
    read = {word: parse_entry(f"2 {word} xyzzy") for word in words}
    told = {word: ([one.unit for one in line.quantities], line.food) for word, line in read.items()}
    assert told == dict.fromkeys(words, ([unit], "xyzzy"))


@pytest.mark.parametrize(("kind", "words"), words_of("kind_words.txt"))
def test_a_food_alone_says_its_kind(kind, words):
    assert {word: read_kind(word) for word in words} == dict.fromkeys(words, kind)


@pytest.mark.parametrize(("family", "words"), words_of("family_words.txt"))
def test_a_dish_alone_says_its_family(family, words):
    assert {word: read_family(word).key for word in words} == dict.fromkeys(words, family)


@pytest.mark.parametrize(("sure", "words"), words_of("step_words.txt"))
def test_a_word_begins_a_step(sure, words):
    """Whatever follows it, or only with an object that says so."""
    said = "{} everything together" if sure == "always" else "{} the dough with care"
    assert {line.kind for line in read_lines([said.format(word) for word in words])} == {"step"}
    (other,) = read_lines([said.format("xyzzy")])
    assert other.kind == "ingredient"


@pytest.mark.parametrize("sheet", SHEETS)
def test_what_is_usual_is_what_the_sheet_says(sheet):
    assert list(SHEETS[sheet]()) == (HERE / sheet).read_text(encoding="utf-8").splitlines()


@pytest.mark.parametrize(
    ("system", "measure", "ml"),
    [
        # NIST Special Publication 811 for the US, the UK's Weights and Measures Act for the pint.
        (HouseholdSystem.US, "cup", 236.5882),
        (HouseholdSystem.US, "tbsp", 14.7868),
        (HouseholdSystem.US, "tsp", 4.9289),
        (HouseholdSystem.US, "fl oz", 29.5735),
        (HouseholdSystem.US, "pint", 473.1765),
        (HouseholdSystem.US_LABEL, "cup", 240),  # 21 CFR 101.9(b)(5)(viii)
        (HouseholdSystem.US_LABEL, "fl oz", 30),
        (HouseholdSystem.UK, "pint", 568.2613),
        (HouseholdSystem.UK, "fl oz", 28.4131),
        (HouseholdSystem.AU, "cup", 250),
        (HouseholdSystem.AU, "tbsp", 20),
    ],
)
def test_a_measure_holds_what_its_country_says(system, measure, ml):
    assert MILLILITRES_PER[system][measure] == pytest.approx(ml, abs=1e-4)


def test_weights_are_those_of_the_international_pound():
    assert GRAMS_PER["lb"] == pytest.approx(453.592, abs=0.001)
    assert GRAMS_PER["oz"] == pytest.approx(28.3495, abs=0.0001)
    assert (GRAMS_PER["kg"], GRAMS_PER["g"]) == (1000, 1)


def test_reference_amounts_are_those_of_the_us():
    """21 CFR 101.12(b), from memory."""
    amounts = {key: amount.grams for key, amount in REFERENCE_AMOUNTS.items()}
    assert amounts == {
        **{"muffin": 110, "pancakes": 110, "waffle": 85, "brownie": 40, "cookie": 30},
        **{"sweet_roll": 55, "heavy_cake": 125, "medium_cake": 80, "pie": 125, "sandwich": 140},
        **{"pudding": 130, "ice_cream": 95, "mixed_dish": 170},
    }
    assert [key for key, one in REFERENCE_AMOUNTS.items() if one.main_dish] == ["mixed_dish"]


def test_what_one_law_alone_prints_is_printed_too():
    only_one = {key for key, row in BY_KEY.items() if (row.us is None) != (row.eu is None)}
    assert {"cholesterol_mg", "salt_g"} <= only_one
    assert only_one <= set(PRINTED)
    assert set(GOALS) <= set(CALCULATED)
