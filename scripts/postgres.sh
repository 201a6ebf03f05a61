# A private PostgreSQL cluster on loopback in the data folder: made once, started and stopped with the application.
#
#   $DATA/postgres/     the cluster; made as postgres.new and renamed when whole, so a half-made one never counts
#   $DATA/logs/         what it wrote

# What it writes never holds what was asked or kept, and is cut into files of this size, of which the newest stay.
PG_LOGS=5
PG_OPTIONS=(-c listen_addresses=127.0.0.1 -c logging_collector=on -c log_file_mode=0600 -c log_rotation_size=5MB -c log_rotation_age=1d
  -c log_filename=postgres-%Y-%m-%d_%H%M%S.log -c log_min_error_statement=panic -c log_min_messages=error
  -c log_error_verbosity=terse -c log_parameter_max_length_on_error=0)

postgres_start() {
  postgres_make
  PG_BIN=$POSTGRES_HOMES/$(cat "$DATA/postgres/PG_VERSION")/bin
  if postgres_running; then
    PG_PORT=$(sed -n 4p "$DATA/postgres/postmaster.pid")
    return
  fi
  PG_PORT=${PG_PORT:-$(free_port)}
  "$PG_BIN/pg_ctl" -D "$DATA/postgres" -l "$DATA/logs/postgres-start.log" -w -t 60 -s \
    -o "-p $PG_PORT -c unix_socket_directories='' -c log_directory=../logs ${PG_OPTIONS[*]}" start 3>&- 9>&- ||
    fail "The database did not start." "Its own words are in $DATA/logs"
}

# Cheap enough to be asked every second: whether the process of the cluster is there.
postgres_alive() {
  local process
  process=$(head -n 1 "$DATA/postgres/postmaster.pid" 2>/dev/null) || return 1
  [ -n "$process" ] && kill -0 "$process" 2>/dev/null && tr '\0' ' ' <"/proc/$process/cmdline" 2>/dev/null | grep -q postgres
}

# By signal, as whoever may send one: the folder may be of an older version, which ran it as another user.
postgres_stop() {
  local process
  postgres_alive || return 0
  # A start that ends at this moment stops it too, so its file may be gone by now: only a database that goes on
  # running is worth a word.
  process=$(head -n 1 "$DATA/postgres/postmaster.pid" 2>/dev/null) || return 0
  # Fast: connections are ended, nothing that was answered is lost.
  kill -INT "$process" 2>/dev/null || true
  if ! ended_within 60 "$process"; then
    note "The database in $DATA is still running; its own words are in $DATA/logs"
  fi
  return 0
}

# ended_within SECONDS PROCESS
ended_within() {
  local tries
  for tries in $(seq $((10 * $1))); do
    kill -0 "$2" 2>/dev/null || return 0
    sleep 0.1
  done
  return 1
}

postgres_running() {
  "$PG_BIN/pg_ctl" -D "$DATA/postgres" status >/dev/null 2>&1
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
  make_password "$DATA/password"
  make_cluster "$DATA/postgres.new" "$DATA/password" "$DATA/logs/initdb.log" ||
    fail "The database could not be made in $DATA." "See $DATA/logs/initdb.log; --data gives another folder."
  rm -rf "$DATA/postgres"
  mv "$DATA/postgres.new" "$DATA/postgres"
}

# make_cluster FOLDER PASSWORD-FILE LOG
make_cluster() {
  "$PG_BIN/initdb" -D "$1" -U kettle --pwfile "$2" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 --no-instructions >"$3" 2>&1
}

postgres_check_version() {
  local version
  version=$(cat "$DATA/postgres/PG_VERSION")
  [ -x "$POSTGRES_HOMES/$version/bin/pg_ctl" ] ||
    fail "The database in $DATA was made by PostgreSQL $version, which is not installed here ($(postgres_versions | tr '\n' ' ')is)." \
      "Install postgresql-$version, or move it up with pg_upgradecluster, or give another folder with --data."
}

# The newest files of what it wrote; the others would grow without end.
postgres_trim_logs() {
  local old
  while read -r old; do
    rm -f "$old"
  done < <(ls -1t "$DATA"/logs/postgres-2*.log 2>/dev/null | tail -n +$((PG_LOGS + 1)))
}

# Looked for and let go again; between that and its use somebody else would have to be very quick.
free_port() {
  local port
  while true; do
    port=$((20000 + (RANDOM * 32768 + RANDOM) % 12000))
    (exec 8<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null || break
  done
  echo "$port"
}
