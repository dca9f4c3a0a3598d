"""Tasting and the next trial: what was said of a batch, and what follows from it.

words       what people say of a dish, each with the way that it points
marks       one tasting: marks from 0 to 10, words, a note; the overall mark
fullness    how full it leaves, asked again after hours
guesses     guesses before the answer: how far, which way
lineage     what a trial changed in its steps
scores      trials compared within tasters: scores with their scatter, differences
credit      what a change did, as far as the tasters can tell
frontier    trials that no other beats on both; keepers of all dishes in one order
verdict     keep, change or drop, and which trial a dish opens with
blind       triangle test and paired preference: plan, power, result
pointers    what a word points to: more or less of what, by how much
bench       how far a line may move with goal and checks kept
next_trial  proposals for the next trial, each one change that keeps goal and checks
"""
