"""The demo kitchen of a rowing club's crew house: invented foods, typical values from memory."""
