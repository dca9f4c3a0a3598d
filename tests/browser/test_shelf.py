"""The shelf like a cook: typing a panel, quick entry while building, comparing, claims, files."""

import re

import pytest
from playwright.sync_api import Page, expect


def line_box(page: Page, component: str = "Loaf"):
    return page.get_by_role("combobox", name=f"Add a line to {component}")


def options(page: Page):
    return page.get_by_role("listbox").get_by_role("option")


def test_a_panel_is_typed_top_to_bottom_with_its_audit_beside_it(page: Page, accessible):
    page.goto("/shelf")
    expect(page.get_by_text("Lately used first")).to_be_visible()
    page.keyboard.press("f")
    page.keyboard.type("northligt quark")
    expect(page.get_by_role("status").filter(has_text="Closest in spelling")).to_be_visible()
    accessible()
    page.get_by_role("link", name="Add a food").click()
    page.get_by_label("Food name").fill("Labneh")
    page.get_by_role("textbox", name="Package").fill("Moor labneh")
    page.get_by_role("combobox", name="Label type").select_option("us")

    # The main figures, what they are for, then down the panel as it is printed, with Tab alone.
    page.get_by_role("textbox", name="Calories").focus()
    for typed in ("60", "2", "2", "4 1/2", "30", "", "", "", "3", "", "110", "<1", "", "2"):
        page.keyboard.press("Control+a")
        page.keyboard.type(typed) if typed else page.keyboard.press("Delete")
        page.keyboard.press("Tab")
    expect(page.get_by_role("textbox", name="Dietary fibre")).to_have_value("<1")
    expect(page.get_by_role("textbox", name="Total fat")).to_have_value("4 1/2")
    expect(page.get_by_role("textbox", name="Protein")).to_have_value("2")
    expect(page.get_by_test_id("verdict")).to_contain_text("Agrees")
    accessible()
    page.get_by_role("textbox", name="Calories").fill("160")
    expect(page.get_by_test_id("verdict")).to_contain_text("off by")
    page.get_by_role("textbox", name="Calories").fill("lots")
    expect(page.get_by_role("alert")).to_contain_text("Type a number")
    page.get_by_role("textbox", name="Calories").fill("60")
    page.get_by_text("Pack, price, allergens").click()
    page.get_by_role("group", name="Contains").get_by_label("milk").check()
    page.get_by_role("group", name="Asks for care").get_by_label("contains xylitol").check()
    expect(page.get_by_text("Dangerous for dogs")).to_be_visible()
    page.get_by_role("textbox", name="Price").fill("1,80")
    page.get_by_role("button", name="Save").click()
    expect(page.get_by_role("heading", name="Labneh")).to_be_visible()

    # A changed package is a new version; what it would move is said before it is saved.
    page.goto("/shelf/4")
    page.get_by_role("textbox", name="Protein").fill("11")
    expect(page.get_by_role("region", name="What it would move")).to_contain_text("Carrot loaf A")
    page.get_by_role("button", name="Save the label").click()
    versions = page.get_by_role("region", name="Versions")
    expect(versions).to_contain_text("protein, g: 12 → 11")
    expect(versions).to_contain_text("Batches keep the label")
    accessible()

    # Names and measures; off the shelf, and back.
    page.get_by_role("tab", name="Names and measures").click()
    page.get_by_label("Other names").fill("curd, white cheese")
    page.get_by_label("A level cup weighs").fill("230")
    page.get_by_label("One", exact=True).fill("tub")
    page.get_by_label("weighs, g").fill("500")
    page.get_by_role("button", name="Add it").click()
    accessible()
    page.get_by_role("button", name="Save names and measures").click()
    expect(page.get_by_text("also curd, white cheese")).to_be_visible()
    page.get_by_role("button", name="Remove from shelf").click()
    notice = page.get_by_role("listitem").filter(has_text="Quark is off the shelf. Builds keep it.")
    notice.get_by_role("button", name="Undo").click()
    page.keyboard.press("f")
    page.keyboard.type("white cheese")
    expect(page.get_by_role("link", name=re.compile("^Quark"))).to_be_visible()


def test_lines_are_typed_as_recipes_say_them(page: Page, accessible):
    page.goto("/dishes/1/build")
    box = line_box(page)
    box.fill("2 large eggs")
    expect(options(page).first).to_contain_text("100 g")
    accessible()
    box.press("Enter")
    eggs = page.get_by_role("textbox", name="Egg, large, shelled, target grams").last
    expect(eggs).to_have_value("100")
    expect(page.get_by_text("2 × large (US) 50 g, generic value")).to_be_visible()

    # What only shares a word is not taken before it is chosen.
    box.fill("40 g peanuts")
    expect(page.get_by_text("Nothing on the shelf is called just “peanuts”.")).to_be_visible()
    box.press("Enter")
    expect(box).to_have_value("40 g peanuts")
    box.press("ArrowDown")
    box.press("Enter")
    expect(box).to_have_value("")
    box.fill("-5 g butter")
    expect(page.get_by_text("An amount cannot be less than 0.")).to_be_visible()

    # A weight that nobody knows is asked for once.
    box.fill("1 scoop chocolate whey")
    expect(options(page).first).to_contain_text("what does one level scoop weigh?")
    box.press("Enter")
    asking = page.get_by_role("form", name=re.compile("What one scoop"))
    asking.get_by_label(re.compile("^One level scoop")).fill("32")
    accessible()
    asking.get_by_role("button", name="Keep it").click()
    expect(options(page).first).to_contain_text("32 g")
    box.press("Enter")
    whey = page.get_by_role("textbox", name="Tidewater whey, chocolate, target grams")
    expect(whey).to_have_value("32")

    # Pieces without grams stay counted and are calculated all the same.
    box.fill("2 slices crew loaf")
    expect(options(page).first).to_contain_text("2 pieces")
    box.press("ArrowDown")
    box.press("Enter")
    expect(page.get_by_text("2 × slice, not weighed")).to_be_visible()
    expect(page.get_by_text("no slice has been weighed")).to_be_visible()

    # An unknown food: the line is not lost.
    box.fill("2 tbsp wattleseed")
    page.get_by_role("button", name="Save for later").click()
    kept = page.get_by_role("region", name="Kept for later")
    expect(kept).to_contain_text("2 tbsp wattleseed")

    # A whole list, line by line.
    page.get_by_role("button", name="Paste a recipe").click()
    page.get_by_role("textbox").fill(
        "For the glaze:\n1/2 cup skim milk\n1 tin chickpeas\n2 sprigs saltbush\n1/0 g x\n"
        "To serve:\nServes 8\nChill the glaze for 20 minutes"
    )
    lines = page.get_by_role("list", name="The lines as read")
    expect(lines).to_contain_text("With its liquid, or drained?")
    expect(lines).to_contain_text("kept for later")
    expect(lines).to_contain_text("0 below the line")
    expect(lines).to_contain_text("the servings")
    accessible()
    expect(page.get_by_text("2 lines wait for a food or a choice: kept for later.")).to_be_visible()
    chickpeas = lines.get_by_role("group", name="What “1 tin chickpeas” is")
    chickpeas.get_by_role("button").first.click()
    page.get_by_role("button", name="Add 2 lines and 1 step").click()
    glaze = page.get_by_role("region", name="Glaze")
    expect(glaze).to_contain_text("Northlight skim milk")
    expect(glaze.get_by_role("textbox", name=re.compile("chickpeas"))).to_have_value("240")
    expect(kept).to_contain_text("2 sprigs saltbush")
    expect(page.get_by_role("region", name="To serve")).to_have_count(0)
    steps = page.request.get("/api/trials/1/steps").json()["steps"]
    assert steps[-1]["kind"] == "chill"
    assert steps[-1]["least_min"] == 20
    page.get_by_role("button", name="Undo").first.click()
    expect(glaze).to_have_count(0)
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()


def choose_dish(page: Page, label: str, words: str) -> None:
    """A dish out of many, by a part of its name."""
    box = page.get_by_role("combobox", name=label)
    box.fill(words)
    expect(options(page)).to_have_count(1)
    box.press("Enter")


def test_claims_comparison_and_files(page: Page, accessible):
    page.goto("/claims")
    page.get_by_label("Paste or type what is claimed").fill("Theirs: 552 kcal, 55/40/24, makes 8")
    page.get_by_role("button", name="Read the figures").click()
    verdict = page.get_by_test_id("claim-verdict")
    expect(verdict).to_contain_text("kcal: 596, not 552")
    expect(page.get_by_text("protein: 44 g, not 55 g")).to_be_visible()
    accessible()
    page.reload()
    expect(verdict).to_contain_text("596, not 552")
    choose_dish(page, "One of mine beside it", "carrot")
    expect(page.get_by_text(re.compile(r"of Carrot loaf A by kcal"))).to_be_visible()
    batch = page.get_by_role("group", name="The whole batch").first
    batch.get_by_label("protein g").fill("-5")
    expect(page.get_by_role("alert")).to_contain_text("less than 0")

    page.goto("/shelf/compare")
    for name in ("northlight skim quark", "half-fat"):
        page.get_by_role("combobox", name="Add a package to compare").fill(name)
        expect(options(page).first).to_contain_text(re.compile(name, re.IGNORECASE))
        options(page).first.click()
    page.get_by_role("tab", name="per 30 g protein").click()
    expect(page.get_by_role("row", name=re.compile("^that is"))).to_contain_text("250 g")
    choose_dish(page, "What each would make of a serving of", "loaf carr")
    expect(page.get_by_text("Carrot loaf, trial A")).to_be_visible()
    expect(page.get_by_role("row", name=re.compile("^Eastgate half-fat quark"))).to_contain_text(
        "+22"
    )
    expect(page.get_by_text("adds 22 kcal and loses 0.6 g protein per serving")).to_be_visible()
    accessible()

    page.goto("/shelf/files")
    rows = "Quark,Northlight skim quark,eu,100,63\nSkyr,Fell skyr,eu,100,62\nOops,,eu,,1\n"
    page.get_by_label(re.compile("A CSV file")).set_input_files(
        {
            "name": "shelf.csv",
            "mimeType": "text/csv",
            "buffer": f"food,package,style,basis_g,kcal\n{rows}".encode(),
        }
    )
    preview = page.get_by_role("region", name="Import")
    expect(preview).to_contain_text("energy, kcal: 67 → 63")
    expect(preview).to_contain_text("basis_g: Say what the figures are for")
    accessible()
    page.get_by_role("button", name="Write 2, leave out the 1 refused").click()
    expect(preview).to_contain_text("2 rows are on the shelf")
    page.get_by_role("link", name="Look at the shelf").click()
    with page.expect_download() as download:
        page.goto("/shelf/files")
        page.get_by_role("link", name="Everything").click()
    assert "Fell skyr" in download.value.path().read_text(encoding="utf-8")


@pytest.mark.phone
def test_in_front_of_the_cupboard_with_a_phone(page: Page, accessible):
    page.goto("/shelf")
    page.get_by_label("Only mine, no generic foods").check()
    page.get_by_role("searchbox", name="Find a food").fill("zzz")
    expect(page.get_by_text("None of your own foods is called “zzz”.")).to_be_visible()
    page.get_by_role("searchbox", name="Find a food").fill("cotage cheese")
    page.get_by_role("link", name=re.compile("^Cottage cheese")).tap()
    expect(page.get_by_text("In the shop: at most 5 g carbohydrate in 110 g")).to_be_visible()
    accessible()
    page.get_by_role("link", name="Compare its labels").tap()
    expect(page.get_by_role("columnheader", name=re.compile("Saltmarsh"))).to_be_visible()
    accessible()
    for path in ("/claims", "/shelf/files", "/shelf/new"):
        page.goto(path)
        expect(page.get_by_role("heading", level=1)).to_be_visible()
        assert page.evaluate("document.documentElement.scrollWidth") <= 390, path
        accessible()


def test_what_a_food_counts_as_is_put_right_in_one_touch(page: Page, accessible):
    page.goto("/shelf")
    page.get_by_role("link", name=re.compile("Sponge fingers")).first.click()
    counts = page.get_by_label("Counts as")
    expect(page.get_by_text("by its name")).to_be_visible()
    accessible()
    counts.select_option("cookie")
    expect(page.get_by_text("Sponge fingers counts as cookie.", exact=True)).to_be_visible()
    expect(page.get_by_text("as you said")).to_be_visible()
    page.reload()
    expect(counts).to_have_value("cookie")
    counts.select_option("guess")
    expect(page.get_by_text("by its name")).to_be_visible()
