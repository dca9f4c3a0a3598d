"""The card: one serving, the build, the steps and the cautions, and files in and out."""
