"""The trade: what everybody knows, in plain types. Imports nothing but the ground.

nutrients                        every figure of a panel or of the calculation: one table
appliances                       ovens, pans and machines: all that is known of each, one file each
step_kinds, temperatures         kinds of steps; °C and °F, still air and fan
kinds, kind_reading, meats       what sort of food it is, by its name
families                         families of dishes: all that is known of each, one file a family
name_reading                     how a name is read: the head noun stands last
yields                           what food loses in the heat
quantities, units                amounts as people write them, and in grams, ml and °C
written_numbers                  numbers as people write them
limits                           at least and at most
caution                          a caution in words, and the share of polyols that needs one
sources                          who says so: publications, common practice, memory
"""
