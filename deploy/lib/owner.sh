# Whose an installation is: whoever's the database's folder is, which nobody else can open. Root's is run by "postgres".

# owner_now: nothing where there is no database yet, or where root's lies elsewhere.
owner_now() { [ ! -d "$ROOT/var/pg" ] || stat -c %U "$ROOT/var/pg"; }

# owner_mine: whether who asks may run it.
owner_mine() {
    local who
    who=$(owner_now)
    [ -z "$who" ] || [ "$who" = "$(if [ "$(id -u)" -eq 0 ]; then echo postgres; else id -un; fi)" ]
}

# owner_checked: else two would run two halves of one installation.
owner_checked() {
    owner_mine && return 0
    if [ "$(id -u)" -eq 0 ]; then
        fail "This installation was begun by $(owner_now), not by root." \
            "run the command as $(owner_now); or sudo ./lumbro install, which hands it over to the system."
    fi
    fail "This installation is run by root, or by another user." "run the same command with sudo, or as that user."
}

# owner_changed: from whoever began it to root and the system's users. The database's own folder comes last: broken off before
# that, it is begun again.
owner_changed() {
    local who home keys
    who=$(owner_now) home=$(cluster_home pg) keys=$(signer_home)
    runuser -u "$who" -- "$ROOT/lumbro" stop >/dev/null || return 1
    if [ -d "$ROOT/var/signer" ]; then
        mkdir -p "$(dirname "$keys")"
        cp -a "$ROOT/var/signer/." "$keys"
        signer_user
        chown -R lumbro-signer:lumbro-signer "$keys"
    fi
    [ ! -d "$ROOT/var/photos" ] || chown -R www-data:www-data "$ROOT/var/photos"
    rm -rf "$ROOT/var/run"
    # Root runs nothing that somebody else may change.
    find "$ROOT" -path "$ROOT/var/pg" -prune -o -user "$who" ! -path "$ROOT/var/photos*" -exec chown -h root:root {} +
    if [ "$home" != "$ROOT/var/pg" ]; then
        mkdir -p "$(dirname "$home")"
        mv "$ROOT/var/pg" "$home"
    fi
    find "$home" -mindepth 1 -exec chown -h postgres:postgres {} +
    chown postgres:postgres "$home"
    rm -rf "$ROOT/var/signer"
}
