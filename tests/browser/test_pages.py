"""The pages beside the main path: shelf, settings, jump box, files, tables, print."""

import json
import re
from pathlib import Path

from playwright.sync_api import Page, expect

from tests.batches import batch
from tests.browser.test_path import title

FIGURES = re.compile("^Per serving")


def test_the_jump_box_finds_dishes_stages_and_foods(page: Page):
    page.goto("/settings")
    expect(page.get_by_role("heading", name="Settings")).to_be_visible()
    options = page.get_by_role("listbox", name=re.compile("^Go to")).get_by_role("option")
    page.keyboard.press("/")
    page.keyboard.type("loaf card")
    expect(options).to_have_count(1)
    page.keyboard.press("Enter")
    expect(page).to_have_url(re.compile(r"/dishes/1/card$"))
    page.keyboard.press("Control+k")
    page.keyboard.type("quark")
    expect(options.first).to_contain_text("Quark")
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowUp")
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Quark")).to_be_visible()
    page.keyboard.press("/")
    page.keyboard.type("zzz")
    expect(options).to_have_count(0)
    page.keyboard.press("Escape")
    expect(page.get_by_role("combobox", name=re.compile("^Go to"))).to_have_value("")


ADDRESSES = (
    "/",
    "/shelf",
    "/settings",
    "/dishes/1/original",
    "/dishes/1/build",
    "/dishes/3/weigh",
    "/dishes/1/weigh?batch=1",
    "/dishes/2/cook",
    "/dishes/1/cook?batch=1",
    "/dishes/1/portion",
    "/dishes/1/card",
    "/dishes/1/trials",
)
MOST_TABS = 5
ON_MAIN = "() => document.activeElement.matches('[data-main]')"


def tabs_to_the_main_action(page: Page, way: str) -> bool:
    page.locator("h1").evaluate("(heading) => { heading.tabIndex = -1; heading.focus(); }")
    for _ in range(MOST_TABS):
        page.keyboard.press(way)
        if page.evaluate(ON_MAIN):
            return True
    return False


def test_main_actions_are_near_the_heading_and_keys_go_from_stage_to_stage(page: Page):
    far = []
    for address in ADDRESSES:
        page.goto(address)
        expect(page.locator("main [data-main]:enabled, main a[data-main]").first).to_be_visible()
        if not any(tabs_to_the_main_action(page, way) for way in ("Tab", "Shift+Tab")):
            far.append(address)
    assert far == []
    page.goto("/dishes/1/original")
    expect(page.locator("h1")).to_be_visible()
    for stage in ("build", "weigh", "cook", "portion", "taste", "card", "trials"):
        page.keyboard.press(".")
        expect(page).to_have_url(re.compile(f"/dishes/1/{stage}$"))
    page.keyboard.press(",")
    expect(page).to_have_url(re.compile("/dishes/1/card$"))


def test_a_tolerance_says_what_it_is_made_of_and_who_says_so(page: Page):
    page.goto("/dishes/1/build")
    page.get_by_role("button", name="Margin of kcal").first.click()
    shown = page.get_by_role("dialog")
    expect(shown).to_contain_text("19 times in 20")
    expect(shown).to_contain_text("worst case")
    expect(shown).to_contain_text("Brightwater 1:1 sweetener, rounding on its label")
    expect(shown.get_by_text("US 21 CFR 101.9(c)")).not_to_be_visible()
    shown.get_by_text("Sources").click()
    expect(shown.get_by_text("US 21 CFR 101.9(c)")).to_be_visible()
    page.keyboard.press("Escape")
    expect(shown).to_have_count(0)


def test_the_drawing_is_readable_as_a_table(page: Page):
    page.goto("/dishes/1/build")
    page.get_by_text("Show as table").click()
    table = page.get_by_role("region", name="Lines of one serving")
    original, rebuild = table.get_by_role("table").first, table.get_by_role("table").last
    expect(original.get_by_role("row")).to_have_count(13)
    expect(original.get_by_role("row").filter(has_text="Walnut")).to_contain_text("55")
    expect(rebuild.get_by_role("row")).to_have_count(15)
    oil = rebuild.get_by_role("row").filter(has_text="Rapeseed oil")
    expect(oil).to_contain_text("30")
    expect(oil).to_contain_text("fat")


def test_another_package_of_the_same_food_goes_in_instead(page: Page):
    page.goto("/dishes/1/build")
    before = title(page, "fat_g").inner_text()
    page.get_by_role("button", name="More for Northlight skim quark").first.click()
    page.get_by_role("menuitem", name="Eastgate half-fat quark").click()
    expect(page.get_by_role("region", name="Loaf")).to_contain_text("Eastgate half-fat quark")
    expect(title(page, "fat_g")).not_to_have_text(before)
    page.get_by_role("button", name="Undo").first.click()
    expect(title(page, "fat_g")).to_have_text(before)


def test_a_component_can_be_a_line_of_another_and_not_of_itself(page: Page):
    page.goto("/dishes/1/build")
    weight = page.get_by_role("region", name="Per serving")
    expect(weight).to_contain_text("187.4 g")
    page.get_by_role("combobox", name="Add a line to Loaf").fill("100 frosting")
    page.get_by_role("option", name=re.compile("Frosting .made here.")).click()
    expect(page.get_by_label("Frosting (made here), target grams")).to_have_value("100")
    expect(weight).to_contain_text("152.4 g")
    page.get_by_role("combobox", name="Add a line to Frosting").fill("50 loaf")
    page.get_by_role("option", name=re.compile("Loaf .made here.")).click()
    expect(page.get_by_text("Not saved yet")).to_contain_text("made of itself")
    page.keyboard.press("Control+z")
    page.get_by_role("button", name="Undo").first.click()
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()


def test_the_number_of_portions_changes_the_serving(page: Page):
    page.goto("/dishes/1/build")
    page.get_by_label("Portions").fill("10")
    expect(page.get_by_role("region", name="Per serving")).to_contain_text("149.9 g")
    page.get_by_label("Portions").fill("2.5")
    expect(page.get_by_role("region", name="Per serving")).to_contain_text("149.9 g")


def test_an_original_edit_can_be_undone(page: Page):
    page.goto("/dishes/1/original")
    page.get_by_role("button", name="From a label or menu").click()
    page.get_by_label("Energy").fill("500")
    page.get_by_role("button", name="Save the original").click()
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_label("Energy")).to_have_value("690")
    assert page.request.get("/api/dishes/1").json()["original"]["kcal"] == 690
    # undone is what was saved, not the way in which the figures come
    expect(page.get_by_role("button", name="From a label or menu")).to_have_attribute(
        "aria-pressed", "true"
    )


def test_a_dish_is_renamed_where_its_original_is(page: Page):
    page.goto("/dishes/1/original")
    name = page.get_by_label("Name of the dish")
    name.fill("")
    page.get_by_role("button", name="Save the original").click()
    expect(name).to_have_attribute("aria-invalid", "true")
    name.fill("Carrot slice")
    page.get_by_role("button", name="Save the original").click()
    expect(page.get_by_role("heading", name="Carrot slice: the original")).to_be_visible()
    page.get_by_role("link", name="Kitchen").click()
    expect(page.get_by_role("link", name="Carrot slice").first).to_be_visible()


def test_bad_figures_of_an_original_are_a_sentence_at_their_field(page: Page):
    page.goto("/dishes/1/original")
    page.get_by_role("button", name="From a label or menu").click()
    box = page.get_by_label("Protein", exact=True)
    for typed, says in {
        "-3": "less than 0",
        "lots": "Type a number",
        "9e9": "Type a number",
        "99999999": "That’s a lot",
    }.items():
        box.fill(typed)
        expect(page.get_by_role("alert")).to_contain_text(says)
        expect(box).to_have_value(typed)


def test_a_label_changed_elsewhere_meanwhile_is_a_conflict_that_loses_nothing(page: Page):
    page.goto("/shelf/2")
    page.get_by_label("Protein").fill("11")
    label = page.request.get("/api/foods/2").json()["labels"][0]
    edit = {"version": label["version"], "label": {**label["label"], "fibre_g": 4}}
    assert page.request.put(f"/api/labels/{label['id']}", data=edit).status == 200
    page.get_by_role("button", name="Save the label").click()
    expect(page.get_by_role("alert").first).to_contain_text("changed elsewhere")
    expect(page.get_by_label("Protein")).to_have_value("11")
    page.get_by_role("button", name="Save the label").click()
    expect(page.get_by_text("Past batches keep theirs").first).to_be_visible()


def test_a_label_edit_can_be_undone_and_the_card_never_moved(page: Page):
    def ours() -> dict:
        """What was weighed; the original beside it is no batch and goes with the shelf."""
        found = page.request.get("/api/batches/1/card").json()["result"]
        return {name: figures for name, figures in found.items() if name != "original"}

    before = ours()
    page.goto("/shelf/2")
    page.get_by_role("textbox", name="Energy").last.fill("400")
    expect(page.get_by_test_id("verdict")).to_contain_text("off by")
    page.get_by_role("button", name="Save the label").click()
    expect(page.get_by_text(", version 2;")).to_be_visible()
    assert ours() == before
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_text(", version 3;")).to_be_visible()
    expect(page.get_by_role("textbox", name="Energy").last).to_have_value("348")
    assert page.request.get("/api/foods/2").json()["labels"][0]["label"]["kcal"] == 348


def test_the_panel_follows_its_style(page: Page):
    page.goto("/shelf/new")
    expect(page.get_by_label("Salt")).to_be_visible()
    style = page.get_by_role("combobox", name="Label type", exact=True)
    style.select_option("us")
    expect(page.get_by_label("Sodium")).to_be_visible()
    expect(page.get_by_label("Salt")).to_have_count(0)
    page.get_by_label("Sugar alcohol").fill("5")
    page.get_by_label("Which polyol").select_option("erythritol")
    style.select_option("table")
    expect(page.get_by_label("Spread, ± %")).to_be_visible()


def test_the_shelf_is_searched_by_food_and_by_package(page: Page):
    page.goto("/shelf")
    expect(page.get_by_text("Choose a food")).to_be_visible()
    page.keyboard.press("f")
    page.keyboard.type("eastgate half")
    foods = page.get_by_role("region", name="Foods").get_by_role("listitem")
    expect(foods).to_have_count(1)
    page.get_by_role("searchbox").fill("nothing like it")
    expect(page.get_by_text("Nothing on the shelf is called")).to_be_visible()


def test_a_food_without_a_name_is_refused_at_its_field(page: Page):
    page.goto("/shelf/new")
    page.get_by_role("button", name="Save").click()
    expect(page.get_by_role("alert")).to_contain_text("Give the food a name")


def test_settings_change_how_everything_is_reckoned(page: Page):
    page.goto("/settings")
    page.get_by_label("Energy", exact=True).select_option("us_449")
    page.get_by_label("Carbohydrate in the title block").select_option("net")
    page.get_by_role("button", name="Save the settings").click()
    expect(page.get_by_text("The settings are saved.", exact=True)).to_be_visible()
    page.goto("/dishes/1/build")
    expect(page.get_by_role("region", name="Per serving")).to_contain_text("net carbohydrate")
    assert float(title(page, "kcal").inner_text()) > 300


def test_a_scale_that_is_none_is_refused_at_its_field(page: Page):
    page.goto("/settings")
    page.get_by_label("Where kitchen scale is connected").fill("http://elsewhere")
    page.get_by_role("button", name="Save the settings").click()
    expect(page.get_by_role("alert")).to_contain_text("a serial device like /dev/ttyUSB0")
    expect(page.get_by_label("Where kitchen scale is connected")).to_have_value("http://elsewhere")


def test_a_card_travels_out_as_a_file_and_in_again(page: Page, tmp_path: Path):
    page.goto("/dishes/1/card")
    with page.expect_download() as download:
        page.get_by_role("link", name="Export").click()
    file = tmp_path / "loaf.gasket.json"
    download.value.save_as(file)
    assert json.loads(file.read_text(encoding="utf-8"))["format"] == "gasket-batch"
    kcal = page.get_by_role("table", name=FIGURES).locator("[data-nutrient=kcal]").inner_text()
    page.goto("/")
    page.get_by_label(re.compile("A batch in the open format")).set_input_files(file)
    expect(page).to_have_url(re.compile(r"/dishes/\d+/card"))
    expect(page.get_by_role("table", name=FIGURES).locator("[data-nutrient=kcal]")).to_have_text(
        re.compile(kcal.split()[2])
    )


def test_an_unknown_figure_is_said_to_be_unknown_and_never_0(page: Page):
    document = batch(original={"name": "Half known", "kcal": 300})
    document["labels"]["b"] = {"style": "us", "basis_g": 30, "kcal": 100, "protein_g": 5}
    document["components"][0]["lines"].append({"label": "b", "grams": 60})
    taken_in = page.request.post("/api/batches", data=document).json()
    page.goto(f"/dishes/{taken_in['dish_id']}/card")
    table = page.get_by_role("table", name=FIGURES)
    expect(table.locator("[data-nutrient=fat_g]")).to_contain_text("≥")
    expect(table.locator("[data-nutrient=kcal]")).not_to_contain_text("unknown")
    expect(page.get_by_text("waits for both serving weights")).to_be_visible()


def test_a_card_prints_without_its_controls(page: Page):
    page.goto("/dishes/1/card")
    expect(page.get_by_role("table").first).to_be_visible()
    page.emulate_media(media="print")
    expect(page.get_by_role("button", name="Print")).to_be_hidden()
    expect(page.get_by_role("navigation", name="Places")).to_be_hidden()
    expect(page.get_by_role("table", name="At a glance")).to_be_visible()


def test_every_batch_of_a_trial_has_its_card(page: Page):
    page.request.post("/api/trials/1/batches")
    page.goto("/dishes/1/card")
    expect(page.get_by_text("The weigh-in is not closed")).to_be_visible()
    page.get_by_role("link", name="Batch 1").click()
    expect(page.get_by_text("The weigh-in is not closed")).to_have_count(0)
    expect(page.get_by_text("Batch 1")).to_have_attribute("aria-current", "page")


def test_a_page_that_is_not_there_says_so(page: Page):
    for path, says in (
        ("/nowhere", "There is no such page"),
        ("/dishes/99", "There is no dish 99"),
        ("/dishes/1/nothing", "There is no such stage"),
        ("/shelf/99", "not on the shelf"),
    ):
        page.goto(path)
        expect(page.get_by_text(says).first).to_be_visible()
