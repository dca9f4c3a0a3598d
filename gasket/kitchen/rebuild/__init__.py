"""Rebuilding: the original, the build of a trial, swaps, the goal, the next trial.

build       a trial's sheet: draft, save, report
ingredients   a build with labels, packages and settings: what core's rooms work on
originals   the dish as it is bought or usually cooked
swapping, reaching   swaps on a line; the solver with the swaps of this shelf
trials      further trials, scaling, intents
"""
