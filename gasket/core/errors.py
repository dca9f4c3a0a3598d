"""The core's errors: what is wrong, at which field, in a sentence for a cook."""

from pydantic import BaseModel

from gasket.core.numbers import Answer


class Fault(Answer):
    """One thing that is wrong, at one place. `path` reads like `components[0].lines[2].grams`."""

    path: str
    message: str

    def __str__(self) -> str:
        return " ".join(f"{self.path}: {self.message}".split())


class GasketError(Exception):
    """Base of every refusal that a cook can do something about."""


class FaultyInput(GasketError):
    """Values that cannot be worked with, each named by its path."""

    def __init__(self, *faults: Fault) -> None:
        self.faults = faults
        super().__init__("; ".join(str(fault) for fault in faults))

    @classmethod
    def at(cls, path: str, message: str) -> "FaultyInput":
        """One fault at one field."""
        return cls(Fault(path=path, message=message))


class Unknown(GasketError):
    """An id that names nothing here."""

    def __init__(self, kind: str, key: str | int) -> None:
        self.kind, self.key = kind, key
        super().__init__(f"There is no {kind} {key} here. It may have been removed.")


class Conflict(GasketError):
    """Somebody else saved first: `current` is what is stored now."""

    def __init__(self, what: str, current: BaseModel) -> None:
        self.what, self.current = what, current
        super().__init__(
            f"This {what} was changed elsewhere since you opened it. Nothing of yours is lost: "
            "look at both and save again."
        )


class Refused(GasketError):
    """An action that makes no sense in the present state."""


class Unavailable(GasketError):
    """Nothing can be stored or read now, whatever was asked; asking again later may help."""


class OutOfSpace(Unavailable):
    """There is no room left to store anything."""


def path_of(location: tuple[int | str, ...]) -> str:
    """`("components", 0, "grams")` → `components[0].grams`; the document itself is `$`."""
    path = ""
    for part in location:
        path += f"[{part}]" if isinstance(part, int) else f".{part}" if path else str(part)
    return path or "$"
