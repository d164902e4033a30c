# Sourced by ./run and ./test: installs what packages.txt lists and this machine lacks.

# missing_packages PART...: names of the parts' packages that are not installed.
missing_packages() {
    local part line wanted="" missing=""
    for part in "$@"; do
        wanted="$wanted $(awk -v part="[$part]" '/^\[/ { inside = ($0 == part); next } inside && NF && !/^#/ { print $1 }' packages.txt)"
    done
    for line in $wanted; do
        dpkg-query -W -f='${Status}' "$line" 2>/dev/null | grep -q 'ok installed' || missing="$missing $line"
    done
    echo "$missing"
}

install_packages() {
    local missing as=""
    missing=$(missing_packages "$@")
    [ -n "${missing// /}" ] || return 0
    echo "installing:$missing"
    [ "$(id -u)" = 0 ] || as=sudo
    $as apt-get update -q >/dev/null
    # shellcheck disable=SC2086
    DEBIAN_FRONTEND=noninteractive $as apt-get install -q -y --no-install-recommends $missing >/dev/null
}

# build_targets NAME...: builds them, and what they need, into build/.
build_targets() {
    if [ ! -f build/build.ninja ]; then
        echo "configuring build/"
        cmake --preset release >/dev/null
    fi
    echo "building into build/"
    cmake --build build --target "$@" -- --quiet
}
