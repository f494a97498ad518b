"""Tables: shots, their revisions and what these use, blobs with columns of keys, files of references, weighings."""

from datetime import UTC, datetime

from sqlalchemy import DateTime, ForeignKey, Index, LargeBinary, String, Text, false
from sqlalchemy.dialects.postgresql import JSONB
from sqlalchemy.orm import DeclarativeBase, Mapped, configure_mappers, mapped_column


def now() -> datetime:
    return datetime.now(UTC)


class Base(DeclarativeBase):
    pass


class BlobRow(Base):
    """An array, kept once under the SHA-256 of its bytes."""

    __tablename__ = "blob"
    address: Mapped[str] = mapped_column(String(64), primary_key=True)
    data: Mapped[bytes] = mapped_column(LargeBinary)


class PartRow(Base):
    """A part of documents, as JSON, kept once under the SHA-256 of its text, see `store.parts`."""

    __tablename__ = "part"
    address: Mapped[str] = mapped_column(String(64), primary_key=True)
    text: Mapped[str] = mapped_column(Text)


class FileRow(Base):
    """A picture or a video of a reference, kept once under the SHA-256 of its bytes."""

    __tablename__ = "file"

    address: Mapped[str] = mapped_column(String(64), primary_key=True)
    media_type: Mapped[str] = mapped_column(Text)
    data: Mapped[bytes] = mapped_column(LargeBinary)


class WeighingRow(Base):
    """A weighing kept by name."""

    __tablename__ = "weighing"

    id: Mapped[int] = mapped_column(primary_key=True)
    name: Mapped[str] = mapped_column(Text, unique=True)
    plain: Mapped[dict] = mapped_column(JSONB)


class ShelfRow(Base):
    """A pose, or a short run of keys, kept by name."""

    __tablename__ = "shelf"

    id: Mapped[int] = mapped_column(primary_key=True)
    name: Mapped[str] = mapped_column(Text, unique=True)
    plain: Mapped[dict] = mapped_column(JSONB)
    created_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)


class PartSetRow(Base):
    """A set of parts of the body kept by name."""

    __tablename__ = "part_set"

    name: Mapped[str] = mapped_column(Text, primary_key=True)
    parts: Mapped[list] = mapped_column(JSONB)


class HouseLimitRow(Base):
    """Limits of a kind of finding, for every shot that has none of its own."""

    __tablename__ = "house_limit"

    kind: Mapped[str] = mapped_column(Text, primary_key=True)
    strained: Mapped[float]
    cracked: Mapped[float]


class IdentityRow(Base):
    """One row: a random mark that tells this database from any other that was ever served at the same address."""

    __tablename__ = "identity"

    mark: Mapped[str] = mapped_column(String(16), primary_key=True)
    demo_loaded: Mapped[bool] = mapped_column(server_default=false())


class ShotRow(Base):
    """A shot. `head_id` is the revision it stands at; `tip_id` the newest one redo can reach.

    removed_at : when it was taken away, for a while in which it can be put back; None for one that is there
    """

    __tablename__ = "shot"
    id: Mapped[int] = mapped_column(primary_key=True)
    created_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)
    is_demo: Mapped[bool] = mapped_column(default=False)
    head_id: Mapped[int | None] = mapped_column(ForeignKey("revision.id", use_alter=True, name="fk_shot_head"))
    tip_id: Mapped[int | None] = mapped_column(ForeignKey("revision.id", use_alter=True, name="fk_shot_tip"))
    removed_at: Mapped[datetime | None] = mapped_column(DateTime(timezone=True))


class UseRow(Base):
    """That some revision of a shot names a blob or a file; what no shot names any more is taken away."""

    __tablename__ = "use"
    __table_args__ = (Index("ix_use_address", "address"),)
    shot_id: Mapped[int] = mapped_column(ForeignKey("shot.id", ondelete="CASCADE"), primary_key=True)
    address: Mapped[str] = mapped_column(String(64), primary_key=True)


class RevisionRow(Base):
    """A shot at one moment: its document, the edit that led to it, and the card shown in the Yard."""

    __tablename__ = "revision"
    __table_args__ = (Index("ix_revision_shot", "shot_id"), Index("ix_revision_parent", "parent_id"))
    id: Mapped[int] = mapped_column(primary_key=True)
    shot_id: Mapped[int] = mapped_column(ForeignKey("shot.id", ondelete="CASCADE"))
    parent_id: Mapped[int | None] = mapped_column(ForeignKey("revision.id", ondelete="CASCADE"))
    created_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)
    author: Mapped[str] = mapped_column(Text, default="")
    says: Mapped[str] = mapped_column(Text)
    edit: Mapped[dict | None] = mapped_column(JSONB)
    document: Mapped[dict] = mapped_column(JSONB)
    card: Mapped[dict] = mapped_column(JSONB)


class BatchFileRow(Base):
    """A file that was handed to the queue to be read, see `store.batches`. row : of a report, None until it is read"""

    __tablename__ = "batch_file"
    __table_args__ = (Index("ix_batch_file_batch", "batch"),)
    id: Mapped[int] = mapped_column(primary_key=True)
    batch: Mapped[str] = mapped_column(Text)
    name: Mapped[str] = mapped_column(Text)
    mark: Mapped[str] = mapped_column(Text)
    data: Mapped[bytes] = mapped_column(LargeBinary)
    options: Mapped[dict] = mapped_column(JSONB)
    tries: Mapped[int] = mapped_column(server_default="0")
    handed_on: Mapped[bool] = mapped_column(server_default=false())
    row: Mapped[dict | None] = mapped_column(JSONB(none_as_null=True))
    moved_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)


class WorkRow(Base):
    """Work for the background, see `store.work`.

    tries : how often it was begun; picture : what to draw of how it goes
    result : the edit, as text, read only when asked for
    """

    __tablename__ = "work"
    __table_args__ = (Index("ix_work_shot", "shot_id"), Index("ix_work_state", "state"))
    id: Mapped[int] = mapped_column(primary_key=True)
    shot_id: Mapped[int] = mapped_column(ForeignKey("shot.id", ondelete="CASCADE"))
    revision: Mapped[int] = mapped_column()
    performer: Mapped[str] = mapped_column(Text)
    what: Mapped[str] = mapped_column(Text)
    asked: Mapped[str] = mapped_column(Text)
    start: Mapped[int | None] = mapped_column()
    end: Mapped[int | None] = mapped_column()
    state: Mapped[str] = mapped_column(Text)
    share: Mapped[float] = mapped_column()
    says: Mapped[str] = mapped_column(Text)
    picture: Mapped[list] = mapped_column(JSONB)
    result: Mapped[dict | None] = mapped_column(JSONB, deferred=True)
    tries: Mapped[int] = mapped_column(server_default="0")
    created_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)
    moved_at: Mapped[datetime] = mapped_column(DateTime(timezone=True), default=now)


# once, as it is taken in: in a process whose memory runs out half way through, the package begins with it over and over
configure_mappers()
