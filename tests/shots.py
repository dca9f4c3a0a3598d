"""`./run shots`: one current picture of every main view, from a fresh demo kitchen."""

import tempfile
import uuid
from collections.abc import Callable
from pathlib import Path
from urllib.parse import quote

from playwright.sync_api import Page, expect, sync_playwright

from tests.browser.conftest import QUIET
from tests.server import Server

OUT = Path(__file__).parents[1] / "docs" / "screenshots"
DESKTOP = {"width": 1280, "height": 800}
PHONE = {"width": 390, "height": 844}
PAPER = {"width": 711, "height": 1040}


def act(page: Page, name: str, amount: float = 0) -> None:
    page.request.post("/api/scale/simulator", data={"act": name, "amount": amount})


def steady(page: Page, shows: str) -> None:
    expect(page.get_by_test_id("reading")).to_have_text(shows)
    expect(page.get_by_test_id("reading")).to_have_attribute("data-stable", "true")


def tare(page: Page) -> None:
    expect(page.get_by_test_id("reading")).to_have_attribute("data-stable", "true")
    page.keyboard.press("t")
    steady(page, "0")


def weigh_two_and_a_half(page: Page) -> None:
    """Flour and milk protein are in, the sweetener is on its way."""
    tare(page)
    for done, grams in ((1, 171), (2, 90)):
        act(page, "scoop", grams)
        expect(page.get_by_role("region", name="Lines")).to_contain_text(f"{done} of 14")
    act(page, "scoop", 68)
    steady(page, "68")


def fill_two(page: Page) -> None:
    for grams in (188, 186):
        page.keyboard.press("e")
        page.get_by_role("dialog").get_by_label("Grams").fill(str(grams))
        page.keyboard.press("Enter")
        expect(page.get_by_role("dialog")).to_have_count(0)
    page.keyboard.press("t")
    page.wait_for_timeout(1500)
    act(page, "scoop", 120)
    page.wait_for_timeout(2500)


def open_margin(page: Page) -> None:
    page.get_by_role("button", name="Margin of kcal").click()
    expect(page.get_by_text("Biggest uncertainties")).to_be_visible()


def portions(page: Page) -> None:
    expect(page.get_by_test_id("reading")).to_have_attribute("data-stable", "true")
    page.keyboard.press("p")
    page.wait_for_timeout(400)
    fill_two(page)


CLAIMS = (
    '{"claims":[{"name":"Theirs, in 8","servings":8,"serving":{"kcal":362,"protein_g":31}},'
    '{"name":"in 6","servings":6,"serving":{"kcal":483,"protein_g":44}}],"relation":"same_pan"}'
)


def try_a_swap(page: Page) -> None:
    page.get_by_role("button", name="Harbour salted butter").first.click()
    about = page.get_by_role("region", name="About Harbour salted butter")
    about.get_by_role("button", name="Try it").first.click()
    expect(page.get_by_text("Trying it out")).to_be_visible()
    about.evaluate("element => window.scrollTo(0, element.getBoundingClientRect().top - 200)")
    page.wait_for_timeout(700)


def reach_the_goal(page: Page) -> None:
    page.get_by_role("tab", name="Goal").click()
    page.get_by_label("Energy, at most").fill("240")
    page.get_by_label("Protein, at least").fill("18")
    page.get_by_role("button", name="Find ways").click()
    page.get_by_role("button", name="Try it").first.click()
    expect(page.get_by_text("Trying it out")).to_be_visible()
    page.wait_for_timeout(700)


def on_paper(page: Page) -> None:
    page.emulate_media(media="print")


def plan_the_steps(page: Page) -> None:
    page.get_by_role("button", name="Plan the steps").click()
    expect(page.get_by_role("region", name="Schedule")).to_contain_text("ready")
    page.wait_for_timeout(600)


def bake_the_chicken(page: Page) -> None:
    """Coated, chilled, in the oven, measured once too early; the sauce is stirred meanwhile."""
    done = [
        (deed, key)
        for key in ("cut", "coat", "rest", "rack", "preheat")
        for deed in ("begin", "done")
    ]
    for deed, key in (*done, ("begin", "bake"), ("begin", "ready-1")):
        log(page, deed=deed, step=key)
    log(page, deed="temperature", step="bake", temperature_c=68)
    page.wait_for_timeout(2500)


def log(page: Page, **deed: object) -> None:
    body = {"id": str(uuid.uuid4()), **deed}
    assert page.request.post("/api/batches/2/cook", data=body).status == 200


def say_how_it_was(page: Page) -> None:
    page.get_by_role("button", name="Bow seat", exact=True).click()
    for quality, said in (("Taste", "8.5"), ("Texture", "7")):
        page.get_by_label(f"{quality}, as it was said").fill(said)


def nothing(_: Page) -> None:
    return


VIEWS: tuple[tuple[str, str, dict[str, int], str, Callable[[Page], None]], ...] = (
    ("build", "/dishes/1/build", DESKTOP, "light", nothing),
    ("swap", "/dishes/2/build", DESKTOP, "light", try_a_swap),
    ("goal", "/dishes/2/build", DESKTOP, "dark", reach_the_goal),
    ("original", "/dishes/1/original", DESKTOP, "light", nothing),
    ("card", "/dishes/1/card?batch=1", DESKTOP, "light", open_margin),
    ("card-print", "/dishes/1/card?batch=1", PAPER, "light", on_paper),
    ("shelf", "/shelf/13", DESKTOP, "light", nothing),
    ("compare", "/shelf/compare?labels=3,4&trial=1", DESKTOP, "light", nothing),
    ("claims", f"/claims?c={quote(CLAIMS)}", DESKTOP, "dark", nothing),
    ("settings", "/settings", DESKTOP, "light", nothing),
    ("portion", "/dishes/1/portion?batch=1", DESKTOP, "light", portions),
    ("weigh", "/dishes/1/weigh?batch=7", DESKTOP, "dark", weigh_two_and_a_half),
    ("weigh-phone", "/dishes/1/weigh?batch=7", PHONE, "light", nothing),
    ("kitchen", "/", DESKTOP, "light", nothing),
    ("cook-plan", "/dishes/1/cook", DESKTOP, "light", plan_the_steps),
    ("taste", "/dishes/1/taste", PHONE, "light", say_how_it_was),
    ("trials", "/dishes/1/trials", DESKTOP, "light", nothing),
    ("frontier", "/dishes/1/trials?tab=frontier", DESKTOP, "dark", nothing),
    ("cook", "/dishes/3/cook?batch=2", DESKTOP, "dark", bake_the_chicken),
)


def main() -> None:
    OUT.mkdir(parents=True, exist_ok=True)
    with (
        tempfile.TemporaryDirectory() as folder,
        Server(Path(folder) / "kitchen.sqlite3") as server,
        sync_playwright() as playwright,
    ):
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(QUIET))
        for name, path, size, theme, before in VIEWS:
            context = browser.new_context(
                viewport=size, base_url=server.url, reduced_motion="reduce", locale="en-GB"
            )
            context.add_init_script(f"localStorage.setItem('gasket.theme', '{theme}')")
            page = context.new_page()
            if name == "weigh":
                page.request.post("/api/trials/1/batches")
            page.goto(path)
            page.wait_for_load_state("networkidle")
            page.get_by_role("heading", level=1).first.wait_for()
            before(page)
            page.wait_for_timeout(300)
            page.screenshot(path=OUT / f"{name}.png")
            context.close()
        browser.close()


if __name__ == "__main__":
    main()
