"""`python -m gasket`: the `gasket` command."""

from gasket.cli import app

app()
