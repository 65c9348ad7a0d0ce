"""The inner loop that paints a bent drawing: textured triangles, every pixel once a triangle that it lies in, no cracks between them.

It is written in C (`triangles.c`) and shipped as WebAssembly, one small file for all machines, which Wasmtime makes into machine code
within milliseconds. Colours are 32 bits with premultiplied alpha, as QImage keeps them.
"""

import ctypes
from functools import lru_cache
from pathlib import Path
from threading import Lock
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray
from wasmtime import Config, Engine, Instance, Memory, Module, Store

PROGRAM = Path(__file__).with_name("triangles.wasm")
PAGE = 65_536  # bytes
ALIGNED = 16  # bytes
LARGE = 64_000_000  # bytes; so much memory is not kept for the next time


class _Loom(NamedTuple):
    """The program with its memory, of which what lies from `free` on is ours."""

    store: Store
    memory: Memory
    work: Any
    free: int


@lru_cache(maxsize=1)
def _program() -> tuple[Engine, Module]:
    config = Config()
    config.signals_based_traps = False  # signals of the process are left alone
    engine = Engine(config)
    return engine, Module.from_file(engine, str(PROGRAM))


@lru_cache(maxsize=1)
def _loom() -> _Loom:
    engine, module = _program()
    store = Store(engine)
    has: Any = Instance(store, module, []).exports(store)
    return _Loom(store, has["memory"], has["fill"], has["__heap_base"].value(store))


_lock = Lock()


def get_ready() -> None:
    """Make the machine code, where that is not done yet."""
    with _lock:
        _loom()


def fill(
    target: NDArray[np.uint32],
    source: NDArray[np.uint32],
    places: NDArray[np.float64],
    texels: NDArray[np.float64],
    triangles: NDArray[np.int32],
) -> None:
    """Paint triangles over `target` (rows, columns), from `source`, whose pixels are taken smoothly.

    `places` (n, 2) are the vertices in pixels of the target, `texels` (n, 2) in those of the source; x, y each; `triangles` (m, 3)
    are places in both.
    """
    given = [np.ascontiguousarray(each) for each in (target, source, places, texels, triangles)]
    with _lock:
        loom = _loom()
        spots, end = [], loom.free
        for array in given:
            end = -(-end // ALIGNED) * ALIGNED
            spots.append(end)
            end += array.nbytes
        if (more := end - loom.memory.data_len(loom.store)) > 0:
            loom.memory.grow(loom.store, -(-more // PAGE))
        room = ctypes.addressof(loom.memory.data_ptr(loom.store).contents)
        for array, spot in zip(given, spots, strict=True):
            ctypes.memmove(room + spot, array.ctypes.data, array.nbytes)
        onto, taken, *rest = spots
        loom.work(loom.store, onto, *target.shape, taken, *source.shape, *rest, len(triangles))
        ctypes.memmove(given[0].ctypes.data, room + onto, given[0].nbytes)
        if given[0] is not target:
            target[:] = given[0]
        if end > LARGE:
            _loom.cache_clear()
