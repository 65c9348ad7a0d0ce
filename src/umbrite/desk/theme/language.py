"""The words of the window in the language of the person. Sentences are written in English where they are used."""

from pathlib import Path

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

FOLDER = Path(__file__).parent.parent / "assets" / "translations"
CONTEXT = "Umbrite"
# What no native speaker has read yet says so.
LANGUAGES = {
    "system": "As the system has it",
    "en": "English",
    "de": "Deutsch",
    "es": "Español (por revisar)",
    "fr": "Français (à relire)",
}
UNREVIEWED = {"es", "fr"}


def tr(text: str, /, **values: object) -> str:
    """A text in the person's language, with values in the places of the names in braces; English where it has no other words."""
    found = QCoreApplication.translate(CONTEXT, text) if text else ""
    return found.format(**values) if values else found


def speak(app: QCoreApplication, language: str) -> None:
    """Take the words of a language for all windows that are made from now on; "system" asks the system."""
    name = QLocale.system().name() if language == "system" else language
    for folder, stem in ((str(FOLDER), "umbrite"), (_qt_folder(), "qtbase")):
        translator = QTranslator(app)
        if translator.load(f"{stem}_{name}", folder) or translator.load(f"{stem}_{name[:2]}", folder):
            app.installTranslator(translator)


def _qt_folder() -> str:
    return QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
