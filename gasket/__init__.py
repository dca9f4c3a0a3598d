"""Gasket: rebuild a dish to a figure, weigh it, and know what one serving holds."""

__version__ = "0.1.0"
