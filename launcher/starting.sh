# Part of ./amber: starting the built program.

# Vectors make rendering faster; where this JDK does not have them, rendering goes on without.
vectors() {
    if grep -q 'jdk\.incubator\.vector' "$jdk/release" 2>/dev/null; then
        printf '%s' '--add-modules=jdk.incubator.vector'
    fi
}

# The JDK says a line about the vectors on standard error before anything else; it is not for users.
without_first_warning() {
    pipe=$(mktemp -u "${TMPDIR:-/tmp}/amber.XXXXXX") && mkfifo -m 600 "$pipe" 2>/dev/null || return 0
    {
        rm -f "$pipe"
        if IFS= read -r line; then
            case $line in
            'WARNING: Using incubator modules'*) ;;
            *) printf '%s\n' "$line" ;;
            esac
        fi
        cat
    } <"$pipe" >&2 &
    exec 2>"$pipe"
}

# What every start has: native code is loaded on purpose, so it is not warned about.
plain_jvm() {
    exec "$jdk/bin/java" --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow "$@"
}

# For what renders: vectors, and options that keep the heap near to what is in use (pixels are a few very large arrays, and the program
# says when it has given some up).
jvm() {
    more=$(vectors)
    [ -z "$more" ] || without_first_warning
    # shellcheck disable=SC2086 # none or one
    plain_jvm $more -XX:MaxRAMPercentage=50 -XX:+ExplicitGCInvokesConcurrent -XX:GCTimeRatio=4 \
        -XX:MinHeapFreeRatio=5 -XX:MaxHeapFreeRatio=10 -XX:-G1UseAdaptiveIHOP -XX:InitiatingHeapOccupancyPercent=20 "$@"
}

command_classes() { printf '%s' "$here/cli/target/cli-0.1.0.jar:$(cat "$here/cli/target/classpath")"; }

# For commands that do not render: one collector thread, and a cache of what a start needs, made once after a build. The virtual machine
# leaves a cache aside that does not fit the jars.
quick_options="-XX:+UseSerialGC -Djava.awt.headless=true"

prepare_start() { # in the background, beside the first of these commands
    [ ! -d "$here/target/start" ] || return 0
    mkdir "$here/target/start" 2>/dev/null || return 0
    # shellcheck disable=SC2086 # several
    (
        trap '' HUP
        nice "$jdk/bin/java" --enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow $quick_options \
            -XX:AOTCacheOutput="$here/target/start/making.aot" -cp "$(command_classes)" \
            amberlens.cli.StartTraining "$demo_file" s1 "$here/demo/fernhollow/pictures/garden-plan.jpg" &&
            mv "$here/target/start/making.aot" "$here/target/start/commands.aot"
    ) </dev/null >"$here/target/start/log" 2>&1 &
}

quick_command() { # [jvm-option] -- command...
    build
    prepare_start
    compiler=
    [ "$1" = -- ] || { compiler=$1; shift; }
    shift
    # shellcheck disable=SC2086 # several
    plain_jvm $compiler -XX:AOTCache="$here/target/start/commands.aot" "-Xlog:aot*=off" "-Xlog:cds*=off" $quick_options \
        -cp "$(command_classes)" amberlens.cli.Main "$@"
}

cli() {
    build
    jvm -Djava.awt.headless=true -cp "$(command_classes)" amberlens.cli.Main "$@"
}

desktop() { # [-offscreen] main-class arguments
    build
    if [ "$1" = -offscreen ]; then
        shift
        set -- -Dglass.platform=Headless -Dprism.order=sw "$@"
    fi
    jvm -XX:+AutoCreateSharedArchive -XX:SharedArchiveFile="$here/target/window.jsa" "-Xlog:cds*=off" "-Xlog:aot*=off" \
        -Djava.awt.headless=true -Dprism.forceUploadingPainter=false "-Damber.demo=$demo_file" \
        --module-path "$here/desktop/target/javafx" --add-modules javafx.controls \
        --enable-native-access=javafx.graphics \
        -cp "$here/desktop/target/desktop-0.1.0.jar:$(cat "$here/desktop/target/classpath")" "$@"
}
