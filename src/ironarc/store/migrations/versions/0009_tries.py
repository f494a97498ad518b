"""How often work was begun; the queue's own jobs of looking after it are gone, workers do that by themselves."""

import sqlalchemy as sa
from alembic import op

revision = "0009"
down_revision = "0008"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("work", sa.Column("tries", sa.Integer, nullable=False, server_default="0"))
    op.create_index("ix_work_state", "work", ["state"])
    op.execute("DELETE FROM procrastinate_periodic_defers WHERE task_name = 'take_up'")
    op.execute("DELETE FROM procrastinate_jobs WHERE task_name = 'take_up'")


def downgrade() -> None:
    op.drop_index("ix_work_state", "work")
    op.drop_column("work", "tries")
