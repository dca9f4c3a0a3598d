"""Servers that start in a moment: see `quick_server`."""

import subprocess
import sys


class Deaths:
    """Servers, each of which can be killed at any moment. The warm process that they are forks of
    takes seconds to start: one for all tests of a process."""

    def __init__(self):
        self.forks = subprocess.Popen(
            [sys.executable, "-m", "tests.faults.quick_server"],
            stdin=subprocess.PIPE,
            stdout=subprocess.PIPE,
            text=True,
        )

    def server(self, database):
        """(pid, url) of a server that has just been started on a kitchen."""
        self.forks.stdin.write(f"{database}\n")
        self.forks.stdin.flush()
        pid, port = self.forks.stdout.readline().split()
        return int(pid), f"http://127.0.0.1:{port}"

    def close(self):
        self.forks.stdin.close()
        self.forks.wait(timeout=10)
        self.forks.stdout.close()
