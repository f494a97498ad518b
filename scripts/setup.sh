# Sourced by ./start and ./test: Debian packages and the Python environment, installed once.
# Each step says plainly why it can't go on, and a step that fails leaves nothing half-done behind.

say() { printf '%s\n' "$*" >&2; }
fail() { say "Iron Arc can't go on: $*"; exit 1; }

as_root() {
  if [ "$(id -u)" -eq 0 ]; then "$@"
  elif command -v sudo >/dev/null; then sudo "$@"
  else fail "installing system packages needs root; run this as root, or install sudo."
  fi
}

# ensure_packages NAME...: Debian packages that are not installed yet
ensure_packages() {
  command -v dpkg-query >/dev/null || fail "this is not a Debian machine; install these by hand: $*."
  local missing=() name
  for name in "$@"; do
    dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'ok installed' || missing+=("$name")
  done
  [ "${#missing[@]}" -eq 0 ] && return
  say "Installing system packages: ${missing[*]}"
  local log; log=$(mktemp)
  if ! { as_root apt-get update && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } >"$log" 2>&1; then
    tail -n 3 "$log" >&2
    fail "the packages ${missing[*]} could not be installed. Is there a network, and room on the disk? The whole log: $log"
  fi
  rm -f "$log"
}

# A Python of 3.11 or newer
find_python() {
  local candidate
  for candidate in python3.11 python3 /usr/bin/python3; do
    if "$candidate" -c 'import sys, venv; sys.exit(sys.version_info < (3, 11))' 2>/dev/null; then
      command -v "$candidate"; return
    fi
  done
  fail "Python 3.11 or newer is needed, with its venv module."
}

# ensure_python LOCKFILE: .venv with exactly the pinned packages, made anew only when the lock file changed
ensure_python() {
  local lock=$1 stamp=".venv/ironarc.$1" sum python log
  sum=$(cat requirements.lock "$lock" pyproject.toml | sha256sum)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && .venv/bin/python -c 'import ironarc' 2>/dev/null && return
  if [ ! -x .venv/bin/python ] || ! .venv/bin/python -c '' 2>/dev/null; then
    python=$(find_python) || exit 1
    rm -rf .venv
    "$python" -m venv .venv || { rm -rf .venv; fail "the Python environment could not be made; is there room on the disk?"; }
  fi
  say "Installing Python packages"
  log=$(mktemp)
  if ! { .venv/bin/pip install --disable-pip-version-check -q --require-hashes -r "$lock" \
      && .venv/bin/pip install --disable-pip-version-check -q --no-deps --no-build-isolation -e .; } >"$log" 2>&1; then
    tail -n 3 "$log" >&2
    fail "the Python packages in $lock could not be installed. Is there a network? The whole log: $log"
  fi
  rm -f "$log"
  printf '%s' "$sum" >"$stamp"
}
