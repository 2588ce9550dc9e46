# Starts and stops the web server on loopback. Source it, then: server_start PORT FOLDER; server_stop.
# shellcheck shell=bash

server_start() {
    local port=$1 folder=$2
    port_wait "$port" "${server_port_variable:-INCH_PORT}=8400 $0" || return 1
    mkdir -p "$folder"
    # A session of its own, so that all of it ends together.
    setsid tools/serve.sh "$port" "$folder" >>"$folder/server.log" 2>&1 8>&- &
    server_pid=$!
    server_wait "$port" "$folder/server.log"
}

server_wait() {
    for _ in $(seq 1 200); do
        server_answers "$1" && return 0
        sleep 0.1
    done
    echo "The server does not answer; see $2" >&2
    return 1
}

server_answers() {
    php -r 'exit((int) ! str_contains((string) @file_get_contents($argv[1]), "Inch Timer"));' "http://127.0.0.1:$1/" 2>/dev/null
}

server_stop() {
    [ -n "${server_pid:-}" ] || return 0
    kill -TERM -- "-$server_pid" 2>/dev/null || true
    wait "$server_pid" 2>/dev/null || true
    server_pid=
}

# workers_start: those of the queue, as many as bin/start keeps running; workers_stop ends them.
workers_start() {
    local queue
    for queue in desk searches searches searches; do
        tools/work.sh "$queue" 8>&- &
        worker_pids="${worker_pids:-} $!"
    done
}

workers_stop() {
    [ -z "${worker_pids:-}" ] || kill $worker_pids 2>/dev/null || true
}
