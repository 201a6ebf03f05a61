# A private PostgreSQL cluster on loopback in the data folder: made once, started and stopped with the application.
#
#   $DATA/postgres/     the cluster; made as postgres.new and renamed when whole, so a half-made one never counts
#   $DATA/password      of the database user kettle
#   $DATA/postgres.log

# PostgreSQL refuses to run as root; there it runs as the user that Debian's package made for it.
as_postgres() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && runuser -u postgres -- "$@")
  else
    "$@"
  fi
}

own_by_postgres() {
  [ "$(id -u)" -ne 0 ] || chown -R postgres: "$@"
}

postgres_start() {
  postgres_make
  PG_BIN=$POSTGRES_HOMES/$(cat "$DATA/postgres/PG_VERSION")/bin
  if postgres_running; then
    PG_PORT=$(sed -n 4p "$DATA/postgres/postmaster.pid")
    return
  fi
  PG_PORT=${PG_PORT:-$(free_port)}
  PG_SOCKETS=$(mktemp -d /tmp/kettle-pg.XXXXXX)
  touch "$DATA/postgres.log"
  own_by_postgres "$PG_SOCKETS" "$DATA/postgres.log"
  as_postgres "$PG_BIN/pg_ctl" -D "$DATA/postgres" -l "$DATA/postgres.log" -w -t 60 -s \
    -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=$PG_SOCKETS" start ||
    fail "The database did not start." "Its own words are in $DATA/postgres.log"
}

# Starts the database again when it dies, after a pause; the application finds it at the same port.
postgres_watch() {
  local pause=$FIRST_PAUSE began=$SECONDS
  trap 'exit 0' TERM
  while true; do
    sleep 1 &
    wait $! || true
    # Without the start that it belongs to nobody could stop it.
    kill -0 $$ 2>/dev/null || exit 0
    if postgres_alive || [ -e "$DATA/stopping" ]; then
      [ $((SECONDS - began)) -lt $STAYED_UP ] || pause=$FIRST_PAUSE
      continue
    fi
    note "The database ended by itself; its own words are in $DATA/postgres.log. It is started again."
    rm -rf "$PG_SOCKETS"
    began=$SECONDS
    (postgres_start) || note "It did not start; it is tried again in $pause s."
    sleep "$pause" &
    wait $! || true
    pause=$((pause * 2 < LONGEST_PAUSE ? pause * 2 : LONGEST_PAUSE))
  done
}

# Cheap enough to be asked every second: whether the process of the cluster is there.
postgres_alive() {
  local process
  process=$(head -n 1 "$DATA/postgres/postmaster.pid" 2>/dev/null) || return 1
  [ -n "$process" ] && kill -0 "$process" 2>/dev/null
}

postgres_stop() {
  [ -e "$DATA/postgres/PG_VERSION" ] || return 0
  PG_BIN=$POSTGRES_HOMES/$(cat "$DATA/postgres/PG_VERSION")/bin
  [ -x "$PG_BIN/pg_ctl" ] && postgres_running || return 0
  # A start that ends at this moment stops it too, so its file may be gone by now: only a database that goes on
  # running is worth a word.
  local sockets
  sockets=$(sed -n 5p "$DATA/postgres/postmaster.pid" 2>/dev/null) || true
  as_postgres "$PG_BIN/pg_ctl" -D "$DATA/postgres" -m fast -w -t 60 -s stop >/dev/null 2>&1 || true
  postgres_running && note "The database in $DATA is still running; its own words are in $DATA/postgres.log"
  case "$sockets" in
    /tmp/kettle-pg.*) rm -rf "$sockets" ;;
  esac
  return 0
}

postgres_running() {
  as_postgres "$PG_BIN/pg_ctl" -D "$DATA/postgres" status >/dev/null 2>&1
}

postgres_make() {
  if [ -e "$DATA/postgres/PG_VERSION" ]; then
    postgres_check_version
    return
  fi
  if [ -e "$DATA/postgres" ] && [ -n "$(ls -A "$DATA/postgres")" ]; then
    fail "$DATA/postgres is not a whole database cluster: it has no PG_VERSION." \
      "Move it away (mv $DATA/postgres $DATA/postgres.broken) and start again, or give another folder with --data."
  fi
  local version
  version=$(postgres_versions | head -n 1)
  PG_BIN=$POSTGRES_HOMES/$version/bin
  note "Making a private database (PostgreSQL $version) in $DATA/postgres"
  rm -rf "$DATA/postgres.new"
  (umask 077 && od -An -N24 -tx1 /dev/urandom | tr -d ' \n' >"$DATA/password.new")
  mkdir -p "$DATA/postgres.new"
  own_by_postgres "$DATA/postgres.new" "$DATA/password.new"
  as_postgres "$PG_BIN/initdb" -D "$DATA/postgres.new" -U kettle --pwfile "$DATA/password.new" \
    -A scram-sha-256 -E UTF8 --locale=C.UTF-8 --no-instructions >"$DATA/initdb.log" 2>&1 ||
    fail "The database could not be made in $DATA." \
      "See $DATA/initdb.log. The folder must be reachable for the user that runs PostgreSQL; --data gives another one."
  mv "$DATA/password.new" "$DATA/password"
  rm -rf "$DATA/postgres"
  mv "$DATA/postgres.new" "$DATA/postgres"
}

postgres_check_version() {
  local version
  version=$(cat "$DATA/postgres/PG_VERSION")
  [ -x "$POSTGRES_HOMES/$version/bin/pg_ctl" ] ||
    fail "The database in $DATA was made by PostgreSQL $version, which is not installed here ($(postgres_versions | tr '\n' ' ')is)." \
      "Install postgresql-$version, or move it up with pg_upgradecluster, or give another folder with --data."
}

# Bound and let go again; between that and its use somebody else would have to be very quick.
free_port() {
  node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}
