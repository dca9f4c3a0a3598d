"""The whole kitchen at a glance.

dishes, dish_cards, going_on       every dish, its figures, what is under way
comparing, versions                packages side by side, versions of a label
trial_differences                  what a trial changed against another
mending                            a dish whose rows make no sense any more
"""
