#!/bin/sh
# Looks over what a package would install: check.sh BUILD [DEB]. Fails with the first thing that is wrong.
set -eu
build=$1
deb=${2:-}
here=$(cd "$(dirname "$0")/../.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT

desktop-file-validate "$here/packaging/org.riflesso.Riflesso.desktop"
appstreamcli validate --no-net "$build/packaging/org.riflesso.Riflesso.metainfo.xml"
xmllint --noout "$here/packaging/riflesso-mime.xml"
# Every kind of file that is ours is opened by the program.
for kind in $(sed -n 's/.*mime-type type="\([^"]*\)".*/\1/p' "$here/packaging/riflesso-mime.xml"); do
    grep -q "^MimeType=.*$kind;" "$here/packaging/org.riflesso.Riflesso.desktop" || { echo "nothing opens $kind"; exit 1; }
    grep -q "<mediatype>$kind<" "$here/packaging/org.riflesso.Riflesso.metainfo.xml.in" || { echo "no mediatype $kind"; exit 1; }
done

# The manual pages: no warning, and every switch of --help in them.
"$build/bin/riflesso-cli" --man >"$work/riflesso-cli.1"
cp "$here/packaging/riflesso.1" "$work/"
for page in riflesso riflesso-cli; do
    said=$(LC_ALL=C.UTF-8 MANROFFSEQ='' MANWIDTH=80 man --warnings -E UTF-8 -l -Tutf8 -Z "$work/$page.1" 2>&1 >/dev/null)
    [ -z "$said" ] || { echo "$page.1: $said"; exit 1; }
    plain=$(LC_ALL=C.UTF-8 MANWIDTH=400 man -l "$work/$page.1" | sed 's/‐/-/g')
    for word in $("$build/bin/$page" --help | grep -o -- '--[a-z][a-z-]*' | sort -u); do
        echo "$plain" | grep -q -- "$word" || { echo "$page.1 does not name $word"; exit 1; }
    done
done
for command in $("$build/bin/riflesso-cli" --help | sed -n 's/^  \([a-z][a-z-]*\) .*/\1/p'); do
    grep -q "^\.B $command\$" "$work/riflesso-cli.1" || { echo "riflesso-cli.1 does not name $command"; exit 1; }
done

# Completion completes.
"$build/bin/riflesso-cli" --completion >"$work/completion"
got=$(bash -c 'source '"$work"'/completion; COMP_WORDS=(riflesso-cli fil); COMP_CWORD=1; _riflesso_cli; echo "${COMPREPLY[*]}"')
[ "$got" = film ] || { echo "completion of \"fil\": $got"; exit 1; }
got=$(bash -c 'source '"$work"'/completion; COMP_WORDS=(riflesso-cli film --cov); COMP_CWORD=2; _riflesso_cli; echo "${COMPREPLY[*]}"')
[ "$got" = --cover ] || { echo "completion of \"film --cov\": $got"; exit 1; }

if [ -n "$deb" ]; then
    lintian --fail-on error "$deb"
    dpkg-deb -x "$deb" "$work/root"
    "$work/root/usr/bin/riflesso-cli" --version
    # Everything it ships is found from where it is installed.
    "$work/root/usr/bin/riflesso-cli" demo "$work/demo" >/dev/null
    "$work/root/usr/bin/riflesso-cli" verify "$work/demo" >/dev/null
    # The demo that is ready is whole, its clips those that ship.
    cp -rL "$work/root/usr/share/riflesso/demo-library" "$work/ready"
    "$work/root/usr/bin/riflesso-cli" verify "$work/ready" >/dev/null
    [ -s "$work/root/usr/share/riflesso/guide/guide.md" ] && [ -s "$work/root/usr/share/riflesso/guide/screenshots/mark.png" ]
    [ -s "$work/root/usr/share/icons/hicolor/512x512/apps/org.riflesso.Riflesso.png" ]
fi
echo "the package is in order"
