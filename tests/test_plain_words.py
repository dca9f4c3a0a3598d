"""Every sentence of the kitchen against the words that are not used (the pages have the same)."""

import ast
import json
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[1]
WORDS = json.loads((ROOT / "tests" / "cases" / "plain_words.json").read_text())["words"]
ROOMS = ("core", "kitchen", "formats", "demo")


def sentences(source):
    """String literals with a blank in them that are no docstrings."""
    tree = ast.parse(source)
    notes = {
        id(node.value)
        for node in ast.walk(tree)
        if isinstance(node, ast.Expr) and isinstance(node.value, ast.Constant)
    }
    for node in ast.walk(tree):
        is_text = isinstance(node, ast.Constant) and isinstance(node.value, str)
        if is_text and " " in node.value and id(node) not in notes:
            yield node.value


@pytest.mark.parametrize("room", ROOMS)
def test_the_kitchen_speaks_plainly(room):
    found = [
        (path.name, text)
        for path in sorted((ROOT / "gasket" / room).rglob("*.py"))
        for text in sentences(path.read_text())
    ]
    assert len(found) > 20
    assert [one for one in found if any(word in one[1].lower() for word in WORDS)] == []
