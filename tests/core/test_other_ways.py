"""Other ways to do a step: in another appliance, in another vessel, without what is missing."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.cooking.paths import goes_here, moved, needs, ways, without_missing
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import faults
from gasket.core.cooking.ways import Surroundings, fits
from gasket.core.trade.appliances import TOOLS, WAYS
from gasket.core.trade.families import FAMILIES

NEEDING = {
    "oven": "bake in the cups 180 C 20 min",
    "fan oven": "bake in the tin 160 C fan 20 min",
    "air fryer": "air fry 180 C 12-16 min",
    "microwave": "microwave 2 min",
    "griddle": "cook on the griddle 4 min",
    "sandwich press": "press in the sandwich press 4 min",
    "waffle iron": "cook each in the waffle iron 3 min",
    "blender": "blend it smooth 1 min",
    "stand mixer": "beat with the stand mixer 4 min",
    "ice cream machine": "churn 25 min",
    "piping bag": "pipe it on 3 min",
    "blowtorch": "brown the top with a blowtorch 1 min",
    "slow cooker": "cook the filling in the slow cooker 5 h",
    "pressure cooker": "pressure-cook the filling 40 min",
}


def needing(tool):
    return read_step(NEEDING[tool], "a")


@pytest.mark.parametrize("tool", TOOLS)
def test_every_tool_that_may_be_missing_is_read_and_has_a_way_without_it(tool):
    step, kitchen = needing(tool), Surroundings(missing=frozenset({tool}))
    assert needs(step) == tool
    found = without_missing([step], kitchen)
    assert all(needs(one) != tool for one in found)
    assert found[-1].id == "a"
    assert faults(found) == []
    assert without_missing([step], Surroundings()) == (step,)


def test_another_vessel_is_no_way_out_where_the_oven_is_missing():
    step = needing("oven")
    only_vessels = Surroundings(missing=frozenset({"oven", "fan oven", "air fryer"}))
    assert without_missing([step], only_vessels) == (step,)
    assert not any(goes_here(way, step, only_vessels) for way in ways(step, only_vessels))
    (*_, fried) = without_missing([step], Surroundings(missing=frozenset({"oven", "fan oven"})))
    assert fried.tool == "air fryer"


@pytest.mark.parametrize("way", WAYS, ids=lambda way: way.key)
@given(
    least=st.floats(0.5, 200),
    more=st.floats(1, 2),
    piece_g=st.one_of(st.none(), st.floats(5, 900)),
    family=st.sampled_from(FAMILIES),
)
def test_a_way_keeps_what_a_step_is_for(way, least, more, piece_g, family):
    kitchen = Surroundings(family, piece_g)
    for text in NEEDING.values():
        step = read_step(text, "a").model_copy(
            update={
                **{"uses": (), "least_min": least, "most_min": least * more, "after": ("h",)},
                "first_look_min": 0.8 * least,
            }
        )
        heat = read_step("preheat the oven 12 min", "h").model_copy(update={"tool": step.tool})
        other = read_step("cool 5 min", "b").model_copy(update={"after": ("a",)})
        found = moved([heat, step, other], "a", way.key, kitchen)
        new = next(one for one in found if one.id == "a")
        assert faults(tuple(found)) == []
        assert found[-1] == other
        assert (new.least_min or 0) <= (new.most_min or 0)
        assert (new.first_look_min or 0) <= (new.least_min or 0) + 0.01 or new.least_min is None
        if not fits(way, step, kitchen):
            assert found == (heat, step, other)
        elif new.tool != step.tool:
            assert all(one.tool != step.tool for one in found)


@pytest.mark.parametrize(
    ("text", "way", "degrees", "window"),
    [
        ("bake 180 C 20-30 min", "in the fan oven", 160, (20, 30)),
        ("bake 350 F 20-30 min", "in the fan oven", 162.78, (20, 30)),
        ("bake 160 C fan 20-30 min", "in still air", 180, (20, 30)),
        ("bake 180 C 20-30 min", "in the air fryer", 165, (14, 24)),
        ("bake 160 C fan 20-30 min", "in the air fryer", 165, (14, 24)),
        ("air fry 185 C 12-16 min", "in the oven", 200, (15, 22.4)),
        ("bake in the cups 180 C 20 min", "as one slab in a tray", 180, (28, 28)),
        ("bake in the tin 180 C 17 min", "in silicone", 180, (18.02, 20.06)),
        ("bake in the dish 180 C 20 min", "in glass", 180, (22, 23)),
    ],
)
def test_heat_and_time_move_with_the_way(text, way, degrees, window):
    (*_, new) = moved([read_step(text, "a")], "a", way, Surroundings(piece_g=60))
    assert new.temperature_c == pytest.approx(degrees, abs=0.01)
    assert (new.least_min, new.most_min) == pytest.approx(window)


def test_small_pieces_take_less_still_in_the_air_fryer():
    step = read_step("bake 180 C 20-30 min", "a")
    (*_, new) = moved([step], "a", "in the air fryer", Surroundings(piece_g=30))
    assert (new.least_min, new.most_min, new.first_look_min) == (12, 18, 7.5)


def test_what_heated_up_for_the_step_alone_goes_with_it():
    heat = read_step("preheat the oven 180 C 12 min", "h")
    bake = read_step("bake 180 C 20 min", "a").model_copy(update={"after": ("h",)})
    other = bake.model_copy(update={"id": "b"})
    found = moved([heat, bake], "a", "in the air fryer", Surroundings())
    assert [(one.tool, one.says) for one in found] == [
        ("air fryer", "Preheat the air fryer"),
        ("air fryer", "Bake, in the air fryer"),
    ]
    assert (found[0].temperature_c, found[1].after) == (165, ("heat-a",))
    shared = moved([heat, bake, other], "a", "in the air fryer", Surroundings())
    assert [one.id for one in shared] == ["h", "heat-a", "a", "b"]
    back = moved(found, "a", "in the oven", Surroundings())
    assert [one.says for one in back] == ["Preheat the oven", "Bake, in the oven"]
    (cooler, _) = moved([heat, bake], "a", "in the fan oven", Surroundings())
    assert (cooler.temperature_c, cooler.air) == (160, "fan")
