#!/usr/bin/env bash
# Format and static checks of our own code; what CI asks for. With --fix the format is put right.
set -euo pipefail
cd "$(dirname "$0")/.."
files=$(git ls-files 'src/*.cpp' 'src/*.h' 'tests/*.cpp' 'tests/*.h')
if [ "${1:-}" = --fix ]; then
    echo "$files" | xargs clang-format -i
    exit
fi
echo "format"
echo "$files" | xargs clang-format --dry-run -Werror
echo "clang-tidy (files changed since it last passed)"
stamp=build/tidy-passed
mkdir -p build
list=$(git ls-files 'src/*.cpp')
changed=""
newest_header=$(git ls-files 'src/*.h' .clang-tidy | xargs ls -t | head -1)
for file in $list; do
    if [ ! -e "$stamp" ] || [ "$file" -nt "$stamp" ] || [ "$newest_header" -nt "$stamp" ]; then changed="$changed $file"; fi
done
if [ -n "$changed" ]; then
    # shellcheck disable=SC2086
    printf '%s\n' $changed | xargs -P 2 -n 6 clang-tidy -p build --quiet --extra-arg=-Wno-unknown-warning-option
fi
touch "$stamp"
