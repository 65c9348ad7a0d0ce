"""Makes triangles.wasm of triangles.c, where clang and lld are there (`make wasm`). The file tells of which source it was made."""

import hashlib
import subprocess
import sys
import tempfile
from pathlib import Path

SOURCE = Path(__file__).parent.parent / "src" / "umbrite" / "paint" / "triangles.c"
NAME = b"source"
FLAGS = (
    "--target=wasm32", "-O3", "-Wall", "-Werror", "-mnontrapping-fptoint", "-nostdlib",
    "-Wl,--no-entry", "-Wl,--export=__heap_base", "-Wl,--strip-all",
)  # fmt: skip


def told() -> bytes:
    """A custom section with the fingerprint of the source, as the last thing of the file."""
    content = bytes([len(NAME)]) + NAME + hashlib.sha256(SOURCE.read_bytes()).digest()
    return bytes([0, len(content)]) + content


def main() -> None:
    with tempfile.TemporaryDirectory() as folder:
        made = Path(folder) / "made.wasm"
        subprocess.run(["clang", *FLAGS, "-o", str(made), str(SOURCE)], check=True)
        SOURCE.with_suffix(".wasm").write_bytes(made.read_bytes() + told())
    print(f"{SOURCE.with_suffix('.wasm').name}: {SOURCE.with_suffix('.wasm').stat().st_size} bytes")


if __name__ == "__main__":
    sys.exit(main())
