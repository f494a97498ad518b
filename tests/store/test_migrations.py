from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext

from ironarc.store.database import connect
from ironarc.store.models import Base


def test_migrations_and_models_agree(database_url):
    engine = connect(database_url)
    with engine.connect() as connection:
        assert compare_metadata(MigrationContext.configure(connection), Base.metadata) == []
    engine.dispose()
