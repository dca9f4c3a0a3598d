"""arms: batches that are a part of another one

Revision ID: 0011
Revises: 0010
"""

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

revision = "0011"
down_revision = "0010"
branch_labels = None
depends_on = None


def upgrade() -> None:
    # SQLite adds a column that points at a table only where it is written out as one.
    op.execute("ALTER TABLE batch ADD COLUMN arm_of INTEGER REFERENCES batch (id)")
    op.create_index("ix_batch_arm_of", "batch", ["arm_of"])
    text = sqlmodel.sql.sqltypes.AutoString()
    op.add_column("batch", sa.Column("arm", text, nullable=False, server_default=""))
    op.add_column("batch", sa.Column("arm_differs", sa.Boolean(), nullable=False, server_default="0"))


def downgrade() -> None:
    op.drop_index("ix_batch_arm_of", "batch")
    for column in ("arm_differs", "arm", "arm_of"):
        op.execute(f"ALTER TABLE batch DROP COLUMN {column}")
