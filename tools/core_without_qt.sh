#!/usr/bin/env bash
# The core is made of the standard library, Eigen and JSON: it configures where nothing else can be found, and each of
# its files finds what it includes with those folders alone. That it compiles is what the release build shows.
set -euo pipefail
cd "$(dirname "$0")/.."
cmake --preset core-only >/dev/null
tools/core_commands.py build-core | xargs -P 2 -d '\n' -n 1 sh -c
