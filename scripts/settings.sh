# What can be set, each by option, by environment or in a file; the first of them that says something counts.
#
#   $DATA/settings   lines NAME=value, or the file that --settings names

SETTINGS=(KETTLE_PORT KETTLE_DB_URL KETTLE_DB_USER KETTLE_DB_PASSWORD KETTLE_BACKUPS KETTLE_BACKUP_PASSPHRASE_FILE)

parse_options() {
  local port="" file=""
  DEMO=true
  DATA=${KETTLE_DATA:-$(default_data)}
  FILE="" REPLACE=false VERIFY=false ASK_PASSPHRASE=false PASSPHRASE_FILE="" INSTALL=false REMOVE=false NIGHT=""
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) port=${2:?--port wants a number} && shift 2 ;;
      --data) DATA=${2:?--data wants a folder} && shift 2 ;;
      --settings) file=${2:?--settings wants a file} && shift 2 ;;
      --no-demo) DEMO=false && shift ;;
      --replace) REPLACE=true && shift ;;
      --verify) VERIFY=true && shift ;;
      --passphrase) ASK_PASSPHRASE=true && shift ;;
      --passphrase-file) PASSPHRASE_FILE=${2:?--passphrase-file wants a file} && shift 2 ;;
      --install) INSTALL=true && shift ;;
      --remove) REMOVE=true && shift ;;
      --night) NIGHT=${2:?--night wants a day} && shift 2 ;;
      -*) fail "'$1' is not an option." "See ./kettle help" ;;
      *)
        [ -z "$FILE" ] || fail "'$1' is one file too many." "See ./kettle help"
        FILE=$1 && shift ;;
    esac
  done
  DATA=$(from_caller "$DATA")
  [ -z "$FILE" ] || FILE=$(from_caller "$FILE")
  [ -z "$PASSPHRASE_FILE" ] || PASSPHRASE_FILE=$(from_caller "$PASSPHRASE_FILE")
  [ -z "$file" ] || file=$(from_caller "$file")
  read_settings "$file"
  PORT=${port:-${KETTLE_PORT:-8487}}
  [[ "$PORT" =~ ^[0-9]+$ ]] && [ "$PORT" -le 65535 ] || fail "--port wants a number up to 65535, not '$PORT'."
  BACKUPS=${KETTLE_BACKUPS:-$DATA/backups}
  [[ "$BACKUPS" == /* ]] || fail "KETTLE_BACKUPS wants a whole path, not '$BACKUPS'."
  check_database_url
}

# A path as it was meant where the command was typed, which its owner may not be able to look into.
from_caller() {
  if [[ "$1" == /* ]]; then realpath -m -- "$1"; else realpath -m -- "$CALLED_FROM/$1"; fi
}

# What a command cannot do with: a file or an option that belongs to others.
only_options() {
  [ -z "$FILE" ] || fail "'$FILE' is not an option." "See ./kettle help"
}

default_data() {
  if [ "$(id -u)" -eq 0 ]; then
    echo /var/lib/velvet-kettle
  else
    echo "${XDG_DATA_HOME:-$HOME/.local/share}/velvet-kettle"
  fi
}

# Read line by line and never run: a file of settings is no program.
read_settings() {
  local file=${1:-$DATA/settings} line name number=0
  if [ ! -r "$file" ]; then
    [ -z "${1:-}" ] || fail "The settings in $file cannot be read." "Look whether it is there and who may read it."
    return 0
  fi
  while IFS= read -r line || [ -n "$line" ]; do
    number=$((number + 1))
    line=${line%$'\r'}
    [[ ! "$line" =~ ^[[:space:]]*(#.*)?$ ]] || continue
    [[ "$line" =~ ^([A-Z_]+)=(.*)$ ]] ||
      fail "Line $number of $file is not NAME=value." "Lines that begin with # are remarks."
    name=${BASH_REMATCH[1]}
    [[ " ${SETTINGS[*]} " == *" $name "* ]] ||
      fail "Line $number of $file sets $name, which is not a setting." "There are: ${SETTINGS[*]}"
    [ "$name" != KETTLE_DB_PASSWORD ] || [[ "$(stat -Lc %a "$file")" == *00 ]] ||
      fail "$file holds a password and others may read it." "Close it: chmod 600 $file"
    # What the environment says counts more.
    [ -n "${!name+set}" ] || export "$name=${BASH_REMATCH[2]}"
  done <"$file"
}

check_database_url() {
  [ -z "${KETTLE_DB_URL:-}" ] || [[ "$KETTLE_DB_URL" =~ ^jdbc:postgresql://[^/@[:space:]]+/[A-Za-z0-9_.-]+(\?[^[:space:]]*)?$ ]] ||
    fail "KETTLE_DB_URL is not the address of a database: $KETTLE_DB_URL" \
      "Write it as jdbc:postgresql://HOST:PORT/NAME; the password goes into KETTLE_DB_PASSWORD."
}
