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
# The compiler's precompiled headers and one of its own switches mean nothing to clang.
mkdir -p build/tidy
sed -E 's/ -Winvalid-pch//g; s/ -Wno-restrict//g; s# -include [^ ]*cmake_pch.hxx##g' build/compile_commands.json >build/tidy/compile_commands.json
sources=${*:-$(git ls-files 'src/*.cpp')}
echo "$sources" | tr ' ' '\n' | xargs -P 2 -n 4 clang-tidy -p build/tidy --quiet 2>build/tidy/counts
