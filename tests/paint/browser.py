"""A page in Chromium, served from a folder, that says what it has to say by posting it."""

import queue
import subprocess
import threading
from functools import partial
from http.server import SimpleHTTPRequestHandler, ThreadingHTTPServer

QUIET = ("--headless", "--no-sandbox", "--no-first-run", "--disable-gpu", "--disable-background-networking", "--disable-sync", "--disable-component-update", "--disable-quic")  # fmt: skip


def said_by(folder, page, seconds=60):
    """The text that a page of the folder posts."""
    said = queue.Queue()

    class Listening(SimpleHTTPRequestHandler):
        def do_POST(self):
            said.put(self.rfile.read(int(self.headers["Content-Length"])).decode())
            self.send_response(204)
            self.end_headers()

        def log_message(self, *_):
            pass

    with ThreadingHTTPServer(("127.0.0.1", 0), partial(Listening, directory=folder)) as server:
        threading.Thread(target=server.serve_forever, daemon=True).start()
        url = f"http://127.0.0.1:{server.server_address[1]}/{page}"
        words = ["chromium", *QUIET, f"--user-data-dir={folder / 'user'}", url]
        browser = subprocess.Popen(words, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        try:
            return said.get(timeout=seconds)
        finally:
            browser.kill()
            browser.wait()
            server.shutdown()
