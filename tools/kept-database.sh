#!/usr/bin/env bash
# Runs the database in front, in the place of one that an earlier start has left.
#   tools/kept-database.sh FOLDER PORT
set -euo pipefail
cd "$(dirname "$0")/.."
. tools/database.sh
. tools/kept.sh
stop_leftover "$1/mariadbd.pid" "--datadir=$1"
database_make "$1" "$2"
database_run durable
