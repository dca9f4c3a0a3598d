"""What a kitchen keeps, as values of the core and frozen values beside them: nothing above the
store knows a table, a row or a query.

book, log     what every book can do: values by id · records, added at the end
shelf         foods, packages, the versions of their labels
dishes, trials, builds, swaps   what is rebuilt, and how
batches, cooks, stock           what was weighed, cooked, and put away
tastings, blind_tests, verdicts, photos   what was said of it
settings      what the house has set
figures       calculated figures, beside the state that they were calculated from
answered      requests that were answered, so that one sent again is not done twice
mended        a dish as it was before it was mended

A `Session` is one moment of a kitchen, to be handed on; only books look into it.
"""

from sqlmodel import Session

__all__ = ["Session"]
