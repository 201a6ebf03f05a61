# The database that the shop is kept in: in the private cluster, or an existing one that the settings name.
#
#   $DATA/password        of the private cluster's own role kettle, which makes the role shop and is not used otherwise
#   $DATA/shop.password   of the role shop, which owns the database and cannot do more than that

SQL=$ROOT/scripts/sql

database_is_private() { [ -z "${KETTLE_DB_URL:-}" ]; }

# Lets psql, pg_dump and the application know where it is. The private cluster must run.
database_environment() {
  if database_is_private; then
    DB_JDBC=jdbc:postgresql://127.0.0.1:$PG_PORT/kettle
    DB_USER=shop
    DB_PASSWORD=$(cat "$DATA/shop.password")
  else
    DB_JDBC=$KETTLE_DB_URL
    DB_USER=${KETTLE_DB_USER:-$(id -un)}
    DB_PASSWORD=${KETTLE_DB_PASSWORD:-}
    PG_BIN=$POSTGRES_HOMES/$(postgres_versions | head -n 1)/bin
  fi
}

# database psql|pg_dump ARGUMENT...: the program, connected. The password never stands in a command line.
database() {
  local program=$1 address=${DB_JDBC#jdbc:}
  shift
  PGUSER=$DB_USER PGPASSWORD=$DB_PASSWORD PGCONNECT_TIMEOUT=10 \
    "$PG_BIN/$program" -d "${address%%\?*}$(ssl_mode "$address")" "$@"
}

# The one thing of a JDBC address that both sides call the same.
ssl_mode() {
  local mode
  mode=$(sed -nE 's/.*[?&](sslmode=[a-z-]+).*/\1/p' <<<"$1")
  echo "${mode:+?$mode}"
}

# Makes the role and the database in the private cluster, or looks whether the other one lets us in.
database_open() {
  if database_is_private; then
    postgres_start
    database_make
    database_environment
  else
    database_environment
    local said
    said=$(database psql -qtAc "select 1" 2>&1) ||
      fail "The database of the settings does not let $DB_USER in: ${said//$'\n'/ }" \
        "Look at KETTLE_DB_URL ($DB_JDBC), KETTLE_DB_USER and KETTLE_DB_PASSWORD."
  fi
}

# Whole after each start, however far an earlier one came. In the folder of an older version everything belongs to
# the cluster's own role; it is handed over.
database_make() {
  [ -e "$DATA/shop.password" ] || make_password "$DATA/shop.password"
  # By standard input: a command line can be read by everybody.
  { printf "\\set password '%s'\n" "$(cat "$DATA/shop.password")" && cat "$SQL/role.sql"; } | cluster_psql postgres ||
    fail "The database's role could not be made." "Its own words are above and in $DATA/logs."
  cluster_psql kettle <"$SQL/handover.sql" ||
    fail "The database could not be handed to its role." "Its own words are above and in $DATA/logs."
}

# As the cluster's own role, which may do everything in it.
cluster_psql() {
  PGPASSWORD=$(cat "$DATA/password") "$PG_BIN/psql" -h 127.0.0.1 -p "$PG_PORT" -U kettle -d "$1" -qtAX -v ON_ERROR_STOP=1 >/dev/null
}

make_password() {
  (umask 077 && od -An -N24 -tx1 /dev/urandom | tr -d ' \n' >"$1.new")
  mv "$1.new" "$1"
}
