"""Use cases, one module per stage of the work: where store, core, scale and formats meet."""
