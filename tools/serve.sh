#!/usr/bin/env bash
# Serves Inch Timer on loopback until it is stopped: nginx in front of PHP-FPM, in one process group.
#   tools/serve.sh PORT FOLDER    the folder keeps logs, configuration and the cached settings, which hold secrets
set -euo pipefail
cd "$(dirname "$0")/.."
PATH=$PATH:/usr/sbin
port=$1 folder=$2
mkdir -p "$folder/tmp"
chmod 700 "$folder"
name=inch-timer-$(printf %s "$folder" | cksum | cut -d' ' -f1)
# A socket's path must stay under 107 characters, which a deep project folder would break.
sockets="${TMPDIR:-/tmp}/$name"
push_socket="$sockets.push"
# Which addresses each pool answers stands in deploy/pools.map; several pools share a master, and how it gives way.
masters=(line door watch desk)
declare -A pools=([line]='line:4' [door]='door:2' [watch]='watch:2 full:2' [desk]='desk:4 files:2')
declare -A niceness=([line]=0 [door]=5 [watch]=12 [desk]=19)
# What a kill of this script left behind would keep the port and the sockets for ever.
. tools/kept.sh
stop_leftover "$folder/nginx.pid" "$folder/nginx.conf"
stop_leftover "$folder/push.pid" "$folder/push.conf"
# FPM's master begins a group of its own, which its workers stay in when it is killed.
pools_end() { for master in "${masters[@]}"; do end_leftover_group "$folder/$master.pid"; done; }
pools_end
rm -f "$sockets".*
# Where nginx can hand word of changes to the screens that listen, the application is told where to leave it.
push_module=/usr/lib/nginx/modules/ngx_nchan_module.so
export INCH_PUSH_SOCKET=
[ ! -e "$push_module" ] || INCH_PUSH_SOCKET=$push_socket
export APP_CONFIG_CACHE=$folder/config.php APP_ROUTES_CACHE=$folder/routes.php APP_EVENTS_CACHE=$folder/events.php
# Those of the release before would be read while the new ones are made.
rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
php artisan optimize --quiet --except=views

as_root=() nginx_user=
if [ "$(id -u)" = 0 ]; then
    as_root=(-R -d opcache.preload_user=root)
    nginx_user='user root root;'
fi

upstreams=
for master in "${masters[@]}"; do
    cat >"$folder/$master.conf" <<CONF
[global]
error_log = $folder/$master.log
pid = $folder/$master.pid
daemonize = no
CONF
    for pool in ${pools[$master]}; do
        upstreams+="
    upstream inch-${pool%:*} { server unix:$sockets.${pool%:*}; }"
        cat >>"$folder/$master.conf" <<CONF
[$name-${pool%:*}]
user = $(id -un)
group = $(id -gn)
listen = $sockets.${pool%:*}
listen.backlog = 64
pm = static
pm.max_children = ${pool#*:}
clear_env = no
catch_workers_output = yes
CONF
    done
done

load_push= push_in= push_out= push_shared= push_pass=
# Several such servers share the word of changes by Redis: INCH_PUSH_REDIS=HOST:PORT. With the module's own patience it takes nine seconds
# until they speak with one that was away.
if [ -n "${INCH_PUSH_REDIS:-}" ]; then
    push_shared="upstream push { nchan_redis_server $INCH_PUSH_REDIS; nchan_redis_node_connect_timeout 500ms; nchan_redis_cluster_connect_timeout 500ms; }"
    push_pass='nchan_redis_pass push;'
fi
if [ -n "$INCH_PUSH_SOCKET" ]; then
    load_push="load_module $push_module;"
    # Only who may open the socket may speak; whoever knows a channel's name may listen.
    push_in="
    $push_shared
    server {
        listen unix:$push_socket;
        location ~ \"^/([0-9a-f]{64})\$\" {
            nchan_publisher;
            nchan_channel_id \$1;
            nchan_message_buffer_length 1;
            nchan_message_timeout 10m;
            $push_pass
        }
    }"
    push_out="
        location ~ \"^/push/([0-9a-f]{64})\$\" {
            nchan_subscriber eventsource;
            nchan_channel_id \$1;
            nchan_subscriber_first_message oldest;
            nchan_eventsource_ping_interval 20;
            $push_pass
        }"
fi
# Where Redis goes away the module closes connections that are another request's by then: it runs apart, and whoever listens does so at
# the front.
if [ -n "$push_pass" ]; then
    cat >"$folder/push.conf" <<CONF
daemon off;
$load_push
$nginx_user
worker_processes 1;
pid $folder/push.pid;
error_log $folder/push.log warn;
events { worker_connections 1024; }
http {
    access_log off;
    $(for kind in client_body proxy fastcgi uwsgi scgi; do echo "${kind}_temp_path $folder/tmp/push-$kind;"; done)
$push_in
}
CONF
    load_push= push_in= push_out=
fi
# Said once, in the application: what a browser may run, and what is said of a body that is too large.
said_by() { php -r 'require "vendor/autoload.php"; echo constant($argv[1]);' "$1"; }
policy=$(said_by App\\Http\\Middleware\\GuardContent::POLICY)
too_large=$(php -r 'echo json_encode(["message" => $argv[1]]);' "$(said_by App\\Http\\Middleware\\GuardContent::TOO_LARGE)")
static="
            add_header Content-Security-Policy \"$policy\" always;
            add_header X-Content-Type-Options nosniff always;"
answered="
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME $PWD/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            # With its port, so that links lead here.
            fastcgi_param HTTP_HOST \$http_host;"
application="$answered
            fastcgi_pass \$pool;
            fastcgi_param INCH_FULL_DAYS @full_days;"
cat >"$folder/nginx.conf" <<CONF
daemon off;
$load_push
$nginx_user
worker_processes 1;
pid $folder/nginx.pid;
error_log $folder/nginx.log warn;
events { worker_connections 4096; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    client_max_body_size 8m;
    server_tokens off;$upstreams
    map "\$request_method \$uri\$inch_size" \$pool { include $PWD/deploy/pools.map; }
    include $PWD/deploy/fair-by-team.conf;
    client_body_temp_path $folder/tmp/body;
    fastcgi_temp_path $folder/tmp/fastcgi;
    proxy_temp_path $folder/tmp/proxy;
    uwsgi_temp_path $folder/tmp/uwsgi;
    scgi_temp_path $folder/tmp/scgi;
    # However many phones ask for a board, the application is asked once a second.
    fastcgi_cache_path $folder/tmp/board keys_zone=board:1m max_size=20m inactive=1m;
    gzip on;
    gzip_min_length 1000;
    gzip_types application/json application/javascript text/css image/svg+xml;
$push_in
    server {
        listen 127.0.0.1:$port;
        root $PWD/public;
        error_page 413 @larger;
        error_page 502 503 504 = @busy;
        error_page 429 =429 @busy;
        location @busy { include $PWD/deploy/busy.conf; }
        location @larger { default_type application/json; return 413 '$too_large'; }
        location ~ /\. { return 404; }
        location /build/ {
            location ~ /\. { return 404; }
            expires 1y;$static
        }
        location = /sw.js {
            add_header Cache-Control no-cache always;$static
        }
        location ~ \.php\$ { return 404; }$push_out
        location / {
            try_files \$uri @application;$static
        }
        location ~ ^/board/[A-Za-z0-9]+/(line|pictures|photos/[0-9a-f]+)\$ {
            fastcgi_cache board;
            # Whoever has heard of something newer gets nothing older.
            fastcgi_cache_key \$uri\$arg_after;
            fastcgi_cache_valid 200 404 1s;
            fastcgi_ignore_headers Cache-Control Expires;
            fastcgi_cache_lock on;
            fastcgi_cache_use_stale updating error timeout;
            $application
        }
        # A whole account, out and in again.
        location = /api/team/file {
            client_max_body_size 64m;
            fastcgi_read_timeout 300;$application
        }
        location @application { $application }
        location @full_days {
            $answered
            fastcgi_pass inch-full;
        }
    }
}
CONF

running=()
trap 'kill "${running[@]}" 2>/dev/null; wait; pools_end' EXIT
trap 'exit 0' TERM INT HUP
for master in "${masters[@]}"; do
    # A session of its own has a share of its own on some machines, in which niceness alone counts for nothing.
    setsid bash -c 'echo "$0" >/proc/self/autogroup 2>/dev/null; exec nice -n "$0" "$@"' \
        "${niceness[$master]}" php-fpm8.2 -y "$folder/$master.conf" "${as_root[@]}" \
        -d variables_order=EGPCS -d memory_limit=256M -d post_max_size=64M -d expose_php=0 \
        -d opcache.preload="$PWD/tools/preload.php" -d opcache.validate_timestamps=0 -d opcache.enable_file_override=1 \
        -d output_buffering=0 -d realpath_cache_size=4M -d realpath_cache_ttl=3600 -d zend.enable_gc=0 &
    running+=($!)
done
# Whoever is answered at the door finds the desk there, too.
for pool in ${pools[@]}; do
    for _ in $(seq 300); do [ -S "$sockets.${pool%:*}" ] && break || sleep 0.1; done
done
if [ -n "$push_pass" ]; then
    nginx -c "$folder/push.conf" -e "$folder/push.log" &
    running+=($!)
fi
nginx -c "$folder/nginx.conf" -e "$folder/nginx.log" &
running+=($!)
wait -n
