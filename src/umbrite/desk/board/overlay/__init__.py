"""What is drawn over the art: rig hardware and controls. Plain painting from the session; no widget is changed here."""
