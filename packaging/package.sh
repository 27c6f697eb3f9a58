#!/bin/sh
# Builds the application image and, where dpkg-deb is, a Debian package: everything inside, no JDK or Maven needed to run
# it. Called by ./amber package, which has built the jars and says which JDK to take.
#   JDK      the JDK whose tools and runtime are used
#   OUT      where the image and the package go
set -eu

here=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
work="$OUT/work"
version=0.1.0
SOURCE_DATE_EPOCH=${SOURCE_DATE_EPOCH:-1767225600} # what is built does not say when: two builds are equal
export SOURCE_DATE_EPOCH
LC_ALL=C
export LC_ALL

say() { printf '%s\n' "$*" >&2; }

rm -rf "$work" "$OUT/amber-lens"
mkdir -p "$work/input/javafx"

say "Collecting what belongs to it ..."
jars() { # every jar on the class paths of the bench and of the commands, once
    for module in desktop cli; do
        printf '%s\n' "$here/$module/target/$module-$version.jar"
        tr ':' '\n' <"$here/$module/target/classpath"
        echo
    done | grep -v '^$' | grep -v '/junit-4\|/hamcrest-' | sort -u
}
jars | while IFS= read -r jar; do cp "$jar" "$work/input/"; done
for jar in "$here"/desktop/target/javafx/*.jar; do
    cp "$jar" "$work/input/javafx/"
done
mkdir -p "$work/input/demo"
cp -r "$here/demo/fernhollow/." "$work/input/demo/"
cp -r "$here/docs/guide" "$work/input/guide"
sh "$here/packaging/licences.sh" "$work/input" >"$work/input/LICENCES.txt"
cp "$here/LICENSE" "$work/input/LICENSE"
"$JDK/bin/java" "$here/packaging/Slim.java" "$work/input" "$work/input/javafx"

say "Linking the runtime ..."
# The modules that the program and its libraries use: jdeps on all jars, and what is only loaded by name.
modules=java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http,java.scripting,java.sql
modules=$modules,java.xml,jdk.crypto.ec,jdk.incubator.vector,jdk.unsupported,jdk.zipfs
"$JDK/bin/jlink" --add-modules "$modules" --strip-debug --no-header-files --no-man-pages \
    --generate-cds-archive --output "$work/runtime"

say "Building the image ..."
options() { # for every launcher
    printf '%s\n' \
        --add-modules=jdk.incubator.vector \
        -XX:MaxRAMPercentage=50 -XX:+ExplicitGCInvokesConcurrent -XX:GCTimeRatio=4 \
        -XX:MinHeapFreeRatio=5 -XX:MaxHeapFreeRatio=10 -XX:-G1UseAdaptiveIHOP -XX:InitiatingHeapOccupancyPercent=20 \
        --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow \
        -Djava.awt.headless=true
}
window_options() {
    options
    # shellcheck disable=SC2016 # the launcher puts its own folder there
    printf '%s\n' -Dprism.forceUploadingPainter=false '-Damber.demo=$APPDIR/demo/fernhollow.amber' \
        '--module-path=$APPDIR/javafx' --add-modules=javafx.controls --enable-native-access=javafx.graphics
    archive window
}
command_options() {
    options
    archive commands
}
archive() { # where the classes of a start are kept as the virtual machine holds them, see archives.sh
    printf '%s\n' -XX:+AutoCreateSharedArchive "-XX:SharedArchiveFile=\$APPDIR/$1.jsa" \
        -Xlog:cds*=off -Xlog:aot*=off
}
launcher() { # name main-class main-jar options
    {
        echo "main-class=$2"
        echo "main-jar=$3"
        echo "description=Amber Lens"
        echo "java-options=$(printf '%s ' $4)"
    } >"$work/$1.properties"
}
launcher amber-commands amberlens.cli.Main "cli-$version.jar" "$(command_options)"
launcher amber-shoot amberlens.desktop.Shoot "desktop-$version.jar" \
    "$(window_options) -Dglass.platform=Headless -Dprism.order=sw"
set --
for option in $(window_options); do
    set -- "$@" --java-options "$option"
done
kind=app-image
if [ "$(uname -s)" = Darwin ]; then
    kind=dmg
    set -- "$@" --mac-package-identifier amberlens.app --file-associations "$here/packaging/amber.association"
else
    set -- "$@" --icon "$here/packaging/amber-lens.png"
fi
"$JDK/bin/jpackage" --type "$kind" --name amber-lens --app-version "$version" --vendor "Amber Lens" \
    --description "Camera moves on still pictures, proved to cover every frame" \
    --input "$work/input" --main-jar "desktop-$version.jar" --main-class amberlens.desktop.Main \
    --runtime-image "$work/runtime" \
    --add-launcher "amber-commands=$work/amber-commands.properties" \
    --add-launcher "amber-shoot=$work/amber-shoot.properties" "$@" --dest "$OUT" >&2

if [ "$kind" = dmg ]; then
    rm -rf "$work"
    ls "$OUT"/*.dmg
    exit
fi
cp "$here/packaging/amber" "$OUT/amber-lens/bin/amber"
cp "$here/packaging/archives.sh" "$OUT/amber-lens/bin/prepare-start"
chmod 755 "$OUT/amber-lens/bin/amber" "$OUT/amber-lens/bin/prepare-start"

if command -v dpkg-deb >/dev/null 2>&1; then
    say "Building the Debian package ..."
    sh "$here/packaging/debian.sh" "$OUT/amber-lens" "$OUT" "$version"
fi
say "Preparing a fast start ..."
"$OUT/amber-lens/bin/prepare-start"
rm -rf "$work"
printf '%s\n' "$OUT/amber-lens"
ls "$OUT"/*.deb 2>/dev/null || true
