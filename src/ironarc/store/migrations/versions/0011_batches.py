"""Files that are handed to the queue to be read, and the row of a report that comes of each."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.postgresql import JSONB

revision = "0011"
down_revision = "0010"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "batch_file",
        sa.Column("id", sa.Integer, primary_key=True),
        sa.Column("batch", sa.Text, nullable=False),
        sa.Column("name", sa.Text, nullable=False),
        sa.Column("mark", sa.Text, nullable=False),
        sa.Column("data", sa.LargeBinary, nullable=False),
        sa.Column("options", JSONB, nullable=False),
        sa.Column("tries", sa.Integer, nullable=False, server_default="0"),
        sa.Column("handed_on", sa.Boolean, nullable=False, server_default=sa.false()),
        sa.Column("row", JSONB),
        sa.Column("moved_at", sa.DateTime(timezone=True), nullable=False),
    )
    op.create_index("ix_batch_file_batch", "batch_file", ["batch"])


def downgrade() -> None:
    op.drop_table("batch_file")
