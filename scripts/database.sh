# MariaDB, ours to start: private data directory, loopback only, short socket path. Sourced by ./rampart.

# Sockets have paths of at most 107 characters, whatever the checkout's own path is.
socket_dir() {
  local dir
  dir=${TMPDIR:-/tmp}/rampart-$(id -u)-$(printf %s "$ROOT" | sha256sum | cut -c1-8)
  mkdir -p -m 700 "$dir"
  [ -O "$dir" ] || die "$dir belongs to somebody else; remove it or set TMPDIR"
  echo "$dir"
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Takes a port for this process where nobody listens on it and nobody else who is starting has taken it: between finding a
# port and listening on it others start as well. What was taken is free again when whoever took it is gone.
claim_port() {
  local dir=${TMPDIR:-/tmp}/rampart-ports-$(id -u)
  mkdir -p -m 700 "$dir"
  (
    flock 8
    owner=$(cat "$dir/$1" 2>/dev/null || true)
    [ -z "$owner" ] || [ "$owner" = $$ ] || ! alive "$owner" || exit 1
    port_is_free "$1" || exit 1
    echo $$ >"$dir/$1"
  ) 8>"$dir/lock"
}

free_port() {
  local port=$1
  until claim_port "$port"; do
    port=$((port + 1))
    [ "$port" -le 65535 ] || die "no free port from $1 on"
  done
  echo "$port"
}

alive() { [ -n "${1:-}" ] && kill -0 "$1" 2>/dev/null; }

pid_in() { [ -f "$1" ] && cat "$1" || true; }

# Whether the process of this id is the one we started: its command line holds these words. An id in an old file may
# be somebody else's by now.
is_ours() { alive "$1" && tr '\0' ' ' <"/proc/$1/cmdline" 2>/dev/null | grep -qF -- "$2"; }

# The last lines of a log, for a person who has to find out what is wrong.
last_lines() {
  say "the last lines of $1:"
  # Stack frames tell a person nothing; what caused what stands between them.
  grep -vE '^[[:space:]]+(at |\.\.\. )' "$1" 2>/dev/null | grep -v '^$' | cut -c1-300 | tail -n 12 >&2 || true
}

random_password() { od -An -tx1 -N24 /dev/urandom | tr -d ' \n'; }

write_database_config() {
  local home=$1 port=$2 socket=$3
  (
    umask 077
    # Its temporary tables stand beside its data: in /tmp two that are made at once take each other's away.
    mkdir -p "$home/tmp"
    cat >"$home/my.cnf" <<CNF
[mariadbd]
datadir=$home/data
tmpdir=$home/tmp
socket=$socket
port=$port
bind-address=127.0.0.1
pid-file=$home/db.pid
log-error=$home/db.log
init-file=$home/setup.sql
skip-name-resolve
character-set-server=utf8mb4
collation-server=utf8mb4_unicode_ci
sql-mode=STRICT_ALL_TABLES,NO_ENGINE_SUBSTITUTION,ERROR_FOR_DIVISION_BY_ZERO,NO_ZERO_DATE,NO_ZERO_IN_DATE
innodb-flush-log-at-trx-commit=1
innodb-doublewrite=1
sync-binlog=1
innodb-buffer-pool-size=128M
performance-schema=OFF
max-connections=120
max-allowed-packet=16M
CNF
    local password
    password=$(cat "$home/password")
    cat >"$home/setup.sql" <<SQL
CREATE DATABASE IF NOT EXISTS rampart;
CREATE USER IF NOT EXISTS 'rampart'@'127.0.0.1' IDENTIFIED BY '$password';
ALTER USER 'rampart'@'127.0.0.1' IDENTIFIED BY '$password';
GRANT ALL ON rampart.* TO 'rampart'@'127.0.0.1';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$password';
DELETE FROM mysql.global_priv WHERE User = 'root' AND Host <> 'localhost';
FLUSH PRIVILEGES;
SQL
  )
}

# Starts the database of one house and sets RAMPART_DB_*. Data stays between runs, and so does the port: with "keep" it
# must not change, because an application that runs knows it.
start_database() {
  local home=$1 keep=${2:-} port socket as_root=()
  need_database
  mkdir -p -m 700 "$home"
  need_space "$home" 300
  if is_ours "$(pid_in "$home/db.pid")" "$home/my.cnf"; then
    port=$(sed -n 's/^port=//p' "$home/my.cnf")
  else
    [ -f "$home/password" ] || (umask 077 && random_password >"$home/password")
    [ "$(id -u)" != 0 ] || as_root=(--user=root)
    port=$(sed -n 's/^port=//p' "$home/my.cnf" 2>/dev/null || true)
    if [ -z "$port" ] || ! claim_port "$port"; then
      [ "$keep" != keep ] || die "the database has died, and port $port, which the application knows, is taken by something else; end that, or stop both with ./rampart stop"
      port=$(free_port 13306)
    fi
    socket=$(socket_dir)/$(basename "$home").sock
    rm -f "$home/db.pid"
    write_database_config "$home" "$port" "$socket"
    if [ ! -d "$home/data/mysql" ]; then
      say "making the database"
      rm -rf "$home/data"
      mariadb-install-db --defaults-file="$home/my.cnf" --auth-root-authentication-method=normal --skip-test-db \
        "${as_root[@]}" >"$home/install.log" 2>&1 || {
        last_lines "$home/install.log"
        die "the database could not be made"
      }
    fi
    : >"$home/db.log"
    rm -f "$home/db.kept"
    keep_database "$home" "${as_root[@]}" >>"$home/db.log" 2>&1 </dev/null 9>&- &
    local pid=$! waited=0
    disown
    until mariadb-admin --no-defaults --socket="$socket" -uroot ping >/dev/null 2>&1 && [ -f "$home/db.pid" ]; do
      if ! alive "$pid" || [ "$waited" -ge 600 ]; then
        last_lines "$home/db.log"
        die "the database did not start"
      fi
      sleep 0.1
      waited=$((waited + 1))
    done
    : >"$home/db.kept"
  fi
  export RAMPART_DB_URL=jdbc:mariadb://127.0.0.1:$port/rampart RAMPART_DB_USER=rampart
  RAMPART_DB_PASSWORD=$(cat "$home/password")
  export RAMPART_DB_PASSWORD
}

# Runs the database. One that ended by itself (it does where its disk is full) is started again until it stays, unless it was never there or is to stop.
keep_database() {
  local home=$1 code
  shift
  trap '' HUP
  while true; do
    code=0
    mariadbd --defaults-file="$home/my.cnf" "$@" || code=$?
    [ "$code" != 0 ] && [ -f "$home/db.kept" ] || return "$code"
    echo "$(date -u +%Y-%m-%dT%H:%M:%SZ) the database ended ($code) and is started again"
    sleep 3
  done
}

stop_database() {
  local home=$1 what=$2
  rm -f "$home/db.kept"
  end_process "$(pid_in "$home/db.pid")" "$home/my.cnf" "$what"
}

# Tenths of a second that a process has to end by itself.
LET_GO=400

# Ends a process of ours by its id and waits until it is gone. A server that is busy may take half a minute over what it has begun;
# what does not go by itself then is killed: all that was acknowledged is on disk by then.
end_process() {
  local pid=$1 words=$2 what=$3 waited=0
  is_ours "$pid" "$words" || return 0
  say "stopping $what"
  kill -TERM "$pid" 2>/dev/null || true
  while alive "$pid"; do
    sleep 0.1
    waited=$((waited + 1))
    if [ "$waited" = "$LET_GO" ] && is_ours "$pid" "$words"; then
      say "$what does not stop; killing it"
      kill -KILL "$pid" 2>/dev/null || true
    fi
    [ "$waited" -lt $((LET_GO + 40)) ] || die "$what (process $pid) does not stop"
  done
}
