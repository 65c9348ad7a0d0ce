"""The one base of our errors: a sentence that says what was refused, why, and what to do."""


class UmbriteError(Exception):
    """Anything the program refuses; its text is shown to people as it is."""


class RigError(UmbriteError, ValueError):
    """An edit that was refused; the puppet is as it was."""


class InUseError(RigError):
    """Something that can't go because limbs or controls need it; `users` names them."""

    def __init__(self, text: str, users: str) -> None:
        super().__init__(text)
        self.users = users


class MissingError(RigError, KeyError):
    """An id or a name that the puppet does not have."""

    def __str__(self) -> str:
        return str(self.args[0]) if self.args else ""
