"""Parts of documents, kept by content."""

import sqlalchemy as sa
from alembic import op

revision = "0010"
down_revision = "0009"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "part",
        sa.Column("address", sa.String(64), primary_key=True),
        sa.Column("text", sa.Text, nullable=False),
    )


def downgrade() -> None:
    raise NotImplementedError("documents that were kept in parts can't be read by the version before")
