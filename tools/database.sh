# A private MariaDB on loopback. Source it, then: database_start FOLDER PORT durable|fast; database_stop. Or, to run it in front:
# database_make FOLDER PORT; database_run durable|fast|alone (fast, and by its socket only).
# shellcheck shell=bash

# Where it lies, and an empty one where there is none yet.
database_make() {
    database_folder=$1 database_port=$2
    # A socket's path must stay under 107 characters, which a deep project folder would break.
    database_socket="${TMPDIR:-/tmp}/inch-timer-$(printf %s "$database_folder" | cksum | cut -d' ' -f1).sock"
    database_log="$database_folder.log"
    export DB_SOCKET=$database_socket
    if ! [ -d "$database_folder/mysql" ]; then
        mkdir -p "$database_folder"
        mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$database_folder" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" >"$database_log" 2>&1 \
            || { echo "The database could not be made; see $database_log" >&2; return 1; }
    fi
}

database_run() {
    local durability=(--innodb-flush-log-at-trx-commit=1)
    [ "$1" = durable ] || durability=(--innodb-flush-log-at-trx-commit=0 --innodb-doublewrite=0
        --innodb-flush-method=nosync --innodb-fast-shutdown=2)
    [ "$1" != alone ] || durability+=(--skip-networking)
    exec mariadbd --no-defaults --user="$(id -un)" --datadir="$database_folder" --socket="$database_socket" \
        --pid-file="$database_folder/mariadbd.pid" --bind-address=127.0.0.1 --port="$database_port" \
        --innodb-buffer-pool-size=256M --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_520_ci "${durability[@]}"
}

database_start() {
    database_make "$1" "$2" || return 1
    # Whoever holds the lock stops the database, also one that was left running by a script that was killed.
    if [ "${database_held:-}" != "$database_folder" ]; then
        exec 8>"$database_folder.lock"
        database_held=$database_folder database_ours=no
        flock -n 8 && database_ours=yes
    fi
    database_answers && return 0
    port_wait "$database_port" "${database_port_variable:-INCH_DB_PORT}=33400 $0" || return 1
    (trap '' INT; setsid bash -c '. tools/database.sh; database_make "$1" "$2" && database_run "$3"' database "$1" "$2" "$3" >>"$database_log" 2>&1 8>&-) &
    database_wait
}

database_wait() {
    for _ in $(seq 1 150); do
        database_answers && return 0
        sleep 0.1
    done
    echo "The database does not answer; see $database_log" >&2
    return 1
}

database_answers() {
    mariadb-admin --no-defaults --socket="$database_socket" ping >/dev/null 2>&1
}

# database_grant NAME_PATTERN USER PASSWORD: the pattern may hold % for numbered databases. By port and by socket.
database_grant() {
    local host
    for host in 127.0.0.1 localhost; do
        mariadb --no-defaults --socket="$database_socket" <<SQL
CREATE USER IF NOT EXISTS '$2'@'$host' IDENTIFIED BY '$3';
ALTER USER '$2'@'$host' IDENTIFIED BY '$3';
GRANT ALL ON \`$1\`.* TO '$2'@'$host';
SQL
    done
}

database_create() {
    mariadb --no-defaults --socket="$database_socket" \
        -e "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_520_ci"
}

database_stop() {
    [ "${database_ours:-no}" = yes ] || return 0
    local pid
    pid=$(cat "$database_folder/mariadbd.pid" 2>/dev/null) || return 0
    kill -TERM "$pid" 2>/dev/null || return 0
    for _ in $(seq 1 150); do
        kill -0 "$pid" 2>/dev/null || return 0
        sleep 0.1
    done
}

port_is_free() {
    ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null
}

# port_wait PORT INSTEAD: what was just ended may hold it for a moment. INSTEAD says how to take another one.
port_wait() {
    for _ in $(seq 1 50); do
        port_is_free "$1" && return 0
        sleep 0.1
    done
    echo "Port $1 is used by $(port_holder "$1"). Stop that, or take another port: $2" >&2
    return 1
}

# Which process listens there, in words.
port_holder() {
    local inode pid
    inode=$(awk -v port="$(printf ':%04X' "$1")" '$4 == "0A" && substr($2, length($2) - 4) == port { print $10; exit }' /proc/net/tcp /proc/net/tcp6)
    pid=$(find /proc/[0-9]*/fd -lname "socket:\[${inode:-none}\]" 2>/dev/null | head -n 1 | cut -d/ -f3)
    [ -n "$pid" ] || { echo 'another program'; return; }
    echo "$(cat "/proc/$pid/comm") (process $pid, in $(readlink "/proc/$pid/cwd"))"
}
