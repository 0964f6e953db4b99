# Finds or installs the tools, and builds. Sourced by ./rampart.

say() { printf 'rampart: %s\n' "$*" >&2; }
die() {
  printf 'rampart: %s\n' "$*" >&2
  exit 1
}

# Enough room on the disk of this folder, MB; half a build or half a database helps nobody.
need_space() {
  local free
  free=$(df -Pm "$1" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$2" ] || die "the disk is nearly full: $1 has $free MB left and needs $2"
}

# Debian packages, once: install what is named, saying why.
install_packages() {
  local why=$1 as_root=()
  shift
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null || die "$why is missing and there is no way to install it: run as root, install sudo, or install these Debian packages yourself: $*"
    as_root=(sudo)
  fi
  command -v apt-get >/dev/null || die "$why is missing and there is no apt-get here; install it yourself: $*"
  say "installing $why: $*"
  if [ -z "${APT_UPDATED:-}" ]; then
    "${as_root[@]}" apt-get update -qq >&2 || die "apt-get update failed; is there a network and the right to install?"
    APT_UPDATED=yes
  fi
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2 ||
    die "$why could not be installed; what apt-get said stands above"
}

java_version() { "$1" -version 2>&1 | sed -nE 's/^javac ([0-9]+).*/\1/p'; }

need_jdk() {
  if [ -n "${JAVA_HOME:-}" ] && [ -x "$JAVA_HOME/bin/javac" ]; then
    PATH=$JAVA_HOME/bin:$PATH
  fi
  if ! command -v javac >/dev/null || [ "$(java_version javac)" -lt 17 ]; then
    install_packages "a JDK, 17 or later," default-jdk-headless
    unset JAVA_HOME
    hash -r
  fi
  [ "$(java_version javac)" -ge 17 ] || die "Rampart needs a JDK of 17 or later; $(command -v javac) is $(java_version javac)"
}

need_maven() { command -v mvn >/dev/null || install_packages Maven maven; }

node_is_new_enough() {
  local version major minor
  version=$(node -v 2>/dev/null) || return 1
  major=${version#v}
  minor=${major#*.}
  major=${major%%.*}
  minor=${minor%%.*}
  [ "$major" -gt 22 ] || { [ "$major" = 22 ] && [ "$minor" -ge 12 ]; } || { [ "$major" = 20 ] && [ "$minor" -ge 19 ]; }
}

# Debian 12 has Node 18; the npm package "node" brings a newer one into .rampart/ without touching the machine's.
need_node() {
  local own=$STATE/node/node_modules
  [ -x "$own/.bin/node" ] && PATH=$own/.bin:$PATH
  if ! node_is_new_enough || ! command -v npm >/dev/null; then
    command -v npm >/dev/null || install_packages "Node and npm" nodejs npm
    if ! node_is_new_enough; then
      say "Node here is $(node -v 2>/dev/null || echo missing), older than 20.19; taking one from npm into .rampart/node"
      mkdir -p "$STATE/node"
      npm install --prefix "$STATE/node" --no-audit --no-fund --loglevel=error node@22.22.0 npm@10.9.4 >&2 ||
        npm install --prefix "$STATE/node" --no-audit --no-fund --loglevel=error node@22 npm@10 >&2 ||
        die "Node could not be fetched from the npm registry"
      PATH=$own/.bin:$PATH
      hash -r
      node_is_new_enough || die "the Node in .rampart/node is $(node -v), older than 20.19"
    fi
  fi
  export PATH
}

need_database() {
  PATH=$PATH:/usr/sbin
  command -v mariadbd >/dev/null && command -v mariadb-install-db >/dev/null || install_packages MariaDB mariadb-server
}

need_browser() {
  [ -x /usr/bin/chromium ] && [ -x /usr/bin/chromedriver ] ||
    install_packages "Chromium and its driver, for the browser tests" chromium chromium-driver
}

need_pdf_readers() {
  command -v pdftotext >/dev/null && command -v pdftoppm >/dev/null ||
    install_packages "readers for the PDF files we write" poppler-utils
}

need_drawing_readers() {
  command -v zbarimg >/dev/null ||
    install_packages "a reader for the bar codes we print" zbar-tools
  /usr/bin/python3 -c 'import ezdxf' 2>/dev/null ||
    install_packages "a reader for the DXF files we write" python3 python3-ezdxf
}

# Faces for scripts that the application's own do not have, on the PDF page.
need_fonts() {
  [ -f /usr/share/fonts/truetype/dejavu/DejaVuSans.ttf ] && [ -f /usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf ] ||
    install_packages "fonts for pages in other scripts" fonts-dejavu-core fonts-droid-fallback
}

# A number that changes when anything that goes into the application does.
sources_hash() {
  (
    cd "$ROOT"
    # A file deleted but not yet committed is still listed: it has no sum, and that is a change as well.
    git ls-files -co --exclude-standard -z -- pom.xml .mvn core formats web server ':!*/src/test/*' |
      { xargs -0 sha256sum 2>/dev/null || true; } | sha256sum | cut -d' ' -f1
  )
}

build() {
  local hash
  hash=$(sources_hash)
  if [ -f "$APP/built-from" ] && [ "$(cat "$APP/built-from")" = "$hash" ]; then
    return
  fi
  need_space "$ROOT" 1000
  need_jdk
  need_maven
  need_node
  say "building; the first time takes a few minutes"
  # Maven leaves a jar alone whose own classes did not change, even when the jars inside it did.
  rm -f "$ROOT/server/target/rampart.jar" "$ROOT/server/target/rampart.jar.original"
  (cd "$ROOT" && mvn -q -B -ntp -Dmaven.test.skip=true -Dspotless.check.skip -pl core,formats,web,server package >&2) || die "the build failed; what Maven said stands above"
  rm -rf "$APP"
  java -Djarmode=tools -jar "$ROOT/server/target/rampart.jar" extract --destination "$APP" >&2

  echo "$hash" >"$APP/built-from"
}

build_quietly() {
  need_jdk
  build
}

# Where JMH finds the benchmarks and what they need; builds them first.
bench_classpath() {
  (
    cd "$ROOT"
    mvn -q -B -ntp -pl core,formats,bench -DskipTests -Dspotless.check.skip test-compile dependency:build-classpath \
      -Dmdep.outputFile=target/classpath >&2
    echo "bench/target/classes:$(cat bench/target/classpath)"
  )
}
