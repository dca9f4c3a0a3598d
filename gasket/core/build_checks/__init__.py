"""Build checks: advice by family of dish, with its reason and source. Never a block."""
