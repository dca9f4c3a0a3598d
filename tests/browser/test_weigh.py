"""At the scale: no touch at all, slips, other ways, several devices, a screen to read from afar."""

import re

import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_path import act_at_scale, press_alone, reading

FAKES = """
window.said = [];
window.locks = 0;
Object.defineProperty(window, 'speechSynthesis', { value: {
  cancel() {}, speak(one) { window.said.push(one.text); },
} });
window.SpeechSynthesisUtterance = function (text) { this.text = text; };
Object.defineProperty(navigator, 'wakeLock', { value: {
  request: async () => { window.locks += 1; return { release: async () => {} }; },
} });
window.SpeechRecognition = class {
  static async available(of) { return of.processLocally ? 'available' : 'unavailable'; }
  start() {
    if (!this.processLocally) throw new Error('what is said leaves the machine');
    this.onresult({ results: [[{ transcript: 'skim quark' }]] });
    this.onend();
  }
  abort() {}
};
"""
POURED_S = 90
THIN = "\u202f"


def begin(page: Page, trial: int = 1, **how) -> dict:
    sheet = page.request.post(f"/api/trials/{trial}/batches", data=how).json()
    page.goto(f"/dishes/{sheet['dish_id']}/weigh?batch={sheet['id']}")
    return sheet


NOTHING_WAITS = "() => !Object.keys(localStorage).some((key) => key.startsWith('gasket.capture.'))"


def on_the_server(page: Page, sheet: dict) -> dict:
    return page.request.get(f"/api/batches/{sheet['id']}").json()


def stored(page: Page, sheet: dict) -> dict:
    """The weigh-in as the server has it, once every capture has reached it."""
    page.wait_for_function(NOTHING_WAITS)
    return on_the_server(page, sheet)


def lines(page: Page):
    return page.get_by_role("region", name="Lines")


def heading(page: Page):
    return page.get_by_role("heading", level=1)


def steady(page: Page, shown: str) -> None:
    expect(reading(page)).to_have_text(shown)
    expect(reading(page)).to_have_attribute("data-stable", "true")


def another_way(page: Page, way: str):
    page.keyboard.press("e")
    dialog = page.get_by_role("dialog")
    dialog.get_by_role("button", name=way, exact=True).click()
    return dialog


def type_in(page: Page, grams: int) -> None:
    dialog = another_way(page, "Type it in")
    dialog.get_by_label(re.compile("Grams")).fill(str(grams))
    dialog.get_by_role("button", name="Record it").click()


def short_build(page: Page) -> int:
    """Trial 1 with two bowls, a small line for the pocket scale and one out of its pack."""
    trial = page.request.get("/api/trials/1").json()
    loaf, frosting = trial["build"]["components"]
    by_grams = sorted(loaf["lines"], key=lambda line: line["target_g"])
    loaf["lines"] = [by_grams[-1], next(gram for gram in by_grams if gram["target_g"] == 4)]
    frosting["lines"] = frosting["lines"][:1]
    edit = {"version": trial["version"], "build": trial["build"]}
    assert page.request.put("/api/trials/1/build", data=edit).status == 200
    return 3


def test_a_whole_weigh_in_without_a_single_touch(page: Page):
    count = short_build(page)
    sheet = begin(page)
    expect(reading(page)).to_be_visible()
    go = page.request.put(f"/api/batches/{sheet['id']}/rehearsal", data={"on": True, "seed": 3})
    assert go.status == 204
    done = page.get_by_text("Every line is weighed or skipped")
    expect(done).to_be_visible(timeout=POURED_S * 1000)
    expect(lines(page)).to_contain_text(f"{count} of {count}")
    weighed = stored(page, sheet)
    for line in weighed["lines"]:
        assert line["origin"] == "automatic"
        assert line["net_g"] == pytest.approx(line["target_g"], rel=0.03, abs=0.15)
    assert set(weighed["tares"]) == {"kitchen scale", "pocket scale"}
    assert set(weighed["empty_g"]) >= {"Loaf", "Frosting"}


def test_too_much_offers_three_ways_and_carries_the_ratio_on(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    first, second = sheet["lines"][:2]
    act_at_scale(page, "scoop", first["target_g"] * 1.1)
    steady(page, f"{first['target_g'] * 1.1:.0f}")
    choices = page.get_by_role("region", name="Too much")
    expect(choices.get_by_role("button", name=re.compile("Accept it"))).to_contain_text("kcal")
    accessible()
    page.keyboard.press("2")
    expect(heading(page)).to_have_text(second["name"])
    expect(lines(page)).to_contain_text(f"{second['target_g'] * 1.1:.0f} g")
    page.keyboard.press("Backspace")
    expect(lines(page)).to_contain_text(f"{second['target_g']:.0f} g")


def test_too_much_is_asked_about_however_it_was_taken(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    first, second = sheet["lines"][:2]
    much = round(first["target_g"] * 1.2)
    # typed in: nothing is recorded before the cook has chosen
    type_in(page, much)
    choices = page.get_by_role("region", name="Too much")
    expect(choices).to_contain_text("weigh it or type it anew")
    accessible()
    assert stored(page, sheet)["lines"][0]["status"] == "open"
    choices.get_by_role("button", name=re.compile("^Take .* back")).click()
    expect(choices).to_have_count(0)
    # asked for before anything was poured: nothing is no weight of it
    page.keyboard.press("Space")
    expect(page.get_by_text("Nothing has been poured yet.", exact=True)).to_be_visible()
    assert stored(page, sheet)["lines"][0]["status"] == "open"
    # asked for while it was still being poured: it stands still, too much, and is not taken
    act_at_scale(page, "settling", 1.5)
    act_at_scale(page, "scoop", much)
    expect(page.get_by_test_id("reading")).to_have_attribute("data-stable", "false")
    expect(page.get_by_test_id("reading")).not_to_have_text("0")
    page.keyboard.press("Space")
    expect(page.get_by_role("button", name="Recording when steady…")).to_be_visible()
    steady(page, f"{much}")
    expect(choices).to_be_visible()
    assert stored(page, sheet)["lines"][0]["status"] == "open"
    page.keyboard.press("1")
    expect(heading(page)).to_have_text(second["name"])
    expect(lines(page)).to_contain_text("✓")
    assert stored(page, sheet)["lines"][0]["net_g"] == pytest.approx(much, abs=3)
    type_in(page, round(second["target_g"] * 2))
    choices.get_by_role("button", name=re.compile("Accept it")).click()
    expect(lines(page)).to_contain_text("2 of")
    assert stored(page, sheet)["lines"][1]["origin"] == "hand"


def test_all_there_is_makes_the_trial_fit_it(page: Page):
    sheet = begin(page)
    steady(page, "0")
    first, second = sheet["lines"][:2]
    act_at_scale(page, "scoop", first["target_g"] / 2)
    steady(page, f"{first['target_g'] / 2:.0f}")
    page.get_by_role("button", name="That’s all I have").click()
    little = page.get_by_role("region", name="Too little")
    little.get_by_role("button", name=re.compile("Scale all lines to fit")).click()
    expect(heading(page)).to_have_text(second["name"])
    expect(lines(page)).to_contain_text(f"{second['target_g'] / 2:.0f} g")


def test_every_other_way_to_weigh_a_line(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    names = [line["name"] for line in sheet["lines"]]

    dialog = another_way(page, "By cup, spoon or scoop")
    dialog.get_by_label(re.compile("How much")).fill("1 cup")
    reading_of_it = dialog.get_by_role("button", name=re.compile(r"between")).first
    expect(reading_of_it).to_be_visible()
    accessible()
    reading_of_it.click()
    expect(heading(page)).to_have_text(names[1])

    dialog = another_way(page, "Something else went in")
    dialog.get_by_role("combobox").fill("granola")
    expect(dialog.get_by_role("option").first).to_contain_text("granola")
    page.keyboard.press("ArrowDown")
    page.keyboard.press("Enter")
    expect(heading(page)).to_have_text(re.compile("granola"))
    expect(page.get_by_text(f"instead of {names[1]}")).to_be_visible()
    another_way(page, "Type it in").get_by_role("button", name="Record it").click()
    expect(heading(page)).to_have_text(names[2])

    dialog = another_way(page, "Until it is right")
    dialog.get_by_label("The jug lost").fill("25")
    dialog.get_by_role("button", name="Add it").click()
    expect(dialog.get_by_text("25 g")).to_be_visible()
    dialog.get_by_label("Right, because it").fill("tastes right")
    dialog.get_by_role("button", name="It is right now").click()
    expect(heading(page)).to_have_text(names[3])

    dialog = another_way(page, "Leave it out")
    dialog.get_by_label(re.compile("Why")).fill("none in the house")
    dialog.get_by_role("button", name="Leave it out").last.click()
    expect(lines(page)).to_contain_text("none in the house")

    dialog = another_way(page, "Spilled or tasted")
    dialog.get_by_role("button", name="Loaf", exact=True).click()
    dialog.get_by_role("button", name="Take it off").click()
    expect(dialog.get_by_role("alert")).to_have_text("Type about how many grams it was.")
    dialog.get_by_label("About").fill("12")
    dialog.get_by_role("button", name="Take it off").click()

    dialog = another_way(page, "Something more")
    dialog.get_by_role("combobox").fill("egg")
    expect(dialog.get_by_role("option").first).to_be_visible()
    page.keyboard.press("Enter")
    expect(lines(page)).to_contain_text("not planned")

    found = stored(page, sheet)
    by_id = {line["id"]: line for line in found["lines"]}
    first, second, third, fourth = (by_id[line["id"]] for line in sheet["lines"][:4])
    assert (first["origin"], second["planned_name"]) == ("measure", names[1])
    assert (third["net_g"], third["cue"]) == (25, "tastes right")
    assert (fourth["status"], fourth["reason"]) == ("skipped", "none in the house")
    assert any("12 g of Loaf" in finding["message"] for finding in found["findings"])


def test_out_of_the_pack_what_it_lost_went_in(page: Page):
    sheet = begin(page)
    steady(page, "0")
    another_way(page, "Weigh the pack before and after").get_by_role(
        "button", name="Weigh it out"
    ).click()
    expect(page.get_by_text("taken out of its pack")).to_be_visible()
    act_at_scale(page, "lift")
    expect(page.get_by_test_id("left")).to_have_text("put its pack on the scale")
    act_at_scale(page, "bowl", 900)
    steady(page, "0")
    target = sheet["lines"][0]["target_g"]
    for act in (("lift", 0), ("spill", 0), ("bowl", 900 - target)):
        act_at_scale(page, *act)
    expect(lines(page)).to_contain_text(f"1 of {len(sheet['lines'])}")
    net = stored(page, sheet)["lines"][0]["net_g"]
    assert net == pytest.approx(target, abs=1)


def test_the_plan_is_the_cooks(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    page.keyboard.press("p")
    dialog = page.get_by_role("dialog")
    first, second = (line["name"] for line in sheet["lines"][:2])
    dialog.get_by_role("button", name=f"Move {second} up").click()
    dialog.get_by_label(f"Bowl of {second}").select_option("steel bowl")
    dialog.get_by_label(f"Scale of {second}").select_option("pocket scale")
    accessible()
    dialog.get_by_role("button", name="Use this plan").click()
    expect(heading(page)).to_have_text(second)
    found = stored(page, sheet)["lines"]
    assert [one["name"] for one in found[:2]] == [second, first]
    assert (found[0]["bowl"], found[0]["scale"]) == ("steel bowl", "pocket scale")
    expect(page.get_by_text("pocket scale connected")).to_be_visible()


def test_tolerance_is_nudged_by_key(page: Page):
    begin(page)
    steady(page, "0")
    expect(page.get_by_text("170 ± 2 g")).to_be_visible()
    page.keyboard.press("+")
    expect(page.get_by_text("170 ± 3 g")).to_be_visible()
    page.keyboard.press("-")
    expect(page.get_by_text("170 ± 2 g")).to_be_visible()


def test_cook_first_write_later(page: Page, accessible):
    page.add_init_script(FAKES)
    page.goto("/")
    page.get_by_label("Name of the new dish").fill("Whatever it was")
    page.get_by_role("button", name="Weigh without a recipe").click()
    expect(heading(page)).to_have_text("Pour anything")
    expect(reading(page)).to_have_text("412")
    page.keyboard.press("t")
    steady(page, "0")
    act_at_scale(page, "scoop", 120)
    steady(page, "120")
    page.keyboard.press("Space")
    expect(lines(page)).to_contain_text("no name yet")
    accessible()
    expect(page.get_by_role("button", name="Close the weigh-in")).to_be_disabled()
    names = page.get_by_role("region", name="Names")
    names.get_by_role("button", name="Say it").first.click()
    expect(names.get_by_role("option").first).to_contain_text("quark")
    names.get_by_role("combobox").first.press("Enter")
    expect(lines(page)).to_contain_text("skim quark")
    names.get_by_role("combobox", name="What goes in next").fill("egg")
    expect(names.get_by_role("option").first).to_be_visible()
    page.keyboard.press("Enter")
    expect(heading(page)).to_have_text(re.compile("[Ee]gg"))
    act_at_scale(page, "scoop", 55)
    steady(page, "55")
    page.keyboard.press("Space")
    expect(lines(page)).to_contain_text("2 so far")
    page.get_by_role("button", name="Close the weigh-in").click()
    expect(page.get_by_text("What you weighed is the plan of this trial now")).to_be_visible()
    page.get_by_role("link", name=re.compile("Build$")).click()
    expect(page.get_by_label(re.compile("quark.*target grams"))).to_have_value("120")
    page.get_by_role("link", name=re.compile("Card$")).click()
    expect(page.get_by_role("table", name="Per serving")).to_be_visible()


def test_the_mixture_is_weighed_against_its_lines_and_the_likely_cause_named(page: Page):
    sheet = begin(page)
    for line in sheet["lines"]:
        capture = {"kind": "line", "line": line["id"], "net_g": line["target_g"], "origin": "hand"}
        url = f"/api/batches/{sheet['id']}/weighings"
        assert (
            page.request.post(url, data={"id": f"line-{line['id']:05d}", **capture}).status == 200
        )
    whole = page.get_by_role("region", name="The whole mixture")
    expect(whole).to_be_visible()
    total = stored(page, sheet)["lines_g"]
    act_at_scale(page, "bowl", 385)
    act_at_scale(page, "scoop", total + 385)
    expect(page.get_by_test_id("gross")).to_have_text(f"{total + 770:,.0f} g".replace(",", THIN))
    whole.get_by_label("It is on the scale, in").select_option("steel bowl")
    whole.get_by_role("button", name="Weigh it").click()
    expect(whole).to_contain_text("The bowl was not tared: steel bowl weighs 385 g.")
    expect(whole).to_contain_text("% full")
    page.get_by_role("button", name="Close the weigh-in").click()
    expect(page.get_by_role("heading", name="Carrot loaf A is weighed")).to_be_visible()
    page.get_by_role("button", name="Use these weights as the plan").click()
    expect(page.get_by_text("These weights are the plan now")).to_be_visible()


def test_the_next_line_is_spoken_and_the_screen_stays_awake(page: Page):
    page.add_init_script(FAKES)
    sheet = begin(page)
    steady(page, "0")
    page.keyboard.press("v")
    press_alone(page, "s")
    second = sheet["lines"][1]
    expect(heading(page)).to_have_text(second["name"])
    said = page.evaluate("window.said")
    assert said[-1] == f"{second['name']}, {second['target_g']:.0f} grams"
    assert page.evaluate("window.locks") >= 1


def test_the_reading_is_legible_from_two_metres_in_both_themes(page: Page, accessible_in_both):
    begin(page)
    steady(page, "0")
    act_at_scale(page, "scoop", 1234)
    steady(page, "1\u202f234")
    height = reading(page).evaluate("element => parseFloat(getComputedStyle(element).fontSize)")
    assert height >= 96
    box = reading(page).bounding_box()
    assert box["x"] >= 0
    assert box["x"] + box["width"] <= 1280
    accessible_in_both()


@pytest.mark.phone
def test_at_a_phone_the_whole_weigh_in_fits_and_has_one_big_button(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    take = page.get_by_role("button", name="Record", exact=True)
    assert take.bounding_box()["width"] >= 300
    assert take.bounding_box()["height"] >= 56
    act_at_scale(page, "scoop", sheet["lines"][0]["target_g"] * 1.2)
    page.get_by_role("button", name=re.compile("Accept it")).tap()
    expect(heading(page)).to_have_text(sheet["lines"][1]["name"])
    page.get_by_role("button", name="Plan", exact=True).tap()
    accessible()
    page.keyboard.press("Escape")
    page.get_by_role("button", name="Another way").tap()
    accessible()
    page.keyboard.press("Escape")
    assert page.evaluate("document.documentElement.scrollWidth") <= 390
