#!/usr/bin/env bash
# Runs a command, and starts it again when it ends, until it is told to stop itself.
#   tools/keep.sh FOLDER NAME COMMAND...    FOLDER/NAME.pid holds its own number, FOLDER/NAME.group that of all it started,
#                                           FOLDER/kept.log what it has to say
# The command runs in a group of its own, and all of the group ends with it: a server whose master was killed leaves nobody behind who
# holds its port. The more often the command ends at once, the longer it waits: 1, 2, 4 and so on to 30 seconds.
set -uo pipefail
folder=$1 name=$2
shift 2
. "${BASH_SOURCE[0]%/*}/kept.sh"
child=

stop() {
    trap - TERM INT HUP
    [ -z "$child" ] || end_group "$child"
    wait
    rm -f "$folder/$name.pid" "$folder/$name.group"
    exit 0
}
trap stop TERM INT HUP

mkdir -p "$folder"
echo $$ >"$folder/$name.pid"
# Whoever kept it before may have been killed, and what it kept goes on.
end_leftover_group "$folder/$name.group"
pause=1
while :; do
    began=$SECONDS
    bound "$@" >>"$folder/$name.log" 2>&1 &
    child=$!
    echo "$child" >"$folder/$name.group"
    wait "$child"
    status=$?
    end_group "$child"
    child=
    # What ran for a minute was well: its next end is a new trouble.
    [ $((SECONDS - began)) -lt 60 ] || pause=1
    echo "$(date +%T) $name ended with $status and is started again in $pause s. See $folder/$name.log" >>"$folder/kept.log"
    sleep "$pause" &
    child=$!
    wait "$child"
    child=
    pause=$((pause < 16 ? 2 * pause : 30))
done
