"""What differs between two values of one kind, field by field, in words."""

from collections.abc import Iterator

from gasket.core.numbers import Answer, Value


class Change(Answer):
    """One field before and after; None is unknown."""

    field: str
    before: str | None
    after: str | None

    def __str__(self) -> str:
        return f"{self.field} {self.before or 'unknown'} → {self.after or 'unknown'}"


def changes(before: Value, after: Value) -> Iterator[Change]:
    """Every field in which `after` differs from `before`, two values of one class."""
    for name in type(before).model_fields:
        old, new = getattr(before, name), getattr(after, name)
        if old != new:
            yield Change(field=name, before=_words(old), after=_words(new))


def _words(value: object) -> str | None:
    if value is None or value in ((), ""):
        return None
    if isinstance(value, float):
        return f"{value:g}"
    if isinstance(value, tuple):
        return ", ".join(str(getattr(part, "name", part)) for part in value)
    return str(value)
