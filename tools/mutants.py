#!/usr/bin/env python3
"""How strong the core's tests are: small random changes in src/core, one at a time, and which test notices each.

    tools/mutants.py FOLDER [--count 100] [--seed 1] [--only FILE...]

FOLDER: a copy of the project is built there (the core as a shared library, file by file, so that a change costs one
compilation). A change is a comparison, a sign, a constant or a missing line; one that does not compile is drawn anew.
Prints a line for each, the survivors last; FOLDER/mutants.json holds all. Not for CI: a hundred take about an hour."""

import argparse, json, pathlib, random, re, subprocess, sys, time

TESTS = ("core-", "checks-")
COMPARISONS = {"<": "<=", "<=": "<", ">": ">=", ">=": ">", "==": "!=", "!=": "==", "&&": "||", "||": "&&"}
SIGNS = {"+": "-", "-": "+", "*": "/", "/": "*", "+=": "-=", "-=": "+=", "*=": "/=", "++": "--"}
OPERATOR = re.compile(r"(?<=[\w)\]]) (<=|>=|==|!=|&&|\|\||\+=|-=|\*=|<|>|\+|-|\*|/) (?=[\w(!-])")
NUMBER = re.compile(r"(?<![\w.\"'])(\d+(?:\.\d+)?)(?![\w.'\"])")
STATEMENT = re.compile(r"^\s+(?!return|break|continue|case|default|const |auto |using |static |constexpr |else|throw|"
                       r"std::(vector|string|map|set|optional|size_t|array)\b[^(=]*\w+(;|\s*=)|double |int |bool |"
                       r"[A-Z]\w*(<[^>]*>)? \w+(;| =|\{))\S.*;\s*$")


def code_lines(text):
    """Numbers of lines with code that runs, without comments, texts, preprocessor and declarations at the margin."""
    for number, line in enumerate(text.split("\n")):
        bare = line.split("//")[0]
        if not bare.strip() or not line.startswith(" ") or '"' in bare or bare.strip().startswith(("*", "template")):
            continue
        yield number, bare


def changes(text):
    """Every possible change: line number, the line before, the line after, what it is."""
    out = []
    for number, bare in code_lines(text):
        for found in OPERATOR.finditer(bare):
            for table, name in ((COMPARISONS, "comparison"), (SIGNS, "sign")):
                if found[1] in table:
                    new = bare[:found.start(1)] + table[found[1]] + bare[found.end(1):]
                    out.append((number, bare, new, name))
        for found in NUMBER.finditer(bare):
            value = found[1]
            other = str(int(value) + 1) if value.isdigit() else repr(float(value) * 1.5)
            out.append((number, bare, bare[:found.start(1)] + other + bare[found.end(1):], "constant"))
        if STATEMENT.match(bare) and bare.count("(") == bare.count(")"):
            out.append((number, bare, "", "missing line"))
    return out


def run(command, **more):
    return subprocess.run(command, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True, **more)


def prepare(root, folder):
    copy = folder / "riflesso"
    if not copy.exists():
        folder.mkdir(parents=True, exist_ok=True)
        if run(["git", "clone", "-q", str(root), str(copy)]).returncode:
            sys.exit("the project could not be copied")
        lists = copy / "CMakeLists.txt"
        lists.write_text(lists.read_text().replace("UNITY_BUILD ON", "UNITY_BUILD OFF").replace("-Wall -Wextra -Wconversion -Werror", "-w"))
        core = copy / "src/core/CMakeLists.txt"
        core.write_text(core.read_text().replace("riflesso_core STATIC", "riflesso_core SHARED"))
        made = run(["cmake", "-S", copy, "-B", copy / "build", "-G", "Ninja", "-DRIFLESSO_CORE_ONLY=ON",
                    "-DCMAKE_BUILD_TYPE=Debug", "-DCMAKE_CXX_FLAGS_DEBUG=-O1", "-DCMAKE_POSITION_INDEPENDENT_CODE=ON"])
        if made.returncode:
            sys.exit(made.stdout)
    listed = run(["ninja", "-C", copy / "build", "-t", "targets", "all"]).stdout
    names = sorted(set(re.findall(r"^((?:core|checks)-tst_\w+):", listed, re.M)))
    built = run(["ninja", "-C", copy / "build", *names])
    if built.returncode:
        sys.exit(built.stdout[-3000:])
    return copy


def tests_by_time(copy):
    """Programs with the seconds they take unchanged, the quickest first."""
    out = []
    for program in sorted((copy / "build/tests").iterdir()):
        if program.name.startswith(TESTS) and program.is_file():
            start = time.time()
            if run([program], timeout=900, cwd=copy).returncode:
                sys.exit(f"{program.name} fails without any change")
            out.append((time.time() - start, program))
    return sorted(out)


def noticed_by(copy, tests):
    for seconds, program in tests:
        try:
            if run([program], timeout=30 + 5 * seconds, cwd=copy).returncode:
                return program.name
        except subprocess.TimeoutExpired:
            return program.name + " (did not end)"
    return ""


def main():
    ask = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    ask.add_argument("folder", type=pathlib.Path)
    ask.add_argument("--count", type=int, default=100)
    ask.add_argument("--seed", type=int, default=1)
    ask.add_argument("--only", nargs="*", default=[])
    asked = ask.parse_args()
    root = pathlib.Path(__file__).resolve().parent.parent
    copy = prepare(root, asked.folder.resolve())
    tests = tests_by_time(copy)
    sources = {}
    for path in sorted((copy / "src/core").rglob("*.cpp")):
        name = str(path.relative_to(copy))
        if not asked.only or any(name.endswith(only) for only in asked.only):
            sources[name] = path.read_text()
    every = [(name, *change) for name, text in sources.items() for change in changes(text)]
    # A line first, then one of its changes: long expressions shall not be drawn more often.
    lines = {}
    for change in every:
        lines.setdefault(change[:2], []).append(change)
    draw = random.Random(asked.seed)
    order = sorted(lines)
    draw.shuffle(order)
    print(f"{len(tests)} test programs, {sum(t for t, _ in tests):.0f} s; {len(every)} changes in {len(lines)} lines", flush=True)
    results = []
    for key in order:
        if len(results) == asked.count:
            break
        name, number, before, after, what = draw.choice(lines[key])
        path = copy / name
        text = sources[name].split("\n")
        text[number] = after
        path.write_text("\n".join(text))
        try:
            compiled = run(["ninja", "-C", copy / "build", "riflesso_core"]).returncode == 0
            by = noticed_by(copy, tests) if compiled else ""
        finally:
            path.write_text(sources[name])
        if not compiled:
            continue
        results.append({"file": name, "line": number + 1, "what": what, "before": before.strip(), "after": after.strip(), "noticed_by": by})
        print(f"{len(results):3} {by or 'SURVIVES':34} {name}:{number + 1} {what}: {before.strip()}  →  {after.strip() or 'nothing'}", flush=True)
        (asked.folder / "mutants.json").write_text(json.dumps(results, indent=1))
    run(["ninja", "-C", copy / "build", "riflesso_core"])
    survivors = [r for r in results if not r["noticed_by"]]
    print(f"noticed: {len(results) - len(survivors)} of {len(results)}")
    for r in survivors:
        print(f"  {r['file']}:{r['line']} {r['what']}: {r['before']}  →  {r['after'] or 'nothing'}")


if __name__ == "__main__":
    main()
