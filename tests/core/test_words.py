"""Figures and times in words: as the pages write them."""

import json
from pathlib import Path

import pytest

from gasket.core.trade.words import figure_words, minutes_words, with_article

CASES = json.loads((Path(__file__).parents[1] / "cases" / "words.json").read_text())


@pytest.mark.parametrize(("value", "unit", "says"), CASES["figures"])
def test_a_figure(value, unit, says):
    assert figure_words(value, unit) == says


@pytest.mark.parametrize(("minutes", "says"), CASES["minutes"])
def test_minutes(minutes, says):
    assert minutes_words(minutes) == says


@pytest.mark.parametrize(
    ("name", "says"),
    [("Loaf", "the loaf"), ("BBQ sauce", "the BBQ sauce"), ("My base", "my base"), ("T", "the T")],
)
def test_a_component_in_a_sentence(name, says):
    assert with_article(name) == says
