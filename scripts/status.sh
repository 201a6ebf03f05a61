# Whether it runs, and whether all of it does.

# 0 where all is well, 3 where it does not run, 4 where a part of it is missing.
app_status() {
  only_options
  [ ! -d "$DATA" ] || ! owned_by_shop || go_on status --data "$DATA"
  if ! app_running; then
    note "Velvet Kettle is not running in $DATA."
    return 3
  fi
  local port health wrong=() stopped=()
  port=$(cat "$DATA/app.port" 2>/dev/null || echo '?')
  health=$(curl -s -m 10 "http://127.0.0.1:$port/actuator/health") || health=""
  say "Velvet Kettle is running: http://127.0.0.1:$port"
  note "Data in $DATA, $(df -h --output=avail "$DATA" | tail -n 1 | tr -d ' ') left there"
  note "$(pool_words "$health")"
  note "$(nights_words)"
  watched || stopped+=("Nothing would start it again if it ended.")
  ! database_is_private || postgres_alive || stopped+=("Its database does not run.")
  if [ -z "$health" ]; then
    stopped+=("It does not answer.")
  else
    [ "$(part_of "$health" db status)" = UP ] || stopped+=("Its database does not answer it.")
    [ "$(part_of "$health" room status)" = UP ] || wrong+=("The disk is full: it shows what there is and keeps nothing more. Make room on it; it goes on by itself.")
    [ "$(part_of "$health" pool status)" = UP ] || wrong+=("All connections to the database are in use, and others wait for one.")
  fi
  [ $((${#wrong[@]} + ${#stopped[@]})) -gt 0 ] || return 0
  printf '  %s\n' "${stopped[@]}" "${wrong[@]}"
  [ ${#stopped[@]} -eq 0 ] || note "./kettle start puts it right."
  return 4
}

# part_of HEALTH PART FIELD: what the application says of one part, whose details come last in it.
part_of() {
  grep -oE "\"$2\":\{[^}]*\}" <<<"$1" | grep -oE "\"$3\":\"?[A-Za-z0-9]+" | head -n 1 | sed -E 's/.*:"?//'
}

pool_words() {
  local used most
  used=$(part_of "$1" pool used)
  most=$(part_of "$1" pool most)
  if [ -n "$most" ]; then
    echo "$used of $most connections to the database in use"
  else
    echo "Connections to the database: not known"
  fi
}
