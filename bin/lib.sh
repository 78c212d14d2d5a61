# Shared by bin/start, bin/stop and bin/test: set-up that is done once, and the servers. Needs bash.
# Everything listens on loopback only unless TRANSMUTA_LISTEN names another address, the database on a socket alone, and no server runs as root.

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)
cd "$ROOT" || exit 1
# What is built must be readable by whoever serves it; what is secret is closed where it is made.
umask 022

HTTP_PORT=${TRANSMUTA_PORT:-8080}
# Names it answers to beside loopback, commas between.
TRANSMUTA_NAMES=$(tr ',' ' ' <<<"${TRANSMUTA_HOSTS:-}")
DB_NAME=${TRANSMUTA_DB:-transmuta}
KEY=$(printf '%s' "$ROOT" | sha256sum | cut -c1-8)

is_root() { [ "$(id -u)" -eq 0 ]; }

# Whether everybody may go into a directory and every one above it.
open_to_all() {
    local path=$1
    while [ "$path" != / ]; do
        [[ $(stat -c %a "$path") =~ [1357]$ ]] || return 1
        path=$(dirname "$path")
    done
}

# Started as root, the servers run as a user of their own, who must be able to read the application: where it stands in a place closed to
# others (under /root, say), they are given a copy of it.
SERVER=$(id -un)
APP=$ROOT
HOME_OF_VAR=$ROOT/var
if is_root; then
    SERVER=transmuta
    if ! open_to_all "$ROOT" || ! [[ $(stat -c %a "$ROOT/public/index.php") =~ [4567]$ ]]; then
        APP=/var/lib/transmuta/$KEY/app
        HOME_OF_VAR=/var/lib/transmuta/$KEY/var
    fi
fi
VAR=${TRANSMUTA_VAR:-$HOME_OF_VAR${TRANSMUTA_VAR_NAME:+/$TRANSMUTA_VAR_NAME}}
# A socket's path is at most 107 bytes.
RUN=$VAR/run
[ "${#RUN}" -gt 80 ] && RUN=/tmp/transmuta-$(printf '%s' "$VAR" | sha256sum | cut -c1-8)
SOCKET=$RUN/mariadb.sock
# What php-fpm's workers are called, so that one whose master is gone is still known as ours.
POOL=transmuta-$(printf '%s' "$VAR" | sha256sum | cut -c1-12)
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
        ext:xml:php8.2-xml ext:curl:php8.2-curl ext:zip:php8.2-zip ext:gd:php8.2-gd composer:composer unzip:unzip curl:curl
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
    # Packages of packages may have moved on in the registry: said, not refused, for the tests tell whether it matters.
    local differs
    differs=$(php bin/versions --check) || { say "These PHP packages are not as docs/versions.json has them:"; printf '     %s\n' "$differs"; }
}

ensure_build() {
    run_once build "resources package-lock.json vite.config.ts tsconfig.json" vite_build
}

# As the user that serves: the servers themselves and everything that writes what they write.
as_server() {
    if is_root; then setpriv --reuid="$SERVER" --regid="$SERVER" --init-groups -- "$@"; else "$@"; fi
}

ensure_server_user() {
    is_root || return 0
    id "$SERVER" >/dev/null 2>&1 || useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVER"
}

# Directories of the servers, and nobody else's.
ensure_places() {
    ensure_server_user
    mkdir -p "$VAR" "$RUN" "$VAR/web/tmp"
    is_root && chown "$SERVER:$SERVER" "$RUN" "$VAR/web" "$VAR/web/tmp"
    chmod 700 "$RUN" "$VAR/web"
    if [ ! -d "$VAR/secrets" ]; then (umask 077 && mkdir -p "$VAR/secrets"); fi
}

# A secret of its own, made once: secret NAME
secret() {
    local file="$VAR/secrets/$1"
    if [ ! -s "$file" ]; then (umask 077 && head -c 32 /dev/urandom | base64 | tr -d '/+=\n' >"$file"); fi
    cat "$file"
}

# What says that a file was saved here and is as it was: HMAC-SHA256 with a key of its own.
vouched() {
    # Read by the program from its environment: a key on a command line is everybody's to see.
    HMAC_KEY=$(secret backups) php -r 'echo hash_hmac_file("sha256", $argv[1], (string) getenv("HMAC_KEY"));' -- "$1"
}

ensure_env() {
    ensure_places
    if [ ! -f .env ]; then
        say "Writing .env with a new application key"
        (
            umask 077
            printf '%s\n' APP_NAME=Transmuta APP_ENV=production APP_DEBUG=false "APP_KEY=base64:$(head -c 32 /dev/urandom | base64)" \
                CACHE_STORE=file SESSION_DRIVER=database QUEUE_CONNECTION=sync LOG_CHANNEL=single >.env
        )
    fi
    # The framework reads it as whoever serves; nobody else does.
    is_root && chgrp "$SERVER" .env
    chmod 640 .env
    # What is said here wins over what .env says, so that tests can have a store of their own.
    export CACHE_PATH="$APP/storage/framework/cache/${TRANSMUTA_CACHE:-data}"
    # Who tried at the door is counted where no start of the servers forgets it.
    export DOORS_PATH="$VAR/web/doors"
    export INSTRUMENTS_SOCKET=$RUN/instruments.sock
    export DB_CONNECTION=mariadb DB_SOCKET=$SOCKET DB_DATABASE=$DB_NAME SESSION_DRIVER=database
    as_app
}

# The application may read and write rows and nothing else; making and changing tables is for the migrations.
as_app() { export DB_USERNAME=transmuta_app; DB_PASSWORD=$(secret app); export DB_PASSWORD; }
as_migrations() { export DB_USERNAME=transmuta_migrate; DB_PASSWORD=$(secret migrate); export DB_PASSWORD; }

# What the servers run: here, or the copy they can read.
ensure_app() {
    local part
    if [ "$APP" != "$ROOT" ]; then
        mkdir -p "$APP"
        chmod 755 /var/lib/transmuta "/var/lib/transmuta/$KEY" "$APP"
        for part in app artisan bin bootstrap config core database public resources routes vendor storage composer.json .env; do
            rm -rf "${APP:?}/$part" && cp -a "$ROOT/$part" "$APP/"
        done
        chmod -R o+rX,go-w "$APP"
        chgrp "$SERVER" "$APP/.env" && chmod 640 "$APP/.env"
    fi
    # Packages come with whatever modes they were packed with.
    is_root && (cd "$APP" && chmod -R o+rX app artisan bin bootstrap config core database public resources routes vendor composer.json)
    mkdir -p "$APP/storage/logs" "$APP/storage/framework/cache" "$APP/storage/framework/views" "$APP/bootstrap/cache"
    is_root && chown -R "$SERVER:$SERVER" "$APP/storage" "$APP/bootstrap/cache"
    return 0
}

artisan() { (cd "$APP" && as_server php artisan "$@"); }

# Where a server's program is, which is not on everybody's path; nothing where there is none.
program() { command -v "$1" || ls "/usr/sbin/$1" 2>/dev/null; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

wait_until() {
    local tries=$1; shift
    while ! "$@" >/dev/null 2>&1; do
        tries=$((tries - 1)); [ "$tries" -gt 0 ] || return 1
        sleep 0.1
    done
}

db() { MYSQL_PWD=$(secret root) mariadb --no-defaults --protocol=socket --socket="$SOCKET" -uroot "$@"; }

# Whether the process of a pid file is there and one of ours: a number left behind may be anybody's by now.
alive() {
    local pid
    [ -f "$1" ] && pid=$(cat "$1" 2>/dev/null) && [[ $pid =~ ^[0-9]+$ ]] && kill -0 "$pid" 2>/dev/null && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF -- "$VAR/"
}

# Processes of ours by name, with a pid file or without: ours NAME. A worker whose master is gone is told by what it holds open.
ours() {
    local proc pid
    for proc in /proc/[0-9]*; do
        pid=${proc#/proc/}
        [ "$(cat "$proc/comm" 2>/dev/null)" = "$1" ] || continue
        if tr '\0' ' ' <"$proc/cmdline" 2>/dev/null | grep -qF -e "$VAR/" -e "$POOL" || find "$proc/fd" -maxdepth 1 -lname "$VAR/*" 2>/dev/null | grep -q .; then printf '%s\n' "$pid"; fi
    done
}

end_all() {
    local pid
    for pid in $(ours "$1"); do kill "$pid" 2>/dev/null; done
    for _ in $(seq 100); do
        [ -z "$(ours "$1")" ] && return 0
        sleep 0.1
    done
    for pid in $(ours "$1"); do kill -9 "$pid" 2>/dev/null; done
    return 0
}

stop_pid() {
    local pid
    [ -f "$1" ] || return 0
    if alive "$1"; then
        pid=$(cat "$1")
        kill "$pid" 2>/dev/null
        wait_until 150 bash -c "! kill -0 $pid" || kill -9 "$pid" 2>/dev/null
    fi
    rm -f "$1"
}

# Said to the store at every start: who may come in, with which word, and for what.
database_people() {
    local name
    printf "DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');\nFLUSH PRIVILEGES;\n"
    for name in app migrate; do
        printf "CREATE USER IF NOT EXISTS transmuta_%s@localhost;\nALTER USER transmuta_%s@localhost IDENTIFIED BY '%s';\n" "$name" "$name" "$(secret "$name")"
    done
    printf 'GRANT SELECT, INSERT, UPDATE, DELETE ON `transmuta%%`.* TO transmuta_app@localhost;\n'
    printf 'GRANT ALL ON `transmuta%%`.* TO transmuta_migrate@localhost;\n'
    printf "ALTER USER root@localhost IDENTIFIED BY '%s';\n" "$(secret root)"
}

mariadb_up() {
    local data="$VAR/mariadb" bin left
    bin=$(program mariadbd)
    alive "$VAR/mariadb.pid" && return 0
    ensure_places
    left=$(ours mariadbd | head -1)
    if [ -n "$left" ]; then
        say "Taking over the MariaDB that was left running"
        echo "$left" >"$VAR/mariadb.pid"
        wait_until 100 db -e 'select 1' && return 0
        end_all mariadbd
    fi
    if [ ! -d "$data/mysql" ]; then
        say "Making a MariaDB data directory"
        # Made aside and renamed: one that was broken off is never taken for a whole one.
        rm -rf "$data" "$data.new"
        mkdir -p "$data.new" && chmod 700 "$data.new"
        is_root && chown "$SERVER:$SERVER" "$data.new"
        (umask 077 && cd / && as_server mariadb-install-db --no-defaults --datadir="$data.new" --auth-root-authentication-method=normal --skip-test-db) >"$VAR/mariadb-install.log" 2>&1 \
            || fail "MariaDB could not be set up; see $VAR/mariadb-install.log"
        mv "$data.new" "$data"
    fi
    if is_root && [ "$(stat -c %U "$data")" != "$SERVER" ]; then chown -R "$SERVER:$SERVER" "$data"; fi
    (umask 077 && database_people >"$RUN/people.sql")
    is_root && chown "$SERVER:$SERVER" "$RUN/people.sql"
    say "Starting MariaDB"
    (
        umask 077
        cd / || exit 1
        exec 9>&-
        # shellcheck disable=SC2086
        as_server "$bin" --no-defaults --datadir="$data" --skip-networking --socket="$SOCKET" --pid-file="$RUN/mariadb.pid" --init-file="$RUN/people.sql" \
            --skip-log-bin --skip-name-resolve --character-set-server=utf8mb4 --innodb-buffer-pool-size=128M --innodb-lock-wait-timeout=1 ${TRANSMUTA_STORE_FLAGS:-} >"$VAR/mariadb.log" 2>&1 &
        echo $! >"$VAR/mariadb.pid"
    )
    wait_until 300 db -e 'select 1' || fail "MariaDB did not answer; see $VAR/mariadb.log"
    # Its own number, whatever started it.
    if [ -s "$RUN/mariadb.pid" ]; then cat "$RUN/mariadb.pid" >"$VAR/mariadb.pid"; fi
    rm -f "$RUN/people.sql"
}

database_up() {
    db -e "create database if not exists \`$DB_NAME\` character set utf8mb4 collate utf8mb4_unicode_ci"
    ensure_app
    as_migrations
    if [ "${1:-}" = fresh ]; then
        say "Making the demo anew"
        artisan cache:clear --quiet
        artisan migrate:fresh --force --quiet || fail "The database could not be made; see storage/logs"
    else
        artisan migrate --force --quiet || fail "The database could not be brought up to date; see storage/logs"
    fi
    as_app
    artisan db:seed --force --quiet || fail "The demo could not be seeded; see storage/logs"
}

# Workers of php-fpm that answer at a socket: workers NAME SOCKET HOW-MANY [what is particular to them]
workers() {
    cat <<EOF
[$1]
listen = "$2"
listen.mode = 0660
pm = static
pm.max_children = $3
${4:-}
clear_env = no
catch_workers_output = yes
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.revalidate_freq] = 1
php_admin_value[memory_limit] = 256M
php_admin_value[post_max_size] = 17M
; Twice this, for a kept connection that is tried and a new one, is how long a store that does not answer keeps anybody waiting.
php_admin_value[mysqlnd.net_read_timeout] = 2
php_admin_flag[expose_php] = off
EOF
}

fpm_up() {
    local run="$VAR/web" fpm
    alive "$run/fpm.pid" && return 0
    end_all php-fpm8.2
    fpm=$(program php-fpm8.2)
    (
        umask 077
        {
            printf '[global]\npid = "%s"\nerror_log = "%s"\ndaemonize = yes\n' "$run/fpm.pid" "$run/fpm.log"
            workers "$POOL" "$RUN/fpm.sock" 4
            # What computes for seconds (App\Http\Middleware\OneAtATime) has workers of its own: however much of it is asked for, everything else is served.
            workers "$POOL-long" "$RUN/long.sock" 2 'request_terminate_timeout = 80s'
        } >"$run/fpm.conf"
    )
    is_root && chown -R "$SERVER:$SERVER" "$run"
    say "Starting php-fpm"
    # shellcheck disable=SC2086
    (umask 077; cd "$APP" && exec 9>&-; as_server "$fpm" $JIT --fpm-config "$run/fpm.conf") >"$VAR/fpm-start.log" 2>&1 || fail "php-fpm did not start; see $VAR/fpm-start.log"
}

nginx_up() {
    local run="$VAR/web" nginx
    alive "$run/nginx.pid" && return 0
    end_all nginx
    port_taken "$HTTP_PORT" && fail "Port $HTTP_PORT is taken by something else. Set TRANSMUTA_PORT to a free port and run this again."
    nginx=$(program nginx)
    (umask 077 && cat >"$run/php.conf" <<EOF
limit_req zone=all burst=400 nodelay;
include /etc/nginx/fastcgi_params;
fastcgi_param SCRIPT_FILENAME "$APP/public/index.php";
fastcgi_param SCRIPT_NAME /index.php;
# The name with its port, as a browser names the origin of our own page.
fastcgi_param HTTP_HOST "\$host:$HTTP_PORT";
fastcgi_param HTTP_PROXY "";
fastcgi_read_timeout 60s;
fastcgi_buffers 32 32k;
fastcgi_buffer_size 32k;
EOF
    cat >"$run/nginx.conf" <<EOF
worker_processes 1;
pid "$run/nginx.pid";
error_log "$run/nginx.log" warn;
events { worker_connections 2048; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    client_max_body_size 2m;
    client_body_timeout 5s;
    client_header_timeout 5s;
    send_timeout 15s;
    # Whoever opens more at once than a browser does, or leaves them half-sent, takes nobody else's place.
    limit_conn_zone \$binary_remote_addr zone=at_once:1m;
    limit_conn at_once 256;
    limit_conn_status 429;
    large_client_header_buffers 4 16k;
    client_body_temp_path "$run/tmp/body";
    proxy_temp_path "$run/tmp/proxy";
    fastcgi_temp_path "$run/tmp/fastcgi";
    uwsgi_temp_path "$run/tmp/uwsgi";
    scgi_temp_path "$run/tmp/scgi";
    gzip on;
    gzip_types application/javascript text/css application/json image/svg+xml;
    # A hand at the keys never comes near this; a script gone wild does.
    limit_req_zone \$binary_remote_addr zone=all:1m rate=80r/s;
    limit_req_status 429;
    server {
        listen 127.0.0.1:$HTTP_PORT default_server;
        ${TRANSMUTA_LISTEN:+listen $TRANSMUTA_LISTEN:$HTTP_PORT default_server;}
        server_name _;
        return 421;
    }
    server {
        listen 127.0.0.1:$HTTP_PORT;
        ${TRANSMUTA_LISTEN:+listen $TRANSMUTA_LISTEN:$HTTP_PORT;}
        server_name 127.0.0.1 localhost ${TRANSMUTA_NAMES:-};
        root "$APP/public";
        error_page 413 @large;
        error_page 429 @often;
        location @large { default_type application/problem+json; return 413 '{"type":"urn:transmuta:problem:too-large","title":"Too large","status":413,"detail":"That is larger than is taken at once.","field":"","mend":"Send it in parts."}'; }
        location @often { default_type application/problem+json; return 429 '{"type":"urn:transmuta:problem:too-often","title":"Too often","status":429,"detail":"That is more often than anybody asks.","field":"","mend":"Wait a moment; what you typed stays."}'; }
        location /build/ { gzip_comp_level 6; expires 30d; add_header X-Content-Type-Options nosniff; add_header Content-Security-Policy "default-src 'none'; frame-ancestors 'none'"; add_header Cross-Origin-Resource-Policy same-origin; try_files \$uri =404; }
        location ~ ^/(favicon\.svg|waiting\.css)\$ { add_header X-Content-Type-Options nosniff; add_header Content-Security-Policy "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'"; add_header Cross-Origin-Resource-Policy same-origin; try_files \$uri =404; }
        # It asks this server on behalf of the stove, and nobody else.
        location = /stove-worker.js { add_header Cache-Control no-cache; add_header X-Content-Type-Options nosniff; add_header Content-Security-Policy "default-src 'none'; connect-src 'self'; frame-ancestors 'none'"; add_header Cross-Origin-Resource-Policy same-origin; try_files \$uri =404; }
        location / { rewrite ^ /index.php last; }
        # A studio's archive is larger than anything else that is sent; what it may be is looked at once who sends it is known.
        location = /api/archives { client_max_body_size 17m; include "$run/php.conf"; fastcgi_pass "unix:$RUN/long.sock"; }
        location = /api/studio/archive { include "$run/php.conf"; fastcgi_pass "unix:$RUN/long.sock"; }
        # What computes for seconds (App\Http\Middleware\OneAtATime).
        location ~ ^/api/(versions/[0-9]+/(routes|versions)|services/[0-9]+/covers)\$ { include "$run/php.conf"; fastcgi_pass "unix:$RUN/long.sock"; }
        location = /index.php { include "$run/php.conf"; fastcgi_pass "unix:$RUN/fpm.sock"; }
    }
}
EOF
    )
    is_root && chown -R "$SERVER:$SERVER" "$run"
    say "Starting nginx"
    (umask 077; cd / && exec 9>&-; as_server "$nginx" -c "$run/nginx.conf" -e "$run/nginx.log") 2>"$VAR/nginx-start.log" || fail "nginx did not start; see $VAR/nginx-start.log"
    wait_until 100 port_taken "$HTTP_PORT" || fail "nginx did not answer; see $run/nginx.log"
}

# Those of ours that were left without a pid file.
instruments_left() {
    local pid
    for pid in $(ours php); do
        if tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF 'instruments:serve'; then printf '%s\n' "$pid"; fi
    done
}

# The simulated scale and probe (docs/instruments.md). What they weigh is gone with them, as with real ones.
instruments_up() {
    local pid serve=()
    alive "$VAR/instruments.pid" && return 0
    for pid in $(instruments_left); do kill -9 "$pid" 2>/dev/null; done
    is_root && serve=(setpriv --reuid="$SERVER" --regid="$SERVER" --init-groups --)
    say "Starting the simulated instruments"
    (umask 077; cd "$APP" && exec 9>&- && exec ${serve[@]+"${serve[@]}"} php -d error_log="$VAR/web/instruments.log" artisan instruments:serve "$INSTRUMENTS_SOCKET") >"$VAR/instruments-start.log" 2>&1 &
    echo $! >"$VAR/instruments.pid"
    wait_until 100 test -S "$INSTRUMENTS_SOCKET" || say "The simulated instruments did not start; see $VAR/instruments-start.log. Everything else works without them."
}

# After database_up, which has made ready what is served.
web_up() {
    local nginx fpm
    instruments_up
    alive "$VAR/web/nginx.pid" && alive "$VAR/web/fpm.pid" && return 0
    fpm=$(program php-fpm8.2) nginx=$(program nginx)
    if [ "${TRANSMUTA_SERVER:-}" = builtin ] || [ -z "$fpm" ] || [ -z "$nginx" ]; then
        port_taken "$HTTP_PORT" && fail "Port $HTTP_PORT is taken by something else. Set TRANSMUTA_PORT to a free port and run this again."
        say "Without nginx and php-fpm: falling back to PHP's built-in server, which is slower and answers one request at a time."
        (cd "$APP" && exec 9>&-; as_server php -d error_log="$VAR/web/php.log" -S "127.0.0.1:$HTTP_PORT" -t public bin/router.php >"$VAR/php.log" 2>&1 & echo $! >"$VAR/web/nginx.pid"; cp "$VAR/web/nginx.pid" "$VAR/web/fpm.pid")
        wait_until 100 port_taken "$HTTP_PORT" || fail "PHP's server did not start; see $VAR/php.log"
        return 0
    fi
    # What was kept between requests was computed by the code as it was.
    rm -rf "${CACHE_PATH:?}"
    fpm_up
    nginx_up
    # The first answers compile everything; do that before anybody waits for it.
    for _ in 1 2 3 4; do curl -s -o /dev/null --max-time 60 "http://127.0.0.1:$HTTP_PORT/api/session"; done
}

all_down() {
    stop_pid "$VAR/web/nginx.pid"
    stop_pid "$VAR/web/fpm.pid"
    end_all nginx
    end_all php-fpm8.2
    stop_pid "$VAR/instruments.pid"
    stop_pid "$VAR/mariadb.pid"
    end_all mariadbd
}
