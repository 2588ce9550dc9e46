#!/usr/bin/env bash
# Runs a command, and starts it again when it ends, until it is told to stop itself.
#   tools/keep.sh FOLDER NAME COMMAND...    FOLDER/NAME.pid holds its own number, FOLDER/kept.log what it has to say
# The more often the command ends at once, the longer it waits: 1, 2, 4 and so on to 30 seconds.
set -uo pipefail
folder=$1 name=$2
shift 2
child=

stop() {
    trap - TERM INT HUP
    [ -z "$child" ] || kill -TERM "$child" 2>/dev/null
    wait
    rm -f "$folder/$name.pid"
    exit 0
}
trap stop TERM INT HUP

mkdir -p "$folder"
echo $$ >"$folder/$name.pid"
pause=1
while :; do
    began=$SECONDS
    "$@" >>"$folder/$name.log" 2>&1 &
    child=$!
    wait "$child"
    status=$?
    # What ran for a minute was well: its next end is a new trouble.
    [ $((SECONDS - began)) -lt 60 ] || pause=1
    echo "$(date +%T) $name ended with $status and is started again in $pause s. See $folder/$name.log" >>"$folder/kept.log"
    sleep "$pause" &
    child=$!
    wait "$child"
    pause=$((pause < 16 ? 2 * pause : 30))
done
