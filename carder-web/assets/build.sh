#!/usr/bin/env bash
# Looks scripts and styles over, and builds what the browser needs into <target>: styles, fonts, htmx, the application's own scripts.
# Without a target only fetches what that takes.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.package-lock.json
if [[ ! -f $stamp || package-lock.json -nt $stamp ]]; then
  npm ci --ignore-scripts --no-audit --no-fund >/dev/null
fi
(($#)) || exit 0
target=$1
# Scripts and styles with a fault end the build.
npx --no-install biome lint --error-on-warnings --log-level=warn >&2
rm -rf "$target/js"
mkdir -p "$target/fonts" "$target/js"
cp node_modules/htmx.org/dist/htmx.min.js "$target/js/htmx.min.js"
cp js/*.mjs "$target/js/"
cp icon.svg app.webmanifest home.webmanifest "$target/"
cp node_modules/tus-js-client/dist/tus.min.js "$target/js/tus.min.js"
next=node_modules/@fontsource-variable/atkinson-hyperlegible-next/files
literata=node_modules/@fontsource-variable/literata/files
cp "$next"/atkinson-hyperlegible-next-latin{,-ext}-wght-normal.woff2 "$target/fonts/"
cp "$literata"/literata-latin{,-ext}-wght-{normal,italic}.woff2 "$target/fonts/"
cp "$literata/literata-cyrillic-wght-normal.woff2" node_modules/@fontsource-variable/noto-sans/files/noto-sans-cyrillic-wght-normal.woff2 "$target/fonts/"
cp node_modules/@fontsource/noto-naskh-arabic/files/noto-naskh-arabic-arabic-400-normal.woff2 "$target/fonts/"
cp node_modules/@fontsource/andika/files/andika-latin-400-normal.woff2 "$target/fonts/"
npx --no-install tailwindcss -i css/app.css -o "$target/app.css" --minify 2>/dev/null
