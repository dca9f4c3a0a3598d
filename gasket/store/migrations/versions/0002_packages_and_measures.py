"""packages beside panels, facts of foods, counts of lines, lines kept for later, the search index

Revision ID: 0002
Revises: 0001
"""

import json

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

import gasket.store.tables

revision = "0002"
down_revision = "0001"
branch_labels = None
depends_on = None

TIME = gasket.store.tables.UtcTime()


def upgrade() -> None:
    with op.batch_alter_table("food") as table:
        table.add_column(sa.Column("facts", sa.JSON(), nullable=False, server_default="{}"))
        table.add_column(sa.Column("typical", sa.Boolean(), nullable=False, server_default="0"))
        table.add_column(sa.Column("version", sa.Integer(), nullable=False, server_default="1"))
        table.add_column(sa.Column("used_at", TIME, nullable=True))
        table.add_column(sa.Column("removed_at", TIME, nullable=True))
    with op.batch_alter_table("label") as table:
        table.add_column(sa.Column("removed_at", TIME, nullable=True))
    with op.batch_alter_table("label_revision") as table:
        table.add_column(sa.Column("package", sa.JSON(), nullable=False, server_default="{}"))
    with op.batch_alter_table("line") as table:
        table.add_column(sa.Column("count", sa.Float(), nullable=True))
        text = sqlmodel.sql.sqltypes.AutoString()
        table.add_column(sa.Column("how", text, nullable=False, server_default=""))
    with op.batch_alter_table("batch_line") as table:
        table.add_column(sa.Column("count", sa.Float(), nullable=True))
    op.create_table(
        "pending_line",
        sa.Column("id", sa.Integer(), nullable=False),
        sa.Column("trial_id", sa.Integer(), nullable=False),
        sa.Column("text", sqlmodel.sql.sqltypes.AutoString(), nullable=False),
        sa.Column("created_at", TIME, nullable=False),
        sa.ForeignKeyConstraint(["trial_id"], ["trial.id"]),
        sa.PrimaryKeyConstraint("id"),
    )
    with op.batch_alter_table("pending_line") as table:
        table.create_index(table.f("ix_pending_line_trial_id"), ["trial_id"], unique=False)
    _make_search()


def _make_search() -> None:
    op.execute(
        "CREATE VIRTUAL TABLE food_search USING fts5("
        "name, aliases, packages, tokenize = \"unicode61 remove_diacritics 2\", prefix = '2 3')"
    )
    op.execute("CREATE VIRTUAL TABLE food_search_words USING fts5vocab(food_search, row)")
    connection = op.get_bind()
    panels = connection.execute(
        sa.text(
            "SELECT label.food_id, label_revision.panel FROM label_revision"
            " JOIN label ON label.id = label_revision.label_id ORDER BY number"
        )
    )
    packages: dict[int, list[str]] = {}
    for food_id, panel in panels:
        packages.setdefault(food_id, []).append(json.loads(panel).get("name", ""))
    for food_id, name in connection.execute(sa.text("SELECT id, name FROM food")).all():
        connection.execute(
            sa.text(
                "INSERT INTO food_search (rowid, name, aliases, packages)"
                " VALUES (:id, :name, '', :packages)"
            ),
            {"id": food_id, "name": name, "packages": " ".join(packages.get(food_id, []))},
        )


def downgrade() -> None:
    op.execute("DROP TABLE food_search_words")
    op.execute("DROP TABLE food_search")
    op.drop_table("pending_line")
    with op.batch_alter_table("batch_line") as table:
        table.drop_column("count")
    with op.batch_alter_table("line") as table:
        table.drop_column("how")
        table.drop_column("count")
    with op.batch_alter_table("label_revision") as table:
        table.drop_column("package")
    with op.batch_alter_table("label") as table:
        table.drop_column("removed_at")
    with op.batch_alter_table("food") as table:
        for column in ("removed_at", "used_at", "version", "typical", "facts"):
            table.drop_column(column)
