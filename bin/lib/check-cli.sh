#!/usr/bin/env bash
# The command line from outside: 400 mixed cases in one go under five seconds, an error's status, and a live backup.
set -euo pipefail
folder="$(mktemp -d)"
trap 'rm -rf "$folder"' EXIT
node -e '
const fs = require("fs");
const cases = JSON.parse(fs.readFileSync("golden/blend.json")).map((one) => one.input);
fs.writeFileSync(process.argv[1], JSON.stringify(Array.from({ length: 400 }, (_, i) => cases[i % cases.length])));
' "$folder/in.json"
# Packages and bundle are made with the first call; what is timed is the work.
bin/rendle >/dev/null 2>&1 || true
started=$(date +%s%N)
bin/rendle calc blend <"$folder/in.json" >"$folder/out.json"
took=$((($(date +%s%N) - started) / 1000000))
node -e 'const r = JSON.parse(require("fs").readFileSync(process.argv[1])); if (r.length !== 400 || r.filter((one) => one.totalG > 0).length < 200) process.exit(1)' "$folder/out.json"
echo "400 cases in $took ms"
[ "$took" -lt 5000 ]
status=0
echo '{"tempC": "warm"}' | bin/rendle calc emc >"$folder/error.json" || status=$?
[ "$status" = 2 ] && grep -q '"error":{"path":"' "$folder/error.json"
RENDLE_DATA="$folder/shop" bin/rendle demo
RENDLE_DATA="$folder/shop" bin/rendle backup "$folder/copy.sqlite" | grep -q Copied
! RENDLE_DATA="$folder/shop" bin/rendle backup "$folder/copy.sqlite" 2>/dev/null
