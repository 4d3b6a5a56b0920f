# A shop's data in one file, and back: the database as PostgreSQL dumps it, the photos, and a list of their checksums.

BACKUP_FORMAT=1

# backup_write FILE PORT OWNER_PASSWORD DATABASE PHOTOS
backup_write() {
    local file=$1 port=$2 password=$3 name=$4 photos=$5 work
    [ -e "$file" ] && { printf '%s is there already; a backup overwrites nothing.\n' "$file" >&2; return 2; }
    work=$(mktemp -d) || return 1
    mkdir -p "$work/lumbro-backup/photos"
    PGPASSWORD=$password "$PG_BIN/pg_dump" -h 127.0.0.1 -p "$port" -U lumbro_owner -d "$name" -Fc --no-owner -f "$work/lumbro-backup/database.dump" || { rm -rf "$work"; return 1; }
    [ -d "$photos" ] && cp -a "$photos/." "$work/lumbro-backup/photos/"
    (
        cd "$work/lumbro-backup" &&
            printf 'format %s\nmade %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >about &&
            find . -type f ! -name checksums -print0 | sort -z | xargs -0 sha256sum >checksums
    ) || { rm -rf "$work"; return 1; }
    # Whole or not at all: a backup that broke off is never under its name.
    tar -C "$work" -czf "$file.part" lumbro-backup && mv -- "$file.part" "$file" || { rm -rf "$work" "$file.part"; return 1; }
    rm -rf "$work"
}

# backup_read FILE PORT OWNER_PASSWORD DATABASE PHOTOS: what was there stays until the whole of the new is.
backup_read() {
    local file=$1 port=$2 password=$3 name=$4 photos=$5 work from
    work=$(mktemp -d) || return 1
    if ! tar -C "$work" -xzf "$file" lumbro-backup 2>/dev/null || ! [ -f "$work/lumbro-backup/checksums" ]; then
        rm -rf "$work"
        printf '%s is no backup of Lumbro.\n' "$file" >&2
        return 2
    fi
    from=$work/lumbro-backup
    if ! (cd "$from" && sha256sum --quiet --strict -c checksums) >/dev/null 2>&1; then
        rm -rf "$work"
        printf '%s was changed or is not whole: its checksums do not fit.\n' "$file" >&2
        return 2
    fi
    if [ "$(sed -n 's/^format //p' "$from/about")" != "$BACKUP_FORMAT" ]; then
        rm -rf "$work"
        printf '%s is of another edition of backups than this one reads.\n' "$file" >&2
        return 2
    fi
    export PGPASSWORD=$password
    backup_psql "$port" -c "drop database if exists ${name}_new with (force)" -c "create database ${name}_new" &&
        "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$port" -U lumbro_owner -d "${name}_new" --no-owner --exit-on-error "$from/database.dump" &&
        backup_psql "$port" -c "drop database if exists ${name} with (force)" -c "alter database ${name}_new rename to ${name}" ||
        { rm -rf "$work"; return 1; }
    mkdir -p "$photos"
    # Photos lie under the hash of their bytes: one that is there is the same one.
    cp -an "$from/photos/." "$photos/" 2>/dev/null || true
    rm -rf "$work"
}

backup_psql() {
    local port=$1
    shift
    PGOPTIONS=--client-min-messages=warning psql -q -h 127.0.0.1 -p "$port" -U lumbro_owner -d postgres -v ON_ERROR_STOP=1 "$@"
}
