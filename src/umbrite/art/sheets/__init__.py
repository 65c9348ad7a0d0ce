"""Many drawings on few sheets: where each lies, and what lies around it."""
