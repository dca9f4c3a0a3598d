"""Portioning: a batch divided, filled, plated, put away.

portioning, plates   ways to divide side by side; finishes at the plate
made_things          a batch as an ingredient of another
stock                fridge and freezer: how much is left, and until when
"""
