"""Small stand-ins for what is outside: a picture editor and a device, for trying and tests."""
