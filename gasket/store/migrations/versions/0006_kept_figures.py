"""nothing twice in a build or a weigh-in, stamps and what is kept of figures, dishes set aside

Revision ID: 0006
Revises: 0005
"""

from typing import Any

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

import gasket.store.tables

revision = "0006"
down_revision = "0005"
branch_labels = None
depends_on = None

TEXT = sqlmodel.sql.sqltypes.AutoString()
TIME = gasket.store.tables.UtcTime()


def upgrade() -> None:
    _nothing_twice()
    with op.batch_alter_table("dish") as table:
        table.add_column(sa.Column("set_aside_at", TIME, nullable=True))
    with op.batch_alter_table("line") as table:
        table.add_column(sa.Column("trial_id", sa.Integer(), nullable=True))
    op.execute(
        "UPDATE line SET trial_id ="
        " (SELECT trial_id FROM component WHERE component.id = line.component_id)"
    )
    with op.batch_alter_table("line") as table:
        table.alter_column("trial_id", existing_type=sa.Integer(), nullable=False)
        table.create_foreign_key("fk_line_trial", "trial", ["trial_id"], ["id"])
        table.create_unique_constraint("uq_line_component_position", ["component_id", "position"])
        table.create_unique_constraint("uq_line_trial_key", ["trial_id", "key"])
        table.create_index(table.f("ix_line_label_id"), ["label_id"])
        table.drop_index(table.f("ix_line_component_id"))
    with op.batch_alter_table("component") as table:
        table.create_unique_constraint("uq_component_position", ["trial_id", "position"])
        table.create_unique_constraint("uq_component_name", ["trial_id", "name"])
    with op.batch_alter_table("batch_line") as table:
        table.create_unique_constraint("uq_batch_line_key", ["batch_id", "key"])
        table.create_index(table.f("ix_batch_line_revision_id"), ["revision_id"])
        table.drop_index(table.f("ix_batch_line_batch_id"))
    op.create_index("ix_weighing_revision_id", "weighing", ["revision_id"])
    op.create_index("ix_cook_record_at", "cook_record", ["at", "batch_id"])
    _make_tables()


def _make_tables() -> None:
    op.create_table(
        "mended",
        sa.Column("id", sa.Integer(), primary_key=True),
        sa.Column("dish_id", sa.Integer(), sa.ForeignKey("dish.id"), nullable=False),
        sa.Column("before", sa.JSON(), nullable=False, server_default="{}"),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_mended_dish_id", "mended", ["dish_id"])
    op.create_table(
        "sent",
        sa.Column("key", TEXT, primary_key=True),
        sa.Column("request", TEXT, nullable=False),
        sa.Column("status", sa.Integer(), nullable=False),
        sa.Column("answer", sa.LargeBinary(), nullable=False),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_sent_at", "sent", ["at"])
    op.create_table(
        "dish_stamp",
        sa.Column("dish_id", sa.Integer(), primary_key=True),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("touched", sa.Integer(), nullable=False, server_default="0"),
    )
    op.create_index("ix_dish_stamp_touched", "dish_stamp", ["touched"])
    op.create_table(
        "batch_stamp",
        sa.Column("batch_id", sa.Integer(), primary_key=True),
        sa.Column("number", sa.Integer(), nullable=False),
    )
    op.create_table("kept_dish", sa.Column("dish_id", sa.Integer(), primary_key=True), *_kept())
    op.create_table(
        "kept_batch",
        sa.Column("batch_id", sa.Integer(), primary_key=True),
        *_kept(),
        sa.Column("on_hand", sa.Boolean(), nullable=False),
        sa.Column("before", sa.JSON(), nullable=True),
    )
    op.create_index("ix_kept_batch_on_hand", "kept_batch", ["on_hand"])


def _kept() -> tuple[sa.Column[Any], ...]:
    """From what it was calculated, and what came out."""
    return (
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("house", TEXT, nullable=False),
        sa.Column("rules", TEXT, nullable=False),
        sa.Column("figures", sa.JSON(), nullable=False, server_default="{}"),
    )


def _nothing_twice() -> None:
    """Two saves of one moment could store a build twice: the double goes, and whatever else shares
    a name or a key with another gets one of its own."""
    connection = op.get_bind()
    run = connection.exec_driver_sql
    for (trial,) in run("SELECT DISTINCT trial_id FROM component").all():
        _mend_components(trial)
        _mend_lines(trial)
    twice = run(
        "SELECT id, key FROM batch_line AS one WHERE key IS NOT NULL AND EXISTS (SELECT 1 FROM"
        " batch_line WHERE batch_id = one.batch_id AND key = one.key AND id < one.id)"
    ).all()
    for line, key in twice:
        run("UPDATE batch_line SET key = ? WHERE id = ?", (f"{key[:40]}-{line}", line))


def _mend_components(trial: int) -> None:
    run = op.get_bind().exec_driver_sql
    there: dict[str, list[str]] = {}
    position = 0
    found = run("SELECT id, name FROM component WHERE trial_id = ? ORDER BY position, id", (trial,))
    for component, name in found.all():
        query = "SELECT key FROM line WHERE component_id = ? ORDER BY position, id"
        keys = [key for (key,) in run(query, (component,))]
        if there.get(name) == keys:
            run("DELETE FROM line WHERE component_id = ?", (component,))
            run("DELETE FROM component WHERE id = ?", (component,))
            continue
        free, number = name, 2
        while free in there:
            free, number = f"{name[:110]} {number}", number + 1
        there[free] = keys
        run(
            "UPDATE component SET name = ?, position = ? WHERE id = ?", (free, position, component)
        )
        position += 1


def _mend_lines(trial: int) -> None:
    run = op.get_bind().exec_driver_sql
    seen: set[str] = set()
    place: dict[int, int] = {}
    found = run(
        "SELECT line.id, line.component_id, line.key FROM line JOIN component ON component.id ="
        " line.component_id WHERE component.trial_id = ?"
        " ORDER BY component.position, line.position, line.id",
        (trial,),
    )
    for line, component, key in found.all():
        free = f"{key[:40]}-{line}" if key in seen else key
        seen.add(free)
        place[component] = place.get(component, -1) + 1
        run("UPDATE line SET key = ?, position = ? WHERE id = ?", (free, place[component], line))


def downgrade() -> None:
    for made in ("kept_batch", "kept_dish", "batch_stamp", "dish_stamp", "sent", "mended"):
        op.drop_table(made)
    op.drop_index("ix_cook_record_at", "cook_record")
    op.drop_index("ix_weighing_revision_id", "weighing")
    with op.batch_alter_table("batch_line") as table:
        table.create_index(table.f("ix_batch_line_batch_id"), ["batch_id"])
        table.drop_index(table.f("ix_batch_line_revision_id"))
        table.drop_constraint("uq_batch_line_key", type_="unique")
    with op.batch_alter_table("component") as table:
        table.drop_constraint("uq_component_name", type_="unique")
        table.drop_constraint("uq_component_position", type_="unique")
    with op.batch_alter_table("line") as table:
        table.create_index(table.f("ix_line_component_id"), ["component_id"])
        table.drop_index(table.f("ix_line_label_id"))
        table.drop_constraint("uq_line_trial_key", type_="unique")
        table.drop_constraint("uq_line_component_position", type_="unique")
        table.drop_constraint("fk_line_trial", type_="foreignkey")
        table.drop_column("trial_id")
    with op.batch_alter_table("dish") as table:
        table.drop_column("set_aside_at")
