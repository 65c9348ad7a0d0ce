"""How a puppet is drawn: QPainter on images, no widgets. The board and the export use the same painter."""
