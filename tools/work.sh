#!/usr/bin/env bash
# One worker of the queue, until it is stopped. It is made anew each hour, so that nothing it holds grows old.
#   tools/work.sh desk       letters, texts, what is learnt, names that are to be forgotten; behind those, plans, then forecasts
#   tools/work.sh clock      what is done once a day: the backup, teams whose closing time is over
#   tools/work.sh searches   what somebody waits for: best orders, ladders, forecasts; several may run
set -euo pipefail
cd "$(dirname "$0")/.."
case "${1:-}" in
    desk) options=(--queue=default,plans,forecasts --sleep="${INCH_WORKER_SLEEP:-1}" --memory=128) niceness=10 ;;
    # Whatever is looked for gives way to whatever is painted.
    searches) options=(--queue=searches --sleep=0.1 --memory=192) niceness=19 ;;
    clock) niceness=10 ;;
    *) echo 'tools/work.sh knows clock, desk and searches.' >&2; exit 2 ;;
esac
# A session of its own has a share of its own on some machines, in which niceness alone counts for nothing.
echo "$niceness" >/proc/self/autogroup 2>/dev/null || true
[ "$1" != clock ] || exec nice -n "$niceness" php artisan schedule:work --quiet
exec nice -n "$niceness" php -d memory_limit=256M artisan queue:work --quiet --max-time=3600 "${options[@]}"
