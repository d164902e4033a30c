#!/usr/bin/env bash
# Takes the pictures of the main views in docs/screenshots from the demo data.
set -euo pipefail
cd "$(dirname "$0")/.."
library=$(mktemp -d)/demo
trap 'rm -rf "$(dirname "$library")"' EXIT
build/bin/riflesso-cli demo "$library" >/dev/null
mkdir -p docs/screenshots
shoot() { # PAGE FILE, then more of the program's words
    XDG_CONFIG_HOME=$(dirname "$library") xvfb-run -a -s "-screen 0 1600x1000x24" \
        build/bin/riflesso --demo --library "$library" --theme light "${@:3}" --shot "$1" "docs/screenshots/$2"
}
for page in athlete film mark mirror:elbow_down findings plan practice progress start packs:sheet; do
    name=${page%%:*}
    shoot "$page" "${name/start/cases}.png" --case 1
done
shoot handover:walk-00000000-0000-4000-8000-000000000001:2 handover.png --case 1
shoot packs:workshop workshop.png --case 1
shoot mirror:wall wall.png --case 1
shoot film:plan camera-plan.png --case 1
shoot bench:demo/clips/mirelle_side.mp4 bench.png --case 3
shoot mirror:head_release mirror-archery.png --case 3
shoot mirror mirror-stroke.png --case 4
shoot findings findings-crawl.png --case 5
shoot mirror mirror-cue.png --case 6
