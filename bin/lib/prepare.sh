# Sourced by the commands in bin/: finds the project, checks Node.js, installs and builds what is missing.
# POSIX sh; every path is quoted, the folder may hold spaces.

ROOT=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
cd "$ROOT" || exit 1
NEXT_TELEMETRY_DISABLED=1
export NEXT_TELEMETRY_DISABLED

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

check_node() {
  command -v node >/dev/null 2>&1 ||
    fail "Olvik needs Node.js 20.19 or newer, and there is none here. Install it and start again. Nothing was changed."
  OLVIK_NODE=${OLVIK_PRETEND_NODE:-$(node -p 'process.versions.node')}
  major=${OLVIK_NODE%%.*}
  rest=${OLVIK_NODE#*.}
  minor=${rest%%.*}
  if [ "$major" -lt 20 ] || { [ "$major" -eq 20 ] && [ "$minor" -lt 19 ]; }; then
    fail "Olvik needs Node.js 20.19 or newer; this is $OLVIK_NODE. Nothing was changed."
  fi
}

# The native database driver is compiled where no built one is kept: keep it by version and platform.
driver_cache() {
  version=$(node -p "require('./package-lock.json').packages['node_modules/better-sqlite3'].version")
  abi=$(node -p 'process.versions.modules + "-" + process.platform + "-" + process.arch')
  printf '%s/olvik/better-sqlite3-%s-%s.node' "${XDG_CACHE_HOME:-$HOME/.cache}" "$version" "$abi"
}

install_packages() {
  if [ -f node_modules/.olvik-lock ] && cmp -s package-lock.json node_modules/.olvik-lock; then
    return 0
  fi
  say "Installing packages (npm ci). The database driver may compile for a few minutes."
  [ -d /usr/include/node ] && npm_config_nodedir=/usr && export npm_config_nodedir
  built=$(driver_cache)
  if [ -f "$built" ]; then
    npm ci --ignore-scripts --loglevel=error || fail "npm ci failed; see the lines above."
    mkdir -p node_modules/better-sqlite3/build/Release
    cp "$built" node_modules/better-sqlite3/build/Release/better_sqlite3.node
  else
    npm ci --loglevel=error || fail "npm ci failed; see the lines above."
    mkdir -p "$(dirname -- "$built")" 2>/dev/null &&
      cp node_modules/better-sqlite3/build/Release/better_sqlite3.node "$built" 2>/dev/null
  fi
  cp package-lock.json node_modules/.olvik-lock
}

build_app() {
  if [ -f .next/BUILD_ID ] && [ -z "$(find src next.config.ts package-lock.json tsconfig.json -newer .next/BUILD_ID -type f ! -name '*.test.ts' ! -name '*.test.tsx' 2>/dev/null | head -n 1)" ]; then
    return 0
  fi
  say "Building Olvik."
  node node_modules/next/dist/bin/next build >.next-build.log 2>&1 || {
    cat .next-build.log >&2
    fail "The build failed; see the lines above."
  }
  rm -f .next-build.log
}
