# systemd's units for this installation: whatever dies comes back, and all of it begins with the machine.

# What runs the shop, in the order in which it begins, and what is done now and then.
UNIT_PARTS="database signer php web queue live"
UNIT_TIMES="nightly sign"

units_folder() { printf '%s' "${LUMBRO_UNITS:-/etc/systemd/system}"; }

# units_rule RUN: whether systemd watches over the server in this folder.
units_rule() {
    [ "$1" = "$ROOT/var/run" ] && [ -d /run/systemd/system ] && grep -qsF "$ROOT/deploy/run " "$(units_folder)/lumbro-web.service"
}

# unit_names ENDING NAME...: as systemd calls them.
unit_names() {
    local ending=$1
    shift
    printf "lumbro-%s$ending " "$@"
}

# unit NAME WHAT TEXT: one file.
unit() {
    printf '# Written by ./lumbro install; ./lumbro uninstall removes it.\n[Unit]\nDescription=Lumbro: %s\n%s\n' "$2" "$3" >"$(units_folder)/lumbro$1"
}

# unit_service NAME WHAT AFTER LINES
unit_service() {
    unit "-$1.service" "$2" "$3

[Service]
WorkingDirectory=$ROOT
NoNewPrivileges=yes
$4"
}

# unit_part NAME WHAT AFTER LINES: a part of the server, begun again whatever ends it but whoever looks after it.
unit_part() {
    unit_service "$1" "$2" "PartOf=lumbro.target
$3" "Restart=on-failure
RestartSec=1
$4

[Install]
WantedBy=lumbro.target"
}

# unit_timer NAME WHAT WHEN
unit_timer() {
    unit "-$1.timer" "$2" "
[Timer]
$3

[Install]
WantedBy=timers.target"
}

# units_write CLUSTER_HOME PORT
units_write() {
    mkdir -p "$(units_folder)"
    unit .target "the shop" "Wants=$(unit_names .service $UNIT_PARTS)

[Install]
WantedBy=multi-user.target"
    unit_part database "the database" "" "Type=notify
User=$([ "$(id -u)" -eq 0 ] && echo postgres || id -un)
ExecStart=$PG_BIN/postgres -D $1 -p $2 -c listen_addresses=127.0.0.1 -c unix_socket_directories=
ExecReload=/bin/kill -HUP \$MAINPID
KillMode=mixed
KillSignal=SIGINT
TimeoutSec=infinity"
    unit_part signer "the signing service" "" "ExecStart=$ROOT/deploy/run signer $ROOT/var/run"
    unit_part php "the application" "After=lumbro-database.service lumbro-signer.service" "Type=notify
NotifyAccess=all
ExecStart=$ROOT/deploy/run php $ROOT/var/run
KillSignal=SIGQUIT"
    unit_part web "the web server" "After=lumbro-php.service network-online.target
Wants=network-online.target" "ExecStart=$ROOT/deploy/run web $ROOT/var/run
KillSignal=SIGQUIT"
    unit_part queue "the workers of what takes long" "After=lumbro-database.service" "Nice=15
ExecStart=$ROOT/deploy/run queue $ROOT/var/run
KillMode=mixed
TimeoutStopSec=15"
    unit_part live "what tells watchers what is new" "After=lumbro-database.service" "ExecStart=$ROOT/deploy/run live $ROOT/var/run
KillMode=mixed
TimeoutStopSec=15"
    unit_service nightly "a backup, and certificates renewed" "After=lumbro-database.service" "Type=oneshot
Nice=10
ExecStart=$ROOT/lumbro nightly"
    unit_timer nightly "every night" "OnCalendar=*-*-* 02:30
Persistent=true"
    unit_service sign "what waits for a signature" "After=lumbro-signer.service" "Type=oneshot
ExecStart=$ROOT/lumbro sign"
    unit_timer sign "every ten minutes" "OnBootSec=2min
OnUnitActiveSec=10min"
}

# shellcheck disable=SC2046,SC2086
units_there() (cd "$(units_folder)" && ls -d "$PWD"/lumbro.target $(unit_names .service $UNIT_PARTS $UNIT_TIMES | xargs -n 1 printf "$PWD/%s ") $(unit_names .timer $UNIT_TIMES | xargs -n 1 printf "$PWD/%s ") 2>/dev/null) || true
