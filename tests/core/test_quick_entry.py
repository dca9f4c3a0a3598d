"""Lines of recipes, read and spelled again: a table of shapes, and what is written reads back."""

from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.model import Entry, Quantity
from gasket.core.entry.spelling import written
from gasket.core.entry.words import PACKS, UNITS
from gasket.core.errors import FaultyInput

TABLE = Path(__file__).with_name("recipe_lines.txt").read_text(encoding="utf-8")
LINES = [line.split(" => ") for line in TABLE.splitlines() if not line.startswith("#")]


def spelled(quantity):
    low, high = quantity.low, quantity.high
    number = f"{low:g}" if low == high else f"{low:g}-{high:g}"
    return " ".join(word for word in (number, quantity.fill, quantity.unit) if word)


def brief(entry):
    amount = " + ".join(map(spelled, entry.quantities)) or "-"
    if entry.each:
        amount += f" of {spelled(entry.each)}" + (" protein" if entry.protein_said else "")
    if entry.also:
        amount += f" ({spelled(entry.also)})"
    if entry.otherwise:
        amount += f" or {spelled(entry.otherwise)}"
    said = [entry.part, *entry.states, entry.bought]
    said += ["to taste" if entry.to_taste else "", "optional" if entry.optional else ""]
    said += [f"“{entry.note}”" if entry.note else ""]
    marks = ", ".join(word for word in said if word)
    return " | ".join([amount, entry.food, *([marks] if marks else [])])


def test_the_table_is_as_long_as_the_trade_is_various():
    assert len(LINES) >= 150
    assert len({line for line, _ in LINES}) == len(LINES)


@pytest.mark.parametrize(
    ("spoken", "plain"),
    [
        ("half-dozen eggs", "6 pieces eggs"),
        ("a third of a cup sugar", "1/3 cup sugar"),
        ("one and a half cups flour", "1 1/2 cups flour"),
        ("2 and 3/4 cups flour", "2 3/4 cups flour"),
        ("8 fl. oz. milk", "8 fl oz milk"),
        ("two thirds cup oats", "2/3 cup oats"),
        ("2 dozen eggs", "24 pieces eggs"),
        ("1 cup + 2 tbsp flour", "1 cup plus 2 tbsp flour"),
    ],
)
def test_spoken_amounts_are_read_like_plain_ones(spoken, plain):
    assert parse_entry(spoken) == parse_entry(plain)


@pytest.mark.parametrize("line", ["1 cup minus 1 tbsp flour", "salt and pepper", "1 egg + 1 white"])
def test_what_would_be_read_wrong_is_asked(line):
    with pytest.raises(FaultyInput):
        parse_entry(line)


@pytest.mark.parametrize(("line", "meant"), LINES)
def test_a_line_is_read_as_a_cook_means_it(line, meant):
    entry = parse_entry(line)
    assert brief(entry) == meant
    once = entry.model_copy(update={"otherwise": None})
    assert parse_entry(written(entry)) == once, "its canonical spelling reads back the same"


numbers = st.one_of(
    st.integers(1, 9999).map(float),
    st.integers(1, 99_999).map(lambda n: n / 100),
    st.sampled_from([1 / 3, 2 / 3, 8 / 3, 1 / 6, 1 / 7, 0.125]),
)
FOODS = ["cottage cheese", "oats", "dark chocolate", "rice", "pea protein", "quark 0.2 % fat"]


@st.composite
def quantities(draw):
    low = draw(numbers)
    high = draw(st.one_of(st.just(low), numbers.filter(lambda n: n > low)))
    unit = draw(st.sampled_from(["", *UNITS]))
    fill = draw(st.sampled_from(["", "level", "heaped", "scant"])) if unit else ""
    return Quantity(low=low, high=high, unit=unit, fill=fill)


@st.composite
def entries(draw):
    one = draw(quantities())
    more = {}
    if draw(st.booleans()) and one.unit in PACKS:
        size = Quantity(low=draw(numbers), high=0, unit=draw(st.sampled_from(["g", "oz", "ml"])))
        one = one.model_copy(update={"high": one.low, "fill": ""})
        more["each"] = size.model_copy(update={"high": size.low})
    elif one.unit and one.unit not in PACKS and draw(st.booleans()):
        said = draw(numbers)
        more["also"] = Quantity(low=said, high=said, unit="g")
    if draw(st.booleans()):
        more["part"] = draw(st.sampled_from(["juice", "zest", "juice and zest"]))
    more["states"] = tuple(draw(st.lists(st.sampled_from(["cooked", "raw"]), max_size=1)))
    more["to_taste"] = draw(st.booleans())
    more["optional"] = draw(st.booleans())
    more["note"] = draw(st.sampled_from(["", "chopped", "at room temperature"]))
    return Entry(food=draw(st.sampled_from(FOODS)), quantities=(one,), **more)


@given(entries())
def test_what_is_written_reads_back(entry):
    assert parse_entry(written(entry)) == entry


@given(st.text(max_size=80))
def test_any_text_is_read_or_refused_with_a_sentence(text):
    refused = None
    try:
        entry = parse_entry(text)
    except FaultyInput as error:
        refused = error.faults[0]
    if refused is None:
        assert entry.food or entry.quantities
    else:
        assert (refused.path, refused.message[-1]) == ("text", ".")


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("", "Type an amount"),
        ("   ", "Type an amount"),
        ("1/0 cup milk", "below the line"),
        ("99999999999 g salt", "That’s a lot"),
        ("x" * 400, "at most 300"),
        ("1e9 g butter", "cannot be read"),
        ("1.2.3 g salt", "cannot be read"),
        ("1'200 g flour", "cannot be read"),
        ("-5 g butter", "less than 0"),
        ("1e9 g butter", "“1e9” cannot"),
        ("butter -5 g", "in front"),
        ("butter 1e3 g", "cannot be read"),
        ("-1/2 cup milk", "less than 0"),
    ],
)
def test_what_cannot_be_a_line_is_refused(text, says):
    with pytest.raises(FaultyInput, match=says):
        parse_entry(text)
