#!/usr/bin/env bash
# One part of the end-to-end tests, on servers, a store and a demo of its own, so that parts run beside each other:
#   run.sh PART PORT AFTER FILE…
# What is timed (@alone) is left out, and run once the processes AFTER (their numbers, in one word) have ended, if there are any. Says READY on file descriptor 3 once it is set up:
# what is served is shared, and is made ready by one after the other.
set -uo pipefail
cd "$(dirname "$0")/../.." || exit 1
part=$1 after=$3
export TRANSMUTA_VAR="$TRANSMUTA_VAR/e2e-$part" TRANSMUTA_PORT=$2 TRANSMUTA_DB=transmuta_e2e_$part TRANSMUTA_CACHE=e2e-$part
shift 3
. bin/lib.sh
mkdir -p "$VAR"
trap all_down EXIT
ensure_env
mariadb_up
export APP_ENV=production
database_up fresh || exit 1
web_up
{ echo READY >&3; } 2>/dev/null
result=0
npx playwright test --grep-invert=@alone --output="var/e2e-results-$part" "$@" || result=1
if [ -n "$after" ]; then
    for pid in $after; do
        while kill -0 "$pid" 2>/dev/null; do sleep 1; done
    done
    npx playwright test --grep=@alone --output="var/e2e-results-$part-alone" || result=1
fi
exit $result
