# The signing service: under a user of its own, with the shops' keys in a folder that only this user enters.

# Without root everything is one user's, and whoever is that user can read the keys: docs/security.md says so.
signer_user() {
    id -u lumbro-signer >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin lumbro-signer
}

as_signer() {
    if [ "$(id -u)" -eq 0 ]; then setpriv --reuid=lumbro-signer --regid=lumbro-signer --clear-groups -- "$@"; else "$@"; fi
}

# Where the keys of this installation lie: as root where that user can reach it whatever the project's folder is.
signer_home() {
    if [ "$(id -u)" -eq 0 ]; then
        printf '/var/lib/lumbro/%s-signer' "$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)"
    else
        printf '%s/var/signer' "$ROOT"
    fi
}

# signer_folder HOME: made for its user alone.
signer_folder() {
    mkdir -p "$1"
    chmod 700 "$1"
    [ "$(id -u)" -ne 0 ] || { signer_user && chown lumbro-signer:lumbro-signer "$1"; }
}

# signer_up HOME SOCKET PID_FILE LOG GROUP: GROUP may ask.
signer_up() {
    local home=$1 socket=$2 pid_file=$3 log=$4 folder run=()
    folder=$(dirname "$socket")
    signer_folder "$home"
    mkdir -p "$folder"
    if [ "$(id -u)" -eq 0 ]; then
        chown "lumbro-signer:$5" "$folder"
        # The socket is its folder's group's: whoever may ask can reach it.
        chmod 2750 "$folder"
        if as_signer test -r "$ROOT/signer/bin/lumbro-signer"; then
            run=(setpriv --reuid=lumbro-signer --regid=lumbro-signer --clear-groups --)
        else
            echo "lumbro: the signing service's user cannot reach $ROOT; it runs as root." >&2
        fi
    fi
    # It needs nothing of what the server knows, and holds nothing open of whoever starts it.
    (cd / && for fd in /proc/self/fd/*; do [ "${fd##*/}" -le 2 ] || eval "exec ${fd##*/}>&-"; done && exec env -i PATH="$PATH" setsid "${run[@]}" php -d opcache.enable_cli=1 "${JIT[@]}" "$ROOT/signer/bin/lumbro-signer" serve "$home" "$socket") </dev/null >>"$log" 2>&1 &
    printf '%s' "$!" >"$pid_file"
    for _ in $(seq 100); do
        [ -S "$socket" ] && return 0
        sleep 0.05
    done
    echo "lumbro: the signing service did not start: $(tail -n 3 "$log")" >&2
    return 1
}
