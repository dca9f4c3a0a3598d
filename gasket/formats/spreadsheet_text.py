"""CSV as spreadsheets save it: their encodings, their separators and their ways with numbers.

What stands before decimals is decided once a file, by the cells that can be read one way only. A
file with semicolons has decimal commas, unless its cells say otherwise; in a file whose cells
contradict each other "1,200" is no number.
"""

import contextlib
import csv
import io
import re
from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final

from gasket.core.errors import FaultyInput
from gasket.core.trade.written_numbers import DecimalMark, mark_of, read_number


@dataclass(frozen=True)
class Sheet:
    """The lines that have something in them, with their numbers in the file."""

    lines: list[tuple[int, list[str]]]
    semicolons: bool


def sheet_of(content: bytes | str) -> Sheet:
    """Raises `FaultyInput` at `file` for what is no CSV."""
    text = content if isinstance(content, str) else decoded(content)
    named = re.match(r"sep=(.)\r?\n", text)  # a spreadsheet's own first line
    text = text[named.end() :] if named else text
    delimiter = named[1] if named else _delimiter(text)
    reader = csv.reader(io.StringIO(text, newline=""), delimiter=delimiter)
    before = 1 if named else 0
    try:
        lines = [
            (before + reader.line_num, line)
            for line in reader
            if any(cell.strip() for cell in line)
        ]
    except csv.Error as error:
        raise FaultyInput.at("file", f"This is not a CSV file: {error}.") from None
    return Sheet(lines, delimiter == ";")


def decoded(content: bytes) -> str:
    """UTF-8, UTF-16 with or without a mark at its beginning, or else Western European."""
    marked = content.startswith((b"\xff\xfe", b"\xfe\xff"))
    if not marked and (guess := _utf_16(content)):
        return content.decode(guess, errors="replace")
    for encoding in ("utf-8-sig", *(["utf-16"] if marked else [])):
        with contextlib.suppress(UnicodeDecodeError):
            return content.decode(encoding)
    return content.decode("cp1252", errors="replace")


def _utf_16(content: bytes) -> str | None:
    """Every other byte of a header in it is empty."""
    head = content[:200]
    if head[1::2].count(0) > len(head) / 4:
        return "utf-16-le"
    return "utf-16-be" if head[0::2].count(0) > len(head) / 4 else None


def _delimiter(text: str) -> str:
    first = text.partition("\n")[0]
    return max(",;\t", key=first.count)


class BothWays(ValueError):
    """A number that could be two, in a file that writes decimals both ways."""


@dataclass(frozen=True)
class Numbers:
    """How a file writes numbers: `mark` before decimals, None where its cells disagree."""

    mark: DecimalMark | None = "."

    @classmethod
    def of(cls, cells: Iterable[str], semicolons: bool) -> "Numbers":
        marks = {mark for cell in {*cells} if (mark := mark_of(bare(cell))) is not None}
        if len(marks) == 2:
            return cls(None)
        return cls(marks.pop() if marks else "," if semicolons else ".")

    def read(self, text: str) -> float:
        """Raises ValueError for what is no number, `BothWays` for what could be two."""
        if text.startswith(("-", "−")):
            return -self.read(text[1:].lstrip())
        if re.fullmatch(r"[\d.,]+e[+-]?\d{1,3}", text, re.IGNORECASE):
            return float(text.replace(",", "."))
        if self.mark is None and mark_of(text) is None and re.search(r"[.,]", text):
            raise BothWays(text)
        return read_number(text, self.mark).value


POINTS: Final = Numbers()
_UNIT: Final = re.compile(r"\s*(?:g|mg|ml|kcal|kj)$", re.IGNORECASE)


def bare(cell: str) -> str:
    """The number of a cell, without "<" and its unit."""
    return _UNIT.sub("", cell.lstrip("<' ").strip())
