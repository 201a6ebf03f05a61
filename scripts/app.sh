# Start, watch, stop and look at the application.
#
#   $DATA/app.pid     process id of the application      $DATA/app.port   its port
#   $DATA/watch.pid   process id of what watches it      $DATA/app.log    what it wrote
#   $DATA/stopping    there while it is being stopped    $DATA/lock       held while starting

# Seconds before what died is started again; doubled each time until it has stayed up for a while.
FIRST_PAUSE=1
LONGEST_PAUSE=8
STAYED_UP=60

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
  if app_running && watched; then
    say "Velvet Kettle is already running: http://127.0.0.1:$(cat "$DATA/app.port")"
    return
  fi
  if app_running; then
    note "The application runs, but nothing watches it any more; it is started anew."
    app_end
  fi
  rm -f "$DATA/stopping"
  build
  [ "$PORT" -ne 0 ] || PORT=$(free_port)
  port_is_free || fail "Port $PORT is in use by another program." "Give another one: ./kettle start --port $((PORT + 1))"
  trap 'leave_nothing' EXIT
  trap 'exit 130' INT TERM
  postgres_start
  database_make
  archive_classes
  echo "$$" >"$DATA/watch.pid"
  postgres_watch &
  WATCH=$!
  app_keep_running
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

# Starts the application again when it ends by itself, after a pause; the database is looked after beside it.
app_keep_running() {
  local pause=$FIRST_PAUSE began ended first=true
  while true; do
    began=$SECONDS
    app_environment
    app_launch
    if wait_until_ready; then
      if $first; then
        say "Velvet Kettle is ready: http://127.0.0.1:$PORT"
        note "Data in $DATA. Ctrl-C or ./kettle stop ends it."
        flock -u 9
        first=false
      else
        say "Velvet Kettle is ready again: http://127.0.0.1:$PORT"
      fi
    elif $first; then
      tail -n 20 "$DATA/app.log" >&2
      fail "The application did not start." "Its own words are above and in $DATA/app.log"
    fi
    ended=0
    wait "$APP" || ended=$?
    # Stopped on purpose: by ./kettle stop from another window.
    if [ "$ended" -eq 0 ] || [ "$ended" -eq 143 ] || [ -e "$DATA/stopping" ]; then
      return
    fi
    [ $((SECONDS - began)) -lt $STAYED_UP ] || pause=$FIRST_PAUSE
    note "The application ended by itself (code $ended); see ./kettle logs. What was saved is safe. It is started again in $pause s."
    sleep "$pause" &
    wait $! || true
    pause=$((pause * 2 < LONGEST_PAUSE ? pause * 2 : LONGEST_PAUSE))
  done
}

app_launch() {
  local archive=()
  [ ! -e "$BUILT/app.jsa" ] || archive=(-XX:SharedArchiveFile="$BUILT/app.jsa")
  # In a group of its own, so that Ctrl-C reaches this script first, which then stops things in order.
  # Out of memory it ends, and is started again: what goes on after that is not to be trusted.
  setsid java "${archive[@]}" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC -Xmx512m \
    -XX:+ExitOnOutOfMemoryError \
    -jar "$BUILT/run/app.jar" >>"$DATA/app.log" 2>&1 9>&- &
  APP=$!
  echo "$APP" >"$DATA/app.pid"
  echo "$PORT" >"$DATA/app.port"
}

# False where it ended meanwhile.
wait_until_ready() {
  local tries
  for tries in $(seq 1 600); do
    kill -0 "$APP" 2>/dev/null || return 1
    if curl -fs -m 5 -o /dev/null "http://127.0.0.1:$PORT/actuator/health"; then
      return
    fi
    sleep 0.1
  done
  note "The application has not become ready in a minute ($tries tries)."
  return 1
}

leave_nothing() {
  trap - EXIT
  trap '' INT TERM
  if [ -n "${WATCH:-}" ]; then
    kill "$WATCH" 2>/dev/null || true
    wait "$WATCH" 2>/dev/null || true
  fi
  if [ -n "${APP:-}" ]; then
    kill "$APP" 2>/dev/null || true
    wait "$APP" 2>/dev/null || true
  fi
  rm -f "$DATA/app.pid" "$DATA/app.port" "$DATA/watch.pid"
  postgres_stop
  rm -f "$DATA/stopping"
  # Stopped before its database ran: the folder for its socket is still there.
  [ -z "${PG_SOCKETS:-}" ] || rm -rf "$PG_SOCKETS"
}

app_stop() {
  [ -d "$DATA" ] || fail "There is nothing in $DATA." "Give the folder with --data."
  if app_running || watched; then
    touch "$DATA/stopping"
    app_end
    say "Velvet Kettle is stopped."
  else
    note "Velvet Kettle was not running."
  fi
  rm -f "$DATA/app.pid" "$DATA/app.port"
  postgres_stop
  rm -f "$DATA/stopping"
}

# Ends the application, and what would start it again.
app_end() {
  local app tries
  if app_running; then
    app=$(cat "$DATA/app.pid")
    kill "$app" 2>/dev/null || true
    while kill -0 "$app" 2>/dev/null; do sleep 0.1; done
  fi
  # What started it ends by itself then, and takes the database with it; unless it is just pausing.
  for tries in $(seq 1 600); do
    watched || return 0
    [ "$tries" -ne 20 ] || kill "$(cat "$DATA/watch.pid")" 2>/dev/null || true
    sleep 0.1
  done
}

# Whether what started it is still there to start it again.
watched() {
  local process
  process=$(cat "$DATA/watch.pid" 2>/dev/null) || return 1
  [ -n "$process" ] && kill -0 "$process" 2>/dev/null && tr '\0' ' ' <"/proc/$process/cmdline" | grep -q 'kettle'
}

# 0 where all is well, 3 where it does not run, 4 where a part of it is missing.
app_status() {
  if ! app_running; then
    note "Velvet Kettle is not running in $DATA."
    return 3
  fi
  local port missing=()
  port=$(cat "$DATA/app.port" 2>/dev/null || echo '?')
  watched || missing+=("Nothing would start it again if it ended.")
  postgres_alive || missing+=("Its database does not run.")
  curl -fs -m 5 -o /dev/null "http://127.0.0.1:$port/actuator/health" || missing+=("It does not answer, or says that it is not well.")
  say "Velvet Kettle is running: http://127.0.0.1:$port"
  note "Data in $DATA, $(df -h --output=avail "$DATA" | tail -n 1 | tr -d ' ') left there"
  [ ${#missing[@]} -gt 0 ] || return 0
  printf '  %s\n' "${missing[@]}"
  note "./kettle start puts it right."
  return 4
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
