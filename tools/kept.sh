# Starts and stops what is kept running by tools/keep.sh. Source it, then: kept_in FOLDER; kept_start NAME COMMAND...; kept_watch;
# kept_stop_all NAME...
# shellcheck shell=bash

declare -A kept_commands=() kept_names=()

kept_in() {
    kept_folder=$1
    mkdir -p "$kept_folder"
    : >"$kept_folder/kept.log"
}

kept_start() {
    local name=$1
    shift
    : >"$kept_folder/$name.log"
    kept_commands[$name]=$(printf '%q ' "$@")
    kept_begin "$name"
}

kept_begin() {
    eval "set -- $1 ${kept_commands[$1]}"
    bound tools/keep.sh "$kept_folder" "$@" </dev/null >/dev/null 2>&1 7>&- 8>&- 9>&- &
    kept_names[$!]=$1
}

# bound COMMAND... &: in a session of its own, as a Ctrl-C is ours to pass on in the right order; if we are killed, it ends too, even if
# that was before it had quite begun.
bound() {
    exec setsid setpriv --pdeathsig TERM bash -c '[ "$PPID" = "$0" ] && exec "$@"' $$ "$@"
}

# Until we are told to stop: whoever keeps is kept. Of children that end at once the shell may tell of one only, so each is looked for.
kept_watch() {
    local keeper name
    while :; do
        sleep 1 &
        wait $! || true
        for keeper in "${!kept_names[@]}"; do
            kill -0 "$keeper" 2>/dev/null && continue
            name=${kept_names[$keeper]}
            echo "$(date +%T) The keeper of $name ended, and is started again." >>"$kept_folder/kept.log"
            unset "kept_names[$keeper]"
            kept_begin "$name"
        done
    done
}

# The last started first; also what an earlier start has left that was killed itself.
kept_stop_all() {
    local name keeper
    for name in "$@"; do
        # One that was only just started has not said its number yet.
        for keeper in "${!kept_names[@]}"; do
            [ "${kept_names[$keeper]}" = "$name" ] || continue
            kill -TERM "$keeper" 2>/dev/null || true
            wait "$keeper" 2>/dev/null || true
        done
        stop_leftover "$kept_folder/$name.pid" "tools/keep.sh $kept_folder $name "
        end_leftover_group "$kept_folder/$name.group"
    done
}

# stop_leftover PIDFILE WORDS: ends the process of that number if it is ours and its command line holds the words, and waits until it is
# gone.
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

# A number may be another process's by now, or have come along in a copy of this folder; and one that ended but was not asked after has
# no command line any more.
is_running() {
    [ -r "/proc/$1/cmdline" ] && tr '\0' ' ' <"/proc/$1/cmdline" 2>/dev/null | grep -qF -- "$2" && is_ours "$1"
}

# Whether it runs in this folder.
is_ours() {
    local at
    at=$(readlink "/proc/$1/cwd" 2>/dev/null) || return 1
    [ "$at" = "$PWD" ] || [ "${at#"$PWD"/}" != "$at" ]
}

# end_group NUMBER: ends all that was started together, in twenty seconds at most.
end_group() {
    # One that was only just started may not have its group yet.
    kill -TERM -- "-$1" 2>/dev/null || kill -TERM "$1" 2>/dev/null || return 0
    for _ in $(seq 1 200); do
        # Those that ended and were not asked after run no more.
        pgrep --pgroup "$1" --runstates D,R,S,T,t >/dev/null || return 0
        sleep 0.1
    done
    kill -KILL -- "-$1" 2>/dev/null || true
}

# end_leftover_group FILE: where anything of the group is ours.
end_leftover_group() {
    local group pid
    group=$(cat "$1" 2>/dev/null) || return 0
    for pid in $(pgrep --pgroup "$group"); do
        is_ours "$pid" || continue
        end_group "$group"
        return 0
    done
}
