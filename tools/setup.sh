# Brings a Debian 12 machine with git, PHP 8.2, Composer and Node to where Inch Timer runs. Source it from the project's folder.
# shellcheck shell=bash

say() { printf '\033[1m%s\033[0m\n' "$*"; }

fail() {
    printf '%s\n' "$*" >&2
    exit 1
}

as_root() {
    if [ "$(id -u)" = 0 ]; then
        "$@"
    elif command -v sudo >/dev/null; then
        sudo "$@"
    else
        fail "To install $* this needs root or sudo. Install it yourself, then run this again."
    fi
}

# setup_debian WITH_BROWSER(yes|no): installs the packages that are missing, and nothing when none is.
setup_debian() {
    local missing=() extension loaded PATH=$PATH:/usr/sbin
    loaded=$(php -m)
    for extension in mysql:pdo_mysql intl:intl mbstring:mbstring gd:gd xml:dom curl:curl zip:zip; do
        grep -qix "${extension#*:}" <<<"$loaded" || missing+=("php8.2-${extension%%:*}")
    done
    command -v mariadbd >/dev/null || missing+=(mariadb-server)
    command -v mariadb >/dev/null || missing+=(mariadb-client)
    command -v php-fpm8.2 >/dev/null || missing+=(php8.2-fpm)
    command -v nginx >/dev/null || missing+=(nginx-light)
    # Whatever runs is found, and ended, by its group; a backup's key is locked.
    command -v pgrep >/dev/null || missing+=(procps)
    command -v openssl >/dev/null || missing+=(openssl)
    # Screens hear of changes at once by it; without it they ask every few seconds.
    [ -e /usr/lib/nginx/modules/ngx_nchan_module.so ] || missing+=(libnginx-mod-nchan)
    [ "$1" = no ] || command -v chromium >/dev/null || missing+=(chromium)
    [ "$1" = no ] || command -v glpsol >/dev/null || missing+=(glpk-utils)
    [ "$1" = no ] || command -v Rscript >/dev/null || missing+=(r-base-core)
    [ "$1" = no ] || command -v pdftotext >/dev/null || missing+=(poppler-utils)
    [ "$1" = no ] || command -v strace >/dev/null || missing+=(strace)
    [ "$1" = no ] || command -v calcurse >/dev/null || missing+=(calcurse)
    [ "$1" = no ] || /usr/bin/python3 -c 'import icalendar' 2>/dev/null || missing+=(python3-icalendar)
    [ ${#missing[@]} -gt 0 ] || return 0
    say "Installing from Debian: ${missing[*]}"
    as_root apt-get update -qq
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
    stop_services_of "${missing[@]}"
}

# Debian starts a server as soon as it is installed; Inch Timer runs its own, and leaves no other one behind.
stop_services_of() {
    command -v systemctl >/dev/null && systemctl is-system-running >/dev/null 2>&1 || return 0
    local package
    for package in "$@"; do
        case $package in
            redis-server) as_root systemctl disable --quiet --now redis-server ;;
            mariadb-server) as_root systemctl disable --quiet --now mariadb ;;
            nginx-light) as_root systemctl disable --quiet --now nginx ;;
            php8.2-fpm) as_root systemctl disable --quiet --now php8.2-fpm ;;
        esac
    done
}

# once_for STAMP SUM COMMAND...: runs the command unless it went well before with the same sum.
once_for() {
    local stamp=$1 sum=$2
    shift 2
    [ "$(cat "$stamp" 2>/dev/null)" = "$sum" ] && return 0
    "$@" || return 1
    mkdir -p "$(dirname "$stamp")"
    printf %s "$sum" >"$stamp"
}

sum_of() {
    find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

setup_packages() {
    mkdir -p storage/run
    once_for vendor/.sum "$(sum_of composer.json composer.held)" install_composer_packages
    once_for node_modules/.sum "$(sum_of package.json package-lock.json)" install_npm_packages
    once_for public/build/.sum "$(sum_of resources vite.config.ts svelte.config.js package-lock.json)" build_front_end
}

install_composer_packages() {
    say 'Installing PHP packages'
    # Those that come along in the versions of composer.held, too.
    sed 's/^/--with=/' composer.held |
        xargs composer update --no-interaction --no-progress --quiet || fail 'Composer could not install the packages: see above.'
}

install_npm_packages() {
    say 'Installing Node packages'
    npm install --no-audit --no-fund --loglevel=error || fail 'npm could not install the packages: see above.'
}

build_front_end() {
    say 'Building the front end'
    npm run --silent build >storage/run/build.log 2>&1 || fail "The front end could not be built: $(cat storage/run/build.log)"
}

# The one secret file: made once, never overwritten.
setup_env() {
    [ -f .env ] && return 0
    sed -e "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" \
        -e "s|^DB_PASSWORD=.*|DB_PASSWORD=$(head -c 24 /dev/urandom | base64 | tr -d '+/=')|" .env.example >.env.new
    chmod 600 .env.new
    mv .env.new .env
}

env_set() {
    [ "$(env_value "$1")" = "$2" ] || { sed "s|^$1=.*|$1=$2|" .env >.env.new && chmod 600 .env.new && mv .env.new .env; }
}

env_value() { sed -n "s/^$1=//p" .env | tail -n 1; }
