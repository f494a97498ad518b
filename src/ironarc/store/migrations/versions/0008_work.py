"""Work for the background: its rows, and procrastinate's own tables and functions."""

import sqlalchemy as sa
from alembic import op
from procrastinate.schema import SchemaManager
from sqlalchemy.dialects.postgresql import JSONB

revision = "0008"
down_revision = "0007"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "work",
        sa.Column("id", sa.Integer, primary_key=True),
        sa.Column("shot_id", sa.Integer, sa.ForeignKey("shot.id", ondelete="CASCADE"), nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("performer", sa.Text, nullable=False),
        sa.Column("what", sa.Text, nullable=False),
        sa.Column("asked", sa.Text, nullable=False),
        sa.Column("start", sa.Integer),
        sa.Column("end", sa.Integer),
        sa.Column("state", sa.Text, nullable=False),
        sa.Column("share", sa.Float, nullable=False),
        sa.Column("says", sa.Text, nullable=False),
        sa.Column("picture", JSONB, nullable=False),
        sa.Column("result", JSONB),
        sa.Column("created_at", sa.DateTime(timezone=True), nullable=False),
        sa.Column("moved_at", sa.DateTime(timezone=True), nullable=False),
    )
    op.create_index("ix_work_shot", "work", ["shot_id"])
    # straight to the driver: its per-cent signs are no placeholders
    op.get_bind().connection.driver_connection.execute(SchemaManager.get_schema())


def downgrade() -> None:
    op.drop_table("work")
    bind = op.get_bind()
    functions = (
        "SELECT p.oid::regprocedure::text FROM pg_proc p JOIN pg_namespace n ON n.oid = p.pronamespace "
        "WHERE n.nspname = 'public' AND starts_with(p.proname, 'procrastinate')"
    )
    for (name,) in bind.exec_driver_sql(functions).fetchall():
        bind.exec_driver_sql(f"DROP FUNCTION IF EXISTS {name} CASCADE")
    for table in ("events", "periodic_defers", "jobs", "workers"):
        bind.exec_driver_sql(f"DROP TABLE IF EXISTS procrastinate_{table} CASCADE")
    for name in ("job_status", "job_event_type", "job_to_defer_v1"):
        bind.exec_driver_sql(f"DROP TYPE IF EXISTS procrastinate_{name} CASCADE")
