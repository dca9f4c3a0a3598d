"""Build checks: advice by family of dish, with its reason and source. Never a block.

checked_build   what the checks look at
bands           within what a build of its kind usually lies
allowed         as far out as the cook's keepers and dismissals allow
checks          where a build lies, in words
"""
