# Benchmarks: figures, never a verdict on time.

run_bench() {
  local what=${1:-} faults=200 attacks=3000 jobs=10000 seed=20
  [ $# -eq 0 ] || shift
  while [ $# -gt 0 ]; do
    case "$1" in
      --faults) faults=${2:?} && shift 2 ;;
      --attacks) attacks=${2:?} && shift 2 ;;
      --jobs) jobs=${2:?} && shift 2 ;;
      --seed) seed=${2:?} && shift 2 ;;
      *) fail "'$1' is not an option of bench." ;;
    esac
  done
  case "$what" in
    kill)
      need_tools
      build
      say "Letting $faults things happen to a shop while six people write, seed $seed; interrupted, the same command goes on"
      maven -pl e2e verify -Dit.test=KillIT -Dsurefire.failIfNoSpecifiedTests=false -Dkettle.people=6 \
        -Dkettle.kept=/tmp/kettle-kill-$seed -Dkettle.faults="$faults" -Dkettle.seed="$seed" | grep --line-buffered -E 'kill|Tests run|FAIL|ERROR' ;;
    carry)
      need_tools
      say "Carrying out the plans of $jobs arbitrary jobs to the letter, a hundredth of that with heat computed, and 2000 spoilt ones"
      maven -pl core test -Dtest=CarriedOutTest -Dcarry.tell=true -Dcarry.jobs="$jobs" -Dcarry.heated=$((jobs / 100)) -Dcarry.spoilt=2000 |
        grep --line-buffered -E '^carry|Tests run|FAIL|ERROR' ;;
    art)
      need_tools
      say "Reading all drawings of four open packages, and holding every colour against a renderer's (half an hour)"
      maven -pl core test -Dtest=OpenDrawingsTest -Dart.tell=true -Dart.every=1 | grep --line-buffered -E '^art|Tests run|FAIL|ERROR' ;;
    look)
      need_tools
      need_chromium
      build
      say "Script, first paint, shifts and long tasks of Today and a new ticket"
      maven -pl e2e verify -Dit.test=FirstPaint -Dsurefire.failIfNoSpecifiedTests=false | grep --line-buffered -E '^look|Tests run|FAIL|ERROR' ;;
    attack)
      need_tools
      build
      say "Sending $attacks hostile requests, seed $seed"
      maven -pl e2e verify -Dit.test=AttackIT -Dsurefire.failIfNoSpecifiedTests=false \
        -Dkettle.attacks="$attacks" -Dkettle.seed="$seed" | grep --line-buffered -E 'attack|Tests run|FAIL|ERROR' ;;
    heat)
      need_tools
      build_bench
      say "Timing the heat computation on $(nproc) cores, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main HeatBenchmarks ;;
    plan)
      need_tools
      build
      build_bench
      say "All media on five presses, in one process, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main AllMediaAndPresses
      over_http PlanOverHttp "Planning over HTTP" ;;
    window)
      need_tools
      build
      build_bench
      say "Whole windows and what-ifs on $(nproc) cores, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main WindowBenchmarks
      over_http WhatIfOverHttp "What-ifs and windows over HTTP" ;;
    crowd)
      need_tools
      build
      build_bench
      over_http CrowdOverHttp "Forty clients that plan" ;;
    years)
      need_tools
      build
      build_bench
      over_years ;;
    cut)
      need_tools
      build_bench
      say "Reading and weeding worn designs on $(nproc) cores, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main WeedBenchmarks
      say "Taking shapes apart that lie on one another, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main CoatBenchmarks
      say "Laying pieces of sheets without waste, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main LayBenchmarks ;;
    day)
      need_tools
      build_bench
      say "Interleaving the pieces of orders, load $(cut -d' ' -f1 /proc/loadavg)"
      bench_main DayBenchmarks ;;
    mutation)
      need_tools
      say "Changing the rules in every small way, and counting what their own test notices"
      mutations -DtargetClasses='velvetkettle.core.plan.rule.*' -DtargetTests=velvetkettle.core.plan.rule.RulesTest
      say "The same with all of the planner and its tests (an hour)"
      mutations ;;
    *) fail "There is no benchmark '$what'." "There are: ./kettle bench heat, ./kettle bench plan, ./kettle bench window, ./kettle bench cut, ./kettle bench day, ./kettle bench art, ./kettle bench mutation, ./kettle bench carry, ./kettle bench kill, ./kettle bench look, ./kettle bench attack, ./kettle bench years, ./kettle bench crowd" ;;
  esac
}

build_bench() {
  maven -q -DskipTests -Dweb.skip -pl bench -am package dependency:build-classpath -Dmdep.outputFile=target/classpath
}

# A temporary folder of its own: two runs must not share the benchmark tool's lock.
mutations() {
  maven -pl core -P mutation test-compile org.pitest:pitest-maven:mutationCoverage "$@" |
    grep -E '^>> |Score|mutations|ERROR|BUILD'
}

bench_main() {
  local main=$1 folder
  shift
  folder=$(mktemp -d)
  java -Djava.io.tmpdir="$folder" -cp "bench/target/classes:$(cat bench/target/classpath)" "velvetkettle.bench.$main" "$@"
  rm -rf "$folder"
}

# An application of its own, opened empty, that gets ten years of data in between.
over_years() {
  local folder port=8497 press script
  folder=$(mktemp -d)
  chmod 755 "$folder"
  "$ROOT/kettle" start --data "$folder/data" --port "$port" --no-demo >"$folder/log" 2>&1 &
  for _ in $(seq 120); do
    curl -fs "http://127.0.0.1:$port/api/presses" >/dev/null 2>&1 && break
    sleep 1
  done
  press=$(curl -fs "http://127.0.0.1:$port/api/presses" | grep -o '"id":"[^"]*"' | head -1 | cut -d'"' -f4)
  script=("$POSTGRES_HOMES/$(cat "$folder/data/postgres/PG_VERSION")/bin/psql" -q -v ON_ERROR_STOP=1 -h 127.0.0.1
    -p "$(sed -n 4p "$folder/data/postgres/postmaster.pid")" -U kettle -d kettle -f "$ROOT/bench/src/main/resources/years.sql" -v)
  say "Ten years of data on $(nproc) cores, load $(cut -d' ' -f1 /proc/loadavg)"
  PGPASSWORD=$(cat "$folder/data/password") bench_main YearsOverHttp "http://127.0.0.1:$port" "$press" "${script[@]}"
  "$ROOT/kettle" stop --data "$folder/data" >/dev/null
  rm -rf "$folder"
}

# An application of its own with the demo shop, on a free port, taken away afterwards.
over_http() {
  local main=$1 what=$2 folder port=8497 press
  folder=$(mktemp -d)
  chmod 755 "$folder"
  "$ROOT/kettle" start --data "$folder/data" --port "$port" >"$folder/log" 2>&1 &
  for _ in $(seq 120); do
    curl -fs "http://127.0.0.1:$port/api/presses" >/dev/null 2>&1 && break
    sleep 1
  done
  press=$(curl -fs "http://127.0.0.1:$port/api/presses" | grep -o '"id":"[^"]*"' | head -1 | cut -d'"' -f4)
  say "$what on $(nproc) cores, load $(cut -d' ' -f1 /proc/loadavg)"
  bench_main "$main" "http://127.0.0.1:$port" "$press"
  "$ROOT/kettle" stop --data "$folder/data" >/dev/null
  rm -rf "$folder"
}
