"""The shelf: foods, their labels and every version of them.

shelf, shelf_rows          what is there, and as rows
food_search, quick_entry   a word → foods; a line of a recipe → food and grams
shelf_files, shelf_reader, shelf_staging   a file of thousands of rows, read apart and put up whole
reference                  the reference shelf that comes with the app
"""
