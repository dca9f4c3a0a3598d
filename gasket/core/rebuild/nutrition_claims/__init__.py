"""What a serving may be called, by US and EU rules."""
