"""The first hour of a new cook, from an empty kitchen: nothing lost, nothing final by accident."""

import re
import time

import pytest
from playwright.sync_api import Page, Route, expect

from tests.browser.test_path import ALONE_MS

LINES = (
    *("200 g all-purpose flour", "2 large eggs", "180 g skyr", "90 g banana", "50 g honey"),
    *("8 g baking powder", "40 g rolled oats", "2 g salt", "20 g cocoa powder"),
)


def first_hour(page: Page) -> int:
    """Start a dish and type ten lines, one of an unknown food; how many keys and clicks it took."""
    done = 0

    def click(target) -> None:
        nonlocal done
        done += 1
        target.click()

    def typed(text: str) -> None:
        nonlocal done
        done += len(text) + 1
        page.keyboard.type(text)

    page.goto("/shelf")
    click(page.get_by_role("button", name="Begin with generic foods"))
    expect(page.get_by_text(re.compile("generic foods are on the shelf")).first).to_be_visible()
    click(page.get_by_role("link", name="Kitchen"))
    click(page.get_by_label("Name of the new dish"))
    typed("Morning loaf")
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Morning loaf: the original")).to_be_visible()
    # What is typed next goes where it is expected.
    expect(page.get_by_label("Serving weight")).to_be_focused()
    typed("120")
    click(page.get_by_label("Energy"))
    typed("410")
    click(page.get_by_role("button", name="Save the original"))
    click(page.get_by_role("link", name=re.compile("On to the build")))
    box = page.get_by_role("combobox", name=re.compile("^Add a line to Morning loaf"))
    expect(box).to_be_focused()
    for i, line in enumerate(LINES, start=1):
        typed(line)
        option = page.get_by_role("option").first
        expect(option).to_be_visible()
        page.keyboard.press("Enter")
        expect(page.get_by_role("textbox", name=re.compile("target grams$"))).to_have_count(i)
        expect(box).to_be_focused()
    typed("30 g quokka crunch")
    click(page.get_by_role("button", name="Add its label"))
    click(page.get_by_label("Paste the panel, or type it below"))
    typed("380 kcal, 20 P, 50 C, 11 F per 100 g")
    expect(page.get_by_label("Protein", exact=True)).to_have_value("20")
    click(page.get_by_role("button", name="Save", exact=True))
    expect(page.get_by_role("textbox", name=re.compile("target grams$"))).to_have_count(
        len(LINES) + 1
    )
    expect(box).to_be_focused()
    return done


@pytest.mark.empty
def test_the_first_hour_from_an_empty_kitchen(page: Page, accessible):
    assert first_hour(page) < 420
    accessible()

    # A goal, in its tab of the address; Back goes back a tab.
    page.get_by_role("tab", name="Goal").click()
    expect(page).to_have_url(re.compile("tab=goal"))
    page.get_by_label(re.compile("^Energy.* at most|at most.*kcal", re.IGNORECASE)).first.fill(
        "260"
    )
    page.go_back()
    expect(page.get_by_role("tab", name="Lines")).to_have_attribute("aria-selected", "true")

    # A half-typed line survives a change of stage.
    box = page.get_by_role("combobox", name=re.compile("^Add a line to Morning loaf"))
    box.fill("3 pinches of")
    page.get_by_role("link", name="Cook").click()
    page.get_by_role("link", name="Build").click()
    expect(box).to_have_value("3 pinches of")
    box.fill("")

    # Weighed by typing, one of them with a zero too many.
    page.get_by_role("button", name=re.compile("Weigh it")).click()
    heading = page.get_by_role("heading", level=1)
    lines = page.get_by_role("region", name="Lines")
    for i in range(len(LINES) + 1):
        expect(lines).to_contain_text(f"{i} of {len(LINES) + 1}")
        dialog = page.get_by_role("dialog")
        page.keyboard.press("e")
        if i == 0:
            grams = dialog.get_by_label(re.compile("^Grams"))
            planned = float(grams.input_value())
            page.keyboard.press("Escape")
            page.keyboard.type(f"{10 * planned:g}")
            expect(grams).to_have_value(f"{10 * planned:g}")
            page.keyboard.press("Enter")
            expect(dialog.get_by_role("alert")).to_contain_text("is planned. Is that right?")
        page.keyboard.press("Enter")
        expect(dialog).to_have_count(0)
        if i == 0:
            page.get_by_role("button", name=re.compile("^Accept it as it is")).click()
    close = page.get_by_role("button", name="It is right: close the weigh-in")
    expect(close).to_be_visible()
    page.keyboard.press("Enter")
    expect(heading).to_have_text("Every line is weighed or skipped")
    close.click()
    expect(heading).to_have_text("Morning loaf A is weighed")

    # The slip is corrected after closing; what it was stays shown, here and on the card.
    lines.get_by_role("button", name=re.compile("Plain flour")).click()
    dialog = page.get_by_role("dialog")
    expect(dialog.get_by_label(re.compile("^Grams that really"))).to_be_focused()
    page.keyboard.type(f"{planned:g}")
    page.keyboard.press("Enter")
    expect(page.get_by_role("region", name="Corrections")).to_contain_text("g, was")
    accessible()
    page.get_by_role("link", name="Card").click()
    expect(page.get_by_text(re.compile("corrected, was"))).to_be_visible()

    # The next trial.
    page.get_by_role("link", name="Build").click()
    page.get_by_role("tab", name="Trials").click()
    page.get_by_label(re.compile("New trial from A")).fill("less flour")
    page.get_by_role("button", name="Start the next trial").click()
    expect(page.get_by_text("Testing: less flour")).to_be_visible()


def records(page: Page) -> list[object]:
    """All that a stray key could move."""
    paths = ("trials/1", "batches/1", "batches/2", "batches/1/stock", "kitchen")
    found = [page.request.get(f"/api/{path}").json() for path in paths]
    cook = page.request.get("/api/batches/2/cook").json()
    return [*found, cook["last_record"], [step["status"] for step in cook["steps"]]]


@pytest.mark.parametrize(
    "stage",
    ["1/build", "1/weigh?batch=1", "2/weigh?batch=2", "2/cook?batch=2", "1/portion?batch=1"],
)
def test_words_typed_past_a_field_move_nothing(page: Page, stage: str):
    page.goto(f"/dishes/{stage}")
    expect(page.get_by_role("heading", level=1)).to_be_visible()
    page.wait_for_load_state("networkidle")
    before = records(page)
    page.evaluate("document.activeElement.blur()")
    page.keyboard.type(
        "bake the dough at 180 + 20 min, then stir 2 cups bad batter and taste", delay=30
    )
    page.keyboard.press("Backspace")
    page.wait_for_timeout(2 * ALONE_MS)
    assert records(page) == before


RECIPE = """Harbour loaf
Serves 8
For the batter:
120 g oat flour
2 large eggs
250 g greek yogurt
1/2 tsp each cinnamon and salt
Method:
Whisk everything together
Bake at 180 degrees for 25 minutes"""
SENT_TWICE_MS = 2_100
"""The same choice sooner after is one that was sent again."""
PANEL = """Nutrition Facts
Serving size 1/4 cup (30g)
Calories 110
Total Fat 3g 4%
Trans Fat 0g
Sodium 5mg
Total Carbohydrate 19g
Protein 4g"""


def paste(page: Page, text: str) -> None:
    page.context.grant_permissions(["clipboard-read", "clipboard-write"])
    page.evaluate("text => navigator.clipboard.writeText(text)", text)
    page.keyboard.press("Control+V")


def test_a_recipe_is_pasted_with_a_key_for_each_question(page: Page, accessible):
    """Open, paste, one key for the flour, one for the degrees, one click for the two spices,
    Enter."""
    page.goto("/dishes/1/build?trial=1")
    page.get_by_role("button", name="Paste a recipe").click()
    expect(page.get_by_role("textbox", name=re.compile("^One ingredient"))).to_be_focused()
    paste(page, RECIPE)
    lines = page.get_by_role("list", name="The lines as read")
    expect(lines).to_contain_text("the servings")
    lines.get_by_role("button", name="Use as 2 lines").click()
    expect(lines.get_by_role("combobox", name="What “1/2 tsp salt” is")).to_be_visible()
    asked = lines.get_by_role("group", name="What “120 g oat flour” is")
    expect(asked.get_by_role("button").first).to_be_focused()
    accessible()
    page.keyboard.press("1")
    degrees = lines.get_by_role("group", name="What “Bake at 180 degrees for 25 minutes” is")
    expect(degrees.get_by_role("button").first).to_be_focused()
    page.keyboard.press("1")
    expect(lines).to_contain_text("Bake at 180 °C for 25 minutes")
    expect(page.get_by_role("button", name="Add 5 lines and 2 steps")).to_be_focused()
    page.keyboard.press("Enter")
    page.keyboard.press("Enter")  # a second one adds nothing
    batter = page.get_by_role("region", name="Batter")
    expect(batter.get_by_role("textbox", name=re.compile("target grams$"))).to_have_count(5)


def answers_late(route: Route) -> None:
    time.sleep(0.3)
    route.continue_()


def test_words_chosen_twice_are_taken_and_one_touch_asks_again(page: Page, accessible):
    page.goto("/dishes/1/build?trial=1")
    box = page.get_by_role("combobox", name=re.compile("^Add a line to Loaf"))
    mine = page.get_by_role("option").filter(has_text="Brightwater powdered sweetener")
    for asked in (
        "Nothing on the shelf is called just",
        "Last time you chose the first one for these words",
    ):
        box.fill("40 g sweetener")
        expect(page.get_by_text(asked)).to_be_visible()
        with page.expect_response("**/api/quick-entry/chosen"):
            mine.click()
        page.wait_for_timeout(SENT_TWICE_MS)
    box.fill("40 g sweetener")
    expect(mine).to_contain_text("as you chose before")
    accessible()
    page.route("**/api/quick-entry", answers_late)
    box.fill("41 g sweetener")
    box.press("Enter")  # before the answer
    said = page.get_by_text("“sweetener” is Brightwater powdered sweetener, as you")
    expect(said.first).to_be_visible()
    with page.expect_response("**/api/quick-entry/chosen/forgotten"):
        page.get_by_role("button", name="Undo", exact=True).last.click()
    box.fill("40 g sweetener")
    expect(page.get_by_text("Nothing on the shelf is called just")).to_be_visible()


def test_a_copied_panel_becomes_a_label_with_five_keys(page: Page, accessible):
    page.goto("/shelf/new")
    name = page.get_by_label("Food name")
    expect(name).to_be_focused()
    page.keyboard.type("Pier granola")
    page.keyboard.press("Tab")
    expect(page.get_by_label("Paste the panel, or type it below")).to_be_focused()
    paste(page, PANEL)
    expect(page.get_by_text("Not used: Trans Fat 0g")).to_be_visible()
    expect(page.get_by_label("Calories")).to_have_value("110")
    expect(page.get_by_label("Serving weighs")).to_have_value("30")
    accessible()
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Pier granola")).to_be_visible()
