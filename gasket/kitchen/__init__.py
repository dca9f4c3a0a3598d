"""Use cases: where store, core, scale and formats meet. Rooms by stage of the work:

overview    the dishes of the kitchen, trials and packages side by side, what is going on
card        the card of a batch or a build, files in and out
taste       tastings, verdicts, trials compared, the next trial, blind tests
portion     dividing, filling, plates, made things, the stock
cook        steps, schedule, timers, what the oven has taught
weigh       the weigh-in, live on every device; the batch as it was weighed
rebuild     original, build, swaps, goal, trials
shelf       foods, labels, quick entry

On the ground: `settings`; `house` on top holds what lives as long as the server. What is stored is
taken from the books of the store and given to them, as values: nobody here knows a table.

A use case is given a session and never commits: `House.write` and `House.read` begin and end the
transaction around it, so that what it checks is what it changes, and all of it happens or none.
"""
