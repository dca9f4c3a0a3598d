"""Rebuilding through the API: the demo's dishes, swaps, the goal, further trials, own swaps."""

import pytest

PUDDING, LOAF = 2, 1


def trial(client, dish=PUDDING, at=0):
    trials = client.get(f"/api/dishes/{dish}").json()["trials"]
    return client.get(f"/api/trials/{trials[at]['id']}").json()


def line_of(sheet, name):
    for part in sheet["build"]["components"]:
        for line in part["lines"]:
            if sheet["labels"][str(line["label_id"])]["label"]["name"] == name:
                return line
    raise AssertionError(name)


def with_line(build, line_id, **change):
    return {
        **build,
        "components": [
            {
                **part,
                "lines": [
                    line | (change if line["id"] == line_id else {}) for line in part["lines"]
                ],
            }
            for part in build["components"]
        ],
    }


def test_every_demo_dish_has_a_real_original_and_a_reached_goal(client):
    dishes = client.get("/api/kitchen").json()["dishes"]
    assert len(dishes) == 5
    for dish in dishes:
        sheet = trial(client, dish["id"])
        report = sheet["report"]
        assert report["section"]["original"]["of_lines"]
        assert len(report["section"]["links"]) >= 8
        assert report["goals"]
        assert {goal["verdict"] for goal in report["goals"]} <= {"met", "within_margin"}
        assert report["cost"] > 0
        assert report["result"]["original"]["saved_kcal"] > 150


def test_the_section_adds_up_to_the_figures_at_both_weights(client):
    report = trial(client)["report"]
    serving = report["result"]["serving"]
    layers = report["section"]["rebuild"]["layers"]
    assert sum(layer["kcal"] for layer in layers) == pytest.approx(serving["kcal"]["value"])
    assert sum(layer["cost"] for layer in layers) == pytest.approx(report["cost"])
    equal = report["section"]["rebuild_at_equal_weight"]
    assert equal["grams"] == 195
    want = report["result"]["original"]["at_equal_weight"]["kcal"]
    assert sum(layer["kcal"] for layer in equal["layers"]) == pytest.approx(want)


def test_a_swap_does_what_it_said(client):
    sheet = trial(client)
    butter = line_of(sheet, "Harbour salted butter")
    asked = {"build": sheet["build"], "line_id": butter["id"], "share": 0.5}
    found = client.post(f"/api/trials/{sheet['id']}/swaps", json=asked).json()
    option = next(option for option in found["options"] if option["swap"] == "fat-yogurt")
    assert option["share"] == 0.5
    changed = {
        **sheet["build"],
        "components": [
            {
                **part,
                "lines": [
                    new
                    for line in part["lines"]
                    for new in option["change"]["lines"].get(line["id"], [line])
                ],
            }
            for part in sheet["build"]["components"]
        ],
    }
    after = client.post(f"/api/trials/{sheet['id']}/reckon", json=changed).json()
    before = sheet["report"]
    moved = (
        after["result"]["serving"]["kcal"]["value"] - before["result"]["serving"]["kcal"]["value"]
    )
    assert moved == pytest.approx(option["moved"]["kcal"])
    assert after["cost"] - before["cost"] == pytest.approx(option["moved"]["cost"])
    new = option["change"]["lines"][butter["id"]][-1]
    assert new["stands_for"] == butter["stands_for"]
    assert str(new["label_id"]) in found["labels"]


def test_a_rejected_swap_says_so_until_it_is_allowed_again(client):
    sheet = trial(client)
    flour = line_of(sheet, "Millrace plain flour")
    asked = {"build": sheet["build"], "line_id": flour["id"]}
    where = f"/api/dishes/{PUDDING}/rejected/flour-whey"

    def rejected():
        found = client.post(f"/api/trials/{sheet['id']}/swaps", json=asked).json()["options"]
        return {one["rejected"] for one in found if one["swap"] == "flour-whey"}

    assert rejected() == {None}
    kept = client.put(where, json={"reason": "rubbery"}).json()
    assert [(one["swap"], one["reason"]) for one in kept] == [("flour-whey", "rubbery")]
    assert rejected() == {"rubbery"}
    reached = client.post(f"/api/trials/{sheet['id']}/reach", json={"build": sheet["build"]}).json()
    swaps = {
        line["swap"] for proposal in reached["proposals"] for line in proposal["proposal"]["lines"]
    }
    assert "Whey for part of the flour" not in swaps
    assert client.delete(where).json() == []
    assert rejected() == {None}
    assert client.put(f"/api/dishes/{PUDDING}/rejected/nonsense", json={}).status_code == 422


def test_the_goal_is_reached_and_what_is_missing_is_asked_for(client):
    sheet = trial(client)
    goal = {"kcal": {"most": 240.0}, "protein_g": {"least": 18.0}}
    build = {**sheet["build"], "terms": {**sheet["build"]["terms"], "goal": goal}}
    found = client.post(f"/api/trials/{sheet['id']}/reach", json={"build": build}).json()
    assert found["proposals"]
    for proposal in found["proposals"]:
        assert {state["verdict"] for state in proposal["goals"]} <= {"met", "within_margin"}
        kcal = (
            proposal["serving"]["kcal"]["value"]
            - sheet["report"]["result"]["serving"]["kcal"]["value"]
        )
        assert kcal == pytest.approx(proposal["proposal"]["moved"]["kcal"])
    none = {**sheet["build"], "terms": {}}
    refused = client.post(f"/api/trials/{sheet['id']}/reach", json={"build": none})
    assert refused.status_code == 422
    assert refused.json()["errors"][0]["path"] == "goal"
    mixed = {**build, "terms": {"goal": {"kcal": {"least": 9.0, "most": 1.0}}}}
    wrong = client.post(f"/api/trials/{sheet['id']}/reach", json={"build": mixed}).json()
    assert wrong["errors"][0]["path"].endswith("goal.kcal")


def test_the_next_trial_is_a_copy_whose_changes_show(client):
    first = trial(client, LOAF)
    new = {"copy_of": first["id"], "intent": "half the oil"}
    made = client.post(f"/api/dishes/{LOAF}/trials", json=new).json()
    assert (made["letter"], made["intent"], made["copied_from"]) == (
        "E",
        "half the oil",
        first["id"],
    )
    assert made["build"] == first["build"]
    oil = line_of(made, "Fieldhouse rapeseed oil")
    edit = {"version": made["version"], "build": with_line(made["build"], oil["id"], target_g=14.0)}
    assert client.put(f"/api/trials/{made['id']}/build", json=edit).status_code == 200
    where = f"/api/trials/{made['id']}/difference"
    found = client.get(where, params={"to": first["id"]}).json()
    assert [(line["name"], line["says"]) for line in found["lines"]] == [
        ("Fieldhouse rapeseed oil", "half of it")
    ]
    kcal = next(figure for figure in found["figures"] if figure["nutrient"] == "kcal")
    card = client.get("/api/batches/1").json()
    assert kcal["before"] == card["serving"]["kcal"]["value"], "as it was weighed"
    assert (found["weighed_before"], found["weighed_after"]) == (card["closed_at"], None)
    planned = client.get(f"/api/trials/{made['id']}").json()["report"]["result"]["serving"]
    assert kcal["after"] == planned["kcal"]["value"]
    assert oil["why"] == "with less it was dry", "the reason came along"
    elsewhere = {"copy_of": trial(client)["id"]}
    assert client.post(f"/api/dishes/{LOAF}/trials", json=elsewhere).status_code == 409


def test_an_off_line_counts_nothing_and_is_not_weighed(client):
    sheet = trial(client, LOAF)
    oil = line_of(sheet, "Fieldhouse rapeseed oil")
    build = with_line(sheet["build"], oil["id"], off=True)
    report = client.post(f"/api/trials/{sheet['id']}/reckon", json=build).json()
    before = sheet["report"]["result"]["serving"]["kcal"]["value"]
    saved = before - report["result"]["serving"]["kcal"]["value"]
    assert saved == pytest.approx(28 * 120 / 14 / 8)
    edit = {"version": sheet["version"], "build": build}
    client.put(f"/api/trials/{sheet['id']}/build", json=edit)
    batch = client.post(f"/api/trials/{sheet['id']}/batches").json()
    assert len(batch["lines"]) == 13
    assert not [line for line in batch["lines"] if "oil" in line["name"]]


def test_an_original_is_entered_as_ingredients_and_a_trial_begun_from_it(empty_client, client):
    dish = client.post("/api/dishes", json={"name": "Flapjack"}).json()
    where = f"/api/dishes/{dish['id']}"
    own = dish["trials"][0]["id"]
    assert client.get(f"/api/trials/{own}/from-original").status_code == 409
    begun = client.post(f"{where}/original/lines").json()
    assert begun["is_original"]
    oats, butter = (
        client.get("/api/foods", params={"search": words}).json()["foods"][0]["labels"][0]["id"]
        for words in ("rolled oats", "salted butter")
    )
    lines = [
        {"id": "oats", "label_id": oats, "target_g": 300.0},
        {"id": "butter", "label_id": butter, "target_g": 150.0},
    ]
    entered = {"components": [{"name": "Tray", "lines": lines}], "portions": 9}
    stored = {"version": begun["version"], "build": entered}
    assert client.put(f"/api/trials/{begun['id']}/build", json=stored).status_code == 200
    edit = {"version": dish["version"], "name": "Flapjack", "original_from": "lines"}
    sheet = client.put(f"{where}/original", json={**edit, "serving_g": 45.0}).json()
    # 300 g at 377 kcal and 150 g at 745, in nine.
    assert sheet["original"]["kcal"] == pytest.approx((3 * 377 + 1.5 * 745) / 9)
    assert sheet["original"]["serving_g"] == 45.0
    assert [trial["letter"] for trial in sheet["trials"]] == ["A"]
    build = client.get(f"/api/trials/{own}/from-original").json()
    standing = [line["stands_for"] for part in build["components"] for line in part["lines"]]
    assert standing == [["oats"], ["butter"]]
    assert client.post(f"/api/trials/{begun['id']}/batches").status_code == 409
    assert empty_client.get("/api/reference-amounts").json()[0]["grams"] == 110


def test_own_swaps_are_kept_offered_first_and_removed(client):
    sheet = trial(client)
    foods = {
        words: client.get("/api/foods", params={"search": words}).json()["foods"][0]["id"]
        for words in ("salted butter", "skyr")
    }
    new = {
        "name": "Skyr does it",
        "takes_food_id": foods["salted butter"],
        "gives": [{"food_id": foods["skyr"], "per_100_g": 120.0}],
        "watch": "sour",
        "likeness": 7.5,
    }
    made = client.post("/api/swaps", json=new).json()
    butter = line_of(sheet, "Harbour salted butter")
    asked = {"build": sheet["build"], "line_id": butter["id"]}
    found = client.post(f"/api/trials/{sheet['id']}/swaps", json=asked).json()["options"]
    assert (found[0]["name"], found[0]["likeness"], found[0]["source"]) == (
        "Skyr does it",
        7.5,
        "own",
    )
    assert found[0]["goes_in"][0]["grams"] == pytest.approx(1.2 * butter["target_g"], abs=0.5)
    itself = {**new, "gives": [{"food_id": foods["salted butter"], "per_100_g": 1.0}]}
    assert client.post("/api/swaps", json=itself).json()["errors"][0]["path"] == "gives"
    assert client.delete("/api/swaps/fat-yogurt").status_code == 409
    assert client.delete(f"/api/swaps/{made['key']}").status_code == 204
    assert client.delete(f"/api/swaps/{made['key']}").status_code == 404


def test_toppings_fit_into_what_the_goal_leaves(client):
    sheet = trial(client)
    asked = {"build": sheet["build"]}
    found = client.post(f"/api/trials/{sheet['id']}/allowance", json=asked).json()
    left = 320 - sheet["report"]["result"]["serving"]["kcal"]["value"]
    assert found["kcal"] == pytest.approx(left)
    fixed = client.post(
        f"/api/trials/{sheet['id']}/allowance", json={**asked, "kcal": 150.0}
    ).json()
    quark = next(
        topping for topping in fixed["toppings"] if topping["name"] == "Northlight skim quark"
    )
    assert quark["grams"] == pytest.approx(150 / 0.67)
    none = client.post(f"/api/trials/{sheet['id']}/allowance", json={**asked, "kcal": 0.0}).json()
    assert none["toppings"] == []


def test_a_keeper_widens_what_is_usual_for_dishes_of_its_kind(client):
    """A loaf without salt was kept: the same build in another dish is not told of it any more."""
    other, kept = trial(client, PUDDING), trial(client, LOAF)
    unsalted = with_line(kept["build"], line_of(kept, "Salt, fine")["id"], off=True)

    def salt():
        report = client.post(f"/api/trials/{other['id']}/reckon", json=unsalted).json()
        return next(check for check in report["checks"] if check["code"] == "salt")

    before = salt()
    assert (before["speaks"], before["source"]) == (True, "build-checks")
    edit = {"version": kept["version"], "build": unsalted}
    assert client.put(f"/api/trials/{kept['id']}/build", json=edit).status_code == 200
    after = salt()
    assert (after["speaks"], after["source"]) == (False, "own-keepers")
    assert after["least"] == pytest.approx(after["value"])
