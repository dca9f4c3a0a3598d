"""dishes, trials and batches that are archived or deleted, and tags

Revision ID: 0009
Revises: 0008
"""

import sqlalchemy as sa
from alembic import op

revision = "0009"
down_revision = "0008"
branch_labels = None
depends_on = None

_NEW = {
    "dish": ("removed_at",),
    "trial": ("set_aside_at", "removed_at"),
    "batch": ("set_aside_at", "removed_at"),
}


def upgrade() -> None:
    for table_name, columns in _NEW.items():
        with op.batch_alter_table(table_name) as table:
            for column in columns:
                table.add_column(sa.Column(column, sa.DateTime(), nullable=True))
    with op.batch_alter_table("dish") as table:
        table.add_column(sa.Column("tags", sa.JSON(), nullable=False, server_default="[]"))


def downgrade() -> None:
    with op.batch_alter_table("dish") as table:
        table.drop_column("tags")
    for table_name, columns in _NEW.items():
        with op.batch_alter_table(table_name) as table:
            for column in columns:
                table.drop_column(column)
