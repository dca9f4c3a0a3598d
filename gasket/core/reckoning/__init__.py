"""Reckoning: a weighed batch → figures of one serving, with their margins.

batch        labels, components, lines and portions as values; open in `docs/formats`
formula      a batch flattened into grams per label, with their error
margin       grams × nutrients, summed into figures with likely and worst intervals
weighed_batch, weighed_lines, written_line   lines and records → the batch that is reckoned
reckon       the whole: batch → `Result`
original, poured_off   what a serving saves on the original; nutrients gone with poured-off fat
findings     what a careful cook should know about the result
contents, cautions   allergens and needs of what is in it, and what to warn of
eaten, losses   what is not eaten of a glaze, what was spilled, left in the bowl or poured off
dividing, portions, pieces, pan_cut, filling   how it is divided, and what is left to fill
side_by_side, says_who   batches beside each other, sources behind the figures
"""
