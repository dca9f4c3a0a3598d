"""Every room of the core answers as it did when its answers were last looked through."""

import json

import pytest

from tests.core.scenarios import FOLDER, SCENARIOS, plain


@pytest.mark.parametrize("name", SCENARIOS)
def test_the_answers_are_those_that_were_approved(name):
    approved = json.loads((FOLDER / f"{name}.json").read_text(encoding="utf-8"))
    said = json.loads(json.dumps({key: plain(value) for key, value in SCENARIOS[name]()}))
    assert said.keys() == approved.keys()
    moved = {key: (approved[key], said[key]) for key in said if said[key] != approved[key]}
    assert not moved, f"{len(moved)} of {len(said)} answers moved: {[*moved.items()][:3]}"
