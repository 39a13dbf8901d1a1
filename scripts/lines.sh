#!/usr/bin/env bash
# No line of code is over 140 characters and no file over 300 lines; says which are.
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
code() { git ls-files -z --cached --others --exclude-standard -- "$@" ':!:*/Migrations/*' ':!:*.gen.ts'; }
long=$(code '*.cs' '*.ts' '*.tsx' '*.mjs' '*.js' | xargs -0 grep -nE '^.{141,}' | cut -c1-160)
[ -z "$long" ] || { echo "Lines over 140 characters:"; echo "$long"; exit 1; }
big=$(code '*.cs' '*.ts' '*.tsx' '*.mjs' '*.js' | xargs -0 wc -l | awk '$1 > 300 && $2 != "total"')
[ -z "$big" ] || { echo "Files over 300 lines:"; echo "$big"; exit 1; }
