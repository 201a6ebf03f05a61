# As a service of the system, which starts with the machine.

INSTALLED=/usr/local/lib/velvet-kettle
UNIT=/etc/systemd/system/velvet-kettle.service

app_service() {
  only_options
  if $REMOVE; then
    service_remove
  elif $INSTALL; then
    service_install
  else
    service_unit
  fi
}

# What systemd watches is the start that watches the rest, so that both ways of running it are one.
service_unit() {
  cat <<UNIT
[Unit]
Description=Velvet Kettle: plans heat pressing, and keeps what came of it
After=network.target

[Service]
Type=exec
User=$SHOP_USER
Group=$SHOP_USER
UMask=0077
ExecStart="$INSTALLED/kettle" keep --no-demo --data "$DATA" --port $PORT
Restart=on-failure
RestartSec=5
SuccessExitStatus=130
# Requests under way are finished first, then the database is closed.
TimeoutStopSec=90
KillMode=mixed

NoNewPrivileges=yes
CapabilityBoundingSet=
ProtectSystem=strict
ReadWritePaths="$DATA"$([ "$BACKUPS" = "$DATA/backups" ] || echo " \"$BACKUPS\"")
ProtectHome=$([[ "$DATA$BACKUPS" == *"/home/"* ]] && echo no || echo yes)
PrivateTmp=yes
PrivateDevices=yes
ProtectClock=yes
ProtectControlGroups=yes
ProtectHostname=yes
ProtectKernelLogs=yes
ProtectKernelModules=yes
ProtectKernelTunables=yes
RestrictAddressFamilies=AF_UNIX AF_INET AF_INET6
RestrictNamespaces=yes
RestrictRealtime=yes
RestrictSUIDSGID=yes
LockPersonality=yes
SystemCallArchitectures=native

[Install]
WantedBy=multi-user.target
UNIT
}

service_install() {
  is_root || fail "Only root can install a service." "./kettle service prints it; as root --install puts it in place."
  need_to_run
  build
  open_data
  # It must not lose its program under its feet.
  [ ! -d /run/systemd/system ] || systemctl stop velvet-kettle.service 2>/dev/null || true
  note "The program goes to $INSTALLED"
  lay_program "$INSTALLED"
  service_unit >"$UNIT"
  note "The unit is $UNIT"
  if [ -d /run/systemd/system ]; then
    systemctl daemon-reload
    systemctl enable --now velvet-kettle.service
    say "Velvet Kettle runs as a service: http://127.0.0.1:$PORT"
  else
    say "Installed. systemd does not run here; where it does: systemctl enable --now velvet-kettle"
  fi
}

service_remove() {
  is_root || fail "Only root can remove a service." "Run it as root."
  [ ! -d /run/systemd/system ] || systemctl disable --now velvet-kettle.service 2>/dev/null || true
  rm -rf "$UNIT" "$INSTALLED"
  [ ! -d /run/systemd/system ] || systemctl daemon-reload
  say "The service is removed. The shop's data stay in $DATA."
}
