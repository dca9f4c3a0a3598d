"""Dividing, filling at the simulated scale, the pan, what is not eaten, card, stock."""

import base64
import re
import uuid
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_path import act_at_scale, only_the_kitchen_scale
from tests.browser.test_weigh import steady

LOAF = "/dishes/1/portion?batch=1"
TRAY = "/dishes/5/portion?batch=3"


def divide(page: Page):
    return page.get_by_role("region", name="Divide it")


def at_the_scale(page: Page):
    return page.get_by_role("region", name="At the scale")


def pieces(page: Page):
    return page.get_by_role("region", name="Portions").get_by_role("listitem")


def unbook(page: Page, batch: int) -> None:
    """Undo what is put away or eaten of a batch: then it can be divided otherwise."""
    path = f"/api/batches/{batch}/stock"
    while last := page.request.get(path).json()["last_record"]:
        back = {"id": str(uuid.uuid4()), "move": "undo", "undoes": last}
        assert page.request.post(path, data=back).ok


def ready(page: Page) -> None:
    """The demo's loaf, nothing of it eaten yet, with one scale that settles quickly."""
    only_the_kitchen_scale(page)
    unbook(page, 1)
    page.goto(LOAF)
    act_at_scale(page, "settling", 0.05)
    expect(page.get_by_role("heading", level=1)).to_have_text("Carrot loaf A: portions")


def test_pieces_are_filled_without_a_touch_and_the_last_takes_the_rest(page: Page, accessible):
    ready(page)
    divide(page).get_by_label("Number of portions").fill("3")
    page.keyboard.press("Escape")
    page.get_by_role("button", name=re.compile("^Each piece")).click()
    expect(page.get_by_role("heading", name="Portion 1")).to_be_visible()
    accessible()
    for piece, grams in enumerate((495, 490, 491), start=1):
        expect(page.get_by_role("heading", name=f"Portion {piece}")).to_be_visible()
        act_at_scale(page, "lift")
        expect(page.get_by_test_id("left")).to_have_text(re.compile("put the cup on|is off the"))
        act_at_scale(page, "bowl", 20)
        steady(page, "0")
        act_at_scale(page, "scoop", grams)
        expect(pieces(page).nth(piece - 1)).to_contain_text(f"{grams} g")
    expect(page.get_by_role("heading", name="All pieces are filled")).to_be_visible()
    spread = page.get_by_role("region", name="Average and this piece")
    expect(spread).to_contain_text("490 – 495 g")
    expect(spread).to_contain_text("All of them were weighed")


def test_two_passes_top_up_and_an_odd_piece_stays(page: Page):
    ready(page)
    divide(page).get_by_label("Number of portions").fill("2")
    divide(page).get_by_role("button", name="Fill in two passes").click()
    page.get_by_role("button", name=re.compile("^Each piece")).click()
    scale = at_the_scale(page)
    expect(scale).to_contain_text("First pass, not quite full")
    for piece, grams in ((1, 650), (2, 660)):
        expect(page.get_by_role("heading", name=f"Portion {piece}")).to_be_visible()
        page.keyboard.press("e")
        page.get_by_role("dialog").get_by_label("Grams").fill(str(grams))
        page.keyboard.press("Enter")
        expect(pieces(page).nth(piece - 1)).to_contain_text(f"{grams} g")
    expect(scale).to_contain_text("Second pass")
    expect(page.get_by_role("heading", name="Portion 1")).to_be_visible()
    expect(scale.get_by_role("img")).to_have_attribute("aria-label", re.compile("of 88 g"))
    page.keyboard.press("e")
    page.get_by_role("dialog").get_by_label("Grams").fill("90")
    page.keyboard.press("Enter")
    expect(pieces(page).nth(0)).to_contain_text("740 g")
    expect(page.get_by_role("heading", name="Portion 2")).to_be_visible()
    scale.get_by_role("button", name=re.compile("Piece 2 is an odd one")).click()
    expect(page.get_by_role("heading", name="Portion 2")).to_have_count(0)


def test_a_pan_is_cut_and_every_piece_has_its_size(page: Page, accessible):
    unbook(page, 3)
    page.goto(TRAY)
    pan = page.get_by_role("region", name="The pan")
    expect(pan).to_contain_text("10.0 × 10.0 cm (3.9 × 3.9 in)")
    expect(pan).to_contain_text("4 corners, 2 edges, 0 middles")
    accessible()
    divide(page).get_by_label("Rows").fill("3")
    divide(page).get_by_label("Columns").fill("4")
    expect(pan.get_by_role("button")).to_have_count(12)
    expect(pan).to_contain_text("4 corners, 6 edges, 2 middles")
    ways = page.get_by_role("region", name="Ways to divide")
    current = ways.locator("[aria-current=true]")
    expect(current).to_contain_text("12")
    sixteenth = ways.get_by_role("row").filter(has_text="Take").last
    expect(sixteenth).to_contain_text("16")
    each = float(re.search(r"(\d+) kcal", pan.inner_text())[1])
    assert each == pytest.approx(376 / 2, abs=1)
    # one stop for Tab, arrows from piece to piece
    pan.get_by_role("button", name="Piece 1, corner").focus()
    page.keyboard.press("ArrowRight")
    page.keyboard.press("ArrowDown")
    expect(pan.get_by_role("button", name="Piece 6, middle")).to_be_focused()
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Portion 6")).to_be_visible()
    # looked at, another shape and another way change nothing
    for look in ("round", "Scoops", "By the gram"):
        divide(page).get_by_role("button", name=look).click()
        expect(divide(page)).to_contain_text("Until then it stays as it is.")
        expect(pan.get_by_role("button")).to_have_count(12)
    page.reload()
    expect(pan.get_by_role("button")).to_have_count(12)
    divide(page).get_by_role("button", name="round").click()
    divide(page).get_by_role("button", name="Divide it this way").click()
    expect(pan.get_by_role("img", name="Round pan in 8 wedges")).to_be_visible()
    divide(page).get_by_label("Wedges").fill("0")
    expect(divide(page).get_by_role("alert")).to_be_visible()
    ways.get_by_role("button", name="Take 6 pieces").click()
    expect(pieces(page)).to_have_count(6)


def test_what_is_not_eaten_finishes_and_made_things(page: Page):
    ready(page)
    back = page.get_by_role("region", name="Not eaten")
    back.get_by_role("button", name="Weigh leftovers of Frosting").click()
    expect(page.get_by_role("heading", name="Frosting: what came back")).to_be_visible()
    page.keyboard.press("e")
    page.get_by_role("dialog").get_by_label("Grams").fill("84")
    page.keyboard.press("Enter")
    expect(back).to_contain_text("84 g came back: 78 % used")
    page.get_by_role("tab", name="Toppings").click()
    plates = page.get_by_role("region", name="Finishes")
    plates.get_by_label("A finish").fill("with jam")
    plates.get_by_role("button", name="Add", exact=True).click()
    jam = plates.get_by_role("listitem").filter(has_text="with jam").first
    jam.get_by_role("combobox", name="Add to with jam").fill("walnut")
    expect(jam.get_by_role("option").first).to_contain_text("walnut")
    page.keyboard.press("ArrowDown")
    page.keyboard.press("Enter")
    grams = jam.get_by_role("textbox", name=re.compile("Grams of"))
    expect(grams).to_have_value("20")
    plain = jam.inner_text()
    grams.fill("30")
    expect(jam).not_to_have_text(plain)
    jam.get_by_role("button", name="Take out with jam").click()
    expect(plates.get_by_text("with jam")).to_have_count(0)
    page.get_by_role("button", name="Undo", exact=True).last.click()
    expect(plates.get_by_text("with jam").first).to_be_visible()
    page.get_by_role("tab", name="Put away").click()
    shelf = page.get_by_role("region", name="As an ingredient")
    shelf.get_by_label("Which part").select_option("Frosting")
    shelf.get_by_role("button", name="Onto the shelf").click()
    shelf.get_by_role("link", name="Frosting, made here").click()
    expect(page.get_by_role("heading", name="Frosting, made here")).to_be_visible()


def test_servings_go_into_the_fridge_and_are_eaten_from_the_kitchen(page: Page, accessible):
    page.goto("/")
    tray = page.get_by_role("list", name="Mac and cheese tray, put away")
    expect(tray).to_contain_text("eat today")
    accessible()
    page.get_by_role("button", name="Eat one: Mac and cheese tray, fridge").click()
    expect(tray).not_to_contain_text("eat today")
    page.get_by_role("button", name="Undo").click()
    expect(tray).to_contain_text("eat today")
    page.get_by_role("button", name="Freeze all: Mac and cheese tray, fridge").click()
    expect(tray).not_to_contain_text("in the fridge")
    page.goto(LOAF)
    page.get_by_role("tab", name="Put away").click()
    away = page.get_by_role("region", name="Put away")
    expect(away).to_contain_text("4 servings in the fridge")
    expect(away).to_contain_text("UK advice: 48 hours")
    expect(away).to_contain_text("habit: 4 to 5 days")
    # a serving and a half, weighed at the table; a serving is 184.5 g
    away.get_by_role("button", name="Other amount: Carrot loaf, fridge").click()
    other = page.get_by_role("dialog", name="Another amount")
    accessible()
    other.get_by_label("Servings").fill("5")
    expect(other.get_by_role("alert")).to_have_text("Only 4 servings there.")
    expect(other.get_by_role("button", name="Eat")).to_be_disabled()
    other.get_by_role("button", name="grams").click()
    other.get_by_label("Grams").fill("276.75")
    expect(other).to_contain_text("392 kcal")
    other.get_by_role("button", name="Eat").click()
    expect(away).to_contain_text("2.5 servings in the fridge")


def test_how_it_gets_warm_and_how_that_came_out(page: Page, accessible):
    page.goto("/")
    tray = page.get_by_role("list", name="Mac and cheese tray, put away")
    tray.get_by_text("Warm it up").click()
    expect(tray).to_contain_text("microwave 2 to 3 min")
    accessible()
    tray.get_by_label("How you warmed it").fill("oven 12 min: dry edges")
    tray.get_by_role("button", name="Keep it").click()
    expect(tray).to_contain_text("oven 12 min: dry edges)")


@pytest.mark.parametrize(("paper", "width", "height"), [("a4", 595, 842), ("letter", 612, 792)])
def test_the_card_prints_on_one_page(page: Page, paper, width, height):
    house = page.request.get("/api/settings").json()
    page.request.put("/api/settings", data={**house, "paper": paper})
    page.add_init_script("localStorage.setItem('gasket.theme', 'dark')")
    page.goto("/dishes/1/card?batch=1")
    expect(page.get_by_role("table", name="At a glance")).to_be_visible()
    printed = page.pdf(prefer_css_page_size=True)
    assert len(re.findall(rb"/Type\s*/Page[^s]", printed)) == 1
    box = re.search(rb"/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)", printed)
    assert (float(box[1]), float(box[2])) == (
        pytest.approx(width, abs=1),
        pytest.approx(height, abs=1),
    )
    page.emulate_media(media="print")
    ink = page.evaluate("getComputedStyle(document.documentElement).getPropertyValue('--ink')")
    assert ink == "#000"  # ink on paper, whatever theme is on the screen
    expect(page.get_by_role("region", name="Behind the figures")).to_be_hidden()
    expect(page.get_by_text("Keeps in the fridge until")).to_be_visible()


def test_the_card_leaves_as_text_and_as_a_picture(page: Page, accessible, tmp_path):
    page.add_init_script("navigator.clipboard.writeText = async (text) => { window.copied = text }")
    page.goto("/dishes/1/card?batch=1")
    expect(page.get_by_role("table", name="At a glance")).to_be_visible()
    accessible()
    page.get_by_role("button", name="Copy as text").click()
    expect(page.get_by_text("The card is copied as text.", exact=True)).to_be_visible()
    copied = page.evaluate("window.copied")
    assert copied.startswith("Carrot loaf, trial A")
    assert "net carbohydrate" in copied
    with page.expect_download() as picture:
        page.get_by_role("button", name="Picture").click()
    file = tmp_path / "card.png"
    picture.value.save_as(file)
    assert re.fullmatch(r"Carrot loaf A \d{4}-\d\d-\d\d\.png", picture.value.suggested_filename)
    wide, high, inked = picture_of(page, file)
    assert wide > 1600
    assert high > 1000
    assert 0.01 < inked < 0.5, "a picture of nothing, or all black"


def picture_of(page: Page, file: Path) -> tuple[int, int, float]:
    """Width, height and the share of dark pixels of a PNG, as a browser reads it."""
    return page.evaluate(
        """async (text) => {
          const bytes = Uint8Array.from(atob(text), (one) => one.charCodeAt(0));
          const blob = new Blob([bytes], { type: 'image/png' });
          const image = await createImageBitmap(blob);
          const canvas = new OffscreenCanvas(image.width, image.height);
          const pen = canvas.getContext('2d');
          pen.drawImage(image, 0, 0);
          const { data } = pen.getImageData(0, 0, image.width, image.height);
          let dark = 0;
          for (let i = 0; i < data.length; i += 4) if (data[i] < 128) dark += 1;
          return [image.width, image.height, dark / (data.length / 4)];
        }""",
        base64.b64encode(file.read_bytes()).decode(),
    )


@pytest.mark.phone
def test_at_a_phone_the_scale_comes_first_and_everything_fits(page: Page, accessible):
    unbook(page, 1)
    page.goto(LOAF)
    scale = at_the_scale(page).bounding_box()
    form = divide(page).bounding_box()
    assert scale["y"] < form["y"]
    accessible()
    divide(page).get_by_role("button", name="Cut the pan").tap()
    divide(page).get_by_role("button", name="Divide it this way").tap()
    expect(page.get_by_role("region", name="The pan")).to_be_visible()
    accessible()
    assert page.evaluate("document.documentElement.scrollWidth") <= 390
