"""`gasket advise` and `gasket read`: what the trade says of a file, for scripts."""

import json
import subprocess
import sys

PER_100 = {
    "chicken": ("Chicken thigh, raw", (120, 20, 0, 4, 80)),
    "panko": ("Panko breadcrumbs", (360, 11, 74, 2, 300)),
    "bun": ("Burger bun", (270, 9, 48, 4, 400)),
    "flour": ("Wheat flour", (350, 10, 73, 1, 2)),
    "egg": ("Egg", (140, 12, 1, 10, 140)),
    "milk": ("Skim milk", (35, 3.4, 5, 0.1, 44)),
}
FIGURES = ("kcal", "protein_g", "carbohydrate_g", "fat_g", "sodium_mg")


def batch_file(components, name=""):
    used = {key for part in components.values() for key in part}
    labels = {
        key: {"name": PER_100[key][0], "style": "table", "basis_g": 100}
        | dict(zip(FIGURES, PER_100[key][1], strict=True))
        for key in used
    }
    return json.dumps(
        {
            **{"format": "gasket-batch", "version": 1, "labels": labels, "portions": {"count": 4}},
            **({"name": name} if name else {}),
            "components": [
                {"name": part, "lines": [{"label": key, "grams": g} for key, g in lines.items()]}
                for part, lines in components.items()
            ],
        }
    )


def gasket(command, text):
    run = [sys.executable, "-m", "gasket", command, "-"]
    return subprocess.run(run, input=text, capture_output=True, text=True, check=False)


def test_a_batch_file_is_advised_on_by_what_is_in_it():
    parts = {"Chicken": {"chicken": 400, "panko": 60}, "Bun": {"bun": 220}}
    found = json.loads(gasket("advise", batch_file(parts, "Crispy chicken sandwich")).stdout)
    assert found["family"] == {"key": "sandwich", "reason": "its name says “sandwich”"}
    assert found["kinds"] == {"chicken": "poultry", "panko": "crumbs", "bun": "bread"}
    assert found["safety"] == [
        {"core_c": 74.0, "hold_s": 0.0, "rule": "poultry", "because": ["chicken"]}
    ]
    says = [step["says"] for step in found["steps"]]
    assert says.index("Bake the chicken on a rack") < says.index("Toast the bun") < len(says) - 1
    assert [check["code"] for check in found["checks"]] == ["salt"]
    assert {keeps["place"] for keeps in found["storage"]} == {"fridge", "freezer"}


def test_a_file_without_a_telling_name_is_told_by_its_lines():
    found = json.loads(gasket("advise", batch_file({"Bowl": {"egg": 200, "milk": 60}})).stdout)
    assert (found["family"]["key"], found["family"]["reason"]) == ("egg", "it is mostly egg")
    assert [(asked["rule"], asked["because"]) for asked in found["safety"]] == [
        ("set_egg", ["egg"])
    ]


def test_a_dish_that_nobody_can_tell_has_no_family_and_no_steps():
    found = json.loads(gasket("advise", batch_file({"Bowl": {"flour": 200}})).stdout)
    assert (found["family"], found["steps"]) == (None, [])
    assert gasket("advise", "{}").returncode == 2
    assert gasket("advise", "{}").stdout == ""


def test_typed_lines_are_read_against_the_generic_foods():
    lines = ["170 g wheat flour", "xyzzy", "Bake at 180 C for 20 min"]
    read = [json.loads(said) for said in gasket("read", "\n".join(lines)).stdout.splitlines()]
    assert [one["text"] for one in read] == lines
    assert [one["status"] for one in read] == ["clear", "unmatched", "step"]
    assert read[0]["answer"]["options"][0]["worked"]["readings"][0]["grams"] == 170
