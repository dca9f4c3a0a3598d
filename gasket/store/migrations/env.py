"""Alembic's entry: runs on the connection that `gasket.store.database.migrate` hands over."""

from alembic import context
from sqlmodel import SQLModel

import gasket.store.kept_tables
import gasket.store.taste_tables  # noqa: F401  (fills the metadata, with those of tables)

context.configure(
    connection=context.config.attributes["connection"],
    target_metadata=SQLModel.metadata,
    render_as_batch=True,
    transactional_ddl=True,
)
with context.begin_transaction():
    context.run_migrations()
