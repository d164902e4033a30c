#!/usr/bin/env bash
# Style of our own code, asked for by ./test: clang-format (.clang-format) and, with --tidy, clang-tidy (.clang-tidy).
#   tools/style.sh              format
#   tools/style.sh --fix        puts the format right
#   tools/style.sh --tidy FILE… the format, and clang-tidy over src/ or the files named; needs a configured build/
set -euo pipefail
cd "$(dirname "$0")/.."
files=$(git ls-files --cached --others --exclude-standard 'src/*.cpp' 'src/*.h' 'tests/*.cpp' 'tests/*.h' 'bench/*.cpp')
mode=${1:-}
if [ "$mode" = --fix ]; then
    echo "$files" | xargs clang-format -i
    exit
fi
echo "format"
echo "$files" | xargs clang-format --dry-run -Werror
[ "$mode" = --tidy ] || exit 0
shift
echo "clang-tidy"
tools/tidy.py build "$@"
