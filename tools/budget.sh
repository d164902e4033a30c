#!/usr/bin/env bash
# What building and checking cost, against the budgets in docs/contributing.md; writes build/budget.json. In a copy of what
# is committed, from nothing, compiler cache off: leave the machine alone meanwhile.
#   tools/budget.sh          all rows
#   tools/budget.sh quick    of the build in build/: a page changed, a header changed
set -euo pipefail
cd "$(dirname "$0")/.."
here=$PWD
copy=$(mktemp -d)
trap 'rm -rf "$copy"' EXIT
export CCACHE_DISABLE=1

# cost NAME COMMAND…: the command's processor time and time by the clock, seconds, into cpu_NAME and wall_NAME.
cost() {
    local name=$1 line
    shift
    TIMEFORMAT='%U %S %R'
    line=$({ time "$@" >"$copy/$name.log" 2>&1; } 2>&1) || { tail -20 "$copy/$name.log"; exit 1; }
    read -r user sys wall <<<"$line"
    printf -v "cpu_$name" '%s' "$(awk "BEGIN { printf \"%.0f\", $user + $sys }")"
    printf -v "wall_$name" '%.0f' "$wall"
}
# The budgets of all that is built and run are for 76,704 lines of source and tests; they grow with them. Those of one
# change do not.
lines=$(git ls-files 'src/*.cpp' 'src/*.h' 'tests/*.cpp' 'tests/*.h' | xargs cat | wc -l)
grown() { echo $(($1 * lines / 76704)); }
row() { printf '%-52s %6s s   budget %6s s\n' "$1" "$2" "$3"; }

changes() { # in a build that is whole
    echo "// changed" >>src/app/plan/plan_page.cpp
    cost page ./run --build
    sed -i '$d' src/app/plan/plan_page.cpp
    echo "// changed" >>src/core/points/trial.h
    cost header ./run --build
    sed -i '$d' src/core/points/trial.h
}

if [ "${1:-}" = quick ]; then
    changes
    row "one .cpp of a page changed, by the clock" "$wall_page" 15
    row "a widely used header changed, by the clock" "$wall_header" 120
    exit
fi
git clone -q . "$copy/riflesso"
cd "$copy/riflesso"
cost build ./run --build
changes
rm -rf build
cost test ./test
wall_ctest=$(sed -n 's/^Total Test time (real) = *\([0-9]*\).*/\1/p' "$copy/test.log" | head -1)
wall_ci=$wall_test
if [ -z "${WITHOUT_TIDY:-}" ]; then
    export XDG_CACHE_HOME=$copy/cache # no verdict known
    cost tidy tools/style.sh --tidy
    wall_ci=$((wall_test + wall_tidy))
fi
row "./run --build from nothing, processor" "$cpu_build" "$(grown 540)"
row "./run --build from nothing, by the clock" "$wall_build" "$(grown 300)"
row "./test from nothing, processor" "$cpu_test" "$(grown 1800)"
row "./test from nothing, by the clock" "$wall_test" "$(grown 1080)"
row ".ci/run from nothing, by the clock" "$wall_ci" "$(grown 2100)"
row "one .cpp of a page changed, by the clock" "$wall_page" 15
row "a widely used header changed, by the clock" "$wall_header" 120
row "all of ctest (release), by the clock" "$wall_ctest" "$(grown 240)"
mkdir -p "$here/build"
printf '{"build_cpu_s":%s,"test_cpu_s":%s,"ci_wall_s":%s,"page_change_s":%s,"ctest_wall_s":%s}\n' \
    "$cpu_build" "$cpu_test" "$wall_ci" "$wall_page" "$wall_ctest" >"$here/build/budget.json"
