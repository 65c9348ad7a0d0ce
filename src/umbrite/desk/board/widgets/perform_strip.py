"""While a pass is performed: what to do next, the count, the time; and afterwards how smooth it is, with Accept and Discard."""

from PySide6.QtCore import QSignalBlocker, Qt
from PySide6.QtWidgets import QLabel, QPushButton, QSlider, QWidget

from umbrite.desk.board.widgets.draft_strip import DraftStrip
from umbrite.desk.commands.takes import perform_commands
from umbrite.desk.session.session import Session, attempt
from umbrite.desk.theme import look
from umbrite.desk.theme.language import tr

STEPS = 100


class PerformStrip(DraftStrip):
    """Gone when nothing is performed. `count` stands in the middle of the board while it is counted."""

    def __init__(self, session: Session, over: QWidget) -> None:
        super().__init__(session, over, tr("Performing"))
        self.smooth = QSlider(Qt.Orientation.Horizontal)
        self.smooth.setRange(0, STEPS)
        self.smooth.setFixedWidth(120)
        self.smooth.setAccessibleName(tr("Smoothness of the pass"))
        self.smooth.setToolTip(tr("Smooth the pass; it is thinned to the fewest keys"))
        self.smooth.valueChanged.connect(lambda value: session.performing.set_smooth(value / STEPS))
        self.of_smooth = QLabel(tr("Smooth"))
        self.row.addWidget(self.of_smooth)
        self.row.addWidget(self.smooth)
        self.ended_by(tr("Accept"), perform_commands.keep, perform_commands.discard)
        self.stop = QPushButton(tr("Stop"))
        self.stop.clicked.connect(lambda _on=False: session.performing.end())
        self.row.addWidget(self.stop)
        self.count = QLabel(over)
        self.count.setObjectName("count")
        self.count.setFont(look.font(88.0))
        self.count.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.count.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self.count.hide()
        session.performing.changed.connect(self.refresh)
        session.performing.abandoned.connect(
            self._keep, Qt.ConnectionType.QueuedConnection
        )  # when what is being left has been left
        session.player.went_on.connect(self._tell_time)

    def refresh(self) -> None:
        """Show what there is to do now."""
        performing = self.session.performing
        shaped = performing.state == "shaped"
        for widget in (self.smooth, self.of_smooth, self.take, self.discard):
            widget.setVisible(shaped)
        self.stop.setVisible(performing.running)
        self.count.setVisible(performing.state == "counts")
        if performing.state == "counts":
            self.count.setText(str(performing.left))
            self.count.setGeometry(self._over.rect())
            self.count.raise_()
            self.words.setText(tr("Time runs after three"))
        elif performing.state == "ready":
            self.words.setText(tr("Press a control and hold it"))
        elif shaped and performing.made is not None and self.session.timeline.take is not None:
            with QSignalBlocker(self.smooth):  # what is shown here is set already
                self.smooth.setValue(round(performing.smooth * STEPS))
            taken = perform_commands.preview(self.session, performing.made)
            self.words.setText(
                tr("{count} keys", count=perform_commands.keys_made(self.session, taken, performing.made))
            )
        self._tell_time()
        self.show_here(on=performing.state != "off")

    def _keep(self) -> None:
        """Who looks at something else meant what was performed; undo takes it back."""
        attempt(self.session, lambda: perform_commands.keep(self.session))

    def _tell_time(self) -> None:
        take = self.session.timeline.take
        if self.session.performing.running and take is not None:
            seconds = (self.session.timeline.frame - take.first) / take.rate
            self.words.setText(tr("Recording, {seconds} s", seconds=f"{seconds:.1f}"))
