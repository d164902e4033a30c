#!/usr/bin/env python3
"""Makes the voice of a demo story's walk-through: what its "talk" says, spoken by a synthesiser (Debian's espeak-ng),
as Opus in Ogg beside the story, and writes when each part begins and ends into the story.

    tools/demo_voice.py demo/clips/ilka.story.json

Only needed when the words change: the result lies in the repository. Needs espeak-ng and ffmpeg."""
import pathlib
import re
import subprocess
import sys
import tempfile
import wave

GAP_S = 0.5
RATE = 16000


def spoken(words, folder):
    path = f"{folder}/part.wav"
    subprocess.run(["espeak-ng", "-v", "en-gb", "-s", "150", "-w", path, words], check=True)
    raw = subprocess.run(["ffmpeg", "-v", "error", "-i", path, "-f", "s16le", "-ac", "1", "-ar", str(RATE), "-"],
                         check=True, capture_output=True)
    return raw.stdout


def main():
    story = pathlib.Path(sys.argv[1])
    text = story.read_text(encoding="utf-8")
    voice = story.with_name(re.search(r'"voice": "([^"]+)"', text).group(1))
    sound, times = b"", []
    with tempfile.TemporaryDirectory() as folder:
        for words in re.findall(r'"say": "([^"]+)"', text):
            begun = len(sound) / 2 / RATE
            sound += spoken(words, folder) + bytes(2 * int(GAP_S * RATE))
            times.append((begun, len(sound) / 2 / RATE))
        path = f"{folder}/all.wav"
        with wave.open(path, "wb") as out:
            out.setnchannels(1)
            out.setsampwidth(2)
            out.setframerate(RATE)
            out.writeframes(sound)
        subprocess.run(["ffmpeg", "-v", "error", "-y", "-i", path, "-c:a", "libopus", "-b:a", "24k", "-bitexact",
                        "-map_metadata", "-1", str(voice)], check=True)
    parts = iter(times)
    text = re.sub(r'"from": [0-9.]+, "to": [0-9.]+(?=,\s*"say")',
                  lambda _: '"from": {:.2f}, "to": {:.2f}'.format(*next(parts)), text)
    story.write_text(text, encoding="utf-8")
    print(voice, f"{len(sound) / 2 / RATE:.1f} s", *(f"{a:.2f}-{b:.2f}" for a, b in times))


main()
