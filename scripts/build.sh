# Builds the application when its sources changed, and lays it out for a quick start.
#
#   target/kettle/run/        the extracted application (starts faster than one fat jar)
#   target/kettle/app.jsa     class-data archive of a training start
#   target/kettle/sources     fingerprint of what it was built from
#   target/kettle/schema      number of the newest step of its tables
#
# Laid elsewhere without its sources, all of that stands beside the script.

BUILT=$ROOT/target/kettle
PROGRAM=$BUILT
[ -e "$ROOT/pom.xml" ] || PROGRAM=$ROOT

fingerprint() {
  find scripts/build.sh pom.xml core/pom.xml core/src/main server/pom.xml server/openapi.json server/src/main web/pom.xml web/package.json \
    web/package-lock.json web/index.html web/vite.config.ts web/src web/public -type f -not -path '*/generated/*' -print0 2>/dev/null |
    sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}

# Only when the lock file changed: npm ci throws everything away and loads it anew.
node_modules() {
  [ web/node_modules/.package-lock.json -nt web/package-lock.json ] ||
    (cd web && npm ci --no-audit --no-fund --loglevel=error)
}

build() {
  [ "$PROGRAM" = "$BUILT" ] || return 0
  local sources
  sources=$(fingerprint)
  mkdir -p "$BUILT"
  # Two starts at once build once.
  exec 8>"$BUILT/lock"
  flock 8
  [ "$(cat "$BUILT/sources" 2>/dev/null)" = "$sources" ] || build_anew "$sources"
  archive_classes "$BUILT"
  exec 8>&-
}

# For what works on the data alone: a running application must not lose its program under its feet.
build_once() { [ -e "$PROGRAM/run/app.jar" ] || build; }

build_anew() {
  local sources=$1
  # Maven takes a repackaged jar for a current one, and would keep files of the web that have new names by now.
  rm -rf web/target server/target/server-*.jar*
  say "Building (the first time this loads libraries and takes some minutes)"
  { node_modules && maven -pl core,web,server -DskipTests -Dnpm.ci.skip package; } >"$BUILT/build.log" 2>&1 || {
    tail -n 40 "$BUILT/build.log" >&2
    fail "The build failed." "The whole of it is in $BUILT/build.log"
  }
  rm -rf "$BUILT/run" "$BUILT/app.jsa" "$BUILT/sources"
  java -Djarmode=tools -jar server/target/server-*.jar extract --destination "$BUILT/run" >/dev/null
  mv "$BUILT"/run/server-*.jar "$BUILT/run/app.jar"
  # Most steps are SQL; one that needs a rule of core is Java, and says its number itself.
  {
    find server/src/main/resources/db/migration -name 'V*__*.sql' -printf '%f\n' | sed -E 's/^V([0-9]+)__.*/\1/'
    grep -rhoE 'MigrationVersion\.fromVersion\("[0-9]+"\)' server/src/main/java | grep -oE '[0-9]+'
  } | sort -n | tail -n 1 >"$BUILT/schema"
  echo "$sources" >"$BUILT/sources"
}

# archive_classes DIR: a start that ends by itself and writes down which classes it needed, good for just that folder.
# Without the archive the start is only slower.
archive_classes() {
  [ ! -e "$1/app.jsa" ] || return 0
  note "Preparing quick starts"
  java -XX:ArchiveClassesAtExit="$1/app.jsa.new" -XX:+UseSerialGC -Xlog:cds=off -Xlog:cds+dynamic=off \
    -Dspring.context.exit=onRefresh -jar "$1/run/app.jar" >/dev/null 2>&1 || true
  [ ! -e "$1/app.jsa.new" ] || { chmod 644 "$1/app.jsa.new" && mv "$1/app.jsa.new" "$1/app.jsa"; }
}

maven() {
  mvn -B -ntp -Dstyle.color=never "$@"
}

format_sources() {
  need_tools
  maven -q spotless:apply
  (cd web && npm run --silent format)
}

write_api() {
  need_tools
  maven -q -Dweb.skip -DskipTests -pl core,web -am install
  maven -q -Dweb.skip -pl server test -Dtest=OpenApiTest -Dkettle.api.write=true -Dsurefire.failIfNoSpecifiedTests=false
  note "server/openapi.json is written"
}

take_pictures() {
  need_tools
  need_chromium
  build && maven -pl e2e verify -Dit.test=Pictures -Dsurefire.failIfNoSpecifiedTests=false | summary
}
