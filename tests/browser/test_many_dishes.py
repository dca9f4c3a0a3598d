"""The Kitchen with many dishes, and with one that cannot be read."""

import re
import sqlite3
from contextlib import closing

from playwright.sync_api import Page, expect


def cards(page: Page):
    return page.get_by_role("region", name="Dishes").get_by_role("link")


def test_dishes_come_page_by_page_and_every_one_can_be_jumped_to(page: Page, accessible):
    for number in range(20):
        assert page.request.post("/api/dishes", data={"name": f"Oat bake {number}"}).ok
    page.goto("/")
    expect(cards(page)).to_have_count(20)
    expect(cards(page).first).to_contain_text("Oat bake 19")
    expect(page.get_by_role("heading", name="In the fridge and the freezer")).to_be_visible()
    accessible()
    page.get_by_role("button", name="Show more: 20 of 25 shown").click()
    expect(cards(page)).to_have_count(25)
    expect(page.get_by_role("button", name=re.compile("^Show more"))).to_have_count(0)
    page.reload()
    page.keyboard.press("/")
    page.get_by_role("combobox", name=re.compile("^Go to")).fill("carrot loaf build")
    expect(page.get_by_role("option").first).to_contain_text("Carrot loaf: build")
    page.keyboard.press("Enter")
    expect(page).to_have_url(re.compile(r"/dishes/1/build"))


def spoil(server) -> None:
    with closing(sqlite3.connect(server.database)) as connection:
        connection.execute("UPDATE trial SET terms = '{\"goal\": 7}' WHERE dish_id = 1")
        connection.execute("UPDATE trial SET portions = 0 WHERE dish_id = 4")
        connection.commit()


def test_a_broken_dish_is_repaired_or_set_aside_and_the_others_go_on(
    page: Page, server, accessible
):
    spoil(server)
    page.goto("/")
    expect(cards(page)).to_have_count(3)
    expect(page.get_by_text("This dish can’t be shown.")).to_have_count(2)
    accessible()
    page.get_by_role("button", name="Repair Carrot loaf").click()
    expect(page.get_by_text(re.compile("^Family.*of trial A could not be read"))).to_be_visible()
    expect(cards(page)).to_have_count(4)
    page.get_by_role("button", name="More for Tiramisu pots").click()
    page.get_by_role("menuitem", name="Archive").click()
    expect(page.get_by_text("This dish can’t be shown.")).to_have_count(0)
    page.get_by_role("button", name="1 archived dish").click()
    page.get_by_role("button", name="More for Tiramisu pots").click()
    page.get_by_role("menuitem", name="Bring back").click()
    expect(page.get_by_text("No dish has that name.")).to_be_visible()
    page.get_by_role("button", name="Back to the dishes").click()
    expect(page.get_by_text("This dish can’t be shown.")).to_have_count(1)
