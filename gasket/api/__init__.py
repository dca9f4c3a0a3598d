"""FastAPI routers, one per stage. Thin: validate, call the kitchen, answer."""
