"""Limits of findings that hold for the house: for every shot that has none of its own."""

import sqlalchemy as sa
from alembic import op

revision = "0006"
down_revision = "0005"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "house_limit",
        sa.Column("kind", sa.Text, primary_key=True),
        sa.Column("strained", sa.Double, nullable=False),
        sa.Column("cracked", sa.Double, nullable=False),
    )


def downgrade() -> None:
    op.drop_table("house_limit")
