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

# signer_socket_folder SOCKET GROUP: whose socket it is, and that GROUP may ask.
signer_socket_folder() {
    local folder
    folder=$(dirname "$1")
    mkdir -p "$folder"
    [ "$(id -u)" -eq 0 ] || return 0
    signer_user
    chown "lumbro-signer:$2" "$folder"
    # The socket is its folder's group's: whoever may ask can reach it.
    chmod 2750 "$folder"
}

# signer_runs_as: its user, where that user can reach the project.
signer_runs_as() {
    if [ "$(id -u)" -ne 0 ]; then
        id -un
    elif signer_user && as_signer test -r "$ROOT/signer/bin/lumbro-signer"; then
        printf lumbro-signer
    else
        echo "lumbro: the signing service's user cannot reach $ROOT; it runs as root." >&2
        printf root
    fi
}
