# A backup every night by itself. The shop's machine may be off at night: it is made when it next runs.
#
#   $BACKUPS/day-2026-12-01.tar   the last 7 days
#   $BACKUPS/week-2026-49.tar     the first of a week, the last 4 weeks
#   $BACKUPS/month-2026-12.tar    the first of a month, the last 12 months
#
# The three are names of one file, which lasts as long as one of them.

NIGHT_BEGINS=2
declare -A NIGHTS_KEPT=([day]=7 [week]=4 [month]=12)

nights_look() {
  local today
  today=$(date +%Y-%m-%d)
  [ "$(date +%-H)" -ge $NIGHT_BEGINS ] && [ -z "$(night_files "day-$today")" ] || return 0
  # Begun less than an hour ago: it is at work, or it failed and is tried again then.
  [ -z "$(find "$DATA/logs/nightly.log" -mmin -60 2>/dev/null)" ] || return 0
  : >"$DATA/logs/nightly.log"
  {
    nice -n 10 "$ROOT/kettle" nightly --data "$DATA" --night "$today" >>"$DATA/logs/nightly.log" 2>&1 9>&- ||
      note "The backup of the night could not be made: $(head -n 1 "$DATA/logs/nightly.log")"
  } &
}

# As the owner: makes that of the night, and takes away what is older than is kept.
nights_make() {
  umask 077
  local night=$NIGHT name end=.tar kind
  [[ "$night" =~ ^[0-9]{4}-[0-9]{2}-[0-9]{2}$ ]] && date -d "$night" >/dev/null 2>&1 || fail "--night wants a day such as 2026-12-01, not '$night'."
  ! database_is_private || postgres_alive || fail "The database does not run." "It is tried again."
  mkdir -p "$BACKUPS"
  # Left by one that was killed.
  find "$BACKUPS" -maxdepth 1 -name '.kettle-work.*' -mmin +1440 -exec rm -rf {} +
  take_passphrase once
  if [ -n "$KETTLE_PASSPHRASE" ]; then
    command -v age >/dev/null || fail "Encrypting needs age, which is not installed." "Install it as root: apt-get install age"
    end=.tar.age
  fi
  name=$BACKUPS/day-$night$end
  make_work
  with_database
  archive_write "$WORK" >"$WORK/whole"
  sync "$WORK/whole"
  mv "$WORK/whole" "$name"
  for kind in week-$(date -d "$night" +%G-%V) month-$(date -d "$night" +%Y-%m); do
    [ -n "$(night_files "$kind")" ] || ln "$name" "$BACKUPS/$kind$end" 2>/dev/null || cp "$name" "$BACKUPS/$kind$end"
  done
  for kind in day week month; do
    night_files "$kind-*" | sort -r | tail -n +$((NIGHTS_KEPT[$kind] + 1)) | tr '\n' '\0' | xargs -0r rm -f
  done
}

night_files() { find "$BACKUPS" -maxdepth 1 -type f \( -name "$1.tar" -o -name "$1.tar.age" \) 2>/dev/null; }

nights_words() {
  local last
  last=$(night_files 'day-*' | sort | tail -n 1)
  if [ -z "$last" ]; then
    echo "No backup was made by itself yet; the first comes ten minutes after a start. ./kettle backup makes one now."
  else
    echo "Last backup made by itself: $(basename "$last" | cut -c5-14), $(du -h "$last" | cut -f1), in $BACKUPS"
  fi
}
