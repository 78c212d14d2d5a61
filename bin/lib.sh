# Shared by bin/start, bin/stop and bin/test: set-up that is done once, and the servers under var/.
# Everything listens on 127.0.0.1 only. Needs bash.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$ROOT" || exit 1

HTTP_PORT=${TRANSMUTA_PORT:-8080}
DB_PORT=${TRANSMUTA_DB_PORT:-33306}
DB_NAME=${TRANSMUTA_DB:-transmuta}
VAR=${TRANSMUTA_VAR:-$ROOT/var}
export npm_config_loglevel=error
# The solver alone has more hot loops than the tracing compiler takes by default; past its limits it falls back to the interpreter.
JIT="-d opcache.jit_buffer_size=128M -d opcache.jit=tracing -d opcache.jit_max_root_traces=8192 -d opcache.jit_max_side_traces=8192 -d opcache.jit_max_exit_counters=65536"

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

# Debian packages: command or PHP extension, and the package that brings it.
need_debian() {
    local missing=() pair modules
    modules=$(php -m 2>/dev/null)
    for pair in "$@"; do
        case $pair in
            ext:*) grep -qix "$(cut -d: -f2 <<<"$pair")" <<<"$modules" || missing+=("${pair##*:}") ;;
            *) command -v "${pair%%:*}" >/dev/null 2>&1 || [ -x "/usr/sbin/${pair%%:*}" ] || [ -e "${pair%%:*}" ] || missing+=("${pair##*:}") ;;
        esac
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        fail "These Debian packages are missing: ${missing[*]}. Install them (sudo apt-get install ${missing[*]}) and run this again."
    fi
    say "Installing Debian packages: ${missing[*]}"
    mkdir -p "$VAR"
    # Debian would start MariaDB, nginx and php-fpm as the system's own services; ours run under var/ only.
    local policy=/usr/sbin/policy-rc.d ours=""
    if [ ! -e "$policy" ]; then printf '#!/bin/sh\nexit 101\n' >"$policy" && chmod +x "$policy" && ours=1; fi
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >"$VAR/apt.log" 2>&1 \
        || { [ -n "$ours" ] && rm -f "$policy"; fail "apt-get failed; see $VAR/apt.log"; }
    if [ -n "$ours" ]; then rm -f "$policy"; fi
}

ensure_system() {
    need_debian mariadbd:mariadb-server mariadb:mariadb-client ext:pdo_mysql:php8.2-mysql ext:mbstring:php8.2-mbstring ext:intl:php8.2-intl \
        ext:xml:php8.2-xml ext:curl:php8.2-curl ext:zip:php8.2-zip composer:composer unzip:unzip curl:curl
    # Served by nginx and php-fpm where they are or can be installed; web_up says so aloud where they cannot.
    if [ "$(id -u)" -eq 0 ]; then need_debian php-fpm8.2:php8.2-fpm nginx:nginx-light; fi
    command -v node >/dev/null 2>&1 || fail "Node.js 20 is missing. Install it and run this again."
}

# Runs a command once per state of some files: run_once NAME "files…" command…
run_once() {
    local name=$1 files=$2 stamp now; shift 2
    stamp="$ROOT/var/stamps/$name"
    mkdir -p "$ROOT/var/stamps"
    # shellcheck disable=SC2086
    now=$(find $files -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return 0
    "$@" || return 1
    echo "$now" >"$stamp"
}

composer_install() {
    say "Installing PHP packages with Composer"
    COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --prefer-dist --quiet 2>"$ROOT/var/composer.log" || fail "Composer failed; see var/composer.log"
}

npm_install() {
    say "Installing front-end packages with npm"
    npm ci --no-fund --no-audit >"$ROOT/var/npm.log" 2>&1 || fail "npm failed; see var/npm.log"
}

vite_build() {
    say "Building the front end"
    npx vite build >"$ROOT/var/vite.log" 2>&1 || fail "The front end did not build; see var/vite.log"
}

ensure_packages() {
    mkdir -p "$ROOT/var"
    [ -f vendor/autoload.php ] || rm -f var/stamps/composer
    [ -d node_modules/vite ] || rm -f var/stamps/npm
    [ -f public/build/manifest.json ] || rm -f var/stamps/build
    run_once composer composer.json composer_install
    run_once npm package-lock.json npm_install
}

ensure_build() {
    run_once build "resources package-lock.json vite.config.ts tsconfig.json" vite_build
}

ensure_env() {
    if [ ! -f .env ]; then
        say "Writing .env with a new application key"
        cat >.env <<EOF
APP_NAME=Transmuta
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
DB_CONNECTION=mariadb
DB_HOST=127.0.0.1
DB_PORT=$DB_PORT
DB_DATABASE=$DB_NAME
DB_USERNAME=root
DB_PASSWORD=
CACHE_STORE=file
SESSION_DRIVER=array
QUEUE_CONNECTION=sync
LOG_CHANNEL=single
EOF
    fi
    # The servers started here win over what .env says, so that tests can have a database of their own.
    export DB_CONNECTION=mariadb DB_HOST=127.0.0.1 DB_PORT DB_DATABASE=$DB_NAME DB_USERNAME=root DB_PASSWORD=
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

wait_until() {
    local tries=$1; shift
    while ! "$@" >/dev/null 2>&1; do
        tries=$((tries - 1)); [ "$tries" -gt 0 ] || return 1
        sleep 0.1
    done
}

db() { mariadb --no-defaults --protocol=tcp -h127.0.0.1 -P"$DB_PORT" -uroot "$@"; }

alive() { [ -f "$1" ] && kill -0 "$(cat "$1")" 2>/dev/null; }

mariadb_up() {
    local data="$VAR/mariadb" bin
    bin=$(command -v mariadbd || echo /usr/sbin/mariadbd)
    alive "$VAR/mariadb.pid" && return 0
    port_taken "$DB_PORT" && fail "Port $DB_PORT is taken by something else. Set TRANSMUTA_DB_PORT to a free port and run this again."
    if [ ! -d "$data/mysql" ]; then
        say "Making a MariaDB data directory in ${VAR#"$ROOT"/}/mariadb"
        mkdir -p "$data"
        mariadb-install-db --no-defaults --user="$(id -un)" --datadir="$data" --auth-root-authentication-method=normal >"$VAR/mariadb-install.log" 2>&1 \
            || fail "MariaDB could not be set up; see $VAR/mariadb-install.log"
    fi
    say "Starting MariaDB on 127.0.0.1:$DB_PORT"
    "$bin" --no-defaults --user="$(id -un)" --datadir="$data" --bind-address=127.0.0.1 --port="$DB_PORT" --socket="$VAR/mariadb.sock" \
        --pid-file="$VAR/mariadb.pid" --skip-log-bin --character-set-server=utf8mb4 --innodb-buffer-pool-size=128M >"$VAR/mariadb.log" 2>&1 &
    wait_until 300 db -e 'select 1' || fail "MariaDB did not answer; see $VAR/mariadb.log"
}

stop_pid() {
    local pid
    [ -f "$1" ] || return 0
    pid=$(cat "$1")
    if kill "$pid" 2>/dev/null; then
        wait_until 150 bash -c "! kill -0 $pid" || kill -9 "$pid" 2>/dev/null
    fi
    rm -f "$1"
}

database_up() {
    db -e "create database if not exists \`$DB_NAME\` character set utf8mb4 collate utf8mb4_unicode_ci"
    if [ "${1:-}" = fresh ]; then
        say "Making the demo anew"
        php artisan cache:clear --quiet
        php artisan migrate:fresh --seed --force --quiet || fail "The database could not be made; see storage/logs"
    else
        php artisan migrate --force --quiet || fail "The database could not be brought up to date; see storage/logs"
        php artisan db:seed --force --quiet || fail "The demo could not be seeded; see storage/logs"
    fi
}

web_up() {
    local run="$VAR/web" fpm nginx
    mkdir -p "$run/tmp"
    alive "$run/nginx.pid" && return 0
    port_taken "$HTTP_PORT" && fail "Port $HTTP_PORT is taken by something else. Set TRANSMUTA_PORT to a free port and run this again."
    fpm=$(command -v php-fpm8.2 || ls /usr/sbin/php-fpm8.2 2>/dev/null)
    nginx=$(command -v nginx || ls /usr/sbin/nginx 2>/dev/null)
    if [ -z "$fpm" ] || [ -z "$nginx" ] || [ "${TRANSMUTA_SERVER:-}" = builtin ]; then
        say "Without nginx and php-fpm: falling back to PHP's built-in server, which is slower and answers one request at a time."
        php -S "127.0.0.1:$HTTP_PORT" -t public bin/router.php >"$run/php.log" 2>&1 &
        echo $! >"$run/nginx.pid"
        wait_until 100 port_taken "$HTTP_PORT" || fail "PHP's server did not start; see $run/php.log"
        return 0
    fi
    local as_root="" pool_user=""
    if [ "$(id -u)" -eq 0 ]; then as_root="-R"; pool_user="user = root
group = root"; fi
    cat >"$run/fpm.conf" <<EOF
[global]
pid = $run/fpm.pid
error_log = $run/fpm.log
daemonize = yes
[transmuta]
$pool_user
listen = $run/fpm.sock
listen.mode = 0666
pm = static
pm.max_children = 4
clear_env = no
catch_workers_output = yes
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.revalidate_freq] = 1
php_admin_value[memory_limit] = 256M
EOF
    cat >"$run/nginx.conf" <<EOF
$([ "$(id -u)" -eq 0 ] && echo "user root;")
worker_processes 1;
pid $run/nginx.pid;
error_log $run/nginx.log warn;
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    client_max_body_size 2m;
    client_body_temp_path $run/tmp/body;
    proxy_temp_path $run/tmp/proxy;
    fastcgi_temp_path $run/tmp/fastcgi;
    uwsgi_temp_path $run/tmp/uwsgi;
    scgi_temp_path $run/tmp/scgi;
    gzip on;
    gzip_types application/javascript text/css application/json image/svg+xml;
    server {
        listen 127.0.0.1:$HTTP_PORT;
        root $ROOT/public;
        add_header X-Content-Type-Options nosniff;
        add_header Referrer-Policy same-origin;
        location /build/ { expires 30d; try_files \$uri =404; }
        location / { try_files \$uri /index.php\$is_args\$args; }
        location = /index.php {
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_pass unix:$run/fpm.sock;
            fastcgi_read_timeout 60s;
            fastcgi_buffers 32 32k;
            fastcgi_buffer_size 32k;
        }
    }
}
EOF
    # What was kept between requests was computed by the code as it was.
    rm -rf storage/framework/cache/data
    say "Starting php-fpm and nginx"
    "$fpm" $as_root $JIT --fpm-config "$run/fpm.conf" >"$run/fpm-start.log" 2>&1 || fail "php-fpm did not start; see $run/fpm-start.log"
    "$nginx" -c "$run/nginx.conf" -e "$run/nginx.log" 2>"$run/nginx-start.log" || fail "nginx did not start; see $run/nginx-start.log"
    wait_until 100 port_taken "$HTTP_PORT" || fail "nginx did not answer; see $run/nginx.log"
    # The first answer compiles everything; do that before anybody waits for it.
    for _ in 1 2 3 4; do curl -s -o /dev/null --max-time 60 "http://127.0.0.1:$HTTP_PORT/api/dishes"; done
}

all_down() {
    stop_pid "$VAR/web/nginx.pid"
    stop_pid "$VAR/web/fpm.pid"
    stop_pid "$VAR/mariadb.pid"
}
