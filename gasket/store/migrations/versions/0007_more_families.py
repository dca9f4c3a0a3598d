"""dishes of more families: what was set is moved to the nearest and marked to be confirmed

Revision ID: 0007
Revises: 0006
"""

import json
from typing import Any, Final

from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None

_MOVED: Final = {"dough": "roll", "batter": "pancake", "burger": "sandwich"}
_BACK: Final = {
    **{"roll": "dough", "pizza": "dough", "set_base": "dough", "pancake": "batter"},
    **{"blender_pancake": "batter", "waffle": "batter", "soaked_bread": "batter"},
    **{"cookie": "cake", "bite": "brownie", "pot": "custard", "fruit_bake": "cake"},
    **{"porridge": "tray", "baked_cup": "cake", "egg": "tray", "pasta": "tray", "bowl": "tray"},
    **{"patty": "burger", "sandwich": "burger", "coated": "burger", "wrap": "burger"},
    **{"fries": "tray", "dip": "custard"},
}


def upgrade() -> None:
    _rewrite(_newer)


def downgrade() -> None:
    _rewrite(_older)


def _rewrite(changed: Any) -> None:
    run = op.get_bind().exec_driver_sql
    for key, terms, steps in run("SELECT id, terms, steps FROM trial").all():
        before = json.loads(terms or "{}")
        after = changed(before, json.loads(steps or "[]")) if isinstance(before, dict) else before
        if after != before:
            run("UPDATE trial SET terms = ? WHERE id = ?", (json.dumps(after), key))


def _newer(terms: dict[str, Any], steps: Any) -> dict[str, Any]:
    family = terms.get("family")
    baked = isinstance(steps, list) and any(
        isinstance(step, dict) and step.get("kind") == "bake" for step in steps
    )
    if family == "custard" and not baked:
        return {**terms, "family": "pot", "confirm_family": True}
    if family in _MOVED:
        return {**terms, "family": _MOVED[family], "confirm_family": True}
    return terms


def _older(terms: dict[str, Any], _: Any) -> dict[str, Any]:
    plain = {key: value for key, value in terms.items() if key != "confirm_family"}
    family = plain.get("family")
    return {**plain, "family": _BACK.get(family, family)} if family else plain
