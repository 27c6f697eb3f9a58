#!/bin/sh
# The licences of everything that is inside, as the jars carry them.
#   $1  the folder with the jars
set -eu
here=$(CDPATH= cd -- "$(dirname -- "$0")" && pwd)
scratch=$(mktemp -d)
trap 'rm -rf "$scratch"' EXIT
echo "Amber Lens is under the Apache License 2.0, see LICENSE. It contains the libraries below, and a Java runtime whose"
echo "licences lie in lib/runtime/legal. FFmpeg is a build under the LGPL 2.1 or later: its libraries are files of their own"
echo "that may be replaced; its source is that of the release named by the jar."
for jar in "$1"/*.jar "$1"/javafx/*.jar; do
    name=$(basename "$jar")
    rm -rf "$scratch/one"
    mkdir "$scratch/one"
    found=$("$JDK/bin/jar" tf "$jar" | grep -iE '(^|/)(license|licence|notice|copying)[^/]*$' | grep -v '/$' | head -n 4 || true)
    echo
    echo "---- $name"
    if [ -z "$found" ]; then
        case $name in
        javafx-*) echo "GNU General Public License, version 2, with the Classpath Exception." ;;
        opencv-*) echo "OpenCV and its Java binding are under the Apache License 2.0." ;;
        openblas-*) cat "$here/openblas-licence.txt" ;;
        core-*|files-*|media-*|project-*|exchange-*|desktop-*|cli-*) echo "Part of Amber Lens." ;;
        *) echo "Its licence is that of the project named by its file; the jar carries no text." ;;
        esac
        continue
    fi
    # shellcheck disable=SC2086 # names without spaces
    (cd "$scratch/one" && "$JDK/bin/jar" xf "$jar" $found)
    for text in $found; do
        cat "$scratch/one/$text"
        echo
    done
done
