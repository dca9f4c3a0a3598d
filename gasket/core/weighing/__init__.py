"""Weighing: readings and append-only records in, lines with grams and decisions out.

records     what the scale shows and what is kept of a weigh-in
captures    what is sent to be recorded, kind by kind
line_state  the state of one line
weigh_in    the records replayed: every line, every bowl, what comes next
taking      a reading against its tare: its net, or why it is refused
pour        one pour against its target
task        what is being weighed now, on which scale
watching    what is remembered of a scale
hands_free  the state machine that tares and takes readings by itself
overshoot   too much or too little: what to do about it
order       which bowl, what first
closing     what to look at before the weigh-in is closed
"""
