#!/usr/bin/env bash
# Makes demo/ferry-keepers-house.json anew: starts the built program on an empty data file with no demo, and does the demo's edits in it.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
folder=$(mktemp -d)
cp -r .build/app "$folder/app"
rm -rf "$folder/app/demo"
dotnet "$folder/app/JollyBarn.Web.dll" --data "$folder/empty.db" --port 5290 &
program=$!
trap 'kill $program; rm -rf "$folder"' EXIT
for _ in $(seq 60); do curl -sf http://127.0.0.1:5290/api/jobs >/dev/null && break; sleep 0.5; done
node demo/make.mjs http://127.0.0.1:5290
