"""The running house: database, clock, scale, live pages. Everything outside is passed in here."""

import asyncio
import contextlib
import functools
import random
import secrets
import threading
import time
from collections.abc import Callable, Iterator, Mapping
from dataclasses import dataclass, field
from datetime import UTC, datetime
from pathlib import Path
from typing import TypeVar

from gasket.core.errors import GasketError, Refused, Unavailable
from gasket.core.tasting.blind import RandomBelow
from gasket.core.weighing.captures import Capture
from gasket.core.weighing.records import Reading
from gasket.kitchen import settings
from gasket.kitchen.shelf.shelf_files import ShelfImports
from gasket.kitchen.stale import Stale, numbers, stale_by
from gasket.kitchen.weigh import weigh
from gasket.kitchen.weigh.live import Live
from gasket.kitchen.weigh.rehearsal import Person, Rehearsal
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.scale.driver import Driver
from gasket.scale.process import SimulatorProcess
from gasket.scale.simulator import command
from gasket.store.books import Session, figures
from gasket.store.changes import changed_in
from gasket.store.database import Database
from gasket.store.opening import open_database


def _utc_now() -> datetime:
    return datetime.now(UTC)


S = TypeVar("S", bound=SimulatorProcess)
T = TypeVar("T")


def simulated_scales(kind: type[S], readings_per_s: float = 10.0) -> dict[str, S]:
    """A kitchen scale and a pocket scale, by the place that settings name."""
    return {
        settings.SIMULATED: kind(readings_per_s=readings_per_s),
        settings.SIMULATED_FINE: kind(
            seed=11, capacity_g=500, division_g=0.1, readings_per_s=readings_per_s
        ),
    }


@dataclass
class House:
    """One database with its scale. `demo` says so on the screen."""

    database: Database
    demo: bool = False
    now: Callable[[], datetime] = _utc_now
    draw: RandomBelow = secrets.randbelow
    """Chance, for blind tests."""
    clock: Callable[[], float] = time.monotonic
    simulators: Mapping[str, SimulatorProcess] = field(default_factory=dict)
    """By place: `simulated`, `simulated fine`."""
    live: Live = field(init=False)
    imports: ShelfImports = field(init=False)
    _people: dict[int, "asyncio.Task[None]"] = field(default_factory=dict)
    _drivers: dict[str, Driver] = field(default_factory=dict)
    _simulated: dict[str, SimulatorProcess] = field(default_factory=dict)
    """What is behind a scale that is simulated, by the scale's name."""
    _connecting: threading.Lock = field(default_factory=threading.Lock)
    _loop: asyncio.AbstractEventLoop | None = None
    _changes: Iterator[int] = field(default_factory=numbers)

    def __post_init__(self) -> None:
        self.live = Live(self.clock, self._store)
        self.imports = ShelfImports(self.database, self.now)

    @classmethod
    def at(cls, path: Path, demo: bool = False, simulate: bool = True) -> "House":
        simulators = simulated_scales(SimulatorProcess) if simulate else {}
        return cls(open_database(path), demo=demo, simulators=simulators)

    def read(self, work: Callable[[Session], T]) -> T:
        """What `work` finds, all of it at one moment."""
        with self.reading() as session:
            return work(session)

    @contextlib.contextmanager
    def reading(self) -> Iterator[Session]:
        """A session that reads; what was calculated in it is kept once it is over."""
        with self.database.reading() as session:
            yield session
            calculated = figures.calculated_in(session)
        if calculated:
            self._keep(calculated)

    def _keep(self, calculated: figures.Calculated) -> None:
        """Keep figures, unless somebody is writing now or nothing can be written: they are
        calculated again when they are asked for again."""
        with (
            contextlib.suppress(Unavailable),
            self.database.turn(wait=False),
            self.database.writing() as session,
        ):
            figures.keep(session, calculated)

    def write(self, work: Callable[[Session], T]) -> T:
        """What `work` finds after it is done; see `change`."""
        return self.change(work)[0]

    def change(self, work: Callable[[Session], T]) -> tuple[T, Stale]:
        """Do `work` in one transaction that nothing comes between: stored whole, or not at all.
        What it finds, and what pages have to read again.

        Pages are told before the next one writes, so in the order in which it happened. Raises
        what `work` raises, and `Unavailable`.
        """
        with self.database.turn():
            with self.database.writing() as session:
                done = work(session)
                figures.keep(session, figures.calculated_in(session))
            stale = stale_by(next(self._changes), changed_in(session))
            self._tell(stale, done)
            return done, stale

    async def open(self) -> None:
        """Connect the scales that the settings name."""
        self.hear_in(asyncio.get_running_loop())
        await asyncio.to_thread(self.connect_scales)

    def hear_in(self, loop: asyncio.AbstractEventLoop) -> None:
        """The pages are told of changes in this loop."""
        self._loop = loop

    async def shut(self) -> None:
        await self.live.close()
        for person in self._people.values():
            person.cancel()
        await asyncio.to_thread(self._disconnect_scales)
        for simulator in self.simulators.values():
            simulator.stop()
        self.close()

    def close(self) -> None:
        """Let go of the files; a house that was opened is shut instead."""
        self.imports.close()
        self.database.close()

    def connect_scales(self) -> None:
        """(Re)connect every scale that the settings name."""
        with self._connecting:
            self._connect_scales()

    def _connect_scales(self) -> None:
        self._disconnect_scales()
        scales = self.read(settings.read).scales
        capacities = {scale.name: scale.capacity_g for scale in scales}
        self._in_loop(self.live.know_scales, capacities)
        for scale in scales:
            simulator = self.simulators.get(scale.place)
            if simulator is None and scale.place in settings.SIMULATIONS:
                continue
            if simulator is not None:
                simulator.ensure()
                self._simulated[scale.name] = simulator
            url = scale.place if simulator is None else simulator.url
            self._drivers[scale.name] = Driver(
                url,
                functools.partial(self._on_reading, scale.name),
                functools.partial(self._on_link, scale.name),
            )
        for driver in self._drivers.values():
            driver.start()

    def _disconnect_scales(self) -> None:
        for driver in self._drivers.values():
            driver.stop()
        self._drivers.clear()
        self._simulated.clear()

    @property
    def simulated(self) -> list[str]:
        """The names of the scales that are simulated."""
        return list(self._simulated)

    def _on_reading(self, scale: str, reading: Reading) -> None:
        self._in_loop(self.live.reading, reading.model_copy(update={"scale": scale}))

    def _on_link(self, scale: str, connected: bool) -> None:
        simulator = self._simulated.get(scale)
        if not connected and simulator:
            simulator.revive()
        self._in_loop(self.live.link, scale, connected)

    def _in_loop(self, call: Callable[..., None], *arguments: object) -> None:
        if self._loop is not None and not self._loop.is_closed():
            self._loop.call_soon_threadsafe(call, *arguments)

    def _tell(self, stale: Stale, done: object) -> None:
        """Tell every page what is old, and those that watch a batch how it is now; from any
        thread."""
        watched = self.live.watched()
        if watched:
            self._in_loop(self.live.outdated, stale)
        for batch_id in watched if stale.everything else watched & set(stale.batches):
            if isinstance(done, BatchSheet) and done.id == batch_id:
                self._in_loop(self.live.changed, done)
            else:
                sheet = self.read(lambda session, key=batch_id: weigh.sheet(session, key))  # type: ignore[misc]
                self._in_loop(self.live.changed, sheet)

    async def _store(self, batch_id: int, capture: Capture) -> BatchSheet | None:
        return await asyncio.to_thread(self._record, batch_id, capture)

    def _record(self, batch_id: int, capture: Capture) -> BatchSheet | None:
        try:
            return self.write(lambda session: weigh.record(session, batch_id, capture, self.now()))
        except Unavailable as error:
            self._in_loop(self.live.troubled, batch_id, str(error))
            return None
        except GasketError:  # somebody was quicker: the pages have seen what they stored
            return None

    async def simulate(self, act: str, amount: float, scale: str | None = None) -> None:
        """Do something at a simulated scale, the first unless one is named.

        Raises `Refused` when that scale is a real one.
        """
        name = scale or next(iter(self.simulated), "")
        simulator = self._simulated.get(name)
        if simulator is None:
            raise Refused("The simulated scale is not in use: see Settings.")
        await command(simulator.port, act, amount)

    async def rehearse(self, batch_id: int, rehearsal: Rehearsal) -> None:
        """Let a simulated person pour the batch, or stop them."""
        if person := self._people.pop(batch_id, None):
            person.cancel()
        for name in self.simulated:
            await self.simulate("stop", 0.0, name)
        if not rehearsal.on:
            return
        if not self.simulated:
            raise Refused("The simulated scale is not in use: see Settings.")
        pouring = Person(self.live, self.simulate, batch_id, random.Random(rehearsal.seed))
        self._people[batch_id] = asyncio.ensure_future(pouring.pour_it_all())
