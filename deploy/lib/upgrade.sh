# Another version in the place of this one, or this one as it was: nothing in between.
#
# All that may fail is done beside the shop, on a copy of its data that was backed up and proven. What is left then is
# renaming. While files are exchanged var/upgrade lists them, and whatever command comes next puts them back; once they are,
# var/upgrade-data says which database is to take the shop's name, and whatever starts the shop next sees to it.

UPGRADE_STAYS="var .env .secrets"

# upgrade_files FOLDER: what is exchanged of a project, a name a line.
upgrade_files() {
    local name
    for name in $(ls -A "$1"); do
        case " $UPGRADE_STAYS " in *" $name "*) ;; *) printf '%s\n' "$name" ;; esac
    done
}

# upgrade_stage FROM: the new version in var/after, with what is installed here already.
upgrade_stage() {
    local after=$ROOT/var/after name
    rm -rf "$after"
    mkdir -p "$after/var"
    (cd "$1" && upgrade_files . | tr '\n' '\0' | xargs -0 cp -a -t "$after") || return 1
    for name in vendor ui/node_modules; do
        [ -e "$after/$name" ] || { mkdir -p "$(dirname "$after/$name")" && cp -al "$ROOT/$name" "$after/$name" 2>/dev/null; } || true
    done
    [ ! -d "$ROOT/var/node" ] || cp -al "$ROOT/var/node" "$after/var/"
    # What was installed and built where it comes from counts here too.
    [ ! -d "$1/var/stamps" ] || cp -a "$1/var/stamps" "$after/var/"
    rm -f "$after/var/stamps/served"
}

# upgrade_ready: the new version installs and builds what it needs.
upgrade_ready() { (cd "$ROOT/var/after" && ./lumbro ready); }

# upgrade_as DATABASE COMMAND...: with this installation's settings, on another database.
upgrade_as() (
    set -a
    # shellcheck disable=SC1091
    . "$ROOT/.env"
    DB_DATABASE=$1
    set +a
    shift
    "$@"
)

# upgrade_migrate DATABASE
upgrade_migrate() { upgrade_as "$1" as_owner php "$ROOT/var/after/artisan" migrate --force --database=owner; }

# upgrade_records PROJECT DATABASE FILE: how each record comes out, a line each.
upgrade_records() { upgrade_as "$2" php "$1/artisan" lumbro:records >"$3"; }

# upgrade_compare BEFORE AFTER: what came out as it was sealed must do so again; where nothing is sealed there is nothing to compare.
upgrade_compare() {
    local worse
    worse=$(grep ' holds$' "$1" | sort | comm -23 - <(sort "$2"))
    [ -z "$worse" ] || { printf 'These sealed records do not come out as they did:\n%s\n' "$worse" >&2; return 1; }
}

# upgrade_trial DATABASE: the new version serves the copy, on a port that nobody knows, and says that it is well.
upgrade_trial() {
    local run=$ROOT/var/trial port status=0
    port=$(free_port)
    rm -rf "$run"
    upgrade_as "$1" env LUMBRO_PHOTOS= "$ROOT/var/after/deploy/serve" up "$run" "$port" || status=1
    # The first answers come while workers still begin.
    [ $status -ne 0 ] || curl -fsS --retry 20 --retry-all-errors --retry-delay 1 "http://127.0.0.1:$port/health" || status=1
    [ $status -ne 0 ] || curl -fsS "http://127.0.0.1:$port/" | grep -q '<div id="root"' || status=1
    "$ROOT/var/after/deploy/serve" down "$run" || true
    [ $status -eq 0 ] || cat "$run"/*.log >&2
    rm -rf "$run"
    return $status
}

# upgrade_exchange: this version's files to var/before, the new ones in their place.
upgrade_exchange() {
    local name
    rm -rf "$ROOT/var/before"
    mkdir -p "$ROOT/var/before"
    # What lies here and is of no version stays where it is.
    for name in $(upgrade_files "$ROOT/var/after"); do
        [ ! -e "$ROOT/$name" ] || echo "old $name"
        echo "new $name"
    done >"$ROOT/var/upgrade.part"
    mv "$ROOT/var/upgrade.part" "$ROOT/var/upgrade"
    # The command itself is never missing: it is copied, and replaced in one step.
    cp -a "$ROOT/lumbro" "$ROOT/var/before/lumbro"
    for name in $(sed -n 's/^old //p' "$ROOT/var/upgrade"); do [ "$name" = lumbro ] || mv "$ROOT/$name" "$ROOT/var/before/$name" || return 1; done
    for name in $(upgrade_files "$ROOT/var/after"); do mv "$ROOT/var/after/$name" "$ROOT/$name" || return 1; done
    rm -rf "$ROOT/var/stamps.before"
    [ ! -d "$ROOT/var/stamps" ] || mv "$ROOT/var/stamps" "$ROOT/var/stamps.before"
    [ ! -d "$ROOT/var/after/var/stamps" ] || mv "$ROOT/var/after/var/stamps" "$ROOT/var/stamps"
    rm -rf "$ROOT/var/after"
    echo new >"$ROOT/var/upgrade-data"
    # Up to here it goes back, from here on it goes forward.
    mv "$ROOT/var/upgrade" "$ROOT/var/upgrade-before"
}

# upgrade_back PORT OWNER_PASSWORD DATABASE: the files from before come back by the next command, the data by the next start.
upgrade_back() {
    sql lumbro_owner "$2" "$1" postgres -tAc "select oid from pg_database where datname = '${3}_before'" >"$ROOT/var/upgrade-data.part"
    mv "$ROOT/var/upgrade-data.part" "$ROOT/var/upgrade-data"
    mv "$ROOT/var/upgrade-before" "$ROOT/var/upgrade"
}

# upgrade_data PORT OWNER_PASSWORD DATABASE: what an upgrade has left to do with the data; nothing where there was none.
upgrade_data() {
    local which
    [ -f "$ROOT/var/upgrade-data" ] || return 0
    which=$(cat "$ROOT/var/upgrade-data")
    if [ "$which" = new ]; then
        ! database_is "${3}_new" "$1" "$2" || step "The new version's data" restore backup_switch "$1" "$2" "$3"
    elif [ "$(sql lumbro_owner "$2" "$1" postgres -tAc "select oid from pg_database where datname = '${3}_before'")" = "$which" ]; then
        step "The data from before" restore backup_back "$1" "$2" "$3"
    fi
    rm -f "$ROOT/var/upgrade-data"
}
