# Whose it is. Everything that runs for a shop runs as the owner of its data folder, who is never root:
# root makes an unprivileged user, gives the folder to it and goes on as that user.

SHOP_USER=velvet-kettle

# What may lie in a data folder; with anything else in it the folder is not ours to take.
OURS=(postgres postgres.new password shop.password settings lock app.pid app.port watch.pid stopping reserve
  logs backups tmp app.log postgres.log initdb.log lost+found)

is_root() { [ "$(id -u)" -eq 0 ]; }

need_owner() {
  is_root || return 0
  getent passwd "$SHOP_USER" >/dev/null && return 0
  note "Making the user $SHOP_USER, which owns the data and runs everything"
  useradd --system --user-group --home-dir /var/lib/velvet-kettle --no-create-home --shell /usr/sbin/nologin "$SHOP_USER" ||
    fail "The user $SHOP_USER could not be made." "Make it by hand: useradd --system $SHOP_USER"
}

# as_owner COMMAND...: as the owner of the shop, whoever asks.
as_owner() {
  if is_root; then
    (cd / && HOME=/nonexistent setpriv --reuid "$SHOP_USER" --regid "$SHOP_USER" --init-groups -- "$@")
  else
    "$@"
  fi
}

# The data folder, there and its owner's alone.
open_data() {
  need_owner
  mkdir -p "$DATA" 2>/dev/null ||
    fail "The folder $DATA cannot be made." "Give one that can: --data DIR"
  if ! owned_by_shop; then
    take_data
  else
    [ -e "$DATA/postgres" ] || [ -e "$DATA/lock" ] || only_ours
    chmod 700 "$DATA"
  fi
  as_owner test -w "$DATA" ||
    fail "The user $SHOP_USER cannot reach $DATA: a folder above it is closed." \
      "Nothing of a shop runs as root. Give another folder: --data /var/lib/velvet-kettle"
  as_owner mkdir -p -m 700 "$DATA/logs" "$DATA/backups" 2>/dev/null ||
    fail "The folder $DATA cannot be written." "Give one that can, or make room: --data DIR"
}

owned_by_shop() {
  local owner=$SHOP_USER
  is_root || owner=$(id -un)
  [ "$(stat -c %U "$DATA")" = "$owner" ]
}

# A folder that root made, or that an older version ran in as root and as PostgreSQL's user.
take_data() {
  is_root ||
    fail "$DATA belongs to $(stat -c %U "$DATA")." "Start it as that user, or as root, or give another folder with --data."
  [ "$(stat -c %U "$DATA")" = root ] ||
    fail "$DATA belongs to $(stat -c %U "$DATA")." "Start it as that user, or give another folder with --data."
  only_ours
  ! app_running && ! postgres_alive ||
    fail "An older version runs in $DATA, as another user." "Stop it first: ./kettle stop --data $DATA"
  # Links are not followed: what they lead to is not ours.
  chown -hR "$SHOP_USER:" "$DATA"
  chmod 700 "$DATA"
}

only_ours() {
  local entry
  while read -r entry; do
    [[ " ${OURS[*]} " == *" $entry "* ]] ||
      fail "$DATA holds '$entry', which is not of Velvet Kettle; the folder is left alone." \
        "Give a folder of its own: --data DIR"
  done < <(ls -A "$DATA")
}

# go_on COMMAND...: the same script as the owner of the data, in the place of this one; comes back for everybody but root.
go_on() {
  is_root || return 0
  lay_in_reach
  cd /
  HOME=/nonexistent exec setpriv --reuid "$SHOP_USER" --regid "$SHOP_USER" --init-groups -- "$REACHED/kettle" "$@"
}

# In a checkout that the owner may not look into, it runs from a copy that root keeps for all shops. One that may be
# running is left alone: each state of the program has a folder of its own.
COPIES=/var/cache/velvet-kettle

lay_in_reach() {
  local jar=$PROGRAM/run/app.jar
  REACHED=$ROOT
  if as_owner test -r "$ROOT/scripts/words.sh" && { [ ! -e "$jar" ] || as_owner test -r "$jar"; }; then
    return 0
  fi
  if [ ! -e "$jar" ]; then
    # To stop it or to look at it any copy will do.
    REACHED=$(ls -td "$COPIES"/*/ 2>/dev/null | head -n 1)
    [ -z "$REACHED" ] || return 0
    build
  fi
  REACHED=$COPIES/$(cat "$PROGRAM/sources" kettle scripts/*.sh scripts/sql/*.sql | sha256sum | cut -c1-12)
  [ -e "$REACHED/kettle" ] || { lay_program "$REACHED" && forget_copies; }
}

# Those that nothing runs from.
forget_copies() {
  local old
  for old in "$COPIES"/*; do
    [ "$old" = "$REACHED" ] || grep -qsF "$old/" /proc/[0-9]*/cmdline || rm -rf "$old"
  done
}

# lay_program DIR: the script and the built application, without what it was built from; root's, for all to read.
lay_program() {
  rm -rf "$1" "$1.new"
  mkdir -p -m 755 "$(dirname "$1")" "$1.new"
  cp -r "$ROOT/kettle" "$ROOT/scripts" "$PROGRAM/run" "$PROGRAM/schema" "$PROGRAM/sources" "$1.new/"
  chmod -R u=rwX,go=rX "$1.new"
  mv "$1.new" "$1"
  archive_classes "$1"
}
