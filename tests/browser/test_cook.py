"""Steps planned and cooked, timers on every screen with the server's clock put forward."""

import re
import uuid

import pytest
from playwright.sync_api import Page, expect

SANDWICH = "/dishes/3/cook?batch=2"


def plan(page: Page, dish: int = 1) -> None:
    page.goto(f"/dishes/{dish}/cook")
    page.get_by_role("button", name="Plan the steps").click()
    expect(page.get_by_role("heading", level=1)).to_contain_text("steps")


def steps(page: Page):
    return page.get_by_role("region", name="Steps")


def schedule(page: Page):
    return page.get_by_role("region", name="Schedule")


def step(page: Page, name: str):
    return page.get_by_role("region", name="Now").get_by_role("listitem", name=name)


def timers(page: Page):
    return page.get_by_role("region", name="Timers")


def chip(page: Page, name: str):
    return timers(page).get_by_role("group", name=name)


def log(page: Page, *deeds: tuple[str, str], batch: int = 2) -> None:
    """What was done on another device."""
    for deed, key in deeds:
        body = {"id": str(uuid.uuid4()), "deed": deed, "step": key}
        answer = page.request.post(f"/api/batches/{batch}/cook", data=body)
        assert answer.status == 200, answer.text()


def baking(page: Page) -> None:
    """The sandwich as it goes into the oven."""
    log(
        page,
        *(
            (deed, key)
            for key in ("cut", "coat", "rest", "rack", "preheat")
            for deed in ("begin", "done")
        ),
    )
    log(page, ("begin", "bake"))


def test_steps_are_typed_laid_out_and_kept(page: Page, accessible):
    plan(page)
    drawing = schedule(page).get_by_role("img")
    expect(drawing).to_have_attribute("aria-label", re.compile("^Schedule, 1 h 4[0-9] min"))
    accessible()
    steps(page).get_by_label("Add a step").fill("chill the Loaf overnight")
    page.keyboard.press("Enter")
    added = steps(page).get_by_role("listitem").last
    expect(added).to_contain_text("Chill the Loaf")
    expect(added).to_contain_text("8 h to 12 h")
    expect(schedule(page)).to_contain_text("a break line shortens a long wait")
    expect(schedule(page)).to_contain_text("Ahead of time: Chill the Loaf")
    steps(page).get_by_label("Add a step").fill("bake 999 C 10 min")
    page.keyboard.press("Enter")
    expect(steps(page).get_by_role("alert")).to_contain_text("no temperature of a kitchen")
    page.reload()
    page.get_by_role("button", name="Plan the steps").click()
    expect(steps(page).get_by_role("listitem")).to_have_count(10)
    steps(page).get_by_role("button", name=re.compile("Take out step 10")).click()
    expect(steps(page).get_by_role("listitem")).to_have_count(9)
    page.get_by_role("button", name="Undo").click()
    expect(steps(page).get_by_role("listitem")).to_have_count(10)


def test_eat_at_a_time_and_what_the_oven_remembers(page: Page):
    plan(page)
    page.get_by_role("button", name="Eat at…").click()
    expect(schedule(page)).to_contain_text("begin")
    page.get_by_label("Eat at", exact=True).fill("2020-01-01T12:00")
    expect(schedule(page)).to_contain_text("no order of the steps is quicker")
    bake = steps(page).get_by_role("listitem").filter(has_text="Bake the loaf")
    expect(bake).to_contain_text("from 1 bake")
    bake.get_by_text("from 1 bake").click()
    expect(bake.get_by_role("row").nth(1)).to_contain_text("1 h 16")


def test_a_step_is_changed_in_full_and_what_is_forgotten_is_added(page: Page, accessible):
    plan(page)
    steps(page).get_by_role("button", name=re.compile("Take out step 1,")).click()
    forgotten = page.get_by_role("region", name="Easy to forget")
    expect(forgotten).to_contain_text("Preheat the oven.")
    forgotten.get_by_role("button", name="Add it").click()
    expect(forgotten).to_have_count(0)
    expect(steps(page).get_by_role("listitem").first).to_contain_text("Preheat the oven")
    steps(page).get_by_role("button", name=re.compile("Change step 6")).click()
    dialog = page.get_by_role("dialog")
    accessible()
    dialog.get_by_label("At least").fill("50")
    dialog.get_by_label("At most").fill("40")
    dialog.get_by_role("button", name="Save the step").click()
    expect(dialog.get_by_role("alert")).to_contain_text("from the shorter to the longer")
    dialog.get_by_label("At most").fill("60")
    dialog.get_by_label("Oven", exact=True).select_option("fan")
    dialog.get_by_role("button", name="Save the step").click()
    bake = steps(page).get_by_role("listitem").nth(5)
    expect(bake).to_contain_text("50 min to 1 h")
    expect(bake).to_contain_text("195 °C")  # 175 with a fan is 195 without
    expect(bake).to_contain_text("after 5 and 1")


def test_a_cook_by_keyboard_asks_for_the_core_temperature(page: Page, server, accessible):
    page.goto(SANDWICH)
    expect(page.get_by_role("region", name="Next")).to_be_visible()
    page.keyboard.press("b")
    expect(step(page, "Step 2, Cut the chicken in even pieces")).to_be_visible()
    page.keyboard.press("d")
    expect(page.get_by_role("region", name="Done")).to_contain_text("Cut the chicken")
    baking(page)
    bake = step(page, "Step 6, Bake the chicken on a rack")
    expect(bake).to_contain_text("Poultry, in any form: 74 °C (165 °F)")
    accessible()
    page.keyboard.press("d")
    expect(bake.get_by_role("alert")).to_contain_text("measure the core first")
    bake.get_by_role("textbox", name="Core temperature").fill("70")
    bake.get_by_label("In", exact=True).select_option("C")
    bake.get_by_role("button", name="Measured").click()
    expect(bake).to_contain_text("Not yet: 70 °C")
    server.clock.minutes = 15
    bake.get_by_role("button", name="Checked").click()
    bake.get_by_label("What you saw").fill("golden at the edges")
    bake.get_by_label("The oven really shows").fill("190")
    bake.get_by_role("button", name="Keep it").click()
    expect(bake).to_contain_text("golden at the edges, oven 190 °C")
    bake.get_by_role("textbox", name="Core temperature").fill("75")
    bake.get_by_role("button", name="Measured").click()
    expect(bake).to_contain_text("✓ 75 °C")
    page.keyboard.press("d")
    over = page.get_by_role("region", name="Done")
    expect(over).to_contain_text(re.compile(r"Bake the chicken on a rack took 15 min.*core 75 °C"))
    page.goto("/dishes/3/card?batch=2")
    expect(page.get_by_role("article")).to_contain_text("took 15 min, core 75 °C")


def test_timers_run_on_every_screen_ring_and_survive_a_reload(page: Page, server, accessible):
    page.goto("/shelf")
    page.get_by_role("button", name="Set a timer").click()
    page.get_by_label("What for").fill("Eggs")
    page.get_by_label("How long").fill("7")
    page.get_by_role("button", name="Start it").click()
    baking(page)
    expect(chip(page, "Eggs").get_by_role("timer")).to_have_text(re.compile("^(7:00|6:5)"))
    expect(chip(page, "Bake the chicken on a rack")).to_be_visible()
    accessible()
    server.clock.minutes = 8
    expect(chip(page, "Eggs").get_by_role("timer")).to_have_text(re.compile(r"^\+1:0"))
    page.reload()
    chip(page, "Eggs").get_by_role("button", name="Eggs: +1 minute").click()
    expect(chip(page, "Eggs").get_by_role("timer")).not_to_have_text(re.compile(r"^\+1:"))
    server.clock.minutes = 18
    bake = chip(page, "Bake the chicken on a rack")
    expect(bake).to_contain_text("look: Golden brown all round?")
    bake.get_by_role("button", name=re.compile("not yet")).click()
    expect(bake).not_to_contain_text("look:")
    expect(bake.get_by_role("button", name=re.compile(": done"))).to_have_count(0)  # measure first
    chip(page, "Eggs").get_by_role("button", name="Eggs: done").click()
    expect(chip(page, "Eggs")).to_have_count(0)
    page.goto("/")
    expect(chip(page, "Bake the chicken on a rack")).to_be_visible()


def test_a_calling_timer_sounds_and_notifies_once(page: Page, server):
    page.add_init_script(
        "window.told = []; window.Notification = class { static permission = 'granted';"
        "constructor(title, more) { window.told.push(title + ' ' + more.body); } };"
        "window.AudioContext = class { state = 'running'; currentTime = 0; destination = {};"
        "createOscillator() { window.rang = (window.rang ?? 0) + 1;"
        "return { frequency: {}, connect: (to) => to, start() {}, stop() {} }; }"
        "createGain() { return { gain: {}, connect: (to) => to }; } }"
    )
    page.goto("/settings")
    body = {"id": str(uuid.uuid4()), "deed": "timer", "minutes": 3, "note": "Tea"}
    assert page.request.post("/api/timers", data=body).status == 200
    expect(chip(page, "Tea")).to_be_visible()
    assert page.evaluate("window.told.length") == 0
    server.clock.minutes = 4
    for _ in range(300):  # the page itself may evaluate nothing, so it is asked again and again
        if page.evaluate("window.rang ?? 0") >= 6:  # three notes, twice
            break
        page.wait_for_timeout(100)
    assert page.evaluate("window.rang ?? 0") >= 6
    assert page.evaluate("window.told") == ["Tea is up"]


@pytest.mark.phone
def test_at_a_phone_beside_the_stove(page: Page, accessible):
    page.goto(SANDWICH)
    baking(page)
    bake = step(page, "Step 6, Bake the chicken on a rack")
    expect(bake).to_be_visible()
    accessible()
    for name in ("Done", "+1 min", "Checked", "Measured"):
        assert bake.get_by_role("button", name=name).bounding_box()["height"] >= 44
    before = bake.get_by_role("timer").inner_text()
    bake.get_by_role("button", name="+5 min").tap()
    expect(bake.get_by_role("timer")).not_to_have_text(before)
    bake.get_by_role("button", name="Continue without measuring").tap()
    bake.get_by_label("Why: it stays with the batch and on its card").fill("no thermometer here")
    bake.get_by_role("button", name="Go on", exact=True).tap()
    expect(bake).to_contain_text("Passed without measuring: no thermometer here")
    bake.get_by_role("button", name="Done").tap()
    expect(page.get_by_role("region", name="Done")).to_contain_text("no thermometer here")
    assert page.evaluate("document.documentElement.scrollWidth") <= 390


def test_a_step_goes_another_way_and_back(page: Page, accessible):
    plan(page)
    steps(page).get_by_role("button", name=re.compile("Change step 6, Bake the loaf")).click()
    ways = page.get_by_role("dialog").get_by_role("region", name="Another way")
    expect(ways).to_contain_text("Crisper, less even")
    accessible()
    ways.get_by_role("button", name="In the air fryer").click()
    bake = steps(page).get_by_role("listitem").filter(has_text="Bake the loaf")
    expect(bake).to_contain_text("Bake the loaf in the loaf tin, in the air fryer 28–44 min")
    expect(bake).to_contain_text("160 °C")
    expect(bake).to_contain_text("stated for 700 g in one tin: there is 1119 g")
    expect(steps(page).get_by_role("listitem").filter(has_text="Preheat")).to_contain_text(
        "Preheat the air fryer"
    )
    page.get_by_role("button", name="Undo").click()
    expect(bake).to_contain_text("40–55 min")


def test_a_kitchen_without_an_oven_is_told_how_else(page: Page):
    page.goto("/settings")
    here = page.get_by_role("group", name="Tools in this kitchen")
    for tool in ("oven", "fan oven"):
        here.get_by_label(tool, exact=True).uncheck()
    page.get_by_role("button", name="Save the settings").click()
    plan(page)
    bake = steps(page).get_by_role("listitem").filter(has_text="Bake the loaf")
    expect(bake).to_contain_text("No oven here.")
    bake.get_by_role("button", name="Do it in the air fryer").click()
    expect(bake).not_to_contain_text("No oven here.")


def test_how_a_step_came_out_is_said_once_it_is_done(page: Page, accessible):
    page.goto(SANDWICH)
    baking(page)
    body = {"id": str(uuid.uuid4()), "deed": "pass", "step": "bake", "note": "a test"}
    page.request.post("/api/batches/2/cook", data=body)
    log(page, ("done", "bake"))
    came_out = page.get_by_role("group", name="How Bake the chicken on a rack came out")
    came_out.get_by_role("button", name="too long").click()
    expect(came_out.get_by_role("button", name="too long")).to_have_attribute(
        "aria-pressed", "true"
    )
    accessible()
    page.reload()
    expect(came_out.get_by_role("button", name="too long")).to_have_attribute(
        "aria-pressed", "true"
    )
