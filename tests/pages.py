"""What the main pages ask the kitchen for: measured, compared and soaked."""

PAGES = {
    "Kitchen": "/api/kitchen",
    "stock": "/api/stock",
    "dish": "/api/dishes/1",
    "dishes by name": "/api/dishes?search=loaf",
    "timers": "/api/timers",
    "search": "/api/foods?search=quark&limit=8",
    "trial": "/api/trials/1",
    "card": "/api/batches/1/card",
}
