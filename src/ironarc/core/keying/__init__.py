"""Keys as an animator works with them: pure functions of columns."""
