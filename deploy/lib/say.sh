# What the commands print: one line a step, and a failure with what to do about it.

say() { printf '%s\n' "$*"; }

fail() {
    printf '\nlumbro: %s\n' "$1" >&2
    [ -n "${2:-}" ] && printf '  What to do: %s\n' "$2" >&2
    exit 1
}

# step "what" log-name command ...: runs the command, its output in var/log, a dot a second while it runs.
step() {
    local what=$1 log="$ROOT/var/log/$2.log" began=$SECONDS pid status=0 looks=0
    shift 2
    mkdir -p "$ROOT/var/log"
    printf '  %-46s' "$what"
    "$@" >"$log" 2>&1 &
    pid=$!
    while kill -0 "$pid" 2>/dev/null; do
        sleep 0.1
        [ $((++looks % 10)) -ne 0 ] || [ ! -t 1 ] || printf '.'
    done
    wait "$pid" || status=$?
    if [ "$status" -ne 0 ]; then
        printf ' failed\n'
        tail -n 15 "$log" >&2
        fail "$what failed." "read $log, mend the cause and run the same command again; nothing done so far is lost."
    fi
    printf ' done (%s s)\n' $((SECONDS - began))
}

# fresh NAME FILES...: whether these files are as they were when NAME was last marked.
stamp() { cat -- "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }
fresh() { [ -f "$ROOT/var/stamps/$1" ] && [ "$(cat "$ROOT/var/stamps/$1")" = "$2" ]; }
mark() { mkdir -p "$ROOT/var/stamps" && printf '%s' "$2" >"$ROOT/var/stamps/$1"; }

# port_is_free PORT: whether nothing listens there, nor is it held by a connection to somewhere else.
port_is_free() { php -r 'exit(stream_socket_server("tcp://127.0.0.1:$argv[1]") ? 0 : 1);' -- "$1" 2>/dev/null; }

# free_port [WISHED]: a free port; the one wished for, where it is. It is none that the machine gives to outgoing
# connections: one of those would hold it on the day the server is begun again.
free_port() {
    local port below
    read -r below _ </proc/sys/net/ipv4/ip_local_port_range
    [ "$below" -gt 10100 ] || below=32768
    for port in ${1:+"$1"} $(shuf -i "10000-$((below - 1))" -n 50); do
        ! port_is_free "$port" || { printf '%s' "$port"; return; }
    done
    fail "No port is free."
}

as_root() { if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo "$@"; fi; }
