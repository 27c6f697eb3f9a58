#!/bin/sh
# Packs the jars of a folder anew: of native code only what the program loads, and nothing compressed, since the package as a whole is,
# and better. Which parts of a library are loaded is written down here and tried by check.sh: what is missing fails there.
#   $1   the folder with the jars
#   JDK  the JDK whose jar program is used
set -eu
cd "$1"
scratch=$(mktemp -d)
trap 'rm -rf "$scratch"' EXIT

kept() { # name of a native jar: what of its libraries stays, as a pattern of file names; the names differ from system to system
    case $1 in
    # Its Java interface is linked to nearly all of its modules; what goes are those of C++ callers, of Python, and trained cascades.
    opencv-*) echo '^(lib)?(opencv_(java|[a-z0-9_]+)[0-9.]*|jniopencv_java)\.(so|dll|dylib)' ;;
    openblas-*) echo '^(lib)?(openblas|jniopenblas_nolapack|gfortran|quadmath|gcc_s|winpthread)[-_.0-9a-z]*\.(so|dll|dylib)' ;;
    ffmpeg-*) echo '^(lib)?(jni)?(av(codec|format|util|filter)|sw(scale|resample)|va|va-drm|drm)[-.0-9]*\.(so|dll|dylib)' ;;
    *) echo '.' ;;
    esac
}

for jar in *.jar javafx/*.jar; do
    rm -rf "$scratch/jar"
    mkdir "$scratch/jar"
    (cd "$scratch/jar" && "$JDK/bin/jar" xf "$OLDPWD/$jar")
    case $jar in
    *-linux-x86_64.jar | *-linux-arm64.jar | *-macosx-*.jar | *-windows-*.jar)
        pattern=$(kept "$jar")
        find "$scratch/jar/org" -type f -path '*/org/bytedeco/*/*-*/*' | while IFS= read -r file; do
            printf '%s\n' "${file##*/}" | grep -qE "$pattern" || rm "$file"
        done ;;
    esac
    # Signatures and indexes are of the jar as it was.
    (cd "$scratch/jar" && if [ -f META-INF/MANIFEST.MF ]; then
        "$JDK/bin/jar" --create --no-compress --date 2026-01-01T00:00:00Z --file "$scratch/new.jar" --manifest META-INF/MANIFEST.MF $(ls -A | grep -v '^META-INF$') \
            $(find META-INF -mindepth 1 ! -name MANIFEST.MF -type f | grep -vE '\.(SF|RSA|DSA)$' | tr '\n' ' ')
    else
        "$JDK/bin/jar" --create --no-compress --no-manifest --date 2026-01-01T00:00:00Z --file "$scratch/new.jar" .
    fi)
    mv "$scratch/new.jar" "$jar"
done
