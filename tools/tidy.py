#!/usr/bin/env python3
"""clang-tidy over src/, several files together, as tools/style.sh --tidy asks for it.

    tools/tidy.py BUILD        all of src/
    tools/tidy.py BUILD FILE…  these files, each alone

Files that include the same headers are looked at together: that is where clang-tidy spends its time. Its analyzer looks
into the files a source includes only where that source is called UnifiedSource….

What was found clean is not looked at again while it, what it includes of ours, the checks and clang-tidy itself are the
same: the verdicts lie under $XDG_CACHE_HOME/riflesso-tidy, by content, for every copy of the project on the machine.
"""
import concurrent.futures
import hashlib
import json
import os
import pathlib
import re
import subprocess
import sys

TOGETHER = 24
# The analyzer follows a function's paths up to so many states. Its own bound is 225,000: four in five of its minutes went to
# the few functions that reach it.
BOUND = [f"--extra-arg={part}" for part in ("-Xclang", "-analyzer-config", "-Xclang", "max-nodes=30000")]

build = pathlib.Path(sys.argv[1]).resolve()
asked = [str(pathlib.Path(name).resolve()) for name in sys.argv[2:]]
root = build.parent
out = build / "tidy"
out.mkdir(parents=True, exist_ok=True)
for old in out.glob("UnifiedSource*"):
    old.unlink()
verdicts = pathlib.Path(os.environ.get("XDG_CACHE_HOME") or pathlib.Path.home() / ".cache") / "riflesso-tidy"
verdicts.mkdir(parents=True, exist_ok=True)


def groups():
    """(command with {}, directory, files) of what is compiled with the same command."""
    by_command = {}
    for entry in json.loads((build / "compile_commands.json").read_text()):
        file = pathlib.Path(entry["file"])
        # The compiler cache, precompiled headers and some of the compiler's own switches mean nothing to clang.
        command = re.sub(r"^(?:\S+ )*?(?=/\S*\+\+ )", "", entry["command"], count=1)
        command = re.sub(r" -Winvalid-pch| -fpch-preprocess| -Wno-restrict| -include \S*cmake_pch\.hxx| -o \S+", "", command)
        parts = [str(file)]
        if file.parent.name == "Unity":
            parts = re.findall(r'#include "([^"]+)"', file.read_text())
        parts = [p for p in parts if (p in asked if asked else p.startswith(f"{root}/src/"))]
        key = (command.replace(str(file), "{}"), entry["directory"])
        by_command.setdefault(key, []).extend(parts)
    for (command, directory), files in by_command.items():
        step = 1 if asked else TOGETHER
        for start in range(0, len(files), step):
            yield command, directory, files[start : start + step]


def fingerprint(command, directory, files):
    """Of all that the verdict hangs on; without the place where the project lies."""
    listed = subprocess.run(f"{command.replace(' -c {}', '')} -MM {' '.join(files)}", shell=True, cwd=directory,
                            capture_output=True, text=True, check=True).stdout
    ours = {os.path.realpath(os.path.join(directory, f)) for f in re.findall(r"[^\s\\]+\.(?:h|cpp)\b", listed)}
    digest = hashlib.sha256(VERSION + " ".join(BOUND).encode())
    digest.update((root / ".clang-tidy").read_bytes())
    digest.update(re.sub(re.escape(str(root)), "", command).encode())
    for file in sorted(f for f in ours if f.startswith(f"{root}/")):
        digest.update(os.path.relpath(file, root).encode() + b"\0" + pathlib.Path(file).read_bytes())
    return digest.hexdigest()


VERSION = subprocess.run(["clang-tidy", "--version"], capture_output=True, check=True).stdout
entries, work = [], []
for command, directory, files in groups():
    name = files[0]
    if len(files) > 1:
        name = str(out / f"UnifiedSource-{len(work)}.cpp")
        pathlib.Path(name).write_text("".join(f'#include "{part}"\n' for part in files))
    entries.append({"directory": directory, "command": command.replace("{}", name), "file": name})
    work.append((name, command, directory, files))
(out / "compile_commands.json").write_text(json.dumps(entries, indent=1))


def check(name, command, directory, files):
    stamp = verdicts / fingerprint(command, directory, files)
    if stamp.exists():
        return "known", ""
    run = subprocess.run(["clang-tidy", "-p", str(out), "--quiet", *BOUND, name], capture_output=True, text=True)
    if run.returncode:
        return "faults", run.stdout + run.stderr
    stamp.touch()
    return "clean", ""


counts = {"known": 0, "clean": 0, "faults": 0}
with concurrent.futures.ThreadPoolExecutor(2) as pool:
    for verdict, text in pool.map(lambda item: check(*item), work):
        counts[verdict] += 1
        if text:
            print(text, flush=True)
print(f"clang-tidy: {counts['clean']} parts looked at and clean, {counts['known']} known to be, {counts['faults']} with faults")
sys.exit(1 if counts["faults"] else 0)
