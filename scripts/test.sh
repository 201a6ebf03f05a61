# Tests in stages, each named before it runs; the first failure ends them.

STAGES=(lint core server web e2e)

run_tests() {
  local stages=("$@") stage began
  [ $# -gt 0 ] || stages=("${STAGES[@]}")
  for stage in "${stages[@]}"; do
    [[ " ${STAGES[*]} " == *" $stage "* ]] || fail "There is no stage '$stage'." "Stages: ${STAGES[*]}"
  done
  need_tools
  for stage in "${stages[@]}"; do
    began=$SECONDS
    say "Testing: $stage"
    "test_$stage" || fail "The stage '$stage' failed." "Run it alone: ./kettle test $stage"
    note "$stage is green, $((SECONDS - began)) s"
  done
  say "All green: ${stages[*]}"
}

test_lint() {
  node_modules
  maven -q spotless:check && (cd web && npm run --silent types >/dev/null && npm run --silent lint)
}

# The benchmarks are not run, but they have to go on compiling.
test_core() {
  maven -pl core -am install | summary && maven -q -pl bench compile
}

# The server's tests need no web files; they start a PostgreSQL of their own.
test_server() {
  maven -q -Dweb.skip -DskipTests -pl core,web -am install && maven -Dweb.skip -pl server test | summary
}

test_web() {
  node_modules
  (cd web && npm run --silent check && npm run --silent test)
}

# The packaged application, started by ./kettle start in a folder of its own.
test_e2e() {
  need_chromium
  build && maven -pl e2e verify | summary
}

# What the test runner said, without the rest; the pipe keeps its exit code.
summary() {
  grep -E '^\[(INFO|ERROR|WARNING)\] (Tests run|Running|BUILD|  )|FAIL|ERROR' || true
}
