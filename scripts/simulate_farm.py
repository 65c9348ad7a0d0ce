"""How a season of frames would grow with workers: a simulation by events, with times and sizes that bench_engines measures.

One client hands out pieces and takes all results over one line; a scheduler needs a moment for each piece; workers begin late, differ
in speed, and sometimes die, which costs the piece they were at. `docs/farm.md` has what it prints.
"""

import argparse
import heapq
import random
from statistics import NormalDist
from typing import NamedTuple


class Measured(NamedTuple):
    """What was measured on one worker: seconds and bytes."""

    piece: float = 0.75  # eight frames of 590 x 780 pixels with four bending parts
    size: float = 1.13e6  # of their PNGs
    start: float = 2.0  # of a worker, until it paints
    art: float = 0.72e6  # of the puppet's file
    handing: float = 0.0031  # of the scheduler, for each piece
    line: float = 117e6  # bytes a second into the client: one gigabit
    spread: float = 0.15  # by which pieces and machines differ, as a share
    dies: float = 0.0002  # how often a worker dies at a piece


def simulated(workers: int, pieces: int, measured: Measured, seed: int = 1) -> float:
    """Seconds until all results are with the client."""
    dice = random.Random(seed)
    normal = NormalDist(1.0, measured.spread)
    speeds = [max(0.5, normal.inv_cdf((i + 0.5) / workers)) for i in range(workers)]
    # The art goes from worker to worker, twice as many having it each time.
    hops = max(1, workers).bit_length()
    begin = hops * measured.art / measured.line
    free = [(measured.start * speeds[i] + begin, i) for i in range(workers)]
    heapq.heapify(free)
    handed = line = 0.0
    left = pieces
    while left:
        at, worker = heapq.heappop(free)
        handed = max(handed, at) + measured.handing
        took = measured.piece * speeds[worker] * max(0.4, dice.gauss(1.0, measured.spread))
        if dice.random() < measured.dies:
            heapq.heappush(free, (handed + took / 2 + measured.start, worker))
            continue
        left -= 1
        done = handed + took
        line = max(line, done) + measured.size / measured.line
        heapq.heappush(free, (done, worker))
    return line


def main() -> None:
    """The table of docs/farm.md."""
    words = argparse.ArgumentParser(description=__doc__)
    words.add_argument("--minutes", type=float, default=22, help="of an episode")
    words.add_argument("--episodes", type=int, default=13)
    asked = words.parse_args()
    frames = round(asked.minutes * 60 * 24) * asked.episodes
    pieces = -(-frames // 8)
    print(f"{asked.episodes} episodes of {asked.minutes:g} minutes: {frames} frames, {pieces} pieces")
    print(
        "| workers | one client | times as fast | of what is possible | a client for each episode | times as fast | of what is possible |"
    )
    print("|---|---|---|---|---|---|---|")
    one = Measured().piece * pieces
    for workers in (1, 2, 8, 32, 64, 100, 250, 1000):
        line = f"| {workers} "
        for clients in (1, asked.episodes):
            if workers < clients:
                line += "| – | – | – "
                continue
            spent = simulated(workers // clients, pieces // clients, Measured())
            hours, minutes = divmod(round(spent / 60), 60)
            line += f"| {hours} h {minutes:02} min | {one / spent:.1f} | {one / spent / workers:.0%} "
        print(line + "|")


if __name__ == "__main__":
    main()
