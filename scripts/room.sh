# Room on the disk. Where it is full, the application keeps nothing more and shows what there is; the database needs
# a little to come up again even then, which is held in reserve.
#
#   $DATA/reserve   taken away when the disk is full, put back when there is room again

RESERVE_MB=48
# Below this the reserve is given up. It is put back above the other, so that what is left then is more than the
# application wants before it keeps again (DiskRoom).
SCARCE_MB=16
AMPLE_MB=144

room_mb() {
  local free size
  read -r free size < <(stat -f -c '%a %S' "$DATA")
  echo $((free * size / 1048576))
}

look_at_room() {
  local left
  left=$(room_mb)
  if [ "$left" -lt $SCARCE_MB ] && [ -s "$DATA/reserve" ]; then
    rm -f "$DATA/reserve"
    note "The disk of $DATA is full. Nothing more is kept until there is room; what was saved is safe."
  elif [ ! -s "$DATA/reserve" ] && [ "$left" -gt $AMPLE_MB ]; then
    reserve_room
  fi
}

# A file that really takes its room, not one with holes.
reserve_room() {
  fallocate -l "${RESERVE_MB}M" "$DATA/reserve" 2>/dev/null || rm -f "$DATA/reserve"
}
