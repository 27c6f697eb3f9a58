#!/bin/sh
# Installs the Debian package in a root of its own that has neither a JDK nor anything of this project, and runs a check, a
# render and the window there. Needs to be root, with debootstrap; called by ./amber package --check.
#   $1  the package   $2  a folder for the root, which is made anew
set -eu
deb=$1
root=$2
here=$(CDPATH= cd -- "$(dirname -- "$0")" && pwd)
# Mounts of its own, which are gone with it, however it ends.
[ -n "${AMBER_CHECK:-}" ] || AMBER_CHECK=1 exec unshare --mount --propagation private sh "$0" "$@"
. "$here/clean-root.sh"
say() { printf '%s\n' "$*" >&2; }

inside() { chroot "$root" /usr/bin/env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root LANG=C.UTF-8 DEBIAN_FRONTEND=noninteractive "$@"; }

say "Making a clean root in $root ..."
clean_root "$root" "$here/../target/clean-root.tar"
mount -t proc proc "$root/proc" 2>/dev/null || true
trap 'umount -l "$root/proc" 2>/dev/null || true' EXIT
say "Installing the package there ..."
cp "$deb" "$root/amber-lens.deb"
inside apt-get update -qq >/dev/null
inside apt-get install -y -qq --no-install-recommends /amber-lens.deb xvfb x11-utils >/dev/null 2>&1
rm "$root/amber-lens.deb"
! inside sh -c 'command -v java || command -v mvn' || { say "There is a JDK in the clean root."; exit 1; }

say "Running it ..."
demo=/opt/amber-lens/lib/app/demo/fernhollow.amber
inside amber --version
status=0
inside amber check "$demo" >/dev/null || status=$?
[ "$status" = 3 ] || { say "check ended with $status, not with 3."; exit 1; } # the demo has an edge that is open
inside amber render "$demo" -o /tmp/film.mp4 --from 0 --to 20 --size 320x180 --overwrite
[ -s "$root/tmp/film.mp4" ] || { say "Nothing was rendered."; exit 1; }
# A picture in planes, which needs the vision library, and the sound of a film.
inside amber frame "$demo" --at 460 -o /tmp/planes.png --size 320x180 --overwrite
inside amber render "$demo" -o /tmp/heard.flac --from 0 --to 20 --overwrite
[ -s "$root/tmp/planes.png" ] && [ -s "$root/tmp/heard.flac" ] || { say "No planes or no sound."; exit 1; }
inside sh -c '
    Xvfb :5 -screen 0 1280x800x24 -nolisten tcp >/dev/null 2>&1 & server=$!
    sleep 2
    DISPLAY=:5 /opt/amber-lens/bin/amber-lens '"$demo"' >/tmp/window.log 2>&1 & window=$!
    tries=0
    until DISPLAY=:5 xwininfo -root -tree | grep -q "Amber Lens"; do
        tries=$((tries + 1))
        [ "$tries" -le 60 ] || { echo "no window:"; cat /tmp/window.log; exit 1; }
        sleep 1
    done
    echo "the window is open"
    kill "$window" "$server"
'
[ -e "$root/usr/share/mime/packages/amber-lens.xml" ] && [ -L "$root/usr/bin/amber" ]
inside apt-get purge -y -qq amber-lens >/dev/null 2>&1
[ ! -e "$root/opt/amber-lens" ] || { say "Something was left in /opt/amber-lens."; exit 1; }
say "The package installs, runs and goes away."
