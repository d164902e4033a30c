#!/bin/sh
# Gathers what the window and the papers say into translations/*.ts: new strings are added, what is gone goes. A new
# language: copy riflesso_en.ts to riflesso_LANGUAGE.ts, translate it, build: the program takes it by the system's language.
set -eu
cd "$(dirname "$0")/.."
lupdate=/usr/lib/qt6/bin/lupdate
[ -x "$lupdate" ] || { echo "translations.sh: lupdate is missing: apt-get install qt6-l10n-tools" >&2; exit 1; }
for file in ${1:-translations/*.ts}; do
    "$lupdate" -silent -no-obsolete -locations none -tr-function-alias QT_TRANSLATE_NOOP+=RIFLESSO_SAY -I src src/core src/app src/report src/takehome -ts "$file"
done
