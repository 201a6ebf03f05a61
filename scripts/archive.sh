# One file that holds a whole shop: a tar of three members and a last line.
#
#   manifest        what it is: versions, size and SHA-256 of the other members, rows and sum of every table
#   database.dump   of pg_dump, at one moment
#   settings        without the password of the database
#   sha256 HEX      behind the end of the tar, where tar does not read on: of everything before it
#
# With a passphrase the whole is encrypted by age. docs/formats/README.md says more.

ARCHIVE_FORMAT=1

# archive_write WORK: the archive on standard output. The database must run.
archive_write() {
  local work=$1 part
  dump_at_one_moment "$work"
  settings_without_password >"$work/settings"
  {
    echo "velvet-kettle-backup $ARCHIVE_FORMAT"
    echo "made $(date -u +%Y-%m-%dT%H:%M:%SZ)"
    echo "schema $(database psql -qtAXc "select max(version::int) from flyway_schema_history where success")"
    echo "postgresql $(database psql -qtAXc "show server_version_num")"
    for part in database.dump settings; do
      echo "file $part $(stat -c %s "$work/$part") $(sha256sum <"$work/$part" | cut -d' ' -f1)"
    done
    cat "$work/sums"
  } >"$work/manifest"
  tar --format=ustar --owner=0 --group=0 --mode=600 --mtime=@0 -C "$work" -cf "$work/tar" manifest database.dump settings
  rm "$work/database.dump"
  echo "sha256 $(sha256sum <"$work/tar" | cut -d' ' -f1)" >>"$work/tar"
  if [ -n "${KETTLE_PASSPHRASE:-}" ]; then
    age_run -p "$work/tar" "$work/tar.age" "$KETTLE_PASSPHRASE" "$KETTLE_PASSPHRASE" ||
      fail "The backup could not be encrypted." "$(grep -a '^age: error' "$work/age" | head -n 1)"
    mv "$work/tar.age" "$work/tar"
  fi
  cat "$work/tar"
}

# Dump and sums see the same moment, however much is written meanwhile.
dump_at_one_moment() {
  local work=$1 snapshot
  coproc MOMENT { database psql -qtAX -v ON_ERROR_STOP=1 2>"$work/words"; }
  local to=${MOMENT[1]} from=${MOMENT[0]} process=$MOMENT_PID
  echo "begin isolation level repeatable read read only; select pg_export_snapshot();" >&"$to"
  IFS= read -r snapshot <&"$from" || fail "The database does not answer." "$(cat "$work/words")"
  database pg_dump --snapshot="$snapshot" -Fc --no-owner --no-privileges --lock-wait-timeout=60s \
    -f "$work/database.dump" 2>"$work/dump-words" || {
    kill "$process" 2>/dev/null || true
    fail "The database could not be written down." "$(tail -n 3 "$work/dump-words")"
  }
  { cat "$SQL/sums.sql" && echo "commit;"; } >&"$to"
  exec {to}>&-
  cat <&"$from" >"$work/sums"
  wait "$process" || fail "The tables could not be summed." "$(tail -n 3 "$work/words")"
}

settings_without_password() {
  grep -v '^KETTLE_DB_PASSWORD=' "$DATA/settings" 2>/dev/null || true
}

# archive_read WORK: opens the archive on standard input into WORK, and says what is wrong with it. Nothing in it is
# believed before it was compared, and no name in it is used.
archive_read() {
  local work=$1 member line
  cat >"$work/tar" || fail "The backup could not be read." "Is there room in $work?"
  if [ "$(head -c 21 "$work/tar" | tr -d '\0')" = age-encryption.org/v1 ]; then
    [ -n "${KETTLE_PASSPHRASE:-}" ] ||
      fail "This backup is encrypted." "Give its passphrase: --passphrase asks for it, --passphrase-file FILE reads it."
    if ! age_run -d "$work/tar" "$work/open" "$KETTLE_PASSPHRASE"; then
      ! grep -q 'incorrect passphrase' "$work/age" || fail "This is not the passphrase of the backup." "Nothing was changed."
      fail "This backup is damaged: it cannot be decrypted whole." "Nothing was changed. Take another one."
    fi
    mv "$work/open" "$work/tar"
  fi
  line=$(tail -c 72 "$work/tar" | tr -d '\0')
  [[ "$line" =~ ^sha256\ [0-9a-f]{64}$ ]] ||
    fail "This is not a whole backup: its last line is missing." "It is cut short, or something else. Nothing was changed."
  truncate -s -72 "$work/tar"
  [ "${line#sha256 }" = "$(sha256sum <"$work/tar" | cut -d' ' -f1)" ] ||
    fail "This backup is damaged: its content is not what was written." "Nothing was changed. Take another one."
  for member in manifest database.dump settings; do
    tar -xOf "$work/tar" "$member" >"$work/$member" 2>/dev/null || fail "This backup holds no $member." "Nothing was changed."
  done
  rm "$work/tar"
  check_manifest "$work"
}

check_manifest() {
  local work=$1 kind name size sum
  [ "$(head -n 1 "$work/manifest")" = "velvet-kettle-backup $ARCHIVE_FORMAT" ] ||
    fail "This backup is of another kind: $(head -n 1 "$work/manifest" | head -c 80)" "A newer version of Velvet Kettle may read it."
  while read -r kind name size sum; do
    [ "$kind" = file ] || continue
    [[ "$name" =~ ^(database\.dump|settings)$ ]] && [ "$size" = "$(stat -c %s "$work/$name")" ] &&
      [ "$sum" = "$(sha256sum <"$work/$name" | cut -d' ' -f1)" ] ||
      fail "This backup is damaged: its part '$name' is not what its manifest says." "Nothing was changed. Take another one."
  done <"$work/manifest"
  [ "$(grep -c '^file ' "$work/manifest")" = 2 ] || fail "The manifest of this backup does not name its parts." "Nothing was changed."
  grep '^table ' "$work/manifest" >"$work/sums" || fail "The manifest of this backup names no tables." "Nothing was changed."
  [[ "$(manifest_says "$work" made)" =~ ^[0-9TZ:-]+$ ]] || fail "The manifest of this backup does not say when it was made." "Nothing was changed."
  local schema
  schema=$(manifest_says "$work" schema)
  [[ "$schema" =~ ^[0-9]+$ ]] && [ "$schema" -le "$(cat "$PROGRAM/schema")" ] ||
    fail "This backup was made by a newer version: its tables are of step '$schema', this one knows $(cat "$PROGRAM/schema")." \
      "Restore it with the newer version. Nothing was changed."
}

manifest_says() { sed -n "s/^$2 //p" "$1/manifest" | head -n 1; }

# archive_unfold WORK: everything into the connected database and compared, in one transaction; all of it or nothing.
archive_unfold() {
  local work=$1
  # So that nothing in the dump is taken for a command of the client.
  grep -qm 1 '^\\restrict ' <("$PG_BIN/pg_restore" -f - --schema-only "$work/database.dump" 2>/dev/null) ||
    fail "PostgreSQL's programs here cannot read this dump, or are too old to read it safely." \
      "Bring them up to date: apt-get install --only-upgrade postgresql-client. Nothing was changed."
  {
    echo "begin;"
    echo "drop schema public cascade; create schema public;"
    "$PG_BIN/pg_restore" -f - --no-owner --no-privileges "$work/database.dump" 2>"$work/restore-words" ||
      echo "do \$\$ begin raise 'the dump could not be read'; end \$\$;"
    echo "\\o restored-sums"
    cat "$SQL/sums.sql"
    echo "\\o"
    echo "\\set same \`cmp -s sums restored-sums && echo true || echo false\`"
    echo "\\if :same"
    echo "commit;"
    echo "\\else"
    echo "do \$\$ begin raise 'what came out is not what was written down'; end \$\$;"
    echo "\\endif"
  } | (cd "$work" && database psql -qtAX -v ON_ERROR_STOP=1 >/dev/null 2>words) ||
    fail "The backup could not be unfolded: $(grep -m 1 -h ERROR "$work/words" "$work/restore-words" | head -c 300)" "Nothing was changed."
}

# age_run -p|-d IN OUT LINE...: age asks for its passphrase at a terminal only, so it is given one, which does not
# write down what is typed.
age_run() {
  local way=$1 in=$2 out=$3
  shift 3
  printf '%s\n' "$@" | SHELL=/bin/bash script -E never -qec "age $way -o $(printf %q "$out") $(printf %q "$in")" /dev/null >"$(dirname "$out")/age" 2>&1
}
