# Tests in stages, each named before it runs; the first failure ends them.

STAGES=(lint core server web e2e)

# Seconds on two idle cores, as docs/README.md names them. A stage that takes longer says so and does not fail:
# the clock of a busy machine proves nothing.
declare -A BUDGET=([lint]=60 [core]=160 [server]=130 [web]=45 [e2e]=480)

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
    note "$stage is green, $(beside_budget "$stage" $((SECONDS - began)))"
  done
  say "All green: ${stages[*]}"
}

beside_budget() {
  local over=""
  [ "$2" -le "${BUDGET[$1]}" ] || over=", which it is over"
  echo "$2 s of a budget of ${BUDGET[$1]} s$over"
}

test_lint() {
  check_documents
  node_modules
  maven -q spotless:check && (cd web && npm run --silent types >/dev/null && npm run --silent lint)
}

# Every decision is dated and listed, every budget is named, and every link between documents leads somewhere.
check_documents() {
  local file link stage
  for file in docs/decisions/*.md; do
    grep -qE '^Decided 20[0-9]{2}-[0-9]{2}-[0-9]{2}\. ' "$file" || fail "$file does not say when it was decided." \
      "Write below its title: Decided 2026-12-01. Stands."
    grep -q "decisions/$(basename "$file")" docs/README.md || fail "$file is not listed in docs/README.md."
  done
  for stage in "${STAGES[@]}"; do
    grep -q "^| $stage | ${BUDGET[$stage]} s |" docs/README.md || fail "docs/README.md names another budget for $stage."
  done
  for file in README.md CONTRIBUTING.md CHANGELOG.md docs/*.md docs/*/*.md; do
    while read -r link; do
      [ -e "$(dirname "$file")/$link" ] || fail "$file links to $link, which is not there."
    done < <(grep -oE '\]\([^)#:]+' "$file" | cut -c3-)
  done
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
  need_age
  build && maven -pl e2e verify | summary
}

# What the test runner said, without the rest; the pipe keeps its exit code.
summary() {
  grep -E '^\[(INFO|ERROR|WARNING)\] (Tests run|Running|BUILD|  )|FAIL|ERROR' || true
}
