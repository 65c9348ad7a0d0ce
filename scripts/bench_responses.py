"""What responses and shapes cost: 20 responses of 10 channels and 5 shapes of 200 points beside the puppet without them. Run by `make bench`."""

import statistics

import numpy as np
from bench import figure, in_turn, pictures
from bench_rows import head, show
from msgspec.structs import replace

from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import scene_of
from umbrite.rig.channels import CHANNEL_KINDS
from umbrite.rig.edits.controls import make_control
from umbrite.rig.edits.meshes.mesh_edits import set_mesh
from umbrite.rig.edits.responses.shapes import add_shape, points_of
from umbrite.rig.edits.responses.stops import add_response, put_stop
from umbrite.rig.ids import id_kind
from umbrite.rig.mesh import mesh_of
from umbrite.rig.model import Point, Puppet

RESPONSES, CHANNELS, SHAPES, POINTS = 20, 10, 5, 200


def meshed(puppet: Puppet) -> Puppet:
    """The figure with meshes of 200 points on five of its parts, over the joint that carries each."""
    x, y = np.meshgrid(np.linspace(0, 96, 10), np.linspace(0, 192, 20))
    number = np.arange(POINTS).reshape(20, 10)
    a, b, c, d = (some.ravel() for some in (number[:-1, :-1], number[:-1, 1:], number[1:, 1:], number[1:, :-1]))
    triangles = np.concatenate([np.stack([a, b, c], -1), np.stack([a, c, d], -1)])
    for key in puppet.order[:SHAPES]:
        vertices = (x + 1j * y).ravel()
        mesh = mesh_of([puppet.parts[key].joint], vertices, triangles, np.ones((POINTS, 1)))
        puppet = set_mesh(puppet, key, mesh)
    return puppet


def with_responses(puppet: Puppet) -> tuple[Puppet, dict[str, float]]:
    """The same with sliders that call poses forth, and the pose in which each stands between two stops."""
    joints, shapes, pose = list(puppet.joints), [], {}
    for key in puppet.order[:SHAPES]:
        puppet, shape = add_shape(puppet, key, points_of(np.full(POINTS, 3 + 2j)))
        shapes.append(shape)
    for i in range(RESPONSES):
        puppet, slider = make_control(puppet, "slider", joints[0], linked=False)
        puppet, key = add_response(puppet, f"{slider}.value")
        names = [f"{joints[(i * 5 + j) % len(joints)]}.{what}" for j in range(CHANNELS // 2) for what in ("turn", "y")]
        names[0] = f"{shapes[i % SHAPES]}.amount"
        for at in (-1.0, 0.5, 1.0):
            puppet = put_stop(puppet, key, Point(at, 0.0), dict.fromkeys(names, 0.01 * at))
        pose[f"{slider}.value"] = 0.7
    return puppet, pose


def main() -> None:
    head()
    called, pose = with_responses(meshed(figure(80, 12, pictures()[0])))
    puppet = replace(called, responses={})
    plain, plan = compile_plan(puppet), compile_plan(called)
    # What is called forth, posed by hand: the same frame without responses.
    owners = {(channel.what, place): f"{key}.{channel.what}" for key, place in plan.owners.items() for channel in CHANNEL_KINDS.values() if id_kind(key) == channel.of}  # fmt: skip
    posed = {owners[where]: float(column[0]) for where, column in evaluate(plan, pose).linked.items()}
    for frames in (1, 1000):
        still = {f"{next(iter(puppet.limbs.values())).target}.x": np.linspace(0, 40, frames)}
        one, other = (
            {**still, **{name: np.full(frames, value) for name, value in each.items()}} for each in (posed, pose)
        )
        rows = in_turn(lambda: evaluate(plain, one), lambda: evaluate(plan, other), count=200 if frames == 1 else 12)  # noqa: B023
        base = show(f"evaluate {frames:,}, 80 joints, 5 meshes", rows[0])
        more = statistics.median(rows[1]) / base - 1
        show(
            f"evaluate {frames:,}, with 20 responses of 10 channels", rows[1], f"{more:.2f} of a frame more, aim: 0.15"
        )
    rows = in_turn(lambda: scene_of(evaluate(plain, posed)), lambda: scene_of(evaluate(plan, pose)), count=200)
    base = show("frame and scene, 80 joints, 5 meshes", rows[0])
    show(
        "frame and scene, with 20 responses and 5 shapes",
        rows[1],
        f"{statistics.median(rows[1]) / base - 1:.2f} of a frame more",
    )


if __name__ == "__main__":
    main()
