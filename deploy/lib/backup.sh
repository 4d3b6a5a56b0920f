# A shop's data in one file, and back: the database as PostgreSQL dumps it, the photos, the shop's keys, and a list of their
# checksums, locked with the backup key (BACKUP_KEY), which the recovery sheet prints.

BACKUP_FORMAT=2

# What a backup is proven by: these only ever grow.
BACKUP_COUNTED="readings record_events order_events sealed_records photos book_entries"

BACKUP_ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)

vault() { php "$BACKUP_ROOT/deploy/vault.php" "$@"; }

# backup_rows USER PASSWORD PORT DATABASE: a line "rows TABLE COUNT" for each table that is counted.
backup_rows() {
    local table
    for table in $BACKUP_COUNTED; do
        sql "$1" "$2" "$3" "$4" -tAc "select to_regclass('$table') is not null" | grep -q t || continue
        printf 'rows %s %s\n' "$table" "$(sql "$1" "$2" "$3" "$4" -tAc "select count(*) from $table")"
    done
}

# backup_room FOLDER PORT PASSWORD DATABASE PHOTOS: whether a backup has room there, with what it needs while it is made.
backup_room() {
    local free needed
    free=$(df -Pk "$1" | awk 'NR == 2 {print $4}')
    needed=$(($(sql lumbro_backup "$3" "$2" "$4" -tAc 'select pg_database_size(current_database()) / 1024') + $({ du -sk "$5" 2>/dev/null || echo 0; } | cut -f1) + 51200))
    [ "$free" -gt "$needed" ] || { printf 'There is no room for a backup in %s: %s MB are free, %s MB are needed.\n' "$1" $((free / 1024)) $((needed / 1024)) >&2; return 1; }
}

# backup_write FILE PORT BACKUP_PASSWORD DATABASE PHOTOS KEYS: with the application's own key (APP_KEY), which second factors
# are locked with.
backup_write() (
    set -o pipefail
    file=$1 port=$2 password=$3 name=$4 photos=$5 keys=$6
    [ -e "$file" ] && { printf '%s is there already; a backup overwrites nothing.\n' "$file" >&2; return 2; }
    # It holds everything the shop has: nobody else is to read it.
    umask 077
    folder=$(dirname "$file")
    backup_room "$folder" "$port" "$password" "$name" "$photos" || return 1
    work=$(mktemp -d "$folder/.lumbro-backup-XXXXXX") || return 1
    trap 'rm -rf "$work" "$file.part"' EXIT
    mkdir -p "$work/lumbro-backup/keys"
    {
        printf 'format %s\nmade %s\n' "$BACKUP_FORMAT" "$(date -u +%Y-%m-%dT%H:%M:%SZ)"
        backup_rows lumbro_backup "$password" "$port" "$name"
    } >"$work/lumbro-backup/about" || return 1
    PGPASSWORD=$password "$PG_BIN/pg_dump" -h 127.0.0.1 -p "$port" -U lumbro_backup -d "$name" -Fc --no-owner --exclude-table-data=jobs --exclude-table-data=chores --exclude-table-data=pads --exclude-table-data=held_calls -f "$work/lumbro-backup/database.dump" || return 1
    # A photo is kept before the line that names it: those there now are enough for every line in the dump.
    if [ -d "$photos" ]; then (cd "$photos" && find . -type f ! -name '*.part' -print0) >"$work/photos"; else : >"$work/photos"; fi
    [ ! -d "$keys" ] || cp -a "$keys/." "$work/lumbro-backup/keys/" || return 1
    [ -z "${APP_KEY:-}" ] || printf '%s\n' "$APP_KEY" >"$work/lumbro-backup/app-key"
    (
        cd "$work/lumbro-backup" && find . -type f -print0 | sort -z | xargs -0 sha256sum &&
            { [ ! -s "$work/photos" ] || (cd "$photos" && xargs -0 sha256sum <"$work/photos" | sed 's#  \./#  ./photos/#'); }
    ) >"$work/checksums" || return 1
    mv "$work/checksums" "$work/lumbro-backup/checksums"
    # Whole or not at all: a backup that broke off is never under its name.
    tar -cz -f - --transform 's#^\./#lumbro-backup/photos/#' -C "$work" lumbro-backup -C "$([ -d "$photos" ] && printf %s "$photos" || printf /)" --null -T "$work/photos" |
        vault lock >"$file.part" && sync -- "$file.part" && mv -- "$file.part" "$file"
)

# backup_prove FILE WORK PORT OWNER_PASSWORD DATABASE: opens a backup, fills a database of its own with it, counts it and looks
# whether every record fits its seal. The database and WORK are gone afterwards.
backup_prove() (
    file=$1 work=$2 port=$3 password=$4 proof=${5}_proof
    trap 'rm -rf "$work"; sql lumbro_owner "$password" "$port" postgres -c "drop database if exists $proof with (force)"' EXIT
    backup_open "$file" "$work" || return
    sql lumbro_owner "$password" "$port" postgres -c "drop database if exists $proof with (force)" -c "create database $proof" -c "revoke all on database $proof from public" &&
        PGPASSWORD=$password "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$port" -U lumbro_owner -d "$proof" --no-owner --no-privileges --exit-on-error "$work/lumbro-backup/database.dump" || return 1
    backup_counted "$work" "$port" "$password" "$proof" || return 1
    sql lumbro_owner "$password" "$port" "$proof" -tAc "select to_regclass('sealed_records') is not null" | grep -q t || return 0
    found=$(sql lumbro_owner "$password" "$port" "$proof" -tAc "select count(*) from sealed_records where record like '%\"facts\":%' and encode(sha256(convert_to(record, 'UTF8')), 'hex') <> hash") || return 1
    [ "$found" -eq 0 ] || { printf '%s sealed records do not fit their seals.\n' "$found" >&2; return 1; }
)

# backup_counted WORK PORT OWNER_PASSWORD DATABASE: whether a database has at least what an opened backup says that it holds.
backup_counted() {
    local table count found
    while read -r _ table count; do
        found=$(sql lumbro_owner "$3" "$2" "$4" -tAc "select count(*) from $table") || return 1
        [ "$found" -ge "$count" ] || { printf 'The copy has %s rows of %s; there were %s.\n' "$found" "$table" "$count" >&2; return 1; }
    done < <(grep '^rows ' "$1/lumbro-backup/about")
}

# backup_keep FOLDER: of the nightly backups the last seven stay, then one a week for five weeks, then one a month for a year.
backup_keep() {
    local file day week month kept=0 weeks=" " months=" " week_count=0 month_count=0
    while IFS= read -r file; do
        day=$(basename "$file" | cut -c8-15)
        week=$(date -u -d "$day" +%G%V) month=${day:0:6}
        if [ $kept -lt 7 ]; then
            kept=$((kept + 1))
        elif [[ $weeks != *" $week "* ]] && [ $week_count -lt 5 ]; then
            week_count=$((week_count + 1))
        elif [[ $months != *" $month "* ]] && [ $month_count -lt 12 ]; then
            month_count=$((month_count + 1))
        else
            rm -f -- "$file"
            continue
        fi
        weeks+="$week " months+="$month "
    done < <(find "$1" -maxdepth 1 -name 'lumbro-????????T??????Z.backup' | sort -r)
}

# A restore goes in three steps. The first two leave the shop as it is and at work; the third is one transaction, after which
# the database that was there stands aside under another name. Broken off anywhere, it is begun again from its start.

# backup_open FILE WORK: unlocks a backup into the folder WORK and looks whether it is whole; status 3 where the key is another.
backup_open() (
    umask 077
    file=$1 work=$2 status=0
    rm -rf "$work"
    mkdir -p "$work"
    backup_opened "$file" "$work" || status=$?
    [ $status -eq 0 ] || rm -rf "$work"
    return $status
)

backup_opened() {
    local file=$1 work=$2 unlocked=$1
    if [ "$(head -c 14 "$file" 2>/dev/null | tr -d '\0')" = lumbro-backup/ ]; then
        unlocked=$work/tar
        vault unlock <"$file" >"$unlocked" || return
    fi
    # The first edition was not locked.
    if ! tar -C "$work" -xzf "$unlocked" lumbro-backup 2>/dev/null || ! [ -f "$work/lumbro-backup/checksums" ]; then
        printf '%s is no backup of Lumbro.\n' "$file" >&2
        return 2
    fi
    rm -f "$work/tar"
    if ! (cd "$work/lumbro-backup" && sha256sum --quiet --strict -c checksums) >/dev/null 2>&1; then
        printf '%s was changed or is not whole: its checksums do not fit.\n' "$file" >&2
        return 2
    fi
    case $(sed -n 's/^format //p' "$work/lumbro-backup/about") in
        1 | 2) ;;
        *)
            printf '%s is of another edition of backups than this one reads.\n' "$file" >&2
            return 2
            ;;
    esac
}

# backup_keys WORK KEYS: the shops' keys and seal books, where there are none. A book that is here goes further than a backup's.
backup_keys() {
    local shop
    for shop in "$1"/lumbro-backup/keys/*/; do
        [ -d "$shop" ] || continue
        [ -f "$2/$(basename "$shop")/book" ] || { mkdir -p "$2" && cp -a "$shop" "$2/" || return 1; }
    done
}

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
