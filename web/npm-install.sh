#!/usr/bin/env bash
# Installs the locked packages, unless the very same lock file was installed here before.
#
# Not `npm ci`: the lock file names the native parts of the platforms it was made for only, and `npm ci` refuses that although they are
# optional. `npm install --no-save` keeps to the locked versions and checksums and leaves the lock file alone.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.mobrel-lock
cmp -s package-lock.json "$stamp" && exit 0

# An older Node, such as Debian 12's, makes npm leave out native parts that ask for a newer one. Then the pinned Node and an npm of its
# time are fetched first, into a folder of their own, and do the installing.
new_enough='const [major, minor] = process.versions.node.split(".").map(Number); process.exit(major > 20 || (major === 20 && minor >= 19) ? 0 : 1)'
if ! node -e "$new_enough"; then
  pinned=$(node -p 'require("./package.json").devDependencies.node')
  mkdir -p target/node
  npm install --no-save --no-audit --no-fund --loglevel=error --prefix target/node "node@$pinned" npm@11.19.1
  PATH=$PWD/target/node/node_modules/.bin:$PATH
fi
npm install --no-save --no-audit --no-fund --loglevel=error
cp package-lock.json "$stamp"
