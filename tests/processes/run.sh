#!/usr/bin/env bash
# What happens to the servers: who they run as, what a second user can reach, and every way of starting and ending that went wrong once.
# On servers of its own, in a place with spaces in its name.
set -uo pipefail
cd "$(dirname "$0")/../.." || exit 1
unset TRANSMUTA_VAR_NAME
export TRANSMUTA_PORT=${TRANSMUTA_PROCESS_PORT:-8094} TRANSMUTA_DB=transmuta_processes
PLACE=$(mktemp -d "/tmp/trans muta XXXXXX")
chmod 755 "$PLACE"
export TRANSMUTA_VAR="$PLACE/var"
# One file that cannot grow for ever, so that a full store can be tried without filling a disk.
export TRANSMUTA_STORE_FLAGS='--innodb-file-per-table=0 --innodb-data-file-path=ibdata1:12M:autoextend:max:100M --innodb-autoextend-increment=4'
. bin/lib.sh

checks=0 wrong=0
ok() { checks=$((checks + 1)); if "${@:2}"; then printf '  ✓ %s\n' "$1"; else printf '  ✘ %s\n' "$1"; wrong=$((wrong + 1)); fi; }
not() { ! "$@"; }
answers() { curl -s -o /dev/null --max-time 5 -w '%{http_code}' "http://127.0.0.1:$TRANSMUTA_PORT/api/session" | grep -q '^200$'; }
start() { bin/start >"$PLACE/start.log" 2>&1 9>&- & disown; wait_until 900 answers; }
stopped() { [ -z "$(ours mariadbd)$(ours nginx)$(ours php-fpm8.2)" ]; }
pids() { for one in mariadbd nginx php-fpm8.2; do ours "$one"; done; }
bystander=""
trap 'bin/stop >/dev/null 2>&1; [ -n "$bystander" ] && kill "$bystander" 2>/dev/null; rm -rf "$PLACE"' EXIT

# A start that was broken off half-way left a directory that is none.
mkdir -p "$TRANSMUTA_VAR/mariadb/half" "$TRANSMUTA_VAR/mariadb.new"
ok 'starts in a place with spaces, after a start that was broken off' start

as_whom() { for pid in $(pids); do stat -c %U "/proc/$pid"; done | sort -u; }
none_is_root() { ! as_whom | grep -qx root; }
if is_root; then
    ok 'no server runs as root' none_is_root
    stranger() { setpriv --reuid=nobody --regid=nogroup --clear-groups -- "$@"; }
    reaches() { stranger php -r '$s = @stream_socket_client("unix://" . $argv[1], $n, $e, 2); exit($s ? 0 : 1);' "$1"; }
    ok 'another user reaches neither php-fpm' not reaches "$RUN/fpm.sock"
    ok '… nor the store' not reaches "$SOCKET"
    ok '… nor reads .env, nor a secret' not stranger cat .env "$VAR/secrets/app"
    ok '… nor the data' not stranger ls "$VAR/mariadb"
fi
ok 'the socket of php-fpm is for its user and group' [ "$(stat -c %a "$RUN/fpm.sock")" = 660 ]
# Whether a process holds a TCP socket, by the numbers of its sockets in the kernel's own list.
on_tcp() { local one; for one in $(ls -l "/proc/$1/fd" | grep -o 'socket:\[[0-9]*' | grep -o '[0-9]*$'); do grep -qw "$one" /proc/net/tcp /proc/net/tcp6 2>/dev/null && return 0; done; return 1; }
nothing_listens() { on_tcp "$(cat "$VAR/web/nginx.pid")" && ! on_tcp "$(cat "$VAR/mariadb.pid")"; }
ok 'the store listens nowhere but on its socket' nothing_listens
by() { MYSQL_PWD=$(secret "$1" 2>/dev/null) mariadb --no-defaults --protocol=socket --socket="$SOCKET" -u"$2" -e "$3" >/dev/null 2>&1; }
ok 'the application reads and writes rows' by app transmuta_app "update $TRANSMUTA_DB.studios set name = name"
ok '… and cannot drop a table' not by app transmuta_app "drop table $TRANSMUTA_DB.audits"
ok '… nor make one' not by app transmuta_app "create table $TRANSMUTA_DB.x (a int)"
ok '… nor see who else may come in' not by app transmuta_app 'select * from mysql.global_priv'
without_a_word() { MYSQL_PWD='' mariadb --no-defaults --protocol=socket --socket="$SOCKET" -uroot -e 'select 1' >/dev/null 2>&1; }
ok 'the store’s root does not come in without a word' not without_a_word

second() { [[ $(bin/start 2>&1) == *'running already'* ]]; }
ok 'a second start says that it runs already' second
ok '… and the first goes on' answers

# Acknowledged writes are there after the store was killed in the midst of them, and it is there again by itself.
jar="$PLACE/jar"
curl -s -c "$jar" -o /dev/null "http://127.0.0.1:$TRANSMUTA_PORT/api/session"
word() { php -r 'foreach (file($argv[1]) as $l) { $p = explode("\t", trim($l)); if (($p[5] ?? "") === "XSRF-TOKEN") { echo urldecode($p[6]); } }' "$jar"; }
curl -s -b "$jar" -c "$jar" -o /dev/null -X POST -H "X-XSRF-TOKEN: $(word)" "http://127.0.0.1:$TRANSMUTA_PORT/api/session/demo"
note() { curl -s -b "$jar" -c "$jar" --max-time 8 -o /dev/null -w '%{http_code}' -X POST -H 'Content-Type: application/json' -H "X-XSRF-TOKEN: $(word)" -d "{\"words\":\"kept $1\"}" "http://127.0.0.1:$TRANSMUTA_PORT/api/dishes/1/errands"; }
said=0 slow=0
for n in $(seq 60); do
    [ "$n" = 20 ] && kill -9 "$(cat "$VAR/mariadb.pid")"
    began=$SECONDS
    if [ "$(note "$n")" = 201 ]; then said=$((said + 1)); fi
    [ $((SECONDS - began)) -gt 5 ] && slow=1
    [ "$n" -gt 20 ] && [ "$said" -lt 22 ] && sleep 0.3
done
kept() { [ "$(db -N -e "select count(*) from $TRANSMUTA_DB.errands where words like 'kept %'")" -ge "$said" ] && [ "$said" -gt 25 ]; }
ok "every write that was acknowledged ($said of 60) is there after kill -9 of the store" kept
ok '… and nothing hung longer than 5 s' [ "$slow" = 0 ]

# A store that can be read and takes nothing down, or does not answer at all: reading goes on, writing is told so, nothing is half-written, nothing hangs.
said_of() { curl -s -b "$jar" -c "$jar" --max-time 8 -w '\n%{http_code} %{time_total}' -X "$1" -H 'Content-Type: application/json' -H "X-XSRF-TOKEN: $(word)" ${3:+-d "$3"} "http://127.0.0.1:$TRANSMUTA_PORT/api/$2"; }
refuses() { [[ $(said_of POST dishes/1/errands '{"words":"lost"}') == *"problem:$1"*$'\n503 '[0-4].* ]] && [ "$(db -N -e "select count(*) from $TRANSMUTA_DB.errands where words = 'lost'")" = 0 ]; }
reads() { [[ $(said_of GET dishes) == *$'\n200 '[0-4].* ]]; }
takes() { [[ $(said_of POST dishes/1/errands '{"words":"taken"}') == *$'\n201 '[0-4].* ]]; }
# What a console of root's keeps for itself is made anew by the server, which cannot read it.
reckons() { rm -f storage/framework/cache/tables*; (umask 077; php artisan formula:read core/data/demo/cardamom-set-custard.txt >/dev/null) && [[ $(said_of POST readings '{"text":"200 g milk"}') == *$'\n200 '[0-9]* ]]; }
ok 'a console beside it keeps nothing from it' reckons
db -e 'set global read_only = 1'
ok 'a store for reading only: what is written is refused by its reason' refuses store-full
ok '… and reading goes on' reads
db -e 'set global read_only = 0'
ok '… and writing goes on when it may' takes
kill -STOP "$(cat "$VAR/mariadb.pid")"
hangs() { local said; said=$(said_of POST dishes/1/errands '{"words":"lost"}'); [[ $said == *'problem:store-away'*$'\n503 '[0-4].* ]] || { echo "$said" >&2; false; }; }
ok 'a store that does not answer: told within 5 s' hangs
kill -CONT "$(cat "$VAR/mariadb.pid")"
sleep 1
ok '… and all goes on when it does' takes
for one in php-fpm8.2 nginx instruments; do
    case $one in nginx) file="$VAR/web/nginx.pid" ;; instruments) file="$VAR/instruments.pid" ;; *) file="$VAR/web/fpm.pid" ;; esac
    was=$(cat "$file")
    kill -9 "$was"
    renewed() { alive "$file" && [ "$(cat "$file")" != "$was" ] && answers; }
    ok "kill -9 of $one: there again by itself" wait_until 200 renewed
done

# A backup is the store, whole: brought back into another, every table has the same rows.
rows() { for table in $(db -N -e "select table_name from information_schema.tables where table_schema = '$1' order by 1"); do db -N -e "checksum table $1.$table" | sed "s/$1.//"; done; }
saved() { bin/backup "$PLACE/plain.sql.gz" >/dev/null && bin/restore "$PLACE/plain.sql.gz" transmuta_copy >/dev/null && [ "$(rows transmuta_copy)" = "$(rows "$TRANSMUTA_DB")" ] && [ "$(rows transmuta_copy | wc -l)" -gt 20 ]; }
ok 'a backup restored into another database holds the same rows in every table' saved
head -c 32 /dev/urandom | base64 >"$PLACE/key"
sealed() { TRANSMUTA_BACKUP_KEY="$PLACE/key" bin/backup "$PLACE/sealed.sql.gz.enc" >/dev/null && ! gunzip -t "$PLACE/sealed.sql.gz.enc" 2>/dev/null && TRANSMUTA_BACKUP_KEY="$PLACE/key" bin/restore "$PLACE/sealed.sql.gz.enc" transmuta_copy >/dev/null && [ "$(rows transmuta_copy)" = "$(rows "$TRANSMUTA_DB")" ]; }
ok '… encrypted, too' sealed
head -c 32 /dev/urandom | base64 >"$PLACE/wrong"
opened() { TRANSMUTA_BACKUP_KEY="$PLACE/wrong" bin/restore "$PLACE/sealed.sql.gz.enc" transmuta_copy >/dev/null 2>&1; }
ok '… and with another key it is not opened' not opened
# What a file says it says in its own database, and runs nothing (audit/attack A3); and only what was saved here is taken without a word.
(printf '\\! touch %s\n' "$PLACE/ran"; gunzip -c "$PLACE/plain.sql.gz") | gzip >"$PLACE/shell.sql.gz"
unsigned() { bin/restore "$PLACE/shell.sql.gz" transmuta_copy >/dev/null 2>&1; }
ok 'a file nothing vouches for is not brought back' not unsigned
TRANSMUTA_RESTORE_UNSIGNED=yes bin/restore "$PLACE/shell.sql.gz" transmuta_copy >/dev/null 2>&1
ok 'one that asks for a shell runs none' test ! -e "$PLACE/ran"
(printf 'update %s.studios set name = "PWNED";\n' "$TRANSMUTA_DB"; gunzip -c "$PLACE/plain.sql.gz") | gzip >"$PLACE/other.sql.gz"
other() { TRANSMUTA_RESTORE_UNSIGNED=yes bin/restore "$PLACE/other.sql.gz" transmuta_copy >/dev/null 2>&1; }
ok 'one that writes into another database is not brought back' not other
untouched() { [ "$(db -N -e "select count(*) from $TRANSMUTA_DB.studios where name = 'PWNED'")" = 0 ]; }
ok '… and the other is as it was' untouched
printf x >>"$PLACE/plain.sql.gz"
spoilt() { bin/restore "$PLACE/plain.sql.gz" transmuta_copy >/dev/null 2>&1; }
ok 'a file that was changed since is not brought back' not spoilt

# The starter itself is killed: what it leaves is found, taken over or ended, and nothing of anybody else's.
kill -9 "$(cat "$VAR/start.pid")"
sleep 1
ok 'what a killed start leaves is taken over by the next' start
grep -q 'Taking over\|Transmuta is at' "$PLACE/start.log"
sleep 300 & bystander=$!
bin/stop >/dev/null 2>&1
ok 'stopped, nothing of ours is left' stopped
mkdir -p "$VAR/web"
for file in "$VAR/mariadb.pid" "$VAR/web/nginx.pid" "$VAR/web/fpm.pid" "$VAR/start.pid"; do echo "$bystander" >"$file"; done
bin/stop >/dev/null 2>&1
ok 'bin/stop ends nothing that is not ours, whatever a pid file says' kill -0 "$bystander"
ok 'a stale pid file does not keep it from starting' start
ok '… and what was there is there' kept
db -e "create table $TRANSMUTA_DB.filler (of longblob) engine=InnoDB"
for size in 4000000 1000000 100000 10000 1000 100; do while db -e "insert into $TRANSMUTA_DB.filler values (repeat('x', $size))" 2>/dev/null; do :; done; done
dish=$(php -r 'echo json_encode(["text" => file_get_contents("core/data/demo/passion-fruit-curd-tartlet.txt")]);')
dishes() { db -N -e "select count(*), (select count(*) from $TRANSMUTA_DB.versions), (select count(*) from $TRANSMUTA_DB.heads) from $TRANSMUTA_DB.dishes"; }
was=$(dishes | cut -f1) made=0
full() { local n said; for n in $(seq 400); do said=$(said_of POST dishes "$dish"); [[ $said == *$'\n201 '* ]] && made=$((made + 1)); [[ $said == *'problem:store-full'*$'\n503 '[0-4].* ]] && return 0; done; echo "$said" | tail -c 400 >&2; return 1; }
ok 'a store with no room left says so' full
whole() { read -r d v h < <(dishes); [ "$d" = $((was + made)) ] && [ "$v" = "$h" ]; }
ok '… what was taken down is there, and nothing by halves' whole
ok '… and reading goes on' reads
bin/stop >/dev/null 2>&1
export TRANSMUTA_STORE_FLAGS="${TRANSMUTA_STORE_FLAGS/max:100M/max:200M}"
ok '… and with room made, it starts' start
ok '… and takes down what is written' takes
bin/stop >/dev/null 2>&1
printf '%d checks, %d wrong\n' "$checks" "$wrong"
[ "$wrong" -eq 0 ]
