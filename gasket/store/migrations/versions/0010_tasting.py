"""tasters, tastings, verdicts, blind tests, and what is kept of a trial's figures

Revision ID: 0010
Revises: 0009
"""

from typing import Any

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

import gasket.store.tables

revision = "0010"
down_revision = "0009"
branch_labels = None
depends_on = None

TEXT = sqlmodel.sql.sqltypes.AutoString()
TIME = gasket.store.tables.UtcTime()
_TABLES = (
    *("kept_trial", "trial_stamp", "blind_answer", "blind_test", "rejected_proposal"),
    *("fullness_record", "photo", "tasting", "taster"),
)


def upgrade() -> None:
    with op.batch_alter_table("trial") as table:
        table.add_column(sa.Column("verdict", sa.JSON(), nullable=False, server_default="{}"))
        table.add_column(
            sa.Column("verdict_version", sa.Integer(), nullable=False, server_default="1")
        )
    _make_tasting_tables()
    _make_blind_tables()
    op.create_table(
        "trial_stamp",
        sa.Column("trial_id", sa.Integer(), primary_key=True),
        sa.Column("number", sa.Integer(), nullable=False),
    )
    op.create_table(
        "kept_trial",
        sa.Column("trial_id", sa.Integer(), primary_key=True),
        sa.Column("number", sa.Integer(), nullable=False),
        sa.Column("house", TEXT, nullable=False),
        sa.Column("rules", TEXT, nullable=False),
        sa.Column("figures", sa.JSON(), nullable=False, server_default="{}"),
    )


def _make_tasting_tables() -> None:
    op.create_table(
        "taster",
        sa.Column("id", sa.Integer(), primary_key=True),
        sa.Column("name", TEXT, nullable=False),
        sa.Column("removed_at", TIME, nullable=True),
        sa.Column("created_at", TIME, nullable=False),
    )
    op.create_table(
        "tasting",
        sa.Column("sequence", sa.Integer(), primary_key=True),
        sa.Column("id", TEXT, nullable=False, unique=True),
        sa.Column("dish_id", sa.Integer(), sa.ForeignKey("dish.id"), nullable=False),
        sa.Column("batch_id", sa.Integer(), sa.ForeignKey("batch.id"), nullable=True),
        sa.Column("taster_id", sa.Integer(), sa.ForeignKey("taster.id"), nullable=False),
        sa.Column("sheet", sa.JSON(), nullable=False, server_default="{}"),
        sa.Column("at", TIME, nullable=False),
        sa.Column("archived_at", TIME, nullable=True),
    )
    for column in ("dish_id", "batch_id", "taster_id", "at"):
        op.create_index(f"ix_tasting_{column}", "tasting", [column])
    op.create_table(
        "fullness_record",
        sa.Column("sequence", sa.Integer(), primary_key=True),
        sa.Column("id", TEXT, nullable=False, unique=True),
        sa.Column("tasting", TEXT, sa.ForeignKey("tasting.id"), nullable=False),
        sa.Column("after_h", sa.Integer(), nullable=False),
        sa.Column("answer", TEXT, nullable=False),
        sa.Column("mark", TEXT, nullable=True),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_fullness_record_tasting", "fullness_record", ["tasting"])
    op.create_table(
        "photo",
        sa.Column("id", sa.Integer(), primary_key=True),
        sa.Column("sent_id", TEXT, nullable=False, unique=True),
        sa.Column("batch_id", sa.Integer(), sa.ForeignKey("batch.id"), nullable=False),
        sa.Column("stage", TEXT, nullable=False),
        sa.Column("width", sa.Integer(), nullable=False),
        sa.Column("height", sa.Integer(), nullable=False),
        sa.Column("jpeg", sa.LargeBinary(), nullable=False),
        sa.Column("on_card", sa.Boolean(), nullable=False),
        sa.Column("at", TIME, nullable=False),
        sa.Column("removed_at", TIME, nullable=True),
    )
    op.create_index("ix_photo_batch_id", "photo", ["batch_id"])
    _make_dish_table(
        "rejected_proposal",
        sa.Column("proposal", TEXT, nullable=False),
        sa.Column("title", TEXT, nullable=False, server_default=""),
        sa.Column("created_at", TIME, nullable=False),
        sa.UniqueConstraint("dish_id", "proposal"),
    )


def _make_blind_tables() -> None:
    _make_dish_table(
        "blind_test",
        sa.Column("kind", TEXT, nullable=False),
        sa.Column("name_a", TEXT, nullable=False),
        sa.Column("name_b", TEXT, nullable=False),
        sa.Column("plan", sa.JSON(), nullable=False, server_default="[]"),
        sa.Column("created_at", TIME, nullable=False),
        sa.Column("ended_at", TIME, nullable=True),
        sa.Column("removed_at", TIME, nullable=True),
    )
    op.create_table(
        "blind_answer",
        sa.Column("sequence", sa.Integer(), primary_key=True),
        sa.Column("id", TEXT, nullable=False, unique=True),
        sa.Column("test_id", sa.Integer(), sa.ForeignKey("blind_test.id"), nullable=False),
        sa.Column("seat", sa.Integer(), nullable=False),
        sa.Column("code", sa.Integer(), nullable=False),
        sa.Column("taster_id", sa.Integer(), sa.ForeignKey("taster.id"), nullable=True),
        sa.Column("at", TIME, nullable=False),
    )
    op.create_index("ix_blind_answer_test_id", "blind_answer", ["test_id"])


def _make_dish_table(name: str, *columns: Any) -> None:
    op.create_table(
        name,
        sa.Column("id", sa.Integer(), primary_key=True),
        sa.Column("dish_id", sa.Integer(), sa.ForeignKey("dish.id"), nullable=False),
        *columns,
    )
    op.create_index(f"ix_{name}_dish_id", name, ["dish_id"])


def downgrade() -> None:
    for name in _TABLES:
        op.drop_table(name)
    with op.batch_alter_table("trial") as table:
        table.drop_column("verdict_version")
        table.drop_column("verdict")
