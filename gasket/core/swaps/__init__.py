"""Swaps: what may stand in for what, by which rule, and what that does to this very build."""
