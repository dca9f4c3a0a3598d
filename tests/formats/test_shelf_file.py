"""The shelf as CSV: what goes out comes in the same, and faults are named by their columns."""

import csv
import io

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.errors import FaultyInput
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.trade.nutrients.figure_types import FIGURES
from gasket.formats.shelf_csv import COLUMNS, ShelfRow, Table, dump_shelf, parse_row
from gasket.kitchen.shelf.reference import sheet

amounts = st.one_of(st.integers(0, 900).map(float), st.floats(0, 900).map(lambda x: round(x, 3)))
possible = st.floats(0, 27).map(lambda x: round(x, 3))
"""What 28 g may hold of anything."""
words = st.text(
    st.characters(codec="utf-8", exclude_categories=("Cs", "Cc")), min_size=1, max_size=20
).filter(lambda text: text.strip() == text and text != "")
aliases = words.filter(lambda text: not set(text) & set(";|"))


@st.composite
def labels(draw):
    figures = draw(st.dictionaries(st.sampled_from(FIGURES), possible, max_size=8))
    below = draw(st.lists(st.sampled_from(sorted(figures)), max_size=2)) if figures else []
    basis = draw(
        st.sampled_from(
            [
                {"basis_g": 31.0},
                {"basis_ml": 100.0, "density_g_per_ml": 1.03},
                {"basis_pieces": 2.0, "piece": "slice"},
                {"basis_g": 28.0, "basis_pieces": 1.0, "piece": "slice"},
            ]
        )
    )
    style = draw(st.sampled_from(["us", "eu", "table"]))
    more = {"spread": 0.2} if style == "table" else {}
    return Label(name=draw(words), style=style, below=tuple(below), **basis, **more, **figures)


packages = st.builds(
    Package,
    pack_g=st.one_of(st.none(), st.floats(1, 5000)),
    price=st.one_of(st.none(), amounts),
    state=st.one_of(st.none(), st.sampled_from(["raw", "as_prepared"])),
    allergens=st.lists(st.sampled_from(["milk", "egg"]), unique=True).map(tuple),
    does=st.lists(st.sampled_from(["dries", "sweetens"]), unique=True).map(tuple),
    flags=st.lists(st.sampled_from(["raw_egg", "xylitol"]), unique=True).map(tuple),
    note=st.one_of(st.just(""), words),
)
facts = st.builds(
    FoodFacts,
    aliases=st.lists(aliases, max_size=3).map(tuple),
    density_g_per_ml=st.one_of(st.none(), st.floats(0.1, 2)),
    measures=st.sampled_from([(), ({"name": "large (UK)", "grams": 58, "origin": "weighed"},)]),
    refuse_share=st.one_of(st.none(), st.floats(0, 0.9)),
    buy_rule=st.one_of(st.just(""), words),
)
rows = st.builds(ShelfRow, food=words, facts=facts, label=labels(), package=packages)


def read(text):
    return [parse_row(cells) for _, cells in Table(text.encode()).records()]


@given(st.lists(rows, min_size=1, max_size=4))
def test_every_label_comes_back_from_a_file_as_it_went_out(shelf):
    assert read("".join(dump_shelf(shelf))) == shelf


@pytest.mark.parametrize(
    "name", ["=1+1", "+49 quark", "-skyr", "@home", "'quoted", "\tTab", "“plain”"]
)
def test_no_cell_begins_a_formula_and_the_text_survives(name):
    if name.strip() != name:
        name = name.strip()
    label = Label(name=name, style="eu", basis_g=100)
    text = "".join(dump_shelf([ShelfRow(food=name, label=label, package=Package(note=name))]))
    cells = [cell for row in csv.reader(io.StringIO(text)) for cell in row]
    assert not [cell for cell in cells if cell.startswith(("=", "+", "-", "@", "\t", "\r"))]
    assert read(text)[0].label.name == name


def test_what_a_cook_types_in_a_spreadsheet_is_understood():
    text = (
        "Food;Style;Basis g;kcal;Fat g;Fibre g;Protein g;Measures;Colour\n"
        'Quark;eu;100;67;"0,2";<0,5;12;cup = 225; blue\n'
        "\n"
        'Oats;US;40;1.200,5;1/2;;5,25 g;"large = 50 weighed; small=4,125";\n'
    )
    table = Table(text.encode("utf-16"))
    assert table.unknown == ("Colour",)
    with pytest.raises(FaultyInput, match=r"1200\.5 is more than 40 g can hold"):
        [parse_row(cells, table.numbers) for _, cells in table.records()]
    table = Table(text.replace("1.200,5", "120,5").encode("utf-16"))
    quark, oats = (parse_row(cells, table.numbers) for _, cells in table.records())
    assert (quark.label.fat_g, quark.label.fibre_g, quark.label.below) == (0.2, 0.5, ("fibre_g",))
    assert quark.label.name == "Quark", "a row without a package is named like its food"
    assert (oats.label.kcal, oats.label.fat_g, oats.label.fibre_g) == (120.5, 0.5, None)
    assert [(measure.name, measure.grams, measure.origin) for measure in oats.facts.measures] == [
        ("large", 50, "weighed"),
        ("small", 4.125, "typical"),
    ]


ONE = "food;style;basis_g;salt_g;fat_g;protein_g\n"
COMMAS = ONE.replace(";", ",")


@pytest.mark.parametrize(
    ("text", "salt"),
    [
        (ONE + "Ham;eu;100;0,125;3;20\n", 0.125),
        (ONE + "Ham;eu;100;1,125;3;20\n", 1.125),
        (ONE + "Ham;eu;100;1.125;3.5;20\n", 1.125),
        (ONE + "Ham;eu;1.000;1,5;3;20\n", 1.5),
        (COMMAS + "Ham,eu,100,1.125,3,20\n", 1.125),
        (COMMAS + 'Ham,eu,"1,000",1.125,3.5,20\n', 1.125),
        (COMMAS + 'Ham,eu,100,"1,125","3,5",20\n', 1.125),
        (COMMAS + 'Ham,eu,"1.234,5",1,3,20\n', 1.0),
        ("sep=;\r\n" + ONE + "Ham;eu;100;0,125;3;20\n", 0.125),
    ],
)
@pytest.mark.parametrize("encoding", ["utf-8", "utf-8-sig", "utf-16", "utf-16-le", "utf-16-be"])
def test_decimals_are_understood_file_by_file(text, salt, encoding):
    table = Table(text.encode(encoding))
    [(_, cells)] = table.records()
    row = parse_row(cells, table.numbers)
    assert row.label.salt_g == salt
    assert row.label.basis_g in (100, 1000, 1234.5)


def test_a_number_that_could_be_two_in_a_mixed_file_is_refused_and_the_rest_is_read():
    table = Table(ONE + "Ham;eu;100;0,5;3.5;20\nEgg;eu;100;1,125;3.5;12\n")
    (_, ham), (_, egg) = table.records()
    assert parse_row(ham, table.numbers).label.salt_g == 0.5
    with pytest.raises(FaultyInput, match="salt_g: “1,125” could be two numbers"):
        parse_row(egg, table.numbers)


@pytest.mark.parametrize(
    ("cells", "at", "says"),
    [
        ({"style": "eu", "basis_g": "100"}, "food", "missing"),
        ({"food": "A", "basis_g": "100"}, "style", "missing"),
        ({"food": "A", "style": "eu"}, "basis_g", "grams, millilitres or pieces"),
        ({"food": "A", "style": "xx", "basis_g": "100"}, "style", "must be"),
        ({"food": "A", "style": "eu", "basis_g": "0"}, "basis_g", "more than 0"),
        ({"food": "A", "style": "eu", "basis_g": "1", "kcal": "lots"}, "kcal", "not a number"),
        ({"food": "A", "style": "eu", "basis_g": "1", "fat_g": "-2"}, "fat_g", "less than 0"),
        (
            {"food": "A", "style": "eu", "basis_g": "1", "allergens": "dust"},
            "allergens[0]",
            "must be",
        ),
        (
            {"food": "A", "style": "eu", "basis_g": "1", "measures": "cup"},
            "measures",
            "not a number",
        ),
        ({"food": "A", "style": "eu", "basis_g": "1", "refuse_share": "2"}, "refuse_share", ""),
    ],
)
def test_a_faulty_row_is_named_by_its_column(cells, at, says):
    with pytest.raises(FaultyInput) as refused:
        parse_row(cells)
    fault = refused.value.faults[0]
    assert fault.path == at
    assert says in fault.message


@pytest.mark.parametrize(
    ("content", "says"),
    [
        (b"", "empty"),
        (b"name,kcal\nA,1\n", "no column"),
        (b"food,food\nA,B\n", "twice"),
        (b"food,style\n" + b"A,eu\n" * 50_001, "at most 50,000 rows"),
    ],
)
def test_what_is_no_shelf_file_is_refused_whole(content, says):
    with pytest.raises(FaultyInput, match=says):
        Table(content)


def test_the_reference_shelf_is_a_shelf_file_of_typical_values_that_agree_with_themselves():
    from gasket.core.label.audit import audit

    shelf = [parse_row(cells) for _, cells in Table(sheet("us")).records()]
    assert len({row.food.casefold() for row in shelf}) == len(shelf) >= 450
    assert {row.label.style for row in shelf} == {"table"}
    assert all(row.label.name.endswith("(generic)") for row in shelf)
    assert [row.food for row in shelf if audit(row.label).verdict != "agrees"] == []
    assert [row.food for row in shelf if audit(row.label).impossible] == []
    with_density = [row for row in shelf if row.facts.density_g_per_ml]
    assert len(with_density) > 450
    assert sum(bool(row.facts.measures) for row in shelf) >= 200
    assert sum(bool(row.facts.refuse_share) for row in shelf) >= 40


def test_every_column_is_one_of_a_row():
    assert len(set(COLUMNS)) == len(COLUMNS)
    out = next(dump_shelf([])).strip()
    assert out == ",".join(COLUMNS)


@pytest.mark.parametrize("cell", ["9" * 400, "1e999", "9" * 400 + "/7"])
def test_a_number_that_no_machine_holds_fails_its_row_alone(cell):
    table = Table(f"food,style,basis_g,kcal\nA,eu,100,{cell}\nB,eu,100,5\n".encode())
    (_, bad), (_, good) = table.records()
    with pytest.raises(FaultyInput) as refused:
        parse_row(bad)
    assert refused.value.faults[0].path == "kcal"
    assert parse_row(good).label.kcal == 5
