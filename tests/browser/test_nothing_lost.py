"""Bad input, lost connections, second tabs: a clear sentence, and nothing lost."""

import re

import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_path import act_at_scale, reading, title
from tests.server import Server

BAD_GRAMS = {
    "-5": "This cannot be less than 0.",
    "abc": "Type a weight, like 120 or 4 oz.",
    "9999999": "That’s a lot",
    "": "Type a number.",
    "1,2,3": "Type a number",
    "5 cups": "is not a weight",
}


def test_bad_grams_are_a_sentence_at_the_line_and_stay_as_typed(page: Page):
    page.goto("/dishes/1/build")
    box = page.get_by_label("Carrot, raw, target grams")
    row = page.get_by_role("row").filter(has_text="Carrot, raw")
    before = title(page, "kcal").inner_text()
    for typed, says in BAD_GRAMS.items():
        box.fill(typed)
        box.press("Tab")
        expect(row.get_by_role("alert")).to_contain_text(says)
        expect(box).to_have_value(typed)
        expect(title(page, "kcal")).to_have_text(before)


def test_ounces_become_grams(page: Page):
    page.goto("/dishes/1/build")
    box = page.get_by_label("Carrot, raw, target grams")
    box.fill("4 oz")
    box.press("Tab")
    expect(box).to_have_value("113.4")


def test_a_5_mb_paste_is_cut_off_and_nothing_breaks(page: Page):
    page.goto("/shelf/new")
    page.get_by_label("Food name").fill("Skyr")
    kcal = page.get_by_role("textbox", name="Energy").first
    kcal.evaluate(
        """(element) => {
          const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
          set.call(element, '7'.repeat(5_000_000));
          element.dispatchEvent(new Event('input', { bubbles: true }));
        }"""
    )
    expect(page.get_by_role("alert").first).to_be_visible()
    kcal.fill("62")
    page.get_by_role("button", name="Save").click()
    expect(page.get_by_role("heading", name="Skyr")).to_be_visible()


def test_a_serving_of_nothing_is_refused_at_its_field(page: Page):
    page.goto("/shelf/1")
    page.get_by_label("Figures are per").fill("0")
    expect(page.get_by_role("alert").first).to_contain_text("This must be more than 0")


def test_a_dish_is_begun_once_however_slow_the_next_page_is(page: Page):
    held = []
    page.route(re.compile(r"/DishPage[^/]*\.js$"), lambda route: held.append(route))
    page.goto("/")
    page.get_by_label("Name of the new dish").fill("Begun once")
    form = page.get_by_role("form", name="Start a dish")
    with page.expect_response(re.compile(r"/api/dishes$")):
        form.get_by_role("button", name="Start").click()
    for _ in range(3):
        form.evaluate("form => form.requestSubmit()")
    for route in held:
        route.continue_()
    expect(page.get_by_role("heading", level=1)).to_contain_text("Begun once")
    dishes = page.request.get("/api/dishes?search=begun once").json()
    assert len(dishes) == 1


def test_a_faulty_file_names_its_faults(page: Page):
    page.goto("/")
    chooser = page.get_by_label(re.compile("A batch in the open format"))
    files = {"x.json": b"{", "y.json": b'{"format": "gasket-batch", "version": 1}'}
    for name, content in files.items():
        chooser.set_input_files({"name": name, "mimeType": "application/json", "buffer": content})
        expect(page.get_by_role("alert")).to_contain_text(
            "not JSON" if name == "x.json" else "components: This is missing."
        )


def test_unsaved_lines_survive_a_reload_while_the_server_is_away(page: Page):
    page.goto("/dishes/1/build")
    box = page.get_by_label("Carrot, raw, target grams")
    page.route("**/api/trials/*/build", lambda route: route.abort())
    box.fill("250")
    expect(page.get_by_text("Not saved yet")).to_be_visible()
    page.unroute("**/api/trials/*/build")
    page.reload()
    expect(box).to_have_value("250")
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    stored = page.request.get("/api/trials/1").json()["build"]["components"][0]["lines"][0]
    assert stored["target_g"] == 250


def test_edits_kept_in_the_browser_meet_a_newer_build_as_a_conflict(page: Page):
    page.goto("/dishes/1/build")
    box = page.get_by_label("Carrot, raw, target grams")
    page.route("**/api/trials/*/build", lambda route: route.abort())
    box.fill("250")
    expect(page.get_by_text("Not saved yet")).to_be_visible()
    sheet = page.request.get("/api/trials/1").json()
    sheet["build"]["portions"] = 9
    edit = {"version": sheet["version"], "build": sheet["build"]}
    assert page.request.put("/api/trials/1/build", data=edit).status == 200
    page.unroute("**/api/trials/*/build")
    page.reload()
    expect(box).to_have_value("250")
    page.get_by_role("button", name="Keep mine").click()
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    stored = page.request.get("/api/trials/1").json()["build"]
    assert stored["components"][0]["lines"][0]["target_g"] == 250


def test_a_change_in_a_second_tab_is_shown_and_never_overwritten(page: Page):
    page.goto("/dishes/1/build")
    box = page.get_by_label("Carrot, raw, target grams")
    expect(box).to_have_value("280")
    second = page.context.new_page()
    second.goto("/dishes/1/build")
    second.get_by_label("Salt, fine, target grams").fill("4")
    expect(second.get_by_text("Saved", exact=True)).to_be_visible()
    second.close()
    box.fill("300")
    page.get_by_role("button", name="Take theirs").click()
    expect(box).to_have_value("280")
    expect(page.get_by_label("Salt, fine, target grams")).to_have_value("4")


def test_undo_brings_a_removed_component_back(page: Page):
    page.goto("/dishes/1/build")
    page.get_by_label("Another component").fill("Glaze")
    page.get_by_role("button", name="Add", exact=True).click()
    expect(page.get_by_role("region", name="Glaze")).to_be_visible()
    page.get_by_role("button", name="Remove this component").click()
    expect(page.get_by_role("region", name="Glaze")).to_have_count(0)
    page.keyboard.press("Control+z")
    expect(page.get_by_role("region", name="Glaze")).to_be_visible()


@pytest.fixture
def weigh_in(page: Page) -> Page:
    page.request.post("/api/trials/1/batches")
    page.goto("/dishes/1/weigh")
    expect(reading(page)).to_have_attribute("data-stable", "true")
    # The machine tares a bowl that stands still by itself: a 0 alone does not say that the key's
    # tare has arrived.
    with page.expect_response(lambda answer: "/weighings" in answer.url):
        page.keyboard.press("t")
    expect(reading(page)).to_have_text("0")
    return page


def test_a_pulled_cable_shows_and_comes_back(weigh_in: Page):
    page = weigh_in
    act_at_scale(page, "silence", 4)
    expect(page.get_by_text("The kitchen scale does not answer")).to_be_visible()
    expect(reading(page)).to_have_text("––")
    expect(page.get_by_text("kitchen scale connected")).to_be_visible()
    expect(reading(page)).to_have_text("0")


def test_a_lifted_bowl_is_noticed_and_cannot_be_taken(weigh_in: Page):
    page = weigh_in
    act_at_scale(page, "lift")
    expect(page.get_by_test_id("left")).to_have_text("the bowl is off the scale")
    expect(reading(page)).to_have_attribute("data-stable", "true")
    page.keyboard.press("Space")
    expect(page.get_by_text("is the bowl off the scale?").first).to_be_visible()
    act_at_scale(page, "put")
    expect(page.get_by_test_id("left")).to_have_text("pour")


def test_the_finer_division_shows_a_decimal(weigh_in: Page):
    page = weigh_in
    act_at_scale(page, "division", 0.1)
    expect(reading(page)).to_have_text(re.compile(r"^\u2212?0\.\d$"))


def test_a_second_tab_sees_the_same_weigh_in_at_once(weigh_in: Page):
    page = weigh_in
    second = page.context.new_page()
    second.goto("/dishes/1/weigh")
    lines = second.get_by_role("region", name="Lines")
    expect(lines).to_contain_text("0 of 14")
    page.keyboard.press("s")
    expect(lines).to_contain_text("later")
    second.close()


@pytest.mark.mortal
def test_a_server_that_dies_shows_and_the_weigh_in_goes_on_where_it_was(
    weigh_in: Page, server: Server
):
    page = weigh_in
    page.keyboard.press("s")
    lines = page.get_by_role("region", name="Lines")
    expect(lines.get_by_text("later")).to_have_count(1)
    server.process.kill()
    server.process.wait()
    expect(page.get_by_text("The kitchen does not answer").first).to_be_visible()
    page.keyboard.press("s")
    expect(page.get_by_text("1 weight on the way.")).to_be_visible()
    server.__exit__()
    server.__enter__()
    expect(lines.get_by_text("later")).to_have_count(2)
    expect(page.get_by_text("kitchen scale connected")).to_be_visible()


def test_the_keys_of_a_page_are_listed_at_a_question_mark(weigh_in: Page):
    page = weigh_in
    page.keyboard.press("Shift+?")
    listed = page.get_by_role("dialog")
    expect(listed).to_contain_text("Record the reading for this line")
    expect(listed).to_contain_text("Weigh this line later")
    page.keyboard.press("Escape")
    expect(listed).to_have_count(0)


def test_every_page_is_accessible_in_both_themes(page: Page, accessible_in_both):
    stages = [
        f"/dishes/1/{stage}"
        for stage in ("original", "build", "portion", "taste", "card", "trials")
    ]
    stages += [f"/dishes/1/trials?tab={tab}" for tab in ("frontier", "next", "blind")]
    stages += ["/blind/1", "/keepers"]
    for path in ["/", *stages, "/shelf/13", "/settings", "/nowhere"]:
        page.goto(path)
        page.wait_for_load_state("networkidle")
        expect(page.get_by_role("heading").first).to_be_visible()
        accessible_in_both()


@pytest.mark.phone
def test_no_page_scrolls_sideways_on_a_phone(page: Page):
    stages = [
        f"/dishes/1/{stage}"
        for stage in ("original", "build", "weigh", "cook", "portion", "taste", "card", "trials")
    ]
    stages += [f"/dishes/1/trials?tab={tab}" for tab in ("compare", "frontier", "next", "blind")]
    stages += ["/blind/1", "/keepers"]
    for path in ["/", "/shelf", "/shelf/4", "/shelf/new", "/settings", *stages]:
        page.goto(path)
        expect(page.get_by_role("heading", level=1).first).to_be_visible()
        page.wait_for_load_state("networkidle")
        for width in (390, 375, 360, 640):  # the last is 200 % zoom at 1280
            page.set_viewport_size({"width": width, "height": 780})
            wide = page.evaluate("document.documentElement.scrollWidth")
            assert wide <= width, f"{path} is {wide} px wide at {width}"


@pytest.mark.empty
def test_an_empty_kitchen_teaches_by_one_example(page: Page, accessible):
    page.goto("/")
    expect(page.get_by_text("This is how a dish goes")).to_be_visible()
    accessible()
    page.get_by_role("button", name="United States").click()
    expect(page.get_by_role("button", name="United States")).to_have_attribute(
        "aria-pressed", "true"
    )
    assert page.request.get("/api/settings").json()["paper"] == "letter"
    page.get_by_label("Name of the new dish").press("Enter")
    expect(page.get_by_role("alert")).to_have_text("Give the dish a name.")
    page.get_by_role("button", name="Add the example dish").click()
    expect(page.get_by_role("heading", level=1)).to_contain_text("Sticky toffee pudding")
    page.goto("/shelf/new")
    expect(page.get_by_label("Label type")).to_have_value("us")
    expect(page.get_by_role("region", name="Audit")).to_have_count(0)
    expect(page.get_by_role("alert")).to_have_count(0)
