"""steps, the log of a cook, ways to divide, finishes, stock

Revision ID: 0005
Revises: 0004
"""

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

import gasket.store.tables

revision = "0005"
down_revision = "0004"
branch_labels = None
depends_on = None

TEXT = sqlmodel.sql.sqltypes.AutoString()
TIME = gasket.store.tables.UtcTime()


def upgrade() -> None:
    with op.batch_alter_table("trial") as table:
        table.add_column(sa.Column("steps", sa.JSON(), nullable=False, server_default="[]"))
        table.add_column(
            sa.Column("steps_version", sa.Integer(), nullable=False, server_default="1")
        )
    with op.batch_alter_table("batch") as table:
        table.add_column(sa.Column("steps", sa.JSON(), nullable=True))
        table.add_column(sa.Column("dividing", sa.JSON(), nullable=False, server_default="{}"))
        table.add_column(sa.Column("finishes", sa.JSON(), nullable=False, server_default="[]"))
    op.create_table(
        "cook_record",
        sa.Column("sequence", sa.Integer(), primary_key=True),
        sa.Column("id", TEXT, nullable=False, unique=True),
        sa.Column("batch_id", sa.Integer(), sa.ForeignKey("batch.id"), nullable=True),
        sa.Column("deed", TEXT, nullable=False),
        sa.Column("step", TEXT, nullable=True),
        sa.Column("minutes", sa.Float(), nullable=True),
        sa.Column("temperature_c", sa.Float(), nullable=True),
        sa.Column("held_s", sa.Float(), nullable=False),
        sa.Column("oven_c", sa.Float(), nullable=True),
        sa.Column("note", TEXT, nullable=False),
        sa.Column("undoes", TEXT, nullable=True),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_cook_record_batch_id", "cook_record", ["batch_id"])
    op.create_table(
        "stock_record",
        sa.Column("sequence", sa.Integer(), primary_key=True),
        sa.Column("id", TEXT, nullable=False, unique=True),
        sa.Column("batch_id", sa.Integer(), sa.ForeignKey("batch.id"), nullable=False),
        sa.Column("move", TEXT, nullable=False),
        sa.Column("amount", sa.Float(), nullable=True),
        sa.Column("part", TEXT, nullable=False),
        sa.Column("place", TEXT, nullable=True),
        sa.Column("to", TEXT, nullable=True),
        sa.Column("note", TEXT, nullable=False),
        sa.Column("undoes", TEXT, nullable=True),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_stock_record_batch_id", "stock_record", ["batch_id"])


def downgrade() -> None:
    op.drop_index("ix_stock_record_batch_id", "stock_record")
    op.drop_table("stock_record")
    op.drop_index("ix_cook_record_batch_id", "cook_record")
    op.drop_table("cook_record")
    with op.batch_alter_table("batch") as table:
        for column in ("finishes", "dividing", "steps"):
            table.drop_column(column)
    with op.batch_alter_table("trial") as table:
        for column in ("steps_version", "steps"):
            table.drop_column(column)
