"""the schema of the first release: older kitchens are brought to it by `unreleased`

Revision ID: 0013
Revises:
"""

from alembic import op

from gasket.store.migrations.unreleased import statements

revision = "0013"
down_revision = None
branch_labels = None
depends_on = None


def upgrade() -> None:
    for statement in statements().values():
        op.get_bind().exec_driver_sql(statement)


def downgrade() -> None:
    for name, statement in reversed(statements().items()):
        if "TABLE" in statement:
            op.execute(f"DROP TABLE {name}")
