"""From the original to the card: the whole path by keyboard alone, and by touch on a phone."""

import re

import pytest
from playwright.sync_api import Page, expect

ALONE_MS = 450
"""So long after one key the next one is no part of a typed word."""

LINES = 14


def reading(page: Page):
    return page.get_by_test_id("reading")


def title(page: Page, nutrient: str):
    return page.locator(f"[data-nutrient={nutrient}] output").first


def press_alone(page: Page, key: str) -> None:
    page.wait_for_timeout(ALONE_MS)
    page.keyboard.press(key)


def tab_to(page: Page, name: str | re.Pattern[str], role: str = "link") -> None:
    """Press Tab until the named thing has the focus, as a cook without a mouse does."""
    target = page.get_by_role(role, name=name).first
    expect(target).to_be_visible()
    for _ in range(120):
        if target.evaluate("element => element === document.activeElement"):
            return
        page.keyboard.press("Tab")
    raise AssertionError(f"Tab never reaches {name}")


def act_at_scale(page: Page, act: str, amount: float = 0) -> None:
    """Hands at the simulated scale: they are no part of the interface under test."""
    answer = page.request.post("/api/scale/simulator", data={"act": act, "amount": amount})
    assert answer.status == 204, answer.text()


def only_the_kitchen_scale(page: Page) -> None:
    """One scale and one bowl for everything, as in most kitchens."""
    house = page.request.get("/api/settings").json()
    house["scales"] = house["scales"][:1]
    assert page.request.put("/api/settings", data=house).status == 200


def target_of_current(page: Page) -> float:
    current = page.locator("[aria-current=step]")
    found = re.search(r"([\d.]+) g$", current.inner_text().replace("\u202f", ""))
    assert found
    return float(found[1])


def pour_hands_free(page: Page, first: int, lines: int) -> None:
    """Pour each line as it is named; the weigh-in takes it and goes on by itself. The rest comes
    from another device."""
    section = page.get_by_role("region", name="Lines")
    act_at_scale(page, "settling", 0.05)
    for done in range(first, first + lines):
        expect(section).to_contain_text(f"{done} of {LINES}")
        target = target_of_current(page)
        act_at_scale(page, "scoop", target)
        expect(section).to_contain_text(f"{done + 1} of {LINES}")
    batch = re.search(r"batch=(\d+)", page.url)
    assert batch
    url = f"/api/batches/{batch[1]}"
    for line in page.request.get(url).json()["lines"]:
        if line["status"] == "open":
            typed = {"net_g": line["target_g"], "origin": "hand", "kind": "line"}
            capture = {"id": f"elsewhere-{line['id']}", "line": line["id"], **typed}
            assert page.request.post(f"{url}/weighings", data=capture).status == 200
    expect(section).to_contain_text(f"{LINES} of {LINES}")


def test_the_whole_path_by_keyboard(page: Page, accessible):
    only_the_kitchen_scale(page)
    page.goto("/")
    expect(page.get_by_role("heading", name="Kitchen")).to_be_visible()
    accessible()

    # 1. Open the dish, see its original and edit it.
    tab_to(page, re.compile("^Carrot loaf keeper"))
    page.keyboard.press("Enter")
    tab_to(page, re.compile("Original$"))
    page.keyboard.press("Enter")
    expect(page.get_by_label("Serving weight")).to_have_value("180")
    accessible()
    tab_to(page, "From a label or menu", role="button")
    page.keyboard.press("Enter")
    tab_to(page, "Energy", role="textbox")
    page.keyboard.type("700")
    page.keyboard.press("Enter")
    expect(page.get_by_text("The original is saved.", exact=True)).to_be_visible()
    tab_to(page, re.compile("Build$"))
    page.keyboard.press("Enter")

    # 2. Build: change, add, move and remove lines; the figures answer while typing.
    expect(page.get_by_role("region", name="Per serving")).to_contain_text("700 kcal")
    before = title(page, "kcal").inner_text()
    tab_to(page, re.compile("rapeseed oil, target"), role="textbox")
    page.keyboard.type("128")
    expect(title(page, "kcal")).not_to_have_text(before)
    page.keyboard.type("8")
    page.keyboard.press("Control+a")
    page.keyboard.type("28")
    expect(title(page, "kcal")).to_have_text(before)
    page.keyboard.press("Escape")
    tab_to(page, "Add a line to Loaf", role="combobox")
    page.keyboard.type("30 protein granola")
    page.keyboard.press("Enter")
    loaf = page.get_by_role("region", name="Loaf")
    expect(loaf.get_by_role("row")).to_have_count(14)
    expect(title(page, "kcal")).not_to_have_text(before)
    tab_to(page, re.compile("granola, target"), role="textbox")
    page.keyboard.press("Alt+ArrowUp")
    expect(loaf.get_by_role("row").nth(11)).to_contain_text("granola")
    page.keyboard.press("Alt+Backspace")
    expect(loaf.get_by_role("row")).to_have_count(13)
    expect(title(page, "kcal")).to_have_text(before)
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    accessible()

    # 3. Weigh in at the simulated scale.
    tab_to(page, re.compile("Weigh it"), role="button")
    page.keyboard.press("Enter")
    expect(reading(page)).to_have_text("0")
    accessible()
    page.keyboard.press("h")
    expect(page.get_by_role("checkbox", name=re.compile("hands-free"))).not_to_be_checked()
    act_at_scale(page, "pour", 180)
    expect(page.get_by_test_id("left")).to_have_text("10 g too much")
    expect(page.get_by_role("button", name=re.compile("^Accept it as it is"))).to_be_visible()
    page.keyboard.press("1")
    lines = page.get_by_role("region", name="Lines")
    expect(lines).to_contain_text("1 of 14")
    page.keyboard.press("Backspace")
    expect(lines).to_contain_text("0 of 14")
    act_at_scale(page, "spill", 9)
    expect(reading(page)).to_have_text("171")
    expect(reading(page)).to_have_attribute("data-stable", "true")
    page.keyboard.press("Space")
    expect(lines).to_contain_text("1 of 14")
    page.reload()
    expect(lines).to_contain_text("1 of 14")
    page.keyboard.press("h")
    expect(page.get_by_role("checkbox", name=re.compile("hands-free"))).to_be_checked()
    pour_hands_free(page, first=1, lines=4)
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Carrot loaf A is weighed")).to_be_visible()

    # 4. The whole mixture, the number of portions, the target for each.
    tab_to(page, re.compile("On to the portions"))
    page.keyboard.press("Enter")
    expect(page.get_by_role("heading", name="Carrot loaf A: portions")).to_be_visible()
    page.keyboard.press("e")
    page.get_by_role("dialog").get_by_label(re.compile("Grams")).fill("1492")
    page.keyboard.press("Enter")
    expect(page.get_by_role("button", name=re.compile("Each piece"))).to_contain_text("186.5 g")
    press_alone(page, "p")
    press_alone(page, "e")
    expect(page.get_by_role("dialog").get_by_label(re.compile("Grams"))).to_have_value("186.5")
    page.keyboard.press("Enter")
    expect(page.get_by_role("button", name=re.compile(r"^1\s*186.5 g"))).to_be_visible()
    accessible()

    # 5. View card.
    tab_to(page, re.compile("View card"))
    page.keyboard.press("Enter")
    table = page.get_by_role("table", name="Per serving and Per 100 g")
    expect(table.locator("[data-nutrient=kcal]")).to_contain_text("1–3")
    for row in ("Energy", "Protein", "Carbohydrate, total", "net of", "Fat", "Fibre"):
        expect(table).to_contain_text(row)
    expect(page.get_by_role("region", name="Findings")).to_contain_text("The mixture weighs")
    expect(page.get_by_text("ours, equal weight, 180 g")).to_be_visible()
    tab_to(page, re.compile("Margin of kcal"), role="button")
    page.keyboard.press("Enter")
    expect(page.get_by_text("Biggest uncertainties")).to_be_visible()
    page.keyboard.press("Escape")
    accessible()

    # 6. The shelf: a label edited with its audit live beside it.
    page.keyboard.press("/")
    page.keyboard.type("granola")
    page.keyboard.press("Enter")
    expect(page.get_by_test_id("verdict")).to_contain_text("off by")
    accessible()
    tab_to(page, "Protein", role="textbox")
    page.keyboard.type("37")
    expect(page.get_by_test_id("verdict")).to_contain_text("Agrees")
    page.keyboard.press("Enter")
    expect(page.get_by_text("Past batches keep theirs").first).to_be_visible()


@pytest.mark.phone
def test_the_whole_path_by_touch_on_a_phone(page: Page, accessible):
    only_the_kitchen_scale(page)
    page.goto("/")
    page.get_by_role("link", name=re.compile("^Carrot loaf keeper")).tap()
    page.get_by_role("link", name="Original", exact=True).tap()
    page.get_by_role("button", name="From a label or menu").tap()
    page.get_by_label("Protein", exact=True).fill("9")
    page.get_by_role("button", name="Save the original").tap()
    expect(page.get_by_text("The original is saved.", exact=True)).to_be_visible()
    accessible()

    page.get_by_role("link", name="Build", exact=True).tap()
    loaf = page.get_by_role("region", name="Loaf")
    expect(loaf.get_by_role("row")).to_have_count(13)
    page.get_by_role("button", name="More for Salt, fine").tap()
    page.get_by_role("menuitem", name="Remove").tap()
    expect(loaf.get_by_role("row")).to_have_count(12)
    page.get_by_role("button", name="Undo").first.tap()
    expect(loaf.get_by_role("row")).to_have_count(13)
    page.get_by_role("combobox", name="Add a line to Frosting").fill("12 half-fat")
    page.get_by_role("option", name=re.compile("Eastgate")).tap()
    expect(page.get_by_role("region", name="Frosting")).to_contain_text("Eastgate")
    accessible()
    page.get_by_role("button", name="More for Eastgate half-fat quark").tap()
    page.get_by_role("menuitem", name="Remove").tap()
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()
    page.get_by_role("button", name=re.compile("Weigh it")).tap()

    expect(reading(page)).to_have_attribute("data-stable", "true")
    page.get_by_role("button", name="Tare").tap()
    expect(reading(page)).to_have_text("0")
    accessible()
    panel = page.get_by_role("region", name="Simulated scale")
    panel.get_by_role("button", name="Pour", exact=True).tap()
    lines = page.get_by_role("region", name="Lines")
    expect(lines).to_contain_text("1 of 14")
    page.get_by_role("button", name="Another way").tap()
    page.get_by_role("dialog").get_by_role("button", name="Record it").tap()
    expect(lines).to_contain_text("2 of 14")
    expect(page.get_by_test_id("left")).to_contain_text("put in what was weighed beside it")
    act_at_scale(page, "scoop", 90)
    expect(reading(page)).to_have_text("0")
    page.get_by_role("button", name="Another way").tap()
    page.get_by_role("dialog").get_by_role("button", name="Leave it out").tap()
    page.get_by_role("dialog").get_by_role("button", name="Leave it out").last.tap()
    expect(lines).to_contain_text("3 of 14")
    pour_hands_free(page, first=3, lines=3)
    page.get_by_role("button", name="Close the weigh-in").tap()

    page.get_by_role("link", name="On to the portions").tap()
    page.get_by_label("Number of portions").fill("6")
    expect(page.get_by_role("region", name="Portions").get_by_role("listitem")).to_have_count(6)
    accessible()
    page.get_by_role("link", name="View card").tap()
    expect(page.get_by_role("table", name="Per serving")).to_be_visible()
    wider = page.evaluate("document.documentElement.scrollWidth > innerWidth")
    assert not wider, "the card scrolls sideways"
    accessible()

    page.get_by_role("link", name="Shelf").tap()
    page.get_by_role("link", name="Add a food").tap()
    page.get_by_label("Food name").fill("Skyr")
    page.get_by_role("textbox", name="Energy").first.fill("62")
    page.get_by_label("Protein", exact=True).fill("11")
    page.get_by_label("Carbohydrate", exact=True).fill("4")
    page.get_by_label("Fat", exact=True).fill("0,2")
    expect(page.get_by_test_id("verdict")).to_contain_text("Agrees")
    accessible()
    page.get_by_role("button", name="Save").tap()
    expect(page.get_by_role("heading", name="Skyr")).to_be_visible()
