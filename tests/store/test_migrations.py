import pytest
from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext
from sqlalchemy import text

from ironarc.store.database import NewerDatabase, connect, migrate
from ironarc.store.models import Base


def ours(thing, name: str, kind: str, reflected: bool, other) -> bool:
    """Whether a table, or what is of one, is our own: the queue keeps its tables itself."""
    table = name if kind == "table" else thing.table.name
    return not table.startswith("procrastinate_")


def test_migrations_and_models_agree(database_url):
    engine = connect(database_url)
    with engine.connect() as connection:
        context = MigrationContext.configure(connection, opts={"include_object": ours})
        assert compare_metadata(context, Base.metadata) == []
    engine.dispose()


def test_a_database_of_a_later_version_is_left_alone_and_said_so(database_url):
    engine = connect(database_url)
    with engine.begin() as connection:
        was = connection.scalar(text("SELECT version_num FROM alembic_version"))
        known = connection.scalar(text("UPDATE alembic_version SET version_num = '9999' RETURNING version_num"))
    try:
        with pytest.raises(NewerDatabase, match=f"later version of Iron Arc .tables of version {known}"):
            migrate(database_url)
    finally:
        with engine.begin() as connection:
            connection.execute(text("UPDATE alembic_version SET version_num = :was"), {"was": was})
        engine.dispose()
    migrate(database_url)
