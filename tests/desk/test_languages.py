"""The window in other languages: every text goes through the translation, and none is cut where words are a third longer."""

import re
import subprocess
import sys
import xml.etree.ElementTree as ET
from pathlib import Path

import pytest
from PySide6.QtCore import QSettings, QTranslator
from PySide6.QtWidgets import QAbstractButton, QApplication, QComboBox, QGroupBox, QLabel, QLineEdit, QWidget

from demo_puppet import ASSETS
from umbrite.desk.actions.action_table import ACTIONS
from umbrite.desk.dialogs.preferences_dialog import PreferencesDialog
from umbrite.desk.files.import_table import ImportTable
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import STATIONS
from umbrite.desk.theme.language import FOLDER, UNREVIEWED, tr
from umbrite.desk.window import Window
from umbrite.files.opening import read_art

SCRIPTS = Path(__file__).parents[2] / "scripts"
# Typed by people or the same in every language.
AS_THEY_ARE = {"", "Umbrite", "English", "Deutsch", "+", "°", "px"}


@pytest.fixture(scope="module")
def pseudo_file(tmp_path_factory):
    """A language that nobody speaks: each text marked, and a third longer."""
    folder = tmp_path_factory.mktemp("pseudo")
    source, built = folder / "umbrite_xx.ts", folder / "umbrite_xx.qm"
    script(["--collect", str(source)])
    tree = ET.parse(source)  # noqa: S314
    for message in tree.iter("message"):
        text, translation = message.findtext("source", ""), message.find("translation")
        assert translation is not None
        translation.text = f"‹{text}{'~' * (len(re.sub('{[^}]*}', '', text)) // 3)}"
        translation.attrib.clear()
    tree.write(source, "utf-8")
    script(["--build", str(source), str(built)])
    return built


def script(words):
    subprocess.run([sys.executable, str(SCRIPTS / "translations.py"), *words], check=True, timeout=120)


@pytest.fixture
def pseudo(qapp, pseudo_file):
    translator = QTranslator()
    assert translator.load(str(pseudo_file))
    qapp.installTranslator(translator)
    yield
    qapp.removeTranslator(translator)


@pytest.fixture
def foreign(pseudo, qtbot, tmp_path):  # noqa: ARG001
    session = Session()
    settings = QSettings(str(tmp_path / "settings.ini"), QSettings.Format.IniFormat)
    window = Window(session, settings, keep_in=tmp_path)
    window.resize(1280, 800)
    window.show()
    window.files.open(ASSETS / "wick.umbrite")
    QApplication.processEvents()
    yield window
    session.history.mark_saved()
    window.close()
    qtbot.wait(1)
    window.deleteLater()


def names_in(window):
    puppet = window.session.puppet
    things = (*puppet.joints.values(), *puppet.parts.values(), *puppet.limbs.values(), *puppet.controls.values())
    return (
        {each.name for each in things}
        | {saved.name for saved in (*puppet.poses, *window.session.history.now.takes)}
        | {"Clean", "Wick", "wick.umbrite"}
    )


def shown_texts(root):
    for widget in root.findChildren(QWidget):
        if not widget.isVisible():
            continue
        if isinstance(widget, (QLabel, QAbstractButton)):
            yield widget, widget.text()
        elif isinstance(widget, QGroupBox):
            yield widget, widget.title()
        elif isinstance(widget, QLineEdit):
            yield widget, widget.placeholderText()
        elif isinstance(widget, QComboBox):
            yield widget, widget.currentText()


def test_every_text_of_every_station_goes_through_the_translation(foreign):
    session = foreign.session
    puppet = session.puppet
    known = names_in(foreign)
    plain = set()
    picks = {
        "Parts": list(puppet.parts)[:1],
        "Pivots": list(puppet.joints)[3:4],
        "Limbs": list(puppet.limbs)[:1],
        "Controls": list(puppet.controls)[:1],
        "Rehearse": [],
        "Takes": [],
    }
    for name, station in STATIONS.items():
        session.workspace.go_to(station)
        session.selection.select(picks[name])
        QApplication.processEvents()
        for _widget, text in shown_texts(foreign):
            words = re.sub("<[^>]*>", "", text).removeprefix("wick.umbrite").strip("\n ·")
            if "‹" not in words and words not in known | AS_THEY_ARE and re.search("[A-Za-z]{3}", words):
                plain.add(words)
    assert plain == set()
    for act in ACTIONS:
        assert "‹" in foreign.actions_by_id[act.id].text(), act.id


def test_no_word_is_cut_where_words_are_a_third_longer(foreign):
    cut = set()
    for station in STATIONS.values():
        foreign.session.workspace.go_to(station)
        for _ in range(3):
            QApplication.processEvents()
        for widget, text in shown_texts(foreign):
            if isinstance(widget, (QAbstractButton, QLabel)) and text:
                wraps = isinstance(widget, QLabel) and widget.wordWrap()
                if not wraps and widget.width() < widget.minimumSizeHint().width() - 1:
                    cut.add((station.name, text))
    assert cut == set()


def test_dialogs_go_through_the_translation_too(foreign):
    table = ImportTable(read_art([ASSETS / "wick.ora"]), foreign)
    chosen = PreferencesDialog(foreign.preferences, lambda: None, foreign)
    for dialog in (table, chosen):
        dialog.show()
        QApplication.processEvents()
        layers = {layer.name for layer in table.layered.layers}
        plain = {
            text
            for _widget, text in shown_texts(dialog)
            if "‹" not in text and text not in layers | AS_THEY_ARE and re.search("[A-Za-z]{3}", text)
        }
        assert plain <= {"Cancel", "Close", "&Cancel", "&Close"}, "those are Qt's own, in Qt's own translation"
        dialog.close()


@pytest.mark.parametrize(
    ("language", "save_as", "parent"),
    [
        ("de", "Speichern unter…", "Kopf als Elternteil von Hut"),
        ("es", "Guardar como…", "Padre de Hut: Kopf"),
        ("fr", "Enregistrer sous…", "Kopf comme parent de Hut"),
    ],
)
def test_a_language_is_built_and_spoken(qapp, tmp_path, language, save_as, parent):
    """The file that people translate gives the file that Qt loads; it knows every text, and all placeholders are kept."""
    source = FOLDER / f"umbrite_{language}.ts"
    script(["--check", str(source)])
    assert "unfinished" not in source.read_text("utf-8")
    assert ("Not reviewed" in source.read_text("utf-8")) == (language in UNREVIEWED)
    built = tmp_path / f"umbrite_{language}.qm"
    script(["--build", str(source), str(built)])
    translator = QTranslator()
    assert translator.load(str(built))
    qapp.installTranslator(translator)
    try:
        assert tr("Save as…") == save_as
        assert tr("Parent {name} to {name2}", name="Hut", name2="Kopf") == parent
        same = [act.text for act in ACTIONS if tr(act.text) == act.text]
        assert len(same) < 8, same
    finally:
        qapp.removeTranslator(translator)
