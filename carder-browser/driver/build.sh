#!/usr/bin/env bash
# Lays out the browser driver the way the Java client expects it, with the machine's own Node.js:
#   <target>/node -> node, <target>/package -> node_modules/playwright-core
set -euo pipefail
target=$1
stamp=node_modules/.package-lock.json
if [[ ! -f $stamp || package-lock.json -nt $stamp ]]; then
  npm ci --ignore-scripts --no-audit --no-fund >/dev/null
fi
mkdir -p "$target"
ln -sfn "$(command -v node)" "$target/node"
ln -sfn "$PWD/node_modules/playwright-core" "$target/package"
