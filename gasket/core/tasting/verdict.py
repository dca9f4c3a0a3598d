"""The verdict on a trial: keep, change or drop, and the lesson in a sentence."""

from collections.abc import Sequence
from typing import Literal, Self

from pydantic import model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Value
from gasket.core.rebuild.trial import Remark

Stamp = Literal["keep", "change", "drop"]


class TasteVerdict(Value):
    """What becomes of a trial. `change` is what to change, one thing if it can be."""

    stamp: Stamp | None = None
    change: Remark = ""
    lesson: Remark = ""

    @model_validator(mode="after")
    def _says_what(self) -> Self:
        if self.stamp == "change" and not self.change.strip():
            raise PydanticCustomError("verdict", "Say what to change, one thing if you can.")
        return self


def opens_with(stamps: Sequence[Stamp | None]) -> int | None:
    """Which of a dish's trials, by their stamps oldest first, it opens with: the newest that was
    begun after the newest keeper and is not judged yet, else that keeper, else the newest that was
    not dropped. None without trials."""
    places = range(len(stamps))
    keeper = next((at for at in reversed(places) if stamps[at] == "keep"), None)
    if keeper is not None:
        since = places[keeper + 1 :]
        return next((at for at in reversed(since) if stamps[at] is None), keeper)
    kept = [at for at in places if stamps[at] != "drop"]
    return next(reversed(kept or places), None)
