# Shared by the commands in bin: makes sure that what they need is there.

# need COMMAND PACKAGE...: installs Debian packages when the command is missing, or says what to do.
need() {
  local command="$1"
  shift
  if command -v "$command" >/dev/null 2>&1; then
    return
  fi
  if command -v apt-get >/dev/null 2>&1 && [ "$(id -u)" = 0 ]; then
    echo "Installing $* ..."
    apt-get update -qq >/dev/null
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >/dev/null
  else
    echo "“$command” is missing. Install it first, on Debian: apt-get install $*" >&2
    exit 1
  fi
}

need_build_tools() {
  need javac openjdk-17-jdk-headless
  need mvn maven
  need node nodejs npm
  need npm npm
  if ! node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)'; then
    echo "Node $(node --version) is too old: version 20.19 or newer is needed.." >&2
    exit 1
  fi
}
