"""Where shots are kept: PostgreSQL through SQLAlchemy. Knows the core, not the web."""
