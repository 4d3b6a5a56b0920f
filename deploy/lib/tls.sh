# A certificate for the shop's own network: made by an authority that is the shop's alone and may vouch for its names alone.

# Days: the authority is trusted once by hand, so it lasts; what it signs is made again by itself, a month before it ends.
TLS_AUTHORITY_DAYS=3650
TLS_DAYS=397
TLS_RENEW_SECONDS=$((30 * 86400))

# tls_names NAME...: as a certificate lists them.
tls_names() {
    local name
    for name in "$@"; do
        if [[ $name =~ ^[0-9.]+$ || $name == *:* ]]; then printf 'IP:%s\n' "$name"; else printf 'DNS:%s\n' "$name"; fi
    done | sort -u | paste -sd,
}

# tls_allowed NAME...: the same as what an authority is bound to.
tls_allowed() {
    local name
    for name in "$@"; do
        case $(tls_names "$name") in
            IP:*:*) printf 'permitted;IP:%s/ffff:ffff:ffff:ffff:ffff:ffff:ffff:ffff\n' "$name" ;;
            IP:*) printf 'permitted;IP:%s/255.255.255.255\n' "$name" ;;
            *) printf 'permitted;DNS:%s\n' "$name" ;;
        esac
    done | sort -u | paste -sd,
}

# tls_fingerprint FILE: as a tablet shows it.
tls_fingerprint() { openssl x509 -in "$1" -noout -fingerprint -sha256 | cut -d= -f2; }

# tls_prepare FOLDER NAME...: authority.crt, server.crt and server.key in the folder, made where they are missing, old, or for
# other names. The authority's key is used for that and read by nobody else.
tls_prepare() (
    set -e
    umask 077
    folder=$1
    shift
    mkdir -p "$folder"
    cd "$folder"
    names=$(tls_names "$@")
    if [ ! -f authority.key ] || [ "$(cat names 2>/dev/null)" != "$names" ]; then
        rm -f authority.* server.*
        openssl ecparam -name prime256v1 -genkey -noout -out authority.key
        openssl req -x509 -new -key authority.key -sha256 -days $TLS_AUTHORITY_DAYS -subj "/O=Lumbro/CN=Lumbro $1 $(date -u +%Y-%m-%d)" \
            -addext 'basicConstraints=critical,CA:TRUE,pathlen:0' -addext 'keyUsage=critical,keyCertSign,cRLSign' \
            -addext "nameConstraints=critical,$(tls_allowed "$@")" -out authority.crt
        printf '%s' "$names" >names
    fi
    if [ ! -f server.crt ] || ! openssl x509 -in server.crt -noout -checkend $TLS_RENEW_SECONDS >/dev/null; then
        openssl ecparam -name prime256v1 -genkey -noout -out server.key.part
        openssl req -new -key server.key.part -sha256 -subj "/O=Lumbro/CN=$1" -out server.csr
        printf '%s\n' "subjectAltName=$names" 'basicConstraints=critical,CA:FALSE' 'keyUsage=critical,digitalSignature' 'extendedKeyUsage=serverAuth' >server.ext
        openssl x509 -req -in server.csr -CA authority.crt -CAkey authority.key -CAcreateserial -sha256 -days $TLS_DAYS -extfile server.ext -out server.crt.part
        mv server.key.part server.key
        mv server.crt.part server.crt
        rm -f server.csr server.ext
    fi
    chmod 644 authority.crt server.crt
)
