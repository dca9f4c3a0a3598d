"""`./run soak`: half an hour of four busy devices, two pages and two scales on one kitchen.

Afterwards the server must hold no more than after its warm-up: memory at the middle of its samples,
open files and threads at their least, since a crowd takes some for the moment only. Any
answer that is a fault, any fault of a page and any word of the server is one too.
"""

import argparse
import itertools
import random
import statistics
import tempfile
import threading
import time
import uuid
from collections.abc import Callable
from dataclasses import dataclass, field
from pathlib import Path

import httpx
from playwright.sync_api import Page, expect, sync_playwright

from tests.browser.conftest import QUIET
from tests.pages import PAGES
from tests.server import Server

CLIENTS = 4
DISHES = 300
"""A house of years, so that what the database keeps in memory is full once it is warm."""
WARM_UP = 0.2
"""This part of the time is warm-up."""
MOST_GROWTH = 0.05
SAMPLE_EVERY_S = 5
EXPECTED = {409}
"""Somebody else was quicker; nothing else is expected of calls that are all well-formed."""


def some_id() -> str:
    return str(uuid.uuid4())


@dataclass
class Sample:
    """What the server's process holds: kB resident, open files, threads."""

    rss_kb: int
    files: int
    threads: int

    @classmethod
    def of(cls, pid: int) -> "Sample":
        status = Path(f"/proc/{pid}/status").read_text(encoding="ascii", errors="replace")
        told = dict(line.split(":", 1) for line in status.splitlines())
        return cls(
            rss_kb=int(told["VmRSS"].split()[0]),
            files=len(list(Path(f"/proc/{pid}/fd").iterdir())),
            threads=int(told["Threads"]),
        )


@dataclass
class Report:
    """What was done and what went wrong, from all threads."""

    until: float
    faults: list[str] = field(default_factory=list)
    done: "itertools.count[int]" = field(default_factory=itertools.count)

    @property
    def goes_on(self) -> bool:
        return time.monotonic() < self.until


class Device:
    """A device that cooks, edits and looks around, each at random."""

    def __init__(self, url: str, seed: int, report: Report) -> None:
        self.api = httpx.Client(base_url=url, timeout=30)
        self.dice = random.Random(seed)
        self.report = report

    def ask(self, method: str, path: str, body: object = None) -> dict | None:
        """The answer; None when somebody was quicker, or when it is a fault, which is kept."""
        time.sleep(self.dice.uniform(0.02, 0.2))
        answer = self.api.request(method, path, json=body)
        next(self.report.done)
        if answer.is_success:
            return answer.json() if answer.content else {}
        if answer.status_code not in EXPECTED:
            self.report.faults.append(f"{method} {path}: {answer.status_code} {answer.text[:200]}")
        return None

    def live(self) -> None:
        acts = (self.weigh, self.edit_build, self.set_timer, self.look, self.look)
        while self.report.goes_on:
            try:
                self.dice.choice(acts)()
            except Exception as error:  # nothing that a device meets may pass unseen
                self.report.faults.append(repr(error))

    def a_trial(self) -> dict:
        kitchen = self.ask("GET", "/api/kitchen") or {}
        dish = self.dice.choice(kitchen["dishes"])["id"]
        sheet = self.ask("GET", f"/api/dishes/{dish}") or {}
        return self.dice.choice(sheet["trials"])

    def weigh(self) -> None:
        """A whole batch by hand, its mixture, its servings put away and eaten."""
        batch = self.ask("POST", f"/api/trials/{self.a_trial()['id']}/batches")
        if batch is None:
            return
        path = f"/api/batches/{batch['id']}"
        for line in batch["lines"]:
            grams = max(1.0, round(line["target_g"] * self.dice.uniform(0.9, 1.1), 1))
            pour = {"kind": "line", "line": line["id"], "net_g": grams, "origin": "hand"}
            self.ask("POST", f"{path}/weighings", {"id": some_id(), **pour})
        self.ask("POST", f"{path}/close")
        for kind in ("mixture", "cooked"):
            net_g = self.dice.uniform(500, 800)
            whole = {"id": some_id(), "kind": kind, "net_g": net_g, "origin": "hand"}
            self.ask("POST", f"{path}/weighings", whole)
        self.ask("PUT", f"{path}/dividing", {"pieces": self.dice.randint(2, 8)})
        for move in ("put", "eaten"):
            entry = {"id": some_id(), "move": move, "amount": 1, "place": "fridge"}
            self.ask("POST", f"{path}/stock", entry)
        self.ask("GET", f"{path}/card")

    def edit_build(self) -> None:
        trial = self.a_trial()["id"]
        sheet = self.ask("GET", f"/api/trials/{trial}")
        if sheet is None:
            return
        build = sheet["build"]
        for part in build["components"]:
            for line in part["lines"]:
                if line.get("target_g"):
                    line["target_g"] = round(line["target_g"] * self.dice.uniform(0.95, 1.05), 1)
        self.ask("PUT", f"/api/trials/{trial}/build", {"version": sheet["version"], "build": build})

    def set_timer(self) -> None:
        timer = {"id": some_id(), "deed": "timer", "minutes": 5, "note": "Tea"}
        if self.ask("POST", "/api/timers", timer) is not None:
            self.ask("POST", "/api/timers", {"id": some_id(), "deed": "done", "step": timer["id"]})

    def look(self) -> None:
        for path in self.dice.sample(sorted(PAGES.values()), 3):
            self.ask("GET", path)


class Screen:
    """A page on which a simulated person weighs at both scales, or one that is walked through."""

    def __init__(self, page: Page, url: str, report: Report) -> None:
        self.page, self.url, self.report = page, url, report
        page.on("pageerror", lambda error: report.faults.append(f"page: {error}"))
        page.on("console", self._heard)
        self.batch: int | None = None

    def _heard(self, message: object) -> None:
        kind, text = getattr(message, "type", ""), getattr(message, "text", "")
        if kind == "error" and "409" not in text:
            self.report.faults.append(f"console: {text}")

    def weigh(self) -> None:
        """Let the batch be poured on; begin the next one once it is."""
        api = self.page.request
        if self.batch is not None:
            sheet = api.get(f"{self.url}/api/batches/{self.batch}").json()
            if any(line["status"] == "open" for line in sheet["lines"]):
                self.page.wait_for_timeout(2000)
                return
            api.put(f"{self.url}/api/batches/{self.batch}/rehearsal", data={"on": False})
        sheet = api.post(f"{self.url}/api/trials/1/batches").json()
        self.batch = sheet["id"]
        self.page.goto(f"{self.url}/dishes/1/weigh?batch={self.batch}")
        expect(self.page.get_by_test_id("reading")).to_be_visible()
        api.put(f"{self.url}/api/batches/{self.batch}/rehearsal", data={"on": True, "seed": 3})
        next(self.report.done)

    def walk(self) -> None:
        for stage in ("", "/build", "/weigh", "/cook", "/portion", "/card"):
            self.page.goto(f"{self.url}/dishes/1{stage}" if stage else self.url)
            expect(self.page.get_by_role("main")).to_be_visible()
            self.page.wait_for_timeout(1500)
            next(self.report.done)


def watch(pid: int, report: Report, samples: list[Sample]) -> None:
    while report.goes_on:
        samples.append(Sample.of(pid))
        time.sleep(SAMPLE_EVERY_S)


def soak(minutes: float) -> int:
    """Run for so many minutes; 0 when all stayed flat and nothing failed."""
    samples: list[Sample] = []
    with (
        tempfile.TemporaryDirectory() as folder,
        Server(Path(folder) / "kitchen.sqlite3", options=("--large", str(DISHES))) as server,
        sync_playwright() as playwright,
    ):
        report = Report(until=time.monotonic() + 60 * minutes)
        threads = [
            *(
                threading.Thread(target=Device(server.url, seed, report).live)
                for seed in range(CLIENTS)
            ),
            threading.Thread(target=watch, args=(server.process.pid, report, samples)),
        ]
        for thread in threads:
            thread.start()
        browser = playwright.chromium.launch(executable_path="/usr/bin/chromium", args=list(QUIET))
        weighing, walking = (Screen(browser.new_page(), server.url, report) for _ in range(2))
        while report.goes_on:
            weighing.weigh()
            walking.walk()
        for thread in threads:
            thread.join()
        browser.close()
        alive = server.process.poll() is None
    return told(minutes, samples, report, alive)


def told(minutes: float, samples: list[Sample], report: Report, alive: bool) -> int:
    warm = samples[int(len(samples) * WARM_UP) :]
    third = max(1, len(warm) // 3)
    first, last = warm[:third], warm[-third:]

    def both(what: str, of: Callable[[list[int]], float]) -> tuple[float, float]:
        start, end = ([getattr(one, what) for one in part] for part in (first, last))
        return of(start), of(end)

    rss = both("rss_kb", statistics.median)
    files, threads = both("files", min), both("threads", min)
    most = {what: max(getattr(one, what) for one in warm) for what in ("files", "threads")}
    growth = rss[1] / rss[0] - 1
    verdicts = {
        f"memory: {rss[0] / 1000:.0f} → {rss[1] / 1000:.0f} MB ({growth:+.1%})": (
            growth <= MOST_GROWTH
        ),
        f"open files, at least: {files[0]:.0f} → {files[1]:.0f} (at most {most['files']})": (
            files[1] <= files[0]
        ),
        f"threads, at least: {threads[0]:.0f} → {threads[1]:.0f} (at most {most['threads']})": (
            threads[1] <= threads[0]
        ),
        f"faults: {len(report.faults)} in {next(report.done)} deeds": not report.faults,
        "the server is still there": alive,
    }
    course = samples[:: max(1, len(samples) // 12)]
    print(f"{minutes:g} minutes; MB resident in the course: ", end="")
    print(*(round(one.rss_kb / 1000) for one in course))
    print("after the warm-up:")
    for says, holds in verdicts.items():
        print(f"  {'holds ' if holds else 'FAILS '} {says}")
    for fault in report.faults[:20]:
        print(f"    {fault}")
    return 0 if all(verdicts.values()) else 1


if __name__ == "__main__":
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--minutes", type=float, default=30)
    raise SystemExit(soak(parser.parse_args().minutes))
