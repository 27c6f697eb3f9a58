#!/bin/sh
# Fetches the native code of every system that the program is built for, so that a version which lacks one of them is
# found out by the build and not by whoever sits at that system. The libraries and their versions are those of the build
# that was made here; the names of systems are those of the profiles platform-* in pom.xml.
#   JDK      the JDK that Maven runs on
#   OUT      where the list is written
set -eu

here=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
mkdir -p "$OUT"

profiles() { # "natives javafx-natives" of every system
    sed -n '/<id>platform-/,/<\/profile>/s:.*<natives>\(.*\)</natives><javafx.natives>\(.*\)</javafx.natives>.*:\1 \2:p' "$here/pom.xml"
}

libraries() { # "group artifact version" of every library with native code
    tr ':' '\n' <"$here/desktop/target/classpath" | grep -- '-linux-x86_64\.jar$\|-linux-arm64\.jar$\|-macosx-[a-z0-9_]*\.jar$\|-windows-x86_64\.jar$' |
        sed 's:.*/org/bytedeco/\([^/]*\)/\([^/]*\)/.*:org.bytedeco \1 \2:'
}

windows() { # the same of the window's
    for jar in "$here"/desktop/target/javafx/javafx-*.jar; do
        basename "$jar" .jar | sed -n 's:^\(javafx-[a-z]*\)-\([0-9.]*\)$:org.openjfx \1 \2:p'
    done
}

dependency() { # group artifact version classifier
    printf '    <dependency><groupId>%s</groupId><artifactId>%s</artifactId><version>%s</version><classifier>%s</classifier><exclusions><exclusion><groupId>*</groupId><artifactId>*</artifactId></exclusion></exclusions></dependency>\n' "$@"
}

pom="$OUT/pom.xml"
{
    printf '<project xmlns="http://maven.apache.org/POM/4.0.0">\n  <modelVersion>4.0.0</modelVersion>\n'
    printf '  <groupId>amberlens</groupId><artifactId>natives</artifactId><version>1</version><packaging>pom</packaging>\n  <dependencies>\n'
    profiles | while read -r natives javafx; do
        libraries | while read -r group artifact version; do dependency "$group" "$artifact" "$version" "$natives"; done
        windows | while read -r group artifact version; do dependency "$group" "$artifact" "$version" "$javafx"; done
    done
    printf '  </dependencies>\n</project>\n'
} >"$pom"

wanted=$(grep -c '<dependency>' "$pom")
systems=$(profiles | wc -l)
[ "$systems" -ge 5 ] && [ "$wanted" -ge $((systems * 5)) ] || {
    echo "natives: $wanted libraries for $systems systems were found; something is amiss with what lists them." >&2
    exit 1
}
(cd "$OUT" && JAVA_HOME="$JDK" mvn -B -q -Dstyle.color=never -f "$pom" dependency:resolve -DoutputFile="$OUT/list.txt" >&2)
echo "natives: $wanted libraries for $systems systems are there."
