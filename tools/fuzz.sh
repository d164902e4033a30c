#!/usr/bin/env bash
# Every reader of the core under a coverage-guided fuzzer (libFuzzer, with address and undefined-behaviour sanitizers).
#   tools/fuzz.sh [RUNS]      RUNS inputs for each reader, 100000 unless given; a crash or a text that takes over a second stops it
set -euo pipefail
cd "$(dirname "$0")/.."
. tools/packages.sh
runs=${1:-100000}
install_packages build fuzz
[ -f build-fuzz/build.ninja ] ||
    CXX=clang++ cmake -S . -B build-fuzz -G Ninja -DRIFLESSO_CORE_ONLY=ON -DRIFLESSO_FUZZ=ON -DBUILD_TESTING=OFF \
        -DCMAKE_BUILD_TYPE=RelWithDebInfo -DCMAKE_CXX_FLAGS_RELWITHDEBINFO="-O1 -g1" >/dev/null
ninja -C build-fuzz --quiet fuzz_reader
for reader in $(RIFLESSO_READER=none build-fuzz/bin/fuzz_reader -artifact_prefix=build-fuzz/ 2>&1 | sed -n 's/.*one of: //p'); do
    folder=build-fuzz/corpus/$reader
    mkdir -p "$folder"
    RIFLESSO_READER=$reader RIFLESSO_SEED=$folder/seed build-fuzz/bin/fuzz_reader -runs=0 "$folder" >/dev/null 2>&1
    # Its own words go to a file; what matters is the last lines: how many ran, how far they reached.
    RIFLESSO_READER=$reader build-fuzz/bin/fuzz_reader -runs="$runs" -timeout=1 -max_len=65536 -seed=1 \
        -artifact_prefix=build-fuzz/ -print_final_stats=1 "$folder" >"build-fuzz/$reader.log" 2>&1 ||
        { tail -40 "build-fuzz/$reader.log"; exit 1; }
    printf '%-14s %s\n' "$reader" "$(sed -n -E 's/^stat::number_of_executed_units: +/runs /p; s/^stat::slowest_unit_time_sec: +/slowest, s: /p' "build-fuzz/$reader.log" | tr '\n' ' ')$(grep -o 'cov: [0-9]*' "build-fuzz/$reader.log" | tail -1)"
done
