"""The trade: what everybody knows, in plain types. Imports nothing but the ground.

kinds, kind_reading, meats       what sort of food it is, by its name
families                         families of dishes: all that is known of each, one file a family
name_reading                     how a name is read: the head noun stands last
yields                           what food loses in the heat
quantities, units                amounts as people write them, and in grams, ml and °C
written_numbers                  numbers as people write them
reference_amounts                what is eaten at a time, by US law
caution                          a caution in words, and the share of polyols that needs one
sources                          who says so: publications, common practice, memory
"""
