"""The scale port: one line format, one driver (serial line or socket://), one simulated scale."""
