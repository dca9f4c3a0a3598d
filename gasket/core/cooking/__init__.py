"""Cooking: steps and their text, the schedule, looks, what an oven has taught, what was done when,
and when food is safe to eat and until when it keeps."""
