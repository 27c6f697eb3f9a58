#!/bin/sh
# Keeps the classes that a start needs as the virtual machine holds them, beside the program: the window and the commands then
# start in about three quarters of the time. What is kept depends on this machine's processor and memory, so it is made where the
# program is installed. Without it everything works, too.
set -eu
image=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
app="$image/lib/app"
rm -f "$app/window.jsa" "$app/commands.jsa" "$app/commands.aot"
scratch=$(mktemp -d)
trap 'rm -rf "$scratch"' EXIT
"$image/bin/amber-commands" frame "$app/demo/fernhollow.amber" --at 10 -o "$scratch/frame.png" --size 320x180 >/dev/null
"$image/bin/amber-shoot" --view bench -o "$scratch/bench.png" "$app/demo/fernhollow.amber" >/dev/null 2>&1
"$image/lib/runtime/bin/java" -XX:AOTCacheOutput="$app/commands.aot" "-Xlog:aot*=off" "-Xlog:cds*=off" -XX:+UseSerialGC \
    --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow -Djava.awt.headless=true \
    -cp "$(printf '%s:' "$app"/*.jar)" amberlens.cli.StartTraining "$app/demo/fernhollow.amber" s1 "$app/demo/pictures/garden-plan.jpg" \
    >/dev/null 2>&1 || true
