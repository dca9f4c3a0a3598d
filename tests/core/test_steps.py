"""Steps: quick entry, templates by family, what is forgotten, preheats and cautions."""

from pathlib import Path
from typing import get_args

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.looks import looks
from gasket.core.cooking.musts import forgotten
from gasket.core.cooking.parts import body_of, role_of
from gasket.core.cooking.placing import following, mentions
from gasket.core.cooking.preheat import with_preheats
from gasket.core.cooking.safety import InTheBuild
from gasket.core.cooking.step_text import in_degrees, read_step
from gasket.core.cooking.steps import MOST_STEPS, Step, faults, hands_on_min
from gasket.core.cooking.templates import steps_for
from gasket.core.errors import FaultyInput
from gasket.core.trade.families import FAMILIES, Call
from gasket.core.trade.step_kinds import HOT
from gasket.core.trade.temperatures import celsius, knob

TABLE = Path(__file__).with_name("typed_steps.txt").read_text(encoding="utf-8")
TYPED = [line.split(" | ") for line in TABLE.splitlines() if not line.startswith("#")]


@pytest.mark.parametrize("typed", TYPED, ids=lambda typed: typed[0])
def test_a_typed_line_becomes_its_step(typed):
    text, kind, *figures, free, says = typed
    step = read_step(text, "a")
    least, most, degrees, look = (None if one == "-" else float(one) for one in figures)
    assert (step.kind, step.least_min, step.most_min) == (kind, least, most)
    assert step.temperature_c == (None if degrees is None else pytest.approx(degrees))
    assert (step.first_look_min, step.says) == (look, says)
    assert step.hands_on is (free == "False")
    assert step.air == ("fan" if "fan" in text else "conventional")


# Without °C or °F: what it may mean, in a kitchen of degrees Fahrenheit first.
DEGREES = {
    "bake at 350 degrees 20 min": ["350 °F"],
    "350 convection 20 min": ["350 °F convection"],
    "oven at 475, 12 min": ["475 °F"],
    "keep warm at 65 degrees": ["65 °C"],
    "bake at 180 for 20 minutes": ["180 °F", "180 °C"],
    "heat the oven to 200°": ["200 °F", "200 °C"],
    "bake fan 160 25 min": ["fan 160 °F", "fan 160 °C"],
    "bake at 180 degrees Celsius 20 min": ["180 degrees Celsius"],
    "turn 90 degrees, fry 2 min": ["turn 90 degrees"],
    "bake at 350 F (175 degrees) 20 min": ["350 F (175 degrees)"],
    "bake 999 degrees": [],
}


@pytest.mark.parametrize("text", DEGREES)
def test_degrees_of_no_scale_are_taken_where_a_kitchen_knows_only_one_else_asked(text):
    meant = in_degrees(text, "F")
    assert len(meant) == len(DEGREES[text])
    assert all(part in one for part, one in zip(DEGREES[text], meant, strict=True))
    assert sorted(in_degrees(text, "C")) == sorted(meant)
    if len(meant) == 1:
        assert read_step(text, "a") == read_step(meant[0], "a")
    else:
        with pytest.raises(FaultyInput, match="°F"):
            read_step(text, "a")


def test_vessel_and_cue_are_read_out_of_the_sentence():
    step = read_step("bake in the loaf tin 180 C 45 min until a toothpick comes out clean", "a")
    assert (step.vessel, step.cue, step.tool) == (
        "loaf tin",
        "A toothpick comes out clean",
        "oven",
    )
    assert read_step("air-fry 200 C 12 min", "a").tool == "air fryer"


@pytest.mark.parametrize("text", ["", "   ", " ;: ", "chill 30 days", "bake 999 C 10 min"])
def test_a_line_that_cannot_be_a_step_is_a_sentence_at_its_field(text):
    with pytest.raises(FaultyInput) as refused:
        read_step(text, "a")
    assert refused.value.faults[0].path == "text"


@given(st.text(max_size=200))
def test_whatever_is_typed_is_a_step_or_a_sentence(text):
    try:
        step = read_step(text, "a")
    except FaultyInput:
        return
    assert step.says
    assert step.shortest_min <= step.stated_min <= step.longest_min


def test_temperatures_convert_and_a_fan_is_set_lower():
    assert celsius(320, "F") == pytest.approx(160)  # domain: 320 °F = 160 °C
    assert celsius(350, "F") == pytest.approx(176.67, abs=0.01)
    turned = knob(celsius(350, "F"))
    assert (turned.conventional_c, turned.conventional_f, turned.fan_f) == (175, 350, 325)
    fan, plain = knob(160, "fan"), knob(180, "conventional")
    assert (fan.conventional_c, fan.fan_c) == (plain.conventional_c, plain.fan_c) == (180, 160)


ROLES = {
    "Loaf": "other",
    "Frosting": "frosting",
    "Lemon glaze": "frosting",
    "Toffee sauce": "sauce",
    "Top": "topping",
    "Crumb topping": "topping",
    "Biscuit base": "base",
    "Filling": "filling",
    "Stopper": "other",
}


CALLS = st.sets(st.sampled_from([call for call in get_args(Call) if call != "parts"]))


@pytest.mark.parametrize(("name", "role"), ROLES.items())
def test_a_components_name_tells_its_role(name, role):
    assert role_of(name) == role


@pytest.mark.parametrize("family", FAMILIES)
@given(components=st.lists(st.sampled_from(sorted(ROLES)), unique=True), calls=CALLS)
def test_a_template_is_sound_and_forgets_nothing_of_its_family(family, components, calls):
    steps = steps_for(family, components, calls=calls)
    assert faults(steps) == []
    assert forgotten(steps, family, calls) == ()
    assert all(step.least_min is not None for step in steps)
    assert {name for step in steps for name in step.uses} == set(components)
    assert hands_on_min(steps) > 0


def comes_after(steps, later, sooner):
    """Whether the step that says `later` waits for the one that says `sooner`, however far."""
    by_id = {step.id: step for step in steps}
    (found,) = (step for step in steps if step.says.startswith(later))
    ahead, behind = list(found.after), []
    while ahead:
        behind.append(by_id[ahead.pop()])
        ahead.extend(behind[-1].after)
    assert any(step.says.startswith(sooner) for step in steps)
    return any(step.says.startswith(sooner) for step in behind)


@pytest.mark.parametrize(
    ("family", "components", "sooner", "later"),
    [
        ("tray", ["Pasta", "Sauce", "Top"], "Stir the sauce over low heat", "Layer it"),
        ("tray", ["Pasta", "Sauce", "Top"], "Sprinkle the top over", "Bake"),
        ("cake", ["Loaf", "Frosting"], "Cool the loaf", "Spread the frosting on the loaf"),
        ("cake", ["Frosting", "Loaf"], "Bake the loaf", "Spread the frosting on the loaf"),
        ("cake", ["Loaf", "Crumb topping"], "Sprinkle the crumb topping", "Bake"),
        ("cake", ["Loaf", "Toffee sauce", "Glaze"], "Spoon the toffee sauce", "Spread the glaze"),
        (
            "no_bake",
            ["Biscuit base", "Filling"],
            "Press the biscuit base into the tin",
            "Press the filling",
        ),
        ("pot", ["Cream", "Layers"], "Get the layers ready", "Fill the cups"),
        ("pot", ["Cream", "Dust"], "Chill", "Sprinkle the dust"),
        ("set_base", ["Base", "Sauce"], "Spoon the sauce over the base", "Cut it"),
        ("pizza", ["Base", "Glaze"], "Bake the base alone", "Spread the glaze on the base"),
        ("roll", ["Dough", "Filling"], "Roll the dough out", "Fill the dough with the filling"),
        ("roll", ["Dough", "Icing"], "Cool the dough", "Spread the icing on the dough"),
    ],
)
def test_a_component_joins_the_dish_where_its_role_has_it(family, components, sooner, later):
    steps = steps_for(family, components)
    assert comes_after(steps, later, sooner)
    assert not comes_after(steps, sooner, later)


@pytest.mark.parametrize("family", FAMILIES)
@given(
    names=st.lists(st.sampled_from(sorted(ROLES)), unique=True, min_size=1),
    calls=CALLS,
    data=st.data(),
)
def test_raw_meat_beside_the_body_is_cooked_by_some_step(family, names, calls, data):
    raw = data.draw(st.sets(st.sampled_from(names))) - {body_of(names, family)}
    steps = steps_for(family, names, (), raw, calls=calls)
    cooked = {name for step in steps if step.kind in HOT for name in step.uses}
    assert raw <= cooked
    assert faults(steps) == []


def test_raw_meat_that_bakes_with_the_rest_is_not_cooked_twice():
    def says(family, components, raw):
        return [step.says for step in steps_for(family, components, (), raw)]

    assert "Cook the mince through in the pan" in says("crepe", ["Crepe", "Mince"], {"Mince"})
    assert not any("through" in say for say in says("tray", ["Pasta", "Mince"], {"Mince"}))
    assert not any("through" in say for say in says("crepe", ["Crepe", "Mince"], set()))


def test_a_components_name_is_never_read_as_a_time_or_a_place_to_fill():
    prep = next(s for s in steps_for("tray", ["{part} 90 min", "Sauce {0}"]) if s.id == "prep")
    assert (prep.says, prep.stated_min) == ("Get everything else for the {part} 90 min ready", 8)
    many = [f"Sauce {n} {'x' * 90}" for n in range(50)]
    assert len(steps_for("cake", many)) <= MOST_STEPS


def test_what_is_forgotten_is_said_with_the_line_to_add():
    bare = (read_step("bake 175 C 30 min", "a"),)
    found = {one.must: one.text for one in forgotten(bare, "cake", {"cups"})}
    assert set(found) == {"preheat", "line", "fill"}
    assert found["preheat"] == "Preheat the oven 175 C 12 min"
    added = (*bare, *(read_step(text, key) for key, text in found.items()))
    assert forgotten(added, "cake", {"cups"}) == ()
    assert forgotten((), "cake") == ()
    egg_cups = (read_step("egg cups 350 F 30 min", "a"),)
    assert "water" in {one.must for one in forgotten(egg_cups, "tray")}


def test_a_typed_step_follows_the_last_one_on_the_same_component():
    heat = read_step("preheat the oven 175 C 10 min", "heat")
    dough = read_step("mix 5 min", "dough").model_copy(update={"uses": ("Loaf",)})
    frosting = read_step("beat 5 min", "frosting").model_copy(update={"uses": ("Frosting",)})
    bake = read_step("bake the Loaf 175 C 30 min", "bake")
    bake = bake.model_copy(update={"uses": mentions(bake.says, ["Loaf", "Frosting"])})
    placed = following((heat, dough, frosting), bake)
    assert placed.after == ("dough", "heat")
    assert following((dough,), heat).after == ()
    assert mentions("Loafers", ["Loaf"]) == ()


def test_steps_in_a_circle_and_of_one_id_are_found():
    one = Step(id="a", kind="mix", says="x", after=("b",))
    two = Step(id="b", kind="mix", says="y", after=("a",))
    assert [i for i, _ in faults((one, two))] == [0, 1]
    assert faults((one, one))[0][0] == 1
    assert faults((one,))[0] == (0, "It comes after a step that is not there.")


@pytest.mark.parametrize("family", FAMILIES)
def test_a_preheat_goes_to_what_the_next_bake_names(family):
    steps = steps_for(family, ["Main", "Crumb topping"])
    heats = [step for step in steps if step.kind == "preheat"]
    baked = [step for step in steps if step.kind == "bake" and step.temperature_c]
    assert [heat.temperature_c for heat in heats] == [one.temperature_c for one in baked[:1]]


def test_a_preheat_that_names_a_temperature_keeps_it():
    lines = ("preheat the oven 12 min", "bake 200 C 20 min", "preheat the oven 150 C", "bake 160 C")
    steps = [read_step(line, f"s{i}") for i, line in enumerate(lines)]
    assert [step.temperature_c for step in with_preheats(steps)] == [200, 200, 150, 160]


@pytest.mark.parametrize(
    ("line", "kind", "tool"),
    [
        ("Preheat the griddle 5 min", "preheat", "griddle"),
        ("Heat the pan or griddle and spray it 5 min", "pan", "stove"),
        ("Bake in the waffle iron 3 min", "machine", "waffle iron"),
        ("Spray the iron 1 min", "prep", "waffle iron"),
        ("Bake in the cast-iron skillet 20 min", "bake", "oven"),
        ("Toast in the sandwich press 3 min", "machine", "sandwich press"),
        ("Let the blended batter rest 10 min", "rest", "blender"),
        ("Slow-cook the beans on low 6 h", "prep", "slow cooker"),
        ("Brown the top with a blowtorch 1 min", "broil", "blowtorch"),
    ],
)
def test_a_step_is_of_the_kind_of_what_it_is_done_in(line, kind, tool):
    step = read_step(line, "a")
    assert (step.kind, step.tool) == (kind, tool)


def foods(*named):
    return [
        InTheBuild(name=name, kind=kind, component="all", state=state)
        for name, kind, state in named
    ]


CHILLI = ("Cook it in the slow cooker 6 h",)


@pytest.mark.parametrize(
    ("lines", "there", "codes"),
    [
        (CHILLI, [("Kidney beans, dry", "legumes", "dry")], {"slow_cooked_beans"}),
        (CHILLI, [("Kidney beans, canned", "legumes", "drained")], set()),
        (CHILLI, [("Kidney beans, boiled", "legumes", "cooked")], set()),
        (CHILLI, [("Kidney beans", "legumes", "as_prepared")], set()),
        (CHILLI, [("Red lentils", "legumes", "dry")], set()),
        (CHILLI, [("Beef mince", "mince", "frozen")], {"slow_cooked_frozen"}),
        (("Pressure-cook it 40 min",), [("Dried beans", "legumes", "dry")], {"dry_beans"}),
        (("Microwave 2 min",), [("Egg", "egg", None)], {"microwaved_egg"}),
        (("Bake 180 C 20 min",), [("Egg", "egg", None)], set()),
    ],
)
def test_an_appliance_brings_its_cautions(lines, there, codes):
    steps = [read_step(line, f"{i}") for i, line in enumerate(lines)]
    always = {"slow_cooker_fill", "pressure_fill", "pressure_opening"}
    other = {"raw_egg", "raw_batter", "uncooked", "cast_iron", "water_bath", "boil_hard"}
    found = {caution.code for caution in cautions(steps, foods(*there), None)}
    assert found - always - other == codes


def test_an_hour_of_slow_cooking_is_looked_at_less_often():
    slow, stove = (read_step(f"{text} 6 h", "a") for text in ("cook in the slow cooker", "simmer"))
    gaps = [looks(step, 360)[1] - looks(step, 360)[0] for step in (slow, stove)]
    assert gaps == [36, 5]
