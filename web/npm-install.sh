#!/usr/bin/env bash
# Installs the locked packages, unless the very same lock file was installed here before.
#
# Not `npm ci`: the lock file names the native parts of the platforms it was made for only, and `npm ci` refuses that although they are
# optional. `npm install --no-save` keeps to the locked versions and checksums and leaves the lock file alone.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.mobrel-lock
if ! cmp -s package-lock.json "$stamp"; then
  npm install --no-save --no-audit --no-fund --loglevel=error
  cp package-lock.json "$stamp"
fi
