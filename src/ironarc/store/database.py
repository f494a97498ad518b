"""The connection, and bringing the tables up to date."""

import os
from pathlib import Path

from alembic import command
from alembic.config import Config
from sqlalchemy import Engine, create_engine, select
from sqlalchemy.orm import Session

from ironarc.store.models import IdentityRow

URL_SETTING = "IRONARC_DATABASE_URL"
DEFAULT_URL = "postgresql+psycopg://ironarc@127.0.0.1:54817/ironarc"


def database_url() -> str:
    return os.environ.get(URL_SETTING, DEFAULT_URL)


def connect(url: str | None = None) -> Engine:
    return create_engine(url or database_url(), pool_pre_ping=True, pool_size=5)


def migrate(url: str | None = None) -> None:
    """Brings the tables up to this version."""
    config = Config()
    config.set_main_option("script_location", str(Path(__file__).parent / "migrations"))
    config.set_main_option("sqlalchemy.url", url or database_url())
    command.upgrade(config, "head")


def identity(session: Session) -> str:
    """The mark of this database, random and its own."""
    return session.scalars(select(IdentityRow.mark)).one()
