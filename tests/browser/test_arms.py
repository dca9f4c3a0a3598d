"""One batch, two arms, by touch: divided, weighed, tasted apart, compared in the lab book."""

import re

import pytest
from playwright.sync_api import Page, expect

from tests.browser.test_weigh import stored


def made(page: Page) -> int:
    """A batch of the loaf, weighed and closed."""
    sheet = page.request.post("/api/trials/1/batches").json()
    for line in sheet["lines"]:
        pour = {"id": f"pour-{line['id']}-of-it", "kind": "line", "line": line["id"]}
        pour |= {"origin": "hand", "net_g": line["target_g"]}
        page.request.post(f"/api/batches/{sheet['id']}/weighings", data=pour)
    page.request.post(f"/api/batches/{sheet['id']}/close")
    return sheet["id"]


def arm_tabs(page: Page):
    return page.get_by_role("navigation", name="Arms of this batch")


def turn_to(page: Page, arm: str) -> None:
    """An arm's own page: until it is there, the page of the whole links to both arms."""
    tab = arm_tabs(page).get_by_role("link", name=arm, exact=True)
    tab.tap()
    expect(tab).to_have_attribute("aria-current", "page")


def open_stage(page: Page, stage: str) -> None:
    stages = page.get_by_role("navigation", name="Stages of Carrot loaf")
    stages.get_by_role("link", name=stage).tap()


def weigh_what_was_mixed(page: Page, arm: str) -> None:
    turn_to(page, arm)
    open_stage(page, "Weigh")
    expect(page.get_by_role("heading", level=1)).to_have_text("The mixture")
    page.get_by_role("button", name="Another way").tap()
    dialog = page.get_by_role("dialog")
    dialog.get_by_role("button", name="Type it in", exact=True).tap()
    dialog.get_by_label(re.compile("Grams")).fill("700")
    dialog.get_by_role("button", name="Record it").tap()
    page.get_by_role("button", name="Close the weigh-in").first.tap()
    expect(page.get_by_role("link", name="To the stove")).to_be_visible()


def taste(page: Page, arm: str, taster: str, mark: str) -> None:
    turn_to(page, arm)
    page.get_by_role("button", name=taster, exact=True).tap()
    page.get_by_label("Taste, as it was said").fill(mark)
    page.get_by_role("button", name=f"Record for {taster}").tap()
    expect(page.get_by_text(f"Recorded for {taster}.", exact=True)).to_be_visible()


@pytest.mark.phone
def test_one_batch_becomes_two_arms_that_are_compared(page: Page, accessible):
    batch = made(page)
    page.goto(f"/dishes/1/portion?batch={batch}&tab=arms")
    page.get_by_label("Minutes").nth(1).fill("61")
    accessible()
    page.get_by_role("button", name="Divide into 2 arms").tap()
    expect(page.get_by_role("region", name="Arms of this batch")).to_contain_text("→ 61 min")
    accessible()
    for arm in ("As planned", "61 min"):
        weigh_what_was_mixed(page, arm)
    arms = page.request.get(f"/api/batches/{batch}/arms").json()["arms"]
    assert [arm["part_g"] for arm in arms] == [700, 700]
    assert [arm["closed"] for arm in arms] == [True, True]

    # An arm is cooked for itself, and the whole keeps what was done before the heat.
    open_stage(page, "Cook")
    baking = page.get_by_role("listitem").filter(has_text="Bake the loaf")
    expect(baking.first).to_contain_text("1 h 1 min")
    turn_to(page, "The whole batch")
    expect(page.get_by_role("main")).not_to_contain_text("Bake the loaf")

    open_stage(page, "Taste")
    for taster, plain, longer in (("Bow seat", "5", "8"), ("Cox", "6", "8,5")):
        taste(page, "As planned", taster, plain)
        taste(page, "61 min", taster, longer)
    open_stage(page, "Trials")
    book = page.get_by_role("list", name="Arms of trial A")
    expect(book).to_contain_text("61 min")
    expect(book).to_contain_text("Helped: +2.8")
    accessible()


def test_what_is_no_division_is_said_at_its_field_and_nothing_is_lost(page: Page):
    batch = made(page)
    page.goto(f"/dishes/1/portion?batch={batch}&tab=arms")
    page.get_by_role("button", name="Something added").click()
    page.get_by_role("button", name="A third arm").click()
    names = page.get_by_label("Call it")
    names.nth(1).fill("oats in it")
    names.nth(2).fill("Oats in it")
    page.get_by_label("Grams of the mixture").first.fill("400")
    page.get_by_role("button", name="Divide into 3 arms").click()
    expect(page.get_by_text("“Oats in it” is taken: give it another name.").first).to_be_visible()
    expect(page.get_by_label("Grams of the mixture").first).to_have_value("400")
    names.nth(2).fill("oats on it")
    picker = page.get_by_role("combobox", name="What it gets as well").nth(1)
    picker.fill("rolled oats")
    page.get_by_role("option", name=re.compile("rolled oats")).first.click()
    page.get_by_label(re.compile("rolled oats")).fill("30")
    page.get_by_role("button", name="Divide into 3 arms").click()
    arms = page.get_by_role("region", name="Arms of this batch")
    expect(arms).to_contain_text("+ 30 g")
    found = page.request.get(f"/api/batches/{batch}/arms").json()["arms"]
    own = stored(page, {"id": found[1]["batch_id"]})
    assert [line["target_g"] for line in own["lines"]][1:] == [30]
    # Deleted and brought back.
    arms.get_by_role("button", name="Delete oats on it").click()
    expect(arms.get_by_role("heading", name="oats on it")).to_have_count(0)
    page.get_by_role("button", name="Undo").click()
    expect(arms.get_by_role("heading", name="oats on it")).to_be_visible()
