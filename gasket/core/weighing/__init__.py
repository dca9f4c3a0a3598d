"""Weighing: readings and append-only records in, lines with grams and decisions out.

records     what the scale shows and what is kept of it
weigh_in    the records replayed: every line, every bowl, what comes next
pour        one pour against its target
hands_free  the state machine that tares and takes readings by itself
overshoot   too much or too little: what to do about it
order       which bowl, which scale, what first
closing     what to look at before the weigh-in is closed
"""
