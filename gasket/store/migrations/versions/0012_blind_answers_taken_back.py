"""blind answers taken back: the seat is open again

Revision ID: 0012
Revises: 0011
"""

import sqlalchemy as sa
from alembic import op

revision = "0012"
down_revision = "0011"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column(
        "blind_answer", sa.Column("taken_back", sa.Boolean(), nullable=False, server_default="0")
    )


def downgrade() -> None:
    op.execute("DELETE FROM blind_answer WHERE taken_back")
    op.execute("ALTER TABLE blind_answer DROP COLUMN taken_back")
