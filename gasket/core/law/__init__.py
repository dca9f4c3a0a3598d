"""What the law says of a serving, by its figures and weights.

reference_amounts   what is eaten at a time, by US law
claim_rules         a rule: the numbers that it asks for, and how far off a serving is
us, eu              the definitions of each
claims              what a serving may be called
"""
