"""A caution as every room words it, and the share of polyols from which one is due."""

from typing import Final

from gasket.core.numbers import Answer

POLYOLS_MOST: Final = 0.10
"""Above this share of the weight a label must warn of laxative effects (source "polyols")."""


class Caution(Answer):
    """Something to be careful with, in plain words, and who says so."""

    code: str
    says: str
    source: str
