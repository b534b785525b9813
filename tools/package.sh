#!/usr/bin/env bash
# Makes of the built program an image with a Java of its own, an archive of it, and on Debian a package.
#   tools/package.sh APP CLASSES OUT [deb]    APP: the folder of all jars; CLASSES: the list that class-list.sh made;
#                                             OUT: is made anew, nothing outside of it changes
# ./promedio package builds first and calls this. It needs a JDK with jlink and jpackage.
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
app=$1 classes=$2 out=$3 kind=${4:-}
version=$(sed -n 's|.*<version>\(.*\)</version>.*|\1|p' "$here/pom.xml" | head -1)
icons=$here/desktop/src/main/resources/promedio/desktop/icons

# What java -cp needs of Java; jdk.unsupported for JavaFX, jdk.charsets for files of any encoding,
# jdk.localedata is left out: numbers and texts never follow the machine.
modules=java.base,java.desktop,java.logging,java.naming,java.xml,jdk.charsets,jdk.unsupported

say() { printf 'promedio: %s\n' "$*" >&2; }

rm -rf "$out"
mkdir -p "$out/input"
# Nothing of tests or of drawing without a display is needed where there is a screen; JavaFX comes for
# this system, its empty twins are left behind.
for jar in "$app"/*.jar; do
  case ${jar##*/} in
    openjfx-monocle-* | junit-* | testfx-* | mockito-* | assertj-*) ;;
    javafx-*-linux.jar | javafx-*-linux-aarch64.jar | javafx-*-win.jar | javafx-*-mac.jar | javafx-*-mac-aarch64.jar) cp "$jar" "$out/input/" ;;
    javafx-*) ;;
    *) cp "$jar" "$out/input/" ;;
  esac
done

say "collecting the licences of what ships"
licences=$out/input/licences
mkdir -p "$licences"
cp "$here/LICENSE" "$licences/promedio.txt"
cp "$here/graph/src/main/resources/promedio/graph/fonts/OFL.txt" "$licences/fonts-OFL.txt"
for jar in "$out"/input/*.jar; do
  name=${jar##*/}
  case $name in promedio-*) continue ;; esac
  { unzip -Z1 "$jar" 2>/dev/null || true; } | { grep -iE '^(META-INF/)?(LICEN[CS]E|NOTICE|COPYING)[^/]*$' || true; } | while read -r text; do
    base=${text##*/}
    unzip -p "$jar" "$text" >"$licences/${name%.jar}-${base%.*}.txt"
  done
done
cp "$here/desktop/target/licences/THIRD-PARTY.txt" "$licences/"

say "linking a Java of its own"
jlink --add-modules "$modules" --strip-debug --no-header-files --no-man-pages --compress=2 --output "$out/runtime"
# Only the classes of Java itself are archived here. Those of the program follow where it is unpacked, since
# an archive of them is valid for one folder only.
"$out/runtime/bin/java" -Xshare:dump -XX:SharedArchiveFile="$out/input/classes.jsa" >/dev/null
cp "$classes" "$out/input/classes.list"
cp "$here/tools/java-options.sh" "$out/input/"
cp -r "$out/runtime/legal" "$licences/java"
find "$out/runtime/bin" -type f ! -name java -delete
rm -rf "$out/runtime/legal" "$out/runtime/lib/server/classes.jsa"

about=(--name promedio --app-version "$version" --vendor Promedio --description "Statistics worked by hand, and checked")
say "making the image"
jpackage --type app-image "${about[@]}" --icon "$icons/promedio-512.png" --input "$out/input" --runtime-image "$out/runtime" \
  --main-jar "promedio-desktop-$version.jar" --main-class promedio.desktop.Main --dest "$out"
# The launcher that jpackage makes asks the system at each start which package it is of, which takes longer than
# many a command. Our own jars stand first in the class path, since texts are looked for in one after the other.
jars=
for jar in "$out"/promedio/lib/app/promedio-*.jar "$out"/promedio/lib/app/*.jar; do
  case :$jars: in *:\$app/"${jar##*/}":*) ;; *) jars=${jars:+$jars:}\$app/${jar##*/} ;; esac
done
sed "s|@JARS@|$jars|" "$here/tools/launcher.sh" >"$out/promedio/bin/promedio"
rm -rf "$out/input" "$out/runtime"

say "packing promedio-$version-linux.tar.gz"
tar -C "$out" --sort=name --mtime=@1767225600 --owner=0 --group=0 --numeric-owner -cf - promedio | gzip -n >"$out/promedio-$version-linux.tar.gz"

if [ "$kind" = deb ]; then
  say "making the Debian package"
  files=$(mktemp)
  printf 'extension=promedio\nmime-type=application/x-promedio\ndescription=Assignment of Promedio\nicon=%s\n' "$icons/promedio-128.png" >"$files"
  jpackage --type deb "${about[@]}" --app-image "$out/promedio" --file-associations "$files" --resource-dir "$here/tools/debian" --linux-shortcut --linux-menu-group "Education;Math;Science;" \
    --linux-app-category education --linux-deb-maintainer promedio@promedio.invalid --license-file "$here/LICENSE" \
    --linux-package-deps "libgtk-3-0, libxxf86vm1, libgl1, libpangoft2-1.0-0, libfontconfig1" --dest "$out"
  rm -f "$files"
fi
say "$(du -sm "$out/promedio" | cut -f1) MB unpacked: $(ls -d "$out"/* | tr '\n' ' ')"
