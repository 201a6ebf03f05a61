# How the script speaks: one line for what it does, a clear sentence and a way out for what it cannot do.

say() { printf '\033[1m%s\033[0m\n' "$*"; }

note() { printf '  %s\n' "$*"; }

# fail SENTENCE [WAY-OUT]
fail() {
  printf 'velvet kettle: %s\n' "$1" >&2
  [ $# -lt 2 ] || printf '  %s\n' "$2" >&2
  exit 1
}
