#!/usr/bin/env python3
"""Kills the programs at random moments of their work, and looks at what is left.

    tools/kills.py BUILD [TIMES [SEED]]

Work on a copy of the demo library: a case brought in, two copies brought together, a case written out, a film made, a case
worked on without a library, a second copy of the library, the window opened and closed; and, as the window's tests drive it (those that are built), a camera
recorded, a sitting recorded while it is talked through, marks set, proposals and tracking under way, practice measured by a camera.
After each kill the library has to be sound and hold what it held
before or what the whole of the work gives, nothing between; a file under its last name has to be whole; and the same work,
begun again, has to come to its end now and then. Says what was killed how often; the first thing that is wrong ends it.
"""
import json
import os
import pathlib
import random
import shutil
import signal
import subprocess
import sys
import tempfile
import time
import zipfile

build = pathlib.Path(sys.argv[1]).resolve()
times = int(sys.argv[2]) if len(sys.argv) > 2 else 1000
seed = int(sys.argv[3]) if len(sys.argv) > 3 else 1
dice = random.Random(seed)
cli, window = build / "bin" / "riflesso-cli", build / "bin" / "riflesso"
room = pathlib.Path(tempfile.mkdtemp(prefix="riflesso-kills-"))
env = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "XDG_CONFIG_HOME": str(room / "config"), "XDG_DATA_HOME": str(room / "data")}


def run(*words):
    done = subprocess.run([cli, *map(str, words)], capture_output=True, text=True, env=env)
    if done.returncode:
        raise SystemExit(f"{' '.join(map(str, words))} failed: {done.stdout[-500:]}{done.stderr[-500:]}")
    return json.loads(done.stdout)


def wrong(what):
    raise SystemExit(f"seed {seed}, after {sum(killed.values())} kills: {what} (left in {room})")


def fresh(name):
    """The library as it was: clips linked, the database copied."""
    to = room / name
    shutil.rmtree(to, ignore_errors=True)
    shutil.copytree(original, to, copy_function=lambda a, b: shutil.copy2(a, b) if "sqlite" in b else os.link(a, b))
    return to


killed, finished, took = {}, {}, {}


def interrupted(kind, *words, env=env):
    """Runs it and kills it at a moment of its usual time; whether it had come to its end."""
    usual = took.get(kind, 3.0)
    begun = time.monotonic()
    process = subprocess.Popen(list(map(str, words)), stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, env=env)
    try:
        process.wait(timeout=dice.uniform(0, 1.15 * usual))
    except subprocess.TimeoutExpired:
        process.send_signal(signal.SIGKILL)
        process.wait()
    if process.returncode == 0:
        took[kind] = time.monotonic() - begun
        finished[kind] = finished.get(kind, 0) + 1
        return True
    if process.returncode != -signal.SIGKILL:
        wrong(f"{kind} ended with {process.returncode}")
    killed[kind] = killed.get(kind, 0) + 1
    took[kind] = usual if kind in finished else 1.2 * usual  # until it is known how long it takes
    return False


def counts(library):
    told = run("verify", library)
    if not told["ok"]:
        wrong(f"the library is not sound: {told['problems']} {told['missing_media']}")
    return tuple(told[key] for key in ("athletes", "cases", "clips", "repetitions", "marks"))


def either(library, before, after, what):
    now = counts(library)
    if now not in (before, after):
        wrong(f"{what}: {now} is neither {before} nor {after}")


original = room / "original"
run("demo", original)
archive, changed = room / "case.riflesso", room / "changed.riflesso"
run("export", original, "--case", 1, "--out", archive)
base = counts(original)
other = room / "other"
run("import", other, archive)
run("export", other, "--case", 1, "--out", room / "back.riflesso")
with zipfile.ZipFile(room / "back.riflesso") as back, zipfile.ZipFile(changed, "w") as out:
    for name in back.namelist():  # a colleague has taken every tenth mark away
        content = back.read(name)
        if name == "marks.csv":
            rows = content.decode().splitlines(keepends=True)
            content = "".join(row for i, row in enumerate(rows) if i == 0 or i % 10).encode()
        out.writestr(name, content)
whole = fresh("whole")
run("import", whole, archive)
brought = counts(whole)
whole = fresh("whole")
if not run("import", whole, changed, "--together", "newer")["together"]["done"]:
    wrong("two copies cannot be brought together")
joined = counts(whole)
if joined == base:
    wrong("the copies do not differ")


def bringIn():
    library = fresh("library")
    interrupted("a case brought in", cli, "import", library, archive)
    either(library, base, brought, "a case brought in")


def together():
    library = fresh("library")
    interrupted("two copies brought together", cli, "import", library, changed, "--together", "newer")
    either(library, base, joined, "two copies brought together")


def writeOut():
    out = room / "out.riflesso"
    interrupted("a case written out", cli, "export", original, "--case", 3, "--out", out)
    if out.exists():
        run("import", room / "empty", out, "--only-show", "yes")
        out.unlink()
    counts(original)


def film():
    out = room / "film.mp4"
    interrupted("a film made", cli, "film", original, "--case", 1, "--kind", "repetition", "--repetition", 1, "--out", out)
    if out.exists():
        subprocess.run(["ffprobe", "-v", "error", "-count_frames", out], check=True, stdout=subprocess.DEVNULL)
        out.unlink()
    counts(original)


def work():
    out = room / "worked.riflesso"
    interrupted("a case worked on", cli, "work", archive, "--do", "look,assess", "--out", out, "--threads", 1)
    if out.exists():
        run("import", room / "empty", out, "--only-show", "yes")
        out.unlink()


def secondCopy():
    """Killed anywhere: an earlier copy, the new one, or, at first, what the next time makes one of."""
    of, to = fresh("library"), room / "second"
    if dice.random() < 0.5:
        shutil.rmtree(to, ignore_errors=True)
    there = (to / "library.sqlite").exists()
    interrupted("a second copy", cli, "copy", of, to)
    if there and counts(to) != base:
        wrong("the earlier copy is not as it was")
    run("copy", of, to)
    if counts(to) != base:
        wrong("the copy is not what it is of")


def openWindow():
    library = fresh("library")
    interrupted("the window opened", window, "--library", library, "--shot", dice.choice(["mark", "mirror", "findings", "plan"]),
                room / "shot.png")
    either(library, base, base, "the window opened")


passing = room / "passing"  # where tests make their folders
withDemo = {**env, "TMPDIR": str(passing), "DEMO_LIBRARY": str(original), "LC_ALL": "C.UTF-8"}
SURE_S = 4.0  # of a recording: what is older has been written


def readable(path):
    return subprocess.run(["ffprobe", "-v", "error", "-select_streams", "v", "-show_entries", "stream=nb_read_frames",
                           "-count_frames", "-of", "csv=p=0", path], capture_output=True, text=True).stdout.strip().isdigit()


def driven(kind, program, *functions):
    """What a test drives; every library that it had open is sound, its recordings can be read."""

    def run_it():
        shutil.rmtree(passing, ignore_errors=True)
        passing.mkdir()
        interrupted(kind, build / "tests" / program, *functions, env=withDemo)
        for database in passing.rglob("library.sqlite"):
            # It opens, also where it was only being made.
            opened = subprocess.run([window, "--library", database.parent, "--shot", "athlete", room / "shot.png"], env=env,
                                    capture_output=True, text=True)
            if opened.returncode:
                wrong(f"{kind}: the library does not open: {opened.stderr[-500:]}")
            counts(database.parent)
            for score in database.parent.glob("walk-throughs/*/score.jsonl"):
                for line in score.read_text(errors="replace").splitlines()[:-1]:
                    json.loads(line)  # only the last may be cut off
        recordings = [r for place in ("media/*.mp4", "recordings/**/*.mp4", "take.mp4") for r in passing.glob(f"**/{place}")]
        for recording in recordings:
            whole_file = "recordings" not in recording.parts and recording.name != "take.mp4"
            stat = recording.stat()
            lasted = stat.st_mtime - (recorded_since(recording) or stat.st_mtime)
            if (whole_file or lasted > SURE_S) and not readable(recording):
                wrong(f"{kind}: {recording} cannot be read ({stat.st_size} bytes, {lasted:.1f} s)")
        shutil.rmtree(passing, ignore_errors=True)

    return run_it


def recorded_since(path):
    """When the file was made, where the file system knows it."""
    told = subprocess.run(["stat", "-c", "%W", path], capture_output=True, text=True).stdout.strip()
    return float(told) if told not in ("", "0", "-") else None


kinds = [bringIn, together, writeOut, film, work, openWindow, secondCopy]
for kind, program, *functions in [
    ("a camera recorded", "media-tst_live_capture", "aKilledRecordingCanBeRead"),
    ("a recording becomes a clip", "app-tst_film_picture", "aLiveCameraBecomesAClip", "aRecordingStaysWithItsSession"),
    ("a sitting talked through", "app-tst_walk_through", "whatIsShownAndSaidIsKeptSecondBySecond"),
    ("a clip marked with proposals", "app-tst_new_clip", "fromANewClipToCompleteMarks"),
    ("practice measured by a camera", "app-tst_court", "theCameraEndsRepetitionsByItself", "filmsAreKeptOnlyWhereThatIsTicked"),
]:
    if (build / "tests" / program).exists():
        kinds.append(driven(kind, program, *functions))
    else:
        print(f"{kind}: {program} is not built, left out")
begun = time.monotonic()
while sum(killed.values()) < times:
    dice.choice(kinds)()
    total = sum(killed.values())
    if total and total % 100 == 0:
        print(f"{total} kills in {time.monotonic() - begun:.0f} s", flush=True)
for kind in sorted(set(killed) | set(finished)):
    print(f"{kind}: killed {killed.get(kind, 0)} times, came to its end {finished.get(kind, 0)} times")
print(f"{sum(killed.values())} kills, seed {seed}: every library sound, nothing half done")
shutil.rmtree(room, ignore_errors=True)
