# Shared by start and test: checks tools, and builds into .build/app what changed since the last build.

fail() {
  echo "$1" >&2
  exit 1
}

need_tools() {
  command -v dotnet >/dev/null || fail "The .NET 10 SDK is missing. Install it, then start again."
  dotnet --list-sdks 2>/dev/null | grep -q '^10\.' || fail "This needs the .NET 10 SDK; found: $(dotnet --version 2>/dev/null || echo none). Install .NET 10, then start again."
  command -v node >/dev/null || fail "Node is missing. Install Node 20.19 or a newer 20, then start again."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' ||
    fail "This needs Node 20.19 or newer; found $(node --version). Install it, then start again."
  command -v npm >/dev/null || fail "npm is missing. It comes with Node; install it, then start again."
}

# A hash of every file that a build reads.
inputs_hash() {
  find src demo global.json Directory.Build.props Directory.Packages.props .editorconfig scripts/build.sh \
    \( -name bin -o -name obj -o -name node_modules -o -name schema.gen.ts \) -prune -o -type f -print0 |
    LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -c1-64
}

build_when_stale() {
  local now
  now=$(inputs_hash)
  if [ -f .build/app/JollyBarn.Web.dll ] && [ "$(cat .build/stamp 2>/dev/null)" = "$now" ]; then
    return
  fi
  echo "Building (the first time takes a few minutes)…" >&2
  build_all >&2
  inputs_hash >.build/stamp
}

interface_packages() {
  if [ ! -d src/web/node_modules ] || [ src/web/package-lock.json -nt src/web/node_modules/.package-lock.json ]; then
    echo "1 of 3: packages of the interface" >&2
    # Not npm ci: it refuses a registry that lacks the packages of other platforms. Versions stay those of the lock file.
    (cd src/web && npm install --no-save --no-audit --no-fund) || fail "The packages of the interface could not be fetched. Check the connection to the npm registry and start again."
  fi
}

build_all() {
  mkdir -p .build docs/api
  interface_packages
  echo "2 of 3: the program" >&2
  rm -rf .build/app
  dotnet publish src/JollyBarn.Web -c Release -o .build/app -v quiet --nologo -p:RunAnalyzers=false || fail "The program does not build."
  dotnet .build/app/JollyBarn.Web.dll --schema >docs/job.schema.json
  echo "3 of 3: the interface" >&2
  (cd src/web && npm run --silent api && npm run --silent build -- --logLevel warn) || fail "The interface does not build."
  rm -rf .build/app/wwwroot
  cp -r .build/web .build/app/wwwroot
}
