"""Use cases, one module per stage of the work: where store, core, scale and formats meet.

A use case is given a session and never commits: `House.write` and `House.read` begin and end the
transaction around it, so that what it checks is what it changes, and all of it happens or none.
"""
