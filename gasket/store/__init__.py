"""SQLite behind SQLModel: tables, session, migrations. Rows in, core values out."""
