# Start, stop and look at the application.
#
#   $DATA/app.pid   process id of the application      $DATA/app.port   its port
#   $DATA/app.log   what it wrote                      $DATA/lock       held while starting

parse_options() {
  PORT=8487
  DEMO=true
  DATA=${KETTLE_DATA:-$(default_data)}
  while [ $# -gt 0 ]; do
    case "$1" in
      --port) PORT=${2:?--port wants a number} && shift 2 ;;
      --data) DATA=${2:?--data wants a folder} && shift 2 ;;
      --no-demo) DEMO=false && shift ;;
      *) fail "'$1' is not an option." "See ./kettle help" ;;
    esac
  done
  [[ "$PORT" =~ ^[0-9]+$ ]] && [ "$PORT" -le 65535 ] || fail "--port wants a number up to 65535, not '$PORT'."
  DATA=$(realpath -m "$DATA")
}

default_data() {
  if [ "$(id -u)" -eq 0 ]; then
    echo /var/lib/velvet-kettle
  else
    echo "${XDG_DATA_HOME:-$HOME/.local/share}/velvet-kettle"
  fi
}

app_start() {
  need_tools
  open_data
  exec 9>"$DATA/lock"
  flock -n 9 || fail "Another start is at work in $DATA." "Wait for it, or see ./kettle status"
  if app_running; then
    say "Velvet Kettle is already running: http://127.0.0.1:$(cat "$DATA/app.port")"
    return
  fi
  build
  [ "$PORT" -ne 0 ] || PORT=$(free_port)
  port_is_free || fail "Port $PORT is in use by another program." "Give another one: ./kettle start --port $((PORT + 1))"
  trap 'leave_nothing' EXIT
  trap 'exit 130' INT TERM
  postgres_start
  database_make
  app_environment
  archive_classes
  app_run
}

app_environment() {
  export KETTLE_PORT=$PORT KETTLE_DEMO=$DEMO
  export KETTLE_DB_URL=jdbc:postgresql://127.0.0.1:$PG_PORT/kettle KETTLE_DB_USER=kettle
  KETTLE_DB_PASSWORD=$(cat "$DATA/password")
  export KETTLE_DB_PASSWORD
}

database_make() {
  local psql=("$PG_BIN/psql" -h 127.0.0.1 -p "$PG_PORT" -U kettle -d postgres -qtA)
  export PGPASSWORD
  PGPASSWORD=$(cat "$DATA/password")
  [ -n "$("${psql[@]}" -c "select 1 from pg_database where datname = 'kettle'")" ] ||
    "${psql[@]}" -c "create database kettle"
  unset PGPASSWORD
}

app_run() {
  local archive=()
  [ ! -e "$BUILT/app.jsa" ] || archive=(-XX:SharedArchiveFile="$BUILT/app.jsa")
  # In a group of its own, so that Ctrl-C reaches this script first, which then stops things in order.
  setsid java "${archive[@]}" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC -Xmx512m \
    -jar "$BUILT/run/app.jar" >>"$DATA/app.log" 2>&1 9>&- &
  APP=$!
  echo "$APP" >"$DATA/app.pid"
  echo "$PORT" >"$DATA/app.port"
  wait_until_ready
  say "Velvet Kettle is ready: http://127.0.0.1:$PORT"
  note "Data in $DATA. Ctrl-C or ./kettle stop ends it."
  flock -u 9
  local ended=0
  wait "$APP" || ended=$?
  # Stopped on purpose: by ./kettle stop from another window.
  [ "$ended" -ne 143 ] || ended=0
  [ "$ended" -eq 0 ] ||
    fail "The application ended by itself (code $ended). What was saved is safe." \
      "See ./kettle logs, then start it again: ./kettle start"
}

wait_until_ready() {
  local tries
  for tries in $(seq 1 600); do
    kill -0 "$APP" 2>/dev/null || break
    if curl -fs -o /dev/null "http://127.0.0.1:$PORT/actuator/health"; then
      return
    fi
    sleep 0.1
  done
  tail -n 20 "$DATA/app.log" >&2
  fail "The application did not start (after $tries tries)." "Its own words are above and in $DATA/app.log"
}

leave_nothing() {
  trap - EXIT
  if [ -n "${APP:-}" ]; then
    kill "$APP" 2>/dev/null || true
    wait "$APP" 2>/dev/null || true
  fi
  rm -f "$DATA/app.pid" "$DATA/app.port"
  postgres_stop
  # Stopped before its database ran: the folder for its socket is still there.
  [ -z "${PG_SOCKETS:-}" ] || rm -rf "$PG_SOCKETS"
}

app_stop() {
  [ -d "$DATA" ] || fail "There is nothing in $DATA." "Give the folder with --data."
  if app_running; then
    local app
    app=$(cat "$DATA/app.pid")
    kill "$app"
    while kill -0 "$app" 2>/dev/null; do sleep 0.1; done
    say "Velvet Kettle is stopped."
  else
    note "Velvet Kettle was not running."
  fi
  rm -f "$DATA/app.pid" "$DATA/app.port"
  postgres_stop
}

app_status() {
  if app_running; then
    say "Velvet Kettle is running: http://127.0.0.1:$(cat "$DATA/app.port")"
    note "Data in $DATA"
  else
    note "Velvet Kettle is not running in $DATA."
    return 3
  fi
}

app_logs() {
  [ -e "$DATA/app.log" ] || fail "There is no log in $DATA yet." "Start it first: ./kettle start"
  tail -n 200 "$DATA/app.log"
}

# A process id may have been given to another program since; ours is a Java process with our jar.
app_running() {
  local app
  app=$(cat "$DATA/app.pid" 2>/dev/null) || return 1
  [ -n "$app" ] && kill -0 "$app" 2>/dev/null && tr '\0' ' ' <"/proc/$app/cmdline" | grep -q 'app\.jar'
}

port_is_free() {
  ! (exec 8<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null
}

open_data() {
  mkdir -p "$DATA" 2>/dev/null && [ -w "$DATA" ] ||
    fail "The folder $DATA cannot be written." "Give one that can: ./kettle start --data DIR"
  # An empty folder becomes ours: PostgreSQL's user may pass through it, but not list it.
  [ -n "$(ls -A "$DATA")" ] || chmod a+x "$DATA"
  [ "$(id -u)" -ne 0 ] || as_postgres test -x "$DATA" ||
    fail "The user postgres cannot reach $DATA: a folder above it is closed." \
      "PostgreSQL does not run as root. Give another folder: ./kettle start --data /var/lib/velvet-kettle"
}
