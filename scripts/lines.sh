#!/usr/bin/env bash
# No line of code is over 140 characters; says which are.
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
code() { git ls-files -z --cached --others --exclude-standard -- "$@" ':!:*/Migrations/*' ':!:*.gen.ts'; }
long=$(code '*.cs' '*.ts' '*.tsx' '*.mjs' '*.js' | xargs -0 grep -nE '^.{141,}' | cut -c1-160)
[ -z "$long" ] || { echo "Lines over 140 characters:"; echo "$long"; exit 1; }
