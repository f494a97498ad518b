"""A mark that tells this database from any other."""

import secrets

import sqlalchemy as sa
from alembic import op

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None


def upgrade() -> None:
    table = op.create_table("identity", sa.Column("mark", sa.String(16), primary_key=True))
    op.bulk_insert(table, [{"mark": secrets.token_hex(8)}])


def downgrade() -> None:
    op.drop_table("identity")
