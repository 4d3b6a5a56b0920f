# A shop's data in one file, and back: the database as PostgreSQL dumps it, the photos, and a list of their checksums.

BACKUP_FORMAT=1

# backup_write FILE PORT BACKUP_PASSWORD DATABASE PHOTOS
backup_write() (
    local file=$1 port=$2 password=$3 name=$4 photos=$5 work
    [ -e "$file" ] && { printf '%s is there already; a backup overwrites nothing.\n' "$file" >&2; return 2; }
    # It holds everything the shop has: nobody else is to read it.
    umask 077
    work=$(mktemp -d) || return 1
    mkdir -p "$work/lumbro-backup/photos"
    PGPASSWORD=$password "$PG_BIN/pg_dump" -h 127.0.0.1 -p "$port" -U lumbro_backup -d "$name" -Fc --no-owner -f "$work/lumbro-backup/database.dump" || { rm -rf "$work"; return 1; }
    [ -d "$photos" ] && cp -a "$photos/." "$work/lumbro-backup/photos/"
    (
        cd "$work/lumbro-backup" &&
            printf 'format %s\nmade %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)" >about &&
            find . -type f ! -name checksums -print0 | sort -z | xargs -0 sha256sum >checksums
    ) || { rm -rf "$work"; return 1; }
    # Whole or not at all: a backup that broke off is never under its name.
    tar -C "$work" -czf "$file.part" lumbro-backup && mv -- "$file.part" "$file" || { rm -rf "$work" "$file.part"; return 1; }
    rm -rf "$work"
)

# A restore goes in three steps. The first two leave the shop as it is and at work; the third is one transaction, after which
# the database that was there stands aside under another name. Broken off anywhere, it is begun again from its start.

# backup_open FILE WORK: unpacks a backup into the folder WORK and looks whether it is whole.
backup_open() (
    umask 077
    file=$1 work=$2
    rm -rf "$work"
    mkdir -p "$work"
    if ! tar -C "$work" -xzf "$file" lumbro-backup 2>/dev/null || ! [ -f "$work/lumbro-backup/checksums" ]; then
        printf '%s is no backup of Lumbro.\n' "$file" >&2
        return 2
    fi
    if ! (cd "$work/lumbro-backup" && sha256sum --quiet --strict -c checksums) >/dev/null 2>&1; then
        printf '%s was changed or is not whole: its checksums do not fit.\n' "$file" >&2
        return 2
    fi
    if [ "$(sed -n 's/^format //p' "$work/lumbro-backup/about")" != "$BACKUP_FORMAT" ]; then
        printf '%s is of another edition of backups than this one reads.\n' "$file" >&2
        return 2
    fi
)

# backup_fill WORK PORT OWNER_PASSWORD DATABASE PHOTOS: the photos, and a database DATABASE_new beside the one that is there.
backup_fill() {
    local from=$1/lumbro-backup port=$2 password=$3 name=$4 photos=$5
    backup_photos "$from/photos" "$photos" || return 1
    sql lumbro_owner "$password" "$port" postgres -c "drop database if exists ${name}_new with (force)" -c "create database ${name}_new" &&
        PGPASSWORD=$password "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$port" -U lumbro_owner -d "${name}_new" --no-owner --exit-on-error "$from/database.dump" &&
        database_close "${name}_new" "$port" "$password"
}

# backup_photos FROM TO: a photo lies under the hash of its bytes, so one that is there is the same one, if it is whole.
backup_photos() {
    local from=$1 to=$2 photo
    mkdir -p "$to" || return 1
    while IFS= read -r -d '' photo; do
        cmp -s "$from/$photo" "$to/$photo" && continue
        mkdir -p "$(dirname "$to/$photo")" && cp "$from/$photo" "$to/$photo.part" && mv -f "$to/$photo.part" "$to/$photo" || {
            printf 'The photo %s could not be copied; nothing was changed.\n' "$photo" >&2
            return 1
        }
    done < <(cd "$from" 2>/dev/null && find . -type f ! -name '*.part' -print0)
}

# backup_switch PORT OWNER_PASSWORD DATABASE: the new one takes the name, the old one stands aside as DATABASE_before.
backup_switch() {
    local port=$1 password=$2 name=$3
    if ! database_is "$name" "$port" "$password"; then
        backup_rename "$port" "$password" "$name" "${name}_new $name"
        return
    fi
    sql lumbro_owner "$password" "$port" postgres -c "drop database if exists ${name}_before with (force)" &&
        backup_rename "$port" "$password" "$name" "$name ${name}_before" "${name}_new $name"
}

# backup_back PORT OWNER_PASSWORD DATABASE: what stands aside takes the name again, and what had it stands aside.
backup_back() {
    sql lumbro_owner "$2" "$1" postgres -c "drop database if exists $3_new with (force)" &&
        if database_is "$3" "$1" "$2"; then
            backup_rename "$1" "$2" "$3" "$3 $3_new" "$3_before $3" "$3_new $3_before"
        else
            backup_rename "$1" "$2" "$3" "$3_before $3"
        fi
}

# backup_rename PORT OWNER_PASSWORD DATABASE "FROM TO"...: all of it or nothing; nobody may be connected. PostgreSQL's own
# workers leave by themselves, and would not be sent away by the owner.
backup_rename() {
    local port=$1 password=$2 name=$3 one
    shift 3
    {
        printf "select pg_terminate_backend(pid) from pg_stat_activity where datname in ('%s', '%s_new', '%s_before') and usename in ('lumbro_app', 'lumbro_owner', 'lumbro_backup') \\g /dev/null\nbegin;\n" "$name" "$name" "$name"
        for one in "$@"; do printf 'alter database %s rename to %s;\n' ${one% *} ${one#* }; done
        printf 'commit;\n'
    } | sql lumbro_owner "$password" "$port" postgres
}

# backup_stands PORT OWNER_PASSWORD DATABASE: whether a database stands aside.
backup_stands() {
    sql lumbro_owner "$2" "$1" postgres -tAc "select 1 from pg_database where datname = '$3_before'" | grep -q 1
}
