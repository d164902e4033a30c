#!/usr/bin/env python3
"""What tools/core_without_qt.sh runs: the compiler over each part of the core, its includes looked up and nothing else.

    tools/core_commands.py BUILD
"""
import json
import pathlib
import re
import shlex
import sys

build = pathlib.Path(sys.argv[1]).resolve()
for entry in json.loads((build / "compile_commands.json").read_text()):
    command = re.sub(r"^(?:\S+ )*?(?=/\S*\+\+ )", "", entry["command"], count=1)  # less the compiler cache
    command = re.sub(r" -o \S+", "", command).replace(" -c ", " -M -MF /dev/null ")
    print(f"cd {shlex.quote(entry['directory'])} && {command}")
