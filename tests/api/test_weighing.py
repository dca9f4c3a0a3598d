"""The weigh-in over its API: ways, plan, choices, free weigh-ins, closing, writing back."""

import uuid

import pytest

from gasket.core.weighing.records import ONE_SCALE

HOME = {"host": "127.0.0.1"}


def new(kind, **more):
    return {"id": str(uuid.uuid4()), "kind": kind, "origin": "hand", **more}


class Weigher:
    """A weigh-in of the demo's carrot loaf, over the API."""

    def __init__(self, client, **how):
        self.client = client
        self.id = client.post("/api/trials/1/batches", json=how).json()["id"]
        self.url = f"/api/batches/{self.id}"

    @property
    def sheet(self):
        return self.client.get(self.url).json()

    def line(self, name):
        return next(line for line in self.sheet["lines"] if name in line["name"])

    def send(self, kind, **more):
        return self.client.post(f"{self.url}/weighings", json=new(kind, **more))

    def do(self, kind, **more):
        answer = self.send(kind, **more)
        assert answer.status_code == 200, answer.text
        return answer.json()

    def weigh_rest(self):
        for line in self.sheet["lines"]:
            if line["status"] == "open" and line["poured_with"] is None:
                self.do("line", line=line["id"], net_g=line["target_g"])
        return self.sheet

    def close(self):
        return self.client.post(f"{self.url}/close")

    def plan(self):
        sheet = self.sheet
        keys = ("id", "bowl", "way", "scale", "poured_with")
        lines = [{key: line[key] for key in keys} for line in sheet["lines"]]
        return {"version": sheet["version"], "lines": lines}


@pytest.fixture
def weigher(client):
    return Weigher(client)


def kcal(sheet):
    return sheet["serving"]["kcal"]["value"]


def label_of(client, words, which=0):
    foods = client.get("/api/foods", params={"search": words}).json()["foods"]
    return foods[0]["labels"][which]["id"]


def test_a_weigh_in_begins_bowl_by_bowl_dry_before_wet(weigher):
    lines = weigher.sheet["lines"]
    assert [line["bowl"] for line in lines] == ["Loaf"] * 11 + ["Frosting"] * 3
    for bowl in ("Loaf", "Frosting"):
        wet = [line["wetness"] == "wet" for line in lines if line["bowl"] == bowl]
        assert wet == sorted(wet)


def test_another_food_than_planned_is_reckoned_with_its_own_label_and_the_card_says_so(weigher):
    weigher.weigh_rest()
    before, quark = kcal(weigher.sheet), weigher.line("quark")
    other = label_of(weigher.client, "cream cheese")
    after = weigher.do("food", line=quark["id"], label_id=other)
    line = next(line for line in after["lines"] if line["id"] == quark["id"])
    assert line["planned_name"] == quark["name"] != line["name"]
    assert any(finding["code"] == "stand_in" for finding in after["findings"])
    card = weigher.client.get(f"{weigher.url}/card").json()
    shown = next(line for line in card["lines"] if line["planned_name"])
    assert shown["kcal_more"] == pytest.approx(kcal(after) - before)
    exported = weigher.client.get(f"{weigher.url}/file").json()
    assert line["name"] in {label["name"] for label in exported["labels"].values()}


def test_skipping_keeps_its_reason_and_spilling_takes_off_what_it_says(weigher):
    flour = weigher.line("flour")
    weigher.weigh_rest()
    before = weigher.sheet["lines_g"]
    weigher.do("spill", line=flour["id"], net_g=20, low_g=10, high_g=30, origin="estimate")
    sheet = weigher.sheet
    assert sheet["lines_g"] == pytest.approx(before - 20)
    weigher.do("spill", bowl="Frosting", net_g=15, low_g=10, high_g=20, origin="estimate")
    assert weigher.sheet["lines_g"] == pytest.approx(before - 35)
    weigher.do("skip", line=weigher.line("Salt")["id"], note="none in the house")
    card = weigher.client.get(f"{weigher.url}/card").json()
    assert [line["reason"] for line in card["lines"] if line["skipped"]] == ["none in the house"]


def test_more_than_was_made_cannot_be_spilled(weigher):
    weigher.weigh_rest()
    weigher.do("spill", bowl="Frosting", net_g=9000, low_g=9000, high_g=9000, origin="estimate")
    frosting = [line["net_g"] for line in weigher.sheet["lines"] if line["bowl"] == "Frosting"]
    loaf = sum(line["net_g"] for line in weigher.sheet["lines"]) - sum(frosting)
    assert weigher.sheet["lines_g"] == pytest.approx(loaf)


def test_too_much_says_what_each_choice_makes_of_a_serving(weigher):
    flour = weigher.line("flour")
    body = {"line": flour["id"], "net_g": flour["target_g"] * 1.2}
    found = weigher.client.post(f"{weigher.url}/choices", json=body).json()
    ways = {way["choice"]["name"]: way for way in found["ways"]}
    assert found["off_g"] == pytest.approx(flour["target_g"] * 0.2)
    assert ways["to_target"]["kcal_change"] == pytest.approx(0)
    assert 0 < ways["accept"]["kcal_change"] < ways["carry_open"]["kcal_change"]
    assert ways["carry_open"]["serving_g"] == pytest.approx(186.875 * 1.2, rel=0.01)
    missed = {name: [goal["key"] for goal in way["misses"]] for name, way in ways.items()}
    assert missed["to_target"] == missed["accept"] == []
    assert missed["carry_open"] == ["kcal"]


def test_what_is_carried_on_is_what_the_choice_promised(weigher):
    quark = weigher.line("quark")
    weigher.do("line", line=quark["id"], net_g=quark["target_g"])
    flour = weigher.line("flour")
    body = {"line": flour["id"], "net_g": flour["target_g"] * 1.2}
    found = weigher.client.post(f"{weigher.url}/choices", json=body).json()
    promised = next(way for way in found["ways"] if way["choice"]["name"] == "carry_all")
    assert promised["short"] == [quark["name"]]
    weigher.do("line", line=flour["id"], net_g=body["net_g"])
    weigher.do("carry", line=flour["id"], scope="all")
    sheet = weigher.sheet
    assert kcal(sheet) == pytest.approx(promised["kcal"]["value"])
    topped = next(line for line in sheet["lines"] if line["id"] == quark["id"])
    assert (topped["status"], topped["poured_g"]) == ("open", quark["target_g"])
    weigher.do("undo", undoes=sheet["last_record"])
    assert weigher.line("quark")["status"] == "weighed"


def test_lines_of_one_package_are_poured_in_one_and_shared_by_target(weigher):
    loaf, frosting = [line for line in weigher.sheet["lines"] if "quark" in line["name"]]
    plan = weigher.plan()
    for line in plan["lines"]:
        if line["id"] == frosting["id"]:
            line["poured_with"] = loaf["id"]
    joined = weigher.client.put(f"{weigher.url}/plan", json=plan).json()
    main = next(line for line in joined["lines"] if line["id"] == loaf["id"])
    assert (main["target_g"], main["also"]) == (470, ["Frosting"])
    weigher.do("line", line=loaf["id"], net_g=475)
    nets = [line["net_g"] for line in weigher.sheet["lines"] if "quark" in line["name"]]
    assert nets == pytest.approx([475 * 250 / 470, 475 * 220 / 470])


def test_without_a_weight_there_is_no_ratio_to_carry(weigher):
    refused = weigher.send("carry", line=weigher.line("flour")["id"], scope="open")
    assert (refused.status_code, "no ratio" in refused.json()["detail"]) == (409, True)


@pytest.mark.parametrize(
    ("spoil", "status", "path"),
    [
        (lambda plan: plan["lines"].pop(), 422, "lines"),
        (lambda plan: plan.update(version=99), 409, None),
        (lambda plan: plan["lines"][0].update(poured_with=99), 422, "lines[0].poured_with"),
        (
            lambda plan: plan["lines"][0].update(poured_with=plan["lines"][1]["id"]),
            422,
            "lines[0].poured_with",
        ),
    ],
)
def test_a_plan_that_does_not_fit_is_refused_at_its_place(weigher, spoil, status, path):
    plan = weigher.plan()
    spoil(plan)
    refused = weigher.client.put(f"{weigher.url}/plan", json=plan)
    assert refused.status_code == status
    if path:
        assert refused.json()["errors"][0]["path"] == path


def test_order_bowls_and_scales_are_the_cooks(weigher):
    plan = weigher.plan()
    plan["lines"].reverse()
    plan["lines"][0] |= {"bowl": "steel bowl", "scale": "pocket scale", "way": "out_of"}
    sheet = weigher.client.put(f"{weigher.url}/plan", json=plan).json()
    assert [line["id"] for line in sheet["lines"]] == [line["id"] for line in plan["lines"]]
    assert sheet["current"] == plan["lines"][0]["id"]
    first = sheet["lines"][0]
    assert (first["bowl"], first["scale"], first["way"]) == ("steel bowl", "pocket scale", "out_of")
    plan = weigher.plan()
    plan["lines"][0]["way"] = "into"
    sheet = weigher.client.put(f"{weigher.url}/plan", json=plan).json()
    assert sheet["task"]["empty_g"] == 385


@pytest.mark.parametrize(
    ("text", "low", "grams", "high"),
    [("1 cup", 106, 118, 130), ("30 g", None, 30, None)],
)
def test_a_measure_of_a_line_has_an_honest_spread(weigher, text, low, grams, high):
    line = weigher.line("flour")
    url = f"{weigher.url}/lines/{line['id']}/measured"
    first = weigher.client.post(url, json={"text": text}).json()[0]
    assert first["grams"] == pytest.approx(grams, rel=0.1)
    assert (first["low_g"], first["high_g"]) == (
        (None, None) if low is None else pytest.approx((low, high), rel=0.12)
    )


def test_nonsense_for_a_measure_is_a_sentence_at_the_field(weigher):
    line = weigher.line("flour")
    url = f"{weigher.url}/lines/{line['id']}/measured"
    refused = weigher.client.post(url, json={"text": "plenty"})
    assert (refused.status_code, refused.json()["errors"][0]["path"]) == (422, "text")


def test_something_that_is_not_on_the_list_goes_in_once(weigher):
    body = {
        "key": "came-in-on-the-way",
        "label_id": label_of(weigher.client, "cream cheese"),
        "component": "Frosting",
    }
    for _ in range(2):
        sheet = weigher.client.post(f"{weigher.url}/lines", json=body).json()
    added = [line for line in sheet["lines"] if not line["planned"]]
    assert [one["id"] for one in added] == [sheet["current"]]
    before = kcal(sheet)
    after = weigher.do("line", line=added[0]["id"], net_g=50)
    assert kcal(after) > before


def compared(weigher):
    return weigher.client.get(f"{weigher.url}/card").json()["result"]["original"]


def test_the_original_beside_a_batch_stays_when_a_label_changes(weigher):
    client = weigher.client
    before = compared(weigher)["kcal"]
    trial = client.get("/api/dishes/1").json()["original_trial"]
    build = client.get(f"/api/trials/{trial}").json()["build"]
    label_id = max(build["components"][0]["lines"], key=lambda line: line["target_g"])["label_id"]
    food = next(
        label
        for item in client.get("/api/foods", params={"limit": 200}).json()["foods"]
        for label in client.get(f"/api/foods/{item['id']}").json()["labels"]
        if label["id"] == label_id
    )
    panel = {**food["label"], "kcal": (food["label"]["kcal"] or 0) + 100}
    edit = {"version": food["version"], "label": panel, "package": food["package"]}
    client.put(f"/api/labels/{label_id}", json=edit).raise_for_status()
    assert client.get("/api/dishes/1").json()["original"]["kcal"] != pytest.approx(before)
    assert weigher.client.get(f"{weigher.url}/card").json()["result"]["original"][
        "kcal"
    ] == pytest.approx(before)


def test_a_capture_is_answered_by_what_changed_for_whoever_has_the_sheet(weigher):
    with weigher.client.websocket_connect(f"{weigher.url}/live", headers=HOME) as page:
        before = page.receive_json()["sheet"]
        pour = new("line", line=before["current"], net_g=120)
        asked = {"params": {"since": before["number"]}, "json": pour}
        answer = weigher.client.post(f"{weigher.url}/weighings", **asked)
        change = answer.json()
        assert heard_change(page) == change
    assert (len(before["lines"]), len(answer.content) <= 4000) == (14, True)
    lines = {line["id"]: line for line in (*before["lines"], *change["lines"])}
    order = change["order"] or [line["id"] for line in before["lines"]]
    made = {"number": change["number"], "lines": [lines[key] for key in order]}
    assert {**before, **change["fields"], **made} == weigher.sheet
    asked["json"] = new("line", line=before["current"], net_g=121)
    assert "since" not in weigher.client.post(f"{weigher.url}/weighings", **asked).json()


def heard_change(page):
    while (heard := page.receive_json())["type"] != "change":
        pass
    return heard


# Weighed without a recipe


@pytest.fixture
def free(client):
    return Weigher(client, free=True)


def test_a_free_weigh_in_leaves_a_planned_trial_alone_and_writes_the_next_one(free):
    sheet = free.sheet
    assert (sheet["letter"], sheet["free"], sheet["lines"]) == ("E", True, [])
    tare = free.do("tare", gross_g=412, bowl="Batter", origin="scale")
    record = tare["tares"][ONE_SCALE]["record"]
    poured = free.do(
        "line", gross_g=532, tare_record=record, bowl="Batter", origin="scale", id="free-pour-1"
    )
    line = poured["lines"][0]
    assert (line["net_g"], line["unnamed"]) == (120, True)
    assert any(finding["code"] == "unnamed" for finding in poured["findings"])
    assert free.close().status_code == 409
    named = free.do("food", line=line["id"], label_id=label_of(free.client, "quark"))
    assert kcal(named) > 0
    body = {"key": "named-before", "label_id": label_of(free.client, "egg"), "component": "Batter"}
    before = free.client.post(f"{free.url}/lines", json=body).json()
    free.do("line", line=before["current"], net_g=55)
    closed = free.close()
    assert closed.status_code == 200, closed.text
    build = free.client.get(f"/api/trials/{sheet['trial_id']}").json()["build"]
    written = [line["target_g"] for line in build["components"][0]["lines"]]
    assert (build["components"][0]["name"], written) == ("Batter", [120, 55])


def test_a_free_pour_sent_again_is_one_line_and_undone_it_is_none(free):
    pour = new("line", net_g=30)
    for _ in range(2):
        sheet = free.client.post(f"{free.url}/weighings", json=pour).json()
    assert [line["net_g"] for line in sheet["lines"]] == [30]
    assert free.do("undo", undoes=pour["id"])["lines"] == []


def test_what_was_poured_freely_and_left_out_needs_no_name(free):
    wrong = free.do("line", net_g=30)["lines"][0]
    right = free.do("line", net_g=200)["lines"][-1]
    free.do("food", line=right["id"], label_id=label_of(free.client, "quark"))
    assert free.close().status_code == 409
    free.do("skip", line=wrong["id"], note="spilled on the table")
    report = free.client.get(f"{free.url}/closing").json()
    assert report["unnamed"] == 0
    closed = free.close()
    assert closed.status_code == 200, closed.text
    build = free.client.get(f"/api/trials/{closed.json()['trial_id']}").json()["build"]
    assert [line["target_g"] for part in build["components"] for line in part["lines"]] == [200]


def test_until_it_is_right_becomes_the_next_target_with_its_cue(client):
    trial = client.get("/api/trials/1").json()
    build = trial["build"]
    line = build["components"][0]["lines"][0]
    line |= {"target_g": 0, "until": "runs off the spoon"}
    client.put(
        "/api/trials/1/build", json={"version": trial["version"], "build": build}
    ).raise_for_status()
    weigher = Weigher(client)
    found = next(line for line in weigher.sheet["lines"] if line["until"])
    weigher.do("add", line=found["id"], net_g=40)
    weigher.do("add", line=found["id"], net_g=12)
    weigher.do("right", line=found["id"], note="falls in ribbons")
    weigher.weigh_rest()
    assert weigher.close().status_code == 200
    after = client.get("/api/trials/1").json()["build"]["components"][0]["lines"][0]
    assert (after["target_g"], after["until"]) == (52, "falls in ribbons")
    others = client.get("/api/trials/1").json()["build"]["components"][0]["lines"][1:]
    assert others == build["components"][0]["lines"][1:]


def test_next_time_as_weighed_makes_the_weights_the_plan(weigher):
    flour, salt = weigher.line("flour"), weigher.line("Salt")
    weigher.do("line", line=flour["id"], net_g=182)
    weigher.do("skip", line=salt["id"])
    weigher.weigh_rest()
    assert weigher.client.post(f"{weigher.url}/as-plan").status_code == 409
    weigher.close()
    sheet = weigher.client.post(f"{weigher.url}/as-plan").json()
    lines = [line for part in sheet["build"]["components"] for line in part["lines"]]
    assert len(lines) == 14
    assert sum(line["off"] for line in lines) == 1
    assert 182 in [line["target_g"] for line in lines]


def test_the_closing_report_says_what_is_worth_a_look(weigher):
    flour, oil = weigher.line("flour"), weigher.line("oil")
    weigher.do("line", line=oil["id"], net_g=36)
    weigher.do("skip", line=weigher.line("Salt")["id"], note="none")
    spray = weigher.line("spray")
    weigher.do("line", line=spray["id"], net_g=2, low_g=0.5, high_g=6, origin="estimate")
    report = weigher.client.get(f"{weigher.url}/closing").json()
    assert flour["name"] in report["open_lines"]
    weigher.weigh_rest()
    weigher.do("mixture", net_g=weigher.sheet["lines_g"] + 385)
    report = weigher.client.get(f"{weigher.url}/closing").json()
    assert [one["name"] for one in report["far"]] == [oil["name"]]
    assert [one["reason"] for one in report["skipped"]] == ["none"]
    (unweighed,) = report["unweighed"]
    assert unweighed["margin_kcal"] > 0
    assert report["gap"]["causes"][0]["code"] == "not_tared"
    assert {fill["vessel"] for fill in report["fills"]} == {"loaf tin", "muffin cups"}
