"""Tasting like a cook: the phone goes round the table, a verdict, the next trial, a blind test."""

import re

import pytest
from playwright.sync_api import Page, expect


def ruler(page: Page, quality: str):
    return page.get_by_role("slider", name=quality)


def tap_at(page: Page, quality: str, mark: float) -> None:
    """A finger on the ruler."""
    bar = page.get_by_role("group", name=quality).locator("[data-orientation]").first
    bar.evaluate("(ruler) => ruler.scrollIntoView({ block: 'center' })")
    box = bar.bounding_box()
    assert box is not None
    page.touchscreen.tap(box["x"] + box["width"] * mark / 10, box["y"] + box["height"] / 2)


@pytest.mark.phone
def test_a_tasting_is_said_with_one_thumb_and_the_next_sheet_is_blank(page: Page, accessible):
    page.goto("/dishes/1/taste")
    page.get_by_role("button", name="Bow seat", exact=True).tap()
    for quality, mark in (("Taste", 8), ("Texture", 7.5), ("Look", 6), ("Like the original", 9)):
        tap_at(page, quality, mark)
        said = page.get_by_label(f"{quality}, as it was said")
        expect(said).to_have_value(re.compile(rf"^({mark}|{mark + 0.5}|{mark - 0.5})$"))
    page.get_by_role("button", name="dry", exact=True).tap()
    expect(page.get_by_text("dry: more fat or water, a shorter bake, less whey")).to_be_visible()
    page.get_by_role("group", name="Make it again?").get_by_role("button", name="Yes").tap()
    accessible()
    page.get_by_role("button", name="Record for Bow seat").tap()
    expect(page.get_by_text("Recorded for Bow seat.", exact=True)).to_be_visible()
    expect(page.get_by_label("Taste, as it was said")).to_have_value("")
    expect(page.get_by_role("button", name="dry", exact=True)).to_have_attribute(
        "aria-pressed", "false"
    )
    said = page.request.get("/api/batches/1/tastings").json()["tastings"][0]
    assert (said["taster"], said["sheet"]["words"]) == ("Bow seat", ["dry"])
    assert set(said["counts"]) == {"taste", "texture", "look", "likeness"}
    # Nobody sees the others' marks before they have tasted, unless they ask for it.
    told = page.get_by_role("region", name="What was said")
    expect(told.get_by_text("Recorded.").first).to_be_visible()
    expect(told.get_by_text("11 out of 10")).to_have_count(0)
    told.get_by_role("button", name="hide marks while others taste").tap()
    expect(told.get_by_text("11 out of 10")).to_be_visible()
    page.get_by_role("button", name="Undo").tap()
    expect(told.get_by_role("button", name="show archived")).to_be_visible()
    assert page.request.get("/api/batches/1/tastings").json()["tastings"][0]["archived"]


def test_keys_alone_and_words_of_ones_own(page: Page):
    page.goto("/dishes/1/taste")
    page.get_by_role("button", name="Cox", exact=True).press("Enter")
    ruler(page, "Taste").focus()
    page.keyboard.press("ArrowRight")
    expect(page.get_by_label("Taste, as it was said")).to_have_value("5.5")
    page.keyboard.press("End")
    expect(page.get_by_label("Taste, as it was said")).to_have_value("10")
    page.get_by_label("Texture, as it was said").fill("11")
    page.get_by_label("A word of your own").fill("like toast")
    page.keyboard.press("Enter")
    page.get_by_role("button", name="Record for Cox").click()
    expect(page.get_by_role("alert").first).to_contain_text("write “11 out of 10”")
    page.reload()  # a sheet that is half filled in outlives the page
    expect(page.get_by_label("Texture, as it was said")).to_have_value("11")
    page.get_by_label("Texture, as it was said").fill("11 out of 10")
    page.get_by_role("button", name="Record for Cox").click()
    expect(page.get_by_text("Recorded for Cox.", exact=True)).to_be_visible()
    said = page.request.get("/api/batches/1/tastings").json()["tastings"][0]
    assert said["sheet"]["words"] == ["like toast"]
    assert said["counts"] == {"taste": 10, "texture": 10}


def test_a_verdict_and_its_lesson_stand_where_they_matter(page: Page, accessible):
    page.goto("/")
    waiting = page.get_by_role("region", name="Waiting for a word")
    waiting.get_by_role("link", name=re.compile("Mac and cheese tray")).click()
    expect(page.get_by_role("heading", name="Mac and cheese tray A: tasting")).to_be_visible()
    stamps = page.get_by_role("group", name="Verdict")
    stamps.get_by_role("button", name="CHANGE").click()
    page.get_by_role("button", name="Save the verdict").click()
    expect(page.get_by_role("alert").first).to_contain_text("Say what to change")
    page.get_by_label("What to change, one thing if you can").fill("A hotter top")
    page.get_by_label("The lesson").fill("Rest it 10 minutes.")
    page.get_by_role("button", name="Save the verdict").click()
    expect(page.get_by_text("Trial A: change.", exact=True)).to_be_visible()
    stages = page.get_by_role("navigation", name=re.compile("^Stages of"))
    stages.get_by_role("link", name=re.compile("Trials$")).click()
    expect(page.get_by_text("CHANGE", exact=True)).to_be_visible()
    accessible()
    for stage in ("Build", "Cook", "Card"):
        stages.get_by_role("link", name=re.compile(f"{stage}$")).click()
        expect(page.get_by_text("Rest it 10 minutes.").first).to_be_visible()
    page.goto("/")
    expect(page.get_by_role("heading", name="Dishes", exact=True)).to_be_visible()
    expect(waiting).to_have_count(0)


def test_the_lab_book_compares_plots_and_starts_the_next_trial(page: Page, accessible):
    page.goto("/dishes/1/trials")
    book = page.get_by_role("list", name="Trials")
    expect(book.get_by_text("Helped: +1.1")).to_be_visible()
    expect(book.get_by_text("Again: yes ×3")).to_be_visible()
    expect(book.get_by_text("Salt, fine came out at 18 g instead of 3 g")).to_be_visible()
    page.get_by_label("Pick trial A").check()
    page.get_by_label("Pick trial C").check()
    page.get_by_role("button", name="Compare the two").click()
    changed = page.get_by_role("region", name="What changed")
    expect(changed.get_by_text("Carrot, raw")).to_be_visible()
    cut = page.get_by_role("img", name="Trial A beside trial C")
    expect(cut.locator("path[stroke-dasharray='4 3']")).to_have_count(1)
    expect(page.get_by_role("region", name="Tastings of trial C")).to_contain_text("moist")
    accessible()
    page.get_by_role("tab", name="Score and kcal").click()
    plot = page.get_by_role("region", name="Frontier")
    expect(plot.get_by_role("button", name=re.compile("^A: .*unbeaten"))).to_be_visible()
    expect(plot.get_by_role("row").filter(has_text="beaten on both")).to_contain_text("D")
    plot.get_by_role("button", name="protein").click()
    expect(plot.get_by_text("g protein a serving").first).to_be_visible()
    accessible()
    page.get_by_role("link", name="What next").click()
    page.get_by_label("Next after").select_option(label="Trial B: Without oil: is it missed?")
    first = page.get_by_role("listitem").filter(has_text="3 tasters said dry").first
    title = first.get_by_role("heading").inner_text()
    first.get_by_role("button", name="Not this").click()
    expect(page.get_by_role("heading", name=title)).to_have_count(0)
    page.get_by_role("button", name="Undo").click()
    expect(page.get_by_role("heading", name=title)).to_be_visible()
    accessible()
    page.get_by_role("listitem").filter(has=page.get_by_role("heading", name=title)).get_by_role(
        "button", name="Start this trial"
    ).click()
    expect(page).to_have_url(re.compile(r"/dishes/1/build\?trial=\d+$"))
    expect(page.get_by_text(re.compile("Testing: .*dry"))).to_be_visible()


@pytest.mark.phone
def test_a_blind_test_goes_round_on_the_phone(page: Page, accessible):
    page.goto("/dishes/1/trials?tab=blind")
    page.get_by_label("How many taste").fill("2")
    expect(page.get_by_text("2 answers can show nothing")).to_be_visible()
    page.get_by_label("Question").select_option("preference")
    page.get_by_label("How many taste").fill("3")
    page.get_by_role("button", name="Draw the codes").tap()
    expect(page.get_by_role("heading", name="Which do you prefer?")).to_be_visible()
    accessible()
    page.get_by_role("link", name="For whoever fills the cups").tap()
    expect(page.get_by_text("Whoever reads this can’t taste.")).to_be_visible()
    expect(page.get_by_role("row")).to_have_count(1 + 2 + 1 + 3)
    accessible()
    page.get_by_role("link", name="To the test").tap()
    for seat in (1, 2, 3):
        place = page.get_by_role("region", name=f"Seat {seat}")
        place.get_by_role("button", name=re.compile(r"^\d{3}$")).first.tap()
        expect(page.get_by_text(f"{seat} of 3 answered.")).to_be_visible()
    expect(page.get_by_text("Everybody has answered.")).to_be_visible()
    last = page.get_by_role("listitem").filter(has_text="Seat 3:")
    last.get_by_role("button", name="Undo").tap()
    expect(page.get_by_text("2 of 3 answered.")).to_be_visible()
    place = page.get_by_role("region", name="Seat 3")
    place.get_by_role("button", name=re.compile(r"^\d{3}$")).last.tap()
    expect(page.get_by_text("Everybody has answered.")).to_be_visible()
    page.get_by_role("button", name="End and show the key").tap()
    page.get_by_role("dialog").get_by_role("button", name="Show the key").tap()
    expect(page.get_by_text(re.compile(r"\d of 3 prefer Trial"))).to_be_visible()
    expect(page.get_by_role("row")).to_have_count(4)
    accessible()


def test_keepers_stand_in_the_order_that_is_weighed(page: Page, accessible):
    page.goto("/")
    page.get_by_role("link", name="Keepers in order").click()
    expect(page.get_by_role("link", name="Carrot loaf A")).to_be_visible()
    page.get_by_role("slider", name="low cost").focus()
    page.keyboard.press("End")
    page.reload()
    expect(page.get_by_role("slider", name="low cost")).to_have_attribute("aria-valuenow", "10")
    accessible()


def test_a_photo_is_taken_and_two_trials_stand_one_over_the_other(page: Page, accessible):
    page.goto("/dishes/1/taste")
    photos = page.get_by_role("region", name="Photos")
    expect(photos.get_by_role("img")).to_have_count(2)
    chooser = photos.get_by_label("Photo: on the plate")
    chooser.set_input_files({"name": "x.jpg", "mimeType": "image/jpeg", "buffer": b"no picture"})
    expect(photos.get_by_role("alert")).to_contain_text("isn’t a picture")
    picture = page.request.get("/api/photos/1").body()
    chooser.set_input_files({"name": "x.jpg", "mimeType": "image/jpeg", "buffer": picture})
    expect(photos.get_by_role("img")).to_have_count(3)
    photos.get_by_role("button", name="More for the photo on the plate").click()
    page.get_by_role("menuitem", name="Show on the card").click()
    page.goto("/dishes/1/card")
    expect(page.get_by_role("img", name="On the plate")).to_be_visible()
    page.goto("/dishes/1/trials?tab=compare")
    page.get_by_label("Right").select_option(label="Trial C: More carrot in place of the oil")
    pair = page.get_by_role("region", name="Photos")
    pair.get_by_role("button", name="Cut").click()
    slider = pair.get_by_role("slider", name="How much of A is shown")
    slider.focus()
    page.keyboard.press("Home")
    expect(slider).to_have_attribute("aria-valuenow", "0")
    expect(pair.get_by_role("img", name="Trial C, cut")).to_be_visible()
    accessible()
