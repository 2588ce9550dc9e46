# Starts and stops what is kept running by tools/keep.sh. Source it, then: kept_in FOLDER; kept_start NAME COMMAND...; kept_stop_all.
# shellcheck shell=bash

kept_in() {
    kept_folder=$1
    mkdir -p "$kept_folder"
    : >"$kept_folder/kept.log"
}

# Each in a session of its own: a Ctrl-C is ours to pass on, in the right order.
kept_start() {
    local name=$1
    shift
    : >"$kept_folder/$name.log"
    setsid tools/keep.sh "$kept_folder" "$name" "$@" </dev/null >/dev/null 2>&1 7>&- 8>&- 9>&- &
    disown
}

# The last started first; also what an earlier start has left that was killed itself.
kept_stop_all() {
    local name
    for name in "$@"; do
        stop_leftover "$kept_folder/$name.pid" tools/keep.sh
    done
}

# stop_leftover PIDFILE WORD: ends the process of that number, if its command line holds the word, and waits until it is gone.
stop_leftover() {
    local pid
    pid=$(cat "$1" 2>/dev/null) || return 0
    is_running "$pid" "$2" || return 0
    kill -TERM "$pid" 2>/dev/null || return 0
    for _ in $(seq 1 200); do
        is_running "$pid" "$2" || return 0
        sleep 0.1
    done
    kill -KILL "$pid" 2>/dev/null || true
}

# A number may be another process's by now, and one that ended but was not asked after has no command line any more.
is_running() {
    [ -r "/proc/$1/cmdline" ] && tr '\0' ' ' <"/proc/$1/cmdline" 2>/dev/null | grep -qF -- "$2"
}
