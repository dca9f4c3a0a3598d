"""Quick entry: one line of a recipe → food, grams, and how they were worked out.

Every word is accounted for: `ledger` says which went where.

words → amounts → grammar (text to `Entry`) → volumes, counts, packs (an amount to `AmountReading`s)
→ work_out.
"""
