"""Quick entry: one line of a recipe → food, grams, and how they were worked out.

words → grammar (text to `Entry`) → volumes, counts, packs (one amount to `Reading`s) → work_out.
"""
