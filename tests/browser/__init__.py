"""The real app, driven in Chromium as a cook would: by keys, by touch, on two sizes of screen."""
