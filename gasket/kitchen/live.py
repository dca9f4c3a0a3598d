"""What is live: the scale's readings on their way to the pages, and hands-free capture.

Readings arrive on the driver's thread and are passed to the event loop, where everything here runs.
Each page that watches a batch says what it aims at (a line, the mixture, a portion) and is sent
every reading judged against that. Any change of a batch, from whatever page, is sent to all.
"""

import asyncio
import contextlib
import uuid
from collections.abc import Awaitable, Callable
from dataclasses import dataclass, field
from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.numbers import Answer, Value
from gasket.core.weighing import (
    Capture,
    Kind,
    Origin,
    Pour,
    PourState,
    Reading,
    captures_itself,
    judge,
    tare_for,
    tolerance_g,
)
from gasket.kitchen.weigh import BatchSheet

MOST_WAITING: Final = 200
MOVED_DIVISIONS: Final = 1.5

Store = Callable[[int, Capture], Awaitable[BatchSheet | None]]


class Aim(Value):
    """What the page is filling."""

    aim: Literal["line", "mixture", "cooked", "portion"]
    piece: Annotated[int, Field(ge=1, le=10_000)] | None = None


class LiveReading(Answer):
    """A reading, judged against what the page aims at."""

    type: Literal["reading"] = "reading"
    reading: Reading
    net_g: float
    left_g: float | None
    target_g: float | None
    tolerance_g: float | None
    state: PourState


class LiveLink(Answer):
    """Whether the scale answers."""

    type: Literal["link"] = "link"
    connected: bool


class LiveSheet(Answer):
    """The batch after a change."""

    type: Literal["sheet"] = "sheet"
    sheet: BatchSheet


Message = LiveReading | LiveLink | LiveSheet


@dataclass(eq=False)
class Page:
    """One open page: its aim and the messages on their way to it."""

    aim: Aim = field(default_factory=lambda: Aim(aim="line"))
    waiting: "asyncio.Queue[Message]" = field(default_factory=asyncio.Queue)

    def send(self, message: Message) -> None:
        """Queue a message. A page that does not keep up misses readings, never a change."""
        if isinstance(message, LiveReading) and self.waiting.qsize() >= MOST_WAITING:
            return
        self.waiting.put_nowait(message)


@dataclass
class Watch:
    """A batch that at least one page looks at."""

    sheet: BatchSheet
    pages: set[Page] = field(default_factory=set)
    steady_since: float | None = None
    steady_at_g: float | None = None
    rested_at_g: float | None = None
    moved: bool = True
    storing: bool = False

    def follow(self, reading: Reading, now: float) -> None:
        """Since when the scale has been steady, and whether it moved since the last record."""
        if not reading.stable or reading.grams != self.steady_at_g:
            self.steady_since = None
        self.steady_at_g = reading.grams
        if reading.stable and self.steady_since is None:
            self.steady_since = now
        if self.rested_at_g is None or (
            abs(reading.grams - self.rested_at_g) > MOVED_DIVISIONS * reading.division_g
        ):
            self.moved = True

    def rest(self, reading: Reading | None) -> None:
        """Something was recorded: what lies on the scale now is not taken again by itself."""
        self.moved, self.steady_since = False, None
        self.rested_at_g = reading.grams if reading else None


@dataclass
class Live:
    """The pages, by batch. `clock` is monotonic seconds; `store` records a capture."""

    clock: Callable[[], float]
    store: Store
    connected: bool = False
    last: Reading | None = None
    _watches: dict[int, Watch] = field(default_factory=dict)
    _tasks: set["asyncio.Task[None]"] = field(default_factory=set)

    def join(self, sheet: BatchSheet, page: Page) -> None:
        watch = self._watches.setdefault(sheet.id, Watch(sheet))
        watch.sheet = sheet
        watch.pages.add(page)
        page.send(LiveSheet(sheet=sheet))
        page.send(LiveLink(connected=self.connected))
        if self.last is not None and self.connected:
            page.send(_judged(self.last, sheet, page.aim))

    def leave(self, batch_id: int, page: Page) -> None:
        watch = self._watches.get(batch_id)
        if watch is not None:
            watch.pages.discard(page)
            if not watch.pages:
                del self._watches[batch_id]

    def changed(self, sheet: BatchSheet) -> None:
        """Tell every page of the batch; a new record makes hands-free wait for movement."""
        watch = self._watches.get(sheet.id)
        if watch is None:
            return
        if _records(sheet) != _records(watch.sheet):
            watch.rest(self.last)
        watch.sheet = sheet
        for page in watch.pages:
            page.send(LiveSheet(sheet=sheet))
            if self.last is not None and self.connected:
                page.send(_judged(self.last, sheet, page.aim))

    def link(self, connected: bool) -> None:
        self.connected = connected
        for watch in self._watches.values():
            for page in watch.pages:
                page.send(LiveLink(connected=connected))

    def reading(self, reading: Reading) -> None:
        self.last = reading
        for watch in self._watches.values():
            for page in watch.pages:
                page.send(_judged(reading, watch.sheet, page.aim))
            self._hands_free(watch, reading)

    def _hands_free(self, watch: Watch, reading: Reading) -> None:
        now = self.clock()
        watch.follow(reading, now)
        sheet, weighing = watch.sheet, any(page.aim.aim == "line" for page in watch.pages)
        ready = sheet.hands_free and weighing and watch.moved and sheet.closed_at is None
        if not ready or watch.storing or watch.steady_since is None:
            return
        line = next((line for line in sheet.lines if line.id == sheet.current), None)
        if line is None or line.status != "open" or line.only_counted:
            return
        pour = judge(reading, line.target_g, tare_for(sheet, reading.mode))
        if captures_itself(pour, reading, now - watch.steady_since):
            watch.storing = True
            task = asyncio.ensure_future(self._capture(watch, line.id, reading))
            self._tasks.add(task)
            task.add_done_callback(self._tasks.discard)

    async def _capture(self, watch: Watch, line: int, reading: Reading) -> None:
        """Record the reading; refused when somebody else took one from this tare meanwhile."""
        sheet = watch.sheet
        capture = Capture(
            id=str(uuid.uuid4()),
            kind=Kind.LINE,
            line=line,
            gross_g=reading.grams,
            tare_record=sheet.tare_record,
            mode=reading.mode,
            division_g=reading.division_g,
            origin=Origin.AUTOMATIC,
        )
        try:
            await self.store(sheet.id, capture)
        finally:
            watch.storing = False

    async def close(self) -> None:
        for task in tuple(self._tasks):
            task.cancel()
            with contextlib.suppress(asyncio.CancelledError):
                await task


def _records(sheet: BatchSheet) -> tuple[str | None, str | None]:
    return sheet.last_record, sheet.tare_record


def _target(sheet: BatchSheet, aim: Aim) -> float | None:
    match aim.aim:
        case "line":
            found = (line.target_g for line in sheet.lines if line.id == sheet.current)
            return next(found, None)
        case "portion":
            return sheet.next_target_g or sheet.target_each_g
        case _:
            return None


def _judged(reading: Reading, sheet: BatchSheet, aim: Aim) -> LiveReading:
    target, tare = _target(sheet, aim), tare_for(sheet, reading.mode)
    pour: Pour = judge(reading, target or 0.0, tare)
    plain = pour.state in (PourState.OVERLOAD, PourState.BOWL_OFF) or target is not None
    return LiveReading(
        reading=reading,
        net_g=pour.net_g,
        left_g=pour.left_g if target is not None else None,
        target_g=target,
        tolerance_g=tolerance_g(target, reading.division_g) if target is not None else None,
        state=pour.state if plain else PourState.POURING,
    )
