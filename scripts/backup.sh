# Backup while it runs, and looking whether one is good.

app_backup() {
  need_to_run
  if $VERIFY; then
    backup_verify
    return
  fi
  [ -d "$DATA/postgres" ] || ! database_is_private || fail "There is no shop in $DATA." "Give its folder with --data."
  build_once
  open_data
  lay_in_reach
  take_passphrase twice
  [ -z "$KETTLE_PASSPHRASE" ] || need_age
  local file=$FILE
  [ -n "$file" ] || file=$BACKUPS/velvet-kettle-$(date +%Y-%m-%d-%H%M%S).tar$([ -z "$KETTLE_PASSPHRASE" ] || echo .age)
  [ ! -e "$file" ] || fail "$file is there already." "Give another name, or move it away."
  trap 'rm -f "$file.new"; exit 130' INT TERM
  as_owner "$REACHED/kettle" write-backup --data "$DATA" | put_file "$file.new" || {
    rm -f "$file.new"
    fail "No backup was made." "Nothing of the shop has changed."
  }
  sync "$file.new"
  mv "$file.new" "$file"
  say "Backup: $file, $(du -h "$file" | cut -f1)"
}

# Its own folder of backups is the owner's to write; any other file is of whoever asks.
put_file() {
  if [ -n "$FILE" ]; then
    (umask 077 && cat >"$1")
  else
    as_owner sh -c 'umask 077; cat >"$1"' - "$1"
  fi
}

# As the owner: the archive on standard output, words on the other.
backup_write() {
  umask 077
  {
    make_work
    with_database
    archive_write "$WORK" >&3
  } 3>&1 1>&2
}

# Restores into a cluster of its own, which is thrown away, and compares every table.
backup_verify() {
  [ -n "$FILE" ] || fail "Which backup?" "./kettle backup --verify FILE"
  [ -r "$FILE" ] || fail "$FILE cannot be read." "Look whether it is there."
  build_once
  open_data
  lay_in_reach
  take_passphrase once
  [ -z "$KETTLE_PASSPHRASE" ] || need_age
  as_owner "$REACHED/kettle" try-backup --data "$DATA" <"$FILE" || exit 1
}

backup_try() {
  umask 077
  make_work
  archive_read "$WORK"
  PG_BIN=$POSTGRES_HOMES/$(postgres_versions | head -n 1)/bin
  throwaway_cluster
  archive_unfold "$WORK"
  say "The backup is good: made $(manifest_says "$WORK" made), $(wc -l <"$WORK/sums") tables, every one restored and compared."
}

throwaway_cluster() {
  KETTLE_DB_URL="" DATA=$WORK PG_PORT=""
  mkdir "$WORK/logs"
  make_password "$WORK/password"
  make_cluster "$WORK/postgres" "$WORK/password" "$WORK/logs/initdb.log" ||
    fail "A database to try it in could not be made." "$(tail -n 2 "$WORK/logs/initdb.log")"
  PG_OPTIONS+=(-c fsync=off)
  DB_STARTED=true
  database_open
}

# The database as it runs, which several may ask at once; started for the moment where it does not, by one at a time.
with_database() {
  if database_is_private && ! postgres_alive; then
    { : >&9; } 2>/dev/null || exec 9>>"$DATA/lock"
    flock 9
  fi
  if database_is_private && postgres_alive && [ -e "$DATA/shop.password" ]; then
    postgres_start
    database_environment
    return
  fi
  ! database_is_private || DB_STARTED=true
  database_open
}

# A folder to work in, taken away in the end whatever happens.
make_work() {
  local in=/tmp
  [ ! -w "$BACKUPS" ] || in=$BACKUPS
  WORK=$(mktemp -d "$in/.kettle-work.XXXXXX")
  DB_STARTED=false
  trap 'clear_work' EXIT
  trap 'exit 130' INT TERM
}

clear_work() {
  trap - EXIT
  ! $DB_STARTED || postgres_stop
  rm -rf "$WORK"
}

# take_passphrase once|twice: into KETTLE_PASSPHRASE, from a file, or asked for at the terminal. What is only read may
# be of a night, whose passphrase the settings name.
take_passphrase() {
  local file=$PASSPHRASE_FILE again
  [ "$1" = twice ] || $ASK_PASSPHRASE || file=${file:-${KETTLE_BACKUP_PASSPHRASE_FILE:-}}
  export KETTLE_PASSPHRASE=""
  if [ -n "$file" ]; then
    [ -r "$file" ] || fail "The passphrase in $file cannot be read." "Look whether it is there and who may read it."
    IFS= read -r KETTLE_PASSPHRASE <"$file" || true
  elif $ASK_PASSPHRASE; then
    { : </dev/tty; } 2>/dev/null || fail "There is no terminal to ask for the passphrase at." "Write it into a file: --passphrase-file FILE"
    IFS= read -rsp "  Passphrase: " KETTLE_PASSPHRASE </dev/tty && echo >&2
    if [ "$1" = twice ]; then
      IFS= read -rsp "  The same again: " again </dev/tty && echo >&2
      [ "$again" = "$KETTLE_PASSPHRASE" ] || fail "The two are not the same." "Type it once more."
    fi
  else
    return 0
  fi
  [ -n "$KETTLE_PASSPHRASE" ] || fail "The passphrase is empty." "Nobody would be kept out."
  # It is typed for age at a terminal, which takes these for commands and cuts long lines.
  [[ "$KETTLE_PASSPHRASE" != *[[:cntrl:]]* ]] && [ ${#KETTLE_PASSPHRASE} -le 500 ] ||
    fail "The passphrase is longer than 500 signs, or holds one that cannot be typed." "Take another one."
}
