#!/usr/bin/env bash
# Lists the classes that a start of the window and each of the short commands load, for the class archive.
#   tools/class-list.sh CLASSPATH OUT    CLASSPATH: all jars; OUT: the list that is made
set -euo pipefail
class_path=$1 out=$2
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
data=$work/data
runs=0

# Runs the program once and lists what it loads; its output is shown only when it fails.
note() {
  runs=$((runs + 1))
  java -XX:DumpLoadedClassList="$work/$runs.list" -Dpromedio.home="$work/home" -Dpromedio.log="$work/log" \
    -cp "$class_path" promedio.desktop.Main "$@" >"$work/out" 2>&1 || { cat "$work/out" >&2; return 1; }
}

note demo --offscreen --without-pictures --into "$work/demo"
note samples "$data"
note contents "$data"/*.csv
note measures --values "8 10 11 11"
note measures --values "8 10 11 11" --format json
note working --measure sd --values "8 10 11 11"
note group --values "8 10 11 11"
note draw --graph histogram --values "8 10 11 11" --into "$work/graph.svg"
printf 'The weights in g of five pears are 8, 10, 11, 11, 15. Find the mean and the standard deviation.\n' >"$work/question.txt"
note question "$work/question.txt"
printf '{"id":"a","values":["8","10","11"],"measure":"variance","answer":"2.33","rules":{"divisor":"n-1","places":2}}\n' >"$work/answers.jsonl"
note mark "$work/answers.jsonl"

# The virtual machine archives no old class file, as those of picocli are, that a lambda had it link, and fails
# where a lambda is of an interface in one.
grep -vhE '@lambda-proxy (promedio/desktop/cli/PromedioCommand |.*picocli)' "$work"/*.list | awk '!seen[$0]++' >"$out"
