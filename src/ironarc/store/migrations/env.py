"""Alembic's entry: migrations run on a live connection only."""

from alembic import context
from sqlalchemy import NullPool, create_engine

from ironarc.store.models import Base

with create_engine(context.config.get_main_option("sqlalchemy.url"), poolclass=NullPool).connect() as connection:
    context.configure(connection=connection, target_metadata=Base.metadata)
    with context.begin_transaction():
        context.run_migrations()
