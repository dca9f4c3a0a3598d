"""Labels: from what a package prints to nutrients per gram with intervals.

label, package, food             what is printed, what else the pack says, which food it is
panel                            a label as nutrients per gram, each with its interval
rounding, known_parts            what a printed figure can stand for
unsaid_fibre                     fibre that a label leaves out
energy, energy_check             kcal from nutrients, and whether a label's own agree
short_form, pasted_panel         figures in one line, and a panel as it is copied
audit, causes, tolerance         what a label contradicts, why perhaps, what law allows
naming, name_index               which food is called by a name, and which only resembles it
"""
