"""What drives what: links and responses, and the order in which they are followed."""
