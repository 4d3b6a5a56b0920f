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

# cluster_create HOME ADMIN_PASSWORD PORT: an empty cluster, running.
cluster_create() {
    local home=$1 password=$2 port=$3 secret
    [ -f "$home/PG_VERSION" ] && return 0
    mkdir -p "$home"
    chmod 700 "$home"
    [ "$(id -u)" -eq 0 ] && chown postgres:postgres "$home"
    secret=$(mktemp)
    printf '%s\n' "$password" >"$secret"
    chmod 600 "$secret"
    [ "$(id -u)" -eq 0 ] && chown postgres "$secret"
    as_postgres "$PG_BIN/initdb" -D "$home" -U lumbro_admin --pwfile="$secret" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 || { rm -f "$secret"; return 1; }
    rm -f "$secret"
    cluster_up "$home" "$port"
}

# cluster_room ADMIN_PASSWORD PORT: write-ahead log made beforehand, as much as PostgreSQL keeps from then on
# (min_wal_size). One that finds no room for its next piece of log ends, and a full disk would take all reading with it.
cluster_room() {
    local _
    [ "$(sql lumbro_admin "$1" "$2" postgres -tAc 'select count(*) from pg_ls_waldir() where name > pg_walfile_name(pg_current_wal_lsn())')" -lt 4 ] || return 0
    for _ in 1 2 3 4; do
        sql lumbro_admin "$1" "$2" postgres -tAc "select pg_logical_emit_message(false, 'lumbro', 'room')" -c 'select pg_switch_wal()' >/dev/null
    done
    sql lumbro_admin "$1" "$2" postgres -c checkpoint
}

# sql USER PASSWORD PORT DATABASE ARGUMENTS: stops at the first error.
sql() {
    local user=$1 password=$2 port=$3 database=$4
    shift 4
    PGPASSWORD=$password PGOPTIONS=--client-min-messages=warning psql -q -h 127.0.0.1 -p "$port" -U "$user" -d "$database" -v ON_ERROR_STOP=1 "$@"
}

# cluster_roles ADMIN_PASSWORD PORT OWNER_PASSWORD APP_PASSWORD BACKUP_PASSWORD: who may what. The application adds to the
# record and changes none of it; the owner has the tables and makes databases; the backup reads. None of the three is the
# cluster's administrator, who alone reaches files and other people's roles. What is there already is left as it is.
cluster_roles() {
    local admin=$1 port=$2 owner=$3 app=$4 backup=$5
    cluster_role "$admin" "$port" lumbro_owner "login createdb password '$owner' in role pg_signal_backend"
    cluster_role "$admin" "$port" lumbro_app "login password '$app'"
    cluster_role "$admin" "$port" lumbro_backup "login password '$backup' in role pg_read_all_data"
    sql lumbro_admin "$admin" "$port" postgres \
        -c "revoke connect, temporary on database postgres, template1 from public" \
        -c "grant connect on database postgres, template1 to lumbro_owner"
}

cluster_role() {
    sql lumbro_admin "$1" "$2" postgres -tAc "select 1 from pg_roles where rolname = '$3'" | grep -q 1 ||
        sql lumbro_admin "$1" "$2" postgres <<<"create role $3 $4"
}

# cluster_divide ADMIN_PASSWORD PORT OWNER_PASSWORD DATABASE: an older installation's owner was the administrator too. That
# role stays under another name, with nobody's password; its tables get an owner who is no more than that.
cluster_divide() {
    local admin=$1 port=$2 owner=$3 name=$4
    [ "$(sql lumbro_owner "$owner" "$port" postgres -tAc 'select rolsuper from pg_roles where rolname = current_user' 2>/dev/null)" = t ] || return 0
    sql lumbro_owner "$owner" "$port" postgres <<<"drop role if exists lumbro_admin; create role lumbro_admin superuser login password '$admin'"
    # All of it or nothing: what broke off is begun again the next time.
    sql lumbro_admin "$admin" "$port" "$name" --single-transaction <<SQL
alter role lumbro_owner rename to lumbro_first;
alter role lumbro_first nologin password null;
create role lumbro_owner login createdb password '$owner' in role pg_signal_backend;
alter database $name owner to lumbro_owner;
do \$\$ declare one record; begin
    for one in select relname from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p', 'v', 'm') loop
        execute format('alter table public.%I owner to lumbro_owner', one.relname);
    end loop;
    for one in select p.oid::regprocedure as name from pg_proc p where pronamespace = 'public'::regnamespace
        and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e') loop
        execute format('alter routine %s owner to lumbro_owner', one.name);
    end loop;
end \$\$;
SQL
}

# cluster_is_up HOME: whether it answers. One that begins or recovers is waited for; one that was killed a moment ago is not up.
cluster_is_up() {
    local _
    for _ in $(seq 600); do
        as_postgres "$PG_BIN/pg_ctl" -D "$1" status >/dev/null 2>&1 || return 1
        "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$(sed -n 4p "$1/postmaster.pid" 2>/dev/null || echo 1)" && return 0
        sleep 0.1
    done
    return 1
}

# units_rule_cluster HOME: whether systemd watches over this one.
units_rule_cluster() { [ -d /run/systemd/system ] && grep -qsF -- "-D $1 " "${LUMBRO_UNITS:-/etc/systemd/system}/lumbro-database.service"; }

# cluster_up HOME PORT [OPTIONS]
cluster_up() {
    cluster_is_up "$1" && return 0
    if units_rule_cluster "$1"; then
        systemctl start lumbro-database
        return
    fi
    as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -l "$1/server.log" \
        -o "-p $2 -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${3:-}" start
}

cluster_down() { cluster_is_up "$1" || return 0; as_postgres "$PG_BIN/pg_ctl" -D "$1" -w -m fast stop; }

# database_is NAME PORT OWNER_PASSWORD: whether there is one.
database_is() { sql lumbro_owner "$3" "$2" postgres -tAc "select 1 from pg_database where datname = '$1'" | grep -q 1; }

# database_create NAME PORT OWNER_PASSWORD
database_create() {
    database_is "$@" ||
        sql lumbro_owner "$3" "$2" postgres -c "create database $1"
    database_close "$@"
}

# database_close NAME PORT OWNER_PASSWORD: nobody is let into it but who must be.
database_close() {
    sql lumbro_owner "$3" "$2" postgres \
        -c "revoke all on database $1 from public" \
        -c "grant connect on database $1 to lumbro_app, lumbro_backup"
}
