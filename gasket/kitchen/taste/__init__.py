"""Tasting: what was said of a batch, what a change did, what to try next.

tasters        who tastes in this house
tastings       the tastings of a batch and of its trial, fullness asked again
photos         pictures of a batch by stage
verdicts       keep, change or drop; what waits for one
trial_figures  what a trial comes to as planned and what it changed, kept for long lineages
history        the trials of a dish with figures, scores, credit and frontier
next_trials    proposals for the next trial, taken or rejected
blind_tests    triangle tests and paired preferences
"""
