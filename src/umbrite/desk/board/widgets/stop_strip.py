"""While a pose of a value is made: which it is, with Accept and Discard."""

from PySide6.QtWidgets import QWidget

from umbrite.desk.board.widgets.draft_strip import DraftStrip
from umbrite.desk.commands.responses import stop_commands
from umbrite.desk.session.session import Session
from umbrite.desk.theme.language import tr
from umbrite.rig.change import thing
from umbrite.rig.ids import owner_of


class StopStrip(DraftStrip):
    """Gone when the pose is kept or discarded."""

    def __init__(self, session: Session, over: QWidget) -> None:
        super().__init__(session, over, tr("Posing for a value"))
        self.ended_by(tr("Accept"), stop_commands.keep, stop_commands.discard)

    def refresh(self) -> None:
        draft = self.session.drafts.now.stop
        if draft is not None:
            puppet = self.session.puppet
            name = thing(puppet, owner_of(draft.driver)).name
            value = stop_commands.value_text(puppet, draft.driver, draft.at)
            self.words.setText(tr("Posing {name} at {value}", name=name, value=value))
        self.show_here(on=draft is not None and self.session.workspace.station.posed)
