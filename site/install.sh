#!/usr/bin/env bash
# Installs the packages of package-lock.json, unless just those stand in node_modules already.
set -euo pipefail
cd "$(dirname "$0")"
mark=node_modules/.installed-lock
if [ -f "$mark" ] && cmp -s package-lock.json "$mark"; then exit 0; fi
npm ci --no-audit --no-fund
cp package-lock.json "$mark"
