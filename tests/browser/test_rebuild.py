"""Rebuilding as a cook does it: swap, ask what if, reach the goal, scale, try again."""

import re

import pytest
from playwright.sync_api import Page, expect

PUDDING = "/dishes/2/build"
BUTTER = "Harbour salted butter"


def figure(page: Page, nutrient: str):
    return page.locator(f"[data-nutrient={nutrient}] output").first


def saved(page: Page) -> None:
    expect(page.get_by_text("Saved", exact=True)).to_be_visible()


def grams(page: Page, name: str):
    return page.get_by_role("textbox", name=f"{name}, target grams").first


def open_build(page: Page, where: str = PUDDING) -> str:
    page.goto(where)
    expect(figure(page, "kcal")).to_be_visible()
    return figure(page, "kcal").inner_text()


def test_a_swap_is_tried_in_the_section_done_and_undone(page: Page, accessible):
    before = open_build(page)
    sponge = page.get_by_role("region", name="Sponge")
    rows = sponge.get_by_role("row").count()
    page.get_by_role("button", name=BUTTER).first.click()
    about = page.get_by_role("region", name=f"About {BUTTER}")
    expect(about.get_by_text("Strained yogurt for part of the fat")).to_be_visible()
    accessible()
    about.get_by_role("button", name="half").click()
    expect(about.get_by_text("· 50 % of it").first).to_be_visible()
    about.get_by_role("button", name="Try it").first.click()
    expect(page.get_by_text("Trying it out: nothing is changed yet.")).to_be_visible()
    expect(figure(page, "kcal")).not_to_have_text(before)
    tried = figure(page, "kcal").inner_text()
    assert grams(page, BUTTER).input_value() == "10.5"
    page.get_by_role("button", name="Back").click()
    expect(figure(page, "kcal")).to_have_text(before)

    about.get_by_role("button", name="Do it").first.click()
    expect(figure(page, "kcal")).to_have_text(tried)
    expect(grams(page, BUTTER)).to_have_value("5.2")
    assert sponge.get_by_role("row").count() > rows
    saved(page)
    about.get_by_role("button", name="Do it").first.click()
    expect(grams(page, BUTTER)).to_have_value("2.6")
    saved(page)
    for _ in range(2):
        page.keyboard.press("Control+z")
    expect(figure(page, "kcal")).to_have_text(before)
    expect(grams(page, BUTTER)).to_have_value("10.5")
    saved(page)


def test_what_the_cook_says_of_a_line_is_kept(page: Page, accessible):
    before = open_build(page)
    page.get_by_role("button", name="Larkspur baking powder", exact=True).click()
    about = page.get_by_role("region", name="About Larkspur baking powder")
    expect(about).to_contain_text("No swap is known")
    page.get_by_role("button", name="Larkspur baking powder", exact=True).click()
    page.get_by_role("button", name="Quayside pitted dates").first.click()
    about = page.get_by_role("region", name="About Quayside pitted dates")
    slider = about.get_by_role("slider")
    slider.press("ArrowRight")
    expect(grams(page, "Quayside pitted dates")).to_have_value("121")
    expect(page.get_by_text("Trying it out")).to_have_count(0)
    about.get_by_label("Lock: Find ways leaves it alone").check()
    about.get_by_label("Why it is there").fill("it is a date pudding")
    about.get_by_label("Why it is there").blur()
    about.get_by_label("In the build").uncheck()
    expect(figure(page, "kcal")).not_to_have_text(before)
    accessible()
    saved(page)
    page.reload()
    expect(page.get_by_text("“it is a date pudding”")).to_be_visible()
    expect(page.get_by_text("· worth it")).to_be_visible()
    newest = page.request.get("/api/dishes/2").json()["trials"][-1]["id"]
    stored = page.request.get(f"/api/trials/{newest}").json()
    line = stored["build"]["components"][0]["lines"][0]
    assert (line["off"], line["locked"], line["target_g"]) == (True, True, 121)


def test_the_goal_is_reached_by_keys_tried_done_and_undone(page: Page, accessible):
    before = open_build(page)
    page.keyboard.press("g")
    page.get_by_label("Energy, at most").fill("245")
    page.get_by_label("Protein, at least").fill("18")
    expect(page.get_by_role("list", name="Goals").first).to_contain_text("missed by")
    page.get_by_role("button", name="Find ways").press("Enter")
    reach = page.get_by_role("region", name="Find ways")
    expect(reach.get_by_role("heading", name=re.compile("Fewest changes"))).to_be_visible()
    expect(reach.get_by_role("list", name="What the limits cost")).to_contain_text("here.")
    accessible()
    reach.get_by_role("button", name="Try it").first.press("Enter")
    block = page.get_by_role("region", name="Per serving")
    expect(block.locator("[data-goal=kcal]")).to_have_attribute(
        "data-verdict", re.compile("met|within_margin")
    )
    expect(block.locator("[data-goal=protein_g]")).to_have_attribute(
        "data-verdict", re.compile("met|within_margin")
    )
    reach.get_by_role("button", name="Do it").first.press("Enter")
    expect(page.get_by_text("Trying it out")).to_have_count(0)
    expect(figure(page, "kcal")).not_to_have_text(before)
    saved(page)
    page.keyboard.press("Control+z")
    expect(figure(page, "kcal")).to_have_text(before)


def test_a_goal_that_nothing_reaches_says_what_collides(page: Page):
    open_build(page)
    page.get_by_role("tab", name="Goal").click()
    page.get_by_label("Energy, at least").fill("500")
    page.get_by_label("Energy, at most").fill("200")
    expect(page.get_by_text("“At least” is more than “at most”.").first).to_be_visible()
    page.get_by_label("Energy, at least").fill("")
    page.get_by_label("Protein, at least").fill("25")
    # the answer to what was typed is there: nothing moves under the pointer any more
    expect(page.get_by_text("“At least” is more than “at most”.")).to_have_count(0)
    expect(page.get_by_text("≥ 25 g protein").first).to_be_visible()
    page.get_by_role("button", name="Find ways").click()
    reach = page.get_by_role("region", name="Find ways")
    expect(reach).to_contain_text("Nothing fits")
    expect(reach).to_contain_text("collide")
    expect(reach.get_by_role("heading", name=re.compile("As close as it gets"))).to_be_visible()
    expect(reach.get_by_role("list", name="Goals").first).to_contain_text("missed by")


def test_the_trial_is_scaled_and_scaled_back(page: Page, accessible):
    before = open_build(page)
    page.get_by_role("tab", name="Resize").click()
    page.get_by_role("button", name="× 2").click()
    expect(page.get_by_role("status").filter(has_text="All lines × 2")).to_be_visible()
    accessible()
    page.get_by_role("button", name="Scale the trial").click()
    page.get_by_role("tab", name="Lines").click()
    expect(grams(page, "Millrace plain flour")).to_have_value("230")
    expect(page.get_by_label("Portions")).to_have_value("12")
    expect(figure(page, "kcal")).to_have_text(before)
    saved(page)
    page.get_by_role("button", name="Undo", exact=False).last.click()
    expect(grams(page, "Millrace plain flour")).to_have_value("115")


def test_checks_claims_and_needs_answer(page: Page, accessible):
    open_build(page)
    grams(page, "Baking powder").fill("40")
    page.get_by_role("tab", name=re.compile("Checks")).click()
    polyols = page.locator("[data-check=polyols]")
    expect(polyols).to_contain_text("laxative")
    expect(polyols.get_by_role("button")).to_have_count(0)  # a notice to the eater, no fault
    lift = page.locator("[data-check=leavening]")
    expect(lift).to_contain_text("soapy")
    accessible()
    lift.get_by_role("button", name="Ignore this…").click()
    lift.get_by_label("Why it is fine here").fill("it is a new tin")
    lift.get_by_role("button", name="Dismiss it").click()
    expect(lift).to_contain_text("You said: it is a new tin")
    expect(page.get_by_text("Nothing out of the ordinary.")).to_be_visible()
    page.get_by_role("tab", name="Wording").click()
    expect(page.get_by_role("region", name="What it may be called")).to_contain_text("high protein")
    page.get_by_label("vegan").check()
    expect(page.get_by_text("Northlight skim quark is not vegan")).to_be_visible()
    accessible()


def test_the_next_trial_starts_as_a_copy_and_shows_what_it_changed(page: Page, accessible):
    open_build(page, "/dishes/1/build")
    page.get_by_role("tab", name="Trials").click()
    page.get_by_role("button", name="Start the next trial").click()
    expect(page.get_by_text("Say what you are testing.")).to_be_visible()
    page.get_by_label(re.compile("New trial from A")).fill("half the oil")
    page.get_by_role("button", name="Start the next trial").click()
    expect(page.get_by_text("Testing: half the oil")).to_be_visible()
    expect(page.get_by_label("Trial", exact=True)).to_have_value(re.compile(r"\d+"))
    grams(page, "Fieldhouse rapeseed oil").fill("14")
    saved(page)
    page.get_by_role("tab", name="Trials").click()
    changed = page.get_by_role("region", name="What this trial changed")
    expect(changed).to_contain_text("half of it")
    expect(changed).to_contain_text("−16 kcal")
    accessible()


@pytest.mark.phone
def test_an_original_becomes_ingredients_and_a_rebuild_by_touch(page: Page, accessible):
    page.goto("/")
    page.get_by_label("Name of the new dish").fill("Flapjack")
    page.get_by_role("button", name="Start", exact=True).tap()
    page.get_by_role("link", name="Original", exact=True).tap()
    page.get_by_role("button", name="From its ingredients").tap()
    page.get_by_label("Another component").fill("Tray")
    page.get_by_role("button", name="Add", exact=True).tap()
    for typed, name in (("300 g oats", "Millrace rolled oats"), ("150 salted butter", BUTTER)):
        page.get_by_role("combobox", name="Add a line to Tray").fill(typed)
        page.get_by_role("option", name=re.compile(name)).first.tap()
        expect(page.get_by_role("region", name="Tray")).to_contain_text(name)
    page.get_by_label("Servings").fill("9")
    expect(page.get_by_text("Without a serving weight")).to_be_visible()
    page.get_by_label("Serving weight").fill("45")
    page.get_by_role("button", name="Save the original").tap()
    expect(page.get_by_text("The original is saved.", exact=True)).to_be_visible()
    accessible()
    page.get_by_role("link", name="Build", exact=True).tap()
    page.get_by_role("button", name="Begin with the original’s ingredients").tap()
    expect(grams(page, BUTTER)).to_have_value("150")
    page.get_by_role("button", name=BUTTER).first.tap()
    about = page.get_by_role("region", name=f"About {BUTTER}")
    about.get_by_role("button", name="Do it").first.tap()
    expect(grams(page, BUTTER)).not_to_have_value("150")
    expect(page.locator("figure svg[role=img]").first).to_be_visible()
    assert not page.evaluate("document.documentElement.scrollWidth > innerWidth"), (
        "scrolls sideways"
    )
    accessible()


def test_a_swap_of_my_own_is_written_down_and_offered(page: Page, accessible):
    open_build(page)
    page.get_by_role("button", name="Larkspur baking powder", exact=True).click()
    page.get_by_role("button", name="Add a swap of my own…").click()
    form = page.get_by_role("dialog")
    form.get_by_role("button", name="Keep the swap").click()
    expect(form.get_by_text("Choose what goes in.")).to_be_visible()
    form.get_by_label("What it is called").fill("Soda and quark")
    form.get_by_role("combobox", name="What goes in").fill("quark")
    form.get_by_role("option", name=re.compile("^Quark")).first.click()
    form.get_by_label("Quark", exact=True).first.fill("300")
    accessible()
    form.get_by_role("button", name="Keep the swap").click()
    about = page.get_by_role("region", name="About Larkspur baking powder")
    expect(about.get_by_role("heading", name=re.compile("Soda and quark"))).to_be_visible()
    expect(about).to_contain_text("24 g Northlight skim quark")


def test_every_dish_shows_how_its_goals_stand_in_the_kitchen(page: Page):
    page.goto("/")
    dishes = page.get_by_role("region", name="Dishes").get_by_role("listitem")
    pudding = dishes.filter(has_text="Sticky toffee pudding")
    expect(pudding.get_by_role("list", name="Goals")).to_contain_text("≤ 320 kcal")


def test_a_drizzle_gets_the_liquid_of_its_thickness_and_keeps_the_cooks_own(page: Page, accessible):
    sheet = page.request.get("/api/trials/1").json()
    found = page.request.get("/api/foods", params={"search": "peanut powder"}).json()["foods"]
    water = page.request.get("/api/foods", params={"search": "tap water"}).json()["foods"]
    amounts = (("powder", found[0], 40), ("water", water[0], 72))
    lines = [
        {"id": key, "label_id": food["labels"][0]["id"], "target_g": grams}
        for key, food, grams in amounts
    ]
    build = sheet["build"]
    build["components"].append({"name": "Peanut drizzle", "lines": lines})
    stored = page.request.put(
        "/api/trials/1/build", data={"version": sheet["version"], "build": build}
    )
    assert stored.status == 200
    page.goto("/dishes/1/build")
    page.get_by_role("tab", name="Checks").click()
    thick = page.get_by_role("region", name="How thick it gets")
    expect(thick).to_contain_text("40 g with 72 g of liquid. As planned: to dip or pour")
    accessible()
    thick.get_by_role("button", name=re.compile("^to drizzle")).click()
    expect(thick).to_contain_text("40 g with 90 g of liquid. As planned: to drizzle")
    thick.get_by_role("button", name="It came out right: keep 1 : 2.25 to drizzle").click()
    expect(thick).to_contain_text("90 g (yours)")
    thick.get_by_role("button", name="Back to the usual ratio").click()
    expect(thick).not_to_contain_text("(yours)")


def test_how_much_of_a_frosting_is_eaten_is_offered_and_taken(page: Page, accessible):
    page.goto("/dishes/1/build")
    frosting = page.get_by_role("region", name="Frosting")
    frosting.get_by_role("button", name=re.compile("Usual of a frosting")).click()
    expect(frosting).to_contain_text("About 50 to 100 % of it is eaten, a guess")
    accessible()
    frosting.get_by_role("button", name="Another share").click()
    frosting.get_by_label("Eaten, at least").fill("80")
    frosting.get_by_label("at most").fill("70")
    frosting.get_by_role("button", name="Keep it").click()
    expect(frosting.get_by_role("alert")).to_contain_text("the smaller share first")
    frosting.get_by_label("at most").fill("90")
    frosting.get_by_role("button", name="Keep it").click()
    expect(frosting).to_contain_text("About 80 to 90 %")
    saved(page)
    page.reload()
    expect(frosting).to_contain_text("About 80 to 90 %")
    frosting.get_by_role("button", name="All of it is eaten").click()
    expect(frosting).to_contain_text("All of it is counted as eaten")
