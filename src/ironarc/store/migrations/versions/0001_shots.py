"""Shots, revisions and blobs."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.postgresql import JSONB

revision = "0001"
down_revision = None
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "blob",
        sa.Column("address", sa.String(64), primary_key=True),
        sa.Column("data", sa.LargeBinary, nullable=False),
    )
    op.create_table(
        "shot",
        sa.Column("id", sa.Integer, primary_key=True),
        sa.Column("created_at", sa.DateTime(timezone=True), nullable=False),
        sa.Column("is_demo", sa.Boolean, nullable=False),
        sa.Column("head_id", sa.Integer),
        sa.Column("tip_id", sa.Integer),
    )
    op.create_table(
        "revision",
        sa.Column("id", sa.Integer, primary_key=True),
        sa.Column("shot_id", sa.Integer, sa.ForeignKey("shot.id", ondelete="CASCADE"), nullable=False),
        sa.Column("parent_id", sa.Integer, sa.ForeignKey("revision.id", ondelete="CASCADE")),
        sa.Column("created_at", sa.DateTime(timezone=True), nullable=False),
        sa.Column("author", sa.Text, nullable=False),
        sa.Column("says", sa.Text, nullable=False),
        sa.Column("edit", JSONB),
        sa.Column("document", JSONB, nullable=False),
        sa.Column("card", JSONB, nullable=False),
    )
    op.create_index("ix_revision_shot", "revision", ["shot_id"])
    op.create_foreign_key("fk_shot_head", "shot", "revision", ["head_id"], ["id"])
    op.create_foreign_key("fk_shot_tip", "shot", "revision", ["tip_id"], ["id"])


def downgrade() -> None:
    op.drop_constraint("fk_shot_tip", "shot")
    op.drop_constraint("fk_shot_head", "shot")
    for table in ("revision", "shot", "blob"):
        op.drop_table(table)
