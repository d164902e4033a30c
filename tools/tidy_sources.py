#!/usr/bin/env python3
"""What tools/style.sh --tidy gives to clang-tidy: the sources of src/ as the build compiles them, several together.

    tools/tidy_sources.py BUILD        writes BUILD/tidy/compile_commands.json and names, one a line, what to check
    tools/tidy_sources.py BUILD FILE…  the same for these files, each alone

The files that are compiled together include their headers once, which is where clang-tidy spends its time. Its
analyzer looks into the files a source includes only where that source is called UnifiedSource….
"""
import json
import pathlib
import re
import sys

build = pathlib.Path(sys.argv[1]).resolve()
asked = [str(pathlib.Path(name).resolve()) for name in sys.argv[2:]]
out = build / "tidy"
out.mkdir(parents=True, exist_ok=True)
for old in out.glob("UnifiedSource*"):
    old.unlink()

sources = build.parent / "src"
entries, names = [], []
for entry in json.loads((build / "compile_commands.json").read_text()):
    file = pathlib.Path(entry["file"])
    # The compiler's precompiled headers and some of its own switches mean nothing to clang.
    command = re.sub(r" -Winvalid-pch| -Wno-restrict| -include \S*cmake_pch\.hxx| -o \S+", "", entry["command"])
    parts = [str(file)]
    if file.parent.name == "Unity":
        parts = re.findall(r'#include "([^"]+)"', file.read_text())
    parts = [part for part in parts if part in asked] if asked else [p for p in parts if p.startswith(f"{sources}/")]
    if not parts:
        continue
    for group in [[part] for part in parts] if asked else [parts]:
        name = group[0]
        if len(group) > 1:
            name = str(out / f"UnifiedSource-{len(names)}.cpp")
            pathlib.Path(name).write_text("".join(f'#include "{part}"\n' for part in group))
        entries.append({"directory": entry["directory"], "command": command.replace(str(file), name), "file": name})
        names.append(name)
(out / "compile_commands.json").write_text(json.dumps(entries, indent=1))
print("\n".join(names))
