# Part of ./amber: building what is started, and saying how far it is. Production code only, in one JVM, modules side by side; what is strict
# belongs to ./amber test.

maven() {
    command -v mvn >/dev/null 2>&1 || { say "amber: Maven (mvn) was not found; install it first."; exit 1; }
    (cd "$here" && JAVA_HOME="$jdk" MAVEN_OPTS="$maven_jvm ${MAVEN_OPTS:-}" exec mvn -B -Dstyle.color=never "$@")
}

# Whether sources are newer than the last build of a module that has a main class.
stale() { # module
    [ -f "$here/target/built-$1" ] || return 0
    newer=$(cd "$here" && find pom.xml */pom.xml */src/main docs/guide -newer "target/built-$1" 2>/dev/null | head -n 1)
    [ -n "$newer" ]
}

build() { # modules with a main class, each with what it uses
    [ $# -gt 0 ] || set -- cli desktop
    wanted=
    for module in "$@"; do
        ! stale "$module" || wanted="$wanted,$module"
    done
    [ -n "$wanted" ] || return 0
    mkdir -p "$here/target"
    touch "$here/target/building" # what changes while it builds is newer than this
    with_progress "$here/target/build.log" maven -T 2 -Dquick -pl "${wanted#,}" -am package
    for module in "$@"; do
        touch -r "$here/target/building" "$here/target/built-$module"
    done
    rm -rf "$here/target/start" "$here/target/window.jsa" "$here/target/building" # start-up data of the build before
}

# Runs a build whose words go into a log, and says every two to four seconds how far it is, on one line where that can be.
with_progress() { # log command...
    log=$1
    shift
    say "Building Amber Lens (only when sources have changed) ..."
    : >"$log"
    "$@" >"$log" 2>&1 &
    building=$!
    trap 'kill "$building" 2>/dev/null; exit 130' INT TERM
    last= seconds=0
    while kill -0 "$building" 2>/dev/null; do
        now=$(progress "$log")
        if [ -t 2 ]; then
            printf '\r\033[K  %d s: %s' "$seconds" "$now" >&2
        elif [ "$now" != "$last" ] || [ $((seconds % 4)) = 0 ]; then
            say "  $seconds s: $now"
        fi
        last=$now
        sleep 2
        seconds=$((seconds + 2))
    done
    trap - INT TERM
    [ ! -t 2 ] || printf '\r\033[K' >&2
    wait "$building" || {
        grep -E '^\[(ERROR|FATAL)\]|BUILD FAILURE' "$log" | head -n 40 >&2
        say "amber: the build failed; all it said is in $log."
        exit 1
    }
}

progress() { # log: what it is doing, and what has been downloaded
    awk '
        /^Downloaded from / { files++; if (match($0, /\([0-9.]+ [kMG]?B/)) {
            split(substr($0, RSTART + 1, RLENGTH - 1), size, " ")
            megabytes += size[1] * (size[2] == "MB" ? 1 : size[2] == "kB" ? 0.001 : size[2] == "GB" ? 1000 : 0.000001) } }
        /^\[INFO\] Building Amber Lens .*\[[0-9]+\/[0-9]+\]/ { split($0, part, /[][\/]/); module = part[length(part) - 2] " of " part[length(part) - 1] }
        /^\[INFO\] Building Amber Lens / { name = $5 }
        END {
            text = name == "" ? "looking what is needed" : "module " module ", " name
            if (files) text = text sprintf("; downloaded %d files, %.0f MB", files, megabytes)
            print text
        }' "$1"
}
