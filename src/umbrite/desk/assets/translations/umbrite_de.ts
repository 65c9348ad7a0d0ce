<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
  <context>
    <name>Umbrite</name>
    <message>
      <source>New puppet</source>
      <translation>Neue Figur</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture…</source>
      <translation>Figur oder Ebenenbild öffnen…</translation>
    </message>
    <message>
      <source>Add pictures…</source>
      <translation>Bilder hinzufügen…</translation>
    </message>
    <message>
      <source>Insert a puppet as a guest…</source>
      <translation>Figur als Gast einfügen…</translation>
    </message>
    <message>
      <source>Save a version</source>
      <translation>Version speichern</translation>
    </message>
    <message>
      <source>Open the demo: Wick, finished</source>
      <translation>Demo öffnen: Wick, fertig</translation>
    </message>
    <message>
      <source>Open the demo: Wick, unrigged</source>
      <translation>Demo öffnen: Wick, ohne Rig</translation>
    </message>
    <message>
      <source>Open the demo: Bramble the mail goat, finished</source>
      <translation>Demo öffnen: Bramble, die Postziege, fertig</translation>
    </message>
    <message>
      <source>Open the demo: Inkpot the tea seller, finished</source>
      <translation>Demo öffnen: Inkpot, der Teeverkäufer, fertig</translation>
    </message>
    <message>
      <source>Open the demo: Tansy the letter heron, finished</source>
      <translation>Demo öffnen: Tansy, der Briefreiher, fertig</translation>
    </message>
    <message>
      <source>Open the demo: Wick and the tea cart, a puppet inside a puppet</source>
      <translation>Demo öffnen: Wick und der Teekarren, eine Figur in einer Figur</translation>
    </message>
    <message>
      <source>Open the demo: The tea cart, finished</source>
      <translation>Demo öffnen: der Teekarren, fertig</translation>
    </message>
    <message>
      <source>Open the demo: Clover, with Wick's rig</source>
      <translation>Demo öffnen: Clover, mit Wicks Rig</translation>
    </message>
    <message>
      <source>Save</source>
      <translation>Speichern</translation>
    </message>
    <message>
      <source>Save as…</source>
      <translation>Speichern unter…</translation>
    </message>
    <message>
      <source>Export the pose as PNG…</source>
      <translation>Pose als PNG exportieren…</translation>
    </message>
    <message>
      <source>Export the pose as SVG…</source>
      <translation>Pose als SVG exportieren…</translation>
    </message>
    <message>
      <source>Export the pose as OpenRaster…</source>
      <translation>Pose als OpenRaster exportieren…</translation>
    </message>
    <message>
      <source>Export the pose as CSV…</source>
      <translation>Pose als CSV exportieren…</translation>
    </message>
    <message>
      <source>Export the pose as JSON…</source>
      <translation>Pose als JSON exportieren…</translation>
    </message>
    <message>
      <source>Export the pose as a pose file…</source>
      <translation>Pose als Posendatei exportieren…</translation>
    </message>
    <message>
      <source>Export the puppet and its takes as glTF…</source>
      <translation>Figur und Takes als glTF exportieren…</translation>
    </message>
    <message>
      <source>Export the drawings on sheets…</source>
      <translation>Zeichnungen auf Bögen exportieren…</translation>
    </message>
    <message>
      <source>Quit</source>
      <translation>Beenden</translation>
    </message>
    <message>
      <source>Preferences…</source>
      <translation>Einstellungen…</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>Copy to the clipboard</source>
      <translation>In die Zwischenablage kopieren</translation>
    </message>
    <message>
      <source>Paste from the clipboard</source>
      <translation>Aus der Zwischenablage einfügen</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <source>Rename by find and replace…</source>
      <translation>In Namen suchen und ersetzen…</translation>
    </message>
    <message>
      <source>Rename…</source>
      <translation>Umbenennen…</translation>
    </message>
    <message>
      <source>Select everything</source>
      <translation>Alles auswählen</translation>
    </message>
    <message>
      <source>Select parent</source>
      <translation>Elternteil auswählen</translation>
    </message>
    <message>
      <source>Select child</source>
      <translation>Kind auswählen</translation>
    </message>
    <message>
      <source>Select the whole branch</source>
      <translation>Ganzen Zweig auswählen</translation>
    </message>
    <message>
      <source>Delete with what uses it</source>
      <translation>Löschen mit allem, was es nutzt</translation>
    </message>
    <message>
      <source>Save branch to the library</source>
      <translation>Zweig in der Bibliothek speichern</translation>
    </message>
    <message>
      <source>Update the guest</source>
      <translation>Gast aktualisieren</translation>
    </message>
    <message>
      <source>Open the guest's own file</source>
      <translation>Datei des Gasts öffnen</translation>
    </message>
    <message>
      <source>Detach guest from its file</source>
      <translation>Gast von seiner Datei lösen</translation>
    </message>
    <message>
      <source>Branch a tenth larger</source>
      <translation>Zweig um ein Zehntel größer</translation>
    </message>
    <message>
      <source>Branch a tenth smaller</source>
      <translation>Zweig um ein Zehntel kleiner</translation>
    </message>
    <message>
      <source>Parts</source>
      <translation>Teile</translation>
    </message>
    <message>
      <source>Pivots</source>
      <translation>Drehpunkte</translation>
    </message>
    <message>
      <source>Limbs</source>
      <translation>Glieder</translation>
    </message>
    <message>
      <source>Controls</source>
      <translation>Regler</translation>
    </message>
    <message>
      <source>Rehearse</source>
      <translation>Probe</translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Takes</translation>
    </message>
    <message>
      <source>Copy</source>
      <translation>Kopieren</translation>
    </message>
    <message>
      <source>Linked copy</source>
      <translation>Verknüpfte Kopie</translation>
    </message>
    <message>
      <source>Other side, mirrored</source>
      <translation>Andere Seite, gespiegelt</translation>
    </message>
    <message>
      <source>Other side, moved</source>
      <translation>Andere Seite, verschoben</translation>
    </message>
    <message>
      <source>Align left edges</source>
      <translation>Linke Kanten ausrichten</translation>
    </message>
    <message>
      <source>Align centres</source>
      <translation>Mitten ausrichten, quer</translation>
    </message>
    <message>
      <source>Align right edges</source>
      <translation>Rechte Kanten ausrichten</translation>
    </message>
    <message>
      <source>Align top edges</source>
      <translation>Obere Kanten ausrichten</translation>
    </message>
    <message>
      <source>Align middles</source>
      <translation>Mitten ausrichten, hoch</translation>
    </message>
    <message>
      <source>Align bottom edges</source>
      <translation>Untere Kanten ausrichten</translation>
    </message>
    <message>
      <source>Spread evenly across</source>
      <translation>Waagrecht gleich verteilen</translation>
    </message>
    <message>
      <source>Spread evenly down</source>
      <translation>Senkrecht gleich verteilen</translation>
    </message>
    <message>
      <source>Edit the drawing outside</source>
      <translation>Zeichnung außerhalb bearbeiten</translation>
    </message>
    <message>
      <source>Replace drawing…</source>
      <translation>Zeichnung ersetzen…</translation>
    </message>
    <message>
      <source>Reference picture</source>
      <translation>Vorlage</translation>
    </message>
    <message>
      <source>Seam cover from a picture…</source>
      <translation>Nahtabdeckung aus einem Bild…</translation>
    </message>
    <message>
      <source>Seam cover</source>
      <translation>Nahtabdeckung</translation>
    </message>
    <message>
      <source>Shade</source>
      <translation>Schatten</translation>
    </message>
    <message>
      <source>Light over all</source>
      <translation>Licht über allem</translation>
    </message>
    <message>
      <source>Trim</source>
      <translation>Beschneiden</translation>
    </message>
    <message>
      <source>Cut</source>
      <translation>Schneiden</translation>
    </message>
    <message>
      <source>Cut at the bones</source>
      <translation>An den Knochen schneiden</translation>
    </message>
    <message>
      <source>Join into one part</source>
      <translation>Zu einem Teil verbinden</translation>
    </message>
    <message>
      <source>Remove all trims</source>
      <translation>Alle Beschnitte entfernen</translation>
    </message>
    <message>
      <source>At two depths</source>
      <translation>In zwei Tiefen</translation>
    </message>
    <message>
      <source>Fan out</source>
      <translation>Auffächern</translation>
    </message>
    <message>
      <source>Solo</source>
      <translation>Solo</translation>
    </message>
    <message>
      <source>Hide or show</source>
      <translation>Aus- oder einblenden</translation>
    </message>
    <message>
      <source>Lock or unlock</source>
      <translation>Sperren oder entsperren</translation>
    </message>
    <message>
      <source>Flash</source>
      <translation>Aufblinken</translation>
    </message>
    <message>
      <source>Place</source>
      <translation>Platzieren</translation>
    </message>
    <message>
      <source>Build by plan</source>
      <translation>Nach Plan bauen</translation>
    </message>
    <message>
      <source>Forward</source>
      <translation>Nach vorn</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Nach hinten</translation>
    </message>
    <message>
      <source>To the front</source>
      <translation>Ganz nach vorn</translation>
    </message>
    <message>
      <source>To the back</source>
      <translation>Ganz nach hinten</translation>
    </message>
    <message>
      <source>Find joints</source>
      <translation>Gelenke finden</translation>
    </message>
    <message>
      <source>Save as body plan</source>
      <translation>Als Körperplan speichern</translation>
    </message>
    <message>
      <source>Transfer rig to other art…</source>
      <translation>Rig auf andere Zeichnungen übertragen…</translation>
    </message>
    <message>
      <source>Accept all proposed joints</source>
      <translation>Alle vorgeschlagenen Gelenke annehmen</translation>
    </message>
    <message>
      <source>Discard all proposed joints</source>
      <translation>Alle vorgeschlagenen Gelenke verwerfen</translation>
    </message>
    <message>
      <source>Pivot</source>
      <translation>Drehpunkt</translation>
    </message>
    <message>
      <source>Parent</source>
      <translation>Elternteil</translation>
    </message>
    <message>
      <source>Carry together</source>
      <translation>Gemeinsam tragen</translation>
    </message>
    <message>
      <source>Master</source>
      <translation>Hauptregler</translation>
    </message>
    <message>
      <source>Clear parent</source>
      <translation>Elternteil entfernen</translation>
    </message>
    <message>
      <source>Bones</source>
      <translation>Knochen</translation>
    </message>
    <message>
      <source>Bind</source>
      <translation>Binden</translation>
    </message>
    <message>
      <source>Limb</source>
      <translation>Glied</translation>
    </message>
    <message>
      <source>Limbs from names</source>
      <translation>Glieder aus Namen</translation>
    </message>
    <message>
      <source>Limits</source>
      <translation>Grenzen</translation>
    </message>
    <message>
      <source>Find limits</source>
      <translation>Grenzen finden</translation>
    </message>
    <message>
      <source>Turn bend side</source>
      <translation>Beugeseite wechseln</translation>
    </message>
    <message>
      <source>Flip drawn bend</source>
      <translation>Gezeichnete Beugung umkehren</translation>
    </message>
    <message>
      <source>Limb between the two selected</source>
      <translation>Glied zwischen den beiden gewählten</translation>
    </message>
    <message>
      <source>Parent to the last selected</source>
      <translation>Elternteil: das zuletzt gewählte</translation>
    </message>
    <message>
      <source>Extend the limb by its end</source>
      <translation>Glied an seinem Ende verlängern</translation>
    </message>
    <message>
      <source>Limit 45° either way</source>
      <translation>45° nach beiden Seiten begrenzen</translation>
    </message>
    <message>
      <source>Limit 30° either way</source>
      <translation>30° nach beiden Seiten begrenzen</translation>
    </message>
    <message>
      <source>Hinge, one way</source>
      <translation>Scharnier, eine Richtung</translation>
    </message>
    <message>
      <source>Invert limit</source>
      <translation>Grenze umkehren</translation>
    </message>
    <message>
      <source>Limit mirrored to the other side</source>
      <translation>Grenze gespiegelt zur anderen Seite</translation>
    </message>
    <message>
      <source>Same limit on the other side</source>
      <translation>Gleiche Grenze auf der anderen Seite</translation>
    </message>
    <message>
      <source>Limit of the first for all selected</source>
      <translation>Grenze des ersten für alle gewählten</translation>
    </message>
    <message>
      <source>Remove limit</source>
      <translation>Grenze entfernen</translation>
    </message>
    <message>
      <source>Bones from pivots</source>
      <translation>Knochen aus Drehpunkten</translation>
    </message>
    <message>
      <source>Bones along the middle of the part</source>
      <translation>Knochen entlang der Mitte des Teils</translation>
    </message>
    <message>
      <source>Bones of a biped over the drawing</source>
      <translation>Knochen eines Zweibeiners über die Zeichnung</translation>
    </message>
    <message>
      <source>Bones of a quadruped over the drawing</source>
      <translation>Knochen eines Vierbeiners über die Zeichnung</translation>
    </message>
    <message>
      <source>Bones of a bird over the drawing</source>
      <translation>Knochen eines Vogels über die Zeichnung</translation>
    </message>
    <message>
      <source>Bones of a hand over the drawing</source>
      <translation>Knochen einer Hand über die Zeichnung</translation>
    </message>
    <message>
      <source>Bend this part</source>
      <translation>Dieses Teil biegen</translation>
    </message>
    <message>
      <source>Bend over the selected bones</source>
      <translation>Über die gewählten Knochen biegen</translation>
    </message>
    <message>
      <source>Grip at its tip</source>
      <translation>Griff an der Spitze</translation>
    </message>
    <message>
      <source>Grips at each third</source>
      <translation>Griffe an jedem Drittel</translation>
    </message>
    <message>
      <source>Stop bending</source>
      <translation>Biegen beenden</translation>
    </message>
    <message>
      <source>Paint weights</source>
      <translation>Gewichte malen</translation>
    </message>
    <message>
      <source>Mesh points</source>
      <translation>Netzpunkte</translation>
    </message>
    <message>
      <source>Weights to the other side</source>
      <translation>Gewichte auf die andere Seite</translation>
    </message>
    <message>
      <source>Weights from the drawing's shape</source>
      <translation>Gewichte aus der Form der Zeichnung</translation>
    </message>
    <message>
      <source>Detach</source>
      <translation>Lösen</translation>
    </message>
    <message>
      <source>Attach the first selected to the second</source>
      <translation>Erstes gewähltes an das zweite setzen</translation>
    </message>
    <message>
      <source>Same length on the other side</source>
      <translation>Gleiche Länge auf der anderen Seite</translation>
    </message>
    <message>
      <source>Bind parts by name</source>
      <translation>Teile nach Namen binden</translation>
    </message>
    <message>
      <source>Bind parts by overlap</source>
      <translation>Teile nach Überdeckung binden</translation>
    </message>
    <message>
      <source>Show what nothing carries</source>
      <translation>Zeigen, was nichts trägt</translation>
    </message>
    <message>
      <source>Bind unbound parts to the nearest</source>
      <translation>Loses an das Nächste binden</translation>
    </message>
    <message>
      <source>Make controls</source>
      <translation>Regler erstellen</translation>
    </message>
    <message>
      <source>Place control</source>
      <translation>Regler platzieren</translation>
    </message>
    <message>
      <source>Grip for the selected</source>
      <translation>Griff für das Gewählte</translation>
    </message>
    <message>
      <source>Knob for the selected</source>
      <translation>Drehknopf für das Gewählte</translation>
    </message>
    <message>
      <source>Slider for the selected</source>
      <translation>Schieber für das Gewählte</translation>
    </message>
    <message>
      <source>Pad for the selected</source>
      <translation>Feld für das Gewählte</translation>
    </message>
    <message>
      <source>Bow grip for the selected</source>
      <translation>Bogengriff für das Gewählte</translation>
    </message>
    <message>
      <source>Correct this bend</source>
      <translation>Diese Beugung korrigieren</translation>
    </message>
    <message>
      <source>Mirror its poses to the other side</source>
      <translation>Seine Posen auf die andere Seite spiegeln</translation>
    </message>
    <message>
      <source>Slider for poses</source>
      <translation>Schieber für Posen</translation>
    </message>
    <message>
      <source>Pad for poses</source>
      <translation>Feld für Posen</translation>
    </message>
    <message>
      <source>Variants from the selected</source>
      <translation>Varianten aus dem Gewählten</translation>
    </message>
    <message>
      <source>Branch variants from the selected branches</source>
      <translation>Zweigvarianten aus den gewählten Zweigen</translation>
    </message>
    <message>
      <source>Copy this branch as a variant</source>
      <translation>Zweig als Variante kopieren</translation>
    </message>
    <message>
      <source>Add drawings to this part…</source>
      <translation>Zeichnungen zu diesem Teil hinzufügen…</translation>
    </message>
    <message>
      <source>Align drawing by the pivot</source>
      <translation>Zeichnung am Drehpunkt ausrichten</translation>
    </message>
    <message>
      <source>Align drawing by the middle</source>
      <translation>Zeichnung an der Mitte ausrichten</translation>
    </message>
    <message>
      <source>Next variant</source>
      <translation>Nächste Variante</translation>
    </message>
    <message>
      <source>Previous variant</source>
      <translation>Vorherige Variante</translation>
    </message>
    <message>
      <source>Use this variant at rest</source>
      <translation>Diese Variante in Ruhe</translation>
    </message>
    <message>
      <source>Remove from its set</source>
      <translation>Aus dem Satz entfernen</translation>
    </message>
    <message>
      <source>Chooser of the selected set</source>
      <translation>Wähler des gewählten Satzes</translation>
    </message>
    <message>
      <source>Make a head turn</source>
      <translation>Kopfdrehung erstellen</translation>
    </message>
    <message>
      <source>Set up the face</source>
      <translation>Gesicht einrichten</translation>
    </message>
    <message>
      <source>Pose at this value</source>
      <translation>Pose bei diesem Wert</translation>
    </message>
    <message>
      <source>Link the second selected to the first</source>
      <translation>Zweites gewähltes mit dem ersten verknüpfen</translation>
    </message>
    <message>
      <source>List of controls and links</source>
      <translation>Liste der Regler und Verknüpfungen</translation>
    </message>
    <message>
      <source>Lock all but controls</source>
      <translation>Alles außer Reglern sperren</translation>
    </message>
    <message>
      <source>Pose</source>
      <translation>Posieren</translation>
    </message>
    <message>
      <source>Whole body</source>
      <translation>Ganzer Körper</translation>
    </message>
    <message>
      <source>Squash and slant</source>
      <translation>Stauchen und neigen</translation>
    </message>
    <message>
      <source>Reshape</source>
      <translation>Umformen</translation>
    </message>
    <message>
      <source>Remove all hold points</source>
      <translation>Alle Haltepunkte entfernen</translation>
    </message>
    <message>
      <source>Save pose</source>
      <translation>Pose speichern</translation>
    </message>
    <message>
      <source>Save pose of the selected</source>
      <translation>Pose des Gewählten speichern</translation>
    </message>
    <message>
      <source>Mirror the pose</source>
      <translation>Pose spiegeln</translation>
    </message>
    <message>
      <source>Copy the pose</source>
      <translation>Pose kopieren</translation>
    </message>
    <message>
      <source>Paste the pose</source>
      <translation>Pose einfügen</translation>
    </message>
    <message>
      <source>Workout</source>
      <translation>Belastungstest</translation>
    </message>
    <message>
      <source>Reset the branch</source>
      <translation>Zweig zurücksetzen</translation>
    </message>
    <message>
      <source>Reset selected</source>
      <translation>Gewähltes zurücksetzen</translation>
    </message>
    <message>
      <source>Reset all</source>
      <translation>Alles zurücksetzen</translation>
    </message>
    <message>
      <source>Make this pose the rest pose</source>
      <translation>Diese Pose zur Ruhepose machen</translation>
    </message>
    <message>
      <source>New take</source>
      <translation>Neuer Take</translation>
    </message>
    <message>
      <source>New take from rest</source>
      <translation>Neuer Take aus der Ruhe</translation>
    </message>
    <message>
      <source>Copy the take</source>
      <translation>Take duplizieren</translation>
    </message>
    <message>
      <source>Copy take to the clipboard</source>
      <translation>Take in die Zwischenablage kopieren</translation>
    </message>
    <message>
      <source>Remove the take</source>
      <translation>Take entfernen</translation>
    </message>
    <message>
      <source>Play or stop</source>
      <translation>Abspielen oder anhalten</translation>
    </message>
    <message>
      <source>Perform</source>
      <translation>Von Hand spielen</translation>
    </message>
    <message>
      <source>Devices…</source>
      <translation>Geräte…</translation>
    </message>
    <message>
      <source>Ghosts before and after</source>
      <translation>Geisterbilder davor und danach</translation>
    </message>
    <message>
      <source>More ghosts</source>
      <translation>Mehr Geisterbilder</translation>
    </message>
    <message>
      <source>Fewer ghosts</source>
      <translation>Weniger Geisterbilder</translation>
    </message>
    <message>
      <source>Ghosts of every frame</source>
      <translation>Geisterbild für jedes Bild</translation>
    </message>
    <message>
      <source>Trails of selected controls</source>
      <translation>Spuren gewählter Regler</translation>
    </message>
    <message>
      <source>Seconds on the ruler</source>
      <translation>Sekunden auf dem Lineal</translation>
    </message>
    <message>
      <source>Start a walk…</source>
      <translation>Gang beginnen…</translation>
    </message>
    <message>
      <source>Let it breathe…</source>
      <translation>Atmen lassen…</translation>
    </message>
    <message>
      <source>Let it blink…</source>
      <translation>Blinzeln lassen…</translation>
    </message>
    <message>
      <source>Previous frame</source>
      <translation>Vorheriges Bild</translation>
    </message>
    <message>
      <source>Next frame</source>
      <translation>Nächstes Bild</translation>
    </message>
    <message>
      <source>Previous key</source>
      <translation>Vorheriger Schlüssel</translation>
    </message>
    <message>
      <source>Next key</source>
      <translation>Nächster Schlüssel</translation>
    </message>
    <message>
      <source>First frame of the take</source>
      <translation>Erstes Bild des Takes</translation>
    </message>
    <message>
      <source>Last frame of the take</source>
      <translation>Letztes Bild des Takes</translation>
    </message>
    <message>
      <source>Key all</source>
      <translation>Schlüssel für alles</translation>
    </message>
    <message>
      <source>Key selected</source>
      <translation>Schlüssel für das Gewählte</translation>
    </message>
    <message>
      <source>Auto-key</source>
      <translation>Automatische Schlüssel</translation>
    </message>
    <message>
      <source>Key pending changes</source>
      <translation>Schlüssel für Änderungen</translation>
    </message>
    <message>
      <source>Delete selected keys</source>
      <translation>Gewählte Schlüssel löschen</translation>
    </message>
    <message>
      <source>Reverse selected keys</source>
      <translation>Gewählte Schlüssel umkehren</translation>
    </message>
    <message>
      <source>Stretch selected keys to double</source>
      <translation>Schlüssel auf das Doppelte dehnen</translation>
    </message>
    <message>
      <source>Shrink selected keys to half</source>
      <translation>Schlüssel auf die Hälfte stauchen</translation>
    </message>
    <message>
      <source>Keys on whole frames</source>
      <translation>Schlüssel auf ganze Bilder</translation>
    </message>
    <message>
      <source>Scatter selected keys…</source>
      <translation>Gewählte Schlüssel streuen…</translation>
    </message>
    <message>
      <source>Ease all…</source>
      <translation>Alles abbremsen…</translation>
    </message>
    <message>
      <source>Delay down the chain…</source>
      <translation>Die Kette hinab verzögern…</translation>
    </message>
    <message>
      <source>Swing</source>
      <translation>Schwingen</translation>
    </message>
    <message>
      <source>Bake swing to keys</source>
      <translation>Schwingen in Schlüssel wandeln</translation>
    </message>
    <message>
      <source>Swing while you pose</source>
      <translation>Beim Posieren schwingen</translation>
    </message>
    <message>
      <source>Play through the variants…</source>
      <translation>Varianten durchspielen…</translation>
    </message>
    <message>
      <source>Shapes from a list of frames…</source>
      <translation>Formen aus einer Bilderliste…</translation>
    </message>
    <message>
      <source>Add a sound…</source>
      <translation>Ton hinzufügen…</translation>
    </message>
    <message>
      <source>Mark the sound here</source>
      <translation>Ton hier markieren</translation>
    </message>
    <message>
      <source>Mark the accents</source>
      <translation>Betonungen markieren</translation>
    </message>
    <message>
      <source>Mouths from the sound…</source>
      <translation>Münder aus dem Ton…</translation>
    </message>
    <message>
      <source>Nod and blink to the sound…</source>
      <translation>Zum Ton nicken und blinzeln…</translation>
    </message>
    <message>
      <source>End with the sound</source>
      <translation>Mit dem Ton enden</translation>
    </message>
    <message>
      <source>Remove the sound</source>
      <translation>Ton entfernen</translation>
    </message>
    <message>
      <source>Spread selected keys…</source>
      <translation>Gewählte Schlüssel staffeln…</translation>
    </message>
    <message>
      <source>Change what it follows here…</source>
      <translation>Hier Folgen ändern…</translation>
    </message>
    <message>
      <source>Change bend side here…</source>
      <translation>Beugeseite hier wechseln…</translation>
    </message>
    <message>
      <source>Bake walk to keys</source>
      <translation>Gang in Schlüssel wandeln</translation>
    </message>
    <message>
      <source>Add a take as a layer…</source>
      <translation>Take als Ebene hinzufügen…</translation>
    </message>
    <message>
      <source>Keys of the next layer</source>
      <translation>Schlüssel der nächsten Ebene</translation>
    </message>
    <message>
      <source>Layer on or off</source>
      <translation>Ebene an oder aus</translation>
    </message>
    <message>
      <source>Move layer up</source>
      <translation>Ebene nach oben</translation>
    </message>
    <message>
      <source>Remove the layer</source>
      <translation>Ebene entfernen</translation>
    </message>
    <message>
      <source>Flatten layers</source>
      <translation>Ebenen zusammenfassen</translation>
    </message>
    <message>
      <source>Keep takes when the rig changes</source>
      <translation>Takes bei Rig-Änderung erhalten</translation>
    </message>
    <message>
      <source>Keep the values, not the look</source>
      <translation>Werte statt Aussehen behalten</translation>
    </message>
    <message>
      <source>Close the loop</source>
      <translation>Schleife schließen</translation>
    </message>
    <message>
      <source>Export the take as WebM…</source>
      <translation>Take als WebM exportieren…</translation>
    </message>
    <message>
      <source>Export the take as MP4…</source>
      <translation>Take als MP4 exportieren…</translation>
    </message>
    <message>
      <source>Export the take as MOV…</source>
      <translation>Take als MOV exportieren…</translation>
    </message>
    <message>
      <source>Export the take as GIF…</source>
      <translation>Take als GIF exportieren…</translation>
    </message>
    <message>
      <source>Export the take as APNG…</source>
      <translation>Take als APNG exportieren…</translation>
    </message>
    <message>
      <source>Export the take as WebP…</source>
      <translation>Take als WebP exportieren…</translation>
    </message>
    <message>
      <source>Export the take as numbered PNGs…</source>
      <translation>Take als nummerierte PNG exportieren…</translation>
    </message>
    <message>
      <source>Export the take's frames on sheets…</source>
      <translation>Bilder des Takes auf Bögen exportieren…</translation>
    </message>
    <message>
      <source>Fit</source>
      <translation>Einpassen</translation>
    </message>
    <message>
      <source>Actual size</source>
      <translation>Originalgröße</translation>
    </message>
    <message>
      <source>Zoom in</source>
      <translation>Vergrößern</translation>
    </message>
    <message>
      <source>Zoom out</source>
      <translation>Verkleinern</translation>
    </message>
    <message>
      <source>X-ray</source>
      <translation>Röntgen</translation>
    </message>
    <message>
      <source>Outlines</source>
      <translation>Umrisse</translation>
    </message>
    <message>
      <source>Art only, in Rehearse</source>
      <translation>Nur Zeichnung, in der Probe</translation>
    </message>
    <message>
      <source>Controls only, in Rehearse</source>
      <translation>Nur Regler, in der Probe</translation>
    </message>
    <message>
      <source>Rulers and guides</source>
      <translation>Lineale und Hilfslinien</translation>
    </message>
    <message>
      <source>Clear guides</source>
      <translation>Hilfslinien löschen</translation>
    </message>
    <message>
      <source>All cords</source>
      <translation>Alle Schnüre</translation>
    </message>
    <message>
      <source>Family as a diagram</source>
      <translation>Familie als Diagramm</translation>
    </message>
    <message>
      <source>Library</source>
      <translation>Bibliothek</translation>
    </message>
    <message>
      <source>Versions</source>
      <translation>Versionen</translation>
    </message>
    <message>
      <source>Next panel</source>
      <translation>Nächstes Panel</translation>
    </message>
    <message>
      <source>Hide or show panels</source>
      <translation>Panels aus- oder einblenden</translation>
    </message>
    <message>
      <source>Board: paler or darker</source>
      <translation>Bühne: heller oder dunkler</translation>
    </message>
    <message>
      <source>Full screen</source>
      <translation>Vollbild</translation>
    </message>
    <message>
      <source>Reset layout</source>
      <translation>Anordnung zurücksetzen</translation>
    </message>
    <message>
      <source>Guide for this station</source>
      <translation>Anleitung zu dieser Station</translation>
    </message>
    <message>
      <source>Guide for what is under the pointer</source>
      <translation>Anleitung zu dem unter dem Zeiger</translation>
    </message>
    <message>
      <source>Show me: rigging</source>
      <translation>Zeig mir: Riggen</translation>
    </message>
    <message>
      <source>Show me: animating</source>
      <translation>Zeig mir: Animieren</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Befunde</translation>
    </message>
    <message>
      <source>Messages</source>
      <translation>Meldungen</translation>
    </message>
    <message>
      <source>Find a command…</source>
      <translation>Befehl suchen…</translation>
    </message>
    <message>
      <source>Copy a report of a fault</source>
      <translation>Fehlerbericht kopieren</translation>
    </message>
    <message>
      <source>About Umbrite</source>
      <translation>Über Umbrite</translation>
    </message>
    <message>
      <source>File</source>
      <translation>Datei</translation>
    </message>
    <message>
      <source>Edit</source>
      <translation>Bearbeiten</translation>
    </message>
    <message>
      <source>Stations</source>
      <translation>Stationen</translation>
    </message>
    <message>
      <source>Art</source>
      <translation>Zeichnung</translation>
    </message>
    <message>
      <source>Rig</source>
      <translation>Rig</translation>
    </message>
    <message>
      <source>View</source>
      <translation>Ansicht</translation>
    </message>
    <message>
      <source>Help</source>
      <translation>Hilfe</translation>
    </message>
    <message>
      <source>Demos</source>
      <translation>Demos</translation>
    </message>
    <message>
      <source>Export for engines</source>
      <translation>Für Engines exportieren</translation>
    </message>
    <message>
      <source>Export the pose</source>
      <translation>Pose exportieren</translation>
    </message>
    <message>
      <source>Align and spread</source>
      <translation>Ausrichten und verteilen</translation>
    </message>
    <message>
      <source>Other side</source>
      <translation>Andere Seite</translation>
    </message>
    <message>
      <source>Bind parts</source>
      <translation>Teile binden</translation>
    </message>
    <message>
      <source>Bones of a body plan</source>
      <translation>Knochen eines Körperplans</translation>
    </message>
    <message>
      <source>Make one control</source>
      <translation>Einen Regler erstellen</translation>
    </message>
    <message>
      <source>Export the take</source>
      <translation>Take exportieren</translation>
    </message>
    <message>
      <source>Drag a part to move it; click again for what lies behind. Shift keeps to one axis.</source>
      <translation>Teil ziehen; nochmals klicken wählt das dahinter. Umschalt hält eine Achse.</translation>
    </message>
    <message>
      <source>Draw a loop around what should be trimmed. Ctrl restores it; the drawing stays whole.</source>
      <translation>Schlinge um das ziehen, was weg soll. Strg stellt wieder her; die Zeichnung bleibt ganz.</translation>
    </message>
    <message>
      <source>Draw a line across a part, or a loop around a piece of it, to cut it in two.</source>
      <translation>Linie quer über ein Teil oder Schlinge um ein Stück ziehen, um es zu teilen.</translation>
    </message>
    <message>
      <source>Drag a rivet to the pivot. Alt slides the picture under it; hold W and drag to try it.</source>
      <translation>Niete zum Drehpunkt ziehen. Alt schiebt das Bild darunter; W + Ziehen probiert.</translation>
    </message>
    <message>
      <source>Drag from a part or rivet to its parent. Shift selects several first.</source>
      <translation>Von Teil oder Niete zum Elternteil ziehen. Umschalt wählt vorher mehrere.</translation>
    </message>
    <message>
      <source>Drag from one joint to another, such as shoulder to wrist; either may come first.</source>
      <translation>Von einem Gelenk zum anderen ziehen, etwa Schulter zu Handgelenk; Reihenfolge egal.</translation>
    </message>
    <message>
      <source>Drag to draw a bone, then go on from its tip. Alt moves bones, Ctrl draws a line of them.</source>
      <translation>Ziehen zeichnet einen Knochen, dann weiter an der Spitze. Alt bewegt, Strg: eine Reihe.</translation>
    </message>
    <message>
      <source>Drag a part to its bone, or draw a loop around parts for the selected bone.</source>
      <translation>Teil zu seinem Knochen ziehen, oder Schlinge um Teile für den gewählten Knochen.</translation>
    </message>
    <message>
      <source>Click a joint, then drag an end of its fan. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>Gelenk anklicken, Ende des Fächers ziehen. Umschalt: 5°-Schritte, Strg: beide Enden.</translation>
    </message>
    <message>
      <source>Paint the part for the bone. A click on a rivet chooses the bone; pen pressure counts.</source>
      <translation>Teil für den Knochen bemalen. Klick auf eine Niete wählt ihn; Stiftdruck zählt.</translation>
    </message>
    <message>
      <source>Drag mesh points; click adds one, Del removes. Shift selects several, Alt+drag a box.</source>
      <translation>Netzpunkte ziehen; Klick setzt einen, Entf löscht. Umschalt: mehrere, Alt+Ziehen: Kasten.</translation>
    </message>
    <message>
      <source>Drag a control to another place; what it moves stays. K makes controls.</source>
      <translation>Regler an einen anderen Platz ziehen; was er bewegt, bleibt. K erstellt Regler.</translation>
    </message>
    <message>
      <source>Drag a control or the art. Alt turns, Shift keeps to one axis; Ctrl+click sets a pin.</source>
      <translation>Regler oder Zeichnung ziehen. Alt dreht, Umschalt: eine Achse; Strg+Klick setzt eine Nadel.</translation>
    </message>
    <message>
      <source>Drag any point: the whole body follows. A click holds or releases a point.</source>
      <translation>Einen Punkt ziehen: Der ganze Körper folgt. Ein Klick hält oder löst einen Punkt.</translation>
    </message>
    <message>
      <source>Drag the art to scale it about its pivot. Shift keeps its shape, Alt slants it.</source>
      <translation>Zeichnung ziehen skaliert um den Drehpunkt. Umschalt behält die Form, Alt neigt.</translation>
    </message>
    <message>
      <source>Drag the art to push it; a shape is made. Shift pushes more of it, Ctrl one point.</source>
      <translation>Zeichnung schieben; eine Form entsteht. Umschalt schiebt mehr, Strg einen Punkt.</translation>
    </message>
    <message>
      <source>Drag a control or the art to key it here. Space plays, comma and full stop step.</source>
      <translation>Regler oder Zeichnung ziehen setzt Schlüssel. Leertaste spielt, Komma und Punkt: Schritt.</translation>
    </message>
    <message>
      <source>{name}: drag to its parent.</source>
      <translation>{name}: zum Elternteil ziehen.</translation>
    </message>
    <message>
      <source>{name}: draw a child bone from here. Alt+drag moves its head, the picture stays.</source>
      <translation>{name}: von hier ein Kind zeichnen. Alt+Ziehen bewegt den Kopf, das Bild bleibt.</translation>
    </message>
    <message>
      <source>{name}: click to see how far it may turn.</source>
      <translation>{name}: Klick zeigt, wie weit es sich drehen darf.</translation>
    </message>
    <message>
      <source>Drag the mirror line. Enter closes it.</source>
      <translation>Spiegellinie ziehen. Eingabe schließt sie.</translation>
    </message>
    <message>
      <source>Drag the guide; drop it on a ruler to remove it. Shift snaps to tens.</source>
      <translation>Hilfslinie ziehen; auf einem Lineal abgelegt, ist sie weg. Umschalt rastet bei Zehnern ein.</translation>
    </message>
    <message>
      <source>Corner scales (Shift: freely), edge stretches (Ctrl: skews), pin turns (Shift: by 15°).</source>
      <translation>Ecke skaliert (Umschalt: frei), Kante dehnt (Strg: schert), Nadel dreht (Umschalt: 15°).</translation>
    </message>
    <message>
      <source>{name}: drag to move its pivot. The picture stays.</source>
      <translation>{name}: Ziehen bewegt den Drehpunkt. Das Bild bleibt.</translation>
    </message>
    <message>
      <source>{name}: click to accept this joint, drag to correct it, Alt+click to discard it.</source>
      <translation>{name}: Klick nimmt an, Ziehen korrigiert, Alt+Klick verwirft dieses Gelenk.</translation>
    </message>
    <message>
      <source>Click to exclude or include this cut. Enter cuts, Esc discards.</source>
      <translation>Klick schließt diesen Schnitt aus oder ein. Eingabe schneidet, Esc verwirft.</translation>
    </message>
    <message>
      <source>Click to exclude or include this limb. Enter makes the limbs, Esc discards them.</source>
      <translation>Klick schließt dieses Glied aus oder ein. Eingabe erstellt die Glieder, Esc verwirft sie.</translation>
    </message>
    <message>
      <source>{name}: drag from here to the other end of the limb.</source>
      <translation>{name}: von hier zum anderen Ende des Glieds ziehen.</translation>
    </message>
    <message>
      <source>{name}: click for its card; drag the hook to what it should follow. Alt+drag moves the tip.</source>
      <translation>{name}: Klick zeigt die Karte; Haken zu dem ziehen, dem er folgt. Alt+Ziehen: Spitze.</translation>
    </message>
    <message>
      <source>{name}: its tip. Draw on from here; Alt+drag moves it, with Shift without children.</source>
      <translation>{name}: seine Spitze. Hier weiterzeichnen; Alt+Ziehen bewegt sie, mit Umschalt ohne Kinder.</translation>
    </message>
    <message>
      <source>{name}: drag this end or turn the wheel. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>{name}: Ende ziehen oder Rad drehen. Umschalt: 5°-Schritte, Strg: beide Enden.</translation>
    </message>
    <message>
      <source>{name}: drag to put the control elsewhere. Shift selects several.</source>
      <translation>{name}: Regler an einen anderen Platz ziehen. Umschalt wählt mehrere.</translation>
    </message>
    <message>
      <source>{name}: drag this pose to another value. Details mirrors and removes it.</source>
      <translation>{name}: diese Pose auf einen anderen Wert ziehen. Details spiegelt und entfernt sie.</translation>
    </message>
    <message>
      <source>Click to exclude or include this control. Enter makes them, Esc discards them.</source>
      <translation>Klick schließt diesen Regler aus oder ein. Eingabe erstellt sie, Esc verwirft sie.</translation>
    </message>
    <message>
      <source>Click to exclude or include this piece. Enter makes what is ticked, Esc discards it.</source>
      <translation>Klick schließt dieses Stück aus oder ein. Eingabe erstellt das Angehakte, Esc verwirft es.</translation>
    </message>
    <message>
      <source>{name}: drag to pose. Shift keeps to one axis, Shift+click selects several.</source>
      <translation>{name}: ziehen, um zu posieren. Umschalt: eine Achse, Umschalt+Klick wählt mehrere.</translation>
    </message>
    <message>
      <source>{name}: click a card, turn the wheel, or press its number.</source>
      <translation>{name}: Karte anklicken, Rad drehen oder ihre Nummer drücken.</translation>
    </message>
    <message>
      <source>{name}: drag the ring to turn it, the middle to move it. Shift steps by 5°.</source>
      <translation>{name}: Ring ziehen dreht, Mitte bewegt. Umschalt: 5°-Schritte.</translation>
    </message>
    <message>
      <source>{name}: drag to turn everything. Shift steps by 5°.</source>
      <translation>{name}: ziehen dreht alles. Umschalt: 5°-Schritte.</translation>
    </message>
    <message>
      <source>{name}: drag to make everything larger or smaller.</source>
      <translation>{name}: ziehen macht alles größer oder kleiner.</translation>
    </message>
    <message>
      <source>Save part</source>
      <translation>Teil speichern</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Spiegeln</translation>
    </message>
    <message>
      <source>Paste</source>
      <translation>Einfügen</translation>
    </message>
    <message>
      <source>a gap opens in the seam</source>
      <translation>in der Naht öffnet sich eine Lücke</translation>
    </message>
    <message>
      <source>an edge of the part behind shows</source>
      <translation>eine Kante des hinteren Teils wird sichtbar</translation>
    </message>
    <message>
      <source>the limb would bend against its side</source>
      <translation>das Glied würde sich zur falschen Seite beugen</translation>
    </message>
    <message>
      <source>the drawing folds over</source>
      <translation>die Zeichnung faltet sich</translation>
    </message>
    <message>
      <source>nothing shows all the way</source>
      <translation>nichts ist zu sehen, ganz herum</translation>
    </message>
    <message>
      <source>a gap opens</source>
      <translation>eine Lücke öffnet sich</translation>
    </message>
    <message>
      <source>an edge shows</source>
      <translation>eine Kante wird sichtbar</translation>
    </message>
    <message>
      <source>bends wrong</source>
      <translation>beugt falsch</translation>
    </message>
    <message>
      <source>it folds over</source>
      <translation>faltet sich</translation>
    </message>
    <message>
      <source>free</source>
      <translation>frei</translation>
    </message>
    <message>
      <source>Paper by day</source>
      <translation>Papier bei Tag</translation>
    </message>
    <message>
      <source>Paper by night</source>
      <translation>Papier bei Nacht</translation>
    </message>
    <message>
      <source>As the theme has it</source>
      <translation>Wie das Farbschema</translation>
    </message>
    <message>
      <source>Pale</source>
      <translation>Hell</translation>
    </message>
    <message>
      <source>Middle grey</source>
      <translation>Mittelgrau</translation>
    </message>
    <message>
      <source>Dark</source>
      <translation>Dunkel</translation>
    </message>
    <message>
      <source>As the system has it</source>
      <translation>Wie im System</translation>
    </message>
    <message>
      <source>English</source>
      <translation>English</translation>
    </message>
    <message>
      <source>Deutsch</source>
      <translation>Deutsch</translation>
    </message>
    <message>
      <source>Español (por revisar)</source>
      <translation>Español (por revisar)</translation>
    </message>
    <message>
      <source>Français (à relire)</source>
      <translation>Français (à relire)</translation>
    </message>
    <message>
      <source>Near side</source>
      <translation>Nahe Seite</translation>
    </message>
    <message>
      <source>Far side</source>
      <translation>Ferne Seite</translation>
    </message>
    <message>
      <source>Middle</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <source>Right side</source>
      <translation>Rechte Seite</translation>
    </message>
    <message>
      <source>Left side</source>
      <translation>Linke Seite</translation>
    </message>
    <message>
      <source>The target of {name} stands {away:.1f} px away from its tip.</source>
      <translation>Das Ziel von {name} steht {away:.1f} px neben der Spitze.</translation>
    </message>
    <message>
      <source>A target stands exactly on its limb's tip at rest; else the limb jumps when it is first touched.</source>
      <translation>In Ruhe steht ein Ziel genau auf der Spitze seines Glieds; sonst springt das Glied bei der ersten Berührung.</translation>
    </message>
    <message>
      <source>Put the target on the tip</source>
      <translation>Das Ziel auf die Spitze setzen</translation>
    </message>
    <message>
      <source>{name} is drawn bent to one side and set to bend to the other. It bends as it is drawn.</source>
      <translation>{name} ist nach einer Seite gebeugt gezeichnet und auf die andere eingestellt. Es beugt sich, wie es gezeichnet ist.</translation>
    </message>
    <message>
      <source>A limb that bent against its drawing would fold over as soon as anything moves. Bend it as it is drawn, or turn the drawn bend over (Alt+Shift+T).</source>
      <translation>Ein Glied, das sich gegen seine Zeichnung beugte, klappte um, sobald sich etwas bewegt. Beuge es, wie es gezeichnet ist, oder kehre die gezeichnete Beugung um (Alt+Umschalt+T).</translation>
    </message>
    <message>
      <source>Bend it as it is drawn</source>
      <translation>Beugen, wie es gezeichnet ist</translation>
    </message>
    <message>
      <source>{name} is drawn straight, so its bend side is a guess. Look at both and choose one.</source>
      <translation>{name} ist gerade gezeichnet, die Beugeseite ist also geraten. Sieh beide an und wähle eine.</translation>
    </message>
    <message>
      <source>From a straight drawing nobody can tell where the knee bends. Both sides are shown in Details; one click chooses.</source>
      <translation>Einer geraden Zeichnung sieht niemand an, wohin sich das Knie beugt. Details zeigt beide Seiten; ein Klick wählt.</translation>
    </message>
    <message>
      <source>Keep the side it has</source>
      <translation>Die Seite behalten</translation>
    </message>
    <message>
      <source>{name} and {other} start at the same place on the same side. If only one should show at a time, make a set of them.</source>
      <translation>{name} und {other} beginnen an derselben Stelle auf derselben Seite. Soll nur eines zu sehen sein, mach einen Satz daraus.</translation>
    </message>
    <message>
      <source>Two arms on one side are usually alternatives. Select their first joints and use Branch variants from the selected branches.</source>
      <translation>Zwei Arme auf einer Seite sind meist Varianten. Wähle ihre ersten Gelenke und dann „Zweigvarianten aus den gewählten Zweigen“.</translation>
    </message>
    <message>
      <source>{name} is {one:.0f} px long and {twin} {other:.0f} px. Check that both should reach equally far.</source>
      <translation>{name} ist {one:.0f} px lang und {twin} {other:.0f} px. Prüfe, ob beide gleich weit reichen sollen.</translation>
    </message>
    <message>
      <source>Limbs of a pair usually reach equally far; a pivot may have slipped.</source>
      <translation>Die Glieder eines Paars reichen meist gleich weit; vielleicht ist ein Drehpunkt verrutscht.</translation>
    </message>
    <message>
      <source>{name} is locked, so {limb} bends without it.</source>
      <translation>{name} ist gesperrt, {limb} beugt sich also ohne es.</translation>
    </message>
    <message>
      <source>A locked joint of a limb does not bend along; the others do more.</source>
      <translation>Ein gesperrtes Gelenk beugt sich nicht mit; die anderen tun mehr.</translation>
    </message>
    <message>
      <source>Let it bend again</source>
      <translation>Wieder beugen lassen</translation>
    </message>
    <message>
      <source>Nothing carries {name}, so it stays behind when the puppet moves. Give it a parent.</source>
      <translation>Nichts trägt {name}, es bleibt also zurück, wenn sich die Figur bewegt. Gib ihm ein Elternteil.</translation>
    </message>
    <message>
      <source>A part without a parent stays on the board while the rest of the puppet moves.</source>
      <translation>Ein Teil ohne Elternteil bleibt auf der Bühne stehen, während sich die übrige Figur bewegt.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so it swings instead of turning. Look whether that is wanted.</source>
      <translation>Der Drehpunkt von {name} liegt außerhalb der Zeichnung, es schwingt also, statt sich zu drehen. Sieh nach, ob das so sein soll.</translation>
    </message>
    <message>
      <source>A part turns about its pivot. One that lies outside the drawing makes the part swing around it, as a lantern on a cord.</source>
      <translation>Ein Teil dreht sich um seinen Drehpunkt. Liegt der außerhalb der Zeichnung, schwingt das Teil um ihn, wie eine Laterne an der Schnur.</translation>
    </message>
    <message>
      <source>The pivot of {name} is still the middle of its drawing. Drag it to where it turns.</source>
      <translation>Der Drehpunkt von {name} ist noch die Mitte der Zeichnung. Zieh ihn dorthin, wo es sich dreht.</translation>
    </message>
    <message>
      <source>Until a pivot is set the middle of the drawing stands in for it; hardly anything turns about its middle.</source>
      <translation>Solange kein Drehpunkt gesetzt ist, steht die Mitte der Zeichnung dafür; kaum etwas dreht sich um seine Mitte.</translation>
    </message>
    <message>
      <source>The middle is right</source>
      <translation>Die Mitte ist richtig</translation>
    </message>
    <message>
      <source>The limits of {name} leave out the rest pose, so it would jump as soon as it is touched.</source>
      <translation>Die Grenzen von {name} schließen die Ruhepose aus, es spränge also bei der ersten Berührung.</translation>
    </message>
    <message>
      <source>Zero is the rest pose, always; limits that leave it out would make the joint jump at the first touch.</source>
      <translation>Null ist immer die Ruhepose; Grenzen, die sie ausschließen, ließen das Gelenk bei der ersten Berührung springen.</translation>
    </message>
    <message>
      <source>Widen the limits to rest</source>
      <translation>Die Grenzen bis zur Ruhelage weiten</translation>
    </message>
    <message>
      <source>The limits of {name} leave no room, so it can't turn at all.</source>
      <translation>Die Grenzen von {name} lassen keinen Raum, es kann sich also nicht drehen.</translation>
    </message>
    <message>
      <source>Smallest and largest are the same, so the joint is locked. One lock by give 0 says that more plainly.</source>
      <translation>Kleinster und größter Wert sind gleich, das Gelenk ist also gesperrt. Nachgiebigkeit 0 sagt das deutlicher.</translation>
    </message>
    <message>
      <source>{name} is on the {side} side and lies {lies} {other}. Look at the depth rail.</source>
      <translation>{name} ist {side} und liegt {lies} {other}. Sieh in die Tiefenleiste.</translation>
    </message>
    <message>
      <source>Near pieces are expected in front of what carries them and far ones behind, and the pieces of a limb stacked one way.</source>
      <translation>Nahe Stücke liegen vor dem, was sie trägt, ferne dahinter, und die Stücke eines Glieds in einer Richtung übereinander.</translation>
    </message>
    <message>
      <source>{name} and {twin} have nearly the same name. Rename one, so that they can be told apart.</source>
      <translation>{name} und {twin} heißen fast gleich. Benenne eines um, damit man sie unterscheidet.</translation>
    </message>
    <message>
      <source>Names are found by their words in copies, mirrors and pasted poses; two that read the same are mistaken for each other.</source>
      <translation>Kopien, Spiegelungen und eingefügte Posen richten sich nach den Namen; zwei gleichlautende werden verwechselt.</translation>
    </message>
    <message>
      <source>{name} is named {named} but set to the {side} side.</source>
      <translation>{name} heißt {named}, ist aber auf {side} gestellt.</translation>
    </message>
    <message>
      <source>The side decides colours, signs, and what counts as the other side.</source>
      <translation>Die Seite bestimmt Farben, Zeichen und was als andere Seite gilt.</translation>
    </message>
    <message>
      <source>Set it to the {named} side</source>
      <translation>Auf die Seite {named} stellen</translation>
    </message>
    <message>
      <source>The control {name} moves nothing: {why}. Link it, change it, or remove it.</source>
      <translation>Der Regler {name} bewegt nichts: {why}. Verknüpfe, ändere oder entferne ihn.</translation>
    </message>
    <message>
      <source>Animators would drag it and nothing would happen.</source>
      <translation>Man zöge daran, und nichts geschähe.</translation>
    </message>
    <message>
      <source>The pose {pose} turns {name} beyond its limit; it stops there. Save the pose anew if that is right.</source>
      <translation>Die Pose {pose} dreht {name} über die Grenze; dort hält es an. Speichere die Pose neu, wenn das stimmt.</translation>
    </message>
    <message>
      <source>Limits hold for saved poses too, so this one looks different from when it was saved.</source>
      <translation>Grenzen gelten auch für gespeicherte Posen, diese sieht also anders aus als beim Speichern.</translation>
    </message>
    <message>
      <source>At {turn} a gap opens at {name}. Cover the seam, move the pivot, or narrow the limit (Find limits tells where).</source>
      <translation>Bei {turn} öffnet sich an {name} eine Lücke. Deck die Naht ab, verschieb den Drehpunkt oder eng die Grenze ein („Grenzen finden“ sagt, wo).</translation>
    </message>
    <message>
      <source>Turned this far, the paper of neither part reaches the outline any more, and the background shows through.</source>
      <translation>So weit gedreht, reicht das Papier keines der Teile mehr bis zum Umriss, und der Hintergrund scheint durch.</translation>
    </message>
    <message>
      <source>{name} bends over to the other side while {moved} moves. Look at its bend side.</source>
      <translation>{name} klappt auf die andere Seite um, während sich {moved} bewegt. Sieh nach der Beugeseite.</translation>
    </message>
    <message>
      <source>A knee or elbow that changes sides in the middle of a movement pops.</source>
      <translation>Ein Knie oder Ellbogen, der mitten in der Bewegung die Seite wechselt, springt.</translation>
    </message>
    <message>
      <source>{name} jumps by {turn} in one small step of {moved}.</source>
      <translation>{name} springt um {turn} in einem kleinen Schritt von {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes a large one of the joint.</source>
      <translation>Aus einem kleinen Schritt des Reglers wird ein großer des Gelenks.</translation>
    </message>
    <message>
      <source>{name} leaps by {way:.0f} px in one small step of {moved}.</source>
      <translation>{name} macht einen Satz von {way:.0f} px in einem kleinen Schritt von {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes this part leap.</source>
      <translation>Ein kleiner Schritt des Reglers lässt dieses Teil einen Satz machen.</translation>
    </message>
    <message>
      <source>{name} stays behind when the master moves: nothing carries it. Give it a parent.</source>
      <translation>{name} bleibt zurück, wenn sich der Hauptregler bewegt: Nichts trägt es. Gib ihm ein Elternteil.</translation>
    </message>
    <message>
      <source>Everything else moved with the master, this did not.</source>
      <translation>Alles andere ging mit dem Hauptregler mit, dies nicht.</translation>
    </message>
    <message>
      <source>{name} has one variant only, so there is nothing to choose. Add drawings to it, or take it apart.</source>
      <translation>{name} hat nur eine Variante, es gibt also nichts zu wählen. Füg Zeichnungen hinzu oder lös den Satz auf.</translation>
    </message>
    <message>
      <source>A set is for two or more drawings or branches of which one shows.</source>
      <translation>Ein Satz ist für zwei oder mehr Zeichnungen oder Zweige, von denen eine zu sehen ist.</translation>
    </message>
    <message>
      <source>{name} of {set} never shows: no value of its link comes to it. Widen the curve, or make a chooser.</source>
      <translation>{name} von {set} ist nie zu sehen: Kein Wert der Verknüpfung führt dorthin. Weite die Kurve oder erstelle einen Wähler.</translation>
    </message>
    <message>
      <source>What drives a set goes through its variants in their order; beyond the ends of the curve nothing is reached.</source>
      <translation>Was einen Satz steuert, geht die Varianten der Reihe nach durch; jenseits der Kurvenenden wird nichts erreicht.</translation>
    </message>
    <message>
      <source>{name} and {twin} of {set} are the same drawing in the same place. Exchange one, or take it out.</source>
      <translation>{name} und {twin} von {set} sind dieselbe Zeichnung an derselben Stelle. Tausche eine aus oder nimm sie heraus.</translation>
    </message>
    <message>
      <source>Two variants that look the same can't be told apart when they are chosen.</source>
      <translation>Zwei gleich aussehende Varianten kann man beim Wählen nicht unterscheiden.</translation>
    </message>
    <message>
      <source>{name} rides on {rides}, the others of {set} on {usual}. Bind it to the same.</source>
      <translation>{name} sitzt auf {rides}, die anderen von {set} auf {usual}. Binde es an dasselbe.</translation>
    </message>
    <message>
      <source>Drawings that take each other's place should be carried by the same joint, or they come apart when it moves.</source>
      <translation>Zeichnungen, die einander ablösen, sollte dasselbe Gelenk tragen, sonst trennen sie sich, wenn es sich bewegt.</translation>
    </message>
    <message>
      <source>{other} lies between the drawings of {set}: {name} is behind it. Put them next to each other if that is not meant.</source>
      <translation>{other} liegt zwischen den Zeichnungen von {set}: {name} ist dahinter. Leg sie nebeneinander, wenn das nicht gemeint ist.</translation>
    </message>
    <message>
      <source>Variants of different depth hide and show other things when they are switched.</source>
      <translation>Varianten in verschiedener Tiefe verdecken und zeigen beim Wechseln anderes.</translation>
    </message>
    <message>
      <source>{name} of {set} has no limb, others of the set have one. Make it, so that its hand can be dragged too.</source>
      <translation>{name} von {set} hat kein Glied, andere des Satzes haben eines. Erstelle es, damit man auch diese Hand ziehen kann.</translation>
    </message>
    <message>
      <source>Branches that take each other's place are posed alike when each has its limb.</source>
      <translation>Zweige, die einander ablösen, nehmen dieselbe Pose ein, wenn jeder sein Glied hat.</translation>
    </message>
    <message>
      <source>{name} jumps where {take} goes round: its first and its last key differ. Close the loop.</source>
      <translation>{name} springt, wo {take} von vorn beginnt: Erster und letzter Schlüssel sind verschieden. Schließ die Schleife.</translation>
    </message>
    <message>
      <source>A loop's last frame is its first one again; where they differ the puppet jumps each time it goes round.</source>
      <translation>Das letzte Bild einer Schleife ist wieder das erste; sind sie verschieden, springt die Figur bei jeder Runde.</translation>
    </message>
    <message>
      <source>{name} has a key at frame {frame:g}, which never plays in {take}.</source>
      <translation>{name} hat einen Schlüssel bei Bild {frame:g}, das in {take} nie zu sehen ist.</translation>
    </message>
    <message>
      <source>Keys before the first frame or after the last are not seen. Drag the fold of the tape, or move them in.</source>
      <translation>Schlüssel vor dem ersten oder nach dem letzten Bild sieht man nicht. Zieh die Falte des Bands oder hol sie herein.</translation>
    </message>
    <message>
      <source>{name} moves in {take} without a key at its beginning.</source>
      <translation>{name} bewegt sich in {take} ohne Schlüssel am Anfang.</translation>
    </message>
    <message>
      <source>Until its first key a control stands still where that one puts it. A key at the beginning says so plainly.</source>
      <translation>Bis zu seinem ersten Schlüssel steht ein Regler dort, wohin der ihn stellt. Ein Schlüssel am Anfang sagt das deutlich.</translation>
    </message>
    <message>
      <source>{name} is asked to turn {beyond} beyond its limit at frame {frame:g} of {take}.</source>
      <translation>{name} soll sich bei Bild {frame:g} von {take} {beyond} über die Grenze drehen.</translation>
    </message>
    <message>
      <source>The limit holds it back, so that it stands still while its key goes on. Lessen the key, or widen the limit.</source>
      <translation>Die Grenze hält es zurück, es steht also still, während sein Schlüssel weitergeht. Verringere den Schlüssel oder weite die Grenze.</translation>
    </message>
    <message>
      <source>{name} turns by {turn} within one frame at frame {frame:g} of {take}.</source>
      <translation>{name} dreht sich bei Bild {frame:g} von {take} in einem einzigen Bild um {turn}.</translation>
    </message>
    <message>
      <source>So far in one frame is seen as a jump. Move keys apart, or change over at a straight pose.</source>
      <translation>So viel in einem Bild sieht man als Sprung. Rück Schlüssel auseinander oder wechsle in einer geraden Pose.</translation>
    </message>
    <message>
      <source>{name} is {away:.1f} px away from where it is held at frame {frame:g} of {take}.</source>
      <translation>{name} ist bei Bild {frame:g} von {take} {away:.1f} px neben der Stelle, an der es gehalten wird.</translation>
    </message>
    <message>
      <source>A planted foot that can't reach its place is dragged along. Bring the body nearer there, or move the foot.</source>
      <translation>Ein stehender Fuß, der seine Stelle nicht erreicht, wird mitgeschleift. Hol dort den Körper näher oder versetz den Fuß.</translation>
    </message>
    <message>
      <source>{count} parts are carried by nothing, so they stay behind when the puppet moves.</source>
      <translation>{count} Teile trägt nichts, sie bleiben also zurück, wenn sich die Figur bewegt.</translation>
    </message>
    <message>
      <source>{count} pivots are still the middle of their drawings.</source>
      <translation>{count} Drehpunkte sind noch die Mitte ihrer Zeichnung.</translation>
    </message>
    <message>
      <source>{count} seams open within their limits. Covers keep them shut.</source>
      <translation>{count} Nähte öffnen sich innerhalb ihrer Grenzen. Abdeckungen halten sie geschlossen.</translation>
    </message>
    <message>
      <source>{count} limbs are drawn straight, so which way they bend is a guess.</source>
      <translation>{count} Glieder sind gerade gezeichnet, ihre Beugeseite ist also geraten.</translation>
    </message>
    <message>
      <source>The pieces of {name} are stacked forwards and backwards in turn. Look at the depth rail.</source>
      <translation>Die Stücke von {name} liegen abwechselnd nach vorn und nach hinten. Sieh in die Tiefenleiste.</translation>
    </message>
    <message>
      <source>The control {name} moves nothing that can be seen. Let it move something, link it, or remove it.</source>
      <translation>Der Regler {name} bewegt nichts Sichtbares. Lass ihn etwas bewegen, verknüpfe oder entferne ihn.</translation>
    </message>
    <message>
      <source>A gap opens at {name} from {opens} on, and it turns to {turn}. Limit it, cover the seam, or move its pivot.</source>
      <translation>An {name} öffnet sich ab {opens} eine Lücke, und es dreht sich bis {turn}. Begrenz es, deck die Naht ab oder verschieb den Drehpunkt.</translation>
    </message>
    <message>
      <source>behind</source>
      <translation>hinter</translation>
    </message>
    <message>
      <source>in front of</source>
      <translation>vor</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>mittig</translation>
    </message>
    <message>
      <source>no link follows it</source>
      <translation>keine Verknüpfung folgt ihm</translation>
    </message>
    <message>
      <source>nothing looks at it</source>
      <translation>nichts sieht dorthin</translation>
    </message>
    <message>
      <source>it has nothing to choose from</source>
      <translation>er hat nichts zu wählen</translation>
    </message>
    <message>
      <source>what it turns is locked</source>
      <translation>was er dreht, ist gesperrt</translation>
    </message>
    <message>
      <source>its range is empty</source>
      <translation>sein Bereich ist leer</translation>
    </message>
    <message>
      <source>Error</source>
      <translation>Fehler</translation>
    </message>
    <message>
      <source>Warning</source>
      <translation>Warnung</translation>
    </message>
    <message>
      <source>Hint</source>
      <translation>Hinweis</translation>
    </message>
    <message>
      <source>Cover the seam</source>
      <translation>Naht abdecken</translation>
    </message>
    <message>
      <source>Name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>Side</source>
      <translation>Seite</translation>
    </message>
    <message>
      <source>No.</source>
      <translation>Nr.</translation>
    </message>
    <message>
      <source>Everything</source>
      <translation>Alles</translation>
    </message>
    <message>
      <source>Head</source>
      <translation>Kopf</translation>
    </message>
    <message>
      <source>Trunk</source>
      <translation>Rumpf</translation>
    </message>
    <message>
      <source>Arms</source>
      <translation>Arme</translation>
    </message>
    <message>
      <source>Legs</source>
      <translation>Beine</translation>
    </message>
    <message>
      <source>Swinging pieces</source>
      <translation>Schwingende Teile</translation>
    </message>
    <message>
      <source>All keys</source>
      <translation>Alle Schlüssel</translation>
    </message>
    <message>
      <source>Smooth</source>
      <translation>Weich</translation>
    </message>
    <message>
      <source>Straight</source>
      <translation>Gerade</translation>
    </message>
    <message>
      <source>Eased a little</source>
      <translation>Etwas abgebremst</translation>
    </message>
    <message>
      <source>Eased</source>
      <translation>Abgebremst</translation>
    </message>
    <message>
      <source>Fully eased</source>
      <translation>Ganz abgebremst</translation>
    </message>
    <message>
      <source>Hold</source>
      <translation>Halten</translation>
    </message>
    <message>
      <source>Normal</source>
      <translation>Normal</translation>
    </message>
    <message>
      <source>Multiply</source>
      <translation>Multiplizieren</translation>
    </message>
    <message>
      <source>Screen</source>
      <translation>Negativ multiplizieren</translation>
    </message>
    <message>
      <source>Overlay</source>
      <translation>Überlagern</translation>
    </message>
    <message>
      <source>Add</source>
      <translation>Addieren</translation>
    </message>
    <message>
      <source>Amber</source>
      <translation>Bernstein</translation>
    </message>
    <message>
      <source>Moss</source>
      <translation>Moos</translation>
    </message>
    <message>
      <source>Teal</source>
      <translation>Petrol</translation>
    </message>
    <message>
      <source>Plum</source>
      <translation>Pflaume</translation>
    </message>
    <message>
      <source>Brick</source>
      <translation>Ziegel</translation>
    </message>
    <message>
      <source>Ink</source>
      <translation>Tinte</translation>
    </message>
    <message>
      <source>Leaf</source>
      <translation>Blatt</translation>
    </message>
    <message>
      <source>Shield</source>
      <translation>Schild</translation>
    </message>
    <message>
      <source>Drop</source>
      <translation>Tropfen</translation>
    </message>
    <message>
      <source>Crescent</source>
      <translation>Sichel</translation>
    </message>
    <message>
      <source>Ring</source>
      <translation>Ring</translation>
    </message>
    <message>
      <source>Eye</source>
      <translation>Auge</translation>
    </message>
    <message>
      <source>Tile</source>
      <translation>Kachel</translation>
    </message>
    <message>
      <source>grip</source>
      <translation>Griff</translation>
    </message>
    <message>
      <source>moves</source>
      <translation>bewegt</translation>
    </message>
    <message>
      <source>knob</source>
      <translation>Drehknopf</translation>
    </message>
    <message>
      <source>turns</source>
      <translation>dreht</translation>
    </message>
    <message>
      <source>master control</source>
      <translation>Hauptregler</translation>
    </message>
    <message>
      <source>moves, turns and scales</source>
      <translation>bewegt, dreht und skaliert</translation>
    </message>
    <message>
      <source>slider</source>
      <translation>Schieber</translation>
    </message>
    <message>
      <source>stands beside</source>
      <translation>steht neben</translation>
    </message>
    <message>
      <source>pad</source>
      <translation>Feld</translation>
    </message>
    <message>
      <source>chooser</source>
      <translation>Wähler</translation>
    </message>
    <message>
      <source>bow grip</source>
      <translation>Bogengriff</translation>
    </message>
    <message>
      <source>bows</source>
      <translation>wölbt</translation>
    </message>
    <message>
      <source>aim point</source>
      <translation>Blickpunkt</translation>
    </message>
    <message>
      <source>steers the gaze</source>
      <translation>lenkt den Blick</translation>
    </message>
    <message>
      <source>master</source>
      <translation>Hauptregler</translation>
    </message>
    <message>
      <source>bone</source>
      <translation>Knochen</translation>
    </message>
    <message>
      <source>carrier</source>
      <translation>Träger</translation>
    </message>
    <message>
      <source>joint</source>
      <translation>Gelenk</translation>
    </message>
    <message>
      <source>near</source>
      <translation>nah</translation>
    </message>
    <message>
      <source>far</source>
      <translation>fern</translation>
    </message>
    <message>
      <source>right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>left</source>
      <translation>links</translation>
    </message>
    <message>
      <source>Tick all</source>
      <translation>Alle anhaken</translation>
    </message>
    <message>
      <source>Tick none</source>
      <translation>Keine anhaken</translation>
    </message>
    <message>
      <source>None</source>
      <translation>Keine</translation>
    </message>
    <message>
      <source>Tape</source>
      <translation>Band</translation>
    </message>
    <message>
      <source>Family</source>
      <translation>Familie</translation>
    </message>
    <message>
      <source>Diagram</source>
      <translation>Diagramm</translation>
    </message>
    <message>
      <source>Depth</source>
      <translation>Tiefe</translation>
    </message>
    <message>
      <source>Details</source>
      <translation>Details</translation>
    </message>
    <message>
      <source>Poses</source>
      <translation>Posen</translation>
    </message>
    <message>
      <source>several</source>
      <translation>mehrere</translation>
    </message>
    <message>
      <source>no limit</source>
      <translation>ohne Grenze</translation>
    </message>
    <message>
      <source>Subtract</source>
      <translation>Abziehen</translation>
    </message>
    <message>
      <source>Even out</source>
      <translation>Ausgleichen</translation>
    </message>
    <message>
      <source>Fill</source>
      <translation>Füllen</translation>
    </message>
    <message>
      <source>Parts and joints</source>
      <translation>Teile und Gelenke</translation>
    </message>
    <message>
      <source>Variant sets</source>
      <translation>Variantensätze</translation>
    </message>
    <message>
      <source>Key what was moved</source>
      <translation>Schlüssel für das Bewegte</translation>
    </message>
    <message>
      <source>Key its limb</source>
      <translation>Schlüssel für sein Glied</translation>
    </message>
    <message>
      <source>Key its part of the body</source>
      <translation>Schlüssel für seinen Körperteil</translation>
    </message>
    <message>
      <source>Key everything</source>
      <translation>Schlüssel für alles</translation>
    </message>
    <message>
      <source>Places</source>
      <translation>Orte</translation>
    </message>
    <message>
      <source>Turns</source>
      <translation>Drehungen</translation>
    </message>
    <message>
      <source>Widths and heights</source>
      <translation>Breiten und Höhen</translation>
    </message>
    <message>
      <source>Values and sides</source>
      <translation>Werte und Seiten</translation>
    </message>
    <message>
      <source>Depths, opacities, clips</source>
      <translation>Tiefen, Deckkraft, Ausschnitte</translation>
    </message>
    <message>
      <source>As at rest</source>
      <translation>Wie in Ruhe</translation>
    </message>
    <message>
      <source>Shown</source>
      <translation>Sichtbar</translation>
    </message>
    <message>
      <source>Hidden</source>
      <translation>Ausgeblendet</translation>
    </message>
    <message>
      <source>Nowhere</source>
      <translation>Nirgends</translation>
    </message>
    <message>
      <source>Inside</source>
      <translation>Innen</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Außen</translation>
    </message>
    <message>
      <source>Sound</source>
      <translation>Ton</translation>
    </message>
    <message>
      <source>Layer</source>
      <translation>Ebene</translation>
    </message>
    <message>
      <source>Row</source>
      <translation>Zeile</translation>
    </message>
    <message>
      <source>Group</source>
      <translation>Gruppe</translation>
    </message>
    <message>
      <source>Value</source>
      <translation>Wert</translation>
    </message>
    <message>
      <source>Turn {name}</source>
      <translation>{name} drehen</translation>
    </message>
    <message>
      <source>Scale {name}</source>
      <translation>{name} skalieren</translation>
    </message>
    <message>
      <source>Place x</source>
      <translation>Ort x</translation>
    </message>
    <message>
      <source>Place y</source>
      <translation>Ort y</translation>
    </message>
    <message>
      <source>Pivot x</source>
      <translation>Drehpunkt x</translation>
    </message>
    <message>
      <source>Pivot y</source>
      <translation>Drehpunkt y</translation>
    </message>
    <message>
      <source>Scale x</source>
      <translation>Skalierung x</translation>
    </message>
    <message>
      <source>Scale y</source>
      <translation>Skalierung y</translation>
    </message>
    <message>
      <source>Amount</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <source>Bone</source>
      <translation>Knochen</translation>
    </message>
    <message>
      <source>Brush</source>
      <translation>Pinsel</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>Strength</source>
      <translation>Stärke</translation>
    </message>
    <message>
      <source>Hardness</source>
      <translation>Härte</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Suchen</translation>
    </message>
    <message>
      <source>Replace with, or number as</source>
      <translation>Ersetzen durch, oder nummerieren als</translation>
    </message>
    <message>
      <source>Number</source>
      <translation>Nummerieren</translation>
    </message>
    <message>
      <source>Swap side</source>
      <translation>Seite tauschen</translation>
    </message>
    <message>
      <source>Shade across</source>
      <translation>Schatten quer</translation>
    </message>
    <message>
      <source>Shade up</source>
      <translation>Schatten hoch</translation>
    </message>
    <message>
      <source>Shade edge</source>
      <translation>Schattenrand</translation>
    </message>
    <message>
      <source>Carrier</source>
      <translation>Träger</translation>
    </message>
    <message>
      <source>Posing</source>
      <translation>Posieren</translation>
    </message>
    <message>
      <source>Least</source>
      <translation>Kleinster</translation>
    </message>
    <message>
      <source>Most</source>
      <translation>Größter</translation>
    </message>
    <message>
      <source>Opacity now</source>
      <translation>Deckkraft jetzt</translation>
    </message>
    <message>
      <source>Shown now</source>
      <translation>Sichtbar jetzt</translation>
    </message>
    <message>
      <source>Clip now</source>
      <translation>Ausschnitt jetzt</translation>
    </message>
    <message>
      <source>Soften now</source>
      <translation>Weich jetzt</translation>
    </message>
    <message>
      <source>Stretch now</source>
      <translation>Dehnen jetzt</translation>
    </message>
    <message>
      <source>Slant</source>
      <translation>Neigung</translation>
    </message>
    <message>
      <source>Width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <source>{name} to the front</source>
      <translation>{name} ganz nach vorn</translation>
    </message>
    <message>
      <source>{name} to the back</source>
      <translation>{name} ganz nach hinten</translation>
    </message>
    <message>
      <source>{name} forward</source>
      <translation>{name} nach vorn</translation>
    </message>
    <message>
      <source>{name} back</source>
      <translation>{name} nach hinten</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was moved or removed.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} wurde verschoben oder gelöscht.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was changed by another program.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} wurde von einem anderen Programm geändert.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to include</source>
      <translation>{name}: {kind}, Klick schließt ein</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to exclude</source>
      <translation>{name}: {kind}, Klick schließt aus</translation>
    </message>
    <message>
      <source>Near</source>
      <translation>nah</translation>
    </message>
    <message>
      <source>Far</source>
      <translation>fern</translation>
    </message>
    <message>
      <source>Variants</source>
      <translation>Varianten</translation>
    </message>
    <message>
      <source>Move pivots</source>
      <translation>Drehpunkte mitbewegen</translation>
    </message>
    <message>
      <source>Names</source>
      <translation>Namen</translation>
    </message>
    <message>
      <source>Biped</source>
      <translation>Zweibeiner</translation>
    </message>
    <message>
      <source>Stands on two legs and has two arms.</source>
      <translation>Steht auf zwei Beinen und hat zwei Arme.</translation>
    </message>
    <message>
      <source>Hips</source>
      <translation>Hüfte</translation>
    </message>
    <message>
      <source>Neck</source>
      <translation>Hals</translation>
    </message>
    <message>
      <source>Upper arm</source>
      <translation>Oberarm</translation>
    </message>
    <message>
      <source>Forearm</source>
      <translation>Unterarm</translation>
    </message>
    <message>
      <source>Hand</source>
      <translation>Hand</translation>
    </message>
    <message>
      <source>Thigh</source>
      <translation>Oberschenkel</translation>
    </message>
    <message>
      <source>Shin</source>
      <translation>Unterschenkel</translation>
    </message>
    <message>
      <source>Foot</source>
      <translation>Fuß</translation>
    </message>
    <message>
      <source>Bird</source>
      <translation>Vogel</translation>
    </message>
    <message>
      <source>Stands on two legs and has two wings.</source>
      <translation>Steht auf zwei Beinen und hat zwei Flügel.</translation>
    </message>
    <message>
      <source>Wing</source>
      <translation>Flügel</translation>
    </message>
    <message>
      <source>Tail</source>
      <translation>Schwanz</translation>
    </message>
    <message>
      <source>Beak</source>
      <translation>Schnabel</translation>
    </message>
    <message>
      <source>A palm with up to five fingers.</source>
      <translation>Eine Handfläche mit bis zu fünf Fingern.</translation>
    </message>
    <message>
      <source>Palm</source>
      <translation>Handfläche</translation>
    </message>
    <message>
      <source>Thumb</source>
      <translation>Daumen</translation>
    </message>
    <message>
      <source>Index</source>
      <translation>Zeigefinger</translation>
    </message>
    <message>
      <source>Little</source>
      <translation>Kleiner Finger</translation>
    </message>
    <message>
      <source>Wrist</source>
      <translation>Handgelenk</translation>
    </message>
    <message>
      <source>Head alone</source>
      <translation>Kopf allein</translation>
    </message>
    <message>
      <source>A face in pieces: eyes, brows, nose, mouth, ears and hair on a head.</source>
      <translation>Ein Gesicht in Teilen: Augen, Brauen, Nase, Mund, Ohren und Haar auf einem Kopf.</translation>
    </message>
    <message>
      <source>Pupil</source>
      <translation>Pupille</translation>
    </message>
    <message>
      <source>Brow</source>
      <translation>Braue</translation>
    </message>
    <message>
      <source>Nose</source>
      <translation>Nase</translation>
    </message>
    <message>
      <source>Mouth</source>
      <translation>Mund</translation>
    </message>
    <message>
      <source>Jaw</source>
      <translation>Kiefer</translation>
    </message>
    <message>
      <source>Ear</source>
      <translation>Ohr</translation>
    </message>
    <message>
      <source>Hair</source>
      <translation>Haar</translation>
    </message>
    <message>
      <source>Many-legged</source>
      <translation>Vielbeiner</translation>
    </message>
    <message>
      <source>Stands on four to twelve legs: beetles, spiders, caterpillars.</source>
      <translation>Steht auf vier bis zwölf Beinen: Käfer, Spinnen, Raupen.</translation>
    </message>
    <message>
      <source>Feeler</source>
      <translation>Fühler</translation>
    </message>
    <message>
      <source>First thigh</source>
      <translation>Erster Oberschenkel</translation>
    </message>
    <message>
      <source>First shin</source>
      <translation>Erster Unterschenkel</translation>
    </message>
    <message>
      <source>First foot</source>
      <translation>Erster Fuß</translation>
    </message>
    <message>
      <source>Second thigh</source>
      <translation>Zweiter Oberschenkel</translation>
    </message>
    <message>
      <source>Second shin</source>
      <translation>Zweiter Unterschenkel</translation>
    </message>
    <message>
      <source>Second foot</source>
      <translation>Zweiter Fuß</translation>
    </message>
    <message>
      <source>Third thigh</source>
      <translation>Dritter Oberschenkel</translation>
    </message>
    <message>
      <source>Third shin</source>
      <translation>Dritter Unterschenkel</translation>
    </message>
    <message>
      <source>Third foot</source>
      <translation>Dritter Fuß</translation>
    </message>
    <message>
      <source>Fourth thigh</source>
      <translation>Vierter Oberschenkel</translation>
    </message>
    <message>
      <source>Fourth shin</source>
      <translation>Vierter Unterschenkel</translation>
    </message>
    <message>
      <source>Fourth foot</source>
      <translation>Vierter Fuß</translation>
    </message>
    <message>
      <source>Fifth thigh</source>
      <translation>Fünfter Oberschenkel</translation>
    </message>
    <message>
      <source>Fifth shin</source>
      <translation>Fünfter Unterschenkel</translation>
    </message>
    <message>
      <source>Fifth foot</source>
      <translation>Fünfter Fuß</translation>
    </message>
    <message>
      <source>Sixth thigh</source>
      <translation>Sechster Oberschenkel</translation>
    </message>
    <message>
      <source>Sixth shin</source>
      <translation>Sechster Unterschenkel</translation>
    </message>
    <message>
      <source>Sixth foot</source>
      <translation>Sechster Fuß</translation>
    </message>
    <message>
      <source>Quadruped</source>
      <translation>Vierbeiner</translation>
    </message>
    <message>
      <source>Stands on four legs.</source>
      <translation>Steht auf vier Beinen.</translation>
    </message>
    <message>
      <source>Hind thigh</source>
      <translation>Hinterer Oberschenkel</translation>
    </message>
    <message>
      <source>Hind shin</source>
      <translation>Hinterer Unterschenkel</translation>
    </message>
    <message>
      <source>Hind foot</source>
      <translation>Hinterer Fuß</translation>
    </message>
    <message>
      <source>Front thigh</source>
      <translation>Vorderer Oberschenkel</translation>
    </message>
    <message>
      <source>Front shin</source>
      <translation>Vorderer Unterschenkel</translation>
    </message>
    <message>
      <source>Front foot</source>
      <translation>Vorderer Fuß</translation>
    </message>
    <message>
      <source>Serpent</source>
      <translation>Schlange</translation>
    </message>
    <message>
      <source>One long row of pieces behind a head.</source>
      <translation>Eine lange Reihe von Stücken hinter einem Kopf.</translation>
    </message>
    <message>
      <source>Spine</source>
      <translation>Wirbelsäule</translation>
    </message>
    <message>
      <source>Swimmer</source>
      <translation>Schwimmer</translation>
    </message>
    <message>
      <source>A body with a tail in the place of legs: merfolk and seals.</source>
      <translation>Ein Körper mit einem Schwanz an der Stelle der Beine: Meerleute und Robben.</translation>
    </message>
    <message>
      <source>Fin</source>
      <translation>Flosse</translation>
    </message>
    <message>
      <source>Tentacled</source>
      <translation>Mit Fangarmen</translation>
    </message>
    <message>
      <source>Has arms all around, without bones.</source>
      <translation>Hat ringsum Arme, ohne Knochen.</translation>
    </message>
    <message>
      <source>Mantle</source>
      <translation>Mantel</translation>
    </message>
    <message>
      <source>Arm a</source>
      <translation>Arm A</translation>
    </message>
    <message>
      <source>Arm b</source>
      <translation>Arm B</translation>
    </message>
    <message>
      <source>Arm c</source>
      <translation>Arm C</translation>
    </message>
    <message>
      <source>Arm d</source>
      <translation>Arm D</translation>
    </message>
    <message>
      <source>Arm e</source>
      <translation>Arm E</translation>
    </message>
    <message>
      <source>Arm f</source>
      <translation>Arm F</translation>
    </message>
    <message>
      <source>Arm g</source>
      <translation>Arm G</translation>
    </message>
    <message>
      <source>Arm h</source>
      <translation>Arm H</translation>
    </message>
    <message>
      <source>F1 tells more</source>
      <translation>F1 sagt mehr</translation>
    </message>
    <message>
      <source>Something went wrong inside Umbrite ({name}: {error}). Your work is as it was before; save it under another name to be safe. Help &gt; Copy a report of a fault tells developers more.</source>
      <translation>In Umbrite ist etwas schiefgegangen ({name}: {error}). Deine Arbeit ist wie vorher; speichere sie sicherheitshalber unter anderem Namen. Hilfe &gt; Fehlerbericht kopieren sagt Entwicklern mehr.</translation>
    </message>
    <message>
      <source>Board</source>
      <translation>Bühne</translation>
    </message>
    <message>
      <source>The puppet, and the handles of the present station</source>
      <translation>Die Figur und die Anfasser der Station</translation>
    </message>
    <message>
      <source>On the board</source>
      <translation>Auf der Bühne</translation>
    </message>
    <message>
      <source>{name} is held here while you drag the body. Click the hold point again to remove it.</source>
      <translation>{name} wird hier gehalten, während du den Körper ziehst. Klick auf den Haltepunkt entfernt ihn.</translation>
    </message>
    <message>
      <source>Drag the body by {name}</source>
      <translation>Körper an {name} ziehen</translation>
    </message>
    <message>
      <source>The hold point was removed.</source>
      <translation>Der Haltepunkt wurde entfernt.</translation>
    </message>
    <message>
      <source>The whole body can't be dragged into a pass. Use a control.</source>
      <translation>Der ganze Körper lässt sich nicht in einen Durchgang ziehen. Nimm einen Regler.</translation>
    </message>
    <message>
      <source>, {away} px out of reach</source>
      <translation>, {away} px außer Reichweite</translation>
    </message>
    <message>
      <source>Move head of {name}</source>
      <translation>Kopf von {name} verschieben</translation>
    </message>
    <message>
      <source>Move tip of {name}</source>
      <translation>Spitze von {name} verschieben</translation>
    </message>
    <message>
      <source>{count} parts</source>
      <translation>{count} Teile</translation>
    </message>
    <message>
      <source>{name} to {other}</source>
      <translation>{name} zu {other}</translation>
    </message>
    <message>
      <source>Move bone {name}</source>
      <translation>Knochen {name} verschieben</translation>
    </message>
    <message>
      <source>Nothing was bound. Drop it on a bone, a rivet or a part that has a parent.</source>
      <translation>Nichts wurde gebunden. Auf einem Knochen, einer Niete oder einem Teil mit Elternteil ablegen.</translation>
    </message>
    <message>
      <source>No part lies fully inside the loop, so nothing was bound to {name}.</source>
      <translation>Kein Teil liegt ganz in der Schlinge, an {name} wurde also nichts gebunden.</translation>
    </message>
    <message>
      <source>Release where the chain ends</source>
      <translation>Loslassen, wo die Kette endet</translation>
    </message>
    <message>
      <source>{count} parts to {name}</source>
      <translation>{count} Teile zu {name}</translation>
    </message>
    <message>
      <source>Place control {name}</source>
      <translation>Regler {name} platzieren</translation>
    </message>
    <message>
      <source>Move a pose of {name}</source>
      <translation>Pose von {name} verschieben</translation>
    </message>
    <message>
      <source>Move the mirror line</source>
      <translation>Spiegellinie verschieben</translation>
    </message>
    <message>
      <source>release to remove</source>
      <translation>loslassen entfernt sie</translation>
    </message>
    <message>
      <source>Make limb {name}</source>
      <translation>Glied {name} erstellen</translation>
    </message>
    <message>
      <source>follows {name}</source>
      <translation>folgt {name}</translation>
    </message>
    <message>
      <source>stays on the board</source>
      <translation>bleibt auf der Bühne</translation>
    </message>
    <message>
      <source>{name} is a limb now; its target {where}. Look at its bend side in Details.</source>
      <translation>{name} ist jetzt ein Glied; sein Ziel {where}. Sieh nach der Beugeseite in Details.</translation>
    </message>
    <message>
      <source>the board</source>
      <translation>die Bühne</translation>
    </message>
    <message>
      <source>Nothing has moved.</source>
      <translation>Nichts hat sich bewegt.</translation>
    </message>
    <message>
      <source>{name} to the tip of {other}</source>
      <translation>{name} bis zur Spitze von {other}</translation>
    </message>
    <message>
      <source>No limb was made. Release on the joint where the limb ends, such as a wrist.</source>
      <translation>Kein Glied wurde erstellt. Auf dem Gelenk loslassen, wo es endet, etwa am Handgelenk.</translation>
    </message>
    <message>
      <source>Target follows {name}</source>
      <translation>Ziel folgt {name}</translation>
    </message>
    <message>
      <source>The target of {name} follows {name2} now.</source>
      <translation>Das Ziel von {name} folgt jetzt {name2}.</translation>
    </message>
    <message>
      <source>Drag on to the end of the limb</source>
      <translation>Bis zum Ende des Glieds weiterziehen</translation>
    </message>
    <message>
      <source>{limb} follows {name}</source>
      <translation>{limb} folgt {name}</translation>
    </message>
    <message>
      <source>Limit {name}</source>
      <translation>{name} begrenzen</translation>
    </message>
    <message>
      <source>Move points of the mesh</source>
      <translation>Netzpunkte verschieben</translation>
    </message>
    <message>
      <source>Add a point to the mesh</source>
      <translation>Netzpunkt hinzufügen</translation>
    </message>
    <message>
      <source>Reshape {name}</source>
      <translation>{name} umformen</translation>
    </message>
    <message>
      <source>Paint weights of {name}</source>
      <translation>Gewichte von {name} malen</translation>
    </message>
    <message>
      <source>Move {name}</source>
      <translation>{name} verschieben</translation>
    </message>
    <message>
      <source>A guest is turned as one in a pose: drag the ring or the end of its own control in Rehearse.</source>
      <translation>Ein Gast wird in einer Pose als Ganzes gedreht: Zieh in der Probe den Ring oder das Ende seines Reglers.</translation>
    </message>
    <message>
      <source>There is no part under this line. Draw it across the part that should be two.</source>
      <translation>Unter dieser Linie liegt kein Teil. Zieh sie quer über das Teil, das zwei werden soll.</translation>
    </message>
    <message>
      <source>Trim {name}</source>
      <translation>{name} beschneiden</translation>
    </message>
    <message>
      <source>Restore some of {name}</source>
      <translation>Etwas von {name} wiederherstellen</translation>
    </message>
    <message>
      <source>cut away</source>
      <translation>wegschneiden</translation>
    </message>
    <message>
      <source>restore</source>
      <translation>wiederherstellen</translation>
    </message>
    <message>
      <source>Parent {name} to {name2}</source>
      <translation>{name2} als Elternteil von {name}</translation>
    </message>
    <message>
      <source>Move pivot of {name}</source>
      <translation>Drehpunkt von {name} verschieben</translation>
    </message>
    <message>
      <source>Slide {name} under its pivot</source>
      <translation>{name} unter dem Drehpunkt schieben</translation>
    </message>
    <message>
      <source>{name} was not changed.</source>
      <translation>{name} wurde nicht geändert.</translation>
    </message>
    <message>
      <source>{count} joints</source>
      <translation>{count} Gelenke</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name} now. {moved}</source>
      <translation>{name2} ist jetzt das Elternteil von {name}. {moved}</translation>
    </message>
    <message>
      <source>Nothing was parented. Drop it on a rivet or on a part.</source>
      <translation>Kein Elternteil gesetzt. Auf einer Niete oder einem Teil ablegen.</translation>
    </message>
    <message>
      <source>squashed to {percent} %</source>
      <translation>gestaucht auf {percent} %</translation>
    </message>
    <message>
      <source>Slant {name}</source>
      <translation>{name} neigen</translation>
    </message>
    <message>
      <source>Squash {name}</source>
      <translation>{name} stauchen</translation>
    </message>
    <message>
      <source>Pose {name}</source>
      <translation>Pose {name}</translation>
    </message>
    <message>
      <source>  stopped by the limit of {names}</source>
      <translation>  gestoppt von der Grenze von {names}</translation>
    </message>
    <message>
      <source>Turn {name} about the pin</source>
      <translation>{name} um die Nadel drehen</translation>
    </message>
    <message>
      <source> and {count} more</source>
      <translation> und {count} mehr</translation>
    </message>
    <message>
      <source>Set {name}</source>
      <translation>{name} setzen</translation>
    </message>
    <message>
      <source>{name} is fixed, so it can't be moved by hand. Set Moving to Free in Details.</source>
      <translation>{name} ist fest und lässt sich nicht von Hand bewegen. Stell in Details Bewegen auf Frei.</translation>
    </message>
    <message>
      <source>A pass can't be recorded about a pin. Use a control.</source>
      <translation>Ein Durchgang um eine Nadel lässt sich nicht aufnehmen. Nimm einen Regler.</translation>
    </message>
    <message>
      <source>{words}, left out</source>
      <translation>{words}, ausgeschlossen</translation>
    </message>
    <message>
      <source>on the face</source>
      <translation>im Gesicht</translation>
    </message>
    <message>
      <source>stands out</source>
      <translation>steht vor</translation>
    </message>
    <message>
      <source>at the side</source>
      <translation>an der Seite</translation>
    </message>
    <message>
      <source>on top</source>
      <translation>obenauf</translation>
    </message>
    <message>
      <source>hair in front</source>
      <translation>Haar vorn</translation>
    </message>
    <message>
      <source>behind the head</source>
      <translation>hinter dem Kopf</translation>
    </message>
    <message>
      <source>left out</source>
      <translation>ausgeschlossen</translation>
    </message>
    <message>
      <source>mirrored at x {x}</source>
      <translation>gespiegelt bei x {x}</translation>
    </message>
    <message>
      <source>Select the bone first, then draw a loop around what it should carry.</source>
      <translation>Wähle zuerst den Knochen, dann zieh eine Schlinge um das, was er tragen soll.</translation>
    </message>
    <message>
      <source>Only controls can be dragged here. Controls &gt; Lock all but controls unlocks the rest.</source>
      <translation>Hier lassen sich nur Regler ziehen. Regler &gt; Alles außer Reglern sperren gibt den Rest frei.</translation>
    </message>
    <message>
      <source>Pin set: Ctrl+drag turns about it. Esc removes it.</source>
      <translation>Nadel gesetzt: Strg+Ziehen dreht um sie. Esc entfernt sie.</translation>
    </message>
    <message>
      <source>{joint} is turned by {limb}. Drag the limb's grip, or let it be posed by its own turns in Details.</source>
      <translation>{joint} wird von {limb} gedreht. Zieh den Griff des Glieds, oder lass es in Details durch eigene Drehungen posieren.</translation>
    </message>
    <message>
      <source>{name} is locked. Set Hand-over in its details to let animators use it.</source>
      <translation>{name} ist gesperrt. Stell in Details die Übergabe um, damit Animatoren es nutzen.</translation>
    </message>
    <message>
      <source>{count} selected: {names}</source>
      <translation>{count} gewählt: {names}</translation>
    </message>
    <message>
      <source>at {x}, {y}</source>
      <translation>bei {x}, {y}</translation>
    </message>
    <message>
      <source>Nothing selected</source>
      <translation>Nichts gewählt</translation>
    </message>
    <message>
      <source>{name} selected</source>
      <translation>{name} gewählt</translation>
    </message>
    <message>
      <source>Part on {joint}</source>
      <translation>Teil auf {joint}</translation>
    </message>
    <message>
      <source>Limb of {count} joints</source>
      <translation>Glied aus {count} Gelenken</translation>
    </message>
    <message>
      <source>target</source>
      <translation>Ziel</translation>
    </message>
    <message>
      <source>shows {name}</source>
      <translation>zeigt {name}</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>gesperrt</translation>
    </message>
    <message>
      <source>reference picture</source>
      <translation>Vorlage</translation>
    </message>
    <message>
      <source>parent {name}</source>
      <translation>Elternteil {name}</translation>
    </message>
    <message>
      <source>no parent</source>
      <translation>ohne Elternteil</translation>
    </message>
    <message>
      <source>not set</source>
      <translation>nicht gesetzt</translation>
    </message>
    <message>
      <source>fixed</source>
      <translation>fest</translation>
    </message>
    <message>
      <source>switched off</source>
      <translation>ausgeschaltet</translation>
    </message>
    <message>
      <source>value {number}</source>
      <translation>Wert {number}</translation>
    </message>
    <message>
      <source>Question</source>
      <translation>Frage</translation>
    </message>
    <message>
      <source>Name of the bone</source>
      <translation>Name des Knochens</translation>
    </message>
    <message>
      <source>Done with this bone</source>
      <translation>Mit diesem Knochen fertig</translation>
    </message>
    <message>
      <source>carries</source>
      <translation>trägt</translation>
    </message>
    <message>
      <source>Number of bones</source>
      <translation>Zahl der Knochen</translation>
    </message>
    <message>
      <source> bones</source>
      <translation> Knochen</translation>
    </message>
    <message>
      <source>shorter in bends</source>
      <translation>kürzer in Biegungen</translation>
    </message>
    <message>
      <source>no part under it</source>
      <translation>kein Teil darunter</translation>
    </message>
    <message>
      <source>along one line</source>
      <translation>entlang einer Linie</translation>
    </message>
    <message>
      <source>Name bone {text}</source>
      <translation>Knochen {text} nennen</translation>
    </message>
    <message>
      <source>Discard</source>
      <translation>Verwerfen</translation>
    </message>
    <message>
      <source>What shall be made for the face</source>
      <translation>Was für das Gesicht erstellt wird</translation>
    </message>
    <message>
      <source>Head turn</source>
      <translation>Kopfdrehung</translation>
    </message>
    <message>
      <source>Lids</source>
      <translation>Lider</translation>
    </message>
    <message>
      <source>Brows</source>
      <translation>Brauen</translation>
    </message>
    <message>
      <source>Gaze</source>
      <translation>Blick</translation>
    </message>
    <message>
      <source>Make</source>
      <translation>Erstellen</translation>
    </message>
    <message>
      <source>{sure} sure</source>
      <translation>zu {sure} sicher</translation>
    </message>
    <message>
      <source>{name}: at {turn} {reason}. Click to accept it as the limit.</source>
      <translation>{name}: bei {turn} {reason}. Klick nimmt das als Grenze an.</translation>
    </message>
    <message>
      <source>Found limits</source>
      <translation>Gefundene Grenzen</translation>
    </message>
    <message>
      <source>Accept all</source>
      <translation>Alle annehmen</translation>
    </message>
    <message>
      <source>Close found limits</source>
      <translation>Gefundene Grenzen schließen</translation>
    </message>
    <message>
      <source>Accept this end</source>
      <translation>Dieses Ende annehmen</translation>
    </message>
    <message>
      <source>Accept both ends</source>
      <translation>Beide Enden annehmen</translation>
    </message>
    <message>
      <source>Leave {name} out</source>
      <translation>{name} ausschließen</translation>
    </message>
    <message>
      <source>Select the joint</source>
      <translation>Gelenk auswählen</translation>
    </message>
    <message>
      <source>Click for earlier messages  (Ctrl+Shift+M)</source>
      <translation>Klick zeigt frühere Meldungen  (Strg+Umschalt+M)</translation>
    </message>
    <message>
      <source>No messages</source>
      <translation>Keine Meldungen</translation>
    </message>
    <message>
      <source>Drop pictures here, or open a layered picture to begin.</source>
      <translation>Leg hier Bilder ab, oder öffne ein Ebenenbild.</translation>
    </message>
    <message>
      <source>Performing</source>
      <translation>Spiel von Hand</translation>
    </message>
    <message>
      <source>Smoothness of the pass</source>
      <translation>Glätte des Durchgangs</translation>
    </message>
    <message>
      <source>Smooth the pass; it is thinned to the fewest keys</source>
      <translation>Glättet den Durchgang; er wird auf wenige Schlüssel ausgedünnt</translation>
    </message>
    <message>
      <source>Accept</source>
      <translation>Annehmen</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Stopp</translation>
    </message>
    <message>
      <source>Time runs after three</source>
      <translation>Nach drei läuft die Zeit</translation>
    </message>
    <message>
      <source>Recording, {seconds} s</source>
      <translation>Aufnahme, {seconds} s</translation>
    </message>
    <message>
      <source>Press a control and hold it</source>
      <translation>Drück einen Regler und halt ihn</translation>
    </message>
    <message>
      <source>{count} keys</source>
      <translation>{count} Schlüssel</translation>
    </message>
    <message>
      <source>{place}: {name}, {share} sure</source>
      <translation>{place}: {name}, zu {share} sicher</translation>
    </message>
    <message>
      <source>{place} goes along with the body</source>
      <translation>{place} geht mit dem Körper mit</translation>
    </message>
    <message>
      <source>The plan's figure</source>
      <translation>Die Figur des Plans</translation>
    </message>
    <message>
      <source>{place}: empty</source>
      <translation>{place}: leer</translation>
    </message>
    <message>
      <source>{place}: {name}, set by hand</source>
      <translation>{place}: {name}, von Hand gesetzt</translation>
    </message>
    <message>
      <source>{place} bends this way; a click turns it</source>
      <translation>{place} beugt sich hierhin; ein Klick kehrt es um</translation>
    </message>
    <message>
      <source>{place} stands on the ground</source>
      <translation>{place} steht auf dem Boden</translation>
    </message>
    <message>
      <source>Body plan</source>
      <translation>Körperplan</translation>
    </message>
    <message>
      <source>Let the figure look the other way</source>
      <translation>Figur zur anderen Seite blicken lassen</translation>
    </message>
    <message>
      <source>Follows the nearest piece</source>
      <translation>Folgt dem nächsten Stück</translation>
    </message>
    <message>
      <source>Drawn twice: only one is shown at a time</source>
      <translation>Zweimal gezeichnet: immer nur eines ist zu sehen</translation>
    </message>
    <message>
      <source>Build</source>
      <translation>Bauen</translation>
    </message>
    <message>
      <source>Looks right →</source>
      <translation>Blickt nach rechts →</translation>
    </message>
    <message>
      <source>← Looks left</source>
      <translation>← Blickt nach links</translation>
    </message>
    <message>
      <source>Transfer rig</source>
      <translation>Rig übertragen</translation>
    </message>
    <message>
      <source>What differs: {what}.</source>
      <translation>Was anders ist: {what}.</translation>
    </message>
    <message>
      <source>Posing for a value</source>
      <translation>Pose für einen Wert</translation>
    </message>
    <message>
      <source>Posing {name} at {value}</source>
      <translation>Pose für {name} bei {value}</translation>
    </message>
    <message>
      <source>More</source>
      <translation>Mehr</translation>
    </message>
    <message>
      <source>Weight of the selected vertices</source>
      <translation>Gewicht der gewählten Punkte</translation>
    </message>
    <message>
      <source>Alt+drag a box around vertices, then type their weight</source>
      <translation>Alt+Ziehen rahmt Punkte ein, dann ihr Gewicht tippen</translation>
    </message>
    <message>
      <source>Selected</source>
      <translation>Auswahl</translation>
    </message>
    <message>
      <source>Lock this bone</source>
      <translation>Diesen Knochen sperren</translation>
    </message>
    <message>
      <source>Sway while painting</source>
      <translation>Beim Malen wiegen</translation>
    </message>
    <message>
      <source>To the other side</source>
      <translation>Auf die andere Seite</translation>
    </message>
    <message>
      <source>From the drawing's shape</source>
      <translation>Aus der Form der Zeichnung</translation>
    </message>
    <message>
      <source>Begin here</source>
      <translation>Hier beginnen</translation>
    </message>
    <message>
      <source>Drop pictures or a layered picture here, or choose a way in.</source>
      <translation>Leg hier Bilder oder ein Ebenenbild ab, oder wähle einen Anfang.</translation>
    </message>
    <message>
      <source>Select the part that should bend first.</source>
      <translation>Wähle zuerst das Teil, das sich biegen soll.</translation>
    </message>
    <message>
      <source>Select the part, and with Shift two or more bones that it should bend over.</source>
      <translation>Wähle das Teil und mit Umschalt zwei oder mehr Knochen, über die es sich biegen soll.</translation>
    </message>
    <message>
      <source>Select a part that bends first.</source>
      <translation>Wähle zuerst ein Teil, das sich biegt.</translation>
    </message>
    <message>
      <source>Working out how it bends</source>
      <translation>Biegung wird berechnet</translation>
    </message>
    <message>
      <source>Bend {part}</source>
      <translation>{part} biegen</translation>
    </message>
    <message>
      <source>It bends in {count} joints. Let it swing in Details, hold both ends by a limb (L), or pose it.</source>
      <translation>Es biegt sich in {count} Gelenken. Lass es in Details schwingen, halt beide Enden mit einem Glied (L), oder posier es.</translation>
    </message>
    <message>
      <source>Bend {part} over {count} bones</source>
      <translation>{part} über {count} Knochen biegen</translation>
    </message>
    <message>
      <source>{part} bends over {count} bones now. Nothing has moved.</source>
      <translation>{part} biegt sich jetzt über {count} Knochen. Nichts hat sich bewegt.</translation>
    </message>
    <message>
      <source>Bend {part} in {count} joints</source>
      <translation>{part} in {count} Gelenken biegen</translation>
    </message>
    <message>
      <source>Stop bending {part}</source>
      <translation>Biegen von {part} beenden</translation>
    </message>
    <message>
      <source>Let {part} swing</source>
      <translation>{part} schwingen lassen</translation>
    </message>
    <message>
      <source>Mesh of {part}</source>
      <translation>Netz von {part}</translation>
    </message>
    <message>
      <source>Nothing bends yet. Select a part and let it bend first.</source>
      <translation>Noch biegt sich nichts. Wähle ein Teil und bieg es zuerst.</translation>
    </message>
    <message>
      <source>Weight {share} %</source>
      <translation>Gewicht {share} %</translation>
    </message>
    <message>
      <source>Weights of {part} to the other side</source>
      <translation>Gewichte von {part} auf die andere Seite</translation>
    </message>
    <message>
      <source>Weights of {part} anew</source>
      <translation>Gewichte von {part} neu</translation>
    </message>
    <message>
      <source>The weights are as the drawing's shape and its bones give them.</source>
      <translation>Die Gewichte sind so, wie Form und Knochen sie ergeben.</translation>
    </message>
    <message>
      <source>Squash of {part}</source>
      <translation>Stauchung von {part}</translation>
    </message>
    <message>
      <source>What is selected bends already.</source>
      <translation>Das Gewählte biegt sich schon.</translation>
    </message>
    <message>
      <source>Grips along {part}</source>
      <translation>Griffe entlang {part}</translation>
    </message>
    <message>
      <source>Made: {names}. Drag them in Rehearse, Ctrl+5.</source>
      <translation>Erstellt: {names}. Zieh sie in der Probe, Strg+5.</translation>
    </message>
    <message>
      <source>Delete {count} mesh points</source>
      <translation>{count} Netzpunkte löschen</translation>
    </message>
    <message>
      <source>Click a part that bends first.</source>
      <translation>Klick zuerst ein Teil an, das sich biegt.</translation>
    </message>
    <message>
      <source>A piece of the drawing would lie beside the mesh and be cut off where it bends. Leave it a margin.</source>
      <translation>Ein Stück der Zeichnung läge neben dem Netz und fehlte beim Biegen. Lass ihm einen Rand.</translation>
    </message>
    <message>
      <source>Pick points of the mesh first: click one, or draw a box with Alt.</source>
      <translation>Wähl zuerst Netzpunkte: Klick einen an, oder zieh mit Alt einen Kasten.</translation>
    </message>
    <message>
      <source>Nothing carries {names} yet.</source>
      <translation>Noch trägt nichts {names}.</translation>
    </message>
    <message>
      <source>Draw bone {name}</source>
      <translation>Knochen {name} zeichnen</translation>
    </message>
    <message>
      <source>carries {name}</source>
      <translation>trägt {name}</translation>
    </message>
    <message>
      <source>carries nothing yet</source>
      <translation>trägt noch nichts</translation>
    </message>
    <message>
      <source> It crosses {names}, which nothing carries: tick it to bind it too.</source>
      <translation> Er kreuzt {names}, das nichts trägt: Hak es an, um es auch zu binden.</translation>
    </message>
    <message>
      <source>{name} {carries}.{asks} Go on from its tip; Esc or a double click ends the chain.</source>
      <translation>{name} {carries}.{asks} Weiter an der Spitze; Esc oder ein Doppelklick beendet die Kette.</translation>
    </message>
    <message>
      <source>The chain is ended. Press on a tip or a rivet to branch off, or anywhere to draw a free bone.</source>
      <translation>Die Kette ist beendet. Drück auf eine Spitze oder Niete für einen Abzweig, anderswo für einen freien Knochen.</translation>
    </message>
    <message>
      <source>Make {count} bones along {name}</source>
      <translation>{count} Knochen entlang {name} erstellen</translation>
    </message>
    <message>
      <source>Looking for its middle line</source>
      <translation>Mittellinie wird gesucht</translation>
    </message>
    <message>
      <source>Change their number on the card. Cut the drawing into pieces for them, or bind whole parts to single bones.</source>
      <translation>Ändere ihre Zahl auf der Karte. Schneide die Zeichnung für sie, oder binde ganze Teile an Knochen.</translation>
    </message>
    <message>
      <source>Make {count} bones from pivots</source>
      <translation>{count} Knochen aus Drehpunkten erstellen</translation>
    </message>
    <message>
      <source>{count} joints are bones now. Alt+drag moves heads, tips and whole bones.</source>
      <translation>{count} Gelenke sind jetzt Knochen. Alt+Ziehen bewegt Köpfe, Spitzen und ganze Knochen.</translation>
    </message>
    <message>
      <source>Select one or more bones first.</source>
      <translation>Wähle zuerst einen oder mehrere Knochen.</translation>
    </message>
    <message>
      <source>Select the bone first, then with Shift the one that should carry it.</source>
      <translation>Wähle zuerst den Knochen, dann mit Umschalt den, der ihn tragen soll.</translation>
    </message>
    <message>
      <source>Every part is carried by something.</source>
      <translation>Jedes Teil wird von etwas getragen.</translation>
    </message>
    <message>
      <source>Draw bones first, or make them from the pivots.</source>
      <translation>Zeichne zuerst Knochen, oder erstelle sie aus den Drehpunkten.</translation>
    </message>
    <message>
      <source>Bind {count} parts {how}</source>
      <translation>{count} Teile binden: {how}</translation>
    </message>
    <message>
      <source>{count} parts bound {how}: {names}{ending}. {still_loose}</source>
      <translation>{count} Teile gebunden {how}: {names}{ending}. {still_loose}</translation>
    </message>
    <message>
      <source>Nothing is unbound.</source>
      <translation>Nichts ist ungebunden.</translation>
    </message>
    <message>
      <source> and more</source>
      <translation> und mehr</translation>
    </message>
    <message>
      <source>Bind {count} loose parts to the nearest</source>
      <translation>{count} lose Teile an das Nächste binden</translation>
    </message>
    <message>
      <source>Detach {keys}</source>
      <translation>{keys} lösen</translation>
    </message>
    <message>
      <source>Attach {name} to {name2}</source>
      <translation>{name} an {name2} setzen</translation>
    </message>
    <message>
      <source>Same length on the other side of {keys}</source>
      <translation>Gleiche Länge auf der anderen Seite von {keys}</translation>
    </message>
    <message>
      <source>{label} rides on {name} now. {moved} {after}</source>
      <translation>{label} sitzt jetzt auf {name}. {moved} {after}</translation>
    </message>
    <message>
      <source>Bind {name} to {bone}</source>
      <translation>{name} an {bone} binden</translation>
    </message>
    <message>
      <source>Unbind {name} from {bone}</source>
      <translation>{name} von {bone} lösen</translation>
    </message>
    <message>
      <source>No part fits a bone {how}. Draw a cord from the part to its bone with Bind, or tick it on the bone's card.</source>
      <translation>Kein Teil passt {how} zu einem Knochen. Zieh mit Binden eine Schnur vom Teil zum Knochen, oder hak es auf der Karte an.</translation>
    </message>
    <message>
      <source>Bind {label} to {name}</source>
      <translation>{label} an {name} binden</translation>
    </message>
    <message>
      <source>Something else was changed since. Undo that first, or draw the line again.</source>
      <translation>Inzwischen wurde anderes geändert. Nimm das zuerst zurück, oder zieh die Linie neu.</translation>
    </message>
    <message>
      <source>; and more.</source>
      <translation>; und mehr.</translation>
    </message>
    <message>
      <source>{name} whole</source>
      <translation>{name} ganz</translation>
    </message>
    <message>
      <source>Select two or more parts that should be one.</source>
      <translation>Wähle zwei oder mehr Teile, die eins werden sollen.</translation>
    </message>
    <message>
      <source>Draw bones over the part first, then select it.</source>
      <translation>Zeichne zuerst Knochen über das Teil, dann wähle es.</translation>
    </message>
    <message>
      <source>Cut {name}</source>
      <translation>{name} schneiden</translation>
    </message>
    <message>
      <source>{name} turns on {other} now. Hold W and drag to try it; the whole drawing is kept, hidden.</source>
      <translation>{name} dreht sich jetzt an {other}. W halten und ziehen probiert es; die ganze Zeichnung bleibt, ausgeblendet.</translation>
    </message>
    <message>
      <source>Select the one part to lay bones over.</source>
      <translation>Wähle das eine Teil, über das Knochen gelegt werden.</translation>
    </message>
    <message>
      <source>{count} cuts are proposed on {name}. Click one to exclude it; Enter cuts, Esc discards.</source>
      <translation>{count} Schnitte für {name} vorgeschlagen. Klick schließt einen aus; Eingabe schneidet, Esc verwirft.</translation>
    </message>
    <message>
      <source>The proposed cuts were discarded.</source>
      <translation>Die vorgeschlagenen Schnitte wurden verworfen.</translation>
    </message>
    <message>
      <source>Cut {name} at the bones</source>
      <translation>{name} an den Knochen schneiden</translation>
    </message>
    <message>
      <source> Not at {names}: the drawing doesn't part there.</source>
      <translation> Nicht an {names}: Dort teilt sich die Zeichnung nicht.</translation>
    </message>
    <message>
      <source> {count} pivots were moved to the middle of their limbs.</source>
      <translation> {count} Drehpunkte wurden in die Mitte ihrer Glieder gesetzt.</translation>
    </message>
    <message>
      <source>{name} is in {count} pieces now, each on its bone.{words}</source>
      <translation>{name} ist jetzt in {count} Stücken, jedes auf seinem Knochen.{words}</translation>
    </message>
    <message>
      <source>Join {count} parts</source>
      <translation>{count} Teile verbinden</translation>
    </message>
    <message>
      <source>{name} is one part now, as it lay. Nothing has moved at rest.</source>
      <translation>{name} ist jetzt ein Teil, wie es lag. In Ruhe hat sich nichts bewegt.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not cut. Stop bending first.</source>
      <translation>{name} biegt sich und wird nicht geschnitten. Beende zuerst das Biegen.</translation>
    </message>
    <message>
      <source>{name} is trimmed. Remove all trims first (Shift+B), then cut it.</source>
      <translation>{name} ist beschnitten. Entfern zuerst alle Beschnitte (Umschalt+B), dann schneide.</translation>
    </message>
    <message>
      <source>{name} shares its drawing with a copy. Give it a drawing of its own first.</source>
      <translation>{name} teilt seine Zeichnung mit einer Kopie. Gib ihm zuerst eine eigene.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it was not made.</source>
      <translation>{name} zeigte hier nichts und wurde nicht erstellt.</translation>
    </message>
    <message>
      <source>Bones of a {plan} over {name}</source>
      <translation>Knochen ({plan}) über {name}</translation>
    </message>
    <message>
      <source>{count} bones lie over {name}. Alt+drag heads and tips to its joints, then Art &gt; Cut at the bones.</source>
      <translation>{count} Knochen liegen über {name}. Alt+Ziehen setzt Köpfe und Spitzen auf seine Gelenke, dann Zeichnung &gt; An den Knochen schneiden.</translation>
    </message>
    <message>
      <source>No cuts are proposed. Draw bones over a part, then choose Cut at the bones.</source>
      <translation>Es sind keine Schnitte vorgeschlagen. Zeichne Knochen über ein Teil und wähle An den Knochen schneiden.</translation>
    </message>
    <message>
      <source>All proposed cuts are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Alle Schnitte sind ausgeschlossen. Klick einen an, um ihn einzuschließen, oder verwirf sie mit Esc.</translation>
    </message>
    <message>
      <source>Cutting at the bones</source>
      <translation>Schneiden an den Knochen</translation>
    </message>
    <message>
      <source>No bone's head lies where {name} could be cut. Draw the bones so that each begins at a joint.</source>
      <translation>Kein Knochenkopf liegt, wo {name} geschnitten werden könnte. Zeichne die Knochen so, dass jeder an einem Gelenk beginnt.</translation>
    </message>
    <message>
      <source>Together these would be a picture of {wide} x {tall} px. Join fewer.</source>
      <translation>Zusammen wäre das ein Bild von {wide} x {tall} px. Verbinde weniger.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not joined. Stop bending first.</source>
      <translation>{name} biegt sich und wird nicht verbunden. Beende zuerst das Biegen.</translation>
    </message>
    <message>
      <source>Working out how the pieces overlap</source>
      <translation>Überlappungen werden berechnet</translation>
    </message>
    <message>
      <source>No joints are proposed. Use Find joints first.</source>
      <translation>Keine Gelenke vorgeschlagen. Nutze zuerst Gelenke finden.</translation>
    </message>
    <message>
      <source>Accept joint of {name}</source>
      <translation>Gelenk von {name} annehmen</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name}, which turns here. {left}</source>
      <translation>{name2} ist jetzt das Elternteil von {name}, das sich hier dreht. {left}</translation>
    </message>
    <message>
      <source>The joint of {name} was discarded. {left}</source>
      <translation>Das Gelenk von {name} wurde verworfen. {left}</translation>
    </message>
    <message>
      <source>{count} more are proposed.</source>
      <translation>{count} weitere sind vorgeschlagen.</translation>
    </message>
    <message>
      <source>No more are proposed.</source>
      <translation>Keine weiteren sind vorgeschlagen.</translation>
    </message>
    <message>
      <source>Accept {count} joints</source>
      <translation>{count} Gelenke annehmen</translation>
    </message>
    <message>
      <source>All proposed joints were discarded.</source>
      <translation>Alle vorgeschlagenen Gelenke wurden verworfen.</translation>
    </message>
    <message>
      <source>, {count} of them doubtful</source>
      <translation>, {count} davon zweifelhaft</translation>
    </message>
    <message>
      <source>{count} joints are proposed{words}. Click to accept, drag to correct, Alt+click to discard; Enter accepts all.</source>
      <translation>{count} Gelenke vorgeschlagen{words}. Klick nimmt an, Ziehen korrigiert, Alt+Klick verwirft; Eingabe nimmt alle an.</translation>
    </message>
    <message>
      <source>No joint is missing where parts overlap: all that the art suggests is there already.</source>
      <translation>Wo Teile sich überlappen, fehlt kein Gelenk: Alles, was die Zeichnung nahelegt, ist da.</translation>
    </message>
    <message>
      <source>{count} joints made.</source>
      <translation>{count} Gelenke erstellt.</translation>
    </message>
    <message>
      <source> {names} would close a circle or break a limb and stayed proposed.</source>
      <translation> {names} würde einen Kreis schließen oder ein Glied zerreißen und blieb vorgeschlagen.</translation>
    </message>
    <message>
      <source>Add the art first: a figure has two pieces or more.</source>
      <translation>Füg zuerst die Zeichnungen hinzu: Eine Figur hat zwei Stücke oder mehr.</translation>
    </message>
    <message>
      <source>Working out which piece is which</source>
      <translation>Stücke werden zugeordnet</translation>
    </message>
    <message>
      <source>Build the family first; then it can be saved as a plan.</source>
      <translation>Bau zuerst die Familie; dann lässt sie sich als Plan speichern.</translation>
    </message>
    <message>
      <source>{name} is a body plan now, saved as {path}. Build by plan offers it.</source>
      <translation>{name} ist jetzt ein Körperplan, gespeichert als {path}. Nach Plan bauen bietet ihn an.</translation>
    </message>
    <message>
      <source>{plan}, {count} places filled{words}. Drag pieces to other places, click one to clear it; Enter builds.</source>
      <translation>{plan}, {count} Plätze besetzt{words}. Zieh Stücke auf andere Plätze, ein Klick leert einen; Eingabe baut.</translation>
    </message>
    <message>
      <source>{name} is the {place} now.</source>
      <translation>{name} ist jetzt {place}.</translation>
    </message>
    <message>
      <source>{name} is parented to it</source>
      <translation>{name} wird sein Kind</translation>
    </message>
    <message>
      <source>a limb {name}</source>
      <translation>ein Glied {name}</translation>
    </message>
    <message>
      <source>Transferring the rig</source>
      <translation>Rig wird übertragen</translation>
    </message>
    <message>
      <source>Transfer the rig of {name}</source>
      <translation>Rig von {name} übertragen</translation>
    </message>
    <message>
      <source>The rig of {name} was transferred: {count} pieces found their places. {words}</source>
      <translation>Das Rig von {name} wurde übertragen: {count} Stücke haben ihren Platz. {words}</translation>
    </message>
    <message>
      <source>Building</source>
      <translation>Bauen</translation>
    </message>
    <message>
      <source>Build a {plan}</source>
      <translation>{plan} bauen</translation>
    </message>
    <message>
      <source>{pieces} pieces, {limbs} limbs and {controls} controls were made. Undo removes all of it. {words}</source>
      <translation>{pieces} Stücke, {limbs} Glieder und {controls} Regler erstellt. Rückgängig entfernt alles. {words}</translation>
    </message>
    <message>
      <source>{side} {what}</source>
      <translation>{what}, {side}</translation>
    </message>
    <message>
      <source>The plan was discarded.</source>
      <translation>Der Plan wurde verworfen.</translation>
    </message>
    <message>
      <source>There is no folder for body plans here.</source>
      <translation>Hier gibt es keinen Ordner für Körperpläne.</translation>
    </message>
    <message>
      <source>Let a plan be guessed first: Build by plan.</source>
      <translation>Lass zuerst einen Plan raten: Nach Plan bauen.</translation>
    </message>
    <message>
      <source>{name} is no piece of the figure: it is hidden, or lies on another one as its shade.</source>
      <translation>{name} ist kein Stück der Figur: Es ist ausgeblendet oder liegt als Schatten auf einem anderen.</translation>
    </message>
    <message>
      <source>{name} turns {off} px elsewhere</source>
      <translation>{name} dreht sich {off} px woanders</translation>
    </message>
    <message>
      <source>Nothing is missing: all of this plan is there already.</source>
      <translation>Nichts fehlt: Alles von diesem Plan ist schon da.</translation>
    </message>
    <message>
      <source>Make a limb or a master first; controls are made from them.</source>
      <translation>Erstelle zuerst ein Glied oder einen Hauptregler; daraus entstehen Regler.</translation>
    </message>
    <message>
      <source>Every limb and carrier has its control already.</source>
      <translation>Jedes Glied und jeder Träger hat schon einen Regler.</translation>
    </message>
    <message>
      <source>Make {count} control{ending}</source>
      <translation>{count} Regler erstellen</translation>
    </message>
    <message>
      <source>{count} controls made. Rehearse with them: Ctrl+5.</source>
      <translation>{count} Regler erstellt. Probe mit ihnen: Strg+5.</translation>
    </message>
    <message>
      <source>The proposed controls were discarded.</source>
      <translation>Die vorgeschlagenen Regler wurden verworfen.</translation>
    </message>
    <message>
      <source>is included again</source>
      <translation>ist wieder eingeschlossen</translation>
    </message>
    <message>
      <source>is excluded</source>
      <translation>ist ausgeschlossen</translation>
    </message>
    <message>
      <source>{name} {word}. Enter makes the others.</source>
      <translation>{name} {word}. Eingabe erstellt die anderen.</translation>
    </message>
    <message>
      <source>Select what the control should move first: a part, a rivet or a carrier.</source>
      <translation>Wähle zuerst, was der Regler bewegen soll: ein Teil, eine Niete oder einen Träger.</translation>
    </message>
    <message>
      <source>Select the parts to choose from first, with Shift.</source>
      <translation>Wähle zuerst die Teile, unter denen gewählt wird, mit Umschalt.</translation>
    </message>
    <message>
      <source>for {count} joints</source>
      <translation>für {count} Gelenke</translation>
    </message>
    <message>
      <source>Unlock all but controls</source>
      <translation>Alles außer Reglern entsperren</translation>
    </message>
    <message>
      <source>Only controls can be dragged in Rehearse now.</source>
      <translation>In der Probe lassen sich jetzt nur Regler ziehen.</translation>
    </message>
    <message>
      <source>The art can be dragged in Rehearse again.</source>
      <translation>In der Probe lässt sich die Zeichnung wieder ziehen.</translation>
    </message>
    <message>
      <source>Select what leads first, then Shift+click what should follow.</source>
      <translation>Wähle zuerst das Führende, dann mit Umschalt, was folgen soll.</translation>
    </message>
    <message>
      <source>Link {name}</source>
      <translation>{name} verknüpfen</translation>
    </message>
    <message>
      <source>Drag the points of the curve in Details; choose there which values are linked.</source>
      <translation>Zieh die Punkte der Kurve in Details; dort wählst du, welche Werte verknüpft sind.</translation>
    </message>
    <message>
      <source>{count} controls are proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} Regler vorgeschlagen. Klick schließt einen aus; Eingabe erstellt sie, Esc verwirft sie.</translation>
    </message>
    <message>
      <source>All proposed controls are excluded; none was made.</source>
      <translation>Alle vorgeschlagenen Regler sind ausgeschlossen; keiner wurde erstellt.</translation>
    </message>
    <message>
      <source>Make {kind} {made}</source>
      <translation>{kind} {made} erstellen</translation>
    </message>
    <message>
      <source>These are linked already, by {name}; here is its curve. A second link would add to it.</source>
      <translation>Das ist schon verknüpft, durch {name}; hier ist die Kurve. Eine zweite Verknüpfung käme hinzu.</translation>
    </message>
    <message>
      <source>Nothing carries this one.</source>
      <translation>Nichts trägt dieses.</translation>
    </message>
    <message>
      <source>This one carries nothing.</source>
      <translation>Dieses trägt nichts.</translation>
    </message>
    <message>
      <source>Nudge {keys}</source>
      <translation>{keys} schieben</translation>
    </message>
    <message>
      <source>Nudge {name}</source>
      <translation>{name} schieben</translation>
    </message>
    <message>
      <source>Turn {keys}</source>
      <translation>{keys} drehen</translation>
    </message>
    <message>
      <source>Nudge pivot of {keys}</source>
      <translation>Drehpunkt von {keys} schieben</translation>
    </message>
    <message>
      <source>Parent {keys} to {name}</source>
      <translation>{name} als Elternteil von {keys}</translation>
    </message>
    <message>
      <source>Clear parent of {keys}</source>
      <translation>Elternteil von {keys} entfernen</translation>
    </message>
    <message>
      <source>Carry {keys} together</source>
      <translation>{keys} gemeinsam tragen</translation>
    </message>
    <message>
      <source>Put a master over everything</source>
      <translation>Hauptregler über alles setzen</translation>
    </message>
    <message>
      <source>to {name}</source>
      <translation>an {name}</translation>
    </message>
    <message>
      <source>to nothing</source>
      <translation>an nichts</translation>
    </message>
    <message>
      <source>Parent {joints} {where}</source>
      <translation>Elternteil für {joints} {where}</translation>
    </message>
    <message>
      <source>Select the joints first, then Shift+click their parent.</source>
      <translation>Wähle zuerst die Gelenke, dann Umschalt+Klick auf ihr Elternteil.</translation>
    </message>
    <message>
      <source>Some of these are parents of that place. Drag fewer, or drop elsewhere.</source>
      <translation>Einige davon sind Eltern dieser Stelle. Zieh weniger, oder leg sie anderswo ab.</translation>
    </message>
    <message>
      <source>Accept limit of {name}</source>
      <translation>Grenze von {name} annehmen</translation>
    </message>
    <message>
      <source>{name} keeps the limit that it has.</source>
      <translation>{name} behält seine Grenze.</translation>
    </message>
    <message>
      <source>Accept {count} limits</source>
      <translation>{count} Grenzen annehmen</translation>
    </message>
    <message>
      <source>The limits of {count} joints were set.</source>
      <translation>Die Grenzen von {count} Gelenken wurden gesetzt.</translation>
    </message>
    <message>
      <source>Turning the joints</source>
      <translation>Gelenke werden gedreht</translation>
    </message>
    <message>
      <source>Click a picture to accept that limit, or accept all. What is free all the way gets none.</source>
      <translation>Klick auf ein Bild nimmt diese Grenze an, oder nimm alle an. Was ganz frei ist, bekommt keine.</translation>
    </message>
    <message>
      <source>None of these joints has a seam to look at: neither it nor what carries it has a drawing there.</source>
      <translation>Keines dieser Gelenke hat eine Naht: Weder es selbst noch sein Träger hat dort eine Zeichnung.</translation>
    </message>
    <message>
      <source>Cancelled: no limit was changed.</source>
      <translation>Abgebrochen: Keine Grenze wurde geändert.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Rigs cut-out characters: pivots, limbs, limits and controls.&lt;br&gt;&lt;br&gt;Licence: Apache-2.0. Typeface: Alegreya Sans (OFL 1.1). Ordinary icons: Lucide (ISC).</source>
      <translation>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Macht ausgeschnittene Figuren beweglich: Drehpunkte, Glieder, Grenzen und Regler.&lt;br&gt;&lt;br&gt;Lizenz: Apache-2.0. Schrift: Alegreya Sans (OFL 1.1). Gewöhnliche Symbole: Lucide (ISC).</translation>
    </message>
    <message>
      <source>A report is on the clipboard: versions, and the last fault of this run. Nothing else leaves.</source>
      <translation>Ein Bericht ist in der Zwischenablage: Versionen und der letzte Fehler dieses Laufs. Sonst geht nichts hinaus.</translation>
    </message>
    <message>
      <source>Find joints first: arms and legs are found by names such as thigh, shin and foot.</source>
      <translation>Finde zuerst Gelenke: Arme und Beine werden an Namen wie Oberschenkel, Unterschenkel und Fuß erkannt.</translation>
    </message>
    <message>
      <source>{count} proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} vorgeschlagen. Klick schließt eines aus; Eingabe erstellt sie, Esc verwirft sie.</translation>
    </message>
    <message>
      <source>{way} is {ending}. Enter makes the others.</source>
      <translation>{way} ist {ending}. Eingabe erstellt die anderen.</translation>
    </message>
    <message>
      <source>Make {count} limb{ending} from names</source>
      <translation>{count} Glieder aus Namen erstellen</translation>
    </message>
    <message>
      <source>{names}: drag a hook to what it should follow, T turns a bend side. Next: Make controls, K.</source>
      <translation>{names}: Zieh einen Haken zu dem, dem er folgt, T wechselt eine Beugeseite. Als Nächstes: Regler erstellen, K.</translation>
    </message>
    <message>
      <source>The proposed limbs were discarded.</source>
      <translation>Die vorgeschlagenen Glieder wurden verworfen.</translation>
    </message>
    <message>
      <source>Turn bend side of {keys}</source>
      <translation>Beugeseite von {keys} wechseln</translation>
    </message>
    <message>
      <source>Bend side of {name}</source>
      <translation>Beugeseite von {name}</translation>
    </message>
    <message>
      <source>Turn the drawn bend of {keys} over</source>
      <translation>Gezeichnete Beugung von {keys} umkehren</translation>
    </message>
    <message>
      <source>Bent to the other side at rest: {names}.</source>
      <translation>In Ruhe zur anderen Seite gebeugt: {names}.</translation>
    </message>
    <message>
      <source>{name} bends in {count} joints now; its target stands at the new tip. {moved}</source>
      <translation>{name} beugt sich nun in {count} Gelenken; das Ziel steht an der neuen Spitze. {moved}</translation>
    </message>
    <message>
      <source>Select both ends of the limb first, such as shoulder and wrist.</source>
      <translation>Wähle zuerst beide Enden des Glieds, etwa Schulter und Handgelenk.</translation>
    </message>
    <message>
      <source>All proposed limbs are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Alle vorgeschlagenen Glieder sind ausgeschlossen. Klick eines an, um es einzuschließen, oder verwirf sie mit Esc.</translation>
    </message>
    <message>
      <source>Drawn bent to the other side: {names}. That stays as it is drawn; Alt+Shift+T turns the drawn bend over.</source>
      <translation>Zur anderen Seite gebeugt gezeichnet: {names}. Das bleibt so; Alt+Umschalt+T kehrt die gezeichnete Beugung um.</translation>
    </message>
    <message>
      <source>Extend {name}</source>
      <translation>{name} verlängern</translation>
    </message>
    <message>
      <source>{name} is drawn straight; T alone turns its bend side.</source>
      <translation>{name} ist gerade gezeichnet; T allein wechselt die Beugeseite.</translation>
    </message>
    <message>
      <source>Remove limit of {keys}</source>
      <translation>Grenze von {keys} entfernen</translation>
    </message>
    <message>
      <source>{step} of {keys}</source>
      <translation>{step} von {keys}</translation>
    </message>
    <message>
      <source>Hinge</source>
      <translation>Scharnier</translation>
    </message>
    <message>
      <source>Limit on the other side</source>
      <translation>Grenze auf der anderen Seite</translation>
    </message>
    <message>
      <source>Limit of {name} for {count} more</source>
      <translation>Grenze von {name} für {count} weitere</translation>
    </message>
    <message>
      <source>Select the joint that has the limit first, then others with Shift.</source>
      <translation>Wähle zuerst das Gelenk mit der Grenze, dann andere mit Umschalt.</translation>
    </message>
    <message>
      <source>Limit {degrees}° either way</source>
      <translation>{degrees}° nach beiden Seiten begrenzen</translation>
    </message>
    <message>
      <source>Replace in {count} names</source>
      <translation>In {count} Namen ersetzen</translation>
    </message>
    <message>
      <source>Renamed: {names}.</source>
      <translation>Umbenannt: {names}.</translation>
    </message>
    <message>
      <source>Select a part that was trimmed first.</source>
      <translation>Wähle zuerst ein beschnittenes Teil.</translation>
    </message>
    <message>
      <source> with {count} limbs</source>
      <translation> mit {count} Gliedern</translation>
    </message>
    <message>
      <source>{step}: {parts} part{ending}{with_limbs}, joined to copies alone.</source>
      <translation>{step}: Teile: {parts}{with_limbs}, nur mit Kopien verbunden.</translation>
    </message>
    <message>
      <source>Reference picture {name}</source>
      <translation>Vorlage {name}</translation>
    </message>
    <message>
      <source>Part {name} again</source>
      <translation>{name} wieder als Teil</translation>
    </message>
    <message>
      <source>Bring back all of {part}</source>
      <translation>{part} ganz wiederherstellen</translation>
    </message>
    <message>
      <source>{name} at two depths</source>
      <translation>{name} in zwei Tiefen</translation>
    </message>
    <message>
      <source>{name} rides along in front. Trim it (B) to the piece that should be seen there.</source>
      <translation>{name} geht vorn mit. Beschneide es (B) auf das Stück, das dort zu sehen sein soll.</translation>
    </message>
    <message>
      <source>Clear {count} guides</source>
      <translation>{count} Hilfslinien löschen</translation>
    </message>
    <message>
      <source>There are no guides. Show the rulers and pull one out.</source>
      <translation>Es gibt keine Hilfslinien. Zeig die Lineale und zieh eine heraus.</translation>
    </message>
    <message>
      <source>Select two or more parts first.</source>
      <translation>Wähle zuerst zwei oder mehr Teile.</translation>
    </message>
    <message>
      <source>Select one part first.</source>
      <translation>Wähle zuerst ein Teil.</translation>
    </message>
    <message>
      <source> with a limb</source>
      <translation> mit einem Glied</translation>
    </message>
    <message>
      <source>Align {count} parts {edge}</source>
      <translation>{count} Teile ausrichten: {edge}</translation>
    </message>
    <message>
      <source>Spread {count} parts {axis}</source>
      <translation>{count} Teile verteilen: {axis}</translation>
    </message>
    <message>
      <source>{name} is a reference picture now: dimmed, behind everything, never picked on the board or exported.</source>
      <translation>{name} ist jetzt eine Vorlage: blass, hinter allem, nie wählbar und nie exportiert.</translation>
    </message>
    <message>
      <source>Painting {path}</source>
      <translation>{path} wird gemalt</translation>
    </message>
    <message>
      <source>Cover the seam of {name}</source>
      <translation>Naht von {name} abdecken</translation>
    </message>
    <message>
      <source>{name} made: a seam cover turns with its joint and has its own place in the depth rail.</source>
      <translation>{name} erstellt: Eine Nahtabdeckung dreht sich mit ihrem Gelenk und hat ihren Platz in der Tiefenleiste.</translation>
    </message>
    <message>
      <source>Shade {count} part{ending}</source>
      <translation>{count} Teile schattieren</translation>
    </message>
    <message>
      <source>Lamp light</source>
      <translation>Lampenlicht</translation>
    </message>
    <message>
      <source>{name} has no drawing whose colour a cover could take. Select a joint with a part.</source>
      <translation>{name} hat keine Zeichnung, deren Farbe eine Abdeckung annehmen könnte. Wähle ein Gelenk mit einem Teil.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so there is no seam to cover. Move the pivot first.</source>
      <translation>Der Drehpunkt von {name} liegt außerhalb der Zeichnung, es gibt also keine Naht. Verschieb zuerst den Drehpunkt.</translation>
    </message>
    <message>
      <source>A cover is one drawing, and this has {count} layers. Choose a picture of one.</source>
      <translation>Eine Abdeckung ist eine Zeichnung, und diese Datei hat {count} Ebenen. Wähle ein Bild mit einer.</translation>
    </message>
    <message>
      <source>{name} lies on no part any more, so it can't be made again.</source>
      <translation>{name} liegt auf keinem Teil mehr und kann nicht neu erstellt werden.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it stays as it was.</source>
      <translation>{name} würde hier nichts zeigen und bleibt, wie es war.</translation>
    </message>
    <message>
      <source>Show {name}</source>
      <translation>{name} zeigen</translation>
    </message>
    <message>
      <source>Hide {name}</source>
      <translation>{name} ausblenden</translation>
    </message>
    <message>
      <source>Lock {name}</source>
      <translation>{name} sperren</translation>
    </message>
    <message>
      <source>Unlock {name}</source>
      <translation>{name} entsperren</translation>
    </message>
    <message>
      <source>{name} is locked. Click its padlock in the family to unlock it.</source>
      <translation>{name} ist gesperrt. Klick auf sein Schloss in der Familie gibt es frei.</translation>
    </message>
    <message>
      <source>The draw order of {names} is keyed at frame {frame}, and holds from there on.</source>
      <translation>Die Zeichenreihenfolge von {names} hat einen Schlüssel bei Bild {frame} und gilt von dort an.</translation>
    </message>
    <message>
      <source>Reset {keys}</source>
      <translation>{keys} zurücksetzen</translation>
    </message>
    <message>
      <source>Reset the pose</source>
      <translation>Die Pose zurücksetzen</translation>
    </message>
    <message>
      <source>Reset the branch of {joint}</source>
      <translation>Den Zweig von {joint} zurücksetzen</translation>
    </message>
    <message>
      <source>This is the rest pose now. </source>
      <translation>Das ist jetzt die Ruhepose. </translation>
    </message>
    <message>
      <source>There are no parts yet. Open a layered picture first.</source>
      <translation>Es gibt noch keine Teile. Öffne zuerst ein Ebenenbild.</translation>
    </message>
    <message>
      <source>Select one or more parts first.</source>
      <translation>Wähle zuerst ein oder mehrere Teile.</translation>
    </message>
    <message>
      <source>Select one or more joints first.</source>
      <translation>Wähle zuerst ein oder mehrere Gelenke.</translation>
    </message>
    <message>
      <source>Select one joint first.</source>
      <translation>Wähle zuerst ein Gelenk.</translation>
    </message>
    <message>
      <source>Select something first.</source>
      <translation>Wähle zuerst etwas.</translation>
    </message>
    <message>
      <source>Select a limb first: click its hook, or one of its joints.</source>
      <translation>Wähle zuerst ein Glied: Klick auf seinen Haken oder eines seiner Gelenke.</translation>
    </message>
    <message>
      <source>Select a joint that has a limit first.</source>
      <translation>Wähle zuerst ein Gelenk, das eine Grenze hat.</translation>
    </message>
    <message>
      <source>This puppet has a master already.</source>
      <translation>Diese Figur hat schon einen Hauptregler.</translation>
    </message>
    <message>
      <source>The puppet is at rest.</source>
      <translation>Die Figur ist in Ruhe.</translation>
    </message>
    <message>
      <source>There is nothing to undo.</source>
      <translation>Es gibt nichts rückgängig zu machen.</translation>
    </message>
    <message>
      <source>There is nothing to redo.</source>
      <translation>Es gibt nichts zu wiederholen.</translation>
    </message>
    <message>
      <source>No point is held. Choose Whole body and click the art to hold it there.</source>
      <translation>Kein Punkt wird gehalten. Wähle Ganzer Körper und klick auf die Zeichnung.</translation>
    </message>
    <message>
      <source>Make limbs first: legs are found by them.</source>
      <translation>Erstelle zuerst Glieder: An ihnen werden Beine erkannt.</translation>
    </message>
    <message>
      <source>Remove {name}</source>
      <translation>{name} entfernen</translation>
    </message>
    <message>
      <source>{name} was removed with {others}.</source>
      <translation>{name} wurde mit {others} entfernt.</translation>
    </message>
    <message>
      <source>{carrier} is now the parent of: {names}.</source>
      <translation>{carrier} ist jetzt das Elternteil von: {names}.</translation>
    </message>
    <message>
      <source>No longer clipped: {names}.</source>
      <translation>Nicht mehr beschnitten: {names}.</translation>
    </message>
    <message>
      <source>{error} Shift+Delete removes both.</source>
      <translation>{error} Umschalt+Entf entfernt beides.</translation>
    </message>
    <message>
      <source>Undo brings all of it back.</source>
      <translation>Rückgängig bringt alles zurück.</translation>
    </message>
    <message>
      <source>Select the head first, or all pieces of the face.</source>
      <translation>Wähle zuerst den Kopf oder alle Stücke des Gesichts.</translation>
    </message>
    <message>
      <source>{name} stays as it is when the head turns.</source>
      <translation>{name} bleibt, wie es ist, wenn der Kopf sich dreht.</translation>
    </message>
    <message>
      <source>A head {view}, {sure} sure. Click a piece to leave it out; Enter makes what is ticked, Esc discards it.</source>
      <translation>Ein Kopf {view}, zu {sure} sicher. Klick schließt ein Stück aus; Eingabe erstellt das Angehakte, Esc verwirft es.</translation>
    </message>
    <message>
      <source>from the front</source>
      <translation>von vorn</translation>
    </message>
    <message>
      <source>in half profile</source>
      <translation>im Halbprofil</translation>
    </message>
    <message>
      <source>in profile</source>
      <translation>im Profil</translation>
    </message>
    <message>
      <source>Make {names} for a face</source>
      <translation>{names} für ein Gesicht erstellen</translation>
    </message>
    <message>
      <source>{names}: drag the beads. Correct any of their poses with Pose at this value.</source>
      <translation>{names}: Zieh die Perlen. Jede Pose lässt sich mit Pose bei diesem Wert korrigieren.</translation>
    </message>
    <message>
      <source>The head turn was discarded; nothing was made.</source>
      <translation>Die Kopfdrehung wurde verworfen; nichts wurde erstellt.</translation>
    </message>
    <message>
      <source>Nothing is ticked. Tick what shall be made for this face, or press Esc.</source>
      <translation>Nichts ist angehakt. Hak an, was für dieses Gesicht erstellt werden soll, oder drück Esc.</translation>
    </message>
    <message>
      <source>{name} turns with the head.</source>
      <translation>{name} dreht sich mit dem Kopf.</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint first; the pose belongs to its value.</source>
      <translation>Wähle zuerst einen Schieber, ein Feld, einen Wähler oder ein Gelenk; die Pose gehört zu dessen Wert.</translation>
    </message>
    <message>
      <source>Bend a joint in Rehearse first, as far as it looks wrong, and select it.</source>
      <translation>Beuge zuerst in der Probe ein Gelenk so weit, wie es falsch aussieht, und wähle es.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}</source>
      <translation>{name} bei {value} posieren</translation>
    </message>
    <message>
      <source>Remove the pose of {name} at {value}</source>
      <translation>Pose von {name} bei {value} entfernen</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint that has poses.</source>
      <translation>Wähle einen Schieber, ein Feld, einen Wähler oder ein Gelenk mit Posen.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}: Enter accepts it, Esc discards it.</source>
      <translation>{name} bei {value}: Eingabe nimmt die Pose an, Esc verwirft sie.</translation>
    </message>
    <message>
      <source>{name} is bent to {turn}: push the art until it looks right. Enter accepts it.</source>
      <translation>{name} ist auf {turn} gebeugt: Schieb die Zeichnung, bis sie stimmt. Eingabe nimmt es an.</translation>
    </message>
    <message>
      <source>What was posed was discarded. Ctrl+Shift+Z restores it.</source>
      <translation>Was posiert wurde, ist verworfen. Strg+Umschalt+Z stellt es wieder her.</translation>
    </message>
    <message>
      <source>Mirror a pose of {name}</source>
      <translation>Pose von {name} spiegeln</translation>
    </message>
    <message>
      <source>The pose was mirrored to the other side of {name}.</source>
      <translation>Die Pose wurde auf die andere Seite von {name} gespiegelt.</translation>
    </message>
    <message>
      <source>Mirror {name}</source>
      <translation>{name} spiegeln</translation>
    </message>
    <message>
      <source>{name} does the same on the other side.</source>
      <translation>{name} tut dasselbe auf der anderen Seite.</translation>
    </message>
    <message>
      <source>Drag its bead, then pose what belongs there with Pose at this value.</source>
      <translation>Zieh die Perle, dann posier mit Pose bei diesem Wert, was dorthin gehört.</translation>
    </message>
    <message>
      <source>Nothing was posed, so nothing was made.</source>
      <translation>Nichts wurde posiert, also nichts erstellt.</translation>
    </message>
    <message>
      <source>{name} shows this pose at {value}. Drag its bead to see it come and go.</source>
      <translation>{name} zeigt diese Pose bei {value}. Zieh die Perle, um sie kommen und gehen zu sehen.</translation>
    </message>
    <message>
      <source>{name} shows this pose when it is turned to {value}.</source>
      <translation>{name} zeigt diese Pose, wenn es auf {value} gedreht ist.</translation>
    </message>
    <message>
      <source>{name} is turned by its limb. Bend it as far as this pose.</source>
      <translation>{name} wird von seinem Glied gedreht. Beuge es so weit wie in dieser Pose.</translation>
    </message>
    <message>
      <source>{name} is at rest. Turn it first, then pose what goes with it.</source>
      <translation>{name} ist in Ruhe. Dreh es zuerst, dann posier, was dazugehört.</translation>
    </message>
    <message>
      <source>{name} is at its neutral value, where the puppet is as drawn. Drag its bead first.</source>
      <translation>{name} steht auf seinem neutralen Wert, bei dem die Figur wie gezeichnet ist. Zieh zuerst die Perle.</translation>
    </message>
    <message>
      <source>Bend {name} as far as this pose first; its limb turns it.</source>
      <translation>Beuge zuerst {name} so weit wie in dieser Pose; sein Glied dreht es.</translation>
    </message>
    <message>
      <source>{name} shows; it can't reach where the hand was, {away} px are missing.</source>
      <translation>{name} ist zu sehen; bis dorthin, wo die Hand war, fehlen {away} px.</translation>
    </message>
    <message>
      <source>Select a part, a chooser or a branch of a variant set first.</source>
      <translation>Wähle zuerst ein Teil, einen Wähler oder einen Zweig eines Variantensatzes.</translation>
    </message>
    <message>
      <source>Select a part of a set, or several parts with Shift, first.</source>
      <translation>Wähle zuerst ein Teil eines Satzes, oder mehrere Teile mit Umschalt.</translation>
    </message>
    <message>
      <source>Select a drawing of a variant set first.</source>
      <translation>Wähle zuerst eine Zeichnung eines Variantensatzes.</translation>
    </message>
    <message>
      <source>Select the joint with which the branch begins first.</source>
      <translation>Wähle zuerst das Gelenk, mit dem der Zweig beginnt.</translation>
    </message>
    <message>
      <source>Select the joints with which the branches begin first, with Shift.</source>
      <translation>Wähle zuerst mit Umschalt die Gelenke, mit denen die Zweige beginnen.</translation>
    </message>
    <message>
      <source>Show {name} of {set}</source>
      <translation>{name} von {set} zeigen</translation>
    </message>
    <message>
      <source>Make the set {name}</source>
      <translation>Satz {name} erstellen</translation>
    </message>
    <message>
      <source>One of {count} shows at a time now. [ and ] go through {name}; K makes a chooser of it.</source>
      <translation>Eines von {count} ist jetzt zu sehen. [ und ] gehen {name} durch; K erstellt einen Wähler.</translation>
    </message>
    <message>
      <source>Copy {name} as a variant</source>
      <translation>{name} als Variante kopieren</translation>
    </message>
    <message>
      <source>The copy is a variant of its own: bend it, and give it other drawings.</source>
      <translation>Die Kopie ist eine eigene Variante: Beuge sie und gib ihr andere Zeichnungen.</translation>
    </message>
    <message>
      <source>Remove {count} from their sets</source>
      <translation>{count} aus ihren Sätzen entfernen</translation>
    </message>
    <message>
      <source>Make {name}</source>
      <translation>{name} erstellen</translation>
    </message>
    <message>
      <source>One of these parts shows at a time now; click its thumbnail in Rehearse.</source>
      <translation>Von diesen Teilen ist jetzt eines zu sehen; klick in der Probe auf sein Bildchen.</translation>
    </message>
    <message>
      <source>Name {name}</source>
      <translation>{name} benennen</translation>
    </message>
    <message>
      <source>Show {name} at rest</source>
      <translation>{name} in Ruhe zeigen</translation>
    </message>
    <message>
      <source>Remove {name} from its set</source>
      <translation>{name} aus seinem Satz entfernen</translation>
    </message>
    <message>
      <source>Order the variants</source>
      <translation>Varianten ordnen</translation>
    </message>
    <message>
      <source>Keep the hand's place</source>
      <translation>Platz der Hand behalten</translation>
    </message>
    <message>
      <source>{name} shows.</source>
      <translation>{name} ist zu sehen.</translation>
    </message>
    <message>
      <source>Align {part}</source>
      <translation>{part} ausrichten</translation>
    </message>
    <message>
      <source>Select a part, a joint, controls or links first.</source>
      <translation>Wähle zuerst ein Teil, ein Gelenk, Regler oder Verknüpfungen.</translation>
    </message>
    <message>
      <source>Select a part or a joint first; its branch goes along.</source>
      <translation>Wähle zuerst ein Teil oder ein Gelenk; sein Zweig geht mit.</translation>
    </message>
    <message>
      <source>{name} is on the clipboard: {count} parts. Paste it here or in another window.</source>
      <translation>{name} ist in der Zwischenablage: {count} Teile. Füg es hier oder in einem anderen Fenster ein.</translation>
    </message>
    <message>
      <source>The take {name} is on the clipboard, by names.</source>
      <translation>Der Take {name} ist in der Zwischenablage, nach Namen.</translation>
    </message>
    <message>
      <source>Paste the take {name}</source>
      <translation>Take {name} einfügen</translation>
    </message>
    <message>
      <source>Paste by names</source>
      <translation>Nach Namen einfügen</translation>
    </message>
    <message>
      <source> This puppet has no {names}.</source>
      <translation> Diese Figur hat kein {names}.</translation>
    </message>
    <message>
      <source>Pasted: {what}.{lost}</source>
      <translation>Eingefügt: {what}.{lost}</translation>
    </message>
    <message>
      <source>Insert {name}</source>
      <translation>{name} einfügen</translation>
    </message>
    <message>
      <source>, on {name}</source>
      <translation>, an {name}</translation>
    </message>
    <message>
      <source>{name} was inserted{where}: {count} parts. Ctrl+Alt+Up and Down scale it.</source>
      <translation>{name} wurde eingefügt{where}: {count} Teile. Strg+Alt+Auf und Ab skalieren es.</translation>
    </message>
    <message>
      <source>{what} on the clipboard, by names.</source>
      <translation>{what} in der Zwischenablage, nach Namen.</translation>
    </message>
    <message>
      <source>What is on the clipboard can't be used here: {fault}.</source>
      <translation>Was in der Zwischenablage ist, lässt sich hier nicht verwenden: {fault}.</translation>
    </message>
    <message>
      <source>larger</source>
      <translation>größer</translation>
    </message>
    <message>
      <source>smaller</source>
      <translation>kleiner</translation>
    </message>
    <message>
      <source>Make {name} {word}</source>
      <translation>{name} {word} machen</translation>
    </message>
    <message>
      <source>There is no branch, control, link or take on the clipboard. Copy one here or in another window first.</source>
      <translation>In der Zwischenablage ist kein Zweig, Regler, keine Verknüpfung und kein Take. Kopier zuerst etwas, hier oder in einem anderen Fenster.</translation>
    </message>
    <message>
      <source>Select something of a guest first.</source>
      <translation>Wähle zuerst etwas von einem Gast.</translation>
    </message>
    <message>
      <source>Insert {name} as a guest</source>
      <translation>{name} als Gast einfügen</translation>
    </message>
    <message>
      <source>{name} is a guest: {count} parts, moved as one. Its own file stays what it is.</source>
      <translation>{name} ist ein Gast: {count} Teile, als Ganzes bewegt. Seine eigene Datei bleibt, wie sie ist.</translation>
    </message>
    <message>
      <source>Place {name}</source>
      <translation>{name} platzieren</translation>
    </message>
    <message>
      <source>Spread {name} over depths</source>
      <translation>{name} über Tiefen verteilen</translation>
    </message>
    <message>
      <source>{name} at one depth</source>
      <translation>{name} in einer Tiefe</translation>
    </message>
    <message>
      <source>Hide the controls of {name}</source>
      <translation>Regler von {name} ausblenden</translation>
    </message>
    <message>
      <source>Show the controls of {name}</source>
      <translation>Regler von {name} einblenden</translation>
    </message>
    <message>
      <source>Update {name}</source>
      <translation>{name} aktualisieren</translation>
    </message>
    <message>
      <source>{name} is as its file has it. {told}</source>
      <translation>{name} ist, wie in seiner Datei. {told}</translation>
    </message>
    <message>
      <source>Detach {name} from its file</source>
      <translation>{name} von seiner Datei lösen</translation>
    </message>
    <message>
      <source>{name} is no guest any more: all of it can be changed here.</source>
      <translation>{name} ist kein Gast mehr: Alles lässt sich hier ändern.</translation>
    </message>
    <message>
      <source>{name} was inserted at the current frame.</source>
      <translation>{name} wurde am aktuellen Bild eingefügt.</translation>
    </message>
    <message>
      <source>Where guests come from</source>
      <translation>Woher Gäste kommen</translation>
    </message>
    <message>
      <source>Version {count}</source>
      <translation>Version {count}</translation>
    </message>
    <message>
      <source>Save {name}</source>
      <translation>{name} speichern</translation>
    </message>
    <message>
      <source>{name} is kept in the file. Double-click its name to change it.</source>
      <translation>{name} ist in der Datei gespeichert. Doppelklick auf den Namen ändert ihn.</translation>
    </message>
    <message>
      <source>Name {strip}</source>
      <translation>{strip} nennen</translation>
    </message>
    <message>
      <source>Restore {name}</source>
      <translation>{name} wiederherstellen</translation>
    </message>
    <message>
      <source>Everything is as it was at {name}. Undo leads back to now.</source>
      <translation>Alles ist wie bei {name}. Rückgängig führt zum Jetzt zurück.</translation>
    </message>
    <message>
      <source>Pose {count}</source>
      <translation>Pose {count}</translation>
    </message>
    <message>
      <source> for this part only</source>
      <translation> nur für diesen Teil</translation>
    </message>
    <message>
      <source>{name} was saved{part}. Double click its name to rename it.</source>
      <translation>{name} wurde gespeichert{part}. Doppelklick auf den Namen benennt sie um.</translation>
    </message>
    <message>
      <source>The pose is on the clipboard: {count} values by name.</source>
      <translation>Die Pose ist in der Zwischenablage: {count} Werte nach Namen.</translation>
    </message>
    <message>
      <source>Paste pose</source>
      <translation>Pose einfügen</translation>
    </message>
    <message>
      <source>Load pose</source>
      <translation>Pose laden</translation>
    </message>
    <message>
      <source>Pose loaded: {count} values.{words}</source>
      <translation>Pose geladen: {count} Werte.{words}</translation>
    </message>
    <message>
      <source>Select what the pose should be for first: controls, or pieces of the puppet.</source>
      <translation>Wähle zuerst, wofür die Pose sein soll: Regler oder Stücke der Figur.</translation>
    </message>
    <message>
      <source>There is no pose on the clipboard. Copy one here or in another window first.</source>
      <translation>In der Zwischenablage ist keine Pose. Kopier zuerst eine, hier oder in einem anderen Fenster.</translation>
    </message>
    <message>
      <source>This file holds no pose. Export a pose file here or in another window first.</source>
      <translation>Diese Datei enthält keine Pose. Exportier zuerst eine Posendatei, hier oder in einem anderen Fenster.</translation>
    </message>
    <message>
      <source>Move {count} keys</source>
      <translation>{count} Schlüssel bewegen</translation>
    </message>
    <message>
      <source>There is no take yet. Pose something in Takes, or make a take.</source>
      <translation>Es gibt noch keinen Take. Posier etwas in Takes, oder erstelle einen Take.</translation>
    </message>
    <message>
      <source>Drag {count} keys</source>
      <translation>{count} Schlüssel ziehen</translation>
    </message>
    <message>
      <source>Type a value for {count} keys</source>
      <translation>Wert für {count} Schlüssel eingeben</translation>
    </message>
    <message>
      <source>Ease {count} keys</source>
      <translation>{count} Schlüssel abbremsen</translation>
    </message>
    <message>
      <source>Stretch {count} keys</source>
      <translation>{count} Schlüssel dehnen</translation>
    </message>
    <message>
      <source>Bend a curve</source>
      <translation>Kurve biegen</translation>
    </message>
    <message>
      <source>Move the layer by {count} frames</source>
      <translation>Die Ebene um {count} Bilder verschieben</translation>
    </message>
    <message>
      <source>beginning</source>
      <translation>Anfang</translation>
    </message>
    <message>
      <source>end</source>
      <translation>Ende</translation>
    </message>
    <message>
      <source>Put the {word} at frame {frame}</source>
      <translation>{word} auf Bild {frame} setzen</translation>
    </message>
    <message>
      <source>Copy {count} keys</source>
      <translation>{count} Schlüssel kopieren</translation>
    </message>
    <message>
      <source>This take has no layers yet.</source>
      <translation>Dieser Take hat noch keine Ebenen.</translation>
    </message>
    <message>
      <source>Open a layer on the tape first: click its name.</source>
      <translation>Öffne zuerst eine Ebene auf dem Band: Klick auf ihren Namen.</translation>
    </message>
    <message>
      <source>There is no other take to add as a layer.</source>
      <translation>Es gibt keinen anderen Take als Ebene.</translation>
    </message>
    <message>
      <source>The layer {name} is keyed now.</source>
      <translation>Die Ebene {name} bekommt jetzt die Schlüssel.</translation>
    </message>
    <message>
      <source>The take itself is keyed now.</source>
      <translation>Der Take selbst bekommt jetzt die Schlüssel.</translation>
    </message>
    <message>
      <source>{name} on</source>
      <translation>{name} an</translation>
    </message>
    <message>
      <source>{name} off</source>
      <translation>{name} aus</translation>
    </message>
    <message>
      <source>Amount of {name}</source>
      <translation>Stärke von {name}</translation>
    </message>
    <message>
      <source>Remove the layer {name}</source>
      <translation>Ebene {name} entfernen</translation>
    </message>
    <message>
      <source>Move {name} up</source>
      <translation>{name} nach oben</translation>
    </message>
    <message>
      <source>Flatten the layers of {name}</source>
      <translation>Ebenen von {name} zusammenfassen</translation>
    </message>
    <message>
      <source>{name} is one take now, of {count} keys, and looks the same.</source>
      <translation>{name} ist jetzt ein Take mit {count} Schlüsseln und sieht gleich aus.</translation>
    </message>
    <message>
      <source>Change how {name} is added</source>
      <translation>Ändern, wie {name} hinzukommt</translation>
    </message>
    <message>
      <source>{name} is the only layer.</source>
      <translation>{name} ist die einzige Ebene.</translation>
    </message>
    <message>
      <source>Select the joint where the swing should begin: on a tail, a scarf, an ear.</source>
      <translation>Wähle das Gelenk, ab dem es schwingen soll: an Schwanz, Schal, Ohr.</translation>
    </message>
    <message>
      <source>Let {name} swing</source>
      <translation>{name} schwingen lassen</translation>
    </message>
    <message>
      <source>Stop {name} swinging</source>
      <translation>{name} nicht mehr schwingen lassen</translation>
    </message>
    <message>
      <source>{count} joints have a key at every frame, and do not swing in this take.</source>
      <translation>{count} Gelenke haben bei jedem Bild einen Schlüssel und schwingen in diesem Take nicht.</translation>
    </message>
    <message>
      <source>The walk has a key at every frame, which can be corrected.</source>
      <translation>Der Gang hat bei jedem Bild einen Schlüssel, der sich korrigieren lässt.</translation>
    </message>
    <message>
      <source>Limbs turn these joints, so they can't swing. Choose a tail, a scarf, an ear.</source>
      <translation>Glieder drehen diese Gelenke, sie können also nicht schwingen. Wähle Schwanz, Schal oder Ohr.</translation>
    </message>
    <message>
      <source>{count} joints swing after what carries them, in every take.</source>
      <translation>{count} Gelenke schwingen in jedem Take dem nach, was sie trägt.</translation>
    </message>
    <message>
      <source>{count} joints stopped swinging.</source>
      <translation>{count} Gelenke schwingen nicht mehr.</translation>
    </message>
    <message>
      <source>This take walks by itself. Use 'Bake walk to keys' first.</source>
      <translation>Dieser Take geht von selbst. Nutze zuerst „Gang in Schlüssel wandeln“.</translation>
    </message>
    <message>
      <source>Perform {names}</source>
      <translation>{names} von Hand spielen</translation>
    </message>
    <message>
      <source>The pass was keyed. Perform again to add the next one.</source>
      <translation>Der Durchgang hat Schlüssel. Spiel weiter, um den nächsten hinzuzufügen.</translation>
    </message>
    <message>
      <source>The pass was discarded.</source>
      <translation>Der Durchgang wurde verworfen.</translation>
    </message>
    <message>
      <source>Drag your control when time runs; releasing it ends the pass. Esc discards it.</source>
      <translation>Zieh deinen Regler, wenn die Zeit läuft; Loslassen beendet den Durchgang. Esc verwirft ihn.</translation>
    </message>
    <message>
      <source>Press and hold a control: after a count of three you are recorded.</source>
      <translation>Drück einen Regler und halt ihn: Nach drei wirst du aufgenommen.</translation>
    </message>
    <message>
      <source>Start a walk</source>
      <translation>Gang beginnen</translation>
    </message>
    <message>
      <source>Make the walk</source>
      <translation>Gang erstellen</translation>
    </message>
    <message>
      <source>Delay down the chain</source>
      <translation>Die Kette hinab verzögern</translation>
    </message>
    <message>
      <source>Delay</source>
      <translation>Verzögern</translation>
    </message>
    <message>
      <source>Spread selected keys</source>
      <translation>Gewählte Schlüssel staffeln</translation>
    </message>
    <message>
      <source>Spread</source>
      <translation>Staffeln</translation>
    </message>
    <message>
      <source>Scatter selected keys</source>
      <translation>Gewählte Schlüssel streuen</translation>
    </message>
    <message>
      <source>Scatter</source>
      <translation>Streuen</translation>
    </message>
    <message>
      <source>Ease all</source>
      <translation>Alles abbremsen</translation>
    </message>
    <message>
      <source>Ease</source>
      <translation>Abbremsen</translation>
    </message>
    <message>
      <source>Let it breathe</source>
      <translation>Atmen lassen</translation>
    </message>
    <message>
      <source>Breathe</source>
      <translation>Atmen</translation>
    </message>
    <message>
      <source>Let it blink</source>
      <translation>Blinzeln lassen</translation>
    </message>
    <message>
      <source>Blink</source>
      <translation>Blinzeln</translation>
    </message>
    <message>
      <source>Play through the variants</source>
      <translation>Varianten durchspielen</translation>
    </message>
    <message>
      <source>Play through</source>
      <translation>Durchspielen</translation>
    </message>
    <message>
      <source>What {name} follows from here</source>
      <translation>Wem {name} ab hier folgt</translation>
    </message>
    <message>
      <source>Follow</source>
      <translation>Folgen</translation>
    </message>
    <message>
      <source>Change bend side here</source>
      <translation>Beugeseite hier wechseln</translation>
    </message>
    <message>
      <source>Change side</source>
      <translation>Seite wechseln</translation>
    </message>
    <message>
      <source>Add {name} as a layer of {name2}</source>
      <translation>{name} als Ebene von {name2} hinzufügen</translation>
    </message>
    <message>
      <source>{name} is a layer of {name2} now. Click its name on the tape to key it.</source>
      <translation>{name} ist jetzt eine Ebene von {name2}. Klick auf dem Band auf ihren Namen für Schlüssel.</translation>
    </message>
    <message>
      <source>Add a take as a layer</source>
      <translation>Take als Ebene hinzufügen</translation>
    </message>
    <message>
      <source>Add layer</source>
      <translation>Ebene hinzufügen</translation>
    </message>
    <message>
      <source>Walk</source>
      <translation>Gehen</translation>
    </message>
    <message>
      <source>Trot</source>
      <translation>Traben</translation>
    </message>
    <message>
      <source>Three and three</source>
      <translation>Drei und drei</translation>
    </message>
    <message>
      <source>Tiptoe</source>
      <translation>Auf Zehen</translation>
    </message>
    <message>
      <source>On the spot</source>
      <translation>Auf der Stelle</translation>
    </message>
    <message>
      <source>Move the master along</source>
      <translation>Bewegt den Hauptregler</translation>
    </message>
    <message>
      <source>Follow the master's keys</source>
      <translation>Folgt den Schlüsseln des Hauptreglers</translation>
    </message>
    <message>
      <source>Delay {count} joints down the chain</source>
      <translation>{count} Gelenke die Kette hinab verzögern</translation>
    </message>
    <message>
      <source>Spread {count} keys</source>
      <translation>{count} Schlüssel staffeln</translation>
    </message>
    <message>
      <source>Scatter {count} keys</source>
      <translation>{count} Schlüssel streuen</translation>
    </message>
    <message>
      <source>Play through {name}</source>
      <translation>{name} durchspielen</translation>
    </message>
    <message>
      <source>Select what should follow first, then Shift+click what it should follow.</source>
      <translation>Wähle zuerst, was folgen soll, dann Umschalt+Klick auf das, dem es folgt.</translation>
    </message>
    <message>
      <source>Let {name} follow something else</source>
      <translation>{name} etwas anderem folgen lassen</translation>
    </message>
    <message>
      <source>Select the hand or foot of the limb that should bend to its other side.</source>
      <translation>Wähle Hand oder Fuß des Glieds, das sich zur anderen Seite beugen soll.</translation>
    </message>
    <message>
      <source>Change the bend side of {name}</source>
      <translation>Beugeseite von {name} wechseln</translation>
    </message>
    <message>
      <source>Is added</source>
      <translation>Wird addiert</translation>
    </message>
    <message>
      <source>Takes over</source>
      <translation>Ersetzt</translation>
    </message>
    <message>
      <source>{step}: ordinary keys. Correct them on the tape.</source>
      <translation>{step}: gewöhnliche Schlüssel. Korrigiere sie auf dem Band.</translation>
    </message>
    <message>
      <source>Gait</source>
      <translation>Gangart</translation>
    </message>
    <message>
      <source>Where</source>
      <translation>Wo</translation>
    </message>
    <message>
      <source>Stride</source>
      <translation>Schrittlänge</translation>
    </message>
    <message>
      <source>Frames for two steps</source>
      <translation>Bilder für zwei Schritte</translation>
    </message>
    <message>
      <source>Lift</source>
      <translation>Heben</translation>
    </message>
    <message>
      <source>Bob</source>
      <translation>Wippen</translation>
    </message>
    <message>
      <source>Lean</source>
      <translation>Neigen</translation>
    </message>
    <message>
      <source>Frames from joint to joint</source>
      <translation>Bilder von Gelenk zu Gelenk</translation>
    </message>
    <message>
      <source>Frames from one to the next</source>
      <translation>Bilder vom einen zum nächsten</translation>
    </message>
    <message>
      <source>Frames at most</source>
      <translation>Bilder höchstens</translation>
    </message>
    <message>
      <source>Seed</source>
      <translation>Startwert</translation>
    </message>
    <message>
      <source>Ease length</source>
      <translation>Länge des Abbremsens</translation>
    </message>
    <message>
      <source>Depth, in shares of its height</source>
      <translation>Tiefe, als Anteil der Höhe</translation>
    </message>
    <message>
      <source>Frames of a breath</source>
      <translation>Bilder je Atemzug</translation>
    </message>
    <message>
      <source>Chest turns, in degrees</source>
      <translation>Brust dreht, in Grad</translation>
    </message>
    <message>
      <source>Frames between blinks, at least</source>
      <translation>Bilder zwischen Blinzeln, mindestens</translation>
    </message>
    <message>
      <source>At most</source>
      <translation>Höchstens</translation>
    </message>
    <message>
      <source>Frames shut</source>
      <translation>Bilder geschlossen</translation>
    </message>
    <message>
      <source>Delay between eyes, in frames</source>
      <translation>Verzögerung zwischen Augen, in Bildern</translation>
    </message>
    <message>
      <source>Order</source>
      <translation>Reihenfolge</translation>
    </message>
    <message>
      <source>Frames each</source>
      <translation>Bilder je</translation>
    </message>
    <message>
      <source>The board</source>
      <translation>Die Bühne</translation>
    </message>
    <message>
      <source>Follows</source>
      <translation>Folgt</translation>
    </message>
    <message>
      <source>Blended over frames</source>
      <translation>Überblendet über Bilder</translation>
    </message>
    <message>
      <source>Frames to blend, 0 for at once</source>
      <translation>Bilder der Überblendung, 0 für sofort</translation>
    </message>
    <message>
      <source>Take</source>
      <translation>Take</translation>
    </message>
    <message>
      <source>Mode</source>
      <translation>Modus</translation>
    </message>
    <message>
      <source>Amount, in percent</source>
      <translation>Stärke, in Prozent</translation>
    </message>
    <message>
      <source>There and back</source>
      <translation>Hin und zurück</translation>
    </message>
    <message>
      <source>Once</source>
      <translation>Einmal</translation>
    </message>
    <message>
      <source>Move the sound by {count} frames</source>
      <translation>Ton um {count} Bilder verschieben</translation>
    </message>
    <message>
      <source>{name} has no sound yet. Add one first.</source>
      <translation>{name} hat noch keinen Ton. Füg zuerst einen hinzu.</translation>
    </message>
    <message>
      <source>Reading {name}</source>
      <translation>{name} wird gelesen</translation>
    </message>
    <message>
      <source>Add {name} to {take}</source>
      <translation>{name} zu {take} hinzufügen</translation>
    </message>
    <message>
      <source>{name} lasts {seconds} s. Drag its row to move it, its ends to trim it.</source>
      <translation>{name} dauert {seconds} s. Zieh seine Zeile zum Verschieben, seine Enden zum Kürzen.</translation>
    </message>
    <message>
      <source>Mark the sound</source>
      <translation>Ton markieren</translation>
    </message>
    <message>
      <source>Mark {count} accents</source>
      <translation>{count} Betonungen markieren</translation>
    </message>
    <message>
      <source>{count} accents are marked. Keys that are dragged snap to them.</source>
      <translation>{count} Betonungen sind markiert. Gezogene Schlüssel rasten dort ein.</translation>
    </message>
    <message>
      <source>End the take with its sound</source>
      <translation>Take mit seinem Ton enden lassen</translation>
    </message>
    <message>
      <source>Trim the sound</source>
      <translation>Ton kürzen</translation>
    </message>
    <message>
      <source>Take {count}</source>
      <translation>Take {count}</translation>
    </message>
    <message>
      <source>{name} has no accents that stand out. Mark it by hand with M while it plays.</source>
      <translation>{name} hat keine deutlichen Betonungen. Markier ihn von Hand mit M, während er läuft.</translation>
    </message>
    <message>
      <source>l, th</source>
      <translation>l, th</translation>
    </message>
    <message>
      <source>Mouths from the sound</source>
      <translation>Münder aus dem Ton</translation>
    </message>
    <message>
      <source>Make mouths</source>
      <translation>Münder erstellen</translation>
    </message>
    <message>
      <source>Nod and blink to the sound</source>
      <translation>Zum Ton nicken und blinzeln</translation>
    </message>
    <message>
      <source>Nod and blink</source>
      <translation>Nicken und blinzeln</translation>
    </message>
    <message>
      <source>No mouth was found. Select a set of drawings, a slider or a pad that opens it.</source>
      <translation>Kein Mund gefunden. Wähle einen Satz Zeichnungen, einen Schieber oder ein Feld, das ihn öffnet.</translation>
    </message>
    <message>
      <source>Words, if you know them</source>
      <translation>Worte, falls du sie kennst</translation>
    </message>
    <message>
      <source>Found by</source>
      <translation>Gefunden durch</translation>
    </message>
    <message>
      <source>Frames early</source>
      <translation>Bilder früher</translation>
    </message>
    <message>
      <source>Frames each, at least</source>
      <translation>Bilder je, mindestens</translation>
    </message>
    <message>
      <source>Listening to {name}</source>
      <translation>{name} wird angehört</translation>
    </message>
    <message>
      <source>{name} has neither marks nor accents. Mark it by hand with M while it plays.</source>
      <translation>{name} hat weder Marken noch Betonungen. Markier ihn von Hand mit M, während er läuft.</translation>
    </message>
    <message>
      <source>Nod, in degrees</source>
      <translation>Nicken, in Grad</translation>
    </message>
    <message>
      <source>A blink every so many accents, 0 none</source>
      <translation>Ein Blinzeln alle so viele Betonungen, 0 keines</translation>
    </message>
    <message>
      <source>Breath after pauses</source>
      <translation>Atem nach Pausen</translation>
    </message>
    <message>
      <source>Phones (English model)</source>
      <translation>Laute (englisches Modell)</translation>
    </message>
    <message>
      <source>Loudness alone</source>
      <translation>Lautstärke allein</translation>
    </message>
    <message>
      <source>Yes</source>
      <translation>Ja</translation>
    </message>
    <message>
      <source>No</source>
      <translation>Nein</translation>
    </message>
    <message>
      <source>Select keys on the tape first.</source>
      <translation>Wähle zuerst Schlüssel auf dem Band.</translation>
    </message>
    <message>
      <source>There are no pending changes here.</source>
      <translation>Hier gibt es keine offenen Änderungen.</translation>
    </message>
    <message>
      <source>The last step changed no takes or poses.</source>
      <translation>Der letzte Schritt hat keine Takes oder Posen geändert.</translation>
    </message>
    <message>
      <source>Interpolation of {count} keys</source>
      <translation>Interpolation von {count} Schlüsseln</translation>
    </message>
    <message>
      <source>Remove {count} keys</source>
      <translation>{count} Schlüssel entfernen</translation>
    </message>
    <message>
      <source>{count} channels are keyed at frame {frame}.</source>
      <translation>{count} Kanäle haben bei Bild {frame} Schlüssel.</translation>
    </message>
    <message>
      <source>Key the changes at frame {frame}</source>
      <translation>Schlüssel für die Änderungen bei Bild {frame}</translation>
    </message>
    <message>
      <source>Key {name} at frame {frame}</source>
      <translation>Schlüssel für {name} bei Bild {frame}</translation>
    </message>
    <message>
      <source>Shapes of {name} from {source}</source>
      <translation>Formen von {name} aus {source}</translation>
    </message>
    <message>
      <source>{count} frames were read from {source}.</source>
      <translation>{count} Bilder wurden aus {source} gelesen.</translation>
    </message>
    <message>
      <source>{count} keys are on the clipboard.</source>
      <translation>{count} Schlüssel sind in der Zwischenablage.</translation>
    </message>
    <message>
      <source>Paste keys</source>
      <translation>Schlüssel einfügen</translation>
    </message>
    <message>
      <source>{name}: pose here, then go to another frame.</source>
      <translation>{name}: hier posieren, dann zu einem anderen Bild gehen.</translation>
    </message>
    <message>
      <source>Copy {name}</source>
      <translation>{name} kopieren</translation>
    </message>
    <message>
      <source>{rate} frames per second</source>
      <translation>{rate} Bilder je Sekunde</translation>
    </message>
    <message>
      <source>{name} now takes {now} s instead of {was} s.</source>
      <translation>{name} dauert jetzt {now} s statt {was} s.</translation>
    </message>
    <message>
      <source>All keys stayed on their frames. They can be moved instead, so that the take lasts as long as before.</source>
      <translation>Alle Schlüssel blieben auf ihren Bildern. Sie können stattdessen verschoben werden, damit der Take so lange dauert wie vorher.</translation>
    </message>
    <message>
      <source>Keep the seconds of {name}</source>
      <translation>Sekunden von {name} behalten</translation>
    </message>
    <message>
      <source>{count} keys on whole frames</source>
      <translation>{count} Schlüssel auf ganzen Bildern</translation>
    </message>
    <message>
      <source>The take is a loop: its last frame is its first one again.</source>
      <translation>Der Take ist eine Schleife: Sein letztes Bild ist wieder das erste.</translation>
    </message>
    <message>
      <source>Play once</source>
      <translation>Einmal abspielen</translation>
    </message>
    <message>
      <source>Reverse {count} keys</source>
      <translation>{count} Schlüssel umkehren</translation>
    </message>
    <message>
      <source>There is nothing to key: nothing is posed or controlled, or no kind of value is chosen.</source>
      <translation>Es gibt nichts für Schlüssel: Nichts ist posiert, oder keine Art von Wert ist gewählt.</translation>
    </message>
    <message>
      <source>Auto-key is on: what you pose is keyed.</source>
      <translation>Automatische Schlüssel sind an: Was du posierst, bekommt Schlüssel.</translation>
    </message>
    <message>
      <source>Auto-key is off: Enter keys a pending change, moving the playhead discards it.</source>
      <translation>Automatische Schlüssel sind aus: Eingabe setzt Schlüssel, den Abspielkopf bewegen verwirft die Änderung.</translation>
    </message>
    <message>
      <source>{count} ghosts before and after the playhead.</source>
      <translation>{count} Geisterbilder vor und nach dem Abspielkopf.</translation>
    </message>
    <message>
      <source>There are no keys on the clipboard. Copy some from a tape first.</source>
      <translation>In der Zwischenablage sind keine Schlüssel. Kopier zuerst welche von einem Band.</translation>
    </message>
    <message>
      <source>This puppet has nothing of the names that these keys are for.</source>
      <translation>Diese Figur hat nichts mit den Namen dieser Schlüssel.</translation>
    </message>
    <message>
      <source>These keys can't be pasted: {fault}.</source>
      <translation>Diese Schlüssel lassen sich nicht einfügen: {fault}.</translation>
    </message>
    <message>
      <source>Keep the frames</source>
      <translation>Bilder behalten</translation>
    </message>
    <message>
      <source>Keep the seconds</source>
      <translation>Sekunden behalten</translation>
    </message>
    <message>
      <source>{name} has changed since. Set its rate again.</source>
      <translation>{name} hat sich inzwischen geändert. Stell die Bildrate noch einmal ein.</translation>
    </message>
    <message>
      <source>{count} keys lie between frames now. Takes &gt; Keys on whole frames puts them there.</source>
      <translation>{count} Schlüssel stehen jetzt zwischen Bildern. Takes &gt; Schlüssel auf ganze Bilder stellt sie darauf.</translation>
    </message>
    <message>
      <source>All keys are on whole frames already.</source>
      <translation>Alle Schlüssel stehen schon auf ganzen Bildern.</translation>
    </message>
    <message>
      <source>Select the joint that leads first; its children follow.</source>
      <translation>Wähle zuerst das führende Gelenk; seine Kinder folgen.</translation>
    </message>
    <message>
      <source>No child of this joint is keyed. Key the chain first.</source>
      <translation>Kein Kind dieses Gelenks hat Schlüssel. Setz zuerst Schlüssel für die Kette.</translation>
    </message>
    <message>
      <source>There is no key that way.</source>
      <translation>Dort ist kein Schlüssel.</translation>
    </message>
    <message>
      <source>found nothing to mend</source>
      <translation>fand nichts zu beheben</translation>
    </message>
    <message>
      <source>noticed {count}; the lamp lists them</source>
      <translation>fand {count}; die Lampe listet sie</translation>
    </message>
    <message>
      <source>The workout ran {count} controls and joints through their range and {words}.</source>
      <translation>Der Test führte {count} Regler und Gelenke durch ihren Bereich und {words}.</translation>
    </message>
    <message>
      <source>Cancelled: nothing was changed.</source>
      <translation>Abgebrochen: Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>Nothing is made yet.</source>
      <translation>Noch ist nichts erstellt.</translation>
    </message>
    <message>
      <source>Type what you want to do</source>
      <translation>Schreib, was du tun willst</translation>
    </message>
    <message>
      <source>Find a command</source>
      <translation>Befehl suchen</translation>
    </message>
    <message>
      <source>across</source>
      <translation>quer</translation>
    </message>
    <message>
      <source>up and down</source>
      <translation>auf und ab</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>Drehung</translation>
    </message>
    <message>
      <source>value</source>
      <translation>Wert</translation>
    </message>
    <message>
      <source>upright value</source>
      <translation>senkrechter Wert</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>Devices</source>
      <translation>Geräte</translation>
    </message>
    <message>
      <source>What arrives</source>
      <translation>Was ankommt</translation>
    </message>
    <message>
      <source>Assign to a control</source>
      <translation>Einem Regler zuweisen</translation>
    </message>
    <message>
      <source>Clear</source>
      <translation>Leeren</translation>
    </message>
    <message>
      <source>Listen for devices (OSC, this computer only)</source>
      <translation>Auf Geräte hören (OSC, nur dieser Rechner)</translation>
    </message>
    <message>
      <source>Port</source>
      <translation>Port</translation>
    </message>
    <message>
      <source>Nothing is listened to. Without a device, run: umbrite device</source>
      <translation>Es wird auf nichts gehört. Ohne Gerät: umbrite device</translation>
    </message>
    <message>
      <source>Nothing has arrived yet.</source>
      <translation>Noch ist nichts angekommen.</translation>
    </message>
    <message>
      <source>Axis or button</source>
      <translation>Achse oder Taste</translation>
    </message>
    <message>
      <source>Control</source>
      <translation>Regler</translation>
    </message>
    <message>
      <source>Turn the axis, then click the control on the board.</source>
      <translation>Beweg die Achse, dann klick auf den Regler auf der Bühne.</translation>
    </message>
    <message>
      <source>Click the control for {axis} on the board.</source>
      <translation>Klick auf der Bühne auf den Regler für {axis}.</translation>
    </message>
    <message>
      <source>{control}, {what}</source>
      <translation>{control}, {what}</translation>
    </message>
    <message>
      <source>With another drawing the part keeps its place, pivot and rig. Of variants one shows at a time.</source>
      <translation>Mit einer anderen Zeichnung behält das Teil Ort, Drehpunkt und Rig. Von Varianten ist immer eine zu sehen.</translation>
    </message>
    <message>
      <source>A script may do whatever you may: read, write and send files. Run only what you know.

{path}
SHA-256 {fingerprint}</source>
      <translation>Ein Skript darf alles, was du darfst: Dateien lesen, schreiben und senden. Führ nur aus, was du kennst.

{path}
SHA-256 {fingerprint}</translation>
    </message>
    <message>
      <source>The previous save of a puppet stays beside it as a backup; that of a picture is lost.</source>
      <translation>Die vorige Fassung einer Figur bleibt daneben als Sicherungskopie; die eines Bildes geht verloren.</translation>
    </message>
    <message>
      <source>All files</source>
      <translation>Alle Dateien</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture</source>
      <translation>Figur oder Ebenenbild öffnen</translation>
    </message>
    <message>
      <source>Add a sound</source>
      <translation>Ton hinzufügen</translation>
    </message>
    <message>
      <source>Add pictures as parts</source>
      <translation>Bilder als Teile hinzufügen</translation>
    </message>
    <message>
      <source>Save the puppet</source>
      <translation>Figur speichern</translation>
    </message>
    <message>
      <source>Export</source>
      <translation>Exportieren</translation>
    </message>
    <message>
      <source>Unsaved work</source>
      <translation>Nicht gespeicherte Arbeit</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} has changes that are not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} hat Änderungen, die nicht gespeichert sind.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Save them first? Discarded changes can't be restored.</source>
      <translation>Vorher speichern? Verworfene Änderungen lassen sich nicht zurückholen.</translation>
    </message>
    <message>
      <source>Discard changes</source>
      <translation>Änderungen verwerfen</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Abbrechen</translation>
    </message>
    <message>
      <source>Overwrite</source>
      <translation>Überschreiben</translation>
    </message>
    <message>
      <source>File changed</source>
      <translation>Datei geändert</translation>
    </message>
    <message>
      <source>Writing it here puts your work in its place; what the other program wrote stays as the backup.</source>
      <translation>Hier zu speichern setzt deine Arbeit an seine Stelle; was das andere Programm schrieb, bleibt als Sicherungskopie.</translation>
    </message>
    <message>
      <source>Exchange its drawing</source>
      <translation>Zeichnung austauschen</translation>
    </message>
    <message>
      <source>Add as a variant</source>
      <translation>Als Variante hinzufügen</translation>
    </message>
    <message>
      <source>Add as a part</source>
      <translation>Als Teil hinzufügen</translation>
    </message>
    <message>
      <source>A picture on a part</source>
      <translation>Ein Bild auf einem Teil</translation>
    </message>
    <message>
      <source>&lt;b&gt;What is this picture for {name}?&lt;/b&gt;</source>
      <translation>&lt;b&gt;Was ist dieses Bild für {name}?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Run</source>
      <translation>Ausführen</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Jetzt nicht</translation>
    </message>
    <message>
      <source>Puppets and pictures</source>
      <translation>Figuren und Bilder</translation>
    </message>
    <message>
      <source>Pictures</source>
      <translation>Bilder</translation>
    </message>
    <message>
      <source>Run a script</source>
      <translation>Skript ausführen</translation>
    </message>
    <message>
      <source>&lt;b&gt;May this script run?&lt;/b&gt;</source>
      <translation>&lt;b&gt;Darf dieses Skript ausgeführt werden?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>File exists</source>
      <translation>Datei vorhanden</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} is there already.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} gibt es schon.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Sounds</source>
      <translation>Töne</translation>
    </message>
    <message>
      <source>Export {name}</source>
      <translation>{name} exportieren</translation>
    </message>
    <message>
      <source>First frame</source>
      <translation>Erstes Bild</translation>
    </message>
    <message>
      <source>Last frame</source>
      <translation>Letztes Bild</translation>
    </message>
    <message>
      <source>Background</source>
      <translation>Hintergrund</translation>
    </message>
    <message>
      <source>, with sound</source>
      <translation>, mit Ton</translation>
    </message>
    <message>
      <source>, without sound</source>
      <translation>, ohne Ton</translation>
    </message>
    <message>
      <source>{width} × {height} px, {count} frames, {seconds} s</source>
      <translation>{width} × {height} px, {count} Bilder, {seconds} s</translation>
    </message>
    <message>
      <source>Transparent</source>
      <translation>Transparent</translation>
    </message>
    <message>
      <source>About {size} MB, or less</source>
      <translation>Etwa {size} MB oder weniger</translation>
    </message>
    <message>
      <source>Export {name} as glTF</source>
      <translation>{name} als glTF exportieren</translation>
    </message>
    <message>
      <source>{name}, {count} frames, {seconds} s</source>
      <translation>{name}, {count} Bilder, {seconds} s</translation>
    </message>
    <message>
      <source>Paint into the drawings what viewers can't show</source>
      <translation>In die Zeichnungen malen, was Betrachter nicht zeigen</translation>
    </message>
    <message>
      <source>Shades and lights go into what they lie on, clipped parts are cut as they are at rest.</source>
      <translation>Schatten und Lichter kommen in das, worauf sie liegen; beschnittene Teile werden wie in Ruhe geschnitten.</translation>
    </message>
    <message>
      <source>Variants come and go by an extension, not by a scale of 0</source>
      <translation>Varianten kommen und gehen durch eine Erweiterung, nicht durch Skalierung 0</translation>
    </message>
    <message>
      <source>KHR_node_visibility, with KHR_animation_pointer: cleaner, where the engine knows them.</source>
      <translation>KHR_node_visibility mit KHR_animation_pointer: sauberer, wo die Engine sie kennt.</translation>
    </message>
    <message>
      <source>Neighbours in the draw order are one mesh</source>
      <translation>Nachbarn in der Zeichenfolge sind ein Netz</translation>
    </message>
    <message>
      <source>For few draw calls; parts have no meshes of their own in the engine then.</source>
      <translation>Für wenige Zeichenaufrufe; Teile haben in der Engine dann keine eigenen Netze.</translation>
    </message>
    <message>
      <source>Takes, as animations</source>
      <translation>Takes, als Animationen</translation>
    </message>
    <message>
      <source>There are no takes: the puppet is exported at rest.</source>
      <translation>Es gibt keine Takes: Die Figur wird in Ruhe exportiert.</translation>
    </message>
    <message>
      <source>Viewers of glTF show this puppet as Umbrite does.</source>
      <translation>Betrachter von glTF zeigen diese Figur wie Umbrite.</translation>
    </message>
    <message>
      <source>Guide</source>
      <translation>Anleitung</translation>
    </message>
    <message>
      <source>Pages</source>
      <translation>Seiten</translation>
    </message>
    <message>
      <source>Page of the guide</source>
      <translation>Seite der Anleitung</translation>
    </message>
    <message>
      <source>Preferences</source>
      <translation>Einstellungen</translation>
    </message>
    <message>
      <source>Theme</source>
      <translation>Farbschema</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Sprache</translation>
    </message>
    <message>
      <source>Takes effect when Umbrite is started the next time</source>
      <translation>Gilt ab dem nächsten Start von Umbrite</translation>
    </message>
    <message>
      <source>Save for recovery after</source>
      <translation>Wiederherstellung sichern nach</translation>
    </message>
    <message>
      <source> seconds</source>
      <translation> Sekunden</translation>
    </message>
    <message>
      <source>Show the table of layers before art is added</source>
      <translation>Tabelle der Ebenen zeigen, bevor Bilder dazukommen</translation>
    </message>
    <message>
      <source>Lists of sheets are a hash of frames, as many engines read it</source>
      <translation>Listen zu Bögen als Hash der Bilder, wie viele Engines sie lesen</translation>
    </message>
    <message>
      <source>Find and replace in names</source>
      <translation>In Namen suchen und ersetzen</translation>
    </message>
    <message>
      <source>Only the selected</source>
      <translation>Nur das Gewählte</translation>
    </message>
    <message>
      <source>Replace</source>
      <translation>Ersetzen</translation>
    </message>
    <message>
      <source>Replace with</source>
      <translation>Ersetzen durch</translation>
    </message>
    <message>
      <source>and {count} more</source>
      <translation>und {count} weitere</translation>
    </message>
    <message>
      <source>No name contains that.</source>
      <translation>Kein Name enthält das.</translation>
    </message>
    <message>
      <source>These are the pieces of Wick. Press Pivots.</source>
      <translation>Das sind die Stücke von Wick. Drück Drehpunkte.</translation>
    </message>
    <message>
      <source>Press Shift+Y: a body plan finds out which piece is which.</source>
      <translation>Drück Umschalt+Y: Ein Körperplan findet heraus, welches Stück welches ist.</translation>
    </message>
    <message>
      <source>Look at the figure, then press Enter to build.</source>
      <translation>Sieh die Figur an, dann drück Eingabe, um zu bauen.</translation>
    </message>
    <message>
      <source>Everything has a parent, limbs and limits now. Press Limbs.</source>
      <translation>Alles hat jetzt Elternteil, Glieder und Grenzen. Drück Glieder.</translation>
    </message>
    <message>
      <source>The arrows are bend sides, the fans limits. Press Rehearse.</source>
      <translation>Die Pfeile sind Beugeseiten, die Fächer Grenzen. Drück Probe.</translation>
    </message>
    <message>
      <source>Drag a hand.</source>
      <translation>Zieh eine Hand.</translation>
    </message>
    <message>
      <source>Now drag the grip at the hips: the feet stay.</source>
      <translation>Zieh jetzt den Griff an der Hüfte: Die Füße bleiben.</translation>
    </message>
    <message>
      <source>Drag his hand.</source>
      <translation>Zieh seine Hand.</translation>
    </message>
    <message>
      <source>Press Takes: the same stage with time.</source>
      <translation>Drück Takes: dieselbe Bühne mit Zeit.</translation>
    </message>
    <message>
      <source>Press + for a new take; it begins with your pose.</source>
      <translation>Drück + für einen neuen Take; er beginnt mit deiner Pose.</translation>
    </message>
    <message>
      <source>Drag the lamp on the ruler to about frame 24.</source>
      <translation>Zieh die Lampe auf dem Lineal etwa auf Bild 24.</translation>
    </message>
    <message>
      <source>Drag his hand again: it is keyed here.</source>
      <translation>Zieh seine Hand noch einmal: Hier entsteht ein Schlüssel.</translation>
    </message>
    <message>
      <source>Press Space to play, and again to stop.</source>
      <translation>Drück die Leertaste zum Abspielen und noch einmal zum Anhalten.</translation>
    </message>
    <message>
      <source>Show me</source>
      <translation>Zeig mir</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <source>That is all. Undo takes you back as far as you like.</source>
      <translation>Das ist alles. Rückgängig führt so weit zurück, wie du willst.</translation>
    </message>
    <message>
      <source>{number} of {count}</source>
      <translation>{number} von {count}</translation>
    </message>
    <message>
      <source>{name} was written.</source>
      <translation>{name} wurde geschrieben.</translation>
    </message>
    <message>
      <source>{name} and its list {places} were written.</source>
      <translation>{name} und die Liste {places} wurden geschrieben.</translation>
    </message>
    <message>
      <source>{count} sheets from {name} on and their list {places} were written.</source>
      <translation>{count} Bögen von {name} an und ihre Liste {places} wurden geschrieben.</translation>
    </message>
    <message>
      <source>Writing {path}</source>
      <translation>{path} wird geschrieben</translation>
    </message>
    <message>
      <source>{before} keys were thinned to {keys}.</source>
      <translation>Aus {before} Schlüsseln wurden {keys}.</translation>
    </message>
    <message>
      <source>{path} opened: {count} parts.</source>
      <translation>{path} geöffnet: {count} Teile.</translation>
    </message>
    <message>
      <source>{name} is open. Drag a hand, a foot or the body.</source>
      <translation>{name} ist offen. Zieh eine Hand, einen Fuß oder den Körper.</translation>
    </message>
    <message>
      <source>Add {count} part{ending}</source>
      <translation>{count} Teile hinzufügen</translation>
    </message>
    <message>
      <source>Add {count} drawings to {name}</source>
      <translation>{count} Zeichnungen zu {name} hinzufügen</translation>
    </message>
    <message>
      <source>{name} has {count} variants now: [ and ] go through them.</source>
      <translation>{name} hat jetzt {count} Varianten: [ und ] gehen sie durch.</translation>
    </message>
    <message>
      <source>Exchange the drawing of {name}</source>
      <translation>Zeichnung von {name} austauschen</translation>
    </message>
    <message>
      <source>{name} was recovered. Save it to be safe.</source>
      <translation>{name} wurde wiederhergestellt. Speicher es sicherheitshalber.</translation>
    </message>
    <message>
      <source>{path} can't be read as a pose. Choose a file that Export made.</source>
      <translation>{path} lässt sich nicht als Pose lesen. Wähle eine Datei, die der Export erstellt hat.</translation>
    </message>
    <message>
      <source>Another window has unsaved changes to it.</source>
      <translation>Ein anderes Fenster hat Änderungen daran, die nicht gespeichert sind.</translation>
    </message>
    <message>
      <source>Opening {path}</source>
      <translation>{path} wird geöffnet</translation>
    </message>
    <message>
      <source>Reading {paths}</source>
      <translation>{paths} wird gelesen</translation>
    </message>
    <message>
      <source>Nothing was added.</source>
      <translation>Nichts wurde hinzugefügt.</translation>
    </message>
    <message>
      <source>{name} has no layer that shows anything, so nothing was added.</source>
      <translation>{name} hat keine Ebene, die etwas zeigt; nichts wurde hinzugefügt.</translation>
    </message>
    <message>
      <source>shows nothing</source>
      <translation>zeigt nichts</translation>
    </message>
    <message>
      <source>has {count} layers</source>
      <translation>hat {count} Ebenen</translation>
    </message>
    <message>
      <source>The revised picture {found}, so the old drawing stays. Choose a picture of one layer.</source>
      <translation>Das geänderte Bild {found}, also bleibt die alte Zeichnung. Wähle ein Bild mit einer Ebene.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing, which is larger: its mesh was made anew.</source>
      <translation>{name} hat die neue Zeichnung, die größer ist: Das Netz wurde neu erstellt.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing; pivot, place and rig are as they were.</source>
      <translation>{name} hat die neue Zeichnung; Drehpunkt, Platz und Rig sind wie zuvor.</translation>
    </message>
    <message>
      <source>Saved as {name}, without {count} pending changes. Enter keys them in Takes.</source>
      <translation>Gespeichert als {name}, ohne {count} offene Änderungen. Eingabe setzt in Takes Schlüssel.</translation>
    </message>
    <message>
      <source>Saved as {name}.</source>
      <translation>Gespeichert als {name}.</translation>
    </message>
    <message>
      <source>The pose was exported as {name}.</source>
      <translation>Die Pose wurde als {name} exportiert.</translation>
    </message>
    <message>
      <source>The contact sheet was saved as {name}.</source>
      <translation>Der Kontaktbogen wurde als {name} gespeichert.</translation>
    </message>
    <message>
      <source>{count} frames were written to {name}.</source>
      <translation>{count} Bilder wurden in {name} geschrieben.</translation>
    </message>
    <message>
      <source>The canvas {fault}. Export it as SVG or OpenRaster instead.</source>
      <translation>Die Leinwand {fault}. Exportier sie stattdessen als SVG oder OpenRaster.</translation>
    </message>
    <message>
      <source>Reading {path}</source>
      <translation>{path} wird gelesen</translation>
    </message>
    <message>
      <source>Saving {path}</source>
      <translation>{path} wird gespeichert</translation>
    </message>
    <message>
      <source>The pose was exported as {name}, {width} × {height} px.</source>
      <translation>Die Pose wurde als {name} exportiert, {width} × {height} px.</translation>
    </message>
    <message>
      <source>Fan out the pieces</source>
      <translation>Stücke auffächern</translation>
    </message>
    <message>
      <source>{name}: {count} layers on {size}</source>
      <translation>{name}: {count} Ebenen auf {size}</translation>
    </message>
    <message>
      <source>Names, sides and numbers are guessed from the layers; change here what is wrong, several selected rows at once. Nothing is added yet.</source>
      <translation>Namen, Seiten und Nummern sind aus den Ebenen geraten; ändere hier, was falsch ist, auch mehrere gewählte Zeilen auf einmal. Noch ist nichts hinzugefügt.</translation>
    </message>
    <message>
      <source>What is lost from this picture</source>
      <translation>Was von diesem Bild verloren geht</translation>
    </message>
    <message>
      <source>Layers to add</source>
      <translation>Ebenen zum Hinzufügen</translation>
    </message>
    <message>
      <source>Side of {name}</source>
      <translation>Seite von {name}</translation>
    </message>
    <message>
      <source>Number of {name}</source>
      <translation>Nummer von {name}</translation>
    </message>
    <message>
      <source>All groups as carriers</source>
      <translation>Alle Gruppen als Träger</translation>
    </message>
    <message>
      <source>Add parts</source>
      <translation>Teile hinzufügen</translation>
    </message>
    <message>
      <source>Hidden in the art, and hidden as a part until you show it</source>
      <translation>In der Zeichnung ausgeblendet, und als Teil auch, bis du es zeigst</translation>
    </message>
    <message>
      <source>As a carrier</source>
      <translation>Als Träger</translation>
    </message>
    <message>
      <source>{path} as a carrier</source>
      <translation>{path} als Träger</translation>
    </message>
    <message>
      <source>A carrier over all parts of this group: they move and turn together with it</source>
      <translation>Ein Träger über allen Teilen dieser Gruppe: Sie bewegen und drehen sich mit ihm</translation>
    </message>
    <message>
      <source>As a set</source>
      <translation>Als Satz</translation>
    </message>
    <message>
      <source>{path} as a set</source>
      <translation>{path} als Satz</translation>
    </message>
    <message>
      <source>Of the drawings in this group one shows at a time: eyes, mouths, hands</source>
      <translation>Von den Zeichnungen dieser Gruppe ist eine zu sehen: Augen, Münder, Hände</translation>
    </message>
    <message>
      <source>The whole picture</source>
      <translation>Das ganze Bild</translation>
    </message>
    <message>
      <source>{name} is open in a picture editor; whatever is saved there comes back by itself.</source>
      <translation>{name} ist in einem Bildeditor offen; was dort gespeichert wird, kommt von selbst zurück.</translation>
    </message>
    <message>
      <source>No picture editor was found for PNG. Open {path} in one; what is saved there comes back by itself.</source>
      <translation>Kein Bildeditor für PNG gefunden. Öffne {path} in einem; was dort gespeichert wird, kommt von selbst zurück.</translation>
    </message>
    <message>
      <source>{what}
{done} of {of}: {name}</source>
      <translation>{what}
{done} von {of}: {name}</translation>
    </message>
    <message>
      <source>{what} was cancelled. Nothing was added or changed.</source>
      <translation>{what} wurde abgebrochen. Nichts wurde hinzugefügt oder geändert.</translation>
    </message>
    <message>
      <source>Unsaved work couldn't be saved for recovery ({error}). Save soon.</source>
      <translation>Die Arbeit ließ sich nicht zur Wiederherstellung sichern ({error}). Speicher bald.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite ended suddenly while {name} had changes that were not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;Umbrite endete plötzlich, während {name} nicht gespeicherte Änderungen hatte.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>They were saved on {when}. Recovering them changes no file until you save.</source>
      <translation>Sie wurden {when} gesichert. Wiederherstellen ändert keine Datei, bis du speicherst.</translation>
    </message>
    <message>
      <source>Recover</source>
      <translation>Wiederherstellen</translation>
    </message>
    <message>
      <source>Ask later</source>
      <translation>Später fragen</translation>
    </message>
    <message>
      <source>{name} is in the library.</source>
      <translation>{name} ist in der Bibliothek.</translation>
    </message>
    <message>
      <source>A guest is a puppet with its own rig; {path} is none. Save it as {ending} first.</source>
      <translation>Ein Gast ist eine Figur mit eigenem Rig; {path} ist keine. Speicher sie zuerst als {ending}.</translation>
    </message>
    <message>
      <source>{names}: that would go round in a circle. Choose another puppet.</source>
      <translation>{names}: Das ginge im Kreis. Wähle eine andere Figur.</translation>
    </message>
    <message>
      <source>{names} changed in a file of its own since: select it, and Update brings that in.</source>
      <translation>{names} hat sich in der eigenen Datei geändert: Wähle es, und Aktualisieren holt das herein.</translation>
    </message>
    <message>
      <source>A new puppet from {stage}; the other file stays as it was.</source>
      <translation>Eine neue Figur aus {stage}; die andere Datei bleibt, wie sie war.</translation>
    </message>
    <message>
      <source>The file of {name} is not there any more; the copy inside stays.</source>
      <translation>Die Datei von {name} ist nicht mehr da; die Kopie darin bleibt.</translation>
    </message>
    <message>
      <source> is a guest in </source>
      <translation> ist Gast in </translation>
    </message>
    <message>
      <source>Scripts lie in {folder}: each is a file with def run(document) -&gt; document.</source>
      <translation>Skripte liegen in {folder}: jedes ist eine Datei mit def run(document) -&gt; document.</translation>
    </message>
    <message>
      <source>Run {name}</source>
      <translation>{name} ausführen</translation>
    </message>
    <message>
      <source>{name} is done. Undo takes all of it back.</source>
      <translation>{name} ist fertig. Rückgängig nimmt alles zurück.</translation>
    </message>
    <message>
      <source>{name} has no def run(document). Give it one that returns a document.</source>
      <translation>{name} hat kein def run(document). Gib ihm eines, das ein Dokument zurückgibt.</translation>
    </message>
    <message>
      <source>{name} returned no document, so nothing was changed. End run with return document.</source>
      <translation>{name} gab kein Dokument zurück, also wurde nichts geändert. Beende run mit return document.</translation>
    </message>
    <message>
      <source>Scripts</source>
      <translation>Skripte</translation>
    </message>
    <message>
      <source>{name} was not run.</source>
      <translation>{name} wurde nicht ausgeführt.</translation>
    </message>
    <message>
      <source>{name} gave a puppet that can't be kept: {fault}. Nothing was changed.</source>
      <translation>{name} ergab eine Figur, die sich nicht speichern lässt: {fault}. Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{name} changed nothing.</source>
      <translation>{name} hat nichts geändert.</translation>
    </message>
    <message>
      <source>{name} stopped{where}: {kind}: {error}. Nothing was changed.</source>
      <translation>{name} brach ab{where}: {kind}: {error}. Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{name} is no Python that can be run{line}.</source>
      <translation>{name} ist kein ausführbares Python{line}.</translation>
    </message>
    <message>
      <source>Show their folder</source>
      <translation>Ordner zeigen</translation>
    </message>
    <message>
      <source>Hidden panels</source>
      <translation>Ausgeblendete Panels</translation>
    </message>
    <message>
      <source>Animators may use the ticked controls.</source>
      <translation>Animatoren nutzen die angehakten Regler.</translation>
    </message>
    <message>
      <source>Lock everything else</source>
      <translation>Alles andere sperren</translation>
    </message>
    <message>
      <source>In Rehearse only controls can be dragged, not the art</source>
      <translation>In der Probe lassen sich nur Regler ziehen, nicht die Zeichnung</translation>
    </message>
    <message>
      <source>Links</source>
      <translation>Verknüpfungen</translation>
    </message>
    <message>
      <source>{name}: ticked, animators use it</source>
      <translation>{name}: angehakt, Animatoren nutzen ihn</translation>
    </message>
    <message>
      <source>Depth of {name}</source>
      <translation>Tiefe von {name}</translation>
    </message>
    <message>
      <source>Depth, front on top</source>
      <translation>Tiefe, vorn oben</translation>
    </message>
    <message>
      <source>{name}, label {label}</source>
      <translation>{name}, Etikett {label}</translation>
    </message>
    <message>
      <source>{name}: double click to expand</source>
      <translation>{name}: Doppelklick klappt auf</translation>
    </message>
    <message>
      <source>{name} is hidden</source>
      <translation>{name} ist ausgeblendet</translation>
    </message>
    <message>
      <source>Let the limb bend to this side</source>
      <translation>Glied zu dieser Seite beugen</translation>
    </message>
    <message>
      <source>Bends clockwise</source>
      <translation>Beugt im Uhrzeigersinn</translation>
    </message>
    <message>
      <source>Bends counterclockwise</source>
      <translation>Beugt gegen den Uhrzeigersinn</translation>
    </message>
    <message>
      <source>More triangles bend more smoothly and cost more time</source>
      <translation>Mehr Dreiecke biegen glatter und kosten mehr Zeit</translation>
    </message>
    <message>
      <source>How much it narrows where a joint lengthens it, so that it keeps its area</source>
      <translation>Wie viel schmaler es wird, wo ein Gelenk es dehnt, damit die Fläche bleibt</translation>
    </message>
    <message>
      <source>Joints</source>
      <translation>Gelenke</translation>
    </message>
    <message>
      <source>{name} follows one joint: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} folgt einem Gelenk: {triangles} Dreiecke, {cost} ms zu malen.</translation>
    </message>
    <message>
      <source>{name} bends over {count} joints: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} biegt sich über {count} Gelenke: {triangles} Dreiecke, {cost} ms zu malen.</translation>
    </message>
    <message>
      <source>Denser where it curves</source>
      <translation>Dichter, wo es sich krümmt</translation>
    </message>
    <message>
      <source>Mesh</source>
      <translation>Netz</translation>
    </message>
    <message>
      <source>Squash</source>
      <translation>Stauchung</translation>
    </message>
    <message>
      <source>Weights</source>
      <translation>Gewichte</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Punkte</translation>
    </message>
    <message>
      <source>Tip grip</source>
      <translation>Spitzengriff</translation>
    </message>
    <message>
      <source>Three grips</source>
      <translation>Drei Griffe</translation>
    </message>
    <message>
      <source>Stop swinging</source>
      <translation>Schwingen beenden</translation>
    </message>
    <message>
      <source>Carried by</source>
      <translation>Getragen von</translation>
    </message>
    <message>
      <source>Axes</source>
      <translation>Achsen</translation>
    </message>
    <message>
      <source>Range across</source>
      <translation>Bereich quer</translation>
    </message>
    <message>
      <source>Range upright</source>
      <translation>Bereich hoch</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>Pixels of</source>
      <translation>Pixel von</translation>
    </message>
    <message>
      <source>Colour</source>
      <translation>Farbe</translation>
    </message>
    <message>
      <source>Label</source>
      <translation>Etikett</translation>
    </message>
    <message>
      <source>Hand-over</source>
      <translation>Übergabe</translation>
    </message>
    <message>
      <source>{word}, {does} {name}</source>
      <translation>{word}, {does} {name}</translation>
    </message>
    <message>
      <source>controls</source>
      <translation>Regler</translation>
    </message>
    <message>
      <source>Of its side</source>
      <translation>Wie die Seite</translation>
    </message>
    <message>
      <source>Always</source>
      <translation>Immer</translation>
    </message>
    <message>
      <source>As a ghost</source>
      <translation>Als Geisterbild</translation>
    </message>
    <message>
      <source>Near the pointer</source>
      <translation>Nahe am Zeiger</translation>
    </message>
    <message>
      <source>Never, but usable</source>
      <translation>Nie, doch nutzbar</translation>
    </message>
    <message>
      <source>Both axes</source>
      <translation>Beide Achsen</translation>
    </message>
    <message>
      <source>Across only</source>
      <translation>Nur waagrecht</translation>
    </message>
    <message>
      <source>Up and down only</source>
      <translation>Nur senkrecht</translation>
    </message>
    <message>
      <source>The screen</source>
      <translation>Der Bildschirm</translation>
    </message>
    <message>
      <source>Animators use it</source>
      <translation>Animatoren nutzen ihn</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Gesperrt</translation>
    </message>
    <message>
      <source>Curve of the link</source>
      <translation>Kurve der Verknüpfung</translation>
    </message>
    <message>
      <source>Drag points; double click puts one in, Delete takes the chosen one out; arrows nudge it</source>
      <translation>Punkte ziehen; Doppelklick setzt einen, Entf löscht den gewählten; Pfeile schieben ihn</translation>
    </message>
    <message>
      <source>Click a part, a rivet or a control to see what it is made of.</source>
      <translation>Klick ein Teil, eine Niete oder einen Regler an, um zu sehen, woraus es besteht.</translation>
    </message>
    <message>
      <source>{step} of {name}</source>
      <translation>{step} von {name}</translation>
    </message>
    <message>
      <source>Give of each joint</source>
      <translation>Nachgiebigkeit jedes Gelenks</translation>
    </message>
    <message>
      <source>How willingly each joint bends, from the root on: drag a bar; with arrows choose and change one</source>
      <translation>Wie willig sich jedes Gelenk beugt, von der Wurzel an: Balken ziehen; mit Pfeilen wählen und ändern</translation>
    </message>
    <message>
      <source>Give of {name}</source>
      <translation>Nachgiebigkeit von {name}</translation>
    </message>
    <message>
      <source>Spread over depths</source>
      <translation>Über Tiefen verteilen</translation>
    </message>
    <message>
      <source>Its parts can lie at different depths</source>
      <translation>Seine Teile können in verschiedenen Tiefen liegen</translation>
    </message>
    <message>
      <source>Hide its controls</source>
      <translation>Seine Regler ausblenden</translation>
    </message>
    <message>
      <source>Its own takes</source>
      <translation>Seine eigenen Takes</translation>
    </message>
    <message>
      <source>Its own take into the current take, from the current frame</source>
      <translation>Sein Take in den aktuellen Take, ab dem aktuellen Bild</translation>
    </message>
    <message>
      <source>It becomes part of this puppet and can be changed here</source>
      <translation>Es wird ein Teil dieser Figur und lässt sich hier ändern</translation>
    </message>
    <message>
      <source>Guest: {name}</source>
      <translation>Gast: {name}</translation>
    </message>
    <message>
      <source>{count} parts of {source}. They are changed in that file.</source>
      <translation>{count} Teile aus {source}. Geändert werden sie in jener Datei.</translation>
    </message>
    <message>
      <source>Across</source>
      <translation>Quer</translation>
    </message>
    <message>
      <source>Down</source>
      <translation>Hoch</translation>
    </message>
    <message>
      <source>Insert take</source>
      <translation>Take einfügen</translation>
    </message>
    <message>
      <source>Update</source>
      <translation>Aktualisieren</translation>
    </message>
    <message>
      <source>Open its file</source>
      <translation>Datei öffnen</translation>
    </message>
    <message>
      <source>Detach from its file</source>
      <translation>Von Datei lösen</translation>
    </message>
    <message>
      <source>Remove it</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <source>Its file is not there; the copy inside is whole.</source>
      <translation>Seine Datei ist nicht da; die Kopie darin ist ganz.</translation>
    </message>
    <message>
      <source>Its file has changed since.</source>
      <translation>Seine Datei hat sich seither geändert.</translation>
    </message>
    <message>
      <source>Up to date.</source>
      <translation>Aktuell.</translation>
    </message>
    <message>
      <source>Length, angle</source>
      <translation>Länge, Winkel</translation>
    </message>
    <message>
      <source>Soft ends</source>
      <translation>Weiche Enden</translation>
    </message>
    <message>
      <source>Give</source>
      <translation>Nachgiebigkeit</translation>
    </message>
    <message>
      <source>A click picks</source>
      <translation>Klick wählt</translation>
    </message>
    <message>
      <source>Moving</source>
      <translation>Bewegen</translation>
    </message>
    <message>
      <source>Sizes</source>
      <translation>Größen</translation>
    </message>
    <message>
      <source>Swings</source>
      <translation>Schwingt</translation>
    </message>
    <message>
      <source>Swings, damping</source>
      <translation>Schwünge, Dämpfung</translation>
    </message>
    <message>
      <source>Weight, how far</source>
      <translation>Gewicht, wie weit</translation>
    </message>
    <message>
      <source>Length</source>
      <translation>Länge</translation>
    </message>
    <message>
      <source>Angle</source>
      <translation>Winkel</translation>
    </message>
    <message>
      <source>Swings a second</source>
      <translation>Schwünge je Sekunde</translation>
    </message>
    <message>
      <source>Damping</source>
      <translation>Dämpfung</translation>
    </message>
    <message>
      <source>Weight</source>
      <translation>Gewicht</translation>
    </message>
    <message>
      <source>How far</source>
      <translation>Wie weit</translation>
    </message>
    <message>
      <source>joints</source>
      <translation>Gelenke</translation>
    </message>
    <message>
      <source>carried by {name}</source>
      <translation>getragen von {name}</translation>
    </message>
    <message>
      <source>, carries {count}</source>
      <translation>, trägt {count}</translation>
    </message>
    <message>
      <source>The part clicked</source>
      <translation>Das geklickte Teil</translation>
    </message>
    <message>
      <source>This carrier</source>
      <translation>Dieser Träger</translation>
    </message>
    <message>
      <source>Free</source>
      <translation>Frei</translation>
    </message>
    <message>
      <source>Fixed</source>
      <translation>Fest</translation>
    </message>
    <message>
      <source>Lower limit</source>
      <translation>Untere Grenze</translation>
    </message>
    <message>
      <source>Upper limit</source>
      <translation>Obere Grenze</translation>
    </message>
    <message>
      <source>Smallest size</source>
      <translation>Kleinste Größe</translation>
    </message>
    <message>
      <source>Largest size</source>
      <translation>Größte Größe</translation>
    </message>
    <message>
      <source>End angle</source>
      <translation>Endwinkel</translation>
    </message>
    <message>
      <source>Posed by</source>
      <translation>Posiert durch</translation>
    </message>
    <message>
      <source>Blend</source>
      <translation>Mischung</translation>
    </message>
    <message>
      <source>Soften, stretch</source>
      <translation>Weich, dehnen</translation>
    </message>
    <message>
      <source>Solving</source>
      <translation>Lösen</translation>
    </message>
    <message>
      <source>limb of {count}: {names}{tip}</source>
      <translation>Glied aus {count}: {names}{tip}</translation>
    </message>
    <message>
      <source>Bends to</source>
      <translation>Beugt nach</translation>
    </message>
    <message>
      <source>Target follows</source>
      <translation>Ziel folgt</translation>
    </message>
    <message>
      <source>limbs</source>
      <translation>Glieder</translation>
    </message>
    <message>
      <source>; tip at {name}</source>
      <translation>; Spitze bei {name}</translation>
    </message>
    <message>
      <source>Turns with limb</source>
      <translation>Dreht mit dem Glied</translation>
    </message>
    <message>
      <source>Kept by target</source>
      <translation>Vom Ziel gehalten</translation>
    </message>
    <message>
      <source>Points at toe</source>
      <translation>Zeigt auf die Zehe</translation>
    </message>
    <message>
      <source>To the target</source>
      <translation>Zum Ziel</translation>
    </message>
    <message>
      <source>Off</source>
      <translation>Aus</translation>
    </message>
    <message>
      <source>Its target</source>
      <translation>Sein Ziel</translation>
    </message>
    <message>
      <source>Its own turns</source>
      <translation>Eigene Drehungen</translation>
    </message>
    <message>
      <source>Point at, gives</source>
      <translation>Punkt bei, ergibt</translation>
    </message>
    <message>
      <source>Between points</source>
      <translation>Zwischen Punkten</translation>
    </message>
    <message>
      <source>{drives} follows {source}</source>
      <translation>{drives} folgt {source}</translation>
    </message>
    <message>
      <source>way of {name} along the board</source>
      <translation>Weg von {name} auf der Bühne</translation>
    </message>
    <message>
      <source>Curve of {name}</source>
      <translation>Kurve von {name}</translation>
    </message>
    <message>
      <source>{name}: way along the board</source>
      <translation>{name}: Weg auf der Bühne</translation>
    </message>
    <message>
      <source>click one</source>
      <translation>einen anklicken</translation>
    </message>
    <message>
      <source>Point at</source>
      <translation>Punkt bei</translation>
    </message>
    <message>
      <source>Point gives</source>
      <translation>Punkt ergibt</translation>
    </message>
    <message>
      <source>Names of all selected</source>
      <translation>Namen aller gewählten</translation>
    </message>
    <message>
      <source>No name changed: no selected name matches.</source>
      <translation>Kein Name geändert: Kein gewählter Name passt.</translation>
    </message>
    <message>
      <source>{step}: {count} names</source>
      <translation>{step}: {count} Namen</translation>
    </message>
    <message>
      <source>Turn, skew</source>
      <translation>Drehung, Scherung</translation>
    </message>
    <message>
      <source>Scale</source>
      <translation>Skalierung</translation>
    </message>
    <message>
      <source>Opacity</source>
      <translation>Deckkraft</translation>
    </message>
    <message>
      <source>Shade from</source>
      <translation>Schatten von</translation>
    </message>
    <message>
      <source>Edge, colour</source>
      <translation>Rand, Farbe</translation>
    </message>
    <message>
      <source>Clip</source>
      <translation>Ausschnitt</translation>
    </message>
    <message>
      <source>Clip side</source>
      <translation>Ausschnittseite</translation>
    </message>
    <message>
      <source>Clip by</source>
      <translation>Ausschnitt durch</translation>
    </message>
    <message>
      <source>Show</source>
      <translation>Zeigen</translation>
    </message>
    <message>
      <source>part, {width} × {height} px, {place} of {count} from the front{shared}</source>
      <translation>Teil, {width} × {height} px, {place}. von {count} von vorn{shared}</translation>
    </message>
    <message>
      <source>Turn</source>
      <translation>Drehung</translation>
    </message>
    <message>
      <source>Skew</source>
      <translation>Scherung</translation>
    </message>
    <message>
      <source>The colour of the shade</source>
      <translation>Die Farbe des Schattens</translation>
    </message>
    <message>
      <source>Colour of {name}</source>
      <translation>Farbe von {name}</translation>
    </message>
    <message>
      <source>parts</source>
      <translation>Teile</translation>
    </message>
    <message>
      <source>, drawing shared</source>
      <translation>, Zeichnung geteilt</translation>
    </message>
    <message>
      <source>Places forward</source>
      <translation>Plätze nach vorn</translation>
    </message>
    <message>
      <source>Shows</source>
      <translation>Sichtbar</translation>
    </message>
    <message>
      <source>Clipped</source>
      <translation>Beschnitten</translation>
    </message>
    <message>
      <source>Look in this pose</source>
      <translation>Aussehen in dieser Pose</translation>
    </message>
    <message>
      <source>End angle now</source>
      <translation>Endwinkel jetzt</translation>
    </message>
    <message>
      <source>Reach in this pose</source>
      <translation>Reichweite in dieser Pose</translation>
    </message>
    <message>
      <source>Depth now</source>
      <translation>Tiefe jetzt</translation>
    </message>
    <message>
      <source>Choose in Parts what clips it; here it can be switched.</source>
      <translation>Wähle in Teile, wovon es beschnitten wird; hier lässt es sich umschalten.</translation>
    </message>
    <message>
      <source>{count} limbs</source>
      <translation>{count} Glieder</translation>
    </message>
    <message>
      <source>Turn, slant</source>
      <translation>Drehung, Neigung</translation>
    </message>
    <message>
      <source>Across, up</source>
      <translation>Quer, hoch</translation>
    </message>
    <message>
      <source>Width, height</source>
      <translation>Breite, Höhe</translation>
    </message>
    <message>
      <source>Upright value</source>
      <translation>Senkrechter Wert</translation>
    </message>
    <message>
      <source>In this pose</source>
      <translation>In dieser Pose</translation>
    </message>
    <message>
      <source>Moved by {names}</source>
      <translation>Bewegt von {names}</translation>
    </message>
    <message>
      <source>Turned by {names}. Drag its end, or let it be posed by its own turns.</source>
      <translation>Gedreht von {names}. Zieh das Ende, oder lass es durch eigene Drehungen posieren.</translation>
    </message>
    <message>
      <source>{count} selected</source>
      <translation>{count} gewählt</translation>
    </message>
    <message>
      <source>Moves {names}</source>
      <translation>Bewegt {names}</translation>
    </message>
    <message>
      <source>Poses at values</source>
      <translation>Posen bei Werten</translation>
    </message>
    <message>
      <source>Smooth between them</source>
      <translation>Weich dazwischen</translation>
    </message>
    <message>
      <source>Poses of {name}</source>
      <translation>Posen von {name}</translation>
    </message>
    <message>
      <source>Name a pose</source>
      <translation>Pose benennen</translation>
    </message>
    <message>
      <source>Smooth between poses</source>
      <translation>Weich zwischen Posen</translation>
    </message>
    <message>
      <source>Pose again</source>
      <translation>Neu posieren</translation>
    </message>
    <message>
      <source>When another branch is shown, its hand goes to where this one's was</source>
      <translation>Wird ein anderer Zweig gezeigt, geht seine Hand dorthin, wo diese war</translation>
    </message>
    <message>
      <source>A click shows a variant; so do [ and ], and its number with the pointer on the board</source>
      <translation>Ein Klick zeigt eine Variante; ebenso [ und ] und ihre Nummer mit dem Zeiger auf der Bühne</translation>
    </message>
    <message>
      <source>Name of the variant</source>
      <translation>Name der Variante</translation>
    </message>
    <message>
      <source>Name it…</source>
      <translation>Benennen…</translation>
    </message>
    <message>
      <source>Earlier</source>
      <translation>Früher</translation>
    </message>
    <message>
      <source>Later</source>
      <translation>Später</translation>
    </message>
    <message>
      <source>Show it at rest</source>
      <translation>In Ruhe zeigen</translation>
    </message>
    <message>
      <source>Take it out of the set</source>
      <translation>Aus dem Satz nehmen</translation>
    </message>
    <message>
      <source>Wheel zooms, middle button moves, F fits; drag a card onto its new parent</source>
      <translation>Rad zoomt, Mitteltaste schiebt, F passt ein; zieh eine Karte auf ihr Elternteil</translation>
    </message>
    <message>
      <source>Parent {name} {where}</source>
      <translation>Elternteil für {name} {where}</translation>
    </message>
    <message>
      <source>{name} is parented {where} now. {moved}</source>
      <translation>{name} hat jetzt ein Elternteil {where}. {moved}</translation>
    </message>
    <message>
      <source>Find a joint or part</source>
      <translation>Gelenk oder Teil finden</translation>
    </message>
    <message>
      <source>Hide</source>
      <translation>Ausblenden</translation>
    </message>
    <message>
      <source>Unlock</source>
      <translation>Entsperren</translation>
    </message>
    <message>
      <source>Lock, so that it can't be selected</source>
      <translation>Sperren, damit es nicht wählbar ist</translation>
    </message>
    <message>
      <source>{name} carries no drawing.</source>
      <translation>{name} trägt keine Zeichnung.</translation>
    </message>
    <message>
      <source>{count} findings of one kind. The first: {first}</source>
      <translation>{count} Befunde einer Art. Der erste: {first}</translation>
    </message>
    <message>
      <source>Mend</source>
      <translation>Beheben</translation>
    </message>
    <message>
      <source>Each one</source>
      <translation>Einzeln</translation>
    </message>
    <message>
      <source>Explain</source>
      <translation>Erklären</translation>
    </message>
    <message>
      <source>Ignore</source>
      <translation>Ignorieren</translation>
    </message>
    <message>
      <source>Ignore a finding</source>
      <translation>Befund ignorieren</translation>
    </message>
    <message>
      <source>Show all ignored findings</source>
      <translation>Alle ignorierten Befunde zeigen</translation>
    </message>
    <message>
      <source>Show ignored findings ({count})</source>
      <translation>Ignorierte Befunde zeigen ({count})</translation>
    </message>
    <message>
      <source>{fix}, for all</source>
      <translation>{fix}, für alle</translation>
    </message>
    <message>
      <source>How it is, and how it should be</source>
      <translation>Wie es ist, und wie es sein soll</translation>
    </message>
    <message>
      <source>No findings: all is well.</source>
      <translation>Keine Befunde: Alles ist gut.</translation>
    </message>
    <message>
      <source>For stations you have not used yet:</source>
      <translation>Zu Stationen, die du noch nicht benutzt hast:</translation>
    </message>
    <message>
      <source>Drag a branch onto a joint, or onto the board.</source>
      <translation>Zieh einen Zweig auf ein Gelenk oder auf die Bühne.</translation>
    </message>
    <message>
      <source>Name of the branch</source>
      <translation>Name des Zweigs</translation>
    </message>
    <message>
      <source>Save the selected branch</source>
      <translation>Gewählten Zweig speichern</translation>
    </message>
    <message>
      <source>Insert</source>
      <translation>Einfügen</translation>
    </message>
    <message>
      <source>Onto the selected joint, or free where none is selected</source>
      <translation>An das gewählte Gelenk, oder frei, wo keines gewählt ist</translation>
    </message>
    <message>
      <source>{name} is in the trash.</source>
      <translation>{name} ist im Papierkorb.</translation>
    </message>
    <message>
      <source>There is no trash here, so {name} was not removed.</source>
      <translation>Hier gibt es keinen Papierkorb, {name} wurde also nicht entfernt.</translation>
    </message>
    <message>
      <source>your own</source>
      <translation>dein eigener</translation>
    </message>
    <message>
      <source>ships with Umbrite</source>
      <translation>mit Umbrite geliefert</translation>
    </message>
    <message>
      <source>{name}, {whose}: drag it onto a joint</source>
      <translation>{name}, {whose}: auf ein Gelenk ziehen</translation>
    </message>
    <message>
      <source>Saves it to your own library, with limbs, controls and poses</source>
      <translation>Speichert ihn in deiner Bibliothek, mit Gliedern, Reglern und Posen</translation>
    </message>
    <message>
      <source>Insert as a guest</source>
      <translation>Als Gast einfügen</translation>
    </message>
    <message>
      <source>Move to trash</source>
      <translation>In den Papierkorb</translation>
    </message>
    <message>
      <source>Open recent</source>
      <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
      <source>, for {names} only</source>
      <translation>, nur für {names}</translation>
    </message>
    <message>
      <source>Pose {name}{part}</source>
      <translation>Pose {name}{part}</translation>
    </message>
    <message>
      <source>{name}{part}: click to apply, drag the groove under it to blend</source>
      <translation>{name}{part}: Klick wendet sie an, die Rille darunter mischt</translation>
    </message>
    <message>
      <source>{folder}: click to fold, double click to name</source>
      <translation>{folder}: Klick klappt zu, Doppelklick benennt</translation>
    </message>
    <message>
      <source>Folder {folder}</source>
      <translation>Ordner {folder}</translation>
    </message>
    <message>
      <source>Apply and blend poses for the selected controls and joints only</source>
      <translation>Posen nur auf gewählte Regler und Gelenke anwenden</translation>
    </message>
    <message>
      <source>Find a pose</source>
      <translation>Pose suchen</translation>
    </message>
    <message>
      <source>Name of the pose</source>
      <translation>Name der Pose</translation>
    </message>
    <message>
      <source>Folder</source>
      <translation>Ordner</translation>
    </message>
    <message>
      <source>Move {name} to {folder}</source>
      <translation>{name} nach {folder} verschieben</translation>
    </message>
    <message>
      <source>Move {name} out of its folder</source>
      <translation>{name} aus seinem Ordner nehmen</translation>
    </message>
    <message>
      <source>Name pose {name}</source>
      <translation>Pose {name} benennen</translation>
    </message>
    <message>
      <source>Name folder {name}</source>
      <translation>Ordner {name} benennen</translation>
    </message>
    <message>
      <source>Blend {share:.0%} to {name}</source>
      <translation>{share:.0%} zu {name} mischen</translation>
    </message>
    <message>
      <source>The clean pose keeps its name; it is always there.</source>
      <translation>Die reine Pose behält ihren Namen; sie ist immer da.</translation>
    </message>
    <message>
      <source>Delete pose {name}</source>
      <translation>Pose {name} löschen</translation>
    </message>
    <message>
      <source>Apply</source>
      <translation>Anwenden</translation>
    </message>
    <message>
      <source>New folder…</source>
      <translation>Neuer Ordner…</translation>
    </message>
    <message>
      <source>Delete</source>
      <translation>Löschen</translation>
    </message>
    <message>
      <source>{done} of {count} set</source>
      <translation>{done} von {count} gesetzt</translation>
    </message>
    <message>
      <source>none yet</source>
      <translation>noch nichts</translation>
    </message>
    <message>
      <source>{count} limb{ending}</source>
      <translation>{count} Glieder</translation>
    </message>
    <message>
      <source>{count} take{ending}</source>
      <translation>{count} Takes</translation>
    </message>
    <message>
      <source>posed</source>
      <translation>posiert</translation>
    </message>
    <message>
      <source>at rest</source>
      <translation>in Ruhe</translation>
    </message>
    <message>
      <source>{station}  (Ctrl+{station2})</source>
      <translation>{station}  (Strg+{station2})</translation>
    </message>
    <message>
      <source>Findings  (Ctrl+E)</source>
      <translation>Befunde  (Strg+E)</translation>
    </message>
    <message>
      <source>Umbrite</source>
      <translation>Umbrite</translation>
    </message>
    <message>
      <source>saved</source>
      <translation>gespeichert</translation>
    </message>
    <message>
      <source>not saved yet</source>
      <translation>noch nicht gespeichert</translation>
    </message>
    <message>
      <source>empty</source>
      <translation>leer</translation>
    </message>
    <message>
      <source>{count} in order</source>
      <translation>{count} geordnet</translation>
    </message>
    <message>
      <source>{count} made</source>
      <translation>{count} erstellt</translation>
    </message>
    <message>
      <source>{count} finding{ending}</source>
      <translation>{count} Befunde</translation>
    </message>
    <message>
      <source>All well</source>
      <translation>Alles gut</translation>
    </message>
    <message>
      <source>, {straight} straight</source>
      <translation>, {straight} gestreckt</translation>
    </message>
    <message>
      <source>{word}: there is nothing</source>
      <translation>{word}: da ist nichts</translation>
    </message>
    <message>
      <source>last:</source>
      <translation>zuletzt:</translation>
    </message>
    <message>
      <source>{count} more steps</source>
      <translation>{count} weitere Schritte</translation>
    </message>
    <message>
      <source>{count} forward</source>
      <translation>{count} nach vorn</translation>
    </message>
    <message>
      <source>{count} back</source>
      <translation>{count} nach hinten</translation>
    </message>
    <message>
      <source>Frame of the key</source>
      <translation>Bild des Schlüssels</translation>
    </message>
    <message>
      <source>Value of the key</source>
      <translation>Wert des Schlüssels</translation>
    </message>
    <message>
      <source>Frame</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>Only these kinds</source>
      <translation>Nur diese Arten</translation>
    </message>
    <message>
      <source>1 key</source>
      <translation>1 Schlüssel</translation>
    </message>
    <message>
      <source>{name}, frame {frame}</source>
      <translation>{name}, Bild {frame}</translation>
    </message>
    <message>
      <source>Reading the sound</source>
      <translation>Der Ton wird gelesen</translation>
    </message>
    <message>
      <source>The take itself</source>
      <translation>Der Take selbst</translation>
    </message>
    <message>
      <source>{seconds} s</source>
      <translation>{seconds} s</translation>
    </message>
    <message>
      <source>off</source>
      <translation>aus</translation>
    </message>
    <message>
      <source>is added</source>
      <translation>wird addiert</translation>
    </message>
    <message>
      <source>takes over</source>
      <translation>ersetzt</translation>
    </message>
    <message>
      <source>Rows of the tape</source>
      <translation>Zeilen des Bands</translation>
    </message>
    <message>
      <source>On the tape</source>
      <translation>Auf dem Band</translation>
    </message>
    <message>
      <source>The current take</source>
      <translation>Der aktuelle Take</translation>
    </message>
    <message>
      <source>Play or stop  (Space)</source>
      <translation>Abspielen oder anhalten  (Leertaste)</translation>
    </message>
    <message>
      <source>Perform by hand  (Alt+P)</source>
      <translation>Von Hand spielen  (Alt+P)</translation>
    </message>
    <message>
      <source>Keying</source>
      <translation>Schlüssel</translation>
    </message>
    <message>
      <source>Loop</source>
      <translation>Schleife</translation>
    </message>
    <message>
      <source> a second</source>
      <translation> je Sekunde</translation>
    </message>
    <message>
      <source>Frames per second</source>
      <translation>Bilder je Sekunde</translation>
    </message>
    <message>
      <source>Speed of playing</source>
      <translation>Abspieltempo</translation>
    </message>
    <message>
      <source>Quarter speed</source>
      <translation>Viertel Tempo</translation>
    </message>
    <message>
      <source>Half speed</source>
      <translation>Halbes Tempo</translation>
    </message>
    <message>
      <source>Normal speed</source>
      <translation>Normales Tempo</translation>
    </message>
    <message>
      <source>Double speed</source>
      <translation>Doppeltes Tempo</translation>
    </message>
    <message>
      <source>How the layer is combined</source>
      <translation>Wie die Ebene hinzukommt</translation>
    </message>
    <message>
      <source>Amount of the layer</source>
      <translation>Stärke der Ebene</translation>
    </message>
    <message>
      <source>How strong the layer is; keyed at the playhead</source>
      <translation>Wie stark die Ebene wirkt; mit Schlüssel am Abspielkopf</translation>
    </message>
    <message>
      <source>Frame {frame}</source>
      <translation>Bild {frame}</translation>
    </message>
    <message>
      <source>{keys} selected</source>
      <translation>{keys} gewählt</translation>
    </message>
    <message>
      <source>No take yet: pose something, or start one with +.</source>
      <translation>Noch kein Take: Posier etwas, oder beginn einen mit +.</translation>
    </message>
    <message>
      <source>{frames} frames, {seconds} s</source>
      <translation>{frames} Bilder, {seconds} s</translation>
    </message>
    <message>
      <source>{count} frames late</source>
      <translation>{count} Bilder zu spät</translation>
    </message>
    <message>
      <source>Keys over frames; arrows move selected keys, Delete removes them</source>
      <translation>Schlüssel über Bildern; Pfeile bewegen gewählte, Entf löscht sie</translation>
    </message>
    <message>
      <source>What differs</source>
      <translation>Was anders ist</translation>
    </message>
    <message>
      <source>Restore</source>
      <translation>Wiederherstellen</translation>
    </message>
    <message>
      <source>Insert a branch…</source>
      <translation>Zweig einfügen…</translation>
    </message>
    <message>
      <source>New puppet from this</source>
      <translation>Neue Figur daraus</translation>
    </message>
    <message>
      <source>Save the work as it is now, to compare or restore later. All of it is kept in the file.</source>
      <translation>Speicher die Arbeit, wie sie jetzt ist, zum Vergleichen oder Wiederherstellen. Alles bleibt in der Datei.</translation>
    </message>
    <message>
      <source>{name}, saved {when}</source>
      <translation>{name}, gespeichert {when}</translation>
    </message>
    <message>
      <source>Click a version to see what differs from now.</source>
      <translation>Klick auf eine Version, um zu sehen, was jetzt anders ist.</translation>
    </message>
    <message>
      <source>What differs now from {name} of {when}; a click selects it:</source>
      <translation>Was jetzt anders ist als bei {name} vom {when}; ein Klick wählt es:</translation>
    </message>
    <message>
      <source>Nothing differs now from {name}.</source>
      <translation>Nichts ist jetzt anders als bei {name}.</translation>
    </message>
    <message>
      <source>Contact sheet</source>
      <translation>Kontaktbogen</translation>
    </message>
    <message>
      <source>Save the sheet as PDF, TIFF or PNG…</source>
      <translation>Bogen als PDF, TIFF oder PNG speichern…</translation>
    </message>
    <message>
      <source>Nothing tears, flips or jumps. Look at the poses far from rest all the same.</source>
      <translation>Nichts reißt, klappt um oder springt. Sieh dir die Posen fern der Ruhe trotzdem an.</translation>
    </message>
    <message>
      <source>largest turn a step</source>
      <translation>größte Drehung je Schritt</translation>
    </message>
    <message>
      <source>largest way a step</source>
      <translation>größter Weg je Schritt</translation>
    </message>
    <message>
      <source>frames at limits</source>
      <translation>Bilder an Grenzen</translation>
    </message>
    <message>
      <source>out of reach</source>
      <translation>außer Reichweite</translation>
    </message>
    <message>
      <source>moved</source>
      <translation>bewegt</translation>
    </message>
    <message>
      <source>{names} and {count} more</source>
      <translation>{names} und {count} weitere</translation>
    </message>
    <message>
      <source>Looks as before with other values: {names}.</source>
      <translation>Sieht mit anderen Werten aus wie zuvor: {names}.</translation>
    </message>
    <message>
      <source>, as the limit of {joint} stops it</source>
      <translation>, weil die Grenze von {joint} es aufhält</translation>
    </message>
    <message>
      <source>{count} more differ.</source>
      <translation>{count} weitere weichen ab.</translation>
    </message>
    <message>
      <source>Adjusting takes</source>
      <translation>Takes werden angepasst</translation>
    </message>
    <message>
      <source>The pose {name}</source>
      <translation>Die Pose {name}</translation>
    </message>
    <message>
      <source>The pose in Rehearse</source>
      <translation>Die Pose in der Probe</translation>
    </message>
    <message>
      <source>{what} differs by up to {far} px{why}.</source>
      <translation>{what} weicht um bis zu {far} px ab{why}.</translation>
    </message>
    <message>
      <source>{name} differs by up to {far} px at {frames}{why}.</source>
      <translation>{name} weicht bei {frames} um bis zu {far} px ab{why}.</translation>
    </message>
    <message>
      <source>{name} takes no values. Choose a slider, a pad, a grip, a knob or a chooser.</source>
      <translation>{name} nimmt keine Werte. Wähle einen Schieber, ein Feld, einen Griff, einen Drehknopf oder einen Wähler.</translation>
    </message>
    <message>
      <source>Port {port} is taken by another program. Choose a different one.</source>
      <translation>Port {port} ist von einem anderen Programm belegt. Wähle einen anderen.</translation>
    </message>
    <message>
      <source>Leave it as it is</source>
      <translation>So lassen</translation>
    </message>
    <message>
      <source>Everything else looks as before. Undo takes back the whole step.</source>
      <translation>Alles andere sieht aus wie zuvor. Rückgängig nimmt den ganzen Schritt zurück.</translation>
    </message>
    <message>
      <source>All takes and poses have the values that they had.</source>
      <translation>Alle Takes und Posen haben die Werte, die sie hatten.</translation>
    </message>
    <message>
      <source>A pass is being recorded. End it with Enter, or discard it with Esc.</source>
      <translation>Ein Durchgang wird aufgenommen. Beende ihn mit Eingabe, oder verwirf ihn mit Esc.</translation>
    </message>
    <message>
      <source>Something else was changed meanwhile, and nothing was made of this. Do it again.</source>
      <translation>Inzwischen wurde etwas anderes geändert, und hieraus wurde nichts. Versuch es noch einmal.</translation>
    </message>
    <message>
      <source>Stopped: all takes and poses keep their values. Undo takes back the step.</source>
      <translation>Angehalten: Alle Takes und Posen behalten ihre Werte. Rückgängig nimmt den Schritt zurück.</translation>
    </message>
    <message>
      <source>Go there</source>
      <translation>Dorthin gehen</translation>
    </message>
    <message>
      <source>Keep the values instead</source>
      <translation>Lieber die Werte behalten</translation>
    </message>
    <message>
      <source>The pending changes at frame {frame} are back: Enter keys them.</source>
      <translation>Die offenen Änderungen bei Bild {frame} sind wieder da: Eingabe setzt Schlüssel.</translation>
    </message>
    <message>
      <source>Undone: {names}.</source>
      <translation>Rückgängig: {names}.</translation>
    </message>
    <message>
      <source>Redone: {names}.</source>
      <translation>Wiederholt: {names}.</translation>
    </message>
    <message>
      <source>{count} pending changes at frame {frame} were discarded. Ctrl+Z restores them.</source>
      <translation>{count} offene Änderungen bei Bild {frame} wurden verworfen. Strg+Z stellt sie wieder her.</translation>
    </message>
    <message>
      <source>Pose by a device</source>
      <translation>Mit einem Gerät posieren</translation>
    </message>
    <message>
      <source>The walk moves that, as far as the master goes. Bake the walk to keys to correct it by hand.</source>
      <translation>Das bewegt der Gang, so weit der Hauptregler geht. Wandle den Gang in Schlüssel, um ihn von Hand zu korrigieren.</translation>
    </message>
    <message>
      <source>Export…</source>
      <translation>Exportieren…</translation>
    </message>
    <message>
      <source>Panels</source>
      <translation>Panels</translation>
    </message>
    <message>
      <source>Board: {lower}.</source>
      <translation>Bühne: {lower}.</translation>
    </message>
    <message>
      <source>The drag was cancelled.</source>
      <translation>Das Ziehen wurde abgebrochen.</translation>
    </message>
    <message>
      <source>The panels are hidden. The same key shows them.</source>
      <translation>Die Panels sind ausgeblendet. Dieselbe Taste blendet sie ein.</translation>
    </message>
    <message>
      <source>The panels are shown.</source>
      <translation>Die Panels sind eingeblendet.</translation>
    </message>
    <message>
      <source>Not saved for recovery</source>
      <translation>Keine Wiederherstellung gesichert</translation>
    </message>
  </context>
</TS>
