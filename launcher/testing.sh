# Part of ./amber: the suite, and what it needs of the machine.

has_library() { ldconfig -p 2>/dev/null | grep -q "$1"; }

install() { # what-for packages...
    what=$1
    shift
    [ $# -gt 0 ] || return 0
    if command -v apt-get >/dev/null 2>&1 && [ "$(id -u)" = 0 ]; then
        say "Installing for $what: $*"
        apt-get -o DPkg::Lock::Timeout=300 update -qq >/dev/null
        DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=300 install -y -qq --no-install-recommends "$@" >/dev/null 2>&1 ||
            { say "amber: installing $* failed."; exit 1; }
    else
        say "amber: $what needs these packages; please install: $*"
        exit 1
    fi
}

# Letters are drawn by libraries of the system, offscreen too; without them there are no titles and no pictures of views.
install_fonts() {
    set --
    command -v fc-list >/dev/null 2>&1 || set -- "$@" fontconfig
    has_library 'libfreetype\.so\.6' || set -- "$@" libfreetype6
    has_library 'libpangoft2-1\.0\.so\.0' || set -- "$@" libpangoft2-1.0-0
    [ $# = 0 ] || if command -v apt-get >/dev/null 2>&1 && [ "$(id -u)" = 0 ]; then
        install "letters in pictures" "$@"
    else
        say "amber: letters in pictures need these packages; please install: $*"
    fi
}

install_window_system() {
    set --
    command -v Xvfb >/dev/null 2>&1 || set -- "$@" xvfb
    has_library 'libgtk-3\.so\.0' || set -- "$@" libgtk-3-0
    has_library 'libGL\.so\.1' || set -- "$@" libgl1
    has_library 'libXtst\.so\.6' || set -- "$@" libxtst6
    has_library 'libXxf86vm\.so\.1' || set -- "$@" libxxf86vm1
    install "the interaction tests" "$@"
}

install_parallel() { # films are rendered in pieces by several processes
    command -v parallel >/dev/null 2>&1 || install "the tests of many processes" parallel
}

install_browser() { # moves that are handed on are looked at in it
    set --
    command -v chromium >/dev/null 2>&1 || command -v google-chrome >/dev/null 2>&1 || set -- "$@" chromium
    install "the tests of web pages" "$@"
}

install_sound_libraries() { # the ffmpeg program that is measured against is linked to them
    set --
    has_library 'libpulse\.so\.0' || set -- "$@" libpulse0
    has_library 'libasound\.so\.2' || set -- "$@" libasound2
    install "the comparisons with the ffmpeg program" "$@"
}

install_photographs() { # what is found in them is compared with what a person sees
    [ -d /usr/share/backgrounds/mate ] || install "the tests of photographs" mate-backgrounds
}

run_tests() {
    tags=-Dleft.out=long
    case "${1:-}" in
    -h | --help)
        echo "Usage: amber test [--long | --only-long] [MAVEN-OPTION...]
Compiles everything strictly and runs the test suite (mvn verify), the interaction tests in real windows under Xvfb. On Debian as root
it installs Xvfb, GTK 3, Chromium, GNU parallel and the libraries that FFmpeg's program is linked to when they are missing, and with
--long Debian's mate-backgrounds; elsewhere it names them and stops.
  --long       adds what takes long by nature: hours of sound, many seeds, outside programs more than once
  --only-long  only that"
        return ;;
    --long) shift; tags=-Dleft.out=none ;;
    --only-long) shift; tags="-Dleft.out=none -Donly=long" ;;
    esac
    if [ "$(uname -s)" = Linux ]; then
        install_window_system
        install_browser
        install_parallel
        install_sound_libraries
        [ "$tags" = -Dleft.out=long ] || install_photographs
    fi
    # Four, since two modules at once may have two JVMs each.
    # shellcheck disable=SC2086 # one or two
    with_displays 4 maven -T 2 -Damber.window=true $tags "$@" verify
}

# Runs a command with virtual X servers of its own: DISPLAY is the first one's, AMBER_DISPLAYS what all their names begin with; they end in
# 1, 2 and so on.
with_displays() { # how-many command...
    count=$1
    shift
    number=9
    while taken "$number"; do number=$((number + 1)); done
    servers=
    trap 'kill $servers 2>/dev/null || true' EXIT INT TERM
    for one in $(seq "$count"); do
        # A key that is down while the machine stands still must not repeat.
        Xvfb ":$number$one" -screen 0 1600x1000x24 -nolisten tcp -r >/dev/null 2>&1 &
        servers="$servers $!"
    done
    for one in $(seq "$count"); do
        tries=0
        until [ -e "/tmp/.X11-unix/X$number$one" ]; do
            tries=$((tries + 1))
            [ "$tries" -le 100 ] || { say "amber: the virtual X server did not start."; exit 1; }
            sleep 0.1
        done
    done
    status=0
    DISPLAY=":${number}1" AMBER_DISPLAYS=":$number" "$@" || status=$?
    # shellcheck disable=SC2086 # one or more
    kill $servers 2>/dev/null || true
    # shellcheck disable=SC2086
    wait $servers 2>/dev/null || true
    return "$status"
}

taken() { # whether an X server has one of the names that begin so; one in another root is known by its socket alone
    for one in $(seq "$count"); do
        ! grep -qs "/tmp/\.X11-unix/X$1$one\$" /proc/net/unix || return 0
        [ ! -e "/tmp/.X11-unix/X$1$one" ] && [ ! -e "/tmp/.X$1$one-lock" ] || return 0
    done
    return 1
}
