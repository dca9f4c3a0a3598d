"""A weigh-in whose kitchen does not answer, whose browser is full, beside a second device."""

import re

from playwright.sync_api import Page, expect

from tests.browser.test_path import press_alone
from tests.browser.test_weigh import (
    another_way,
    begin,
    heading,
    lines,
    on_the_server,
    steady,
    stored,
    type_in,
)


def test_a_minute_without_the_server_queues_and_arrives_once(page: Page):
    sheet = begin(page)
    steady(page, "0")
    page.route("**/weighings*", lambda route: route.abort())
    names = [line["name"] for line in sheet["lines"]]
    for i in range(3):
        expect(heading(page)).to_have_text(names[i])
        another_way(page, "Type it in").get_by_role("button", name="Record it").click()
    expect(page.get_by_text("3 weights on the way.")).to_be_visible()
    assert [line["status"] for line in on_the_server(page, sheet)["lines"][:3]] == ["open"] * 3
    page.reload()
    expect(heading(page)).to_have_text(names[3])
    page.unroute("**/weighings*")
    expect(page.get_by_text("on the way")).to_have_count(0)
    found = stored(page, sheet)
    assert [line["net_g"] for line in found["lines"][:3]] == [
        line["target_g"] for line in sheet["lines"][:3]
    ]
    expect(lines(page)).to_contain_text(f"3 of {len(names)}")


def test_two_tabs_do_not_wipe_each_others_waiting_weights(page: Page):
    sheet = begin(page)
    steady(page, "0")
    second = page.context.new_page()
    second.goto(page.url)
    expect(heading(second)).to_have_text(sheet["lines"][0]["name"])
    page.context.route("**/weighings*", lambda route: route.abort())
    grams = (101, 81, 103)
    for tab, weight in zip((page, second, page), grams, strict=True):
        type_in(tab, weight)
        for each in (page, second):
            expect(heading(each)).to_have_text(sheet["lines"][grams.index(weight) + 1]["name"])
    second.close()
    page.goto("/")
    expect(page.get_by_text("3 weights on the way.")).to_be_visible()
    page.context.unroute("**/weighings*")
    expect(page.get_by_text("on the way.")).to_have_count(0)
    assert [line["net_g"] for line in stored(page, sheet)["lines"][:3]] == list(grams)


def test_a_full_disk_is_said_and_the_weight_waits_until_there_is_room(page: Page, accessible):
    sheet = begin(page)
    steady(page, "0")
    says = "The disk is full. Nothing was stored: make some room, then try again."
    problem = {"title": "No room left", "status": 507, "detail": says}
    page.route("**/weighings*", lambda route: route.fulfill(status=507, json=problem))
    type_in(page, 101)
    expect(page.get_by_text(says)).to_be_visible()
    expect(page.get_by_text("1 weight on the way.")).to_be_visible()
    accessible()
    page.unroute("**/weighings*")
    expect(page.get_by_text(says)).to_have_count(0)
    assert stored(page, sheet)["lines"][0]["net_g"] == 101


def test_a_weight_that_comes_too_late_is_shown_as_lost_until_it_was_seen(page: Page):
    sheet = begin(page)
    steady(page, "0")
    page.route("**/weighings*", lambda route: route.abort())
    type_in(page, 101)
    expect(page.get_by_text("1 weight on the way.")).to_be_visible()
    pour = {"kind": "line", "line": sheet["lines"][0]["id"], "net_g": 99, "origin": "hand"}
    path = f"/api/batches/{sheet['id']}/weighings"
    assert page.request.post(path, data={"id": "from-elsewhere", **pour}).ok
    page.unroute("**/weighings*")
    lost = page.get_by_text("A weight of 101 g was not stored.")
    expect(lost).to_be_visible()
    page.reload()
    expect(lost).to_be_visible()
    page.get_by_role("button", name="I’ve seen it").click()
    expect(lost).to_have_count(0)
    assert stored(page, sheet)["lines"][0]["net_g"] == 99


def test_a_second_device_sees_it_at_once_and_cannot_overwrite(page: Page):
    sheet = begin(page)
    steady(page, "0")
    device = page.context.browser.new_context(viewport={"width": 1280, "height": 800})
    other = device.new_page()
    other.goto(page.url)
    first, second = (line["name"] for line in sheet["lines"][:2])
    expect(heading(other)).to_have_text(first)
    dialog = another_way(other, "Type it in")
    dialog.get_by_label(re.compile("Grams")).fill("99")
    other.route("**/weighings*", lambda route: route.abort())
    dialog.get_by_role("button", name="Record it").click()
    another_way(page, "Type it in").get_by_role("button", name="Record it").click()
    expect(heading(page)).to_have_text(second)
    other.unroute("**/weighings*")
    expect(other.get_by_text("just weighed from another page").first).to_be_visible()
    assert stored(page, sheet)["lines"][0]["net_g"] == sheet["lines"][0]["target_g"]
    press_alone(page, "s")
    expect(lines(other)).to_contain_text("later")
    device.close()
