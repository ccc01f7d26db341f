# shellcheck shell=bash
# A cluster of Fescue on this machine: MariaDB Galera, web machines, HAProxy before both. Read by ./fescue.

CLUSTER_PACKAGES=(galera-4 haproxy rsync iproute2 bc)
CLUSTER_PORT=8580
# Below those that the system gives to whoever asks anywhere.
CLUSTER_DB_PORT=23580
POOL=64M

cluster_usage() {
    cat <<TEXT
./fescue cluster start [--nodes=3] [--web=2] [--writers=one|all] [--apart] [--port N] [--demo]
                                        databases that hold the same, web machines, HAProxy before both; --apart puts
                                        each database in a network of its own, so that it can be cut off (as root)
./fescue cluster status                 what runs, what each node says of itself
./fescue cluster kill NODE|web-N        as if its power failed
./fescue cluster cut NODE               as if its cable were pulled (--apart)
./fescue cluster join NODE|web-N        begin it again, or plug it in; it catches up by itself
./fescue cluster restart --rolling      one after another, while makers work
./fescue cluster adopt [BACKUP]         take what ./fescue start serves here, or a backup, into the cluster
./fescue cluster backup FILE            of one node that does not write, while all run
./fescue cluster before                 try, in a place of its own, that the version before tables last changed and this one
                                        serve the same makers at once
./fescue cluster stop
TEXT
}

cluster_place() {
    CLUSTER="${FESCUE_CLUSTER:-$ROOT/var/cluster}"
    # Sockets need short paths.
    [ ${#CLUSTER} -le 70 ] || CLUSTER="/tmp/fescue-cluster-$(printf '%s' "$CLUSTER" | sha256sum | cut -c1-12)"
    VAR=$CLUSTER
    move_var
    CLUSTER=$VAR
    mkdir -p "$CLUSTER/run" "$CLUSTER/log"
    chmod 755 "$CLUSTER"
    DB_USER=$(id -un)
    if is_root && reaches mysql "$CLUSTER"; then DB_USER=mysql; fi
}

# What it was started as is what it is, until it is started otherwise.
cluster_said() { sed -n "s/^$1=//p" "$CLUSTER/settings" 2>/dev/null | tail -n 1; }
cluster_say() { { grep -v "^$1=" "$CLUSTER/settings" 2>/dev/null || true; printf '%s=%s\n' "$1" "$2"; } >"$CLUSTER/settings.new"; mv "$CLUSTER/settings.new" "$CLUSTER/settings"; }

nodes() { seq "$(cluster_said NODES)"; }
webs() { seq "$(cluster_said WEBS)"; }
is_apart() { [ "$(cluster_said APART)" = 1 ]; }

node_place() { printf '%s/node-%s' "$CLUSTER" "$1"; }
node_address() { if is_apart; then printf '10.77.0.%s' $((10 + $1)); else printf '127.0.0.1'; fi; }
node_port() { printf '%s' $(($(cluster_said DB_PORT) + $1)); }
# Ports by which nodes speak to each other lie above those of the database: 4567, 4568 and 4444 on machines of their own.
node_other() { printf '%s' $(($(cluster_said DB_PORT) + 100 * $2 + $1)); }
node_pid() { cat "$(node_place "$1")/run/mariadb.pid" 2>/dev/null; }
node_runs() {
    local pid
    pid=$(node_pid "$1") && [ -n "$pid" ] && { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -qF "$(node_place "$1")/"
}
node_sql() { mariadb --no-defaults --socket="$(node_place "$1")/run/mariadb.sock" -u "$(id -un)" --skip-column-names "${@:2}"; }
node_says() { echo "SHOW GLOBAL STATUS LIKE '$2'" | node_sql "$1" 2>/dev/null | cut -f 2; }
node_synced() { [ "$(node_says "$1" wsrep_local_state_comment)" = Synced ] && [ "$(node_says "$1" wsrep_cluster_status)" = Primary ]; }
inside() { if is_apart; then ip netns exec "fescue-$1" "${@:2}"; else "${@:2}"; fi; }

members() {
    local node all=''
    for node in $(nodes); do all="$all,$(node_address "$node"):$(node_other "$node" 1)"; done
    printf '%s' "${all#,}"
}

# Whether networks may be laid here at all.
can_part() { is_root && ip netns add fescue-probe 2>/dev/null && ip netns del fescue-probe; }

# A bridge, and to each node a cable of its own.
lay_cables() {
    local node
    is_apart || return 0
    is_root || fail "--apart lays networks, which root alone may"
    ip link show fescue0 >/dev/null 2>&1 || { ip link add fescue0 type bridge; ip addr add 10.77.0.1/24 dev fescue0; ip link set fescue0 up; }
    for node in $(nodes); do
        ip netns list | grep -qw "fescue-$node" && continue
        ip netns add "fescue-$node"
        ip link add "fescue-v$node" type veth peer name eth0 netns "fescue-$node"
        ip link set "fescue-v$node" master fescue0 up
        ip -n "fescue-$node" addr add "$(node_address "$node")/24" dev eth0
        ip -n "fescue-$node" link set eth0 up
        ip -n "fescue-$node" link set lo up
    done
}

take_cables_up() {
    local node
    for node in $(ip netns list 2>/dev/null | sed -n 's/^fescue-\([0-9]*\).*/\1/p'); do ip netns del "fescue-$node" || true; done
    ip link del fescue0 2>/dev/null || true
}

write_node() {
    local node=$1 place
    place=$(node_place "$node")
    mkdir -p "$place/run"
    sed -e "s|@NODE@|$place|g" -e "s|@PORT@|$(node_port "$node")|g" -e "s|@ADDRESS@|$(node_address "$node")|g" \
        -e "s|@NAME@|$node|g" -e "s|@GCOMM@|$(node_other "$node" 1)|g" -e "s|@IST@|$(node_other "$node" 2)|g" \
        -e "s|@SST@|$(node_other "$node" 3)|g" -e "s|@MEMBERS@|$(members)|g" -e "s|@POOL@|$POOL|g" \
        -e "s|@TLS@|${NODE_TLS:-}|g" ops/cluster/node.cnf.in >"$place/node.cnf"
    if is_root; then chown -R "$DB_USER" "$place"; fi
}

# start_node NODE [--wsrep-new-cluster]: the first begins what the others join.
start_node() {
    local node=$1 place waited=0
    place=$(node_place "$node")
    if node_runs "$node"; then return; fi
    write_node "$node"
    if [ ! -d "$place/mysql/mysql" ]; then
        mkdir -p "$place/mysql"
        if is_root; then chown "$DB_USER" "$place/mysql"; fi
        mariadb-install-db --no-defaults --user="$DB_USER" --datadir="$place/mysql" --auth-root-authentication-method=normal \
            --skip-test-db >"$CLUSTER/log/install-$node.log" 2>&1 || { tail "$CLUSTER/log/install-$node.log" >&2; fail "mariadb-install-db failed"; }
    fi
    step "node $node on $(node_address "$node"):$(node_port "$node")"
    inside "$node" mariadbd --defaults-file="$place/node.cnf" --user="$DB_USER" "${@:2}" </dev/null >/dev/null 2>&1 9>&- &
    disown
    until [ -S "$place/run/mariadb.sock" ] && mariadb-admin --no-defaults --socket="$place/run/mariadb.sock" -u root ping >/dev/null 2>&1; do
        waited=$((waited + 1))
        [ $waited -gt 600 ] && { tail "$place/mariadb.log" >&2; fail "node $node did not answer within two minutes; see $place/mariadb.log"; }
        sleep 0.2
    done
}

await_synced() {
    local waited=0
    until node_synced "$1"; do
        waited=$((waited + 1))
        [ $waited -gt 300 ] && fail "node $1 is not Synced after a minute: $(node_says "$1" wsrep_local_state_comment)"
        sleep 0.2
    done
}

# After all were stopped, or fell at once, the one that holds the most begins: it says so itself, or its log does.
first_node() {
    local node best=1 most=-2 seen
    for node in $(nodes); do
        [ -f "$(node_place "$node")/mysql/grastate.dat" ] || continue
        if grep -q 'safe_to_bootstrap: 1' "$(node_place "$node")/mysql/grastate.dat"; then printf '%s' "$node"; return; fi
        seen=$(sed -n 's/^seqno: *//p' "$(node_place "$node")/mysql/grastate.dat")
        if [ "${seen:--1}" = -1 ]; then
            inside "$node" mariadbd --defaults-file="$(node_place "$node")/node.cnf" --user="$DB_USER" --wsrep-recover \
                --log-error="$CLUSTER/log/recover-$node.log" </dev/null >/dev/null 2>&1 || true
            seen=$(sed -n 's/.*Recovered position: [^:]*:\(-\?[0-9]*\).*/\1/p' "$CLUSTER/log/recover-$node.log" | tail -n 1)
        fi
        if [ "${seen:--1}" -gt "$most" ]; then most=${seen:--1}; best=$node; fi
    done
    printf '%s' "$best"
}

start_nodes() {
    local node first running=''
    lay_cables
    for node in $(nodes); do if node_runs "$node"; then running=$node; fi; done
    for node in $(nodes); do write_node "$node"; done
    if [ -z "$running" ]; then
        first=$(first_node)
        # It is chosen, whatever its own file says.
        [ ! -f "$(node_place "$first")/mysql/grastate.dat" ] || sed -i 's/safe_to_bootstrap: 0/safe_to_bootstrap: 1/' "$(node_place "$first")/mysql/grastate.dat"
        start_node "$first" --wsrep-new-cluster
        own_nodes "$first"
        await_synced "$first"
    fi
    for node in $(nodes); do
        start_node "$node"
        await_synced "$node"
    done
}

# Users, before others copy them: the application, who only writes rows; who watches, and may nothing.
own_nodes() {
    local from
    mariadb --no-defaults --socket="$(node_place "$1")/run/mariadb.sock" -u root <<SQL 2>/dev/null || true
CREATE USER IF NOT EXISTS '$(id -un)'@localhost IDENTIFIED VIA unix_socket;
GRANT ALL ON *.* TO '$(id -un)'@localhost WITH GRANT OPTION;
ALTER USER root@localhost IDENTIFIED VIA unix_socket;
SQL
    for from in 127.0.0.1 10.77.0.1; do
        node_sql "$1" <<SQL
CREATE DATABASE IF NOT EXISTS fescue;
CREATE USER IF NOT EXISTS fescue@'$from';
ALTER USER fescue@'$from' IDENTIFIED BY '$(cluster_said DB_PASSWORD)';
GRANT SELECT, INSERT, UPDATE, DELETE, CREATE TEMPORARY TABLES ON fescue.* TO fescue@'$from';
CREATE USER IF NOT EXISTS watch@'$from';
SQL
    done
}

# Any node that is Synced.
some_node() {
    local node
    for node in $(nodes); do if node_runs "$node" && node_synced "$node"; then printf '%s' "$node"; return; fi; done
    fail "no node is Synced; see ./fescue cluster status"
}

# --- web machines -----------------------------------------------------------------------------

web_place() { printf '%s/web-%s' "$CLUSTER" "$1"; }
web_port() { printf '%s' $(($(cluster_said PORT) + $1)); }

# All that a web machine has of its own is its settings: it may be thrown away at any moment. In its place: do.
at_web() {
    local web=$1
    shift
    (
        VAR=$(web_place "$web")
        export FESCUE_VAR=$VAR
        RUN=$(run_dir)
        PORT=$(web_port "$web")
        mkdir -p "$VAR"/{log,cache,nginx} "$RUN" "$VAR"/storage/{app,logs} "$VAR"/storage/framework/{views,sessions,cache/data}
        WEB_USER=$(id -un)
        if is_root && reaches www-data "$ROOT" "$VAR"; then WEB_USER=www-data; fi
        PRINTERS=1
        "$@"
    )
}

write_web() {
    set_env APP_ENV production
    set_env APP_KEY "$(cluster_said APP_KEY)"
    set_env DB_PASSWORD "$(cluster_said DB_PASSWORD)"
    set_env DB_PORT "$(cluster_said DB_PORT)"
    set_env DB_DATABASE fescue
    set_env DB_CAUSAL "$([ "$(cluster_said WRITERS)" = all ] && echo 1 || echo 0)"
    set_env FESCUE_FRONT "$(cluster_said PORT)"
    set_env APP_URL "http://127.0.0.1:$(cluster_said PORT)"
    set_env SESSION_SECURE_COOKIE null
    set_env SESSION_COOKIE fescue_session
    set_env FESCUE_DEMO "$(cluster_said DEMO)"
    set_env FESCUE_BENCH "$(cluster_said BENCH)"
}

serve_web() {
    write_web
    stop_one "$RUN/php-fpm.pid"
    end_holders "$RUN/php.sock"
    for stale in config route view event; do artisan "$stale:clear" >/dev/null; done
    artisan optimize >"$VAR/log/optimize.log" 2>&1 || { tail "$VAR/log/optimize.log" >&2; fail "artisan optimize failed"; }
    if is_root && [ "$WEB_USER" != root ]; then
        chown -R "$WEB_USER" "$VAR/storage" "$VAR/cache" "$VAR/nginx"
        chgrp "$WEB_USER" "$VAR/.env" && chmod 640 "$VAR/.env"
    fi
    start_php
    start_printers
    start_nginx
}

stop_web() {
    stop_one "$RUN/nginx.pid"
    end_nginx_workers
    stop_one "$RUN/php-fpm.pid"
    end_holders "$RUN/php.sock"
    stop_printers
}

kill_web() {
    local masters
    masters="$(cat "$RUN/nginx.pid") $(cat "$RUN/php-fpm.pid")"
    # shellcheck disable=SC2046,SC2086
    kill -9 $masters $(for one in $masters; do pgrep -P "$one" || true; done) 2>/dev/null || true
    end_nginx_workers
    stop_printers
}

web_ready() { curl -fs -o /dev/null --max-time 3 "http://127.0.0.1:$(web_port "$1")/ready" 2>/dev/null; }

await_web() {
    local waited=0
    until web_ready "$1"; do
        waited=$((waited + 1))
        [ $waited -gt 150 ] && { tail -n 5 "$(web_place "$1")"/log/*.log >&2; fail "web machine $1 is not ready"; }
        sleep 0.2
    done
}

# By one alone, however many ask: the lock is a row of the cluster's own.
migrate_cluster() {
    local node
    node=$(some_node)
    step "tables"
    node_sql "$node" <<SQL
CREATE DATABASE IF NOT EXISTS fescue;
CREATE TABLE IF NOT EXISTS fescue.migrating (id INT PRIMARY KEY, whose VARCHAR(80) NOT NULL, since DATETIME NOT NULL);
DELETE FROM fescue.migrating WHERE since < NOW() - INTERVAL 15 MINUTE;
SQL
    echo "INSERT INTO fescue.migrating VALUES (1, '$(hostname) $$', NOW())" | node_sql "$node" 2>/dev/null \
        || fail "tables are being made by $(echo 'SELECT whose, since FROM fescue.migrating' | node_sql "$node"); try again when that is done"
    local failed=0
    (at_web 1 migrate_at "$node") || failed=1
    echo 'DELETE FROM fescue.migrating' | node_sql "$node"
    [ $failed = 0 ] || exit 1
}

migrate_at() {
    write_web
    FESCUE_VAR=$VAR DB_SOCKET="$(node_place "$1")/run/mariadb.sock" DB_USERNAME="$(id -un)" DB_PASSWORD='' DB_DATABASE=fescue APP_ENV=testing \
        php artisan migrate --force --no-interaction >"$VAR/log/migrate.log" 2>&1 \
        || { tail "$VAR/log/migrate.log" >&2; fail "migrating failed; every node has what it had, or all have a part: see $VAR/log/migrate.log"; }
}

start_proxy() {
    local node web lines='' backup='' webs=''
    for node in $(nodes); do
        lines="$lines    server node-$node $(node_address "$node"):$(node_port "$node") check$backup"$'\\\n'
        [ "$(cluster_said WRITERS)" = all ] || backup=' backup'
    done
    for web in $(webs); do webs="$webs    server web-$web 127.0.0.1:$(web_port "$web") check cookie web-$web"$'\\\n'; done
    local balance=first stick='stick-table type integer size 1\n    stick on int(1)'
    [ "$(cluster_said WRITERS)" != all ] || { balance=leastconn; stick='# Any of them writes.'; }
    sed -e "s|@CLUSTER@|$CLUSTER|g" -e "s|@ROOT@|$ROOT|g" -e "s|@PORT@|$(cluster_said PORT)|g" -e "s|@DB_PORT@|$(cluster_said DB_PORT)|g" \
        -e "s|@BALANCE@|$balance|g" -e "s|@STICK@|$stick|g" -e "s|@NODES@|$lines|g" -e "s|@WEBS@|$webs|g" \
        ops/cluster/haproxy.cfg.in >"$CLUSTER/haproxy.cfg"
    haproxy -c -f "$CLUSTER/haproxy.cfg" >"$CLUSTER/log/haproxy.log" 2>&1 || { tail "$CLUSTER/log/haproxy.log" >&2; fail "HAProxy does not take $CLUSTER/haproxy.cfg"; }
    local old
    old=$(cat "$CLUSTER/run/haproxy.pid" 2>/dev/null || true)
    # One that runs hands its doors over, and ends when its last visitor has gone.
    if [ -n "$old" ] && kill -0 "$old" 2>/dev/null; then
        haproxy -D -f "$CLUSTER/haproxy.cfg" -sf "$old" 9>&- >>"$CLUSTER/log/haproxy.log" 2>&1
    else
        haproxy -D -f "$CLUSTER/haproxy.cfg" 9>&- >>"$CLUSTER/log/haproxy.log" 2>&1 || { tail "$CLUSTER/log/haproxy.log" >&2; fail "HAProxy did not start"; }
    fi
}

# --- the commands -----------------------------------------------------------------------------

cluster_start() {
    local nodes=3 webs=2 writers=one apart=0 port='' demo=0 web waited=0
    while [ $# -gt 0 ]; do
        case $1 in
            --nodes=*) nodes=${1#*=} ;;
            --web=*) webs=${1#*=} ;;
            --writers=one | --writers=all) writers=${1#*=} ;;
            --apart) apart=1 ;;
            --port) port=${2:-}; shift ;;
            --demo) demo=1 ;;
            *) cluster_usage; exit 2 ;;
        esac
        shift
    done
    [[ $nodes =~ ^[1-9]$ && $webs =~ ^[1-9]$ ]] || fail "--nodes and --web take a number from 1 to 9"
    [[ ${port:-8580} =~ ^[0-9]{2,5}$ ]] || fail "--port takes a number"
    [ "$nodes" != 2 ] || say "note: of two nodes neither is the greater part when one fails; take three, or an arbiter"
    install_packages "${PACKAGES[@]}" "${CLUSTER_PACKAGES[@]}" curl
    install_libraries
    [ -z "$(cluster_said NODES)" ] || [ "$(cluster_said APART)" = "$apart" ] || cluster_stop
    cluster_say NODES "$nodes"
    cluster_say WEBS "$webs"
    cluster_say WRITERS "$writers"
    cluster_say APART "$apart"
    cluster_say DEMO "$demo"
    cluster_say BENCH "${FESCUE_BENCH:-0}"
    cluster_say PORT "${port:-$(cluster_said PORT | grep . || echo $CLUSTER_PORT)}"
    cluster_say DB_PORT "$(cluster_said DB_PORT | grep . || echo $CLUSTER_DB_PORT)"
    [ -n "$(cluster_said APP_KEY)" ] || cluster_say APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
    [ -n "$(cluster_said DB_PASSWORD)" ] || cluster_say DB_PASSWORD "$(secret)"
    chmod 600 "$CLUSTER/settings"
    start_nodes
    start_proxy
    migrate_cluster
    for web in $(webs); do
        at_web "$web" serve_web
        await_web "$web"
        step "web machine $web on 127.0.0.1:$(web_port "$web")"
    done
    if [ "$demo" = 1 ]; then
        step "loading the demo"
        at_web 1 artisan db:seed --force --no-interaction >"$CLUSTER/log/seed.log" 2>&1 || { tail "$CLUSTER/log/seed.log" >&2; fail "loading the demo failed"; }
        at_web 1 artisan fescue:demo open >>"$CLUSTER/log/seed.log" 2>&1 || fail "the demo account could not be opened"
    fi
    until curl -fs -o /dev/null "http://127.0.0.1:$(cluster_said PORT)/sign-in" 2>/dev/null; do
        waited=$((waited + 1))
        [ $waited -gt 100 ] && fail "HAProxy serves nothing on port $(cluster_said PORT); see ./fescue cluster status"
        sleep 0.2
    done
    say "Fescue is at http://127.0.0.1:$(cluster_said PORT)/ on $nodes databases and $webs web machines"
}

cluster_status() {
    local node web
    [ -n "$(cluster_said NODES)" ] || fail "there is no cluster here; ./fescue cluster start makes one"
    for node in $(nodes); do
        if node_runs "$node"; then
            say "node $node  $(node_address "$node"):$(node_port "$node")  $(node_says "$node" wsrep_local_state_comment), $(node_says "$node" wsrep_cluster_status), of $(node_says "$node" wsrep_cluster_size); committed $(node_says "$node" wsrep_last_committed), waiting $(node_says "$node" wsrep_local_recv_queue), paused $(node_says "$node" wsrep_flow_control_paused)"
        else
            say "node $node  does not run"
        fi
    done
    for web in $(webs); do
        say "web $web   127.0.0.1:$(web_port "$web")  $(if web_ready "$web"; then echo ready; else echo 'not ready'; fi)"
    done
    if [ -S "$CLUSTER/run/haproxy.sock" ]; then
        say "HAProxy sees: $(php -r '$s = @stream_socket_client("unix://".$argv[1]); if (! $s) { exit; } fwrite($s, "show stat\n"); foreach (explode("\n", stream_get_contents($s)) as $l) { $c = explode(",", $l); if (isset($c[17]) && ! in_array($c[1], ["FRONTEND", "BACKEND", "svname"], true)) { echo $c[1], " ", $c[17], "  "; } }' "$CLUSTER/run/haproxy.sock")"
    fi
}

# What a name means: node "2", or "web-1".
cluster_kill() {
    case ${1:-} in
        web-[1-9]) at_web "${1#web-}" kill_web ;;
        [1-9]) node_runs "$1" || fail "node $1 does not run"; kill -9 "$(node_pid "$1")" ;;
        *) cluster_usage; exit 2 ;;
    esac
    say "$1 is killed."
}

cluster_cut() {
    is_apart || fail "nodes are cut off where each has a network of its own: ./fescue cluster start --apart"
    [[ ${1:-} =~ ^[1-9]$ ]] || { cluster_usage; exit 2; }
    ip link set "fescue-v$1" down
    say "$1 is cut off."
}

cluster_join() {
    case ${1:-} in
        web-[1-9]) at_web "${1#web-}" serve_web; await_web "${1#web-}" ;;
        [1-9])
            if is_apart; then ip link set "fescue-v$1" up; fi
            start_node "$1"
            await_synced "$1"
            ;;
        *) cluster_usage; exit 2 ;;
    esac
    say "$1 is back."
}

stop_node() {
    local pid waited=0
    pid=$(node_pid "$1") || return 0
    node_runs "$1" || return 0
    kill "$pid"
    while kill -0 "$pid" 2>/dev/null && [ $waited -lt 600 ]; do sleep 0.1; waited=$((waited + 1)); done
    if kill -0 "$pid" 2>/dev/null; then fail "node $1 does not stop; see $(node_place "$1")/mariadb.log"; fi
}

# Tables first, which old and new know; then one after another, the one that writes last.
cluster_restart() {
    [ "${1:-}" = --rolling ] || { cluster_usage; exit 2; }
    local web node
    migrate_cluster
    for web in $(webs); do
        at_web "$web" stop_web
        at_web "$web" serve_web
        await_web "$web"
        say "web machine $web is new."
    done
    for node in $(nodes | sort -r); do
        stop_node "$node"
        start_node "$node"
        await_synced "$node"
        say "node $node is new."
    done
}

cluster_stop() {
    local node web pid
    for web in $(webs 2>/dev/null); do at_web "$web" stop_web; done
    pid=$(cat "$CLUSTER/run/haproxy.pid" 2>/dev/null || true)
    [ -z "$pid" ] || kill $pid 2>/dev/null || true
    rm -f "$CLUSTER/run/haproxy.pid"
    # The last to stop is the first to begin.
    for node in $(nodes 2>/dev/null | sort -r); do stop_node "$node"; done
    take_cables_up
}

# A whole backup of one machine, or of what is served beside, into an empty cluster; and back by cluster backup and
# ./fescue restore.
cluster_adopt() {
    local file=${1:-} node made=''
    node=$(some_node)
    if [ -z "$file" ]; then
        made="$CLUSTER/adopt.sql.gz"
        FESCUE_VAR="$ROOT/var" "$ROOT/fescue" backup "$made" || fail "what ./fescue start serves could not be read"
        file=$made
    fi
    is_backup "$file" || fail "$file is no whole Fescue backup; nothing was changed"
    [ "$(echo 'SELECT COUNT(*) FROM fescue.users' | node_sql "$node" 2>/dev/null || echo 0)" = 0 ] \
        || fail "makers are in this cluster already; a cluster adopts one machine, when it is empty"
    step "reading it in by node $node"
    echo 'DROP DATABASE IF EXISTS fescue; CREATE DATABASE fescue' | node_sql "$node"
    # Key by key, in transactions that others can certify; triggers are whoever's who reads them in.
    gzip -dc "$file" | sed 's/DEFINER=`[^`]*`@`[^`]*`//g' | node_sql "$node" fescue || fail "$file could not be read in"
    own_nodes "$node"
    migrate_cluster
    [ -z "$made" ] || rm -f "$made"
    say "Taken in: $(echo 'SELECT COUNT(*) FROM fescue.users' | node_sql "$node") makers, $(echo 'SELECT COUNT(*) FROM fescue.bags' | node_sql "$node") bags. Their settings, APP_KEY among them, stay with each place: everybody signs in again."
}

cluster_backup() {
    local node
    [ $# -eq 1 ] || { cluster_usage; exit 2; }
    # Of the last: it does not write.
    node=$(nodes | tail -n 1)
    node_synced "$node" || node=$(some_node)
    RUN="$(node_place "$node")/run"
    database() { printf fescue; }
    dump_to "$1"
    chmod 600 "$1"
    say "All of it, as node $node has it, is in $1."
}

# The rows of every table, alike on every node: a sum a table.
cluster_alike() {
    local table node sums failed=0
    for table in $(echo 'SHOW TABLES IN fescue' | node_sql "$(some_node)"); do
        case $table in sessions | cache | cache_locks | jobs) continue ;; esac
        sums=$(for node in $(nodes); do echo "CHECKSUM TABLE fescue.$table" | node_sql "$node" | cut -f 2; done | sort -u | wc -l)
        [ "$sums" = 1 ] || { say "$table is not alike on all nodes"; failed=1; }
    done
    return $failed
}

# Makers at work through HAProxy on two devices each, while nodes and web machines are killed, cut off and begun again,
# all are replaced one after another, and tables change in the middle; then all that was acknowledged is looked for.
cluster_chaos() {
    local minutes=10 makers=16 web=2 log end node writer what working rolled=0 apart='' roll=database/migrations/9998_01_01_000000_rolls.php
    how_long "$@"
    can_part && apart=--apart
    FESCUE_CLUSTER="$ROOT/var/chaos-cluster" cluster_place
    CLUSTER_PORT=8680
    CLUSTER_DB_PORT=24580
    # shellcheck disable=SC2064
    trap "rm -f '$ROOT/$roll'; cluster_stop" EXIT
    cluster_stop
    rm -rf "${CLUSTER:?}"/{node-*,web-*,settings,log,run}
    mkdir -p "$CLUSTER/run" "$CLUSTER/log"
    FESCUE_BENCH=1 cluster_start --nodes=3 --web=$web $apart
    log="$CLUSTER/chaos.log"
    rm -f "$log" "$log".*
    end=$(($(date +%s) + 60 * minutes))
    happens() { printf '%s %s\n' "$(date +%s.%N)" "$1" >>"$log.events"; say "  $(date +%T) $1"; }
    (at_web 1 artisan fescue:makers "http://127.0.0.1:$(cluster_said PORT)" "$log" --seconds=$((60 * minutes)) --makers="$makers") &
    working=$!
    sleep 15
    while [ "$(date +%s)" -lt $((end - 20)) ]; do
        writer=$(writing_node)
        if [ $rolled = 0 ] && [ "$(date +%s)" -gt $((end - 35 * minutes)) ]; then
            rolled=1
            echo "<?php return new class extends Illuminate\\Database\\Migrations\\Migration { public function up(): void { Illuminate\\Support\\Facades\\Schema::table('bags', fn(\$bags) => \$bags->unsignedInteger('rolled')->nullable()); } };" >"$ROOT/$roll"
            happens 'tables change, all are replaced one after another'
            (cluster_restart --rolling) >>"$CLUSTER/log/chaos.log" 2>&1 || fail "the rolling restart failed; see $CLUSTER/log/chaos.log"
            rm -f "$ROOT/$roll"
            sleep 8
            continue
        fi
        case $((RANDOM % 5)) in
            0) what="kill $writer" ;;
            1) what="kill $((writer % 3 + 1))" ;;
            2 | 3) if is_apart; then what="cut $writer"; else what="kill $writer"; fi ;;
            *) what="kill web-$((RANDOM % web + 1))" ;;
        esac
        happens "$what"
        # shellcheck disable=SC2086
        (cluster_$what) >/dev/null 2>&1 || fail "$what failed"
        sleep $((RANDOM % 6 + 8))
        (cluster_join "${what#* }") >>"$CLUSTER/log/chaos.log" 2>&1 || fail "${what#* } does not come back; see $CLUSTER/log/chaos.log"
        sleep 8
    done
    wait $working || fail "a maker was left without an answer"
    for node in $(nodes); do await_synced "$node"; done
    at_web 1 artisan fescue:look "$log" || fail "what was acknowledged is not all there, once"
    cluster_alike || fail "the nodes do not hold the same"
    say "All nodes hold the same, table for table; $(orphans) rows speak of others that are not there."
    [ "$(orphans)" = 0 ] || fail "rows are orphaned"
}

# The version before, at work beside this one on this one's tables, as while all are replaced one after another: it is
# what stood before tables last changed. Makers meet both from page to page, then its own story goes on it alone.
cluster_before() {
    local commit before log asset
    commit=$(git rev-parse --verify --quiet "$(git log -1 --format=%H -- database/migrations)^") \
        || { say "note: no history lies here, so there is no version before to try"; return; }
    FESCUE_CLUSTER="$ROOT/var/before-cluster" cluster_place
    CLUSTER_PORT=8880
    CLUSTER_DB_PORT=26580
    trap cluster_stop EXIT
    cluster_stop
    rm -rf "${CLUSTER:?}"/{node-*,web-*,settings,log,run,before}
    before="$CLUSTER/before"
    mkdir -p "$CLUSTER/run" "$CLUSTER/log" "$before"
    git archive "$commit" | tar -x -C "$before"
    cp -al vendor "$before/vendor"
    ln -s "$ROOT/node_modules" "$before/node_modules"
    (cd "$before" && npm run build) >"$CLUSTER/log/build.log" 2>&1 || { tail "$CLUSTER/log/build.log" >&2; fail "the version before could not be built"; }
    FESCUE_BENCH=1 cluster_start --nodes=1 --web=2
    at_web 2 stop_web
    FESCUE_CLUSTER=$CLUSTER "$before/fescue" cluster join web-2
    log="$CLUSTER/before.log"
    rm -f "$log" "$log".*
    (at_web 1 artisan fescue:makers "http://127.0.0.1:$(cluster_said PORT)" "$log" --seconds=40 --makers=4) || fail "a maker was left without an answer"
    at_web 1 artisan fescue:look "$log" || fail "what was acknowledged is not all there, once"
    if grep -qs . "$CLUSTER"/web-*/storage/logs/fescue.log; then fail "a version stumbled over what the other wrote; see $CLUSTER/web-*/storage/logs"; fi
    for asset in $( (cd public && ls build/assets/*; cd "$before/public" && ls build/assets/*) | sort -u); do
        for _ in 1 2 3; do curl -fs -o /dev/null "http://127.0.0.1:$(cluster_said PORT)/$asset" || fail "a page does not find $asset"; done
    done
    at_web 1 stop_web
    (cd "$before" && FESCUE_URL="http://127.0.0.1:$(cluster_said PORT)" npx playwright test -c ops/playwright.config.js --project=pages story.spec.js) \
        || fail "the story of the version before does not go on these tables"
    say "$(git log -1 --format='%h of %as' "$commit") works on today's tables, beside today's."
}

# One machine, then one, two and three web machines, one database that writes, then all; in the same run.
cluster_bench() {
    local web writers
    (bench_one)
    FESCUE_CLUSTER="$ROOT/var/bench-cluster" cluster_place
    CLUSTER_PORT=8780
    CLUSTER_DB_PORT=25580
    trap cluster_stop EXIT
    for writers in one all; do
        for web in 1 2 3; do
            [ $writers = one ] || [ $web = 2 ] || continue
            cluster_stop
            FESCUE_BENCH=1 cluster_start --nodes=3 --web=$web --writers=$writers --demo >/dev/null
            say "three databases, $writers writing, $web web machines:"
            at_web 1 artisan fescue:bench "http://127.0.0.1:$(cluster_said PORT)" --at-once
        done
    done
    say "a commit: $(echo "SHOW GLOBAL STATUS LIKE 'wsrep_local_commits'" | node_sql "$(some_node)" | cut -f 2) of them, certified on the average beside $(node_says "$(some_node)" wsrep_cert_deps_distance) others"
}

bench_one() {
    VAR="$ROOT/var/bench"
    FIRST_PORT=8280
    FIRST_DB_PORT=33260
    export FESCUE_VAR=$VAR
    trap stop_all EXIT
    mkdir -p "$VAR"
    set_env FESCUE_BENCH 1
    serve '' 1
    say "one machine:"
    artisan fescue:bench "http://127.0.0.1:$PORT" --at-once
}

# The one that HAProxy sends writes to: whoever has the application's connections.
writing_node() {
    local node best=1 most=-1 many
    for node in $(nodes); do
        many=$(echo "SELECT COUNT(*) FROM information_schema.processlist WHERE user = 'fescue'" | node_sql "$node" 2>/dev/null || echo 0)
        if [ "${many:-0}" -gt "$most" ]; then most=$many; best=$node; fi
    done
    printf '%s' "$best"
}

orphans() {
    local node
    node=$(some_node)
    echo "SELECT CONCAT('SELECT COUNT(*) FROM fescue.\`', table_name, '\` c LEFT JOIN fescue.\`', referenced_table_name, '\` p ON p.\`', referenced_column_name, '\` = c.\`', column_name, '\` WHERE c.\`', column_name, '\` IS NOT NULL AND p.\`', referenced_column_name, '\` IS NULL;') FROM information_schema.key_column_usage WHERE table_schema = 'fescue' AND referenced_table_name IS NOT NULL" \
        | node_sql "$node" | node_sql "$node" | paste -sd+ | bc
}

cluster() {
    local does=${1:-}
    [ $# -gt 0 ] && shift
    cluster_place
    case $does in
        start) cluster_start "$@" ;;
        stop) cluster_stop; say "Stopped." ;;
        status) cluster_status ;;
        kill) cluster_kill "$@" ;;
        cut) cluster_cut "$@" ;;
        join) cluster_join "$@" ;;
        restart) cluster_restart "$@" ;;
        adopt) cluster_adopt "$@" ;;
        backup) cluster_backup "$@" ;;
        before) cluster_before ;;
        *) cluster_usage; [ -z "$does" ] || exit 2 ;;
    esac
}
