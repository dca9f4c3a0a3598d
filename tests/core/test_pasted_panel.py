"""A panel as it is copied: every figure read, from the column that is meant, and the rest shown."""

from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from gasket.core.errors import FaultyInput
from gasket.core.label.pasted_panel import read_panel

TABLE = Path(__file__).with_name("pasted_panels.txt").read_text(encoding="utf-8")
PANELS = [line.split(" => ") for line in TABLE.splitlines() if line and line[0] != "#"]


def brief(panel):
    """The style and every figure that is known, as the table spells them."""
    known = panel.model_dump(exclude_none=True)
    style = known.pop("style", "-")
    words = {
        key: ", ".join(value) if isinstance(value, tuple) else value
        for key, value in known.items()
        if value not in ("", ())
    }
    return style, {
        key: value if isinstance(value, str) else f"{value:g}" for key, value in words.items()
    }


@pytest.mark.parametrize(("text", "says"), PANELS)
def test_a_copied_panel_is_read(text, says):
    style, _, rest = says.partition(" ")
    figures, _, unused = rest.partition(" unused=")
    expected = dict(part.split("=") for part in figures.split())
    if unused:
        expected["unused"] = unused
    assert brief(read_panel(text.replace(" / ", "\n"))) == (style, expected)


SIZES = ["40 g", "1/3 cup (40g)", "2 pieces (40 g)"]
grams = st.integers(0, 400).map(lambda tenths: tenths / 10)
US_ROWS = {
    "fat_g": "Total Fat",
    "saturated_g": "Saturated Fat",
    "carbohydrate_g": "Total Carbohydrate",
}
US_ROWS |= {"fibre_g": "Dietary Fiber", "sugars_g": "Total Sugars", "protein_g": "Protein"}
EU_ROWS = {"fat_g": "Fat", "saturated_g": "of which saturates", "carbohydrate_g": "Carbohydrate"}
EU_ROWS |= {
    "sugars_g": "of which sugars",
    "fibre_g": "Fibre",
    "protein_g": "Protein",
    "salt_g": "Salt",
}


@st.composite
def printed_panels(draw):
    """A panel as some pack prints it, and what it says."""
    us = draw(st.booleans())
    rows = US_ROWS if us else EU_ROWS
    said = {key: draw(grams) for key in rows} | {"kcal": float(draw(st.integers(2, 900)))}
    unit, gap = draw(st.sampled_from(["g", " g"])), draw(st.sampled_from([" ", ": ", "\t"]))
    between = draw(st.sampled_from(["\n", "  ", " \n "]))
    comma, two = draw(st.booleans()) and not us, draw(st.booleans())
    mark = (lambda text: text.replace(".", ",")) if comma else (lambda text: text)

    def row(name, value, percent=""):
        second = f" {value * 3:.1f}{unit}{percent}" if two else ""
        return name + gap + mark(f"{value:.1f}{unit}{percent}{second}")

    if us:
        head = [f"Serving size{gap}{draw(st.sampled_from(SIZES))}"]
        head.append(
            f"Calories{gap}{said['kcal']:.0f}" + (f" {3 * said['kcal']:.0f}" if two else "")
        )
        said["basis_g"] = 40.0
        percent = draw(st.sampled_from(["", " 12%"]))
    else:
        head = ["per 100 g" + (" per portion (300 g)" if two else "")]
        kj = round(said["kcal"] * 4.184)
        said |= {"basis_g": 100.0, "kj": float(kj)}
        ways = [f"{kj} kJ / {said['kcal']:.0f} kcal", f"{kj}kJ/{said['kcal']:.0f}kcal"]
        again = f" {3 * kj} kJ / {3 * said['kcal']:.0f} kcal" if two else ""
        head.append(f"Energy{gap}{draw(st.sampled_from(ways))}{again}")
        percent = ""
    lines = [*head, *(row(rows[key], said[key], percent) for key in rows)]
    return between.join(lines), said


@settings(max_examples=200)
@given(printed_panels())
def test_whatever_its_layout_a_panel_says_what_is_printed(panel):
    text, said = panel
    read = read_panel(text)
    assert {key: getattr(read, key) for key in said} == said
    assert read.unused == ()


@pytest.mark.parametrize("text", ["", "hello there", "Fat", "12 34 56", "2 eggs and a cup of milk"])
def test_what_is_no_panel_is_refused(text):
    with pytest.raises(FaultyInput):
        read_panel(text)
