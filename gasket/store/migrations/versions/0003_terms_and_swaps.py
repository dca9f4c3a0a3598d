"""terms of trials and lines, the original as a build, kinds of foods, rejected and own swaps

Revision ID: 0003
Revises: 0002
"""

import json

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

import gasket.store.tables
from gasket.core.trade.kind_reading import guess_kind

revision = "0003"
down_revision = "0002"
branch_labels = None
depends_on = None

TIME = gasket.store.tables.UtcTime()
TEXT = sqlmodel.sql.sqltypes.AutoString()


def upgrade() -> None:
    with op.batch_alter_table("dish") as table:
        table.add_column(sa.Column("original_from", TEXT, nullable=False, server_default="figures"))
        table.add_column(sa.Column("reference", TEXT, nullable=True))
    with op.batch_alter_table("trial") as table:
        table.add_column(sa.Column("terms", sa.JSON(), nullable=False, server_default="{}"))
        table.add_column(sa.Column("is_original", sa.Boolean(), nullable=False, server_default="0"))
        table.add_column(sa.Column("copied_from", sa.Integer(), nullable=True))
        table.create_foreign_key("fk_trial_copied_from", "trial", ["copied_from"], ["id"])
    with op.batch_alter_table("line") as table:
        table.add_column(sa.Column("terms", sa.JSON(), nullable=False, server_default="{}"))
    with op.batch_alter_table("food") as table:
        table.add_column(sa.Column("kind", TEXT, nullable=False, server_default="other"))
        table.create_index(table.f("ix_food_kind"), ["kind"], unique=False)
    op.create_table(
        "rejected_swap",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("dish_id", sa.Integer(), nullable=False),
        sa.Column("swap", TEXT, nullable=False),
        sa.Column("reason", TEXT, nullable=False),
        sa.Column("created_at", TIME, nullable=False),
        sa.ForeignKeyConstraint(["dish_id"], ["dish.id"]),
        sa.PrimaryKeyConstraint("id"),
        sa.UniqueConstraint("dish_id", "swap"),
    )
    with op.batch_alter_table("rejected_swap") as table:
        table.create_index(table.f("ix_rejected_swap_dish_id"), ["dish_id"], unique=False)
    op.create_table(
        "own_swap",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("swap", sa.JSON(), nullable=False, server_default="{}"),
        sa.Column("created_at", TIME, nullable=False),
        sa.PrimaryKeyConstraint("id"),
    )
    _guess_kinds()


def _guess_kinds() -> None:
    connection = op.get_bind()
    foods = connection.execute(sa.text("SELECT id, name, facts FROM food")).all()
    for food_id, name, facts in foods:
        aliases = json.loads(facts or "{}").get("aliases", [])
        connection.execute(
            sa.text("UPDATE food SET kind = :kind WHERE id = :id"),
            {"id": food_id, "kind": guess_kind((name, *aliases)) or "other"},
        )


def downgrade() -> None:
    op.drop_table("own_swap")
    op.drop_table("rejected_swap")
    with op.batch_alter_table("food") as table:
        table.drop_index(table.f("ix_food_kind"))
        table.drop_column("kind")
    with op.batch_alter_table("line") as table:
        table.drop_column("terms")
    with op.batch_alter_table("trial") as table:
        table.drop_constraint("fk_trial_copied_from", type_="foreignkey")
        for column in ("copied_from", "is_original", "terms"):
            table.drop_column(column)
    with op.batch_alter_table("dish") as table:
        table.drop_column("reference")
        table.drop_column("original_from")
