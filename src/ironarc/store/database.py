"""The connection, and bringing the tables up to date."""

import os
import secrets
from pathlib import Path

from alembic import command
from alembic.config import Config
from alembic.migration import MigrationContext
from alembic.script import ScriptDirectory
from sqlalchemy import Engine, NullPool, create_engine, select, text, update
from sqlalchemy.orm import Session

from ironarc.core.errors import IronArcError
from ironarc.store.models import IdentityRow
from ironarc.store.place import own_cluster

MIGRATIONS = Path(__file__).parent / "migrations"

URL_SETTING = "IRONARC_DATABASE_URL"


class NewerDatabase(IronArcError):
    """The database was brought up to date by a later version."""


def database_url() -> str:
    """The address from the environment, or that of this checkout's own cluster."""
    return os.environ.get(URL_SETTING) or own_cluster().url


def connect(url: str | None = None) -> Engine:
    return create_engine(url or database_url(), pool_pre_ping=True, pool_size=5)


def migrate(url: str | None = None) -> None:
    """Brings the tables up to this version. Raises NewerDatabase for tables of a later one, which stay as they are."""
    url = url or database_url()
    config = Config()
    config.set_main_option("script_location", str(MIGRATIONS))
    config.set_main_option("sqlalchemy.url", url.replace("%", "%%"))
    engine = create_engine(url, poolclass=NullPool)
    with engine.connect() as connection:
        check_version(MigrationContext.configure(connection).get_current_revision())
    command.upgrade(config, "head")


def check_version(found: str | None) -> None:
    """NewerDatabase for a version of the tables that this version of Iron Arc does not know."""
    known = {script.revision for script in ScriptDirectory(str(MIGRATIONS)).walk_revisions()}
    if found is not None and found not in known:
        raise NewerDatabase(
            f"the data were written by a later version of Iron Arc (tables of version {found}; this one knows up to "
            f"{max(known)}). Update Iron Arc, or use another data folder. Nothing was changed."
        )


def begin_again(session: Session) -> None:
    """Empties every table, and gives the database another mark, so that no page kept by a browser is taken for one
    of the shots to come; ids go on for the same reason. The caller commits."""
    session.execute(text("TRUNCATE work, blob, part, file, weighing, shelf, part_set, use, shot, revision"))
    session.execute(update(IdentityRow).values(mark=new_mark()))


def new_mark() -> str:
    """A mark for a database, random and its own."""
    return secrets.token_hex(8)


def identity(session: Session) -> str:
    """The mark of this database, random and its own."""
    return session.scalars(select(IdentityRow.mark)).one()
