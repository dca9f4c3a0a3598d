"""The trade's rules and arithmetic: pure functions over frozen values.

Data flow of a reckoning: a `batch.Batch` (labels, components, lines, portions) is flattened by
`formula` into grams per label with their error, `panel` turns each label into nutrients per gram
with intervals, `margin` sums both into figures, `reckon` divides them into servings, and
`findings` says what a careful cook should know about the result.
"""
