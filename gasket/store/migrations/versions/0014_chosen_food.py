"""what the cook meant by the same words before

Revision ID: 0014
Revises: 0013
"""

import sqlalchemy as sa
from alembic import op

revision = "0014"
down_revision = "0013"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "chosen_food",
        sa.Column("id", sa.Integer(), primary_key=True),
        sa.Column("words", sa.String(), nullable=False),
        sa.Column("food_id", sa.Integer(), sa.ForeignKey("food.id"), nullable=False),
        sa.Column("label_id", sa.Integer(), sa.ForeignKey("label.id"), nullable=False),
        sa.Column("times", sa.Integer(), nullable=False),
        sa.Column("chosen_at", sa.DateTime(), nullable=False),
    )
    op.create_index("ix_chosen_food_words", "chosen_food", ["words"], unique=True)
    op.create_index("ix_chosen_food_food_id", "chosen_food", ["food_id"])
    op.create_index("ix_chosen_food_label_id", "chosen_food", ["label_id"])


def downgrade() -> None:
    op.drop_table("chosen_food")
