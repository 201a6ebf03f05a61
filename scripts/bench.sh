# Benchmarks: figures, never a verdict on time.

run_bench() {
  local what=${1:-} kills=50 seed=20
  [ $# -eq 0 ] || shift
  while [ $# -gt 0 ]; do
    case "$1" in
      --kills) kills=${2:?} && shift 2 ;;
      --seed) seed=${2:?} && shift 2 ;;
      *) fail "'$1' is not an option of bench." ;;
    esac
  done
  case "$what" in
    kill)
      need_tools
      build
      say "Killing the application $kills times, seed $seed"
      maven -pl e2e verify -Dit.test=KillIT -Dsurefire.failIfNoSpecifiedTests=false \
        -Dkettle.kills="$kills" -Dkettle.seed="$seed" | grep -E 'kill|Tests run|FAIL|ERROR' ;;
    *) fail "There is no benchmark '$what'." "There is: ./kettle bench kill" ;;
  esac
}
