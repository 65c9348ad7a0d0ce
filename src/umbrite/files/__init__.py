"""How a puppet is kept and exchanged: the native package and open formats. No Qt here."""
