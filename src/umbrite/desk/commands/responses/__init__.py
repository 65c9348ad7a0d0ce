"""What actions do about poses that values call forth."""
