#!/usr/bin/env bash
# Writes down anew what the pose network answers to the pictures that the tests show it: tests/media/data/network_answers.
# After a change of the demo's clips, of how pictures are cut for the network, or of which pictures are looked at; without
# it the tests ask the network itself, which takes minutes.
set -euo pipefail
cd "$(dirname "$0")/.."
rm -f tests/media/data/network_answers build/tests/network-answers
cmake build >/dev/null
ctest --test-dir build -j2 -R '^(app|cli|takehome)-'
cp build/tests/network-answers tests/media/data/network_answers
ls -l tests/media/data/network_answers
