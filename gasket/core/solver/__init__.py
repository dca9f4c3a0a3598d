"""Reaching the goal: a small mixed-integer programme over the lines of a build.

limits      goals and kept bands as linear limits on the lines
moves       what may move: grams of free lines, swaps on them
programme   the matrix form, solved by HiGHS
reach       up to three proposals, prices of limits, what collides
"""
