<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<!-- Not reviewed by a native speaker yet. -->
<TS version="2.1" language="fr" sourcelanguage="en">
  <context>
    <name>Umbrite</name>
    <message>
      <source>New puppet</source>
      <translation>Nouvelle marionnette</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture…</source>
      <translation>Ouvrir une marionnette ou une image à calques…</translation>
    </message>
    <message>
      <source>Add pictures…</source>
      <translation>Ajouter des images…</translation>
    </message>
    <message>
      <source>Insert a puppet as a guest…</source>
      <translation>Insérer une marionnette invitée…</translation>
    </message>
    <message>
      <source>Save a version</source>
      <translation>Enregistrer une version</translation>
    </message>
    <message>
      <source>Open the demo: Wick, finished</source>
      <translation>Ouvrir la démo : Wick, terminé</translation>
    </message>
    <message>
      <source>Open the demo: Wick, unrigged</source>
      <translation>Ouvrir la démo : Wick, sans rig</translation>
    </message>
    <message>
      <source>Open the demo: Bramble the mail goat, finished</source>
      <translation>Ouvrir la démo : Bramble, la chèvre postière, terminée</translation>
    </message>
    <message>
      <source>Open the demo: Inkpot the tea seller, finished</source>
      <translation>Ouvrir la démo : Inkpot, marchand de thé, terminé</translation>
    </message>
    <message>
      <source>Open the demo: Tansy the letter heron, finished</source>
      <translation>Ouvrir la démo : Tansy, le héron des lettres, terminé</translation>
    </message>
    <message>
      <source>Open the demo: Wick and the tea cart, a puppet inside a puppet</source>
      <translation>Ouvrir la démo : Wick et le chariot à thé, une marionnette dans une marionnette</translation>
    </message>
    <message>
      <source>Open the demo: The tea cart, finished</source>
      <translation>Ouvrir la démo : le chariot à thé, terminé</translation>
    </message>
    <message>
      <source>Open the demo: Clover, with Wick's rig</source>
      <translation>Ouvrir la démo : Clover, avec le rig de Wick</translation>
    </message>
    <message>
      <source>Save</source>
      <translation>Enregistrer</translation>
    </message>
    <message>
      <source>Save as…</source>
      <translation>Enregistrer sous…</translation>
    </message>
    <message>
      <source>Export the pose as PNG…</source>
      <translation>Exporter la pose en PNG…</translation>
    </message>
    <message>
      <source>Export the pose as SVG…</source>
      <translation>Exporter la pose en SVG…</translation>
    </message>
    <message>
      <source>Export the pose as OpenRaster…</source>
      <translation>Exporter la pose en OpenRaster…</translation>
    </message>
    <message>
      <source>Export the pose as CSV…</source>
      <translation>Exporter la pose en CSV…</translation>
    </message>
    <message>
      <source>Export the pose as JSON…</source>
      <translation>Exporter la pose en JSON…</translation>
    </message>
    <message>
      <source>Export the pose as a pose file…</source>
      <translation>Exporter la pose en fichier de pose…</translation>
    </message>
    <message>
      <source>Export the puppet and its takes as glTF…</source>
      <translation>Exporter la marionnette et ses prises en glTF…</translation>
    </message>
    <message>
      <source>Export the drawings on sheets…</source>
      <translation>Exporter les dessins en planches…</translation>
    </message>
    <message>
      <source>Quit</source>
      <translation>Quitter</translation>
    </message>
    <message>
      <source>Preferences…</source>
      <translation>Préférences…</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Annuler</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Rétablir</translation>
    </message>
    <message>
      <source>Copy to the clipboard</source>
      <translation>Copier dans le presse-papiers</translation>
    </message>
    <message>
      <source>Paste from the clipboard</source>
      <translation>Coller du presse-papiers</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Retirer</translation>
    </message>
    <message>
      <source>Rename by find and replace…</source>
      <translation>Renommer par recherche et remplacement…</translation>
    </message>
    <message>
      <source>Rename…</source>
      <translation>Renommer…</translation>
    </message>
    <message>
      <source>Select everything</source>
      <translation>Tout sélectionner</translation>
    </message>
    <message>
      <source>Select parent</source>
      <translation>Sélectionner le parent</translation>
    </message>
    <message>
      <source>Select child</source>
      <translation>Sélectionner l'enfant</translation>
    </message>
    <message>
      <source>Select the whole branch</source>
      <translation>Sélectionner toute la branche</translation>
    </message>
    <message>
      <source>Delete with what uses it</source>
      <translation>Supprimer avec ce qui l'utilise</translation>
    </message>
    <message>
      <source>Save branch to the library</source>
      <translation>Enregistrer la branche dans la bibliothèque</translation>
    </message>
    <message>
      <source>Update the guest</source>
      <translation>Mettre l'invitée à jour</translation>
    </message>
    <message>
      <source>Open the guest's own file</source>
      <translation>Ouvrir le fichier de l'invitée</translation>
    </message>
    <message>
      <source>Detach guest from its file</source>
      <translation>Détacher l'invitée de son fichier</translation>
    </message>
    <message>
      <source>Branch a tenth larger</source>
      <translation>Agrandir la branche d'un dixième</translation>
    </message>
    <message>
      <source>Branch a tenth smaller</source>
      <translation>Réduire la branche d'un dixième</translation>
    </message>
    <message>
      <source>Parts</source>
      <translation>Pièces</translation>
    </message>
    <message>
      <source>Pivots</source>
      <translation>Pivots</translation>
    </message>
    <message>
      <source>Limbs</source>
      <translation>Membres</translation>
    </message>
    <message>
      <source>Controls</source>
      <translation>Contrôles</translation>
    </message>
    <message>
      <source>Rehearse</source>
      <translation>Répétition</translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Prises</translation>
    </message>
    <message>
      <source>Copy</source>
      <translation>Copier</translation>
    </message>
    <message>
      <source>Linked copy</source>
      <translation>Copie liée</translation>
    </message>
    <message>
      <source>Other side, mirrored</source>
      <translation>Autre côté, en miroir</translation>
    </message>
    <message>
      <source>Other side, moved</source>
      <translation>Autre côté, déplacé</translation>
    </message>
    <message>
      <source>Align left edges</source>
      <translation>Aligner les bords gauches</translation>
    </message>
    <message>
      <source>Align centres</source>
      <translation>Aligner les centres</translation>
    </message>
    <message>
      <source>Align right edges</source>
      <translation>Aligner les bords droits</translation>
    </message>
    <message>
      <source>Align top edges</source>
      <translation>Aligner les bords hauts</translation>
    </message>
    <message>
      <source>Align middles</source>
      <translation>Aligner les milieux</translation>
    </message>
    <message>
      <source>Align bottom edges</source>
      <translation>Aligner les bords bas</translation>
    </message>
    <message>
      <source>Spread evenly across</source>
      <translation>Répartir en largeur</translation>
    </message>
    <message>
      <source>Spread evenly down</source>
      <translation>Répartir en hauteur</translation>
    </message>
    <message>
      <source>Edit the drawing outside</source>
      <translation>Modifier le dessin à l'extérieur</translation>
    </message>
    <message>
      <source>Replace drawing…</source>
      <translation>Remplacer le dessin…</translation>
    </message>
    <message>
      <source>Reference picture</source>
      <translation>Image de référence</translation>
    </message>
    <message>
      <source>Seam cover from a picture…</source>
      <translation>Cache de jointure depuis une image…</translation>
    </message>
    <message>
      <source>Seam cover</source>
      <translation>Cache de jointure</translation>
    </message>
    <message>
      <source>Shade</source>
      <translation>Ombre</translation>
    </message>
    <message>
      <source>Light over all</source>
      <translation>Lumière sur tout</translation>
    </message>
    <message>
      <source>Trim</source>
      <translation>Rogner</translation>
    </message>
    <message>
      <source>Cut</source>
      <translation>Couper</translation>
    </message>
    <message>
      <source>Cut at the bones</source>
      <translation>Couper aux os</translation>
    </message>
    <message>
      <source>Join into one part</source>
      <translation>Réunir en une pièce</translation>
    </message>
    <message>
      <source>Remove all trims</source>
      <translation>Retirer tous les rognages</translation>
    </message>
    <message>
      <source>At two depths</source>
      <translation>À deux profondeurs</translation>
    </message>
    <message>
      <source>Fan out</source>
      <translation>Déployer</translation>
    </message>
    <message>
      <source>Solo</source>
      <translation>Solo</translation>
    </message>
    <message>
      <source>Hide or show</source>
      <translation>Masquer ou afficher</translation>
    </message>
    <message>
      <source>Lock or unlock</source>
      <translation>Verrouiller ou déverrouiller</translation>
    </message>
    <message>
      <source>Flash</source>
      <translation>Faire clignoter</translation>
    </message>
    <message>
      <source>Place</source>
      <translation>Placer</translation>
    </message>
    <message>
      <source>Build by plan</source>
      <translation>Construire par plan</translation>
    </message>
    <message>
      <source>Forward</source>
      <translation>Avancer</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Reculer</translation>
    </message>
    <message>
      <source>To the front</source>
      <translation>Au premier plan</translation>
    </message>
    <message>
      <source>To the back</source>
      <translation>À l'arrière-plan</translation>
    </message>
    <message>
      <source>Find joints</source>
      <translation>Trouver les articulations</translation>
    </message>
    <message>
      <source>Save as body plan</source>
      <translation>Enregistrer comme plan de corps</translation>
    </message>
    <message>
      <source>Transfer rig to other art…</source>
      <translation>Transférer le rig sur d'autres dessins…</translation>
    </message>
    <message>
      <source>Accept all proposed joints</source>
      <translation>Accepter toutes les articulations proposées</translation>
    </message>
    <message>
      <source>Discard all proposed joints</source>
      <translation>Rejeter toutes les articulations proposées</translation>
    </message>
    <message>
      <source>Pivot</source>
      <translation>Pivot</translation>
    </message>
    <message>
      <source>Parent</source>
      <translation>Parent</translation>
    </message>
    <message>
      <source>Carry together</source>
      <translation>Porter ensemble</translation>
    </message>
    <message>
      <source>Master</source>
      <translation>Maître</translation>
    </message>
    <message>
      <source>Clear parent</source>
      <translation>Retirer le parent</translation>
    </message>
    <message>
      <source>Bones</source>
      <translation>Os</translation>
    </message>
    <message>
      <source>Bind</source>
      <translation>Lier</translation>
    </message>
    <message>
      <source>Limb</source>
      <translation>Membre</translation>
    </message>
    <message>
      <source>Limbs from names</source>
      <translation>Membres d'après les noms</translation>
    </message>
    <message>
      <source>Limits</source>
      <translation>Limites</translation>
    </message>
    <message>
      <source>Find limits</source>
      <translation>Trouver les limites</translation>
    </message>
    <message>
      <source>Turn bend side</source>
      <translation>Changer le sens de pliure</translation>
    </message>
    <message>
      <source>Flip drawn bend</source>
      <translation>Retourner la pliure dessinée</translation>
    </message>
    <message>
      <source>Limb between the two selected</source>
      <translation>Membre entre les deux sélectionnés</translation>
    </message>
    <message>
      <source>Parent to the last selected</source>
      <translation>Dernier sélectionné comme parent</translation>
    </message>
    <message>
      <source>Extend the limb by its end</source>
      <translation>Allonger le membre de son bout</translation>
    </message>
    <message>
      <source>Limit 45° either way</source>
      <translation>Limite de 45° de chaque côté</translation>
    </message>
    <message>
      <source>Limit 30° either way</source>
      <translation>Limite de 30° de chaque côté</translation>
    </message>
    <message>
      <source>Hinge, one way</source>
      <translation>Charnière, d'un côté</translation>
    </message>
    <message>
      <source>Invert limit</source>
      <translation>Inverser la limite</translation>
    </message>
    <message>
      <source>Limit mirrored to the other side</source>
      <translation>Limite en miroir de l'autre côté</translation>
    </message>
    <message>
      <source>Same limit on the other side</source>
      <translation>Même limite de l'autre côté</translation>
    </message>
    <message>
      <source>Limit of the first for all selected</source>
      <translation>Limite du premier pour toute la sélection</translation>
    </message>
    <message>
      <source>Remove limit</source>
      <translation>Retirer la limite</translation>
    </message>
    <message>
      <source>Bones from pivots</source>
      <translation>Os d'après les pivots</translation>
    </message>
    <message>
      <source>Bones along the middle of the part</source>
      <translation>Os au milieu de la pièce</translation>
    </message>
    <message>
      <source>Bones of a biped over the drawing</source>
      <translation>Os d'un bipède sur le dessin</translation>
    </message>
    <message>
      <source>Bones of a quadruped over the drawing</source>
      <translation>Os d'un quadrupède sur le dessin</translation>
    </message>
    <message>
      <source>Bones of a bird over the drawing</source>
      <translation>Os d'un oiseau sur le dessin</translation>
    </message>
    <message>
      <source>Bones of a hand over the drawing</source>
      <translation>Os d'une main sur le dessin</translation>
    </message>
    <message>
      <source>Bend this part</source>
      <translation>Plier cette pièce</translation>
    </message>
    <message>
      <source>Bend over the selected bones</source>
      <translation>Plier sur les os sélectionnés</translation>
    </message>
    <message>
      <source>Grip at its tip</source>
      <translation>Poignée à son bout</translation>
    </message>
    <message>
      <source>Grips at each third</source>
      <translation>Poignées à chaque tiers</translation>
    </message>
    <message>
      <source>Stop bending</source>
      <translation>Ne plus plier</translation>
    </message>
    <message>
      <source>Paint weights</source>
      <translation>Peindre les poids</translation>
    </message>
    <message>
      <source>Mesh points</source>
      <translation>Points du maillage</translation>
    </message>
    <message>
      <source>Weights to the other side</source>
      <translation>Poids vers l'autre côté</translation>
    </message>
    <message>
      <source>Weights from the drawing's shape</source>
      <translation>Poids d'après la forme du dessin</translation>
    </message>
    <message>
      <source>Detach</source>
      <translation>Détacher</translation>
    </message>
    <message>
      <source>Attach the first selected to the second</source>
      <translation>Attacher le premier sélectionné au second</translation>
    </message>
    <message>
      <source>Same length on the other side</source>
      <translation>Même longueur de l'autre côté</translation>
    </message>
    <message>
      <source>Bind parts by name</source>
      <translation>Lier les pièces par nom</translation>
    </message>
    <message>
      <source>Bind parts by overlap</source>
      <translation>Lier les pièces par recouvrement</translation>
    </message>
    <message>
      <source>Show what nothing carries</source>
      <translation>Montrer ce que rien ne porte</translation>
    </message>
    <message>
      <source>Bind unbound parts to the nearest</source>
      <translation>Lier les pièces libres au plus proche</translation>
    </message>
    <message>
      <source>Make controls</source>
      <translation>Créer les contrôles</translation>
    </message>
    <message>
      <source>Place control</source>
      <translation>Placer un contrôle</translation>
    </message>
    <message>
      <source>Grip for the selected</source>
      <translation>Poignée pour la sélection</translation>
    </message>
    <message>
      <source>Knob for the selected</source>
      <translation>Bouton pour la sélection</translation>
    </message>
    <message>
      <source>Slider for the selected</source>
      <translation>Curseur pour la sélection</translation>
    </message>
    <message>
      <source>Pad for the selected</source>
      <translation>Pavé pour la sélection</translation>
    </message>
    <message>
      <source>Bow grip for the selected</source>
      <translation>Poignée d'arc pour la sélection</translation>
    </message>
    <message>
      <source>Correct this bend</source>
      <translation>Corriger cette pliure</translation>
    </message>
    <message>
      <source>Mirror its poses to the other side</source>
      <translation>Ses poses en miroir de l'autre côté</translation>
    </message>
    <message>
      <source>Slider for poses</source>
      <translation>Curseur pour des poses</translation>
    </message>
    <message>
      <source>Pad for poses</source>
      <translation>Pavé pour des poses</translation>
    </message>
    <message>
      <source>Variants from the selected</source>
      <translation>Variantes depuis la sélection</translation>
    </message>
    <message>
      <source>Branch variants from the selected branches</source>
      <translation>Variantes de branches depuis la sélection</translation>
    </message>
    <message>
      <source>Copy this branch as a variant</source>
      <translation>Copier cette branche comme variante</translation>
    </message>
    <message>
      <source>Add drawings to this part…</source>
      <translation>Ajouter des dessins à cette pièce…</translation>
    </message>
    <message>
      <source>Align drawing by the pivot</source>
      <translation>Aligner le dessin par le pivot</translation>
    </message>
    <message>
      <source>Align drawing by the middle</source>
      <translation>Aligner le dessin par le milieu</translation>
    </message>
    <message>
      <source>Next variant</source>
      <translation>Variante suivante</translation>
    </message>
    <message>
      <source>Previous variant</source>
      <translation>Variante précédente</translation>
    </message>
    <message>
      <source>Use this variant at rest</source>
      <translation>Cette variante au repos</translation>
    </message>
    <message>
      <source>Remove from its set</source>
      <translation>Retirer de son jeu</translation>
    </message>
    <message>
      <source>Chooser of the selected set</source>
      <translation>Sélecteur du jeu sélectionné</translation>
    </message>
    <message>
      <source>Make a head turn</source>
      <translation>Faire tourner la tête</translation>
    </message>
    <message>
      <source>Set up the face</source>
      <translation>Préparer le visage</translation>
    </message>
    <message>
      <source>Pose at this value</source>
      <translation>Pose à cette valeur</translation>
    </message>
    <message>
      <source>Link the second selected to the first</source>
      <translation>Lier le second sélectionné au premier</translation>
    </message>
    <message>
      <source>List of controls and links</source>
      <translation>Liste des contrôles et des liens</translation>
    </message>
    <message>
      <source>Lock all but controls</source>
      <translation>Tout verrouiller sauf les contrôles</translation>
    </message>
    <message>
      <source>Pose</source>
      <translation>Poser</translation>
    </message>
    <message>
      <source>Whole body</source>
      <translation>Corps entier</translation>
    </message>
    <message>
      <source>Squash and slant</source>
      <translation>Écraser et incliner</translation>
    </message>
    <message>
      <source>Reshape</source>
      <translation>Remodeler</translation>
    </message>
    <message>
      <source>Remove all hold points</source>
      <translation>Retirer tous les points tenus</translation>
    </message>
    <message>
      <source>Save pose</source>
      <translation>Enregistrer la pose</translation>
    </message>
    <message>
      <source>Save pose of the selected</source>
      <translation>Enregistrer la pose de la sélection</translation>
    </message>
    <message>
      <source>Mirror the pose</source>
      <translation>Pose en miroir</translation>
    </message>
    <message>
      <source>Copy the pose</source>
      <translation>Copier la pose</translation>
    </message>
    <message>
      <source>Paste the pose</source>
      <translation>Coller la pose</translation>
    </message>
    <message>
      <source>Workout</source>
      <translation>Mise à l'épreuve</translation>
    </message>
    <message>
      <source>Reset the branch</source>
      <translation>Remettre la branche au repos</translation>
    </message>
    <message>
      <source>Reset selected</source>
      <translation>Remettre la sélection au repos</translation>
    </message>
    <message>
      <source>Reset all</source>
      <translation>Tout remettre au repos</translation>
    </message>
    <message>
      <source>Make this pose the rest pose</source>
      <translation>Faire de cette pose la pose de repos</translation>
    </message>
    <message>
      <source>New take</source>
      <translation>Nouvelle prise</translation>
    </message>
    <message>
      <source>New take from rest</source>
      <translation>Nouvelle prise depuis le repos</translation>
    </message>
    <message>
      <source>Copy the take</source>
      <translation>Dupliquer la prise</translation>
    </message>
    <message>
      <source>Copy take to the clipboard</source>
      <translation>Copier la prise dans le presse-papiers</translation>
    </message>
    <message>
      <source>Remove the take</source>
      <translation>Retirer la prise</translation>
    </message>
    <message>
      <source>Play or stop</source>
      <translation>Lire ou arrêter</translation>
    </message>
    <message>
      <source>Perform</source>
      <translation>Jouer à la main</translation>
    </message>
    <message>
      <source>Devices…</source>
      <translation>Périphériques…</translation>
    </message>
    <message>
      <source>Ghosts before and after</source>
      <translation>Fantômes avant et après</translation>
    </message>
    <message>
      <source>More ghosts</source>
      <translation>Plus de fantômes</translation>
    </message>
    <message>
      <source>Fewer ghosts</source>
      <translation>Moins de fantômes</translation>
    </message>
    <message>
      <source>Ghosts of every frame</source>
      <translation>Fantômes de chaque image</translation>
    </message>
    <message>
      <source>Trails of selected controls</source>
      <translation>Traces des contrôles sélectionnés</translation>
    </message>
    <message>
      <source>Seconds on the ruler</source>
      <translation>Secondes sur la règle</translation>
    </message>
    <message>
      <source>Start a walk…</source>
      <translation>Faire marcher…</translation>
    </message>
    <message>
      <source>Let it breathe…</source>
      <translation>Faire respirer…</translation>
    </message>
    <message>
      <source>Let it blink…</source>
      <translation>Faire cligner…</translation>
    </message>
    <message>
      <source>Previous frame</source>
      <translation>Image précédente</translation>
    </message>
    <message>
      <source>Next frame</source>
      <translation>Image suivante</translation>
    </message>
    <message>
      <source>Previous key</source>
      <translation>Clé précédente</translation>
    </message>
    <message>
      <source>Next key</source>
      <translation>Clé suivante</translation>
    </message>
    <message>
      <source>First frame of the take</source>
      <translation>Première image de la prise</translation>
    </message>
    <message>
      <source>Last frame of the take</source>
      <translation>Dernière image de la prise</translation>
    </message>
    <message>
      <source>Key all</source>
      <translation>Tout mettre en clé</translation>
    </message>
    <message>
      <source>Key selected</source>
      <translation>Clé pour la sélection</translation>
    </message>
    <message>
      <source>Auto-key</source>
      <translation>Clés automatiques</translation>
    </message>
    <message>
      <source>Key pending changes</source>
      <translation>Clés des changements en attente</translation>
    </message>
    <message>
      <source>Delete selected keys</source>
      <translation>Supprimer les clés sélectionnées</translation>
    </message>
    <message>
      <source>Reverse selected keys</source>
      <translation>Inverser les clés sélectionnées</translation>
    </message>
    <message>
      <source>Stretch selected keys to double</source>
      <translation>Étirer les clés au double</translation>
    </message>
    <message>
      <source>Shrink selected keys to half</source>
      <translation>Réduire les clés de moitié</translation>
    </message>
    <message>
      <source>Keys on whole frames</source>
      <translation>Clés sur des images entières</translation>
    </message>
    <message>
      <source>Scatter selected keys…</source>
      <translation>Disperser les clés sélectionnées…</translation>
    </message>
    <message>
      <source>Ease all…</source>
      <translation>Adoucir tout…</translation>
    </message>
    <message>
      <source>Delay down the chain…</source>
      <translation>Retarder le long de la chaîne…</translation>
    </message>
    <message>
      <source>Swing</source>
      <translation>Balancer</translation>
    </message>
    <message>
      <source>Bake swing to keys</source>
      <translation>Balancement en clés</translation>
    </message>
    <message>
      <source>Swing while you pose</source>
      <translation>Balancer pendant la pose</translation>
    </message>
    <message>
      <source>Play through the variants…</source>
      <translation>Passer par les variantes…</translation>
    </message>
    <message>
      <source>Shapes from a list of frames…</source>
      <translation>Formes d'après une liste d'images…</translation>
    </message>
    <message>
      <source>Add a sound…</source>
      <translation>Ajouter un son…</translation>
    </message>
    <message>
      <source>Mark the sound here</source>
      <translation>Marquer le son ici</translation>
    </message>
    <message>
      <source>Mark the accents</source>
      <translation>Marquer les accents</translation>
    </message>
    <message>
      <source>Mouths from the sound…</source>
      <translation>Bouches d'après le son…</translation>
    </message>
    <message>
      <source>Nod and blink to the sound…</source>
      <translation>Hocher et cligner avec le son…</translation>
    </message>
    <message>
      <source>End with the sound</source>
      <translation>Finir avec le son</translation>
    </message>
    <message>
      <source>Remove the sound</source>
      <translation>Retirer le son</translation>
    </message>
    <message>
      <source>Spread selected keys…</source>
      <translation>Échelonner les clés sélectionnées…</translation>
    </message>
    <message>
      <source>Change what it follows here…</source>
      <translation>Changer ce qui est suivi ici…</translation>
    </message>
    <message>
      <source>Change bend side here…</source>
      <translation>Changer le sens de pliure ici…</translation>
    </message>
    <message>
      <source>Bake walk to keys</source>
      <translation>Marche en clés</translation>
    </message>
    <message>
      <source>Add a take as a layer…</source>
      <translation>Ajouter une prise comme calque…</translation>
    </message>
    <message>
      <source>Keys of the next layer</source>
      <translation>Clés du calque suivant</translation>
    </message>
    <message>
      <source>Layer on or off</source>
      <translation>Calque actif ou non</translation>
    </message>
    <message>
      <source>Move layer up</source>
      <translation>Monter le calque</translation>
    </message>
    <message>
      <source>Remove the layer</source>
      <translation>Retirer le calque</translation>
    </message>
    <message>
      <source>Flatten layers</source>
      <translation>Aplatir les calques</translation>
    </message>
    <message>
      <source>Keep takes when the rig changes</source>
      <translation>Préserver les prises quand le rig change</translation>
    </message>
    <message>
      <source>Keep the values, not the look</source>
      <translation>Garder les valeurs, pas l'aspect</translation>
    </message>
    <message>
      <source>Close the loop</source>
      <translation>Fermer la boucle</translation>
    </message>
    <message>
      <source>Export the take as WebM…</source>
      <translation>Exporter la prise en WebM…</translation>
    </message>
    <message>
      <source>Export the take as MP4…</source>
      <translation>Exporter la prise en MP4…</translation>
    </message>
    <message>
      <source>Export the take as MOV…</source>
      <translation>Exporter la prise en MOV…</translation>
    </message>
    <message>
      <source>Export the take as GIF…</source>
      <translation>Exporter la prise en GIF…</translation>
    </message>
    <message>
      <source>Export the take as APNG…</source>
      <translation>Exporter la prise en APNG…</translation>
    </message>
    <message>
      <source>Export the take as WebP…</source>
      <translation>Exporter la prise en WebP…</translation>
    </message>
    <message>
      <source>Export the take as numbered PNGs…</source>
      <translation>Exporter la prise en PNG numérotés…</translation>
    </message>
    <message>
      <source>Export the take's frames on sheets…</source>
      <translation>Exporter les images de la prise en planches…</translation>
    </message>
    <message>
      <source>Fit</source>
      <translation>Ajuster</translation>
    </message>
    <message>
      <source>Actual size</source>
      <translation>Taille réelle</translation>
    </message>
    <message>
      <source>Zoom in</source>
      <translation>Zoom avant</translation>
    </message>
    <message>
      <source>Zoom out</source>
      <translation>Zoom arrière</translation>
    </message>
    <message>
      <source>X-ray</source>
      <translation>Rayons X</translation>
    </message>
    <message>
      <source>Outlines</source>
      <translation>Contours</translation>
    </message>
    <message>
      <source>Art only, in Rehearse</source>
      <translation>Dessins seuls, en Répétition</translation>
    </message>
    <message>
      <source>Controls only, in Rehearse</source>
      <translation>Contrôles seuls, en Répétition</translation>
    </message>
    <message>
      <source>Rulers and guides</source>
      <translation>Règles et repères</translation>
    </message>
    <message>
      <source>Clear guides</source>
      <translation>Effacer les repères</translation>
    </message>
    <message>
      <source>All cords</source>
      <translation>Tous les liens</translation>
    </message>
    <message>
      <source>Family as a diagram</source>
      <translation>Famille en diagramme</translation>
    </message>
    <message>
      <source>Library</source>
      <translation>Bibliothèque</translation>
    </message>
    <message>
      <source>Versions</source>
      <translation>Versions</translation>
    </message>
    <message>
      <source>Next panel</source>
      <translation>Panneau suivant</translation>
    </message>
    <message>
      <source>Hide or show panels</source>
      <translation>Masquer ou afficher les panneaux</translation>
    </message>
    <message>
      <source>Board: paler or darker</source>
      <translation>Plateau : plus clair ou plus sombre</translation>
    </message>
    <message>
      <source>Full screen</source>
      <translation>Plein écran</translation>
    </message>
    <message>
      <source>Reset layout</source>
      <translation>Réinitialiser la disposition</translation>
    </message>
    <message>
      <source>Guide for this station</source>
      <translation>Guide de cette station</translation>
    </message>
    <message>
      <source>Guide for what is under the pointer</source>
      <translation>Guide de ce qui est sous le pointeur</translation>
    </message>
    <message>
      <source>Show me: rigging</source>
      <translation>Montre-moi : le rig</translation>
    </message>
    <message>
      <source>Show me: animating</source>
      <translation>Montre-moi : l'animation</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Constats</translation>
    </message>
    <message>
      <source>Messages</source>
      <translation>Messages</translation>
    </message>
    <message>
      <source>Find a command…</source>
      <translation>Trouver une commande…</translation>
    </message>
    <message>
      <source>Copy a report of a fault</source>
      <translation>Copier un rapport d'erreur</translation>
    </message>
    <message>
      <source>About Umbrite</source>
      <translation>À propos d'Umbrite</translation>
    </message>
    <message>
      <source>File</source>
      <translation>Fichier</translation>
    </message>
    <message>
      <source>Edit</source>
      <translation>Édition</translation>
    </message>
    <message>
      <source>Stations</source>
      <translation>Stations</translation>
    </message>
    <message>
      <source>Art</source>
      <translation>Dessins</translation>
    </message>
    <message>
      <source>Rig</source>
      <translation>Rig</translation>
    </message>
    <message>
      <source>View</source>
      <translation>Affichage</translation>
    </message>
    <message>
      <source>Help</source>
      <translation>Aide</translation>
    </message>
    <message>
      <source>Demos</source>
      <translation>Démos</translation>
    </message>
    <message>
      <source>Export for engines</source>
      <translation>Exporter pour moteurs</translation>
    </message>
    <message>
      <source>Export the pose</source>
      <translation>Exporter la pose</translation>
    </message>
    <message>
      <source>Align and spread</source>
      <translation>Aligner et répartir</translation>
    </message>
    <message>
      <source>Other side</source>
      <translation>Autre côté</translation>
    </message>
    <message>
      <source>Bind parts</source>
      <translation>Lier les pièces</translation>
    </message>
    <message>
      <source>Bones of a body plan</source>
      <translation>Os d'un plan de corps</translation>
    </message>
    <message>
      <source>Make one control</source>
      <translation>Créer un contrôle</translation>
    </message>
    <message>
      <source>Export the take</source>
      <translation>Exporter la prise</translation>
    </message>
    <message>
      <source>Drag a part to move it; click again for what lies behind. Shift keeps to one axis.</source>
      <translation>Faites glisser une pièce ; recliquez pour celle derrière. Maj garde un seul axe.</translation>
    </message>
    <message>
      <source>Draw a loop around what should be trimmed. Ctrl restores it; the drawing stays whole.</source>
      <translation>Tracez une boucle autour de ce qui doit être rogné. Ctrl le rétablit ; le dessin reste entier.</translation>
    </message>
    <message>
      <source>Draw a line across a part, or a loop around a piece of it, to cut it in two.</source>
      <translation>Tracez une ligne à travers une pièce, ou une boucle autour d'un morceau, pour la couper.</translation>
    </message>
    <message>
      <source>Drag a rivet to the pivot. Alt slides the picture under it; hold W and drag to try it.</source>
      <translation>Glissez un rivet vers le pivot. Alt déplace l'image dessous ; W + glisser pour essayer.</translation>
    </message>
    <message>
      <source>Drag from a part or rivet to its parent. Shift selects several first.</source>
      <translation>Glissez d'une pièce ou d'un rivet vers son parent. Maj en sélectionne plusieurs d'abord.</translation>
    </message>
    <message>
      <source>Drag from one joint to another, such as shoulder to wrist; either may come first.</source>
      <translation>Glissez d'une articulation à l'autre, par exemple de l'épaule au poignet.</translation>
    </message>
    <message>
      <source>Drag to draw a bone, then go on from its tip. Alt moves bones, Ctrl draws a line of them.</source>
      <translation>Glissez pour tracer un os, puis continuez au bout. Alt déplace les os, Ctrl en trace une ligne.</translation>
    </message>
    <message>
      <source>Drag a part to its bone, or draw a loop around parts for the selected bone.</source>
      <translation>Glissez une pièce sur son os, ou entourez des pièces pour l'os sélectionné.</translation>
    </message>
    <message>
      <source>Click a joint, then drag an end of its fan. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>Cliquez une articulation, puis glissez un bout de l'éventail. Maj : pas de 5°, Ctrl : les deux.</translation>
    </message>
    <message>
      <source>Paint the part for the bone. A click on a rivet chooses the bone; pen pressure counts.</source>
      <translation>Peignez la pièce pour l'os. Cliquer un rivet choisit l'os ; la pression du stylet compte.</translation>
    </message>
    <message>
      <source>Drag mesh points; click adds one, Del removes. Shift selects several, Alt+drag a box.</source>
      <translation>Glissez des points ; un clic en ajoute, Suppr en retire. Maj : plusieurs, Alt+glisser : un cadre.</translation>
    </message>
    <message>
      <source>Drag a control to another place; what it moves stays. K makes controls.</source>
      <translation>Placez un contrôle ailleurs ; ce qu'il déplace reste. K crée les contrôles.</translation>
    </message>
    <message>
      <source>Drag a control or the art. Alt turns, Shift keeps to one axis; Ctrl+click sets a pin.</source>
      <translation>Glissez un contrôle ou le dessin. Alt tourne, Maj garde un axe ; Ctrl+clic pose une épingle.</translation>
    </message>
    <message>
      <source>Drag any point: the whole body follows. A click holds or releases a point.</source>
      <translation>Glissez un point : tout le corps suit. Un clic tient ou libère un point.</translation>
    </message>
    <message>
      <source>Drag the art to scale it about its pivot. Shift keeps its shape, Alt slants it.</source>
      <translation>Glissez le dessin pour l'étirer autour du pivot. Maj garde la forme, Alt incline.</translation>
    </message>
    <message>
      <source>Drag the art to push it; a shape is made. Shift pushes more of it, Ctrl one point.</source>
      <translation>Poussez le dessin ; une forme est créée. Maj en pousse davantage, Ctrl un seul point.</translation>
    </message>
    <message>
      <source>Drag a control or the art to key it here. Space plays, comma and full stop step.</source>
      <translation>Glissez un contrôle ou le dessin pour poser une clé. Espace lit, virgule et point avancent.</translation>
    </message>
    <message>
      <source>{name}: drag to its parent.</source>
      <translation>{name} : glissez vers son parent.</translation>
    </message>
    <message>
      <source>{name}: draw a child bone from here. Alt+drag moves its head, the picture stays.</source>
      <translation>{name} : tracez un os enfant d'ici. Alt+glisser déplace sa tête, l'image reste.</translation>
    </message>
    <message>
      <source>{name}: click to see how far it may turn.</source>
      <translation>{name} : cliquez pour voir jusqu'où il peut tourner.</translation>
    </message>
    <message>
      <source>Drag the mirror line. Enter closes it.</source>
      <translation>Glissez la ligne de miroir. Entrée la ferme.</translation>
    </message>
    <message>
      <source>Drag the guide; drop it on a ruler to remove it. Shift snaps to tens.</source>
      <translation>Glissez le repère ; déposez-le sur une règle pour le retirer. Maj aimante aux dizaines.</translation>
    </message>
    <message>
      <source>Corner scales (Shift: freely), edge stretches (Ctrl: skews), pin turns (Shift: by 15°).</source>
      <translation>Coin : échelle (Maj : libre), bord : étirer (Ctrl : biais), épingle : tourner (Maj : 15°).</translation>
    </message>
    <message>
      <source>{name}: drag to move its pivot. The picture stays.</source>
      <translation>{name} : glissez pour déplacer son pivot. L'image reste.</translation>
    </message>
    <message>
      <source>{name}: click to accept this joint, drag to correct it, Alt+click to discard it.</source>
      <translation>{name} : clic pour accepter, glisser pour corriger, Alt+clic pour rejeter.</translation>
    </message>
    <message>
      <source>Click to exclude or include this cut. Enter cuts, Esc discards.</source>
      <translation>Cliquez pour exclure ou inclure cette coupe. Entrée coupe, Échap rejette.</translation>
    </message>
    <message>
      <source>Click to exclude or include this limb. Enter makes the limbs, Esc discards them.</source>
      <translation>Cliquez pour exclure ou inclure ce membre. Entrée crée les membres, Échap les rejette.</translation>
    </message>
    <message>
      <source>{name}: drag from here to the other end of the limb.</source>
      <translation>{name} : glissez d'ici à l'autre bout du membre.</translation>
    </message>
    <message>
      <source>{name}: click for its card; drag the hook to what it should follow. Alt+drag moves the tip.</source>
      <translation>{name} : clic pour sa fiche ; glissez le crochet vers ce qu'il suit. Alt+glisser déplace le bout.</translation>
    </message>
    <message>
      <source>{name}: its tip. Draw on from here; Alt+drag moves it, with Shift without children.</source>
      <translation>{name} : son bout. Continuez d'ici ; Alt+glisser le déplace, avec Maj sans les enfants.</translation>
    </message>
    <message>
      <source>{name}: drag this end or turn the wheel. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>{name} : glissez ce bout ou tournez la molette. Maj : pas de 5°, Ctrl : les deux bouts.</translation>
    </message>
    <message>
      <source>{name}: drag to put the control elsewhere. Shift selects several.</source>
      <translation>{name} : glissez pour placer le contrôle ailleurs. Maj en sélectionne plusieurs.</translation>
    </message>
    <message>
      <source>{name}: drag this pose to another value. Details mirrors and removes it.</source>
      <translation>{name} : glissez cette pose vers une autre valeur. Détails la retourne ou la retire.</translation>
    </message>
    <message>
      <source>Click to exclude or include this control. Enter makes them, Esc discards them.</source>
      <translation>Cliquez pour exclure ou inclure ce contrôle. Entrée les crée, Échap les rejette.</translation>
    </message>
    <message>
      <source>Click to exclude or include this piece. Enter makes what is ticked, Esc discards it.</source>
      <translation>Cliquez pour exclure ou inclure ce morceau. Entrée crée ce qui est coché, Échap rejette.</translation>
    </message>
    <message>
      <source>{name}: drag to pose. Shift keeps to one axis, Shift+click selects several.</source>
      <translation>{name} : glissez pour poser. Maj garde un axe, Maj+clic en sélectionne plusieurs.</translation>
    </message>
    <message>
      <source>{name}: click a card, turn the wheel, or press its number.</source>
      <translation>{name} : cliquez une carte, tournez la molette ou tapez son numéro.</translation>
    </message>
    <message>
      <source>{name}: drag the ring to turn it, the middle to move it. Shift steps by 5°.</source>
      <translation>{name} : glissez l'anneau pour tourner, le milieu pour déplacer. Maj : pas de 5°.</translation>
    </message>
    <message>
      <source>{name}: drag to turn everything. Shift steps by 5°.</source>
      <translation>{name} : glissez pour tout tourner. Maj : pas de 5°.</translation>
    </message>
    <message>
      <source>{name}: drag to make everything larger or smaller.</source>
      <translation>{name} : glissez pour tout agrandir ou réduire.</translation>
    </message>
    <message>
      <source>Save part</source>
      <translation>Enregistrer une partie</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Miroir</translation>
    </message>
    <message>
      <source>Paste</source>
      <translation>Coller</translation>
    </message>
    <message>
      <source>a gap opens in the seam</source>
      <translation>un jour s'ouvre à la jointure</translation>
    </message>
    <message>
      <source>an edge of the part behind shows</source>
      <translation>un bord de la pièce derrière se voit</translation>
    </message>
    <message>
      <source>the limb would bend against its side</source>
      <translation>le membre plierait du mauvais côté</translation>
    </message>
    <message>
      <source>the drawing folds over</source>
      <translation>le dessin se replie</translation>
    </message>
    <message>
      <source>nothing shows all the way</source>
      <translation>rien ne se voit jusqu'au bout</translation>
    </message>
    <message>
      <source>a gap opens</source>
      <translation>un jour s'ouvre</translation>
    </message>
    <message>
      <source>an edge shows</source>
      <translation>un bord se voit</translation>
    </message>
    <message>
      <source>bends wrong</source>
      <translation>plie mal</translation>
    </message>
    <message>
      <source>it folds over</source>
      <translation>se replie</translation>
    </message>
    <message>
      <source>free</source>
      <translation>libre</translation>
    </message>
    <message>
      <source>Paper by day</source>
      <translation>Papier de jour</translation>
    </message>
    <message>
      <source>Paper by night</source>
      <translation>Papier de nuit</translation>
    </message>
    <message>
      <source>As the theme has it</source>
      <translation>Comme le thème</translation>
    </message>
    <message>
      <source>Pale</source>
      <translation>Pâle</translation>
    </message>
    <message>
      <source>Middle grey</source>
      <translation>Gris moyen</translation>
    </message>
    <message>
      <source>Dark</source>
      <translation>Sombre</translation>
    </message>
    <message>
      <source>As the system has it</source>
      <translation>Comme le système</translation>
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
      <translation>Côté proche</translation>
    </message>
    <message>
      <source>Far side</source>
      <translation>Côté éloigné</translation>
    </message>
    <message>
      <source>Middle</source>
      <translation>Milieu</translation>
    </message>
    <message>
      <source>Right side</source>
      <translation>Côté droit</translation>
    </message>
    <message>
      <source>Left side</source>
      <translation>Côté gauche</translation>
    </message>
    <message>
      <source>The target of {name} stands {away:.1f} px away from its tip.</source>
      <translation>La cible de {name} est à {away:.1f} px de son bout.</translation>
    </message>
    <message>
      <source>A target stands exactly on its limb's tip at rest; else the limb jumps when it is first touched.</source>
      <translation>Au repos, une cible se trouve exactement au bout de son membre ; sinon le membre saute au premier contact.</translation>
    </message>
    <message>
      <source>Put the target on the tip</source>
      <translation>Mettre la cible au bout</translation>
    </message>
    <message>
      <source>{name} is drawn bent to one side and set to bend to the other. It bends as it is drawn.</source>
      <translation>{name} est dessiné plié d'un côté et réglé pour plier de l'autre. Il plie comme il est dessiné.</translation>
    </message>
    <message>
      <source>A limb that bent against its drawing would fold over as soon as anything moves. Bend it as it is drawn, or turn the drawn bend over (Alt+Shift+T).</source>
      <translation>Un membre qui plierait contre son dessin se replierait dès que quelque chose bouge. Pliez-le comme il est dessiné, ou retournez la pliure dessinée (Alt+Maj+T).</translation>
    </message>
    <message>
      <source>Bend it as it is drawn</source>
      <translation>Plier comme dessiné</translation>
    </message>
    <message>
      <source>{name} is drawn straight, so its bend side is a guess. Look at both and choose one.</source>
      <translation>{name} est dessiné droit, son sens de pliure est donc deviné. Regardez les deux et choisissez.</translation>
    </message>
    <message>
      <source>From a straight drawing nobody can tell where the knee bends. Both sides are shown in Details; one click chooses.</source>
      <translation>D'après un dessin droit, personne ne sait où le genou plie. Les deux côtés sont montrés dans Détails ; un clic choisit.</translation>
    </message>
    <message>
      <source>Keep the side it has</source>
      <translation>Garder le côté actuel</translation>
    </message>
    <message>
      <source>{name} and {other} start at the same place on the same side. If only one should show at a time, make a set of them.</source>
      <translation>{name} et {other} partent du même endroit, du même côté. Si un seul doit se voir à la fois, faites-en un jeu.</translation>
    </message>
    <message>
      <source>Two arms on one side are usually alternatives. Select their first joints and use Branch variants from the selected branches.</source>
      <translation>Deux bras du même côté sont d'ordinaire des variantes. Sélectionnez leurs premières articulations et utilisez Variantes de branches.</translation>
    </message>
    <message>
      <source>{name} is {one:.0f} px long and {twin} {other:.0f} px. Check that both should reach equally far.</source>
      <translation>{name} mesure {one:.0f} px et {twin} {other:.0f} px. Vérifiez que les deux doivent atteindre aussi loin.</translation>
    </message>
    <message>
      <source>Limbs of a pair usually reach equally far; a pivot may have slipped.</source>
      <translation>Les membres d'une paire atteignent d'ordinaire aussi loin ; un pivot a peut-être glissé.</translation>
    </message>
    <message>
      <source>{name} is locked, so {limb} bends without it.</source>
      <translation>{name} est verrouillé, {limb} plie donc sans lui.</translation>
    </message>
    <message>
      <source>A locked joint of a limb does not bend along; the others do more.</source>
      <translation>Une articulation verrouillée d'un membre ne plie pas ; les autres font davantage.</translation>
    </message>
    <message>
      <source>Let it bend again</source>
      <translation>Le laisser plier à nouveau</translation>
    </message>
    <message>
      <source>Nothing carries {name}, so it stays behind when the puppet moves. Give it a parent.</source>
      <translation>Rien ne porte {name}, il reste donc en arrière quand la marionnette bouge. Donnez-lui un parent.</translation>
    </message>
    <message>
      <source>A part without a parent stays on the board while the rest of the puppet moves.</source>
      <translation>Une pièce sans parent reste sur le plateau pendant que le reste bouge.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so it swings instead of turning. Look whether that is wanted.</source>
      <translation>Le pivot de {name} est hors de son dessin, il se balance donc au lieu de tourner. Voyez si c'est voulu.</translation>
    </message>
    <message>
      <source>A part turns about its pivot. One that lies outside the drawing makes the part swing around it, as a lantern on a cord.</source>
      <translation>Une pièce tourne autour de son pivot. Hors du dessin, il la fait se balancer, comme une lanterne à un fil.</translation>
    </message>
    <message>
      <source>The pivot of {name} is still the middle of its drawing. Drag it to where it turns.</source>
      <translation>Le pivot de {name} est encore le milieu de son dessin. Glissez-le là où il tourne.</translation>
    </message>
    <message>
      <source>Until a pivot is set the middle of the drawing stands in for it; hardly anything turns about its middle.</source>
      <translation>Tant qu'aucun pivot n'est réglé, le milieu du dessin en tient lieu ; presque rien ne tourne autour de son milieu.</translation>
    </message>
    <message>
      <source>The middle is right</source>
      <translation>Le milieu est juste</translation>
    </message>
    <message>
      <source>The limits of {name} leave out the rest pose, so it would jump as soon as it is touched.</source>
      <translation>Les limites de {name} excluent la pose de repos, il sauterait donc au premier contact.</translation>
    </message>
    <message>
      <source>Zero is the rest pose, always; limits that leave it out would make the joint jump at the first touch.</source>
      <translation>Zéro est toujours la pose de repos ; des limites qui l'excluent feraient sauter l'articulation au premier contact.</translation>
    </message>
    <message>
      <source>Widen the limits to rest</source>
      <translation>Élargir les limites au repos</translation>
    </message>
    <message>
      <source>The limits of {name} leave no room, so it can't turn at all.</source>
      <translation>Les limites de {name} ne laissent pas de place, il ne peut donc pas tourner.</translation>
    </message>
    <message>
      <source>Smallest and largest are the same, so the joint is locked. One lock by give 0 says that more plainly.</source>
      <translation>La plus petite et la plus grande sont égales, l'articulation est donc verrouillée. Une souplesse de 0 le dit plus clairement.</translation>
    </message>
    <message>
      <source>{name} is on the {side} side and lies {lies} {other}. Look at the depth rail.</source>
      <translation>{name} est du côté {side} et se trouve {lies} {other}. Regardez le rail de profondeur.</translation>
    </message>
    <message>
      <source>Near pieces are expected in front of what carries them and far ones behind, and the pieces of a limb stacked one way.</source>
      <translation>Les pièces proches sont attendues devant ce qui les porte, les éloignées derrière, et les pièces d'un membre empilées dans un sens.</translation>
    </message>
    <message>
      <source>{name} and {twin} have nearly the same name. Rename one, so that they can be told apart.</source>
      <translation>{name} et {twin} ont presque le même nom. Renommez-en un pour les distinguer.</translation>
    </message>
    <message>
      <source>Names are found by their words in copies, mirrors and pasted poses; two that read the same are mistaken for each other.</source>
      <translation>Les noms servent aux copies, miroirs et poses collées ; deux noms qui se lisent pareil se confondent.</translation>
    </message>
    <message>
      <source>{name} is named {named} but set to the {side} side.</source>
      <translation>{name} porte le nom {named} mais est réglé du côté {side}.</translation>
    </message>
    <message>
      <source>The side decides colours, signs, and what counts as the other side.</source>
      <translation>Le côté décide des couleurs, des signes et de ce qui compte comme l'autre côté.</translation>
    </message>
    <message>
      <source>Set it to the {named} side</source>
      <translation>Le régler du côté {named}</translation>
    </message>
    <message>
      <source>The control {name} moves nothing: {why}. Link it, change it, or remove it.</source>
      <translation>Le contrôle {name} ne bouge rien : {why}. Liez-le, changez-le ou retirez-le.</translation>
    </message>
    <message>
      <source>Animators would drag it and nothing would happen.</source>
      <translation>Les animateurs le glisseraient et rien ne se passerait.</translation>
    </message>
    <message>
      <source>The pose {pose} turns {name} beyond its limit; it stops there. Save the pose anew if that is right.</source>
      <translation>La pose {pose} tourne {name} au-delà de sa limite ; il s'y arrête. Réenregistrez la pose si c'est voulu.</translation>
    </message>
    <message>
      <source>Limits hold for saved poses too, so this one looks different from when it was saved.</source>
      <translation>Les limites valent aussi pour les poses enregistrées, celle-ci a donc un autre aspect qu'à l'enregistrement.</translation>
    </message>
    <message>
      <source>At {turn} a gap opens at {name}. Cover the seam, move the pivot, or narrow the limit (Find limits tells where).</source>
      <translation>À {turn} un jour s'ouvre à {name}. Couvrez la jointure, déplacez le pivot ou resserrez la limite (Trouver les limites dit où).</translation>
    </message>
    <message>
      <source>Turned this far, the paper of neither part reaches the outline any more, and the background shows through.</source>
      <translation>Tourné si loin, le papier des deux pièces n'atteint plus le contour, et le fond se voit.</translation>
    </message>
    <message>
      <source>{name} bends over to the other side while {moved} moves. Look at its bend side.</source>
      <translation>{name} plie vers l'autre côté pendant que {moved} bouge. Regardez son sens de pliure.</translation>
    </message>
    <message>
      <source>A knee or elbow that changes sides in the middle of a movement pops.</source>
      <translation>Un genou ou un coude qui change de côté en plein mouvement saute.</translation>
    </message>
    <message>
      <source>{name} jumps by {turn} in one small step of {moved}.</source>
      <translation>{name} saute de {turn} en un petit pas de {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes a large one of the joint.</source>
      <translation>Un petit pas du contrôle en fait un grand de l'articulation.</translation>
    </message>
    <message>
      <source>{name} leaps by {way:.0f} px in one small step of {moved}.</source>
      <translation>{name} bondit de {way:.0f} px en un petit pas de {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes this part leap.</source>
      <translation>Un petit pas du contrôle fait bondir cette pièce.</translation>
    </message>
    <message>
      <source>{name} stays behind when the master moves: nothing carries it. Give it a parent.</source>
      <translation>{name} reste en arrière quand le maître bouge : rien ne le porte. Donnez-lui un parent.</translation>
    </message>
    <message>
      <source>Everything else moved with the master, this did not.</source>
      <translation>Tout le reste a suivi le maître, pas ceci.</translation>
    </message>
    <message>
      <source>{name} has one variant only, so there is nothing to choose. Add drawings to it, or take it apart.</source>
      <translation>{name} n'a qu'une variante, il n'y a donc rien à choisir. Ajoutez-y des dessins ou défaites-le.</translation>
    </message>
    <message>
      <source>A set is for two or more drawings or branches of which one shows.</source>
      <translation>Un jeu sert à deux dessins ou branches ou plus, dont un seul se voit.</translation>
    </message>
    <message>
      <source>{name} of {set} never shows: no value of its link comes to it. Widen the curve, or make a chooser.</source>
      <translation>{name} de {set} ne se voit jamais : aucune valeur de son lien n'y mène. Élargissez la courbe, ou créez un sélecteur.</translation>
    </message>
    <message>
      <source>What drives a set goes through its variants in their order; beyond the ends of the curve nothing is reached.</source>
      <translation>Ce qui mène un jeu parcourt ses variantes dans l'ordre ; au-delà des bouts de la courbe, rien n'est atteint.</translation>
    </message>
    <message>
      <source>{name} and {twin} of {set} are the same drawing in the same place. Exchange one, or take it out.</source>
      <translation>{name} et {twin} de {set} sont le même dessin au même endroit. Échangez-en un ou retirez-le.</translation>
    </message>
    <message>
      <source>Two variants that look the same can't be told apart when they are chosen.</source>
      <translation>Deux variantes identiques ne se distinguent pas au moment de choisir.</translation>
    </message>
    <message>
      <source>{name} rides on {rides}, the others of {set} on {usual}. Bind it to the same.</source>
      <translation>{name} est porté par {rides}, les autres de {set} par {usual}. Liez-le au même.</translation>
    </message>
    <message>
      <source>Drawings that take each other's place should be carried by the same joint, or they come apart when it moves.</source>
      <translation>Des dessins qui se remplacent devraient être portés par la même articulation, sinon ils se séparent en bougeant.</translation>
    </message>
    <message>
      <source>{other} lies between the drawings of {set}: {name} is behind it. Put them next to each other if that is not meant.</source>
      <translation>{other} se trouve entre les dessins de {set} : {name} est derrière. Mettez-les côte à côte si ce n'est pas voulu.</translation>
    </message>
    <message>
      <source>Variants of different depth hide and show other things when they are switched.</source>
      <translation>Des variantes de profondeurs différentes cachent et montrent d'autres choses quand on en change.</translation>
    </message>
    <message>
      <source>{name} of {set} has no limb, others of the set have one. Make it, so that its hand can be dragged too.</source>
      <translation>{name} de {set} n'a pas de membre, d'autres du jeu en ont un. Créez-le pour pouvoir glisser sa main aussi.</translation>
    </message>
    <message>
      <source>Branches that take each other's place are posed alike when each has its limb.</source>
      <translation>Des branches qui se remplacent se posent pareil quand chacune a son membre.</translation>
    </message>
    <message>
      <source>{name} jumps where {take} goes round: its first and its last key differ. Close the loop.</source>
      <translation>{name} saute là où {take} boucle : sa première et sa dernière clé diffèrent. Fermez la boucle.</translation>
    </message>
    <message>
      <source>A loop's last frame is its first one again; where they differ the puppet jumps each time it goes round.</source>
      <translation>La dernière image d'une boucle est à nouveau la première ; où elles diffèrent, la marionnette saute à chaque tour.</translation>
    </message>
    <message>
      <source>{name} has a key at frame {frame:g}, which never plays in {take}.</source>
      <translation>{name} a une clé à l'image {frame:g}, jamais lue dans {take}.</translation>
    </message>
    <message>
      <source>Keys before the first frame or after the last are not seen. Drag the fold of the tape, or move them in.</source>
      <translation>Les clés avant la première image ou après la dernière ne se voient pas. Glissez le pli de la bande, ou rentrez-les.</translation>
    </message>
    <message>
      <source>{name} moves in {take} without a key at its beginning.</source>
      <translation>{name} bouge dans {take} sans clé à son début.</translation>
    </message>
    <message>
      <source>Until its first key a control stands still where that one puts it. A key at the beginning says so plainly.</source>
      <translation>Jusqu'à sa première clé, un contrôle reste là où celle-ci le met. Une clé au début le dit clairement.</translation>
    </message>
    <message>
      <source>{name} is asked to turn {beyond} beyond its limit at frame {frame:g} of {take}.</source>
      <translation>{name} doit tourner de {beyond} au-delà de sa limite à l'image {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>The limit holds it back, so that it stands still while its key goes on. Lessen the key, or widen the limit.</source>
      <translation>La limite le retient, il reste donc immobile pendant que sa clé continue. Réduisez la clé ou élargissez la limite.</translation>
    </message>
    <message>
      <source>{name} turns by {turn} within one frame at frame {frame:g} of {take}.</source>
      <translation>{name} tourne de {turn} en une seule image, à l'image {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>So far in one frame is seen as a jump. Move keys apart, or change over at a straight pose.</source>
      <translation>Autant en une image se voit comme un saut. Écartez les clés, ou changez de côté sur une pose droite.</translation>
    </message>
    <message>
      <source>{name} is {away:.1f} px away from where it is held at frame {frame:g} of {take}.</source>
      <translation>{name} est à {away:.1f} px de là où il est tenu, à l'image {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>A planted foot that can't reach its place is dragged along. Bring the body nearer there, or move the foot.</source>
      <translation>Un pied planté qui n'atteint pas sa place est entraîné. Rapprochez le corps, ou déplacez le pied.</translation>
    </message>
    <message>
      <source>{count} parts are carried by nothing, so they stay behind when the puppet moves.</source>
      <translation>{count} pièces ne sont portées par rien, elles restent donc en arrière quand la marionnette bouge.</translation>
    </message>
    <message>
      <source>{count} pivots are still the middle of their drawings.</source>
      <translation>{count} pivots sont encore au milieu de leurs dessins.</translation>
    </message>
    <message>
      <source>{count} seams open within their limits. Covers keep them shut.</source>
      <translation>{count} jointures s'ouvrent dans leurs limites. Des caches les ferment.</translation>
    </message>
    <message>
      <source>{count} limbs are drawn straight, so which way they bend is a guess.</source>
      <translation>{count} membres sont dessinés droits, leur sens de pliure est donc deviné.</translation>
    </message>
    <message>
      <source>The pieces of {name} are stacked forwards and backwards in turn. Look at the depth rail.</source>
      <translation>Les pièces de {name} sont empilées tantôt vers l'avant, tantôt vers l'arrière. Regardez le rail de profondeur.</translation>
    </message>
    <message>
      <source>The control {name} moves nothing that can be seen. Let it move something, link it, or remove it.</source>
      <translation>Le contrôle {name} ne bouge rien de visible. Faites-lui bouger quelque chose, liez-le ou retirez-le.</translation>
    </message>
    <message>
      <source>A gap opens at {name} from {opens} on, and it turns to {turn}. Limit it, cover the seam, or move its pivot.</source>
      <translation>Un jour s'ouvre à {name} dès {opens}, et il tourne jusqu'à {turn}. Limitez-le, couvrez la jointure ou déplacez son pivot.</translation>
    </message>
    <message>
      <source>behind</source>
      <translation>derrière</translation>
    </message>
    <message>
      <source>in front of</source>
      <translation>devant</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>milieu</translation>
    </message>
    <message>
      <source>no link follows it</source>
      <translation>aucun lien ne le suit</translation>
    </message>
    <message>
      <source>nothing looks at it</source>
      <translation>rien ne le regarde</translation>
    </message>
    <message>
      <source>it has nothing to choose from</source>
      <translation>il n'a rien à choisir</translation>
    </message>
    <message>
      <source>what it turns is locked</source>
      <translation>ce qu'il tourne est verrouillé</translation>
    </message>
    <message>
      <source>its range is empty</source>
      <translation>sa plage est vide</translation>
    </message>
    <message>
      <source>Error</source>
      <translation>Erreur</translation>
    </message>
    <message>
      <source>Warning</source>
      <translation>Avertissement</translation>
    </message>
    <message>
      <source>Hint</source>
      <translation>Indication</translation>
    </message>
    <message>
      <source>Cover the seam</source>
      <translation>Couvrir la jointure</translation>
    </message>
    <message>
      <source>Name</source>
      <translation>Nom</translation>
    </message>
    <message>
      <source>Side</source>
      <translation>Côté</translation>
    </message>
    <message>
      <source>No.</source>
      <translation>N°</translation>
    </message>
    <message>
      <source>Everything</source>
      <translation>Tout</translation>
    </message>
    <message>
      <source>Head</source>
      <translation>Tête</translation>
    </message>
    <message>
      <source>Trunk</source>
      <translation>Tronc</translation>
    </message>
    <message>
      <source>Arms</source>
      <translation>Bras</translation>
    </message>
    <message>
      <source>Legs</source>
      <translation>Jambes</translation>
    </message>
    <message>
      <source>Swinging pieces</source>
      <translation>Pièces qui balancent</translation>
    </message>
    <message>
      <source>All keys</source>
      <translation>Toutes les clés</translation>
    </message>
    <message>
      <source>Smooth</source>
      <translation>Lisse</translation>
    </message>
    <message>
      <source>Straight</source>
      <translation>Droit</translation>
    </message>
    <message>
      <source>Eased a little</source>
      <translation>Un peu adouci</translation>
    </message>
    <message>
      <source>Eased</source>
      <translation>Adouci</translation>
    </message>
    <message>
      <source>Fully eased</source>
      <translation>Très adouci</translation>
    </message>
    <message>
      <source>Hold</source>
      <translation>Tenir</translation>
    </message>
    <message>
      <source>Normal</source>
      <translation>Normal</translation>
    </message>
    <message>
      <source>Multiply</source>
      <translation>Produit</translation>
    </message>
    <message>
      <source>Screen</source>
      <translation>Superposition claire</translation>
    </message>
    <message>
      <source>Overlay</source>
      <translation>Incrustation</translation>
    </message>
    <message>
      <source>Add</source>
      <translation>Addition</translation>
    </message>
    <message>
      <source>Amber</source>
      <translation>Ambre</translation>
    </message>
    <message>
      <source>Moss</source>
      <translation>Mousse</translation>
    </message>
    <message>
      <source>Teal</source>
      <translation>Sarcelle</translation>
    </message>
    <message>
      <source>Plum</source>
      <translation>Prune</translation>
    </message>
    <message>
      <source>Brick</source>
      <translation>Brique</translation>
    </message>
    <message>
      <source>Ink</source>
      <translation>Encre</translation>
    </message>
    <message>
      <source>Leaf</source>
      <translation>Feuille</translation>
    </message>
    <message>
      <source>Shield</source>
      <translation>Bouclier</translation>
    </message>
    <message>
      <source>Drop</source>
      <translation>Goutte</translation>
    </message>
    <message>
      <source>Crescent</source>
      <translation>Croissant</translation>
    </message>
    <message>
      <source>Ring</source>
      <translation>Anneau</translation>
    </message>
    <message>
      <source>Eye</source>
      <translation>Œil</translation>
    </message>
    <message>
      <source>Tile</source>
      <translation>Carreau</translation>
    </message>
    <message>
      <source>grip</source>
      <translation>poignée</translation>
    </message>
    <message>
      <source>moves</source>
      <translation>déplace</translation>
    </message>
    <message>
      <source>knob</source>
      <translation>bouton</translation>
    </message>
    <message>
      <source>turns</source>
      <translation>tourne</translation>
    </message>
    <message>
      <source>master control</source>
      <translation>contrôle maître</translation>
    </message>
    <message>
      <source>moves, turns and scales</source>
      <translation>déplace, tourne et met à l'échelle</translation>
    </message>
    <message>
      <source>slider</source>
      <translation>curseur</translation>
    </message>
    <message>
      <source>stands beside</source>
      <translation>se tient à côté</translation>
    </message>
    <message>
      <source>pad</source>
      <translation>pavé</translation>
    </message>
    <message>
      <source>chooser</source>
      <translation>sélecteur</translation>
    </message>
    <message>
      <source>bow grip</source>
      <translation>poignée d'arc</translation>
    </message>
    <message>
      <source>bows</source>
      <translation>courbe</translation>
    </message>
    <message>
      <source>aim point</source>
      <translation>point de visée</translation>
    </message>
    <message>
      <source>steers the gaze</source>
      <translation>dirige le regard</translation>
    </message>
    <message>
      <source>master</source>
      <translation>maître</translation>
    </message>
    <message>
      <source>bone</source>
      <translation>os</translation>
    </message>
    <message>
      <source>carrier</source>
      <translation>porteur</translation>
    </message>
    <message>
      <source>joint</source>
      <translation>articulation</translation>
    </message>
    <message>
      <source>near</source>
      <translation>proche</translation>
    </message>
    <message>
      <source>far</source>
      <translation>éloigné</translation>
    </message>
    <message>
      <source>right</source>
      <translation>droite</translation>
    </message>
    <message>
      <source>left</source>
      <translation>gauche</translation>
    </message>
    <message>
      <source>Tick all</source>
      <translation>Tout cocher</translation>
    </message>
    <message>
      <source>Tick none</source>
      <translation>Tout décocher</translation>
    </message>
    <message>
      <source>None</source>
      <translation>Aucun</translation>
    </message>
    <message>
      <source>Tape</source>
      <translation>Bande</translation>
    </message>
    <message>
      <source>Family</source>
      <translation>Famille</translation>
    </message>
    <message>
      <source>Diagram</source>
      <translation>Diagramme</translation>
    </message>
    <message>
      <source>Depth</source>
      <translation>Profondeur</translation>
    </message>
    <message>
      <source>Details</source>
      <translation>Détails</translation>
    </message>
    <message>
      <source>Poses</source>
      <translation>Poses</translation>
    </message>
    <message>
      <source>several</source>
      <translation>plusieurs</translation>
    </message>
    <message>
      <source>no limit</source>
      <translation>sans limite</translation>
    </message>
    <message>
      <source>Subtract</source>
      <translation>Soustraire</translation>
    </message>
    <message>
      <source>Even out</source>
      <translation>Égaliser</translation>
    </message>
    <message>
      <source>Fill</source>
      <translation>Remplir</translation>
    </message>
    <message>
      <source>Parts and joints</source>
      <translation>Pièces et articulations</translation>
    </message>
    <message>
      <source>Variant sets</source>
      <translation>Jeux de variantes</translation>
    </message>
    <message>
      <source>Key what was moved</source>
      <translation>Clé pour ce qui a bougé</translation>
    </message>
    <message>
      <source>Key its limb</source>
      <translation>Clé pour son membre</translation>
    </message>
    <message>
      <source>Key its part of the body</source>
      <translation>Clé pour sa partie du corps</translation>
    </message>
    <message>
      <source>Key everything</source>
      <translation>Clé pour tout</translation>
    </message>
    <message>
      <source>Places</source>
      <translation>Places</translation>
    </message>
    <message>
      <source>Turns</source>
      <translation>Rotations</translation>
    </message>
    <message>
      <source>Widths and heights</source>
      <translation>Largeurs et hauteurs</translation>
    </message>
    <message>
      <source>Values and sides</source>
      <translation>Valeurs et côtés</translation>
    </message>
    <message>
      <source>Depths, opacities, clips</source>
      <translation>Profondeurs, opacités, découpes</translation>
    </message>
    <message>
      <source>As at rest</source>
      <translation>Comme au repos</translation>
    </message>
    <message>
      <source>Shown</source>
      <translation>Affiché</translation>
    </message>
    <message>
      <source>Hidden</source>
      <translation>Masqué</translation>
    </message>
    <message>
      <source>Nowhere</source>
      <translation>Nulle part</translation>
    </message>
    <message>
      <source>Inside</source>
      <translation>Dedans</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Dehors</translation>
    </message>
    <message>
      <source>Sound</source>
      <translation>Son</translation>
    </message>
    <message>
      <source>Layer</source>
      <translation>Calque</translation>
    </message>
    <message>
      <source>Row</source>
      <translation>Ligne</translation>
    </message>
    <message>
      <source>Group</source>
      <translation>Groupe</translation>
    </message>
    <message>
      <source>Value</source>
      <translation>Valeur</translation>
    </message>
    <message>
      <source>Turn {name}</source>
      <translation>Tourner {name}</translation>
    </message>
    <message>
      <source>Scale {name}</source>
      <translation>Échelle de {name}</translation>
    </message>
    <message>
      <source>Place x</source>
      <translation>Place x</translation>
    </message>
    <message>
      <source>Place y</source>
      <translation>Place y</translation>
    </message>
    <message>
      <source>Pivot x</source>
      <translation>Pivot x</translation>
    </message>
    <message>
      <source>Pivot y</source>
      <translation>Pivot y</translation>
    </message>
    <message>
      <source>Scale x</source>
      <translation>Échelle x</translation>
    </message>
    <message>
      <source>Scale y</source>
      <translation>Échelle y</translation>
    </message>
    <message>
      <source>Amount</source>
      <translation>Force</translation>
    </message>
    <message>
      <source>Bone</source>
      <translation>Os</translation>
    </message>
    <message>
      <source>Brush</source>
      <translation>Pinceau</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Taille</translation>
    </message>
    <message>
      <source>Strength</source>
      <translation>Force</translation>
    </message>
    <message>
      <source>Hardness</source>
      <translation>Dureté</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Rechercher</translation>
    </message>
    <message>
      <source>Replace with, or number as</source>
      <translation>Remplacer par, ou numéroter</translation>
    </message>
    <message>
      <source>Number</source>
      <translation>Numéroter</translation>
    </message>
    <message>
      <source>Swap side</source>
      <translation>Changer de côté</translation>
    </message>
    <message>
      <source>Shade across</source>
      <translation>Ombre en largeur</translation>
    </message>
    <message>
      <source>Shade up</source>
      <translation>Ombre en hauteur</translation>
    </message>
    <message>
      <source>Shade edge</source>
      <translation>Bord de l'ombre</translation>
    </message>
    <message>
      <source>Carrier</source>
      <translation>Porteur</translation>
    </message>
    <message>
      <source>Posing</source>
      <translation>Pose</translation>
    </message>
    <message>
      <source>Least</source>
      <translation>Minimum</translation>
    </message>
    <message>
      <source>Most</source>
      <translation>Maximum</translation>
    </message>
    <message>
      <source>Opacity now</source>
      <translation>Opacité ici</translation>
    </message>
    <message>
      <source>Shown now</source>
      <translation>Affiché ici</translation>
    </message>
    <message>
      <source>Clip now</source>
      <translation>Découpe ici</translation>
    </message>
    <message>
      <source>Soften now</source>
      <translation>Douceur ici</translation>
    </message>
    <message>
      <source>Stretch now</source>
      <translation>Étirement ici</translation>
    </message>
    <message>
      <source>Slant</source>
      <translation>Inclinaison</translation>
    </message>
    <message>
      <source>Width</source>
      <translation>Largeur</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Hauteur</translation>
    </message>
    <message>
      <source>{name} to the front</source>
      <translation>{name} au premier plan</translation>
    </message>
    <message>
      <source>{name} to the back</source>
      <translation>{name} à l'arrière-plan</translation>
    </message>
    <message>
      <source>{name} forward</source>
      <translation>Avancer {name}</translation>
    </message>
    <message>
      <source>{name} back</source>
      <translation>Reculer {name}</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was moved or removed.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} a été déplacé ou supprimé.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was changed by another program.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} a été changé par un autre programme.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to include</source>
      <translation>{name} : {kind}, clic pour inclure</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to exclude</source>
      <translation>{name} : {kind}, clic pour exclure</translation>
    </message>
    <message>
      <source>Near</source>
      <translation>Proche</translation>
    </message>
    <message>
      <source>Far</source>
      <translation>Éloigné</translation>
    </message>
    <message>
      <source>Variants</source>
      <translation>Variantes</translation>
    </message>
    <message>
      <source>Move pivots</source>
      <translation>Déplacer les pivots</translation>
    </message>
    <message>
      <source>Names</source>
      <translation>Noms</translation>
    </message>
    <message>
      <source>Biped</source>
      <translation>Bipède</translation>
    </message>
    <message>
      <source>Stands on two legs and has two arms.</source>
      <translation>Se tient sur deux jambes et a deux bras.</translation>
    </message>
    <message>
      <source>Hips</source>
      <translation>Hanches</translation>
    </message>
    <message>
      <source>Neck</source>
      <translation>Cou</translation>
    </message>
    <message>
      <source>Upper arm</source>
      <translation>Bras</translation>
    </message>
    <message>
      <source>Forearm</source>
      <translation>Avant-bras</translation>
    </message>
    <message>
      <source>Hand</source>
      <translation>Main</translation>
    </message>
    <message>
      <source>Thigh</source>
      <translation>Cuisse</translation>
    </message>
    <message>
      <source>Shin</source>
      <translation>Tibia</translation>
    </message>
    <message>
      <source>Foot</source>
      <translation>Pied</translation>
    </message>
    <message>
      <source>Bird</source>
      <translation>Oiseau</translation>
    </message>
    <message>
      <source>Stands on two legs and has two wings.</source>
      <translation>Se tient sur deux pattes et a deux ailes.</translation>
    </message>
    <message>
      <source>Wing</source>
      <translation>Aile</translation>
    </message>
    <message>
      <source>Tail</source>
      <translation>Queue</translation>
    </message>
    <message>
      <source>Beak</source>
      <translation>Bec</translation>
    </message>
    <message>
      <source>A palm with up to five fingers.</source>
      <translation>Une paume et jusqu'à cinq doigts.</translation>
    </message>
    <message>
      <source>Palm</source>
      <translation>Paume</translation>
    </message>
    <message>
      <source>Thumb</source>
      <translation>Pouce</translation>
    </message>
    <message>
      <source>Index</source>
      <translation>Index</translation>
    </message>
    <message>
      <source>Little</source>
      <translation>Auriculaire</translation>
    </message>
    <message>
      <source>Wrist</source>
      <translation>Poignet</translation>
    </message>
    <message>
      <source>Head alone</source>
      <translation>Tête seule</translation>
    </message>
    <message>
      <source>A face in pieces: eyes, brows, nose, mouth, ears and hair on a head.</source>
      <translation>Un visage en morceaux : yeux, sourcils, nez, bouche, oreilles et cheveux sur une tête.</translation>
    </message>
    <message>
      <source>Pupil</source>
      <translation>Pupille</translation>
    </message>
    <message>
      <source>Brow</source>
      <translation>Sourcil</translation>
    </message>
    <message>
      <source>Nose</source>
      <translation>Nez</translation>
    </message>
    <message>
      <source>Mouth</source>
      <translation>Bouche</translation>
    </message>
    <message>
      <source>Jaw</source>
      <translation>Mâchoire</translation>
    </message>
    <message>
      <source>Ear</source>
      <translation>Oreille</translation>
    </message>
    <message>
      <source>Hair</source>
      <translation>Cheveux</translation>
    </message>
    <message>
      <source>Many-legged</source>
      <translation>Mille-pattes</translation>
    </message>
    <message>
      <source>Stands on four to twelve legs: beetles, spiders, caterpillars.</source>
      <translation>Se tient sur quatre à douze pattes : scarabées, araignées, chenilles.</translation>
    </message>
    <message>
      <source>Feeler</source>
      <translation>Antenne</translation>
    </message>
    <message>
      <source>First thigh</source>
      <translation>Première cuisse</translation>
    </message>
    <message>
      <source>First shin</source>
      <translation>Premier tibia</translation>
    </message>
    <message>
      <source>First foot</source>
      <translation>Premier pied</translation>
    </message>
    <message>
      <source>Second thigh</source>
      <translation>Deuxième cuisse</translation>
    </message>
    <message>
      <source>Second shin</source>
      <translation>Deuxième tibia</translation>
    </message>
    <message>
      <source>Second foot</source>
      <translation>Deuxième pied</translation>
    </message>
    <message>
      <source>Third thigh</source>
      <translation>Troisième cuisse</translation>
    </message>
    <message>
      <source>Third shin</source>
      <translation>Troisième tibia</translation>
    </message>
    <message>
      <source>Third foot</source>
      <translation>Troisième pied</translation>
    </message>
    <message>
      <source>Fourth thigh</source>
      <translation>Quatrième cuisse</translation>
    </message>
    <message>
      <source>Fourth shin</source>
      <translation>Quatrième tibia</translation>
    </message>
    <message>
      <source>Fourth foot</source>
      <translation>Quatrième pied</translation>
    </message>
    <message>
      <source>Fifth thigh</source>
      <translation>Cinquième cuisse</translation>
    </message>
    <message>
      <source>Fifth shin</source>
      <translation>Cinquième tibia</translation>
    </message>
    <message>
      <source>Fifth foot</source>
      <translation>Cinquième pied</translation>
    </message>
    <message>
      <source>Sixth thigh</source>
      <translation>Sixième cuisse</translation>
    </message>
    <message>
      <source>Sixth shin</source>
      <translation>Sixième tibia</translation>
    </message>
    <message>
      <source>Sixth foot</source>
      <translation>Sixième pied</translation>
    </message>
    <message>
      <source>Quadruped</source>
      <translation>Quadrupède</translation>
    </message>
    <message>
      <source>Stands on four legs.</source>
      <translation>Se tient sur quatre pattes.</translation>
    </message>
    <message>
      <source>Hind thigh</source>
      <translation>Cuisse arrière</translation>
    </message>
    <message>
      <source>Hind shin</source>
      <translation>Tibia arrière</translation>
    </message>
    <message>
      <source>Hind foot</source>
      <translation>Pied arrière</translation>
    </message>
    <message>
      <source>Front thigh</source>
      <translation>Cuisse avant</translation>
    </message>
    <message>
      <source>Front shin</source>
      <translation>Tibia avant</translation>
    </message>
    <message>
      <source>Front foot</source>
      <translation>Pied avant</translation>
    </message>
    <message>
      <source>Serpent</source>
      <translation>Serpent</translation>
    </message>
    <message>
      <source>One long row of pieces behind a head.</source>
      <translation>Une longue rangée de morceaux derrière une tête.</translation>
    </message>
    <message>
      <source>Spine</source>
      <translation>Colonne</translation>
    </message>
    <message>
      <source>Swimmer</source>
      <translation>Nageur</translation>
    </message>
    <message>
      <source>A body with a tail in the place of legs: merfolk and seals.</source>
      <translation>Un corps avec une queue à la place des jambes : sirènes et phoques.</translation>
    </message>
    <message>
      <source>Fin</source>
      <translation>Nageoire</translation>
    </message>
    <message>
      <source>Tentacled</source>
      <translation>À tentacules</translation>
    </message>
    <message>
      <source>Has arms all around, without bones.</source>
      <translation>A des bras tout autour, sans os.</translation>
    </message>
    <message>
      <source>Mantle</source>
      <translation>Manteau</translation>
    </message>
    <message>
      <source>Arm a</source>
      <translation>Bras a</translation>
    </message>
    <message>
      <source>Arm b</source>
      <translation>Bras b</translation>
    </message>
    <message>
      <source>Arm c</source>
      <translation>Bras c</translation>
    </message>
    <message>
      <source>Arm d</source>
      <translation>Bras d</translation>
    </message>
    <message>
      <source>Arm e</source>
      <translation>Bras e</translation>
    </message>
    <message>
      <source>Arm f</source>
      <translation>Bras f</translation>
    </message>
    <message>
      <source>Arm g</source>
      <translation>Bras g</translation>
    </message>
    <message>
      <source>Arm h</source>
      <translation>Bras h</translation>
    </message>
    <message>
      <source>F1 tells more</source>
      <translation>F1 en dit plus</translation>
    </message>
    <message>
      <source>Something went wrong inside Umbrite ({name}: {error}). Your work is as it was before; save it under another name to be safe. Help &gt; Copy a report of a fault tells developers more.</source>
      <translation>Quelque chose a échoué dans Umbrite ({name} : {error}). Votre travail est comme avant ; enregistrez-le sous un autre nom par sûreté. Aide &gt; Copier un rapport d'erreur en dit plus aux développeurs.</translation>
    </message>
    <message>
      <source>Board</source>
      <translation>Plateau</translation>
    </message>
    <message>
      <source>The puppet, and the handles of the present station</source>
      <translation>La marionnette et les prises en main de la station</translation>
    </message>
    <message>
      <source>On the board</source>
      <translation>Sur le plateau</translation>
    </message>
    <message>
      <source>{name} is held here while you drag the body. Click the hold point again to remove it.</source>
      <translation>{name} est tenu ici pendant que vous glissez le corps. Recliquez le point pour le retirer.</translation>
    </message>
    <message>
      <source>Drag the body by {name}</source>
      <translation>Glisser le corps par {name}</translation>
    </message>
    <message>
      <source>The hold point was removed.</source>
      <translation>Le point tenu a été retiré.</translation>
    </message>
    <message>
      <source>The whole body can't be dragged into a pass. Use a control.</source>
      <translation>Le corps entier ne peut pas être glissé pendant un passage. Utilisez un contrôle.</translation>
    </message>
    <message>
      <source>, {away} px out of reach</source>
      <translation>, {away} px hors d'atteinte</translation>
    </message>
    <message>
      <source>Move head of {name}</source>
      <translation>Déplacer la tête de {name}</translation>
    </message>
    <message>
      <source>Move tip of {name}</source>
      <translation>Déplacer le bout de {name}</translation>
    </message>
    <message>
      <source>{count} parts</source>
      <translation>{count} pièces</translation>
    </message>
    <message>
      <source>{name} to {other}</source>
      <translation>{name} vers {other}</translation>
    </message>
    <message>
      <source>Move bone {name}</source>
      <translation>Déplacer l'os {name}</translation>
    </message>
    <message>
      <source>Nothing was bound. Drop it on a bone, a rivet or a part that has a parent.</source>
      <translation>Rien n'a été lié. Déposez sur un os, un rivet ou une pièce qui a un parent.</translation>
    </message>
    <message>
      <source>No part lies fully inside the loop, so nothing was bound to {name}.</source>
      <translation>Aucune pièce n'est tout entière dans la boucle, rien n'a donc été lié à {name}.</translation>
    </message>
    <message>
      <source>Release where the chain ends</source>
      <translation>Relâchez où la chaîne finit</translation>
    </message>
    <message>
      <source>{count} parts to {name}</source>
      <translation>{count} pièces vers {name}</translation>
    </message>
    <message>
      <source>Place control {name}</source>
      <translation>Placer le contrôle {name}</translation>
    </message>
    <message>
      <source>Move a pose of {name}</source>
      <translation>Déplacer une pose de {name}</translation>
    </message>
    <message>
      <source>Move the mirror line</source>
      <translation>Déplacer la ligne de miroir</translation>
    </message>
    <message>
      <source>release to remove</source>
      <translation>relâchez pour retirer</translation>
    </message>
    <message>
      <source>Make limb {name}</source>
      <translation>Créer le membre {name}</translation>
    </message>
    <message>
      <source>follows {name}</source>
      <translation>suit {name}</translation>
    </message>
    <message>
      <source>stays on the board</source>
      <translation>reste sur le plateau</translation>
    </message>
    <message>
      <source>{name} is a limb now; its target {where}. Look at its bend side in Details.</source>
      <translation>{name} est un membre ; sa cible {where}. Regardez son sens de pliure dans Détails.</translation>
    </message>
    <message>
      <source>the board</source>
      <translation>le plateau</translation>
    </message>
    <message>
      <source>Nothing has moved.</source>
      <translation>Rien n'a bougé.</translation>
    </message>
    <message>
      <source>{name} to the tip of {other}</source>
      <translation>{name} vers le bout de {other}</translation>
    </message>
    <message>
      <source>No limb was made. Release on the joint where the limb ends, such as a wrist.</source>
      <translation>Aucun membre créé. Relâchez sur l'articulation où il finit, un poignet par exemple.</translation>
    </message>
    <message>
      <source>Target follows {name}</source>
      <translation>La cible suit {name}</translation>
    </message>
    <message>
      <source>The target of {name} follows {name2} now.</source>
      <translation>La cible de {name} suit maintenant {name2}.</translation>
    </message>
    <message>
      <source>Drag on to the end of the limb</source>
      <translation>Continuez jusqu'au bout du membre</translation>
    </message>
    <message>
      <source>{limb} follows {name}</source>
      <translation>{limb} suit {name}</translation>
    </message>
    <message>
      <source>Limit {name}</source>
      <translation>Limiter {name}</translation>
    </message>
    <message>
      <source>Move points of the mesh</source>
      <translation>Déplacer des points du maillage</translation>
    </message>
    <message>
      <source>Add a point to the mesh</source>
      <translation>Ajouter un point au maillage</translation>
    </message>
    <message>
      <source>Reshape {name}</source>
      <translation>Remodeler {name}</translation>
    </message>
    <message>
      <source>Paint weights of {name}</source>
      <translation>Peindre les poids de {name}</translation>
    </message>
    <message>
      <source>Move {name}</source>
      <translation>Déplacer {name}</translation>
    </message>
    <message>
      <source>A guest is turned as one in a pose: drag the ring or the end of its own control in Rehearse.</source>
      <translation>Une invitée tourne d'un bloc dans une pose : glissez l'anneau ou le bout de son contrôle en Répétition.</translation>
    </message>
    <message>
      <source>There is no part under this line. Draw it across the part that should be two.</source>
      <translation>Il n'y a pas de pièce sous cette ligne. Tracez-la à travers la pièce à couper en deux.</translation>
    </message>
    <message>
      <source>Trim {name}</source>
      <translation>Rogner {name}</translation>
    </message>
    <message>
      <source>Restore some of {name}</source>
      <translation>Rétablir un peu de {name}</translation>
    </message>
    <message>
      <source>cut away</source>
      <translation>rogner</translation>
    </message>
    <message>
      <source>restore</source>
      <translation>rétablir</translation>
    </message>
    <message>
      <source>Parent {name} to {name2}</source>
      <translation>{name2} comme parent de {name}</translation>
    </message>
    <message>
      <source>Move pivot of {name}</source>
      <translation>Déplacer le pivot de {name}</translation>
    </message>
    <message>
      <source>Slide {name} under its pivot</source>
      <translation>Glisser {name} sous son pivot</translation>
    </message>
    <message>
      <source>{name} was not changed.</source>
      <translation>{name} n'a pas changé.</translation>
    </message>
    <message>
      <source>{count} joints</source>
      <translation>{count} articulations</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name} now. {moved}</source>
      <translation>{name2} est maintenant le parent de {name}. {moved}</translation>
    </message>
    <message>
      <source>Nothing was parented. Drop it on a rivet or on a part.</source>
      <translation>Aucun parent donné. Déposez sur un rivet ou sur une pièce.</translation>
    </message>
    <message>
      <source>squashed to {percent} %</source>
      <translation>écrasé à {percent} %</translation>
    </message>
    <message>
      <source>Slant {name}</source>
      <translation>Incliner {name}</translation>
    </message>
    <message>
      <source>Squash {name}</source>
      <translation>Écraser {name}</translation>
    </message>
    <message>
      <source>Pose {name}</source>
      <translation>Pose {name}</translation>
    </message>
    <message>
      <source>  stopped by the limit of {names}</source>
      <translation>  arrêté par la limite de {names}</translation>
    </message>
    <message>
      <source>Turn {name} about the pin</source>
      <translation>Tourner {name} autour de l'épingle</translation>
    </message>
    <message>
      <source> and {count} more</source>
      <translation> et {count} de plus</translation>
    </message>
    <message>
      <source>Set {name}</source>
      <translation>Régler {name}</translation>
    </message>
    <message>
      <source>{name} is fixed, so it can't be moved by hand. Set Moving to Free in Details.</source>
      <translation>{name} est fixe, on ne peut pas le bouger à la main. Mettez Mouvement sur Libre dans Détails.</translation>
    </message>
    <message>
      <source>A pass can't be recorded about a pin. Use a control.</source>
      <translation>Un passage ne s'enregistre pas autour d'une épingle. Utilisez un contrôle.</translation>
    </message>
    <message>
      <source>{words}, left out</source>
      <translation>{words}, exclu</translation>
    </message>
    <message>
      <source>on the face</source>
      <translation>sur le visage</translation>
    </message>
    <message>
      <source>stands out</source>
      <translation>ressort</translation>
    </message>
    <message>
      <source>at the side</source>
      <translation>sur le côté</translation>
    </message>
    <message>
      <source>on top</source>
      <translation>au-dessus</translation>
    </message>
    <message>
      <source>hair in front</source>
      <translation>cheveux devant</translation>
    </message>
    <message>
      <source>behind the head</source>
      <translation>derrière la tête</translation>
    </message>
    <message>
      <source>left out</source>
      <translation>exclu</translation>
    </message>
    <message>
      <source>mirrored at x {x}</source>
      <translation>en miroir à x {x}</translation>
    </message>
    <message>
      <source>Select the bone first, then draw a loop around what it should carry.</source>
      <translation>Sélectionnez d'abord l'os, puis entourez ce qu'il doit porter.</translation>
    </message>
    <message>
      <source>Only controls can be dragged here. Controls &gt; Lock all but controls unlocks the rest.</source>
      <translation>Ici seuls les contrôles se glissent. Contrôles &gt; Tout verrouiller sauf les contrôles libère le reste.</translation>
    </message>
    <message>
      <source>Pin set: Ctrl+drag turns about it. Esc removes it.</source>
      <translation>Épingle posée : Ctrl+glisser tourne autour. Échap la retire.</translation>
    </message>
    <message>
      <source>{joint} is turned by {limb}. Drag the limb's grip, or let it be posed by its own turns in Details.</source>
      <translation>{joint} est tourné par {limb}. Glissez la poignée du membre, ou posez-le par ses propres rotations dans Détails.</translation>
    </message>
    <message>
      <source>{name} is locked. Set Hand-over in its details to let animators use it.</source>
      <translation>{name} est verrouillé. Réglez Remise dans ses détails pour que les animateurs l'utilisent.</translation>
    </message>
    <message>
      <source>{count} selected: {names}</source>
      <translation>{count} sélectionnés : {names}</translation>
    </message>
    <message>
      <source>at {x}, {y}</source>
      <translation>à {x}, {y}</translation>
    </message>
    <message>
      <source>Nothing selected</source>
      <translation>Rien de sélectionné</translation>
    </message>
    <message>
      <source>{name} selected</source>
      <translation>{name} sélectionné</translation>
    </message>
    <message>
      <source>Part on {joint}</source>
      <translation>Pièce sur {joint}</translation>
    </message>
    <message>
      <source>Limb of {count} joints</source>
      <translation>Membre de {count} articulations</translation>
    </message>
    <message>
      <source>target</source>
      <translation>cible</translation>
    </message>
    <message>
      <source>shows {name}</source>
      <translation>montre {name}</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>verrouillé</translation>
    </message>
    <message>
      <source>reference picture</source>
      <translation>image de référence</translation>
    </message>
    <message>
      <source>parent {name}</source>
      <translation>parent {name}</translation>
    </message>
    <message>
      <source>no parent</source>
      <translation>sans parent</translation>
    </message>
    <message>
      <source>not set</source>
      <translation>non réglé</translation>
    </message>
    <message>
      <source>fixed</source>
      <translation>fixe</translation>
    </message>
    <message>
      <source>switched off</source>
      <translation>désactivé</translation>
    </message>
    <message>
      <source>value {number}</source>
      <translation>valeur {number}</translation>
    </message>
    <message>
      <source>Question</source>
      <translation>Question</translation>
    </message>
    <message>
      <source>Name of the bone</source>
      <translation>Nom de l'os</translation>
    </message>
    <message>
      <source>Done with this bone</source>
      <translation>Fini avec cet os</translation>
    </message>
    <message>
      <source>carries</source>
      <translation>porte</translation>
    </message>
    <message>
      <source>Number of bones</source>
      <translation>Nombre d'os</translation>
    </message>
    <message>
      <source> bones</source>
      <translation> os</translation>
    </message>
    <message>
      <source>shorter in bends</source>
      <translation>plus courts dans les courbes</translation>
    </message>
    <message>
      <source>no part under it</source>
      <translation>aucune pièce dessous</translation>
    </message>
    <message>
      <source>along one line</source>
      <translation>sur une ligne</translation>
    </message>
    <message>
      <source>Name bone {text}</source>
      <translation>Nommer l'os {text}</translation>
    </message>
    <message>
      <source>Discard</source>
      <translation>Rejeter</translation>
    </message>
    <message>
      <source>What shall be made for the face</source>
      <translation>Ce qu'il faut créer pour le visage</translation>
    </message>
    <message>
      <source>Head turn</source>
      <translation>Rotation de tête</translation>
    </message>
    <message>
      <source>Lids</source>
      <translation>Paupières</translation>
    </message>
    <message>
      <source>Brows</source>
      <translation>Sourcils</translation>
    </message>
    <message>
      <source>Gaze</source>
      <translation>Regard</translation>
    </message>
    <message>
      <source>Make</source>
      <translation>Créer</translation>
    </message>
    <message>
      <source>{sure} sure</source>
      <translation>sûr à {sure}</translation>
    </message>
    <message>
      <source>{name}: at {turn} {reason}. Click to accept it as the limit.</source>
      <translation>{name} : à {turn} {reason}. Cliquez pour l'accepter comme limite.</translation>
    </message>
    <message>
      <source>Found limits</source>
      <translation>Limites trouvées</translation>
    </message>
    <message>
      <source>Accept all</source>
      <translation>Tout accepter</translation>
    </message>
    <message>
      <source>Close found limits</source>
      <translation>Fermer les limites trouvées</translation>
    </message>
    <message>
      <source>Accept this end</source>
      <translation>Accepter ce bout</translation>
    </message>
    <message>
      <source>Accept both ends</source>
      <translation>Accepter les deux bouts</translation>
    </message>
    <message>
      <source>Leave {name} out</source>
      <translation>Exclure {name}</translation>
    </message>
    <message>
      <source>Select the joint</source>
      <translation>Sélectionner l'articulation</translation>
    </message>
    <message>
      <source>Click for earlier messages  (Ctrl+Shift+M)</source>
      <translation>Cliquez pour les messages précédents  (Ctrl+Maj+M)</translation>
    </message>
    <message>
      <source>No messages</source>
      <translation>Aucun message</translation>
    </message>
    <message>
      <source>Drop pictures here, or open a layered picture to begin.</source>
      <translation>Déposez des images ici, ou ouvrez une image à calques pour commencer.</translation>
    </message>
    <message>
      <source>Performing</source>
      <translation>Jeu à la main</translation>
    </message>
    <message>
      <source>Smoothness of the pass</source>
      <translation>Lissage du passage</translation>
    </message>
    <message>
      <source>Smooth the pass; it is thinned to the fewest keys</source>
      <translation>Lisse le passage, réduit au moins de clés possible</translation>
    </message>
    <message>
      <source>Accept</source>
      <translation>Accepter</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Arrêter</translation>
    </message>
    <message>
      <source>Time runs after three</source>
      <translation>Le temps part après trois</translation>
    </message>
    <message>
      <source>Recording, {seconds} s</source>
      <translation>Enregistrement, {seconds} s</translation>
    </message>
    <message>
      <source>Press a control and hold it</source>
      <translation>Appuyez sur un contrôle et tenez-le</translation>
    </message>
    <message>
      <source>{count} keys</source>
      <translation>{count} clés</translation>
    </message>
    <message>
      <source>{place}: {name}, {share} sure</source>
      <translation>{place} : {name}, sûr à {share}</translation>
    </message>
    <message>
      <source>{place} goes along with the body</source>
      <translation>{place} suit le corps</translation>
    </message>
    <message>
      <source>The plan's figure</source>
      <translation>La figure du plan</translation>
    </message>
    <message>
      <source>{place}: empty</source>
      <translation>{place} : vide</translation>
    </message>
    <message>
      <source>{place}: {name}, set by hand</source>
      <translation>{place} : {name}, mis à la main</translation>
    </message>
    <message>
      <source>{place} bends this way; a click turns it</source>
      <translation>{place} plie de ce côté ; un clic le retourne</translation>
    </message>
    <message>
      <source>{place} stands on the ground</source>
      <translation>{place} est au sol</translation>
    </message>
    <message>
      <source>Body plan</source>
      <translation>Plan de corps</translation>
    </message>
    <message>
      <source>Let the figure look the other way</source>
      <translation>Faire regarder la figure de l'autre côté</translation>
    </message>
    <message>
      <source>Follows the nearest piece</source>
      <translation>Suit le morceau le plus proche</translation>
    </message>
    <message>
      <source>Drawn twice: only one is shown at a time</source>
      <translation>Dessiné deux fois : un seul se voit à la fois</translation>
    </message>
    <message>
      <source>Build</source>
      <translation>Construire</translation>
    </message>
    <message>
      <source>Looks right →</source>
      <translation>Regarde à droite →</translation>
    </message>
    <message>
      <source>← Looks left</source>
      <translation>← Regarde à gauche</translation>
    </message>
    <message>
      <source>Transfer rig</source>
      <translation>Transférer le rig</translation>
    </message>
    <message>
      <source>What differs: {what}.</source>
      <translation>Ce qui diffère : {what}.</translation>
    </message>
    <message>
      <source>Posing for a value</source>
      <translation>Pose pour une valeur</translation>
    </message>
    <message>
      <source>Posing {name} at {value}</source>
      <translation>Pose de {name} à {value}</translation>
    </message>
    <message>
      <source>More</source>
      <translation>Plus</translation>
    </message>
    <message>
      <source>Weight of the selected vertices</source>
      <translation>Poids des sommets sélectionnés</translation>
    </message>
    <message>
      <source>Alt+drag a box around vertices, then type their weight</source>
      <translation>Alt+glisser encadre des sommets, puis tapez leur poids</translation>
    </message>
    <message>
      <source>Selected</source>
      <translation>Sélection</translation>
    </message>
    <message>
      <source>Lock this bone</source>
      <translation>Verrouiller cet os</translation>
    </message>
    <message>
      <source>Sway while painting</source>
      <translation>Balancer en peignant</translation>
    </message>
    <message>
      <source>To the other side</source>
      <translation>De l'autre côté</translation>
    </message>
    <message>
      <source>From the drawing's shape</source>
      <translation>D'après la forme du dessin</translation>
    </message>
    <message>
      <source>Begin here</source>
      <translation>Commencez ici</translation>
    </message>
    <message>
      <source>Drop pictures or a layered picture here, or choose a way in.</source>
      <translation>Déposez ici des images ou une image à calques, ou choisissez un début.</translation>
    </message>
    <message>
      <source>Select the part that should bend first.</source>
      <translation>Sélectionnez d'abord la pièce qui doit plier.</translation>
    </message>
    <message>
      <source>Select the part, and with Shift two or more bones that it should bend over.</source>
      <translation>Sélectionnez la pièce, puis avec Maj deux os ou plus sur lesquels elle doit plier.</translation>
    </message>
    <message>
      <source>Select a part that bends first.</source>
      <translation>Sélectionnez d'abord une pièce qui plie.</translation>
    </message>
    <message>
      <source>Working out how it bends</source>
      <translation>Calcul de la pliure</translation>
    </message>
    <message>
      <source>Bend {part}</source>
      <translation>Plier {part}</translation>
    </message>
    <message>
      <source>It bends in {count} joints. Let it swing in Details, hold both ends by a limb (L), or pose it.</source>
      <translation>Elle plie en {count} articulations. Balancez-la dans Détails, tenez ses bouts par un membre (L), ou posez-la.</translation>
    </message>
    <message>
      <source>Bend {part} over {count} bones</source>
      <translation>Plier {part} sur {count} os</translation>
    </message>
    <message>
      <source>{part} bends over {count} bones now. Nothing has moved.</source>
      <translation>{part} plie maintenant sur {count} os. Rien n'a bougé.</translation>
    </message>
    <message>
      <source>Bend {part} in {count} joints</source>
      <translation>Plier {part} en {count} articulations</translation>
    </message>
    <message>
      <source>Stop bending {part}</source>
      <translation>Ne plus plier {part}</translation>
    </message>
    <message>
      <source>Let {part} swing</source>
      <translation>Balancer {part}</translation>
    </message>
    <message>
      <source>Mesh of {part}</source>
      <translation>Maillage de {part}</translation>
    </message>
    <message>
      <source>Nothing bends yet. Select a part and let it bend first.</source>
      <translation>Rien ne plie encore. Sélectionnez une pièce et faites-la plier d'abord.</translation>
    </message>
    <message>
      <source>Weight {share} %</source>
      <translation>Poids {share} %</translation>
    </message>
    <message>
      <source>Weights of {part} to the other side</source>
      <translation>Poids de {part} vers l'autre côté</translation>
    </message>
    <message>
      <source>Weights of {part} anew</source>
      <translation>Refaire les poids de {part}</translation>
    </message>
    <message>
      <source>The weights are as the drawing's shape and its bones give them.</source>
      <translation>Les poids sont ceux que donnent la forme du dessin et ses os.</translation>
    </message>
    <message>
      <source>Squash of {part}</source>
      <translation>Écraser {part}</translation>
    </message>
    <message>
      <source>What is selected bends already.</source>
      <translation>La sélection plie déjà.</translation>
    </message>
    <message>
      <source>Grips along {part}</source>
      <translation>Poignées le long de {part}</translation>
    </message>
    <message>
      <source>Made: {names}. Drag them in Rehearse, Ctrl+5.</source>
      <translation>Créées : {names}. Glissez-les en Répétition, Ctrl+5.</translation>
    </message>
    <message>
      <source>Delete {count} mesh points</source>
      <translation>Supprimer {count} points du maillage</translation>
    </message>
    <message>
      <source>Click a part that bends first.</source>
      <translation>Cliquez d'abord une pièce qui plie.</translation>
    </message>
    <message>
      <source>A piece of the drawing would lie beside the mesh and be cut off where it bends. Leave it a margin.</source>
      <translation>Un morceau du dessin serait hors du maillage et coupé où il plie. Laissez-lui une marge.</translation>
    </message>
    <message>
      <source>Pick points of the mesh first: click one, or draw a box with Alt.</source>
      <translation>Choisissez d'abord des points : cliquez-en un, ou tracez un cadre avec Alt.</translation>
    </message>
    <message>
      <source>Nothing carries {names} yet.</source>
      <translation>Rien ne porte encore {names}.</translation>
    </message>
    <message>
      <source>Draw bone {name}</source>
      <translation>Tracer l'os {name}</translation>
    </message>
    <message>
      <source>carries {name}</source>
      <translation>porte {name}</translation>
    </message>
    <message>
      <source>carries nothing yet</source>
      <translation>ne porte encore rien</translation>
    </message>
    <message>
      <source> It crosses {names}, which nothing carries: tick it to bind it too.</source>
      <translation> Il croise {names}, que rien ne porte : cochez-le pour le lier aussi.</translation>
    </message>
    <message>
      <source>{name} {carries}.{asks} Go on from its tip; Esc or a double click ends the chain.</source>
      <translation>{name} {carries}.{asks} Continuez de son bout ; Échap ou un double clic finit la chaîne.</translation>
    </message>
    <message>
      <source>The chain is ended. Press on a tip or a rivet to branch off, or anywhere to draw a free bone.</source>
      <translation>La chaîne est finie. Appuyez sur un bout ou un rivet pour bifurquer, ou ailleurs pour un os libre.</translation>
    </message>
    <message>
      <source>Make {count} bones along {name}</source>
      <translation>Créer {count} os le long de {name}</translation>
    </message>
    <message>
      <source>Looking for its middle line</source>
      <translation>Recherche de sa ligne médiane</translation>
    </message>
    <message>
      <source>Change their number on the card. Cut the drawing into pieces for them, or bind whole parts to single bones.</source>
      <translation>Changez leur nombre sur la fiche. Coupez le dessin pour eux, ou liez des pièces entières aux os.</translation>
    </message>
    <message>
      <source>Make {count} bones from pivots</source>
      <translation>Créer {count} os d'après les pivots</translation>
    </message>
    <message>
      <source>{count} joints are bones now. Alt+drag moves heads, tips and whole bones.</source>
      <translation>{count} articulations sont des os. Alt+glisser déplace têtes, bouts et os entiers.</translation>
    </message>
    <message>
      <source>Select one or more bones first.</source>
      <translation>Sélectionnez d'abord un os ou plus.</translation>
    </message>
    <message>
      <source>Select the bone first, then with Shift the one that should carry it.</source>
      <translation>Sélectionnez d'abord l'os, puis avec Maj celui qui doit le porter.</translation>
    </message>
    <message>
      <source>Every part is carried by something.</source>
      <translation>Chaque pièce est portée.</translation>
    </message>
    <message>
      <source>Draw bones first, or make them from the pivots.</source>
      <translation>Tracez d'abord des os, ou créez-les d'après les pivots.</translation>
    </message>
    <message>
      <source>Bind {count} parts {how}</source>
      <translation>Lier {count} pièces {how}</translation>
    </message>
    <message>
      <source>{count} parts bound {how}: {names}{ending}. {still_loose}</source>
      <translation>{count} pièces liées {how} : {names}{ending}. {still_loose}</translation>
    </message>
    <message>
      <source>Nothing is unbound.</source>
      <translation>Rien n'est délié.</translation>
    </message>
    <message>
      <source> and more</source>
      <translation> et d'autres</translation>
    </message>
    <message>
      <source>Bind {count} loose parts to the nearest</source>
      <translation>Lier {count} pièces libres au plus proche</translation>
    </message>
    <message>
      <source>Detach {keys}</source>
      <translation>Détacher {keys}</translation>
    </message>
    <message>
      <source>Attach {name} to {name2}</source>
      <translation>Attacher {name} à {name2}</translation>
    </message>
    <message>
      <source>Same length on the other side of {keys}</source>
      <translation>Même longueur de l'autre côté de {keys}</translation>
    </message>
    <message>
      <source>{label} rides on {name} now. {moved} {after}</source>
      <translation>{label} est maintenant sur {name}. {moved} {after}</translation>
    </message>
    <message>
      <source>Bind {name} to {bone}</source>
      <translation>Lier {name} à {bone}</translation>
    </message>
    <message>
      <source>Unbind {name} from {bone}</source>
      <translation>Délier {name} de {bone}</translation>
    </message>
    <message>
      <source>No part fits a bone {how}. Draw a cord from the part to its bone with Bind, or tick it on the bone's card.</source>
      <translation>Aucune pièce ne convient à un os {how}. Tirez un lien de la pièce à son os avec Lier, ou cochez-la sur la fiche de l'os.</translation>
    </message>
    <message>
      <source>Bind {label} to {name}</source>
      <translation>Lier {label} à {name}</translation>
    </message>
    <message>
      <source>Something else was changed since. Undo that first, or draw the line again.</source>
      <translation>Autre chose a changé depuis. Annulez-le d'abord, ou retracez la ligne.</translation>
    </message>
    <message>
      <source>; and more.</source>
      <translation> ; et d'autres.</translation>
    </message>
    <message>
      <source>{name} whole</source>
      <translation>{name} en entier</translation>
    </message>
    <message>
      <source>Select two or more parts that should be one.</source>
      <translation>Sélectionnez deux pièces ou plus à réunir.</translation>
    </message>
    <message>
      <source>Draw bones over the part first, then select it.</source>
      <translation>Tracez d'abord des os sur la pièce, puis sélectionnez-la.</translation>
    </message>
    <message>
      <source>Cut {name}</source>
      <translation>Couper {name}</translation>
    </message>
    <message>
      <source>{name} turns on {other} now. Hold W and drag to try it; the whole drawing is kept, hidden.</source>
      <translation>{name} tourne maintenant sur {other}. Tenez W et glissez pour essayer ; le dessin entier est gardé, masqué.</translation>
    </message>
    <message>
      <source>Select the one part to lay bones over.</source>
      <translation>Sélectionnez la pièce sur laquelle poser les os.</translation>
    </message>
    <message>
      <source>{count} cuts are proposed on {name}. Click one to exclude it; Enter cuts, Esc discards.</source>
      <translation>{count} coupes proposées sur {name}. Cliquez-en une pour l'exclure ; Entrée coupe, Échap rejette.</translation>
    </message>
    <message>
      <source>The proposed cuts were discarded.</source>
      <translation>Les coupes proposées ont été rejetées.</translation>
    </message>
    <message>
      <source>Cut {name} at the bones</source>
      <translation>Couper {name} aux os</translation>
    </message>
    <message>
      <source> Not at {names}: the drawing doesn't part there.</source>
      <translation> Pas à {names} : le dessin ne s'y sépare pas.</translation>
    </message>
    <message>
      <source> {count} pivots were moved to the middle of their limbs.</source>
      <translation> {count} pivots ont été mis au milieu de leurs membres.</translation>
    </message>
    <message>
      <source>{name} is in {count} pieces now, each on its bone.{words}</source>
      <translation>{name} est maintenant en {count} morceaux, chacun sur son os.{words}</translation>
    </message>
    <message>
      <source>Join {count} parts</source>
      <translation>Réunir {count} pièces</translation>
    </message>
    <message>
      <source>{name} is one part now, as it lay. Nothing has moved at rest.</source>
      <translation>{name} est maintenant une pièce, comme elle était. Rien n'a bougé au repos.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not cut. Stop bending first.</source>
      <translation>{name} plie et n'est donc pas coupé. Arrêtez d'abord la pliure.</translation>
    </message>
    <message>
      <source>{name} is trimmed. Remove all trims first (Shift+B), then cut it.</source>
      <translation>{name} est rogné. Retirez d'abord tous les rognages (Maj+B), puis coupez.</translation>
    </message>
    <message>
      <source>{name} shares its drawing with a copy. Give it a drawing of its own first.</source>
      <translation>{name} partage son dessin avec une copie. Donnez-lui d'abord son propre dessin.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it was not made.</source>
      <translation>{name} ne montrerait rien ici et n'a donc pas été créé.</translation>
    </message>
    <message>
      <source>Bones of a {plan} over {name}</source>
      <translation>Os d'un {plan} sur {name}</translation>
    </message>
    <message>
      <source>{count} bones lie over {name}. Alt+drag heads and tips to its joints, then Art &gt; Cut at the bones.</source>
      <translation>{count} os sont sur {name}. Alt+glisser têtes et bouts vers ses articulations, puis Dessins &gt; Couper aux os.</translation>
    </message>
    <message>
      <source>No cuts are proposed. Draw bones over a part, then choose Cut at the bones.</source>
      <translation>Aucune coupe proposée. Tracez des os sur une pièce, puis choisissez Couper aux os.</translation>
    </message>
    <message>
      <source>All proposed cuts are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Toutes les coupes sont exclues. Cliquez-en une pour l'inclure, ou rejetez-les avec Échap.</translation>
    </message>
    <message>
      <source>Cutting at the bones</source>
      <translation>Coupe aux os</translation>
    </message>
    <message>
      <source>No bone's head lies where {name} could be cut. Draw the bones so that each begins at a joint.</source>
      <translation>Aucune tête d'os n'est là où {name} pourrait être coupé. Tracez les os de sorte que chacun commence à une articulation.</translation>
    </message>
    <message>
      <source>Together these would be a picture of {wide} x {tall} px. Join fewer.</source>
      <translation>Ensemble, ce serait une image de {wide} x {tall} px. Réunissez-en moins.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not joined. Stop bending first.</source>
      <translation>{name} plie et n'est donc pas réuni. Arrêtez d'abord la pliure.</translation>
    </message>
    <message>
      <source>Working out how the pieces overlap</source>
      <translation>Calcul des recouvrements</translation>
    </message>
    <message>
      <source>No joints are proposed. Use Find joints first.</source>
      <translation>Aucune articulation proposée. Utilisez d'abord Trouver les articulations.</translation>
    </message>
    <message>
      <source>Accept joint of {name}</source>
      <translation>Accepter l'articulation de {name}</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name}, which turns here. {left}</source>
      <translation>{name2} est maintenant le parent de {name}, qui tourne ici. {left}</translation>
    </message>
    <message>
      <source>The joint of {name} was discarded. {left}</source>
      <translation>L'articulation de {name} a été rejetée. {left}</translation>
    </message>
    <message>
      <source>{count} more are proposed.</source>
      <translation>{count} de plus sont proposées.</translation>
    </message>
    <message>
      <source>No more are proposed.</source>
      <translation>Aucune autre n'est proposée.</translation>
    </message>
    <message>
      <source>Accept {count} joints</source>
      <translation>Accepter {count} articulations</translation>
    </message>
    <message>
      <source>All proposed joints were discarded.</source>
      <translation>Toutes les articulations proposées ont été rejetées.</translation>
    </message>
    <message>
      <source>, {count} of them doubtful</source>
      <translation>, dont {count} douteuses</translation>
    </message>
    <message>
      <source>{count} joints are proposed{words}. Click to accept, drag to correct, Alt+click to discard; Enter accepts all.</source>
      <translation>{count} articulations proposées{words}. Clic accepte, glisser corrige, Alt+clic rejette ; Entrée les accepte toutes.</translation>
    </message>
    <message>
      <source>No joint is missing where parts overlap: all that the art suggests is there already.</source>
      <translation>Aucune articulation ne manque : tout ce que le dessin suggère est déjà là.</translation>
    </message>
    <message>
      <source>{count} joints made.</source>
      <translation>{count} articulations créées.</translation>
    </message>
    <message>
      <source> {names} would close a circle or break a limb and stayed proposed.</source>
      <translation> {names} fermerait un cercle ou casserait un membre et reste proposé.</translation>
    </message>
    <message>
      <source>Add the art first: a figure has two pieces or more.</source>
      <translation>Ajoutez d'abord les dessins : une figure a deux morceaux ou plus.</translation>
    </message>
    <message>
      <source>Working out which piece is which</source>
      <translation>Recherche de quel morceau est quoi</translation>
    </message>
    <message>
      <source>Build the family first; then it can be saved as a plan.</source>
      <translation>Construisez d'abord la famille ; elle pourra être enregistrée comme plan.</translation>
    </message>
    <message>
      <source>{name} is a body plan now, saved as {path}. Build by plan offers it.</source>
      <translation>{name} est maintenant un plan de corps, enregistré sous {path}. Construire par plan le propose.</translation>
    </message>
    <message>
      <source>{plan}, {count} places filled{words}. Drag pieces to other places, click one to clear it; Enter builds.</source>
      <translation>{plan}, {count} places remplies{words}. Glissez des morceaux ailleurs, cliquez-en un pour le libérer ; Entrée construit.</translation>
    </message>
    <message>
      <source>{name} is the {place} now.</source>
      <translation>{name} est maintenant : {place}.</translation>
    </message>
    <message>
      <source>{name} is parented to it</source>
      <translation>{name} en est l'enfant</translation>
    </message>
    <message>
      <source>a limb {name}</source>
      <translation>un membre {name}</translation>
    </message>
    <message>
      <source>Transferring the rig</source>
      <translation>Transfert du rig</translation>
    </message>
    <message>
      <source>Transfer the rig of {name}</source>
      <translation>Transférer le rig de {name}</translation>
    </message>
    <message>
      <source>The rig of {name} was transferred: {count} pieces found their places. {words}</source>
      <translation>Le rig de {name} a été transféré : {count} morceaux ont trouvé leur place. {words}</translation>
    </message>
    <message>
      <source>Building</source>
      <translation>Construction</translation>
    </message>
    <message>
      <source>Build a {plan}</source>
      <translation>Construire : {plan}</translation>
    </message>
    <message>
      <source>{pieces} pieces, {limbs} limbs and {controls} controls were made. Undo removes all of it. {words}</source>
      <translation>{pieces} morceaux, {limbs} membres et {controls} contrôles créés. Annuler retire le tout. {words}</translation>
    </message>
    <message>
      <source>{side} {what}</source>
      <translation>{side} {what}</translation>
    </message>
    <message>
      <source>The plan was discarded.</source>
      <translation>Le plan a été rejeté.</translation>
    </message>
    <message>
      <source>There is no folder for body plans here.</source>
      <translation>Il n'y a pas de dossier pour les plans de corps ici.</translation>
    </message>
    <message>
      <source>Let a plan be guessed first: Build by plan.</source>
      <translation>Faites d'abord deviner un plan : Construire par plan.</translation>
    </message>
    <message>
      <source>{name} is no piece of the figure: it is hidden, or lies on another one as its shade.</source>
      <translation>{name} n'est pas un morceau de la figure : il est masqué, ou sert d'ombre à un autre.</translation>
    </message>
    <message>
      <source>{name} turns {off} px elsewhere</source>
      <translation>{name} tourne {off} px ailleurs</translation>
    </message>
    <message>
      <source>Nothing is missing: all of this plan is there already.</source>
      <translation>Rien ne manque : tout ce plan est déjà là.</translation>
    </message>
    <message>
      <source>Make a limb or a master first; controls are made from them.</source>
      <translation>Créez d'abord un membre ou un maître ; les contrôles en découlent.</translation>
    </message>
    <message>
      <source>Every limb and carrier has its control already.</source>
      <translation>Chaque membre et porteur a déjà son contrôle.</translation>
    </message>
    <message>
      <source>Make {count} control{ending}</source>
      <translation>Créer {count} contrôle{ending}</translation>
    </message>
    <message>
      <source>{count} controls made. Rehearse with them: Ctrl+5.</source>
      <translation>{count} contrôles créés. Répétez avec eux : Ctrl+5.</translation>
    </message>
    <message>
      <source>The proposed controls were discarded.</source>
      <translation>Les contrôles proposés ont été rejetés.</translation>
    </message>
    <message>
      <source>is included again</source>
      <translation>est à nouveau inclus</translation>
    </message>
    <message>
      <source>is excluded</source>
      <translation>est exclu</translation>
    </message>
    <message>
      <source>{name} {word}. Enter makes the others.</source>
      <translation>{name} {word}. Entrée crée les autres.</translation>
    </message>
    <message>
      <source>Select what the control should move first: a part, a rivet or a carrier.</source>
      <translation>Sélectionnez d'abord ce que le contrôle doit bouger : une pièce, un rivet ou un porteur.</translation>
    </message>
    <message>
      <source>Select the parts to choose from first, with Shift.</source>
      <translation>Sélectionnez d'abord les pièces au choix, avec Maj.</translation>
    </message>
    <message>
      <source>for {count} joints</source>
      <translation>pour {count} articulations</translation>
    </message>
    <message>
      <source>Unlock all but controls</source>
      <translation>Tout déverrouiller sauf les contrôles</translation>
    </message>
    <message>
      <source>Only controls can be dragged in Rehearse now.</source>
      <translation>Seuls les contrôles se glissent maintenant en Répétition.</translation>
    </message>
    <message>
      <source>The art can be dragged in Rehearse again.</source>
      <translation>Le dessin se glisse à nouveau en Répétition.</translation>
    </message>
    <message>
      <source>Select what leads first, then Shift+click what should follow.</source>
      <translation>Sélectionnez d'abord ce qui mène, puis Maj+clic sur ce qui doit suivre.</translation>
    </message>
    <message>
      <source>Link {name}</source>
      <translation>Lier {name}</translation>
    </message>
    <message>
      <source>Drag the points of the curve in Details; choose there which values are linked.</source>
      <translation>Glissez les points de la courbe dans Détails ; choisissez-y les valeurs liées.</translation>
    </message>
    <message>
      <source>{count} controls are proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} contrôles proposés. Cliquez-en un pour l'exclure ; Entrée les crée, Échap les rejette.</translation>
    </message>
    <message>
      <source>All proposed controls are excluded; none was made.</source>
      <translation>Tous les contrôles proposés sont exclus ; aucun n'a été créé.</translation>
    </message>
    <message>
      <source>Make {kind} {made}</source>
      <translation>Créer {kind} {made}</translation>
    </message>
    <message>
      <source>These are linked already, by {name}; here is its curve. A second link would add to it.</source>
      <translation>Ils sont déjà liés par {name} ; voici sa courbe. Un second lien s'y ajouterait.</translation>
    </message>
    <message>
      <source>Nothing carries this one.</source>
      <translation>Rien ne porte celui-ci.</translation>
    </message>
    <message>
      <source>This one carries nothing.</source>
      <translation>Celui-ci ne porte rien.</translation>
    </message>
    <message>
      <source>Nudge {keys}</source>
      <translation>Décaler {keys}</translation>
    </message>
    <message>
      <source>Nudge {name}</source>
      <translation>Décaler {name}</translation>
    </message>
    <message>
      <source>Turn {keys}</source>
      <translation>Tourner {keys}</translation>
    </message>
    <message>
      <source>Nudge pivot of {keys}</source>
      <translation>Décaler le pivot de {keys}</translation>
    </message>
    <message>
      <source>Parent {keys} to {name}</source>
      <translation>{name} comme parent de {keys}</translation>
    </message>
    <message>
      <source>Clear parent of {keys}</source>
      <translation>Retirer le parent de {keys}</translation>
    </message>
    <message>
      <source>Carry {keys} together</source>
      <translation>Porter {keys} ensemble</translation>
    </message>
    <message>
      <source>Put a master over everything</source>
      <translation>Mettre un maître sur le tout</translation>
    </message>
    <message>
      <source>to {name}</source>
      <translation>vers {name}</translation>
    </message>
    <message>
      <source>to nothing</source>
      <translation>vers rien</translation>
    </message>
    <message>
      <source>Parent {joints} {where}</source>
      <translation>Parent de {joints} : {where}</translation>
    </message>
    <message>
      <source>Select the joints first, then Shift+click their parent.</source>
      <translation>Sélectionnez d'abord les articulations, puis Maj+clic sur leur parent.</translation>
    </message>
    <message>
      <source>Some of these are parents of that place. Drag fewer, or drop elsewhere.</source>
      <translation>Certains sont les parents de cet endroit. Glissez-en moins, ou déposez ailleurs.</translation>
    </message>
    <message>
      <source>Accept limit of {name}</source>
      <translation>Accepter la limite de {name}</translation>
    </message>
    <message>
      <source>{name} keeps the limit that it has.</source>
      <translation>{name} garde la limite qu'il a.</translation>
    </message>
    <message>
      <source>Accept {count} limits</source>
      <translation>Accepter {count} limites</translation>
    </message>
    <message>
      <source>The limits of {count} joints were set.</source>
      <translation>Les limites de {count} articulations ont été réglées.</translation>
    </message>
    <message>
      <source>Turning the joints</source>
      <translation>Rotation des articulations</translation>
    </message>
    <message>
      <source>Click a picture to accept that limit, or accept all. What is free all the way gets none.</source>
      <translation>Cliquez une image pour accepter cette limite, ou acceptez tout. Ce qui est libre n'en reçoit pas.</translation>
    </message>
    <message>
      <source>None of these joints has a seam to look at: neither it nor what carries it has a drawing there.</source>
      <translation>Aucune de ces articulations n'a de jointure à regarder : ni elle ni ce qui la porte n'a de dessin là.</translation>
    </message>
    <message>
      <source>Cancelled: no limit was changed.</source>
      <translation>Annulé : aucune limite n'a changé.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Rigs cut-out characters: pivots, limbs, limits and controls.&lt;br&gt;&lt;br&gt;Licence: Apache-2.0. Typeface: Alegreya Sans (OFL 1.1). Ordinary icons: Lucide (ISC).</source>
      <translation>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Prépare des personnages découpés : pivots, membres, limites et contrôles.&lt;br&gt;&lt;br&gt;Licence : Apache-2.0. Caractères : Alegreya Sans (OFL 1.1). Icônes ordinaires : Lucide (ISC).</translation>
    </message>
    <message>
      <source>A report is on the clipboard: versions, and the last fault of this run. Nothing else leaves.</source>
      <translation>Un rapport est dans le presse-papiers : les versions et la dernière erreur de cette session. Rien d'autre ne sort.</translation>
    </message>
    <message>
      <source>Find joints first: arms and legs are found by names such as thigh, shin and foot.</source>
      <translation>Trouvez d'abord les articulations : bras et jambes se trouvent par des noms comme thigh, shin et foot.</translation>
    </message>
    <message>
      <source>{count} proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} proposés. Cliquez-en un pour l'exclure ; Entrée les crée, Échap les rejette.</translation>
    </message>
    <message>
      <source>{way} is {ending}. Enter makes the others.</source>
      <translation>{way} est {ending}. Entrée crée les autres.</translation>
    </message>
    <message>
      <source>Make {count} limb{ending} from names</source>
      <translation>Créer {count} membre{ending} d'après les noms</translation>
    </message>
    <message>
      <source>{names}: drag a hook to what it should follow, T turns a bend side. Next: Make controls, K.</source>
      <translation>{names} : glissez un crochet vers ce qu'il suit, T retourne une pliure. Ensuite : Créer les contrôles, K.</translation>
    </message>
    <message>
      <source>The proposed limbs were discarded.</source>
      <translation>Les membres proposés ont été rejetés.</translation>
    </message>
    <message>
      <source>Turn bend side of {keys}</source>
      <translation>Changer le sens de pliure de {keys}</translation>
    </message>
    <message>
      <source>Bend side of {name}</source>
      <translation>Sens de pliure de {name}</translation>
    </message>
    <message>
      <source>Turn the drawn bend of {keys} over</source>
      <translation>Retourner la pliure dessinée de {keys}</translation>
    </message>
    <message>
      <source>Bent to the other side at rest: {names}.</source>
      <translation>Pliés de l'autre côté au repos : {names}.</translation>
    </message>
    <message>
      <source>{name} bends in {count} joints now; its target stands at the new tip. {moved}</source>
      <translation>{name} plie maintenant en {count} articulations ; sa cible est au nouveau bout. {moved}</translation>
    </message>
    <message>
      <source>Select both ends of the limb first, such as shoulder and wrist.</source>
      <translation>Sélectionnez d'abord les deux bouts du membre, par exemple épaule et poignet.</translation>
    </message>
    <message>
      <source>All proposed limbs are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Tous les membres proposés sont exclus. Cliquez-en un pour l'inclure, ou rejetez-les avec Échap.</translation>
    </message>
    <message>
      <source>Drawn bent to the other side: {names}. That stays as it is drawn; Alt+Shift+T turns the drawn bend over.</source>
      <translation>Dessinés pliés de l'autre côté : {names}. Cela reste ainsi ; Alt+Maj+T retourne la pliure dessinée.</translation>
    </message>
    <message>
      <source>Extend {name}</source>
      <translation>Allonger {name}</translation>
    </message>
    <message>
      <source>{name} is drawn straight; T alone turns its bend side.</source>
      <translation>{name} est dessiné droit ; T seul change son sens de pliure.</translation>
    </message>
    <message>
      <source>Remove limit of {keys}</source>
      <translation>Retirer la limite de {keys}</translation>
    </message>
    <message>
      <source>{step} of {keys}</source>
      <translation>{step} de {keys}</translation>
    </message>
    <message>
      <source>Hinge</source>
      <translation>Charnière</translation>
    </message>
    <message>
      <source>Limit on the other side</source>
      <translation>Limite de l'autre côté</translation>
    </message>
    <message>
      <source>Limit of {name} for {count} more</source>
      <translation>Limite de {name} pour {count} de plus</translation>
    </message>
    <message>
      <source>Select the joint that has the limit first, then others with Shift.</source>
      <translation>Sélectionnez d'abord l'articulation qui a la limite, puis d'autres avec Maj.</translation>
    </message>
    <message>
      <source>Limit {degrees}° either way</source>
      <translation>Limite de {degrees}° de chaque côté</translation>
    </message>
    <message>
      <source>Replace in {count} names</source>
      <translation>Remplacer dans {count} noms</translation>
    </message>
    <message>
      <source>Renamed: {names}.</source>
      <translation>Renommés : {names}.</translation>
    </message>
    <message>
      <source>Select a part that was trimmed first.</source>
      <translation>Sélectionnez d'abord une pièce rognée.</translation>
    </message>
    <message>
      <source> with {count} limbs</source>
      <translation> avec {count} membres</translation>
    </message>
    <message>
      <source>{step}: {parts} part{ending}{with_limbs}, joined to copies alone.</source>
      <translation>{step} : {parts} pièce{ending}{with_limbs}, rattachées aux seules copies.</translation>
    </message>
    <message>
      <source>Reference picture {name}</source>
      <translation>Image de référence {name}</translation>
    </message>
    <message>
      <source>Part {name} again</source>
      <translation>{name} à nouveau une pièce</translation>
    </message>
    <message>
      <source>Bring back all of {part}</source>
      <translation>Rétablir tout {part}</translation>
    </message>
    <message>
      <source>{name} at two depths</source>
      <translation>{name} à deux profondeurs</translation>
    </message>
    <message>
      <source>{name} rides along in front. Trim it (B) to the piece that should be seen there.</source>
      <translation>{name} suit devant. Rognez-la (B) au morceau qui doit s'y voir.</translation>
    </message>
    <message>
      <source>Clear {count} guides</source>
      <translation>Effacer {count} repères</translation>
    </message>
    <message>
      <source>There are no guides. Show the rulers and pull one out.</source>
      <translation>Il n'y a pas de repères. Affichez les règles et tirez-en un.</translation>
    </message>
    <message>
      <source>Select two or more parts first.</source>
      <translation>Sélectionnez d'abord deux pièces ou plus.</translation>
    </message>
    <message>
      <source>Select one part first.</source>
      <translation>Sélectionnez d'abord une seule pièce.</translation>
    </message>
    <message>
      <source> with a limb</source>
      <translation> avec un membre</translation>
    </message>
    <message>
      <source>Align {count} parts {edge}</source>
      <translation>Aligner {count} pièces {edge}</translation>
    </message>
    <message>
      <source>Spread {count} parts {axis}</source>
      <translation>Répartir {count} pièces {axis}</translation>
    </message>
    <message>
      <source>{name} is a reference picture now: dimmed, behind everything, never picked on the board or exported.</source>
      <translation>{name} est maintenant une image de référence : estompée, derrière tout, jamais choisie ni exportée.</translation>
    </message>
    <message>
      <source>Painting {path}</source>
      <translation>Peinture de {path}</translation>
    </message>
    <message>
      <source>Cover the seam of {name}</source>
      <translation>Couvrir la jointure de {name}</translation>
    </message>
    <message>
      <source>{name} made: a seam cover turns with its joint and has its own place in the depth rail.</source>
      <translation>{name} créé : un cache tourne avec son articulation et a sa place dans le rail de profondeur.</translation>
    </message>
    <message>
      <source>Shade {count} part{ending}</source>
      <translation>Ombrer {count} pièce{ending}</translation>
    </message>
    <message>
      <source>Lamp light</source>
      <translation>Lumière de lampe</translation>
    </message>
    <message>
      <source>{name} has no drawing whose colour a cover could take. Select a joint with a part.</source>
      <translation>{name} n'a pas de dessin dont un cache prendrait la couleur. Sélectionnez une articulation avec une pièce.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so there is no seam to cover. Move the pivot first.</source>
      <translation>Le pivot de {name} est hors de son dessin, il n'y a donc pas de jointure à couvrir. Déplacez d'abord le pivot.</translation>
    </message>
    <message>
      <source>A cover is one drawing, and this has {count} layers. Choose a picture of one.</source>
      <translation>Un cache est un seul dessin, et ceci a {count} calques. Choisissez une image à un calque.</translation>
    </message>
    <message>
      <source>{name} lies on no part any more, so it can't be made again.</source>
      <translation>{name} n'est plus sur aucune pièce, on ne peut donc pas le refaire.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it stays as it was.</source>
      <translation>{name} ne montrerait rien ici et reste donc tel quel.</translation>
    </message>
    <message>
      <source>Show {name}</source>
      <translation>Afficher {name}</translation>
    </message>
    <message>
      <source>Hide {name}</source>
      <translation>Masquer {name}</translation>
    </message>
    <message>
      <source>Lock {name}</source>
      <translation>Verrouiller {name}</translation>
    </message>
    <message>
      <source>Unlock {name}</source>
      <translation>Déverrouiller {name}</translation>
    </message>
    <message>
      <source>{name} is locked. Click its padlock in the family to unlock it.</source>
      <translation>{name} est verrouillé. Cliquez son cadenas dans la famille pour le libérer.</translation>
    </message>
    <message>
      <source>The draw order of {names} is keyed at frame {frame}, and holds from there on.</source>
      <translation>L'ordre de {names} est en clé à l'image {frame} et vaut dès là.</translation>
    </message>
    <message>
      <source>Reset {keys}</source>
      <translation>Remettre {keys} au repos</translation>
    </message>
    <message>
      <source>Reset the pose</source>
      <translation>Remettre la pose au repos</translation>
    </message>
    <message>
      <source>Reset the branch of {joint}</source>
      <translation>Remettre la branche de {joint} au repos</translation>
    </message>
    <message>
      <source>This is the rest pose now. </source>
      <translation>C'est maintenant la pose de repos. </translation>
    </message>
    <message>
      <source>There are no parts yet. Open a layered picture first.</source>
      <translation>Il n'y a pas encore de pièces. Ouvrez d'abord une image à calques.</translation>
    </message>
    <message>
      <source>Select one or more parts first.</source>
      <translation>Sélectionnez d'abord une pièce ou plus.</translation>
    </message>
    <message>
      <source>Select one or more joints first.</source>
      <translation>Sélectionnez d'abord une articulation ou plus.</translation>
    </message>
    <message>
      <source>Select one joint first.</source>
      <translation>Sélectionnez d'abord une seule articulation.</translation>
    </message>
    <message>
      <source>Select something first.</source>
      <translation>Sélectionnez d'abord quelque chose.</translation>
    </message>
    <message>
      <source>Select a limb first: click its hook, or one of its joints.</source>
      <translation>Sélectionnez d'abord un membre : cliquez son crochet ou une de ses articulations.</translation>
    </message>
    <message>
      <source>Select a joint that has a limit first.</source>
      <translation>Sélectionnez d'abord une articulation qui a une limite.</translation>
    </message>
    <message>
      <source>This puppet has a master already.</source>
      <translation>Cette marionnette a déjà un maître.</translation>
    </message>
    <message>
      <source>The puppet is at rest.</source>
      <translation>La marionnette est au repos.</translation>
    </message>
    <message>
      <source>There is nothing to undo.</source>
      <translation>Il n'y a rien à annuler.</translation>
    </message>
    <message>
      <source>There is nothing to redo.</source>
      <translation>Il n'y a rien à rétablir.</translation>
    </message>
    <message>
      <source>No point is held. Choose Whole body and click the art to hold it there.</source>
      <translation>Aucun point n'est tenu. Choisissez Corps entier et cliquez le dessin pour l'y tenir.</translation>
    </message>
    <message>
      <source>Make limbs first: legs are found by them.</source>
      <translation>Créez d'abord des membres : les jambes se trouvent par eux.</translation>
    </message>
    <message>
      <source>Remove {name}</source>
      <translation>Retirer {name}</translation>
    </message>
    <message>
      <source>{name} was removed with {others}.</source>
      <translation>{name} a été retiré avec {others}.</translation>
    </message>
    <message>
      <source>{carrier} is now the parent of: {names}.</source>
      <translation>{carrier} est maintenant le parent de : {names}.</translation>
    </message>
    <message>
      <source>No longer clipped: {names}.</source>
      <translation>Plus découpés : {names}.</translation>
    </message>
    <message>
      <source>{error} Shift+Delete removes both.</source>
      <translation>{error} Maj+Suppr retire les deux.</translation>
    </message>
    <message>
      <source>Undo brings all of it back.</source>
      <translation>Annuler rétablit le tout.</translation>
    </message>
    <message>
      <source>Select the head first, or all pieces of the face.</source>
      <translation>Sélectionnez d'abord la tête, ou tous les morceaux du visage.</translation>
    </message>
    <message>
      <source>{name} stays as it is when the head turns.</source>
      <translation>{name} reste tel quel quand la tête tourne.</translation>
    </message>
    <message>
      <source>A head {view}, {sure} sure. Click a piece to leave it out; Enter makes what is ticked, Esc discards it.</source>
      <translation>Une tête {view}, sûr à {sure}. Cliquez un morceau pour l'exclure ; Entrée crée ce qui est coché, Échap rejette.</translation>
    </message>
    <message>
      <source>from the front</source>
      <translation>de face</translation>
    </message>
    <message>
      <source>in half profile</source>
      <translation>de trois quarts</translation>
    </message>
    <message>
      <source>in profile</source>
      <translation>de profil</translation>
    </message>
    <message>
      <source>Make {names} for a face</source>
      <translation>Créer {names} pour un visage</translation>
    </message>
    <message>
      <source>{names}: drag the beads. Correct any of their poses with Pose at this value.</source>
      <translation>{names} : glissez les perles. Corrigez leurs poses avec Pose à cette valeur.</translation>
    </message>
    <message>
      <source>The head turn was discarded; nothing was made.</source>
      <translation>La rotation de tête a été rejetée ; rien n'a été créé.</translation>
    </message>
    <message>
      <source>Nothing is ticked. Tick what shall be made for this face, or press Esc.</source>
      <translation>Rien n'est coché. Cochez ce qu'il faut créer pour ce visage, ou appuyez sur Échap.</translation>
    </message>
    <message>
      <source>{name} turns with the head.</source>
      <translation>{name} tourne avec la tête.</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint first; the pose belongs to its value.</source>
      <translation>Sélectionnez d'abord un curseur, un pavé, un sélecteur ou une articulation ; la pose appartient à sa valeur.</translation>
    </message>
    <message>
      <source>Bend a joint in Rehearse first, as far as it looks wrong, and select it.</source>
      <translation>Pliez d'abord une articulation en Répétition, jusqu'où l'aspect est faux, et sélectionnez-la.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}</source>
      <translation>Poser {name} à {value}</translation>
    </message>
    <message>
      <source>Remove the pose of {name} at {value}</source>
      <translation>Retirer la pose de {name} à {value}</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint that has poses.</source>
      <translation>Sélectionnez un curseur, un pavé, un sélecteur ou une articulation qui a des poses.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}: Enter accepts it, Esc discards it.</source>
      <translation>Pose de {name} à {value} : Entrée l'accepte, Échap la rejette.</translation>
    </message>
    <message>
      <source>{name} is bent to {turn}: push the art until it looks right. Enter accepts it.</source>
      <translation>{name} est plié à {turn} : poussez le dessin jusqu'à ce que ce soit juste. Entrée l'accepte.</translation>
    </message>
    <message>
      <source>What was posed was discarded. Ctrl+Shift+Z restores it.</source>
      <translation>Ce qui a été posé a été rejeté. Ctrl+Maj+Z le rétablit.</translation>
    </message>
    <message>
      <source>Mirror a pose of {name}</source>
      <translation>Retourner une pose de {name}</translation>
    </message>
    <message>
      <source>The pose was mirrored to the other side of {name}.</source>
      <translation>La pose a été mise en miroir de l'autre côté de {name}.</translation>
    </message>
    <message>
      <source>Mirror {name}</source>
      <translation>Retourner {name}</translation>
    </message>
    <message>
      <source>{name} does the same on the other side.</source>
      <translation>{name} fait de même de l'autre côté.</translation>
    </message>
    <message>
      <source>Drag its bead, then pose what belongs there with Pose at this value.</source>
      <translation>Glissez sa perle, puis posez ce qui va là avec Pose à cette valeur.</translation>
    </message>
    <message>
      <source>Nothing was posed, so nothing was made.</source>
      <translation>Rien n'a été posé, rien n'a donc été créé.</translation>
    </message>
    <message>
      <source>{name} shows this pose at {value}. Drag its bead to see it come and go.</source>
      <translation>{name} montre cette pose à {value}. Glissez sa perle pour la voir venir et partir.</translation>
    </message>
    <message>
      <source>{name} shows this pose when it is turned to {value}.</source>
      <translation>{name} montre cette pose quand il est tourné à {value}.</translation>
    </message>
    <message>
      <source>{name} is turned by its limb. Bend it as far as this pose.</source>
      <translation>{name} est tourné par son membre. Pliez-le jusqu'à cette pose.</translation>
    </message>
    <message>
      <source>{name} is at rest. Turn it first, then pose what goes with it.</source>
      <translation>{name} est au repos. Tournez-le d'abord, puis posez ce qui va avec.</translation>
    </message>
    <message>
      <source>{name} is at its neutral value, where the puppet is as drawn. Drag its bead first.</source>
      <translation>{name} est à sa valeur neutre, où la marionnette est comme dessinée. Glissez d'abord sa perle.</translation>
    </message>
    <message>
      <source>Bend {name} as far as this pose first; its limb turns it.</source>
      <translation>Pliez d'abord {name} jusqu'à cette pose ; son membre le tourne.</translation>
    </message>
    <message>
      <source>{name} shows; it can't reach where the hand was, {away} px are missing.</source>
      <translation>{name} se voit ; il n'atteint pas la place de la main, il manque {away} px.</translation>
    </message>
    <message>
      <source>Select a part, a chooser or a branch of a variant set first.</source>
      <translation>Sélectionnez d'abord une pièce, un sélecteur ou une branche d'un jeu de variantes.</translation>
    </message>
    <message>
      <source>Select a part of a set, or several parts with Shift, first.</source>
      <translation>Sélectionnez d'abord une pièce d'un jeu, ou plusieurs pièces avec Maj.</translation>
    </message>
    <message>
      <source>Select a drawing of a variant set first.</source>
      <translation>Sélectionnez d'abord un dessin d'un jeu de variantes.</translation>
    </message>
    <message>
      <source>Select the joint with which the branch begins first.</source>
      <translation>Sélectionnez d'abord l'articulation où la branche commence.</translation>
    </message>
    <message>
      <source>Select the joints with which the branches begin first, with Shift.</source>
      <translation>Sélectionnez d'abord avec Maj les articulations où les branches commencent.</translation>
    </message>
    <message>
      <source>Show {name} of {set}</source>
      <translation>Montrer {name} de {set}</translation>
    </message>
    <message>
      <source>Make the set {name}</source>
      <translation>Créer le jeu {name}</translation>
    </message>
    <message>
      <source>One of {count} shows at a time now. [ and ] go through {name}; K makes a chooser of it.</source>
      <translation>Un sur {count} se voit à la fois. [ et ] parcourent {name} ; K en fait un sélecteur.</translation>
    </message>
    <message>
      <source>Copy {name} as a variant</source>
      <translation>Copier {name} comme variante</translation>
    </message>
    <message>
      <source>The copy is a variant of its own: bend it, and give it other drawings.</source>
      <translation>La copie est une variante à part : pliez-la et donnez-lui d'autres dessins.</translation>
    </message>
    <message>
      <source>Remove {count} from their sets</source>
      <translation>Retirer {count} de leurs jeux</translation>
    </message>
    <message>
      <source>Make {name}</source>
      <translation>Créer {name}</translation>
    </message>
    <message>
      <source>One of these parts shows at a time now; click its thumbnail in Rehearse.</source>
      <translation>Une de ces pièces se voit à la fois ; cliquez sa vignette en Répétition.</translation>
    </message>
    <message>
      <source>Name {name}</source>
      <translation>Nommer {name}</translation>
    </message>
    <message>
      <source>Show {name} at rest</source>
      <translation>Montrer {name} au repos</translation>
    </message>
    <message>
      <source>Remove {name} from its set</source>
      <translation>Retirer {name} de son jeu</translation>
    </message>
    <message>
      <source>Order the variants</source>
      <translation>Ordonner les variantes</translation>
    </message>
    <message>
      <source>Keep the hand's place</source>
      <translation>Garder la place de la main</translation>
    </message>
    <message>
      <source>{name} shows.</source>
      <translation>{name} se voit.</translation>
    </message>
    <message>
      <source>Align {part}</source>
      <translation>Aligner {part}</translation>
    </message>
    <message>
      <source>Select a part, a joint, controls or links first.</source>
      <translation>Sélectionnez d'abord une pièce, une articulation, des contrôles ou des liens.</translation>
    </message>
    <message>
      <source>Select a part or a joint first; its branch goes along.</source>
      <translation>Sélectionnez d'abord une pièce ou une articulation ; sa branche suit.</translation>
    </message>
    <message>
      <source>{name} is on the clipboard: {count} parts. Paste it here or in another window.</source>
      <translation>{name} est dans le presse-papiers : {count} pièces. Collez ici ou dans une autre fenêtre.</translation>
    </message>
    <message>
      <source>The take {name} is on the clipboard, by names.</source>
      <translation>La prise {name} est dans le presse-papiers, par noms.</translation>
    </message>
    <message>
      <source>Paste the take {name}</source>
      <translation>Coller la prise {name}</translation>
    </message>
    <message>
      <source>Paste by names</source>
      <translation>Coller par noms</translation>
    </message>
    <message>
      <source> This puppet has no {names}.</source>
      <translation> Cette marionnette n'a pas {names}.</translation>
    </message>
    <message>
      <source>Pasted: {what}.{lost}</source>
      <translation>Collé : {what}.{lost}</translation>
    </message>
    <message>
      <source>Insert {name}</source>
      <translation>Insérer {name}</translation>
    </message>
    <message>
      <source>, on {name}</source>
      <translation>, sur {name}</translation>
    </message>
    <message>
      <source>{name} was inserted{where}: {count} parts. Ctrl+Alt+Up and Down scale it.</source>
      <translation>{name} a été inséré{where} : {count} pièces. Ctrl+Alt+Haut et Bas changent sa taille.</translation>
    </message>
    <message>
      <source>{what} on the clipboard, by names.</source>
      <translation>{what} dans le presse-papiers, par noms.</translation>
    </message>
    <message>
      <source>What is on the clipboard can't be used here: {fault}.</source>
      <translation>Le contenu du presse-papiers ne convient pas ici : {fault}.</translation>
    </message>
    <message>
      <source>larger</source>
      <translation>plus grand</translation>
    </message>
    <message>
      <source>smaller</source>
      <translation>plus petit</translation>
    </message>
    <message>
      <source>Make {name} {word}</source>
      <translation>Rendre {name} {word}</translation>
    </message>
    <message>
      <source>There is no branch, control, link or take on the clipboard. Copy one here or in another window first.</source>
      <translation>Il n'y a ni branche, ni contrôle, ni lien, ni prise dans le presse-papiers. Copiez-en d'abord ici ou dans une autre fenêtre.</translation>
    </message>
    <message>
      <source>Select something of a guest first.</source>
      <translation>Sélectionnez d'abord quelque chose d'une invitée.</translation>
    </message>
    <message>
      <source>Insert {name} as a guest</source>
      <translation>Insérer {name} comme invitée</translation>
    </message>
    <message>
      <source>{name} is a guest: {count} parts, moved as one. Its own file stays what it is.</source>
      <translation>{name} est une invitée : {count} pièces, déplacées d'un bloc. Son fichier reste ce qu'il est.</translation>
    </message>
    <message>
      <source>Place {name}</source>
      <translation>Placer {name}</translation>
    </message>
    <message>
      <source>Spread {name} over depths</source>
      <translation>Répartir {name} en profondeurs</translation>
    </message>
    <message>
      <source>{name} at one depth</source>
      <translation>{name} à une seule profondeur</translation>
    </message>
    <message>
      <source>Hide the controls of {name}</source>
      <translation>Masquer les contrôles de {name}</translation>
    </message>
    <message>
      <source>Show the controls of {name}</source>
      <translation>Afficher les contrôles de {name}</translation>
    </message>
    <message>
      <source>Update {name}</source>
      <translation>Mettre {name} à jour</translation>
    </message>
    <message>
      <source>{name} is as its file has it. {told}</source>
      <translation>{name} est comme dans son fichier. {told}</translation>
    </message>
    <message>
      <source>Detach {name} from its file</source>
      <translation>Détacher {name} de son fichier</translation>
    </message>
    <message>
      <source>{name} is no guest any more: all of it can be changed here.</source>
      <translation>{name} n'est plus une invitée : tout peut y être changé ici.</translation>
    </message>
    <message>
      <source>{name} was inserted at the current frame.</source>
      <translation>{name} a été insérée à l'image actuelle.</translation>
    </message>
    <message>
      <source>Where guests come from</source>
      <translation>D'où viennent les invitées</translation>
    </message>
    <message>
      <source>Version {count}</source>
      <translation>Version {count}</translation>
    </message>
    <message>
      <source>Save {name}</source>
      <translation>Enregistrer {name}</translation>
    </message>
    <message>
      <source>{name} is kept in the file. Double-click its name to change it.</source>
      <translation>{name} est gardée dans le fichier. Double-cliquez son nom pour le changer.</translation>
    </message>
    <message>
      <source>Name {strip}</source>
      <translation>Nommer {strip}</translation>
    </message>
    <message>
      <source>Restore {name}</source>
      <translation>Restaurer {name}</translation>
    </message>
    <message>
      <source>Everything is as it was at {name}. Undo leads back to now.</source>
      <translation>Tout est comme à {name}. Annuler ramène à maintenant.</translation>
    </message>
    <message>
      <source>Pose {count}</source>
      <translation>Pose {count}</translation>
    </message>
    <message>
      <source> for this part only</source>
      <translation> pour cette partie seule</translation>
    </message>
    <message>
      <source>{name} was saved{part}. Double click its name to rename it.</source>
      <translation>{name} enregistrée{part}. Double-cliquez son nom pour la renommer.</translation>
    </message>
    <message>
      <source>The pose is on the clipboard: {count} values by name.</source>
      <translation>La pose est dans le presse-papiers : {count} valeurs par nom.</translation>
    </message>
    <message>
      <source>Paste pose</source>
      <translation>Coller la pose</translation>
    </message>
    <message>
      <source>Load pose</source>
      <translation>Charger la pose</translation>
    </message>
    <message>
      <source>Pose loaded: {count} values.{words}</source>
      <translation>Pose chargée : {count} valeurs.{words}</translation>
    </message>
    <message>
      <source>Select what the pose should be for first: controls, or pieces of the puppet.</source>
      <translation>Sélectionnez d'abord pour quoi est la pose : des contrôles ou des morceaux.</translation>
    </message>
    <message>
      <source>There is no pose on the clipboard. Copy one here or in another window first.</source>
      <translation>Il n'y a pas de pose dans le presse-papiers. Copiez-en une d'abord ici ou dans une autre fenêtre.</translation>
    </message>
    <message>
      <source>This file holds no pose. Export a pose file here or in another window first.</source>
      <translation>Ce fichier ne contient pas de pose. Exportez d'abord un fichier de pose ici ou dans une autre fenêtre.</translation>
    </message>
    <message>
      <source>Move {count} keys</source>
      <translation>Déplacer {count} clés</translation>
    </message>
    <message>
      <source>There is no take yet. Pose something in Takes, or make a take.</source>
      <translation>Il n'y a pas encore de prise. Posez quelque chose dans Prises, ou créez une prise.</translation>
    </message>
    <message>
      <source>Drag {count} keys</source>
      <translation>Glisser {count} clés</translation>
    </message>
    <message>
      <source>Type a value for {count} keys</source>
      <translation>Saisir une valeur pour {count} clés</translation>
    </message>
    <message>
      <source>Ease {count} keys</source>
      <translation>Adoucir {count} clés</translation>
    </message>
    <message>
      <source>Stretch {count} keys</source>
      <translation>Étirer {count} clés</translation>
    </message>
    <message>
      <source>Bend a curve</source>
      <translation>Courber une courbe</translation>
    </message>
    <message>
      <source>Move the layer by {count} frames</source>
      <translation>Déplacer le calque de {count} images</translation>
    </message>
    <message>
      <source>beginning</source>
      <translation>début</translation>
    </message>
    <message>
      <source>end</source>
      <translation>fin</translation>
    </message>
    <message>
      <source>Put the {word} at frame {frame}</source>
      <translation>Mettre : {word} à l'image {frame}</translation>
    </message>
    <message>
      <source>Copy {count} keys</source>
      <translation>Copier {count} clés</translation>
    </message>
    <message>
      <source>This take has no layers yet.</source>
      <translation>Cette prise n'a pas encore de calques.</translation>
    </message>
    <message>
      <source>Open a layer on the tape first: click its name.</source>
      <translation>Ouvrez d'abord un calque sur la bande : cliquez son nom.</translation>
    </message>
    <message>
      <source>There is no other take to add as a layer.</source>
      <translation>Il n'y a pas d'autre prise à ajouter comme calque.</translation>
    </message>
    <message>
      <source>The layer {name} is keyed now.</source>
      <translation>Le calque {name} reçoit maintenant les clés.</translation>
    </message>
    <message>
      <source>The take itself is keyed now.</source>
      <translation>La prise elle-même reçoit maintenant les clés.</translation>
    </message>
    <message>
      <source>{name} on</source>
      <translation>{name} actif</translation>
    </message>
    <message>
      <source>{name} off</source>
      <translation>{name} inactif</translation>
    </message>
    <message>
      <source>Amount of {name}</source>
      <translation>Force de {name}</translation>
    </message>
    <message>
      <source>Remove the layer {name}</source>
      <translation>Retirer le calque {name}</translation>
    </message>
    <message>
      <source>Move {name} up</source>
      <translation>Monter {name}</translation>
    </message>
    <message>
      <source>Flatten the layers of {name}</source>
      <translation>Aplatir les calques de {name}</translation>
    </message>
    <message>
      <source>{name} is one take now, of {count} keys, and looks the same.</source>
      <translation>{name} est maintenant une prise de {count} clés, d'aspect inchangé.</translation>
    </message>
    <message>
      <source>Change how {name} is added</source>
      <translation>Changer comment {name} s'ajoute</translation>
    </message>
    <message>
      <source>{name} is the only layer.</source>
      <translation>{name} est le seul calque.</translation>
    </message>
    <message>
      <source>Select the joint where the swing should begin: on a tail, a scarf, an ear.</source>
      <translation>Sélectionnez l'articulation où le balancement commence : sur une queue, une écharpe, une oreille.</translation>
    </message>
    <message>
      <source>Let {name} swing</source>
      <translation>Balancer {name}</translation>
    </message>
    <message>
      <source>Stop {name} swinging</source>
      <translation>Ne plus balancer {name}</translation>
    </message>
    <message>
      <source>{count} joints have a key at every frame, and do not swing in this take.</source>
      <translation>{count} articulations ont une clé à chaque image et ne se balancent pas dans cette prise.</translation>
    </message>
    <message>
      <source>The walk has a key at every frame, which can be corrected.</source>
      <translation>La marche a une clé à chaque image, que l'on peut corriger.</translation>
    </message>
    <message>
      <source>Limbs turn these joints, so they can't swing. Choose a tail, a scarf, an ear.</source>
      <translation>Des membres tournent ces articulations, elles ne se balancent donc pas. Choisissez une queue, une écharpe, une oreille.</translation>
    </message>
    <message>
      <source>{count} joints swing after what carries them, in every take.</source>
      <translation>{count} articulations se balancent d'après ce qui les porte, dans chaque prise.</translation>
    </message>
    <message>
      <source>{count} joints stopped swinging.</source>
      <translation>{count} articulations ne se balancent plus.</translation>
    </message>
    <message>
      <source>This take walks by itself. Use 'Bake walk to keys' first.</source>
      <translation>Cette prise marche d'elle-même. Utilisez d'abord « Marche en clés ».</translation>
    </message>
    <message>
      <source>Perform {names}</source>
      <translation>Jouer {names}</translation>
    </message>
    <message>
      <source>The pass was keyed. Perform again to add the next one.</source>
      <translation>Le passage est en clés. Jouez à nouveau pour ajouter le suivant.</translation>
    </message>
    <message>
      <source>The pass was discarded.</source>
      <translation>Le passage a été rejeté.</translation>
    </message>
    <message>
      <source>Drag your control when time runs; releasing it ends the pass. Esc discards it.</source>
      <translation>Glissez votre contrôle quand le temps court ; relâcher finit le passage. Échap le rejette.</translation>
    </message>
    <message>
      <source>Press and hold a control: after a count of three you are recorded.</source>
      <translation>Appuyez sur un contrôle et tenez-le : après trois, vous êtes enregistré.</translation>
    </message>
    <message>
      <source>Start a walk</source>
      <translation>Commencer une marche</translation>
    </message>
    <message>
      <source>Make the walk</source>
      <translation>Créer la marche</translation>
    </message>
    <message>
      <source>Delay down the chain</source>
      <translation>Retarder le long de la chaîne</translation>
    </message>
    <message>
      <source>Delay</source>
      <translation>Retarder</translation>
    </message>
    <message>
      <source>Spread selected keys</source>
      <translation>Échelonner les clés sélectionnées</translation>
    </message>
    <message>
      <source>Spread</source>
      <translation>Échelonner</translation>
    </message>
    <message>
      <source>Scatter selected keys</source>
      <translation>Disperser les clés sélectionnées</translation>
    </message>
    <message>
      <source>Scatter</source>
      <translation>Disperser</translation>
    </message>
    <message>
      <source>Ease all</source>
      <translation>Adoucir tout</translation>
    </message>
    <message>
      <source>Ease</source>
      <translation>Adoucir</translation>
    </message>
    <message>
      <source>Let it breathe</source>
      <translation>Faire respirer</translation>
    </message>
    <message>
      <source>Breathe</source>
      <translation>Respirer</translation>
    </message>
    <message>
      <source>Let it blink</source>
      <translation>Faire cligner</translation>
    </message>
    <message>
      <source>Blink</source>
      <translation>Cligner</translation>
    </message>
    <message>
      <source>Play through the variants</source>
      <translation>Passer par les variantes</translation>
    </message>
    <message>
      <source>Play through</source>
      <translation>Parcourir</translation>
    </message>
    <message>
      <source>What {name} follows from here</source>
      <translation>Ce que {name} suit à partir d'ici</translation>
    </message>
    <message>
      <source>Follow</source>
      <translation>Suivre</translation>
    </message>
    <message>
      <source>Change bend side here</source>
      <translation>Changer le sens de pliure ici</translation>
    </message>
    <message>
      <source>Change side</source>
      <translation>Changer de côté</translation>
    </message>
    <message>
      <source>Add {name} as a layer of {name2}</source>
      <translation>Ajouter {name} comme calque de {name2}</translation>
    </message>
    <message>
      <source>{name} is a layer of {name2} now. Click its name on the tape to key it.</source>
      <translation>{name} est maintenant un calque de {name2}. Cliquez son nom sur la bande pour ses clés.</translation>
    </message>
    <message>
      <source>Add a take as a layer</source>
      <translation>Ajouter une prise comme calque</translation>
    </message>
    <message>
      <source>Add layer</source>
      <translation>Ajouter le calque</translation>
    </message>
    <message>
      <source>Walk</source>
      <translation>Marche</translation>
    </message>
    <message>
      <source>Trot</source>
      <translation>Trot</translation>
    </message>
    <message>
      <source>Three and three</source>
      <translation>Trois et trois</translation>
    </message>
    <message>
      <source>Tiptoe</source>
      <translation>Pointe des pieds</translation>
    </message>
    <message>
      <source>On the spot</source>
      <translation>Sur place</translation>
    </message>
    <message>
      <source>Move the master along</source>
      <translation>Avance le maître</translation>
    </message>
    <message>
      <source>Follow the master's keys</source>
      <translation>Suit les clés du maître</translation>
    </message>
    <message>
      <source>Delay {count} joints down the chain</source>
      <translation>Retarder {count} articulations le long de la chaîne</translation>
    </message>
    <message>
      <source>Spread {count} keys</source>
      <translation>Échelonner {count} clés</translation>
    </message>
    <message>
      <source>Scatter {count} keys</source>
      <translation>Disperser {count} clés</translation>
    </message>
    <message>
      <source>Play through {name}</source>
      <translation>Passer par {name}</translation>
    </message>
    <message>
      <source>Select what should follow first, then Shift+click what it should follow.</source>
      <translation>Sélectionnez d'abord ce qui doit suivre, puis Maj+clic sur ce qui est suivi.</translation>
    </message>
    <message>
      <source>Let {name} follow something else</source>
      <translation>Faire suivre autre chose à {name}</translation>
    </message>
    <message>
      <source>Select the hand or foot of the limb that should bend to its other side.</source>
      <translation>Sélectionnez la main ou le pied du membre qui doit plier de l'autre côté.</translation>
    </message>
    <message>
      <source>Change the bend side of {name}</source>
      <translation>Changer le sens de pliure de {name}</translation>
    </message>
    <message>
      <source>Is added</source>
      <translation>S'ajoute</translation>
    </message>
    <message>
      <source>Takes over</source>
      <translation>Prend le relais</translation>
    </message>
    <message>
      <source>{step}: ordinary keys. Correct them on the tape.</source>
      <translation>{step} : des clés ordinaires. Corrigez-les sur la bande.</translation>
    </message>
    <message>
      <source>Gait</source>
      <translation>Allure</translation>
    </message>
    <message>
      <source>Where</source>
      <translation>Où</translation>
    </message>
    <message>
      <source>Stride</source>
      <translation>Foulée</translation>
    </message>
    <message>
      <source>Frames for two steps</source>
      <translation>Images pour deux pas</translation>
    </message>
    <message>
      <source>Lift</source>
      <translation>Levée</translation>
    </message>
    <message>
      <source>Bob</source>
      <translation>Rebond</translation>
    </message>
    <message>
      <source>Lean</source>
      <translation>Penché</translation>
    </message>
    <message>
      <source>Frames from joint to joint</source>
      <translation>Images d'articulation à articulation</translation>
    </message>
    <message>
      <source>Frames from one to the next</source>
      <translation>Images de l'un au suivant</translation>
    </message>
    <message>
      <source>Frames at most</source>
      <translation>Images au plus</translation>
    </message>
    <message>
      <source>Seed</source>
      <translation>Graine</translation>
    </message>
    <message>
      <source>Ease length</source>
      <translation>Longueur d'adoucissement</translation>
    </message>
    <message>
      <source>Depth, in shares of its height</source>
      <translation>Ampleur, en parts de la hauteur</translation>
    </message>
    <message>
      <source>Frames of a breath</source>
      <translation>Images par souffle</translation>
    </message>
    <message>
      <source>Chest turns, in degrees</source>
      <translation>Le buste tourne, en degrés</translation>
    </message>
    <message>
      <source>Frames between blinks, at least</source>
      <translation>Images entre clignements, au moins</translation>
    </message>
    <message>
      <source>At most</source>
      <translation>Au plus</translation>
    </message>
    <message>
      <source>Frames shut</source>
      <translation>Images fermées</translation>
    </message>
    <message>
      <source>Delay between eyes, in frames</source>
      <translation>Retard entre les yeux, en images</translation>
    </message>
    <message>
      <source>Order</source>
      <translation>Ordre</translation>
    </message>
    <message>
      <source>Frames each</source>
      <translation>Images chacune</translation>
    </message>
    <message>
      <source>The board</source>
      <translation>Le plateau</translation>
    </message>
    <message>
      <source>Follows</source>
      <translation>Suit</translation>
    </message>
    <message>
      <source>Blended over frames</source>
      <translation>Fondu sur des images</translation>
    </message>
    <message>
      <source>Frames to blend, 0 for at once</source>
      <translation>Images de fondu, 0 pour aussitôt</translation>
    </message>
    <message>
      <source>Take</source>
      <translation>Prise</translation>
    </message>
    <message>
      <source>Mode</source>
      <translation>Mode</translation>
    </message>
    <message>
      <source>Amount, in percent</source>
      <translation>Force, en pour cent</translation>
    </message>
    <message>
      <source>There and back</source>
      <translation>Aller et retour</translation>
    </message>
    <message>
      <source>Once</source>
      <translation>Une fois</translation>
    </message>
    <message>
      <source>Move the sound by {count} frames</source>
      <translation>Déplacer le son de {count} images</translation>
    </message>
    <message>
      <source>{name} has no sound yet. Add one first.</source>
      <translation>{name} n'a pas encore de son. Ajoutez-en un d'abord.</translation>
    </message>
    <message>
      <source>Reading {name}</source>
      <translation>Lecture de {name}</translation>
    </message>
    <message>
      <source>Add {name} to {take}</source>
      <translation>Ajouter {name} à {take}</translation>
    </message>
    <message>
      <source>{name} lasts {seconds} s. Drag its row to move it, its ends to trim it.</source>
      <translation>{name} dure {seconds} s. Glissez sa ligne pour le déplacer, ses bouts pour le rogner.</translation>
    </message>
    <message>
      <source>Mark the sound</source>
      <translation>Marquer le son</translation>
    </message>
    <message>
      <source>Mark {count} accents</source>
      <translation>Marquer {count} accents</translation>
    </message>
    <message>
      <source>{count} accents are marked. Keys that are dragged snap to them.</source>
      <translation>{count} accents sont marqués. Les clés glissées s'y aimantent.</translation>
    </message>
    <message>
      <source>End the take with its sound</source>
      <translation>Finir la prise avec son son</translation>
    </message>
    <message>
      <source>Trim the sound</source>
      <translation>Rogner le son</translation>
    </message>
    <message>
      <source>Take {count}</source>
      <translation>Prise {count}</translation>
    </message>
    <message>
      <source>{name} has no accents that stand out. Mark it by hand with M while it plays.</source>
      <translation>{name} n'a pas d'accent net. Marquez-le à la main avec M pendant la lecture.</translation>
    </message>
    <message>
      <source>l, th</source>
      <translation>l, th</translation>
    </message>
    <message>
      <source>Mouths from the sound</source>
      <translation>Bouches d'après le son</translation>
    </message>
    <message>
      <source>Make mouths</source>
      <translation>Créer les bouches</translation>
    </message>
    <message>
      <source>Nod and blink to the sound</source>
      <translation>Hocher et cligner avec le son</translation>
    </message>
    <message>
      <source>Nod and blink</source>
      <translation>Hocher et cligner</translation>
    </message>
    <message>
      <source>No mouth was found. Select a set of drawings, a slider or a pad that opens it.</source>
      <translation>Aucune bouche trouvée. Sélectionnez un jeu de dessins, un curseur ou un pavé qui l'ouvre.</translation>
    </message>
    <message>
      <source>Words, if you know them</source>
      <translation>Les paroles, si vous les connaissez</translation>
    </message>
    <message>
      <source>Found by</source>
      <translation>Trouvé par</translation>
    </message>
    <message>
      <source>Frames early</source>
      <translation>Images d'avance</translation>
    </message>
    <message>
      <source>Frames each, at least</source>
      <translation>Images chacune, au moins</translation>
    </message>
    <message>
      <source>Listening to {name}</source>
      <translation>Écoute de {name}</translation>
    </message>
    <message>
      <source>{name} has neither marks nor accents. Mark it by hand with M while it plays.</source>
      <translation>{name} n'a ni marques ni accents. Marquez-le à la main avec M pendant la lecture.</translation>
    </message>
    <message>
      <source>Nod, in degrees</source>
      <translation>Hochement, en degrés</translation>
    </message>
    <message>
      <source>A blink every so many accents, 0 none</source>
      <translation>Un clignement tous les … accents, 0 aucun</translation>
    </message>
    <message>
      <source>Breath after pauses</source>
      <translation>Souffle après les pauses</translation>
    </message>
    <message>
      <source>Phones (English model)</source>
      <translation>Phonèmes (modèle anglais)</translation>
    </message>
    <message>
      <source>Loudness alone</source>
      <translation>Volume seul</translation>
    </message>
    <message>
      <source>Yes</source>
      <translation>Oui</translation>
    </message>
    <message>
      <source>No</source>
      <translation>Non</translation>
    </message>
    <message>
      <source>Select keys on the tape first.</source>
      <translation>Sélectionnez d'abord des clés sur la bande.</translation>
    </message>
    <message>
      <source>There are no pending changes here.</source>
      <translation>Il n'y a pas de changements en attente ici.</translation>
    </message>
    <message>
      <source>The last step changed no takes or poses.</source>
      <translation>La dernière étape n'a changé ni prises ni poses.</translation>
    </message>
    <message>
      <source>Interpolation of {count} keys</source>
      <translation>Interpolation de {count} clés</translation>
    </message>
    <message>
      <source>Remove {count} keys</source>
      <translation>Retirer {count} clés</translation>
    </message>
    <message>
      <source>{count} channels are keyed at frame {frame}.</source>
      <translation>{count} canaux sont en clé à l'image {frame}.</translation>
    </message>
    <message>
      <source>Key the changes at frame {frame}</source>
      <translation>Clés des changements à l'image {frame}</translation>
    </message>
    <message>
      <source>Key {name} at frame {frame}</source>
      <translation>Clé de {name} à l'image {frame}</translation>
    </message>
    <message>
      <source>Shapes of {name} from {source}</source>
      <translation>Formes de {name} depuis {source}</translation>
    </message>
    <message>
      <source>{count} frames were read from {source}.</source>
      <translation>{count} images ont été lues de {source}.</translation>
    </message>
    <message>
      <source>{count} keys are on the clipboard.</source>
      <translation>{count} clés sont dans le presse-papiers.</translation>
    </message>
    <message>
      <source>Paste keys</source>
      <translation>Coller les clés</translation>
    </message>
    <message>
      <source>{name}: pose here, then go to another frame.</source>
      <translation>{name} : posez ici, puis allez à une autre image.</translation>
    </message>
    <message>
      <source>Copy {name}</source>
      <translation>Copier {name}</translation>
    </message>
    <message>
      <source>{rate} frames per second</source>
      <translation>{rate} images par seconde</translation>
    </message>
    <message>
      <source>{name} now takes {now} s instead of {was} s.</source>
      <translation>{name} dure maintenant {now} s au lieu de {was} s.</translation>
    </message>
    <message>
      <source>All keys stayed on their frames. They can be moved instead, so that the take lasts as long as before.</source>
      <translation>Toutes les clés sont restées sur leurs images. On peut les déplacer pour que la prise dure autant qu'avant.</translation>
    </message>
    <message>
      <source>Keep the seconds of {name}</source>
      <translation>Garder les secondes de {name}</translation>
    </message>
    <message>
      <source>{count} keys on whole frames</source>
      <translation>{count} clés sur des images entières</translation>
    </message>
    <message>
      <source>The take is a loop: its last frame is its first one again.</source>
      <translation>La prise est une boucle : sa dernière image est à nouveau la première.</translation>
    </message>
    <message>
      <source>Play once</source>
      <translation>Lire une fois</translation>
    </message>
    <message>
      <source>Reverse {count} keys</source>
      <translation>Inverser {count} clés</translation>
    </message>
    <message>
      <source>There is nothing to key: nothing is posed or controlled, or no kind of value is chosen.</source>
      <translation>Il n'y a rien à mettre en clé : rien n'est posé, ou aucun type de valeur n'est choisi.</translation>
    </message>
    <message>
      <source>Auto-key is on: what you pose is keyed.</source>
      <translation>Clés automatiques actives : ce que vous posez reçoit une clé.</translation>
    </message>
    <message>
      <source>Auto-key is off: Enter keys a pending change, moving the playhead discards it.</source>
      <translation>Clés automatiques inactives : Entrée met en clé un changement en attente, déplacer la tête de lecture le rejette.</translation>
    </message>
    <message>
      <source>{count} ghosts before and after the playhead.</source>
      <translation>{count} fantômes avant et après la tête de lecture.</translation>
    </message>
    <message>
      <source>There are no keys on the clipboard. Copy some from a tape first.</source>
      <translation>Il n'y a pas de clés dans le presse-papiers. Copiez-en d'abord d'une bande.</translation>
    </message>
    <message>
      <source>This puppet has nothing of the names that these keys are for.</source>
      <translation>Cette marionnette n'a rien des noms de ces clés.</translation>
    </message>
    <message>
      <source>These keys can't be pasted: {fault}.</source>
      <translation>Ces clés ne peuvent pas être collées : {fault}.</translation>
    </message>
    <message>
      <source>Keep the frames</source>
      <translation>Garder les images</translation>
    </message>
    <message>
      <source>Keep the seconds</source>
      <translation>Garder les secondes</translation>
    </message>
    <message>
      <source>{name} has changed since. Set its rate again.</source>
      <translation>{name} a changé depuis. Réglez à nouveau sa cadence.</translation>
    </message>
    <message>
      <source>{count} keys lie between frames now. Takes &gt; Keys on whole frames puts them there.</source>
      <translation>{count} clés sont maintenant entre des images. Prises &gt; Clés sur des images entières les y met.</translation>
    </message>
    <message>
      <source>All keys are on whole frames already.</source>
      <translation>Toutes les clés sont déjà sur des images entières.</translation>
    </message>
    <message>
      <source>Select the joint that leads first; its children follow.</source>
      <translation>Sélectionnez d'abord l'articulation qui mène ; ses enfants suivent.</translation>
    </message>
    <message>
      <source>No child of this joint is keyed. Key the chain first.</source>
      <translation>Aucun enfant de cette articulation n'a de clé. Mettez d'abord la chaîne en clé.</translation>
    </message>
    <message>
      <source>There is no key that way.</source>
      <translation>Il n'y a pas de clé par là.</translation>
    </message>
    <message>
      <source>found nothing to mend</source>
      <translation>n'a rien trouvé à réparer</translation>
    </message>
    <message>
      <source>noticed {count}; the lamp lists them</source>
      <translation>en a noté {count} ; la lampe les liste</translation>
    </message>
    <message>
      <source>The workout ran {count} controls and joints through their range and {words}.</source>
      <translation>L'épreuve a fait parcourir leur plage à {count} contrôles et articulations et {words}.</translation>
    </message>
    <message>
      <source>Cancelled: nothing was changed.</source>
      <translation>Annulé : rien n'a changé.</translation>
    </message>
    <message>
      <source>Nothing is made yet.</source>
      <translation>Rien n'est encore créé.</translation>
    </message>
    <message>
      <source>Type what you want to do</source>
      <translation>Tapez ce que vous voulez faire</translation>
    </message>
    <message>
      <source>Find a command</source>
      <translation>Trouver une commande</translation>
    </message>
    <message>
      <source>across</source>
      <translation>en largeur</translation>
    </message>
    <message>
      <source>up and down</source>
      <translation>haut et bas</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>rotation</translation>
    </message>
    <message>
      <source>value</source>
      <translation>valeur</translation>
    </message>
    <message>
      <source>upright value</source>
      <translation>valeur verticale</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>dessin</translation>
    </message>
    <message>
      <source>Devices</source>
      <translation>Périphériques</translation>
    </message>
    <message>
      <source>What arrives</source>
      <translation>Ce qui arrive</translation>
    </message>
    <message>
      <source>Assign to a control</source>
      <translation>Affecter à un contrôle</translation>
    </message>
    <message>
      <source>Clear</source>
      <translation>Effacer</translation>
    </message>
    <message>
      <source>Listen for devices (OSC, this computer only)</source>
      <translation>Écouter les périphériques (OSC, cet ordinateur seul)</translation>
    </message>
    <message>
      <source>Port</source>
      <translation>Port</translation>
    </message>
    <message>
      <source>Nothing is listened to. Without a device, run: umbrite device</source>
      <translation>Rien n'est écouté. Sans périphérique, lancez : umbrite device</translation>
    </message>
    <message>
      <source>Nothing has arrived yet.</source>
      <translation>Rien n'est encore arrivé.</translation>
    </message>
    <message>
      <source>Axis or button</source>
      <translation>Axe ou touche</translation>
    </message>
    <message>
      <source>Control</source>
      <translation>Contrôle</translation>
    </message>
    <message>
      <source>Turn the axis, then click the control on the board.</source>
      <translation>Tournez l'axe, puis cliquez le contrôle sur le plateau.</translation>
    </message>
    <message>
      <source>Click the control for {axis} on the board.</source>
      <translation>Cliquez le contrôle pour {axis} sur le plateau.</translation>
    </message>
    <message>
      <source>{control}, {what}</source>
      <translation>{control}, {what}</translation>
    </message>
    <message>
      <source>With another drawing the part keeps its place, pivot and rig. Of variants one shows at a time.</source>
      <translation>Avec un autre dessin, la pièce garde place, pivot et rig. Des variantes, une seule se voit à la fois.</translation>
    </message>
    <message>
      <source>A script may do whatever you may: read, write and send files. Run only what you know.

{path}
SHA-256 {fingerprint}</source>
      <translation>Un script peut tout ce que vous pouvez : lire, écrire et envoyer des fichiers. N'exécutez que ce que vous connaissez.

{path}
SHA-256 {fingerprint}</translation>
    </message>
    <message>
      <source>The previous save of a puppet stays beside it as a backup; that of a picture is lost.</source>
      <translation>La version précédente d'une marionnette reste à côté comme copie ; celle d'une image est perdue.</translation>
    </message>
    <message>
      <source>All files</source>
      <translation>Tous les fichiers</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture</source>
      <translation>Ouvrir une marionnette ou une image à calques</translation>
    </message>
    <message>
      <source>Add a sound</source>
      <translation>Ajouter un son</translation>
    </message>
    <message>
      <source>Add pictures as parts</source>
      <translation>Ajouter des images comme pièces</translation>
    </message>
    <message>
      <source>Save the puppet</source>
      <translation>Enregistrer la marionnette</translation>
    </message>
    <message>
      <source>Export</source>
      <translation>Exporter</translation>
    </message>
    <message>
      <source>Unsaved work</source>
      <translation>Travail non enregistré</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} has changes that are not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} a des changements non enregistrés.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Save them first? Discarded changes can't be restored.</source>
      <translation>Les enregistrer d'abord ? Les changements rejetés ne se rétablissent pas.</translation>
    </message>
    <message>
      <source>Discard changes</source>
      <translation>Rejeter les changements</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Annuler</translation>
    </message>
    <message>
      <source>Overwrite</source>
      <translation>Écraser</translation>
    </message>
    <message>
      <source>File changed</source>
      <translation>Fichier changé</translation>
    </message>
    <message>
      <source>Writing it here puts your work in its place; what the other program wrote stays as the backup.</source>
      <translation>L'écrire ici met votre travail à sa place ; ce que l'autre programme a écrit reste en copie de secours.</translation>
    </message>
    <message>
      <source>Exchange its drawing</source>
      <translation>Échanger son dessin</translation>
    </message>
    <message>
      <source>Add as a variant</source>
      <translation>Ajouter comme variante</translation>
    </message>
    <message>
      <source>Add as a part</source>
      <translation>Ajouter comme pièce</translation>
    </message>
    <message>
      <source>A picture on a part</source>
      <translation>Une image sur une pièce</translation>
    </message>
    <message>
      <source>&lt;b&gt;What is this picture for {name}?&lt;/b&gt;</source>
      <translation>&lt;b&gt;Qu'est cette image pour {name} ?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Run</source>
      <translation>Exécuter</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Pas maintenant</translation>
    </message>
    <message>
      <source>Puppets and pictures</source>
      <translation>Marionnettes et images</translation>
    </message>
    <message>
      <source>Pictures</source>
      <translation>Images</translation>
    </message>
    <message>
      <source>Run a script</source>
      <translation>Exécuter un script</translation>
    </message>
    <message>
      <source>&lt;b&gt;May this script run?&lt;/b&gt;</source>
      <translation>&lt;b&gt;Ce script peut-il être exécuté ?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>File exists</source>
      <translation>Le fichier existe</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} is there already.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} existe déjà.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Sounds</source>
      <translation>Sons</translation>
    </message>
    <message>
      <source>Export {name}</source>
      <translation>Exporter {name}</translation>
    </message>
    <message>
      <source>First frame</source>
      <translation>Première image</translation>
    </message>
    <message>
      <source>Last frame</source>
      <translation>Dernière image</translation>
    </message>
    <message>
      <source>Background</source>
      <translation>Fond</translation>
    </message>
    <message>
      <source>, with sound</source>
      <translation>, avec son</translation>
    </message>
    <message>
      <source>, without sound</source>
      <translation>, sans son</translation>
    </message>
    <message>
      <source>{width} × {height} px, {count} frames, {seconds} s</source>
      <translation>{width} × {height} px, {count} images, {seconds} s</translation>
    </message>
    <message>
      <source>Transparent</source>
      <translation>Transparent</translation>
    </message>
    <message>
      <source>About {size} MB, or less</source>
      <translation>Environ {size} Mo, ou moins</translation>
    </message>
    <message>
      <source>Export {name} as glTF</source>
      <translation>Exporter {name} en glTF</translation>
    </message>
    <message>
      <source>{name}, {count} frames, {seconds} s</source>
      <translation>{name}, {count} images, {seconds} s</translation>
    </message>
    <message>
      <source>Paint into the drawings what viewers can't show</source>
      <translation>Peindre dans les dessins ce que les visionneuses ne montrent pas</translation>
    </message>
    <message>
      <source>Shades and lights go into what they lie on, clipped parts are cut as they are at rest.</source>
      <translation>Ombres et lumières entrent dans ce qu'elles couvrent ; les pièces découpées sont coupées comme au repos.</translation>
    </message>
    <message>
      <source>Variants come and go by an extension, not by a scale of 0</source>
      <translation>Les variantes vont et viennent par une extension, pas par une échelle de 0</translation>
    </message>
    <message>
      <source>KHR_node_visibility, with KHR_animation_pointer: cleaner, where the engine knows them.</source>
      <translation>KHR_node_visibility, avec KHR_animation_pointer : plus propre, où le moteur les connaît.</translation>
    </message>
    <message>
      <source>Neighbours in the draw order are one mesh</source>
      <translation>Des voisins dans l'ordre forment un seul maillage</translation>
    </message>
    <message>
      <source>For few draw calls; parts have no meshes of their own in the engine then.</source>
      <translation>Pour peu d'appels de dessin ; les pièces n'ont alors pas de maillage à elles dans le moteur.</translation>
    </message>
    <message>
      <source>Takes, as animations</source>
      <translation>Prises, comme animations</translation>
    </message>
    <message>
      <source>There are no takes: the puppet is exported at rest.</source>
      <translation>Il n'y a pas de prises : la marionnette est exportée au repos.</translation>
    </message>
    <message>
      <source>Viewers of glTF show this puppet as Umbrite does.</source>
      <translation>Les visionneuses glTF montrent cette marionnette comme Umbrite.</translation>
    </message>
    <message>
      <source>Guide</source>
      <translation>Guide</translation>
    </message>
    <message>
      <source>Pages</source>
      <translation>Pages</translation>
    </message>
    <message>
      <source>Page of the guide</source>
      <translation>Page du guide</translation>
    </message>
    <message>
      <source>Preferences</source>
      <translation>Préférences</translation>
    </message>
    <message>
      <source>Theme</source>
      <translation>Thème</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Langue</translation>
    </message>
    <message>
      <source>Takes effect when Umbrite is started the next time</source>
      <translation>Prend effet au prochain démarrage d'Umbrite</translation>
    </message>
    <message>
      <source>Save for recovery after</source>
      <translation>Sauvegarde de secours après</translation>
    </message>
    <message>
      <source> seconds</source>
      <translation> secondes</translation>
    </message>
    <message>
      <source>Show the table of layers before art is added</source>
      <translation>Montrer la table des calques avant l'ajout</translation>
    </message>
    <message>
      <source>Lists of sheets are a hash of frames, as many engines read it</source>
      <translation>Listes de planches en table d'images, comme beaucoup de moteurs les lisent</translation>
    </message>
    <message>
      <source>Find and replace in names</source>
      <translation>Rechercher et remplacer dans les noms</translation>
    </message>
    <message>
      <source>Only the selected</source>
      <translation>Seulement la sélection</translation>
    </message>
    <message>
      <source>Replace</source>
      <translation>Remplacer</translation>
    </message>
    <message>
      <source>Replace with</source>
      <translation>Remplacer par</translation>
    </message>
    <message>
      <source>and {count} more</source>
      <translation>et {count} de plus</translation>
    </message>
    <message>
      <source>No name contains that.</source>
      <translation>Aucun nom ne contient cela.</translation>
    </message>
    <message>
      <source>These are the pieces of Wick. Press Pivots.</source>
      <translation>Voici les morceaux de Wick. Appuyez sur Pivots.</translation>
    </message>
    <message>
      <source>Press Shift+Y: a body plan finds out which piece is which.</source>
      <translation>Appuyez sur Maj+Y : un plan de corps trouve quel morceau est quoi.</translation>
    </message>
    <message>
      <source>Look at the figure, then press Enter to build.</source>
      <translation>Regardez la figure, puis appuyez sur Entrée pour construire.</translation>
    </message>
    <message>
      <source>Everything has a parent, limbs and limits now. Press Limbs.</source>
      <translation>Tout a un parent, des membres et des limites. Appuyez sur Membres.</translation>
    </message>
    <message>
      <source>The arrows are bend sides, the fans limits. Press Rehearse.</source>
      <translation>Les flèches sont les sens de pliure, les éventails les limites. Appuyez sur Répétition.</translation>
    </message>
    <message>
      <source>Drag a hand.</source>
      <translation>Glissez une main.</translation>
    </message>
    <message>
      <source>Now drag the grip at the hips: the feet stay.</source>
      <translation>Glissez maintenant la poignée des hanches : les pieds restent.</translation>
    </message>
    <message>
      <source>Drag his hand.</source>
      <translation>Glissez sa main.</translation>
    </message>
    <message>
      <source>Press Takes: the same stage with time.</source>
      <translation>Appuyez sur Prises : la même scène avec le temps.</translation>
    </message>
    <message>
      <source>Press + for a new take; it begins with your pose.</source>
      <translation>Appuyez sur + pour une nouvelle prise ; elle commence par votre pose.</translation>
    </message>
    <message>
      <source>Drag the lamp on the ruler to about frame 24.</source>
      <translation>Glissez la lampe sur la règle vers l'image 24.</translation>
    </message>
    <message>
      <source>Drag his hand again: it is keyed here.</source>
      <translation>Glissez encore sa main : elle reçoit une clé ici.</translation>
    </message>
    <message>
      <source>Press Space to play, and again to stop.</source>
      <translation>Appuyez sur Espace pour lire, et encore pour arrêter.</translation>
    </message>
    <message>
      <source>Show me</source>
      <translation>Montre-moi</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Fermer</translation>
    </message>
    <message>
      <source>That is all. Undo takes you back as far as you like.</source>
      <translation>C'est tout. Annuler vous ramène aussi loin que vous voulez.</translation>
    </message>
    <message>
      <source>{number} of {count}</source>
      <translation>{number} sur {count}</translation>
    </message>
    <message>
      <source>{name} was written.</source>
      <translation>{name} a été écrit.</translation>
    </message>
    <message>
      <source>{name} and its list {places} were written.</source>
      <translation>{name} et sa liste {places} ont été écrits.</translation>
    </message>
    <message>
      <source>{count} sheets from {name} on and their list {places} were written.</source>
      <translation>{count} planches à partir de {name} et leur liste {places} ont été écrites.</translation>
    </message>
    <message>
      <source>Writing {path}</source>
      <translation>Écriture de {path}</translation>
    </message>
    <message>
      <source>{before} keys were thinned to {keys}.</source>
      <translation>{before} clés ont été réduites à {keys}.</translation>
    </message>
    <message>
      <source>{path} opened: {count} parts.</source>
      <translation>{path} ouvert : {count} pièces.</translation>
    </message>
    <message>
      <source>{name} is open. Drag a hand, a foot or the body.</source>
      <translation>{name} est ouvert. Glissez une main, un pied ou le corps.</translation>
    </message>
    <message>
      <source>Add {count} part{ending}</source>
      <translation>Ajouter {count} pièce{ending}</translation>
    </message>
    <message>
      <source>Add {count} drawings to {name}</source>
      <translation>Ajouter {count} dessins à {name}</translation>
    </message>
    <message>
      <source>{name} has {count} variants now: [ and ] go through them.</source>
      <translation>{name} a maintenant {count} variantes : [ et ] les parcourent.</translation>
    </message>
    <message>
      <source>Exchange the drawing of {name}</source>
      <translation>Échanger le dessin de {name}</translation>
    </message>
    <message>
      <source>{name} was recovered. Save it to be safe.</source>
      <translation>{name} a été récupéré. Enregistrez-le par sûreté.</translation>
    </message>
    <message>
      <source>{path} can't be read as a pose. Choose a file that Export made.</source>
      <translation>{path} ne se lit pas comme une pose. Choisissez un fichier fait par Exporter.</translation>
    </message>
    <message>
      <source>Another window has unsaved changes to it.</source>
      <translation>Une autre fenêtre y a des changements non enregistrés.</translation>
    </message>
    <message>
      <source>Opening {path}</source>
      <translation>Ouverture de {path}</translation>
    </message>
    <message>
      <source>Reading {paths}</source>
      <translation>Lecture de {paths}</translation>
    </message>
    <message>
      <source>Nothing was added.</source>
      <translation>Rien n'a été ajouté.</translation>
    </message>
    <message>
      <source>{name} has no layer that shows anything, so nothing was added.</source>
      <translation>{name} n'a pas de calque qui montre quelque chose, rien n'a donc été ajouté.</translation>
    </message>
    <message>
      <source>shows nothing</source>
      <translation>ne montre rien</translation>
    </message>
    <message>
      <source>has {count} layers</source>
      <translation>a {count} calques</translation>
    </message>
    <message>
      <source>The revised picture {found}, so the old drawing stays. Choose a picture of one layer.</source>
      <translation>L'image révisée {found}, l'ancien dessin reste donc. Choisissez une image à un calque.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing, which is larger: its mesh was made anew.</source>
      <translation>{name} a son dessin révisé, plus grand : son maillage a été refait.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing; pivot, place and rig are as they were.</source>
      <translation>{name} a son dessin révisé ; pivot, place et rig sont comme avant.</translation>
    </message>
    <message>
      <source>Saved as {name}, without {count} pending changes. Enter keys them in Takes.</source>
      <translation>Enregistré sous {name}, sans {count} changements en attente. Entrée les met en clé dans Prises.</translation>
    </message>
    <message>
      <source>Saved as {name}.</source>
      <translation>Enregistré sous {name}.</translation>
    </message>
    <message>
      <source>The pose was exported as {name}.</source>
      <translation>La pose a été exportée sous {name}.</translation>
    </message>
    <message>
      <source>The contact sheet was saved as {name}.</source>
      <translation>La planche-contact a été enregistrée sous {name}.</translation>
    </message>
    <message>
      <source>{count} frames were written to {name}.</source>
      <translation>{count} images ont été écrites dans {name}.</translation>
    </message>
    <message>
      <source>The canvas {fault}. Export it as SVG or OpenRaster instead.</source>
      <translation>La toile {fault}. Exportez plutôt en SVG ou OpenRaster.</translation>
    </message>
    <message>
      <source>Reading {path}</source>
      <translation>Lecture de {path}</translation>
    </message>
    <message>
      <source>Saving {path}</source>
      <translation>Enregistrement de {path}</translation>
    </message>
    <message>
      <source>The pose was exported as {name}, {width} × {height} px.</source>
      <translation>La pose a été exportée sous {name}, {width} × {height} px.</translation>
    </message>
    <message>
      <source>Fan out the pieces</source>
      <translation>Déployer les morceaux</translation>
    </message>
    <message>
      <source>{name}: {count} layers on {size}</source>
      <translation>{name} : {count} calques sur {size}</translation>
    </message>
    <message>
      <source>Names, sides and numbers are guessed from the layers; change here what is wrong, several selected rows at once. Nothing is added yet.</source>
      <translation>Noms, côtés et numéros sont devinés des calques ; changez ici ce qui est faux, plusieurs lignes à la fois. Rien n'est encore ajouté.</translation>
    </message>
    <message>
      <source>What is lost from this picture</source>
      <translation>Ce qui se perd de cette image</translation>
    </message>
    <message>
      <source>Layers to add</source>
      <translation>Calques à ajouter</translation>
    </message>
    <message>
      <source>Side of {name}</source>
      <translation>Côté de {name}</translation>
    </message>
    <message>
      <source>Number of {name}</source>
      <translation>Numéro de {name}</translation>
    </message>
    <message>
      <source>All groups as carriers</source>
      <translation>Tous les groupes comme porteurs</translation>
    </message>
    <message>
      <source>Add parts</source>
      <translation>Ajouter les pièces</translation>
    </message>
    <message>
      <source>Hidden in the art, and hidden as a part until you show it</source>
      <translation>Masqué dans le dessin, et masqué comme pièce jusqu'à ce que vous l'affichiez</translation>
    </message>
    <message>
      <source>As a carrier</source>
      <translation>Comme porteur</translation>
    </message>
    <message>
      <source>{path} as a carrier</source>
      <translation>{path} comme porteur</translation>
    </message>
    <message>
      <source>A carrier over all parts of this group: they move and turn together with it</source>
      <translation>Un porteur sur toutes les pièces de ce groupe : elles bougent et tournent avec lui</translation>
    </message>
    <message>
      <source>As a set</source>
      <translation>Comme jeu</translation>
    </message>
    <message>
      <source>{path} as a set</source>
      <translation>{path} comme jeu</translation>
    </message>
    <message>
      <source>Of the drawings in this group one shows at a time: eyes, mouths, hands</source>
      <translation>Des dessins de ce groupe, un seul se voit à la fois : yeux, bouches, mains</translation>
    </message>
    <message>
      <source>The whole picture</source>
      <translation>L'image entière</translation>
    </message>
    <message>
      <source>{name} is open in a picture editor; whatever is saved there comes back by itself.</source>
      <translation>{name} est ouvert dans un éditeur d'images ; ce qui y est enregistré revient tout seul.</translation>
    </message>
    <message>
      <source>No picture editor was found for PNG. Open {path} in one; what is saved there comes back by itself.</source>
      <translation>Aucun éditeur d'images trouvé pour PNG. Ouvrez {path} dans un ; ce qui y est enregistré revient tout seul.</translation>
    </message>
    <message>
      <source>{what}
{done} of {of}: {name}</source>
      <translation>{what}
{done} sur {of} : {name}</translation>
    </message>
    <message>
      <source>{what} was cancelled. Nothing was added or changed.</source>
      <translation>{what} : annulé. Rien n'a été ajouté ni changé.</translation>
    </message>
    <message>
      <source>Unsaved work couldn't be saved for recovery ({error}). Save soon.</source>
      <translation>Le travail n'a pas pu être sauvé pour récupération ({error}). Enregistrez bientôt.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite ended suddenly while {name} had changes that were not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;Umbrite s'est arrêté soudain alors que {name} avait des changements non enregistrés.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>They were saved on {when}. Recovering them changes no file until you save.</source>
      <translation>Ils ont été sauvés le {when}. Les récupérer ne change aucun fichier avant que vous enregistriez.</translation>
    </message>
    <message>
      <source>Recover</source>
      <translation>Récupérer</translation>
    </message>
    <message>
      <source>Ask later</source>
      <translation>Demander plus tard</translation>
    </message>
    <message>
      <source>{name} is in the library.</source>
      <translation>{name} est dans la bibliothèque.</translation>
    </message>
    <message>
      <source>A guest is a puppet with its own rig; {path} is none. Save it as {ending} first.</source>
      <translation>Une invitée est une marionnette avec son propre rig ; {path} n'en est pas une. Enregistrez-la d'abord en {ending}.</translation>
    </message>
    <message>
      <source>{names}: that would go round in a circle. Choose another puppet.</source>
      <translation>{names} : cela tournerait en rond. Choisissez une autre marionnette.</translation>
    </message>
    <message>
      <source>{names} changed in a file of its own since: select it, and Update brings that in.</source>
      <translation>{names} a changé dans son propre fichier : sélectionnez-la, et Mettre à jour l'apporte.</translation>
    </message>
    <message>
      <source>A new puppet from {stage}; the other file stays as it was.</source>
      <translation>Une nouvelle marionnette depuis {stage} ; l'autre fichier est resté comme il était.</translation>
    </message>
    <message>
      <source>The file of {name} is not there any more; the copy inside stays.</source>
      <translation>Le fichier de {name} n'est plus là ; la copie à l'intérieur reste.</translation>
    </message>
    <message>
      <source> is a guest in </source>
      <translation> est une invitée dans </translation>
    </message>
    <message>
      <source>Scripts lie in {folder}: each is a file with def run(document) -&gt; document.</source>
      <translation>Les scripts sont dans {folder} : chacun est un fichier avec def run(document) -&gt; document.</translation>
    </message>
    <message>
      <source>Run {name}</source>
      <translation>Exécuter {name}</translation>
    </message>
    <message>
      <source>{name} is done. Undo takes all of it back.</source>
      <translation>{name} est fait. Annuler reprend le tout.</translation>
    </message>
    <message>
      <source>{name} has no def run(document). Give it one that returns a document.</source>
      <translation>{name} n'a pas de def run(document). Donnez-lui-en une qui rend un document.</translation>
    </message>
    <message>
      <source>{name} returned no document, so nothing was changed. End run with return document.</source>
      <translation>{name} n'a pas rendu de document, rien n'a donc changé. Finissez run par return document.</translation>
    </message>
    <message>
      <source>Scripts</source>
      <translation>Scripts</translation>
    </message>
    <message>
      <source>{name} was not run.</source>
      <translation>{name} n'a pas été exécuté.</translation>
    </message>
    <message>
      <source>{name} gave a puppet that can't be kept: {fault}. Nothing was changed.</source>
      <translation>{name} a donné une marionnette qui ne peut être gardée : {fault}. Rien n'a changé.</translation>
    </message>
    <message>
      <source>{name} changed nothing.</source>
      <translation>{name} n'a rien changé.</translation>
    </message>
    <message>
      <source>{name} stopped{where}: {kind}: {error}. Nothing was changed.</source>
      <translation>{name} s'est arrêté{where} : {kind} : {error}. Rien n'a changé.</translation>
    </message>
    <message>
      <source>{name} is no Python that can be run{line}.</source>
      <translation>{name} n'est pas du Python exécutable{line}.</translation>
    </message>
    <message>
      <source>Show their folder</source>
      <translation>Montrer leur dossier</translation>
    </message>
    <message>
      <source>Hidden panels</source>
      <translation>Panneaux masqués</translation>
    </message>
    <message>
      <source>Animators may use the ticked controls.</source>
      <translation>Les animateurs utilisent les contrôles cochés.</translation>
    </message>
    <message>
      <source>Lock everything else</source>
      <translation>Verrouiller tout le reste</translation>
    </message>
    <message>
      <source>In Rehearse only controls can be dragged, not the art</source>
      <translation>En Répétition seuls les contrôles se glissent, pas le dessin</translation>
    </message>
    <message>
      <source>Links</source>
      <translation>Liens</translation>
    </message>
    <message>
      <source>{name}: ticked, animators use it</source>
      <translation>{name} : coché, les animateurs l'utilisent</translation>
    </message>
    <message>
      <source>Depth of {name}</source>
      <translation>Profondeur de {name}</translation>
    </message>
    <message>
      <source>Depth, front on top</source>
      <translation>Profondeur, l'avant en haut</translation>
    </message>
    <message>
      <source>{name}, label {label}</source>
      <translation>{name}, étiquette {label}</translation>
    </message>
    <message>
      <source>{name}: double click to expand</source>
      <translation>{name} : double clic pour déplier</translation>
    </message>
    <message>
      <source>{name} is hidden</source>
      <translation>{name} est masqué</translation>
    </message>
    <message>
      <source>Let the limb bend to this side</source>
      <translation>Plier le membre de ce côté</translation>
    </message>
    <message>
      <source>Bends clockwise</source>
      <translation>Plie en sens horaire</translation>
    </message>
    <message>
      <source>Bends counterclockwise</source>
      <translation>Plie en sens antihoraire</translation>
    </message>
    <message>
      <source>More triangles bend more smoothly and cost more time</source>
      <translation>Plus de triangles plient plus doucement et coûtent plus de temps</translation>
    </message>
    <message>
      <source>How much it narrows where a joint lengthens it, so that it keeps its area</source>
      <translation>De combien elle s'amincit où une articulation l'allonge, pour garder son aire</translation>
    </message>
    <message>
      <source>Joints</source>
      <translation>Articulations</translation>
    </message>
    <message>
      <source>{name} follows one joint: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} suit une articulation : {triangles} triangles, {cost} ms à peindre.</translation>
    </message>
    <message>
      <source>{name} bends over {count} joints: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} plie sur {count} articulations : {triangles} triangles, {cost} ms à peindre.</translation>
    </message>
    <message>
      <source>Denser where it curves</source>
      <translation>Plus dense où il courbe</translation>
    </message>
    <message>
      <source>Mesh</source>
      <translation>Maillage</translation>
    </message>
    <message>
      <source>Squash</source>
      <translation>Écraser</translation>
    </message>
    <message>
      <source>Weights</source>
      <translation>Poids</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Points</translation>
    </message>
    <message>
      <source>Tip grip</source>
      <translation>Poignée au bout</translation>
    </message>
    <message>
      <source>Three grips</source>
      <translation>Trois poignées</translation>
    </message>
    <message>
      <source>Stop swinging</source>
      <translation>Ne plus balancer</translation>
    </message>
    <message>
      <source>Carried by</source>
      <translation>Porté par</translation>
    </message>
    <message>
      <source>Axes</source>
      <translation>Axes</translation>
    </message>
    <message>
      <source>Range across</source>
      <translation>Plage en largeur</translation>
    </message>
    <message>
      <source>Range upright</source>
      <translation>Plage en hauteur</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Forme</translation>
    </message>
    <message>
      <source>Pixels of</source>
      <translation>Pixels de</translation>
    </message>
    <message>
      <source>Colour</source>
      <translation>Couleur</translation>
    </message>
    <message>
      <source>Label</source>
      <translation>Étiquette</translation>
    </message>
    <message>
      <source>Hand-over</source>
      <translation>Remise</translation>
    </message>
    <message>
      <source>{word}, {does} {name}</source>
      <translation>{word}, {does} {name}</translation>
    </message>
    <message>
      <source>controls</source>
      <translation>contrôles</translation>
    </message>
    <message>
      <source>Of its side</source>
      <translation>De son côté</translation>
    </message>
    <message>
      <source>Always</source>
      <translation>Toujours</translation>
    </message>
    <message>
      <source>As a ghost</source>
      <translation>En fantôme</translation>
    </message>
    <message>
      <source>Near the pointer</source>
      <translation>Près du pointeur</translation>
    </message>
    <message>
      <source>Never, but usable</source>
      <translation>Jamais, mais utilisable</translation>
    </message>
    <message>
      <source>Both axes</source>
      <translation>Les deux axes</translation>
    </message>
    <message>
      <source>Across only</source>
      <translation>En largeur seule</translation>
    </message>
    <message>
      <source>Up and down only</source>
      <translation>En hauteur seule</translation>
    </message>
    <message>
      <source>The screen</source>
      <translation>L'écran</translation>
    </message>
    <message>
      <source>Animators use it</source>
      <translation>Pour les animateurs</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Verrouillé</translation>
    </message>
    <message>
      <source>Curve of the link</source>
      <translation>Courbe du lien</translation>
    </message>
    <message>
      <source>Drag points; double click puts one in, Delete takes the chosen one out; arrows nudge it</source>
      <translation>Glissez les points ; double clic en ajoute, Suppr retire l'élu, les flèches le décalent</translation>
    </message>
    <message>
      <source>Click a part, a rivet or a control to see what it is made of.</source>
      <translation>Cliquez une pièce, un rivet ou un contrôle pour voir de quoi il est fait.</translation>
    </message>
    <message>
      <source>{step} of {name}</source>
      <translation>{step} de {name}</translation>
    </message>
    <message>
      <source>Give of each joint</source>
      <translation>Souplesse de chaque articulation</translation>
    </message>
    <message>
      <source>How willingly each joint bends, from the root on: drag a bar; with arrows choose and change one</source>
      <translation>Combien chaque articulation plie, depuis la racine : glissez une barre ; les flèches choisissent et changent</translation>
    </message>
    <message>
      <source>Give of {name}</source>
      <translation>Souplesse de {name}</translation>
    </message>
    <message>
      <source>Spread over depths</source>
      <translation>Répartir en profondeurs</translation>
    </message>
    <message>
      <source>Its parts can lie at different depths</source>
      <translation>Ses pièces peuvent être à des profondeurs différentes</translation>
    </message>
    <message>
      <source>Hide its controls</source>
      <translation>Masquer ses contrôles</translation>
    </message>
    <message>
      <source>Its own takes</source>
      <translation>Ses propres prises</translation>
    </message>
    <message>
      <source>Its own take into the current take, from the current frame</source>
      <translation>Sa prise dans la prise actuelle, dès l'image actuelle</translation>
    </message>
    <message>
      <source>It becomes part of this puppet and can be changed here</source>
      <translation>Elle devient partie de cette marionnette et se change ici</translation>
    </message>
    <message>
      <source>Guest: {name}</source>
      <translation>Invitée : {name}</translation>
    </message>
    <message>
      <source>{count} parts of {source}. They are changed in that file.</source>
      <translation>{count} pièces de {source}. Elles se changent dans ce fichier.</translation>
    </message>
    <message>
      <source>Across</source>
      <translation>En largeur</translation>
    </message>
    <message>
      <source>Down</source>
      <translation>En hauteur</translation>
    </message>
    <message>
      <source>Insert take</source>
      <translation>Insérer la prise</translation>
    </message>
    <message>
      <source>Update</source>
      <translation>Mettre à jour</translation>
    </message>
    <message>
      <source>Open its file</source>
      <translation>Ouvrir son fichier</translation>
    </message>
    <message>
      <source>Detach from its file</source>
      <translation>Détacher de son fichier</translation>
    </message>
    <message>
      <source>Remove it</source>
      <translation>La retirer</translation>
    </message>
    <message>
      <source>Its file is not there; the copy inside is whole.</source>
      <translation>Son fichier n'est pas là ; la copie à l'intérieur est entière.</translation>
    </message>
    <message>
      <source>Its file has changed since.</source>
      <translation>Son fichier a changé depuis.</translation>
    </message>
    <message>
      <source>Up to date.</source>
      <translation>À jour.</translation>
    </message>
    <message>
      <source>Length, angle</source>
      <translation>Longueur, angle</translation>
    </message>
    <message>
      <source>Soft ends</source>
      <translation>Bouts doux</translation>
    </message>
    <message>
      <source>Give</source>
      <translation>Souplesse</translation>
    </message>
    <message>
      <source>A click picks</source>
      <translation>Un clic choisit</translation>
    </message>
    <message>
      <source>Moving</source>
      <translation>Mouvement</translation>
    </message>
    <message>
      <source>Sizes</source>
      <translation>Tailles</translation>
    </message>
    <message>
      <source>Swings</source>
      <translation>Balance</translation>
    </message>
    <message>
      <source>Swings, damping</source>
      <translation>Rythme, frein</translation>
    </message>
    <message>
      <source>Weight, how far</source>
      <translation>Poids, ampleur</translation>
    </message>
    <message>
      <source>Length</source>
      <translation>Longueur</translation>
    </message>
    <message>
      <source>Angle</source>
      <translation>Angle</translation>
    </message>
    <message>
      <source>Swings a second</source>
      <translation>Balancements par seconde</translation>
    </message>
    <message>
      <source>Damping</source>
      <translation>Amortissement</translation>
    </message>
    <message>
      <source>Weight</source>
      <translation>Poids</translation>
    </message>
    <message>
      <source>How far</source>
      <translation>Ampleur</translation>
    </message>
    <message>
      <source>joints</source>
      <translation>articulations</translation>
    </message>
    <message>
      <source>carried by {name}</source>
      <translation>porté par {name}</translation>
    </message>
    <message>
      <source>, carries {count}</source>
      <translation>, porte {count}</translation>
    </message>
    <message>
      <source>The part clicked</source>
      <translation>La pièce cliquée</translation>
    </message>
    <message>
      <source>This carrier</source>
      <translation>Ce porteur</translation>
    </message>
    <message>
      <source>Free</source>
      <translation>Libre</translation>
    </message>
    <message>
      <source>Fixed</source>
      <translation>Fixe</translation>
    </message>
    <message>
      <source>Lower limit</source>
      <translation>Limite basse</translation>
    </message>
    <message>
      <source>Upper limit</source>
      <translation>Limite haute</translation>
    </message>
    <message>
      <source>Smallest size</source>
      <translation>Plus petite taille</translation>
    </message>
    <message>
      <source>Largest size</source>
      <translation>Plus grande taille</translation>
    </message>
    <message>
      <source>End angle</source>
      <translation>Angle du bout</translation>
    </message>
    <message>
      <source>Posed by</source>
      <translation>Posé par</translation>
    </message>
    <message>
      <source>Blend</source>
      <translation>Mélange</translation>
    </message>
    <message>
      <source>Soften, stretch</source>
      <translation>Doux, étirable</translation>
    </message>
    <message>
      <source>Solving</source>
      <translation>Résolution</translation>
    </message>
    <message>
      <source>limb of {count}: {names}{tip}</source>
      <translation>membre de {count} : {names}{tip}</translation>
    </message>
    <message>
      <source>Bends to</source>
      <translation>Plie vers</translation>
    </message>
    <message>
      <source>Target follows</source>
      <translation>La cible suit</translation>
    </message>
    <message>
      <source>limbs</source>
      <translation>membres</translation>
    </message>
    <message>
      <source>; tip at {name}</source>
      <translation> ; bout à {name}</translation>
    </message>
    <message>
      <source>Turns with limb</source>
      <translation>Avec le membre</translation>
    </message>
    <message>
      <source>Kept by target</source>
      <translation>Tenu par la cible</translation>
    </message>
    <message>
      <source>Points at toe</source>
      <translation>Vise l'orteil</translation>
    </message>
    <message>
      <source>To the target</source>
      <translation>Vers la cible</translation>
    </message>
    <message>
      <source>Off</source>
      <translation>Inactif</translation>
    </message>
    <message>
      <source>Its target</source>
      <translation>Sa cible</translation>
    </message>
    <message>
      <source>Its own turns</source>
      <translation>Ses rotations</translation>
    </message>
    <message>
      <source>Point at, gives</source>
      <translation>Un point à, donne</translation>
    </message>
    <message>
      <source>Between points</source>
      <translation>Entre les points</translation>
    </message>
    <message>
      <source>{drives} follows {source}</source>
      <translation>{drives} suit {source}</translation>
    </message>
    <message>
      <source>way of {name} along the board</source>
      <translation>trajet de {name} sur le plateau</translation>
    </message>
    <message>
      <source>Curve of {name}</source>
      <translation>Courbe de {name}</translation>
    </message>
    <message>
      <source>{name}: way along the board</source>
      <translation>{name} : trajet sur le plateau</translation>
    </message>
    <message>
      <source>click one</source>
      <translation>cliquez-en un</translation>
    </message>
    <message>
      <source>Point at</source>
      <translation>Point à</translation>
    </message>
    <message>
      <source>Point gives</source>
      <translation>Le point donne</translation>
    </message>
    <message>
      <source>Names of all selected</source>
      <translation>Noms de toute la sélection</translation>
    </message>
    <message>
      <source>No name changed: no selected name matches.</source>
      <translation>Aucun nom changé : aucun nom sélectionné ne correspond.</translation>
    </message>
    <message>
      <source>{step}: {count} names</source>
      <translation>{step} : {count} noms</translation>
    </message>
    <message>
      <source>Turn, skew</source>
      <translation>Rotation, biais</translation>
    </message>
    <message>
      <source>Scale</source>
      <translation>Échelle</translation>
    </message>
    <message>
      <source>Opacity</source>
      <translation>Opacité</translation>
    </message>
    <message>
      <source>Shade from</source>
      <translation>Ombre depuis</translation>
    </message>
    <message>
      <source>Edge, colour</source>
      <translation>Bord, couleur</translation>
    </message>
    <message>
      <source>Clip</source>
      <translation>Découpe</translation>
    </message>
    <message>
      <source>Clip side</source>
      <translation>Côté de découpe</translation>
    </message>
    <message>
      <source>Clip by</source>
      <translation>Découpé par</translation>
    </message>
    <message>
      <source>Show</source>
      <translation>Afficher</translation>
    </message>
    <message>
      <source>part, {width} × {height} px, {place} of {count} from the front{shared}</source>
      <translation>pièce, {width} × {height} px, {place} sur {count} depuis l'avant{shared}</translation>
    </message>
    <message>
      <source>Turn</source>
      <translation>Rotation</translation>
    </message>
    <message>
      <source>Skew</source>
      <translation>Biais</translation>
    </message>
    <message>
      <source>The colour of the shade</source>
      <translation>La couleur de l'ombre</translation>
    </message>
    <message>
      <source>Colour of {name}</source>
      <translation>Couleur de {name}</translation>
    </message>
    <message>
      <source>parts</source>
      <translation>pièces</translation>
    </message>
    <message>
      <source>, drawing shared</source>
      <translation>, dessin partagé</translation>
    </message>
    <message>
      <source>Places forward</source>
      <translation>Places en avant</translation>
    </message>
    <message>
      <source>Shows</source>
      <translation>Montre</translation>
    </message>
    <message>
      <source>Clipped</source>
      <translation>Découpé</translation>
    </message>
    <message>
      <source>Look in this pose</source>
      <translation>Aspect dans cette pose</translation>
    </message>
    <message>
      <source>End angle now</source>
      <translation>Angle du bout ici</translation>
    </message>
    <message>
      <source>Reach in this pose</source>
      <translation>Atteinte dans cette pose</translation>
    </message>
    <message>
      <source>Depth now</source>
      <translation>Profondeur ici</translation>
    </message>
    <message>
      <source>Choose in Parts what clips it; here it can be switched.</source>
      <translation>Choisissez dans Pièces ce qui la découpe ; ici on l'active.</translation>
    </message>
    <message>
      <source>{count} limbs</source>
      <translation>{count} membres</translation>
    </message>
    <message>
      <source>Turn, slant</source>
      <translation>Tourner, incliner</translation>
    </message>
    <message>
      <source>Across, up</source>
      <translation>Largeur, hauteur</translation>
    </message>
    <message>
      <source>Width, height</source>
      <translation>Étirement x, y</translation>
    </message>
    <message>
      <source>Upright value</source>
      <translation>Valeur verticale</translation>
    </message>
    <message>
      <source>In this pose</source>
      <translation>Dans cette pose</translation>
    </message>
    <message>
      <source>Moved by {names}</source>
      <translation>Bougé par {names}</translation>
    </message>
    <message>
      <source>Turned by {names}. Drag its end, or let it be posed by its own turns.</source>
      <translation>Tourné par {names}. Glissez son bout, ou posez-le par ses propres rotations.</translation>
    </message>
    <message>
      <source>{count} selected</source>
      <translation>{count} sélectionnés</translation>
    </message>
    <message>
      <source>Moves {names}</source>
      <translation>Bouge {names}</translation>
    </message>
    <message>
      <source>Poses at values</source>
      <translation>Poses à des valeurs</translation>
    </message>
    <message>
      <source>Smooth between them</source>
      <translation>Lisse entre elles</translation>
    </message>
    <message>
      <source>Poses of {name}</source>
      <translation>Poses de {name}</translation>
    </message>
    <message>
      <source>Name a pose</source>
      <translation>Nommer une pose</translation>
    </message>
    <message>
      <source>Smooth between poses</source>
      <translation>Lisse entre les poses</translation>
    </message>
    <message>
      <source>Pose again</source>
      <translation>Reposer</translation>
    </message>
    <message>
      <source>When another branch is shown, its hand goes to where this one's was</source>
      <translation>Quand une autre branche se montre, sa main va où était celle-ci</translation>
    </message>
    <message>
      <source>A click shows a variant; so do [ and ], and its number with the pointer on the board</source>
      <translation>Un clic montre une variante ; [ et ] aussi, et son numéro sous le pointeur</translation>
    </message>
    <message>
      <source>Name of the variant</source>
      <translation>Nom de la variante</translation>
    </message>
    <message>
      <source>Name it…</source>
      <translation>La nommer…</translation>
    </message>
    <message>
      <source>Earlier</source>
      <translation>Plus tôt</translation>
    </message>
    <message>
      <source>Later</source>
      <translation>Plus tard</translation>
    </message>
    <message>
      <source>Show it at rest</source>
      <translation>La montrer au repos</translation>
    </message>
    <message>
      <source>Take it out of the set</source>
      <translation>La retirer du jeu</translation>
    </message>
    <message>
      <source>Wheel zooms, middle button moves, F fits; drag a card onto its new parent</source>
      <translation>Molette : zoom, bouton du milieu : déplacer, F : ajuster ; glissez une carte sur son nouveau parent</translation>
    </message>
    <message>
      <source>Parent {name} {where}</source>
      <translation>Parent de {name} : {where}</translation>
    </message>
    <message>
      <source>{name} is parented {where} now. {moved}</source>
      <translation>{name} a maintenant un parent : {where}. {moved}</translation>
    </message>
    <message>
      <source>Find a joint or part</source>
      <translation>Trouver une articulation ou une pièce</translation>
    </message>
    <message>
      <source>Hide</source>
      <translation>Masquer</translation>
    </message>
    <message>
      <source>Unlock</source>
      <translation>Déverrouiller</translation>
    </message>
    <message>
      <source>Lock, so that it can't be selected</source>
      <translation>Verrouiller, pour qu'on ne puisse le sélectionner</translation>
    </message>
    <message>
      <source>{name} carries no drawing.</source>
      <translation>{name} ne porte pas de dessin.</translation>
    </message>
    <message>
      <source>{count} findings of one kind. The first: {first}</source>
      <translation>{count} constats d'un type. Le premier : {first}</translation>
    </message>
    <message>
      <source>Mend</source>
      <translation>Réparer</translation>
    </message>
    <message>
      <source>Each one</source>
      <translation>Chacun</translation>
    </message>
    <message>
      <source>Explain</source>
      <translation>Expliquer</translation>
    </message>
    <message>
      <source>Ignore</source>
      <translation>Ignorer</translation>
    </message>
    <message>
      <source>Ignore a finding</source>
      <translation>Ignorer un constat</translation>
    </message>
    <message>
      <source>Show all ignored findings</source>
      <translation>Afficher tous les constats ignorés</translation>
    </message>
    <message>
      <source>Show ignored findings ({count})</source>
      <translation>Afficher les constats ignorés ({count})</translation>
    </message>
    <message>
      <source>{fix}, for all</source>
      <translation>{fix}, pour tous</translation>
    </message>
    <message>
      <source>How it is, and how it should be</source>
      <translation>Ce qui est, et ce qui devrait être</translation>
    </message>
    <message>
      <source>No findings: all is well.</source>
      <translation>Aucun constat : tout va bien.</translation>
    </message>
    <message>
      <source>For stations you have not used yet:</source>
      <translation>Pour des stations pas encore utilisées :</translation>
    </message>
    <message>
      <source>Drag a branch onto a joint, or onto the board.</source>
      <translation>Glissez une branche sur une articulation, ou sur le plateau.</translation>
    </message>
    <message>
      <source>Name of the branch</source>
      <translation>Nom de la branche</translation>
    </message>
    <message>
      <source>Save the selected branch</source>
      <translation>Enregistrer la branche</translation>
    </message>
    <message>
      <source>Insert</source>
      <translation>Insérer</translation>
    </message>
    <message>
      <source>Onto the selected joint, or free where none is selected</source>
      <translation>Sur l'articulation sélectionnée, ou libre s'il n'y en a pas</translation>
    </message>
    <message>
      <source>{name} is in the trash.</source>
      <translation>{name} est dans la corbeille.</translation>
    </message>
    <message>
      <source>There is no trash here, so {name} was not removed.</source>
      <translation>Il n'y a pas de corbeille ici, {name} n'a donc pas été retiré.</translation>
    </message>
    <message>
      <source>your own</source>
      <translation>à vous</translation>
    </message>
    <message>
      <source>ships with Umbrite</source>
      <translation>fourni avec Umbrite</translation>
    </message>
    <message>
      <source>{name}, {whose}: drag it onto a joint</source>
      <translation>{name}, {whose} : glissez sur une articulation</translation>
    </message>
    <message>
      <source>Saves it to your own library, with limbs, controls and poses</source>
      <translation>L'enregistre dans votre bibliothèque, avec membres, contrôles et poses</translation>
    </message>
    <message>
      <source>Insert as a guest</source>
      <translation>Insérer comme invitée</translation>
    </message>
    <message>
      <source>Move to trash</source>
      <translation>Mettre à la corbeille</translation>
    </message>
    <message>
      <source>Open recent</source>
      <translation>Ouvrir récent</translation>
    </message>
    <message>
      <source>, for {names} only</source>
      <translation>, pour {names} seulement</translation>
    </message>
    <message>
      <source>Pose {name}{part}</source>
      <translation>Pose {name}{part}</translation>
    </message>
    <message>
      <source>{name}{part}: click to apply, drag the groove under it to blend</source>
      <translation>{name}{part} : clic pour appliquer, glissez la rainure dessous pour mélanger</translation>
    </message>
    <message>
      <source>{folder}: click to fold, double click to name</source>
      <translation>{folder} : clic pour plier, double clic pour nommer</translation>
    </message>
    <message>
      <source>Folder {folder}</source>
      <translation>Dossier {folder}</translation>
    </message>
    <message>
      <source>Apply and blend poses for the selected controls and joints only</source>
      <translation>Appliquer et mélanger les poses aux seuls contrôles et articulations sélectionnés</translation>
    </message>
    <message>
      <source>Find a pose</source>
      <translation>Trouver une pose</translation>
    </message>
    <message>
      <source>Name of the pose</source>
      <translation>Nom de la pose</translation>
    </message>
    <message>
      <source>Folder</source>
      <translation>Dossier</translation>
    </message>
    <message>
      <source>Move {name} to {folder}</source>
      <translation>Déplacer {name} vers {folder}</translation>
    </message>
    <message>
      <source>Move {name} out of its folder</source>
      <translation>Sortir {name} de son dossier</translation>
    </message>
    <message>
      <source>Name pose {name}</source>
      <translation>Nommer la pose {name}</translation>
    </message>
    <message>
      <source>Name folder {name}</source>
      <translation>Nommer le dossier {name}</translation>
    </message>
    <message>
      <source>Blend {share:.0%} to {name}</source>
      <translation>Mélanger {share:.0%} vers {name}</translation>
    </message>
    <message>
      <source>The clean pose keeps its name; it is always there.</source>
      <translation>La pose nette garde son nom ; elle est toujours là.</translation>
    </message>
    <message>
      <source>Delete pose {name}</source>
      <translation>Supprimer la pose {name}</translation>
    </message>
    <message>
      <source>Apply</source>
      <translation>Appliquer</translation>
    </message>
    <message>
      <source>New folder…</source>
      <translation>Nouveau dossier…</translation>
    </message>
    <message>
      <source>Delete</source>
      <translation>Supprimer</translation>
    </message>
    <message>
      <source>{done} of {count} set</source>
      <translation>{done} sur {count} réglés</translation>
    </message>
    <message>
      <source>none yet</source>
      <translation>encore rien</translation>
    </message>
    <message>
      <source>{count} limb{ending}</source>
      <translation>{count} membre{ending}</translation>
    </message>
    <message>
      <source>{count} take{ending}</source>
      <translation>{count} prise{ending}</translation>
    </message>
    <message>
      <source>posed</source>
      <translation>posé</translation>
    </message>
    <message>
      <source>at rest</source>
      <translation>au repos</translation>
    </message>
    <message>
      <source>{station}  (Ctrl+{station2})</source>
      <translation>{station}  (Ctrl+{station2})</translation>
    </message>
    <message>
      <source>Findings  (Ctrl+E)</source>
      <translation>Constats  (Ctrl+E)</translation>
    </message>
    <message>
      <source>Umbrite</source>
      <translation>Umbrite</translation>
    </message>
    <message>
      <source>saved</source>
      <translation>enregistré</translation>
    </message>
    <message>
      <source>not saved yet</source>
      <translation>pas encore enregistré</translation>
    </message>
    <message>
      <source>empty</source>
      <translation>vide</translation>
    </message>
    <message>
      <source>{count} in order</source>
      <translation>{count} en ordre</translation>
    </message>
    <message>
      <source>{count} made</source>
      <translation>{count} créés</translation>
    </message>
    <message>
      <source>{count} finding{ending}</source>
      <translation>{count} constat{ending}</translation>
    </message>
    <message>
      <source>All well</source>
      <translation>Tout va bien</translation>
    </message>
    <message>
      <source>, {straight} straight</source>
      <translation>, {straight} droits</translation>
    </message>
    <message>
      <source>{word}: there is nothing</source>
      <translation>{word} : il n'y a rien</translation>
    </message>
    <message>
      <source>last:</source>
      <translation>dernier :</translation>
    </message>
    <message>
      <source>{count} more steps</source>
      <translation>{count} étapes de plus</translation>
    </message>
    <message>
      <source>{count} forward</source>
      <translation>{count} devant</translation>
    </message>
    <message>
      <source>{count} back</source>
      <translation>{count} derrière</translation>
    </message>
    <message>
      <source>Frame of the key</source>
      <translation>Image de la clé</translation>
    </message>
    <message>
      <source>Value of the key</source>
      <translation>Valeur de la clé</translation>
    </message>
    <message>
      <source>Frame</source>
      <translation>Image</translation>
    </message>
    <message>
      <source>Only these kinds</source>
      <translation>Seulement ces types</translation>
    </message>
    <message>
      <source>1 key</source>
      <translation>1 clé</translation>
    </message>
    <message>
      <source>{name}, frame {frame}</source>
      <translation>{name}, image {frame}</translation>
    </message>
    <message>
      <source>Reading the sound</source>
      <translation>Lecture du son</translation>
    </message>
    <message>
      <source>The take itself</source>
      <translation>La prise elle-même</translation>
    </message>
    <message>
      <source>{seconds} s</source>
      <translation>{seconds} s</translation>
    </message>
    <message>
      <source>off</source>
      <translation>inactif</translation>
    </message>
    <message>
      <source>is added</source>
      <translation>s'ajoute</translation>
    </message>
    <message>
      <source>takes over</source>
      <translation>prend le relais</translation>
    </message>
    <message>
      <source>Rows of the tape</source>
      <translation>Lignes de la bande</translation>
    </message>
    <message>
      <source>On the tape</source>
      <translation>Sur la bande</translation>
    </message>
    <message>
      <source>The current take</source>
      <translation>La prise actuelle</translation>
    </message>
    <message>
      <source>Play or stop  (Space)</source>
      <translation>Lire ou arrêter  (Espace)</translation>
    </message>
    <message>
      <source>Perform by hand  (Alt+P)</source>
      <translation>Jouer à la main  (Alt+P)</translation>
    </message>
    <message>
      <source>Keying</source>
      <translation>Clés</translation>
    </message>
    <message>
      <source>Loop</source>
      <translation>Boucle</translation>
    </message>
    <message>
      <source> a second</source>
      <translation> par seconde</translation>
    </message>
    <message>
      <source>Frames per second</source>
      <translation>Images par seconde</translation>
    </message>
    <message>
      <source>Speed of playing</source>
      <translation>Vitesse de lecture</translation>
    </message>
    <message>
      <source>Quarter speed</source>
      <translation>Quart de vitesse</translation>
    </message>
    <message>
      <source>Half speed</source>
      <translation>Demi-vitesse</translation>
    </message>
    <message>
      <source>Normal speed</source>
      <translation>Vitesse normale</translation>
    </message>
    <message>
      <source>Double speed</source>
      <translation>Double vitesse</translation>
    </message>
    <message>
      <source>How the layer is combined</source>
      <translation>Comment le calque se combine</translation>
    </message>
    <message>
      <source>Amount of the layer</source>
      <translation>Force du calque</translation>
    </message>
    <message>
      <source>How strong the layer is; keyed at the playhead</source>
      <translation>La force du calque ; en clé à la tête de lecture</translation>
    </message>
    <message>
      <source>Frame {frame}</source>
      <translation>Image {frame}</translation>
    </message>
    <message>
      <source>{keys} selected</source>
      <translation>{keys} sélectionnées</translation>
    </message>
    <message>
      <source>No take yet: pose something, or start one with +.</source>
      <translation>Pas encore de prise : posez quelque chose, ou commencez-en une avec +.</translation>
    </message>
    <message>
      <source>{frames} frames, {seconds} s</source>
      <translation>{frames} images, {seconds} s</translation>
    </message>
    <message>
      <source>{count} frames late</source>
      <translation>{count} images en retard</translation>
    </message>
    <message>
      <source>Keys over frames; arrows move selected keys, Delete removes them</source>
      <translation>Des clés sur des images ; les flèches déplacent les clés sélectionnées, Suppr les retire</translation>
    </message>
    <message>
      <source>What differs</source>
      <translation>Ce qui diffère</translation>
    </message>
    <message>
      <source>Restore</source>
      <translation>Restaurer</translation>
    </message>
    <message>
      <source>Insert a branch…</source>
      <translation>Insérer une branche…</translation>
    </message>
    <message>
      <source>New puppet from this</source>
      <translation>Nouvelle marionnette d'ici</translation>
    </message>
    <message>
      <source>Save the work as it is now, to compare or restore later. All of it is kept in the file.</source>
      <translation>Enregistrez l'état actuel pour comparer ou restaurer plus tard. Tout est gardé dans le fichier.</translation>
    </message>
    <message>
      <source>{name}, saved {when}</source>
      <translation>{name}, enregistrée {when}</translation>
    </message>
    <message>
      <source>Click a version to see what differs from now.</source>
      <translation>Cliquez une version pour voir ce qui diffère de maintenant.</translation>
    </message>
    <message>
      <source>What differs now from {name} of {when}; a click selects it:</source>
      <translation>Ce qui diffère maintenant de {name} du {when} ; un clic le sélectionne :</translation>
    </message>
    <message>
      <source>Nothing differs now from {name}.</source>
      <translation>Rien ne diffère maintenant de {name}.</translation>
    </message>
    <message>
      <source>Contact sheet</source>
      <translation>Planche-contact</translation>
    </message>
    <message>
      <source>Save the sheet as PDF, TIFF or PNG…</source>
      <translation>Enregistrer la planche en PDF, TIFF ou PNG…</translation>
    </message>
    <message>
      <source>Nothing tears, flips or jumps. Look at the poses far from rest all the same.</source>
      <translation>Rien ne se déchire, ne se retourne ni ne saute. Regardez quand même les poses loin du repos.</translation>
    </message>
    <message>
      <source>largest turn a step</source>
      <translation>plus grande rotation par pas</translation>
    </message>
    <message>
      <source>largest way a step</source>
      <translation>plus grand trajet par pas</translation>
    </message>
    <message>
      <source>frames at limits</source>
      <translation>images aux limites</translation>
    </message>
    <message>
      <source>out of reach</source>
      <translation>hors d'atteinte</translation>
    </message>
    <message>
      <source>moved</source>
      <translation>bougé</translation>
    </message>
    <message>
      <source>{names} and {count} more</source>
      <translation>{names} et {count} de plus</translation>
    </message>
    <message>
      <source>Looks as before with other values: {names}.</source>
      <translation>A l'aspect d'avant avec d'autres valeurs : {names}.</translation>
    </message>
    <message>
      <source>, as the limit of {joint} stops it</source>
      <translation>, car la limite de {joint} l'arrête</translation>
    </message>
    <message>
      <source>{count} more differ.</source>
      <translation>{count} de plus diffèrent.</translation>
    </message>
    <message>
      <source>Adjusting takes</source>
      <translation>Adaptation des prises</translation>
    </message>
    <message>
      <source>The pose {name}</source>
      <translation>La pose {name}</translation>
    </message>
    <message>
      <source>The pose in Rehearse</source>
      <translation>La pose en Répétition</translation>
    </message>
    <message>
      <source>{what} differs by up to {far} px{why}.</source>
      <translation>{what} diffère de {far} px au plus{why}.</translation>
    </message>
    <message>
      <source>{name} differs by up to {far} px at {frames}{why}.</source>
      <translation>{name} diffère de {far} px au plus à {frames}{why}.</translation>
    </message>
    <message>
      <source>{name} takes no values. Choose a slider, a pad, a grip, a knob or a chooser.</source>
      <translation>{name} ne prend pas de valeurs. Choisissez un curseur, un pavé, une poignée, un bouton ou un sélecteur.</translation>
    </message>
    <message>
      <source>Port {port} is taken by another program. Choose a different one.</source>
      <translation>Le port {port} est pris par un autre programme. Choisissez-en un autre.</translation>
    </message>
    <message>
      <source>Leave it as it is</source>
      <translation>Laisser comme c'est</translation>
    </message>
    <message>
      <source>Everything else looks as before. Undo takes back the whole step.</source>
      <translation>Tout le reste a l'aspect d'avant. Annuler reprend l'étape entière.</translation>
    </message>
    <message>
      <source>All takes and poses have the values that they had.</source>
      <translation>Toutes les prises et poses ont leurs valeurs d'avant.</translation>
    </message>
    <message>
      <source>A pass is being recorded. End it with Enter, or discard it with Esc.</source>
      <translation>Un passage s'enregistre. Finissez-le avec Entrée, ou rejetez-le avec Échap.</translation>
    </message>
    <message>
      <source>Something else was changed meanwhile, and nothing was made of this. Do it again.</source>
      <translation>Autre chose a changé entre-temps, et rien n'en est sorti. Recommencez.</translation>
    </message>
    <message>
      <source>Stopped: all takes and poses keep their values. Undo takes back the step.</source>
      <translation>Arrêté : toutes les prises et poses gardent leurs valeurs. Annuler reprend l'étape.</translation>
    </message>
    <message>
      <source>Go there</source>
      <translation>Y aller</translation>
    </message>
    <message>
      <source>Keep the values instead</source>
      <translation>Garder plutôt les valeurs</translation>
    </message>
    <message>
      <source>The pending changes at frame {frame} are back: Enter keys them.</source>
      <translation>Les changements en attente à l'image {frame} sont revenus : Entrée les met en clé.</translation>
    </message>
    <message>
      <source>Undone: {names}.</source>
      <translation>Annulé : {names}.</translation>
    </message>
    <message>
      <source>Redone: {names}.</source>
      <translation>Rétabli : {names}.</translation>
    </message>
    <message>
      <source>{count} pending changes at frame {frame} were discarded. Ctrl+Z restores them.</source>
      <translation>{count} changements en attente à l'image {frame} ont été rejetés. Ctrl+Z les rétablit.</translation>
    </message>
    <message>
      <source>Pose by a device</source>
      <translation>Poser par un périphérique</translation>
    </message>
    <message>
      <source>The walk moves that, as far as the master goes. Bake the walk to keys to correct it by hand.</source>
      <translation>La marche bouge cela, autant que le maître avance. Mettez la marche en clés pour la corriger à la main.</translation>
    </message>
    <message>
      <source>Export…</source>
      <translation>Exporter…</translation>
    </message>
    <message>
      <source>Panels</source>
      <translation>Panneaux</translation>
    </message>
    <message>
      <source>Board: {lower}.</source>
      <translation>Plateau : {lower}.</translation>
    </message>
    <message>
      <source>The drag was cancelled.</source>
      <translation>Le glissement a été annulé.</translation>
    </message>
    <message>
      <source>The panels are hidden. The same key shows them.</source>
      <translation>Les panneaux sont masqués. La même touche les affiche.</translation>
    </message>
    <message>
      <source>The panels are shown.</source>
      <translation>Les panneaux sont affichés.</translation>
    </message>
    <message>
      <source>Not saved for recovery</source>
      <translation>Pas de sauvegarde de secours</translation>
    </message>
  </context>
</TS>
