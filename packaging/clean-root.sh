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

# Removes a root that was made here. What was mounted in it by a run that was killed is unmounted first, never entered: it is the machine's own.
remove_root() {
    [ -d "$1" ] || return 0
    at=$(CDPATH= cd -- "$1" && pwd -P)
    awk -v at="$at/" 'index($2, at) == 1 { print $2 }' /proc/self/mounts | sort -r | while IFS= read -r mounted; do
        umount "$mounted" || umount -l "$mounted"
    done
    if awk -v at="$at/" 'index($2, at) == 1 { found = 1 } END { exit !found }' /proc/self/mounts; then
        echo "Something is still mounted in $at; it is not removed." >&2
        return 1
    fi
    rm -rf --one-file-system "$at"
}

clean_root() {
    root=$1
    archive=$2
    suite=$(. /etc/os-release && printf '%s' "${VERSION_CODENAME:-bookworm}")
    if [ ! -s "$archive" ]; then
        mirror=$(cat /etc/apt/sources.list /etc/apt/sources.list.d/*.list /etc/apt/sources.list.d/*.sources 2>/dev/null |
            grep -oE 'https?://[^ ]*/debian/?( |$)' | head -n 1 | tr -d ' ' || true)
        mkdir -p "$(dirname "$archive")"
        remove_root "$archive.root" || return 1
        # shellcheck disable=SC2086 # none or one
        debootstrap --variant=minbase "$suite" "$archive.root" $mirror >"$archive.log" 2>&1 ||
            { tail -n 5 "$archive.log" >&2; remove_root "$archive.root"; return 1; }
        tar -C "$archive.root" --exclude './var/cache/apt/archives/*.deb' --exclude './proc/*' --exclude './sys/*' -cf "$archive.part" .
        mv "$archive.part" "$archive"
        remove_root "$archive.root" || return 1
    fi
    remove_root "$root" || return 1
    mkdir -p "$root"
    tar -C "$root" -xf "$archive"
    cp -r /etc/apt/apt.conf.d/. "$root/etc/apt/apt.conf.d/"
    cp /etc/resolv.conf /etc/hosts "$root/etc/" 2>/dev/null || true
}
