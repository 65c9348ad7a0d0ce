"""Takes: made, played, keyed, eased and delayed."""

from umbrite.desk.actions.action import Act, on_session, view_of, with_film, with_recipe
from umbrite.desk.commands import reasons
from umbrite.desk.commands.sets.variant_commands import needs_variants
from umbrite.desk.commands.sharing import branch_commands
from umbrite.desk.commands.takes import layer_commands as layer
from umbrite.desk.commands.takes import loose_commands as loose
from umbrite.desk.commands.takes import perform_commands as performing
from umbrite.desk.commands.takes import sound_commands as sound
from umbrite.desk.commands.takes import take_commands as take
from umbrite.desk.commands.takes.changes import needs_take
from umbrite.files.formats.format_table import written_as

# One line, one action.
# fmt: off
TAKES_ACTS: tuple[Act, ...] = (
    Act("new-take", "Takes", "New take", "", "plus", on_session(take.new_take), reasons.needs_parts),
    Act("new-take-rest", "Takes", "New take from rest", "", "plus", on_session(take.new_take_at_rest), reasons.needs_parts),
    Act("copy-take", "Takes", "Copy the take", "", "rig-copy", on_session(take.copy_take), needs_take),
    Act("clip-take", "Takes", "Copy take to the clipboard", "", "rig-copy", on_session(branch_commands.copy_take), needs_take),
    Act("remove-take", "Takes", "Remove the take", "", "trash-2", on_session(take.remove_take), needs_take),
    Act("play", "Takes", "Play or stop", "", "rig-play", lambda desk: desk.play(), needs_take, row="Takes"),
    Act("perform", "Takes", "Perform", "Alt+P", "rig-perform", on_session(performing.perform), performing.needs_performable, row="Takes"),
    Act("devices", "Takes", "Devices…", "", "rig-slider", lambda desk: desk.show_devices()),
    Act("ghosts", "Takes", "Ghosts before and after", "Shift+O", "ghost", view_of("ghosts"), view="ghosts", row="Takes"),
    Act("ghosts-more", "Takes", "More ghosts", "", "ghost", on_session(take.more_ghosts(1))),
    Act("ghosts-fewer", "Takes", "Fewer ghosts", "", "ghost", on_session(take.more_ghosts(-1))),
    Act("each-frame", "Takes", "Ghosts of every frame", "", "ghost", view_of("each_frame"), view="each_frame"),
    Act("trails", "Takes", "Trails of selected controls", "", "rig-curve", view_of("trails"), view="trails"),
    Act("seconds", "Takes", "Seconds on the ruler", "", "rig-place", view_of("seconds"), view="seconds"),
    Act("walk", "Takes", "Start a walk…", "", "rig-workout", with_recipe("walk"), reasons.needs_limbs),
    Act("breathe", "Takes", "Let it breathe…", "", "rig-spread-down", with_recipe("breathe"), needs_take),
    Act("blink", "Takes", "Let it blink…", "", "eye", with_recipe("blink"), needs_take),
    Act("frame-back", "Takes", "Previous frame", ",", "arrow-down", on_session(take.step_by(-1)), needs_take),
    Act("frame-on", "Takes", "Next frame", ".", "arrow-up", on_session(take.step_by(1)), needs_take),
    Act("key-back", "Takes", "Previous key", "Alt+,", "arrow-down-to-line", on_session(take.to_key(-1)), needs_take),
    Act("key-on", "Takes", "Next key", "Alt+.", "arrow-up-to-line", on_session(take.to_key(1)), needs_take),
    Act("take-start", "Takes", "First frame of the take", "Home", "arrow-down-to-line", on_session(take.to_end("first")), needs_take),
    Act("take-end", "Takes", "Last frame of the take", "End", "arrow-up-to-line", on_session(take.to_end("last")), needs_take),
    Act("key-all", "Takes", "Key all", "Shift+K", "rig-key", on_session(take.key_everything), reasons.needs_parts, row="Takes"),
    Act("key-selected", "Takes", "Key selected", "I", "rig-key", on_session(take.key_selected), reasons.needs_selection),
    Act("keying", "Takes", "Auto-key", "Shift+I", "rig-key", on_session(take.switch_keying)),
    Act("keep-hollow", "Takes", "Key pending changes", "", "check", on_session(take.keep_unkept), take.needs_unkept),
    Act("remove-keys", "Takes", "Delete selected keys", "", "trash-2", on_session(take.remove_selected), take.needs_keys),
    Act("mirror-keys", "Takes", "Reverse selected keys", "", "rig-mirror", on_session(take.mirror_selected), take.needs_keys),
    Act("stretch-keys", "Takes", "Stretch selected keys to double", "", "rig-spread", on_session(take.stretch_selected(2.0)), take.needs_keys),
    Act("press-keys", "Takes", "Shrink selected keys to half", "", "rig-spread", on_session(take.stretch_selected(0.5)), take.needs_keys),
    Act("keys-on-frames", "Takes", "Keys on whole frames", "", "rig-key", on_session(take.put_on_frames), needs_take),
    Act("scatter-keys", "Takes", "Scatter selected keys…", "", "rig-spread-down", with_recipe("scatter"), take.needs_keys),
    Act("ease-all", "Takes", "Ease all…", "", "rig-curve", with_recipe("ease"), needs_take, row="Takes"),
    Act("delay-chain", "Takes", "Delay down the chain…", "", "rig-spread", with_recipe("delay"), needs_take, row="Takes"),
    Act("swing", "Takes", "Swing", "", "rig-moved", on_session(loose.make_loose), loose.needs_joint),
    Act("bake-swing", "Takes", "Bake swing to keys", "", "rig-key", on_session(loose.bake_swing), needs_take),
    Act("dangle", "Takes", "Swing while you pose", "Shift+H", "rig-moved", view_of("dangle"), view="dangle"),
    Act("play-through", "Takes", "Play through the variants…", "", "rig-chooser", with_recipe("through"), needs_variants),
    Act("mouth-list", "Takes", "Shapes from a list of frames…", "", "rig-chooser", lambda desk: desk.files.speak(), needs_variants),
    Act("add-sound", "Takes", "Add a sound…", "", "rig-sound", lambda desk: desk.files.ask_sound(), reasons.needs_parts, row="Takes"),
    Act("mark-sound", "Takes", "Mark the sound here", "Alt+M", "rig-sound", on_session(sound.mark_here), sound.needs_sound),
    Act("mark-accents", "Takes", "Mark the accents", "", "rig-sound", on_session(sound.mark_accents), sound.needs_sound),
    Act("mouths", "Takes", "Mouths from the sound…", "", "rig-chooser", with_recipe("mouths"), sound.needs_sound),
    Act("nods", "Takes", "Nod and blink to the sound…", "", "rig-head-turn", with_recipe("nods"), sound.needs_sound),
    Act("end-with-sound", "Takes", "End with the sound", "", "rig-sound", on_session(sound.lengthen), sound.needs_sound),
    Act("remove-sound", "Takes", "Remove the sound", "", "trash-2", on_session(sound.remove), sound.needs_sound),
    Act("spread-keys", "Takes", "Spread selected keys…", "", "rig-spread", with_recipe("spread"), take.needs_keys),
    Act("follow-here", "Takes", "Change what it follows here…", "", "rig-cord", with_recipe("follow"), needs_take),
    Act("bend-here", "Takes", "Change bend side here…", "", "rig-limb", with_recipe("bend"), needs_take),
    Act("bake-walk", "Takes", "Bake walk to keys", "", "rig-key", on_session(loose.bake_walk), needs_take),
    Act("lay-over", "Takes", "Add a take as a layer…", "", "layers", with_recipe("lay-over"), layer.needs_other_take),
    Act("next-layer", "Takes", "Keys of the next layer", "Alt+L", "layers", on_session(layer.open_next), layer.needs_layers),
    Act("layer-off", "Takes", "Layer on or off", "", "eye", on_session(layer.switch_open), layer.needs_open_layer),
    Act("layer-up", "Takes", "Move layer up", "", "arrow-up", on_session(layer.raise_open), layer.needs_open_layer),
    Act("remove-layer", "Takes", "Remove the layer", "", "trash-2", on_session(layer.remove_open), layer.needs_open_layer),
    Act("make-one", "Takes", "Flatten layers", "", "rig-key", on_session(layer.make_one), layer.needs_layers),
    Act("carry-takes", "Takes", "Keep takes when the rig changes", "", "rig-key", view_of("carry"), view="carry"),
    Act("values-instead", "Takes", "Keep the values, not the look", "", "rotate-ccw", lambda desk: desk.session.values_instead(), take.needs_carried),
    Act("close-loop", "Takes", "Close the loop", "", "rotate-ccw", on_session(take.close_loop), needs_take, row="Takes"),
    *(Act(f"film-{each.ending[1:] or 'folder'}", "Takes", f"Export the take as {each.title}…", "", "image", with_film(each.ending), needs_take) for each in written_as("take").values()),
    Act("film-sheets", "Takes", "Export the take's frames on sheets…", "", "images", lambda desk: desk.engines.export_frames(), needs_take),
)
# fmt: on
