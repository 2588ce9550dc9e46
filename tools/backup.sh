# What bin/backup and bin/restore have in common. Source tools/setup.sh, tools/database.sh and tools/kept.sh first.
# shellcheck shell=bash

# setting NAME USUAL: from the environment, else from .env.
setting() {
    local value=${!1:-}
    [ -n "$value" ] || [ ! -f .env ] || value=$(env_value "$1")
    echo "${value:-$2}"
}

# Settled now: a scratch server has settings of its own.
our_name=$(setting DB_DATABASE inch) our_user=$(setting DB_USERNAME inch) our_password=$(setting DB_PASSWORD '')
our_place=(--protocol=TCP --host="$(setting DB_HOST 127.0.0.1)" --port="$(setting DB_PORT 33321)")

# The application's own database, with one of the client programs. The password stays off the command line.
ours() {
    local program=$1
    shift
    MYSQL_PWD=$our_password "$program" --no-defaults "${our_place[@]}" --user="$our_user" "$@" "$our_name"
}

from_ours() { ours mariadb --skip-column-names "$@"; }

# A server that is made for one look at a backup, and thrown away.
scratch_up() {
    scratch_sweep
    scratch=$(mktemp -d "${TMPDIR:-/tmp}/inch-timer-scratch-XXXXXX")
    echo $$ >"$scratch/owner"
    local ours=${DB_SOCKET:-}
    database_make "$scratch/data" 0
    # It says where it is; the application's own stays where it was.
    export DB_SOCKET=$ours
    setsid bash -c '. tools/database.sh; database_make "$1" 0; database_run alone' scratch "$scratch/data" >"$scratch/log" 2>&1 </dev/null &
    scratch_pid=$!
    database_wait
    database_create scratch
}

# Those whose script was killed.
scratch_sweep() {
    local left
    for left in "${TMPDIR:-/tmp}"/inch-timer-scratch-*; do
        [ -O "$left" ] && ! kill -0 "$(cat "$left/owner" 2>/dev/null || echo 0)" 2>/dev/null || continue
        pkill -KILL -f -- "--datadir=$left/data " || true
        rm -rf "$left"
    done
}

scratch_down() {
    [ -n "${scratch:-}" ] || return 0
    kill -KILL -- "-${scratch_pid:-0}" 2>/dev/null || true
    wait "${scratch_pid:-}" 2>/dev/null || true
    rm -rf "$scratch"
    scratch=
}

in_scratch() { mariadb --no-defaults --skip-column-names --socket="$database_socket" "$@" scratch; }

# scratch_read FILE: fails where the file cannot be read back whole.
scratch_read() {
    gzip --test "$1" 2>/dev/null || fail "$1 is no whole backup: it ends in the middle. Take an older one."
    gunzip --stdout "$1" | in_scratch || fail "$1 cannot be read back. Take an older one."
    [ "$(in_scratch -e 'SELECT count(*) FROM migrations')" -gt 0 ] || fail "$1 is no backup of Inch Timer."
}

# sums_of COMMAND…: a line for each table, with its name, its rows and the sum over them.
sums_of() {
    local table
    for table in $("$@" -e 'SHOW TABLES'); do
        printf '%s %s %s\n' "$table" "$("$@" -e "SELECT count(*) FROM \`$table\`")" \
            "$("$@" -e "CHECKSUM TABLE \`$table\` EXTENDED" | cut -f2)"
    done
}

# The key that opens what is encrypted in the data, as a line of comment that only bin/restore reads; nothing where no passphrase is set.
key_locked() {
    local passphrase
    passphrase=$(setting INCH_BACKUP_PASSPHRASE '')
    [ -n "$passphrase" ] || return 0
    printf -- '-- inch-key: %s\n' "$(setting APP_KEY '' | PASSPHRASE=$passphrase openssl enc -aes-256-cbc -pbkdf2 -iter 600000 -salt -a -A -pass env:PASSPHRASE)"
}

# key_of FILE: the key of the data in a backup, by the passphrase that is set or typed; fails where it does not open, or there is none.
key_of() {
    local locked passphrase
    locked=$(gunzip --stdout "$1" | sed -n '1s/^-- inch-key: //p;1q')
    [ -n "$locked" ] || return 1
    passphrase=$(setting INCH_BACKUP_PASSPHRASE '')
    [ -n "$passphrase" ] || ! [ -t 0 ] || read -r -s -p 'Passphrase of the backup: ' passphrase
    echo "$locked" | PASSPHRASE=$passphrase openssl enc -d -aes-256-cbc -pbkdf2 -iter 600000 -a -A -pass env:PASSPHRASE 2>/dev/null
}
