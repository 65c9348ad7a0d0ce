<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<!-- Not reviewed by a native speaker yet. -->
<TS version="2.1" language="es" sourcelanguage="en">
  <context>
    <name>Umbrite</name>
    <message>
      <source>New puppet</source>
      <translation>Nueva marioneta</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture…</source>
      <translation>Abrir una marioneta o una imagen por capas…</translation>
    </message>
    <message>
      <source>Add pictures…</source>
      <translation>Añadir imágenes…</translation>
    </message>
    <message>
      <source>Insert a puppet as a guest…</source>
      <translation>Insertar una marioneta invitada…</translation>
    </message>
    <message>
      <source>Save a version</source>
      <translation>Guardar una versión</translation>
    </message>
    <message>
      <source>Open the demo: Wick, finished</source>
      <translation>Abrir la demo: Wick, terminado</translation>
    </message>
    <message>
      <source>Open the demo: Wick, unrigged</source>
      <translation>Abrir la demo: Wick, sin rig</translation>
    </message>
    <message>
      <source>Open the demo: Bramble the mail goat, finished</source>
      <translation>Abrir la demo: Bramble, la cabra del correo, terminada</translation>
    </message>
    <message>
      <source>Open the demo: Inkpot the tea seller, finished</source>
      <translation>Abrir la demo: Inkpot, el vendedor de té, terminado</translation>
    </message>
    <message>
      <source>Open the demo: Tansy the letter heron, finished</source>
      <translation>Abrir la demo: Tansy, la garza de las cartas, terminada</translation>
    </message>
    <message>
      <source>Open the demo: Wick and the tea cart, a puppet inside a puppet</source>
      <translation>Abrir la demo: Wick y el carrito de té, una marioneta dentro de otra</translation>
    </message>
    <message>
      <source>Open the demo: The tea cart, finished</source>
      <translation>Abrir la demo: el carrito de té, terminado</translation>
    </message>
    <message>
      <source>Open the demo: Clover, with Wick's rig</source>
      <translation>Abrir la demo: Clover, con el rig de Wick</translation>
    </message>
    <message>
      <source>Save</source>
      <translation>Guardar</translation>
    </message>
    <message>
      <source>Save as…</source>
      <translation>Guardar como…</translation>
    </message>
    <message>
      <source>Export the pose as PNG…</source>
      <translation>Exportar la pose como PNG…</translation>
    </message>
    <message>
      <source>Export the pose as SVG…</source>
      <translation>Exportar la pose como SVG…</translation>
    </message>
    <message>
      <source>Export the pose as OpenRaster…</source>
      <translation>Exportar la pose como OpenRaster…</translation>
    </message>
    <message>
      <source>Export the pose as CSV…</source>
      <translation>Exportar la pose como CSV…</translation>
    </message>
    <message>
      <source>Export the pose as JSON…</source>
      <translation>Exportar la pose como JSON…</translation>
    </message>
    <message>
      <source>Export the pose as a pose file…</source>
      <translation>Exportar la pose como archivo de pose…</translation>
    </message>
    <message>
      <source>Export the puppet and its takes as glTF…</source>
      <translation>Exportar la marioneta y sus tomas como glTF…</translation>
    </message>
    <message>
      <source>Export the drawings on sheets…</source>
      <translation>Exportar los dibujos en hojas…</translation>
    </message>
    <message>
      <source>Quit</source>
      <translation>Salir</translation>
    </message>
    <message>
      <source>Preferences…</source>
      <translation>Preferencias…</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Deshacer</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Rehacer</translation>
    </message>
    <message>
      <source>Copy to the clipboard</source>
      <translation>Copiar al portapapeles</translation>
    </message>
    <message>
      <source>Paste from the clipboard</source>
      <translation>Pegar del portapapeles</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Quitar</translation>
    </message>
    <message>
      <source>Rename by find and replace…</source>
      <translation>Renombrar con buscar y reemplazar…</translation>
    </message>
    <message>
      <source>Rename…</source>
      <translation>Renombrar…</translation>
    </message>
    <message>
      <source>Select everything</source>
      <translation>Seleccionar todo</translation>
    </message>
    <message>
      <source>Select parent</source>
      <translation>Seleccionar el padre</translation>
    </message>
    <message>
      <source>Select child</source>
      <translation>Seleccionar el hijo</translation>
    </message>
    <message>
      <source>Select the whole branch</source>
      <translation>Seleccionar toda la rama</translation>
    </message>
    <message>
      <source>Delete with what uses it</source>
      <translation>Eliminar con lo que lo usa</translation>
    </message>
    <message>
      <source>Save branch to the library</source>
      <translation>Guardar la rama en la biblioteca</translation>
    </message>
    <message>
      <source>Update the guest</source>
      <translation>Actualizar la invitada</translation>
    </message>
    <message>
      <source>Open the guest's own file</source>
      <translation>Abrir el archivo de la invitada</translation>
    </message>
    <message>
      <source>Detach guest from its file</source>
      <translation>Separar la invitada de su archivo</translation>
    </message>
    <message>
      <source>Branch a tenth larger</source>
      <translation>Agrandar la rama una décima</translation>
    </message>
    <message>
      <source>Branch a tenth smaller</source>
      <translation>Reducir la rama una décima</translation>
    </message>
    <message>
      <source>Parts</source>
      <translation>Piezas</translation>
    </message>
    <message>
      <source>Pivots</source>
      <translation>Pivotes</translation>
    </message>
    <message>
      <source>Limbs</source>
      <translation>Extremidades</translation>
    </message>
    <message>
      <source>Controls</source>
      <translation>Controles</translation>
    </message>
    <message>
      <source>Rehearse</source>
      <translation>Ensayo</translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Tomas</translation>
    </message>
    <message>
      <source>Copy</source>
      <translation>Copiar</translation>
    </message>
    <message>
      <source>Linked copy</source>
      <translation>Copia enlazada</translation>
    </message>
    <message>
      <source>Other side, mirrored</source>
      <translation>Otro lado, en espejo</translation>
    </message>
    <message>
      <source>Other side, moved</source>
      <translation>Otro lado, desplazado</translation>
    </message>
    <message>
      <source>Align left edges</source>
      <translation>Alinear bordes izquierdos</translation>
    </message>
    <message>
      <source>Align centres</source>
      <translation>Alinear centros</translation>
    </message>
    <message>
      <source>Align right edges</source>
      <translation>Alinear bordes derechos</translation>
    </message>
    <message>
      <source>Align top edges</source>
      <translation>Alinear bordes superiores</translation>
    </message>
    <message>
      <source>Align middles</source>
      <translation>Alinear medios</translation>
    </message>
    <message>
      <source>Align bottom edges</source>
      <translation>Alinear bordes inferiores</translation>
    </message>
    <message>
      <source>Spread evenly across</source>
      <translation>Repartir a lo ancho</translation>
    </message>
    <message>
      <source>Spread evenly down</source>
      <translation>Repartir a lo alto</translation>
    </message>
    <message>
      <source>Edit the drawing outside</source>
      <translation>Editar el dibujo fuera</translation>
    </message>
    <message>
      <source>Replace drawing…</source>
      <translation>Reemplazar el dibujo…</translation>
    </message>
    <message>
      <source>Reference picture</source>
      <translation>Imagen de referencia</translation>
    </message>
    <message>
      <source>Seam cover from a picture…</source>
      <translation>Tapa de costura desde una imagen…</translation>
    </message>
    <message>
      <source>Seam cover</source>
      <translation>Tapa de costura</translation>
    </message>
    <message>
      <source>Shade</source>
      <translation>Sombra</translation>
    </message>
    <message>
      <source>Light over all</source>
      <translation>Luz sobre todo</translation>
    </message>
    <message>
      <source>Trim</source>
      <translation>Recortar</translation>
    </message>
    <message>
      <source>Cut</source>
      <translation>Cortar</translation>
    </message>
    <message>
      <source>Cut at the bones</source>
      <translation>Cortar por los huesos</translation>
    </message>
    <message>
      <source>Join into one part</source>
      <translation>Unir en una pieza</translation>
    </message>
    <message>
      <source>Remove all trims</source>
      <translation>Quitar todos los recortes</translation>
    </message>
    <message>
      <source>At two depths</source>
      <translation>En dos profundidades</translation>
    </message>
    <message>
      <source>Fan out</source>
      <translation>Desplegar</translation>
    </message>
    <message>
      <source>Solo</source>
      <translation>Solo</translation>
    </message>
    <message>
      <source>Hide or show</source>
      <translation>Ocultar o mostrar</translation>
    </message>
    <message>
      <source>Lock or unlock</source>
      <translation>Bloquear o desbloquear</translation>
    </message>
    <message>
      <source>Flash</source>
      <translation>Parpadear</translation>
    </message>
    <message>
      <source>Place</source>
      <translation>Colocar</translation>
    </message>
    <message>
      <source>Build by plan</source>
      <translation>Construir por plan</translation>
    </message>
    <message>
      <source>Forward</source>
      <translation>Adelante</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Atrás</translation>
    </message>
    <message>
      <source>To the front</source>
      <translation>Al frente</translation>
    </message>
    <message>
      <source>To the back</source>
      <translation>Al fondo</translation>
    </message>
    <message>
      <source>Find joints</source>
      <translation>Buscar articulaciones</translation>
    </message>
    <message>
      <source>Save as body plan</source>
      <translation>Guardar como plan de cuerpo</translation>
    </message>
    <message>
      <source>Transfer rig to other art…</source>
      <translation>Transferir el rig a otro arte…</translation>
    </message>
    <message>
      <source>Accept all proposed joints</source>
      <translation>Aceptar todas las articulaciones propuestas</translation>
    </message>
    <message>
      <source>Discard all proposed joints</source>
      <translation>Descartar todas las articulaciones propuestas</translation>
    </message>
    <message>
      <source>Pivot</source>
      <translation>Pivote</translation>
    </message>
    <message>
      <source>Parent</source>
      <translation>Padre</translation>
    </message>
    <message>
      <source>Carry together</source>
      <translation>Llevar juntos</translation>
    </message>
    <message>
      <source>Master</source>
      <translation>Maestro</translation>
    </message>
    <message>
      <source>Clear parent</source>
      <translation>Quitar el padre</translation>
    </message>
    <message>
      <source>Bones</source>
      <translation>Huesos</translation>
    </message>
    <message>
      <source>Bind</source>
      <translation>Vincular</translation>
    </message>
    <message>
      <source>Limb</source>
      <translation>Extremidad</translation>
    </message>
    <message>
      <source>Limbs from names</source>
      <translation>Extremidades por nombres</translation>
    </message>
    <message>
      <source>Limits</source>
      <translation>Límites</translation>
    </message>
    <message>
      <source>Find limits</source>
      <translation>Buscar límites</translation>
    </message>
    <message>
      <source>Turn bend side</source>
      <translation>Cambiar lado de flexión</translation>
    </message>
    <message>
      <source>Flip drawn bend</source>
      <translation>Voltear la flexión dibujada</translation>
    </message>
    <message>
      <source>Limb between the two selected</source>
      <translation>Extremidad entre los dos seleccionados</translation>
    </message>
    <message>
      <source>Parent to the last selected</source>
      <translation>Padre: el último seleccionado</translation>
    </message>
    <message>
      <source>Extend the limb by its end</source>
      <translation>Alargar la extremidad por su final</translation>
    </message>
    <message>
      <source>Limit 45° either way</source>
      <translation>Límite de 45° a cada lado</translation>
    </message>
    <message>
      <source>Limit 30° either way</source>
      <translation>Límite de 30° a cada lado</translation>
    </message>
    <message>
      <source>Hinge, one way</source>
      <translation>Bisagra, a un lado</translation>
    </message>
    <message>
      <source>Invert limit</source>
      <translation>Invertir el límite</translation>
    </message>
    <message>
      <source>Limit mirrored to the other side</source>
      <translation>Límite en espejo al otro lado</translation>
    </message>
    <message>
      <source>Same limit on the other side</source>
      <translation>Mismo límite al otro lado</translation>
    </message>
    <message>
      <source>Limit of the first for all selected</source>
      <translation>Límite del primero para toda la selección</translation>
    </message>
    <message>
      <source>Remove limit</source>
      <translation>Quitar el límite</translation>
    </message>
    <message>
      <source>Bones from pivots</source>
      <translation>Huesos desde pivotes</translation>
    </message>
    <message>
      <source>Bones along the middle of the part</source>
      <translation>Huesos por el medio de la pieza</translation>
    </message>
    <message>
      <source>Bones of a biped over the drawing</source>
      <translation>Huesos de un bípedo sobre el dibujo</translation>
    </message>
    <message>
      <source>Bones of a quadruped over the drawing</source>
      <translation>Huesos de un cuadrúpedo sobre el dibujo</translation>
    </message>
    <message>
      <source>Bones of a bird over the drawing</source>
      <translation>Huesos de un ave sobre el dibujo</translation>
    </message>
    <message>
      <source>Bones of a hand over the drawing</source>
      <translation>Huesos de una mano sobre el dibujo</translation>
    </message>
    <message>
      <source>Bend this part</source>
      <translation>Flexionar esta pieza</translation>
    </message>
    <message>
      <source>Bend over the selected bones</source>
      <translation>Flexionar sobre los huesos seleccionados</translation>
    </message>
    <message>
      <source>Grip at its tip</source>
      <translation>Agarre en su punta</translation>
    </message>
    <message>
      <source>Grips at each third</source>
      <translation>Agarres en cada tercio</translation>
    </message>
    <message>
      <source>Stop bending</source>
      <translation>Dejar de flexionar</translation>
    </message>
    <message>
      <source>Paint weights</source>
      <translation>Pintar pesos</translation>
    </message>
    <message>
      <source>Mesh points</source>
      <translation>Puntos de malla</translation>
    </message>
    <message>
      <source>Weights to the other side</source>
      <translation>Pesos al otro lado</translation>
    </message>
    <message>
      <source>Weights from the drawing's shape</source>
      <translation>Pesos según la forma del dibujo</translation>
    </message>
    <message>
      <source>Detach</source>
      <translation>Separar</translation>
    </message>
    <message>
      <source>Attach the first selected to the second</source>
      <translation>Unir el primer seleccionado al segundo</translation>
    </message>
    <message>
      <source>Same length on the other side</source>
      <translation>Misma longitud al otro lado</translation>
    </message>
    <message>
      <source>Bind parts by name</source>
      <translation>Vincular piezas por nombre</translation>
    </message>
    <message>
      <source>Bind parts by overlap</source>
      <translation>Vincular piezas por solape</translation>
    </message>
    <message>
      <source>Show what nothing carries</source>
      <translation>Mostrar lo que nada lleva</translation>
    </message>
    <message>
      <source>Bind unbound parts to the nearest</source>
      <translation>Vincular piezas sueltas a lo más cercano</translation>
    </message>
    <message>
      <source>Make controls</source>
      <translation>Crear controles</translation>
    </message>
    <message>
      <source>Place control</source>
      <translation>Colocar control</translation>
    </message>
    <message>
      <source>Grip for the selected</source>
      <translation>Agarre para la selección</translation>
    </message>
    <message>
      <source>Knob for the selected</source>
      <translation>Perilla para la selección</translation>
    </message>
    <message>
      <source>Slider for the selected</source>
      <translation>Deslizador para la selección</translation>
    </message>
    <message>
      <source>Pad for the selected</source>
      <translation>Pad para la selección</translation>
    </message>
    <message>
      <source>Bow grip for the selected</source>
      <translation>Agarre de arco para la selección</translation>
    </message>
    <message>
      <source>Correct this bend</source>
      <translation>Corregir esta flexión</translation>
    </message>
    <message>
      <source>Mirror its poses to the other side</source>
      <translation>Sus poses en espejo al otro lado</translation>
    </message>
    <message>
      <source>Slider for poses</source>
      <translation>Deslizador para poses</translation>
    </message>
    <message>
      <source>Pad for poses</source>
      <translation>Pad para poses</translation>
    </message>
    <message>
      <source>Variants from the selected</source>
      <translation>Variantes de la selección</translation>
    </message>
    <message>
      <source>Branch variants from the selected branches</source>
      <translation>Variantes de ramas de la selección</translation>
    </message>
    <message>
      <source>Copy this branch as a variant</source>
      <translation>Copiar esta rama como variante</translation>
    </message>
    <message>
      <source>Add drawings to this part…</source>
      <translation>Añadir dibujos a esta pieza…</translation>
    </message>
    <message>
      <source>Align drawing by the pivot</source>
      <translation>Alinear el dibujo por el pivote</translation>
    </message>
    <message>
      <source>Align drawing by the middle</source>
      <translation>Alinear el dibujo por el medio</translation>
    </message>
    <message>
      <source>Next variant</source>
      <translation>Variante siguiente</translation>
    </message>
    <message>
      <source>Previous variant</source>
      <translation>Variante anterior</translation>
    </message>
    <message>
      <source>Use this variant at rest</source>
      <translation>Usar esta variante en reposo</translation>
    </message>
    <message>
      <source>Remove from its set</source>
      <translation>Quitar de su conjunto</translation>
    </message>
    <message>
      <source>Chooser of the selected set</source>
      <translation>Selector del conjunto seleccionado</translation>
    </message>
    <message>
      <source>Make a head turn</source>
      <translation>Hacer girar la cabeza</translation>
    </message>
    <message>
      <source>Set up the face</source>
      <translation>Preparar la cara</translation>
    </message>
    <message>
      <source>Pose at this value</source>
      <translation>Pose en este valor</translation>
    </message>
    <message>
      <source>Link the second selected to the first</source>
      <translation>Enlazar el segundo seleccionado al primero</translation>
    </message>
    <message>
      <source>List of controls and links</source>
      <translation>Lista de controles y enlaces</translation>
    </message>
    <message>
      <source>Lock all but controls</source>
      <translation>Bloquear todo menos controles</translation>
    </message>
    <message>
      <source>Pose</source>
      <translation>Posar</translation>
    </message>
    <message>
      <source>Whole body</source>
      <translation>Cuerpo entero</translation>
    </message>
    <message>
      <source>Squash and slant</source>
      <translation>Aplastar e inclinar</translation>
    </message>
    <message>
      <source>Reshape</source>
      <translation>Remodelar</translation>
    </message>
    <message>
      <source>Remove all hold points</source>
      <translation>Quitar todos los puntos fijos</translation>
    </message>
    <message>
      <source>Save pose</source>
      <translation>Guardar pose</translation>
    </message>
    <message>
      <source>Save pose of the selected</source>
      <translation>Guardar pose de la selección</translation>
    </message>
    <message>
      <source>Mirror the pose</source>
      <translation>Pose en espejo</translation>
    </message>
    <message>
      <source>Copy the pose</source>
      <translation>Copiar la pose</translation>
    </message>
    <message>
      <source>Paste the pose</source>
      <translation>Pegar la pose</translation>
    </message>
    <message>
      <source>Workout</source>
      <translation>Prueba</translation>
    </message>
    <message>
      <source>Reset the branch</source>
      <translation>Restablecer la rama</translation>
    </message>
    <message>
      <source>Reset selected</source>
      <translation>Restablecer la selección</translation>
    </message>
    <message>
      <source>Reset all</source>
      <translation>Restablecer todo</translation>
    </message>
    <message>
      <source>Make this pose the rest pose</source>
      <translation>Hacer de esta pose la de reposo</translation>
    </message>
    <message>
      <source>New take</source>
      <translation>Nueva toma</translation>
    </message>
    <message>
      <source>New take from rest</source>
      <translation>Nueva toma desde reposo</translation>
    </message>
    <message>
      <source>Copy the take</source>
      <translation>Duplicar la toma</translation>
    </message>
    <message>
      <source>Copy take to the clipboard</source>
      <translation>Copiar la toma al portapapeles</translation>
    </message>
    <message>
      <source>Remove the take</source>
      <translation>Quitar la toma</translation>
    </message>
    <message>
      <source>Play or stop</source>
      <translation>Reproducir o parar</translation>
    </message>
    <message>
      <source>Perform</source>
      <translation>Actuar a mano</translation>
    </message>
    <message>
      <source>Devices…</source>
      <translation>Dispositivos…</translation>
    </message>
    <message>
      <source>Ghosts before and after</source>
      <translation>Fantasmas antes y después</translation>
    </message>
    <message>
      <source>More ghosts</source>
      <translation>Más fantasmas</translation>
    </message>
    <message>
      <source>Fewer ghosts</source>
      <translation>Menos fantasmas</translation>
    </message>
    <message>
      <source>Ghosts of every frame</source>
      <translation>Fantasmas de cada fotograma</translation>
    </message>
    <message>
      <source>Trails of selected controls</source>
      <translation>Estelas de controles seleccionados</translation>
    </message>
    <message>
      <source>Seconds on the ruler</source>
      <translation>Segundos en la regla</translation>
    </message>
    <message>
      <source>Start a walk…</source>
      <translation>Empezar a andar…</translation>
    </message>
    <message>
      <source>Let it breathe…</source>
      <translation>Hacer respirar…</translation>
    </message>
    <message>
      <source>Let it blink…</source>
      <translation>Hacer parpadear…</translation>
    </message>
    <message>
      <source>Previous frame</source>
      <translation>Fotograma anterior</translation>
    </message>
    <message>
      <source>Next frame</source>
      <translation>Fotograma siguiente</translation>
    </message>
    <message>
      <source>Previous key</source>
      <translation>Clave anterior</translation>
    </message>
    <message>
      <source>Next key</source>
      <translation>Clave siguiente</translation>
    </message>
    <message>
      <source>First frame of the take</source>
      <translation>Primer fotograma de la toma</translation>
    </message>
    <message>
      <source>Last frame of the take</source>
      <translation>Último fotograma de la toma</translation>
    </message>
    <message>
      <source>Key all</source>
      <translation>Clave para todo</translation>
    </message>
    <message>
      <source>Key selected</source>
      <translation>Clave para la selección</translation>
    </message>
    <message>
      <source>Auto-key</source>
      <translation>Claves automáticas</translation>
    </message>
    <message>
      <source>Key pending changes</source>
      <translation>Claves de cambios pendientes</translation>
    </message>
    <message>
      <source>Delete selected keys</source>
      <translation>Eliminar claves seleccionadas</translation>
    </message>
    <message>
      <source>Reverse selected keys</source>
      <translation>Invertir claves seleccionadas</translation>
    </message>
    <message>
      <source>Stretch selected keys to double</source>
      <translation>Estirar claves al doble</translation>
    </message>
    <message>
      <source>Shrink selected keys to half</source>
      <translation>Reducir claves a la mitad</translation>
    </message>
    <message>
      <source>Keys on whole frames</source>
      <translation>Claves en fotogramas enteros</translation>
    </message>
    <message>
      <source>Scatter selected keys…</source>
      <translation>Dispersar claves seleccionadas…</translation>
    </message>
    <message>
      <source>Ease all…</source>
      <translation>Suavizar todo…</translation>
    </message>
    <message>
      <source>Delay down the chain…</source>
      <translation>Retrasar por la cadena…</translation>
    </message>
    <message>
      <source>Swing</source>
      <translation>Oscilar</translation>
    </message>
    <message>
      <source>Bake swing to keys</source>
      <translation>Oscilación a claves</translation>
    </message>
    <message>
      <source>Swing while you pose</source>
      <translation>Oscilar al posar</translation>
    </message>
    <message>
      <source>Play through the variants…</source>
      <translation>Recorrer las variantes…</translation>
    </message>
    <message>
      <source>Shapes from a list of frames…</source>
      <translation>Formas de una lista de fotogramas…</translation>
    </message>
    <message>
      <source>Add a sound…</source>
      <translation>Añadir un sonido…</translation>
    </message>
    <message>
      <source>Mark the sound here</source>
      <translation>Marcar el sonido aquí</translation>
    </message>
    <message>
      <source>Mark the accents</source>
      <translation>Marcar los acentos</translation>
    </message>
    <message>
      <source>Mouths from the sound…</source>
      <translation>Bocas desde el sonido…</translation>
    </message>
    <message>
      <source>Nod and blink to the sound…</source>
      <translation>Asentir y parpadear con el sonido…</translation>
    </message>
    <message>
      <source>End with the sound</source>
      <translation>Terminar con el sonido</translation>
    </message>
    <message>
      <source>Remove the sound</source>
      <translation>Quitar el sonido</translation>
    </message>
    <message>
      <source>Spread selected keys…</source>
      <translation>Espaciar claves seleccionadas…</translation>
    </message>
    <message>
      <source>Change what it follows here…</source>
      <translation>Cambiar a quién sigue aquí…</translation>
    </message>
    <message>
      <source>Change bend side here…</source>
      <translation>Cambiar lado de flexión aquí…</translation>
    </message>
    <message>
      <source>Bake walk to keys</source>
      <translation>Andar a claves</translation>
    </message>
    <message>
      <source>Add a take as a layer…</source>
      <translation>Añadir una toma como capa…</translation>
    </message>
    <message>
      <source>Keys of the next layer</source>
      <translation>Claves de la capa siguiente</translation>
    </message>
    <message>
      <source>Layer on or off</source>
      <translation>Capa activa o no</translation>
    </message>
    <message>
      <source>Move layer up</source>
      <translation>Subir la capa</translation>
    </message>
    <message>
      <source>Remove the layer</source>
      <translation>Quitar la capa</translation>
    </message>
    <message>
      <source>Flatten layers</source>
      <translation>Acoplar las capas</translation>
    </message>
    <message>
      <source>Keep takes when the rig changes</source>
      <translation>Mantener tomas al cambiar el rig</translation>
    </message>
    <message>
      <source>Keep the values, not the look</source>
      <translation>Mantener valores, no aspecto</translation>
    </message>
    <message>
      <source>Close the loop</source>
      <translation>Cerrar el bucle</translation>
    </message>
    <message>
      <source>Export the take as WebM…</source>
      <translation>Exportar la toma como WebM…</translation>
    </message>
    <message>
      <source>Export the take as MP4…</source>
      <translation>Exportar la toma como MP4…</translation>
    </message>
    <message>
      <source>Export the take as MOV…</source>
      <translation>Exportar la toma como MOV…</translation>
    </message>
    <message>
      <source>Export the take as GIF…</source>
      <translation>Exportar la toma como GIF…</translation>
    </message>
    <message>
      <source>Export the take as APNG…</source>
      <translation>Exportar la toma como APNG…</translation>
    </message>
    <message>
      <source>Export the take as WebP…</source>
      <translation>Exportar la toma como WebP…</translation>
    </message>
    <message>
      <source>Export the take as numbered PNGs…</source>
      <translation>Exportar la toma como PNG numerados…</translation>
    </message>
    <message>
      <source>Export the take's frames on sheets…</source>
      <translation>Exportar los fotogramas en hojas…</translation>
    </message>
    <message>
      <source>Fit</source>
      <translation>Ajustar</translation>
    </message>
    <message>
      <source>Actual size</source>
      <translation>Tamaño real</translation>
    </message>
    <message>
      <source>Zoom in</source>
      <translation>Acercar</translation>
    </message>
    <message>
      <source>Zoom out</source>
      <translation>Alejar</translation>
    </message>
    <message>
      <source>X-ray</source>
      <translation>Rayos X</translation>
    </message>
    <message>
      <source>Outlines</source>
      <translation>Contornos</translation>
    </message>
    <message>
      <source>Art only, in Rehearse</source>
      <translation>Solo el arte, en Ensayo</translation>
    </message>
    <message>
      <source>Controls only, in Rehearse</source>
      <translation>Solo los controles, en Ensayo</translation>
    </message>
    <message>
      <source>Rulers and guides</source>
      <translation>Reglas y guías</translation>
    </message>
    <message>
      <source>Clear guides</source>
      <translation>Borrar guías</translation>
    </message>
    <message>
      <source>All cords</source>
      <translation>Todos los cordones</translation>
    </message>
    <message>
      <source>Family as a diagram</source>
      <translation>Familia como diagrama</translation>
    </message>
    <message>
      <source>Library</source>
      <translation>Biblioteca</translation>
    </message>
    <message>
      <source>Versions</source>
      <translation>Versiones</translation>
    </message>
    <message>
      <source>Next panel</source>
      <translation>Panel siguiente</translation>
    </message>
    <message>
      <source>Hide or show panels</source>
      <translation>Ocultar o mostrar paneles</translation>
    </message>
    <message>
      <source>Board: paler or darker</source>
      <translation>Tablero: más claro u oscuro</translation>
    </message>
    <message>
      <source>Full screen</source>
      <translation>Pantalla completa</translation>
    </message>
    <message>
      <source>Reset layout</source>
      <translation>Restablecer disposición</translation>
    </message>
    <message>
      <source>Guide for this station</source>
      <translation>Guía de esta estación</translation>
    </message>
    <message>
      <source>Guide for what is under the pointer</source>
      <translation>Guía de lo que hay bajo el puntero</translation>
    </message>
    <message>
      <source>Show me: rigging</source>
      <translation>Muéstrame: el rig</translation>
    </message>
    <message>
      <source>Show me: animating</source>
      <translation>Muéstrame: la animación</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Hallazgos</translation>
    </message>
    <message>
      <source>Messages</source>
      <translation>Mensajes</translation>
    </message>
    <message>
      <source>Find a command…</source>
      <translation>Buscar un comando…</translation>
    </message>
    <message>
      <source>Copy a report of a fault</source>
      <translation>Copiar un informe de fallo</translation>
    </message>
    <message>
      <source>About Umbrite</source>
      <translation>Acerca de Umbrite</translation>
    </message>
    <message>
      <source>File</source>
      <translation>Archivo</translation>
    </message>
    <message>
      <source>Edit</source>
      <translation>Edición</translation>
    </message>
    <message>
      <source>Stations</source>
      <translation>Estaciones</translation>
    </message>
    <message>
      <source>Art</source>
      <translation>Arte</translation>
    </message>
    <message>
      <source>Rig</source>
      <translation>Rig</translation>
    </message>
    <message>
      <source>View</source>
      <translation>Ver</translation>
    </message>
    <message>
      <source>Help</source>
      <translation>Ayuda</translation>
    </message>
    <message>
      <source>Demos</source>
      <translation>Demos</translation>
    </message>
    <message>
      <source>Export for engines</source>
      <translation>Exportar para motores</translation>
    </message>
    <message>
      <source>Export the pose</source>
      <translation>Exportar la pose</translation>
    </message>
    <message>
      <source>Align and spread</source>
      <translation>Alinear y repartir</translation>
    </message>
    <message>
      <source>Other side</source>
      <translation>Otro lado</translation>
    </message>
    <message>
      <source>Bind parts</source>
      <translation>Vincular piezas</translation>
    </message>
    <message>
      <source>Bones of a body plan</source>
      <translation>Huesos de un plan de cuerpo</translation>
    </message>
    <message>
      <source>Make one control</source>
      <translation>Crear un control</translation>
    </message>
    <message>
      <source>Export the take</source>
      <translation>Exportar la toma</translation>
    </message>
    <message>
      <source>Drag a part to move it; click again for what lies behind. Shift keeps to one axis.</source>
      <translation>Arrastre una pieza; clic otra vez para la de detrás. Mayús la mantiene en un eje.</translation>
    </message>
    <message>
      <source>Draw a loop around what should be trimmed. Ctrl restores it; the drawing stays whole.</source>
      <translation>Trace un lazo alrededor de lo que se recorta. Ctrl lo restaura; el dibujo queda entero.</translation>
    </message>
    <message>
      <source>Draw a line across a part, or a loop around a piece of it, to cut it in two.</source>
      <translation>Trace una línea a través de una pieza, o un lazo en torno a un trozo, para cortarla.</translation>
    </message>
    <message>
      <source>Drag a rivet to the pivot. Alt slides the picture under it; hold W and drag to try it.</source>
      <translation>Arrastre un remache al pivote. Alt mueve la imagen debajo; W y arrastrar para probarlo.</translation>
    </message>
    <message>
      <source>Drag from a part or rivet to its parent. Shift selects several first.</source>
      <translation>Arrastre de una pieza o remache a su padre. Mayús selecciona varios antes.</translation>
    </message>
    <message>
      <source>Drag from one joint to another, such as shoulder to wrist; either may come first.</source>
      <translation>Arrastre de una articulación a otra, como de hombro a muñeca; da igual cuál primero.</translation>
    </message>
    <message>
      <source>Drag to draw a bone, then go on from its tip. Alt moves bones, Ctrl draws a line of them.</source>
      <translation>Arrastre para trazar un hueso y siga desde su punta. Alt mueve huesos, Ctrl traza una fila.</translation>
    </message>
    <message>
      <source>Drag a part to its bone, or draw a loop around parts for the selected bone.</source>
      <translation>Arrastre una pieza a su hueso, o rodee piezas para el hueso seleccionado.</translation>
    </message>
    <message>
      <source>Click a joint, then drag an end of its fan. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>Clic en una articulación y arrastre un extremo del abanico. Mayús: 5°, Ctrl: ambos.</translation>
    </message>
    <message>
      <source>Paint the part for the bone. A click on a rivet chooses the bone; pen pressure counts.</source>
      <translation>Pinte la pieza para el hueso. Clic en un remache elige el hueso; cuenta la presión.</translation>
    </message>
    <message>
      <source>Drag mesh points; click adds one, Del removes. Shift selects several, Alt+drag a box.</source>
      <translation>Arrastre puntos; un clic añade uno, Supr quita. Mayús: varios, Alt+arrastrar: un marco.</translation>
    </message>
    <message>
      <source>Drag a control to another place; what it moves stays. K makes controls.</source>
      <translation>Arrastre un control a otro sitio; lo que mueve se queda. K crea controles.</translation>
    </message>
    <message>
      <source>Drag a control or the art. Alt turns, Shift keeps to one axis; Ctrl+click sets a pin.</source>
      <translation>Arrastre un control o el arte. Alt gira, Mayús fija un eje; Ctrl+clic pone un alfiler.</translation>
    </message>
    <message>
      <source>Drag any point: the whole body follows. A click holds or releases a point.</source>
      <translation>Arrastre cualquier punto: el cuerpo entero lo sigue. Un clic fija o suelta un punto.</translation>
    </message>
    <message>
      <source>Drag the art to scale it about its pivot. Shift keeps its shape, Alt slants it.</source>
      <translation>Arrastre el arte para escalarlo por su pivote. Mayús guarda su forma, Alt lo inclina.</translation>
    </message>
    <message>
      <source>Drag the art to push it; a shape is made. Shift pushes more of it, Ctrl one point.</source>
      <translation>Arrastre el arte para empujarlo; se crea una forma. Mayús empuja más, Ctrl un punto.</translation>
    </message>
    <message>
      <source>Drag a control or the art to key it here. Space plays, comma and full stop step.</source>
      <translation>Arrastre un control o el arte para una clave. Espacio reproduce, coma y punto avanzan.</translation>
    </message>
    <message>
      <source>{name}: drag to its parent.</source>
      <translation>{name}: arrastre a su padre.</translation>
    </message>
    <message>
      <source>{name}: draw a child bone from here. Alt+drag moves its head, the picture stays.</source>
      <translation>{name}: trace un hueso hijo desde aquí. Alt+arrastrar mueve su cabeza, la imagen se queda.</translation>
    </message>
    <message>
      <source>{name}: click to see how far it may turn.</source>
      <translation>{name}: clic para ver cuánto puede girar.</translation>
    </message>
    <message>
      <source>Drag the mirror line. Enter closes it.</source>
      <translation>Arrastre la línea de espejo. Intro la cierra.</translation>
    </message>
    <message>
      <source>Drag the guide; drop it on a ruler to remove it. Shift snaps to tens.</source>
      <translation>Arrastre la guía; suéltela en una regla para quitarla. Mayús la ajusta a decenas.</translation>
    </message>
    <message>
      <source>Corner scales (Shift: freely), edge stretches (Ctrl: skews), pin turns (Shift: by 15°).</source>
      <translation>Esquina: escala (Mayús: libre), borde: estira (Ctrl: sesga), alfiler: gira (Mayús: 15°).</translation>
    </message>
    <message>
      <source>{name}: drag to move its pivot. The picture stays.</source>
      <translation>{name}: arrastre para mover su pivote. La imagen se queda.</translation>
    </message>
    <message>
      <source>{name}: click to accept this joint, drag to correct it, Alt+click to discard it.</source>
      <translation>{name}: clic acepta, arrastrar corrige, Alt+clic descarta esta articulación.</translation>
    </message>
    <message>
      <source>Click to exclude or include this cut. Enter cuts, Esc discards.</source>
      <translation>Clic para excluir o incluir este corte. Intro corta, Esc descarta.</translation>
    </message>
    <message>
      <source>Click to exclude or include this limb. Enter makes the limbs, Esc discards them.</source>
      <translation>Clic para excluir o incluir esta extremidad. Intro las crea, Esc las descarta.</translation>
    </message>
    <message>
      <source>{name}: drag from here to the other end of the limb.</source>
      <translation>{name}: arrastre desde aquí al otro extremo de la extremidad.</translation>
    </message>
    <message>
      <source>{name}: click for its card; drag the hook to what it should follow. Alt+drag moves the tip.</source>
      <translation>{name}: clic para su ficha; arrastre el gancho a lo que sigue. Alt+arrastrar mueve la punta.</translation>
    </message>
    <message>
      <source>{name}: its tip. Draw on from here; Alt+drag moves it, with Shift without children.</source>
      <translation>{name}: su punta. Siga desde aquí; Alt+arrastrar la mueve, con Mayús sin los hijos.</translation>
    </message>
    <message>
      <source>{name}: drag this end or turn the wheel. Shift steps by 5°, Ctrl sets both ends.</source>
      <translation>{name}: arrastre este extremo o gire la rueda. Mayús: pasos de 5°, Ctrl: ambos.</translation>
    </message>
    <message>
      <source>{name}: drag to put the control elsewhere. Shift selects several.</source>
      <translation>{name}: arrastre para poner el control en otro sitio. Mayús selecciona varios.</translation>
    </message>
    <message>
      <source>{name}: drag this pose to another value. Details mirrors and removes it.</source>
      <translation>{name}: arrastre esta pose a otro valor. Detalles la refleja o la quita.</translation>
    </message>
    <message>
      <source>Click to exclude or include this control. Enter makes them, Esc discards them.</source>
      <translation>Clic para excluir o incluir este control. Intro los crea, Esc los descarta.</translation>
    </message>
    <message>
      <source>Click to exclude or include this piece. Enter makes what is ticked, Esc discards it.</source>
      <translation>Clic para excluir o incluir este trozo. Intro crea lo marcado, Esc lo descarta.</translation>
    </message>
    <message>
      <source>{name}: drag to pose. Shift keeps to one axis, Shift+click selects several.</source>
      <translation>{name}: arrastre para posar. Mayús fija un eje, Mayús+clic selecciona varios.</translation>
    </message>
    <message>
      <source>{name}: click a card, turn the wheel, or press its number.</source>
      <translation>{name}: clic en una carta, gire la rueda o pulse su número.</translation>
    </message>
    <message>
      <source>{name}: drag the ring to turn it, the middle to move it. Shift steps by 5°.</source>
      <translation>{name}: arrastre el anillo para girar, el centro para mover. Mayús: pasos de 5°.</translation>
    </message>
    <message>
      <source>{name}: drag to turn everything. Shift steps by 5°.</source>
      <translation>{name}: arrastre para girarlo todo. Mayús: pasos de 5°.</translation>
    </message>
    <message>
      <source>{name}: drag to make everything larger or smaller.</source>
      <translation>{name}: arrastre para agrandar o reducir todo.</translation>
    </message>
    <message>
      <source>Save part</source>
      <translation>Guardar parte</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Espejo</translation>
    </message>
    <message>
      <source>Paste</source>
      <translation>Pegar</translation>
    </message>
    <message>
      <source>a gap opens in the seam</source>
      <translation>se abre un hueco en la costura</translation>
    </message>
    <message>
      <source>an edge of the part behind shows</source>
      <translation>se ve un borde de la pieza de detrás</translation>
    </message>
    <message>
      <source>the limb would bend against its side</source>
      <translation>la extremidad se flexionaría al lado contrario</translation>
    </message>
    <message>
      <source>the drawing folds over</source>
      <translation>el dibujo se pliega</translation>
    </message>
    <message>
      <source>nothing shows all the way</source>
      <translation>no se ve nada en todo el recorrido</translation>
    </message>
    <message>
      <source>a gap opens</source>
      <translation>se abre un hueco</translation>
    </message>
    <message>
      <source>an edge shows</source>
      <translation>se ve un borde</translation>
    </message>
    <message>
      <source>bends wrong</source>
      <translation>flexiona mal</translation>
    </message>
    <message>
      <source>it folds over</source>
      <translation>se pliega</translation>
    </message>
    <message>
      <source>free</source>
      <translation>libre</translation>
    </message>
    <message>
      <source>Paper by day</source>
      <translation>Papel de día</translation>
    </message>
    <message>
      <source>Paper by night</source>
      <translation>Papel de noche</translation>
    </message>
    <message>
      <source>As the theme has it</source>
      <translation>Como el tema</translation>
    </message>
    <message>
      <source>Pale</source>
      <translation>Claro</translation>
    </message>
    <message>
      <source>Middle grey</source>
      <translation>Gris medio</translation>
    </message>
    <message>
      <source>Dark</source>
      <translation>Oscuro</translation>
    </message>
    <message>
      <source>As the system has it</source>
      <translation>Como el sistema</translation>
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
      <translation>Lado cercano</translation>
    </message>
    <message>
      <source>Far side</source>
      <translation>Lado lejano</translation>
    </message>
    <message>
      <source>Middle</source>
      <translation>Medio</translation>
    </message>
    <message>
      <source>Right side</source>
      <translation>Lado derecho</translation>
    </message>
    <message>
      <source>Left side</source>
      <translation>Lado izquierdo</translation>
    </message>
    <message>
      <source>The target of {name} stands {away:.1f} px away from its tip.</source>
      <translation>El objetivo de {name} está a {away:.1f} px de su punta.</translation>
    </message>
    <message>
      <source>A target stands exactly on its limb's tip at rest; else the limb jumps when it is first touched.</source>
      <translation>En reposo, un objetivo está justo en la punta de su extremidad; si no, salta al primer toque.</translation>
    </message>
    <message>
      <source>Put the target on the tip</source>
      <translation>Poner el objetivo en la punta</translation>
    </message>
    <message>
      <source>{name} is drawn bent to one side and set to bend to the other. It bends as it is drawn.</source>
      <translation>{name} está dibujada flexionada a un lado y ajustada al otro. Se flexiona como está dibujada.</translation>
    </message>
    <message>
      <source>A limb that bent against its drawing would fold over as soon as anything moves. Bend it as it is drawn, or turn the drawn bend over (Alt+Shift+T).</source>
      <translation>Una extremidad que se flexionara contra su dibujo se plegaría al moverse algo. Flexiónela como está dibujada o voltee la flexión dibujada (Alt+Mayús+T).</translation>
    </message>
    <message>
      <source>Bend it as it is drawn</source>
      <translation>Flexionar como está dibujada</translation>
    </message>
    <message>
      <source>{name} is drawn straight, so its bend side is a guess. Look at both and choose one.</source>
      <translation>{name} está dibujada recta, así que su lado de flexión es una suposición. Mire ambos y elija uno.</translation>
    </message>
    <message>
      <source>From a straight drawing nobody can tell where the knee bends. Both sides are shown in Details; one click chooses.</source>
      <translation>En un dibujo recto nadie sabe hacia dónde va la rodilla. Ambos lados se ven en Detalles; un clic elige.</translation>
    </message>
    <message>
      <source>Keep the side it has</source>
      <translation>Dejar el lado que tiene</translation>
    </message>
    <message>
      <source>{name} and {other} start at the same place on the same side. If only one should show at a time, make a set of them.</source>
      <translation>{name} y {other} empiezan en el mismo sitio y lado. Si solo una debe verse a la vez, haga un conjunto con ellas.</translation>
    </message>
    <message>
      <source>Two arms on one side are usually alternatives. Select their first joints and use Branch variants from the selected branches.</source>
      <translation>Dos brazos en un lado suelen ser alternativas. Seleccione sus primeras articulaciones y use Variantes de ramas de la selección.</translation>
    </message>
    <message>
      <source>{name} is {one:.0f} px long and {twin} {other:.0f} px. Check that both should reach equally far.</source>
      <translation>{name} mide {one:.0f} px y {twin} {other:.0f} px. Compruebe si ambas deben llegar igual de lejos.</translation>
    </message>
    <message>
      <source>Limbs of a pair usually reach equally far; a pivot may have slipped.</source>
      <translation>Las extremidades de un par suelen llegar igual de lejos; quizá se movió un pivote.</translation>
    </message>
    <message>
      <source>{name} is locked, so {limb} bends without it.</source>
      <translation>{name} está bloqueada, así que {limb} se flexiona sin ella.</translation>
    </message>
    <message>
      <source>A locked joint of a limb does not bend along; the others do more.</source>
      <translation>Una articulación bloqueada no se flexiona; las otras hacen más.</translation>
    </message>
    <message>
      <source>Let it bend again</source>
      <translation>Dejar que flexione de nuevo</translation>
    </message>
    <message>
      <source>Nothing carries {name}, so it stays behind when the puppet moves. Give it a parent.</source>
      <translation>Nada lleva a {name}, así que se queda atrás cuando la marioneta se mueve. Dele un padre.</translation>
    </message>
    <message>
      <source>A part without a parent stays on the board while the rest of the puppet moves.</source>
      <translation>Una pieza sin padre se queda en el tablero mientras el resto se mueve.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so it swings instead of turning. Look whether that is wanted.</source>
      <translation>El pivote de {name} está fuera de su dibujo, así que se balancea en vez de girar. Mire si es lo que quiere.</translation>
    </message>
    <message>
      <source>A part turns about its pivot. One that lies outside the drawing makes the part swing around it, as a lantern on a cord.</source>
      <translation>Una pieza gira sobre su pivote. Si está fuera del dibujo, la pieza se balancea en torno a él, como un farol colgado.</translation>
    </message>
    <message>
      <source>The pivot of {name} is still the middle of its drawing. Drag it to where it turns.</source>
      <translation>El pivote de {name} sigue en el medio de su dibujo. Arrástrelo adonde gira.</translation>
    </message>
    <message>
      <source>Until a pivot is set the middle of the drawing stands in for it; hardly anything turns about its middle.</source>
      <translation>Hasta fijar un pivote, el medio del dibujo hace de pivote; casi nada gira sobre su medio.</translation>
    </message>
    <message>
      <source>The middle is right</source>
      <translation>El medio es correcto</translation>
    </message>
    <message>
      <source>The limits of {name} leave out the rest pose, so it would jump as soon as it is touched.</source>
      <translation>Los límites de {name} excluyen la pose de reposo, así que saltaría al tocarla.</translation>
    </message>
    <message>
      <source>Zero is the rest pose, always; limits that leave it out would make the joint jump at the first touch.</source>
      <translation>Cero es siempre la pose de reposo; unos límites que la excluyen harían saltar la articulación al primer toque.</translation>
    </message>
    <message>
      <source>Widen the limits to rest</source>
      <translation>Ampliar los límites al reposo</translation>
    </message>
    <message>
      <source>The limits of {name} leave no room, so it can't turn at all.</source>
      <translation>Los límites de {name} no dejan margen, así que no puede girar.</translation>
    </message>
    <message>
      <source>Smallest and largest are the same, so the joint is locked. One lock by give 0 says that more plainly.</source>
      <translation>El menor y el mayor son iguales, así que la articulación está bloqueada. Una soltura de 0 lo dice más claro.</translation>
    </message>
    <message>
      <source>{name} is on the {side} side and lies {lies} {other}. Look at the depth rail.</source>
      <translation>{name} es del lado {side} y está {lies} {other}. Mire el carril de profundidad.</translation>
    </message>
    <message>
      <source>Near pieces are expected in front of what carries them and far ones behind, and the pieces of a limb stacked one way.</source>
      <translation>Las piezas cercanas van delante de lo que las lleva, las lejanas detrás, y las de una extremidad apiladas en un sentido.</translation>
    </message>
    <message>
      <source>{name} and {twin} have nearly the same name. Rename one, so that they can be told apart.</source>
      <translation>{name} y {twin} tienen casi el mismo nombre. Renombre una para distinguirlas.</translation>
    </message>
    <message>
      <source>Names are found by their words in copies, mirrors and pasted poses; two that read the same are mistaken for each other.</source>
      <translation>Los nombres sirven en copias, espejos y poses pegadas; dos que se leen igual se confunden.</translation>
    </message>
    <message>
      <source>{name} is named {named} but set to the {side} side.</source>
      <translation>{name} se llama {named} pero está en el lado {side}.</translation>
    </message>
    <message>
      <source>The side decides colours, signs, and what counts as the other side.</source>
      <translation>El lado decide los colores, los signos y cuál es el otro lado.</translation>
    </message>
    <message>
      <source>Set it to the {named} side</source>
      <translation>Ponerla en el lado {named}</translation>
    </message>
    <message>
      <source>The control {name} moves nothing: {why}. Link it, change it, or remove it.</source>
      <translation>El control {name} no mueve nada: {why}. Enlácelo, cámbielo o quítelo.</translation>
    </message>
    <message>
      <source>Animators would drag it and nothing would happen.</source>
      <translation>Los animadores lo arrastrarían y no pasaría nada.</translation>
    </message>
    <message>
      <source>The pose {pose} turns {name} beyond its limit; it stops there. Save the pose anew if that is right.</source>
      <translation>La pose {pose} gira {name} más allá de su límite; se para ahí. Guarde la pose de nuevo si es correcto.</translation>
    </message>
    <message>
      <source>Limits hold for saved poses too, so this one looks different from when it was saved.</source>
      <translation>Los límites valen también para poses guardadas, así que esta se ve distinta que al guardarla.</translation>
    </message>
    <message>
      <source>At {turn} a gap opens at {name}. Cover the seam, move the pivot, or narrow the limit (Find limits tells where).</source>
      <translation>Con {turn} se abre un hueco en {name}. Tape la costura, mueva el pivote o reduzca el límite (Buscar límites dice dónde).</translation>
    </message>
    <message>
      <source>Turned this far, the paper of neither part reaches the outline any more, and the background shows through.</source>
      <translation>Girado tanto, el papel de ninguna pieza llega al contorno y se ve el fondo.</translation>
    </message>
    <message>
      <source>{name} bends over to the other side while {moved} moves. Look at its bend side.</source>
      <translation>{name} se flexiona al otro lado mientras se mueve {moved}. Mire su lado de flexión.</translation>
    </message>
    <message>
      <source>A knee or elbow that changes sides in the middle of a movement pops.</source>
      <translation>Una rodilla o un codo que cambia de lado en medio del movimiento salta.</translation>
    </message>
    <message>
      <source>{name} jumps by {turn} in one small step of {moved}.</source>
      <translation>{name} salta {turn} en un paso pequeño de {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes a large one of the joint.</source>
      <translation>Un paso pequeño del control da uno grande de la articulación.</translation>
    </message>
    <message>
      <source>{name} leaps by {way:.0f} px in one small step of {moved}.</source>
      <translation>{name} brinca {way:.0f} px en un paso pequeño de {moved}.</translation>
    </message>
    <message>
      <source>A small step of the control makes this part leap.</source>
      <translation>Un paso pequeño del control hace brincar esta pieza.</translation>
    </message>
    <message>
      <source>{name} stays behind when the master moves: nothing carries it. Give it a parent.</source>
      <translation>{name} se queda atrás cuando se mueve el maestro: nada la lleva. Dele un padre.</translation>
    </message>
    <message>
      <source>Everything else moved with the master, this did not.</source>
      <translation>Todo lo demás siguió al maestro, esto no.</translation>
    </message>
    <message>
      <source>{name} has one variant only, so there is nothing to choose. Add drawings to it, or take it apart.</source>
      <translation>{name} tiene una sola variante, así que no hay qué elegir. Añádale dibujos o deshágalo.</translation>
    </message>
    <message>
      <source>A set is for two or more drawings or branches of which one shows.</source>
      <translation>Un conjunto es para dos o más dibujos o ramas de los que se ve uno.</translation>
    </message>
    <message>
      <source>{name} of {set} never shows: no value of its link comes to it. Widen the curve, or make a chooser.</source>
      <translation>{name} de {set} nunca se ve: ningún valor de su enlace llega a ella. Ensanche la curva o cree un selector.</translation>
    </message>
    <message>
      <source>What drives a set goes through its variants in their order; beyond the ends of the curve nothing is reached.</source>
      <translation>Lo que conduce un conjunto recorre sus variantes en orden; más allá de los extremos de la curva no se llega a nada.</translation>
    </message>
    <message>
      <source>{name} and {twin} of {set} are the same drawing in the same place. Exchange one, or take it out.</source>
      <translation>{name} y {twin} de {set} son el mismo dibujo en el mismo sitio. Cambie uno o quítelo.</translation>
    </message>
    <message>
      <source>Two variants that look the same can't be told apart when they are chosen.</source>
      <translation>Dos variantes iguales no se distinguen al elegir.</translation>
    </message>
    <message>
      <source>{name} rides on {rides}, the others of {set} on {usual}. Bind it to the same.</source>
      <translation>{name} va en {rides}, las otras de {set} en {usual}. Vincúlela a la misma.</translation>
    </message>
    <message>
      <source>Drawings that take each other's place should be carried by the same joint, or they come apart when it moves.</source>
      <translation>Los dibujos que se sustituyen deben ir en la misma articulación, o se separan al moverse.</translation>
    </message>
    <message>
      <source>{other} lies between the drawings of {set}: {name} is behind it. Put them next to each other if that is not meant.</source>
      <translation>{other} está entre los dibujos de {set}: {name} queda detrás. Póngalos juntos si no es lo que quiere.</translation>
    </message>
    <message>
      <source>Variants of different depth hide and show other things when they are switched.</source>
      <translation>Variantes de distinta profundidad ocultan y muestran otras cosas al cambiar.</translation>
    </message>
    <message>
      <source>{name} of {set} has no limb, others of the set have one. Make it, so that its hand can be dragged too.</source>
      <translation>{name} de {set} no tiene extremidad, otras del conjunto sí. Créela para poder arrastrar también su mano.</translation>
    </message>
    <message>
      <source>Branches that take each other's place are posed alike when each has its limb.</source>
      <translation>Las ramas que se sustituyen se posan igual cuando cada una tiene su extremidad.</translation>
    </message>
    <message>
      <source>{name} jumps where {take} goes round: its first and its last key differ. Close the loop.</source>
      <translation>{name} salta donde {take} vuelve a empezar: su primera y última clave difieren. Cierre el bucle.</translation>
    </message>
    <message>
      <source>A loop's last frame is its first one again; where they differ the puppet jumps each time it goes round.</source>
      <translation>El último fotograma de un bucle es otra vez el primero; donde difieren, la marioneta salta en cada vuelta.</translation>
    </message>
    <message>
      <source>{name} has a key at frame {frame:g}, which never plays in {take}.</source>
      <translation>{name} tiene una clave en el fotograma {frame:g}, que nunca se ve en {take}.</translation>
    </message>
    <message>
      <source>Keys before the first frame or after the last are not seen. Drag the fold of the tape, or move them in.</source>
      <translation>Las claves antes del primer fotograma o tras el último no se ven. Arrastre el pliegue de la cinta o métalas.</translation>
    </message>
    <message>
      <source>{name} moves in {take} without a key at its beginning.</source>
      <translation>{name} se mueve en {take} sin clave al principio.</translation>
    </message>
    <message>
      <source>Until its first key a control stands still where that one puts it. A key at the beginning says so plainly.</source>
      <translation>Hasta su primera clave, un control está donde esa lo pone. Una clave al principio lo dice claramente.</translation>
    </message>
    <message>
      <source>{name} is asked to turn {beyond} beyond its limit at frame {frame:g} of {take}.</source>
      <translation>Se pide que {name} gire {beyond} más allá de su límite en el fotograma {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>The limit holds it back, so that it stands still while its key goes on. Lessen the key, or widen the limit.</source>
      <translation>El límite lo detiene, así que se queda quieto mientras su clave sigue. Reduzca la clave o amplíe el límite.</translation>
    </message>
    <message>
      <source>{name} turns by {turn} within one frame at frame {frame:g} of {take}.</source>
      <translation>{name} gira {turn} en un solo fotograma, en el {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>So far in one frame is seen as a jump. Move keys apart, or change over at a straight pose.</source>
      <translation>Tanto en un fotograma se ve como un salto. Separe las claves o cambie de lado en una pose recta.</translation>
    </message>
    <message>
      <source>{name} is {away:.1f} px away from where it is held at frame {frame:g} of {take}.</source>
      <translation>{name} está a {away:.1f} px de donde se sujeta en el fotograma {frame:g} de {take}.</translation>
    </message>
    <message>
      <source>A planted foot that can't reach its place is dragged along. Bring the body nearer there, or move the foot.</source>
      <translation>Un pie plantado que no llega a su sitio se arrastra. Acerque el cuerpo o mueva el pie.</translation>
    </message>
    <message>
      <source>{count} parts are carried by nothing, so they stay behind when the puppet moves.</source>
      <translation>{count} piezas no las lleva nada, así que se quedan atrás cuando la marioneta se mueve.</translation>
    </message>
    <message>
      <source>{count} pivots are still the middle of their drawings.</source>
      <translation>{count} pivotes siguen en el medio de sus dibujos.</translation>
    </message>
    <message>
      <source>{count} seams open within their limits. Covers keep them shut.</source>
      <translation>{count} costuras se abren dentro de sus límites. Unas tapas las cierran.</translation>
    </message>
    <message>
      <source>{count} limbs are drawn straight, so which way they bend is a guess.</source>
      <translation>{count} extremidades están dibujadas rectas, así que su flexión es una suposición.</translation>
    </message>
    <message>
      <source>The pieces of {name} are stacked forwards and backwards in turn. Look at the depth rail.</source>
      <translation>Las piezas de {name} están apiladas hacia delante y hacia atrás. Mire el carril de profundidad.</translation>
    </message>
    <message>
      <source>The control {name} moves nothing that can be seen. Let it move something, link it, or remove it.</source>
      <translation>El control {name} no mueve nada visible. Haga que mueva algo, enlácelo o quítelo.</translation>
    </message>
    <message>
      <source>A gap opens at {name} from {opens} on, and it turns to {turn}. Limit it, cover the seam, or move its pivot.</source>
      <translation>Se abre un hueco en {name} desde {opens}, y gira hasta {turn}. Límitela, tape la costura o mueva su pivote.</translation>
    </message>
    <message>
      <source>behind</source>
      <translation>detrás de</translation>
    </message>
    <message>
      <source>in front of</source>
      <translation>delante de</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>medio</translation>
    </message>
    <message>
      <source>no link follows it</source>
      <translation>ningún enlace lo sigue</translation>
    </message>
    <message>
      <source>nothing looks at it</source>
      <translation>nada lo mira</translation>
    </message>
    <message>
      <source>it has nothing to choose from</source>
      <translation>no tiene nada que elegir</translation>
    </message>
    <message>
      <source>what it turns is locked</source>
      <translation>lo que gira está bloqueado</translation>
    </message>
    <message>
      <source>its range is empty</source>
      <translation>su rango está vacío</translation>
    </message>
    <message>
      <source>Error</source>
      <translation>Error</translation>
    </message>
    <message>
      <source>Warning</source>
      <translation>Aviso</translation>
    </message>
    <message>
      <source>Hint</source>
      <translation>Indicación</translation>
    </message>
    <message>
      <source>Cover the seam</source>
      <translation>Tapar la costura</translation>
    </message>
    <message>
      <source>Name</source>
      <translation>Nombre</translation>
    </message>
    <message>
      <source>Side</source>
      <translation>Lado</translation>
    </message>
    <message>
      <source>No.</source>
      <translation>N.º</translation>
    </message>
    <message>
      <source>Everything</source>
      <translation>Todo</translation>
    </message>
    <message>
      <source>Head</source>
      <translation>Cabeza</translation>
    </message>
    <message>
      <source>Trunk</source>
      <translation>Tronco</translation>
    </message>
    <message>
      <source>Arms</source>
      <translation>Brazos</translation>
    </message>
    <message>
      <source>Legs</source>
      <translation>Piernas</translation>
    </message>
    <message>
      <source>Swinging pieces</source>
      <translation>Piezas que oscilan</translation>
    </message>
    <message>
      <source>All keys</source>
      <translation>Todas las claves</translation>
    </message>
    <message>
      <source>Smooth</source>
      <translation>Suave</translation>
    </message>
    <message>
      <source>Straight</source>
      <translation>Recta</translation>
    </message>
    <message>
      <source>Eased a little</source>
      <translation>Algo suavizada</translation>
    </message>
    <message>
      <source>Eased</source>
      <translation>Suavizada</translation>
    </message>
    <message>
      <source>Fully eased</source>
      <translation>Muy suavizada</translation>
    </message>
    <message>
      <source>Hold</source>
      <translation>Mantener</translation>
    </message>
    <message>
      <source>Normal</source>
      <translation>Normal</translation>
    </message>
    <message>
      <source>Multiply</source>
      <translation>Multiplicar</translation>
    </message>
    <message>
      <source>Screen</source>
      <translation>Trama</translation>
    </message>
    <message>
      <source>Overlay</source>
      <translation>Superponer</translation>
    </message>
    <message>
      <source>Add</source>
      <translation>Sumar</translation>
    </message>
    <message>
      <source>Amber</source>
      <translation>Ámbar</translation>
    </message>
    <message>
      <source>Moss</source>
      <translation>Musgo</translation>
    </message>
    <message>
      <source>Teal</source>
      <translation>Turquesa</translation>
    </message>
    <message>
      <source>Plum</source>
      <translation>Ciruela</translation>
    </message>
    <message>
      <source>Brick</source>
      <translation>Ladrillo</translation>
    </message>
    <message>
      <source>Ink</source>
      <translation>Tinta</translation>
    </message>
    <message>
      <source>Leaf</source>
      <translation>Hoja</translation>
    </message>
    <message>
      <source>Shield</source>
      <translation>Escudo</translation>
    </message>
    <message>
      <source>Drop</source>
      <translation>Gota</translation>
    </message>
    <message>
      <source>Crescent</source>
      <translation>Media luna</translation>
    </message>
    <message>
      <source>Ring</source>
      <translation>Anillo</translation>
    </message>
    <message>
      <source>Eye</source>
      <translation>Ojo</translation>
    </message>
    <message>
      <source>Tile</source>
      <translation>Baldosa</translation>
    </message>
    <message>
      <source>grip</source>
      <translation>agarre</translation>
    </message>
    <message>
      <source>moves</source>
      <translation>mueve</translation>
    </message>
    <message>
      <source>knob</source>
      <translation>perilla</translation>
    </message>
    <message>
      <source>turns</source>
      <translation>gira</translation>
    </message>
    <message>
      <source>master control</source>
      <translation>control maestro</translation>
    </message>
    <message>
      <source>moves, turns and scales</source>
      <translation>mueve, gira y escala</translation>
    </message>
    <message>
      <source>slider</source>
      <translation>deslizador</translation>
    </message>
    <message>
      <source>stands beside</source>
      <translation>está junto a</translation>
    </message>
    <message>
      <source>pad</source>
      <translation>pad</translation>
    </message>
    <message>
      <source>chooser</source>
      <translation>selector</translation>
    </message>
    <message>
      <source>bow grip</source>
      <translation>agarre de arco</translation>
    </message>
    <message>
      <source>bows</source>
      <translation>arquea</translation>
    </message>
    <message>
      <source>aim point</source>
      <translation>punto de mira</translation>
    </message>
    <message>
      <source>steers the gaze</source>
      <translation>dirige la mirada</translation>
    </message>
    <message>
      <source>master</source>
      <translation>maestro</translation>
    </message>
    <message>
      <source>bone</source>
      <translation>hueso</translation>
    </message>
    <message>
      <source>carrier</source>
      <translation>portador</translation>
    </message>
    <message>
      <source>joint</source>
      <translation>articulación</translation>
    </message>
    <message>
      <source>near</source>
      <translation>cercano</translation>
    </message>
    <message>
      <source>far</source>
      <translation>lejano</translation>
    </message>
    <message>
      <source>right</source>
      <translation>derecha</translation>
    </message>
    <message>
      <source>left</source>
      <translation>izquierda</translation>
    </message>
    <message>
      <source>Tick all</source>
      <translation>Marcar todo</translation>
    </message>
    <message>
      <source>Tick none</source>
      <translation>Desmarcar todo</translation>
    </message>
    <message>
      <source>None</source>
      <translation>Ninguno</translation>
    </message>
    <message>
      <source>Tape</source>
      <translation>Cinta</translation>
    </message>
    <message>
      <source>Family</source>
      <translation>Familia</translation>
    </message>
    <message>
      <source>Diagram</source>
      <translation>Diagrama</translation>
    </message>
    <message>
      <source>Depth</source>
      <translation>Profundidad</translation>
    </message>
    <message>
      <source>Details</source>
      <translation>Detalles</translation>
    </message>
    <message>
      <source>Poses</source>
      <translation>Poses</translation>
    </message>
    <message>
      <source>several</source>
      <translation>varios</translation>
    </message>
    <message>
      <source>no limit</source>
      <translation>sin límite</translation>
    </message>
    <message>
      <source>Subtract</source>
      <translation>Restar</translation>
    </message>
    <message>
      <source>Even out</source>
      <translation>Igualar</translation>
    </message>
    <message>
      <source>Fill</source>
      <translation>Rellenar</translation>
    </message>
    <message>
      <source>Parts and joints</source>
      <translation>Piezas y articulaciones</translation>
    </message>
    <message>
      <source>Variant sets</source>
      <translation>Conjuntos de variantes</translation>
    </message>
    <message>
      <source>Key what was moved</source>
      <translation>Clave para lo movido</translation>
    </message>
    <message>
      <source>Key its limb</source>
      <translation>Clave para su extremidad</translation>
    </message>
    <message>
      <source>Key its part of the body</source>
      <translation>Clave para su parte del cuerpo</translation>
    </message>
    <message>
      <source>Key everything</source>
      <translation>Clave para todo</translation>
    </message>
    <message>
      <source>Places</source>
      <translation>Lugares</translation>
    </message>
    <message>
      <source>Turns</source>
      <translation>Giros</translation>
    </message>
    <message>
      <source>Widths and heights</source>
      <translation>Anchos y altos</translation>
    </message>
    <message>
      <source>Values and sides</source>
      <translation>Valores y lados</translation>
    </message>
    <message>
      <source>Depths, opacities, clips</source>
      <translation>Profundidades, opacidades, recortes</translation>
    </message>
    <message>
      <source>As at rest</source>
      <translation>Como en reposo</translation>
    </message>
    <message>
      <source>Shown</source>
      <translation>Visible</translation>
    </message>
    <message>
      <source>Hidden</source>
      <translation>Oculto</translation>
    </message>
    <message>
      <source>Nowhere</source>
      <translation>En ningún sitio</translation>
    </message>
    <message>
      <source>Inside</source>
      <translation>Dentro</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Fuera</translation>
    </message>
    <message>
      <source>Sound</source>
      <translation>Sonido</translation>
    </message>
    <message>
      <source>Layer</source>
      <translation>Capa</translation>
    </message>
    <message>
      <source>Row</source>
      <translation>Fila</translation>
    </message>
    <message>
      <source>Group</source>
      <translation>Grupo</translation>
    </message>
    <message>
      <source>Value</source>
      <translation>Valor</translation>
    </message>
    <message>
      <source>Turn {name}</source>
      <translation>Girar {name}</translation>
    </message>
    <message>
      <source>Scale {name}</source>
      <translation>Escalar {name}</translation>
    </message>
    <message>
      <source>Place x</source>
      <translation>Lugar x</translation>
    </message>
    <message>
      <source>Place y</source>
      <translation>Lugar y</translation>
    </message>
    <message>
      <source>Pivot x</source>
      <translation>Pivote x</translation>
    </message>
    <message>
      <source>Pivot y</source>
      <translation>Pivote y</translation>
    </message>
    <message>
      <source>Scale x</source>
      <translation>Escala x</translation>
    </message>
    <message>
      <source>Scale y</source>
      <translation>Escala y</translation>
    </message>
    <message>
      <source>Amount</source>
      <translation>Intensidad</translation>
    </message>
    <message>
      <source>Bone</source>
      <translation>Hueso</translation>
    </message>
    <message>
      <source>Brush</source>
      <translation>Pincel</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Tamaño</translation>
    </message>
    <message>
      <source>Strength</source>
      <translation>Fuerza</translation>
    </message>
    <message>
      <source>Hardness</source>
      <translation>Dureza</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Buscar</translation>
    </message>
    <message>
      <source>Replace with, or number as</source>
      <translation>Reemplazar con, o numerar como</translation>
    </message>
    <message>
      <source>Number</source>
      <translation>Numerar</translation>
    </message>
    <message>
      <source>Swap side</source>
      <translation>Cambiar lado</translation>
    </message>
    <message>
      <source>Shade across</source>
      <translation>Sombra a lo ancho</translation>
    </message>
    <message>
      <source>Shade up</source>
      <translation>Sombra a lo alto</translation>
    </message>
    <message>
      <source>Shade edge</source>
      <translation>Borde de sombra</translation>
    </message>
    <message>
      <source>Carrier</source>
      <translation>Portador</translation>
    </message>
    <message>
      <source>Posing</source>
      <translation>Posado</translation>
    </message>
    <message>
      <source>Least</source>
      <translation>Mínimo</translation>
    </message>
    <message>
      <source>Most</source>
      <translation>Máximo</translation>
    </message>
    <message>
      <source>Opacity now</source>
      <translation>Opacidad aquí</translation>
    </message>
    <message>
      <source>Shown now</source>
      <translation>Visible aquí</translation>
    </message>
    <message>
      <source>Clip now</source>
      <translation>Recorte aquí</translation>
    </message>
    <message>
      <source>Soften now</source>
      <translation>Suavidad aquí</translation>
    </message>
    <message>
      <source>Stretch now</source>
      <translation>Estirar aquí</translation>
    </message>
    <message>
      <source>Slant</source>
      <translation>Inclinación</translation>
    </message>
    <message>
      <source>Width</source>
      <translation>Ancho</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Alto</translation>
    </message>
    <message>
      <source>{name} to the front</source>
      <translation>{name} al frente</translation>
    </message>
    <message>
      <source>{name} to the back</source>
      <translation>{name} al fondo</translation>
    </message>
    <message>
      <source>{name} forward</source>
      <translation>{name} adelante</translation>
    </message>
    <message>
      <source>{name} back</source>
      <translation>{name} atrás</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was moved or removed.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} se movió o se eliminó.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} was changed by another program.&lt;/b&gt;</source>
      <translation>&lt;b&gt;Otro programa cambió {name}.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to include</source>
      <translation>{name}: {kind}, clic para incluir</translation>
    </message>
    <message>
      <source>{name}: {kind}, click to exclude</source>
      <translation>{name}: {kind}, clic para excluir</translation>
    </message>
    <message>
      <source>Near</source>
      <translation>Cercano</translation>
    </message>
    <message>
      <source>Far</source>
      <translation>Lejano</translation>
    </message>
    <message>
      <source>Variants</source>
      <translation>Variantes</translation>
    </message>
    <message>
      <source>Move pivots</source>
      <translation>Mover pivotes</translation>
    </message>
    <message>
      <source>Names</source>
      <translation>Nombres</translation>
    </message>
    <message>
      <source>Biped</source>
      <translation>Bípedo</translation>
    </message>
    <message>
      <source>Stands on two legs and has two arms.</source>
      <translation>Está sobre dos piernas y tiene dos brazos.</translation>
    </message>
    <message>
      <source>Hips</source>
      <translation>Caderas</translation>
    </message>
    <message>
      <source>Neck</source>
      <translation>Cuello</translation>
    </message>
    <message>
      <source>Upper arm</source>
      <translation>Brazo</translation>
    </message>
    <message>
      <source>Forearm</source>
      <translation>Antebrazo</translation>
    </message>
    <message>
      <source>Hand</source>
      <translation>Mano</translation>
    </message>
    <message>
      <source>Thigh</source>
      <translation>Muslo</translation>
    </message>
    <message>
      <source>Shin</source>
      <translation>Espinilla</translation>
    </message>
    <message>
      <source>Foot</source>
      <translation>Pie</translation>
    </message>
    <message>
      <source>Bird</source>
      <translation>Ave</translation>
    </message>
    <message>
      <source>Stands on two legs and has two wings.</source>
      <translation>Está sobre dos patas y tiene dos alas.</translation>
    </message>
    <message>
      <source>Wing</source>
      <translation>Ala</translation>
    </message>
    <message>
      <source>Tail</source>
      <translation>Cola</translation>
    </message>
    <message>
      <source>Beak</source>
      <translation>Pico</translation>
    </message>
    <message>
      <source>A palm with up to five fingers.</source>
      <translation>Una palma con hasta cinco dedos.</translation>
    </message>
    <message>
      <source>Palm</source>
      <translation>Palma</translation>
    </message>
    <message>
      <source>Thumb</source>
      <translation>Pulgar</translation>
    </message>
    <message>
      <source>Index</source>
      <translation>Índice</translation>
    </message>
    <message>
      <source>Little</source>
      <translation>Meñique</translation>
    </message>
    <message>
      <source>Wrist</source>
      <translation>Muñeca</translation>
    </message>
    <message>
      <source>Head alone</source>
      <translation>Solo cabeza</translation>
    </message>
    <message>
      <source>A face in pieces: eyes, brows, nose, mouth, ears and hair on a head.</source>
      <translation>Una cara por trozos: ojos, cejas, nariz, boca, orejas y pelo sobre una cabeza.</translation>
    </message>
    <message>
      <source>Pupil</source>
      <translation>Pupila</translation>
    </message>
    <message>
      <source>Brow</source>
      <translation>Ceja</translation>
    </message>
    <message>
      <source>Nose</source>
      <translation>Nariz</translation>
    </message>
    <message>
      <source>Mouth</source>
      <translation>Boca</translation>
    </message>
    <message>
      <source>Jaw</source>
      <translation>Mandíbula</translation>
    </message>
    <message>
      <source>Ear</source>
      <translation>Oreja</translation>
    </message>
    <message>
      <source>Hair</source>
      <translation>Pelo</translation>
    </message>
    <message>
      <source>Many-legged</source>
      <translation>De muchas patas</translation>
    </message>
    <message>
      <source>Stands on four to twelve legs: beetles, spiders, caterpillars.</source>
      <translation>Está sobre cuatro a doce patas: escarabajos, arañas, orugas.</translation>
    </message>
    <message>
      <source>Feeler</source>
      <translation>Antena</translation>
    </message>
    <message>
      <source>First thigh</source>
      <translation>Primer muslo</translation>
    </message>
    <message>
      <source>First shin</source>
      <translation>Primera espinilla</translation>
    </message>
    <message>
      <source>First foot</source>
      <translation>Primer pie</translation>
    </message>
    <message>
      <source>Second thigh</source>
      <translation>Segundo muslo</translation>
    </message>
    <message>
      <source>Second shin</source>
      <translation>Segunda espinilla</translation>
    </message>
    <message>
      <source>Second foot</source>
      <translation>Segundo pie</translation>
    </message>
    <message>
      <source>Third thigh</source>
      <translation>Tercer muslo</translation>
    </message>
    <message>
      <source>Third shin</source>
      <translation>Tercera espinilla</translation>
    </message>
    <message>
      <source>Third foot</source>
      <translation>Tercer pie</translation>
    </message>
    <message>
      <source>Fourth thigh</source>
      <translation>Cuarto muslo</translation>
    </message>
    <message>
      <source>Fourth shin</source>
      <translation>Cuarta espinilla</translation>
    </message>
    <message>
      <source>Fourth foot</source>
      <translation>Cuarto pie</translation>
    </message>
    <message>
      <source>Fifth thigh</source>
      <translation>Quinto muslo</translation>
    </message>
    <message>
      <source>Fifth shin</source>
      <translation>Quinta espinilla</translation>
    </message>
    <message>
      <source>Fifth foot</source>
      <translation>Quinto pie</translation>
    </message>
    <message>
      <source>Sixth thigh</source>
      <translation>Sexto muslo</translation>
    </message>
    <message>
      <source>Sixth shin</source>
      <translation>Sexta espinilla</translation>
    </message>
    <message>
      <source>Sixth foot</source>
      <translation>Sexto pie</translation>
    </message>
    <message>
      <source>Quadruped</source>
      <translation>Cuadrúpedo</translation>
    </message>
    <message>
      <source>Stands on four legs.</source>
      <translation>Está sobre cuatro patas.</translation>
    </message>
    <message>
      <source>Hind thigh</source>
      <translation>Muslo trasero</translation>
    </message>
    <message>
      <source>Hind shin</source>
      <translation>Espinilla trasera</translation>
    </message>
    <message>
      <source>Hind foot</source>
      <translation>Pie trasero</translation>
    </message>
    <message>
      <source>Front thigh</source>
      <translation>Muslo delantero</translation>
    </message>
    <message>
      <source>Front shin</source>
      <translation>Espinilla delantera</translation>
    </message>
    <message>
      <source>Front foot</source>
      <translation>Pie delantero</translation>
    </message>
    <message>
      <source>Serpent</source>
      <translation>Serpiente</translation>
    </message>
    <message>
      <source>One long row of pieces behind a head.</source>
      <translation>Una larga fila de trozos tras una cabeza.</translation>
    </message>
    <message>
      <source>Spine</source>
      <translation>Espina</translation>
    </message>
    <message>
      <source>Swimmer</source>
      <translation>Nadador</translation>
    </message>
    <message>
      <source>A body with a tail in the place of legs: merfolk and seals.</source>
      <translation>Un cuerpo con cola en vez de piernas: sirenas y focas.</translation>
    </message>
    <message>
      <source>Fin</source>
      <translation>Aleta</translation>
    </message>
    <message>
      <source>Tentacled</source>
      <translation>Con tentáculos</translation>
    </message>
    <message>
      <source>Has arms all around, without bones.</source>
      <translation>Tiene brazos alrededor, sin huesos.</translation>
    </message>
    <message>
      <source>Mantle</source>
      <translation>Manto</translation>
    </message>
    <message>
      <source>Arm a</source>
      <translation>Brazo a</translation>
    </message>
    <message>
      <source>Arm b</source>
      <translation>Brazo b</translation>
    </message>
    <message>
      <source>Arm c</source>
      <translation>Brazo c</translation>
    </message>
    <message>
      <source>Arm d</source>
      <translation>Brazo d</translation>
    </message>
    <message>
      <source>Arm e</source>
      <translation>Brazo e</translation>
    </message>
    <message>
      <source>Arm f</source>
      <translation>Brazo f</translation>
    </message>
    <message>
      <source>Arm g</source>
      <translation>Brazo g</translation>
    </message>
    <message>
      <source>Arm h</source>
      <translation>Brazo h</translation>
    </message>
    <message>
      <source>F1 tells more</source>
      <translation>F1 dice más</translation>
    </message>
    <message>
      <source>Something went wrong inside Umbrite ({name}: {error}). Your work is as it was before; save it under another name to be safe. Help &gt; Copy a report of a fault tells developers more.</source>
      <translation>Algo falló dentro de Umbrite ({name}: {error}). Su trabajo está como antes; guárdelo con otro nombre por seguridad. Ayuda &gt; Copiar un informe de fallo dice más a los desarrolladores.</translation>
    </message>
    <message>
      <source>Board</source>
      <translation>Tablero</translation>
    </message>
    <message>
      <source>The puppet, and the handles of the present station</source>
      <translation>La marioneta y los puntos de agarre de la estación</translation>
    </message>
    <message>
      <source>On the board</source>
      <translation>En el tablero</translation>
    </message>
    <message>
      <source>{name} is held here while you drag the body. Click the hold point again to remove it.</source>
      <translation>{name} se sujeta aquí mientras arrastra el cuerpo. Clic de nuevo en el punto para quitarlo.</translation>
    </message>
    <message>
      <source>Drag the body by {name}</source>
      <translation>Arrastrar el cuerpo por {name}</translation>
    </message>
    <message>
      <source>The hold point was removed.</source>
      <translation>Se quitó el punto fijo.</translation>
    </message>
    <message>
      <source>The whole body can't be dragged into a pass. Use a control.</source>
      <translation>El cuerpo entero no se puede arrastrar en una pasada. Use un control.</translation>
    </message>
    <message>
      <source>, {away} px out of reach</source>
      <translation>, {away} px fuera de alcance</translation>
    </message>
    <message>
      <source>Move head of {name}</source>
      <translation>Mover la cabeza de {name}</translation>
    </message>
    <message>
      <source>Move tip of {name}</source>
      <translation>Mover la punta de {name}</translation>
    </message>
    <message>
      <source>{count} parts</source>
      <translation>{count} piezas</translation>
    </message>
    <message>
      <source>{name} to {other}</source>
      <translation>{name} a {other}</translation>
    </message>
    <message>
      <source>Move bone {name}</source>
      <translation>Mover el hueso {name}</translation>
    </message>
    <message>
      <source>Nothing was bound. Drop it on a bone, a rivet or a part that has a parent.</source>
      <translation>No se vinculó nada. Suéltelo en un hueso, un remache o una pieza con padre.</translation>
    </message>
    <message>
      <source>No part lies fully inside the loop, so nothing was bound to {name}.</source>
      <translation>Ninguna pieza está entera en el lazo, así que nada se vinculó a {name}.</translation>
    </message>
    <message>
      <source>Release where the chain ends</source>
      <translation>Suelte donde termina la cadena</translation>
    </message>
    <message>
      <source>{count} parts to {name}</source>
      <translation>{count} piezas a {name}</translation>
    </message>
    <message>
      <source>Place control {name}</source>
      <translation>Colocar el control {name}</translation>
    </message>
    <message>
      <source>Move a pose of {name}</source>
      <translation>Mover una pose de {name}</translation>
    </message>
    <message>
      <source>Move the mirror line</source>
      <translation>Mover la línea de espejo</translation>
    </message>
    <message>
      <source>release to remove</source>
      <translation>suelte para quitar</translation>
    </message>
    <message>
      <source>Make limb {name}</source>
      <translation>Crear la extremidad {name}</translation>
    </message>
    <message>
      <source>follows {name}</source>
      <translation>sigue a {name}</translation>
    </message>
    <message>
      <source>stays on the board</source>
      <translation>se queda en el tablero</translation>
    </message>
    <message>
      <source>{name} is a limb now; its target {where}. Look at its bend side in Details.</source>
      <translation>{name} es ahora una extremidad; su objetivo {where}. Mire su lado de flexión en Detalles.</translation>
    </message>
    <message>
      <source>the board</source>
      <translation>el tablero</translation>
    </message>
    <message>
      <source>Nothing has moved.</source>
      <translation>Nada se ha movido.</translation>
    </message>
    <message>
      <source>{name} to the tip of {other}</source>
      <translation>{name} a la punta de {other}</translation>
    </message>
    <message>
      <source>No limb was made. Release on the joint where the limb ends, such as a wrist.</source>
      <translation>No se creó ninguna extremidad. Suelte en la articulación donde termina, como una muñeca.</translation>
    </message>
    <message>
      <source>Target follows {name}</source>
      <translation>El objetivo sigue a {name}</translation>
    </message>
    <message>
      <source>The target of {name} follows {name2} now.</source>
      <translation>El objetivo de {name} sigue ahora a {name2}.</translation>
    </message>
    <message>
      <source>Drag on to the end of the limb</source>
      <translation>Siga hasta el final de la extremidad</translation>
    </message>
    <message>
      <source>{limb} follows {name}</source>
      <translation>{limb} sigue a {name}</translation>
    </message>
    <message>
      <source>Limit {name}</source>
      <translation>Limitar {name}</translation>
    </message>
    <message>
      <source>Move points of the mesh</source>
      <translation>Mover puntos de la malla</translation>
    </message>
    <message>
      <source>Add a point to the mesh</source>
      <translation>Añadir un punto a la malla</translation>
    </message>
    <message>
      <source>Reshape {name}</source>
      <translation>Remodelar {name}</translation>
    </message>
    <message>
      <source>Paint weights of {name}</source>
      <translation>Pintar los pesos de {name}</translation>
    </message>
    <message>
      <source>Move {name}</source>
      <translation>Mover {name}</translation>
    </message>
    <message>
      <source>A guest is turned as one in a pose: drag the ring or the end of its own control in Rehearse.</source>
      <translation>Una invitada gira como un todo en una pose: arrastre el anillo o el extremo de su control en Ensayo.</translation>
    </message>
    <message>
      <source>There is no part under this line. Draw it across the part that should be two.</source>
      <translation>No hay ninguna pieza bajo esta línea. Trácela a través de la pieza que deben ser dos.</translation>
    </message>
    <message>
      <source>Trim {name}</source>
      <translation>Recortar {name}</translation>
    </message>
    <message>
      <source>Restore some of {name}</source>
      <translation>Restaurar algo de {name}</translation>
    </message>
    <message>
      <source>cut away</source>
      <translation>recortar</translation>
    </message>
    <message>
      <source>restore</source>
      <translation>restaurar</translation>
    </message>
    <message>
      <source>Parent {name} to {name2}</source>
      <translation>Padre de {name}: {name2}</translation>
    </message>
    <message>
      <source>Move pivot of {name}</source>
      <translation>Mover el pivote de {name}</translation>
    </message>
    <message>
      <source>Slide {name} under its pivot</source>
      <translation>Deslizar {name} bajo su pivote</translation>
    </message>
    <message>
      <source>{name} was not changed.</source>
      <translation>{name} no cambió.</translation>
    </message>
    <message>
      <source>{count} joints</source>
      <translation>{count} articulaciones</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name} now. {moved}</source>
      <translation>{name2} es ahora el padre de {name}. {moved}</translation>
    </message>
    <message>
      <source>Nothing was parented. Drop it on a rivet or on a part.</source>
      <translation>No se dio ningún padre. Suéltelo en un remache o en una pieza.</translation>
    </message>
    <message>
      <source>squashed to {percent} %</source>
      <translation>aplastado al {percent} %</translation>
    </message>
    <message>
      <source>Slant {name}</source>
      <translation>Inclinar {name}</translation>
    </message>
    <message>
      <source>Squash {name}</source>
      <translation>Aplastar {name}</translation>
    </message>
    <message>
      <source>Pose {name}</source>
      <translation>Pose {name}</translation>
    </message>
    <message>
      <source>  stopped by the limit of {names}</source>
      <translation>  parado por el límite de {names}</translation>
    </message>
    <message>
      <source>Turn {name} about the pin</source>
      <translation>Girar {name} en torno al alfiler</translation>
    </message>
    <message>
      <source> and {count} more</source>
      <translation> y {count} más</translation>
    </message>
    <message>
      <source>Set {name}</source>
      <translation>Ajustar {name}</translation>
    </message>
    <message>
      <source>{name} is fixed, so it can't be moved by hand. Set Moving to Free in Details.</source>
      <translation>{name} está fijo, así que no se mueve a mano. Ponga Movimiento en Libre en Detalles.</translation>
    </message>
    <message>
      <source>A pass can't be recorded about a pin. Use a control.</source>
      <translation>Una pasada no se puede grabar en torno a un alfiler. Use un control.</translation>
    </message>
    <message>
      <source>{words}, left out</source>
      <translation>{words}, excluido</translation>
    </message>
    <message>
      <source>on the face</source>
      <translation>en la cara</translation>
    </message>
    <message>
      <source>stands out</source>
      <translation>sobresale</translation>
    </message>
    <message>
      <source>at the side</source>
      <translation>a un lado</translation>
    </message>
    <message>
      <source>on top</source>
      <translation>encima</translation>
    </message>
    <message>
      <source>hair in front</source>
      <translation>pelo delante</translation>
    </message>
    <message>
      <source>behind the head</source>
      <translation>detrás de la cabeza</translation>
    </message>
    <message>
      <source>left out</source>
      <translation>excluido</translation>
    </message>
    <message>
      <source>mirrored at x {x}</source>
      <translation>reflejado en x {x}</translation>
    </message>
    <message>
      <source>Select the bone first, then draw a loop around what it should carry.</source>
      <translation>Seleccione primero el hueso y rodee lo que debe llevar.</translation>
    </message>
    <message>
      <source>Only controls can be dragged here. Controls &gt; Lock all but controls unlocks the rest.</source>
      <translation>Aquí solo se arrastran controles. Controles &gt; Bloquear todo menos controles libera el resto.</translation>
    </message>
    <message>
      <source>Pin set: Ctrl+drag turns about it. Esc removes it.</source>
      <translation>Alfiler puesto: Ctrl+arrastrar gira en torno a él. Esc lo quita.</translation>
    </message>
    <message>
      <source>{joint} is turned by {limb}. Drag the limb's grip, or let it be posed by its own turns in Details.</source>
      <translation>{joint} la gira {limb}. Arrastre el agarre de la extremidad, o pósela por sus propios giros en Detalles.</translation>
    </message>
    <message>
      <source>{name} is locked. Set Hand-over in its details to let animators use it.</source>
      <translation>{name} está bloqueado. Ajuste Entrega en sus detalles para que los animadores lo usen.</translation>
    </message>
    <message>
      <source>{count} selected: {names}</source>
      <translation>{count} seleccionados: {names}</translation>
    </message>
    <message>
      <source>at {x}, {y}</source>
      <translation>en {x}, {y}</translation>
    </message>
    <message>
      <source>Nothing selected</source>
      <translation>Nada seleccionado</translation>
    </message>
    <message>
      <source>{name} selected</source>
      <translation>{name} seleccionado</translation>
    </message>
    <message>
      <source>Part on {joint}</source>
      <translation>Pieza en {joint}</translation>
    </message>
    <message>
      <source>Limb of {count} joints</source>
      <translation>Extremidad de {count} articulaciones</translation>
    </message>
    <message>
      <source>target</source>
      <translation>objetivo</translation>
    </message>
    <message>
      <source>shows {name}</source>
      <translation>muestra {name}</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>bloqueado</translation>
    </message>
    <message>
      <source>reference picture</source>
      <translation>imagen de referencia</translation>
    </message>
    <message>
      <source>parent {name}</source>
      <translation>padre {name}</translation>
    </message>
    <message>
      <source>no parent</source>
      <translation>sin padre</translation>
    </message>
    <message>
      <source>not set</source>
      <translation>sin ajustar</translation>
    </message>
    <message>
      <source>fixed</source>
      <translation>fijo</translation>
    </message>
    <message>
      <source>switched off</source>
      <translation>desactivado</translation>
    </message>
    <message>
      <source>value {number}</source>
      <translation>valor {number}</translation>
    </message>
    <message>
      <source>Question</source>
      <translation>Pregunta</translation>
    </message>
    <message>
      <source>Name of the bone</source>
      <translation>Nombre del hueso</translation>
    </message>
    <message>
      <source>Done with this bone</source>
      <translation>Listo con este hueso</translation>
    </message>
    <message>
      <source>carries</source>
      <translation>lleva</translation>
    </message>
    <message>
      <source>Number of bones</source>
      <translation>Número de huesos</translation>
    </message>
    <message>
      <source> bones</source>
      <translation> huesos</translation>
    </message>
    <message>
      <source>shorter in bends</source>
      <translation>más cortos en curvas</translation>
    </message>
    <message>
      <source>no part under it</source>
      <translation>ninguna pieza debajo</translation>
    </message>
    <message>
      <source>along one line</source>
      <translation>en una línea</translation>
    </message>
    <message>
      <source>Name bone {text}</source>
      <translation>Nombrar hueso {text}</translation>
    </message>
    <message>
      <source>Discard</source>
      <translation>Descartar</translation>
    </message>
    <message>
      <source>What shall be made for the face</source>
      <translation>Qué se crea para la cara</translation>
    </message>
    <message>
      <source>Head turn</source>
      <translation>Giro de cabeza</translation>
    </message>
    <message>
      <source>Lids</source>
      <translation>Párpados</translation>
    </message>
    <message>
      <source>Brows</source>
      <translation>Cejas</translation>
    </message>
    <message>
      <source>Gaze</source>
      <translation>Mirada</translation>
    </message>
    <message>
      <source>Make</source>
      <translation>Crear</translation>
    </message>
    <message>
      <source>{sure} sure</source>
      <translation>{sure} seguro</translation>
    </message>
    <message>
      <source>{name}: at {turn} {reason}. Click to accept it as the limit.</source>
      <translation>{name}: con {turn} {reason}. Clic para aceptarlo como límite.</translation>
    </message>
    <message>
      <source>Found limits</source>
      <translation>Límites hallados</translation>
    </message>
    <message>
      <source>Accept all</source>
      <translation>Aceptar todos</translation>
    </message>
    <message>
      <source>Close found limits</source>
      <translation>Cerrar los límites hallados</translation>
    </message>
    <message>
      <source>Accept this end</source>
      <translation>Aceptar este extremo</translation>
    </message>
    <message>
      <source>Accept both ends</source>
      <translation>Aceptar ambos extremos</translation>
    </message>
    <message>
      <source>Leave {name} out</source>
      <translation>Excluir {name}</translation>
    </message>
    <message>
      <source>Select the joint</source>
      <translation>Seleccionar la articulación</translation>
    </message>
    <message>
      <source>Click for earlier messages  (Ctrl+Shift+M)</source>
      <translation>Clic para mensajes anteriores  (Ctrl+Mayús+M)</translation>
    </message>
    <message>
      <source>No messages</source>
      <translation>No hay mensajes</translation>
    </message>
    <message>
      <source>Drop pictures here, or open a layered picture to begin.</source>
      <translation>Suelte imágenes aquí, o abra una imagen por capas para empezar.</translation>
    </message>
    <message>
      <source>Performing</source>
      <translation>Actuando</translation>
    </message>
    <message>
      <source>Smoothness of the pass</source>
      <translation>Suavidad de la pasada</translation>
    </message>
    <message>
      <source>Smooth the pass; it is thinned to the fewest keys</source>
      <translation>Suaviza la pasada; se reduce al mínimo de claves</translation>
    </message>
    <message>
      <source>Accept</source>
      <translation>Aceptar</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Parar</translation>
    </message>
    <message>
      <source>Time runs after three</source>
      <translation>El tiempo corre tras tres</translation>
    </message>
    <message>
      <source>Recording, {seconds} s</source>
      <translation>Grabando, {seconds} s</translation>
    </message>
    <message>
      <source>Press a control and hold it</source>
      <translation>Pulse un control y manténgalo</translation>
    </message>
    <message>
      <source>{count} keys</source>
      <translation>{count} claves</translation>
    </message>
    <message>
      <source>{place}: {name}, {share} sure</source>
      <translation>{place}: {name}, {share} seguro</translation>
    </message>
    <message>
      <source>{place} goes along with the body</source>
      <translation>{place} va con el cuerpo</translation>
    </message>
    <message>
      <source>The plan's figure</source>
      <translation>La figura del plan</translation>
    </message>
    <message>
      <source>{place}: empty</source>
      <translation>{place}: vacío</translation>
    </message>
    <message>
      <source>{place}: {name}, set by hand</source>
      <translation>{place}: {name}, puesto a mano</translation>
    </message>
    <message>
      <source>{place} bends this way; a click turns it</source>
      <translation>{place} se flexiona hacia aquí; un clic lo cambia</translation>
    </message>
    <message>
      <source>{place} stands on the ground</source>
      <translation>{place} está en el suelo</translation>
    </message>
    <message>
      <source>Body plan</source>
      <translation>Plan de cuerpo</translation>
    </message>
    <message>
      <source>Let the figure look the other way</source>
      <translation>Hacer que la figura mire al otro lado</translation>
    </message>
    <message>
      <source>Follows the nearest piece</source>
      <translation>Sigue al trozo más cercano</translation>
    </message>
    <message>
      <source>Drawn twice: only one is shown at a time</source>
      <translation>Dibujado dos veces: se ve solo uno a la vez</translation>
    </message>
    <message>
      <source>Build</source>
      <translation>Construir</translation>
    </message>
    <message>
      <source>Looks right →</source>
      <translation>Mira a la derecha →</translation>
    </message>
    <message>
      <source>← Looks left</source>
      <translation>← Mira a la izquierda</translation>
    </message>
    <message>
      <source>Transfer rig</source>
      <translation>Transferir el rig</translation>
    </message>
    <message>
      <source>What differs: {what}.</source>
      <translation>Qué difiere: {what}.</translation>
    </message>
    <message>
      <source>Posing for a value</source>
      <translation>Posar para un valor</translation>
    </message>
    <message>
      <source>Posing {name} at {value}</source>
      <translation>Posando {name} en {value}</translation>
    </message>
    <message>
      <source>More</source>
      <translation>Más</translation>
    </message>
    <message>
      <source>Weight of the selected vertices</source>
      <translation>Peso de los vértices seleccionados</translation>
    </message>
    <message>
      <source>Alt+drag a box around vertices, then type their weight</source>
      <translation>Alt+arrastre un marco sobre vértices y escriba su peso</translation>
    </message>
    <message>
      <source>Selected</source>
      <translation>Selección</translation>
    </message>
    <message>
      <source>Lock this bone</source>
      <translation>Bloquear este hueso</translation>
    </message>
    <message>
      <source>Sway while painting</source>
      <translation>Oscilar al pintar</translation>
    </message>
    <message>
      <source>To the other side</source>
      <translation>Al otro lado</translation>
    </message>
    <message>
      <source>From the drawing's shape</source>
      <translation>Según la forma del dibujo</translation>
    </message>
    <message>
      <source>Begin here</source>
      <translation>Empiece aquí</translation>
    </message>
    <message>
      <source>Drop pictures or a layered picture here, or choose a way in.</source>
      <translation>Suelte aquí imágenes o una imagen por capas, o elija cómo empezar.</translation>
    </message>
    <message>
      <source>Select the part that should bend first.</source>
      <translation>Seleccione primero la pieza que debe flexionarse.</translation>
    </message>
    <message>
      <source>Select the part, and with Shift two or more bones that it should bend over.</source>
      <translation>Seleccione la pieza y, con Mayús, dos o más huesos sobre los que debe flexionarse.</translation>
    </message>
    <message>
      <source>Select a part that bends first.</source>
      <translation>Seleccione primero una pieza que se flexione.</translation>
    </message>
    <message>
      <source>Working out how it bends</source>
      <translation>Calculando cómo se flexiona</translation>
    </message>
    <message>
      <source>Bend {part}</source>
      <translation>Flexionar {part}</translation>
    </message>
    <message>
      <source>It bends in {count} joints. Let it swing in Details, hold both ends by a limb (L), or pose it.</source>
      <translation>Se flexiona en {count} articulaciones. Déjela oscilar en Detalles, sujete sus extremos con una extremidad (L) o pósela.</translation>
    </message>
    <message>
      <source>Bend {part} over {count} bones</source>
      <translation>Flexionar {part} sobre {count} huesos</translation>
    </message>
    <message>
      <source>{part} bends over {count} bones now. Nothing has moved.</source>
      <translation>{part} se flexiona ahora sobre {count} huesos. Nada se ha movido.</translation>
    </message>
    <message>
      <source>Bend {part} in {count} joints</source>
      <translation>Flexionar {part} en {count} articulaciones</translation>
    </message>
    <message>
      <source>Stop bending {part}</source>
      <translation>Dejar de flexionar {part}</translation>
    </message>
    <message>
      <source>Let {part} swing</source>
      <translation>Dejar oscilar {part}</translation>
    </message>
    <message>
      <source>Mesh of {part}</source>
      <translation>Malla de {part}</translation>
    </message>
    <message>
      <source>Nothing bends yet. Select a part and let it bend first.</source>
      <translation>Nada se flexiona todavía. Seleccione una pieza y flexiónela antes.</translation>
    </message>
    <message>
      <source>Weight {share} %</source>
      <translation>Peso {share} %</translation>
    </message>
    <message>
      <source>Weights of {part} to the other side</source>
      <translation>Pesos de {part} al otro lado</translation>
    </message>
    <message>
      <source>Weights of {part} anew</source>
      <translation>Rehacer los pesos de {part}</translation>
    </message>
    <message>
      <source>The weights are as the drawing's shape and its bones give them.</source>
      <translation>Los pesos son los que dan la forma del dibujo y sus huesos.</translation>
    </message>
    <message>
      <source>Squash of {part}</source>
      <translation>Aplastar {part}</translation>
    </message>
    <message>
      <source>What is selected bends already.</source>
      <translation>La selección ya se flexiona.</translation>
    </message>
    <message>
      <source>Grips along {part}</source>
      <translation>Agarres a lo largo de {part}</translation>
    </message>
    <message>
      <source>Made: {names}. Drag them in Rehearse, Ctrl+5.</source>
      <translation>Creados: {names}. Arrástrelos en Ensayo, Ctrl+5.</translation>
    </message>
    <message>
      <source>Delete {count} mesh points</source>
      <translation>Eliminar {count} puntos de malla</translation>
    </message>
    <message>
      <source>Click a part that bends first.</source>
      <translation>Clic primero en una pieza que se flexione.</translation>
    </message>
    <message>
      <source>A piece of the drawing would lie beside the mesh and be cut off where it bends. Leave it a margin.</source>
      <translation>Un trozo del dibujo quedaría junto a la malla y cortado donde se flexiona. Déjele un margen.</translation>
    </message>
    <message>
      <source>Pick points of the mesh first: click one, or draw a box with Alt.</source>
      <translation>Elija antes puntos de la malla: clic en uno, o un marco con Alt.</translation>
    </message>
    <message>
      <source>Nothing carries {names} yet.</source>
      <translation>Nada lleva aún {names}.</translation>
    </message>
    <message>
      <source>Draw bone {name}</source>
      <translation>Trazar el hueso {name}</translation>
    </message>
    <message>
      <source>carries {name}</source>
      <translation>lleva {name}</translation>
    </message>
    <message>
      <source>carries nothing yet</source>
      <translation>no lleva nada aún</translation>
    </message>
    <message>
      <source> It crosses {names}, which nothing carries: tick it to bind it too.</source>
      <translation> Cruza {names}, que nada lleva: márquelo para vincularlo también.</translation>
    </message>
    <message>
      <source>{name} {carries}.{asks} Go on from its tip; Esc or a double click ends the chain.</source>
      <translation>{name} {carries}.{asks} Siga desde su punta; Esc o doble clic termina la cadena.</translation>
    </message>
    <message>
      <source>The chain is ended. Press on a tip or a rivet to branch off, or anywhere to draw a free bone.</source>
      <translation>La cadena terminó. Pulse en una punta o remache para ramificar, o en otro sitio para un hueso libre.</translation>
    </message>
    <message>
      <source>Make {count} bones along {name}</source>
      <translation>Crear {count} huesos a lo largo de {name}</translation>
    </message>
    <message>
      <source>Looking for its middle line</source>
      <translation>Buscando su línea media</translation>
    </message>
    <message>
      <source>Change their number on the card. Cut the drawing into pieces for them, or bind whole parts to single bones.</source>
      <translation>Cambie su número en la ficha. Corte el dibujo para ellos, o vincule piezas enteras a los huesos.</translation>
    </message>
    <message>
      <source>Make {count} bones from pivots</source>
      <translation>Crear {count} huesos desde pivotes</translation>
    </message>
    <message>
      <source>{count} joints are bones now. Alt+drag moves heads, tips and whole bones.</source>
      <translation>{count} articulaciones son ahora huesos. Alt+arrastrar mueve cabezas, puntas y huesos enteros.</translation>
    </message>
    <message>
      <source>Select one or more bones first.</source>
      <translation>Seleccione primero uno o más huesos.</translation>
    </message>
    <message>
      <source>Select the bone first, then with Shift the one that should carry it.</source>
      <translation>Seleccione primero el hueso y con Mayús el que debe llevarlo.</translation>
    </message>
    <message>
      <source>Every part is carried by something.</source>
      <translation>Algo lleva cada pieza.</translation>
    </message>
    <message>
      <source>Draw bones first, or make them from the pivots.</source>
      <translation>Trace antes huesos, o créelos desde los pivotes.</translation>
    </message>
    <message>
      <source>Bind {count} parts {how}</source>
      <translation>Vincular {count} piezas {how}</translation>
    </message>
    <message>
      <source>{count} parts bound {how}: {names}{ending}. {still_loose}</source>
      <translation>{count} piezas vinculadas {how}: {names}{ending}. {still_loose}</translation>
    </message>
    <message>
      <source>Nothing is unbound.</source>
      <translation>Nada está sin vincular.</translation>
    </message>
    <message>
      <source> and more</source>
      <translation> y más</translation>
    </message>
    <message>
      <source>Bind {count} loose parts to the nearest</source>
      <translation>Vincular {count} piezas sueltas a lo más cercano</translation>
    </message>
    <message>
      <source>Detach {keys}</source>
      <translation>Separar {keys}</translation>
    </message>
    <message>
      <source>Attach {name} to {name2}</source>
      <translation>Unir {name} a {name2}</translation>
    </message>
    <message>
      <source>Same length on the other side of {keys}</source>
      <translation>Misma longitud al otro lado de {keys}</translation>
    </message>
    <message>
      <source>{label} rides on {name} now. {moved} {after}</source>
      <translation>{label} va ahora en {name}. {moved} {after}</translation>
    </message>
    <message>
      <source>Bind {name} to {bone}</source>
      <translation>Vincular {name} a {bone}</translation>
    </message>
    <message>
      <source>Unbind {name} from {bone}</source>
      <translation>Desvincular {name} de {bone}</translation>
    </message>
    <message>
      <source>No part fits a bone {how}. Draw a cord from the part to its bone with Bind, or tick it on the bone's card.</source>
      <translation>Ninguna pieza encaja en un hueso {how}. Trace un cordón de la pieza a su hueso con Vincular, o márquela en la ficha del hueso.</translation>
    </message>
    <message>
      <source>Bind {label} to {name}</source>
      <translation>Vincular {label} a {name}</translation>
    </message>
    <message>
      <source>Something else was changed since. Undo that first, or draw the line again.</source>
      <translation>Algo más ha cambiado. Deshágalo antes, o trace la línea de nuevo.</translation>
    </message>
    <message>
      <source>; and more.</source>
      <translation>; y más.</translation>
    </message>
    <message>
      <source>{name} whole</source>
      <translation>{name} entera</translation>
    </message>
    <message>
      <source>Select two or more parts that should be one.</source>
      <translation>Seleccione dos o más piezas que deban ser una.</translation>
    </message>
    <message>
      <source>Draw bones over the part first, then select it.</source>
      <translation>Trace antes huesos sobre la pieza y selecciónela.</translation>
    </message>
    <message>
      <source>Cut {name}</source>
      <translation>Cortar {name}</translation>
    </message>
    <message>
      <source>{name} turns on {other} now. Hold W and drag to try it; the whole drawing is kept, hidden.</source>
      <translation>{name} gira ahora sobre {other}. Mantenga W y arrastre para probar; el dibujo entero se guarda, oculto.</translation>
    </message>
    <message>
      <source>Select the one part to lay bones over.</source>
      <translation>Seleccione la pieza sobre la que poner huesos.</translation>
    </message>
    <message>
      <source>{count} cuts are proposed on {name}. Click one to exclude it; Enter cuts, Esc discards.</source>
      <translation>{count} cortes propuestos en {name}. Clic en uno para excluirlo; Intro corta, Esc descarta.</translation>
    </message>
    <message>
      <source>The proposed cuts were discarded.</source>
      <translation>Los cortes propuestos se descartaron.</translation>
    </message>
    <message>
      <source>Cut {name} at the bones</source>
      <translation>Cortar {name} por los huesos</translation>
    </message>
    <message>
      <source> Not at {names}: the drawing doesn't part there.</source>
      <translation> No en {names}: el dibujo no se separa ahí.</translation>
    </message>
    <message>
      <source> {count} pivots were moved to the middle of their limbs.</source>
      <translation> {count} pivotes se movieron al medio de sus extremidades.</translation>
    </message>
    <message>
      <source>{name} is in {count} pieces now, each on its bone.{words}</source>
      <translation>{name} está ahora en {count} trozos, cada uno en su hueso.{words}</translation>
    </message>
    <message>
      <source>Join {count} parts</source>
      <translation>Unir {count} piezas</translation>
    </message>
    <message>
      <source>{name} is one part now, as it lay. Nothing has moved at rest.</source>
      <translation>{name} es ahora una pieza, como estaba. Nada se ha movido en reposo.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not cut. Stop bending first.</source>
      <translation>{name} se flexiona, así que no se corta. Deje antes de flexionarla.</translation>
    </message>
    <message>
      <source>{name} is trimmed. Remove all trims first (Shift+B), then cut it.</source>
      <translation>{name} está recortada. Quite antes todos los recortes (Mayús+B) y córtela.</translation>
    </message>
    <message>
      <source>{name} shares its drawing with a copy. Give it a drawing of its own first.</source>
      <translation>{name} comparte su dibujo con una copia. Dele antes un dibujo propio.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it was not made.</source>
      <translation>{name} no mostraría nada aquí, así que no se creó.</translation>
    </message>
    <message>
      <source>Bones of a {plan} over {name}</source>
      <translation>Huesos de un {plan} sobre {name}</translation>
    </message>
    <message>
      <source>{count} bones lie over {name}. Alt+drag heads and tips to its joints, then Art &gt; Cut at the bones.</source>
      <translation>{count} huesos están sobre {name}. Alt+arrastre cabezas y puntas a sus articulaciones y luego Arte &gt; Cortar por los huesos.</translation>
    </message>
    <message>
      <source>No cuts are proposed. Draw bones over a part, then choose Cut at the bones.</source>
      <translation>No hay cortes propuestos. Trace huesos sobre una pieza y elija Cortar por los huesos.</translation>
    </message>
    <message>
      <source>All proposed cuts are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Todos los cortes están excluidos. Clic en uno para incluirlo, o descártelos con Esc.</translation>
    </message>
    <message>
      <source>Cutting at the bones</source>
      <translation>Cortando por los huesos</translation>
    </message>
    <message>
      <source>No bone's head lies where {name} could be cut. Draw the bones so that each begins at a joint.</source>
      <translation>Ninguna cabeza de hueso está donde se podría cortar {name}. Trace los huesos de modo que cada uno empiece en una articulación.</translation>
    </message>
    <message>
      <source>Together these would be a picture of {wide} x {tall} px. Join fewer.</source>
      <translation>Juntas serían una imagen de {wide} x {tall} px. Reúna menos piezas.</translation>
    </message>
    <message>
      <source>{name} bends, so it is not joined. Stop bending first.</source>
      <translation>{name} se flexiona, así que no se une. Deje antes de flexionarla.</translation>
    </message>
    <message>
      <source>Working out how the pieces overlap</source>
      <translation>Calculando cómo se solapan los trozos</translation>
    </message>
    <message>
      <source>No joints are proposed. Use Find joints first.</source>
      <translation>No hay articulaciones propuestas. Use antes Buscar articulaciones.</translation>
    </message>
    <message>
      <source>Accept joint of {name}</source>
      <translation>Aceptar la articulación de {name}</translation>
    </message>
    <message>
      <source>{name2} is the parent of {name}, which turns here. {left}</source>
      <translation>{name2} es ahora el padre de {name}, que gira aquí. {left}</translation>
    </message>
    <message>
      <source>The joint of {name} was discarded. {left}</source>
      <translation>La articulación de {name} se descartó. {left}</translation>
    </message>
    <message>
      <source>{count} more are proposed.</source>
      <translation>Se proponen {count} más.</translation>
    </message>
    <message>
      <source>No more are proposed.</source>
      <translation>No se proponen más.</translation>
    </message>
    <message>
      <source>Accept {count} joints</source>
      <translation>Aceptar {count} articulaciones</translation>
    </message>
    <message>
      <source>All proposed joints were discarded.</source>
      <translation>Todas las articulaciones propuestas se descartaron.</translation>
    </message>
    <message>
      <source>, {count} of them doubtful</source>
      <translation>, {count} de ellas dudosas</translation>
    </message>
    <message>
      <source>{count} joints are proposed{words}. Click to accept, drag to correct, Alt+click to discard; Enter accepts all.</source>
      <translation>{count} articulaciones propuestas{words}. Clic acepta, arrastrar corrige, Alt+clic descarta; Intro acepta todas.</translation>
    </message>
    <message>
      <source>No joint is missing where parts overlap: all that the art suggests is there already.</source>
      <translation>No falta ninguna articulación donde se solapan piezas: todo lo que sugiere el arte ya está.</translation>
    </message>
    <message>
      <source>{count} joints made.</source>
      <translation>{count} articulaciones creadas.</translation>
    </message>
    <message>
      <source> {names} would close a circle or break a limb and stayed proposed.</source>
      <translation> {names} cerraría un círculo o rompería una extremidad y sigue propuesta.</translation>
    </message>
    <message>
      <source>Add the art first: a figure has two pieces or more.</source>
      <translation>Añada antes el arte: una figura tiene dos trozos o más.</translation>
    </message>
    <message>
      <source>Working out which piece is which</source>
      <translation>Averiguando qué trozo es cada uno</translation>
    </message>
    <message>
      <source>Build the family first; then it can be saved as a plan.</source>
      <translation>Construya antes la familia; entonces se puede guardar como plan.</translation>
    </message>
    <message>
      <source>{name} is a body plan now, saved as {path}. Build by plan offers it.</source>
      <translation>{name} es ahora un plan de cuerpo, guardado como {path}. Construir por plan lo ofrece.</translation>
    </message>
    <message>
      <source>{plan}, {count} places filled{words}. Drag pieces to other places, click one to clear it; Enter builds.</source>
      <translation>{plan}, {count} lugares llenos{words}. Arrastre trozos a otros lugares, clic en uno para vaciarlo; Intro construye.</translation>
    </message>
    <message>
      <source>{name} is the {place} now.</source>
      <translation>{name} es ahora: {place}.</translation>
    </message>
    <message>
      <source>{name} is parented to it</source>
      <translation>{name} es su hijo</translation>
    </message>
    <message>
      <source>a limb {name}</source>
      <translation>una extremidad {name}</translation>
    </message>
    <message>
      <source>Transferring the rig</source>
      <translation>Transfiriendo el rig</translation>
    </message>
    <message>
      <source>Transfer the rig of {name}</source>
      <translation>Transferir el rig de {name}</translation>
    </message>
    <message>
      <source>The rig of {name} was transferred: {count} pieces found their places. {words}</source>
      <translation>El rig de {name} se transfirió: {count} trozos hallaron su lugar. {words}</translation>
    </message>
    <message>
      <source>Building</source>
      <translation>Construyendo</translation>
    </message>
    <message>
      <source>Build a {plan}</source>
      <translation>Construir: {plan}</translation>
    </message>
    <message>
      <source>{pieces} pieces, {limbs} limbs and {controls} controls were made. Undo removes all of it. {words}</source>
      <translation>Se crearon {pieces} trozos, {limbs} extremidades y {controls} controles. Deshacer lo quita todo. {words}</translation>
    </message>
    <message>
      <source>{side} {what}</source>
      <translation>{side} {what}</translation>
    </message>
    <message>
      <source>The plan was discarded.</source>
      <translation>El plan se descartó.</translation>
    </message>
    <message>
      <source>There is no folder for body plans here.</source>
      <translation>Aquí no hay carpeta para planes de cuerpo.</translation>
    </message>
    <message>
      <source>Let a plan be guessed first: Build by plan.</source>
      <translation>Deje antes que se suponga un plan: Construir por plan.</translation>
    </message>
    <message>
      <source>{name} is no piece of the figure: it is hidden, or lies on another one as its shade.</source>
      <translation>{name} no es un trozo de la figura: está oculto, o es la sombra de otro.</translation>
    </message>
    <message>
      <source>{name} turns {off} px elsewhere</source>
      <translation>{name} gira {off} px en otro sitio</translation>
    </message>
    <message>
      <source>Nothing is missing: all of this plan is there already.</source>
      <translation>No falta nada: todo este plan ya está.</translation>
    </message>
    <message>
      <source>Make a limb or a master first; controls are made from them.</source>
      <translation>Cree antes una extremidad o un maestro; de ellos salen los controles.</translation>
    </message>
    <message>
      <source>Every limb and carrier has its control already.</source>
      <translation>Cada extremidad y portador ya tiene su control.</translation>
    </message>
    <message>
      <source>Make {count} control{ending}</source>
      <translation>Crear controles: {count}</translation>
    </message>
    <message>
      <source>{count} controls made. Rehearse with them: Ctrl+5.</source>
      <translation>{count} controles creados. Ensaye con ellos: Ctrl+5.</translation>
    </message>
    <message>
      <source>The proposed controls were discarded.</source>
      <translation>Los controles propuestos se descartaron.</translation>
    </message>
    <message>
      <source>is included again</source>
      <translation>está incluido de nuevo</translation>
    </message>
    <message>
      <source>is excluded</source>
      <translation>está excluido</translation>
    </message>
    <message>
      <source>{name} {word}. Enter makes the others.</source>
      <translation>{name} {word}. Intro crea los otros.</translation>
    </message>
    <message>
      <source>Select what the control should move first: a part, a rivet or a carrier.</source>
      <translation>Seleccione antes qué debe mover el control: una pieza, un remache o un portador.</translation>
    </message>
    <message>
      <source>Select the parts to choose from first, with Shift.</source>
      <translation>Seleccione antes las piezas a elegir, con Mayús.</translation>
    </message>
    <message>
      <source>for {count} joints</source>
      <translation>para {count} articulaciones</translation>
    </message>
    <message>
      <source>Unlock all but controls</source>
      <translation>Desbloquear todo menos controles</translation>
    </message>
    <message>
      <source>Only controls can be dragged in Rehearse now.</source>
      <translation>Ahora en Ensayo solo se arrastran controles.</translation>
    </message>
    <message>
      <source>The art can be dragged in Rehearse again.</source>
      <translation>El arte se puede arrastrar otra vez en Ensayo.</translation>
    </message>
    <message>
      <source>Select what leads first, then Shift+click what should follow.</source>
      <translation>Seleccione antes lo que guía y luego Mayús+clic en lo que debe seguir.</translation>
    </message>
    <message>
      <source>Link {name}</source>
      <translation>Enlazar {name}</translation>
    </message>
    <message>
      <source>Drag the points of the curve in Details; choose there which values are linked.</source>
      <translation>Arrastre los puntos de la curva en Detalles; elija allí qué valores se enlazan.</translation>
    </message>
    <message>
      <source>{count} controls are proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} controles propuestos. Clic en uno para excluirlo; Intro los crea, Esc los descarta.</translation>
    </message>
    <message>
      <source>All proposed controls are excluded; none was made.</source>
      <translation>Todos los controles propuestos están excluidos; no se creó ninguno.</translation>
    </message>
    <message>
      <source>Make {kind} {made}</source>
      <translation>Crear {kind} {made}</translation>
    </message>
    <message>
      <source>These are linked already, by {name}; here is its curve. A second link would add to it.</source>
      <translation>Ya los enlaza {name}; aquí está su curva. Un segundo enlace se sumaría.</translation>
    </message>
    <message>
      <source>Nothing carries this one.</source>
      <translation>Nada lleva esto.</translation>
    </message>
    <message>
      <source>This one carries nothing.</source>
      <translation>Esto no lleva nada.</translation>
    </message>
    <message>
      <source>Nudge {keys}</source>
      <translation>Desplazar {keys}</translation>
    </message>
    <message>
      <source>Nudge {name}</source>
      <translation>Desplazar {name}</translation>
    </message>
    <message>
      <source>Turn {keys}</source>
      <translation>Girar {keys}</translation>
    </message>
    <message>
      <source>Nudge pivot of {keys}</source>
      <translation>Desplazar el pivote de {keys}</translation>
    </message>
    <message>
      <source>Parent {keys} to {name}</source>
      <translation>Padre de {keys}: {name}</translation>
    </message>
    <message>
      <source>Clear parent of {keys}</source>
      <translation>Quitar el padre de {keys}</translation>
    </message>
    <message>
      <source>Carry {keys} together</source>
      <translation>Llevar {keys} juntos</translation>
    </message>
    <message>
      <source>Put a master over everything</source>
      <translation>Poner un maestro sobre todo</translation>
    </message>
    <message>
      <source>to {name}</source>
      <translation>a {name}</translation>
    </message>
    <message>
      <source>to nothing</source>
      <translation>a nada</translation>
    </message>
    <message>
      <source>Parent {joints} {where}</source>
      <translation>Padre de {joints}: {where}</translation>
    </message>
    <message>
      <source>Select the joints first, then Shift+click their parent.</source>
      <translation>Seleccione antes las articulaciones y luego Mayús+clic en su padre.</translation>
    </message>
    <message>
      <source>Some of these are parents of that place. Drag fewer, or drop elsewhere.</source>
      <translation>Algunas de estas son padres de ese sitio. Arrastre menos o suelte en otro lugar.</translation>
    </message>
    <message>
      <source>Accept limit of {name}</source>
      <translation>Aceptar el límite de {name}</translation>
    </message>
    <message>
      <source>{name} keeps the limit that it has.</source>
      <translation>{name} mantiene el límite que tiene.</translation>
    </message>
    <message>
      <source>Accept {count} limits</source>
      <translation>Aceptar {count} límites</translation>
    </message>
    <message>
      <source>The limits of {count} joints were set.</source>
      <translation>Se ajustaron los límites de {count} articulaciones.</translation>
    </message>
    <message>
      <source>Turning the joints</source>
      <translation>Girando las articulaciones</translation>
    </message>
    <message>
      <source>Click a picture to accept that limit, or accept all. What is free all the way gets none.</source>
      <translation>Clic en una imagen para aceptar ese límite, o acepte todos. Lo que es libre no recibe ninguno.</translation>
    </message>
    <message>
      <source>None of these joints has a seam to look at: neither it nor what carries it has a drawing there.</source>
      <translation>Ninguna de estas articulaciones tiene costura que mirar: ni ella ni lo que la lleva tiene dibujo ahí.</translation>
    </message>
    <message>
      <source>Cancelled: no limit was changed.</source>
      <translation>Cancelado: ningún límite cambió.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Rigs cut-out characters: pivots, limbs, limits and controls.&lt;br&gt;&lt;br&gt;Licence: Apache-2.0. Typeface: Alegreya Sans (OFL 1.1). Ordinary icons: Lucide (ISC).</source>
      <translation>&lt;b&gt;Umbrite {version}&lt;/b&gt;&lt;br&gt;Prepara personajes recortados: pivotes, extremidades, límites y controles.&lt;br&gt;&lt;br&gt;Licencia: Apache-2.0. Tipografía: Alegreya Sans (OFL 1.1). Iconos corrientes: Lucide (ISC).</translation>
    </message>
    <message>
      <source>A report is on the clipboard: versions, and the last fault of this run. Nothing else leaves.</source>
      <translation>Hay un informe en el portapapeles: versiones y el último fallo de esta sesión. No sale nada más.</translation>
    </message>
    <message>
      <source>Find joints first: arms and legs are found by names such as thigh, shin and foot.</source>
      <translation>Busque antes articulaciones: brazos y piernas se hallan por nombres como thigh, shin y foot.</translation>
    </message>
    <message>
      <source>{count} proposed. Click one to exclude it; Enter makes them, Esc discards them.</source>
      <translation>{count} propuestas. Clic en una para excluirla; Intro las crea, Esc las descarta.</translation>
    </message>
    <message>
      <source>{way} is {ending}. Enter makes the others.</source>
      <translation>{way} está {ending}. Intro crea las otras.</translation>
    </message>
    <message>
      <source>Make {count} limb{ending} from names</source>
      <translation>Crear extremidades por nombres: {count}</translation>
    </message>
    <message>
      <source>{names}: drag a hook to what it should follow, T turns a bend side. Next: Make controls, K.</source>
      <translation>{names}: arrastre un gancho a lo que sigue, T cambia una flexión. Después: Crear controles, K.</translation>
    </message>
    <message>
      <source>The proposed limbs were discarded.</source>
      <translation>Las extremidades propuestas se descartaron.</translation>
    </message>
    <message>
      <source>Turn bend side of {keys}</source>
      <translation>Cambiar lado de flexión de {keys}</translation>
    </message>
    <message>
      <source>Bend side of {name}</source>
      <translation>Lado de flexión de {name}</translation>
    </message>
    <message>
      <source>Turn the drawn bend of {keys} over</source>
      <translation>Voltear la flexión dibujada de {keys}</translation>
    </message>
    <message>
      <source>Bent to the other side at rest: {names}.</source>
      <translation>Flexionadas al otro lado en reposo: {names}.</translation>
    </message>
    <message>
      <source>{name} bends in {count} joints now; its target stands at the new tip. {moved}</source>
      <translation>{name} se flexiona ahora en {count} articulaciones; su objetivo está en la nueva punta. {moved}</translation>
    </message>
    <message>
      <source>Select both ends of the limb first, such as shoulder and wrist.</source>
      <translation>Seleccione antes ambos extremos de la extremidad, como hombro y muñeca.</translation>
    </message>
    <message>
      <source>All proposed limbs are excluded. Click one to include it, or discard them with Esc.</source>
      <translation>Todas las extremidades propuestas están excluidas. Clic en una para incluirla, o descártelas con Esc.</translation>
    </message>
    <message>
      <source>Drawn bent to the other side: {names}. That stays as it is drawn; Alt+Shift+T turns the drawn bend over.</source>
      <translation>Dibujadas flexionadas al otro lado: {names}. Queda como está dibujado; Alt+Mayús+T voltea la flexión dibujada.</translation>
    </message>
    <message>
      <source>Extend {name}</source>
      <translation>Alargar {name}</translation>
    </message>
    <message>
      <source>{name} is drawn straight; T alone turns its bend side.</source>
      <translation>{name} está dibujada recta; T sola cambia su lado de flexión.</translation>
    </message>
    <message>
      <source>Remove limit of {keys}</source>
      <translation>Quitar el límite de {keys}</translation>
    </message>
    <message>
      <source>{step} of {keys}</source>
      <translation>{step} de {keys}</translation>
    </message>
    <message>
      <source>Hinge</source>
      <translation>Bisagra</translation>
    </message>
    <message>
      <source>Limit on the other side</source>
      <translation>Límite al otro lado</translation>
    </message>
    <message>
      <source>Limit of {name} for {count} more</source>
      <translation>Límite de {name} para {count} más</translation>
    </message>
    <message>
      <source>Select the joint that has the limit first, then others with Shift.</source>
      <translation>Seleccione antes la articulación con el límite y luego otras con Mayús.</translation>
    </message>
    <message>
      <source>Limit {degrees}° either way</source>
      <translation>Límite de {degrees}° a cada lado</translation>
    </message>
    <message>
      <source>Replace in {count} names</source>
      <translation>Reemplazar en {count} nombres</translation>
    </message>
    <message>
      <source>Renamed: {names}.</source>
      <translation>Renombrados: {names}.</translation>
    </message>
    <message>
      <source>Select a part that was trimmed first.</source>
      <translation>Seleccione antes una pieza recortada.</translation>
    </message>
    <message>
      <source> with {count} limbs</source>
      <translation> con {count} extremidades</translation>
    </message>
    <message>
      <source>{step}: {parts} part{ending}{with_limbs}, joined to copies alone.</source>
      <translation>{step}: {parts} piezas{with_limbs}, unidas solo a copias.</translation>
    </message>
    <message>
      <source>Reference picture {name}</source>
      <translation>Imagen de referencia {name}</translation>
    </message>
    <message>
      <source>Part {name} again</source>
      <translation>{name} otra vez pieza</translation>
    </message>
    <message>
      <source>Bring back all of {part}</source>
      <translation>Restaurar toda {part}</translation>
    </message>
    <message>
      <source>{name} at two depths</source>
      <translation>{name} en dos profundidades</translation>
    </message>
    <message>
      <source>{name} rides along in front. Trim it (B) to the piece that should be seen there.</source>
      <translation>{name} va delante. Recórtela (B) al trozo que debe verse ahí.</translation>
    </message>
    <message>
      <source>Clear {count} guides</source>
      <translation>Borrar {count} guías</translation>
    </message>
    <message>
      <source>There are no guides. Show the rulers and pull one out.</source>
      <translation>No hay guías. Muestre las reglas y saque una.</translation>
    </message>
    <message>
      <source>Select two or more parts first.</source>
      <translation>Seleccione antes dos o más piezas.</translation>
    </message>
    <message>
      <source>Select one part first.</source>
      <translation>Seleccione antes una pieza.</translation>
    </message>
    <message>
      <source> with a limb</source>
      <translation> con una extremidad</translation>
    </message>
    <message>
      <source>Align {count} parts {edge}</source>
      <translation>Alinear {count} piezas {edge}</translation>
    </message>
    <message>
      <source>Spread {count} parts {axis}</source>
      <translation>Repartir {count} piezas {axis}</translation>
    </message>
    <message>
      <source>{name} is a reference picture now: dimmed, behind everything, never picked on the board or exported.</source>
      <translation>{name} es ahora una imagen de referencia: atenuada, detrás de todo, nunca se elige ni se exporta.</translation>
    </message>
    <message>
      <source>Painting {path}</source>
      <translation>Pintando {path}</translation>
    </message>
    <message>
      <source>Cover the seam of {name}</source>
      <translation>Tapar la costura de {name}</translation>
    </message>
    <message>
      <source>{name} made: a seam cover turns with its joint and has its own place in the depth rail.</source>
      <translation>{name} creada: una tapa gira con su articulación y tiene su lugar en el carril de profundidad.</translation>
    </message>
    <message>
      <source>Shade {count} part{ending}</source>
      <translation>Sombrear piezas: {count}</translation>
    </message>
    <message>
      <source>Lamp light</source>
      <translation>Luz de lámpara</translation>
    </message>
    <message>
      <source>{name} has no drawing whose colour a cover could take. Select a joint with a part.</source>
      <translation>{name} no tiene dibujo cuyo color pueda tomar una tapa. Seleccione una articulación con pieza.</translation>
    </message>
    <message>
      <source>The pivot of {name} lies outside its drawing, so there is no seam to cover. Move the pivot first.</source>
      <translation>El pivote de {name} está fuera de su dibujo, así que no hay costura que tapar. Mueva antes el pivote.</translation>
    </message>
    <message>
      <source>A cover is one drawing, and this has {count} layers. Choose a picture of one.</source>
      <translation>Una tapa es un dibujo, y esto tiene {count} capas. Elija una imagen de una.</translation>
    </message>
    <message>
      <source>{name} lies on no part any more, so it can't be made again.</source>
      <translation>{name} ya no está sobre ninguna pieza, así que no se puede rehacer.</translation>
    </message>
    <message>
      <source>{name} would show nothing here, so it stays as it was.</source>
      <translation>{name} no mostraría nada aquí, así que queda como estaba.</translation>
    </message>
    <message>
      <source>Show {name}</source>
      <translation>Mostrar {name}</translation>
    </message>
    <message>
      <source>Hide {name}</source>
      <translation>Ocultar {name}</translation>
    </message>
    <message>
      <source>Lock {name}</source>
      <translation>Bloquear {name}</translation>
    </message>
    <message>
      <source>Unlock {name}</source>
      <translation>Desbloquear {name}</translation>
    </message>
    <message>
      <source>{name} is locked. Click its padlock in the family to unlock it.</source>
      <translation>{name} está bloqueada. Clic en su candado de la familia para liberarla.</translation>
    </message>
    <message>
      <source>The draw order of {names} is keyed at frame {frame}, and holds from there on.</source>
      <translation>El orden de {names} tiene clave en el fotograma {frame} y vale desde ahí.</translation>
    </message>
    <message>
      <source>Reset {keys}</source>
      <translation>Restablecer {keys}</translation>
    </message>
    <message>
      <source>Reset the pose</source>
      <translation>Restablecer la pose</translation>
    </message>
    <message>
      <source>Reset the branch of {joint}</source>
      <translation>Restablecer la rama de {joint}</translation>
    </message>
    <message>
      <source>This is the rest pose now. </source>
      <translation>Esta es ahora la pose de reposo. </translation>
    </message>
    <message>
      <source>There are no parts yet. Open a layered picture first.</source>
      <translation>Todavía no hay piezas. Abra antes una imagen por capas.</translation>
    </message>
    <message>
      <source>Select one or more parts first.</source>
      <translation>Seleccione antes una o más piezas.</translation>
    </message>
    <message>
      <source>Select one or more joints first.</source>
      <translation>Seleccione antes una o más articulaciones.</translation>
    </message>
    <message>
      <source>Select one joint first.</source>
      <translation>Seleccione antes una articulación.</translation>
    </message>
    <message>
      <source>Select something first.</source>
      <translation>Seleccione algo antes.</translation>
    </message>
    <message>
      <source>Select a limb first: click its hook, or one of its joints.</source>
      <translation>Seleccione antes una extremidad: clic en su gancho o en una de sus articulaciones.</translation>
    </message>
    <message>
      <source>Select a joint that has a limit first.</source>
      <translation>Seleccione antes una articulación con límite.</translation>
    </message>
    <message>
      <source>This puppet has a master already.</source>
      <translation>Esta marioneta ya tiene un maestro.</translation>
    </message>
    <message>
      <source>The puppet is at rest.</source>
      <translation>La marioneta está en reposo.</translation>
    </message>
    <message>
      <source>There is nothing to undo.</source>
      <translation>No hay nada que deshacer.</translation>
    </message>
    <message>
      <source>There is nothing to redo.</source>
      <translation>No hay nada que rehacer.</translation>
    </message>
    <message>
      <source>No point is held. Choose Whole body and click the art to hold it there.</source>
      <translation>Ningún punto está fijo. Elija Cuerpo entero y haga clic en el arte para fijarlo.</translation>
    </message>
    <message>
      <source>Make limbs first: legs are found by them.</source>
      <translation>Cree antes extremidades: por ellas se hallan las piernas.</translation>
    </message>
    <message>
      <source>Remove {name}</source>
      <translation>Quitar {name}</translation>
    </message>
    <message>
      <source>{name} was removed with {others}.</source>
      <translation>{name} se quitó con {others}.</translation>
    </message>
    <message>
      <source>{carrier} is now the parent of: {names}.</source>
      <translation>{carrier} es ahora el padre de: {names}.</translation>
    </message>
    <message>
      <source>No longer clipped: {names}.</source>
      <translation>Ya no recortados: {names}.</translation>
    </message>
    <message>
      <source>{error} Shift+Delete removes both.</source>
      <translation>{error} Mayús+Supr quita ambos.</translation>
    </message>
    <message>
      <source>Undo brings all of it back.</source>
      <translation>Deshacer lo devuelve todo.</translation>
    </message>
    <message>
      <source>Select the head first, or all pieces of the face.</source>
      <translation>Seleccione antes la cabeza, o todos los trozos de la cara.</translation>
    </message>
    <message>
      <source>{name} stays as it is when the head turns.</source>
      <translation>{name} queda como está cuando gira la cabeza.</translation>
    </message>
    <message>
      <source>A head {view}, {sure} sure. Click a piece to leave it out; Enter makes what is ticked, Esc discards it.</source>
      <translation>Una cabeza {view}, {sure} seguro. Clic en un trozo para excluirlo; Intro crea lo marcado, Esc lo descarta.</translation>
    </message>
    <message>
      <source>from the front</source>
      <translation>de frente</translation>
    </message>
    <message>
      <source>in half profile</source>
      <translation>de tres cuartos</translation>
    </message>
    <message>
      <source>in profile</source>
      <translation>de perfil</translation>
    </message>
    <message>
      <source>Make {names} for a face</source>
      <translation>Crear {names} para una cara</translation>
    </message>
    <message>
      <source>{names}: drag the beads. Correct any of their poses with Pose at this value.</source>
      <translation>{names}: arrastre las cuentas. Corrija sus poses con Pose en este valor.</translation>
    </message>
    <message>
      <source>The head turn was discarded; nothing was made.</source>
      <translation>El giro de cabeza se descartó; no se creó nada.</translation>
    </message>
    <message>
      <source>Nothing is ticked. Tick what shall be made for this face, or press Esc.</source>
      <translation>Nada está marcado. Marque qué crear para esta cara, o pulse Esc.</translation>
    </message>
    <message>
      <source>{name} turns with the head.</source>
      <translation>{name} gira con la cabeza.</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint first; the pose belongs to its value.</source>
      <translation>Seleccione antes un deslizador, un pad, un selector o una articulación; la pose pertenece a su valor.</translation>
    </message>
    <message>
      <source>Bend a joint in Rehearse first, as far as it looks wrong, and select it.</source>
      <translation>Flexione antes una articulación en Ensayo, hasta donde se ve mal, y selecciónela.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}</source>
      <translation>Posar {name} en {value}</translation>
    </message>
    <message>
      <source>Remove the pose of {name} at {value}</source>
      <translation>Quitar la pose de {name} en {value}</translation>
    </message>
    <message>
      <source>Select a slider, a pad, a chooser or a joint that has poses.</source>
      <translation>Seleccione un deslizador, un pad, un selector o una articulación con poses.</translation>
    </message>
    <message>
      <source>Pose {name} at {value}: Enter accepts it, Esc discards it.</source>
      <translation>Pose de {name} en {value}: Intro la acepta, Esc la descarta.</translation>
    </message>
    <message>
      <source>{name} is bent to {turn}: push the art until it looks right. Enter accepts it.</source>
      <translation>{name} está flexionada a {turn}: empuje el arte hasta que se vea bien. Intro lo acepta.</translation>
    </message>
    <message>
      <source>What was posed was discarded. Ctrl+Shift+Z restores it.</source>
      <translation>Lo posado se descartó. Ctrl+Mayús+Z lo restaura.</translation>
    </message>
    <message>
      <source>Mirror a pose of {name}</source>
      <translation>Reflejar una pose de {name}</translation>
    </message>
    <message>
      <source>The pose was mirrored to the other side of {name}.</source>
      <translation>La pose se reflejó al otro lado de {name}.</translation>
    </message>
    <message>
      <source>Mirror {name}</source>
      <translation>Reflejar {name}</translation>
    </message>
    <message>
      <source>{name} does the same on the other side.</source>
      <translation>{name} hace lo mismo al otro lado.</translation>
    </message>
    <message>
      <source>Drag its bead, then pose what belongs there with Pose at this value.</source>
      <translation>Arrastre su cuenta y pose lo que va ahí con Pose en este valor.</translation>
    </message>
    <message>
      <source>Nothing was posed, so nothing was made.</source>
      <translation>No se posó nada, así que no se creó nada.</translation>
    </message>
    <message>
      <source>{name} shows this pose at {value}. Drag its bead to see it come and go.</source>
      <translation>{name} muestra esta pose en {value}. Arrastre su cuenta para verla ir y venir.</translation>
    </message>
    <message>
      <source>{name} shows this pose when it is turned to {value}.</source>
      <translation>{name} muestra esta pose cuando está girada a {value}.</translation>
    </message>
    <message>
      <source>{name} is turned by its limb. Bend it as far as this pose.</source>
      <translation>{name} la gira su extremidad. Flexiónela hasta esta pose.</translation>
    </message>
    <message>
      <source>{name} is at rest. Turn it first, then pose what goes with it.</source>
      <translation>{name} está en reposo. Gírela antes y pose lo que va con ella.</translation>
    </message>
    <message>
      <source>{name} is at its neutral value, where the puppet is as drawn. Drag its bead first.</source>
      <translation>{name} está en su valor neutro, donde la marioneta está como dibujada. Arrastre antes su cuenta.</translation>
    </message>
    <message>
      <source>Bend {name} as far as this pose first; its limb turns it.</source>
      <translation>Flexione antes {name} hasta esta pose; su extremidad la gira.</translation>
    </message>
    <message>
      <source>{name} shows; it can't reach where the hand was, {away} px are missing.</source>
      <translation>{name} se ve; no llega adonde estaba la mano, faltan {away} px.</translation>
    </message>
    <message>
      <source>Select a part, a chooser or a branch of a variant set first.</source>
      <translation>Seleccione antes una pieza, un selector o una rama de un conjunto de variantes.</translation>
    </message>
    <message>
      <source>Select a part of a set, or several parts with Shift, first.</source>
      <translation>Seleccione antes una pieza de un conjunto, o varias piezas con Mayús.</translation>
    </message>
    <message>
      <source>Select a drawing of a variant set first.</source>
      <translation>Seleccione antes un dibujo de un conjunto de variantes.</translation>
    </message>
    <message>
      <source>Select the joint with which the branch begins first.</source>
      <translation>Seleccione antes la articulación con la que empieza la rama.</translation>
    </message>
    <message>
      <source>Select the joints with which the branches begin first, with Shift.</source>
      <translation>Seleccione antes con Mayús las articulaciones con las que empiezan las ramas.</translation>
    </message>
    <message>
      <source>Show {name} of {set}</source>
      <translation>Mostrar {name} de {set}</translation>
    </message>
    <message>
      <source>Make the set {name}</source>
      <translation>Crear el conjunto {name}</translation>
    </message>
    <message>
      <source>One of {count} shows at a time now. [ and ] go through {name}; K makes a chooser of it.</source>
      <translation>Ahora se ve uno de {count} a la vez. [ y ] recorren {name}; K crea un selector.</translation>
    </message>
    <message>
      <source>Copy {name} as a variant</source>
      <translation>Copiar {name} como variante</translation>
    </message>
    <message>
      <source>The copy is a variant of its own: bend it, and give it other drawings.</source>
      <translation>La copia es una variante propia: flexiónela y dele otros dibujos.</translation>
    </message>
    <message>
      <source>Remove {count} from their sets</source>
      <translation>Quitar {count} de sus conjuntos</translation>
    </message>
    <message>
      <source>Make {name}</source>
      <translation>Crear {name}</translation>
    </message>
    <message>
      <source>One of these parts shows at a time now; click its thumbnail in Rehearse.</source>
      <translation>Ahora se ve una de estas piezas a la vez; clic en su miniatura en Ensayo.</translation>
    </message>
    <message>
      <source>Name {name}</source>
      <translation>Nombrar {name}</translation>
    </message>
    <message>
      <source>Show {name} at rest</source>
      <translation>Mostrar {name} en reposo</translation>
    </message>
    <message>
      <source>Remove {name} from its set</source>
      <translation>Quitar {name} de su conjunto</translation>
    </message>
    <message>
      <source>Order the variants</source>
      <translation>Ordenar las variantes</translation>
    </message>
    <message>
      <source>Keep the hand's place</source>
      <translation>Mantener el lugar de la mano</translation>
    </message>
    <message>
      <source>{name} shows.</source>
      <translation>{name} se ve.</translation>
    </message>
    <message>
      <source>Align {part}</source>
      <translation>Alinear {part}</translation>
    </message>
    <message>
      <source>Select a part, a joint, controls or links first.</source>
      <translation>Seleccione antes una pieza, una articulación, controles o enlaces.</translation>
    </message>
    <message>
      <source>Select a part or a joint first; its branch goes along.</source>
      <translation>Seleccione antes una pieza o articulación; su rama va con ella.</translation>
    </message>
    <message>
      <source>{name} is on the clipboard: {count} parts. Paste it here or in another window.</source>
      <translation>{name} está en el portapapeles: {count} piezas. Péguela aquí o en otra ventana.</translation>
    </message>
    <message>
      <source>The take {name} is on the clipboard, by names.</source>
      <translation>La toma {name} está en el portapapeles, por nombres.</translation>
    </message>
    <message>
      <source>Paste the take {name}</source>
      <translation>Pegar la toma {name}</translation>
    </message>
    <message>
      <source>Paste by names</source>
      <translation>Pegar por nombres</translation>
    </message>
    <message>
      <source> This puppet has no {names}.</source>
      <translation> Esta marioneta no tiene {names}.</translation>
    </message>
    <message>
      <source>Pasted: {what}.{lost}</source>
      <translation>Pegado: {what}.{lost}</translation>
    </message>
    <message>
      <source>Insert {name}</source>
      <translation>Insertar {name}</translation>
    </message>
    <message>
      <source>, on {name}</source>
      <translation>, en {name}</translation>
    </message>
    <message>
      <source>{name} was inserted{where}: {count} parts. Ctrl+Alt+Up and Down scale it.</source>
      <translation>{name} se insertó{where}: {count} piezas. Ctrl+Alt+Arriba y Abajo la escalan.</translation>
    </message>
    <message>
      <source>{what} on the clipboard, by names.</source>
      <translation>{what} en el portapapeles, por nombres.</translation>
    </message>
    <message>
      <source>What is on the clipboard can't be used here: {fault}.</source>
      <translation>Lo que hay en el portapapeles no sirve aquí: {fault}.</translation>
    </message>
    <message>
      <source>larger</source>
      <translation>más grande</translation>
    </message>
    <message>
      <source>smaller</source>
      <translation>más pequeña</translation>
    </message>
    <message>
      <source>Make {name} {word}</source>
      <translation>Hacer {name} {word}</translation>
    </message>
    <message>
      <source>There is no branch, control, link or take on the clipboard. Copy one here or in another window first.</source>
      <translation>No hay rama, control, enlace ni toma en el portapapeles. Copie algo antes aquí o en otra ventana.</translation>
    </message>
    <message>
      <source>Select something of a guest first.</source>
      <translation>Seleccione antes algo de una invitada.</translation>
    </message>
    <message>
      <source>Insert {name} as a guest</source>
      <translation>Insertar {name} como invitada</translation>
    </message>
    <message>
      <source>{name} is a guest: {count} parts, moved as one. Its own file stays what it is.</source>
      <translation>{name} es una invitada: {count} piezas, movidas como un todo. Su archivo queda como está.</translation>
    </message>
    <message>
      <source>Place {name}</source>
      <translation>Colocar {name}</translation>
    </message>
    <message>
      <source>Spread {name} over depths</source>
      <translation>Repartir {name} en profundidades</translation>
    </message>
    <message>
      <source>{name} at one depth</source>
      <translation>{name} en una profundidad</translation>
    </message>
    <message>
      <source>Hide the controls of {name}</source>
      <translation>Ocultar los controles de {name}</translation>
    </message>
    <message>
      <source>Show the controls of {name}</source>
      <translation>Mostrar los controles de {name}</translation>
    </message>
    <message>
      <source>Update {name}</source>
      <translation>Actualizar {name}</translation>
    </message>
    <message>
      <source>{name} is as its file has it. {told}</source>
      <translation>{name} está como en su archivo. {told}</translation>
    </message>
    <message>
      <source>Detach {name} from its file</source>
      <translation>Separar {name} de su archivo</translation>
    </message>
    <message>
      <source>{name} is no guest any more: all of it can be changed here.</source>
      <translation>{name} ya no es una invitada: todo se puede cambiar aquí.</translation>
    </message>
    <message>
      <source>{name} was inserted at the current frame.</source>
      <translation>{name} se insertó en el fotograma actual.</translation>
    </message>
    <message>
      <source>Where guests come from</source>
      <translation>De dónde vienen las invitadas</translation>
    </message>
    <message>
      <source>Version {count}</source>
      <translation>Versión {count}</translation>
    </message>
    <message>
      <source>Save {name}</source>
      <translation>Guardar {name}</translation>
    </message>
    <message>
      <source>{name} is kept in the file. Double-click its name to change it.</source>
      <translation>{name} se guarda en el archivo. Doble clic en su nombre para cambiarlo.</translation>
    </message>
    <message>
      <source>Name {strip}</source>
      <translation>Nombrar {strip}</translation>
    </message>
    <message>
      <source>Restore {name}</source>
      <translation>Restaurar {name}</translation>
    </message>
    <message>
      <source>Everything is as it was at {name}. Undo leads back to now.</source>
      <translation>Todo está como en {name}. Deshacer lleva de vuelta a ahora.</translation>
    </message>
    <message>
      <source>Pose {count}</source>
      <translation>Pose {count}</translation>
    </message>
    <message>
      <source> for this part only</source>
      <translation> solo para esta parte</translation>
    </message>
    <message>
      <source>{name} was saved{part}. Double click its name to rename it.</source>
      <translation>{name} se guardó{part}. Doble clic en su nombre para cambiarlo.</translation>
    </message>
    <message>
      <source>The pose is on the clipboard: {count} values by name.</source>
      <translation>La pose está en el portapapeles: {count} valores por nombre.</translation>
    </message>
    <message>
      <source>Paste pose</source>
      <translation>Pegar pose</translation>
    </message>
    <message>
      <source>Load pose</source>
      <translation>Cargar pose</translation>
    </message>
    <message>
      <source>Pose loaded: {count} values.{words}</source>
      <translation>Pose cargada: {count} valores.{words}</translation>
    </message>
    <message>
      <source>Select what the pose should be for first: controls, or pieces of the puppet.</source>
      <translation>Seleccione antes para qué es la pose: controles o trozos de la marioneta.</translation>
    </message>
    <message>
      <source>There is no pose on the clipboard. Copy one here or in another window first.</source>
      <translation>No hay pose en el portapapeles. Copie una antes aquí o en otra ventana.</translation>
    </message>
    <message>
      <source>This file holds no pose. Export a pose file here or in another window first.</source>
      <translation>Este archivo no contiene una pose. Exporte antes un archivo de pose aquí o en otra ventana.</translation>
    </message>
    <message>
      <source>Move {count} keys</source>
      <translation>Mover {count} claves</translation>
    </message>
    <message>
      <source>There is no take yet. Pose something in Takes, or make a take.</source>
      <translation>Todavía no hay toma. Pose algo en Tomas, o cree una toma.</translation>
    </message>
    <message>
      <source>Drag {count} keys</source>
      <translation>Arrastrar {count} claves</translation>
    </message>
    <message>
      <source>Type a value for {count} keys</source>
      <translation>Escribir un valor para {count} claves</translation>
    </message>
    <message>
      <source>Ease {count} keys</source>
      <translation>Suavizar {count} claves</translation>
    </message>
    <message>
      <source>Stretch {count} keys</source>
      <translation>Estirar {count} claves</translation>
    </message>
    <message>
      <source>Bend a curve</source>
      <translation>Doblar una curva</translation>
    </message>
    <message>
      <source>Move the layer by {count} frames</source>
      <translation>Mover la capa {count} fotogramas</translation>
    </message>
    <message>
      <source>beginning</source>
      <translation>principio</translation>
    </message>
    <message>
      <source>end</source>
      <translation>final</translation>
    </message>
    <message>
      <source>Put the {word} at frame {frame}</source>
      <translation>Poner el {word} en el fotograma {frame}</translation>
    </message>
    <message>
      <source>Copy {count} keys</source>
      <translation>Copiar {count} claves</translation>
    </message>
    <message>
      <source>This take has no layers yet.</source>
      <translation>Esta toma no tiene capas todavía.</translation>
    </message>
    <message>
      <source>Open a layer on the tape first: click its name.</source>
      <translation>Abra antes una capa en la cinta: clic en su nombre.</translation>
    </message>
    <message>
      <source>There is no other take to add as a layer.</source>
      <translation>No hay otra toma que añadir como capa.</translation>
    </message>
    <message>
      <source>The layer {name} is keyed now.</source>
      <translation>Ahora se ponen claves en la capa {name}.</translation>
    </message>
    <message>
      <source>The take itself is keyed now.</source>
      <translation>Ahora se ponen claves en la toma misma.</translation>
    </message>
    <message>
      <source>{name} on</source>
      <translation>{name} activa</translation>
    </message>
    <message>
      <source>{name} off</source>
      <translation>{name} inactiva</translation>
    </message>
    <message>
      <source>Amount of {name}</source>
      <translation>Intensidad de {name}</translation>
    </message>
    <message>
      <source>Remove the layer {name}</source>
      <translation>Quitar la capa {name}</translation>
    </message>
    <message>
      <source>Move {name} up</source>
      <translation>Subir {name}</translation>
    </message>
    <message>
      <source>Flatten the layers of {name}</source>
      <translation>Acoplar las capas de {name}</translation>
    </message>
    <message>
      <source>{name} is one take now, of {count} keys, and looks the same.</source>
      <translation>{name} es ahora una toma de {count} claves y se ve igual.</translation>
    </message>
    <message>
      <source>Change how {name} is added</source>
      <translation>Cambiar cómo se suma {name}</translation>
    </message>
    <message>
      <source>{name} is the only layer.</source>
      <translation>{name} es la única capa.</translation>
    </message>
    <message>
      <source>Select the joint where the swing should begin: on a tail, a scarf, an ear.</source>
      <translation>Seleccione la articulación donde debe empezar la oscilación: en una cola, una bufanda, una oreja.</translation>
    </message>
    <message>
      <source>Let {name} swing</source>
      <translation>Dejar oscilar {name}</translation>
    </message>
    <message>
      <source>Stop {name} swinging</source>
      <translation>Dejar de oscilar {name}</translation>
    </message>
    <message>
      <source>{count} joints have a key at every frame, and do not swing in this take.</source>
      <translation>{count} articulaciones tienen clave en cada fotograma y no oscilan en esta toma.</translation>
    </message>
    <message>
      <source>The walk has a key at every frame, which can be corrected.</source>
      <translation>El andar tiene una clave en cada fotograma, que se puede corregir.</translation>
    </message>
    <message>
      <source>Limbs turn these joints, so they can't swing. Choose a tail, a scarf, an ear.</source>
      <translation>Unas extremidades giran estas articulaciones, así que no oscilan. Elija una cola, una bufanda, una oreja.</translation>
    </message>
    <message>
      <source>{count} joints swing after what carries them, in every take.</source>
      <translation>{count} articulaciones oscilan tras lo que las lleva, en cada toma.</translation>
    </message>
    <message>
      <source>{count} joints stopped swinging.</source>
      <translation>{count} articulaciones dejaron de oscilar.</translation>
    </message>
    <message>
      <source>This take walks by itself. Use 'Bake walk to keys' first.</source>
      <translation>Esta toma anda por sí sola. Use antes «Andar a claves».</translation>
    </message>
    <message>
      <source>Perform {names}</source>
      <translation>Actuar {names}</translation>
    </message>
    <message>
      <source>The pass was keyed. Perform again to add the next one.</source>
      <translation>La pasada tiene claves. Actúe de nuevo para añadir la siguiente.</translation>
    </message>
    <message>
      <source>The pass was discarded.</source>
      <translation>La pasada se descartó.</translation>
    </message>
    <message>
      <source>Drag your control when time runs; releasing it ends the pass. Esc discards it.</source>
      <translation>Arrastre su control cuando corra el tiempo; soltarlo termina la pasada. Esc la descarta.</translation>
    </message>
    <message>
      <source>Press and hold a control: after a count of three you are recorded.</source>
      <translation>Pulse un control y manténgalo: tras contar tres se graba.</translation>
    </message>
    <message>
      <source>Start a walk</source>
      <translation>Empezar a andar</translation>
    </message>
    <message>
      <source>Make the walk</source>
      <translation>Crear el andar</translation>
    </message>
    <message>
      <source>Delay down the chain</source>
      <translation>Retrasar por la cadena</translation>
    </message>
    <message>
      <source>Delay</source>
      <translation>Retrasar</translation>
    </message>
    <message>
      <source>Spread selected keys</source>
      <translation>Espaciar claves seleccionadas</translation>
    </message>
    <message>
      <source>Spread</source>
      <translation>Espaciar</translation>
    </message>
    <message>
      <source>Scatter selected keys</source>
      <translation>Dispersar claves seleccionadas</translation>
    </message>
    <message>
      <source>Scatter</source>
      <translation>Dispersar</translation>
    </message>
    <message>
      <source>Ease all</source>
      <translation>Suavizar todo</translation>
    </message>
    <message>
      <source>Ease</source>
      <translation>Suavizar</translation>
    </message>
    <message>
      <source>Let it breathe</source>
      <translation>Hacer respirar</translation>
    </message>
    <message>
      <source>Breathe</source>
      <translation>Respirar</translation>
    </message>
    <message>
      <source>Let it blink</source>
      <translation>Hacer parpadear</translation>
    </message>
    <message>
      <source>Blink</source>
      <translation>Parpadear</translation>
    </message>
    <message>
      <source>Play through the variants</source>
      <translation>Recorrer las variantes</translation>
    </message>
    <message>
      <source>Play through</source>
      <translation>Recorrer</translation>
    </message>
    <message>
      <source>What {name} follows from here</source>
      <translation>A quién sigue {name} desde aquí</translation>
    </message>
    <message>
      <source>Follow</source>
      <translation>Seguir</translation>
    </message>
    <message>
      <source>Change bend side here</source>
      <translation>Cambiar lado de flexión aquí</translation>
    </message>
    <message>
      <source>Change side</source>
      <translation>Cambiar de lado</translation>
    </message>
    <message>
      <source>Add {name} as a layer of {name2}</source>
      <translation>Añadir {name} como capa de {name2}</translation>
    </message>
    <message>
      <source>{name} is a layer of {name2} now. Click its name on the tape to key it.</source>
      <translation>{name} es ahora una capa de {name2}. Clic en su nombre en la cinta para sus claves.</translation>
    </message>
    <message>
      <source>Add a take as a layer</source>
      <translation>Añadir una toma como capa</translation>
    </message>
    <message>
      <source>Add layer</source>
      <translation>Añadir capa</translation>
    </message>
    <message>
      <source>Walk</source>
      <translation>Paso</translation>
    </message>
    <message>
      <source>Trot</source>
      <translation>Trote</translation>
    </message>
    <message>
      <source>Three and three</source>
      <translation>Tres y tres</translation>
    </message>
    <message>
      <source>Tiptoe</source>
      <translation>De puntillas</translation>
    </message>
    <message>
      <source>On the spot</source>
      <translation>En el sitio</translation>
    </message>
    <message>
      <source>Move the master along</source>
      <translation>Mover el maestro</translation>
    </message>
    <message>
      <source>Follow the master's keys</source>
      <translation>Seguir las claves del maestro</translation>
    </message>
    <message>
      <source>Delay {count} joints down the chain</source>
      <translation>Retrasar {count} articulaciones por la cadena</translation>
    </message>
    <message>
      <source>Spread {count} keys</source>
      <translation>Espaciar {count} claves</translation>
    </message>
    <message>
      <source>Scatter {count} keys</source>
      <translation>Dispersar {count} claves</translation>
    </message>
    <message>
      <source>Play through {name}</source>
      <translation>Recorrer {name}</translation>
    </message>
    <message>
      <source>Select what should follow first, then Shift+click what it should follow.</source>
      <translation>Seleccione antes lo que debe seguir y luego Mayús+clic en lo seguido.</translation>
    </message>
    <message>
      <source>Let {name} follow something else</source>
      <translation>Hacer que {name} siga otra cosa</translation>
    </message>
    <message>
      <source>Select the hand or foot of the limb that should bend to its other side.</source>
      <translation>Seleccione la mano o el pie de la extremidad que debe flexionarse al otro lado.</translation>
    </message>
    <message>
      <source>Change the bend side of {name}</source>
      <translation>Cambiar el lado de flexión de {name}</translation>
    </message>
    <message>
      <source>Is added</source>
      <translation>Se suma</translation>
    </message>
    <message>
      <source>Takes over</source>
      <translation>Sustituye</translation>
    </message>
    <message>
      <source>{step}: ordinary keys. Correct them on the tape.</source>
      <translation>{step}: claves corrientes. Corríjalas en la cinta.</translation>
    </message>
    <message>
      <source>Gait</source>
      <translation>Andadura</translation>
    </message>
    <message>
      <source>Where</source>
      <translation>Dónde</translation>
    </message>
    <message>
      <source>Stride</source>
      <translation>Zancada</translation>
    </message>
    <message>
      <source>Frames for two steps</source>
      <translation>Fotogramas por dos pasos</translation>
    </message>
    <message>
      <source>Lift</source>
      <translation>Altura</translation>
    </message>
    <message>
      <source>Bob</source>
      <translation>Rebote</translation>
    </message>
    <message>
      <source>Lean</source>
      <translation>Inclinación</translation>
    </message>
    <message>
      <source>Frames from joint to joint</source>
      <translation>Fotogramas de articulación a articulación</translation>
    </message>
    <message>
      <source>Frames from one to the next</source>
      <translation>Fotogramas de una a la siguiente</translation>
    </message>
    <message>
      <source>Frames at most</source>
      <translation>Fotogramas como mucho</translation>
    </message>
    <message>
      <source>Seed</source>
      <translation>Semilla</translation>
    </message>
    <message>
      <source>Ease length</source>
      <translation>Longitud del suavizado</translation>
    </message>
    <message>
      <source>Depth, in shares of its height</source>
      <translation>Hondura, en partes de la altura</translation>
    </message>
    <message>
      <source>Frames of a breath</source>
      <translation>Fotogramas por respiración</translation>
    </message>
    <message>
      <source>Chest turns, in degrees</source>
      <translation>El pecho gira, en grados</translation>
    </message>
    <message>
      <source>Frames between blinks, at least</source>
      <translation>Fotogramas entre parpadeos, al menos</translation>
    </message>
    <message>
      <source>At most</source>
      <translation>Como mucho</translation>
    </message>
    <message>
      <source>Frames shut</source>
      <translation>Fotogramas cerrados</translation>
    </message>
    <message>
      <source>Delay between eyes, in frames</source>
      <translation>Retraso entre ojos, en fotogramas</translation>
    </message>
    <message>
      <source>Order</source>
      <translation>Orden</translation>
    </message>
    <message>
      <source>Frames each</source>
      <translation>Fotogramas cada una</translation>
    </message>
    <message>
      <source>The board</source>
      <translation>El tablero</translation>
    </message>
    <message>
      <source>Follows</source>
      <translation>Sigue</translation>
    </message>
    <message>
      <source>Blended over frames</source>
      <translation>Fundido en fotogramas</translation>
    </message>
    <message>
      <source>Frames to blend, 0 for at once</source>
      <translation>Fotogramas de fundido, 0 al instante</translation>
    </message>
    <message>
      <source>Take</source>
      <translation>Toma</translation>
    </message>
    <message>
      <source>Mode</source>
      <translation>Modo</translation>
    </message>
    <message>
      <source>Amount, in percent</source>
      <translation>Intensidad, en por ciento</translation>
    </message>
    <message>
      <source>There and back</source>
      <translation>Ida y vuelta</translation>
    </message>
    <message>
      <source>Once</source>
      <translation>Una vez</translation>
    </message>
    <message>
      <source>Move the sound by {count} frames</source>
      <translation>Mover el sonido {count} fotogramas</translation>
    </message>
    <message>
      <source>{name} has no sound yet. Add one first.</source>
      <translation>{name} no tiene sonido todavía. Añada uno antes.</translation>
    </message>
    <message>
      <source>Reading {name}</source>
      <translation>Leyendo {name}</translation>
    </message>
    <message>
      <source>Add {name} to {take}</source>
      <translation>Añadir {name} a {take}</translation>
    </message>
    <message>
      <source>{name} lasts {seconds} s. Drag its row to move it, its ends to trim it.</source>
      <translation>{name} dura {seconds} s. Arrastre su fila para moverlo, sus extremos para recortarlo.</translation>
    </message>
    <message>
      <source>Mark the sound</source>
      <translation>Marcar el sonido</translation>
    </message>
    <message>
      <source>Mark {count} accents</source>
      <translation>Marcar {count} acentos</translation>
    </message>
    <message>
      <source>{count} accents are marked. Keys that are dragged snap to them.</source>
      <translation>{count} acentos marcados. Las claves arrastradas se ajustan a ellos.</translation>
    </message>
    <message>
      <source>End the take with its sound</source>
      <translation>Terminar la toma con su sonido</translation>
    </message>
    <message>
      <source>Trim the sound</source>
      <translation>Recortar el sonido</translation>
    </message>
    <message>
      <source>Take {count}</source>
      <translation>Toma {count}</translation>
    </message>
    <message>
      <source>{name} has no accents that stand out. Mark it by hand with M while it plays.</source>
      <translation>{name} no tiene acentos que destaquen. Márquelo a mano con M mientras suena.</translation>
    </message>
    <message>
      <source>l, th</source>
      <translation>l, th</translation>
    </message>
    <message>
      <source>Mouths from the sound</source>
      <translation>Bocas desde el sonido</translation>
    </message>
    <message>
      <source>Make mouths</source>
      <translation>Crear bocas</translation>
    </message>
    <message>
      <source>Nod and blink to the sound</source>
      <translation>Asentir y parpadear con el sonido</translation>
    </message>
    <message>
      <source>Nod and blink</source>
      <translation>Asentir y parpadear</translation>
    </message>
    <message>
      <source>No mouth was found. Select a set of drawings, a slider or a pad that opens it.</source>
      <translation>No se halló ninguna boca. Seleccione un conjunto de dibujos, un deslizador o un pad que la abra.</translation>
    </message>
    <message>
      <source>Words, if you know them</source>
      <translation>Las palabras, si las conoce</translation>
    </message>
    <message>
      <source>Found by</source>
      <translation>Hallado por</translation>
    </message>
    <message>
      <source>Frames early</source>
      <translation>Fotogramas antes</translation>
    </message>
    <message>
      <source>Frames each, at least</source>
      <translation>Fotogramas cada una, al menos</translation>
    </message>
    <message>
      <source>Listening to {name}</source>
      <translation>Escuchando {name}</translation>
    </message>
    <message>
      <source>{name} has neither marks nor accents. Mark it by hand with M while it plays.</source>
      <translation>{name} no tiene marcas ni acentos. Márquelo a mano con M mientras suena.</translation>
    </message>
    <message>
      <source>Nod, in degrees</source>
      <translation>Asentir, en grados</translation>
    </message>
    <message>
      <source>A blink every so many accents, 0 none</source>
      <translation>Un parpadeo cada tantos acentos, 0 ninguno</translation>
    </message>
    <message>
      <source>Breath after pauses</source>
      <translation>Respiración tras las pausas</translation>
    </message>
    <message>
      <source>Phones (English model)</source>
      <translation>Fonemas (modelo inglés)</translation>
    </message>
    <message>
      <source>Loudness alone</source>
      <translation>Solo volumen</translation>
    </message>
    <message>
      <source>Yes</source>
      <translation>Sí</translation>
    </message>
    <message>
      <source>No</source>
      <translation>No</translation>
    </message>
    <message>
      <source>Select keys on the tape first.</source>
      <translation>Seleccione antes claves en la cinta.</translation>
    </message>
    <message>
      <source>There are no pending changes here.</source>
      <translation>Aquí no hay cambios pendientes.</translation>
    </message>
    <message>
      <source>The last step changed no takes or poses.</source>
      <translation>El último paso no cambió tomas ni poses.</translation>
    </message>
    <message>
      <source>Interpolation of {count} keys</source>
      <translation>Interpolación de {count} claves</translation>
    </message>
    <message>
      <source>Remove {count} keys</source>
      <translation>Quitar {count} claves</translation>
    </message>
    <message>
      <source>{count} channels are keyed at frame {frame}.</source>
      <translation>{count} canales tienen clave en el fotograma {frame}.</translation>
    </message>
    <message>
      <source>Key the changes at frame {frame}</source>
      <translation>Claves de los cambios en el fotograma {frame}</translation>
    </message>
    <message>
      <source>Key {name} at frame {frame}</source>
      <translation>Clave de {name} en el fotograma {frame}</translation>
    </message>
    <message>
      <source>Shapes of {name} from {source}</source>
      <translation>Formas de {name} desde {source}</translation>
    </message>
    <message>
      <source>{count} frames were read from {source}.</source>
      <translation>Se leyeron {count} fotogramas de {source}.</translation>
    </message>
    <message>
      <source>{count} keys are on the clipboard.</source>
      <translation>{count} claves en el portapapeles.</translation>
    </message>
    <message>
      <source>Paste keys</source>
      <translation>Pegar claves</translation>
    </message>
    <message>
      <source>{name}: pose here, then go to another frame.</source>
      <translation>{name}: pose aquí y vaya a otro fotograma.</translation>
    </message>
    <message>
      <source>Copy {name}</source>
      <translation>Copiar {name}</translation>
    </message>
    <message>
      <source>{rate} frames per second</source>
      <translation>{rate} fotogramas por segundo</translation>
    </message>
    <message>
      <source>{name} now takes {now} s instead of {was} s.</source>
      <translation>{name} dura ahora {now} s en vez de {was} s.</translation>
    </message>
    <message>
      <source>All keys stayed on their frames. They can be moved instead, so that the take lasts as long as before.</source>
      <translation>Todas las claves siguen en sus fotogramas. Se pueden mover para que la toma dure lo que antes.</translation>
    </message>
    <message>
      <source>Keep the seconds of {name}</source>
      <translation>Mantener los segundos de {name}</translation>
    </message>
    <message>
      <source>{count} keys on whole frames</source>
      <translation>{count} claves en fotogramas enteros</translation>
    </message>
    <message>
      <source>The take is a loop: its last frame is its first one again.</source>
      <translation>La toma es un bucle: su último fotograma es otra vez el primero.</translation>
    </message>
    <message>
      <source>Play once</source>
      <translation>Reproducir una vez</translation>
    </message>
    <message>
      <source>Reverse {count} keys</source>
      <translation>Invertir {count} claves</translation>
    </message>
    <message>
      <source>There is nothing to key: nothing is posed or controlled, or no kind of value is chosen.</source>
      <translation>No hay nada para claves: nada está posado, o no se eligió ningún tipo de valor.</translation>
    </message>
    <message>
      <source>Auto-key is on: what you pose is keyed.</source>
      <translation>Claves automáticas activas: lo que pose recibe clave.</translation>
    </message>
    <message>
      <source>Auto-key is off: Enter keys a pending change, moving the playhead discards it.</source>
      <translation>Claves automáticas inactivas: Intro pone clave a un cambio pendiente, mover el cabezal lo descarta.</translation>
    </message>
    <message>
      <source>{count} ghosts before and after the playhead.</source>
      <translation>{count} fantasmas antes y después del cabezal.</translation>
    </message>
    <message>
      <source>There are no keys on the clipboard. Copy some from a tape first.</source>
      <translation>No hay claves en el portapapeles. Copie antes algunas de una cinta.</translation>
    </message>
    <message>
      <source>This puppet has nothing of the names that these keys are for.</source>
      <translation>Esta marioneta no tiene nada con los nombres de estas claves.</translation>
    </message>
    <message>
      <source>These keys can't be pasted: {fault}.</source>
      <translation>Estas claves no se pueden pegar: {fault}.</translation>
    </message>
    <message>
      <source>Keep the frames</source>
      <translation>Mantener los fotogramas</translation>
    </message>
    <message>
      <source>Keep the seconds</source>
      <translation>Mantener los segundos</translation>
    </message>
    <message>
      <source>{name} has changed since. Set its rate again.</source>
      <translation>{name} ha cambiado desde entonces. Ajuste su velocidad de nuevo.</translation>
    </message>
    <message>
      <source>{count} keys lie between frames now. Takes &gt; Keys on whole frames puts them there.</source>
      <translation>{count} claves están ahora entre fotogramas. Tomas &gt; Claves en fotogramas enteros las pone ahí.</translation>
    </message>
    <message>
      <source>All keys are on whole frames already.</source>
      <translation>Todas las claves están ya en fotogramas enteros.</translation>
    </message>
    <message>
      <source>Select the joint that leads first; its children follow.</source>
      <translation>Seleccione antes la articulación que guía; sus hijas la siguen.</translation>
    </message>
    <message>
      <source>No child of this joint is keyed. Key the chain first.</source>
      <translation>Ninguna hija de esta articulación tiene claves. Ponga antes claves a la cadena.</translation>
    </message>
    <message>
      <source>There is no key that way.</source>
      <translation>No hay clave por ahí.</translation>
    </message>
    <message>
      <source>found nothing to mend</source>
      <translation>no halló nada que reparar</translation>
    </message>
    <message>
      <source>noticed {count}; the lamp lists them</source>
      <translation>notó {count}; la lámpara los lista</translation>
    </message>
    <message>
      <source>The workout ran {count} controls and joints through their range and {words}.</source>
      <translation>La prueba llevó {count} controles y articulaciones por su rango y {words}.</translation>
    </message>
    <message>
      <source>Cancelled: nothing was changed.</source>
      <translation>Cancelado: nada cambió.</translation>
    </message>
    <message>
      <source>Nothing is made yet.</source>
      <translation>Todavía no se ha creado nada.</translation>
    </message>
    <message>
      <source>Type what you want to do</source>
      <translation>Escriba lo que quiere hacer</translation>
    </message>
    <message>
      <source>Find a command</source>
      <translation>Buscar un comando</translation>
    </message>
    <message>
      <source>across</source>
      <translation>a lo ancho</translation>
    </message>
    <message>
      <source>up and down</source>
      <translation>arriba y abajo</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>giro</translation>
    </message>
    <message>
      <source>value</source>
      <translation>valor</translation>
    </message>
    <message>
      <source>upright value</source>
      <translation>valor vertical</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>dibujo</translation>
    </message>
    <message>
      <source>Devices</source>
      <translation>Dispositivos</translation>
    </message>
    <message>
      <source>What arrives</source>
      <translation>Lo que llega</translation>
    </message>
    <message>
      <source>Assign to a control</source>
      <translation>Asignar a un control</translation>
    </message>
    <message>
      <source>Clear</source>
      <translation>Borrar</translation>
    </message>
    <message>
      <source>Listen for devices (OSC, this computer only)</source>
      <translation>Escuchar dispositivos (OSC, solo este ordenador)</translation>
    </message>
    <message>
      <source>Port</source>
      <translation>Puerto</translation>
    </message>
    <message>
      <source>Nothing is listened to. Without a device, run: umbrite device</source>
      <translation>No se escucha nada. Sin dispositivo, ejecute: umbrite device</translation>
    </message>
    <message>
      <source>Nothing has arrived yet.</source>
      <translation>Todavía no ha llegado nada.</translation>
    </message>
    <message>
      <source>Axis or button</source>
      <translation>Eje o botón</translation>
    </message>
    <message>
      <source>Control</source>
      <translation>Control</translation>
    </message>
    <message>
      <source>Turn the axis, then click the control on the board.</source>
      <translation>Gire el eje y haga clic en el control en el tablero.</translation>
    </message>
    <message>
      <source>Click the control for {axis} on the board.</source>
      <translation>Clic en el control para {axis} en el tablero.</translation>
    </message>
    <message>
      <source>{control}, {what}</source>
      <translation>{control}, {what}</translation>
    </message>
    <message>
      <source>With another drawing the part keeps its place, pivot and rig. Of variants one shows at a time.</source>
      <translation>Con otro dibujo la pieza mantiene lugar, pivote y rig. De las variantes se ve una a la vez.</translation>
    </message>
    <message>
      <source>A script may do whatever you may: read, write and send files. Run only what you know.

{path}
SHA-256 {fingerprint}</source>
      <translation>Un script puede hacer todo lo que puede usted: leer, escribir y enviar archivos. Ejecute solo lo que conozca.

{path}
SHA-256 {fingerprint}</translation>
    </message>
    <message>
      <source>The previous save of a puppet stays beside it as a backup; that of a picture is lost.</source>
      <translation>La versión anterior de una marioneta queda al lado como copia; la de una imagen se pierde.</translation>
    </message>
    <message>
      <source>All files</source>
      <translation>Todos los archivos</translation>
    </message>
    <message>
      <source>Open a puppet or a layered picture</source>
      <translation>Abrir una marioneta o una imagen por capas</translation>
    </message>
    <message>
      <source>Add a sound</source>
      <translation>Añadir un sonido</translation>
    </message>
    <message>
      <source>Add pictures as parts</source>
      <translation>Añadir imágenes como piezas</translation>
    </message>
    <message>
      <source>Save the puppet</source>
      <translation>Guardar la marioneta</translation>
    </message>
    <message>
      <source>Export</source>
      <translation>Exportar</translation>
    </message>
    <message>
      <source>Unsaved work</source>
      <translation>Trabajo sin guardar</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} has changes that are not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} tiene cambios sin guardar.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Save them first? Discarded changes can't be restored.</source>
      <translation>¿Guardarlos antes? Los cambios descartados no se pueden restaurar.</translation>
    </message>
    <message>
      <source>Discard changes</source>
      <translation>Descartar cambios</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Cancelar</translation>
    </message>
    <message>
      <source>Overwrite</source>
      <translation>Sobrescribir</translation>
    </message>
    <message>
      <source>File changed</source>
      <translation>Archivo cambiado</translation>
    </message>
    <message>
      <source>Writing it here puts your work in its place; what the other program wrote stays as the backup.</source>
      <translation>Escribirlo aquí pone su trabajo en su lugar; lo que escribió el otro programa queda como copia de seguridad.</translation>
    </message>
    <message>
      <source>Exchange its drawing</source>
      <translation>Cambiar su dibujo</translation>
    </message>
    <message>
      <source>Add as a variant</source>
      <translation>Añadir como variante</translation>
    </message>
    <message>
      <source>Add as a part</source>
      <translation>Añadir como pieza</translation>
    </message>
    <message>
      <source>A picture on a part</source>
      <translation>Una imagen sobre una pieza</translation>
    </message>
    <message>
      <source>&lt;b&gt;What is this picture for {name}?&lt;/b&gt;</source>
      <translation>&lt;b&gt;¿Qué es esta imagen para {name}?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Run</source>
      <translation>Ejecutar</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Ahora no</translation>
    </message>
    <message>
      <source>Puppets and pictures</source>
      <translation>Marionetas e imágenes</translation>
    </message>
    <message>
      <source>Pictures</source>
      <translation>Imágenes</translation>
    </message>
    <message>
      <source>Run a script</source>
      <translation>Ejecutar un script</translation>
    </message>
    <message>
      <source>&lt;b&gt;May this script run?&lt;/b&gt;</source>
      <translation>&lt;b&gt;¿Se puede ejecutar este script?&lt;/b&gt;</translation>
    </message>
    <message>
      <source>File exists</source>
      <translation>El archivo existe</translation>
    </message>
    <message>
      <source>&lt;b&gt;{name} is there already.&lt;/b&gt;</source>
      <translation>&lt;b&gt;{name} ya existe.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>Sounds</source>
      <translation>Sonidos</translation>
    </message>
    <message>
      <source>Export {name}</source>
      <translation>Exportar {name}</translation>
    </message>
    <message>
      <source>First frame</source>
      <translation>Primer fotograma</translation>
    </message>
    <message>
      <source>Last frame</source>
      <translation>Último fotograma</translation>
    </message>
    <message>
      <source>Background</source>
      <translation>Fondo</translation>
    </message>
    <message>
      <source>, with sound</source>
      <translation>, con sonido</translation>
    </message>
    <message>
      <source>, without sound</source>
      <translation>, sin sonido</translation>
    </message>
    <message>
      <source>{width} × {height} px, {count} frames, {seconds} s</source>
      <translation>{width} × {height} px, {count} fotogramas, {seconds} s</translation>
    </message>
    <message>
      <source>Transparent</source>
      <translation>Transparente</translation>
    </message>
    <message>
      <source>About {size} MB, or less</source>
      <translation>Unos {size} MB, o menos</translation>
    </message>
    <message>
      <source>Export {name} as glTF</source>
      <translation>Exportar {name} como glTF</translation>
    </message>
    <message>
      <source>{name}, {count} frames, {seconds} s</source>
      <translation>{name}, {count} fotogramas, {seconds} s</translation>
    </message>
    <message>
      <source>Paint into the drawings what viewers can't show</source>
      <translation>Pintar en los dibujos lo que los visores no muestran</translation>
    </message>
    <message>
      <source>Shades and lights go into what they lie on, clipped parts are cut as they are at rest.</source>
      <translation>Sombras y luces entran en lo que cubren; las piezas recortadas se cortan como en reposo.</translation>
    </message>
    <message>
      <source>Variants come and go by an extension, not by a scale of 0</source>
      <translation>Las variantes van y vienen por una extensión, no por una escala de 0</translation>
    </message>
    <message>
      <source>KHR_node_visibility, with KHR_animation_pointer: cleaner, where the engine knows them.</source>
      <translation>KHR_node_visibility, con KHR_animation_pointer: más limpio, donde el motor las conoce.</translation>
    </message>
    <message>
      <source>Neighbours in the draw order are one mesh</source>
      <translation>Los vecinos en el orden son una malla</translation>
    </message>
    <message>
      <source>For few draw calls; parts have no meshes of their own in the engine then.</source>
      <translation>Para pocas llamadas de dibujo; las piezas no tienen malla propia en el motor.</translation>
    </message>
    <message>
      <source>Takes, as animations</source>
      <translation>Tomas, como animaciones</translation>
    </message>
    <message>
      <source>There are no takes: the puppet is exported at rest.</source>
      <translation>No hay tomas: la marioneta se exporta en reposo.</translation>
    </message>
    <message>
      <source>Viewers of glTF show this puppet as Umbrite does.</source>
      <translation>Los visores de glTF muestran esta marioneta como Umbrite.</translation>
    </message>
    <message>
      <source>Guide</source>
      <translation>Guía</translation>
    </message>
    <message>
      <source>Pages</source>
      <translation>Páginas</translation>
    </message>
    <message>
      <source>Page of the guide</source>
      <translation>Página de la guía</translation>
    </message>
    <message>
      <source>Preferences</source>
      <translation>Preferencias</translation>
    </message>
    <message>
      <source>Theme</source>
      <translation>Tema</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Idioma</translation>
    </message>
    <message>
      <source>Takes effect when Umbrite is started the next time</source>
      <translation>Vale cuando Umbrite se inicie la próxima vez</translation>
    </message>
    <message>
      <source>Save for recovery after</source>
      <translation>Guardar copia de rescate tras</translation>
    </message>
    <message>
      <source> seconds</source>
      <translation> segundos</translation>
    </message>
    <message>
      <source>Show the table of layers before art is added</source>
      <translation>Mostrar la tabla de capas antes de añadir arte</translation>
    </message>
    <message>
      <source>Lists of sheets are a hash of frames, as many engines read it</source>
      <translation>Las listas de hojas son una tabla de fotogramas, como la leen muchos motores</translation>
    </message>
    <message>
      <source>Find and replace in names</source>
      <translation>Buscar y reemplazar en nombres</translation>
    </message>
    <message>
      <source>Only the selected</source>
      <translation>Solo la selección</translation>
    </message>
    <message>
      <source>Replace</source>
      <translation>Reemplazar</translation>
    </message>
    <message>
      <source>Replace with</source>
      <translation>Reemplazar con</translation>
    </message>
    <message>
      <source>and {count} more</source>
      <translation>y {count} más</translation>
    </message>
    <message>
      <source>No name contains that.</source>
      <translation>Ningún nombre contiene eso.</translation>
    </message>
    <message>
      <source>These are the pieces of Wick. Press Pivots.</source>
      <translation>Estos son los trozos de Wick. Pulse Pivotes.</translation>
    </message>
    <message>
      <source>Press Shift+Y: a body plan finds out which piece is which.</source>
      <translation>Pulse Mayús+Y: un plan de cuerpo averigua qué trozo es cada uno.</translation>
    </message>
    <message>
      <source>Look at the figure, then press Enter to build.</source>
      <translation>Mire la figura y pulse Intro para construir.</translation>
    </message>
    <message>
      <source>Everything has a parent, limbs and limits now. Press Limbs.</source>
      <translation>Todo tiene ahora padre, extremidades y límites. Pulse Extremidades.</translation>
    </message>
    <message>
      <source>The arrows are bend sides, the fans limits. Press Rehearse.</source>
      <translation>Las flechas son lados de flexión, los abanicos límites. Pulse Ensayo.</translation>
    </message>
    <message>
      <source>Drag a hand.</source>
      <translation>Arrastre una mano.</translation>
    </message>
    <message>
      <source>Now drag the grip at the hips: the feet stay.</source>
      <translation>Ahora arrastre el agarre de las caderas: los pies se quedan.</translation>
    </message>
    <message>
      <source>Drag his hand.</source>
      <translation>Arrastre su mano.</translation>
    </message>
    <message>
      <source>Press Takes: the same stage with time.</source>
      <translation>Pulse Tomas: el mismo escenario con tiempo.</translation>
    </message>
    <message>
      <source>Press + for a new take; it begins with your pose.</source>
      <translation>Pulse + para una nueva toma; empieza con su pose.</translation>
    </message>
    <message>
      <source>Drag the lamp on the ruler to about frame 24.</source>
      <translation>Arrastre la lámpara en la regla hasta el fotograma 24 más o menos.</translation>
    </message>
    <message>
      <source>Drag his hand again: it is keyed here.</source>
      <translation>Arrastre su mano otra vez: recibe una clave aquí.</translation>
    </message>
    <message>
      <source>Press Space to play, and again to stop.</source>
      <translation>Pulse Espacio para reproducir, y otra vez para parar.</translation>
    </message>
    <message>
      <source>Show me</source>
      <translation>Muéstrame</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Cerrar</translation>
    </message>
    <message>
      <source>That is all. Undo takes you back as far as you like.</source>
      <translation>Eso es todo. Deshacer lleva atrás tanto como quiera.</translation>
    </message>
    <message>
      <source>{number} of {count}</source>
      <translation>{number} de {count}</translation>
    </message>
    <message>
      <source>{name} was written.</source>
      <translation>{name} se escribió.</translation>
    </message>
    <message>
      <source>{name} and its list {places} were written.</source>
      <translation>{name} y su lista {places} se escribieron.</translation>
    </message>
    <message>
      <source>{count} sheets from {name} on and their list {places} were written.</source>
      <translation>{count} hojas desde {name} y su lista {places} se escribieron.</translation>
    </message>
    <message>
      <source>Writing {path}</source>
      <translation>Escribiendo {path}</translation>
    </message>
    <message>
      <source>{before} keys were thinned to {keys}.</source>
      <translation>{before} claves se redujeron a {keys}.</translation>
    </message>
    <message>
      <source>{path} opened: {count} parts.</source>
      <translation>{path} abierto: {count} piezas.</translation>
    </message>
    <message>
      <source>{name} is open. Drag a hand, a foot or the body.</source>
      <translation>{name} está abierto. Arrastre una mano, un pie o el cuerpo.</translation>
    </message>
    <message>
      <source>Add {count} part{ending}</source>
      <translation>Añadir piezas: {count}</translation>
    </message>
    <message>
      <source>Add {count} drawings to {name}</source>
      <translation>Añadir {count} dibujos a {name}</translation>
    </message>
    <message>
      <source>{name} has {count} variants now: [ and ] go through them.</source>
      <translation>{name} tiene ahora {count} variantes: [ y ] las recorren.</translation>
    </message>
    <message>
      <source>Exchange the drawing of {name}</source>
      <translation>Cambiar el dibujo de {name}</translation>
    </message>
    <message>
      <source>{name} was recovered. Save it to be safe.</source>
      <translation>{name} se recuperó. Guárdelo por seguridad.</translation>
    </message>
    <message>
      <source>{path} can't be read as a pose. Choose a file that Export made.</source>
      <translation>{path} no se lee como pose. Elija un archivo hecho por Exportar.</translation>
    </message>
    <message>
      <source>Another window has unsaved changes to it.</source>
      <translation>Otra ventana tiene cambios sin guardar en él.</translation>
    </message>
    <message>
      <source>Opening {path}</source>
      <translation>Abriendo {path}</translation>
    </message>
    <message>
      <source>Reading {paths}</source>
      <translation>Leyendo {paths}</translation>
    </message>
    <message>
      <source>Nothing was added.</source>
      <translation>No se añadió nada.</translation>
    </message>
    <message>
      <source>{name} has no layer that shows anything, so nothing was added.</source>
      <translation>{name} no tiene ninguna capa que muestre algo, así que no se añadió nada.</translation>
    </message>
    <message>
      <source>shows nothing</source>
      <translation>no muestra nada</translation>
    </message>
    <message>
      <source>has {count} layers</source>
      <translation>tiene {count} capas</translation>
    </message>
    <message>
      <source>The revised picture {found}, so the old drawing stays. Choose a picture of one layer.</source>
      <translation>La imagen revisada {found}, así que queda el dibujo antiguo. Elija una imagen de una capa.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing, which is larger: its mesh was made anew.</source>
      <translation>{name} tiene su dibujo revisado, que es mayor: su malla se rehízo.</translation>
    </message>
    <message>
      <source>{name} has its revised drawing; pivot, place and rig are as they were.</source>
      <translation>{name} tiene su dibujo revisado; pivote, lugar y rig están como antes.</translation>
    </message>
    <message>
      <source>Saved as {name}, without {count} pending changes. Enter keys them in Takes.</source>
      <translation>Guardado como {name}, sin {count} cambios pendientes. Intro les pone clave en Tomas.</translation>
    </message>
    <message>
      <source>Saved as {name}.</source>
      <translation>Guardado como {name}.</translation>
    </message>
    <message>
      <source>The pose was exported as {name}.</source>
      <translation>La pose se exportó como {name}.</translation>
    </message>
    <message>
      <source>The contact sheet was saved as {name}.</source>
      <translation>La hoja de contactos se guardó como {name}.</translation>
    </message>
    <message>
      <source>{count} frames were written to {name}.</source>
      <translation>{count} fotogramas se escribieron en {name}.</translation>
    </message>
    <message>
      <source>The canvas {fault}. Export it as SVG or OpenRaster instead.</source>
      <translation>El lienzo {fault}. Expórtelo como SVG u OpenRaster.</translation>
    </message>
    <message>
      <source>Reading {path}</source>
      <translation>Leyendo {path}</translation>
    </message>
    <message>
      <source>Saving {path}</source>
      <translation>Guardando {path}</translation>
    </message>
    <message>
      <source>The pose was exported as {name}, {width} × {height} px.</source>
      <translation>La pose se exportó como {name}, {width} × {height} px.</translation>
    </message>
    <message>
      <source>Fan out the pieces</source>
      <translation>Desplegar los trozos</translation>
    </message>
    <message>
      <source>{name}: {count} layers on {size}</source>
      <translation>{name}: {count} capas en {size}</translation>
    </message>
    <message>
      <source>Names, sides and numbers are guessed from the layers; change here what is wrong, several selected rows at once. Nothing is added yet.</source>
      <translation>Nombres, lados y números se suponen por las capas; cambie aquí lo que esté mal, varias filas a la vez. Todavía no se añade nada.</translation>
    </message>
    <message>
      <source>What is lost from this picture</source>
      <translation>Lo que se pierde de esta imagen</translation>
    </message>
    <message>
      <source>Layers to add</source>
      <translation>Capas a añadir</translation>
    </message>
    <message>
      <source>Side of {name}</source>
      <translation>Lado de {name}</translation>
    </message>
    <message>
      <source>Number of {name}</source>
      <translation>Número de {name}</translation>
    </message>
    <message>
      <source>All groups as carriers</source>
      <translation>Todos los grupos como portadores</translation>
    </message>
    <message>
      <source>Add parts</source>
      <translation>Añadir piezas</translation>
    </message>
    <message>
      <source>Hidden in the art, and hidden as a part until you show it</source>
      <translation>Oculta en el arte, y oculta como pieza hasta que la muestre</translation>
    </message>
    <message>
      <source>As a carrier</source>
      <translation>Como portador</translation>
    </message>
    <message>
      <source>{path} as a carrier</source>
      <translation>{path} como portador</translation>
    </message>
    <message>
      <source>A carrier over all parts of this group: they move and turn together with it</source>
      <translation>Un portador sobre todas las piezas de este grupo: se mueven y giran con él</translation>
    </message>
    <message>
      <source>As a set</source>
      <translation>Como conjunto</translation>
    </message>
    <message>
      <source>{path} as a set</source>
      <translation>{path} como conjunto</translation>
    </message>
    <message>
      <source>Of the drawings in this group one shows at a time: eyes, mouths, hands</source>
      <translation>De los dibujos de este grupo se ve uno a la vez: ojos, bocas, manos</translation>
    </message>
    <message>
      <source>The whole picture</source>
      <translation>La imagen entera</translation>
    </message>
    <message>
      <source>{name} is open in a picture editor; whatever is saved there comes back by itself.</source>
      <translation>{name} está abierta en un editor de imágenes; lo que se guarde ahí vuelve solo.</translation>
    </message>
    <message>
      <source>No picture editor was found for PNG. Open {path} in one; what is saved there comes back by itself.</source>
      <translation>No se halló editor de imágenes para PNG. Abra {path} en uno; lo que se guarde ahí vuelve solo.</translation>
    </message>
    <message>
      <source>{what}
{done} of {of}: {name}</source>
      <translation>{what}
{done} de {of}: {name}</translation>
    </message>
    <message>
      <source>{what} was cancelled. Nothing was added or changed.</source>
      <translation>{what}: cancelado. No se añadió ni cambió nada.</translation>
    </message>
    <message>
      <source>Unsaved work couldn't be saved for recovery ({error}). Save soon.</source>
      <translation>No se pudo guardar copia de rescate ({error}). Guarde pronto.</translation>
    </message>
    <message>
      <source>&lt;b&gt;Umbrite ended suddenly while {name} had changes that were not saved.&lt;/b&gt;</source>
      <translation>&lt;b&gt;Umbrite terminó de repente mientras {name} tenía cambios sin guardar.&lt;/b&gt;</translation>
    </message>
    <message>
      <source>They were saved on {when}. Recovering them changes no file until you save.</source>
      <translation>Se guardaron el {when}. Recuperarlos no cambia ningún archivo hasta que guarde.</translation>
    </message>
    <message>
      <source>Recover</source>
      <translation>Recuperar</translation>
    </message>
    <message>
      <source>Ask later</source>
      <translation>Preguntar después</translation>
    </message>
    <message>
      <source>{name} is in the library.</source>
      <translation>{name} está en la biblioteca.</translation>
    </message>
    <message>
      <source>A guest is a puppet with its own rig; {path} is none. Save it as {ending} first.</source>
      <translation>Una invitada es una marioneta con su propio rig; {path} no lo es. Guárdela antes como {ending}.</translation>
    </message>
    <message>
      <source>{names}: that would go round in a circle. Choose another puppet.</source>
      <translation>{names}: eso daría vueltas en círculo. Elija otra marioneta.</translation>
    </message>
    <message>
      <source>{names} changed in a file of its own since: select it, and Update brings that in.</source>
      <translation>{names} cambió en su propio archivo: selecciónela, y Actualizar lo trae.</translation>
    </message>
    <message>
      <source>A new puppet from {stage}; the other file stays as it was.</source>
      <translation>Una nueva marioneta de {stage}; el otro archivo quedó como estaba.</translation>
    </message>
    <message>
      <source>The file of {name} is not there any more; the copy inside stays.</source>
      <translation>El archivo de {name} ya no está; queda la copia de dentro.</translation>
    </message>
    <message>
      <source> is a guest in </source>
      <translation> es una invitada en </translation>
    </message>
    <message>
      <source>Scripts lie in {folder}: each is a file with def run(document) -&gt; document.</source>
      <translation>Los scripts están en {folder}: cada uno es un archivo con def run(document) -&gt; document.</translation>
    </message>
    <message>
      <source>Run {name}</source>
      <translation>Ejecutar {name}</translation>
    </message>
    <message>
      <source>{name} is done. Undo takes all of it back.</source>
      <translation>{name} está hecho. Deshacer lo devuelve todo.</translation>
    </message>
    <message>
      <source>{name} has no def run(document). Give it one that returns a document.</source>
      <translation>{name} no tiene def run(document). Dele una que devuelva un documento.</translation>
    </message>
    <message>
      <source>{name} returned no document, so nothing was changed. End run with return document.</source>
      <translation>{name} no devolvió ningún documento, así que nada cambió. Termine run con return document.</translation>
    </message>
    <message>
      <source>Scripts</source>
      <translation>Scripts</translation>
    </message>
    <message>
      <source>{name} was not run.</source>
      <translation>{name} no se ejecutó.</translation>
    </message>
    <message>
      <source>{name} gave a puppet that can't be kept: {fault}. Nothing was changed.</source>
      <translation>{name} dio una marioneta que no se puede guardar: {fault}. Nada cambió.</translation>
    </message>
    <message>
      <source>{name} changed nothing.</source>
      <translation>{name} no cambió nada.</translation>
    </message>
    <message>
      <source>{name} stopped{where}: {kind}: {error}. Nothing was changed.</source>
      <translation>{name} paró{where}: {kind}: {error}. Nada cambió.</translation>
    </message>
    <message>
      <source>{name} is no Python that can be run{line}.</source>
      <translation>{name} no es Python ejecutable{line}.</translation>
    </message>
    <message>
      <source>Show their folder</source>
      <translation>Mostrar su carpeta</translation>
    </message>
    <message>
      <source>Hidden panels</source>
      <translation>Paneles ocultos</translation>
    </message>
    <message>
      <source>Animators may use the ticked controls.</source>
      <translation>Los animadores usan los controles marcados.</translation>
    </message>
    <message>
      <source>Lock everything else</source>
      <translation>Bloquear todo lo demás</translation>
    </message>
    <message>
      <source>In Rehearse only controls can be dragged, not the art</source>
      <translation>En Ensayo solo se arrastran controles, no el arte</translation>
    </message>
    <message>
      <source>Links</source>
      <translation>Enlaces</translation>
    </message>
    <message>
      <source>{name}: ticked, animators use it</source>
      <translation>{name}: marcado, los animadores lo usan</translation>
    </message>
    <message>
      <source>Depth of {name}</source>
      <translation>Profundidad de {name}</translation>
    </message>
    <message>
      <source>Depth, front on top</source>
      <translation>Profundidad, lo de delante arriba</translation>
    </message>
    <message>
      <source>{name}, label {label}</source>
      <translation>{name}, etiqueta {label}</translation>
    </message>
    <message>
      <source>{name}: double click to expand</source>
      <translation>{name}: doble clic para desplegar</translation>
    </message>
    <message>
      <source>{name} is hidden</source>
      <translation>{name} está oculta</translation>
    </message>
    <message>
      <source>Let the limb bend to this side</source>
      <translation>Flexionar la extremidad a este lado</translation>
    </message>
    <message>
      <source>Bends clockwise</source>
      <translation>Flexiona en sentido horario</translation>
    </message>
    <message>
      <source>Bends counterclockwise</source>
      <translation>Flexiona en sentido antihorario</translation>
    </message>
    <message>
      <source>More triangles bend more smoothly and cost more time</source>
      <translation>Más triángulos flexionan mejor y cuestan más tiempo</translation>
    </message>
    <message>
      <source>How much it narrows where a joint lengthens it, so that it keeps its area</source>
      <translation>Cuánto se estrecha donde una articulación la alarga, para mantener su área</translation>
    </message>
    <message>
      <source>Joints</source>
      <translation>Articulaciones</translation>
    </message>
    <message>
      <source>{name} follows one joint: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} sigue una articulación: {triangles} triángulos, {cost} ms al pintar.</translation>
    </message>
    <message>
      <source>{name} bends over {count} joints: {triangles} triangles, {cost} ms to paint.</source>
      <translation>{name} se flexiona en {count} articulaciones: {triangles} triángulos, {cost} ms al pintar.</translation>
    </message>
    <message>
      <source>Denser where it curves</source>
      <translation>Más densa donde se curva</translation>
    </message>
    <message>
      <source>Mesh</source>
      <translation>Malla</translation>
    </message>
    <message>
      <source>Squash</source>
      <translation>Aplastar</translation>
    </message>
    <message>
      <source>Weights</source>
      <translation>Pesos</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Puntos</translation>
    </message>
    <message>
      <source>Tip grip</source>
      <translation>Agarre en punta</translation>
    </message>
    <message>
      <source>Three grips</source>
      <translation>Tres agarres</translation>
    </message>
    <message>
      <source>Stop swinging</source>
      <translation>Dejar de oscilar</translation>
    </message>
    <message>
      <source>Carried by</source>
      <translation>Lo lleva</translation>
    </message>
    <message>
      <source>Axes</source>
      <translation>Ejes</translation>
    </message>
    <message>
      <source>Range across</source>
      <translation>Rango a lo ancho</translation>
    </message>
    <message>
      <source>Range upright</source>
      <translation>Rango a lo alto</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Forma</translation>
    </message>
    <message>
      <source>Pixels of</source>
      <translation>Píxeles de</translation>
    </message>
    <message>
      <source>Colour</source>
      <translation>Color</translation>
    </message>
    <message>
      <source>Label</source>
      <translation>Etiqueta</translation>
    </message>
    <message>
      <source>Hand-over</source>
      <translation>Entrega</translation>
    </message>
    <message>
      <source>{word}, {does} {name}</source>
      <translation>{word}, {does} {name}</translation>
    </message>
    <message>
      <source>controls</source>
      <translation>controles</translation>
    </message>
    <message>
      <source>Of its side</source>
      <translation>De su lado</translation>
    </message>
    <message>
      <source>Always</source>
      <translation>Siempre</translation>
    </message>
    <message>
      <source>As a ghost</source>
      <translation>Como fantasma</translation>
    </message>
    <message>
      <source>Near the pointer</source>
      <translation>Cerca del puntero</translation>
    </message>
    <message>
      <source>Never, but usable</source>
      <translation>Nunca, pero usable</translation>
    </message>
    <message>
      <source>Both axes</source>
      <translation>Ambos ejes</translation>
    </message>
    <message>
      <source>Across only</source>
      <translation>Solo a lo ancho</translation>
    </message>
    <message>
      <source>Up and down only</source>
      <translation>Solo arriba y abajo</translation>
    </message>
    <message>
      <source>The screen</source>
      <translation>La pantalla</translation>
    </message>
    <message>
      <source>Animators use it</source>
      <translation>Lo usan animadores</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Bloqueado</translation>
    </message>
    <message>
      <source>Curve of the link</source>
      <translation>Curva del enlace</translation>
    </message>
    <message>
      <source>Drag points; double click puts one in, Delete takes the chosen one out; arrows nudge it</source>
      <translation>Arrastre puntos; doble clic añade uno, Supr quita el elegido; las flechas lo desplazan</translation>
    </message>
    <message>
      <source>Click a part, a rivet or a control to see what it is made of.</source>
      <translation>Clic en una pieza, un remache o un control para ver de qué está hecho.</translation>
    </message>
    <message>
      <source>{step} of {name}</source>
      <translation>{step} de {name}</translation>
    </message>
    <message>
      <source>Give of each joint</source>
      <translation>Soltura de cada articulación</translation>
    </message>
    <message>
      <source>How willingly each joint bends, from the root on: drag a bar; with arrows choose and change one</source>
      <translation>Con qué soltura se flexiona cada articulación, desde la raíz: arrastre una barra; las flechas eligen y cambian</translation>
    </message>
    <message>
      <source>Give of {name}</source>
      <translation>Soltura de {name}</translation>
    </message>
    <message>
      <source>Spread over depths</source>
      <translation>Repartir en profundidades</translation>
    </message>
    <message>
      <source>Its parts can lie at different depths</source>
      <translation>Sus piezas pueden estar en distintas profundidades</translation>
    </message>
    <message>
      <source>Hide its controls</source>
      <translation>Ocultar sus controles</translation>
    </message>
    <message>
      <source>Its own takes</source>
      <translation>Sus propias tomas</translation>
    </message>
    <message>
      <source>Its own take into the current take, from the current frame</source>
      <translation>Su toma en la toma actual, desde el fotograma actual</translation>
    </message>
    <message>
      <source>It becomes part of this puppet and can be changed here</source>
      <translation>Pasa a ser parte de esta marioneta y se cambia aquí</translation>
    </message>
    <message>
      <source>Guest: {name}</source>
      <translation>Invitada: {name}</translation>
    </message>
    <message>
      <source>{count} parts of {source}. They are changed in that file.</source>
      <translation>{count} piezas de {source}. Se cambian en ese archivo.</translation>
    </message>
    <message>
      <source>Across</source>
      <translation>A lo ancho</translation>
    </message>
    <message>
      <source>Down</source>
      <translation>A lo alto</translation>
    </message>
    <message>
      <source>Insert take</source>
      <translation>Insertar toma</translation>
    </message>
    <message>
      <source>Update</source>
      <translation>Actualizar</translation>
    </message>
    <message>
      <source>Open its file</source>
      <translation>Abrir su archivo</translation>
    </message>
    <message>
      <source>Detach from its file</source>
      <translation>Separar de su archivo</translation>
    </message>
    <message>
      <source>Remove it</source>
      <translation>Quitarla</translation>
    </message>
    <message>
      <source>Its file is not there; the copy inside is whole.</source>
      <translation>Su archivo no está; la copia de dentro está entera.</translation>
    </message>
    <message>
      <source>Its file has changed since.</source>
      <translation>Su archivo ha cambiado.</translation>
    </message>
    <message>
      <source>Up to date.</source>
      <translation>Al día.</translation>
    </message>
    <message>
      <source>Length, angle</source>
      <translation>Longitud, ángulo</translation>
    </message>
    <message>
      <source>Soft ends</source>
      <translation>Topes suaves</translation>
    </message>
    <message>
      <source>Give</source>
      <translation>Soltura</translation>
    </message>
    <message>
      <source>A click picks</source>
      <translation>Un clic elige</translation>
    </message>
    <message>
      <source>Moving</source>
      <translation>Movimiento</translation>
    </message>
    <message>
      <source>Sizes</source>
      <translation>Tamaños</translation>
    </message>
    <message>
      <source>Swings</source>
      <translation>Oscila</translation>
    </message>
    <message>
      <source>Swings, damping</source>
      <translation>Ritmo, freno</translation>
    </message>
    <message>
      <source>Weight, how far</source>
      <translation>Peso, alcance</translation>
    </message>
    <message>
      <source>Length</source>
      <translation>Longitud</translation>
    </message>
    <message>
      <source>Angle</source>
      <translation>Ángulo</translation>
    </message>
    <message>
      <source>Swings a second</source>
      <translation>Oscilaciones por segundo</translation>
    </message>
    <message>
      <source>Damping</source>
      <translation>Amortiguación</translation>
    </message>
    <message>
      <source>Weight</source>
      <translation>Peso</translation>
    </message>
    <message>
      <source>How far</source>
      <translation>Alcance</translation>
    </message>
    <message>
      <source>joints</source>
      <translation>articulaciones</translation>
    </message>
    <message>
      <source>carried by {name}</source>
      <translation>la lleva {name}</translation>
    </message>
    <message>
      <source>, carries {count}</source>
      <translation>, lleva {count}</translation>
    </message>
    <message>
      <source>The part clicked</source>
      <translation>La pieza pulsada</translation>
    </message>
    <message>
      <source>This carrier</source>
      <translation>Este portador</translation>
    </message>
    <message>
      <source>Free</source>
      <translation>Libre</translation>
    </message>
    <message>
      <source>Fixed</source>
      <translation>Fijo</translation>
    </message>
    <message>
      <source>Lower limit</source>
      <translation>Límite inferior</translation>
    </message>
    <message>
      <source>Upper limit</source>
      <translation>Límite superior</translation>
    </message>
    <message>
      <source>Smallest size</source>
      <translation>Tamaño menor</translation>
    </message>
    <message>
      <source>Largest size</source>
      <translation>Tamaño mayor</translation>
    </message>
    <message>
      <source>End angle</source>
      <translation>Ángulo final</translation>
    </message>
    <message>
      <source>Posed by</source>
      <translation>Se posa por</translation>
    </message>
    <message>
      <source>Blend</source>
      <translation>Fusión</translation>
    </message>
    <message>
      <source>Soften, stretch</source>
      <translation>Suave, estira</translation>
    </message>
    <message>
      <source>Solving</source>
      <translation>Solución</translation>
    </message>
    <message>
      <source>limb of {count}: {names}{tip}</source>
      <translation>extremidad de {count}: {names}{tip}</translation>
    </message>
    <message>
      <source>Bends to</source>
      <translation>Flexiona a</translation>
    </message>
    <message>
      <source>Target follows</source>
      <translation>Objetivo sigue a</translation>
    </message>
    <message>
      <source>limbs</source>
      <translation>extremidades</translation>
    </message>
    <message>
      <source>; tip at {name}</source>
      <translation>; punta en {name}</translation>
    </message>
    <message>
      <source>Turns with limb</source>
      <translation>Con la extremidad</translation>
    </message>
    <message>
      <source>Kept by target</source>
      <translation>Por el objetivo</translation>
    </message>
    <message>
      <source>Points at toe</source>
      <translation>Apunta a la punta</translation>
    </message>
    <message>
      <source>To the target</source>
      <translation>Al objetivo</translation>
    </message>
    <message>
      <source>Off</source>
      <translation>Apagada</translation>
    </message>
    <message>
      <source>Its target</source>
      <translation>Su objetivo</translation>
    </message>
    <message>
      <source>Its own turns</source>
      <translation>Sus giros</translation>
    </message>
    <message>
      <source>Point at, gives</source>
      <translation>Punto en, da</translation>
    </message>
    <message>
      <source>Between points</source>
      <translation>Entre puntos</translation>
    </message>
    <message>
      <source>{drives} follows {source}</source>
      <translation>{drives} sigue a {source}</translation>
    </message>
    <message>
      <source>way of {name} along the board</source>
      <translation>recorrido de {name} en el tablero</translation>
    </message>
    <message>
      <source>Curve of {name}</source>
      <translation>Curva de {name}</translation>
    </message>
    <message>
      <source>{name}: way along the board</source>
      <translation>{name}: recorrido en el tablero</translation>
    </message>
    <message>
      <source>click one</source>
      <translation>clic en uno</translation>
    </message>
    <message>
      <source>Point at</source>
      <translation>Punto en</translation>
    </message>
    <message>
      <source>Point gives</source>
      <translation>El punto da</translation>
    </message>
    <message>
      <source>Names of all selected</source>
      <translation>Nombres de toda la selección</translation>
    </message>
    <message>
      <source>No name changed: no selected name matches.</source>
      <translation>Ningún nombre cambió: no coincide ningún nombre seleccionado.</translation>
    </message>
    <message>
      <source>{step}: {count} names</source>
      <translation>{step}: {count} nombres</translation>
    </message>
    <message>
      <source>Turn, skew</source>
      <translation>Giro, sesgo</translation>
    </message>
    <message>
      <source>Scale</source>
      <translation>Escala</translation>
    </message>
    <message>
      <source>Opacity</source>
      <translation>Opacidad</translation>
    </message>
    <message>
      <source>Shade from</source>
      <translation>Sombra desde</translation>
    </message>
    <message>
      <source>Edge, colour</source>
      <translation>Borde, color</translation>
    </message>
    <message>
      <source>Clip</source>
      <translation>Recorte</translation>
    </message>
    <message>
      <source>Clip side</source>
      <translation>Lado del recorte</translation>
    </message>
    <message>
      <source>Clip by</source>
      <translation>Recortada por</translation>
    </message>
    <message>
      <source>Show</source>
      <translation>Mostrar</translation>
    </message>
    <message>
      <source>part, {width} × {height} px, {place} of {count} from the front{shared}</source>
      <translation>pieza, {width} × {height} px, {place} de {count} desde el frente{shared}</translation>
    </message>
    <message>
      <source>Turn</source>
      <translation>Giro</translation>
    </message>
    <message>
      <source>Skew</source>
      <translation>Sesgo</translation>
    </message>
    <message>
      <source>The colour of the shade</source>
      <translation>El color de la sombra</translation>
    </message>
    <message>
      <source>Colour of {name}</source>
      <translation>Color de {name}</translation>
    </message>
    <message>
      <source>parts</source>
      <translation>piezas</translation>
    </message>
    <message>
      <source>, drawing shared</source>
      <translation>, dibujo compartido</translation>
    </message>
    <message>
      <source>Places forward</source>
      <translation>Puestos adelante</translation>
    </message>
    <message>
      <source>Shows</source>
      <translation>Muestra</translation>
    </message>
    <message>
      <source>Clipped</source>
      <translation>Recortada</translation>
    </message>
    <message>
      <source>Look in this pose</source>
      <translation>Aspecto en esta pose</translation>
    </message>
    <message>
      <source>End angle now</source>
      <translation>Ángulo final aquí</translation>
    </message>
    <message>
      <source>Reach in this pose</source>
      <translation>Alcance en esta pose</translation>
    </message>
    <message>
      <source>Depth now</source>
      <translation>Profundidad aquí</translation>
    </message>
    <message>
      <source>Choose in Parts what clips it; here it can be switched.</source>
      <translation>Elija en Piezas qué la recorta; aquí se activa.</translation>
    </message>
    <message>
      <source>{count} limbs</source>
      <translation>{count} extremidades</translation>
    </message>
    <message>
      <source>Turn, slant</source>
      <translation>Girar, inclinar</translation>
    </message>
    <message>
      <source>Across, up</source>
      <translation>Ancho, alto</translation>
    </message>
    <message>
      <source>Width, height</source>
      <translation>Estirar x, y</translation>
    </message>
    <message>
      <source>Upright value</source>
      <translation>Valor vertical</translation>
    </message>
    <message>
      <source>In this pose</source>
      <translation>En esta pose</translation>
    </message>
    <message>
      <source>Moved by {names}</source>
      <translation>Lo mueve {names}</translation>
    </message>
    <message>
      <source>Turned by {names}. Drag its end, or let it be posed by its own turns.</source>
      <translation>Lo gira {names}. Arrastre su extremo, o pósela por sus propios giros.</translation>
    </message>
    <message>
      <source>{count} selected</source>
      <translation>{count} seleccionados</translation>
    </message>
    <message>
      <source>Moves {names}</source>
      <translation>Mueve {names}</translation>
    </message>
    <message>
      <source>Poses at values</source>
      <translation>Poses en valores</translation>
    </message>
    <message>
      <source>Smooth between them</source>
      <translation>Suave entre ellas</translation>
    </message>
    <message>
      <source>Poses of {name}</source>
      <translation>Poses de {name}</translation>
    </message>
    <message>
      <source>Name a pose</source>
      <translation>Nombrar una pose</translation>
    </message>
    <message>
      <source>Smooth between poses</source>
      <translation>Suave entre poses</translation>
    </message>
    <message>
      <source>Pose again</source>
      <translation>Posar de nuevo</translation>
    </message>
    <message>
      <source>When another branch is shown, its hand goes to where this one's was</source>
      <translation>Cuando se muestra otra rama, su mano va adonde estaba la de esta</translation>
    </message>
    <message>
      <source>A click shows a variant; so do [ and ], and its number with the pointer on the board</source>
      <translation>Un clic muestra una variante; también [ y ], y su número con el puntero en el tablero</translation>
    </message>
    <message>
      <source>Name of the variant</source>
      <translation>Nombre de la variante</translation>
    </message>
    <message>
      <source>Name it…</source>
      <translation>Nombrarla…</translation>
    </message>
    <message>
      <source>Earlier</source>
      <translation>Antes</translation>
    </message>
    <message>
      <source>Later</source>
      <translation>Después</translation>
    </message>
    <message>
      <source>Show it at rest</source>
      <translation>Mostrarla en reposo</translation>
    </message>
    <message>
      <source>Take it out of the set</source>
      <translation>Sacarla del conjunto</translation>
    </message>
    <message>
      <source>Wheel zooms, middle button moves, F fits; drag a card onto its new parent</source>
      <translation>La rueda acerca, el botón central mueve, F ajusta; arrastre una carta a su nuevo padre</translation>
    </message>
    <message>
      <source>Parent {name} {where}</source>
      <translation>Padre de {name}: {where}</translation>
    </message>
    <message>
      <source>{name} is parented {where} now. {moved}</source>
      <translation>{name} tiene ahora padre: {where}. {moved}</translation>
    </message>
    <message>
      <source>Find a joint or part</source>
      <translation>Buscar una articulación o pieza</translation>
    </message>
    <message>
      <source>Hide</source>
      <translation>Ocultar</translation>
    </message>
    <message>
      <source>Unlock</source>
      <translation>Desbloquear</translation>
    </message>
    <message>
      <source>Lock, so that it can't be selected</source>
      <translation>Bloquear, para que no se pueda seleccionar</translation>
    </message>
    <message>
      <source>{name} carries no drawing.</source>
      <translation>{name} no lleva dibujo.</translation>
    </message>
    <message>
      <source>{count} findings of one kind. The first: {first}</source>
      <translation>{count} hallazgos de un tipo. El primero: {first}</translation>
    </message>
    <message>
      <source>Mend</source>
      <translation>Reparar</translation>
    </message>
    <message>
      <source>Each one</source>
      <translation>Cada uno</translation>
    </message>
    <message>
      <source>Explain</source>
      <translation>Explicar</translation>
    </message>
    <message>
      <source>Ignore</source>
      <translation>Ignorar</translation>
    </message>
    <message>
      <source>Ignore a finding</source>
      <translation>Ignorar un hallazgo</translation>
    </message>
    <message>
      <source>Show all ignored findings</source>
      <translation>Mostrar los hallazgos ignorados</translation>
    </message>
    <message>
      <source>Show ignored findings ({count})</source>
      <translation>Mostrar hallazgos ignorados ({count})</translation>
    </message>
    <message>
      <source>{fix}, for all</source>
      <translation>{fix}, para todos</translation>
    </message>
    <message>
      <source>How it is, and how it should be</source>
      <translation>Cómo está, y cómo debe estar</translation>
    </message>
    <message>
      <source>No findings: all is well.</source>
      <translation>Sin hallazgos: todo va bien.</translation>
    </message>
    <message>
      <source>For stations you have not used yet:</source>
      <translation>Para estaciones que aún no ha usado:</translation>
    </message>
    <message>
      <source>Drag a branch onto a joint, or onto the board.</source>
      <translation>Arrastre una rama a una articulación, o al tablero.</translation>
    </message>
    <message>
      <source>Name of the branch</source>
      <translation>Nombre de la rama</translation>
    </message>
    <message>
      <source>Save the selected branch</source>
      <translation>Guardar la rama</translation>
    </message>
    <message>
      <source>Insert</source>
      <translation>Insertar</translation>
    </message>
    <message>
      <source>Onto the selected joint, or free where none is selected</source>
      <translation>En la articulación seleccionada, o libre si no hay ninguna</translation>
    </message>
    <message>
      <source>{name} is in the trash.</source>
      <translation>{name} está en la papelera.</translation>
    </message>
    <message>
      <source>There is no trash here, so {name} was not removed.</source>
      <translation>Aquí no hay papelera, así que {name} no se quitó.</translation>
    </message>
    <message>
      <source>your own</source>
      <translation>suya</translation>
    </message>
    <message>
      <source>ships with Umbrite</source>
      <translation>viene con Umbrite</translation>
    </message>
    <message>
      <source>{name}, {whose}: drag it onto a joint</source>
      <translation>{name}, {whose}: arrástrela a una articulación</translation>
    </message>
    <message>
      <source>Saves it to your own library, with limbs, controls and poses</source>
      <translation>La guarda en su biblioteca, con extremidades, controles y poses</translation>
    </message>
    <message>
      <source>Insert as a guest</source>
      <translation>Insertar como invitada</translation>
    </message>
    <message>
      <source>Move to trash</source>
      <translation>Mover a la papelera</translation>
    </message>
    <message>
      <source>Open recent</source>
      <translation>Abrir reciente</translation>
    </message>
    <message>
      <source>, for {names} only</source>
      <translation>, solo para {names}</translation>
    </message>
    <message>
      <source>Pose {name}{part}</source>
      <translation>Pose {name}{part}</translation>
    </message>
    <message>
      <source>{name}{part}: click to apply, drag the groove under it to blend</source>
      <translation>{name}{part}: clic para aplicar, arrastre la ranura de debajo para mezclar</translation>
    </message>
    <message>
      <source>{folder}: click to fold, double click to name</source>
      <translation>{folder}: clic para plegar, doble clic para nombrar</translation>
    </message>
    <message>
      <source>Folder {folder}</source>
      <translation>Carpeta {folder}</translation>
    </message>
    <message>
      <source>Apply and blend poses for the selected controls and joints only</source>
      <translation>Aplicar y mezclar poses solo a los controles y articulaciones seleccionados</translation>
    </message>
    <message>
      <source>Find a pose</source>
      <translation>Buscar una pose</translation>
    </message>
    <message>
      <source>Name of the pose</source>
      <translation>Nombre de la pose</translation>
    </message>
    <message>
      <source>Folder</source>
      <translation>Carpeta</translation>
    </message>
    <message>
      <source>Move {name} to {folder}</source>
      <translation>Mover {name} a {folder}</translation>
    </message>
    <message>
      <source>Move {name} out of its folder</source>
      <translation>Sacar {name} de su carpeta</translation>
    </message>
    <message>
      <source>Name pose {name}</source>
      <translation>Nombrar pose {name}</translation>
    </message>
    <message>
      <source>Name folder {name}</source>
      <translation>Nombrar carpeta {name}</translation>
    </message>
    <message>
      <source>Blend {share:.0%} to {name}</source>
      <translation>Mezclar {share:.0%} hacia {name}</translation>
    </message>
    <message>
      <source>The clean pose keeps its name; it is always there.</source>
      <translation>La pose limpia mantiene su nombre; siempre está ahí.</translation>
    </message>
    <message>
      <source>Delete pose {name}</source>
      <translation>Eliminar la pose {name}</translation>
    </message>
    <message>
      <source>Apply</source>
      <translation>Aplicar</translation>
    </message>
    <message>
      <source>New folder…</source>
      <translation>Nueva carpeta…</translation>
    </message>
    <message>
      <source>Delete</source>
      <translation>Eliminar</translation>
    </message>
    <message>
      <source>{done} of {count} set</source>
      <translation>{done} de {count} listos</translation>
    </message>
    <message>
      <source>none yet</source>
      <translation>ninguno aún</translation>
    </message>
    <message>
      <source>{count} limb{ending}</source>
      <translation>extremidades: {count}</translation>
    </message>
    <message>
      <source>{count} take{ending}</source>
      <translation>tomas: {count}</translation>
    </message>
    <message>
      <source>posed</source>
      <translation>posada</translation>
    </message>
    <message>
      <source>at rest</source>
      <translation>en reposo</translation>
    </message>
    <message>
      <source>{station}  (Ctrl+{station2})</source>
      <translation>{station}  (Ctrl+{station2})</translation>
    </message>
    <message>
      <source>Findings  (Ctrl+E)</source>
      <translation>Hallazgos  (Ctrl+E)</translation>
    </message>
    <message>
      <source>Umbrite</source>
      <translation>Umbrite</translation>
    </message>
    <message>
      <source>saved</source>
      <translation>guardado</translation>
    </message>
    <message>
      <source>not saved yet</source>
      <translation>sin guardar</translation>
    </message>
    <message>
      <source>empty</source>
      <translation>vacío</translation>
    </message>
    <message>
      <source>{count} in order</source>
      <translation>{count} en orden</translation>
    </message>
    <message>
      <source>{count} made</source>
      <translation>{count} creados</translation>
    </message>
    <message>
      <source>{count} finding{ending}</source>
      <translation>{count} hallazgo{ending}</translation>
    </message>
    <message>
      <source>All well</source>
      <translation>Todo bien</translation>
    </message>
    <message>
      <source>, {straight} straight</source>
      <translation>, {straight} rectas</translation>
    </message>
    <message>
      <source>{word}: there is nothing</source>
      <translation>{word}: no hay nada</translation>
    </message>
    <message>
      <source>last:</source>
      <translation>último:</translation>
    </message>
    <message>
      <source>{count} more steps</source>
      <translation>{count} pasos más</translation>
    </message>
    <message>
      <source>{count} forward</source>
      <translation>{count} adelante</translation>
    </message>
    <message>
      <source>{count} back</source>
      <translation>{count} atrás</translation>
    </message>
    <message>
      <source>Frame of the key</source>
      <translation>Fotograma de la clave</translation>
    </message>
    <message>
      <source>Value of the key</source>
      <translation>Valor de la clave</translation>
    </message>
    <message>
      <source>Frame</source>
      <translation>Fotograma</translation>
    </message>
    <message>
      <source>Only these kinds</source>
      <translation>Solo estos tipos</translation>
    </message>
    <message>
      <source>1 key</source>
      <translation>1 clave</translation>
    </message>
    <message>
      <source>{name}, frame {frame}</source>
      <translation>{name}, fotograma {frame}</translation>
    </message>
    <message>
      <source>Reading the sound</source>
      <translation>Leyendo el sonido</translation>
    </message>
    <message>
      <source>The take itself</source>
      <translation>La toma misma</translation>
    </message>
    <message>
      <source>{seconds} s</source>
      <translation>{seconds} s</translation>
    </message>
    <message>
      <source>off</source>
      <translation>apagada</translation>
    </message>
    <message>
      <source>is added</source>
      <translation>se suma</translation>
    </message>
    <message>
      <source>takes over</source>
      <translation>sustituye</translation>
    </message>
    <message>
      <source>Rows of the tape</source>
      <translation>Filas de la cinta</translation>
    </message>
    <message>
      <source>On the tape</source>
      <translation>En la cinta</translation>
    </message>
    <message>
      <source>The current take</source>
      <translation>La toma actual</translation>
    </message>
    <message>
      <source>Play or stop  (Space)</source>
      <translation>Reproducir o parar  (Espacio)</translation>
    </message>
    <message>
      <source>Perform by hand  (Alt+P)</source>
      <translation>Actuar a mano  (Alt+P)</translation>
    </message>
    <message>
      <source>Keying</source>
      <translation>Claves</translation>
    </message>
    <message>
      <source>Loop</source>
      <translation>Bucle</translation>
    </message>
    <message>
      <source> a second</source>
      <translation> por segundo</translation>
    </message>
    <message>
      <source>Frames per second</source>
      <translation>Fotogramas por segundo</translation>
    </message>
    <message>
      <source>Speed of playing</source>
      <translation>Velocidad de reproducción</translation>
    </message>
    <message>
      <source>Quarter speed</source>
      <translation>Un cuarto</translation>
    </message>
    <message>
      <source>Half speed</source>
      <translation>A la mitad</translation>
    </message>
    <message>
      <source>Normal speed</source>
      <translation>Velocidad normal</translation>
    </message>
    <message>
      <source>Double speed</source>
      <translation>Al doble</translation>
    </message>
    <message>
      <source>How the layer is combined</source>
      <translation>Cómo se combina la capa</translation>
    </message>
    <message>
      <source>Amount of the layer</source>
      <translation>Intensidad de la capa</translation>
    </message>
    <message>
      <source>How strong the layer is; keyed at the playhead</source>
      <translation>Cuánto pesa la capa; con clave en el cabezal</translation>
    </message>
    <message>
      <source>Frame {frame}</source>
      <translation>Fotograma {frame}</translation>
    </message>
    <message>
      <source>{keys} selected</source>
      <translation>{keys} seleccionadas</translation>
    </message>
    <message>
      <source>No take yet: pose something, or start one with +.</source>
      <translation>Todavía no hay toma: pose algo, o empiece una con +.</translation>
    </message>
    <message>
      <source>{frames} frames, {seconds} s</source>
      <translation>{frames} fotogramas, {seconds} s</translation>
    </message>
    <message>
      <source>{count} frames late</source>
      <translation>{count} fotogramas tarde</translation>
    </message>
    <message>
      <source>Keys over frames; arrows move selected keys, Delete removes them</source>
      <translation>Claves en fotogramas; las flechas mueven las seleccionadas, Supr las quita</translation>
    </message>
    <message>
      <source>What differs</source>
      <translation>Qué difiere</translation>
    </message>
    <message>
      <source>Restore</source>
      <translation>Restaurar</translation>
    </message>
    <message>
      <source>Insert a branch…</source>
      <translation>Insertar una rama…</translation>
    </message>
    <message>
      <source>New puppet from this</source>
      <translation>Nueva marioneta de esta</translation>
    </message>
    <message>
      <source>Save the work as it is now, to compare or restore later. All of it is kept in the file.</source>
      <translation>Guarde el trabajo como está ahora, para comparar o restaurar después. Todo queda en el archivo.</translation>
    </message>
    <message>
      <source>{name}, saved {when}</source>
      <translation>{name}, guardada {when}</translation>
    </message>
    <message>
      <source>Click a version to see what differs from now.</source>
      <translation>Clic en una versión para ver qué difiere de ahora.</translation>
    </message>
    <message>
      <source>What differs now from {name} of {when}; a click selects it:</source>
      <translation>Qué difiere ahora de {name} del {when}; un clic lo selecciona:</translation>
    </message>
    <message>
      <source>Nothing differs now from {name}.</source>
      <translation>Nada difiere ahora de {name}.</translation>
    </message>
    <message>
      <source>Contact sheet</source>
      <translation>Hoja de contactos</translation>
    </message>
    <message>
      <source>Save the sheet as PDF, TIFF or PNG…</source>
      <translation>Guardar la hoja como PDF, TIFF o PNG…</translation>
    </message>
    <message>
      <source>Nothing tears, flips or jumps. Look at the poses far from rest all the same.</source>
      <translation>Nada se rompe, se voltea ni salta. Mire igualmente las poses lejos del reposo.</translation>
    </message>
    <message>
      <source>largest turn a step</source>
      <translation>mayor giro por paso</translation>
    </message>
    <message>
      <source>largest way a step</source>
      <translation>mayor recorrido por paso</translation>
    </message>
    <message>
      <source>frames at limits</source>
      <translation>fotogramas en límites</translation>
    </message>
    <message>
      <source>out of reach</source>
      <translation>fuera de alcance</translation>
    </message>
    <message>
      <source>moved</source>
      <translation>movido</translation>
    </message>
    <message>
      <source>{names} and {count} more</source>
      <translation>{names} y {count} más</translation>
    </message>
    <message>
      <source>Looks as before with other values: {names}.</source>
      <translation>Se ve como antes con otros valores: {names}.</translation>
    </message>
    <message>
      <source>, as the limit of {joint} stops it</source>
      <translation>, pues el límite de {joint} lo para</translation>
    </message>
    <message>
      <source>{count} more differ.</source>
      <translation>{count} más difieren.</translation>
    </message>
    <message>
      <source>Adjusting takes</source>
      <translation>Ajustando tomas</translation>
    </message>
    <message>
      <source>The pose {name}</source>
      <translation>La pose {name}</translation>
    </message>
    <message>
      <source>The pose in Rehearse</source>
      <translation>La pose en Ensayo</translation>
    </message>
    <message>
      <source>{what} differs by up to {far} px{why}.</source>
      <translation>{what} difiere hasta {far} px{why}.</translation>
    </message>
    <message>
      <source>{name} differs by up to {far} px at {frames}{why}.</source>
      <translation>{name} difiere hasta {far} px en {frames}{why}.</translation>
    </message>
    <message>
      <source>{name} takes no values. Choose a slider, a pad, a grip, a knob or a chooser.</source>
      <translation>{name} no toma valores. Elija un deslizador, un pad, un agarre, una perilla o un selector.</translation>
    </message>
    <message>
      <source>Port {port} is taken by another program. Choose a different one.</source>
      <translation>El puerto {port} lo usa otro programa. Elija otro.</translation>
    </message>
    <message>
      <source>Leave it as it is</source>
      <translation>Dejarlo como está</translation>
    </message>
    <message>
      <source>Everything else looks as before. Undo takes back the whole step.</source>
      <translation>Todo lo demás se ve como antes. Deshacer revierte todo el paso.</translation>
    </message>
    <message>
      <source>All takes and poses have the values that they had.</source>
      <translation>Todas las tomas y poses tienen los valores que tenían.</translation>
    </message>
    <message>
      <source>A pass is being recorded. End it with Enter, or discard it with Esc.</source>
      <translation>Se está grabando una pasada. Termínela con Intro, o descártela con Esc.</translation>
    </message>
    <message>
      <source>Something else was changed meanwhile, and nothing was made of this. Do it again.</source>
      <translation>Algo más cambió mientras tanto, y no se creó nada. Hágalo de nuevo.</translation>
    </message>
    <message>
      <source>Stopped: all takes and poses keep their values. Undo takes back the step.</source>
      <translation>Parado: todas las tomas y poses mantienen sus valores. Deshacer revierte el paso.</translation>
    </message>
    <message>
      <source>Go there</source>
      <translation>Ir ahí</translation>
    </message>
    <message>
      <source>Keep the values instead</source>
      <translation>Mantener los valores</translation>
    </message>
    <message>
      <source>The pending changes at frame {frame} are back: Enter keys them.</source>
      <translation>Han vuelto los cambios pendientes del fotograma {frame}: Intro les pone clave.</translation>
    </message>
    <message>
      <source>Undone: {names}.</source>
      <translation>Deshecho: {names}.</translation>
    </message>
    <message>
      <source>Redone: {names}.</source>
      <translation>Rehecho: {names}.</translation>
    </message>
    <message>
      <source>{count} pending changes at frame {frame} were discarded. Ctrl+Z restores them.</source>
      <translation>{count} cambios pendientes del fotograma {frame} se descartaron. Ctrl+Z los restaura.</translation>
    </message>
    <message>
      <source>Pose by a device</source>
      <translation>Posar con un dispositivo</translation>
    </message>
    <message>
      <source>The walk moves that, as far as the master goes. Bake the walk to keys to correct it by hand.</source>
      <translation>El andar mueve eso, hasta donde va el maestro. Pase el andar a claves para corregirlo a mano.</translation>
    </message>
    <message>
      <source>Export…</source>
      <translation>Exportar…</translation>
    </message>
    <message>
      <source>Panels</source>
      <translation>Paneles</translation>
    </message>
    <message>
      <source>Board: {lower}.</source>
      <translation>Tablero: {lower}.</translation>
    </message>
    <message>
      <source>The drag was cancelled.</source>
      <translation>El arrastre se canceló.</translation>
    </message>
    <message>
      <source>The panels are hidden. The same key shows them.</source>
      <translation>Los paneles están ocultos. La misma tecla los muestra.</translation>
    </message>
    <message>
      <source>The panels are shown.</source>
      <translation>Los paneles se muestran.</translation>
    </message>
    <message>
      <source>Not saved for recovery</source>
      <translation>Sin copia de rescate</translation>
    </message>
  </context>
</TS>
