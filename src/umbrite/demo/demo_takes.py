"""The demos' takes, keyed by the same edits that the window uses: few strong poses, eased, their chains delayed."""

import math
from collections.abc import Mapping, Sequence

from msgspec.structs import replace

from umbrite.motion.animating.idling import Blinks, blinking
from umbrite.motion.animating.walking import walk
from umbrite.rig.channels import known_only
from umbrite.rig.edits.shelf import get_pose
from umbrite.rig.ids import owner_of
from umbrite.rig.model import Puppet
from umbrite.rig.takes.keys import close_loop, delay, ease_all, put_keys
from umbrite.rig.takes.take import Steps, Take

Values = Mapping[str, float]


def takes_of(puppet: Puppet) -> tuple[Take, ...]:
    """The takes of one of the demos, by its name."""
    return {"Wick": _wick, "Bramble": _bramble, "Inkpot": _inkpot, "Tansy": _tansy, "Tea cart": _tea_cart}[puppet.name](
        puppet
    )


def _channels(puppet: Puppet, values: Values) -> dict[str, float]:
    """Channels by the names of joints, turns in degrees as shown."""
    keys = {joint.name: key for key, joint in puppet.joints.items()}
    controls = {control.name: key for key, control in puppet.controls.items()}
    found = {}
    for name, number in values.items():
        owner, _, what = name.rpartition(".")
        found[f"{(controls if what.startswith('value') else keys)[owner]}.{what}"] = (
            -math.radians(number) if what == "turn" else number
        )
    return found


def _keyed(puppet: Puppet, take: Take, frames: Mapping[int, Values]) -> Take:
    """A take with these values keyed; what one frame names and another does not is at rest there."""
    by_frame = {frame: _channels(puppet, values) for frame, values in frames.items()}
    names = dict.fromkeys(name for values in by_frame.values() for name in values)
    for frame, values in by_frame.items():
        take = put_keys(take, frame, {name: values.get(name, 0.0) for name in names})
    return take


def _from_poses(puppet: Puppet, take: Take, poses: Sequence[tuple[int, str]]) -> Take:
    """Poses of the shelf at frames, everything keyed at each of them."""
    channels = {name: known_only(get_pose(puppet, name).channels, puppet) for _, name in poses}
    names = dict.fromkeys(key for values in channels.values() for key in values)
    for frame, name in poses:
        take = put_keys(take, frame, {key: channels[name].get(key, 0.0) for key in names})
    return take


def _late(puppet: Puppet, take: Take, chain: Sequence[str], by: float) -> Take:
    """The joints of a chain delayed one after the other."""
    keys = {joint.name: key for key, joint in puppet.joints.items()}
    groups = [[name for name in take.tracks if owner_of(name) == keys[joint]] for joint in chain]
    late = delay(take, groups, by)
    begun = {name: track[0].value for name, track in late.tracks.items() if track[0].frame > late.first}
    return late if take.loop or not begun else put_keys(late, late.first, begun)


def _wick(puppet: Puppet) -> tuple[Take, ...]:
    breath = _keyed(puppet, Take("Idle", last=48), {
        0: {"Body.y": 0, "Trunk.turn": 0, "Head.turn": 0, "Scarf tail.turn": 0, "Scarf end.turn": 0, "Far arm target.y": 0},
        24: {"Body.y": 7, "Trunk.turn": 1.6, "Head.turn": -2.5, "Scarf tail.turn": 5, "Scarf end.turn": 7, "Far arm target.y": -5},
    })  # fmt: skip
    idle = _late(puppet, close_loop(ease_all(breath, 0.45)), ["Trunk", "Head", "Scarf tail", "Scarf end"], 3)
    pace = walk(puppet, Steps(stride=0.42, cycle=26, lift=0.13, bob=0.02, lean=0.02, arms=0.35), "Walk")
    nod = _keyed(puppet, Take("Walk", last=26), {0: {"Head.turn": 1.5}, 13: {"Head.turn": -1.5}})
    nodding = close_loop(ease_all(nod, 0.45))
    walking = replace(pace, tracks={**pace.tracks, **nodding.tracks})  # scarf and coat tails hang loose
    lamp = _from_poses(
        puppet, Take("Lamp up", last=60), [(0, "Clean"), (18, "Lamp up"), (40, "Lamp up"), (58, "Clean")]
    )
    idle = blinking(idle, puppet, [_set(puppet, "Eyes")], Blinks(least=20, most=36, seed=5))
    idle = _shown(puppet, idle, "Mouth", ((0, "Smile"), (30, "Closed"), (44, "Smile")))
    lamp = _shown(puppet, ease_all(lamp, 0.4), "Mouth", ((0, "Smile"), (12, "Oh"), (24, "Ah"), (46, "Smile")))
    lamp = _shown(puppet, lamp, "Eyes", ((0, "Open"), (10, "Wide"), (44, "Half"), (48, "Open")))
    return idle, walking, lamp, _looking_round(puppet)


def _looking_round(puppet: Puppet) -> Take:
    """He hears something, looks that way, and is glad: head, brows, lids and smile by their sliders."""
    told: dict[int, Values] = {
        0: {"Head turn.value": 0, "Head turn.value_y": 0, "Brows.value": 0, "Smile.value": 0, "Lids.value": 0},
        12: {"Head turn.value": -0.2, "Head turn.value_y": -0.7, "Brows.value": -0.6, "Smile.value": -0.5, "Lids.value": 0.0},
        15: {"Head turn.value": -0.3, "Head turn.value_y": -0.7, "Brows.value": -0.6, "Smile.value": -0.5, "Lids.value": 1.0},
        18: {"Head turn.value": -0.6, "Head turn.value_y": -0.2, "Brows.value": 0.2, "Smile.value": -0.4, "Lids.value": 0.0},
        30: {"Head turn.value": -1, "Head turn.value_y": 0.5, "Brows.value": 1, "Smile.value": 0.2, "Lids.value": 0.0},
        44: {"Head turn.value": -0.9, "Head turn.value_y": 0.6, "Brows.value": 0.8, "Smile.value": 1, "Lids.value": 0.0},
        66: {"Head turn.value": 0, "Head turn.value_y": 0, "Brows.value": 0, "Smile.value": 0, "Lids.value": 0},
    }  # fmt: skip
    return ease_all(_keyed(puppet, Take("Look round", last=72), told), 0.4)


def _set(puppet: Puppet, name: str) -> str:
    return next(key for key, one in puppet.sets.items() if one.name == name)


def _shown(puppet: Puppet, take: Take, name: str, frames: Sequence[tuple[int, str]]) -> Take:
    """A take in which variants of a set show from frames on, by their names."""
    key = _set(puppet, name)
    numbers = {variant.name: variant.number for variant in puppet.sets[key].variants}
    for frame, variant in frames:
        number = numbers[variant]
        value = 0.0 if number == puppet.sets[key].rest else float(number)
        take = put_keys(take, frame, {f"{key}.shows": value}, holding=[f"{key}.shows"])
    return take


def _bramble(puppet: Puppet) -> tuple[Take, ...]:
    """Ears, tail and beard hang loose: nobody keys them."""
    trot = walk(puppet, Steps("trot", stride=0.4, cycle=20, lift=0.16, bob=0.03, lean=0.0, arms=0.0), "Trot")
    nod = {
        frame: {"Neck.turn": 3 * way, "Head.turn": -2.5 * way} for frame, way in ((0, 1), (5, -1), (10, 1), (15, -1))
    }
    nodding = close_loop(ease_all(_keyed(puppet, Take("Trot", last=20), nod), 0.45))
    nodding = _late(puppet, nodding, ["Neck", "Head"], 1)
    shake = _keyed(puppet, Take("Shake", last=40), {
        0: {"Head.turn": 0, "Neck.turn": 0, "Tail.turn": 0},
        6: {"Head.turn": 12, "Neck.turn": 6, "Tail.turn": 8},
        11: {"Head.turn": -14, "Neck.turn": -5, "Tail.turn": -10},
        16: {"Head.turn": 10, "Neck.turn": 4, "Tail.turn": 8},
        22: {"Head.turn": -6, "Neck.turn": -2, "Tail.turn": -5},
        30: {"Head.turn": 2, "Neck.turn": 1, "Tail.turn": 2},
        38: {"Head.turn": 0, "Neck.turn": 0, "Tail.turn": 0},
    })  # fmt: skip
    shaken = _late(puppet, ease_all(shake, 0.4), ["Neck", "Head"], 0.7)
    shaken = _shown(puppet, shaken, "Eye", ((0, "Open"), (4, "Half"), (6, "Closed"), (26, "Half"), (30, "Open")))
    shaken = _shown(puppet, shaken, "Near ear", ((0, "Hanging"), (30, "Pricked")))
    listen = _keyed(puppet, Take("Listen", last=48), {
        0: {"Ears.value": 0, "Head.turn": 0}, 8: {"Ears.value": 1, "Head.turn": 5}, 26: {"Ears.value": 1, "Head.turn": 7},
        34: {"Ears.value": -0.8, "Head.turn": -4}, 46: {"Ears.value": 0, "Head.turn": 0},
    })  # fmt: skip
    return replace(trot, tracks={**trot.tracks, **nodding.tracks}), shaken, ease_all(listen, 0.35)


def _inkpot(puppet: Puppet) -> tuple[Take, ...]:
    pour = _from_poses(puppet, Take("Pour", last=72), [(0, "Clean"), (20, "Pour"), (48, "Pour"), (70, "Clean")])
    sway = {}
    for i, frame in enumerate((0, 12, 24, 36)):
        side = (1, 0, -1, 0)[i]
        high = (0, 1, 0, 1)[i]
        sway[frame] = {
            "Body.y": -24.0 * high, "Body.x": 26.0 * side, "Hat.turn": -8.0 * side,
            "Second arm target.x": -60.0 - 70 * side, "Second arm target.y": -150.0 - 120 * high,
            "Fifth arm target.x": 60.0 - 70 * side, "Fifth arm target.y": -150.0 - 120 * (1 - high),
            "Third arm target.x": -40.0 * side, "Fourth arm target.x": -40.0 * side,
        }  # fmt: skip
    dance = close_loop(_keyed(puppet, Take("Dance", last=48), sway))
    pour = _shown(puppet, ease_all(pour, 0.4), "Cup", ((0, "Empty"), (36, "Full"), (50, "Steaming")))
    dance = _shown(puppet, dance, "Eyes", ((0, "Closed"), (20, "Half"), (24, "Open"), (40, "Half"), (44, "Closed")))
    sleepy = _keyed(puppet, Take("Sleepy", last=84), {
        0: {"Lids.value": 0, "Body.y": 0, "Look point.x": 0}, 14: {"Lids.value": 0.6, "Body.y": 8, "Look point.x": -30},
        22: {"Lids.value": 0.2, "Body.y": 4, "Look point.x": -30}, 40: {"Lids.value": 1, "Body.y": 16, "Look point.x": 0},
        70: {"Lids.value": 1, "Body.y": 16, "Look point.x": 0}, 80: {"Lids.value": 0, "Body.y": 0, "Look point.x": 0},
    })  # fmt: skip
    dance = _shown(puppet, dance, "Mouth", ((0, "Smile"), (12, "Oh"), (24, "Smile"), (36, "Oh")))
    return ease_all(sleepy, 0.4), pour, dance


def _tea_cart(puppet: Puppet) -> tuple[Take, ...]:
    """It rolls, and pours; lantern and lid swing by themselves, the wheels turn by the way."""
    roll = _keyed(puppet, Take("Roll", last=72), {
        0: {"Master.x": 0, "Body.y": 0}, 8: {"Master.x": 40, "Body.y": 3}, 60: {"Master.x": 820, "Body.y": -2}, 72: {"Master.x": 860, "Body.y": 0},
    })  # fmt: skip
    pour = _from_poses(puppet, Take("Pour", last=64), [(0, "Clean"), (18, "Pouring"), (42, "Pouring"), (62, "Clean")])
    return ease_all(roll, 0.3), ease_all(pour, 0.4)


def _tansy(puppet: Puppet) -> tuple[Take, ...]:
    """She walks on legs that bend all along; letter, crest and satchel swing by themselves."""
    pace = walk(puppet, Steps(stride=0.34, cycle=32, lift=0.12, bob=0.012, lean=0.0, arms=0.0), "Walk")
    nod = {
        frame: {"Neck target.x": 36.0 * way, "Neck target.y": 10.0 * abs(way), "Head.turn": -3.0 * way}
        for frame, way in ((0, 1), (8, -1), (16, 1), (24, -1))
    }
    nodding = close_loop(ease_all(_keyed(puppet, Take("Walk", last=32), nod), 0.4))
    deliver = _from_poses(
        puppet, Take("Deliver", last=84), [(0, "Clean"), (22, "Bow"), (46, "Bow"), (62, "Look back"), (82, "Clean")]
    )
    off = _from_poses(
        puppet,
        Take("Take off", last=48),
        [(0, "Clean"), (10, "Take off"), (22, "Clean"), (32, "Take off"), (46, "Clean")],
    )
    walking = replace(pace, tracks={**pace.tracks, **nodding.tracks})
    call = _keyed(puppet, Take("Call", last=72), {
        0: {"Beak.value": 0, "Neck target.x": 0, "Neck target.y": 0, "Head.turn": 0},
        14: {"Beak.value": 0, "Neck target.x": -20, "Neck target.y": 24, "Head.turn": -6},
        32: {"Beak.value": 1, "Neck target.x": 6, "Neck target.y": -16, "Head.turn": 12},
        48: {"Beak.value": 1, "Neck target.x": 8, "Neck target.y": -14, "Head.turn": 14},
        54: {"Beak.value": 0.2, "Neck target.x": 6, "Neck target.y": -10, "Head.turn": 6},
        68: {"Beak.value": 0, "Neck target.x": 0, "Neck target.y": 0, "Head.turn": 0},
    })  # fmt: skip
    return walking, ease_all(deliver, 0.45), ease_all(off, 0.35), ease_all(call, 0.4)
