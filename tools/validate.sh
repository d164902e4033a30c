#!/usr/bin/env bash
# Writes docs/validation.md and its plots from what the checks and benches say now.
#   tools/validate.sh        runs those that have changed since their last run (half an hour from nothing)
#   tools/validate.sh again  runs all
set -euo pipefail
cd "$(dirname "$0")/.."
. tools/packages.sh
install_packages build test validate
build_targets all
[ "${1:-}" != again ] || rm -rf build/validation
exec tools/validate.py build
