"""What each route that writes is sent by several devices at once, and what is then there."""

import uuid
from dataclasses import dataclass

EGG = {"name": "", "style": "eu", "basis_g": 100, "kcal": 143, "protein_g": 12.6}
EGG |= {"carbohydrate_g": 0.7, "fat_g": 9.5}


def one_id():
    return str(uuid.uuid4())


@dataclass
class Case:
    """What each of n clients sends (`body(api, i)`), how many of them win, and what is then there:
    a query whose single figure is asked before and after, and by how much it may grow a winner."""

    route: str
    path: str
    body: object = None
    winners: object = "all"
    grows: str = ""
    by: object = lambda winners: winners


def of_version(route, path, read, edit, grows=""):
    """All read the same version and save: one wins, the others are told what is there."""
    return Case(route, path, lambda api, i: edit(api.get(read).json(), i), winners=1, grows=grows)


def build_edit(trial, i):
    build = {**trial["build"], "portions": 3 + i}
    return {"version": trial["version"], "build": build}


def original_edit(dish, i):
    return {"version": dish["version"], "name": f"Slice {i}", "kcal": 600 + i}


def label_edit(food, i):
    label = food["labels"][0]
    return {"version": label["version"], "label": {**EGG, "name": f"Pack {i}", "kcal": 150 + i}}


def plan_edit(batch, i):
    lines = [{"id": line["id"], "bowl": f"Bowl {i}"} for line in batch["lines"]]
    return {"version": batch["version"], "lines": lines}


def steps_edit(steps, i):
    step = {"id": f"step-{i}", "kind": "mix", "says": f"Stir {i}"}
    return {"version": steps["version"], "steps": [step]}


HERE = {"where": "here"}
COUNT = "SELECT count(*) FROM {}".format
LINES = "SELECT count(*) FROM line WHERE trial_id = 1"
STOCK = "SELECT coalesce(sum(amount), 0) FROM stock_record WHERE move = 'eaten'"
CASES = [
    Case("POST /api/dishes", "/api/dishes", lambda _, i: {"name": f"Pie {i}"}, grows=COUNT("dish")),
    Case("POST /api/batches", "/api/batches", lambda *_: BATCH, grows=COUNT("batch")),
    Case(
        "POST /api/swaps",
        "/api/swaps",
        lambda _, i: {
            "name": f"Swap {i}",
            "takes_food_id": 1,
            "gives": [{"food_id": 2, "per_100_g": 90}],
        },
        grows=COUNT("own_swap"),
    ),
    Case(
        "POST /api/foods",
        "/api/foods",
        lambda _, i: {"name": f"Egg {i}", "label": EGG},
        grows=COUNT("food"),
    ),
    Case(
        "POST /api/foods/{food_id}/labels",
        "/api/foods/1/labels",
        lambda _, i: {"label": {**EGG, "name": f"Box {i}"}},
        grows=COUNT("label"),
    ),
    Case(
        "POST /api/dishes/{dish_id}/trials",
        "/api/dishes/1/trials",
        lambda _, i: {"copy_of": 1, "intent": f"try {i}"},
        grows=COUNT("trial"),
    ),
    Case(
        "POST /api/dishes/{dish_id}/original/lines",
        "/api/dishes/1/original/lines",
        grows=COUNT("trial"),
        by=lambda _: 0,
    ),
    Case(
        "POST /api/trials/{trial_id}/batches",
        "/api/trials/1/batches",
        grows=COUNT("batch"),
        by=lambda _: 1,
    ),
    Case(
        "POST /api/quick-entry/chosen",
        "/api/quick-entry/chosen",
        lambda _, i: {"choices": [{"text": f"{i} g oats", "label_id": 1}]},
        grows=COUNT("chosen_food"),
        by=lambda _: 1,
    ),
    Case(
        "POST /api/quick-entry/chosen/forgotten",
        "/api/quick-entry/chosen/forgotten",
        lambda *_: {"text": "5 g oats"},
        grows=COUNT("chosen_food"),
        by=lambda _: 0,
    ),
    Case(
        "POST /api/trials/{trial_id}/pending",
        "/api/trials/1/pending",
        lambda _, i: {"text": f"{i} xyzzy"},
        grows=COUNT("pending_line"),
    ),
    Case(
        "POST /api/batches/{batch_id}/arms",
        "/api/batches/{undivided}/arms",
        lambda _, i: {"arms": [{"name": "as planned"}, {"name": f"{i} min"}]},
        winners=1,
        grows=COUNT("batch"),
        by=lambda _: 2,
    ),
    Case(
        "POST /api/batches/{batch_id}/keep-as",
        "/api/batches/1/keep-as",
        lambda _, i: {"name": f"Loaf {i}"},
        grows=COUNT("food"),
    ),
    Case(
        "POST /api/batches/{batch_id}/as-plan",
        "/api/batches/1/as-plan",
        grows=LINES,
        by=lambda _: 0,
    ),
    Case(
        "POST /api/foods/{food_id}/told",
        "/api/foods/1/told",
        lambda _, i: {"kind": "measure", "measure": f"sack {i}", "grams": 1000 + i},
        grows="SELECT json_array_length(facts, '$.measures') FROM food WHERE id = 1",
    ),
    of_version(
        "PUT /api/settings",
        "/api/settings",
        "/api/settings",
        lambda house, i: {**house, "currency": "$£¥₣₤₧₨₩"[i]},
    ),
    of_version(
        "PUT /api/trials/{trial_id}/build",
        "/api/trials/1/build",
        "/api/trials/1",
        build_edit,
        grows="SELECT version FROM trial WHERE id = 1",
    ),
    of_version(
        "PUT /api/dishes/{dish_id}/original",
        "/api/dishes/1/original",
        "/api/dishes/1",
        original_edit,
        grows="SELECT version FROM dish WHERE id = 1",
    ),
    of_version(
        "PUT /api/foods/{food_id}",
        "/api/foods/1",
        "/api/foods/1",
        lambda food, i: {"version": food["version"], "name": f"Root {i}"},
        grows="SELECT version FROM food WHERE id = 1",
    ),
    of_version(
        "PUT /api/labels/{label_id}",
        "/api/labels/1",
        "/api/foods/1",
        label_edit,
        grows=COUNT("label_revision"),
    ),
    of_version(
        "PUT /api/trials/{trial_id}/steps",
        "/api/trials/1/steps",
        "/api/trials/1/steps",
        steps_edit,
        grows="SELECT steps_version FROM trial WHERE id = 1",
    ),
    of_version(
        "PUT /api/batches/{batch_id}/plan",
        "/api/batches/2/plan",
        "/api/batches/2",
        plan_edit,
        grows="SELECT version FROM batch WHERE id = 2",
    ),
    of_version(
        "PUT /api/batches/{batch_id}/finishes",
        "/api/batches/1/finishes",
        "/api/batches/1",
        lambda batch, i: {
            "version": batch["version"],
            "finishes": [{"id": f"finish-{i}", "name": f"With nuts {i}"}],
        },
        grows="SELECT version FROM batch WHERE id = 1",
    ),
    Case(
        "POST /api/dishes/{dish_id}/repair",
        "/api/dishes/1/repair",
        grows="SELECT version FROM trial WHERE id = 1",
        by=lambda _: 0,
    ),
    *(
        Case(
            f"PUT /api/{things}/{{{thing}_id}}/whereabouts",
            f"/api/{things}/1/whereabouts",
            lambda _, i: {"where": "archive" if i % 2 else "here"},
        )
        for thing, things in (("dish", "dishes"), ("batch", "batches"))
    ),
    Case("PUT /api/trials/{trial_id}/whereabouts", "/api/trials/1/whereabouts", lambda *_: HERE),
    Case(
        "POST /api/dishes/{dish_id}/duplicate",
        "/api/dishes/1/duplicate",
        grows=COUNT("dish"),
    ),
    Case(
        "POST /api/batches/{batch_id}/corrections",
        "/api/batches/1/corrections",
        lambda _, i: {"id": one_id(), "line": 1, "net_g": 40 + i, "note": f"slip {i}"},
        grows=COUNT("weighing"),
    ),
    Case(
        "DELETE /api/batches/{batch_id}/corrections/{record_id}",
        "/api/batches/1/corrections/{correction}",
        grows=COUNT("weighing"),
        by=lambda _: 1,
    ),
    Case(
        "PUT /api/batches/{batch_id}/dividing",
        "/api/batches/{open}/dividing",
        lambda _, i: {"pieces": 4 + i},
    ),
    Case(
        "PUT /api/batches/{batch_id}/hands-free",
        "/api/batches/2/hands-free",
        lambda _, i: {"on": bool(i % 2)},
    ),
    Case(
        "PUT /api/batches/{batch_id}/nudge",
        "/api/batches/2/nudge",
        lambda _, i: {"divisions": i % 3},
    ),
    Case(
        "PUT /api/trials/{trial_id}/intent",
        "/api/trials/1/intent",
        lambda _, i: {"intent": f"less sweet {i}"},
    ),
    Case(
        "PUT /api/foods/{food_id}/on-shelf",
        "/api/foods/1/on-shelf",
        lambda _, i: {"on_shelf": bool(i % 2)},
    ),
    Case(
        "PUT /api/labels/{label_id}/on-shelf",
        "/api/labels/1/on-shelf",
        lambda _, i: {"on_shelf": bool(i % 2)},
    ),
    Case(
        "PUT /api/dishes/{dish_id}/rejected/{swap}",
        "/api/dishes/1/rejected/{swap}",
        lambda _, i: {"reason": f"tried {i}"},
        grows=COUNT("rejected_swap"),
        by=lambda _: 1,
    ),
    Case("DELETE /api/dishes/{dish_id}/rejected/{swap}", "/api/dishes/1/rejected/{swap}"),
    Case("DELETE /api/trials/{trial_id}/pending/{pending_id}", "/api/trials/1/pending/1"),
    Case(
        "DELETE /api/swaps/{swap}",
        "/api/swaps/{own}",
        winners=1,
        grows=COUNT("own_swap"),
        by=lambda _: -1,
    ),
    Case(
        "POST /api/batches/{batch_id}/weighings",
        "/api/batches/2/weighings",
        lambda api, _: {
            "id": one_id(),
            "kind": "line",
            "line": current(api),
            "net_g": 31,
            "origin": "hand",
            "seen": "open",
        },
        winners=1,
        grows=COUNT("weighing"),
    ),
    Case(
        "POST /api/batches/{batch_id}/lines",
        "/api/batches/2/lines",
        lambda _, i: {"key": f"new-line-{i}", "label_id": 1},
        grows=COUNT("batch_line"),
    ),
    Case(
        "POST /api/batches/{batch_id}/cook",
        "/api/batches/2/cook",
        lambda api, _: {"id": one_id(), "deed": "begin", "step": first_step(api)},
        winners=1,
        grows=COUNT("cook_record"),
    ),
    Case("PUT /api/batches/{batch_id}/cook/plan", "/api/batches/2/cook/plan"),
    Case(
        "POST /api/timers",
        "/api/timers",
        lambda _, i: {"id": one_id(), "deed": "timer", "minutes": 3, "note": f"Eggs {i}"},
        grows=COUNT("cook_record"),
    ),
    Case(
        "POST /api/batches/{batch_id}/stock",
        "/api/batches/1/stock",
        lambda *_: {"id": one_id(), "move": "eaten", "amount": 2, "place": "fridge"},
        winners=2,
        grows=STOCK,
        by=lambda winners: 2 * winners,
    ),
    Case(
        "POST /api/batches/{batch_id}/close",
        "/api/batches/{open}/close",
        grows="SELECT count(*) FROM batch WHERE closed_at IS NOT NULL",
        by=lambda _: 1,
    ),
]
BATCH = {
    "format": "gasket-batch",
    "version": 1,
    "labels": {"egg": {**EGG, "name": "Egg"}},
    "components": [{"name": "All", "lines": [{"label": "egg", "grams": 100}]}],
    "portions": {"count": 2},
}
READS = {
    "POST /api/audit",
    "POST /api/labels/pasted",
    "POST /api/batches/{batch_id}/choices",
    "POST /api/claims/check",
    "POST /api/batches/{batch_id}/lines/{line_id}/measured",
    "POST /api/claims/read",
    "POST /api/labels/{label_id}/moved",
    "POST /api/quick-entry",
    "POST /api/quick-entry/list",
    "POST /api/reckon",
    "POST /api/trials/{trial_id}/allowance",
    "POST /api/trials/{trial_id}/reach",
    "POST /api/trials/{trial_id}/reckon",
    "POST /api/trials/{trial_id}/scale",
    "POST /api/trials/{trial_id}/steps/read",
    "POST /api/trials/{trial_id}/steps/report",
    "POST /api/trials/{trial_id}/swaps",
    "POST /api/trials/{trial_id}/steps/another-way",
}
"""They answer and store nothing: their session cannot write."""
OF_THE_HOUSE = {
    "POST /api/batches/{batch_id}/photos",
    "PUT /api/batches/{batch_id}/rehearsal",
    "POST /api/scale/simulator",
    "POST /api/shelf/imports",
    "DELETE /api/shelf/imports/{key}",
    "POST /api/shelf/imports/{key}/commit",
    "POST /api/shelf/reference",
}
"""The simulated scale; files, which tests/kitchen/test_shelf.py brings in at the same moment;
pictures, which tests/api/test_photos.py does."""


EXAMPLE = "POST /api/dishes/example"


def current(api):
    return api.get("/api/batches/2").json()["current"]


def first_step(api):
    return api.get("/api/batches/2/cook").json()["steps"][0]["step"]["id"]
