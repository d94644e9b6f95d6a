#!/usr/bin/env bash
# Fits every example that ships, writes docs/ways.md with a picture and the bill of each, and keeps the designs
# that "Open an example" draws.
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir -p "$here/docs/ways"
examples=$here/files/src/main/resources/reliqua/files/examples
page=$work/ways.md
cat > "$page" <<'HEAD'
# Ways of building

Each example is a made-up keeper with birds and a heap of their own. `./reliqua new --examples` lists them,
`./reliqua new --example ID --out FILE` makes one, and the window shows them as cards (menu, *Open an example*). Made by `scripts/ways.sh`: the bill is
all that remains to buy, hardware too.

| example | fitted | to buy | seconds |
|---|---|---|---|
HEAD
"$here/reliqua" new --examples > "$work/list"
while read -r id line; do
  "$here/reliqua" new --example "$id" --out "$work/$id.reliqua"
  begin=$(date +%s%N)
  "$here/reliqua" fit "$work/$id.reliqua" --out "$work/$id" > "$work/said"
  seconds=$(( ($(date +%s%N) - begin) / 1000000000 ))
  fitted=$(sed -n 's/^best \(.*\): cuts cost.*/\1/p' "$work/said")
  bill=$(tail -1 "$work/$id/buy.csv" | sed 's/.*,//')
  cp "$work/$id/house.svg" "$here/docs/ways/$id.svg"
  echo "| **$id**: $line<br>![$id](ways/$id.svg) | $fitted | $bill | $seconds |" >> "$page"
done < "$work/list"
cp "$page" "$here/docs/ways.md"
# At the end: what lies in the sources asks for a new build.
while read -r id _; do
  cp "$work/$id/fits.json" "$examples/$id.fits.json"
done < "$work/list"
