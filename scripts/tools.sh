# What the machine must have. Missing Debian packages are named first, then installed with root or sudo.

POSTGRES_HOMES=/usr/lib/postgresql
CHROMIUM=/usr/bin/chromium-headless-shell

# To build, test and run.
need_tools() {
  local missing=()
  command -v javac >/dev/null || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  command -v node >/dev/null && command -v npm >/dev/null || missing+=(nodejs npm)
  need_to_run_built "${missing[@]}"
  need_java 17
  need_node 20
}

# Where it lies without its sources there is nothing to build.
need_to_run() {
  if [ -e "$ROOT/pom.xml" ]; then need_tools; else need_to_run_built; fi
}

need_to_run_built() {
  local missing=("$@")
  command -v java >/dev/null || [[ " $* " == *jdk* ]] || missing+=(openjdk-17-jre-headless)
  command -v curl >/dev/null || missing+=(curl)
  command -v flock >/dev/null || missing+=(util-linux)
  [ -n "$(postgres_versions)" ] || missing+=(postgresql)
  install_packages "${missing[@]}"
}

need_age() {
  command -v age >/dev/null || install_packages age
}

need_chromium() {
  [ -x "$CHROMIUM" ] || install_packages chromium-headless-shell
}

# Versions of PostgreSQL whose server is installed, newest first.
postgres_versions() {
  local home
  for home in "$POSTGRES_HOMES"/*; do
    [ -x "$home/bin/initdb" ] && basename "$home"
  done | sort -rn
}

need_java() {
  local version
  version=$(javac -version 2>&1 | sed -E 's/^javac ([0-9]+).*/\1/')
  [ "$version" -ge "$1" ] 2>/dev/null ||
    fail "This needs a JDK $1 or newer, and finds version '$version'." \
      "Install openjdk-17-jdk-headless, or set PATH to a newer one."
}

need_node() {
  local version
  version=$(node --version | sed -E 's/^v([0-9]+).*/\1/')
  [ "$version" -ge "$1" ] 2>/dev/null ||
    fail "This needs Node $1 or newer, and finds version '$version'." \
      "Install a newer Node and put it first in PATH."
}

install_packages() {
  [ $# -gt 0 ] || return 0
  local as=()
  if [ "$(id -u)" -ne 0 ]; then
    command -v sudo >/dev/null ||
      fail "These packages are missing: $*." "Install them as root: apt-get install $*"
    as=(sudo)
  fi
  command -v apt-get >/dev/null ||
    fail "These are missing: $*, and there is no apt-get here." "Install them by your system's own means."
  say "Installing with apt-get: $*"
  keep_default_cluster_away "${as[@]}"
  "${as[@]}" apt-get update -qq ||
    fail "apt-get update failed." "Look at its words above; the network may be down."
  DEBIAN_FRONTEND=noninteractive "${as[@]}" apt-get install -y -qq --no-install-recommends "$@" >/dev/null ||
    fail "apt-get could not install $*." "Run it by hand to see why: apt-get install $*"
}

# Debian's package would start a cluster of its own on port 5432; ours is private.
keep_default_cluster_away() {
  local conf=/etc/postgresql-common/createcluster.conf
  [ -e "$conf" ] || "$@" sh -c \
    "mkdir -p /etc/postgresql-common && echo 'create_main_cluster = false' > $conf"
}
