# Start and stop the application.
#
#   $DATA/app.pid     process id of the application      $DATA/app.port   its port
#   $DATA/logs/       what it wrote                      $DATA/lock       held while starting

app_start() {
  only_options
  need_to_run
  open_data
  if app_running && watched; then
    say "Velvet Kettle is already running: http://127.0.0.1:$(cat "$DATA/app.port")"
    return
  fi
  build
  local demo=()
  $DEMO || demo=(--no-demo)
  go_on keep --data "$DATA" --port "$PORT" "${demo[@]}"
  app_keep
}

# Everything of start but what it is built from: as the owner of the data folder, until it is stopped.
app_keep() {
  umask 077
  cd "$DATA"
  exec 9>>"$DATA/lock"
  flock -n 9 || fail "Another start is at work in $DATA." "Wait for it, or see ./kettle status"
  if app_running; then
    note "The application runs, but nothing watches it any more; it is started anew."
    app_end
  fi
  rm -f "$DATA/stopping"
  [ "$PORT" -ne 0 ] || PORT=$(free_port)
  port_is_free || fail "Port $PORT is in use by another program." "Give another one: ./kettle start --port $((PORT + 1))"
  trap 'leave_nothing' EXIT
  trap 'exit 130' INT TERM
  database_open
  echo "$$" >"$DATA/watch.pid"
  watch_the_rest &
  WATCH=$!
  watch_application
}

app_launch() {
  # What a killed one left is taken away by the next.
  rm -rf "$DATA/tmp"
  mkdir "$DATA/tmp"
  (
    export KETTLE_PORT=$PORT KETTLE_DEMO=$DEMO KETTLE_DATA=""
    # Of a database elsewhere nobody here knows the disk.
    ! database_is_private || KETTLE_DATA=$DATA
    export KETTLE_DB_URL=$DB_JDBC KETTLE_DB_USER=$DB_USER KETTLE_DB_PASSWORD=$DB_PASSWORD
    # Its log is a file that is cut and counted; what stands beside it is only what a dying machine says.
    export LOGGING_FILE_NAME=$DATA/logs/app.log LOGGING_THRESHOLD_CONSOLE=OFF
    archive=()
    [ ! -e "$PROGRAM/app.jsa" ] || archive=(-XX:SharedArchiveFile="$PROGRAM/app.jsa")
    # In a group of its own, so that Ctrl-C reaches this script first, which then stops things in order.
    # Out of memory it ends, and is started again: what goes on after that is not to be trusted.
    exec setsid java "${archive[@]}" -Xshare:auto -Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC -Xmx512m \
      -XX:+ExitOnOutOfMemoryError -Djava.io.tmpdir="$DATA/tmp" -jar "$PROGRAM/run/app.jar"
  ) >"$DATA/logs/app.out" 2>&1 9>&- &
  APP=$!
  echo "$APP" >"$DATA/app.pid"
  echo "$PORT" >"$DATA/app.port"
}

# False where it ended meanwhile. A busy or slow machine is waited for: what starts slowly starts.
wait_until_ready() {
  local began=$SECONDS told=false
  while [ $((SECONDS - began)) -lt 240 ]; do
    kill -0 "$APP" 2>/dev/null || return 1
    if curl -fs -m 5 -o /dev/null "http://127.0.0.1:$PORT/actuator/health"; then
      return
    fi
    if ! $told && [ $((SECONDS - began)) -ge 60 ]; then
      note "The application has not become ready in a minute; it is waited for."
      told=true
    fi
    sleep 0.1
  done
  note "The application has not become ready in four minutes."
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
}

app_stop() {
  only_options
  [ -d "$DATA" ] || fail "There is nothing in $DATA." "Give the folder with --data."
  ! owned_by_shop || go_on stop --data "$DATA"
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

app_logs() {
  only_options
  [ ! -d "$DATA" ] || ! owned_by_shop || go_on logs --data "$DATA"
  [ -e "$DATA/logs/app.log" ] || fail "There is no log in $DATA yet." "Start it first: ./kettle start"
  tail -n 200 "$DATA/logs/app.log"
}

# A process id may have been given to another program since; ours is a Java process with our jar.
app_running() {
  local app
  app=$(cat "$DATA/app.pid" 2>/dev/null) || return 1
  [ -n "$app" ] && kill -0 "$app" 2>/dev/null && tr '\0' ' ' <"/proc/$app/cmdline" 2>/dev/null | grep -q 'app\.jar'
}

port_is_free() {
  ! (exec 8<>"/dev/tcp/127.0.0.1/$PORT") 2>/dev/null
}
