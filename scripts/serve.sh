# Starts and stops a house: database and application. Sourced by ./rampart.

serve() {
  local kind=$1 detach=$2 port=$3 home=$STATE/$1
  mkdir -p -m 700 "$STATE"
  mkdir -p -m 700 "$home"
  if is_ours "$(pid_in "$home/server.pid")" "$home/run.json" && [ -f "$home/run.json" ]; then
    if answers "$home"; then
      say "already running"
      # A database that died under a running application is started again, at the port the application knows.
      [ -n "${RAMPART_DB_URL:-}" ] || [ ! -f "$home/my.cnf" ] || start_database "$home" keep
      tell "$kind"
      return
    fi
    say "the application ($kind) runs and does not answer; starting it again"
    stop_house "$kind"
  fi
  # One start at a time; what is started does not inherit the lock.
  exec 9>"$home/lock"
  flock -n 9 || die "another start of the $kind is under way; wait for it or end it first"
  trap 'trap "" INT TERM; stop_house '"$kind"'; exit 130' INT TERM
  if [ -n "$port" ]; then
    claim_port "$port" || die "port $port is taken; name another with --port, or leave it out"
  fi
  need_jdk
  need_fonts
  build
  if [ -z "${RAMPART_DB_URL:-}" ]; then
    start_database "$home"
  fi
  [ -n "$port" ] || port=$(free_port 8080)
  rm -f "$home/run.json"
  # With policy 1 the threads of searches, which ask for the lowest priority, give way to everything else.
  # Only what runs very often, as searches do, is worth the best compiler's time: a fresh house full of people was
  # slow for its first minute while everything was compiled twice (docs/performance.md).
  # Out of memory it ends, with a word in the log, and is started again: a server of which some threads are gone answers nobody.
  local options=(-XX:+UseSerialGC "-Xmx${RAMPART_HEAP:-512m}" -XX:+ExitOnOutOfMemoryError -XX:ThreadPriorityPolicy=1 -Xlog:cds=off -Xlog:cds+dynamic=off)
  options+=(-XX:Tier4InvocationThreshold=50000 -XX:Tier4MinInvocationThreshold=20000 -XX:Tier4CompileThreshold=150000)
  [ -f "$APP/classes.jsa" ] && options+=(-XX:SharedArchiveFile="$APP/classes.jsa") || options+=(-XX:ArchiveClassesAtExit="$APP/classes.jsa")
  local settings=(--rampart.run-file="$home/run.json")
  [ -n "${RAMPART_DB_URL:-}" ] && [ ! -f "$home/my.cnf" ] || settings+=(--rampart.data-folder="$home")
  [ "$kind" = demo ] && settings+=(--rampart.demo=true --rampart.demo-packs="$ROOT/demo/packs")
  : >"$home/server.log"
  chmod 600 "$home/server.log"
  (cd "$APP" && RAMPART_PORT=$port keep_server "$home" java "${options[@]}" -jar rampart.jar "${settings[@]}") >>"$home/server.log" 2>&1 </dev/null 9>&- &
  local pid=$! waited=0
  [ "$detach" = no ] || disown
  until [ -f "$home/run.json" ]; do
    if ! alive "$pid" || [ "$waited" -ge 1200 ]; then
      last_lines "$home/server.log"
      stop_house "$kind"
      die "the application did not start"
    fi
    sleep 0.1
    waited=$((waited + 1))
  done
  exec 9>&-
  tell "$kind"
  if [ "$detach" = yes ]; then
    trap - INT TERM
    return
  fi
  say "Ctrl+C stops it"
  trap 'trap "" INT TERM; stop_house '"$kind"'; exit 0' INT TERM
  while alive "$pid"; do
    wait "$pid" || true
  done
  last_lines "$home/server.log"
  stop_house "$kind"
  die "the application ended by itself"
}

# What the JVM ends with when it is out of memory.
OUT_OF_MEMORY=3

# Runs the application; out of memory it is started again, unless that was within a minute of its start.
keep_server() {
  local home=$1 code began
  shift
  trap '' HUP
  while true; do
    began=$SECONDS
    "$@" &
    echo $! >"$home/server.pid"
    code=0
    wait $! || code=$?
    [ "$code" = "$OUT_OF_MEMORY" ] && [ $((SECONDS - began)) -ge 60 ] || return "$code"
    echo "$(date -u +%Y-%m-%dT%H:%M:%SZ) Rampart was out of memory and is started again. What was being worked on is lost, nothing that was saved is."
  done
}

# Whether the application of this house answers within some seconds; it may just be starting its database again.
answers() {
  local port tries
  port=$(sed -nE 's#^ *"url" *: *"http://[^:]*:([0-9]+)/.*#\1#p' "$1/run.json")
  [ -n "$port" ] || return 1
  for tries in 1 2 3; do
    timeout 5 bash -c 'exec 3<>"/dev/tcp/127.0.0.1/$0" && printf "GET /actuator/health HTTP/1.0\r\nHost: 127.0.0.1:$0\r\n\r\n" >&3 && head -c 5 <&3 | grep -q HTTP/' "$port" 2>/dev/null && return 0
    sleep 1
  done
  return 1
}

# How to get in.
tell() {
  local home=$STATE/$1
  sed -nE 's/^ *"url" *: *"([^"]*)".*/\nRampart answers at \1\n/p' "$home/run.json"
  sed -nE 's/^ *"name" *: *"([^"]*)".*/  sign in as \1/p; s/^ *"password" *: *"([^"]*)".*/    password  \1/p' "$home/run.json"
  grep -h '^First start:' "$home/server.log" || true
}

stop_house() {
  local home=$STATE/$1
  end_process "$(pid_in "$home/server.pid")" "$home/run.json" "the application ($1)"
  rm -f "$home/server.pid" "$home/run.json"
  stop_database "$home" "the database ($1)"
}

# Writes a house to an archive or brings one back; its database is started for the time where it does not run.
archive() {
  local command=$1 kind=$2 file=$3 home=$STATE/$2 started=no done=0
  [ "$command" = backup ] || [ -f "$file" ] || die "there is no file $file"
  [ "$command" = backup ] || ! is_ours "$(pid_in "$home/server.pid")" "$home/run.json" ||
    die "the application ($kind) runs; stop it first with ./rampart stop. Nothing was changed"
  build_quietly
  if [ -z "${RAMPART_DB_URL:-}" ]; then
    [ "$command" = restore ] || [ -d "$home/data/mysql" ] || die "there is no $kind yet, so nothing to write"
    is_ours "$(pid_in "$home/db.pid")" "$home/my.cnf" || started=yes
    start_database "$home"
  fi
  java -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -cp "$APP/rampart.jar" rampart.server.archive.ArchiveCommand "$command" "$file" || done=$?
  [ "$started" = no ] || stop_database "$home" "the database ($kind)"
  return "$done"
}

stop_all() {
  local demo failed=0
  stop_house demo &
  demo=$!
  stop_house house || failed=1
  wait "$demo" || failed=1
  [ "$failed" = 0 ] || exit 1
  say "nothing of Rampart runs in this checkout now"
}

# Runs a class of the server's tests against the running demo, starting one for the time if there is none.
with_demo() {
  local class=$1 started=no
  shift
  if [ ! -f "$STATE/demo/run.json" ]; then
    started=yes
    serve demo yes ""
  fi
  need_maven
  (
    cd "$ROOT"
    mvn -q -B -ntp -pl core,formats,web,server -DskipTests -Dspotless.check.skip test-compile dependency:build-classpath \
      -Dmdep.outputFile=target/test.classpath -Dmdep.includeScope=test
    # Compiled quickly, not well: on the same cores as what is measured.
    java -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -cp "server/target/test-classes:server/target/classes:$(cat server/target/test.classpath)" "$class" "$STATE/demo/run.json" "$@"
  )
  [ "$started" = no ] || stop_house demo
}
