"""Open formats in and out: the batch JSON and its JSON Schemas."""
