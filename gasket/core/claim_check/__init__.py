"""Claims: do somebody's figures agree? figures → equations → repairs → check."""
