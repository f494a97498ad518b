"""The shelf: poses and short runs of keys kept by name, and sets of parts."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.postgresql import JSONB

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "shelf",
        sa.Column("id", sa.Integer, primary_key=True),
        sa.Column("name", sa.Text, nullable=False, unique=True),
        sa.Column("plain", JSONB, nullable=False),
        sa.Column("created_at", sa.DateTime(timezone=True), nullable=False),
    )
    op.create_table(
        "part_set",
        sa.Column("name", sa.Text, primary_key=True),
        sa.Column("parts", JSONB, nullable=False),
    )


def downgrade() -> None:
    op.drop_table("part_set")
    op.drop_table("shelf")
