"""Rebuilding: a dish as lines in grams, tried again and again.

trial         a build: components, lines, terms, goal
ingredients   a label with its package and kind: what a build is made of
workpiece     a build with every line's way into one serving; swaps, checks and solver work on it
goals, needs  what a serving is to be, what nobody at the table eats
family_signs  which family a build is, by its name or by what is in it
resizing      the whole trial made larger or smaller
difference    what a trial changed against another
section       a serving drawn to scale, beside the original's
"""
