"""The trade's rules and arithmetic: pure functions over frozen values.

Rooms, each of which imports only those below it:

solver         a goal → up to three builds that reach it
swaps          what may stand in for what
build_checks   advice on a build
cooking        steps, schedule, safety, stock
rebuild        a dish as lines in grams: trials, goals, resizing
law            what a serving may be called
claim_check    do somebody's figures agree?
entry          a line of text → food and grams
reckoning      a weighed batch → figures of a serving
weighing       readings → records → lines
label          what a package says of its food
trade          what everybody in the trade knows

On the ground: `numbers`, `errors`, `differences`.
"""
