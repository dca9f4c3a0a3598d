"""Servers that start in a moment: see `quick_server`."""

import subprocess
import sys


class Deaths:
    """Servers on one kitchen, each of which can be killed at any moment."""

    def __init__(self, database):
        self.database = database
        self.forks = subprocess.Popen(
            [sys.executable, "-m", "tests.faults.quick_server"],
            stdin=subprocess.PIPE,
            stdout=subprocess.PIPE,
            text=True,
        )

    def server(self):
        """(pid, url) of a server that has just been started."""
        self.forks.stdin.write(f"{self.database}\n")
        self.forks.stdin.flush()
        pid, port = self.forks.stdout.readline().split()
        return int(pid), f"http://127.0.0.1:{port}"

    def close(self):
        self.forks.stdin.close()
        self.forks.wait(timeout=10)
        self.forks.stdout.close()
