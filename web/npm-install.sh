#!/usr/bin/env bash
# Installs the locked packages, unless the very same lock file was installed here before.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.mobrel-lock
if ! cmp -s package-lock.json "$stamp"; then
  npm ci --no-audit --no-fund --loglevel=error
  cp package-lock.json "$stamp"
fi
