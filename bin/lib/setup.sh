# What every command needs before it can run; sourced, never run.

# Node as new as the house needs.
check_node() {
  command -v node >/dev/null || { echo "Node.js 20.9 or newer is needed and was not found." >&2; exit 1; }
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 9) ? 0 : 1)' ||
    { echo "Node.js 20.9 or newer is needed; this is $(node --version)." >&2; exit 1; }
}

# Installs the packages of the lockfile, unless these very ones are there already.
install_packages() {
  check_node
  local want
  want="$(sha256sum "$1/package-lock.json" | cut -d' ' -f1)-$(node -p 'process.versions.modules')"
  [ "$(cat "$1/node_modules/.rendle-installed" 2>/dev/null)" = "$want" ] && return 0
  echo "Installing packages (about two minutes the first time) …"
  (cd "$1" && npm ci --include=dev --no-audit --no-fund --loglevel=error) || return 1
  echo "$want" > "$1/node_modules/.rendle-installed"
}

# Builds the app, unless it was built from these very sources.
build_app() {
  local want
  want="$(cd "$1" && { find src assets drizzle -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum; sha256sum next.config.ts package.json package-lock.json postcss.config.mjs tsconfig.json; } | sha256sum | cut -d' ' -f1)"
  [ "$(cat "$1/.next/.rendle-built" 2>/dev/null)" = "$want" ] && return 0
  echo "Building the app (about a minute) …"
  (cd "$1" && NEXT_TELEMETRY_DISABLED=1 npm run --silent build) || return 1
  echo "$want" > "$1/.next/.rendle-built"
}

# Bundles the command line, unless it was bundled from these very sources: it starts in half a second, not two.
build_cli() {
  local want
  want="$(cd "$1" && { find src/{cli,core,data,devices,messages,solvers} -type f -print0 | sort -z | xargs -0 sha256sum; sha256sum package.json package-lock.json tsconfig.json; } | sha256sum | cut -d' ' -f1)"
  [ "$(cat "$1/.cli/.rendle-built" 2>/dev/null)" = "$want" ] && return 0
  (cd "$1" && rm -rf .cli && npm run --silent cli) || return 1
  echo "$want" > "$1/.cli/.rendle-built"
}
