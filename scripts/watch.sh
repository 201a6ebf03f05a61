# Looks after what runs: starts again what died, and does what has to be done now and then.
#
#   $DATA/watch.pid   process id of what watches      $DATA/stopping   there while it is being stopped

# Seconds before what died is started again; doubled each time until it has stayed up for a while.
FIRST_PAUSE=1
LONGEST_PAUSE=8
STAYED_UP=60

# Whether what started it is still there to start it again.
watched() {
  local process
  process=$(cat "$DATA/watch.pid" 2>/dev/null) || return 1
  [ -n "$process" ] && kill -0 "$process" 2>/dev/null && tr '\0' ' ' <"/proc/$process/cmdline" 2>/dev/null | grep -q 'kettle'
}

longer() { echo $((2 * $1 < LONGEST_PAUSE ? 2 * $1 : LONGEST_PAUSE)); }

# Can be interrupted, which a plain sleep cannot.
pause() {
  sleep "$1" &
  wait $! || true
}

# Starts the application again when it ends by itself, after a pause; the database is looked after beside it.
watch_application() {
  local pause=$FIRST_PAUSE began ended first=true
  while true; do
    began=$SECONDS
    database_awaited
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
      tail -n 20 "$DATA/logs/app.out" "$DATA/logs/app.log" >&2 || true
      fail "The application did not start." "Its own words are above and in $DATA/logs"
    fi
    ended=0
    # What the shell would say of a killed process is said better below.
    { wait "$APP" || ended=$?; } 2>/dev/null
    # Stopped on purpose: by ./kettle stop from another window.
    if [ "$ended" -eq 0 ] || [ "$ended" -eq 143 ] || [ -e "$DATA/stopping" ]; then
      return
    fi
    [ $((SECONDS - began)) -lt $STAYED_UP ] || pause=$FIRST_PAUSE
    note "The application ended by itself (code $ended); see ./kettle logs. What was saved is safe. It is started again in $pause s."
    pause "$pause"
    pause=$(longer "$pause")
  done
}

# Where both died the database comes first: without it the application would end again.
database_awaited() {
  local tries
  database_is_private || return 0
  for tries in $(seq 300); do
    ! "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$PG_PORT" || return 0
    pause 0.1
  done
  note "The database has not come up in half a minute ($tries tries)."
}

# Every second the database and the room on its disk, now and then what the logs and the nights want.
watch_the_rest() {
  local rounds=0
  trap 'exit 0' TERM
  DB_PAUSE=$FIRST_PAUSE DB_BEGAN=$SECONDS
  while true; do
    pause 1
    # Without the start that it belongs to nobody could stop it.
    kill -0 $$ 2>/dev/null || exit 0
    [ ! -e "$DATA/stopping" ] || continue
    rounds=$((rounds + 1))
    if database_is_private; then
      look_at_room
      look_at_database
      [ $((rounds % 60)) -ne 0 ] || postgres_trim_logs
    fi
    # Not while the shop opens.
    [ "$rounds" -lt 600 ] || [ $((rounds % 60)) -ne 0 ] || nights_look
  done
}

# Starts the database again when it died, after a pause; the application finds it at the same port.
look_at_database() {
  if postgres_alive; then
    [ $((SECONDS - DB_BEGAN)) -lt $STAYED_UP ] || DB_PAUSE=$FIRST_PAUSE
    return 0
  fi
  note "The database ended by itself; its own words are in $DATA/logs. It is started again."
  DB_BEGAN=$SECONDS
  (postgres_start) || note "It did not start; it is tried again in $DB_PAUSE s."
  pause "$DB_PAUSE"
  DB_PAUSE=$(longer "$DB_PAUSE")
}
