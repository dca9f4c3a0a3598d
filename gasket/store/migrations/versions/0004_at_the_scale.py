"""several scales, vessels, ways to weigh, free weigh-ins, the original kept with the batch

Revision ID: 0004
Revises: 0003
"""

import json

import sqlalchemy as sa
import sqlmodel.sql.sqltypes
from alembic import op

from gasket.core.weighing.records import ONE_SCALE

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None

TEXT = sqlmodel.sql.sqltypes.AutoString()


def upgrade() -> None:
    with op.batch_alter_table("batch") as table:
        table.add_column(sa.Column("free", sa.Boolean(), nullable=False, server_default="0"))
        table.add_column(sa.Column("nudge", sa.Integer(), nullable=False, server_default="0"))
        table.add_column(sa.Column("original", sa.JSON(), nullable=True))
    with op.batch_alter_table("batch_line") as table:
        table.add_column(sa.Column("key", TEXT, nullable=True))
        table.add_column(sa.Column("planned", sa.Boolean(), nullable=False, server_default="1"))
        table.add_column(sa.Column("bowl", TEXT, nullable=False, server_default=""))
        table.add_column(sa.Column("way", TEXT, nullable=False, server_default="into"))
        table.add_column(sa.Column("scale", TEXT, nullable=True))
        table.add_column(sa.Column("poured_with", sa.Integer(), nullable=True))
        table.add_column(sa.Column("until", TEXT, nullable=False, server_default=""))
        table.create_foreign_key(
            "fk_batch_line_poured_with", "batch_line", ["poured_with"], ["id"]
        )
    op.execute("UPDATE batch_line SET bowl = component")
    with op.batch_alter_table("weighing") as table:
        table.add_column(sa.Column("scale", TEXT, nullable=False, server_default=ONE_SCALE))
        table.add_column(sa.Column("way", TEXT, nullable=False, server_default="into"))
        table.add_column(sa.Column("bowl", TEXT, nullable=False, server_default=""))
        table.add_column(sa.Column("count", sa.Float(), nullable=True))
        table.add_column(sa.Column("seen", TEXT, nullable=True))
        table.add_column(sa.Column("label_id", sa.Integer(), nullable=True))
        table.add_column(sa.Column("revision_id", sa.Integer(), nullable=True))
        table.add_column(sa.Column("factor", sa.Float(), nullable=True))
        table.add_column(sa.Column("scope", TEXT, nullable=True))
        table.add_column(sa.Column("note", TEXT, nullable=False, server_default=""))
        table.create_foreign_key(
            "fk_weighing_revision", "label_revision", ["revision_id"], ["id"]
        )
    _scales_of_the_house()


def _scales_of_the_house() -> None:
    """The one scale of the settings becomes the first of a list."""
    connection = op.get_bind()
    stored = connection.execute(sa.text("SELECT value FROM setting WHERE key = 'house'")).scalar()
    house = json.loads(stored) if stored else {}
    if "scale" not in house:
        return
    place = house.pop("scale")
    house["scales"] = [{"name": ONE_SCALE, "place": place}]
    connection.execute(
        sa.text("UPDATE setting SET value = :value WHERE key = 'house'"),
        {"value": json.dumps(house)},
    )


def downgrade() -> None:
    with op.batch_alter_table("weighing") as table:
        table.drop_constraint("fk_weighing_revision", type_="foreignkey")
        for column in (
            *("note", "scope", "factor", "revision_id", "label_id"),
            *("seen", "count", "bowl", "way", "scale"),
        ):
            table.drop_column(column)
    with op.batch_alter_table("batch_line") as table:
        table.drop_constraint("fk_batch_line_poured_with", type_="foreignkey")
        for column in ("until", "poured_with", "scale", "way", "bowl", "planned", "key"):
            table.drop_column(column)
    with op.batch_alter_table("batch") as table:
        for column in ("original", "nudge", "free"):
            table.drop_column(column)
