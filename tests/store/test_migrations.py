import pytest
from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext
from sqlalchemy import text

from ironarc.store.database import NewerDatabase, connect, migrate
from ironarc.store.models import Base


def test_migrations_and_models_agree(database_url):
    engine = connect(database_url)
    with engine.connect() as connection:
        assert compare_metadata(MigrationContext.configure(connection), Base.metadata) == []
    engine.dispose()


def test_a_database_of_a_later_version_is_left_alone_and_said_so(database_url):
    engine = connect(database_url)
    with engine.begin() as connection:
        known = connection.scalar(text("UPDATE alembic_version SET version_num = '9999' RETURNING version_num"))
    try:
        with pytest.raises(NewerDatabase, match=f"later version of Iron Arc .tables of version {known}"):
            migrate(database_url)
    finally:
        with engine.begin() as connection:
            connection.execute(text("UPDATE alembic_version SET version_num = '0007'"))
        engine.dispose()
    migrate(database_url)
