"""A whole hands-free weigh-in over one scale, from a stream of readings."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from datetime import datetime, timedelta

from gasket.core.weighing.hands_free import HandsFreeAct, Judgement, capture_for, judge_reading
from gasket.core.weighing.records import Reading, Record
from gasket.core.weighing.taking import recorded, refusal
from gasket.core.weighing.task import Task, task_of
from gasket.core.weighing.watching import Watching, follow
from gasket.core.weighing.weigh_in import ToWeigh, WeighIn, replay


@dataclass(frozen=True, slots=True)
class Known:
    """What is told besides the plan: known empty weights by bowl, and the tolerance."""

    empty_g: tuple[tuple[str, float], ...] = ()
    nudge: int = 0
    by_hand: frozenset[int] = frozenset()


@dataclass
class Player:
    """A hands-free weigh-in over one scale, reading by reading. `began` dates its records."""

    lines: Sequence[ToWeigh]
    began: datetime
    known: Known = Known()
    records: list[Record] = field(default_factory=list)
    watching: Watching = field(default_factory=Watching)
    state: WeighIn = field(init=False)

    def __post_init__(self) -> None:
        self.state = replay(self.records, self.lines)

    @property
    def current(self) -> ToWeigh | None:
        return next((line for line in self.lines if line.id == self.state.current), None)

    def task(self, scale: str) -> Task:
        line = self.current
        return task_of(
            self.state,
            line,
            empty_g=dict(self.known.empty_g).get(line.bowl) if line else None,
            nudge=self.known.nudge,
            hands_free=line is not None,
            by_hand=line is not None and line.id in self.known.by_hand,
        ).on(self.state.tare_of(scale))

    def show(self, at_s: float, reading: Reading) -> Judgement:
        """Judge a reading and do what is due; its record is then the last one."""
        task = self.task(reading.scale)
        self.watching = follow(self.watching, task, reading, at_s)
        judgement = judge_reading(task, self.watching, reading, at_s)
        if judgement.deed is not None:
            capture = capture_for(
                judgement.deed, task, reading, f"auto-{len(self.records) + 1:05d}"
            )
            record = recorded(capture, self.state, self.began + timedelta(seconds=at_s))
            if refusal(record, self.state) is None:
                self.records.append(record)
                self.state = replay(self.records, self.lines)
            known_g = task.empty_g if judgement.deed is HandsFreeAct.TARE_KNOWN else None
            self.watching = self.watching.at_rest(reading, at_s, known_g)
        return judgement


def play(
    lines: Sequence[ToWeigh],
    stream: Iterable[tuple[float, Reading]],
    began: datetime,
    known: Known | None = None,
) -> list[Record]:
    """The records that a stream of (seconds, reading) makes, with ids `auto-00001` …"""
    player = Player(lines, began, known or Known())
    for at_s, reading in stream:
        player.show(at_s, reading)
    return player.records
