#!/usr/bin/env bash
# Every reader of the core under a coverage-guided fuzzer (libFuzzer, with address and undefined-behaviour sanitizers).
#   tools/fuzz.sh clips [RUNS]   spoiled clips of many kinds through opening, first frames and sound
#   tools/fuzz.sh [RUNS]      RUNS inputs for each reader, 100000 unless given; a crash or a text that takes over a second stops it
set -euo pipefail
cd "$(dirname "$0")/.."
. tools/packages.sh
if [ "${1:-}" = clips ]; then
    install_packages build test
    build_targets fuzz-clips
    folder=build/fuzz-clips
    mkdir -p "$folder"
    make() { ffmpeg -v error -y -f lavfi -i "testsrc=size=128x96:rate=25:duration=1.2" -f lavfi -i "sine=500:duration=1.2" "$@"; }
    make -c:v libx264 -bf 2 -g 8 -c:a aac "$folder/h264.mp4"
    make -c:v libx264 -c:a aac -movflags frag_keyframe+empty_moov "$folder/pieces.mp4"
    make -c:v libx265 -x265-params log-level=error -c:a aac "$folder/hevc.mov"
    make -c:v libvpx-vp9 -c:a libopus "$folder/vp9.webm"
    make -c:v libaom-av1 -cpu-used 8 -c:a libopus "$folder/av1.mkv"
    make -c:v mjpeg -c:a pcm_s16le "$folder/mjpeg.avi"
    make -c:v mpeg2video -c:a mp2 "$folder/mpeg2.ts"
    exec build/bin/fuzz-clips "$folder" "${2:-100000}"
fi
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
