"""What bends: weights, meshes evaluated, one painted against plain painters in the same run, strokes, and ten of them playing."""

import itertools
import sys
import tempfile
import time
from pathlib import Path

import cv2
import numpy as np
from bench import seconds
from bench_rows import head, show
from msgspec.structs import replace
from PySide6.QtCore import QEvent, QPointF, QRect, QSettings, Qt
from PySide6.QtGui import QBrush, QImage, QMouseEvent, QPainter, QPolygonF, QTransform
from PySide6.QtWidgets import QApplication

from umbrite.art.bending.meshing import mesh_over
from umbrite.art.bending.weights import weights_on
from umbrite.desk.session.session import Session
from umbrite.desk.session.stations import LIMBS, TAKES
from umbrite.desk.theme.look import dress
from umbrite.desk.window import Window
from umbrite.files.package import Package
from umbrite.files.png import encode, fingerprint
from umbrite.motion.bends.bending import bend_of, bent
from umbrite.motion.evaluate import evaluate
from umbrite.motion.plan import compile_plan
from umbrite.motion.scene import Bent, scene_of
from umbrite.paint.bent_shapes import image_of
from umbrite.paint.levels import Pictures
from umbrite.rig.document import Document
from umbrite.rig.mesh import mesh_of
from umbrite.rig.model import Drawing, Joint, Part, Placement, Puppet, point
from umbrite.rig.takes.keys import put_keys
from umbrite.rig.takes.take import Take

WIDE, TALL = 300, 400


def sheet(seed: int = 1, wide: int = WIDE, tall: int = TALL) -> np.ndarray:
    """A drawing with grain and clear edges."""
    random = np.random.default_rng(seed)
    picture = random.integers(90, 200, (tall, wide, 4)).astype(np.uint8)
    picture[..., 3] = 255
    for edge in (np.s_[:4], np.s_[-4:], np.s_[:, :4], np.s_[:, -4:]):
        picture[edge] = 0
    return picture


def reparented(count: int, rows: int, columns: int, bones: int = 5) -> tuple[Puppet, dict[str, bytes]]:
    """So many drawings side by side, each over a chain of bones from its top to its foot."""
    puppet, art = Puppet(width=count * 340, height=900), {}
    joints, parts = {}, {}
    for n in range(count):
        data = encode(sheet(n))
        art[fingerprint(data)] = data
        left, keys = 20 + 340 * n, [f"j{100 * (n + 1) + i}" for i in range(bones)]
        for i, key in enumerate(keys):
            head = complex(left + WIDE / 2, 60 + TALL * i / bones)
            parent = keys[i - 1] if i else None
            joints[key] = Joint(f"Bone {n} {i}", point(head), parent, point(head + TALL * 1j / bones))
        x, y = np.meshgrid(np.linspace(0, WIDE, columns), np.linspace(0, TALL, rows))
        number = np.arange(rows * columns).reshape(rows, columns)
        a, b, c, d = (s.ravel() for s in (number[:-1, :-1], number[:-1, 1:], number[1:, 1:], number[1:, :-1]))
        triangles = np.concatenate([np.stack([a, b, c], -1), np.stack([a, c, d], -1)])
        along = (y / TALL * bones - 0.5).ravel()
        weights = np.clip(1 - np.abs(along.clip(0, bones - 1)[:, None] - np.arange(bones)[None]), 0, 1)
        mesh = mesh_of(keys, (x + 1j * y).ravel(), triangles, weights)
        drawing = Drawing(fingerprint(data), WIDE, TALL)
        parts[f"p{9000 + n}"] = Part(f"Sheet {n}", keys[0], drawing, Placement(left, 60.0), mesh=mesh)
    return replace(puppet, joints=joints, parts=parts, order=tuple(parts), next_id=20_000), art


def bench_weights() -> None:
    y, x = np.mgrid[0:500, 0:2400]
    picture = np.zeros((500, 2400, 4), np.uint8)
    picture[np.abs(y - 250) < 140 + 60 * np.sin(x / 200)] = 255
    stops = [complex(60 + 2280 * i / 12, 250) for i in range(13)]
    bones, up = list(itertools.pairwise(stops)), [max(i - 1, 0) for i in range(12)]
    net = mesh_over(picture, bones, 13.0)
    weights_on(net, picture, bones, up)
    took = seconds(lambda: weights_on(net, picture, bones, up))
    show(f"weights of 12 bones on {len(net.vertices)} vertices", took, "aim: 500 ms")
    show("  the mesh itself", seconds(lambda: mesh_over(picture, bones, 13.0)))


def bench_evaluation() -> None:
    puppet, _ = reparented(10, 30, 10)
    random = np.random.default_rng(2)
    pose = {f"{key}.turn": random.uniform(-0.4, 0.4, 1000) for key in puppet.joints}
    placed = evaluate(compile_plan(puppet), pose)
    bends = [bend_of(puppet, key) for key in puppet.parts]
    took = seconds(lambda: [bent(placed, bend) for bend in bends if bend is not None])
    show("1,000 frames of 10 meshes of 300 vertices", took, "aim: 100 ms")


def bench_painting() -> None:
    puppet, art = reparented(1, 14, 8)
    pictures = Pictures(lambda: art)
    placed = evaluate(compile_plan(puppet), {f"j{100 + i}.turn": 0.35 for i in range(1, 5)})
    (shape,) = scene_of(placed)
    assert isinstance(shape, Bent)
    level, whole = pictures.level(shape.sha256, 1.0), shape.mesh.arrays
    assert level is not None
    z = shape.vertices
    box = QRect(int(z.real.min()) - 1, int(z.imag.min()) - 1, int(np.ptp(z.real)) + 3, int(np.ptp(z.imag)) + 3)
    image_of(shape, level, QTransform(), box)
    show(
        f"one sheet of {WIDE} x {TALL} px over {len(whole.triangles)} triangles",
        seconds(lambda: image_of(shape, level, QTransform(), box)), "aim: 2 ms",
    )  # fmt: skip
    texture = QImage(level.image)

    def by_painter() -> None:
        target = QImage(box.size(), QImage.Format.Format_ARGB32_Premultiplied)
        target.fill(0)
        painter = QPainter(target)
        painter.setRenderHints(QPainter.RenderHint.SmoothPixmapTransform)
        painter.setPen(Qt.PenStyle.NoPen)
        for a, b, c in whole.triangles:
            p, q = (whole.vertices[[a, b, c]] + level.margin * (1 + 1j), z[[a, b, c]] - complex(box.x(), box.y()))
            one = np.array([[p[i].real, p[i].imag, 1] for i in range(3)])
            m = np.linalg.solve(one, np.array([[q[i].real, q[i].imag] for i in range(3)]))
            brush = QBrush(texture)
            brush.setTransform(QTransform(m[0, 0], m[0, 1], m[1, 0], m[1, 1], m[2, 0], m[2, 1]))
            painter.setBrush(brush)
            painter.drawPolygon(QPolygonF([QPointF(v.real, v.imag) for v in q]))
        painter.end()

    show("  baseline: textured triangles by QPainter, with cracks", seconds(by_painter))
    pixels = np.frombuffer(texture.constBits(), np.uint8).reshape(texture.height(), -1, 4)

    def by_warps() -> None:
        target = np.zeros((box.height(), box.width(), 4), np.uint8)
        for a, b, c in whole.triangles:
            p, q = whole.vertices[[a, b, c]], z[[a, b, c]] - complex(box.x(), box.y())
            corner = int(q.real.min()), int(q.imag.min())
            wide, tall = int(np.ptp(q.real)) + 2, int(np.ptp(q.imag)) + 2
            there = np.stack([q.real - corner[0], q.imag - corner[1]], -1).astype(np.float32)
            onto = cv2.getAffineTransform(np.stack([p.real, p.imag], -1).astype(np.float32), there)
            piece = cv2.warpAffine(pixels, onto, (wide, tall))
            mask = np.zeros((tall, wide), np.uint8)
            cv2.fillConvexPoly(mask, there.round().astype(np.int32), 1)
            spot = target[corner[1] : corner[1] + tall, corner[0] : corner[0] + wide]
            np.copyto(
                spot, piece[: spot.shape[0], : spot.shape[1]], where=mask[: spot.shape[0], : spot.shape[1], None] > 0
            )

    show("  baseline: cv2, a warp for each triangle", seconds(by_warps))


def opened(package: Package, station: object, width: int = 1280) -> Window:
    folder = Path(tempfile.mkdtemp())
    window = Window(Session(), QSettings(str(folder / "settings.ini"), QSettings.Format.IniFormat))
    window.resize(width, 800)
    window.show()
    window.session.open(package, None)
    window.session.workspace.go_to(station)  # type: ignore[arg-type]
    for _ in range(5):
        QApplication.processEvents()
    return window


def closed(window: Window) -> None:
    window.session.history.mark_saved()
    window.close()
    QApplication.processEvents()


def bench_stroke() -> None:
    puppet, art = reparented(1, 50, 40, 8)
    window = opened(Package(Document(puppet), art), LIMBS)
    session, board = window.session, window.board
    session.selection.select(["p9000"])
    window.actions_by_id["weigh-tool"].trigger()
    session.brushing.set_sways(on=False)
    took = []
    left, none = Qt.MouseButton.LeftButton, Qt.MouseButton.NoButton

    def send(kind: QEvent.Type, at: complex) -> None:
        place = board.camera.point(at)
        held = none if kind == QEvent.Type.MouseButtonRelease else left
        event = QMouseEvent(kind, place, QPointF(board.mapToGlobal(place)), left, held, Qt.KeyboardModifier.NoModifier)
        QApplication.sendEvent(board, event)

    send(QEvent.Type.MouseButtonPress, 80 + 120j)
    for i in range(80):
        begun = time.perf_counter()
        send(QEvent.Type.MouseMove, complex(90 + 2.4 * i, 130 + 3.2 * i))
        QApplication.processEvents()
        took.append(time.perf_counter() - begun)
    send(QEvent.Type.MouseButtonRelease, 290 + 390j)
    show(
        f"a stroke over {50 * 40} vertices, event to painted board",
        took[5:],
        f"p95 {np.quantile(took[5:], 0.95) * 1e3:.1f} ms, aim: 16 ms",
    )
    closed(window)


def bench_playing() -> None:
    puppet, art = reparented(10, 14, 8)
    take = Take("Sway", last=48, loop=True)
    for frame in range(0, 49, 12):
        way = (-1) ** (frame // 12)
        take = put_keys(take, frame, {f"{key}.turn": 0.22 * way for key in puppet.joints})
    window = opened(Package(Document(puppet, takes=(take,)), art), TAKES)
    session, board = window.session, window.board
    session.timeline.set_playing(on=True)
    took = []
    for frame in range(48):
        begun = time.perf_counter()
        session.timeline.go_to(float(frame))
        board.repaint()
        took.append(time.perf_counter() - begun)
    show(
        "ten bendy sheets playing at 1280x800, first round",
        took[3:],
        f"p95 {np.quantile(took[3:], 0.95) * 1e3:.1f} ms, aim: 16 ms",
    )
    closed(window)


def main() -> None:
    app = QApplication(sys.argv[:1])
    dress(app)
    head()
    bench_weights()
    bench_evaluation()
    bench_painting()
    bench_stroke()
    bench_playing()


if __name__ == "__main__":
    main()
