"""Batch files: faults at their paths, round trips, the published schemas, the command line."""

import copy
import json
import re
from pathlib import Path

import jsonschema
import pytest
from hypothesis import given
from hypothesis import strategies as st
from typer.testing import CliRunner

from gasket.cli import app
from gasket.core.errors import FaultyInput
from gasket.core.reckoning.reckon import reckon
from gasket.formats.batch_json import dump_batch, parse_batch
from gasket.formats.schemas import schemas
from tests.batches import batch

DOCS = Path(__file__).parents[2] / "docs" / "formats"

RUNNER = CliRunner()
SCHEMAS = schemas()


def changed(path, value):
    document = copy.deepcopy(batch())
    place = document
    for part in path[:-1]:
        place = place[part]
    place[path[-1]] = value
    return json.dumps(document)


LINE = ("components", 0, "lines", 0)
FAULTS = [
    (changed((*LINE, "grams"), -1), "components[0].lines[0].grams: This cannot be less than 0."),
    (changed((*LINE, "grams"), "12"), "components[0].lines[0].grams: This must be a number."),
    (changed((*LINE, "grams"), True), "components[0].lines[0].grams"),
    (changed((*LINE, "grams"), None), "components[0].lines[0].grams"),
    (changed((*LINE, "grams"), float("nan")), "components[0].lines[0].grams"),
    (changed((*LINE, "grams"), float("inf")), "components[0].lines[0].grams"),
    (changed((*LINE, "grams"), 10**400), "components[0].lines[0].grams"),
    (changed((*LINE, "grams"), 5e6), "components[0].lines[0].grams: That’s a lot"),
    (changed((*LINE, "label"), "z"), "components[0].lines[0].label: There is no label"),
    (changed((*LINE, "estimate"), [500, 600]), "components[0].lines[0].estimate"),
    (changed((*LINE, "estimate"), [300]), "components[0].lines[0].estimate"),
    (changed(("labels", "a", "basis_g"), 0), "labels.a.basis_g: This must be more than 0."),
    (changed(("labels", "a", "style"), "uk"), "labels.a.style: This must be"),
    (changed(("labels", "a", "polyol"), "x"), "labels.a.polyol"),
    (changed(("labels", "a", "kcal"), -5), "labels.a.kcal"),
    (changed(("labels", "a", "vitamin_c_mg"), 5), "labels.a.vitamin_c_mg: There is no such key."),
    (changed(("settings",), {"energy": "joule"}), "settings.energy"),
    (changed(("version",), 3), "version"),
    (changed(("version",), True), "version"),
    (changed(("format",), "other"), "format"),
    (changed(("portions",), {"count": 0}), "portions.count"),
    (changed(("portions",), {"count": 2.5}), "portions.count"),
    (changed(("portions",), {"count": 2, "serving_g": 3}), "portions"),
    (changed(("portions",), {"weights_g": []}), "portions.weights_g"),
    (changed(("portions",), {"weights_g": [0, 0]}), "portions"),
    (changed(("components", 0, "leftover_g"), 401), "components[0].leftover_g"),
    (changed(("finish",), [{"label": "q", "grams": 1}]), "finish[0].label"),
    ('{"format": "gasket-batch", "format": "x"}', "format: This key stands twice."),
    ('{"labels": {"a": {"kcal": 1, "kcal": 2}}}', "labels.a.kcal: This key stands twice."),
    ("{", "$: This is not JSON"),
    ("[]", "$: This must be an object."),
    ("[" * 50_000, "$: This is nested too deep."),
    ("[" * 900 + "]" * 900, "$: "),
    ('{"version": ' + "9" * 5000 + "}", "$: "),
    (b"\xff\xfe{}", "$: This is not UTF-8"),
    ("9" * 2_100_000, "$: A batch file is at most 2 MB."),
]


@pytest.mark.parametrize(("text", "begins"), FAULTS)
def test_a_fault_is_named_by_its_path_on_stderr_alone(text, begins, tmp_path):
    file = tmp_path / "batch.json"
    file.write_bytes(text if isinstance(text, bytes) else text.encode())
    done = RUNNER.invoke(app, ["reckon", str(file)])
    assert done.exit_code == 2
    assert done.stdout == ""
    said = done.stderr.splitlines()
    assert any(line.startswith(begins) for line in said), said
    assert all(": " in line for line in said)


def test_every_fault_is_named_at_once():
    document = batch()
    document["labels"]["a"]["kcal"] = -1
    document["components"][0]["lines"][0]["grams"] = "x"
    with pytest.raises(FaultyInput) as refused:
        parse_batch(json.dumps(document))
    assert len(refused.value.faults) == 2


def test_a_missing_file_is_a_sentence(tmp_path):
    done = RUNNER.invoke(app, ["reckon", str(tmp_path / "none.json")])
    assert done.exit_code == 2
    assert "No such file" in done.stderr


def test_reckon_prints_the_result_and_reads_standard_input():
    done = RUNNER.invoke(app, ["reckon", "-"], input=json.dumps(batch()))
    assert done.exit_code == 0
    answer = json.loads(done.stdout)
    assert answer["serving"]["kcal"]["value"] == pytest.approx(200)
    assert set(answer) >= {"batch", "per_100g", "serving", "portions", "original", "findings"}


def test_nulls_stand_for_what_is_absent():
    document = batch(
        settings=None,
        mixture_g=None,
        cooked_g=None,
        finish=None,
        original=None,
        portions={"count": 8.0},
    )
    document["components"][0] |= {"made_g": None, "leftover_g": None, "removed": None}
    document["components"][0]["lines"][0] |= {"division_g": None, "estimate": None}
    found = reckon(parse_batch(json.dumps(document)))
    assert found.serving.kcal.worst[1] > found.serving.kcal.value > 0


grams = st.floats(0, 5000, allow_nan=False).map(lambda value: round(value, 3))
labels = st.fixed_dictionaries(
    {"style": st.sampled_from(["us", "eu", "table"]), "basis_g": st.floats(0.1, 500)},
    optional={
        name: st.none() | grams
        for name in ("kcal", "protein_g", "carbohydrate_g", "fat_g", "fibre_g", "polyols_g")
    },
)
documents = st.fixed_dictionaries(
    {
        "format": st.just("gasket-batch"),
        "version": st.just(1),
        "labels": st.fixed_dictionaries({"a": labels, "b": labels}),
        "components": st.lists(
            st.fixed_dictionaries({"label": st.sampled_from(["a", "b"]), "grams": grams}),
            max_size=5,
        ).map(lambda lines: [{"name": "all", "lines": lines}]),
        "portions": st.one_of(
            st.fixed_dictionaries({"count": st.integers(1, 20)}),
            st.fixed_dictionaries({"serving_g": st.floats(1, 500)}),
            st.fixed_dictionaries({"weights_g": st.lists(st.floats(1, 500), min_size=1)}),
        ),
    }
)


BATCHES = jsonschema.Draft202012Validator(SCHEMAS["batch.schema.json"])
ANSWERS = jsonschema.Draft202012Validator(SCHEMAS["result.schema.json"])


@given(documents)
def test_any_good_batch_reckons_holds_its_value_and_keeps_to_the_schemas(document):
    parsed = parse_batch(json.dumps(document))
    assert parse_batch(dump_batch(parsed)) == parsed
    answer = json.loads(reckon(parsed).model_dump_json())
    BATCHES.validate(document)
    ANSWERS.validate(answer)
    for figure in answer["serving"].values():
        if isinstance(figure, dict) and figure["value"] is not None:
            (lo, hi), (least, most) = figure["likely"], figure["worst"]
            assert least <= lo <= figure["value"] <= hi <= most
            assert least >= 0


NO_SCHEMA_CAN_SAY = ("There is no label", "estimate", "leftover_g", "finish[0].label", "twice")


def refuse(constant):
    raise ValueError(constant)


def is_json(text):
    try:
        return isinstance(json.loads(text, parse_constant=refuse), dict | list)
    except (ValueError, RecursionError):
        return False


@pytest.mark.parametrize(
    "text",
    [
        text
        for text, begins in FAULTS
        if is_json(text) and not any(word in begins for word in NO_SCHEMA_CAN_SAY)
    ]
    + [
        changed((*LINE, "component"), "all"),
        changed(LINE, {"grams": 5}),
        changed(LINE, {"label": "a", "count": 0}),
        changed(("labels", "a"), {"style": "eu"}),
        changed(("labels", "a", "below"), ["salt_g"]),
        changed(("labels", "a", "below"), ["taste"]),
        changed(("portions",), {}),
        changed(("arms",), [{"name": "a", "grams": 5, "portions": {"count": 1}}]),
    ],
)
def test_the_published_schema_refuses_what_the_reader_refuses(text):
    with pytest.raises(FaultyInput):
        parse_batch(text)
    assert not BATCHES.is_valid(json.loads(text))


ARM = {"name": "a", "grams": 40, "portions": {"weights_g": [20, 0]}, "division_g": None}
GOOD = [
    changed(("$schema",), "batch.schema.json"),
    changed(LINE, {"label": "a", "count": 2}),
    changed((*LINE, "division_g"), None),
    changed(("labels", "a"), {"style": "eu", "basis_ml": 100, "fibre_g": 1, "below": ["fibre_g"]}),
    changed(("portions",), {"count": 8.0, "serving_pieces": None}),
    json.dumps(batch(version=2, arms=[{**ARM, "components": None, "finish": None}])),
    json.dumps(batch(settings=None, finish=None, original=None, arms=None)),
]


@pytest.mark.parametrize("text", GOOD)
def test_the_published_schema_takes_what_the_reader_takes(text):
    answer = json.loads(reckon(parse_batch(text)).model_dump_json())
    BATCHES.validate(json.loads(text))
    ANSWERS.validate(answer)


def test_the_examples_of_the_papers_are_good():
    papers = (DOCS / "batch.md").read_text()
    whole, arms = (json.loads(text) for text in re.findall(r"```json\n(.*?)```", papers, re.S))
    seeds = {"seeds": {"style": "eu", "basis_g": 100, "kcal": 560}}
    for example in (whole, whole | arms | {"labels": whole["labels"] | seeds}):
        BATCHES.validate(example)
        reckon(parse_batch(json.dumps(example)))
