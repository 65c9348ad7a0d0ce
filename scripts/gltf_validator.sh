#!/bin/sh
# gltf_validator.sh: puts the Khronos glTF validator, as pinned, where the tests look for it. Where npm is missing
# it installs that as root, or says how; the tests then skip what needs it, but never in CI.
set -eu
cd "$(dirname "$0")/../tests/js"
pinned=$(sed -n 's/.*"gltf-validator": "\(.*\)".*/\1/p' package.json)
grep -qs "\"version\": \"$pinned\"" node_modules/gltf-validator/package.json && exit 0
if ! command -v npm >/dev/null && [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
    apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends nodejs npm >/dev/null
fi
if ! command -v npm >/dev/null; then
    echo "npm is missing, so glTF files are not validated. Install it with: sudo apt-get install nodejs npm" >&2
    exit 0
fi
echo "Installing the glTF validator $pinned ..."
npm ci --silent --no-audit --no-fund
