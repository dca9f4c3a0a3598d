"""Cooking: steps laid out in time, timers, and what the log says.

steps, laying_out   the steps of a trial and when each is due
cooking, timers     a cook under way: deeds, looks, temperatures, what is running anywhere
cooked, oven        what a finished cook says of the batch, and of the oven
batch_figures       what a batch comes to, kept for the lists
"""
