# Sourced by ./start and ./check. say, stop and install_packages.
# Lets ccache keep what uses precompiled headers (ccache manual, "Precompiled headers").
export CCACHE_SLOPPINESS=pch_defines,time_macros
# Asks the compiler's own list of headers instead of preprocessing everything once more: filling the cache costs next to nothing.
export CCACHE_DEPEND=1
# The same sources in another folder need not be compiled again.
export CCACHE_NOHASHDIR=1

say() { printf '\033[1m%s\033[0m\n' "$*"; }
stop() { printf '%s: %s\n' "$(basename "$0")" "$*" >&2; exit 1; }

# install_packages KIND…: installs what tools/packages.txt lists for these kinds and is not there yet.
install_packages() {
    command -v dpkg-query > /dev/null || stop "this needs Debian or a relative of it (dpkg is not here)"
    local kind wanted="" missing=""
    for kind in "$@"; do
        wanted="$wanted $(sed -n "s/^$kind //p" "$top/tools/packages.txt")"
    done
    local package
    for package in $wanted; do
        dpkg-query -W -f '${db:Status-Status}' "$package" 2> /dev/null | grep -qx installed || missing="$missing $package"
    done
    [ -n "$missing" ] || return 0
    say "Installing from Debian:$missing"
    local as_root=""
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo > /dev/null || stop "please run as root, or install sudo; missing are:$missing"
        as_root=sudo
        sudo -v || stop "sudo did not let you install; missing are:$missing"
    fi
    # shellcheck disable=SC2086
    $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends $missing > "$log" 2>&1 || {
        $as_root apt-get update -q >> "$log" 2>&1 || { tail -n 5 "$log" >&2; stop "Debian's package lists could not be fetched; see $log"; }
        $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends $missing >> "$log" 2>&1 ||
            { tail -n 5 "$log" >&2; stop "some packages could not be installed; see $log"; }
    }
}

# build PRESET [-D…]: configures when needed, then builds; quiet unless it fails.
build() {
    # With another compiler in the folder, CMake would forget what else the preset says.
    local fresh=""
    [ ! CMakePresets.json -nt "build/$1/CMakeCache.txt" ] || fresh=--fresh
    cmake --preset "$@" $fresh > "$log" 2>&1 || { tail -n 20 "$log" >&2; stop "configuring '$1' failed; see $log"; }
    cmake --build --preset "$1" > "$log" 2>&1 || { grep -E 'error|FAILED|warning' -A 4 "$log" | head -n 60 >&2; stop "building '$1' failed; see $log"; }
}
