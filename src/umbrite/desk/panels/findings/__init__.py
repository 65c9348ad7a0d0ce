"""The list of findings, its sentences and its pictures."""
