#!/usr/bin/python3
"""docs/validation.md and its plots, from the words of the checks and benches. Asked for by tools/validate.sh.

    tools/validate.py BUILD

What a program said is kept in BUILD/validation under its name, and used again while the program is the same. A number that
is not found in what was said is an error: nothing is written then.
"""
import hashlib
import os
import pathlib
import re
import subprocess
import sys

import matplotlib

matplotlib.use("svg")
import matplotlib.pyplot as plt

build = pathlib.Path(sys.argv[1]).resolve()
root = build.parent
kept = build / "validation"
plots = root / "docs" / "validation"
kept.mkdir(exist_ok=True)
plots.mkdir(exist_ok=True)
INK, GREEN, GREY = "#24343b", "#17748a", "#c9d3d6"
plt.rcParams.update({"svg.hashsalt": "riflesso", "font.size": 9, "axes.edgecolor": INK, "text.color": INK,
                     "axes.labelcolor": INK, "xtick.color": INK, "ytick.color": INK, "svg.fonttype": "none"})


def said(program, *arguments, **environment):
    """What a program says, run or kept."""
    path = build / program
    wanted = hashlib.sha256(path.read_bytes() + repr((arguments, sorted(environment.items()))).encode()).hexdigest()
    file = kept / (path.name + ".txt")
    if file.exists():
        mark, _, text = file.read_text().partition("\n")
        if mark == wanted:
            return text
    print(f"running {program}", flush=True)
    done = subprocess.run([path, *arguments], cwd=root, text=True, stdout=subprocess.PIPE, stderr=subprocess.STDOUT,
                          env={**os.environ, "QT_QPA_PLATFORM": "offscreen", "LC_ALL": "C.UTF-8",
                               "QTEST_FUNCTION_TIMEOUT": "7200000", **environment})
    if done.returncode:
        sys.exit(f"{program} failed:\n{done.stdout[-2000:]}")
    file.write_text(wanted + "\n" + done.stdout)
    return done.stdout


def found(pattern, text, what):
    rows = re.findall(pattern, text, re.M)
    if not rows:
        sys.exit(f"nothing says {what}: {pattern}")
    return rows


def one(pattern, text, what):
    return found(pattern, text, what)[0]


def dots(name, rows, label, low, high, band=None, wide=6.4):
    """A dot for each row (name, value), within a band that is right."""
    figure, axes = plt.subplots(figsize=(wide, 0.5 + 0.19 * len(rows)))
    if band:
        axes.axvspan(*band, color=GREY, lw=0)
    axes.plot([value for _, value in rows], range(len(rows)), "o", color=GREEN, ms=4)
    axes.set_yticks(range(len(rows)), [title for title, _ in rows])
    axes.invert_yaxis()
    axes.set_xlim(low, high)
    axes.set_xlabel(label)
    axes.grid(axis="y", color=GREY, lw=0.4)
    for side in ("top", "right"):
        axes.spines[side].set_visible(False)
    figure.savefig(plots / f"{name}.svg", bbox_inches="tight", metadata={"Date": None})
    plt.close(figure)


def table(head, rows):
    return "\n".join(["| " + " | ".join(head) + " |", "|" + "---|" * len(head)] +
                     ["| " + " | ".join(str(cell) for cell in row) + " |" for row in rows])


def none(share):
    """A share of none at all is none; the checks see to it that no other is 0."""
    return "–" if float(share) == 0 else share


coverage = said("tests/checks-tst_coverage")
place = said("tests/checks-tst_camera_place", RIFLESSO_COPIES="1000")
capture = said("tests/checks-tst_motion_capture")
events = said("tests/checks-tst_simulated_events")
athletes = said("tests/checks-tst_simulated_athletes", RIFLESSO_ATHLETES="1000")
outside = said("tests/checks-tst_outside") + said("tests/checks-tst_published")
proposals = said("bin/bench-proposals", "demo/clips")
marked = said("bin/bench-marked-events", "demo/clips")
cover = said("bin/bench-head-cover", "demo/clips")

# 1: the ± of a measure.
kinds = [(name, float(share)) for name, share in
         found(r"\) (.+?): ([\d.]+) of 100 \(\d+ (?:copies|sets)", coverage, "how many hold the truth")]
kinds.sort(key=lambda row: row[1])
dots("measures", kinds, "of 100 values, how many hold the truth within value ± 2u (right: 95.4)", 88, 100, (93, 97))
within = sum(93 <= share <= 97 for _, share in kinds)

# 2: a camera off square.
bearings = [(int(float(degrees)), float(share)) for degrees, share in
            found(r"allKinds\(\) (\d+) degrees: ([\d.]+) of 100", place, "shares by bearing")]
dots("camera", [(f"{degrees}° off square", share) for degrees, share in bearings],
     "of 100 values of all kinds, how many hold the truth within ± 2u", 88, 100, (93, 97))

# 3: a real person's jumps.
flights, low_g, high_g, median_g = one(r"g from (\d+) flights: ([\d.]+) to ([\d.]+) m/s², median ([\d.]+)", capture, "g")
real = found(r"(\w+)\(([^)]*)\) sharp: ([\d.]+) of 100 within two frames; start and stop: ([\d.]+); ([\d.]+) of 100 within",
             capture, "events of real jumps")
rules = one(r"(\d+) of (\d+) rules found; sharp events within two frames: (\d+) of (\d+), by hand-written rules (\d+)", capture,
            "rules found from two jumps")

# 4: events of the simulated camera.
simulated = found(r"\(([^)]*)\) sharp: ([\d.]+) of 100 within two frames; start and stop: ([\d.]+); ([\d.]+) of 100 within",
                  events, "events of the simulated camera")
onMarks = found(r"^(\w+), (followed|proposed|placed) marks, (\d+) repetitions:.* sharp ([\d.]+) of 100 \((\d+)\), start and stop "
                r"([\d.]+) \((\d+)\); within 2u ([\d.]+) of (\d+)", marked, "events on marks that were not set by hand")
howFar = found(r"^(\w+), (followed|proposed|placed) marks: off by ([\d.]+) px in the median, 95 of 100 by ([\d.]+);.* within 2u "
               r"(?:[^\d]*)([\d.]+)", marked, "how far such marks are off")

# 5: proposed marks.
clips = re.split(r"\n(?=\w+: \d+ frames)", proposals)
near = []
for clip in clips:
    if head := re.match(r"\n?(\w+): (\d+) frames, (\d+) px a body height", clip):
        share, count = one(r"near side, not doubtful: median ([\d.]+) % H of (\d+)", clip, "the median of " + head[1])
        angles = {joint: (median, most) for joint, median, most in
                  re.findall(r"(\w+) angle: median ([\d.]+) deg, 95 of 100 within ([\d.]+)", clip)}
        near.append((head[1], int(head[3]), float(share), angles))
if not near:
    sys.exit("nothing says how far proposed marks are off")
near.sort(key=lambda row: row[2])
dots("proposals", [(name.replace("_", " "), share) for name, _, share, _ in near],
     "median error of proposed marks, near side, not doubtful, per cent of the body's height", 0,
     max(2.0, max(share for _, _, share, _ in near) * 1.1))

# 6: which fault stands first.
skills = [(name, 100 * int(right) / int(of), int(falsely), int(without)) for name, right, of, falsely, without in
          found(r"(\S+) +first is right in +(\d+) of +(\d+) \(.*?\); clear without a fault (\d+) of (\d+)", athletes, "verdicts")]
skills.sort(key=lambda row: row[1])
dots("verdicts", [(name, share) for name, share, _, _ in skills],
     "of 100 athletes with one or two faults put in, how often the first finding is right", 60, 101)
right, withFault, share, falsely, without, falseShare = one(
    r"all: (\d+) of (\d+) \(([\d.]+) of 100\); clear without a fault (\d+) of (\d+) \(([\d.]+)\)", athletes, "all verdicts")

# 7: covered heads.
heads = [(name, int(frames), int(unsure), int(shows)) for name, frames, unsure, shows in
         found(r"^(\S+) +(\d+) +(\d+) +(\d+) +[\d.]+", cover, "covered heads")]
frames, unsure, shows = (sum(row[i] for row in heads) for i in (1, 2, 3))

spread = one(r"outOfPlaneDeg = (\d+)", (root / "src/core/pack/pack.h").read_text(), "the spread out of the plane")
passed = sum(int(n) for n in re.findall(r"Totals: (\d+) passed, 0 failed", outside))

(root / "docs" / "validation.md").write_text(f"""# How true it is

Written by `tools/validate.sh` from the checks and benches of this version; no number here was typed by hand. What each measure
says and how its ± comes about is in [measures.md](measures.md).

## What this does not show

- **No study on people.** What is known exactly is known of a simulated camera and made figures, and of one real person's jumps
  recorded by motion capture. Nobody has yet held the program against a laboratory over many athletes.
- **One plane.** A single camera sees a plane. What leaves it is in the ± by an assumption ({spread} degrees of spread unless a skill says otherwise), not by a measurement.
- **Proposed marks are measured on simulated clips.** On real people, clothes and halls the network may do better or worse: your own share of
  doubtful marks, and a second sitting, say how it does on yours.
- **Ranges and effects of the skills are estimates** where their source says so. The program tells a deviation from chance; whether it costs
  points is said by your own results.
- It is no medical device. Pain and injuries are for licensed professionals.

## The ± of a measure

{len(kinds)} measures and set measures, each a thousand noisy copies of a movement, or a thousand sets, whose truth is known (marks of 2 px unless measures.md says
otherwise, events to half a frame). A
true ± 2u holds the truth in 95.4 of 100; {within} of {len(kinds)} lie from 93 to 97, the lowest at {kinds[0][1]:.1f} ({kinds[0][0]}), the highest at {kinds[-1][1]:.1f} ({kinds[-1][0]}).

![Measures](validation/measures.svg)

## A camera that stands off square

A thousand figures for each kind and bearing; the bearing is known to 3°.

![Camera](validation/camera.svg)

## A real person

Jumps recorded by motion capture (CMU, subject 1, trial 1). Gravity from {flights} flights:
{low_g} to {high_g} m/s², median {median_g} (9.81). Key events proposed from one marked jump:

{table(["marks", "sharp events within two frames, of 100", "start and stop", "within the stated ± 2u"],
       [(how or name, a, b, c) for name, how, a, b, c in real])}

Rules that the workshop finds from two jumps: {rules[0]} of {rules[1]} found; they place {rules[2]} of {rules[3]} sharp events of the others within two frames, the
hand-written rules {rules[4]}.

## Key events

Of the simulated camera, from one marked repetition:

{table(["", "sharp within two frames, of 100", "start and stop", "within ± 2u"],
       [(how, none(a), none(b), c) for how, a, b, c in simulated])}

–: it has no such event.

On marks that nobody set: followed from two frames, proposed by the network, and placed as the analyst places them.

{table(["clip", "marks", "sharp within two frames, of 100", "start and stop", "within ± 2u"],
       [(name.replace("_", " "), how, none(a), none(b), f"{c} of {n}") for name, how, _, a, _, b, _, c, n in onMarks])}

{table(["clip", "marks", "median error, px", "95 of 100, px"], [(n.replace("_", " "), h, a, b) for n, h, a, b, _ in howFar])}

## Proposed marks

The network against the truth of every demo clip; left and right as an analyst's marks would have them.

![Proposed marks](validation/proposals.svg)

{table(["clip", "body height, px", "median, % of it", "knee, elbow: median (95 of 100), degrees"],
       [(name.replace("_", " "), px, f"{share:.2f}", ", ".join(f"{joint} {a} ({b})" for joint, (a, b) in angles.items()) or "–")
        for name, px, share, angles in near])}

## Which finding stands first

Athletes made with one or two faults, or none, in every skill that has ranges, with the noise of proposed marks: in {right} of {withFault} ({share} of 100) the first
finding is a fault that was put in. Of {without} without a fault {falsely} ({falseShare} of 100) had one that was called clear.

![Verdicts](validation/verdicts.svg)

## Covered heads

{len(heads)} demo clips, {frames} frames: in {unsure} the program itself says that it is not sure where to cover (they are shown without the clip); a head
showed unnoticed in {shows}.

## Against other programs and published numbers

{passed} checks compare with what nobody here made: the low-pass and its padding, derivatives and circular means with SciPy and NumPy; kappa with
scikit-learn; Wilson's interval and Student's t with their tables; lens, plane and homography with OpenCV's pictures and published results; a published motion capture. Each names its
source beside it, in `tests/checks/tst_outside.cpp` and `tst_published.cpp`.
""")
print("written: docs/validation.md")
