"""Quick entry: one line of a recipe → food, grams, and how they were worked out.

words → amounts → grammar (text to `Entry`) → volumes, counts, packs (an amount to `AmountReading`s)
→ work_out.
"""
