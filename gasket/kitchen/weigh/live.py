"""What is live: the scales' readings on their way to the pages, and hands-free weighing.

Readings arrive on the drivers' threads and are passed to the event loop, where everything here
runs. Each page that watches a batch says what it aims at (a line, the mixture, a portion) and is
sent every reading of the scale in use, judged against that. Any change of a batch, from whatever
page, is sent to all. What the machine decides by itself is `gasket.core.weighing.hands_free`.
"""

import asyncio
import contextlib
import uuid
from collections.abc import Awaitable, Callable
from dataclasses import dataclass, field
from typing import Annotated, Final, Literal

from pydantic import Field

from gasket.core.numbers import Answer, Value
from gasket.core.weighing.captures import Capture
from gasket.core.weighing.hands_free import HandsFreeAct, capture_for, judge_reading
from gasket.core.weighing.pour import PourState, wants_finer_scale
from gasket.core.weighing.records import Reading
from gasket.core.weighing.task import ScaleAtHand, Task, filling, scale_for
from gasket.core.weighing.watching import Watching, follow
from gasket.core.weighing.weigh_in import Container, Tare
from gasket.kitchen.stale import Stale
from gasket.kitchen.weigh.sheet_change import SheetChange, sheet_change
from gasket.kitchen.weigh.weigh_sheet import BatchLine, BatchSheet

MOST_WAITING: Final = 200
SAME_AGAIN_S: Final = 0.25

Store = Callable[[int, Capture], Awaitable[BatchSheet | None]]


class Aim(Value):
    """What the page is filling."""

    aim: Literal["line", "mixture", "cooked", "portion", "leftover", "fat"]
    piece: Annotated[int, Field(ge=1, le=10_000)] | None = None


AT_A_LINE: Final = Aim(aim="line")


class LiveReading(Answer):
    """A reading, judged against what the page aims at. `steady` also when it only flickers between
    two figures; `tare_record` is what its net is measured from: a capture of it names that.
    `coarse` when so little deserves a finer scale than this."""

    type: Literal["reading"] = "reading"
    reading: Reading
    steady: bool
    net_g: float
    left_g: float | None
    target_g: float | None
    tolerance_g: float | None
    state: PourState
    coarse: bool
    tare_record: str | None


class LiveLink(Answer):
    """Which scales answer, by name, and which one is in use."""

    type: Literal["link"] = "link"
    connected: bool
    scales: dict[str, bool]
    in_use: str | None


class LiveSheet(Answer):
    """The whole batch: at first, and whenever what changed cannot be told from its number."""

    type: Literal["sheet"] = "sheet"
    sheet: BatchSheet


class LiveTrouble(Answer):
    """Why what the machine took by itself could not be stored; it tries again. The next sheet says
    that it is over."""

    type: Literal["trouble"] = "trouble"
    says: str


class LiveStale(Answer):
    """What pages have to read again, after a change of whatever in this house."""

    type: Literal["stale"] = "stale"
    stale: Stale


Message = LiveReading | LiveLink | LiveSheet | SheetChange | LiveStale | LiveTrouble


@dataclass(eq=False)
class Page:
    """One open page: its aim and the messages on their way to it."""

    aim: Aim = AT_A_LINE
    aimed_as: int = 0
    """How many aims the house had set before this one: the highest is the latest, and wins."""
    waiting: "asyncio.Queue[Message]" = field(default_factory=asyncio.Queue)
    told_of: str | None = None
    _shows: object = None
    _shown_at_s: float = 0.0

    def send_reading(self, judged: LiveReading, now: float) -> None:
        """Send a reading that shows something else than the last one; the same again now and
        then, so that a quiet scale is told from a dead one."""
        of_the_scale = (judged.reading.scale, judged.reading.grams, judged.reading.overload)
        of_the_task = (judged.tare_record, judged.target_g, judged.tolerance_g)
        shows = (*of_the_scale, *of_the_task, judged.steady, judged.state)
        if shows == self._shows and now - self._shown_at_s < SAME_AGAIN_S:
            return
        self._shows, self._shown_at_s = shows, now
        self.send(judged)

    def send(self, message: Message) -> None:
        """Queue a message. A page that does not keep up misses readings, never a change."""
        if isinstance(message, LiveReading) and self.waiting.qsize() >= MOST_WAITING:
            return
        self.waiting.put_nowait(message)


@dataclass
class Watch:
    """A batch that at least one page looks at, and what is remembered of each scale."""

    sheet: BatchSheet
    pages: set[Page] = field(default_factory=set)
    scales: dict[str, Watching] = field(default_factory=dict)
    storing: bool = False
    trouble: str = ""

    def watching(self, scale: str) -> Watching:
        return self.scales.get(scale, Watching())

    def aimed(self) -> Aim | None:
        """What the machine may act for: a line that some page weighs, else the piece that the page
        fills which said so last."""
        latest = sorted(self.pages, key=lambda page: page.aimed_as, reverse=True)
        aims = [page.aim for page in latest if page.aim.aim in ("line", "portion")]
        return next((aim for aim in aims if aim.aim == "line"), next(iter(aims), None))

    def task(self, scale: str, aim: Aim | None = None) -> Task:
        """What is done on a scale, for what a page aims at."""
        task = self.sheet.task
        if aim is not None and aim.aim == "portion":
            task = self._filling(aim)
        return task.on(self.sheet.tares.get(scale))

    def _filling(self, aim: Aim) -> Task:
        sheet = self.sheet
        piece = aim.piece or sheet.next_piece
        if piece is None:
            return Task()
        target = sheet.fill_g.get(piece, sheet.fill_each_g)
        is_open = piece in sheet.fill_g
        auto = sheet.hands_free and is_open
        return filling(piece, target, auto=auto, topping_up=sheet.topping_up)

    @property
    def current(self) -> BatchLine | None:
        return next((line for line in self.sheet.lines if line.id == self.sheet.current), None)


@dataclass
class Live:
    """The pages, by batch. `clock` is monotonic seconds; `store` records a capture."""

    clock: Callable[[], float]
    store: Store
    capacity_g: dict[str, float] = field(default_factory=dict)
    """Of every scale of the house, in its order."""
    links: dict[str, bool] = field(default_factory=dict)
    last: dict[str, Reading] = field(default_factory=dict)
    divisions: dict[str, float] = field(default_factory=dict)
    """Of every scale that has answered since it was connected."""
    _watches: dict[int, Watch] = field(default_factory=dict)
    _tasks: set["asyncio.Task[None]"] = field(default_factory=set)
    _aims: int = 0

    def aim(self, page: Page, aim: Aim) -> None:
        """What a page aims at from now on."""
        self._aims += 1
        page.aim, page.aimed_as = aim, self._aims

    @property
    def connected(self) -> bool:
        return any(self.links.values())

    def know_scales(self, capacity_g: dict[str, float]) -> None:
        """The house's scales, in its order; none of them answers yet."""
        self.capacity_g = capacity_g
        self.links, self.last, self.divisions = {}, {}, {}
        for watch in self._watches.values():
            for page in watch.pages:
                self._tell_link(watch, page)

    def at_hand(self, answering: bool = True) -> list[ScaleAtHand]:
        """The scales that answer (or have answered before), in the order of the house."""
        return [
            ScaleAtHand(name, self.divisions[name], capacity)
            for name, capacity in self.capacity_g.items()
            if name in self.divisions and (self.links.get(name) or not answering)
        ]

    def in_use(self, watch: Watch, aim: Aim) -> str | None:
        """The scale to look at: for the current line the one that suits it, else the first. A
        scale that falls silent with the line's bowl on it is waited for."""
        line = watch.current if aim.aim == "line" else None
        target, chosen = (line.target_g, line.scale) if line else (0.0, None)
        suited = scale_for(target, chosen, self.at_hand(answering=False))
        if suited is not None and not self.links.get(suited.name):
            tare = watch.sheet.tares.get(suited.name)
            if line is None or tare is None or tare.vessel != Container("bowl", line.bowl):
                suited = scale_for(target, chosen, self.at_hand())
        return suited.name if suited else None

    def scale_of_line(self, batch_id: int) -> str | None:
        """The scale that the current line of a watched batch is weighed on."""
        watch = self._watches.get(batch_id)
        return self.in_use(watch, AT_A_LINE) if watch else None

    def join(self, sheet: BatchSheet, page: Page) -> None:
        watch = self._watches.setdefault(sheet.id, Watch(sheet))
        if sheet.number >= watch.sheet.number:  # else it changed since the page's was read
            watch.sheet = sheet
        watch.pages.add(page)
        page.send(LiveSheet(sheet=watch.sheet))
        self._tell_link(watch, page)
        self._tell_last(watch, page)

    def leave(self, batch_id: int, page: Page) -> None:
        watch = self._watches.get(batch_id)
        if watch is not None:
            watch.pages.discard(page)
            if not watch.pages:
                del self._watches[batch_id]

    def watched(self) -> frozenset[int]:
        """The batches that some page watches."""
        return frozenset(self._watches)

    def sheet_of(self, batch_id: int) -> BatchSheet | None:
        """The batch as the pages that watch it have it."""
        watch = self._watches.get(batch_id)
        return watch.sheet if watch else None

    def changed(self, sheet: BatchSheet) -> None:
        """Tell every page of the batch; a new record makes hands-free wait for movement. A sheet
        that is older than the one they have is no news."""
        watch = self._watches.get(sheet.id)
        if watch is None or sheet.number < watch.sheet.number:
            return
        if _records(sheet) != _records(watch.sheet):
            for name in self.capacity_g:
                self._rest(watch, name, sheet.tares.get(name))
        is_next = sheet.number > watch.sheet.number
        told = sheet_change(watch.sheet, sheet) if is_next else LiveSheet(sheet=sheet)
        watch.sheet, watch.trouble = sheet, ""
        for page in watch.pages:
            page.send(told)
            if self.in_use(watch, page.aim) != page.told_of:
                self._tell_link(watch, page)
            self._tell_last(watch, page)

    def outdated(self, stale: Stale) -> None:
        """Tell every page what it has to read again."""
        for watch in self._watches.values():
            for page in watch.pages:
                page.send(LiveStale(stale=stale))

    def troubled(self, batch_id: int, says: str) -> None:
        """Tell every page of the batch, once, that nothing can be stored now."""
        watch = self._watches.get(batch_id)
        if watch is None or watch.trouble == says:
            return
        watch.trouble = says
        for page in watch.pages:
            page.send(LiveTrouble(says=says))

    def _rest(self, watch: Watch, scale: str, tare: Tare | None) -> None:
        before = watch.sheet.tares.get(scale)
        is_new = tare is not None and (before is None or before.record != tare.record)
        known_g = tare.gross_g if tare is not None and tare.known and is_new else None
        rested = watch.watching(scale).at_rest(self.last.get(scale), self.clock(), known_g)
        watch.scales[scale] = rested

    def link(self, scale: str, connected: bool) -> None:
        self.links[scale] = connected
        if not connected:
            self.last.pop(scale, None)
        for watch in self._watches.values():
            for page in watch.pages:
                self._tell_link(watch, page)

    def _tell_link(self, watch: Watch, page: Page) -> None:
        page.told_of = self.in_use(watch, page.aim)
        page.send(LiveLink(connected=self.connected, scales=dict(self.links), in_use=page.told_of))

    def _tell_last(self, watch: Watch, page: Page) -> None:
        reading = self.last.get(self.in_use(watch, page.aim) or "")
        if reading is not None:
            now = self.clock()
            page.send_reading(self._judged(watch, page.aim, reading, now), now)

    def reading(self, reading: Reading) -> None:
        is_first = reading.scale not in self.last
        self.last[reading.scale] = reading
        self.divisions[reading.scale] = reading.division_g
        now = self.clock()
        for watch in self._watches.values():
            task = watch.task(reading.scale, watch.aimed())
            watching = follow(watch.watching(reading.scale), task, reading, now)
            watch.scales[reading.scale] = watching
            for page in watch.pages:
                if is_first:
                    self._tell_link(watch, page)
                if self.in_use(watch, page.aim) == reading.scale:
                    page.send_reading(self._judged(watch, page.aim, reading, now), now)
            self._act(watch, reading, now)

    def _act(self, watch: Watch, reading: Reading, now: float) -> None:
        """Do what the machine decides, while a page of the weigh-in is open."""
        aim = watch.aimed()
        if aim is None or watch.storing or self.in_use(watch, aim) != reading.scale:
            return
        task = watch.task(reading.scale, aim)
        judgement = judge_reading(task, watch.watching(reading.scale), reading, now)
        if judgement.deed is None:
            return
        watch.storing = True
        doing = asyncio.ensure_future(self._do(watch, judgement.deed, task, reading))
        self._tasks.add(doing)
        doing.add_done_callback(self._tasks.discard)

    async def _do(self, watch: Watch, deed: HandsFreeAct, task: Task, reading: Reading) -> None:
        """Record the deed; refused when somebody else took one from this tare meanwhile."""
        capture = capture_for(deed, task, reading, str(uuid.uuid4()))
        try:
            await self.store(watch.sheet.id, capture)
        finally:
            watch.storing = False

    async def close(self) -> None:
        for task in tuple(self._tasks):
            task.cancel()
            with contextlib.suppress(asyncio.CancelledError):
                await task

    def _judged(self, watch: Watch, aim: Aim, reading: Reading, now: float) -> LiveReading:
        tare = watch.sheet.tares.get(reading.scale)
        line = watch.current
        match aim.aim:
            case "line":
                task = watch.task(reading.scale)
                target = line.target_g if line and line.target_g > 0 else None
            case "portion":
                task = watch.task(reading.scale, aim)
                target = task.left_g
            case _:
                target, task = None, Task(tare=tare)
        watching = watch.watching(reading.scale)
        judged = judge_reading(task, watching, reading, now)
        has_target = task.left_g is not None
        return LiveReading(
            reading=reading,
            steady=reading.stable or watching.held_s(reading, now) > 0,
            net_g=judged.pour.net_g,
            left_g=judged.pour.left_g if has_target else None,
            target_g=target,
            tolerance_g=judged.slack_g if has_target else None,
            state=judged.state,
            coarse=wants_finer_scale(target or 0.0, reading.division_g),
            tare_record=tare.record if tare else None,
        )


def _records(sheet: BatchSheet) -> tuple[str | None, tuple[str, ...]]:
    return sheet.last_record, tuple(tare.record for tare in sheet.tares.values())
