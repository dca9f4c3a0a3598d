"""Weighing: a trial's lines at the scale, recorded once and shown on every device.

weighed       the batch as it was weighed, read from its rows
weigh         begin, take, undo, close
weigh_sheet, weigh_plan   what the screen shows, in which bowls and which order
live, sheet_change, rehearsal   the scale, the pages that watch, a simulated person who pours
overshooting, closing, by_measure   what the cook is asked or told on the way
finishes, stock_draws, writing_back   what a batch brings along, draws, and gives back to its trial
"""
