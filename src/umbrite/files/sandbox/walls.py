"""Walls around this process, which the kernel keeps and nobody can take down again: Landlock for files, seccomp for calls.

`shut` leaves a process that can read the places it is given, compute, and write into what is open already. Each wall holds alone for
what it keeps out, so that a kernel that lacks one is still some use. After landlock(7) and seccomp(2); the numbers of calls
are those of the kernel's own tables.
"""

import contextlib
import ctypes
import errno
import os
import platform
import stat
import struct
from collections.abc import Iterable
from pathlib import Path

PR_SET_NO_NEW_PRIVS, PR_SET_SECCOMP, FILTER = 38, 22, 2
CREATE_RULESET, ADD_RULE, RESTRICT_SELF, WHICH_VERSION, BENEATH = 444, 445, 446, 1, 1
READ_FILE, READ_DIR = 1 << 2, 1 << 3
# How many kinds of access to files each version of Landlock knows: all of them are taken.
FILE_KINDS = {1: 13, 2: 14, 3: 15, 4: 15, 5: 16}
NETWORK, SCOPES = (4, 0b11), (6, 0b11)  # from this version on: TCP, and sockets without a file, and signals

# Calls of a reader: its numbers on x86-64 and on 64-bit ARM, none where that has no such call.
ALLOWED = {
    "read": (0, 63), "write": (1, 64), "readv": (19, 65), "writev": (20, 66), "pread64": (17, 67), "close": (3, 57),
    "fstat": (5, 80), "stat": (4, None), "lstat": (6, None), "newfstatat": (262, 79), "statx": (332, 291), "lseek": (8, 62),
    "mmap": (9, 222), "munmap": (11, 215), "mprotect": (10, 226), "mremap": (25, 216), "brk": (12, 214), "madvise": (28, 233),
    "ioctl": (16, 29), "fcntl": (72, 25), "dup": (32, 23), "dup2": (33, None), "dup3": (292, 24), "pipe2": (293, 59),
    "access": (21, None), "faccessat": (269, 48), "faccessat2": (439, 439), "getdents64": (217, 61), "readlink": (89, None),
    "readlinkat": (267, 78), "getcwd": (79, 17), "statfs": (137, 43), "fstatfs": (138, 44), "fadvise64": (221, 223),
    "getrandom": (318, 278), "futex": (202, 98), "sched_yield": (24, 124), "sched_getaffinity": (204, 123),
    "clock_gettime": (228, 113), "clock_getres": (229, 114), "clock_nanosleep": (230, 115), "nanosleep": (35, 101),
    "gettimeofday": (96, 169), "time": (201, None), "times": (100, 153), "getpid": (39, 172), "gettid": (186, 178),
    "getppid": (110, 173), "getuid": (102, 174), "geteuid": (107, 175), "getgid": (104, 176), "getegid": (108, 177),
    "uname": (63, 160), "sysinfo": (99, 179), "getrusage": (98, 165), "getrlimit": (97, 163), "rt_sigaction": (13, 134),
    "rt_sigprocmask": (14, 135), "rt_sigreturn": (15, 139), "sigaltstack": (131, 132), "exit": (60, 93),
    "exit_group": (231, 94), "poll": (7, None), "ppoll": (271, 73), "select": (23, None), "pselect6": (270, 72),
    "epoll_create1": (291, 20), "epoll_ctl": (233, 21), "epoll_wait": (232, None), "epoll_pwait": (281, 22),
    "restart_syscall": (219, 128), "set_robust_list": (273, 99), "rseq": (334, 293),
}  # fmt: skip
# Calls that are looked at: which argument must have none of which bits.
MAKING = os.O_WRONLY | os.O_RDWR | os.O_CREAT | os.O_TRUNC
LOOKED_AT = {"open": ((2, None), 1, MAKING), "openat": ((257, 56), 2, MAKING), "prlimit64": ((302, 261), 2, 0xFFFFFFFF)}
MACHINES = {"x86_64": (0, 0xC000003E), "aarch64": (1, 0xC00000B7)}  # column of the tables, and the kernel's name
LOAD, EQUAL, ANY_OF, RETURN = 0x20, 0x15, 0x45, 0x06
ALLOW, REFUSE, END = 0x7FFF0000, 0x00050000, 0x80000000


def shut(readable: Iterable[Path]) -> tuple[str, ...]:
    """Shut this process in: of the disk it can read these files, and what lies in these folders, and nothing else.

    Returns the names of the walls that this kernel does not have.
    """
    system = ctypes.CDLL(None, use_errno=True)
    system.prctl(PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0)
    stand = {"Landlock": wall_off_files(system, readable), "seccomp": wall_off_calls(system)}
    return tuple(name for name, stands in stand.items() if not stands)


def wall_off_files(system: ctypes.CDLL, readable: Iterable[Path]) -> bool:
    """Landlock: nothing on the disk can be read beyond these places, nothing written, made, removed or started."""
    version = system.syscall(CREATE_RULESET, None, 0, WHICH_VERSION)
    if version < 1:
        return False
    kinds = (1 << FILE_KINDS.get(version, max(FILE_KINDS.values()))) - 1
    wanted = struct.pack("QQQ", kinds, *(bits if version >= since else 0 for since, bits in (NETWORK, SCOPES)))
    size = 8 * (1 + (version >= NETWORK[0]) + (version >= SCOPES[0]))
    rules = system.syscall(CREATE_RULESET, wanted, size, 0)
    if rules < 0:
        return False
    try:
        for place in readable:
            with contextlib.suppress(OSError, ValueError):
                _let_read(system, rules, place)
        return bool(system.syscall(RESTRICT_SELF, rules, 0) == 0)
    finally:
        os.close(rules)


def _let_read(system: ctypes.CDLL, rules: int, place: Path) -> None:
    handle = os.open(place, os.O_PATH | os.O_CLOEXEC)
    try:
        folder = stat.S_ISDIR(os.fstat(handle).st_mode)
        system.syscall(ADD_RULE, rules, BENEATH, struct.pack("=Qi", READ_FILE | (READ_DIR if folder else 0), handle), 0)
    finally:
        os.close(handle)


def wall_off_calls(system: ctypes.CDLL) -> bool:
    """seccomp: the kernel does what a reader needs and nothing else: no socket, no process, no program, nothing opened to be written."""
    column, name = MACHINES.get(platform.machine(), (0, 0))
    if not name:
        return False
    code = [(LOAD, 0, 0, 4), (EQUAL, 1, 0, name), (RETURN, 0, 0, END), (LOAD, 0, 0, 0)]
    for numbers, argument, bits in LOOKED_AT.values():
        if (number := numbers[column]) is not None:
            low = 16 + 8 * argument
            code += [
                (EQUAL, 0, 6, number), (LOAD, 0, 0, low), (ANY_OF, 3, 0, bits), (LOAD, 0, 0, low + 4), (EQUAL, 0, 1, 0),
                (RETURN, 0, 0, ALLOW), (RETURN, 0, 0, REFUSE | errno.EACCES),
            ]  # fmt: skip
    for numbers in ALLOWED.values():
        if (number := numbers[column]) is not None:
            code += [(EQUAL, 0, 1, number), (RETURN, 0, 0, ALLOW)]
    code.append((RETURN, 0, 0, REFUSE | errno.ENOSYS))  # libraries know how to do without a call that is not there
    program = ctypes.create_string_buffer(b"".join(struct.pack("=HBBI", *step) for step in code))
    head = struct.pack("@HP", len(code), ctypes.addressof(program))
    return bool(system.prctl(PR_SET_SECCOMP, FILTER, head, 0, 0) == 0)
