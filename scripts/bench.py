"""Benchmarks: whole operations, sized, each with its baseline measured in the same run. Run by `make bench`."""

import gc
import itertools
import statistics
import subprocess
import sys
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import Any

import numpy as np
from bench_rows import head, show
from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter, QPixmap, QTransform
from PySide6.QtWidgets import QApplication, QGraphicsPixmapItem, QGraphicsScene, QGraphicsView

from umbrite.checking.puppet_findings import findings
from umbrite.desk.board import art_layer
from umbrite.desk.board.art_layer import ArtLayer, Playing, View
from umbrite.desk.board.board import Board
from umbrite.desk.board.camera import fitting
from umbrite.desk.board.gestures import pose_gestures
from umbrite.desk.board.kept_frames import KeptFrames
from umbrite.desk.board.overlay import rig_overlay
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import REHEARSE
from umbrite.files.package import Package
from umbrite.files.png import encode, fingerprint
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.soft_ends import hard
from umbrite.motion.solvers.long_limb import reach_long
from umbrite.motion.solvers.two_joint import Range, reach
from umbrite.motion.whole_body import HoldPoint, begin, drag
from umbrite.rig.document import Document
from umbrite.rig.edits.limbs import make_limb
from umbrite.rig.edits.parenting import set_parent
from umbrite.rig.edits.parts import add_part
from umbrite.rig.edits.pivots import move_pivot
from umbrite.rig.model import Drawing, Placement, Puppet

WICK = Path(__file__).parent.parent / "src" / "umbrite" / "demo" / "assets" / "wick.umbrite"
VIEW = (1280, 800)
ROUNDS = 3


def seconds(work: Callable[[], object], least: float = 0.4) -> list[float]:
    """Times of repeated runs, after one that is not counted."""
    work()
    times: list[float] = []
    while sum(times) < least or len(times) < 5:
        start = time.perf_counter()
        work()
        times.append(time.perf_counter() - start)
    return times


def in_turn(*works: Callable[[], object], count: int = 60) -> list[list[float]]:
    """Times of several things done in turn, so that a busy machine is as busy for each."""
    found: list[list[float]] = [[] for _ in works]
    for i in range(count):
        for times, work in zip(found, works, strict=True):
            start = time.perf_counter()
            work()
            if i > 2:
                times.append(time.perf_counter() - start)
    return found


def figure(joints: int, limbs: int, drawing: Drawing) -> Puppet:
    """A family of chains of three with limbs, and the rest hanging about."""
    random = np.random.default_rng(1)
    puppet = Puppet(width=1400, height=1400)
    keys: list[str] = []
    for i in range(joints):
        at = complex(*random.uniform(100, 1200, 2))
        puppet, _ = add_part(puppet, f"Part {i}", drawing, Placement(at.real, at.imag))
        keys.append(list(puppet.joints)[-1])
        puppet = move_pivot(puppet, keys[-1], at + drawing.width / 2)
        chain = i < limbs * 3 and i % 3 != 0
        # What is no limb hangs from what is no limb, as faces, coats and props do.
        others = keys[limbs * 3 : -1]
        parent = keys[i - 1] if chain else others[int(random.integers(0, len(others)))] if others else None
        if parent is not None:
            puppet = set_parent(puppet, [keys[-1]], parent)
    for i in range(min(limbs, joints // 3)):
        puppet, _ = make_limb(puppet, keys[3 * i], keys[3 * i + 2])
    return puppet


def bench_evaluation(joints: int, drawing: Drawing) -> None:
    puppet = figure(joints, min(8, joints // 4), drawing)
    plan = compile_plan(puppet)
    target = next(iter(puppet.limbs.values())).target
    one = seconds(lambda: evaluate(plan, {f"{target}.x": 5.0}))
    show(
        f"evaluate 1 frame, {joints} joints",
        one,
        f"{statistics.median(one) / pixmap_drag():.2f} times the pixmap items",
    )
    many = {f"{target}.x": np.linspace(0, 50, 1000)}
    show(f"evaluate 1,000 frames, {joints} joints", seconds(lambda: evaluate(plan, many)))
    show(f"compile the plan, {joints} joints", seconds(lambda: compile_plan(puppet)))


def bench_solver(count: int) -> None:
    random = np.random.default_rng(2)
    goal = random.uniform(20, 190, count) * np.exp(1j * random.uniform(-3, 3, count))
    one, two = np.full(count, 100 + 0j), np.full(count, 80 + 20j)
    bend, free = np.ones(count), Range(np.full(count, -np.pi), np.full(count, np.pi))
    tight = Range(np.full(count, -0.4), np.full(count, 0.6))
    show(f"two-joint solve, {count:,}", seconds(lambda: reach(goal, one, two, bend, free, free)))
    show(f"two-joint solve within limits, {count:,}", seconds(lambda: reach(goal, one, two, bend, tight, tight)))


def bench_chains(joints: int) -> None:
    """Our solvers beside ikpy's chain and SciPy's bounded least squares, on the same chains and targets."""
    import warnings

    import ikpy.chain
    from ikpy.link import OriginLink, URDFLink
    from scipy.optimize import least_squares

    warnings.simplefilter("ignore")
    random = np.random.default_rng(3)
    limit = 2.0
    v = np.full((1, joints), 100 + 0j)
    span = Range(np.full((1, joints), -limit), np.full((1, joints), limit))
    goals = [complex(100 * joints * r * np.exp(1j * a)) for r, a in random.uniform((0.3, -1), (0.9, 1), (12, 2))]

    def tip(turns: np.ndarray) -> complex:
        return complex((100 * np.exp(1j * np.cumsum(turns))).sum())

    def ours(goal: complex) -> np.ndarray:
        if joints == 2:
            ends = [Range(span.smallest[:, j], span.largest[:, j]) for j in (0, 1)]
            return np.array(reach(np.array([goal]), v[:, 0], v[:, 1], np.ones(1), *ends)).ravel()
        give, own = np.ones(v.shape), np.zeros(v.shape)
        return reach_long(np.array([goal]), v, own, hard(*span), give, np.ones(1))[0]

    def squares(goal: complex) -> np.ndarray:
        def error(turns: np.ndarray) -> tuple[float, float]:
            away = tip(turns) - goal
            return away.real, away.imag

        return least_squares(error, np.full(joints, 0.05), bounds=(-limit, limit)).x

    flat = {"origin_orientation": [0, 0, 0], "rotation": [0, 0, 1], "bounds": (-limit, limit)}
    links = [URDFLink(name=f"{i}", origin_translation=[1.0 if i else 0.0, 0, 0], **flat) for i in range(joints)]
    end = URDFLink("tip", [1.0, 0, 0], [0, 0, 0], rotation=None, joint_type="fixed")
    chain = ikpy.chain.Chain([OriginLink(), *links, end], active_links_mask=[False, *[True] * joints, False])

    def general(goal: complex) -> np.ndarray:
        start = np.array([0.0, *[0.05] * joints, 0.0])
        found = chain.inverse_kinematics([goal.real / 100, goal.imag / 100, 0], initial_position=start)
        return found[1:-1]

    for name, solve in (("ours", ours), ("  baseline: ikpy", general), ("  baseline: SciPy least squares", squares)):
        each = [t for goal in goals for t in seconds(lambda goal=goal, solve=solve: solve(goal), 0.02)]
        worst = max(abs(tip(solve(goal)) - goal) for goal in goals)
        show(f"{name}, {joints} joints within limits", each, f"worst error {worst:.1e} px")


def bench_find_joints(parts: int) -> None:
    """Find joints over a whole puppet of parts of 400 x 400 px: a round-ended limb each, overlapping the next."""
    from umbrite.art.joint_finding import find_joints

    y, x = np.mgrid[0:400, 0:400]
    along = np.clip(x, 80, 320)
    inside = np.hypot(x - along, y - 200) < 70
    picture = np.dstack([np.full((400, 400), 120, np.uint8)] * 3 + [np.where(inside, 255, 0).astype(np.uint8)])
    drawing, puppet = Drawing("0" * 64, 400, 400), Puppet(width=4000, height=4000)
    for i in range(parts):
        puppet, _ = add_part(puppet, f"Piece {i}", drawing, Placement(240.0 * (i % 8), 110.0 * (i // 8)))
    found = find_joints(puppet, {"0" * 64: picture})
    show(
        f"find joints, {parts} parts of 400 x 400 px",
        seconds(lambda: find_joints(puppet, {"0" * 64: picture})),
        f"{len(found)} found, aim: 1,000 ms",
    )


def bench_growth() -> None:
    """One long limb within limits, its target in reach and out of it, as the number of joints grows."""
    random = np.random.default_rng(4)
    for joints in (10, 100, 1000):
        v = np.full((1, joints), 1000 / joints + 0j) * np.exp(1j * np.cumsum(random.uniform(-0.1, 0.1, joints)))
        span = hard(np.full((1, joints), -1.0), np.full((1, joints), 1.0))
        rest = (np.zeros((1, joints)), span, np.ones((1, joints)), np.ones(1))
        near, far = 0.6 * v.sum(axis=1) * np.exp(0.3j), np.array([1500 + 200j])
        show(
            f"one limb of {joints:,} joints, in reach", seconds(lambda v=v, r=rest, to=near: reach_long(to, v, *r), 0.1)
        )
        show(f"one limb of {joints:,} joints, too far", seconds(lambda v=v, r=rest, to=far: reach_long(to, v, *r), 0.1))


def bench_uneven(drawing: Drawing) -> None:
    """A puppet whose twelve upper joints are all scaled unevenly beside the same one scaled evenly, in the same run."""
    puppet = figure(60, 12, drawing)
    plan, random = compile_plan(puppet), np.random.default_rng(0)
    for frames in (1, 1000):
        even = {
            f"{limb.target}.{axis}": random.uniform(-60, 60, frames) for limb in puppet.limbs.values() for axis in "xy"
        }
        poses = [even]
        for much in (0.3, -0.5):
            scaled = {f"{limb.joints[0]}.scale_x": np.full(frames, much) for limb in puppet.limbs.values()}
            poses.append({**even, **scaled})
        works = [lambda pose=pose: evaluate(plan, pose) for pose in poses]
        first, *others = in_turn(*works, count=20)
        base = show(f"evaluate {frames:,}, 12 limbs, even", first)
        for much, times in zip((1.3, 0.5), others, strict=True):
            share = statistics.median(times) / base
            show(f"evaluate {frames:,}, upper joints {much} times as wide", times, f"{share:.2f} times, aim: 2")


def bench_out_of_reach() -> None:
    """One frame of 60 long limbs within limits, each with its target somewhere around it, out of reach."""
    for joints, limit in ((3, 1.2), (5, 0.5), (5, 1.2), (5, 2.0), (8, 1.2)):
        random, each = np.random.default_rng(12), []
        for _ in range(60):
            headings = np.cumsum(random.uniform(-0.3, 0.3, joints))
            v = (random.uniform(40, 120, joints) * np.exp(1j * headings))[None]
            to = np.abs(v).sum() * random.uniform(1, 1.5, 1) * np.exp(1j * random.uniform(-3, 3, 1))
            ends = hard(np.full(v.shape, -limit), np.full(v.shape, limit))
            rest = (np.zeros(v.shape), ends, np.ones(v.shape), np.ones(1))
            each.append(min(seconds(lambda v=v, to=to, rest=rest: reach_long(to, v, *rest), 0.01)))
        show(f"{joints} joints within {limit}, target out of reach", each, "aim: 2 ms")


def bench_whole_body() -> None:
    """One step of a whole-body drag with four hold points: bodies with four limbs of ever more joints."""
    for joints in (10, 40, 200, 1000):
        puppet, ends = starfish(joints, 5)
        plan = compile_plan(puppet)
        points = [HoldPoint(key, puppet.joints[key].pivot.z + 20) for key in ends]
        body = begin(evaluate(plan, {}), {}, points[0], points[1:], next(iter(puppet.joints)))
        to = points[0].at + 60 - 90j
        held = max(
            abs(complex(evaluate(body.plan, drag(body, to)).joint_map(p.joint)(p.at)) - p.at) for p in points[1:]
        )
        show(
            f"whole body of {joints} joints, 4 hold points, a step",
            seconds(lambda body=body, to=to: drag(body, to)),
            f"holds within {held:.3f} px",
        )


def starfish(joints: int, arms: int) -> tuple[Puppet, list[str]]:
    """A body with arms of equally many joints, and the last joint of each."""
    puppet = Puppet(width=1400, height=1400)
    drawing = Drawing("0" * 64, 20, 20)
    puppet, _ = add_part(puppet, "Body", drawing, Placement(700, 700))
    hub = next(iter(puppet.joints))
    puppet = move_pivot(puppet, hub, 700 + 700j)
    ends, each = [], (joints - 1) // arms
    for arm in range(arms):
        above = hub
        for i in range(each):
            puppet, _ = add_part(puppet, f"Arm {arm} {i}", drawing, Placement(700, 700))
            key = list(puppet.joints)[-1]
            way = np.exp(2j * np.pi * arm / arms + 0.5j * i / each)
            puppet = move_pivot(puppet, key, complex(700 + 700j + (60 + 500 * i / each) * way))
            puppet, above = set_parent(puppet, [key], above), key
        ends.append(above)
    return puppet, ends


def pictures() -> tuple[Drawing, dict[str, bytes]]:
    """One drawing of 96 x 192 px: a leaf with soft edges."""
    y, x = np.mgrid[0:192, 0:96]
    inside = np.clip(40 * (1 - ((x - 48) / 46) ** 2 - ((y - 96) / 94) ** 2), 0, 1)
    picture = np.dstack([np.full((192, 96), c) for c in (90, 140, 110)] + [inside * 255]).astype(np.uint8)
    data = encode(picture)
    return Drawing(fingerprint(data), 96, 192), {fingerprint(data): data}


def bench_board(parts: int) -> None:
    drawing, art = pictures()
    session = Session()
    session.open(Package(Document(figure(parts, 8, drawing)), art), None)
    session.workspace.go_to(REHEARSE)
    camera = fitting(QRectF(0, 0, 1400, 1400), QRectF(0, 0, *VIEW))
    layer = ArtLayer(session.workspace.theme)
    target = next(iter(session.puppet.limbs.values())).target

    roots = [key for key, joint in session.puppet.joints.items() if joint.parent is None]
    plan = session.placed.plan
    turned = itertools.cycle([evaluate(plan, {f"{key}.turn": 0.01 * i for key in roots}) for i in range(20)])

    def all_move(how: ArtLayer, much: float) -> Callable[[], None]:
        return lambda: how.play(
            lambda: next(turned), session.file.pictures, View(camera, VIEW), Playing(next(frames), (), much)
        )

    frames = iter(float(i) for i in range(10**9))
    smooth, quick = (ArtLayer(session.workspace.theme) for _ in range(2))
    for each in (smooth, quick):
        each._frames = KeptFrames(most=0)
    frame = iter(range(10**9))

    def drag() -> None:
        step = next(frame) % 60
        session.preview(pose={f"{target}.x": 2.0 * step, f"{target}.y": 1.5 * step})
        layer.refresh(session.placed, session.file.pictures, View(camera, VIEW), dragging=True)

    ours = show(f"drag repaint at 1280x800, {parts} parts (evaluated too)", seconds(drag))
    scene_full, scene_drag = graphics_scene(session, VIEW)
    rows = in_turn(all_move(smooth, 10.0), all_move(quick, 1e-9), scene_full)
    show(f"all parts move, painted smoothly, {parts}", rows[0])
    show(f"all parts move, painted quickly (no time), {parts}", rows[1])
    show(f"  baseline: one QGraphicsPixmapItem per part, standing, {parts}", rows[2], "in turn with the two above")
    theirs = show(f"  baseline: one QGraphicsPixmapItem per part, drag, {parts}", seconds(scene_drag))
    print(f"    our drag repaint is {theirs / ours:.1f} times as fast as the baseline")


def pixmap_drag() -> float:
    """The baseline of all drags: a step of a drag among 60 plain pixmap items, in seconds."""
    drawing, art = pictures()
    session = Session()
    session.open(Package(Document(figure(60, 8, drawing)), art), None)
    session.workspace.go_to(REHEARSE)
    return min(statistics.median(seconds(graphics_scene(session, VIEW)[1], 0.1)) for _ in range(5))


def graphics_scene(session: Session, size: tuple[int, int]) -> tuple[Callable[[], object], Callable[[], object]]:
    """A puppet as a scene of pixmap items, its full repaint and its drag repaint."""
    zoom = fitting(QRectF(0, 0, 1400, 1400), QRectF(0, 0, *size)).zoom
    target = next(iter(session.puppet.limbs.values())).target
    scene = QGraphicsScene()
    scene.setSceneRect(0, 0, 1400, 1400)
    scene.setBackgroundBrush(QColor("#FBF8F1"))
    view = QGraphicsView(scene)
    view.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
    view.setViewportUpdateMode(QGraphicsView.ViewportUpdateMode.MinimalViewportUpdate)
    view.setTransform(QTransform.fromScale(zoom, zoom))
    view.resize(*size)
    view.show()
    QApplication.processEvents()
    items = []
    for i, key in enumerate(session.placed.plan.parts):
        pixels = session.file.pictures.pixels(session.puppet.parts[key].drawing.sha256)
        image = QImage(pixels.tobytes(), 96, 192, 96 * 4, QImage.Format.Format_RGBA8888)
        item = QGraphicsPixmapItem(QPixmap.fromImage(image))
        item.setTransformationMode(Qt.TransformationMode.SmoothTransformation)
        item.setZValue(i)
        scene.addItem(item)
        items.append(item)
    frame = iter(range(10**9))

    def place() -> None:
        step = next(frame) % 60
        placed = evaluate(session.placed.plan, {f"{target}.x": 2.0 * step, f"{target}.y": 1.5 * step})
        maps = placed.part_maps()
        for i, item in enumerate(items):
            a, b, t = (complex(field[0, i]) for field in maps)
            x, y = a + b, 1j * (a - b)
            item.setTransform(QTransform(x.real, x.imag, y.real, y.imag, t.real, t.imag))

    def full() -> None:
        view.viewport().update()
        QApplication.processEvents()

    def drag() -> None:
        place()
        QApplication.processEvents()

    place()
    graphics_scene.kept = (scene, view, items)  # type: ignore[attr-defined]
    return full, drag


@contextmanager
def stages() -> Iterator[dict[str, list[float]]]:
    """How long the stages of a drag take meanwhile: what is asked of the pose, everything placed, the art with its scene, what is over it."""
    spent: dict[str, list[float]] = {}
    places = (
        (pose_gestures, "pose_control", "asked"), (Session, "_evaluated", "placed"), (art_layer, "scene_of", "scene"),
        (ArtLayer, "refresh", "art"), (rig_overlay, "paint", "overlay"),
    )  # fmt: skip
    before = [getattr(where, name) for where, name, _ in places]

    def timed(work: Callable[..., Any], found: list[float]) -> Callable[..., Any]:
        def run(*values: Any, **named: Any) -> Any:
            begun = time.perf_counter()
            try:
                return work(*values, **named)
            finally:
                found.append(time.perf_counter() - begun)

        return run

    for (where, name, stage), work in zip(places, before, strict=True):
        setattr(where, name, timed(work, spent.setdefault(stage, [])))
    try:
        yield spent
    finally:
        for (where, name, _), work in zip(places, before, strict=True):
            setattr(where, name, work)


def bench_drag_of_the_widget(name: str) -> None:
    """The whole way from a pointer's event to the painted board, rig and controls included: each grip and the body in turn."""
    from PySide6.QtCore import QEvent, QPointF
    from PySide6.QtGui import QMouseEvent

    from umbrite.files.package import load

    session = Session()
    board = Board(session)
    board.resize(*VIEW)
    board.show()
    QApplication.processEvents()
    path = WICK.with_name(f"{name}.umbrite")
    session.open(load(path), path)
    session.workspace.go_to(REHEARSE)
    left, none, keys = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton, Qt.KeyboardModifier.NoModifier

    def send(kind: QEvent.Type, at: complex, button: Qt.MouseButton, held: Qt.MouseButton) -> None:
        place = board.camera.point(at)
        event = QMouseEvent(kind, place, QPointF(board.mapToGlobal(place)), button, held, keys)
        QApplication.sendEvent(board, event)
        board.repaint()

    def dragged(start: complex) -> list[float]:
        """Each step of a drag and back, in seconds."""
        found = []
        send(QEvent.Type.MouseButtonPress, start, left, left)
        for step in range(40):
            at = start + 90 * np.sin(step / 6) - 1j * 70 * (1 - np.cos(step / 5))
            before = time.perf_counter()
            send(QEvent.Type.MouseMove, complex(at), none, left)
            found.append(time.perf_counter() - before)
        send(QEvent.Type.MouseButtonRelease, start, left, none)
        session.step(-1)
        return found

    times: list[float] = []
    with stages() as spent:
        for control in [c for c in session.puppet.controls.values() if c.kind in {"grip", "master"}]:
            start = session.placed.control_at(control)
            # Of three times the same drag each step's best, so that what else the machine does counts little.
            times += map(min, zip(*(dragged(start) for _ in range(ROUNDS)), strict=True))
    base, high = pixmap_drag(), sorted(times)[round(len(times) * 0.95)]
    note = f"{statistics.median(times) / base:.1f} and {high / base:.1f} times the pixmap items, aim: 2.5 and 4"
    show(f"drag in {path.stem}, every grip: event to painted board", times, note)
    told = {stage: sum(found) / len(times) / ROUNDS * 1e3 for stage, found in spent.items()}
    told["rest"] = max(
        statistics.fmean(times) * 1e3 - sum(told[stage] for stage in ("asked", "placed", "art", "overlay")), 0.0
    )
    print(
        "    "
        + ", ".join(f"{stage} {spent:.2f}" for stage, spent in told.items())
        + " ms a step (scene is a part of art)"
    )


def bench_findings(drawing: Drawing) -> None:
    """All checks of a puppet of 200 parts, as after an edit; seams are looked at in the background, one at a time."""
    puppet = figure(200, 12, drawing)
    show("findings of a 200-part puppet", seconds(lambda: findings(puppet)), "aim: 30 ms")


def bench_start() -> None:
    code = (
        "import time; t = time.perf_counter()\n"
        "from pathlib import Path; import sys, tempfile\n"
        "from PySide6.QtCore import QSettings, QTimer\n"
        "from PySide6.QtWidgets import QApplication\n"
        "from umbrite.desk.theme.look import dress; from umbrite.desk.session.session import Session\n"
        "from umbrite.desk.window import Window\n"
        "app = QApplication([]); dress(app)\n"
        "w = Window(Session(), QSettings(tempfile.mkdtemp() + '/s.ini', QSettings.Format.IniFormat)); w.resize(1280, 800); w.show()\n"
        f"w.files.open(Path({str(WICK)!r})); w.grab()\n"
        "print(time.perf_counter() - t)"
    )
    run = [sys.executable, "-c", code]
    times = [float(subprocess.run(run, capture_output=True, text=True, check=True).stdout) for _ in range(4)]
    show("start to first painted board, demo open (warm)", times[1:], "aim: 1,500 ms")


def bench_import() -> None:
    """What `import umbrite` costs a script, an empty interpreter's start taken off."""
    code = "import time; t = time.perf_counter(); import umbrite; print(time.perf_counter() - t)"
    times = [
        float(subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True).stdout)
        for _ in range(6)
    ]
    show("import umbrite", times, "aim: 150 ms")


def main() -> None:
    app = QApplication([])
    gc.freeze()  # as the program does
    head()
    drawing, _ = pictures()
    for joints in (10, 80, 1000):
        bench_evaluation(joints, drawing)
    for count in (1, 10_000):
        bench_solver(count)
    for joints in (2, 8):
        bench_chains(joints)
    bench_growth()
    bench_out_of_reach()
    bench_uneven(pictures()[0])
    bench_findings(drawing)
    bench_find_joints(40)
    bench_whole_body()
    for parts in (60, 200):
        bench_board(parts)
    for name in ("wick", "bramble", "inkpot", "tansy"):
        bench_drag_of_the_widget(name)
    bench_start()
    bench_import()
    del app


if __name__ == "__main__":
    main()
