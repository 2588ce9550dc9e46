# Starts and stops the web server on loopback. Source it, then: server_start PORT FOLDER; server_stop.
# shellcheck shell=bash

# server_start PORT FOLDER: the folder keeps the server's log and its cached configuration, which holds secrets.
server_start() {
    local port=$1 folder=$2 preload_user=()
    port_is_free "$port" || {
        echo "Port $port is taken. Is Inch Timer running already? Set another one: ${server_port_variable:-INCH_PORT}=8400 $0" >&2
        return 1
    }
    mkdir -p "$folder"
    chmod 700 "$folder"
    export APP_CONFIG_CACHE=$folder/config.php APP_ROUTES_CACHE=$folder/routes.php APP_EVENTS_CACHE=$folder/events.php
    php artisan optimize --quiet --except=views || return 1
    [ "$(id -u)" != 0 ] || preload_user=(-d opcache.preload_user=root)
    # A session of its own, so that the workers end with their parent.
    PHP_CLI_SERVER_WORKERS=4 setsid php -d variables_order=EGPCS -d opcache.enable_cli=1 "${preload_user[@]}" \
        -d opcache.preload="$PWD/tools/preload.php" -d upload_max_filesize=8M -d post_max_size=8M \
        -q -S "127.0.0.1:$port" -t public tools/router.php >>"$folder/server.log" 2>&1 &
    server_pid=$!
    for _ in $(seq 1 100); do
        ! port_is_free "$port" && return 0
        sleep 0.1
    done
    echo "The server does not answer; see $folder/server.log" >&2
    return 1
}

server_stop() {
    [ -n "${server_pid:-}" ] || return 0
    kill -TERM -- "-$server_pid" 2>/dev/null
    wait "$server_pid" 2>/dev/null
    server_pid=
}
