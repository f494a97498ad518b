"""Shots that wait to be put back, what each shot uses, parents found at once, and whether the demo was ever loaded."""

import sqlalchemy as sa
from alembic import op

revision = "0005"
down_revision = "0004"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("shot", sa.Column("removed_at", sa.DateTime(timezone=True)))
    op.create_index("ix_revision_parent", "revision", ["parent_id"])
    op.create_table(
        "use",
        sa.Column("shot_id", sa.Integer, sa.ForeignKey("shot.id", ondelete="CASCADE"), primary_key=True),
        sa.Column("address", sa.String(64), primary_key=True),
    )
    op.create_index("ix_use_address", "use", ["address"])
    for column, path in (("document", "$.**.blob"), ("edit", "$.**.blob"), ("document", "$.**.files[*]")):
        op.execute(
            f"INSERT INTO use SELECT DISTINCT shot_id, jsonb_path_query({column}, '{path}') #>> '{{}}' FROM revision "
            f"WHERE {column} IS NOT NULL ON CONFLICT DO NOTHING"
        )
    op.add_column("identity", sa.Column("demo_loaded", sa.Boolean, nullable=False, server_default=sa.false()))
    # a number was given to a shot: what is there now is as a person left it
    op.execute("UPDATE identity SET demo_loaded = (SELECT is_called FROM shot_id_seq)")


def downgrade() -> None:
    op.drop_column("identity", "demo_loaded")
    op.drop_table("use")
    op.drop_index("ix_revision_parent", "revision")
    op.drop_column("shot", "removed_at")
