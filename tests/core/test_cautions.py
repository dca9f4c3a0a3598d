"""What everybody who eats it is told, and nobody else is frightened with."""

import pytest

from gasket.core.reckoning.cautions import cautions_of_contents
from tests.batches import FLAT, result


@pytest.mark.parametrize(
    ("polyols", "flags", "codes"),
    [
        (0, (), []),
        (10, (), []),
        (10.5, (), ["polyols"]),
        (0, ("aspartame",), ["aspartame"]),
        (0, ("xylitol",), ["xylitol"]),
        (20, ("xylitol", "aspartame"), ["polyols", "aspartame", "xylitol"]),
        (0, ("raw_egg", "raw_flour"), []),
    ],
)
def test_cautions_follow_from_figures_and_flags(polyols, flags, codes):
    label = {**FLAT, "polyols_g": polyols, "polyol": "maltitol"}
    found = cautions_of_contents(result(labels={"a": label}), flags)
    assert [caution.code for caution in found] == codes
    if "polyols" in codes:
        assert f"{polyols:.0f} g polyols a serving" in found[0].says
