#!/bin/bash
# The Debian package of the programs: build/riflesso_VERSION_ARCH.deb, to be installed with
#   apt install ./build/riflesso_….deb
# `tools/package.sh check` also looks it over: lintian, the desktop entry, the manual pages, an install into a root of
# its own. What is missing for that is said.
set -eu
cd "$(dirname "$0")/.."
. tools/packages.sh
install_packages package test
./run --build
echo "making the files of the package"
cmake --build build --target package-files
(cd build && cpack -G DEB >/dev/null)
deb=$(ls -t build/riflesso_*.deb | head -1)
echo "$deb: $(du -h "$deb" | cut -f1)"
[ "${1:-}" = check ] || exit 0
tests/package/check.sh build "$deb"
