#!/usr/bin/env bash
# Takes the pictures of the main views in docs/screenshots from the demo data.
set -euo pipefail
cd "$(dirname "$0")/.."
library=$(mktemp -d)/demo
trap 'rm -rf "$(dirname "$library")"' EXIT
build/bin/riflesso-cli demo "$library" >/dev/null
mkdir -p docs/screenshots
for page in athlete film mark mirror findings plan practice progress handover start packs; do
    file=docs/screenshots/${page/start/cases}.png
    XDG_CONFIG_HOME=$(dirname "$library") xvfb-run -a -s "-screen 0 1600x1000x24" \
        build/bin/riflesso --demo --library "$library" --theme light --shot "$page" "$file"
done
XDG_CONFIG_HOME=$(dirname "$library") xvfb-run -a -s "-screen 0 1600x1000x24" \
    build/bin/riflesso --demo --library "$library" --case 2 --theme light --shot mirror docs/screenshots/mirror-rowing.png
