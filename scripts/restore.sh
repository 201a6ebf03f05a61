# A shop back from its backup: into an empty place, or in the place of what is there when asked twice.

app_restore() {
  [ -n "$FILE" ] || fail "Which backup?" "./kettle restore FILE"
  [ -r "$FILE" ] || fail "$FILE cannot be read." "Look whether it is there."
  need_to_run
  build_once
  local made=false replace=()
  [ -d "$DATA" ] || made=true
  open_data
  lay_in_reach
  take_passphrase once
  [ -z "$KETTLE_PASSPHRASE" ] || need_age
  ! $REPLACE || replace=(--replace)
  as_owner "$REACHED/kettle" read-backup --data "$DATA" "${replace[@]}" <"$FILE" && return
  ! $made || rm -rf "$DATA"
  exit 1
}

# As the owner, the archive on standard input. It is looked at whole before anything is touched.
restore_read() {
  umask 077
  ! app_running && ! watched || fail "Velvet Kettle is running in $DATA." "Stop it first: ./kettle stop --data $DATA"
  exec 9>>"$DATA/lock"
  flock -n 9 || fail "Another start is at work in $DATA." "Wait for it, or see ./kettle status"
  make_work
  archive_read "$WORK"
  if database_is_private && [ ! -e "$DATA/postgres/PG_VERSION" ]; then
    trap 'clear_work; rm -rf "$DATA/postgres" "$DATA/password" "$DATA/shop.password"' EXIT
    with_database
  else
    with_database
    keep_what_is_there
  fi
  archive_unfold "$WORK"
  trap 'clear_work' EXIT
  [ ! -s "$WORK/settings" ] || restore_settings
  say "The shop is back as it was on $(manifest_says "$WORK" made): $(rows_of ticket) tickets, $(rows_of outcome) outcomes."
  note "./kettle start opens it."
}

rows_of() { sed -nE "s/^table $1 ([0-9]+) .*/\\1/p" "$WORK/sums"; }

# What would be replaced is named first, and kept as a backup when asked for a second time.
keep_what_is_there() {
  local tickets before
  [ -n "$(database psql -qtAXc "select 1 from pg_tables where schemaname = 'public' limit 1")" ] || return 0
  tickets=$(database psql -qtAXc "select count(*) from public.ticket" 2>/dev/null || echo "an unknown number of")
  $REPLACE ||
    fail "There is a shop in $DATA already: $tickets tickets. It was left as it is." \
      "To put the backup in its place ask again with --replace; what is there now is kept as a backup."
  before=$BACKUPS/before-restore-$(date +%Y-%m-%d-%H%M%S).tar
  mkdir "$WORK/before"
  KETTLE_PASSPHRASE="" archive_write "$WORK/before" >"$WORK/before/whole"
  mv "$WORK/before/whole" "$before"
  note "What was there is kept in $before"
}

# Settings of this place count more than those of the place that the backup was made in, and which database it is
# kept in is never taken over: it has just been restored into the one of this place.
restore_settings() {
  if [ -e "$DATA/settings" ]; then
    cmp -s "$WORK/settings" <(settings_without_password) || note "The settings in $DATA/settings were left as they are; those of the backup say otherwise."
  else
    sed 's/^KETTLE_DB_/# of the place of the backup: &/' "$WORK/settings" >"$DATA/settings"
    note "Its settings are in $DATA/settings, but for which database it was kept in."
  fi
}
