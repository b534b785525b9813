#!/bin/sh
# Starts Promedio with the Java that is unpacked beside it. tools/package.sh puts in the jars.
case $0 in
*/*) here=$0 ;;
*) here=$(command -v "$0") ;;
esac
root=$(PATH="$PATH:/usr/bin:/bin" readlink -f "$here")
root=${root%/bin/*}
app=$root/lib/app
# Names of files come as bytes; where the machine names no encoding, they are those of UTF-8.
case ${LC_ALL:-${LC_CTYPE:-${LANG:-}}} in
*[Uu][Tt][Ff]8* | *[Uu][Tt][Ff]-8*) ;;
*)
  LANG=${LC_ALL:-${LANG:-}} LC_CTYPE=C.UTF-8
  export LANG LC_CTYPE
  unset LC_ALL
  ;;
esac
. "$app/java-options.sh"
exec "$root/lib/runtime/bin/java" $java_options -XX:SharedArchiveFile="$app/classes.jsa" \
  -Dpromedio.app="$app" -Dpromedio.launcher="$root/bin/promedio" -cp "@JARS@" promedio.desktop.Main "$@"
