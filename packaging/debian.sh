#!/bin/sh
# A Debian package of an application image: menu entry, file type, icon, manual, completion, and amber on the path.
#   $1  the image   $2  where the package goes   $3  the version
set -eu
image=$1
out=$2
version=$3
here=$(CDPATH= cd -- "$(dirname -- "$0")" && pwd)
arch=$(dpkg --print-architecture)
root="$out/deb"
rm -rf "$root"
mkdir -p "$root/DEBIAN" "$root/opt" "$root/usr/bin" "$root/usr/share/applications" "$root/usr/share/mime/packages" \
    "$root/usr/share/icons/hicolor/512x512/apps" "$root/usr/share/icons/hicolor/512x512/mimetypes" \
    "$root/usr/share/man/man1" "$root/usr/share/bash-completion/completions" "$root/usr/share/doc/amber-lens"
cp -r "$image" "$root/opt/amber-lens"
rm -f "$root"/opt/amber-lens/lib/app/*.jsa "$root"/opt/amber-lens/lib/app/*.aot
ln -s /opt/amber-lens/bin/amber "$root/usr/bin/amber"
cp "$here/amber-lens.desktop" "$root/usr/share/applications/"
cp "$here/amber-lens.xml" "$root/usr/share/mime/packages/"
cp "$here/amber-lens.png" "$root/usr/share/icons/hicolor/512x512/apps/amber-lens.png"
cp "$here/amber-lens.png" "$root/usr/share/icons/hicolor/512x512/mimetypes/application-x-amber-lens.png"
"$image/bin/amber" man | gzip -9n >"$root/usr/share/man/man1/amber.1.gz"
"$image/bin/amber" completion | grep -v '^# *Date\|^# Version' >"$root/usr/share/bash-completion/completions/amber"
cp "$image/lib/app/LICENCES.txt" "$root/usr/share/doc/amber-lens/copyright"
size=$(du -sk "$root" | cut -f1)
cat >"$root/DEBIAN/control" <<END
Package: amber-lens
Version: $version
Section: video
Priority: optional
Architecture: $arch
Installed-Size: $size
Maintainer: Amber Lens <amber-lens@localhost>
Depends: libc6, libgtk-3-0 | libgtk-3-0t64, libgl1, libxtst6, libxxf86vm1, libasound2 | libasound2t64, libfreetype6, fontconfig
Description: camera moves on still pictures, proved to cover every frame
 Push-ins, pull-outs, slides, tilts and rolls on still pictures and locked-off footage, by keys and framings. Every frame
 is checked for its edges, and sealed where one would show.
END
cp "$here/postinst" "$here/prerm" "$root/DEBIAN/"
chmod 755 "$root/DEBIAN/postinst" "$root/DEBIAN/prerm"
find "$root" -type d -exec chmod 755 {} +
find "$root" -exec touch -h -d "@$SOURCE_DATE_EPOCH" {} +
dpkg-deb --root-owner-group -Zxz --build "$root" "$out/amber-lens_${version}_$arch.deb" >&2
rm -rf "$root"
