# A clean Debian root, for trying things where nothing is installed. Read by others with "."; needs root and debootstrap.
#   clean_root ROOT ARCHIVE   makes the root anew from the archive, and the archive first where there is none
#   can_make_root             whether this machine and user can, with the reason in $why where not

can_make_root() {
    why=
    [ "$(uname -s)" = Linux ] || { why="this is not Linux"; return 1; }
    [ "$(id -u)" = 0 ] || { why="it takes root"; return 1; }
    command -v apt-get >/dev/null 2>&1 || { why="this is not Debian"; return 1; }
    unshare --mount true 2>/dev/null || { why="mounts of one's own are not allowed here"; return 1; }
    command -v debootstrap >/dev/null 2>&1 || {
        apt-get -o DPkg::Lock::Timeout=300 update -qq >/dev/null 2>&1
        DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=300 install -y -qq --no-install-recommends debootstrap >/dev/null 2>&1 ||
            { why="debootstrap could not be installed"; return 1; }
    }
}

clean_root() {
    root=$1
    archive=$2
    suite=$(. /etc/os-release && printf '%s' "${VERSION_CODENAME:-bookworm}")
    if [ ! -s "$archive" ]; then
        mirror=$(cat /etc/apt/sources.list /etc/apt/sources.list.d/*.list /etc/apt/sources.list.d/*.sources 2>/dev/null |
            grep -oE 'https?://[^ ]*/debian/?( |$)' | head -n 1 | tr -d ' ' || true)
        mkdir -p "$(dirname "$archive")"
        rm -rf "$archive.root"
        # shellcheck disable=SC2086 # none or one
        debootstrap --variant=minbase "$suite" "$archive.root" $mirror >"$archive.log" 2>&1 ||
            { tail -n 5 "$archive.log" >&2; rm -rf "$archive.root"; return 1; }
        tar -C "$archive.root" --exclude './var/cache/apt/archives/*.deb' --exclude './proc/*' --exclude './sys/*' -cf "$archive.part" .
        mv "$archive.part" "$archive"
        rm -rf "$archive.root"
    fi
    rm -rf "$root"
    mkdir -p "$root"
    tar -C "$root" -xf "$archive"
    cp -r /etc/apt/apt.conf.d/. "$root/etc/apt/apt.conf.d/"
    cp /etc/resolv.conf /etc/hosts "$root/etc/" 2>/dev/null || true
}
