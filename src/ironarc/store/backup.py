"""Everything in one file and back again, by PostgreSQL's own tools, in the archive format these document."""

import os
import subprocess
import tempfile
from pathlib import Path

from sqlalchemy import URL, NullPool, create_engine, make_url, update
from sqlalchemy.orm import Session

from ironarc.core.errors import FileError, IronArcError
from ironarc.store.cluster import programs
from ironarc.store.database import check_version, migrate, new_mark
from ironarc.store.models import IdentityRow

# work of the background lives with the server that was asked for it
_NOT_KEPT = ("work", "batch_file", "procrastinate_jobs", "procrastinate_events", "procrastinate_workers")
_LET_GO_S = 10  # how long a restore waits for others to let go of the tables


class BackupError(IronArcError):
    """A backup that can't be made or brought back."""


def backup(url: str, path: Path) -> int:
    """Writes all shots with their histories, pictures, weighings to `path`, in place of what was there; returns its
    bytes. Work of the background is left out. It is a picture of one moment, whatever is edited meanwhile. Raises
    BackupError, and leaves no half a file.
    """
    at = make_url(url)
    try:
        handle, name = tempfile.mkstemp(dir=path.absolute().parent, prefix=f".{path.name}.")
    except OSError as error:
        raise BackupError(f"{path} could not be written: {error.strerror}.") from error
    os.close(handle)
    temporary = Path(name)
    try:
        out = [f"--exclude-table-data={table}" for table in _NOT_KEPT]
        _run("pg_dump", at, "--format=custom", "--no-owner", "--no-privileges", *out, "--file", name, at.database)
        with temporary.open("rb+") as file:
            os.fsync(file.fileno())
        temporary.replace(path)
    finally:
        temporary.unlink(missing_ok=True)
    return path.stat().st_size


def restore(url: str, path: Path) -> None:
    """Puts what a backup holds in place of everything that is there: all of it, or nothing. One from an older version
    is brought up to date. Raises BackupError or NewerDatabase, and leaves what is there as it is.
    """
    at = make_url(url)
    if not path.is_file():
        raise BackupError(f"There is no file {path}.")
    version = _version_of(at, path)
    check_version(version)
    with tempfile.NamedTemporaryFile(prefix="ironarc-restore-", suffix=".sql") as script:
        # made whole first: a file that is damaged at its end must not be found out half-way
        _run("pg_restore", None, "--no-owner", "--no-privileges", "--schema=public", "--file", script.name, str(path))
        anew = [f"SET lock_timeout = '{_LET_GO_S}s'", "DROP SCHEMA public CASCADE", "CREATE SCHEMA public"]
        commands = [part for sql in anew for part in ("--command", sql)]
        options = ("--no-psqlrc", "--quiet", "--single-transaction", "--set=ON_ERROR_STOP=1")
        _run("psql", at, *options, *commands, "--file", script.name, at.database)
    migrate(url)
    engine = create_engine(url, poolclass=NullPool)
    with Session(engine) as session:
        # what browsers kept of the shots that were there must not be taken for these
        session.execute(update(IdentityRow).values(mark=new_mark()))
        session.commit()


def _version_of(at: URL, path: Path) -> str:
    """The version of the tables in a backup."""
    try:
        sql = _run("pg_restore", None, "--data-only", "--table=alembic_version", "--file=-", str(path))
    except BackupError as error:
        raise FileError(f"{path} is no backup of Iron Arc, or it is damaged. {error}") from error
    lines = sql.splitlines()
    start = next((i for i, line in enumerate(lines) if line.startswith("COPY public.alembic_version")), None)
    if start is None:
        raise FileError(f"{path} is no backup of Iron Arc.")
    return lines[start + 1].strip()


def _run(program: str, at: URL | None, *args: str) -> str:
    where = [] if at is None else ["--host", at.host, "--port", str(at.port), "--username", at.username]
    # the password goes by the environment: what stands in a command line, everybody can read
    secret = {} if at is None else {"PGPASSWORD": at.password or ""}
    command = [str(programs() / program), *where, *args]
    done = subprocess.run(
        command,
        env={**os.environ, **secret},
        text=True,
        errors="replace",
        stdin=subprocess.DEVNULL,
        capture_output=True,
    )
    if done.returncode:
        said = [line for line in done.stderr.splitlines() if line.strip()] or ["it gave no reason"]
        raise BackupError(f"PostgreSQL's {program} said: {said[-1]}.")
    return done.stdout
