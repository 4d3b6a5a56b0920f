# A PostgreSQL cluster of the project's own: on loopback only, with SCRAM passwords, no socket file.

PG_BIN=/usr/lib/postgresql/15/bin

# PostgreSQL does not run as root: then Debian's user "postgres" runs it.
as_postgres() {
    if [ "$(id -u)" -eq 0 ]; then setpriv --reuid=postgres --regid=postgres --clear-groups -- "$@"; else "$@"; fi
}

# Where the cluster can live: beside the project, or under /var/lib where "postgres" cannot reach the project.
cluster_home() {
    local name=$1
    mkdir -p "$ROOT/var"
    if as_postgres test -x "$ROOT/var"; then
        printf '%s/var/%s' "$ROOT" "$name"
    else
        printf '/var/lib/lumbro/%s-%s' "$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)" "$name"
    fi
}

# cluster_create HOME OWNER_PASSWORD APP_ROLE APP_PASSWORD PORT
cluster_create() {
    local home=$1 password=$2 role=$3 role_password=$4 port=$5 secret
    [ -f "$home/PG_VERSION" ] && return 0
    mkdir -p "$home"
    chmod 700 "$home"
    [ "$(id -u)" -eq 0 ] && chown postgres:postgres "$home"
    secret=$(mktemp)
    printf '%s\n' "$password" >"$secret"
    chmod 600 "$secret"
    [ "$(id -u)" -eq 0 ] && chown postgres "$secret"
    as_postgres "$PG_BIN/initdb" -D "$home" -U lumbro_owner --pwfile="$secret" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 || { rm -f "$secret"; return 1; }
    rm -f "$secret"
    cluster_up "$home" "$port" || return 1
    PGPASSWORD=$password psql -q -h 127.0.0.1 -p "$port" -U lumbro_owner -d postgres -v ON_ERROR_STOP=1 \
        -c "create role $role login password '$role_password'"
}

cluster_is_up() { as_postgres "$PG_BIN/pg_ctl" -D "$1" status >/dev/null 2>&1; }

# cluster_up HOME PORT [OPTIONS]
cluster_up() {
    cluster_is_up "$1" && return 0
    as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -l "$1/server.log" \
        -o "-p $2 -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${3:-}" start
}

cluster_down() { cluster_is_up "$1" || return 0; as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -m fast stop; }

# database_create NAME PORT OWNER_PASSWORD
database_create() {
    PGPASSWORD=$3 psql -q -h 127.0.0.1 -p "$2" -U lumbro_owner -d postgres -tAc "select 1 from pg_database where datname = '$1'" | grep -q 1 ||
        PGPASSWORD=$3 psql -q -h 127.0.0.1 -p "$2" -U lumbro_owner -d postgres -c "create database $1"
}
