#!/usr/bin/env bash
# A part of the end-to-end tests, on servers, a store and a demo of its own, so that parts run beside each other:
#   run.sh PART PORT ARGUMENT…       what Playwright is to run: files, or which tests by name
set -uo pipefail
cd "$(dirname "$0")/../.." || exit 1
part=$1
mkdir -p "$TRANSMUTA_VAR"
exec 8>"$TRANSMUTA_VAR/e2e.lock"
# Beside the other checks' own place, not in it: what is in one's place is one's own to end.
export TRANSMUTA_VAR="$TRANSMUTA_VAR-e2e-$part" TRANSMUTA_PORT=$2 TRANSMUTA_DB=transmuta_e2e_$part TRANSMUTA_CACHE=e2e-$part
shift 2
. bin/lib.sh
mkdir -p "$VAR"
trap all_down EXIT
# What is served is shared, and is made ready by one after the other.
flock 8
ensure_env
mariadb_up
export APP_ENV=production
database_up fresh || exit 1
web_up
flock -u 8
npx playwright test --output="var/e2e-results-$part" "$@"
