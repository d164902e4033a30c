#!/usr/bin/env bash
# Format of our own code, asked for by ./test. --fix puts it right; --tidy runs clang-tidy as well (.clang-tidy), which
# ./test does not do yet.
set -euo pipefail
cd "$(dirname "$0")/.."
files=$(git ls-files 'src/*.cpp' 'src/*.h' 'tests/*.cpp' 'tests/*.h')
if [ "${1:-}" = --fix ]; then
    echo "$files" | xargs clang-format -i
    exit
fi
echo "format"
echo "$files" | xargs clang-format --dry-run -Werror
if [ "${1:-}" = --tidy ]; then
    echo "clang-tidy"
    git ls-files 'src/*.cpp' | xargs -P 2 -n 6 clang-tidy -p build --quiet
fi
