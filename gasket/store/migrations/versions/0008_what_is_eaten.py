"""how much of a component is taken to be eaten, kept with the batch

Revision ID: 0008
Revises: 0007
"""

import sqlalchemy as sa
from alembic import op

revision = "0008"
down_revision = "0007"
branch_labels = None
depends_on = None


def upgrade() -> None:
    with op.batch_alter_table("batch") as table:
        table.add_column(sa.Column("eaten", sa.JSON(), nullable=False, server_default="{}"))


def downgrade() -> None:
    with op.batch_alter_table("batch") as table:
        table.drop_column("eaten")
